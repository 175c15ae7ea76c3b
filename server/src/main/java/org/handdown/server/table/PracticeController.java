package org.handdown.server.table;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.server.account.HouseholdUser;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/practice")
class PracticeController {
    private final PracticeService practice;

    PracticeController(PracticeService practice) {
        this.practice = practice;
    }

    /**
     * @param text as it was typed, or as shipped
     * @param own set otherwise than shipped
     */
    record PracticeFigureView(
            Practice.Figure figure,
            Practice.Group group,
            String groupWords,
            String words,
            String why,
            String text,
            String shipped,
            boolean own) {}

    @GetMapping
    List<PracticeFigureView> figures(@AuthenticationPrincipal HouseholdUser user) {
        Practice now = practice.of(user.householdId());
        Map<Practice.Figure, String> typed = practice.typed(user.householdId());
        return Arrays.stream(Practice.Figure.values())
                .map(f -> {
                    String shipped = PracticeText.of(f, f.shipped());
                    boolean own = now.own().containsKey(f);
                    String text = own ? typed.getOrDefault(f, PracticeText.of(f, now.of(f))) : shipped;
                    return new PracticeFigureView(
                            f, f.group(), f.group().words(), f.words(), f.why(), text, shipped, own);
                })
                .toList();
    }

    record PracticeRequest(@Nullable Map<String, String> figures) {}

    /** Sets the figures that are named, as typed; an empty one goes back to what is shipped. */
    @PutMapping
    List<PracticeFigureView> set(@AuthenticationPrincipal HouseholdUser user, @RequestBody PracticeRequest body) {
        if (body.figures == null) {
            throw new RefusedValueException("figures", "is missing; name the figures that change.");
        }
        Map<Practice.Figure, String> typed = new EnumMap<>(Practice.Figure.class);
        body.figures.forEach((name, text) -> {
            String plain = text == null ? "" : text.strip();
            Practice.Figure figure = Practice.Figure.find(name)
                    .orElseThrow(() -> new RefusedValueException("figures", "names a figure that there is none of."));
            if (plain.indexOf('\0') >= 0) {
                throw new RefusedValueException(
                        "practice." + name, "holds a character that cannot be stored (code 0); take it out.");
            }
            typed.put(figure, plain);
        });
        practice.set(user.householdId(), typed);
        return figures(user);
    }
}
