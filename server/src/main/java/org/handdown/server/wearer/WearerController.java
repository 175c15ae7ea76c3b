package org.handdown.server.wearer;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.handdown.formats.project.PeopleJson;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.project.Typed;
import org.handdown.server.wearer.WearerRequests.DayRequest;
import org.handdown.server.wearer.WearerRequests.PersonRequest;
import org.handdown.server.wearer.WearerViews.OnePersonView;
import org.handdown.server.wearer.WearerViews.PersonView;
import org.handdown.server.web.AskedIn;
import org.handdown.server.web.Ceiling;
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

/** Whom the household makes things for, and how they grow. */
@RestController
@RequestMapping("/api/wearers")
class WearerController {
    private final Wearers wearers;
    private final Ceiling ceiling;
    private final Clock clock;

    WearerController(Wearers wearers, Ceiling ceiling, Clock clock) {
        this.wearers = wearers;
        this.ceiling = ceiling;
        this.clock = clock;
    }

    @GetMapping
    List<PersonView> all(@AuthenticationPrincipal HouseholdUser user) {
        return wearers.of(user.householdId()).stream().map(WearerViews::person).toList();
    }

    @GetMapping("/thrown-away")
    List<PersonView> thrownAway(@AuthenticationPrincipal HouseholdUser user) {
        return wearers.thrownAway(user.householdId()).stream()
                .map(row -> new PersonView(row.id().toString(), row.name(), row.unit(), "", "", 0, ""))
                .toList();
    }

    /** All of them with every reading, as a file (docs/formats/people.md). */
    @GetMapping(path = "/people.json", produces = "application/json")
    String file(@AuthenticationPrincipal HouseholdUser user) {
        return PeopleJson.text(wearers.of(user.householdId()).stream()
                .map(k -> new PeopleJson.Shown(k.person(), k.unit()))
                .toList());
    }

    /** @param people how many came */
    record CameView(int people) {}

    @PostMapping(path = "/import", consumes = "application/json")
    @ResponseStatus(HttpStatus.CREATED)
    CameView bring(@AuthenticationPrincipal HouseholdUser user, @RequestBody String file) {
        return new CameView(wearers.bring(user.householdId(), ceiling.under(() -> PeopleJson.read(file))));
    }

    @GetMapping("/{id}")
    OnePersonView one(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        return WearerViews.whole(wearers.require(user.householdId(), id), wearers.readings(user.householdId(), id));
    }

    record EnteredId(String id) {}

    /** Somebody new, or somebody whom only a project knows. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    EnteredId enter(@AuthenticationPrincipal HouseholdUser user, @RequestBody PersonRequest body) {
        return new EnteredId(wearers.enter(user.householdId(), Typed.text(body.name()), body.shown())
                .toString());
    }

    @PutMapping("/{id}")
    OnePersonView rename(
            @AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id, @RequestBody PersonRequest body) {
        wearers.rename(user.householdId(), id, Typed.text(body.name()), body.shown());
        return one(user, id);
    }

    @PostMapping("/{id}/readings")
    OnePersonView measure(
            @AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id, @RequestBody DayRequest body) {
        if (body.unit() != null) {
            AskedIn.unit(body.unit());
        }
        wearers.measure(user.householdId(), id, body.toReadings(LocalDate.now(clock)));
        return one(user, id);
    }

    @DeleteMapping("/{id}/readings/{reading}")
    OnePersonView strike(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("reading") UUID reading) {
        wearers.strike(user.householdId(), id, reading);
        return one(user, id);
    }

    @PostMapping("/{id}/readings/{reading}/take-back")
    OnePersonView unstrike(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("reading") UUID reading) {
        wearers.unstrike(user.householdId(), id, reading);
        return one(user, id);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void throwAway(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        wearers.throwAway(user.householdId(), id);
    }

    @PostMapping("/{id}/take-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        wearers.takeBack(user.householdId(), id);
    }
}
