package org.handdown.panel.reshape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.handdown.assembly.Layer;
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

/** Panels made of panels: turned over, cut through, cut out of, pieced together. Frames as the panel was, unless said otherwise. */
public final class Reshaping {

    /** Smaller bits are thrown away, mm². */
    private static final double LEAST_MM2 = 400;

    /** An edge that bows more than this cannot be sewn to another one as it lies, mm. */
    static final double STRAIGHT_MM = 3;

    /** Ends of two pieced edges may be this far apart before one is longer than the other, mm. */
    static final double LONGER_MM = 5;

    static final double GRAIN_OFF_DEG = 3;

    static final String CUT = "cut";

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

    /** A panel as if it had been measured on the table, whatever drew it. */
    public static TapedSurvey taken(Panel panel, Layer layer) {
        Outline outline = cloth(panel);
        return derived(panel, layer, panel.id(), panel.name(), Region.of(outline.ring()), outline);
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
    static Carried carried(Panel panel) {
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
