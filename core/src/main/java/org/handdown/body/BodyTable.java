package org.handdown.body;

/**
 * Measures proposed from the height, until a tape says better. Straight lines made up for this program, near what children of 92 to
 * 140 cm measure and, above {@link #GROWN_MM}, near a slim grown person; no published table stands behind them and every proposal
 * says so.
 */
public final class BodyTable {
    /** From this height on the lines of grown people are taken, mm. */
    public static final double GROWN_MM = 1450;

    private BodyTable() {}

    /** @return mm, to the nearest 5 */
    public static double proposedMm(BodyMeasure measure, double heightMm) {
        double mm = heightMm < GROWN_MM ? child(measure, heightMm) : grown(measure, heightMm);
        double held =
                Math.max(measure.range().leastMm(), Math.min(measure.range().mostMm(), mm));
        return measure == BodyMeasure.HEIGHT ? heightMm : Math.rint(held / 5) * 5;
    }

    private static double child(BodyMeasure measure, double h) {
        return switch (measure) {
            case HEIGHT -> h;
            case CHEST -> 0.25 * h + 300;
            case WAIST, HIGH_WAIST -> 0.16 * h + 364;
            case TROUSER_WAIST -> 0.18 * h + 350;
            case HIP -> 0.30 * h + 270;
            case WAIST_TO_HIP -> 0.09 * h + 26;
            case WAIST_TO_FLOOR -> 0.63 * h - 33;
            case INSIDE_LEG -> 0.52 * h - 92;
            case BACK_WAIST -> 0.19 * h + 51;
            case SHOULDER -> 0.06 * h + 20;
            case ARM_LENGTH -> 0.36 * h - 20;
            case UPPER_ARM -> 0.08 * h + 95;
            case WRIST -> 0.05 * h + 75;
            case HAND_GIRTH -> 0.09 * h + 62;
            case NECK_GIRTH -> 0.09 * h + 170;
            case HEAD_GIRTH -> 0.04 * h + 470;
            case HEAD_HEIGHT -> 0.03 * h + 325;
            case THIGH -> 0.19 * h + 140;
            case CALF -> 0.13 * h + 95;
            case KNEE_TO_ANKLE -> 0.24 * h - 30;
            case HEEL_GIRTH -> 0.13 * h + 87;
            case HAND_WIDTH -> 0.04 * h + 18;
        };
    }

    private static double grown(BodyMeasure measure, double h) {
        return switch (measure) {
            case HEIGHT -> h;
            case CHEST -> 0.52 * h + 20;
            case WAIST -> 0.40 * h + 60;
            case HIGH_WAIST -> 0.42 * h + 60;
            case TROUSER_WAIST -> 0.44 * h + 80;
            case HIP -> 0.54 * h + 50;
            case WAIST_TO_HIP -> 0.12 * h;
            case WAIST_TO_FLOOR -> 0.625 * h;
            case INSIDE_LEG -> 0.47 * h - 10;
            case BACK_WAIST -> 0.235 * h + 10;
            case SHOULDER -> 0.075 * h;
            case ARM_LENGTH -> 0.345 * h + 10;
            case UPPER_ARM -> 0.15 * h + 25;
            case WRIST -> 0.08 * h + 25;
            case HAND_GIRTH -> 0.12 * h + 15;
            case NECK_GIRTH -> 0.19 * h + 45;
            case HEAD_GIRTH -> 0.15 * h + 305;
            case HEAD_HEIGHT -> 0.1 * h + 200;
            case THIGH -> 0.31 * h + 30;
            case CALF -> 0.19 * h + 40;
            case KNEE_TO_ANKLE -> 0.235 * h - 20;
            case HEEL_GIRTH -> 0.18 * h + 15;
            case HAND_WIDTH -> 0.045 * h + 20;
        };
    }
}
