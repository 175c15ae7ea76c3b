package org.handdown.server.wearer;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Person;
import org.handdown.body.Person.Reading;
import org.handdown.body.Wearer;
import org.handdown.formats.project.Aims;
import org.handdown.formats.project.PeopleJson;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.project.Aim;
import org.handdown.server.project.Typed;
import org.handdown.server.wearer.WearerMapper.AimRow;
import org.handdown.server.wearer.WearerMapper.PersonRow;
import org.handdown.server.wearer.WearerMapper.ReadingRow;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whom a household makes things for: nobody is asked for a figure that it knows. */
@Service
public class Wearers {
    /** Projects whose aims are looked through for people that nobody entered. */
    private static final int LOOKED_AT = 500;

    private static final int MOST_PEOPLE = 100;
    private static final int MOST_READINGS = 1_000;

    private final WearerMapper mapper;

    Wearers(WearerMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * Somebody that the household knows.
     *
     * @param id null where only a project knows them
     * @param unit that their lengths are shown in
     * @param project that knows them, by its name; empty where the household does
     */
    public record Known(@Nullable UUID id, Person person, Wearer wearer, LengthUnit unit, String project) {}

    /** Everybody once, by name; those that only projects know come after, as the one last worked on has them. */
    @Transactional(readOnly = true)
    public List<Known> of(UUID household) {
        List<ReadingRow> readings = mapper.readings(household, null);
        List<Known> known = new ArrayList<>();
        List<PersonRow> people = mapper.all(household);
        people.forEach(row -> known.add(known(row, readings)));
        for (AimRow row : mapper.aims(household, LOOKED_AT)) {
            read(row)
                    .filter(k -> people.stream().noneMatch(p -> p.goesBy(k.person.name())))
                    .filter(k -> known.stream().noneMatch(o -> same(o.person.name(), k.person.name())))
                    .ifPresent(known::add);
        }
        return known;
    }

    private static Known known(PersonRow row, List<ReadingRow> readings) {
        Person person = new Person(
                row.name(),
                readings.stream()
                        .filter(r -> r.wearer().equals(row.id()))
                        .map(ReadingRow::reading)
                        .toList());
        return new Known(row.id(), person, person.wearer(), row.unit(), "");
    }

    /** A project that cannot be read any more knows nobody, nor does one that only proposes. */
    private static Optional<Known> read(AimRow row) {
        try {
            Aim aim = Aims.of(row.aim());
            Wearer wearer = aim.wearer();
            boolean isMeasured = wearer.measures().values().stream().anyMatch(t -> t.origin() != Origin.PROPOSED);
            return !isMeasured
                    ? Optional.empty()
                    : Optional.of(new Known(
                            null, new Person(wearer.name(), Person.readings(wearer)), wearer, aim.unit(), row.name()));
        } catch (RefusedValueException e) {
            return Optional.empty();
        }
    }

    static boolean same(String one, String other) {
        return one.strip().toLowerCase(Locale.ROOT).equals(other.strip().toLowerCase(Locale.ROOT));
    }

    /** Do two names mean the same person, who may have had another name? */
    @Transactional(readOnly = true)
    public boolean areOne(UUID household, String one, String other) {
        return same(one, other)
                || mapper.named(household, one.strip())
                        .filter(row -> row.goesBy(other))
                        .isPresent()
                || mapper.named(household, other.strip())
                        .filter(row -> row.goesBy(one))
                        .isPresent();
    }

    /** Somebody by their name, or by one that they had. */
    @Transactional(readOnly = true)
    public Optional<Known> named(UUID household, String name) {
        Optional<Known> own =
                mapper.named(household, name.strip()).map(row -> known(row, mapper.readings(household, row.id())));
        return own.isPresent()
                ? own
                : mapper.aims(household, LOOKED_AT).stream()
                        .flatMap(row -> read(row).stream())
                        .filter(k -> same(k.person.name(), name))
                        .findFirst();
    }

    @Transactional(readOnly = true)
    Known require(UUID household, UUID id) {
        PersonRow row = mapper.find(household, id).orElseThrow(Wearers::notThere);
        return known(row, mapper.readings(household, id));
    }

    /** All readings of somebody with the ids by which they are struck out. */
    @Transactional(readOnly = true)
    List<ReadingRow> readings(UUID household, UUID id) {
        return mapper.readings(household, id);
    }

    @Transactional(readOnly = true)
    List<PersonRow> thrownAway(UUID household) {
        return mapper.thrownAway(household);
    }

    private static NotThereException notThere() {
        return new NotThereException("Nobody of that name is here.");
    }

    private static RefusedValueException taken(String name) {
        return new RefusedValueException(
                "name", Wording.fill("The household knows a “%s” already; tell them apart by another name.", name));
    }

    /** Somebody new; whom a project knows already comes with what it was told. */
    @Transactional
    UUID enter(UUID household, String name, LengthUnit unit) {
        Person person = new Person(name, List.of());
        Optional<Known> before = named(household, name);
        if (before.isPresent() && before.get().id != null) {
            throw taken(name);
        }
        if (mapper.all(household).size() >= MOST_PEOPLE) {
            throw new RefusedValueException(
                    "name", Wording.fill("A household keeps %d people at most; take somebody out first.", MOST_PEOPLE));
        }
        UUID id = insert(household, person.name(), before.map(Known::unit).orElse(unit), true);
        before.ifPresent(
                k -> k.person.readings().forEach(r -> mapper.insertReading(household, id, ReadingRow.of(r), null)));
        return id;
    }

    /**
     * People of a file: readings of somebody known are added to theirs, and what is there already is not there twice.
     *
     * @return how many people came
     */
    @Transactional
    public int bring(UUID household, List<PeopleJson.Shown> people) {
        for (PeopleJson.Shown shown : people) {
            String name = shown.person().name();
            UUID id = mapper.named(household, name)
                    .map(PersonRow::id)
                    .orElseGet(() -> enter(household, name, shown.unit()));
            List<Reading> there = mapper.readings(household, id).stream()
                    .map(ReadingRow::reading)
                    .toList();
            List<Reading> news = shown.person().readings().stream()
                    .filter(r -> there.stream().noneMatch(t -> says(t, r)))
                    .toList();
            if (there.size() + news.size() > MOST_READINGS) {
                throw full();
            }
            news.forEach(r -> mapper.insertReading(household, id, ReadingRow.of(r), null));
        }
        return people.size();
    }

    private static RefusedValueException full() {
        return new RefusedValueException(
                "measures",
                Wording.fill("A person keeps %d readings at most; strike old ones out first.", MOST_READINGS));
    }

    private UUID insert(UUID household, String name, LengthUnit unit, boolean entered) {
        UUID id = UUID.randomUUID();
        try {
            mapper.insert(household, id, name, unit, entered);
        } catch (DuplicateKeyException e) {
            throw taken(name);
        }
        return id;
    }

    @Transactional
    void rename(UUID household, UUID id, String name, LengthUnit unit) {
        Person person = new Person(name, List.of());
        try {
            if (mapper.rename(household, id, person.name(), unit) != 1) {
                throw notThere();
            }
        } catch (DuplicateKeyException e) {
            throw taken(name);
        }
    }

    /**
     * What was measured on one day.
     *
     * @throws RefusedValueException if the readings contradict each other
     */
    @Transactional
    void measure(UUID household, UUID id, List<Reading> readings) {
        Known known = require(household, id);
        Map<BodyMeasure, Wearer.Taken> day = new EnumMap<>(BodyMeasure.class);
        readings.forEach(r -> day.put(r.measure(), r.taken()));
        if (new Wearer(known.person.name(), day).measures().isEmpty()) {
            throw new RefusedValueException("measures", "Nothing was measured; write at least one length.");
        }
        if (known.person.readings().size() + readings.size() > MOST_READINGS) {
            throw full();
        }
        readings.forEach(r -> mapper.insertReading(household, id, ReadingRow.of(r), null));
    }

    @Transactional
    void strike(UUID household, UUID id, UUID reading) {
        if (mapper.strike(household, id, reading) != 1) {
            throw new NotThereException("That reading is struck out already.");
        }
    }

    @Transactional
    void unstrike(UUID household, UUID id, UUID reading) {
        if (mapper.unstrike(household, id, reading) != 1) {
            throw new NotThereException("That reading is there already.");
        }
    }

    @Transactional
    void throwAway(UUID household, UUID id) {
        if (mapper.throwAway(household, id) != 1) {
            throw notThere();
        }
    }

    @Transactional
    void takeBack(UUID household, UUID id) {
        try {
            if (mapper.takeBack(household, id) != 1) {
                throw notThere();
            }
        } catch (DuplicateKeyException e) {
            throw new RefusedValueException(
                    "name", "Somebody of that name has come meanwhile; give that one another name first.");
        }
    }

    /**
     * Somebody known, or somebody new by height.
     *
     * @param height as it was typed; empty for somebody known, whose own it is then
     */
    @Transactional(readOnly = true)
    public Wearer wearer(UUID household, String name, String height, Typed typed, LocalDate today) {
        Optional<Wearer> known = named(household, name).map(Known::wearer);
        if (known.isPresent() && height.isEmpty()) {
            return known.get();
        }
        if (name.isEmpty()) {
            throw new RefusedValueException("wearer", "Say who will wear it.");
        }
        Length length = typed.length("height", height);
        Map<BodyMeasure, Wearer.Taken> taken = new EnumMap<>(BodyMeasure.class);
        taken.put(BodyMeasure.HEIGHT, new Wearer.Taken(length, height, Origin.TAPE, null, today));
        return new Wearer(name, taken, List.of());
    }

    /** A project says more of somebody than before, or less: within the transaction that stores it. */
    void told(UUID household, UUID project, @Nullable Aim before, @Nullable Aim now) {
        List<Reading> had = before == null ? List.of() : Person.readings(before.wearer());
        List<Reading> has = now == null ? List.of() : Person.readings(now.wearer());
        boolean same = before != null
                && now != null
                && same(before.wearer().name(), now.wearer().name());
        if (before != null) {
            mapper.named(household, before.wearer().name()).ifPresent(row -> {
                had.stream()
                        .filter(r -> !same || !has.contains(r))
                        .forEach(r -> mapper.forget(household, row.id(), project, ReadingRow.of(r)));
            });
        }
        if (now != null) {
            learn(household, project, now, same ? had : List.of());
        }
        if (before != null && !same) {
            mapper.named(household, before.wearer().name()).ifPresent(row -> mapper.letGo(household, row.id()));
        }
    }

    private void learn(UUID household, UUID project, Aim aim, List<Reading> had) {
        Wearer wearer = aim.wearer();
        Optional<PersonRow> there = mapper.named(household, wearer.name());
        List<Reading> known = there.isEmpty()
                ? List.of()
                : mapper.readings(household, there.get().id()).stream()
                        .map(ReadingRow::reading)
                        .toList();
        List<Reading> news = Person.readings(wearer).stream()
                .filter(r -> !had.contains(r) && known.stream().noneMatch(k -> says(k, r)))
                .toList();
        if (news.isEmpty() || known.size() + news.size() > MOST_READINGS) {
            return;
        }
        // A project is never refused for the household's list of people being full.
        if (there.isEmpty() && mapper.all(household).size() >= MOST_PEOPLE) {
            return;
        }
        UUID id = there.map(PersonRow::id)
                .orElseGet(() -> known(household, wearer.name().strip(), aim.unit()));
        news.forEach(r -> mapper.insertReading(household, id, ReadingRow.of(r), project));
    }

    /** Two projects may be told of the same somebody new at the same time: who comes second finds them there. */
    private UUID known(UUID household, String name, LengthUnit unit) {
        mapper.insertUnlessThere(household, UUID.randomUUID(), name, unit);
        return mapper.named(household, name)
                .map(PersonRow::id)
                .orElseThrow(() -> new IllegalStateException("Impossible state: somebody put in is not there."));
    }

    /** Does one say what the other says, whoever measured? */
    private static boolean says(Reading known, Reading told) {
        return known.measure() == told.measure()
                && known.on().equals(told.on())
                && Math.abs(known.taken().mm() - told.taken().mm()) < 1e-6;
    }
}
