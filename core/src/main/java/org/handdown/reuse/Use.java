package org.handdown.reuse;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.assembly.Layer;
import org.handdown.measure.Wording;
import org.handdown.pattern.Role;
import org.handdown.source.Assessment;

/**
 * A keeper, or several joined, put to a want: accepted with what it saves and costs, or refused with the figure that forbids it.
 *
 * @param takesMm length used up of each keeper
 * @param refusal empty where it serves
 * @param savedMinutes against making it anew
 * @param costMinutes of taking off, joining and moving
 * @param notes what to watch, in sentences
 */
public record Use(
        Want want,
        List<Keeper> keepers,
        List<Double> takesMm,
        String refusal,
        double savedMinutes,
        double costMinutes,
        List<String> notes) {
    /** Allowance on each side of a join between two keepers (common practice, no source). */
    public static final double JOIN_ALLOWANCE_MM = 10;
    /** An old edge that bows this much more or less than the new one still eases onto it (common practice, no source). */
    private static final double BOW_TOLERANCE_MM = 4;

    private static final double WORN_MINUTES = 2;
    private static final double JOIN_MINUTES = 6;
    private static final double SEW_ON_MINUTES_PER_METRE = 8;
    private static final double LEFT_OVER_MINUTES_PER_MM = 0.0005;
    private static final double PIECE_ACROSS_MM = 6;
    /** A household machine sews through this much without help (common practice, no source). */
    private static final double EASY_CROSSING_MM = 5;

    private static final double CROSSING_MINUTES_PER_MM = 0.5;

    public Use {
        keepers = List.copyOf(keepers);
        takesMm = List.copyOf(takesMm);
        notes = List.copyOf(notes);
    }

    public boolean serves() {
        return refusal.isEmpty();
    }

    public double valueMinutes() {
        return savedMinutes - costMinutes;
    }

    Use noting(List<String> others) {
        return new Use(want, keepers, takesMm, refusal, savedMinutes, costMinutes, others);
    }

    private static Use refused(Want want, List<Keeper> keepers, String why, Object... figures) {
        return new Use(want, keepers, List.of(), Wording.fill(why, figures), 0, 0, List.of());
    }

    /** What one keeper does for a want. */
    public static Use of(Want want, Keeper keeper) {
        return of(want, List.of(keeper));
    }

    /** What keepers joined end to end do for a want. */
    public static Use of(Want want, List<Keeper> keepers) {
        Keeper first = keepers.get(0);
        KeeperKind kind = first.kind();
        if (!kind.serves(want.role())) {
            return refused(
                    want,
                    keepers,
                    "a %s does not make a %s",
                    kind.words(),
                    want.role().words());
        }
        if (want.isEdge() && !kind.servesUnasked(want.role())) {
            return refused(
                    want,
                    keepers,
                    "a %s becomes a %s only where that is asked for as something else wanted",
                    kind.words(),
                    want.role().words());
        }
        if (want.isEdge() && keepers.size() > 1) {
            return refused(want, keepers, "an edge of one piece lies on one finished edge, not on two");
        }
        if (want.role() == Role.CLOSURE
                && kind == KeeperKind.ZIP
                && first.lengthMm() > want.lengthMm() + PIECE_ACROSS_MM) {
            // A zip may be shortened, but only with a new stop; it is told, not refused.
            return zipShortened(want, first);
        }
        Optional<String> unfit =
                keepers.stream().flatMap(k -> unfit(want, k).stream()).findFirst();
        if (unfit.isPresent()) {
            return new Use(want, keepers, List.of(), unfit.get(), 0, 0, List.of());
        }
        if (want.isEdge() && first.layer() != want.layer()) {
            return refused(want, keepers, first.layer() == Layer.SHELL ? "lies on the shell" : "lies on the lining");
        }
        if (want.isEdge() && first.edge().isEmpty()) {
            return refused(want, keepers, "is a thing of its own; this edge of the piece lies on the edge of a panel");
        }
        return ofLength(want, keepers);
    }

    /** Long enough, and lying on the edge as it bows and runs? */
    private static Use ofLength(Want want, List<Keeper> keepers) {
        Keeper first = keepers.get(0);
        double joined =
                keepers.stream().mapToDouble(Keeper::lengthMm).sum() - 2 * JOIN_ALLOWANCE_MM * (keepers.size() - 1);
        // What is attached to its panel is not stretched onto anything: the panel is as long as it is.
        double stretch = want.isEdge()
                ? 0
                : keepers.stream().mapToDouble(Keeper::stretch).min().orElse(0);
        double ratio = want.lengthMm() / joined;
        if (ratio > 1 + stretch + 1e-9) {
            return refused(
                    want,
                    keepers,
                    stretch == 0
                            ? "%.0f mm long, %.0f mm are needed: %.0f mm too short"
                            : "%.0f mm at rest would be stretched by %.0f %% onto %.0f mm; %.0f %% may be used",
                    stretch == 0
                            ? new Object[] {joined, want.lengthMm(), want.lengthMm() - joined}
                            : new Object[] {joined, 100 * (ratio - 1), want.lengthMm(), 100 * stretch});
        }
        if (want.isEdge() && stretch == 0 && Math.abs(first.bowMm() - want.bowMm()) > BOW_TOLERANCE_MM) {
            return refused(
                    want,
                    keepers,
                    "bows %.0f mm between its ends, the new edge %.0f mm: they do not lie on each other",
                    first.bowMm(),
                    want.bowMm());
        }
        if (want.isEdge() && first.oneWay() && want.side().opposes(first.side())) {
            return refused(
                    want,
                    keepers,
                    "would serve turned round only: the cloth lies on its other side, and the pile runs one way");
        }
        return accepted(want, keepers, joined, stretch);
    }

    /** What forbids it whatever its shape: an outline laid on it does not show these. */
    static Optional<String> unfit(Want want, Keeper keeper) {
        if (keeper.condition() == Assessment.Condition.BROKEN) {
            return Optional.of("is broken");
        }
        double inWear = keeper.stretchedMm() * (want.isEdge() ? want.lengthMm() / keeper.lengthMm() : 1);
        if (want.stretchesToMm() > inWear + 1e-9) {
            return Optional.of(
                    Wording.fill("stretches to %.0f mm in wear; it must pass %.0f mm", inWear, want.stretchesToMm()));
        }
        if (keeper.depthMm() < want.leastDepthMm() || keeper.depthMm() > want.mostDepthMm()) {
            return Optional.of(Wording.fill(
                    "%.0f mm deep; wanted from %.0f mm to %.0f mm",
                    keeper.depthMm(), want.leastDepthMm(), want.mostDepthMm()));
        }
        return Optional.empty();
    }

    /** Seams cross it at both its ends; what the machine does not climb is sewn by hand wheel. */
    private static double crossing(Keeper keeper, List<String> notes) {
        double over = keeper.crossingMm() - EASY_CROSSING_MM;
        if (over <= 0) {
            return 0;
        }
        notes.add(Wording.fill(
                "%.1f mm thick where a seam crosses it: turn the wheel by hand, heavier needle, or end the seam short.",
                keeper.crossingMm()));
        return 2 * over * CROSSING_MINUTES_PER_MM;
    }

    private static Use zipShortened(Want want, Keeper zip) {
        return new Use(
                want,
                List.of(zip),
                List.of(zip.lengthMm()),
                "",
                Savings.minutes(want.role(), want.lengthMm(), 0),
                zip.minutesOff() + 5,
                List.of(Wording.fill(
                        "%.0f mm longer than the opening: shorten it from below and sew a new stop before cutting.",
                        zip.lengthMm() - want.lengthMm())));
    }

    private static Use accepted(Want want, List<Keeper> keepers, double joined, double stretch) {
        Keeper first = keepers.get(0);
        boolean whole = !first.kind().isDivisible() || stretch > 0 && joined <= want.lengthMm();
        List<String> notes = new ArrayList<>();
        List<Double> takes = new ArrayList<>();
        double left = want.lengthMm() + 2 * JOIN_ALLOWANCE_MM * (keepers.size() - 1);
        for (Keeper keeper : keepers) {
            double takesOf = whole ? keeper.lengthMm() : Math.min(left, keeper.lengthMm());
            takes.add(takesOf);
            left -= takesOf;
        }
        double cost = JOIN_MINUTES * (keepers.size() - 1);
        if (!want.isEdge() || first.hold() != Keeper.Hold.ATTACHED) {
            cost += keepers.stream().mapToDouble(Keeper::minutesOff).sum();
            cost += want.lengthMm() / 1000 * SEW_ON_MINUTES_PER_METRE;
        }
        if (keepers.size() > 1) {
            notes.add(Wording.fill(
                    "%d joined end to end; each join takes %.0f mm.", keepers.size(), 2 * JOIN_ALLOWANCE_MM));
        }
        notes.addAll(notes(want, first, joined, stretch, whole));
        cost += crossing(first, notes);
        // Of keepers that serve alike the one that leaves least over: the longer ones may serve something longer.
        cost += Math.max(0, joined - want.lengthMm()) * LEFT_OVER_MINUTES_PER_MM;
        if (keepers.stream().anyMatch(k -> k.condition() == Assessment.Condition.WORN)) {
            cost += WORN_MINUTES;
            notes.add("It is worn: mend it first, or let it lie where it shows little.");
        }
        double saved = Savings.minutes(want.role(), want.lengthMm(), first.count());
        return new Use(want, keepers, takes, "", saved, cost, notes);
    }

    private static List<String> notes(Want want, Keeper first, double joined, double stretch, boolean whole) {
        List<String> notes = new ArrayList<>();
        double ratio = want.lengthMm() / joined;
        if (ratio > 1.005) {
            notes.add(Wording.fill(
                    "Stretched by %.0f %% as it is sewn on; %.0f %% may be used.", 100 * (ratio - 1), 100 * stretch));
        } else if (ratio < 0.995 && first.kind().isDivisible() && !whole) {
            notes.add(CutThrough.note(first.kind()));
        } else if (ratio < 0.995 && stretch > 0) {
            notes.add(Wording.fill("%.0f mm longer than the edge: ease it on.", joined - want.lengthMm()));
        }
        if (first.kind() == KeeperKind.FRINGE || first.kind() == KeeperKind.SELVEDGE) {
            notes.add("This edge fixes the finished length; the design gives way, not the edge.");
        }
        if (first.kind() == KeeperKind.WAISTBAND || first.kind() == KeeperKind.CUFF) {
            notes.add("A fold mark may show where it is opened.");
        }
        if (first.kind() == KeeperKind.PLACKET && want.role() == Role.CLOSURE) {
            notes.add(Wording.fill(
                    "The new centre line is the line of buttons, %.0f mm inside the edge.", first.lapMm()));
        }
        if (first.restMm() < first.lengthMm() - 1) {
            notes.add(Wording.fill(
                    "The rib draws it in: %.0f mm of edge on %.0f mm of rib at rest, ratio %.2f; in wear it reaches %.0f mm.",
                    want.lengthMm(),
                    want.lengthMm() * first.restMm() / first.lengthMm(),
                    first.lengthMm() / first.restMm(),
                    first.stretchedMm() * want.lengthMm() / first.lengthMm()));
        }
        if (want.side().opposes(first.side())) {
            notes.add("Turned round: the cloth lies on the other side of this edge.");
        }
        return notes;
    }
}
