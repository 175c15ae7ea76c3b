package org.handdown.panel.reshape;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.panel.survey.TapedSurvey;

/**
 * Two panels that still hang together at an old seam, laid flat as one: a leg opened along its inseam alone, the front and back of a shirt
 * with one side seam left closed. Where the seam is shaped the cloth beside it bulges or gapes, and nothing is cut from there.
 */
public final class StillSewn {
    /** Cloth is smoothed flat over so much (common practice, no source). */
    private static final double LIES_FLAT_MM = 3;

    private static final double EASED_MM = 15;
    private static final int STEPS = 60;

    private StillSewn() {}

    /**
     * The second panel is turned so that as much of the seam as may be lies flat; the frame is the first one's.
     *
     * @throws RefusedValueException where the edges differ too much, or the panels would lie over each other beyond the seam
     */
    public static TapedSurvey asOne(Panel one, String edgeOfOne, Panel other, String edgeOfOther, Layer layer) {
        return asOne(one, edgeOfOne, other, edgeOfOther, layer, false);
    }

    /**
     * @param seamless whether the cloth runs on from one to the other, as round the fold of a tube: there is no seam to be told of, but
     *     perhaps a crease
     */
    public static TapedSurvey asOne(
            Panel one, String edgeOfOne, Panel other, String edgeOfOther, Layer layer, boolean seamless) {
        Outline first = Reshaping.cloth(one);
        Outline second = Reshaping.cloth(other);
        Edge a = Reshaping.edge(first, edgeOfOne, "join.edge");
        Edge b = Reshaping.edge(second, edgeOfOther, "join.otherEdge");
        requireAlike(a, b);
        Turn turn = best(points(a), points(b.reversed()));
        UnaryOperator<Point> move = turn::of;
        Edge beside = b.map(move).reversed();
        List<Region> cloth = new ArrayList<>();
        cloth.add(Region.of(first.ring()));
        cloth.add(Region.of(second.ring().map(move)));
        double overlap = cloth.get(0)
                .intersection(cloth.get(1))
                .minus(Region.unionOf(between(a, beside)))
                .areaMm2();
        if (overlap > LIES_FLAT_MM * a.lengthMm()) {
            throw new RefusedValueException(
                    "join", "Laid flat, the panels would lie over each other beyond the seam. Open it.");
        }
        cloth.addAll(between(a, beside));
        cloth.add(thread(a, beside));
        Region both = Region.unionOf(cloth);
        if (both.parts().size() != 1) {
            throw new RefusedValueException("join", "Laid flat, the panels do not make one whole. Open the seam.");
        }
        List<Edge> edges = new ArrayList<>(first.edges());
        second.edges()
                .forEach(e -> edges.add(
                        new Edge(other.id() + "-" + e.name(), e.map(move).segments())));
        // The seam lies inside now.
        edges.removeIf(e -> e.name().equals(a.name()) || e.name().equals(other.id() + "-" + b.name()));
        // A hole can only be where both sides of the seam gape between two slices.
        Region whole = Region.of(both.outerRings().get(0));
        String how = Wording.fill(
                seamless ? "%s with %s, uncut%s" : "%s with %s, still sewn together%s",
                one.name(),
                other.name(),
                Joining.remarks(one, other, a, b, turn.degrees));
        return Joining.asOne(one, other, layer, move, edges, whole, seam(a, beside, seamless), how);
    }

    private static void requireAlike(Edge a, Edge b) {
        if (Math.abs(a.lengthMm() - b.lengthMm()) > EASED_MM) {
            throw new RefusedValueException(
                    "join",
                    Wording.fill(
                            "One side of the seam is %.0f mm longer than the other and was eased in: it does not lie flat. Open it.",
                            Math.abs(a.lengthMm() - b.lengthMm())));
        }
    }

    /** How the second panel is turned and moved. */
    private record Turn(double degrees, Point shift) {
        Point of(Point p) {
            return Reshaping.turned(p, degrees).plus(shift);
        }
    }

    private static List<Point> points(Edge edge) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            points.add(edge.at(i / (double) STEPS));
        }
        return points;
    }

    /** As hands smooth it: the longest part of the seam lies flat, its sides on each other; of two alike the one over a longer part. */
    private static Turn best(List<Point> a, List<Point> b) {
        Turn best = new Turn(0, new Point(0, 0));
        int most = -1;
        for (int apart = STEPS; apart >= STEPS / 4; apart--) {
            for (int i = 0; i + apart <= STEPS; i++) {
                Turn turn = onto(a.get(i), a.get(i + apart), b.get(i), b.get(i + apart));
                int flat = 0;
                for (int k = 0; k <= STEPS; k++) {
                    flat += a.get(k).distanceMm(turn.of(b.get(k))) <= LIES_FLAT_MM ? 1 : 0;
                }
                if (flat > most) {
                    most = flat;
                    best = turn;
                }
            }
        }
        return best;
    }

    private static Turn onto(Point from, Point to, Point otherFrom, Point otherTo) {
        double degrees =
                to.minus(from).directionDeg() - otherTo.minus(otherFrom).directionDeg();
        Point middle = Reshaping.turned(otherFrom.between(otherTo, 0.5), degrees);
        return new Turn(degrees, from.between(to, 0.5).minus(middle));
    }

    /** What lies between both sides of the seam, in slices: cloth over cloth where they bulge, nothing where they gape. */
    private static List<Region> between(Edge a, Edge b) {
        List<Region> slices = new ArrayList<>();
        for (int i = 0; i < STEPS; i++) {
            double from = i / (double) STEPS;
            double to = (i + 1) / (double) STEPS;
            // Both sides may change over within a slice; what crosses is as thin as the seam itself.
            Ring slice = new Ring(List.of(a.at(from), a.at(to), b.at(to), b.at(from)));
            slices.add(slice.areaMm2() > 1e-3 ? Region.mended(slice).grown(0.01) : Region.EMPTY);
        }
        return slices;
    }

    /** Where both sides meet exactly they are held together by as much as drawing a curve by short lines may leave open. */
    private static Region thread(Edge a, Edge b) {
        List<Point> middles = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            middles.add(middle(a, b, i));
        }
        middles.set(0, middles.get(0).between(middles.get(1), 0.05));
        middles.set(STEPS, middles.get(STEPS).between(middles.get(STEPS - 1), 0.05));
        return Region.along(middles, 2 * Outline.FLATTENING_MM);
    }

    /** The seam as flaws: only told of where it lies flat, left out where it does not. */
    private static List<Flaw> seam(Edge a, Edge b, boolean seamless) {
        List<Flaw> flaws = new ArrayList<>();
        int from = 0;
        while (from < STEPS) {
            boolean flat = apart(a, b, from) <= LIES_FLAT_MM;
            int to = from + 1;
            while (to < STEPS && apart(a, b, to) <= LIES_FLAT_MM == flat) {
                to++;
            }
            flaws.add(
                    flat
                            ? new Flaw(
                                    Flaw.Treatment.NOTE,
                                    seamless ? Flaw.Kind.CREASE : Flaw.Kind.SEAM,
                                    seamless ? "fold of the tube: it may show" : "old seam, still sewn",
                                    new Flaw.Strip(middle(a, b, from), middle(a, b, to), 2 * LIES_FLAT_MM))
                            : new Flaw(
                                    Flaw.Treatment.AVOID,
                                    Flaw.Kind.SEAM,
                                    "old seam, shaped: it does not lie flat here",
                                    new Flaw.Around(shaped(a, b, from, to))));
            from = to;
        }
        return flaws;
    }

    /** Both sides of a shaped part of the seam, and a little more. */
    private static Ring shaped(Edge a, Edge b, int from, int to) {
        List<Region> slices = between(a, b).subList(from, to);
        return Region.unionOf(slices)
                .grownBevelled(LIES_FLAT_MM)
                .simplified(LIES_FLAT_MM / 4)
                .outerRings()
                .get(0)
                .counterClockwise();
    }

    private static double apart(Edge a, Edge b, int step) {
        double share = step / (double) STEPS;
        return a.at(share).distanceMm(b.at(share));
    }

    private static Point middle(Edge a, Edge b, int step) {
        double share = step / (double) STEPS;
        return a.at(share).between(b.at(share), 0.5);
    }
}
