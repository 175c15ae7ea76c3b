package org.handdown.fit.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.fit.remnant.LayMeasures;
import org.handdown.fit.room.CandidatePositions;
import org.handdown.fit.room.Shape;
import org.handdown.fit.room.Stripes;

/**
 * The plain way to lay, as a reference for measurements and never for cutting: copies one after the other, each as far to the left as
 * it goes and there as low as it goes, in the way that reaches least far; the largest first, then in random orders until the time is over.
 * On several panels the first that takes a copy gets it.
 */
public final class BottomLeftFill {
    private final FitProblem problem;
    private final SearchProblem bench;
    private final Random random;
    private final BooleanSupplier stop;

    /** @param stop ends the restarts; the first lay is always finished */
    public BottomLeftFill(FitProblem problem, long seed, BooleanSupplier stop) {
        this.problem = problem;
        this.bench = SearchProblem.of(problem);
        this.random = new Random(seed);
        this.stop = stop;
    }

    /** The best lay of all restarts by the problem's objective; reasons and remnants are left empty. */
    public FitLayout fit() {
        FitLayout best = null;
        Score bestScore = Score.NOTHING;
        List<Integer> order = new ArrayList<>();
        for (int c = 0; c < bench.pieceOf().length; c++) {
            order.add(c);
        }
        order.sort(java.util.Comparator.comparingDouble(c -> -bench.book().ways(bench.pieceOf()[c], 0).stream()
                .mapToDouble(s -> s.areaMm2)
                .max()
                .orElse(0)));
        while (best == null || !stop.getAsBoolean()) {
            List<Placed> lay = once(order);
            FitLayout layout = new FitLayout(lay, List.of(), LayMeasures.of(problem, lay, 0, 0), List.of());
            Score score = Score.of(problem, layout);
            if (score.compareTo(bestScore) > 0) {
                bestScore = score;
                best = layout;
            }
            java.util.Collections.shuffle(order, random);
        }
        return best;
    }

    private List<Placed> once(List<Integer> order) {
        LayState state = new LayState(order.size());
        double[] settled = new double[bench.stripes().groupCount()];
        java.util.Arrays.fill(settled, Double.NaN);
        CandidatePositions candidates = new CandidatePositions(order.size());
        for (int copy : order) {
            for (int panel = 0; panel < problem.panels().size() && !state.isPlaced(copy); panel++) {
                put(copy, panel, state, settled, candidates);
            }
        }
        List<Placed> placed = new ArrayList<>();
        for (int c = 0; c < order.size(); c++) {
            if (state.isPlaced(c)) {
                Shape shape = bench.book().shape(state.shape[c]);
                placed.add(new Placed(
                        bench.piece(c).id(),
                        bench.copyNumber(c),
                        shape.variant.id(),
                        problem.panels().get(state.panel[c]).id(),
                        shape.at(state.x[c], state.y[c])));
            }
        }
        return placed;
    }

    private void put(int copy, int panel, LayState state, double[] settled, CandidatePositions candidates) {
        double best = Double.POSITIVE_INFINITY;
        for (Shape shape : bench.book().ways(bench.pieceOf()[copy], panel)) {
            if (!shape.straight || !bench.mayLie(state, bench.pieceOf()[copy], panel, shape)) {
                continue;
            }
            bench.setNeighbours(state, copy, panel, shape, candidates);
            List<Stripes.Line> stripes = bench.stripes().lines(panel, shape);
            if (candidates.find(
                    bench.clearances().on(panel, shape), stripes, settled, 1, 1e-3, Double.POSITIVE_INFINITY)) {
                double reach = candidates.foundScore + shape.box.maxX();
                if (reach < best) {
                    best = reach;
                    state.put(copy, shape.index, panel, candidates.foundX, candidates.foundY);
                }
            }
        }
        if (state.isPlaced(copy)) {
            bench.settleBy(state, settled, copy);
        }
    }
}
