package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.assembly.Component;
import org.handdown.assembly.Cutting;
import org.handdown.assembly.Join;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Run;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Trousers become a skirt: both inseams are opened, the crotch is lapped until the centre lies straight, front is sewn to front and back to back,
 * with a wedge let in between, or a slit left.
 */
final class LegsToSkirt implements Altering {
    private static final String LAPPED = "lapped";
    private static final double END_MM = 3;
    private static final double LEAST_LEFT_MM = 20;

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.length("up", "The crotch seam is unpicked up by", 20, 300, 80),
                Ask.length("down", "It laps down the inseam by", 50, 600, 250),
                Ask.choice(
                        "wedge",
                        "A wedge is let in",
                        "both",
                        "in front and behind",
                        "front",
                        "in front",
                        "back",
                        "behind",
                        "none",
                        "nowhere: a narrow skirt"),
                Ask.length("wide", "Width of the wedge at the hem", 20, 900, 250)
                        .when("wedge", "both", "front", "back"),
                Ask.length("long", "Its length", 60, 1000, 450).when("wedge", "both", "front", "back"),
                Ask.length("slit", "Left open behind from the hem", 0, 600, 0).when("wedge", "none", "front"));
    }

    /** One side of the skirt: the piece whose inseam runs down, and the one whose inseam runs up to the crotch, seen from outside. */
    private record Pair(String falls, String rises) {}

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        Join left = inseam(before, "inseam-left");
        Join right = inseam(before, "inseam-right");
        Pair front = pair(
                before, left.meetings().get(0).one(), right.meetings().get(0).one());
        Pair back = pair(
                before, left.meetings().get(0).other(), right.meetings().get(0).other());
        work.open(left);
        work.open(right);
        lap(work, told, List.of(front, back));
        sew(work, before, told, front, "front", told.is("wedge", "both") || told.is("wedge", "front"), 0);
        boolean hasWedge = told.is("wedge", "both") || told.is("wedge", "back");
        sew(work, before, told, back, "back", hasWedge, hasWedge ? 0 : told.mm("slit"));
        work.ask(
                "Pinned on the body or a form: do both centres hang straight, without a fold at the old fork? Lap more or less before anything is trimmed.");
        work.ask("Is the hem wide enough for a long stride, or the slit long enough?");
        return work.done();
    }

    private static Join inseam(GarmentNow garment, String id) {
        return garment.assembly().joins().stream()
                .filter(j -> j.id().equals(id)
                        && j.meetings().size() == 1
                        && !j.meetings().get(0).isTurned())
                .findFirst()
                .orElseThrow(
                        () -> new RefusedValueException(
                                "kind",
                                "This takes trousers with both inseams sewn in one go: make it the first change, or cut the skirt out."));
    }

    private static Pair pair(GarmentNow garment, Run one, Run other) {
        Edge edge = garment.assembly().component(one.component()).outline().edge(one.edge());
        return edge.end().y() < edge.start().y()
                ? new Pair(one.component(), other.component())
                : new Pair(other.component(), one.component());
    }

    /** The corners at the fork are laid under along a straight line; what lies under is trimmed later. */
    private static void lap(Work work, Told told, List<Pair> pairs) {
        List<Cutting.Line> lines = new ArrayList<>();
        Map<String, Double> widest = new LinkedHashMap<>();
        for (Pair pair : pairs) {
            for (String id : List.of(pair.falls, pair.rises)) {
                Component c = work.garment().component(id);
                Edge centre = beside(c, id.equals(pair.falls));
                Edge inseam = c.outline().edge("inseam");
                double up = told.mm("up");
                double sewn = sewnBelow(work, id, centre.name());
                if (up > sewn - END_MM) {
                    throw new RefusedValueException(
                            "figures.up",
                            Wording.fill(
                                    "The seam of the %s is %.0f mm long from the fork to what opens it: at most %.0f mm.",
                                    c.name(), sewn, Math.max(0, sewn - END_MM)));
                }
                double down = told.mm("down");
                if (down > inseam.lengthMm() - LEAST_LEFT_MM) {
                    throw new RefusedValueException(
                            "figures.down",
                            Wording.fill("The inseam is %.0f mm long; lap less of it.", inseam.lengthMm()));
                }
                boolean falls = id.equals(pair.falls);
                Point high = centre.at(falls ? 1 - up / centre.lengthMm() : up / centre.lengthMm());
                Point low = inseam.at(falls ? down / inseam.lengthMm() : 1 - down / inseam.lengthMm());
                Point fork = falls ? inseam.start() : inseam.end();
                widest.put(c.name(), Math.abs(low.minus(high).unit().cross(fork.minus(high))));
                // What lies to the right of a line goes under.
                boolean isRight = low.minus(high).cross(fork.minus(high)) < 0;
                lines.add(new Cutting.Line(id, isRight ? high : low, isRight ? low : high));
            }
        }
        Work.Cut cut = work.cut(lines);
        work.drop(cut.off());
        for (Cutting.Line line : lines) {
            work.rename(line.component(), LAPPED);
            work.chalk(Set.of(line.component()), LAPPED, true);
        }
        widest.forEach((name, mm) -> work.say(
                "%s: %.0f mm go under at the fork; laid flat and topstitched, then trimmed to a seam's width.",
                name, mm));
    }

    /** The edge at the fork next to the inseam. */
    private static Edge beside(Component c, boolean falls) {
        List<Edge> all = c.outline().edges();
        int at = all.indexOf(c.outline().edge("inseam"));
        return all.get((at + (falls ? all.size() - 1 : 1)) % all.size());
    }

    private static double sewnBelow(Work work, String component, String edge) {
        double all = work.garment().component(component).outline().edge(edge).lengthMm();
        return work.garment().joins().stream()
                .flatMap(j -> j.meetings().stream())
                .filter(m -> !m.isTurned() && !m.caught())
                .map(Meeting::runs)
                .flatMap(List::stream)
                .filter(r -> r.component().equals(component) && r.edge().equals(edge))
                .filter(r -> r.fromMm() < END_MM || r.toMm() > all - END_MM)
                .mapToDouble(Run::flatMm)
                .max()
                .orElse(0);
    }

    private static void sew(
            Work work, GarmentNow before, Told told, Pair pair, String side, boolean hasWedge, double slit) {
        String id = told.id() + "-" + side;
        Run falls = work.whole(pair.falls, "inseam");
        Run rises = work.whole(pair.rises, "inseam");
        double open = hasWedge ? told.mm("long") : slit;
        double shorter = Math.min(falls.flatMm(), rises.flatMm());
        if (open > shorter - LEAST_LEFT_MM) {
            throw new RefusedValueException(
                    hasWedge ? "figures.long" : "figures.slit",
                    Wording.fill(
                            "Below the fork %.0f mm of seam are left: take %.0f mm at most.",
                            shorter, Math.max(0, shorter - LEAST_LEFT_MM)));
        }
        Run upperFalls = new Run(pair.falls, "inseam", 0, falls.flatMm() - open);
        Run upperRises = new Run(pair.rises, "inseam", open, rises.flatMm());
        // Stretch on stretch: the two sides need not be of one length to the thousandth.
        work.seamAgain(
                id,
                "new centre " + side,
                List.of(
                        Meeting.seam(work.whole(pair.falls, LAPPED), work.whole(pair.rises, LAPPED)),
                        Meeting.seam(upperFalls, upperRises)));
        work.allowance(id, before.usualAllowanceMm());
        if (open > 0) {
            List<Run> lowFalls = List.of(new Run(pair.falls, "inseam", falls.flatMm() - open, falls.flatMm()));
            List<Run> lowRises = List.of(new Run(pair.rises, "inseam", 0, open));
            if (hasWedge) {
                wedge(work, before, told, side, lowFalls, lowRises);
            } else {
                String turned = work.turn(id + "-slit", "slit behind", List.of(lowFalls.get(0), lowRises.get(0)));
                work.allowance(turned, before.usualAllowanceMm());
            }
        }
        for (String component : List.of(pair.falls, pair.rises)) {
            work.call(component, "inseam", "centre-" + side);
        }
    }

    private static void wedge(Work work, GarmentNow before, Told told, String side, List<Run> falls, List<Run> rises) {
        String part = told.id() + "-wedge-" + side;
        double wide = told.mm("wide");
        double high = Math.sqrt(Math.pow(told.mm("long"), 2) - Math.pow(wide / 2, 2));
        if (!(high > LEAST_LEFT_MM)) {
            throw new RefusedValueException("figures.wide", "So wide on so short a stretch it would lie nearly flat.");
        }
        work.add(new Component(part, "wedge of the " + side, Insert.outline(wide, 0, high), Layer.SHELL));
        work.seam(part + "-first", "wedge, first side", falls, List.of(work.whole(part, "right")), false);
        work.seam(part + "-second", "wedge, second side", rises, List.of(work.whole(part, "left")), false);
        work.allowance(part + "-first", before.usualAllowanceMm());
        work.allowance(part + "-second", before.usualAllowanceMm());
        double hem = before.assembly().joins().stream()
                .filter(j -> j.isTurned() && j.id().startsWith("hem"))
                .mapToDouble(j -> before.allowanceMm(j.id()))
                .max()
                .orElse(0);
        if (hem > 0) {
            String turned = work.turn(part + "-hem", "hem of the wedge", List.of(work.whole(part, "lower")));
            work.allowance(turned, hem);
        }
        work.say(
                "Wedge in the %s: %.0f mm wide at the hem, %.0f mm long down its middle; the ends cut off a longer leg give it, grain down the middle.",
                side, wide, high);
    }
}
