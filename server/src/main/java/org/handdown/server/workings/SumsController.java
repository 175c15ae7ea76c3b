package org.handdown.server.workings;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.handdown.measure.LengthUnit;
import org.handdown.server.project.Say;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sums for closures and strips; nothing is stored. */
@RestController
@RequestMapping("/api")
class SumsController {
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
}
