package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.check.RuleChecker;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Published dissections of rectangles: there is one way or a few to lay the pieces without a rest, and the search is to find it. */
@Tag("long")
class DissectionTest {
    /** Common knowledge; side 4. */
    private static final List<Ring> TANGRAM = List.of(
            Ring.of(0, 0, 4, 0, 2, 2),
            Ring.of(0, 0, 2, 2, 0, 4),
            Ring.of(4, 4, 2, 4, 4, 2),
            Ring.of(2, 2, 3, 1, 4, 2, 3, 3),
            Ring.of(4, 0, 4, 2, 3, 1),
            Ring.of(1, 3, 3, 3, 2, 4, 0, 4),
            Ring.of(1, 3, 2, 2, 3, 3));

    /** Moroń, O rozkładach prostokątów na kwadraty, 1925: 33 by 32 (from memory; the areas add up). */
    private static final List<Ring> NINE_SQUARES = IntStream.of(18, 15, 14, 10, 9, 8, 7, 4, 1)
            .mapToObj(side -> Ring.rectangle(0, 0, side, side))
            .toList();

    private static FitProblem cutUp(Objective objective, Ring cloth, List<Ring> rings, double unitMm, long seed) {
        assertThat(rings.stream().mapToDouble(Ring::areaMm2).sum() * unitMm * unitMm)
                .isCloseTo(objective == Objective.FILL ? cloth.areaMm2() : cloth.areaMm2() / 2, within(1e-6));
        Random random = new Random(seed);
        List<FitPiece> pieces = new ArrayList<>();
        for (Ring ring : rings) {
            Ring turned = new Placement(0, 0, 90.0 * random.nextInt(4), false)
                    .toPanel(ring.map((Point p) -> p.times(unitMm)));
            FitPiece.Variant plain = new FitPiece.Variant("plain", turned, List.of(), null, 0);
            pieces.add(Fit.piece("piece-" + pieces.size(), 1, Handed.SAME, PieceGrain.EITHER, plain));
        }
        java.util.Collections.shuffle(pieces, random);
        FitPanel panel = Fit.with(Fit.panel("p", cloth), false, false, 90);
        return new FitProblem(objective, 0, 0, List.of(panel), pieces);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void theTangramGoesBackIntoItsSquare(long seed) {
        FitProblem problem = cutUp(Objective.FILL, Ring.rectangle(0, 0, 600, 600), TANGRAM, 150, seed);
        assertThat(laid(problem, lay -> lay.placements().size() == 7).placements())
                .hasSize(7);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2})
    void nineUnequalSquaresFillTheirRectangle(long seed) {
        FitProblem problem = cutUp(Objective.FILL, Ring.rectangle(0, 0, 660, 640), NINE_SQUARES, 20, seed);
        assertThat(laid(problem, lay -> lay.placements().size() == 9).placements())
                .hasSize(9);
    }

    @Test
    void onClothByTheMetreTheTangramTakesNoMoreThanItsSquare() {
        FitProblem problem = cutUp(Objective.SHORTEST, Ring.rectangle(0, 0, 1200, 600), TANGRAM, 150, 5);
        FitLayout layout = laid(problem, lay -> lengthMm(lay) < 600.2);
        assertThat(layout.unplaced()).isEmpty();
        assertThat(lengthMm(layout)).isCloseTo(600, within(0.2));
    }

    private static double lengthMm(FitLayout layout) {
        return Objects.requireNonNull(layout.measures().lengthMm());
    }

    private interface Wish {
        boolean isMet(FitLayout lay);
    }

    /** Until the wish is met, within steps that are many times what is needed; checked by the rules. */
    private static FitLayout laid(FitProblem problem, Wish wish) {
        AtomicBoolean met = new AtomicBoolean();
        FitLayout layout = new Fitter(
                        problem,
                        new Fitter.Budget(Double.POSITIVE_INFINITY, 20_000, 1, 1),
                        System::nanoTime,
                        met::get,
                        lay -> met.set(met.get() || wish.isMet(lay)))
                .fit();
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
        return layout;
    }
}
