package org.handdown.server.table;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.handdown.make.Tool;
import org.handdown.make.Toolbox;
import org.handdown.measure.Glossary;
import org.handdown.measure.LengthText;
import org.handdown.measure.RefusedValueException;
import org.handdown.server.account.HouseholdUser;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class TableController {
    private static final int LONGEST_WORD = 80;

    private final TableService table;

    TableController(TableService table) {
        this.table = table;
    }

    record ToolView(Tool tool, Tool.Kind kind, String kindWords, String words, boolean owned, String instead) {}

    @GetMapping("/tools")
    List<ToolView> tools(@AuthenticationPrincipal HouseholdUser user) {
        Toolbox box = table.toolbox(user.householdId());
        return Arrays.stream(Tool.values())
                .map(t -> new ToolView(
                        t, t.kind(), t.kind().words(), t.words(), box.has(t), LengthText.unmarked(t.instead())))
                .toList();
    }

    record ToolsRequest(@Nullable Set<Tool> owned) {}

    /** Everything that is owned; whatever is not named is missing from now on. */
    @PutMapping("/tools")
    List<ToolView> own(@AuthenticationPrincipal HouseholdUser user, @RequestBody ToolsRequest body) {
        if (body.owned == null) {
            throw new RefusedValueException("owned", "is missing; name every tool that is there, or none.");
        }
        table.own(user.householdId(), body.owned);
        return tools(user);
    }

    /** Concepts that somebody may mean by their own words; all of them where nothing is said. */
    @GetMapping("/words")
    List<Glossary.Term> words(@RequestParam(name = "said", defaultValue = "") String said) {
        return said.length() > LONGEST_WORD ? List.of() : Glossary.meant(said);
    }
}
