package org.handdown.pattern.draft;

import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.pattern.Mark;

/**
 * A quarter of a fitted skirt: its centre on x = 0, the side to the right, hem at y = 0. The side runs on through the hip without a corner,
 * the waist is level at the centre and meets the side square, the hem too.
 *
 * <p>Formulas (common practice, no source): the side takes in 0.4 of what is spare and 25 at most, darts the rest, two of them above 28; the
 * side ends higher than the centre by 0.45 of what it takes in.
 *
 * @param waist and hip: width of a quarter there; the waist without what its darts take up
 * @param top where the waist ends at the side, from the centre
 * @param dart taken up by the darts of a quarter; 0 for none
 * @param hipDeep from waist to hip
 * @param length from waist to hem, at the centre
 */
record SkirtBlock(double waist, double hip, FlaredHem flared, double top, double dart, double hipDeep, double length) {
    private static final double SIDE_SHARE = 0.4;
    private static final double MOST_AT_SIDE_MM = 25;
    private static final double LEAST_DART_MM = 8;
    private static final double MOST_ONE_DART_MM = 28;
    private static final double RAISED_SHARE = 0.45;
    private static final double MOST_RAISED_MM = 14;
    /** The side has come into its own slant so far below the hip, as a share of the way to the hem. */
    private static final double BELOW_HIP = 0.3;

    /** A quarter that shares what is to be taken in between waist and hip among side seam and darts. */
    static SkirtBlock of(double waistGirth, double hipGirth, double hemGirth, double hipDeep, double length) {
        double spare = Math.max(0, (hipGirth - waistGirth) / 4);
        double dart = spare - Math.min(MOST_AT_SIDE_MM, SIDE_SHARE * spare);
        return of(waistGirth, hipGirth, hemGirth, dart < LEAST_DART_MM ? 0 : dart, hipDeep, length);
    }

    /** @param dart taken up by the darts of a quarter */
    static SkirtBlock of(
            double waistGirth, double hipGirth, double hemGirth, double dart, double hipDeep, double length) {
        // A skirt shorter than the hip is deep ends above it.
        double deep = Math.min(hipDeep, 0.9 * length);
        double along = waistGirth / 4 + dart;
        SkirtBlock straight =
                new SkirtBlock(waistGirth / 4, hipGirth / 4, new FlaredHem(0, hemGirth / 4), along, dart, deep, length);
        double top =
                Root.of(0.8 * along, along, t -> straight.topAt(t).waist("").lengthMm() - along);
        SkirtBlock waisted = straight.topAt(top);
        return waisted.hemmed(FlaredHem.of(hemGirth / 4, w -> waisted.slantTo(w), true));
    }

    private SkirtBlock topAt(double x) {
        return new SkirtBlock(waist, hip, flared, x, dart, hipDeep, length);
    }

    private SkirtBlock hemmed(FlaredHem other) {
        return new SkirtBlock(waist, hip, other, top, dart, hipDeep, length);
    }

    double hipY() {
        return length - hipDeep;
    }

    /** Width of a quarter of the hem. */
    double hem() {
        return flared.quarter("").lengthMm();
    }

    /** Inward per way up, at the hip: as below it, but never so much that the side must come out again to the waist. */
    private double slantAtHip(double hemWide) {
        return Math.min((hemWide - hip) / hipY(), (hip - top) / (sideTop().y() - hipY()));
    }

    private Point aim(double hemWide) {
        double down = BELOW_HIP * hipY();
        return new Point(hip + slantAtHip(hemWide) * down, hipY() - down);
    }

    private double slantTo(double hemWide) {
        Point aim = aim(hemWide);
        return (hemWide - aim.x()) / aim.y();
    }

    private Point sideTop() {
        double raised = Math.max(-MOST_RAISED_MM, Math.min(MOST_RAISED_MM, RAISED_SHARE * (hip - top)));
        return new Point(top, length + raised);
    }

    /** Upwards. */
    Edge side(String name) {
        Point hipPoint = new Point(hip, hipY());
        double slant = slantAtHip(flared.wide());
        Point up = hipPoint.plus(new Point(-slant, 1).times(0.45 * hipDeep));
        Point from = flared.corner();
        return TopBlock.joined(
                name,
                Edge.curve(name, from, from.toward(aim(flared.wide()), 0.5), aim(flared.wide()), hipPoint),
                Edge.curve(name, hipPoint, up, sideTop().plus(intoWaist().times(-0.35 * hipDeep)), sideTop()));
    }

    /** Way that the side reaches the waist in. */
    private Point intoWaist() {
        Point way = new Point(-(hip - top), hipDeep);
        return way.times(1 / way.lengthMm());
    }

    /** From the side to the centre: square to the side, level at the centre. */
    private Edge waist(String name) {
        Point side = sideTop();
        Point square = new Point(-intoWaist().y(), intoWaist().x());
        return Edge.curve(
                name, side, side.plus(square.times(0.4 * top)), new Point(0.35 * top, length), new Point(0, length));
    }

    /** Opened out. Edges: hem, side right, waist, side left. */
    Paper full(String id, String name) {
        Edge quarter = flared.quarter("hem");
        Edge hem = TopBlock.joined("hem", TopBlock.mirrored("hem", quarter), quarter);
        Edge waist = waist("waist");
        Paper paper = new Paper(id, name, hem.start().x(), hem.start().y())
                .edge(hem)
                .edge(side("side right"))
                .edge(TopBlock.joined("waist", waist, TopBlock.mirrored("waist", waist)))
                .edge(TopBlock.mirrored("side left", side("")))
                .notch("centre", 0, length)
                .notch("centre", 0, 0)
                .notch("hip", hip, hipY())
                .notch("hip", -hip, hipY())
                .level("hip", hipY());
        darts(paper, false);
        darts(paper, true);
        return paper;
    }

    /**
     * One half that runs on beyond its centre. Edges: hem, side, waist, centre.
     *
     * @param beyond from the centre line to its edge, mm
     */
    Paper half(String id, String name, double beyond) {
        Edge quarter = flared.quarter("hem");
        Paper paper = new Paper(id, name, -beyond, 0);
        if (beyond > 0) {
            paper.edge(TopBlock.joined("hem", Edge.line("hem", new Point(-beyond, 0), new Point(0, 0)), quarter))
                    .edge(side("side"))
                    .edge(TopBlock.joined(
                            "waist",
                            waist("waist"),
                            Edge.line("waist", new Point(0, length), new Point(-beyond, length))));
            paper.notch("centre", 0, length).notch("centre", 0, 0);
        } else {
            paper.edge(quarter).edge(side("side")).edge(waist("waist"));
        }
        paper.line("centre", -beyond, 0).notch("hip", hip, hipY()).level("hip", hipY());
        darts(paper, false);
        return paper;
    }

    private void darts(Paper paper, boolean mirrored) {
        if (dart <= 0) {
            return;
        }
        int n = dart > MOST_ONE_DART_MM ? 2 : 1;
        for (int i = 1; i <= n; i++) {
            dart(paper, (double) i / (n + 1), dart / n, mirrored);
        }
    }

    /** Its axis stands square on the waist, so that its legs are as long as each other. */
    private void dart(Paper paper, double share, double wide, boolean mirrored) {
        Edge waist = waist("");
        Point at = waist.at(share);
        Point way = waist.at(share + 0.01).minus(waist.at(share - 0.01));
        Point along = way.times(wide / 2 / way.lengthMm());
        Point down = new Point(-along.y(), along.x()).times(0.6 * hipDeep / (wide / 2));
        Point tip = at.plus(down);
        Point one = at.minus(along);
        Point other = at.plus(along);
        paper.mark(
                Mark.Kind.DART,
                "dart",
                mirrored ? acrossCentre(other) : one,
                mirrored ? acrossCentre(tip) : tip,
                mirrored ? acrossCentre(one) : other);
    }

    private static Point acrossCentre(Point p) {
        return new Point(-p.x(), p.y());
    }
}
