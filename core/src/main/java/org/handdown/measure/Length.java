package org.handdown.measure;

/** A length in millimetres. May be negative where a difference is meant; callers that need a size say so themselves. */
public record Length(double mm) implements Comparable<Length> {
    public static final Length ZERO = new Length(0);

    public Length {
        if (!Double.isFinite(mm)) {
            throw new RefusedValueException("length", "A length must be a number; write for example 135 mm.");
        }
    }

    public static Length ofMm(double mm) {
        return new Length(mm);
    }

    public static Length of(double amount, LengthUnit unit) {
        return new Length(amount * unit.mm());
    }

    public static Length ofInches(double inches) {
        return of(inches, LengthUnit.INCH);
    }

    public Length plus(Length other) {
        return new Length(mm + other.mm);
    }

    public Length minus(Length other) {
        return new Length(mm - other.mm);
    }

    public Length times(double factor) {
        return new Length(mm * factor);
    }

    /** Amount in {@code unit}. */
    public double in(LengthUnit unit) {
        return mm / unit.mm();
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(mm, other.mm);
    }

    @Override
    public String toString() {
        return Wording.fill("%.1f mm", mm);
    }
}
