package org.handdown.server.idea;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.draft.Drafts;
import org.handdown.server.idea.IdeaMapper.CountRow;
import org.handdown.server.idea.IdeaMapper.SearchRow;
import org.handdown.server.idea.IdeaMapper.SearchState;
import org.handdown.server.idea.IdeaMapper.ShownRow;
import org.handdown.server.idea.IdeaMapper.State;
import org.handdown.server.project.Say;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A question to the stash as the page shows it: how far it is, the best that was found, and what is refused. */
@Component
class SearchViews {
    private static final int MOST_CARDS = 20;
    /** The cards are chosen among so many. */
    private static final int LOOKED_AT = 600;

    /** What it counts against a card that another is of the same cloth, or the same garment (common practice, no source). */
    private static final double MINUTES_ALIKE = 20;

    private static final int MOST_REFUSED = 120;

    private final IdeaMapper mapper;

    SearchViews(IdeaMapper mapper) {
        this.mapper = mapper;
    }

    /** @param source empty for all that is free, as {@code draft} and {@code wearer} are */
    record AskedView(String source, String draft, String wearer, String height, LengthUnit unit) {}

    /**
     * Something that was tried.
     *
     * @param from what it is cut from, by name
     * @param words of the draft
     * @param sentence what quick tests told
     * @param worth the more, the better: what lies whole before what does not
     */
    record TriedView(
            String id,
            String from,
            String draft,
            String words,
            String wearer,
            String sentence,
            boolean whole,
            double worth) {}

    /**
     * @param asked null before anything was asked
     * @param tries in all, those with two things together once single ones are through
     * @param tried by quick tests, refused or not
     * @param open that are not through yet
     * @param whole that lie whole
     * @param best first
     * @param refused some of those for which there is too little cloth
     */
    record SearchView(
            @Nullable AskedView asked,
            boolean working,
            boolean stopped,
            int tries,
            int tried,
            int open,
            int whole,
            int refusals,
            List<TriedView> best,
            List<TriedView> refused) {}

    SearchView of(UUID household) {
        return mapper.search(household)
                .map(this::view)
                .orElse(new SearchView(null, false, false, 0, 0, 0, 0, 0, List.of(), List.of()));
    }

    private SearchView view(SearchRow search) {
        Map<State, CountRow> counts = new EnumMap<>(State.class);
        mapper.counts(search.household(), search.number()).forEach(c -> counts.put(c.state(), c));
        Question asked = Question.read(search.ask());
        int waiting = count(counts, State.WAITING);
        int likely = count(counts, State.LIKELY);
        int all = counts.values().stream().mapToInt(CountRow::count).sum();
        CountRow laid = counts.get(State.LAID);
        return new SearchView(
                new AskedView(asked.thing(), asked.draft(), asked.wearer(), asked.height(), asked.unit()),
                search.state() == SearchState.WORKING,
                search.state() == SearchState.STOPPED,
                all,
                all - waiting,
                waiting + likely,
                laid == null ? 0 : laid.whole(),
                count(counts, State.REFUSED),
                found(varied(mapper.best(search.household(), search.number(), LOOKED_AT)), asked),
                found(mapper.refused(search.household(), search.number(), MOST_REFUSED), asked));
    }

    /** The best, and not twenty times the same: what is much like one that is shown already must be better by so much. */
    private static List<ShownRow> varied(List<ShownRow> best) {
        List<ShownRow> left = new ArrayList<>(best);
        List<ShownRow> shown = new ArrayList<>();
        while (shown.size() < MOST_CARDS && !left.isEmpty()) {
            ShownRow next = Collections.max(left, Comparator.comparingDouble(r -> r.worth() - likeness(r, shown)));
            left.remove(next);
            shown.add(next);
        }
        return shown;
    }

    private static double likeness(ShownRow row, List<ShownRow> shown) {
        double minutes = 0;
        for (ShownRow other : shown) {
            minutes += row.thing().equals(other.thing()) ? MINUTES_ALIKE : 0;
            minutes += row.draft().equals(other.draft()) ? MINUTES_ALIKE : 0;
            minutes += row.wearer().equals(other.wearer()) ? MINUTES_ALIKE / 2 : 0;
        }
        return minutes;
    }

    private static int count(Map<State, CountRow> counts, State state) {
        CountRow row = counts.get(state);
        return row == null ? 0 : row.count();
    }

    private static List<TriedView> found(List<ShownRow> rows, Question asked) {
        Say say = new Say(asked.unit());
        return rows.stream()
                .filter(r -> Drafts.find(r.draft()).isPresent())
                .map(r -> new TriedView(
                        r.id().toString(),
                        r.otherName().isEmpty() ? r.thingName() : r.thingName() + " and " + r.otherName(),
                        r.draft(),
                        Drafts.require(r.draft()).words(),
                        r.wearer(),
                        say.sentence(r.sentence()),
                        r.lying() == r.wanted() && r.wanted() > 0,
                        r.worth()))
                .toList();
    }
}
