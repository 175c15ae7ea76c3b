package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Join;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Parting;
import org.handdown.assembly.Run;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.PartId;

/** A panel, godet or wedge let into a seam that is opened: as long as the stretch, as wide below and above as is wanted. */
final class Insert implements Altering {
    private static final double POINT_MM = 3;
    private static final double LEAST_MM = 20;
    private static final double END_MM = 3;

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.seam("seam", "Into which seam"),
                Ask.length("from", "From its lower end it begins up at", 0, 2000, 0),
                Ask.length("long", "Length of the opened stretch", LEAST_MM, 2000, 300),
                Ask.length("lower", "Width at its lower end", 0, 1200, 80),
                Ask.length("upper", "Width at its upper end", 0, 1200, 0),
                Ask.sides());
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        String seam = told.pick("seam");
        insert(work, before, told, seam, told.id() + "-insert");
        Optional<String> partner = new PartId(seam).partner().map(PartId::text);
        boolean both = told.is("sides", "both")
                && partner.filter(work.garment().joinIds()::contains).isPresent();
        if (both) {
            insert(work, before, told, partner.get(), told.id() + "-insert-2");
        }
        double gain = Math.max(told.mm("lower"), told.mm("upper"));
        work.say(
                both
                        ? "%.0f mm of width in each of both seams: %.0f mm more round there."
                        : "%.0f mm of width: %.0f mm more round there.",
                gain,
                both ? 2 * gain : gain);
        work.ask(
                "Paper or scrap of this shape pinned into the opened seam and tried on: is it wide enough where it must be?");
        return work.done();
    }

    private static void insert(Work work, GarmentNow before, Told told, String id, String part) {
        Join join = work.garment().join(id);
        double length = join.meetings().stream()
                .map(Meeting::one)
                .mapToDouble(work.garment()::sewnMm)
                .sum();
        double from = told.mm("from");
        double to = from + told.mm("long");
        if (from > length - LEAST_MM) {
            throw new RefusedValueException(
                    "figures.from", Wording.fill("The %s is %.0f mm long; begin lower.", join.name(), length));
        }
        boolean reachesTop = to > length - END_MM;
        to = reachesTop ? length : to;
        double lower = told.mm("lower");
        double upper = told.mm("upper");
        if (lower < POINT_MM && upper < POINT_MM) {
            throw new RefusedValueException("figures.lower", "Give it a width at one end at least.");
        }
        boolean rises = isRising(work.garment(), join);
        Parting.Freed freed =
                Parting.opened(work.garment(), id, rises ? from : length - to, rises ? to : length - from);
        work.put(freed.after());
        work.open(id, join.name(), to - from);
        double high = Math.sqrt(Math.pow(to - from, 2) - Math.pow((lower - upper) / 2, 2));
        if (!(high > LEAST_MM)) {
            throw new RefusedValueException(
                    "figures.lower", "So wide on so short a stretch it would lie nearly flat: open more of the seam.");
        }
        Component insert =
                new Component(part, "insert of the " + join.name(), outline(lower, upper, high), Layer.SHELL);
        work.add(insert);
        String side = rises ? "left" : "right";
        String other = rises ? "right" : "left";
        work.seam(part + "-first", "insert, first side", freed.one(), List.of(work.whole(part, side)), false);
        work.seam(part + "-second", "insert, second side", freed.other(), List.of(work.whole(part, other)), false);
        work.allowance(part + "-first", before.usualAllowanceMm());
        work.allowance(part + "-second", before.usualAllowanceMm());
        boolean atEnd = from < END_MM;
        if (atEnd && lower >= POINT_MM) {
            hem(work, before, part, freed.one());
        }
        double a = before.usualAllowanceMm();
        work.say(
                "Cut it %.0f mm long, %.0f mm wide below and %.0f mm above with %.0f mm seams; a narrow end comes to a point on the fold of its middle.",
                high + 2 * a, lower + 2 * a, upper + 2 * a, a);
        double bow = Math.max(bow(work.garment(), freed.one()), bow(work.garment(), freed.other()));
        if (bow > 4) {
            work.say(
                    "The seam bows by %.0f mm: curve the side of the insert against it, or ease the bow in; laid straight it pulls.",
                    bow);
        }
    }

    /** Its lower end is hemmed with the hem that the seam runs into. */
    private static void hem(Work work, GarmentNow before, String part, List<Run> beside) {
        for (Join hem : work.garment().joins()) {
            boolean isNext = hem.isTurned()
                    && hem.meetings().stream()
                            .map(m -> m.one().component())
                            .anyMatch(c ->
                                    beside.stream().anyMatch(r -> r.component().equals(c)))
                    && hem.name().contains("hem");
            if (isNext) {
                List<Run> runs = new ArrayList<>(
                        hem.meetings().stream().map(Meeting::one).toList());
                runs.add(work.whole(part, "lower"));
                work.without(hem.id());
                work.turn(hem.id(), hem.name(), runs);
                work.say("Its lower end takes %.0f mm more for the hem.", before.allowanceMm(hem.id()));
                return;
            }
        }
    }

    private static double bow(Assembly garment, List<Run> runs) {
        return runs.stream()
                .mapToDouble(r -> Math.abs(garment.component(r.component())
                        .outline()
                        .edge(r.edge())
                        .bowMm()))
                .max()
                .orElse(0);
    }

    private static boolean isRising(Assembly garment, Join join) {
        Run first = join.meetings().get(0).one();
        Run last = join.meetings().get(join.meetings().size() - 1).one();
        return at(garment, last, last.toMm()).y()
                >= at(garment, first, first.fromMm()).y();
    }

    private static Point at(Assembly garment, Run run, double mm) {
        Edge edge = garment.component(run.component()).outline().edge(run.edge());
        return edge.at(Math.min(1, mm / edge.lengthMm()));
    }

    static Outline outline(double lower, double upper, double high) {
        Point a = new Point(-lower / 2, 0);
        Point b = new Point(lower / 2, 0);
        Point c = new Point(upper / 2, high);
        Point d = new Point(-upper / 2, high);
        List<Edge> edges = new ArrayList<>();
        if (lower >= POINT_MM) {
            edges.add(Edge.line("lower", a, b));
        }
        Point low = new Point(0, 0);
        Point top = new Point(0, high);
        edges.add(Edge.line("right", lower >= POINT_MM ? b : low, upper >= POINT_MM ? c : top));
        if (upper >= POINT_MM) {
            edges.add(Edge.line("upper", c, d));
        }
        edges.add(Edge.line("left", upper >= POINT_MM ? d : top, lower >= POINT_MM ? a : low));
        return new Outline(edges);
    }
}
