package org.handdown.fit.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.fit.Fit;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Repeat;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** Matched points on a pattern: source docs/formats/fit-format.md, by plane arithmetic. */
class StripesTest {
    private static final Ring ELL = Ring.of(0, 0, 60, 0, 60, 20, 20, 20, 20, 50, 0, 50);

    private static List<Stripes.Line> lines(double turn, FitPiece.Match... matches) {
        FitPanel panel = Fit.striped(
                Fit.with(Fit.panel("p", Ring.rectangle(0, 0, 500, 500)), false, false, 90),
                new Repeat("across", 90, 40, 10));
        FitProblem problem = Fit.fill(List.of(panel), Fit.matched(ELL, 2, matches));
        Shape shape = new ShapeBook(problem)
                .ways(0, 0).stream().filter(s -> s.turnDeg == turn).findFirst().orElseThrow();
        return new Stripes(problem).lines(0, shape);
    }

    /** Lines at 10, 50, 90 mm up; a point 25 mm up the piece stands on one when the piece is moved up by 25. */
    @Test
    void aPointStandsWhereThePieceAndThePatternSay() {
        Stripes.Line line =
                lines(0, new FitPiece.Match("g", "across", new Point(0, 25))).get(0);
        assertThat(line.phaseMm(123, 25)).isCloseTo(0, within(1e-9));
        assertThat(line.phaseMm(0, 30)).isCloseTo(5, within(1e-9));
        assertThat(line.phaseMm(0, 20)).isCloseTo(35, within(1e-9));
        assertThat(line.offMm(0, 0, 20)).isCloseTo(5, within(1e-9));
    }

    @Test
    void turnedUpsideDownThePointHangsBelow() {
        Stripes.Line line =
                lines(180, new FitPiece.Match("g", "across", new Point(0, 25))).get(0);
        assertThat(line.phaseMm(0, 35)).isCloseTo(0, within(1e-9));
    }

    @Test
    void twoPointsOfOneGroupMustAgree() {
        List<Stripes.Line> apart = lines(
                0,
                new FitPiece.Match("g", "across", new Point(0, 0)),
                new FitPiece.Match("g", "across", new Point(0, 15)));
        assertThat(Stripes.agree(apart, new double[] {Double.NaN}, 0, 0)).isFalse();
        List<Stripes.Line> aRepeatApart = lines(
                0,
                new FitPiece.Match("g", "across", new Point(0, 0)),
                new FitPiece.Match("g", "across", new Point(0, 40)));
        assertThat(Stripes.agree(aRepeatApart, new double[] {Double.NaN}, 0, 7)).isTrue();
        assertThat(Stripes.agree(aRepeatApart, new double[] {37}, 0, 7)).isTrue();
        assertThat(Stripes.agree(aRepeatApart, new double[] {36}, 0, 7)).isFalse();
        assertThat(Stripes.binding(aRepeatApart, new double[] {37})).hasSize(1);
        assertThat(Stripes.binding(aRepeatApart, new double[] {Double.NaN})).isEmpty();
    }

    @Property
    void aWholeRepeatFartherIsTheSame(@ForAll @DoubleRange(min = -400, max = 400) double y) {
        Stripes.Line line =
                lines(0, new FitPiece.Match("g", "across", new Point(3, 4))).get(0);
        assertThat(line.phaseMm(0, y)).isBetween(0.0, 40.0);
        assertThat(line.offMm(line.phaseMm(0, y), 55, y + 3 * 40)).isCloseTo(0, within(1e-9));
        assertThat(line.offMm(line.phaseMm(0, y), 0, y + 20)).isCloseTo(20, within(1e-9));
    }
}
