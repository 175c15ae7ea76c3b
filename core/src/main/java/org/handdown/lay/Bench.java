package org.handdown.lay;

import java.util.Arrays;

/** What all threads of a search share. */
record Bench(
        FitProblem problem,
        ShapeBook book,
        Clearances clearances,
        Stripes stripes,
        Touch touch,
        int[] pieceOf,
        double[] usableMm2) {
    static Bench of(FitProblem problem) {
        int[] pieceOf =
                new int[problem.pieces().stream().mapToInt(FitPiece::quantity).sum()];
        int copy = 0;
        for (int p = 0; p < problem.pieces().size(); p++) {
            for (int i = 0; i < problem.pieces().get(p).quantity(); i++) {
                pieceOf[copy++] = p;
            }
        }
        double[] usable = problem.panels().stream()
                .mapToDouble(p -> Remnants.usable(p).areaMm2())
                .toArray();
        return new Bench(
                problem,
                new ShapeBook(problem),
                new Clearances(problem),
                new Stripes(problem),
                new Touch(problem),
                pieceOf,
                usable);
    }

    /** Number of a copy among those of its piece, from 0. */
    int copyNumber(int copy) {
        int first = copy;
        while (first > 0 && pieceOf[first - 1] == pieceOf[copy]) {
            first--;
        }
        return copy - first;
    }

    boolean isShortest() {
        return problem.objective() == Objective.SHORTEST;
    }

    FitPiece piece(int copy) {
        return problem.pieces().get(pieceOf[copy]);
    }

    /** May one more copy of the piece lie so, by its handedness? */
    boolean mayLie(LayState state, int pieceIndex, int panel, Shape shape) {
        if (problem.panels().get(panel).reversible()) {
            return true;
        }
        FitPiece piece = problem.pieces().get(pieceIndex);
        int used = 0;
        for (int c = 0; c < state.shape.length; c++) {
            if (pieceOf[c] == pieceIndex
                    && state.isPlaced(c)
                    && book.shape(state.shape[c]).mirrored == shape.mirrored
                    && !problem.panels().get(state.panel[c]).reversible()) {
                used++;
            }
        }
        return used < (shape.mirrored ? piece.mostMirrored() : piece.mostAsDrawn());
    }

    /** Where each match group stands in its repeat, from what lies already; NaN where it is open. */
    void settle(LayState state, double[] settled) {
        Arrays.fill(settled, Double.NaN);
        for (int c = 0; c < state.shape.length && settled.length > 0; c++) {
            if (state.isPlaced(c)) {
                settleBy(state, settled, c);
            }
        }
    }

    /** @return true if the copy settles a group that was open */
    boolean settleBy(LayState state, double[] settled, int copy) {
        boolean any = false;
        for (Stripes.Line line : stripes.lines(state.panel[copy], book.shape(state.shape[copy]))) {
            if (Double.isNaN(settled[line.group()])) {
                settled[line.group()] = line.phaseMm(state.x[copy], state.y[copy]);
                any = true;
            }
        }
        return any;
    }
}
