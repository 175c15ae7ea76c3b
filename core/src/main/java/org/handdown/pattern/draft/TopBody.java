package org.handdown.pattern.draft;

import org.handdown.body.BodyMeasure;
import org.handdown.geometry.Root;

/** What all upper bodies ask for beside a body, and the back that is drawn from the answers. */
final class TopBody {
    private TopBody() {}

    private static final double LEAST_BESIDE_MM = 15;
    private static final double LEAST_SHOULDER_MM = 25;
    private static final double FULL_MM = 1000;
    private static final double MOST_LONGER_MM = 30;
    private static final double CLEAR_MM = 20;
    private static final double TAILS_MM = 50;
    private static final double MOST_DEEPER_MM = 160;
    private static final double LEAST_DEEPER_MM = 0.01;

    /** A hem that ends higher at the sides, as a shirt's does. */
    static Dimension tails() {
        return Dimension.choice("hemline", "Hem", "level", "curved up at the sides");
    }

    /** How much higher: none where it was not chosen, nor on a body too short for it. */
    static double tailsMm(Figures f) {
        return f.is("hemline") && f.of("below") > 2 * CLEAR_MM ? Math.min(TAILS_MM, f.of("below") / 2) : 0;
    }

    /** Room for a full bust; none is proposed below a chest of a metre (common practice, no source). */
    static Dimension bust() {
        return Dimension.length(
                        "bust",
                        "Front longer over the bust",
                        w -> w.mm(BodyMeasure.CHEST) < FULL_MM
                                ? 0
                                : Math.min(MOST_LONGER_MM, 15 + (w.mm(BodyMeasure.CHEST) - FULL_MM) / 20),
                        0,
                        40)
                .hint("eased into the side seam, or pinched into a dart; none for a flat chest");
    }

    /** The back of a body. */
    static TopBlock back(Figures f, TopWish wish) {
        double chest = f.body(BodyMeasure.CHEST);
        double girth = chest + wish.ease();
        double natural = f.body(BodyMeasure.NECK_GIRTH) / 6 + 5;
        double beyond =
                Math.max(natural + TopBlock.LEVEL * f.body(BodyMeasure.SHOULDER), chest / 8 + 65 + 0.05 * wish.ease());
        // An armhole needs some width, and a shoulder some length.
        double tip = Math.max(
                natural + LEAST_SHOULDER_MM,
                Math.min(beyond + TopBlock.LEVEL * wish.shoulderLonger(), girth / 4 - LEAST_BESIDE_MM));
        NeckLine base = NeckLine.behind(natural, natural);
        TopBlock block = new TopBlock(
                wish.cut(),
                false,
                girth,
                new FlaredHem(0, wish.hemGirth() / 4),
                f.body(BodyMeasure.BACK_WAIST) + wish.below() + base.deep(),
                base,
                tip,
                0,
                wish.below(),
                0);
        double deep = chest / 10 + wish.cut().deep + 0.1 * Math.max(0, wish.ease()) + wish.deeper();
        return block.wider(natural + wish.neckWider(), deep).hemmed(wish);
    }

    /** A back whose armhole takes a sleeve of this width: deeper than usual for an arm that asks for it. */
    static TopBlock back(Figures f, TopWish wish, double leastSleeve) {
        double wanted = SleeveBlock.armholeFor(leastSleeve);
        double deeper = Root.of(0, MOST_DEEPER_MM, mm -> {
            TopBlock back = back(f, wish.deeper(mm));
            return SleeveBlock.Hole.of(back.front(0), back, 0).all() - wanted;
        });
        return back(f, wish.deeper(deeper < LEAST_DEEPER_MM ? 0 : deeper));
    }
}
