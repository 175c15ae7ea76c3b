package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;

/**
 * The body and sleeve of a smock before they are cut.
 *
 * @param beyond each side runs on past the button line by this, mm
 */
record SmockBody(Figures f, double beyond, TopBlock front, TopBlock back, SleeveBlock sleeve) {
    private static final double BEYOND_HALF_MM = 6;
    /** Less than this holds no buttonhole, however small its button (common practice, no source). */
    private static final double LEAST_BEYOND_MM = 15;

    private static final double SHORT_SLEEVE = 0.4;
    static final double FIRST_BUTTON_MM = 12;
    private static final double HEAD_EASE_MM = 12;
    /** Height of the head by the armhole: low, for arms that lift at work (common practice, no source). */
    private static final double HEAD_SHARE = 0.235;

    private static final double ARM_ROOM_MM = 70;
    private static final double NECK_WIDER_MM = 4;

    static SmockBody of(Figures f) {
        double beyond = Math.max(LEAST_BEYOND_MM, f.of("button") / 2 + BEYOND_HALF_MM);
        double leastSleeve = f.body(BodyMeasure.UPPER_ARM) + ARM_ROOM_MM;
        TopBlock back = TopBody.back(
                f,
                new TopWish(
                                TopCut.WOVEN,
                                f.of("ease"),
                                Math.max(
                                        f.body(BodyMeasure.CHEST) + f.of("ease") + f.of("flare"),
                                        f.body(BodyMeasure.HIP) + 60),
                                f.of("below"),
                                NECK_WIDER_MM,
                                0,
                                0,
                                true)
                        .withTails(TopBody.tailsMm(f)),
                leastSleeve);
        TopBlock front = back.front(NeckShape.roundDeepMm(back.neckWide())).longer(f.of("bust"));
        SleeveBlock.Hole hole = SleeveBlock.Hole.of(front, back, HEAD_EASE_MM);
        SleeveBlock sleeve = SleeveBlock.of(
                hole,
                new SleeveBlock.Wish(HEAD_SHARE, leastSleeve, sleeveMm(f, back, hole), (wide, under) -> end(f, wide)));
        return new SmockBody(f, beyond, front, back, sleeve);
    }

    /** Gathered on elastic at the wrist, where a whole sleeve blouses by 25; a shorter one is gathered on the arm. */
    private static double sleeveMm(Figures f, TopBlock back, SleeveBlock.Hole hole) {
        double arm = f.body(BodyMeasure.ARM_LENGTH);
        SleeveBlock.Length named = SleeveBlock.Length.of(f);
        double blouse = named == SleeveBlock.Length.GIVEN ? 25 : 0;
        return named.mm(arm, 1, SHORT_SLEEVE, back.beyondShoulder(f) - blouse, hole);
    }

    private static double end(Figures f, double wide) {
        double whole = Math.max(f.body(BodyMeasure.HAND_GIRTH) + 40, f.body(BodyMeasure.UPPER_ARM) + 20);
        return switch (SleeveBlock.Length.of(f)) {
            case SHORT, CAP -> Math.max(whole, 0.92 * wide);
            default -> whole;
        };
    }

    boolean isGathered() {
        return switch (SleeveBlock.Length.of(f)) {
            case GIVEN, LONG -> true;
            default -> false;
        };
    }

    boolean opensInFront() {
        return f.of("opening") == 1;
    }

    double neckline() {
        return 2 * (front.neck("").lengthMm() + back.neck("").lengthMm()) + 2 * beyond;
    }

    double spanMm(TopBlock block) {
        return block.neckCentre().y() - FIRST_BUTTON_MM - Math.max(80, 0.18 * block.length());
    }

    /** From the neck's edge down. */
    List<Double> buttonsMm(TopBlock block) {
        int n = f.count("buttons");
        double apart = spanMm(block) / (n - 1);
        List<Double> down = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            down.add(FIRST_BUTTON_MM + i * apart);
        }
        return down;
    }
    /** The half that is buttoned. */
    TopBlock opened() {
        return opensInFront() ? front : back;
    }
}
