package org.handdown.server.workings;

import java.util.Arrays;
import java.util.List;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.QuantityKind;
import org.handdown.project.Project;
import org.handdown.reuse.ButtonRow;
import org.handdown.reuse.Coincidence;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.web.NotThereException;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a figure means, buttons spaced again, two finished edges on one panel; nothing is stored. */
@RestController
@RequestMapping("/api")
class ClosingController {
    private final ProjectService projects;

    ClosingController(ProjectService projects) {
        this.projects = projects;
    }

    /** @param meaning the change or size it means, as text */
    record QuantityView(
            QuantityKind kind,
            String words,
            QuantityKind.Effect effect,
            int multiplier,
            String meaning,
            String sentence) {}

    record QuantityRequest(@Nullable String text, @Nullable LengthUnit unit) {}

    /** What one number would mean, whichever kind of quantity it is. */
    @PostMapping("/quantities")
    List<QuantityView> quantities(@RequestBody QuantityRequest body) {
        LengthUnit unit = body.unit == null ? LengthUnit.CM : body.unit;
        var said = new Typed(unit).length("quantity.text", body.text);
        return Arrays.stream(QuantityKind.values())
                .map(k -> new QuantityView(
                        k,
                        k.words(),
                        k.effect(),
                        k.multiplier(),
                        new Say(unit).field(k.meaning(said).mm()),
                        k.sentence(said, unit)))
                .toList();
    }

    record ButtonsRequest(
            @Nullable String keeper,
            @Nullable String length,
            @Nullable String top,
            @Nullable String end,
            @Nullable String fullest,
            int set) {}

    record MarkView(double mm, String at, boolean existing) {}

    record ButtonsView(
            double lengthMm,
            double oldLengthMm,
            double fromMm,
            String from,
            List<MarkView> marks,
            List<Double> oldMm,
            List<String> sentences) {}

    /** Buttons of a kept placket spaced again for a new length. */
    @PostMapping("/projects/{id}/buttons")
    ButtonsView buttons(ProjectOf of, @RequestBody ButtonsRequest body) {
        StoredProject stored = projects.require(of);
        Project project = stored.project();
        Say say = Say.to(project);
        Typed typed = new Typed(say.unit());
        Anatomy anatomy =
                stored.room().anatomy().orElseThrow(() -> new NotThereException("Say first what the source is."));
        Closure closure = anatomy.closures().stream()
                .filter(c -> (c.part() + "/" + c.edge()).equals(body.keeper))
                .findFirst()
                .orElseThrow(() -> new NotThereException("There is no such row of buttons."));
        double old = anatomy.part(closure.part()).outline().edge(closure.edge()).lengthMm();
        int set = body.set <= 0 ? closure.atMm().size() : body.set;
        ButtonRow row = ButtonRow.of(
                new ButtonRow.Need(
                        typed.mm("closure.length", body.length),
                        typed.mm("closure.top", body.top),
                        typed.mm("closure.end", body.end),
                        Typed.text(body.fullest).isEmpty() ? -1 : typed.mm("closure.fullest", body.fullest)),
                closure.atMm(),
                old,
                set,
                closure.diameterMm(),
                closure.lineMm());
        return new ButtonsView(
                typed.mm("closure.length", body.length),
                old,
                row.fromMm(),
                say.length(row.fromMm()),
                row.marks().stream()
                        .map(m -> new MarkView(m.atMm(), say.length(m.atMm()), m.existing()))
                        .toList(),
                closure.atMm(),
                row.sentences().stream().map(say::sentence).toList());
    }

    record CoincidenceRequest(
            @Nullable String distance,
            @Nullable String need,
            @Nullable String longer,
            @Nullable String shorter) {}

    record CoincidenceView(Coincidence.Verdict verdict, String sentence) {}

    /** Whether two finished edges of one panel can both live on. */
    @PostMapping("/projects/{id}/coincidence")
    CoincidenceView coincidence(ProjectOf of, @RequestBody CoincidenceRequest body) {
        Say say = Say.to(projects.project(of));
        Typed typed = new Typed(say.unit());
        Coincidence found = Coincidence.of(
                typed.mm("coincidence.distance", body.distance),
                typed.mm("coincidence.need", body.need),
                typed.mm("coincidence.longer", body.longer),
                typed.mm("coincidence.shorter", body.shorter));
        return new CoincidenceView(found.verdict(), say.sentence(found.sentence()));
    }
}
