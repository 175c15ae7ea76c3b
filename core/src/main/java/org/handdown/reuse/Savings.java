package org.handdown.reuse;

import org.handdown.pattern.Role;

/** What a finished thing that lives on saves against making it anew: minutes (common practice, no source). */
public final class Savings {
    /** What a saved minute is worth beside cloth when lays are compared, m². */
    private static final double WORTH_M2_PER_MINUTE = 0.001;
    /** Pressing, turning twice and topstitching a new hem, minutes a metre. */
    private static final double NEW_HEM_MINUTES_PER_METRE = 12;

    private static final double BUTTONHOLE_MINUTES = 6;

    private Savings() {}

    /** Bonus in the lay for an edge that lies on something finished, m². */
    public static double bonusM2(Role role, double lengthMm) {
        return minutes(role, lengthMm, 0) * WORTH_M2_PER_MINUTE;
    }

    public static double minutes(Role role, double lengthMm, int buttonholes) {
        double metres = lengthMm / 1000;
        return switch (role) {
            case HEM -> NEW_HEM_MINUTES_PER_METRE * metres;
            case FRONT_EDGE -> 16 * metres;
            case CLOSURE -> 25 + BUTTONHOLE_MINUTES * buttonholes;
            case WAISTBAND -> 20 + 15 * metres;
            case CUFF -> 12 + 10 * metres;
            case NECKBAND -> 15 + 10 * metres;
            case POCKET -> 20;
            case TIE -> 4 + 12 * metres;
            case CORD -> 2 + 8 * metres;
            case TRIM -> 8 * metres;
        };
    }
}
