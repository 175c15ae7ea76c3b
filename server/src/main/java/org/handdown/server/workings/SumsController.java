package org.handdown.server.workings;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Ring;
import org.handdown.measure.LengthUnit;
import org.handdown.panel.Panel;
import org.handdown.pattern.BiasStrips;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.Typed;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sums for closures, strips and bindings; nothing is stored. */
@RestController
@RequestMapping("/api")
class SumsController {
    private final ProjectService projects;

    SumsController(ProjectService projects) {
        this.projects = projects;
    }

    record SumFieldView(String id, String words, boolean length, String usual) {}

    record SumView(Sums id, String words, List<SumFieldView> fields) {}

    @GetMapping("/sums")
    List<SumView> sums() {
        return Arrays.stream(Sums.values())
                .map(s -> new SumView(
                        s,
                        s.words(),
                        s.fields().stream()
                                .map(f -> new SumFieldView(f.id(), f.words(), f.length(), f.usual()))
                                .toList()))
                .toList();
    }

    record SumRequest(
            @Nullable Sums sum,
            @Nullable LengthUnit unit,
            @Nullable Map<String, String> values) {}

    /** @param marks in words, and {@code marksMm} along a line of {@code lineMm} */
    record SumResultView(List<String> sentences, List<String> marks, List<Double> marksMm, double lineMm) {}

    @PostMapping("/sums")
    SumResultView work(@RequestBody SumRequest body) {
        LengthUnit unit = body.unit == null ? LengthUnit.CM : body.unit;
        Say say = new Say(unit);
        Sums.Result result = Typed.require("sum", body.sum)
                .work(new Sums.Input(new Typed(unit), body.values == null ? Map.of() : body.values));
        return new SumResultView(
                result.sentences().stream().map(say::sentence).toList(),
                result.marksMm().stream().map(say::length).toList(),
                result.marksMm(),
                result.lineMm());
    }

    /**
     * @param finished width of the binding, or the cord's girth
     * @param folds 4 for a double-fold binding, 1 for piping
     */
    record BiasRequest(
            @Nullable String finished,
            int folds,
            @Nullable String allowance,
            @Nullable String wanted,
            boolean slantedJoins,
            boolean fromPanels) {}

    record BiasStripView(int scrap, String length, List<double[]> outline) {}

    record ScrapView(String name, List<double[]> outline) {}

    record BiasView(String width, List<String> sentences, List<BiasStripView> strips, List<ScrapView> scraps) {}

    /** Real bias strips inside what is left of the lay, or inside whole panels. */
    @PostMapping("/projects/{id}/sums/bias")
    BiasView bias(ProjectOf of, @RequestBody BiasRequest body) {
        Project project = projects.project(of);
        Say say = Say.to(project);
        Typed typed = new Typed(say.unit());
        double allowance = typed.mm("bias.allowance", body.allowance);
        double cut =
                BiasStrips.cutWidthMm(typed.mm("bias.finished", body.finished), Math.max(1, body.folds), allowance);
        double join = body.slantedJoins ? BiasStrips.slantedJoinMm(allowance) : cut;
        List<ScrapView> scraps = new ArrayList<>();
        List<Ring> rings = new ArrayList<>();
        List<Double> grains = new ArrayList<>();
        List<Panel> panels = projects.room(project).panels();
        Lay lay = project.lay();
        if (body.fromPanels || lay == null) {
            panels.forEach(p -> add(p.name(), p.outline().ring(), p.grainDeg(), scraps, rings, grains));
        } else {
            lay.layout().remnants().forEach(r -> {
                double grain = lay.problem().panels().stream()
                        .filter(p -> p.id().equals(r.panel()))
                        .findFirst()
                        .map(org.handdown.fit.FitPanel::grainDeg)
                        .orElse(90.0);
                add(r.panel(), r.outline(), grain, scraps, rings, grains);
            });
        }
        if (rings.isEmpty()) {
            throw new NotThereException("There is no cloth yet: measure panels, or lay the pieces first.");
        }
        BiasStrips strips = BiasStrips.of(rings, grains, cut, join);
        double wanted = Typed.text(body.wanted).isEmpty() ? 0 : typed.mm("bias.wanted", body.wanted);
        return new BiasView(
                say.length(cut),
                strips.sentences(wanted).stream().map(say::sentence).toList(),
                strips.strips().stream()
                        .map(s -> new BiasStripView(
                                s.scrap(),
                                say.length(s.lengthMm()),
                                Say.points(s.outline().points())))
                        .toList(),
                scraps);
    }

    private static void add(
            String name, Ring ring, double grain, List<ScrapView> scraps, List<Ring> rings, List<Double> grains) {
        if (rings.size() < 40) {
            scraps.add(new ScrapView(name, Say.points(ring.points())));
            rings.add(ring);
            grains.add(grain);
        }
    }
}
