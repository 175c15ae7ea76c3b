package org.handdown.server.workings;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.PatternPieces;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sums for closures and strips, and what they come to put into a pattern. */
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

    /**
     * @param marks in words, and {@code marksMm} along a line of {@code lineMm}
     * @param gives whether it can be put into a pattern
     */
    record SumResultView(
            List<String> sentences, List<String> marks, List<Double> marksMm, double lineMm, boolean gives) {}

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
                result.lineMm(),
                result.gives());
    }

    /** What a sum comes to, as changes of the project's pattern: marks and buttons, a zip, strips. */
    @PostMapping("/projects/{id}/sums/put")
    StoredProject put(ProjectAt at, @RequestBody SumRequest body) {
        Sums sum = Typed.require("sum", body.sum);
        return projects.edit(at, sum.words() + " put into the pattern", project -> {
            Sums.Result result = sum.work(
                    new Sums.Input(new Typed(Say.to(project).unit()), body.values == null ? Map.of() : body.values));
            if (!result.gives()) {
                throw new RefusedValueException("sum", "Nothing of that goes into the pattern.");
            }
            return project.withPieces(PatternPieces.of(project).changed(result.made()));
        });
    }
}
