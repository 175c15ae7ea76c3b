package org.handdown.server.stash;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.Pairing;
import org.handdown.fit.FlawZone;
import org.handdown.formats.project.StashedSourceJson;
import org.handdown.lay.Leftover;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.handdown.project.Project;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.web.Ceiling;
import org.handdown.source.Source;
import org.handdown.source.StashedSource;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;
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

@RestController
@RequestMapping("/api/stash")
class StashController {
    private final StashService stash;
    private final ProjectService projects;
    private final Ceiling ceiling;

    StashController(StashService stash, ProjectService projects, Ceiling ceiling) {
        this.stash = stash;
        this.projects = projects;
        this.ceiling = ceiling;
    }

    record StashMeasure(String name, String text, double mm) {}

    record StashedSourceView(
            String id,
            SourceKind kind,
            String kindWords,
            String name,
            String what,
            String condition,
            String care,
            String cost,
            String idea,
            Cloth cloth,
            List<StashMeasure> measures) {}

    @GetMapping
    List<StashedSourceView> list(@AuthenticationPrincipal HouseholdUser user) {
        return stash.list(user.householdId()).whole().stream()
                .map(StashController::view)
                .toList();
    }

    private static StashedSourceView view(StashService.Kept kept) {
        Source s = kept.stashed().source();
        return new StashedSourceView(
                kept.id().toString(),
                s.kind(),
                s.kind().words(),
                s.name(),
                s.what(),
                s.condition(),
                s.care(),
                s.cost(),
                kept.stashed().idea(),
                s.cloth(),
                s.kind().measures().stream().map(m -> measure(m, s)).toList());
    }

    private static StashMeasure measure(MeasureSpec spec, Source source) {
        double value = source.measures().mm(spec.id());
        String text = !spec.options().isEmpty()
                ? spec.options().get((int) value)
                : spec.isCount() ? Wording.fill("%.0f", value) : LengthText.format(Length.ofMm(value), LengthUnit.CM);
        return new StashMeasure(spec.words(), text, value);
    }

    record BeginRequest(@Nullable String name) {}

    /** A project begun with a source from the stash, which stays there. */
    @PostMapping("/{id}/begin")
    @ResponseStatus(HttpStatus.CREATED)
    StashedId begin(
            @AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id, @RequestBody BeginRequest body) {
        StashedSource stashed = stash.require(user.householdId(), id).stashed();
        String name =
                body.name == null || body.name.isBlank() ? stashed.source().name() : body.name.strip();
        Project project = Project.named(name).withSource(stashed.source());
        return new StashedId(projects.begin(user.householdId(), project, "a source from the stash")
                .toString());
    }

    record PairingView(Pairing.Verdict verdict, List<String> sentences) {}

    /** Two sources for one garment: what differs, and what a join between them needs. */
    @GetMapping("/{id}/with/{other}")
    PairingView pairing(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("other") UUID other) {
        Pairing pairing = Pairing.of(
                stash.require(user.householdId(), id).stashed().source().cloth(),
                stash.require(user.householdId(), other).stashed().source().cloth());
        return new PairingView(pairing.verdict(), pairing.sentences());
    }

    record StashedKeeperView(
            String id, String name, String kind, String length, String depth, int count, String from) {}

    @GetMapping("/keepers")
    List<StashedKeeperView> keepers(@AuthenticationPrincipal HouseholdUser user) {
        return stash.keepers(user.householdId()).stream()
                .map(k -> new StashedKeeperView(
                        k.id().toString(),
                        k.name(),
                        k.kind(),
                        k.lengthMm() == 0 ? "" : LengthText.format(Length.ofMm(k.lengthMm()), LengthUnit.CM),
                        k.depthMm() == 0 ? "" : LengthText.format(Length.ofMm(k.depthMm()), LengthUnit.CM),
                        k.count(),
                        k.cloth() + ", " + k.origin()))
                .toList();
    }

    record KeptView(int kept) {}

    /** When a project ends, its free keepers go to the stash. */
    @PostMapping("/keepers/from/{project}")
    KeptView keepFree(@AuthenticationPrincipal HouseholdUser user, ProjectOf of) {
        return new KeptView(stash.keepFree(user.householdId(), projects.project(of)));
    }

    @DeleteMapping("/keepers/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void throwAwayKeeper(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        stash.throwAwayKeeper(user.householdId(), id);
    }

    /**
     * @param size of the largest rectangle along the grain
     * @param edges finished edges it still has
     */
    record StashedRemnantView(
            String id,
            String cloth,
            String from,
            List<double[]> outline,
            List<List<double[]>> edgeLines,
            List<List<double[]>> flawOutlines,
            String size,
            List<String> edges,
            List<String> flaws) {}

    @GetMapping("/remnants")
    List<StashedRemnantView> remnants(@AuthenticationPrincipal HouseholdUser user) {
        return stash.remnants(user.householdId()).whole().stream()
                .map(l -> view(l.row(), l.leftover()))
                .toList();
    }

    /** What lies in the stash but cannot be read any more. @param why with the field that is at fault */
    record BrokenView(String id, String what, String why) {}

    @GetMapping("/broken")
    List<BrokenView> broken(@AuthenticationPrincipal HouseholdUser user) {
        return Stream.concat(
                        stash.list(user.householdId()).broken().stream(),
                        stash.remnants(user.householdId()).broken().stream())
                .map(b -> new BrokenView(b.id().toString(), b.what(), b.why()))
                .toList();
    }

    private static StashedRemnantView view(StashMapper.RemnantRow row, Leftover left) {
        var r = left.remnant().largestRectangle();
        Say say = new Say(LengthUnit.CM);
        return new StashedRemnantView(
                row.id().toString(),
                row.cloth(),
                row.origin(),
                Say.points(left.outline().points()),
                left.edges().stream().map(e -> Say.points(e.points())).toList(),
                left.zones().stream().map(z -> Say.points(z.outline().points())).toList(),
                r == null ? "" : say.size(r.widthMm(), r.heightMm()),
                left.edges().stream()
                        .map(e -> e.kind().word() + " " + say.inward(e.lengthMm()))
                        .toList(),
                left.zones().stream().map(FlawZone::named).distinct().toList());
    }

    /** @param which remnants of the lay, by their place; none named: all */
    record KeepRemnantsRequest(@Nullable List<Integer> which) {}

    /** Puts what a lay leaves over into the stash. */
    @PostMapping("/remnants/from/{project}")
    KeptView keepRemnants(
            @AuthenticationPrincipal HouseholdUser user, ProjectOf of, @RequestBody KeepRemnantsRequest body) {
        return new KeptView(stash.keepRemnants(
                user.householdId(), projects.project(of), body.which == null ? List.of() : body.which));
    }

    @DeleteMapping("/remnants/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void throwAwayRemnant(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        stash.throwAwayRemnant(user.householdId(), id);
    }

    record StashedId(String id) {}

    /** The body is a source file as in docs/formats/source.md. */
    @PostMapping(path = "/import", consumes = "application/json")
    @ResponseStatus(HttpStatus.CREATED)
    StashedId importSource(@AuthenticationPrincipal HouseholdUser user, @RequestBody String file) {
        StashedSource source = ceiling.under(() -> StashedSourceJson.read(file));
        return new StashedId(stash.keep(user.householdId(), source).toString());
    }
}
