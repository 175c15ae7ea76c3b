package org.handdown.server.idea;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.handdown.idea.Idea;
import org.jspecify.annotations.Nullable;

@Mapper
interface IdeaMapper {
    /** How far a try has come. */
    enum State {
        /** nothing is tried yet */
        WAITING,
        /** quick tests refuse it not: it will be laid */
        LIKELY,
        REFUSED,
        LAID
    }

    /** @param state of the household's latest question */
    record SearchRow(UUID household, int number, String ask, SearchState state, boolean paired) {}

    /** How far a question has come. */
    enum SearchState {
        WORKING,
        STOPPED,
        DONE
    }

    /**
     * A try.
     *
     * @param other the second of two things together; null for one alone
     * @param attempts how often somebody took it up
     * @param wanted copies that must lie; {@code lying} of them do
     */
    record IdeaRow(
            UUID id,
            UUID household,
            UUID thing,
            @Nullable UUID other,
            String draft,
            String wearer,
            UUID basis,
            int search,
            State state,
            int attempts,
            String sentence,
            double clothMm2,
            double wantedMm2,
            int lying,
            int wanted,
            double worth,
            Idea.Opening opening,
            @Nullable String layout) {
        boolean isWhole() {
            return state == State.LAID && lying == wanted;
        }
    }

    /** A try as it is shown. @param otherName empty for one thing alone */
    record ShownRow(
            UUID id,
            UUID thing,
            String thingName,
            @Nullable UUID other,
            String otherName,
            String draft,
            String wearer,
            String sentence,
            int lying,
            int wanted,
            double worth) {}

    /** How many there are in a state. @param whole of them lie whole */
    record CountRow(State state, int count, int whole) {}

    Optional<SearchRow> search(@Param("household") UUID household);

    /** The next number; whatever was asked before is over. */
    int ask(@Param("household") UUID household, @Param("ask") String ask);

    int setState(@Param("household") UUID household, @Param("number") int number, @Param("state") SearchState state);

    /** 0 where somebody else looks for pairs already, or has. */
    int pairing(@Param("household") UUID household, @Param("number") int number);

    /** @param rows as a JSON array of objects: id, thing, other, draft, wearer, basis, place */
    int put(@Param("household") UUID household, @Param("number") int number, @Param("rows") String rows);

    /** Takes up the next one that nobody is at; it is this one's for a minute. */
    Optional<IdeaRow> claim(
            @Param("household") UUID household, @Param("number") int number, @Param("state") State state);

    /** Are there some that are not through yet, whoever is at them? */
    boolean isAnyOpen(@Param("household") UUID household, @Param("number") int number);

    /** Nobody is at it any more. */
    void letGo(@Param("id") UUID id);

    /** What quick tests told; nothing is written where its figures changed meanwhile. */
    void tried(
            @Param("row") IdeaRow row,
            @Param("state") State state,
            @Param("sentence") String sentence,
            @Param("clothMm2") double clothMm2,
            @Param("wantedMm2") double wantedMm2,
            @Param("place") int place);

    void laid(
            @Param("row") IdeaRow row,
            @Param("lying") int lying,
            @Param("wanted") int wanted,
            @Param("worth") double worth,
            @Param("opening") Idea.Opening opening,
            @Param("layout") String layout);

    List<CountRow> counts(@Param("household") UUID household, @Param("number") int number);

    /** The best of those that were laid. */
    List<ShownRow> best(@Param("household") UUID household, @Param("number") int number, @Param("most") int most);

    List<ShownRow> refused(@Param("household") UUID household, @Param("number") int number, @Param("most") int most);

    List<IdeaRow> singles(@Param("household") UUID household, @Param("number") int number);

    Optional<IdeaRow> find(@Param("household") UUID household, @Param("id") UUID id);

    /** The oldest beyond so many. */
    int forgetOld(@Param("household") UUID household, @Param("most") int most);
}
