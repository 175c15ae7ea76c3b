package org.handdown.body;

/**
 * Measures proposed for a child from the height, until a tape says better. Straight lines made up for this program, near what
 * children of 92 to 140 cm measure; no published table stands behind them and every proposal says so.
 */
public final class ChildTable {
    private ChildTable() {}

    /** @return mm, to the nearest 5 */
    public static double proposedMm(BodyMeasure measure, double heightMm) {
        double h = heightMm;
        double mm = switch (measure) {
            case HEIGHT -> h;
            case CHEST -> 0.25 * h + 300;
            case WAIST -> 0.16 * h + 364;
            case HIP -> 0.30 * h + 270;
            case WAIST_TO_FLOOR -> 0.63 * h - 33;
            case INSIDE_LEG -> 0.52 * h - 92;
            case BACK_WAIST -> 0.19 * h + 51;
            case HEEL_GIRTH -> 0.13 * h + 87;
        };
        return measure == BodyMeasure.HEIGHT ? mm : Math.rint(mm / 5) * 5;
    }
}
