package org.handdown.measure;

/** Least and most of a measure that a tape can honestly show, for catching a wrong unit or a slip. */
public record Range(double leastMm, double mostMm) {
    /** Returns the length when it lies in the range. @throws RefusedValueException naming field, value and range */
    public Length require(String field, Length length) {
        if (!(length.mm() >= leastMm && length.mm() <= mostMm)) {
            throw new RefusedValueException(
                    field,
                    Wording.fill(
                            "%s is not likely here: it should lie between %s and %s. Check the unit.",
                            shown(length.mm()), shown(leastMm), shown(mostMm)));
        }
        return length;
    }

    private static String shown(double mm) {
        return LengthText.format(new Length(mm), LengthUnit.CM);
    }
}
