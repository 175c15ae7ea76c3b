package org.handdown.measure;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** A field that nobody touches changes nothing: what it shows reads back as the very same length, whatever unit is shown. */
class LengthTextProperties {
    /** As people type them: tenths of a millimetre, hundredths of a centimetre, parts of an inch down to 64ths, feet, yards. */
    @Provide
    Arbitrary<String> typed() {
        Arbitrary<String> metric = Combinators.combine(
                        Arbitraries.integers().between(0, 20_000), Arbitraries.of(" mm", " cm"))
                .as((n, unit) -> n / 100 + "." + (n % 100 < 10 ? "0" : "") + n % 100 + unit);
        Arbitrary<String> inches = Combinators.combine(
                        Arbitraries.integers().between(0, 120),
                        Arbitraries.integers().between(1, 63),
                        Arbitraries.of(2, 4, 8, 16, 32, 64))
                .as((whole, part, of) -> whole + " " + part % of + "/" + of + " in");
        Arbitrary<String> large = Combinators.combine(
                        Arbitraries.integers().between(0, 12), Arbitraries.of(" ft", " yd", " m"))
                .as((n, unit) -> n + unit);
        return Arbitraries.oneOf(metric, inches, large);
    }

    @Provide
    Arbitrary<LengthUnit> units() {
        return Arbitraries.of(LengthUnit.CM, LengthUnit.MM, LengthUnit.INCH);
    }

    @Property(tries = 4000)
    void whatWasTypedReadsBackBitForBitThroughAnyUnits(
            @ForAll("typed") String typed, @ForAll("units") LengthUnit first, @ForAll("units") LengthUnit then) {
        double mm = LengthText.parse("f", typed, LengthUnit.MM).mm();
        String shown = LengthText.field(Length.ofMm(mm), first);
        // Sent back by a page, stored, shown in another unit and sent back again.
        double once = LengthText.parse("f", shown, first).mm();
        double twice = LengthText.parse("f", LengthText.field(Length.ofMm(once), then), then)
                .mm();
        assertThat(once).isEqualTo(mm);
        assertThat(twice).isEqualTo(mm);
    }

    @Property(tries = 2000)
    void whatWasWorkedOutReadsBackBitForBitToo(@ForAll("worked") double mm, @ForAll("units") LengthUnit unit) {
        assertThat(LengthText.parse("f", LengthText.field(Length.ofMm(mm), unit), unit)
                        .mm())
                .isEqualTo(mm);
    }

    @Provide
    Arbitrary<Double> worked() {
        return Arbitraries.doubles().between(0, 20_000);
    }

    @Property(tries = 500)
    void aBareNumberTakesItsUnitAlong(
            @ForAll("bare") String bare, @ForAll("units") LengthUnit then, @ForAll("units") LengthUnit now) {
        String kept = LengthText.withUnit(bare, then);
        assertThat(LengthText.parse("f", kept, now).mm())
                .isEqualTo(LengthText.parse("f", bare, then).mm());
        assertThat(LengthText.withUnit(kept, now)).as("once is enough").isEqualTo(kept);
    }

    @Provide
    Arbitrary<String> bare() {
        return Arbitraries.of("57", "0", "5/8", "5 1/2", "5½", "13,5", ".5", "57 cm", "2' 6\"");
    }

    /** What is cut is never told shorter than it is, what is at hand never longer; both within one mark of the tape. */
    @Property(tries = 2000)
    void lengthsAreRoundedToTheSideThatDoesNoHarm(@ForAll("worked") double mm, @ForAll("units") LengthUnit unit) {
        double mark = unit == LengthUnit.INCH ? LengthUnit.INCH.mm() / 16 : 1;
        double out = LengthText.parse("f", LengthText.outward(Length.ofMm(mm), unit), unit)
                .mm();
        double in = LengthText.parse("f", LengthText.inward(Length.ofMm(mm), unit), unit)
                .mm();
        assertThat(out).isBetween(mm - 1e-5, mm + mark + 1e-5);
        assertThat(in).isBetween(mm - mark - 1e-5, mm + 1e-5);
        double whole = Math.rint(mm / mark) * mark;
        assertThat(LengthText.outward(Length.ofMm(whole), unit)).isEqualTo(LengthText.inward(Length.ofMm(whole), unit));
    }
}
