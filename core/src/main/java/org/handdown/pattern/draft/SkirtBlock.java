package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;
import org.handdown.pattern.Mark;

/**
 * A quarter of a fitted skirt, front or back: its centre on x = 0, the side to the right, hem at y = 0. The side runs on through the hip
 * without a corner; the waist is level at the centre, meets the side square and, once its darts are closed, runs on over them.
 *
 * <p>Formulas (common practice, no source): the side takes in 0.4 of what is spare and 25 at most, darts the rest, 0.9 of it in front and
 * 1.1 at the back, two darts where a quarter takes more than 28; darts 0.5 of the hip's depth long in front, 0.65 at the back; the side ends
 * higher than the centre front by 0.45 of what it takes in, the centre back lies lower by 0.04 of the hip's depth, 8 at most.
 *
 * @param hip width of the quarter there
 * @param flared its hem
 * @param top where the waist ends at the side, from the centre
 * @param darts of the quarter
 * @param lowered centre of the waist, below the front's
 * @param hipDeep from waist to hip
 * @param length from waist to hem, at the centre front
 */
record SkirtBlock(
        double hip, FlaredHem flared, double top, Darts darts, double lowered, double hipDeep, double length) {
    /**
     * Darts side by side.
     *
     * @param wide all of them together, between their legs
     * @param longMm from the waist to the tip
     */
    record Darts(double wide, double longMm) {
        static final Darts NONE = new Darts(0, 1);

        int count() {
            return wide <= 0 ? 0 : wide > MOST_ONE_DART_MM ? 2 : 1;
        }

        /** Half of one of them. */
        double half() {
            return wide / count() / 2;
        }

        /** Along the waist from leg to leg, over the roofs that lie under the folds, mm. */
        double takenUp() {
            return wide <= 0 ? 0 : wide * Math.hypot(1, half() / longMm);
        }
    }

    /** Front and back, their side seams alike. */
    record Pair(SkirtBlock front, SkirtBlock back) {
        /** What darts take up of the waist, all round. */
        double takenUp() {
            return 2 * (front.darts.takenUp() + back.darts.takenUp());
        }

        /** Finished, darts closed, all round. */
        double waistGirth() {
            return 2 * (front.waistMm() + back.waistMm());
        }

        private double waistAt(double x) {
            return 2 * (front.topAt(x).waistMm() + back.topAt(x).waistMm());
        }
    }

    private static final double SIDE_SHARE = 0.4;
    private static final double MOST_AT_SIDE_MM = 25;
    private static final double LEAST_DART_MM = 8;
    private static final double MOST_ONE_DART_MM = 28;
    private static final double FRONT_SHARE = 0.9;
    private static final double BACK_SHARE = 1.1;
    private static final double FRONT_DART_LONG = 0.5;
    private static final double BACK_DART_LONG = 0.65;
    private static final double RAISED_SHARE = 0.45;
    private static final double MOST_RAISED_MM = 14;
    private static final double LOWERED_SHARE = 0.04;
    private static final double MOST_LOWERED_MM = 8;
    /** The side has come into its own slant so far below the hip, as a share of the way to the hem. */
    private static final double BELOW_HIP = 0.3;
    /** Handles of a stretch of the waist by its chord: as a circle has them. */
    private static final double HANDLE_SHARE = 1.0 / 3;

    /** Girths finished, all round, and depths. */
    record Wish(double waist, double hip, double hem, double hipDeep, double length) {
        private double spare() {
            return Math.max(0, (hip - waist) / 4);
        }
    }

    /** Shares what is to be taken in between waist and hip among side seam and darts. */
    static Pair darted(Wish wish) {
        double dart = wish.spare() - Math.min(MOST_AT_SIDE_MM, SIDE_SHARE * wish.spare());
        return of(wish, dart < LEAST_DART_MM ? 0 : dart);
    }

    /** The side seam takes in all of it. */
    static Pair plain(Wish wish) {
        return of(wish, 0);
    }

    private static Pair of(Wish wish, double dart) {
        // A skirt shorter than the hip is deep ends above it.
        double deep = Math.min(wish.hipDeep, 0.9 * wish.length);
        double along = wish.waist / 4 + dart;
        SkirtBlock front = new SkirtBlock(
                wish.hip / 4,
                new FlaredHem(0, wish.hem / 4),
                along,
                dart == 0 ? Darts.NONE : new Darts(FRONT_SHARE * dart, FRONT_DART_LONG * deep),
                0,
                deep,
                wish.length);
        SkirtBlock back = new SkirtBlock(
                front.hip,
                front.flared,
                along,
                dart == 0 ? Darts.NONE : new Darts(BACK_SHARE * dart, BACK_DART_LONG * deep),
                Math.min(MOST_LOWERED_MM, LOWERED_SHARE * deep),
                deep,
                wish.length);
        Pair wide = new Pair(front, back);
        double top = Root.of(0.8 * along, along, x -> wide.waistAt(x) - wish.waist);
        SkirtBlock waisted = front.topAt(top);
        FlaredHem hem = FlaredHem.of(wish.hem / 4, w -> waisted.slantTo(w), true);
        return new Pair(waisted.hemmed(hem), back.topAt(top).hemmed(hem));
    }

    private SkirtBlock topAt(double x) {
        return new SkirtBlock(hip, flared, x, darts, lowered, hipDeep, length);
    }

    private SkirtBlock hemmed(FlaredHem other) {
        return new SkirtBlock(hip, other, top, darts, lowered, hipDeep, length);
    }

    double hipY() {
        return length - hipDeep;
    }

    /** Width of a quarter of the hem. */
    double hem() {
        return flared.quarter("").lengthMm();
    }

    /** Of the quarter's waist, its darts closed. */
    double waistMm() {
        return stretches().stream().mapToDouble(Edge::lengthMm).sum();
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

    private Point centre() {
        return new Point(0, length - lowered);
    }

    /** Upwards. */
    Edge side(String name) {
        Point hipPoint = new Point(hip, hipY());
        double slant = slantAtHip(flared.wide());
        Point up = hipPoint.plus(new Point(-slant, 1).times(0.45 * hipDeep));
        Point from = flared.corner();
        return Edge.joined(
                name,
                Edge.curve(name, from, from.between(aim(flared.wide()), 0.5), aim(flared.wide()), hipPoint),
                Edge.curve(name, hipPoint, up, sideTop().plus(intoWaist().times(-0.35 * hipDeep)), sideTop()));
    }

    /** Way that the side reaches the waist in. */
    private Point intoWaist() {
        Point way = new Point(-(hip - top), hipDeep);
        return way.unit();
    }

    // The waist, from the side to the centre

    /** As it would run without darts: square to the side, level at the centre. */
    private Edge undarted() {
        Point side = sideTop();
        return Edge.curve(
                "",
                side,
                side.plus(quarterTurn(intoWaist()).times(0.4 * top)),
                centre().plus(new Point(0.35 * top, 0)),
                centre());
    }

    /** A dart as it lies open: both ends of its legs, the tip, and the top of the roof over it. */
    private record Opened(Point sideLeg, Point tip, Point centreLeg, Point roof) {
        private static Opened on(Edge waist, double share, double half, double longMm) {
            Point at = waist.at(share);
            Point way = waist.at(share + 0.01).minus(waist.at(share - 0.01));
            Point along = way.unit();
            Point up = along.right();
            // Its axis stands square on the waist, so that its legs are as long as each other.
            return new Opened(
                    at.minus(along.times(half)),
                    at.minus(up.times(longMm)),
                    at.plus(along.times(half)),
                    at.plus(up.times(half * half / longMm)));
        }

        /** Square to a leg, towards the centre: so the waist runs on once the legs are sewn to each other. */
        private Point squareTo(Point leg) {
            Point way = leg.minus(tip);
            return quarterTurn(way.unit());
        }
    }

    private static Point quarterTurn(Point way) {
        return way.left();
    }

    private List<Opened> opened() {
        List<Opened> all = new ArrayList<>();
        Edge waist = undarted();
        int n = darts.count();
        for (int i = 1; i <= n; i++) {
            all.add(Opened.on(waist, (double) i / (n + 1), darts.half(), darts.longMm));
        }
        return all;
    }

    /** Of the waist between side, darts and centre. */
    private List<Edge> stretches() {
        List<Opened> opened = opened();
        if (opened.isEmpty()) {
            return List.of(undarted());
        }
        List<Edge> all = new ArrayList<>();
        Point from = sideTop();
        Point leaving = quarterTurn(intoWaist());
        for (Opened dart : opened) {
            all.add(stretch(from, leaving, dart.sideLeg, dart.squareTo(dart.sideLeg)));
            from = dart.centreLeg;
            leaving = dart.squareTo(from);
        }
        all.add(stretch(from, leaving, centre(), new Point(-1, 0)));
        return all;
    }

    private static Edge stretch(Point from, Point leaving, Point to, Point arriving) {
        double handle = HANDLE_SHARE * from.distanceMm(to);
        return Edge.curve("", from, from.plus(leaving.times(handle)), to.minus(arriving.times(handle)), to);
    }

    private Edge waist(String name) {
        List<Edge> stretches = stretches();
        Edge whole = new Edge(name, stretches.get(0).segments());
        int i = 1;
        for (Opened dart : opened()) {
            whole = Edge.joined(name, whole, Edge.line(name, dart.sideLeg, dart.roof));
            whole = Edge.joined(name, whole, Edge.line(name, dart.roof, dart.centreLeg));
            whole = Edge.joined(name, whole, stretches.get(i++));
        }
        return whole;
    }

    /** Opened out. Edges: hem, side right, waist, side left. */
    Paper full(String id, String name) {
        Edge quarter = flared.quarter("hem");
        Edge hem = Edge.joined("hem", Edge.mirrored("hem", quarter), quarter);
        Edge waist = waist("waist");
        Paper paper = new Paper(id, name, hem.start().x(), hem.start().y())
                .edge(hem)
                .edge(side("side right"))
                .edge(Edge.joined("waist", waist, Edge.mirrored("waist", waist)))
                .edge(Edge.mirrored("side left", side("")))
                .notch("centre", centre().x(), centre().y())
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
            Point edge = centre().minus(new Point(beyond, 0));
            paper.edge(Edge.joined("hem", Edge.line("hem", new Point(-beyond, 0), new Point(0, 0)), quarter))
                    .edge(side("side"))
                    .edge(Edge.joined("waist", waist("waist"), Edge.line("waist", centre(), edge)));
            paper.notch("centre", centre().x(), centre().y()).notch("centre", 0, 0);
        } else {
            paper.edge(quarter).edge(side("side")).edge(waist("waist"));
        }
        paper.line("centre", -beyond, 0).notch("hip", hip, hipY()).level("hip", hipY());
        darts(paper, false);
        return paper;
    }

    private void darts(Paper paper, boolean mirrored) {
        for (Opened dart : opened()) {
            paper.mark(
                    Mark.Kind.DART,
                    "dart",
                    mirrored ? acrossCentre(dart.centreLeg) : dart.sideLeg,
                    mirrored ? acrossCentre(dart.tip) : dart.tip,
                    mirrored ? acrossCentre(dart.sideLeg) : dart.centreLeg);
        }
    }

    private static Point acrossCentre(Point p) {
        return p.mirrored();
    }
}
