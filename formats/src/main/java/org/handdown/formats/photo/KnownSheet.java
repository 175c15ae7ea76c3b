package org.handdown.formats.photo;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * What lies beside the cloth to tell the scale: a rectangle of known size.
 *
 * @param marked it is Hand Down's own printed sheet, whose squares also tell the lens
 */
public record KnownSheet(double widthMm, double heightMm, boolean marked) {
    /** ISO 216. */
    public static final KnownSheet A4 = new KnownSheet(210, 297, false);
    /** ANSI/ASME Y14.1: 8.5 by 11 in. */
    public static final KnownSheet LETTER = new KnownSheet(215.9, 279.4, false);

    public static final KnownSheet MARKER = new KnownSheet(MarkerSheet.WIDE_MM, MarkerSheet.HIGH_MM, true);

    /** Paper beyond the rectangle that is measured by, mm: the marked sheet's squares stand inside it. */
    double paperMm() {
        return marked ? 32 : 0;
    }

    public KnownSheet {
        if (!(widthMm >= 80 && widthMm <= 2000 && heightMm >= 80 && heightMm <= 2000)) {
            throw new RefusedValueException(
                    "sheet", Wording.of("What tells the scale is from 8 cm to 2 m wide and high."));
        }
    }
}
