package org.handdown.pattern.draft;

import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.pattern.Mark;

/**
 * A quarter of a fitted skirt: its centre on x = 0, the side to the right, hem at y = 0. From the waist to the hip the side is a slight
 * curve, from hip to hem straight (common practice, no source).
 *
 * @param waist and hip and hem: width of a quarter there; the waist without what its dart takes up
 * @param dart taken up by the dart of a quarter; 0 for none
 * @param hipDeep from waist to hip
 * @param length from waist to hem
 */
record SkirtBlock(double waist, double hip, double hem, double dart, double hipDeep, double length) {
    private static final double DART_SHARE = 0.4;
    private static final double LEAST_DART_MM = 8;
    private static final double MOST_DART_MM = 40;

    /** A quarter that shares what is to be taken in between waist and hip among side seam and dart. */
    static SkirtBlock of(double waistGirth, double hipGirth, double hemGirth, double hipDeep, double length) {
        double spare = Math.max(0, (hipGirth - waistGirth) / 4);
        double dart = Math.min(MOST_DART_MM, DART_SHARE * spare);
        double kept = dart < LEAST_DART_MM ? 0 : dart;
        // A skirt shorter than the hip is deep ends above it.
        return new SkirtBlock(
                waistGirth / 4, hipGirth / 4, hemGirth / 4, kept, Math.min(hipDeep, 0.9 * length), length);
    }

    double hipY() {
        return length - hipDeep;
    }

    private double top() {
        return waist + dart;
    }

    /** Upwards. */
    Edge side(String name) {
        Point hipPoint = new Point(hip, hipY());
        Point up = new Point(hip, hipY() + 0.45 * hipDeep);
        Point toWaist = new Point(top(), length);
        Point below = toWaist.plus(new Point((hip - top()) * 0.35, -0.35 * hipDeep));
        return TopBlock.joined(
                name, Edge.line(name, new Point(hem, 0), hipPoint), Edge.curve(name, hipPoint, up, below, toWaist));
    }

    /** Opened out. Edges: hem, side right, waist, side left. */
    Paper full(String id, String name) {
        Paper paper = new Paper(id, name, -hem, 0)
                .line("hem", hem, 0)
                .edge(side("side right"))
                .line("waist", -top(), length)
                .edge(TopBlock.mirrored("side left", side("")))
                .notch("centre", 0, length)
                .notch("centre", 0, 0)
                .level("hip", hipY());
        if (dart > 0) {
            dart(paper, top() / 2);
            dart(paper, -top() / 2);
        }
        return paper;
    }

    /**
     * One half that runs on beyond its centre. Edges: hem, side, waist, centre.
     *
     * @param beyond from the centre line to its edge, mm
     */
    Paper half(String id, String name, double beyond) {
        Paper paper = new Paper(id, name, -beyond, 0)
                .line("hem", hem, 0)
                .edge(side("side"))
                .line("waist", -beyond, length)
                .line("centre", -beyond, 0)
                .level("hip", hipY());
        if (beyond > 0) {
            paper.notch("centre", 0, length).notch("centre", 0, 0);
        }
        if (dart > 0) {
            dart(paper, top() / 2);
        }
        return paper;
    }

    private void dart(Paper paper, double x) {
        paper.mark(
                Mark.Kind.DART,
                "dart",
                new Point(x + dart / 2, length),
                new Point(x, length - 0.6 * hipDeep),
                new Point(x - dart / 2, length));
    }
}
