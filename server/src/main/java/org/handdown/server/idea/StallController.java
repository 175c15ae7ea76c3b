package org.handdown.server.idea;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.idea.Idea;
import org.handdown.idea.Offered;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.server.account.AccountService;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.idea.WishMapper.WishRow;
import org.handdown.server.project.Say;
import org.handdown.server.project.Typed;
import org.handdown.server.stash.StashSources;
import org.handdown.server.stash.ThingRequests.ThingRequest;
import org.handdown.server.table.PracticeService;
import org.handdown.server.wearer.Wearers;
import org.handdown.server.wearer.Wearers.Known;
import org.handdown.server.web.Ceiling;
import org.handdown.source.Inspection;
import org.handdown.source.Source;
import org.handdown.source.anatomy.MeasureSpec;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A garment in the hand, not bought yet: whom and what it would serve by quick tests alone, and what to look at. */
@RestController
@RequestMapping("/api/ideas/stall")
class StallController {
    private static final long TRYING_MILLIS = 6_000;

    private final Wishes wishes;
    private final Wearers wearers;
    private final QuickIdeas quick;
    private final PracticeService practice;
    private final AccountService accounts;
    private final Ceiling ceiling;

    StallController(
            Wishes wishes,
            Wearers wearers,
            QuickIdeas quick,
            PracticeService practice,
            AccountService accounts,
            Ceiling ceiling) {
        this.accounts = accounts;
        this.wishes = wishes;
        this.wearers = wearers;
        this.quick = quick;
        this.practice = practice;
        this.ceiling = ceiling;
    }

    /** @param wearer whose every garment is tried; empty for the wishes that are kept */
    record StallRequest(
            @Nullable ThingRequest thing, @Nullable String wearer) {}

    /** @param sentence the slack, or what is short */
    record AnswerView(String wearer, String draft, String words, Idea.Chance chance, String sentence) {}

    /**
     * @param measured how its measures were understood
     * @param answers the likeliest first
     */
    record StallView(String measured, List<AnswerView> answers, List<String> lookAt) {}

    @PostMapping
    StallView ask(@AuthenticationPrincipal HouseholdUser user, @RequestBody StallRequest body) {
        LengthUnit unit = accounts.unit(user);
        ThingRequest thing = Typed.require("thing.kind", body.thing);
        Source source = ceiling.under(() -> StashSources.described(new Typed(unit), thing));
        Practice by = practice.of(user.householdId());
        String name = Typed.text(body.wearer);
        long end = System.nanoTime() + TRYING_MILLIS * 700_000;
        List<AnswerView> answers = new ArrayList<>();
        if (name.isEmpty()) {
            for (WishRow wish : wishes.of(user.householdId())) {
                wearers.named(user.householdId(), wish.wearer())
                        .filter(StallController::isTall)
                        .ifPresent(k -> answers.add(answer(source, Drafts.require(wish.draft()), k, by, end)));
            }
        } else {
            Known known = wearers.named(user.householdId(), name)
                    .filter(StallController::isTall)
                    .orElseThrow(() -> new RefusedValueException(
                            "wearer", "Nobody of that name is measured; a height is enough."));
            for (Draft draft : QuickIdeas.garments()) {
                answers.add(answer(source, draft, known, by, end));
            }
        }
        answers.sort(Comparator.comparing(AnswerView::chance));
        return new StallView(
                measured(source, new Say(unit)),
                answers,
                Inspection.of(source.kind(), source.cloth().weave()));
    }

    private static boolean isTall(Known known) {
        return known.wearer().find(BodyMeasure.HEIGHT).isPresent();
    }

    private AnswerView answer(Source source, Draft draft, Known known, Practice by, long end) {
        Wearer wearer = known.wearer();
        Idea.Quick found = ceiling.under(
                TRYING_MILLIS, () -> quick.of(new Idea.Ask(Offered.of(source), draft, wearer, known.unit(), by), end));
        return new AnswerView(
                wearer.name(),
                draft.id(),
                draft.words(),
                found.chance(),
                new Say(known.unit()).sentence(found.sentence()));
    }

    /** What somebody measured of it, whole girths as they are reckoned with. */
    private static String measured(Source source, Say say) {
        List<String> told = new ArrayList<>();
        for (MeasureSpec spec : source.kind().measures()) {
            boolean isMeasured = !source.assessment().proposed().contains(spec.id());
            if (isMeasured && !spec.isCount()) {
                told.add(spec.words() + " " + say.length(source.measures().mm(spec.id())));
            }
        }
        return told.isEmpty() ? "Nothing measured: an average one." : String.join("; ", told);
    }
}
