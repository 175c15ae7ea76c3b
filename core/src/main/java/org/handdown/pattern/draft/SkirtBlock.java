package org.handdown.pattern.draft;

import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;

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
        return new SkirtWaist(this)
                .stretches().stream().mapToDouble(Edge::lengthMm).sum();
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

    Point sideTop() {
        double raised = Math.max(-MOST_RAISED_MM, Math.min(MOST_RAISED_MM, RAISED_SHARE * (hip - top)));
        return new Point(top, length + raised);
    }

    Point centre() {
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
    Point intoWaist() {
        Point way = new Point(-(hip - top), hipDeep);
        return way.unit();
    }

    Paper full(String id, String name) {
        return new SkirtPaper(this).full(id, name);
    }

    /** @see SkirtPaper#half */
    Paper half(String id, String name, double beyond) {
        return new SkirtPaper(this).half(id, name, beyond);
    }
}
