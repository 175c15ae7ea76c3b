package org.handdown.pattern;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * What a garment takes beside its cloth, as its draft knows it.
 *
 * @param use what it is for
 * @param count of pieces, or of buttons
 * @param lengthMm of one piece, at least; 0 for buttons
 * @param sizeMm diameter of a button, width of elastic; 0 where any will do
 */
public record Supply(Kind kind, String use, int count, double lengthMm, double sizeMm) {
    public enum Kind {
        ELASTIC("elastic"),
        BUTTONS("buttons"),
        ZIP("zip"),
        CORD("cord"),
        TAPE("stay tape");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Supply {
        boolean sized = kind == Kind.BUTTONS ? sizeMm >= 0 && lengthMm == 0 : lengthMm > 0 && lengthMm <= 20_000;
        if (use.isBlank() || count < 1 || !sized || !(sizeMm >= 0 && sizeMm <= 200)) {
            throw new RefusedValueException("supply", Wording.fill("%s of no size that there is.", kind.words));
        }
    }

    public static Supply elastic(String use, int count, double lengthMm, double widthMm) {
        return new Supply(Kind.ELASTIC, use, count, lengthMm, widthMm);
    }

    public static Supply buttons(String use, int count, double diameterMm) {
        return new Supply(Kind.BUTTONS, use, count, 0, diameterMm);
    }

    /** One thing of a length: a zip, a cord, a tape. */
    public static Supply of(Kind kind, String use, double lengthMm) {
        return new Supply(kind, use, 1, lengthMm, 0);
    }

    /** All pieces of it together, mm. */
    public double togetherMm() {
        return count * lengthMm;
    }
}
