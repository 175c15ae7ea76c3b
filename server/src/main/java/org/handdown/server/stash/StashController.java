package org.handdown.server.stash;

import java.util.List;
import java.util.UUID;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Pairing;
import org.handdown.cloth.Weave;
import org.handdown.project.Project;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Typed;
import org.handdown.server.stash.StashService.Kept;
import org.handdown.server.stash.StashService.Shelf;
import org.handdown.server.stash.ThingMapper.Narrowing;
import org.handdown.server.stash.ThingRequests.ThingRequest;
import org.handdown.server.stash.ThingViews.ThingFormView;
import org.handdown.server.stash.ThingViews.ThingView;
import org.handdown.server.web.Ceiling;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.stash.Hold;
import org.handdown.stash.Sought;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashSearch;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The stash: what lies there, what of it serves, and what is promised. */
@RestController
@RequestMapping("/api/stash")
class StashController {
    private final StashService stash;
    private final HoldService holds;
    private final ProjectService projects;
    private final Ceiling ceiling;

    StashController(StashService stash, HoldService holds, ProjectService projects, Ceiling ceiling) {
        this.stash = stash;
        this.holds = holds;
        this.projects = projects;
        this.ceiling = ceiling;
    }

    /** What lies in the stash but cannot be read any more. @param why with the field that is at fault */
    record BrokenView(String id, String what, String why) {}

    /**
     * @param count of all that was found, of which this is a page
     * @param places that things of this household lie in
     */
    record ShelfView(List<ThingView> things, int count, List<String> places, List<BrokenView> broken) {}

    /**
     * What is looked for, all of it raw text: what it shall do, how large it must be, and what narrows the list.
     *
     * @param text in name, cloth or place, or a code
     */
    record SearchRequest(
            @Nullable String text,
            StashThing.@Nullable Kind kind,
            @Nullable String place,
            @Nullable Weave weave,
            Assessment.@Nullable Missed missed,
            Sought.@Nullable Role role,
            @Nullable SoughtSizeRequest size,
            @Nullable Boolean knit,
            @Nullable HeatLimit bears,
            int from) {
        Narrowing narrowing(Sought sought) {
            String plain = Typed.text(text);
            StashCode code = StashCode.read(plain).orElse(null);
            boolean isFlat = sought.role() == Sought.Role.SHEET || sought.role() == Sought.Role.STRIP;
            return new Narrowing(
                    plain,
                    code == null ? null : code.number(),
                    code == null ? "" : code.kind().name(),
                    kind != null ? List.of(kind.name()) : serving(sought.role()),
                    Typed.text(place),
                    weave == null ? "" : weave.name(),
                    missed == null ? "" : missed.name(),
                    isFlat ? sought.acrossMm() : 0,
                    isFlat ? sought.alongMm() : 0);
        }

        private static List<String> serving(Sought.Role role) {
            return switch (role) {
                case ANYTHING -> List.of();
                case SHEET, STRIP -> List.of("SOURCE", "LENGTH", "PANEL", "REMNANT");
                case BUTTONS, ZIP -> List.of("KEEPER");
                case RIB, TAPE -> List.of("KEEPER", "NOTION");
            };
        }

        Sought sought() {
            Sought.Role wanted = role == null ? Sought.Role.ANYTHING : role;
            SoughtSizeRequest s = size == null ? new SoughtSizeRequest(null, null, null, null, null) : size;
            return new Sought(
                    wanted,
                    mm("sought.across", s.across),
                    mm("sought.along", s.along),
                    Typed.text(s.count).isEmpty() ? 0 : (int) Typed.count("sought.count", s.count),
                    Typed.text(s.diameter).isEmpty() ? 0 : ThingRequests.TYPED.thin("sought.diameter", s.diameter),
                    mm("sought.passes", s.passes),
                    new Sought.ClothRules(knit, bears));
        }

        private static double mm(String field, @Nullable String text) {
            return Typed.text(text).isEmpty() ? 0 : ThingRequests.TYPED.mm(field, text);
        }
    }

    record SoughtSizeRequest(
            @Nullable String across,
            @Nullable String along,
            @Nullable String count,
            @Nullable String diameter,
            @Nullable String passes) {}

    /** Looks through the stash; nothing asked shows the newest. */
    @PostMapping("/search")
    ShelfView search(@AuthenticationPrincipal HouseholdUser user, @RequestBody SearchRequest wanted) {
        Sought sought = wanted.sought();
        Narrowing by = wanted.narrowing(sought);
        Shelf shelf = ceiling.under(() -> sought.role() == Sought.Role.ANYTHING
                ? stash.list(user.householdId(), by, Math.max(0, wanted.from))
                : stash.serving(user.householdId(), by, new StashSearch(sought)));
        List<Kept> shown = shelf.whole()
                .subList(0, Math.min(StashService.A_PAGE, shelf.whole().size()));
        List<ThingMapper.HoldRow> promised = holds.of(
                user.householdId(), shown.stream().map(k -> k.row().id()).toList());
        return new ShelfView(
                shown.stream().map(k -> ThingViews.view(k, promised)).toList(),
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
        return new OneThing(
                ThingViews.view(kept, holds.of(user.householdId(), List.of(id))),
                ThingViews.form(kept, stash.canUndo(user.householdId(), id)));
    }

    record StashedId(String id) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    StashedId add(@AuthenticationPrincipal HouseholdUser user, @RequestBody ThingRequest body) {
        StashItem item = ceiling.under(() -> body.toItem(null));
        return new StashedId(stash.keep(user.householdId(), item).toString());
    }

    @PutMapping("/{id}")
    OneThing change(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @RequestParam("version") long version,
            @RequestBody ThingRequest body) {
        StashItem before = stash.require(user.householdId(), id).item();
        StashItem item = ceiling.under(() -> body.toItem(before));
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

    /** @param amount as it was typed; empty for all that is free */
    record HoldRequest(@Nullable Hold hold, @Nullable String amount) {}

    /** Promises a thing, or some of it, to a project. */
    @PutMapping("/{id}/holds/{project}")
    OneThing hold(
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
                        ? ThingRequests.TYPED.mm("hold.amount", text)
                        : Typed.count("hold.amount", text);
        holds.hold(user.householdId(), id, of.id(), body.hold == null ? Hold.RESERVED : body.hold, amount);
        return one(user, id);
    }

    @DeleteMapping("/{id}/holds/{project}")
    OneThing release(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id, ProjectOf of) {
        holds.release(user.householdId(), id, of.id());
        return one(user, id);
    }

    record BeginRequest(@Nullable String name) {}

    /** A project begun with a source from the stash, which is reserved for it. */
    @PostMapping("/{id}/begin")
    @ResponseStatus(HttpStatus.CREATED)
    StashedId begin(
            @AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id, @RequestBody BeginRequest body) {
        Source source = stash.requireSource(user.householdId(), id);
        String name = Typed.text(body.name).isEmpty() ? source.name() : Typed.text(body.name);
        Project project = Project.named(name).withSource(source);
        holds.requireFree(user.householdId(), id);
        UUID begun = projects.begin(user.householdId(), project, "a source from the stash");
        holds.hold(user.householdId(), id, begun, Hold.RESERVED, 0);
        return new StashedId(begun.toString());
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
        return new KeptView(stash.keepFree(of, projects.project(of)));
    }

    /** @param which remnants of the lay, by their place; none named: all */
    record KeepRemnantsRequest(@Nullable List<Integer> which) {}

    /** Puts what a lay leaves over into the stash. */
    @PostMapping("/remnants/from/{project}")
    KeptView keepRemnants(
            @AuthenticationPrincipal HouseholdUser user, ProjectOf of, @RequestBody KeepRemnantsRequest body) {
        return new KeptView(stash.keepRemnants(of, projects.project(of), body.which == null ? List.of() : body.which));
    }

    record ReturnedView(String id, String code, String name, String place) {}

    /** What came back of a project: remnants and keepers, once its cloth was cut. */
    @GetMapping("/from/{project}")
    List<ReturnedView> from(@AuthenticationPrincipal HouseholdUser user, ProjectOf of) {
        projects.require(of);
        return stash.from(of).stream()
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
        stash.place(of, Typed.text(body.place));
        return from(user, of);
    }
}
