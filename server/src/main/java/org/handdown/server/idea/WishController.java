package org.handdown.server.idea;

import java.util.List;
import java.util.UUID;
import org.handdown.pattern.draft.Drafts;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What the household would like to have: kept until the cloth for it comes along. */
@RestController
@RequestMapping("/api/ideas/wishes")
class WishController {
    private final Wishes wishes;

    WishController(Wishes wishes) {
        this.wishes = wishes;
    }

    /** @param words of the draft */
    record KeptWishView(String id, String draft, String words, String wearer) {}

    record KeptWishRequest(@Nullable String draft, @Nullable String wearer) {}

    @GetMapping
    List<KeptWishView> all(@AuthenticationPrincipal HouseholdUser user) {
        return wishes.of(user.householdId()).stream()
                .map(w -> new KeptWishView(
                        w.id().toString(), w.draft(), Drafts.require(w.draft()).words(), w.wearer()))
                .toList();
    }

    /** Wished once is wished. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    List<KeptWishView> keep(@AuthenticationPrincipal HouseholdUser user, @RequestBody KeptWishRequest body) {
        wishes.keep(user.householdId(), Typed.text(body.draft), Typed.text(body.wearer));
        return all(user);
    }

    @DeleteMapping("/{id}")
    List<KeptWishView> drop(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        wishes.drop(user.householdId(), id);
        return all(user);
    }
}
