package org.handdown.pattern.draft;

import java.util.List;
import java.util.function.DoubleBinaryOperator;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A flat sleeve: the height of its head is a share of the armhole, and its width what makes the head as long as the armhole and the ease; the
 * head leaves the underarm seam square, so that the sewn sleeve has no corner there. Edges: hem, right, head, left; axis on x = 0, hem at
 * y = 0; the right half is the front.
 *
 * @param wide at the underarm
 * @param hem width at the lower end
 * @param under length of the underarm seam's height
 * @param high of the head above the underarm
 * @param hole armholes that it is for
 */
record SleeveBlock(double wide, double hem, double under, double high, Hole hole) {
    /** Lengths of the armhole's front and back half, and what the head is longer than both, mm. */
    record Hole(double front, double back, double ease) {
        static Hole of(TopBlock front, TopBlock back, double ease) {
            return new Hole(front.armhole("").lengthMm(), back.armhole("").lengthMm(), ease);
        }

        double all() {
            return front + back;
        }
    }

    /**
     * What is wanted of a sleeve.
     *
     * @param share height of the head by the armhole: the higher, the closer it hangs and the less the arm lifts
     * @param leastWide at the underarm, over the arm with its room; the head is lowered for it
     * @param length from the shoulder to the lower end
     * @param end width of the lower end by the width and the height of the underarm
     */
    record Wish(double share, double leastWide, double length, DoubleBinaryOperator end) {}

    /** Lower than this the head is a straight line, and the sleeve stands off like a wing. */
    static final double LEAST_SHARE = 0.18;

    /** Below this a sleeve ends in its own armhole. */
    private static final double LEAST_UNDER_MM = 25;

    private static final double HANDLE = 0.2;
    private static final double BALANCE_SHARE = 1.0 / 3;
    private static final double BALANCE_APART_MM = 10;

    /** @throws RefusedValueException if it would end inside its own head */
    static SleeveBlock of(Hole hole, Wish wish) {
        double least = LEAST_SHARE * hole.all();
        double most = Math.min(wish.share * hole.all(), wish.length - LEAST_UNDER_MM);
        if (most < least) {
            throw new RefusedValueException(
                    "choices.sleeve",
                    Wording.fill(
                            "A sleeve of %.0f mm ends inside its own head; from the shoulder it takes at least %.0f mm.",
                            wish.length, least + LEAST_UNDER_MM));
        }
        SleeveBlock usual = high(hole, wish, most);
        if (usual.wide >= wish.leastWide) {
            return usual;
        }
        double lower = Root.of(0, most - least, by -> high(hole, wish, most - by).wide - wish.leastWide);
        return high(hole, wish, most - lower);
    }

    private static SleeveBlock high(Hole hole, Wish wish, double high) {
        double head = hole.all() + hole.ease;
        double under = wish.length - high;
        double wide = Root.of(
                0.3 * head, head, w -> with(hole, wish, w, under, high).head().lengthMm() - head);
        return with(hole, wish, wide, under, high);
    }

    private static SleeveBlock with(Hole hole, Wish wish, double wide, double under, double high) {
        return new SleeveBlock(wide, Math.min(wide, wish.end.applyAsDouble(wide, under)), under, high, hole);
    }

    /** How long a sleeve is, by name. */
    enum Length {
        GIVEN("as given below"),
        LONG("long"),
        THREE_QUARTER("three-quarter"),
        SHORT("short"),
        /** As short as a sleeve with a seam under the arm can be. */
        CAP("cap");

        private static final double CAP_SHARE = 1.03;
        private final String words;

        Length(String words) {
            this.words = words;
        }

        static Dimension dimension() {
            return Dimension.choice(
                    "sleeves", "Sleeves", GIVEN.words, LONG.words, THREE_QUARTER.words, SHORT.words, CAP.words);
        }

        static Length of(Figures f) {
            return values()[f.count("sleeves")];
        }

        /**
         * From the shoulder's tip to the end.
         *
         * @param given share of the arm where none is named
         * @param beyond the tip, what the shoulder reaches over it
         */
        double mm(double arm, double given, double shortShare, double beyond, Hole hole) {
            double least = CAP_SHARE * LEAST_SHARE * hole.all() + LEAST_UNDER_MM;
            return switch (this) {
                case GIVEN -> given * arm - beyond;
                case LONG -> Math.max(least, 0.95 * arm - beyond);
                case THREE_QUARTER -> Math.max(least, 0.72 * arm - beyond);
                case SHORT -> Math.max(least, shortShare * arm - beyond);
                case CAP -> least;
            };
        }
    }

    /** An armhole at least so long takes a sleeve of a width, whatever its other figures. */
    static double armholeFor(double wide) {
        return wide / 0.9;
    }

    /**
     * The end of a sleeve cut off above the wrist: on the way from the underarm to the wrist, and for a short one hardly narrower than the
     * arm's part (common practice, no source).
     *
     * @param wrist width at the end of a whole sleeve
     * @param arm from the shoulder to the wrist
     */
    static DoubleBinaryOperator cutOff(double wrist, double arm, double length, double least) {
        return (wide, under) -> {
            double high = length - under;
            double onTheWay = wide - (wide - wrist) * Math.min(1, under / Math.max(1, arm - high));
            double open = length < 0.5 * arm ? 0.92 * wide : 0;
            return Math.max(Math.max(onTheWay, open), least);
        };
    }

    /** From the underarm along an armhole or a head, mm. */
    static List<Double> balanceMm(double armhole, boolean isFront) {
        double at = BALANCE_SHARE * armhole;
        return isFront ? List.of(at) : List.of(at, at + BALANCE_APART_MM);
    }

    static String balanceName(boolean isFront, int i) {
        return isFront ? "front of the armhole" : "back of the armhole " + (i + 1);
    }

    private Point underarm() {
        return new Point(wide / 2, under);
    }

    /** From the hem up: straight down at the hem, which runs on there. */
    private Edge seam(String name) {
        Point from = new Point(hem / 2, 0);
        Point to = underarm();
        if (Math.abs(to.x() - from.x()) < 1e-6) {
            return Edge.line(name, from, to);
        }
        return Edge.curve(name, from, new Point(from.x(), 0.35 * under), to.minus(slant().times(0.35 * under)), to);
    }

    private Point slant() {
        Point way = underarm().minus(new Point(hem / 2, 0));
        return way.unit();
    }

    Edge head() {
        Point from = underarm();
        Point square = new Point(-slant().y(), slant().x());
        Point top = new Point(0, under + high);
        Edge right = Edge.curve(
                "head", from, from.plus(square.times(HANDLE * wide)), new Point(HANDLE * wide, top.y()), top);
        return Edge.joined("head", right, Edge.mirrored("head", right));
    }

    Paper paper(String id, String name) {
        Paper paper = new Paper(id, name, -hem / 2, 0)
                .line("hem", hem / 2, 0)
                .edge(seam("right"))
                .edge(head())
                .edge(Edge.mirrored("left", seam("")));
        double long_ = head().lengthMm();
        List<Double> front = balanceMm(hole.front, true);
        List<Double> back = balanceMm(hole.back, false);
        for (int i = 0; i < front.size(); i++) {
            paper.notch(balanceName(true, i), "head", front.get(i) / long_);
        }
        for (int i = 0; i < back.size(); i++) {
            paper.notch(balanceName(false, i), "head", 1 - back.get(i) / long_);
        }
        return paper.notch("shoulder", "head", (hole.front + hole.ease / 2) / long_)
                .level("upper arm", under - 0.01);
    }
}
