package org.handdown.server.project;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.handdown.project.Workroom;
import org.handdown.source.graph.StitchType;
import org.jspecify.annotations.Nullable;

@Mapper
interface ProjectMapper {
    /**
     * A project in its current state.
     *
     * @param mark of the state's row as it was last written: whoever knows the document under it need not read it again
     */
    record ProjectRow(
            UUID id,
            long version,
            long seq,
            String mark,
            @Nullable String undoWhat,
            @Nullable String redoWhat) {}

    record TitleRow(UUID id, String name, OffsetDateTime updatedAt) {}

    List<TitleRow> list(@Param("household") UUID household);

    /** @param glance as JSON; null where it was not made yet */
    record ShelfRow(
            UUID id,
            String name,
            long version,
            OffsetDateTime updatedAt,
            boolean aside,
            @Nullable String glance) {}

    /** @param like pattern of the names, without the wildcards around it */
    List<ShelfRow> shelf(
            @Param("household") UUID household,
            @Param("like") String like,
            @Param("aside") boolean aside,
            @Param("from") int from,
            @Param("most") int most);

    int shelfCount(@Param("household") UUID household, @Param("like") String like, @Param("aside") boolean aside);

    void keepGlance(@Param("household") UUID household, @Param("id") UUID id, @Param("glance") String glance);

    int setAside(@Param("household") UUID household, @Param("id") UUID id, @Param("aside") boolean aside);

    Optional<ProjectRow> find(@Param("household") UUID household, @Param("id") UUID id);

    /** Thrown away, but not yet for good. */
    List<TitleRow> listThrownAway(@Param("household") UUID household);

    /** Holds the project until the transaction ends; null where there is none. */
    @Nullable
    UUID lock(@Param("household") UUID household, @Param("id") UUID id);

    /** A state that is kept. */
    record StateRow(long seq, String what, OffsetDateTime madeAt, String document) {}

    /** All states that are kept, the newest first. */
    List<StateRow> states(@Param("household") UUID household, @Param("id") UUID id);

    Optional<String> state(@Param("household") UUID household, @Param("id") UUID id, @Param("seq") long seq);

    void insert(@Param("household") UUID household, @Param("id") UUID id, @Param("name") String name);

    void insertState(
            @Param("household") UUID household,
            @Param("id") UUID id,
            @Param("seq") long seq,
            @Param("what") String what,
            @Param("document") String document);

    /** States that an undo left behind, and those too old to keep. */
    void deleteStates(
            @Param("household") UUID household,
            @Param("id") UUID id,
            @Param("after") long after,
            @Param("before") long before);

    int move(
            @Param("household") UUID household,
            @Param("id") UUID id,
            @Param("name") String name,
            @Param("seq") long seq,
            @Param("version") long version);

    record RateRow(StitchType stitch, double minutesPerMetre) {}

    /** Own minutes a metre and row of each stitch that at least 30 cm were unpicked of. */
    List<RateRow> rates(@Param("household") UUID household);

    void deleteTimes(@Param("household") UUID household, @Param("id") UUID id);

    void insertTime(@Param("household") UUID household, @Param("id") UUID id, @Param("time") Workroom.UnpickTime time);

    int softDelete(@Param("household") UUID household, @Param("id") UUID id);

    int restore(@Param("household") UUID household, @Param("id") UUID id);
}
