package org.handdown.fit.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.fit.Fit;
import org.handdown.fit.FitPanel;
import org.handdown.fit.PieceGrain;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** In which turns the grain lets a piece lie: source docs/formats/fit-format.md. */
class GrainTurnsTest {
    private static final Ring BAND = Ring.rectangle(0, 0, 60, 300);
    private static final Ring SLANTED = Ring.of(0, 0, 400, 100, 390, 140, -10, 40);

    private static GrainTurns turns(PieceGrain grain, double tolerance, FitPanel panel) {
        return new GrainTurns(Fit.piece("a", BAND, 1).withGrain(grain, tolerance), panel);
    }

    private static FitPanel cloth(double grainDeg, boolean oneWay) {
        return Fit.with(Fit.panel("p", Ring.rectangle(0, 0, 800, 800)), oneWay, false, grainDeg);
    }

    @Test
    void thePieceTurnsWithTheGrainOfThePanel() {
        assertThat(turns(PieceGrain.LENGTHWISE, 0, cloth(90, true)).free(BAND, false))
                .containsExactly(0.0);
        assertThat(turns(PieceGrain.LENGTHWISE, 0, cloth(0, true)).free(BAND, false))
                .containsExactly(270.0);
        assertThat(turns(PieceGrain.LENGTHWISE, 0, cloth(105, false)).free(BAND, false))
                .containsExactly(15.0, 195.0);
    }

    @Test
    void aCrosswisePieceLiesAcross() {
        assertThat(turns(PieceGrain.CROSSWISE, 0, cloth(90, true)).free(BAND, false))
                .containsExactlyInAnyOrder(90.0, 270.0);
    }

    /** Within the tolerance a long edge of the piece may follow a long edge of the cloth. */
    @Test
    void withinTheToleranceItLeansAgainstTheEdge() {
        FitPanel slanted = Fit.with(Fit.panel("p", SLANTED), true, false, 90);
        double slope = Math.toDegrees(Math.atan2(100, 400));
        List<Double> turns = turns(PieceGrain.LENGTHWISE, 20, slanted).free(BAND, false);
        assertThat(turns)
                .anySatisfy(t -> assertThat(Placement.turnBetweenDeg(slope, t)).isCloseTo(0, within(0.01)));
        assertThat(turns(PieceGrain.LENGTHWISE, 5, slanted).free(BAND, false))
                .noneSatisfy(t -> assertThat(Placement.turnBetweenDeg(slope, t)).isCloseTo(0, within(0.01)));
    }

    @Property(tries = 100)
    void nothingIsEverOffTheGrainByMoreThanTheTolerance(
            @ForAll @DoubleRange(min = 0, max = 360) double grainDeg,
            @ForAll @DoubleRange(min = 0, max = 40) double tolerance,
            @ForAll boolean oneWay,
            @ForAll boolean mirrored) {
        FitPanel panel = Fit.with(Fit.panel("p", SLANTED), oneWay, false, grainDeg);
        for (double turn : turns(PieceGrain.LENGTHWISE, tolerance, panel).free(BAND, mirrored)) {
            double off = Math.abs(Placement.turnBetweenDeg(grainDeg - 90, turn));
            double least = oneWay ? off : Math.min(off, 180 - off);
            assertThat(least).isLessThanOrEqualTo(tolerance + 1e-9);
            assertThat(turn).isBetween(0.0, 360.0);
        }
    }

    @Test
    void turnsAreCountedFromZeroAndQuartersAreExact() {
        assertThat(Placement.normalDeg(-90)).isEqualTo(270);
        assertThat(Placement.normalDeg(720)).isZero();
        assertThat(Placement.normalDeg(90 + 1e-11)).isEqualTo(90);
        assertThat(Placement.normalDeg(-1e-12)).isZero();
        assertThat(Placement.normalDeg(33.5)).isEqualTo(33.5);
    }

    @Test
    void straightIsOnlyTheExactGrain() {
        GrainTurns turns = turns(PieceGrain.LENGTHWISE, 10, cloth(90, false));
        assertThat(turns.isStraight(180)).isTrue();
        assertThat(turns.isStraight(5)).isFalse();
    }
}
