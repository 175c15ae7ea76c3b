package org.handdown.server.stash;

import java.util.List;
import org.handdown.cloth.Cloth;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.server.account.HouseholdUser;
import org.handdown.source.SourceKind;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/stash")
class StashController {
    private final StashService stash;

    StashController(StashService stash) {
        this.stash = stash;
    }

    record StashMeasure(String name, String text, double mm) {}

    record StashedSourceView(
            String id,
            SourceKind kind,
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
        return stash.list(user.householdId()).stream()
                .map(StashController::view)
                .toList();
    }

    private static StashedSourceView view(StashService.Kept kept) {
        var s = kept.source();
        return new StashedSourceView(
                kept.id().toString(),
                s.kind(),
                s.name(),
                s.what(),
                s.condition(),
                s.care(),
                s.cost(),
                s.idea(),
                s.cloth(),
                s.measures().stream()
                        .map(m -> new StashMeasure(
                                m.name(), LengthText.format(Length.ofMm(m.mm()), LengthUnit.CM), m.mm()))
                        .toList());
    }

    record StashedId(String id) {}

    /** The body is a source file as in docs/formats/source.md. */
    @PostMapping(path = "/import", consumes = "application/json")
    @ResponseStatus(HttpStatus.CREATED)
    StashedId importSource(@AuthenticationPrincipal HouseholdUser user, @RequestBody String file) {
        return new StashedId(stash.importSource(user.householdId(), file).toString());
    }
}
