package org.handdown.panel.reshape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.geometry.Segment;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.panel.survey.Carried;
import org.handdown.panel.survey.ClothRepeat;
import org.handdown.panel.survey.DrawnOutline;
import org.handdown.panel.survey.Grain;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.Layer;

/** Panels made of panels: turned over, cut through, cut out of, pieced together. Frames as the panel was, unless said otherwise. */
public final class Reshaping {
    /** Smaller bits are thrown away, mm². */
    private static final double LEAST_MM2 = 400;
    /** An edge that bows more than this cannot be sewn to another one as it lies, mm. */
    private static final double STRAIGHT_MM = 3;
    /** Ends of two pieced edges may be this far apart before one is longer than the other, mm. */
    private static final double LONGER_MM = 5;

    private static final double GRAIN_OFF_DEG = 3;
    private static final String CUT = "cut";

    private Reshaping() {}

    /** The cloth's own edge of a panel as an outline; edges that nothing was won along keep their curves. */
    public static Outline cloth(Panel panel) {
        List<Edge> edges = new ArrayList<>();
        for (Edge line : panel.stitchLine().edges()) {
            Outline.Run run = panel.outline().runs().get(line.name());
            if (run == null) {
                continue;
            }
            List<Point> points = panel.outline().ring().run(run.from(), run.to());
            boolean same = line.start().distanceMm(points.get(0)) < 1e-9
                    && line.end().distanceMm(points.get(points.size() - 1)) < 1e-9
                    && line.at(0.5).distanceMm(Edge.at(points, 0.5)) < 0.2;
            edges.add(same ? line : polyline(line.name(), points));
        }
        return new Outline(edges);
    }

    private static Edge polyline(String name, List<Point> points) {
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i + 1 < points.size(); i++) {
            segments.add(new Segment.Line(points.get(i), points.get(i + 1)));
        }
        return new Edge(name, segments);
    }

    /**
     * Another one like it, without what only this one's cloth carries.
     *
     * @param turnedOver left to right, as the other one of a pair
     */
    public static TapedSurvey copied(Panel panel, Layer layer, String id, String name, boolean turnedOver) {
        Outline outline = turnedOver ? cloth(panel).mirrored() : cloth(panel);
        return new TapedSurvey(
                id,
                name,
                layer,
                new DrawnOutline(
                        DrawnOutline.Means.PANELS,
                        panel.name() + (turnedOver ? ", mirrored" : ", copied"),
                        outline,
                        Origin.GARMENT.toleranceMm(),
                        null),
                panel.finishes(),
                Carried.NOTHING.withGrain(grain(panel, p -> new Point(turnedOver ? -p.x() : p.x(), p.y()))));
    }

    /**
     * The parts a straight cut leaves, largest first.
     *
     * @param from and to: two points of the cut, which runs on to the cloth's edges
     * @throws RefusedValueException where it misses the cloth
     */
    public static List<TapedSurvey> split(Panel panel, Layer layer, Point from, Point to) {
        if (from.distanceMm(to) < 5) {
            throw new RefusedValueException(
                    "cut", Wording.of("Give two points of the cut that lie at least 5 mm apart."));
        }
        Outline outline = cloth(panel);
        Region cloth = Region.of(outline.ring());
        Point way = to.minus(from).times(1 / from.distanceMm(to));
        Point left = way.left();
        double far = 30_000;
        Point start = from.minus(way.times(far));
        Point end = from.plus(way.times(far));
        Region half = Region.of(new Ring(List.of(start, end, end.plus(left.times(far)), start.plus(left.times(far)))));
        List<Region> parts = new ArrayList<>(cloth.intersection(half).parts());
        int onLeft = (int) parts.stream().filter(p -> p.areaMm2() >= LEAST_MM2).count();
        parts.addAll(cloth.minus(half).parts());
        parts.removeIf(p -> p.areaMm2() < LEAST_MM2);
        if (onLeft == 0 || parts.size() == onLeft) {
            throw new RefusedValueException(
                    "cut", "This line does not cut the panel in two; both parts need some cloth.");
        }
        parts.sort(Comparator.comparingDouble(Region::areaMm2).reversed());
        List<TapedSurvey> panels = new ArrayList<>();
        for (Region part : parts) {
            int count = panels.size() + 1;
            panels.add(derived(
                    panel,
                    layer,
                    count == 1 ? panel.id() : panel.id() + "-" + count,
                    count == 1 ? panel.name() : panel.name() + " " + count,
                    part,
                    outline));
        }
        return panels;
    }

    /**
     * A panel without a piece cut out of it: at its edge the outline changes, inside it the hole is kept clear of pieces.
     *
     * @throws RefusedValueException where nothing would be cut or nothing left
     */
    public static TapedSurvey without(Panel panel, Layer layer, Ring cutOut) {
        if (!cutOut.isSimple()) {
            throw new RefusedValueException("cutOut", "The cut-out crosses itself; walk round it in order.");
        }
        Outline outline = cloth(panel);
        Region cloth = Region.of(outline.ring());
        Region hole = Region.of(cutOut);
        Region left = cloth.minus(hole);
        if (cloth.areaMm2() - left.areaMm2() < 1) {
            throw new RefusedValueException("cutOut", "The cut-out lies off the panel; nothing is taken away.");
        }
        List<Region> parts = new ArrayList<>(left.parts());
        parts.removeIf(p -> p.areaMm2() < LEAST_MM2);
        if (parts.size() != 1) {
            throw new RefusedValueException(
                    "cutOut",
                    parts.isEmpty()
                            ? "The cut-out takes the whole panel."
                            : Wording.fill(
                                    "The cut-out leaves %d separate parts. Split the panel by a cut first.",
                                    parts.size()));
        }
        if (!left.holes().isEmpty()) {
            List<Flaw> flaws = new ArrayList<>(panel.flaws());
            flaws.add(new Flaw(
                    Flaw.Treatment.AVOID, Flaw.Kind.CUT_OUT, "cut out", new Flaw.Around(cutOut.counterClockwise())));
            return derived(panel, layer, panel.id(), panel.name(), cloth, outline)
                    .withCarried(carried(panel).withFlaws(flaws));
        }
        return derived(panel, layer, panel.id(), panel.name(), parts.get(0), outline);
    }

    private static TapedSurvey derived(Panel panel, Layer layer, String id, String name, Region part, Outline outline) {
        Ring ring = Relabelled.welded(part.outerRings().get(0));
        Outline left = new Relabelled(outline.edges()).outline(ring, CUT);
        Map<String, EdgeFinish> finishes = new HashMap<>();
        for (Edge edge : left.edges()) {
            // "hem-2" is a stretch of the hem.
            EdgeFinish finish = panel.finishes().get(edge.name().replaceFirst("-\\d+$", ""));
            EdgeFinish own = panel.finishes().get(edge.name());
            if (own != null || finish != null) {
                finishes.put(edge.name(), own != null ? own : java.util.Objects.requireNonNull(finish));
            }
        }
        Carried kept = carried(panel);
        return new TapedSurvey(
                id,
                name,
                layer,
                new DrawnOutline(
                        DrawnOutline.Means.PANELS, "cut from " + panel.name(), left, Origin.TAPE.toleranceMm(), null),
                finishes,
                kept.withFlaws(
                        panel.flaws().stream().filter(f -> f.touches(part)).toList()));
    }

    /** What a panel carries, told in its own frame. */
    private static Carried carried(Panel panel) {
        List<ClothRepeat> repeats = new ArrayList<>();
        for (Panel.Stripes s : panel.stripes()) {
            boolean across = Math.abs(Math.sin(Math.toRadians(s.directionDeg() - panel.grainDeg()))) > 0.5;
            // Told from the panel's zero; direction against the repeat's own turns the phase round.
            double own = across ? panel.grainDeg() - 90 : panel.grainDeg();
            boolean same = Math.cos(Math.toRadians(own - s.directionDeg())) > 0;
            repeats.add(new ClothRepeat(
                    s.name(), across, s.periodMm(), "", same ? s.phaseMm() : s.periodMm() - s.phaseMm(), s.matched()));
        }
        return new Carried(
                panel.flaws(),
                grain(panel, p -> p),
                false,
                panel.cloth().reversible() ? Boolean.TRUE : null,
                false,
                1,
                repeats,
                panel.motifs(),
                List.of());
    }

    private static @org.jspecify.annotations.Nullable Grain grain(Panel panel, UnaryOperator<Point> turn) {
        if (Math.abs(panel.grainDeg() - Panel.LENGTHWISE_DEG) < 1e-9) {
            return null;
        }
        Point way = turn.apply(Point.unit(panel.grainDeg()).times(100));
        return new Grain.Directed(new Point(0, 0), way);
    }

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
        Outline first = cloth(one);
        Outline second = cloth(other);
        Edge a = edge(first, edgeOfOne, "join.edge");
        Edge b = edge(second, edgeOfOther, "join.otherEdge");
        for (Edge e : List.of(a, b)) {
            if (Math.abs(e.bowMm()) > STRAIGHT_MM) {
                throw new RefusedValueException(
                        e == a ? "join.edge" : "join.otherEdge",
                        Wording.fill(
                                "Edge “%s” bows by %.0f mm; only straight edges lie flat when they are pieced. Cut it straight first.",
                                e.name(), Math.abs(e.bowMm())));
            }
        }
        Point way = a.end().minus(a.start());
        double turn = way.times(-1).directionDeg() - b.end().minus(b.start()).directionDeg();
        Point in = way.left().times(2 * allowanceMm / way.lengthMm());
        Point corner = turned(b.start(), turn);
        Point shift = a.end().minus(corner).plus(in);
        UnaryOperator<Point> move = p -> turned(p, turn).plus(shift);
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
        Point half = in.times(0.5);
        Point seamEnd = a.start().between(a.end(), Math.min(1, b.lengthMm() / a.lengthMm()));
        Point seamFrom = b.lengthMm() >= a.lengthMm() ? a.start() : a.end().minus(seamEnd.minus(a.start()));
        Flaw seam = new Flaw(
                Flaw.Treatment.NOTE,
                Flaw.Kind.SEAM,
                "piecing seam",
                new Flaw.Strip(seamFrom.plus(half), a.end().plus(half), Math.max(2, 2 * allowanceMm)));
        String how = Wording.fill("%s pieced to %s%s", one.name(), other.name(), remarks(one, other, a, b, turn));
        return asOne(one, other, layer, move, edges, both, List.of(seam), how);
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
                .outline(Relabelled.welded(both.outerRings().get(0)), CUT);
        Map<String, EdgeFinish> finishes = new HashMap<>(one.finishes());
        other.finishes().forEach((edge, finish) -> finishes.put(other.id() + "-" + edge, finish));
        finishes.keySet().retainAll(outline.edges().stream().map(Edge::name).toList());
        Carried kept = carried(one);
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
        if (longer > LONGER_MM) {
            remarks.add(Wording.fill("one edge is %.0f mm longer", longer));
        }
        double off = Math.abs(Math.sin(Math.toRadians(other.grainDeg() + turn - one.grainDeg())));
        if (off > Math.sin(Math.toRadians(GRAIN_OFF_DEG))) {
            remarks.add(Wording.fill("the grain turns at the seam by %.0f°", Math.toDegrees(Math.asin(off))));
        }
        return remarks.isEmpty() ? "" : "; " + String.join("; ", remarks);
    }

    static Edge edge(Outline outline, String name, String field) {
        return outline.edges().stream()
                .filter(e -> e.name().equals(name))
                .findFirst()
                .orElseThrow(
                        () -> new RefusedValueException(field, Wording.fill("There is no edge called “%s”.", name)));
    }

    static Point turned(Point p, double degrees) {
        Point x = Point.unit(degrees);
        return new Point(x.x() * p.x() - x.y() * p.y(), x.y() * p.x() + x.x() * p.y());
    }
}
