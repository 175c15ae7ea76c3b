package org.handdown.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A zone of a panel as a person marks it, panel frame, mm.
 *
 * @param what in words, for example worn knee
 * @param layers of cloth that lie on each other there, this one counted
 */
public record Flaw(Treatment treatment, Kind kind, String what, Extent extent, int layers) {
    private static final int CORNERS = 24;
    private static final double LARGEST_MM = 2000;
    private static final int MOST = 60;
    private static final double FARTHEST_MM = 5000;

    /** Kept clear of pieces, let lie only where it will not be seen, or just remembered. */
    public enum Treatment {
        AVOID,
        HIDE,
        NOTE
    }

    /** What it is; the treatment is another matter, but for elastic: cloth that is drawn in does not lie flat. */
    public enum Kind {
        STAIN(1),
        HOLE(1),
        FADE(1),
        WORN(1),
        CREASE(1),
        NEEDLE_HOLES(1),
        POCKET(2),
        SEAM(3),
        CUT_OUT(1),
        THICK(2),
        ELASTIC(2),
        OTHER(1);

        private final int layers;

        Kind(int layers) {
            this.layers = layers;
        }

        /** Layers of cloth as a rule: a pocket lies on its panel, a seam has both its allowances behind it. */
        public int layers() {
            return layers;
        }
    }

    /** Where a zone lies and how far it reaches. */
    public sealed interface Extent permits Oval, Around, Strip {
        /** As a polygon that covers all of it. */
        Ring outline();
    }

    /** An oval at a place. */
    public record Oval(Point centre, double widthMm, double heightMm) implements Extent {
        public Oval {
            requireNear(centre);
            requireSize(widthMm);
            requireSize(heightMm);
        }

        /** Drawn round the flaw from outside, so that none of it sticks out. */
        @Override
        public Ring outline() {
            double outside = 1 / Math.cos(Math.PI / CORNERS);
            List<Point> points = new ArrayList<>();
            for (int i = 0; i < CORNERS; i++) {
                Point way = Point.unit(360.0 * i / CORNERS);
                points.add(centre.plus(new Point(way.x() * widthMm / 2 * outside, way.y() * heightMm / 2 * outside)));
            }
            return new Ring(points);
        }
    }

    /** Walked round point by point. */
    public record Around(Ring outline) implements Extent {
        private static final int MOST_CORNERS = 200;

        public Around {
            outline.points().forEach(Flaw::requireNear);
            if (outline.size() > MOST_CORNERS || !outline.isSimple()) {
                throw new RefusedValueException(
                        "flaw.outline", "A zone's outline has up to 200 points and does not cross itself.");
            }
        }
    }

    /** As wide as told along a straight line, half of it on either side. */
    public record Strip(Point from, Point to, double widthMm) implements Extent {
        public Strip {
            requireNear(from);
            requireNear(to);
            requireSize(widthMm);
            if (from.distanceMm(to) < 2) {
                throw new RefusedValueException("flaw.outline", Wording.of("A strip is at least 2 mm long."));
            }
        }

        @Override
        public Ring outline() {
            Point way = to.minus(from);
            Point off = way.left().times(widthMm / 2 / way.lengthMm());
            return new Ring(List.of(from.minus(off), to.minus(off), to.plus(off), from.plus(off)));
        }
    }

    private static final int MOST_LAYERS = 12;

    public Flaw {
        if (kind == Kind.ELASTIC && treatment != Treatment.AVOID) {
            throw new RefusedValueException(
                    "flaw.treatment",
                    "Cloth with elastic in it is drawn in and does not lie flat: keep clear of it, or take the elastic out first.");
        }
        if (!(layers >= 1 && layers <= MOST_LAYERS)) {
            throw new RefusedValueException("flaw.layers", "There are from 1 to 12 layers of cloth.");
        }
    }

    /** With as many layers as its kind has as a rule. */
    public Flaw(Treatment treatment, Kind kind, String what, Extent extent) {
        this(treatment, kind, what, extent, kind.layers());
    }

    /** An oval of no particular kind. */
    public Flaw(Treatment treatment, String what, Point centre, double widthMm, double heightMm) {
        this(treatment, Kind.OTHER, what, new Oval(centre, widthMm, heightMm));
    }

    private static void requireNear(Point p) {
        if (!(Math.abs(p.x()) <= FARTHEST_MM && Math.abs(p.y()) <= FARTHEST_MM)) {
            throw new RefusedValueException("flaw.centre", "A flaw lies on the panel, not metres away from it.");
        }
    }

    private static void requireSize(double mm) {
        if (!(mm >= 2 && mm <= LARGEST_MM)) {
            throw new RefusedValueException("flaw.size", Wording.of("A flaw is from 2 mm to 2 m wide and high."));
        }
    }

    /** @throws RefusedValueException when a panel has more flaws than anybody can mind */
    public static List<Flaw> few(List<Flaw> flaws) {
        if (flaws.size() > MOST) {
            throw new RefusedValueException("flaws", "A panel takes 60 flaws at most; join neighbouring ones.");
        }
        return List.copyOf(flaws);
    }

    public Ring outline() {
        return extent.outline();
    }

    /** Middle of its bounding box. */
    public Point centre() {
        return extent instanceof Oval oval ? oval.centre : outline().box().middle();
    }

    /** The same zone with every point moved, for a panel that is turned over, scaled or laid against another. */
    public Flaw moved(java.util.function.UnaryOperator<Point> move, double scale) {
        Extent there = extent instanceof Strip s
                ? new Strip(move.apply(s.from), move.apply(s.to), s.widthMm * scale)
                : new Around(outline().map(move).counterClockwise());
        return new Flaw(treatment, kind, what, there, layers);
    }

    /** In words, with its layers where there is more than one. */
    public String named() {
        String name = what.isBlank() ? Wording.spoken(kind.name().toLowerCase(Locale.ROOT)) : what;
        return layers == 1 ? name : Wording.fill("%s, %d layers", name, layers);
    }

    /** The same, minded otherwise. */
    public Flaw treated(Treatment other) {
        return new Flaw(other, kind, what, extent, layers);
    }

    /** Does any of it lie in a region? */
    public boolean touches(Region region) {
        return !region.intersection(Region.of(outline())).isEmpty();
    }
}
