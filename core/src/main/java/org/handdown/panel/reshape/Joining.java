package org.handdown.panel.reshape;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.panel.survey.Carried;
import org.handdown.panel.survey.DrawnOutline;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.source.graph.EdgeFinish;

/** Two panels that become one: by a seam, or still sewn. */
public final class Joining {
    private Joining() {}

    /**
     * Two panels pieced together along an edge of each: the second is turned and laid so that the stitch lines meet, and the frame is the
     * first one's.
     *
     * @param allowanceMm taken from either by the piecing seam
     * @throws RefusedValueException where the edges cannot be sewn to each other as they lie
     */
    public static TapedSurvey joined(
            Panel one, String edgeOfOne, Panel other, String edgeOfOther, Layer layer, double allowanceMm) {
        if (!(allowanceMm >= 0 && allowanceMm <= 50)) {
            throw new RefusedValueException(
                    "join.allowance", Wording.of("A piecing seam takes from 0 to 5 cm of either panel."));
        }
        Outline first = Reshaping.cloth(one);
        Outline second = Reshaping.cloth(other);
        Edge a = Reshaping.edge(first, edgeOfOne, "join.edge");
        Edge b = Reshaping.edge(second, edgeOfOther, "join.otherEdge");
        requireStraight(a, b);
        Point way = a.end().minus(a.start());
        double turn = way.times(-1).directionDeg() - b.end().minus(b.start()).directionDeg();
        Point in = way.left().times(2 * allowanceMm / way.lengthMm());
        Point corner = Reshaping.turned(b.start(), turn);
        Point shift = a.end().minus(corner).plus(in);
        UnaryOperator<Point> move = p -> Reshaping.turned(p, turn).plus(shift);
        List<Edge> edges = new ArrayList<>(first.edges());
        second.edges()
                .forEach(e -> edges.add(
                        new Edge(other.id() + "-" + e.name(), e.map(move).segments())));
        Region both = Region.of(first.ring()).union(Region.of(second.ring().map(move)));
        if (both.parts().size() != 1 || !both.holes().isEmpty()) {
            throw new RefusedValueException("join", "Pieced so, the panels do not make one whole; take other edges.");
        }
        double overlap =
                Region.of(first.ring()).areaMm2() + Region.of(second.ring()).areaMm2() - both.areaMm2();
        double shorter = Math.min(a.lengthMm(), b.lengthMm());
        if (overlap > 2 * allowanceMm * shorter * 1.3 + 500) {
            throw new RefusedValueException(
                    "join",
                    "Pieced so, the panels lie over each other beyond the seam; take other edges or cut first.");
        }
        Flaw seam = seam(a, b, in, allowanceMm);
        String how = Wording.fill("%s pieced to %s%s", one.name(), other.name(), remarks(one, other, a, b, turn));
        return asOne(one, other, layer, move, edges, both, List.of(seam), how);
    }

    private static void requireStraight(Edge a, Edge b) {
        for (Edge e : List.of(a, b)) {
            if (Math.abs(e.bowMm()) > Reshaping.STRAIGHT_MM) {
                throw new RefusedValueException(
                        e == a ? "join.edge" : "join.otherEdge",
                        Wording.fill(
                                "Edge “%s” bows by %.0f mm; only straight edges lie flat when they are pieced. Cut it straight first.",
                                e.name(), Math.abs(e.bowMm())));
            }
        }
    }

    private static Flaw seam(Edge a, Edge b, Point in, double allowanceMm) {
        Point half = in.times(0.5);
        Point seamEnd = a.start().between(a.end(), Math.min(1, b.lengthMm() / a.lengthMm()));
        Point seamFrom = b.lengthMm() >= a.lengthMm() ? a.start() : a.end().minus(seamEnd.minus(a.start()));
        Flaw seam = new Flaw(
                Flaw.Treatment.NOTE,
                Flaw.Kind.SEAM,
                "piecing seam",
                new Flaw.Strip(seamFrom.plus(half), a.end().plus(half), Math.max(2, 2 * allowanceMm)));
        return seam;
    }

    /**
     * One panel of two, in the first one's frame and under its name.
     *
     * @param move lays the second beside the first
     * @param edges of both, in that frame
     * @param both all their cloth
     * @param seams what lies between them
     * @param how it came about, in words
     */
    static TapedSurvey asOne(
            Panel one,
            Panel other,
            Layer layer,
            UnaryOperator<Point> move,
            List<Edge> edges,
            Region both,
            List<Flaw> seams,
            String how) {
        Outline outline = new Relabelled(edges)
                .outline(Relabelled.welded(both.outerRings().get(0)), Reshaping.CUT);
        Map<String, EdgeFinish> finishes = new HashMap<>(one.finishes());
        other.finishes().forEach((edge, finish) -> finishes.put(other.id() + "-" + edge, finish));
        finishes.keySet().retainAll(outline.edges().stream().map(Edge::name).toList());
        Carried kept = Reshaping.carried(one);
        List<Flaw> flaws = new ArrayList<>(kept.flaws());
        other.flaws().forEach(f -> flaws.add(f.moved(move, 1)));
        flaws.addAll(seams);
        return new TapedSurvey(
                one.id(),
                one.name(),
                layer,
                new DrawnOutline(DrawnOutline.Means.PANELS, how, outline, 2 * Origin.TAPE.toleranceMm(), null),
                finishes,
                kept.withFlaws(flaws));
    }

    /** What to know of a piecing: edges of unlike length, grain that does not run on. */
    static String remarks(Panel one, Panel other, Edge a, Edge b, double turn) {
        List<String> remarks = new ArrayList<>();
        double longer = Math.abs(a.lengthMm() - b.lengthMm());
        if (longer > Reshaping.LONGER_MM) {
            remarks.add(Wording.fill("one edge is %.0f mm longer", longer));
        }
        double off = Math.abs(Math.sin(Math.toRadians(other.grainDeg() + turn - one.grainDeg())));
        if (off > Math.sin(Math.toRadians(Reshaping.GRAIN_OFF_DEG))) {
            remarks.add(Wording.fill("the grain turns at the seam by %.0f°", Math.toDegrees(Math.asin(off))));
        }
        return remarks.isEmpty() ? "" : "; " + String.join("; ", remarks);
    }
}
