package org.handdown.body;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * A person and their measures, each with where it comes from. Only what was asked for is there.
 *
 * @param earlier readings of the same person on earlier days, oldest first: they show how a child grows
 */
public record Wearer(String name, Map<BodyMeasure, Taken> measures, List<Earlier> earlier) {
    static final int MOST_EARLIER = 200;

    /**
     * A measure as it was taken.
     *
     * @param typed the words it was written in, kept so that the same words come back
     * @param again a second reading of it; null when it was read once
     * @param on the day; null where nobody noted it
     */
    public record Taken(
            Length length,
            String typed,
            Origin origin,
            @Nullable Length again,
            @Nullable LocalDate on) {
        public Taken(Length length, String typed, Origin origin) {
            this(length, typed, origin, null, null);
        }

        /** Both readings in one, mm. */
        public double mm() {
            return again == null ? length.mm() : (length.mm() + again.mm()) / 2;
        }

        /** Do the two readings differ by more than a tape may? Then a third is wanted. */
        public boolean differs() {
            return again != null && Math.abs(again.mm() - length.mm()) > 2 * Origin.TAPE.toleranceMm();
        }

        /** Either way, mm; what two readings differ by counts where it is more. */
        public double toleranceMm(Practice practice) {
            double spread = again == null ? 0 : Math.abs(again.mm() - length.mm()) / 2;
            return Math.max(practice.toleranceMm(origin), spread);
        }
    }

    /** A reading on an earlier day. */
    public record Earlier(BodyMeasure measure, Length length, LocalDate on) {}

    public Wearer(String name, Map<BodyMeasure, Taken> measures) {
        this(name, measures, List.of());
    }

    public Wearer {
        if (name.isBlank()) {
            throw new RefusedValueException("aim.wearer", "is empty; say who it is for.");
        }
        measures.forEach((measure, taken) -> {
            measure.range().require(field(measure), taken.length);
            if (taken.again != null) {
                measure.range().require(field(measure), taken.again);
            }
        });
        measures = measures.isEmpty() ? Map.of() : Map.copyOf(new EnumMap<>(measures));
        earlier = List.copyOf(earlier);
        if (earlier.size() > MOST_EARLIER) {
            throw new RefusedValueException("aim.measures", "A person keeps 200 earlier readings at most.");
        }
        requireOrder(measures, BodyMeasure.INSIDE_LEG, 60, BodyMeasure.WAIST_TO_FLOOR);
        requireOrder(measures, BodyMeasure.WAIST_TO_FLOOR, 60, BodyMeasure.HEIGHT);
        requireOrder(measures, BodyMeasure.WRIST, 0, BodyMeasure.HAND_GIRTH);
    }

    /** The first must be shorter than the second by at least so much, where both are known. */
    private static void requireOrder(Map<BodyMeasure, Taken> taken, BodyMeasure less, double byMm, BodyMeasure more) {
        Taken small = taken.get(less);
        Taken large = taken.get(more);
        if (small != null && large != null && small.mm() + byMm > large.mm()) {
            throw new RefusedValueException(
                    field(less),
                    Wording.fill(
                            "The %s must be %sshorter than the %s; measure both again.",
                            less.words(), byMm > 0 ? Wording.fill("at least %.0f cm ", byMm / 10) : "", more.words()));
        }
    }

    private static String field(BodyMeasure measure) {
        return "aim.measures." + measure.name();
    }

    public Optional<Taken> find(BodyMeasure measure) {
        return Optional.ofNullable(measures.get(measure));
    }

    /** @throws RefusedValueException naming the measure if nobody took it */
    public double mm(BodyMeasure measure) {
        return find(measure)
                .orElseThrow(() -> new RefusedValueException(
                        field(measure), Wording.fill("The %s is missing; take it at Aim.", measure.words())))
                .mm();
    }

    /** With what the height and the girths that were taken propose for measures that nobody took yet. */
    public Wearer proposing(Iterable<BodyMeasure> asked) {
        Map<BodyMeasure, Taken> all = new java.util.HashMap<>(measures);
        for (BodyMeasure measure : asked) {
            all.computeIfAbsent(measure, m -> new Taken(Length.ofMm(proposedMm(m)), "", Origin.PROPOSED));
        }
        return new Wearer(name, all, earlier);
    }

    /** What height and girths that were taken propose, mm. */
    public double proposedMm(BodyMeasure measure) {
        return BodyTable.proposedMm(measure, mm(BodyMeasure.HEIGHT), known());
    }

    /** The girth that a proposal goes with beside the height; empty where it is the height alone. */
    public Optional<BodyMeasure> proposedWith(BodyMeasure measure) {
        return BodyTable.goesWith(measure, known());
    }

    private Map<BodyMeasure, Double> known() {
        Map<BodyMeasure, Double> known = new EnumMap<>(BodyMeasure.class);
        measures.forEach((m, taken) -> {
            if (taken.origin != Origin.PROPOSED) {
                known.put(m, taken.mm());
            }
        });
        return known;
    }

    /** How a measure changes by the day, mm, from the oldest reading to the newest; empty without two days at least 30 days apart. */
    public Optional<Double> growthMmADay(BodyMeasure measure) {
        Taken now = measures.get(measure);
        if (now == null || now.on == null) {
            return Optional.empty();
        }
        LocalDate last = now.on;
        return earlier.stream()
                .filter(e -> e.measure == measure && e.on.plusDays(30).compareTo(last) <= 0)
                .min(java.util.Comparator.comparing(Earlier::on))
                .map(e -> (now.mm() - e.length.mm()) / (last.toEpochDay() - e.on.toEpochDay()));
    }

    /** What a measure will be on a day if it goes on changing as it did, mm; as it is now where nothing is known. */
    public double onDayMm(BodyMeasure measure, LocalDate day) {
        Taken now = measures.get(measure);
        Optional<Double> daily = growthMmADay(measure);
        return now == null || now.on == null || daily.isEmpty()
                ? mm(measure)
                : now.mm() + daily.get() * (day.toEpochDay() - now.on.toEpochDay());
    }

    /** The same person measured anew: what was known with its day before goes to the earlier readings. */
    public Wearer remeasured(Wearer before) {
        List<Earlier> all = new java.util.ArrayList<>(before.earlier);
        before.measures.forEach((measure, old) -> {
            Taken now = measures.get(measure);
            LocalDate day = old.on;
            boolean later = now != null && now.on != null && day != null && now.on.isAfter(day);
            if (later && day != null && old.origin == Origin.TAPE) {
                all.removeIf(e -> e.measure == measure && e.on.equals(day));
                all.add(new Earlier(measure, Length.ofMm(old.mm()), day));
            }
        });
        all.sort(java.util.Comparator.comparing(Earlier::on).thenComparing(Earlier::measure));
        int from = Math.max(0, all.size() - MOST_EARLIER);
        return new Wearer(name, measures, all.subList(from, all.size()));
    }

    /** Whether two people agree in all the given measures. */
    public boolean agrees(Wearer other, Iterable<BodyMeasure> asked) {
        for (BodyMeasure measure : asked) {
            Taken mine = measures.get(measure);
            Taken theirs = other.measures.get(measure);
            if (mine == null ? theirs != null : theirs == null || mine.mm() != theirs.mm()) {
                return false;
            }
        }
        return true;
    }
}
