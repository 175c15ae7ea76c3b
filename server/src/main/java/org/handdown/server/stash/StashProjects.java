package org.handdown.server.stash;

import java.util.List;
import java.util.UUID;
import org.handdown.cloth.Pairing;
import org.handdown.measure.RefusedValueException;
import org.handdown.server.account.AccountService;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.Typed;
import org.handdown.stash.Hold;
import org.handdown.stash.StashThing;
import org.handdown.stash.Stock;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The stash and projects: what of it is promised to them, what begins one, and what comes back of them. */
@RestController
@RequestMapping("/api/stash")
class StashProjects {
    private final StashService stash;
    private final HoldService holds;
    private final ComeBack comeBack;
    private final ProjectService projects;
    private final StashController shelf;
    private final AccountService accounts;

    StashProjects(
            StashService stash,
            HoldService holds,
            ComeBack comeBack,
            ProjectService projects,
            StashController shelf,
            AccountService accounts) {
        this.accounts = accounts;
        this.stash = stash;
        this.holds = holds;
        this.comeBack = comeBack;
        this.projects = projects;
        this.shelf = shelf;
    }

    /** @param amount as it was typed; empty for all that is free */
    record HoldRequest(@Nullable Hold hold, @Nullable String amount) {}

    /** Promises a thing, or some of it, to a project. */
    @PutMapping("/{id}/holds/{project}")
    StashController.OneThing hold(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            ProjectOf of,
            @RequestBody HoldRequest body) {
        projects.require(of);
        Stock.Unit unit =
                stash.require(user.householdId(), id).item().thing().stock().unit();
        String text = Typed.text(body.amount);
        double amount = text.isEmpty()
                ? 0
                : unit == Stock.Unit.MM
                        ? new Typed(accounts.unit(user)).mm("hold.amount", text)
                        : Typed.count("hold.amount", text);
        holds.hold(user.householdId(), id, of.id(), body.hold == null ? Hold.RESERVED : body.hold, amount);
        return shelf.one(user, id);
    }

    @DeleteMapping("/{id}/holds/{project}")
    StashController.OneThing release(
            @AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id, ProjectOf of) {
        // A project that cannot be opened any more holds back nothing that somebody wants free.
        boolean isOnTable = projects.isReadable(of)
                && projects.project(of).cloths().brought().stream()
                        .anyMatch(b -> b.thing().equals(id.toString()));
        if (isOnTable) {
            throw new RefusedValueException(
                    "hold", "That project is cut from it: take it out there, at Source under Cloths, and it is free.");
        }
        holds.release(user.householdId(), id, of.id());
        return shelf.one(user, id);
    }

    /** @param words of what the project has to do with it */
    record HeldView(String id, String code, String name, Hold hold, String words) {}

    /** What a project was promised of the stash, and what it wishes for. */
    @GetMapping("/held/{project}")
    List<HeldView> held(@AuthenticationPrincipal HouseholdUser user, ProjectOf of) {
        projects.require(of);
        return holds.heldBy(user.householdId(), of.id()).stream()
                .map(h -> new HeldView(
                        h.thing().toString(),
                        new StashCode(StashThing.Kind.valueOf(h.kind()), h.number()).text(),
                        h.name(),
                        Hold.valueOf(h.hold()),
                        Hold.valueOf(h.hold()).words()))
                .toList();
    }

    record AskedAgainView(List<HeldView> held, List<String> refused) {}

    /** A project that was taken back asks again for what it let go of. */
    @PostMapping("/held/{project}/again")
    AskedAgainView askAgain(@AuthenticationPrincipal HouseholdUser user, ProjectOf of) {
        projects.require(of);
        List<String> refused = holds.askAgain(user.householdId(), of.id()).stream()
                .map(r -> new Say(accounts.unit(user)).sentence(r))
                .toList();
        return new AskedAgainView(held(user, of), refused);
    }

    record BeginRequest(@Nullable String name) {}

    /** A project begun with a source from the stash, which is reserved for it. */
    @PostMapping("/{id}/begin")
    @ResponseStatus(HttpStatus.CREATED)
    StashController.StashedId begin(
            @AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id, @RequestBody BeginRequest body) {
        return new StashController.StashedId(
                holds.begin(user.householdId(), id, Typed.text(body.name)).toString());
    }

    record PairingView(Pairing.Verdict verdict, List<String> sentences) {}

    /** Two sources for one garment: what differs, and what a join between them needs. */
    @GetMapping("/{id}/with/{other}")
    PairingView pairing(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("other") UUID other) {
        Pairing pairing = Pairing.of(
                stash.requireSource(user.householdId(), id).cloth(),
                stash.requireSource(user.householdId(), other).cloth());
        return new PairingView(pairing.verdict(), pairing.sentences());
    }

    record KeptView(int kept) {}

    /** When a project ends, its free keepers go to the stash. */
    @PostMapping("/keepers/from/{project}")
    KeptView keepFree(@AuthenticationPrincipal HouseholdUser user, ProjectOf of) {
        return new KeptView(comeBack.keepFree(of, projects.project(of)));
    }

    /** @param which remnants of the lay, by their place; none named: all */
    record KeepRemnantsRequest(@Nullable List<Integer> which) {}

    /** Puts what a lay leaves over into the stash. */
    @PostMapping("/remnants/from/{project}")
    KeptView keepRemnants(
            @AuthenticationPrincipal HouseholdUser user, ProjectOf of, @RequestBody KeepRemnantsRequest body) {
        return new KeptView(
                comeBack.keepRemnants(of, projects.project(of), body.which == null ? List.of() : body.which));
    }

    record ReturnedView(String id, String code, String name, String place) {}

    /** What came back of a project: remnants and keepers, once its cloth was cut. */
    @GetMapping("/from/{project}")
    List<ReturnedView> from(@AuthenticationPrincipal HouseholdUser user, ProjectOf of) {
        projects.require(of);
        return comeBack.from(of).stream()
                .map(r -> new ReturnedView(
                        r.id().toString(),
                        new StashCode(StashThing.Kind.valueOf(r.kind()), r.number()).text(),
                        r.name(),
                        r.place()))
                .toList();
    }

    record PlaceRequest(@Nullable String place) {}

    /** Where all of it lies that has no place yet: asked once. */
    @PutMapping("/from/{project}/place")
    List<ReturnedView> place(
            @AuthenticationPrincipal HouseholdUser user, ProjectOf of, @RequestBody PlaceRequest body) {
        projects.require(of);
        comeBack.place(of, Typed.text(body.place));
        return from(user, of);
    }
}
