package org.handdown.server.stash;

import java.util.List;
import java.util.UUID;
import org.handdown.server.account.AccountService;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.project.Say;
import org.handdown.server.project.Typed;
import org.handdown.server.stash.StashService.Kept;
import org.handdown.server.stash.StashService.Shelf;
import org.handdown.server.stash.ThingMapper.Narrowing;
import org.handdown.server.stash.ThingRequests.ThingRequest;
import org.handdown.server.stash.ThingViews.ThingFormView;
import org.handdown.server.stash.ThingViews.ThingView;
import org.handdown.server.web.Ceiling;
import org.handdown.stash.Sought;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashSearch;
import org.handdown.stash.StashThing;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The stash: what lies there, what of it serves, and what is promised. */
@RestController
@RequestMapping("/api/stash")
class StashController {
    private final StashService stash;
    private final HoldService holds;
    private final AccountService accounts;
    private final org.handdown.project.Kept results;
    private final Ceiling ceiling;

    StashController(
            StashService stash,
            HoldService holds,
            AccountService accounts,
            org.handdown.project.Kept results,
            Ceiling ceiling) {
        this.results = results;
        this.accounts = accounts;
        this.stash = stash;
        this.holds = holds;
        this.ceiling = ceiling;
    }

    /** What lies in the stash but cannot be read any more. @param why with the field that is at fault */
    record BrokenView(String id, String what, String why) {}

    /**
     * @param count of all that was found, of which this is a page
     * @param places that things of this household lie in
     */
    record ShelfView(List<ThingView> things, int count, List<String> places, List<BrokenView> broken) {}

    /** Looks through the stash; nothing asked shows the newest. */
    @PostMapping("/search")
    ShelfView search(@AuthenticationPrincipal HouseholdUser user, @RequestBody SearchRequests.SearchRequest wanted) {
        Sought sought = wanted.sought(new Typed(accounts.unit(user)));
        Narrowing by = wanted.narrowing(sought);
        Shelf shelf = ceiling.under(() -> sought.role() == Sought.Role.ANYTHING
                ? stash.list(user.householdId(), by, Math.max(0, wanted.from()))
                : stash.serving(user.householdId(), by, new StashSearch(sought)));
        List<Kept> shown = shelf.whole()
                .subList(0, Math.min(StashService.A_PAGE, shelf.whole().size()));
        List<ThingMapper.HoldRow> promised = holds.of(
                user.householdId(), shown.stream().map(k -> k.row().id()).toList());
        ThingViews views = new ThingViews(new Say(accounts.unit(user)), results);
        return new ShelfView(
                shown.stream().map(k -> views.view(k, promised)).toList(),
                shelf.count(),
                stash.places(user.householdId()),
                shelf.broken().stream()
                        .map(b -> new BrokenView(b.id().toString(), b.what(), b.why()))
                        .toList());
    }

    /** @param form what the page edits of it */
    record OneThing(ThingView thing, ThingFormView form) {}

    @GetMapping("/{id}")
    OneThing one(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        Kept kept = stash.require(user.householdId(), id);
        Say say = new Say(accounts.unit(user));
        return new OneThing(
                new ThingViews(say, results).view(kept, holds.of(user.householdId(), List.of(id))),
                new ThingFacts(say).form(kept, stash.canUndo(user.householdId(), id)));
    }

    record StashedId(String id) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    StashedId add(@AuthenticationPrincipal HouseholdUser user, @RequestBody ThingRequest body) {
        Typed typed = new Typed(accounts.unit(user));
        StashItem item = ceiling.under(() -> body.toItem(typed, null));
        return new StashedId(stash.keep(user.householdId(), item).toString());
    }

    @PutMapping("/{id}")
    OneThing change(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @RequestParam("version") long version,
            @RequestBody ThingRequest body) {
        StashItem before = stash.require(user.householdId(), id).item();
        Typed typed = new Typed(accounts.unit(user));
        StashItem item = ceiling.under(() -> body.toItem(typed, before));
        holds.keepingPromises(user.householdId(), id, () -> stash.change(user.householdId(), id, version, item));
        return one(user, id);
    }

    @PostMapping("/{id}/undo")
    OneThing undo(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        holds.keepingPromises(user.householdId(), id, () -> stash.undo(user.householdId(), id));
        return one(user, id);
    }

    /** Another one like it, to be changed. */
    @PostMapping("/{id}/like")
    @ResponseStatus(HttpStatus.CREATED)
    StashedId another(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        StashItem item = stash.require(user.householdId(), id).item();
        return new StashedId(stash.keep(user.householdId(), new StashItem(item.thing(), item.tag(), ""))
                .toString());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void throwAway(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        holds.keepingPromises(user.householdId(), id, () -> stash.throwAway(user.householdId(), id));
    }

    @PostMapping("/{id}/take-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        stash.takeBack(user.householdId(), id);
    }

    record ThrownView(String id, String code, String name, String at) {}

    @GetMapping("/thrown-away")
    List<ThrownView> thrownAway(@AuthenticationPrincipal HouseholdUser user) {
        return stash.thrownAway(user.householdId()).stream()
                .map(t -> new ThrownView(
                        t.id().toString(),
                        new StashCode(StashThing.Kind.valueOf(t.kind()), t.number()).text(),
                        t.name(),
                        t.deletedAt().toString()))
                .toList();
    }
}
