package org.handdown.server.idea;

import com.fasterxml.jackson.databind.node.ArrayNode;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import org.handdown.formats.Json;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.server.idea.IdeaAsks.Dressed;
import org.handdown.server.idea.IdeaAsks.Look;
import org.handdown.server.idea.IdeaMapper.SearchState;
import org.handdown.server.stash.StashSources;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A household's question to its stash: put, stopped, asked again. What was found before with the same figures is not looked for twice. */
@Service
class IdeaSearches {
    /** Thirty things, twenty garments and ten people. */
    private static final int MOST_TRIES = 6_000;
    /** What earlier questions found is kept up to so much. */
    private static final int MOST_KEPT = 20_000;

    private final IdeaMapper mapper;
    private final IdeaAsks asks;
    private final StashSources stash;
    private final Wishes wishes;

    IdeaSearches(IdeaMapper mapper, IdeaAsks asks, StashSources stash, Wishes wishes) {
        this.mapper = mapper;
        this.asks = asks;
        this.stash = stash;
        this.wishes = wishes;
    }

    /**
     * @throws RefusedValueException where nobody can be dressed, nothing is there to cut from, or more is asked than can be tried
     */
    @Transactional
    void ask(UUID household, Question question) {
        Look look = asks.look(household);
        List<StashSources.Named> things = question.thing().isEmpty()
                ? stash.free(household)
                : List.of(stash.require(household, UUID.fromString(question.thing())));
        List<Draft> drafts =
                question.draft().isEmpty() ? QuickIdeas.garments() : List.of(Drafts.require(question.draft()));
        List<Dressed> people = question.wearer().isEmpty() && question.height().isEmpty()
                ? look.everybody()
                : List.of(look.dressed(question, question.wearer()));
        if (people.isEmpty()) {
            throw new RefusedValueException(
                    "wearer", "Nobody’s height is known yet: say who will wear it and how tall they are.");
        }
        if (things.isEmpty()) {
            throw new RefusedValueException(
                    "source", "There is no cloth in the stash that nobody has a claim on: put something in first.");
        }
        int tries = things.size() * drafts.size() * people.size();
        if (tries > MOST_TRIES) {
            throw new RefusedValueException(
                    "draft",
                    Wording.fill(
                            "That would be %d tries, and %d are made at most: choose somebody, a garment or a source.",
                            tries, MOST_TRIES));
        }
        look.know(things);
        int number = mapper.ask(household, question.text());
        mapper.put(household, number, rows(look, things, drafts, people, wished(household)));
        mapper.forgetOld(household, MOST_KEPT);
    }

    private Set<String> wished(UUID household) {
        Set<String> all = new HashSet<>();
        wishes.of(household).forEach(w -> all.add(wish(w.draft(), w.wearer())));
        return all;
    }

    private static String wish(String draft, String wearer) {
        return draft + " for " + wearer.strip().toLowerCase(Locale.ROOT);
    }

    /** What is wished for comes first; then thing by thing in turn, so that the first that are found are not all of one. */
    private static String rows(
            Look look, List<StashSources.Named> things, List<Draft> drafts, List<Dressed> people, Set<String> wished) {
        ArrayNode rows = Json.MAPPER.createArrayNode();
        int turn = 0;
        for (Draft draft : drafts) {
            for (Dressed dressed : people) {
                for (StashSources.Named thing : things) {
                    turn++;
                    boolean isWished =
                            wished.contains(wish(draft.id(), dressed.wearer().name()));
                    row(rows, look, new Pair(thing.id(), null), draft, dressed)
                            .put("place", isWished ? turn - MOST_TRIES : turn);
                }
            }
        }
        return rows.toString();
    }

    /** One thing, or two. */
    record Pair(
            UUID thing, @org.jspecify.annotations.Nullable UUID other) {}

    static com.fasterxml.jackson.databind.node.ObjectNode row(
            ArrayNode rows, Look look, Pair pair, Draft draft, Dressed dressed) {
        UUID other = pair.other;
        return rows.addObject()
                .put("id", UUID.randomUUID().toString())
                .put("thing", pair.thing.toString())
                .put("other", other == null ? null : other.toString())
                .put("draft", draft.id())
                .put("wearer", dressed.wearer().name())
                .put("basis", look.basis(pair.thing, other, draft, dressed).toString());
    }

    @Transactional
    void stop(UUID household) {
        mapper.search(household).ifPresent(s -> mapper.setState(household, s.number(), SearchState.STOPPED));
    }
}
