package org.handdown.server.idea;

import java.util.List;
import java.util.UUID;
import org.handdown.idea.Idea;
import org.handdown.idea.LaidIdea;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.project.Kept;
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
import org.handdown.server.web.Ceiling;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a stash could become: a question is put, worked on in the background, and what is found is shown while more is found. */
@RestController
@RequestMapping("/api/ideas")
class IdeaController {
    private static final long EXAMPLE_MILLIS = 15_000;

    private final IdeaSearches searches;
    private final SearchViews views;
    private final LaidAgain laidAgain;
    private final IdeaTask.Workers workers;
    private final StashSources stash;
    private final ProjectService projects;
    private final Ceiling ceiling;
    private final Kept kept;
    private final PracticeService practice;
    private final double seconds;

    /** @param seconds most time of one lay */
    IdeaController(
            IdeaSearches searches,
            SearchViews views,
            LaidAgain laidAgain,
            IdeaTask.Workers workers,
            StashSources stash,
            ProjectService projects,
            Ceiling ceiling,
            Kept kept,
            PracticeService practice,
            @Value("${handdown.idea-seconds}") double seconds) {
        this.searches = searches;
        this.views = views;
        this.laidAgain = laidAgain;
        this.workers = workers;
        this.stash = stash;
        this.projects = projects;
        this.ceiling = ceiling;
        this.kept = kept;
        this.practice = practice;
        this.seconds = seconds;
    }

    /**
     * @param source of the stash; null for all of it that is free
     * @param draft of the wish; empty for all of them
     * @param wearer by name; empty for everybody whose height is known
     * @param height as it was typed; empty for somebody known
     * @param unit that it is read in; centimetres where nothing is said
     */
    record IdeaRequest(
            @Nullable UUID source,
            @Nullable String draft,
            @Nullable String wearer,
            @Nullable String height,
            @Nullable LengthUnit unit) {
        Question question() {
            return new Question(
                    source == null ? "" : source.toString(),
                    Typed.text(draft),
                    Typed.text(wearer),
                    Typed.text(height),
                    unit == null ? LengthUnit.CM : unit);
        }
    }

    /** Puts a question: an earlier one of the household is over then. What was found with the same figures stays found. */
    @PostMapping("/search")
    SearchViews.SearchView ask(@AuthenticationPrincipal HouseholdUser user, @RequestBody IdeaRequest body) {
        searches.ask(user.householdId(), body.question());
        workers.call(user.householdId());
        return search(user);
    }

    @GetMapping("/search")
    SearchViews.SearchView search(@AuthenticationPrincipal HouseholdUser user) {
        return views.of(user.householdId());
    }

    /** Asked once more, it goes on from where it was. */
    @PostMapping("/search/stop")
    SearchViews.SearchView stop(@AuthenticationPrincipal HouseholdUser user) {
        searches.stop(user.householdId());
        return search(user);
    }

    /** @param lay as it lies */
    record LaidView(boolean whole, List<String> sentences, LayView lay) {}

    /** One that was laid: what it takes and what it leaves. */
    @GetMapping("/found/{id}")
    LaidView found(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        LaidAgain.Again again = laidAgain.of(user.householdId(), id);
        LaidIdea laid = again.laid();
        Project project = laid.project();
        Shown shown = Shown.of(project, new Workroom(project));
        Say say = Say.to(project);
        return new LaidView(
                laid.isWhole(),
                IdeaWords.of(laid).stream().map(say::sentence).toList(),
                LayViews.alone(shown, java.util.Objects.requireNonNull(project.lay())));
    }

    /** A project begun with it: everything filled in, all that it is made of reserved, the lay laid. */
    @PostMapping("/found/{id}/begin")
    @ResponseStatus(HttpStatus.CREATED)
    BegunView begin(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        LaidAgain.Again again = laidAgain.of(user.householdId(), id);
        UUID begun = stash.begin(
                user.householdId(),
                again.row().thing(),
                again.row().other(),
                again.laid().project(),
                again.laid().takes());
        return new BegunView(begun.toString());
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
                () -> ceiling.under(
                        EXAMPLE_MILLIS,
                        () -> Idea.best(
                                Idea.example(by),
                                List.of(),
                                seconds,
                                () -> Thread.currentThread().isInterrupted())));
        return new BegunView(
                projects.begin(user.householdId(), laid.project(), "an example").toString());
    }
}
