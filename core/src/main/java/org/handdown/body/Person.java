package org.handdown.body;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.handdown.body.Wearer.Earlier;
import org.handdown.body.Wearer.Taken;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.jspecify.annotations.Nullable;

/**
 * Somebody of a household with all readings of them that are known. A {@link Wearer} is a person on one day, as a project keeps them.
 *
 * @param readings the newest day first, and of one day what was written last first; one of each measure and day
 */
public record Person(String name, List<Reading> readings) {
    /** A step that a tape can tell, mm: what differs by less is the same figure in another unit. */
    private static final double SAME_MM = 0.05;

    /**
     * One measure as it was read on a day.
     *
     * @param typed the words it was written in
     * @param again a second reading of it; null when it was read once
     * @param by who measured; empty where nobody noted it
     */
    public record Reading(
            BodyMeasure measure,
            Length length,
            String typed,
            @Nullable Length again,
            LocalDate on,
            Origin origin,
            String by) {
        public Reading {
            String field = "aim.measures." + measure.name();
            measure.range().require(field, length);
            if (again != null) {
                measure.range().require(field, again);
            }
            if (origin == Origin.PROPOSED || origin == Origin.PATTERN) {
                throw new RefusedValueException(
                        "origin", "Say how it was measured: by tape, off a garment, told, by eye.");
            }
            if (by.length() > 80) {
                throw new RefusedValueException("by", "Say in up to 80 characters who measured.");
            }
        }

        public Taken taken() {
            return new Taken(length, typed, origin, again, on);
        }

        private boolean replaces(Reading other) {
            return measure == other.measure && on.equals(other.on);
        }
    }

    /**
     * What was measured since a project was drafted.
     *
     * @param drafted as the project has it
     * @param byMm how much more it is now, mm; less is negative
     */
    public record Newer(Taken drafted, Reading now, double byMm) {
        public boolean wasProposed() {
            return drafted.origin() == Origin.PROPOSED;
        }

        /** Is it more than two readings of an unchanged body may differ by? */
        public boolean isChange() {
            return Math.abs(byMm) > drafted.origin().with(now.origin);
        }
    }

    public Person {
        if (name.isBlank() || name.length() > 80) {
            throw new RefusedValueException("name", "Say in up to 80 characters who it is.");
        }
        List<Reading> all = new ArrayList<>();
        for (Reading reading : readings) {
            if (all.stream().noneMatch(kept -> kept.replaces(reading))) {
                all.add(reading);
            }
        }
        all.sort(Comparator.comparing(Reading::on).reversed());
        readings = List.copyOf(all);
    }

    /** The newest of a measure. */
    public Optional<Reading> newest(BodyMeasure measure) {
        return readings.stream().filter(r -> r.measure == measure).findFirst();
    }

    /** A measure over the days, the oldest first: how somebody grows. */
    public List<Reading> line(BodyMeasure measure) {
        return readings.stream()
                .filter(r -> r.measure == measure)
                .sorted(Comparator.comparing(Reading::on))
                .toList();
    }

    /**
     * The person as the newest readings have them. Readings of different years may contradict each other, as where a leg was measured after
     * the whole had been: the older one counts as not taken then, and is proposed.
     */
    public Wearer wearer() {
        Map<BodyMeasure, Taken> newest = new EnumMap<>(BodyMeasure.class);
        Set<BodyMeasure> seen = EnumSet.noneOf(BodyMeasure.class);
        List<Earlier> earlier = new ArrayList<>();
        for (Reading reading : readings) {
            if (!seen.add(reading.measure)) {
                earlier.add(new Earlier(reading.measure, reading.length, reading.on));
                continue;
            }
            newest.put(reading.measure, reading.taken());
            if (!agrees(newest)) {
                newest.remove(reading.measure);
            }
        }
        List<Earlier> kept = new ArrayList<>(earlier.subList(0, Math.min(earlier.size(), Wearer.MOST_EARLIER)));
        Collections.reverse(kept);
        return new Wearer(name, newest, kept);
    }

    private boolean agrees(Map<BodyMeasure, Taken> measures) {
        try {
            return new Wearer(name, measures).name().equals(name);
        } catch (RefusedValueException e) {
            return false;
        }
    }

    /**
     * What differs from a wearer as a project has them and was read later, or was only proposed there; in the order of the measures.
     *
     * @param asked what the project asks for
     */
    public List<Newer> newerThan(Wearer drafted, Iterable<BodyMeasure> asked) {
        List<Newer> newer = new ArrayList<>();
        for (BodyMeasure measure : asked) {
            Taken here = drafted.measures().get(measure);
            Reading now = newest(measure).orElse(null);
            if (here == null || now == null) {
                continue;
            }
            LocalDate day = here.on();
            boolean later = here.origin() == Origin.PROPOSED || day == null || !now.on.isBefore(day);
            double by = now.taken().mm() - here.mm();
            if (later && Math.abs(by) > SAME_MM) {
                newer.add(new Newer(here, now, by));
            }
        }
        return newer;
    }

    /**
     * A wearer with what was read of them since.
     *
     * @throws RefusedValueException if what is taken over and what stays contradict each other
     */
    public Wearer brought(Wearer drafted, Iterable<BodyMeasure> asked) {
        Map<BodyMeasure, Taken> measures = new EnumMap<>(BodyMeasure.class);
        drafted.measures().forEach((measure, taken) -> {
            if (taken.origin() != Origin.PROPOSED) {
                measures.put(measure, taken);
            }
        });
        for (Newer newer : newerThan(drafted, asked)) {
            measures.put(newer.now.measure, newer.now.taken());
        }
        return new Wearer(drafted.name(), measures, drafted.earlier()).remeasured(drafted);
    }

    /** What of a wearer is a reading of some day, and not proposed. */
    public static List<Reading> readings(Wearer wearer) {
        List<Reading> readings = new ArrayList<>();
        wearer.measures().forEach((measure, taken) -> {
            LocalDate day = taken.on();
            if (day != null && taken.origin() != Origin.PROPOSED && taken.origin() != Origin.PATTERN) {
                readings.add(
                        new Reading(measure, taken.length(), taken.typed(), taken.again(), day, taken.origin(), ""));
            }
        });
        readings.sort(Comparator.comparing(Reading::measure));
        return readings;
    }
}
