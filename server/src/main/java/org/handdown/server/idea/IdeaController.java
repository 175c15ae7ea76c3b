package org.handdown.server.idea;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.handdown.body.Wearer;
import org.handdown.idea.Idea;
import org.handdown.idea.LaidIdea;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Kept;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.lay.LayView;
import org.handdown.server.lay.LayViews;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.handdown.server.project.Typed;
import org.handdown.server.stash.StashSources;
import org.handdown.server.table.PracticeService;
import org.handdown.server.wearer.Wearers;
import org.handdown.server.web.BusyException;
import org.handdown.server.web.Ceiling;
import org.handdown.source.Source;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a garment of the stash could become, and from which a wish could be made: quick tests over all, then real lays one by one. */
@RestController
@RequestMapping("/api/ideas")
class IdeaController {
    private static final long TRYING_MILLIS = 15_000;
    /** One lay of a household's question at a time: laying for projects goes on beside it. */
    private final Semaphore turn = new Semaphore(1, true);

    private final StashSources stash;
    private final ProjectService projects;
    private final Wearers wearers;
    private final QuickIdeas quickly;
    private final Ceiling ceiling;
    private final Kept kept;
    private final PracticeService practice;
    private final Clock clock;
    private final double seconds;

    /** @param seconds most time of one lay */
    IdeaController(
            StashSources stash,
            ProjectService projects,
            Wearers wearers,
            QuickIdeas quickly,
            Ceiling ceiling,
            Kept kept,
            PracticeService practice,
            Clock clock,
            @Value("${handdown.idea-seconds}") double seconds) {
        this.stash = stash;
        this.projects = projects;
        this.wearers = wearers;
        this.quickly = quickly;
        this.ceiling = ceiling;
        this.kept = kept;
        this.practice = practice;
        this.clock = clock;
        this.seconds = seconds;
    }

    /**
     * @param source of the stash; null for all of them
     * @param draft of the wish; empty for all of them
     * @param wearer by name
     * @param height as it was typed; empty for somebody known
     * @param unit that lengths are read and shown in; centimetres where nothing is said
     */
    record IdeaRequest(
            @Nullable UUID source,
            @Nullable String draft,
            @Nullable String wearer,
            @Nullable String height,
            @Nullable LengthUnit unit) {
        LengthUnit shown() {
            return unit == null ? LengthUnit.CM : unit;
        }
    }

    /**
     * @param source of the stash by its id
     * @param chance by quick tests
     * @param sentence why
     */
    record IdeaView(
            String source, String sourceName, String draft, String words, Idea.Chance chance, String sentence) {}

    /** Every garment that could be made, the likeliest first. */
    @PostMapping
    List<IdeaView> ask(@AuthenticationPrincipal HouseholdUser user, @RequestBody IdeaRequest body) {
        Wearer wearer = wearer(user, body);
        List<StashSources.Named> sources = body.source == null
                ? stash.free(user.householdId())
                : List.of(stash.require(user.householdId(), body.source));
        String wish = Typed.text(body.draft);
        List<Draft> drafts = wish.isEmpty() ? QuickIdeas.garments() : List.of(Drafts.require(wish));
        if (body.source == null && wish.isEmpty()) {
            throw new RefusedValueException("draft", "Say what you wish for, or which source to begin from.");
        }
        Practice by = practice.of(user.householdId());
        long end = System.nanoTime() + TRYING_MILLIS * 700_000;
        List<IdeaView> found = ceiling.under(TRYING_MILLIS, () -> {
            List<IdeaView> all = new ArrayList<>();
            for (StashSources.Named source : sources) {
                for (Draft draft : drafts) {
                    all.add(quick(source.id(), new Idea.Ask(source.source(), draft, wearer, body.shown(), by), end));
                }
            }
            return all;
        });
        return found.stream().sorted(Comparator.comparing(IdeaView::chance)).toList();
    }

    private IdeaView quick(UUID id, Idea.Ask ask, long end) {
        Idea.Quick quick = quickly.of(ask, end);
        return new IdeaView(
                id.toString(),
                ask.source().name(),
                ask.draft().id(),
                ask.draft().words(),
                quick.chance(),
                new Say(ask.unit()).sentence(quick.sentence()));
    }

    /**
     * @param worth what lies whole is worth more, then what saves more than it takes
     * @param lay as it lies
     */
    record LaidView(boolean whole, int lying, int wanted, double worth, List<String> sentences, LayView lay) {}

    /** Lays one of them for real. */
    @PostMapping("/lay")
    LaidView lay(@AuthenticationPrincipal HouseholdUser user, @RequestBody IdeaRequest body) {
        LaidIdea laid = laid(user, body);
        Project project = laid.project();
        Lay lay = java.util.Objects.requireNonNull(project.lay());
        Shown shown = Shown.of(project, new Workroom(project));
        return new LaidView(
                laid.isWhole(),
                laid.lying(),
                laid.wanted(),
                laid.worth(),
                IdeaWords.of(laid),
                LayViews.alone(shown, lay));
    }

    /** A project begun with it: everything filled in, the source reserved, the lay laid. */
    @PostMapping("/begin")
    @ResponseStatus(HttpStatus.CREATED)
    BegunView begin(@AuthenticationPrincipal HouseholdUser user, @RequestBody IdeaRequest body) {
        UUID source = Typed.require("source", body.source);
        LaidIdea laid = laid(user, body);
        return new BegunView(
                stash.begin(user.householdId(), source, laid.project()).toString());
    }

    record BegunView(String id) {}

    /** One worked through to the lay, for whoever wants to see first: average trousers, and a child that nobody measured. */
    @PostMapping("/example")
    @ResponseStatus(HttpStatus.CREATED)
    BegunView example(@AuthenticationPrincipal HouseholdUser user) {
        Practice by = practice.of(user.householdId());
        LaidIdea laid = kept.of(
                Kept.Result.IDEA,
                List.of("example", by),
                () -> inTurn(() -> ceiling.under(
                        TRYING_MILLIS,
                        () -> Idea.best(
                                Idea.example(by),
                                seconds,
                                () -> Thread.currentThread().isInterrupted()))));
        return new BegunView(
                projects.begin(user.householdId(), laid.project(), "an example").toString());
    }

    private LaidIdea laid(HouseholdUser user, IdeaRequest body) {
        Source source = stash.require(user.householdId(), Typed.require("source", body.source))
                .source();
        Draft draft = Drafts.require(Typed.text(body.draft));
        Wearer wearer = wearer(user, body);
        Idea.Ask ask = new Idea.Ask(source, draft, wearer, body.shown(), practice.of(user.householdId()));
        List<Object> from = List.of(source, draft.id(), wearer, ask.unit(), ask.practice(), "laid");
        return kept.of(
                Kept.Result.IDEA,
                from,
                () -> inTurn(() -> ceiling.under(
                        TRYING_MILLIS,
                        () -> Idea.best(
                                ask, seconds, () -> Thread.currentThread().isInterrupted()))));
    }

    private LaidIdea inTurn(Supplier<LaidIdea> work) {
        try {
            if (!turn.tryAcquire(TRYING_MILLIS, TimeUnit.MILLISECONDS)) {
                throw new BusyException("Others are trying things out at the moment; ask again in a few seconds.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException("The program is being stopped; ask again once it runs.");
        }
        try {
            return work.get();
        } finally {
            turn.release();
        }
    }

    private Wearer wearer(HouseholdUser user, IdeaRequest body) {
        return wearers.wearer(
                user.householdId(),
                Typed.text(body.wearer),
                Typed.text(body.height),
                new Typed(body.shown()),
                LocalDate.now(clock));
    }
}
