package org.handdown.server.idea;

import com.fasterxml.jackson.databind.node.ArrayNode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.handdown.formats.Json;
import org.handdown.pattern.draft.Drafts;
import org.handdown.server.idea.IdeaAsks.Look;
import org.handdown.server.idea.IdeaMapper.IdeaRow;
import org.handdown.server.idea.IdeaMapper.SearchRow;
import org.handdown.server.idea.IdeaSearches.Pair;
import org.handdown.server.stash.StashSources;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which two things could do together what none did alone: those that have cloth enough and go into one garment, the nearest first. */
@Component
class IdeaPairs {
    /** Of odd shapes rarely more of the cloth can be used (common practice, no source). */
    private static final double MOST_USED = 0.75;

    private static final int MOST_OF_A_WISH = 6;
    private static final int MOST_IN_ALL = 600;

    private final IdeaMapper mapper;
    private final StashSources stash;

    IdeaPairs(IdeaMapper mapper, StashSources stash) {
        this.mapper = mapper;
        this.stash = stash;
    }

    /**
     * Once for a question; whoever else ends with it at the same time waits here, and finds them in the queue.
     *
     * @return how many were put into the queue; 0 where that was done before
     */
    @Transactional
    int add(SearchRow search, Look look) {
        if (mapper.pairing(search.household(), search.number()) == 0) {
            return 0;
        }
        Question question = Question.read(search.ask());
        List<StashSources.Named> things = stash.free(search.household());
        look.know(things);
        Map<String, List<IdeaRow>> byWish = new LinkedHashMap<>();
        for (IdeaRow row : mapper.singles(search.household(), search.number())) {
            byWish.computeIfAbsent(row.draft() + " " + row.wearer().toLowerCase(Locale.ROOT), k -> new ArrayList<>())
                    .add(row);
        }
        ArrayNode rows = Json.MAPPER.createArrayNode();
        int turn = 0;
        for (List<IdeaRow> tries : byWish.values()) {
            if (tries.stream().noneMatch(IdeaRow::isWhole)) {
                IdeaRow any = tries.get(0);
                double wanted =
                        tries.stream().mapToDouble(IdeaRow::wantedMm2).max().orElse(0);
                for (Pair pair : wanted > 0 ? near(question, things, wanted) : List.<Pair>of()) {
                    if (turn++ < MOST_IN_ALL) {
                        IdeaSearches.row(
                                        rows,
                                        look,
                                        pair,
                                        Drafts.require(any.draft()),
                                        look.dressed(question, any.wearer()))
                                .put("place", turn);
                    }
                }
            }
        }
        return rows.isEmpty() ? 0 : mapper.put(search.household(), search.number(), rows.toString());
    }

    private List<Pair> near(Question question, List<StashSources.Named> things, double wanted) {
        record Both(StashSources.Named one, StashSources.Named other) {
            double area() {
                return one.areaMm2() + other.areaMm2();
            }
        }
        UUID fixed = question.thing().isEmpty() ? null : UUID.fromString(question.thing());
        List<Both> all = new ArrayList<>();
        for (int i = 0; i < things.size(); i++) {
            for (int j = i + 1; j < things.size(); j++) {
                StashSources.Named one = things.get(i);
                StashSources.Named other = things.get(j);
                boolean isAsked =
                        fixed == null || one.id().equals(fixed) || other.id().equals(fixed);
                // A source is the project's own, what lies flat is brought to it.
                boolean turned = one.offered().source() == null || other.id().equals(fixed);
                Both both = turned && other.offered().source() != null ? new Both(other, one) : new Both(one, other);
                if (isAsked && both.area() * MOST_USED > wanted) {
                    all.add(both);
                }
            }
        }
        return all.stream()
                .sorted(Comparator.comparingDouble(Both::area))
                .filter(b -> stash.both(b.one, b.other).goesTogether())
                .limit(MOST_OF_A_WISH)
                .map(b -> new Pair(b.one.id(), b.other.id()))
                .toList();
    }
}
