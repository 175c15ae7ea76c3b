package org.handdown.server.drawing;

import java.util.List;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Brought;
import org.handdown.pattern.PieceCloth;
import org.handdown.server.account.HouseholdUser;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/outline-tags")
class OutlineTagController {
    private static final int MOST_AT_ONCE = 130;

    private final OutlineTagService tags;

    OutlineTagController(OutlineTagService tags) {
        this.tags = tags;
    }

    record OutlineTagRequest(
            @Nullable String outline,
            @Nullable String name,
            Brought.@Nullable Meaning meaning,
            @Nullable String allowance,
            int quantity,
            int turn,
            boolean pair,
            @Nullable PieceCloth cloth) {
        OutlineTag toTag() {
            if (outline == null || meaning == null) {
                throw new RefusedValueException(
                        "outline",
                        "Name the outline, and say whether its line is the one to cut or the one to sew along.");
            }
            return new OutlineTag(
                    outline,
                    name == null ? "" : name,
                    meaning,
                    allowance == null ? "" : allowance,
                    quantity,
                    turn,
                    pair,
                    cloth == null ? PieceCloth.SHELL : cloth);
        }
    }

    @GetMapping
    List<OutlineTag> all(@AuthenticationPrincipal HouseholdUser user) {
        return tags.all(user.householdId());
    }

    /** Adds to what is known; the newest word on an outline counts. */
    @PutMapping
    List<OutlineTag> remember(
            @AuthenticationPrincipal HouseholdUser user, @RequestBody List<@Nullable OutlineTagRequest> body) {
        if (body.size() > MOST_AT_ONCE) {
            throw new RefusedValueException("outline", "Bring in up to 100 outlines at once.");
        }
        return tags.remember(
                user.householdId(),
                body.stream()
                        .map(t -> {
                            if (t == null) {
                                throw new RefusedValueException("outline", "An outline is missing in the list.");
                            }
                            return t.toTag();
                        })
                        .toList());
    }
}
