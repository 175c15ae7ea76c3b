package org.handdown.server.stash;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.handdown.cloth.ColourFamily;
import org.jspecify.annotations.Nullable;

@Mapper
interface ThingMapper {
    /**
     * @param amount there is, in the count of the thing
     * @param promised of it, by what binds
     * @param photo the first one; null without any
     */
    record ThingRow(
            UUID id,
            String kind,
            int number,
            String document,
            long version,
            double amount,
            double promised,
            @Nullable UUID photo,
            OffsetDateTime updatedAt) {}

    /**
     * What a list is narrowed by; an empty text or null narrows nothing.
     *
     * @param text in the name, the cloth, the place, or the code
     * @param number and kindOfCode: of a code that the text reads as
     * @param kinds that can serve at all; empty for any
     * @param widestMm and longestMm: a sheet must be so large at least
     * @param used what is used up is listed too, as it is by its code
     */
    record Narrowing(
            String text,
            @Nullable Integer number,
            String kindOfCode,
            List<String> kinds,
            String place,
            String weave,
            String missed,
            @Nullable ColourFamily colour,
            double widestMm,
            double longestMm,
            boolean used) {}

    /** What of a row can be asked by: written beside the document, and read off it. */
    record Columns(
            String kind,
            String name,
            String place,
            String cloth,
            String weave,
            String missed,
            boolean washed,
            double amount,
            double widestMm,
            double longestMm) {}

    record HoldRow(UUID thing, @Nullable UUID project, String name, String hold, double amount) {}

    /** What came out of a project. @param gone thrown away since, or taken out again by undo */
    record ReturnedRow(UUID id, String kind, int number, String name, String place, String document, boolean gone) {}

    record ThrownRow(UUID id, String name, String kind, int number, OffsetDateTime deletedAt) {}

    List<ThingRow> list(
            @Param("household") UUID household,
            @Param("by") Narrowing by,
            @Param("colours") List<String> colours,
            @Param("from") int from,
            @Param("most") int most);

    int count(@Param("household") UUID household, @Param("by") Narrowing by, @Param("colours") List<String> colours);

    /** The different colours of its cloths, as {@code #rrggbb}. */
    List<String> colours(@Param("household") UUID household);

    Optional<ThingRow> find(@Param("household") UUID household, @Param("id") UUID id);

    List<String> places(@Param("household") UUID household);

    int all(@Param("household") UUID household);

    void lock(@Param("household") UUID household);

    int nextNumber(@Param("household") UUID household, @Param("kind") String kind);

    void insert(
            @Param("household") UUID household,
            @Param("id") UUID id,
            @Param("number") int number,
            @Param("columns") Columns columns,
            @Param("document") String document,
            @Param("from") @Nullable UUID from);

    int update(
            @Param("household") UUID household,
            @Param("id") UUID id,
            @Param("version") long version,
            @Param("columns") Columns columns,
            @Param("document") String document);

    void remember(@Param("household") UUID household, @Param("id") UUID id);

    void forgetOld(@Param("household") UUID household, @Param("id") UUID id);

    Optional<String> lastState(@Param("household") UUID household, @Param("id") UUID id);

    void forgetLast(@Param("household") UUID household, @Param("id") UUID id);

    int delete(@Param("household") UUID household, @Param("id") UUID id);

    int takeBack(@Param("household") UUID household, @Param("id") UUID id);

    List<ReturnedRow> from(@Param("household") UUID household, @Param("project") UUID project);

    int takeOut(@Param("household") UUID household, @Param("project") UUID project);

    void usedUp(
            @Param("household") UUID household,
            @Param("project") UUID project,
            @Param("before") List<String> before,
            @Param("now") String now);

    int place(@Param("household") UUID household, @Param("project") UUID project, @Param("place") String place);

    List<ThrownRow> thrownAway(@Param("household") UUID household);

    /** What a project holds or wishes for. */
    record HeldRow(UUID thing, String kind, int number, String name, String hold, double amount) {}

    List<HeldRow> held(@Param("household") UUID household, @Param("project") UUID project);

    List<HoldRow> holds(@Param("household") UUID household, @Param("things") List<UUID> things);

    void hold(
            @Param("household") UUID household,
            @Param("thing") UUID thing,
            @Param("project") UUID project,
            @Param("hold") String hold,
            @Param("amount") double amount);

    int release(@Param("household") UUID household, @Param("thing") UUID thing, @Param("project") UUID project);
}
