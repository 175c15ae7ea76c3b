package org.handdown.measure;

/** Least and most of a measure that a tape can honestly show, for catching a wrong unit or a slip. */
public record Range(double leastMm, double mostMm) {
    /** Returns the length when it lies in the range. @throws RefusedValueException naming field, value and range */
    public Length require(String field, Length length) {
        if (!(length.mm() >= leastMm && length.mm() <= mostMm)) {
            throw new RefusedValueException(
                    field,
                    Wording.fill(
                            "%.0f mm is not likely here: it should lie between %.0f mm and %.0f mm. Check the unit.",
                            length.mm(), leastMm, mostMm));
        }
        return length;
    }
}
