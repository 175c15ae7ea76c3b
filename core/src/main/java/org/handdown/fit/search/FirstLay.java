package org.handdown.fit.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.handdown.fit.room.CandidatePositions;
import org.handdown.fit.room.InnerFit;
import org.handdown.fit.room.Shape;
import org.handdown.fit.room.Stripes;
import org.handdown.geometry.Point;

/**
 * A lay to be told at once, before the search proper: one copy after the other, the largest first, on the panel with the most cloth left,
 * in the first way that fits and there as far to one side as it goes. It looks at little, and what it looked at is kept for the search.
 * Nothing is left to chance.
 */
final class FirstLay {
    /** Copies that lie when it is told for the first time; then it is told when there are twice as many, and at the end. */
    private static final int FIRST_TOLD = 5;

    /** To one side, and there as low as it goes. */
    private static final Point WISH = new Point(1, 0.03);

    private final SearchProblem bench;
    private final BooleanSupplier stop;
    private final CandidatePositions candidates;

    FirstLay(SearchProblem bench, BooleanSupplier stop) {
        this.bench = bench;
        this.stop = stop;
        this.candidates = new CandidatePositions(bench.pieceOf().length);
    }

    /**
     * Lays the open copies that find room.
     *
     * @param told called whenever there is enough that is new
     */
    void lay(LayState state, Runnable told) {
        double[] settled = new double[bench.stripes().groupCount()];
        bench.settle(state, settled);
        boolean[] hopeless = new boolean[bench.problem().pieces().size()];
        int next = FIRST_TOLD;
        int laid = 0;
        int toldAt = -1;
        for (int copy : largestFirst(state)) {
            int piece = bench.pieceOf()[copy];
            if (!stop.getAsBoolean() && !hopeless[piece]) {
                hopeless[piece] = !lay(copy, state, settled);
                laid += hopeless[piece] ? 0 : 1;
            }
            if (laid == next) {
                next *= 2;
                toldAt = laid;
                told.run();
            }
        }
        if (laid != toldAt) {
            told.run();
        }
    }

    private List<Integer> largestFirst(LayState state) {
        List<Integer> open = new ArrayList<>();
        for (int c = 0; c < state.shape.length; c++) {
            if (!state.isPlaced(c)) {
                open.add(c);
            }
        }
        open.sort(Comparator.comparing(
                        (Integer c) -> !bench.isShortest() && !bench.piece(c).required())
                .thenComparingDouble(
                        c -> -bench.piece(c).variants().get(0).outline().areaMm2()));
        return open;
    }

    private boolean lay(int copy, LayState state, double[] settled) {
        List<Integer> panels = new ArrayList<>();
        double[] left = new double[bench.problem().panels().size()];
        for (int p = 0; p < left.length; p++) {
            left[p] = bench.leftMm2(state, p);
            panels.add(p);
        }
        panels.sort(Comparator.comparingDouble(p -> -left[p]));
        for (int panel : panels) {
            for (Shape shape : bench.book().ways(bench.pieceOf()[copy], panel)) {
                boolean tried = shape.straight
                        && shape.areaMm2 <= left[panel]
                        && bench.mayLie(state, bench.pieceOf()[copy], panel, shape);
                if (tried && lies(copy, panel, shape, state, settled)) {
                    bench.settleBy(state, settled, copy);
                    return true;
                }
            }
        }
        return false;
    }

    private boolean lies(int copy, int panel, Shape shape, LayState state, double[] settled) {
        InnerFit room = bench.clearances().on(panel, shape);
        if (room.rim().isEmpty()) {
            return false;
        }
        bench.setNeighbours(state, copy, panel, shape, candidates);
        List<Stripes.Line> stripes = bench.stripes().lines(panel, shape);
        if (!candidates.find(room, stripes, settled, WISH.x(), WISH.y(), Double.POSITIVE_INFINITY)) {
            return false;
        }
        state.put(copy, shape.index, panel, candidates.foundX, candidates.foundY);
        return true;
    }
}
