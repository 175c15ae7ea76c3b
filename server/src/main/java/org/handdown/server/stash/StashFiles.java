package org.handdown.server.stash;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.handdown.formats.project.StashCsv;
import org.handdown.formats.project.StashJson;
import org.handdown.formats.sheet.Paper;
import org.handdown.formats.sheet.StashLabels;
import org.handdown.server.account.AccountService;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.web.Ceiling;
import org.handdown.server.web.NotThereException;
import org.handdown.stash.StashItem;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The stash as files: all of it as things or as a table, and labels for its bags. */
@RestController
@RequestMapping("/api/stash")
class StashFiles {
    private final StashService stash;
    private final AccountService accounts;
    private final Ceiling ceiling;

    StashFiles(StashService stash, AccountService accounts, Ceiling ceiling) {
        this.accounts = accounts;
        this.stash = stash;
        this.ceiling = ceiling;
    }

    /** @param id of the first of them */
    record BroughtView(String id, List<String> ids) {}

    /** The body is a file of things, one thing, or a source file (docs/formats/thing.md); all of it comes in, or nothing. */
    @PostMapping(path = "/import", consumes = "application/json")
    @ResponseStatus(HttpStatus.CREATED)
    BroughtView bring(@AuthenticationPrincipal HouseholdUser user, @RequestBody String file) {
        return brought(user, ceiling.under(() -> StashJson.read(file)));
    }

    /** The body is a table as it is handed out. */
    @PostMapping(path = "/import-table", consumes = "text/csv")
    @ResponseStatus(HttpStatus.CREATED)
    BroughtView bringTable(@AuthenticationPrincipal HouseholdUser user, @RequestBody String file) {
        return brought(user, ceiling.under(() -> StashCsv.read(file)));
    }

    private BroughtView brought(HouseholdUser user, List<StashItem> items) {
        List<String> ids = stash.keepAll(user.householdId(), items).stream()
                .map(UUID::toString)
                .toList();
        return new BroughtView(ids.isEmpty() ? "" : ids.get(0), ids);
    }

    @GetMapping(path = "/stash.json", produces = "application/json")
    String things(@AuthenticationPrincipal HouseholdUser user) {
        return StashJson.text(stash.all(user.householdId()).stream()
                .map(StashService.Kept::item)
                .toList());
    }

    @GetMapping(path = "/stash.csv", produces = "text/csv;charset=UTF-8")
    String table(@AuthenticationPrincipal HouseholdUser user) {
        Map<String, StashItem> items = new LinkedHashMap<>();
        stash.all(user.householdId()).forEach(k -> items.put(k.code(), k.item()));
        return StashCsv.write(items);
    }

    /** @param things ids of those that want a label; none for all */
    @GetMapping(path = "/labels.pdf", produces = "application/pdf")
    byte[] labels(
            @AuthenticationPrincipal HouseholdUser user,
            @RequestParam(name = "things", defaultValue = "") List<String> things) {
        Set<String> wanted = things.stream().filter(t -> !t.isBlank()).collect(Collectors.toSet());
        List<StashLabels.Labelled> labelled = stash.all(user.householdId()).stream()
                .filter(k -> wanted.isEmpty() || wanted.contains(k.row().id().toString()))
                .map(k -> new StashLabels.Labelled(k.code(), k.item()))
                .toList();
        if (labelled.isEmpty()) {
            throw new NotThereException("There is nothing in the stash that could have a label.");
        }
        return new StashLabels(labelled, accounts.unit(user), Paper.A4).pdf();
    }
}
