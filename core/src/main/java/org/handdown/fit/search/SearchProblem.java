package org.handdown.fit.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Objective;
import org.handdown.fit.Placed;
import org.handdown.fit.remnant.Remnants;
import org.handdown.fit.room.CandidatePositions;
import org.handdown.fit.room.Clearances;
import org.handdown.fit.room.ContactField;
import org.handdown.fit.room.Shape;
import org.handdown.fit.room.ShapeBook;
import org.handdown.fit.room.Stripes;

/** What all threads of a search share. */
record SearchProblem(
        FitProblem problem,
        ShapeBook book,
        Clearances clearances,
        Stripes stripes,
        ContactField touch,
        int[] pieceOf,
        double[] usableMm2,
        boolean[] pinned,
        LayState empty,
        LayState start) {
    static SearchProblem of(FitProblem problem) {
        return of(problem, problem.pinned());
    }

    /** @param laid where the search begins, sound by all rules; copies that are not in it are still to be laid */
    static SearchProblem of(FitProblem problem, List<Placed> laid) {
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
        ShapeBook book = new ShapeBook(problem);
        LayState empty = state(problem, book, pieceOf, problem.pinned());
        boolean[] pinned = new boolean[pieceOf.length];
        for (int c = 0; c < pinned.length; c++) {
            pinned[c] = empty.isPlaced(c);
        }
        return new SearchProblem(
                problem,
                book,
                new Clearances(problem),
                new Stripes(problem),
                new ContactField(problem),
                pieceOf,
                usable,
                pinned,
                empty,
                state(problem, book, pieceOf, laid));
    }

    private static LayState state(FitProblem problem, ShapeBook book, int[] pieceOf, List<Placed> laid) {
        LayState state = new LayState(pieceOf.length);
        for (Placed placed : laid) {
            int first = 0;
            while (!problem.pieces().get(pieceOf[first]).id().equals(placed.piece())) {
                first++;
            }
            int copy = first + placed.copy();
            int panel = problem.panels().indexOf(problem.panel(placed.panel()));
            state.put(
                    copy,
                    book.shape(placed).index,
                    panel,
                    placed.at().x(),
                    placed.at().y());
        }
        return state;
    }

    /** Only what is pinned. */
    LayState fresh() {
        return empty.copy();
    }

    /** Does the start hold more than what is pinned? */
    boolean isBegun() {
        return placed(start) > placed(empty);
    }

    /** How many copies lie. */
    int placed(LayState state) {
        int placed = 0;
        for (int c = 0; c < pinned.length; c++) {
            placed += state.isPlaced(c) ? 1 : 0;
        }
        return placed;
    }

    /** Copies in the state that may be moved. */
    List<Integer> movable(LayState state) {
        List<Integer> movable = new ArrayList<>();
        for (int c = 0; c < pinned.length; c++) {
            if (state.isPlaced(c) && !pinned[c]) {
                movable.add(c);
            }
        }
        return movable;
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

    /** Cloth on a panel that nothing lies on; a little more than there is, for what the rules allow to lie over an edge. */
    double leftMm2(LayState state, int panel) {
        double left = usableMm2[panel] * 1.001 + 100;
        for (int c = 0; c < state.shape.length; c++) {
            left -= state.isPlaced(c) && state.panel[c] == panel ? book.shape(state.shape[c]).areaMm2 : 0;
        }
        return left;
    }

    /** Has candidates for a copy looked for beside all others that lie on the panel. */
    void setNeighbours(LayState state, int copy, int panel, Shape shape, CandidatePositions candidates) {
        candidates.clear();
        for (int other = 0; other < state.shape.length; other++) {
            if (other != copy && state.isPlaced(other) && state.panel[other] == panel) {
                candidates.addObstacle(
                        clearances.between(book.shape(state.shape[other]), shape), state.x[other], state.y[other]);
            }
        }
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
