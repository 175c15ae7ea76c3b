package org.handdown.pattern.draft;

import org.handdown.measure.Wording;

/**
 * When a caution for children shows, by height, since a draft knows no age. Words after the handbook of the trade §9; they defer to local
 * rules.
 */
final class BodyLimits {
    /** About three years: small parts, mm. */
    static final double UNDER_THREE_MM = 980;
    /** About fourteen years, up to which the limits on cords hold; taller people are taken for grown, mm (from memory). */
    static final double GROWN_MM = 1560;

    /** About seven years: cords at hood and neck; limits elsewhere, mm. */
    static final double YOUNG_CHILD_MM = 1220;

    static final String BUTTONS =
            "Under three years buttons are small parts that can be swallowed: ties sewn down flat, poppers that pass a pull test, or a neck that needs no opening. Look up your local rules.";
    static final String TIES =
            "Loose ties on young children catch in doors and play equipment: keep them short and sewn down at the back, or use a button or elastic instead. Look up your local rules.";
    static final String CORD = Wording.of(
            "No cord or drawstring at hood or neck of young children; at waist and hem no more than 75 mm beyond the channel when it is open. Elastic instead. Look up your local rules.");

    private BodyLimits() {}
}
