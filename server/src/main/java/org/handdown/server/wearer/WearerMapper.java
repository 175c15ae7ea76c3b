package org.handdown.server.wearer;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Person.Reading;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.jspecify.annotations.Nullable;

@Mapper
interface WearerMapper {
    /**
     * @param formerly names that they had before, in small letters, a line each
     * @param entered by hand, not only known from a project
     */
    record PersonRow(UUID id, String name, String formerly, LengthUnit unit, boolean entered) {
        boolean goesBy(String other) {
            String plain = other.strip().toLowerCase(Locale.ROOT);
            return name.toLowerCase(Locale.ROOT).equals(plain)
                    || List.of(formerly.split("\n")).contains(plain);
        }
    }

    /** @param project that said it; empty where it was written into the household */
    record ReadingRow(
            UUID id,
            UUID wearer,
            BodyMeasure measure,
            double mm,
            String typed,
            @Nullable Double againMm,
            Origin origin,
            LocalDate takenOn,
            String takenBy,
            String project) {
        static ReadingRow of(Reading r) {
            Length again = r.again();
            return new ReadingRow(
                    new UUID(0, 0),
                    new UUID(0, 0),
                    r.measure(),
                    r.length().mm(),
                    r.typed(),
                    again == null ? null : again.mm(),
                    r.origin(),
                    r.on(),
                    r.by(),
                    "");
        }

        Reading reading() {
            Length again = againMm == null ? null : Length.ofMm(againMm);
            return new Reading(measure, Length.ofMm(mm), typed, again, takenOn, origin, takenBy);
        }
    }

    /** @param aim as the project's document has it */
    record AimRow(UUID project, String name, String aim) {}

    List<PersonRow> all(@Param("household") UUID household);

    Optional<PersonRow> find(@Param("household") UUID household, @Param("id") UUID id);

    Optional<PersonRow> named(@Param("household") UUID household, @Param("name") String name);

    /** The newest day first, then what was written last. @param wearer null for those of everybody */
    List<ReadingRow> readings(@Param("household") UUID household, @Param("wearer") @Nullable UUID wearer);

    /** The aims of the household's projects as they stand, the newest first. */
    List<AimRow> aims(@Param("household") UUID household, @Param("most") int most);

    List<PersonRow> thrownAway(@Param("household") UUID household);

    void insert(
            @Param("household") UUID household,
            @Param("id") UUID id,
            @Param("name") String name,
            @Param("unit") LengthUnit unit,
            @Param("entered") boolean entered);

    /** Known from a project; waits for whoever puts the same name in at the same time. */
    void insertUnlessThere(
            @Param("household") UUID household,
            @Param("id") UUID id,
            @Param("name") String name,
            @Param("unit") LengthUnit unit);

    int rename(
            @Param("household") UUID household,
            @Param("id") UUID id,
            @Param("name") String name,
            @Param("unit") LengthUnit unit);

    void insertReading(
            @Param("household") UUID household,
            @Param("wearer") UUID wearer,
            @Param("r") ReadingRow reading,
            @Param("project") @Nullable UUID project);

    /** What a project says no more. */
    void forget(
            @Param("household") UUID household,
            @Param("wearer") UUID wearer,
            @Param("project") UUID project,
            @Param("r") ReadingRow reading);

    /** A person whom nobody entered and no project knows any more. */
    void letGo(@Param("household") UUID household, @Param("wearer") UUID wearer);

    int strike(@Param("household") UUID household, @Param("wearer") UUID wearer, @Param("reading") UUID reading);

    int unstrike(@Param("household") UUID household, @Param("wearer") UUID wearer, @Param("reading") UUID reading);

    int throwAway(@Param("household") UUID household, @Param("id") UUID id);

    int takeBack(@Param("household") UUID household, @Param("id") UUID id);
}
