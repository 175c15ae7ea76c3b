package org.handdown.fit.search;

import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Objective;
import org.handdown.fit.Placed;

/**
 * How good a lay is, the weightier figure first: required copies placed; value and bonus of what is placed; the leftover (area of the
 * largest empty rectangle, or the used length below zero for the objective “shortest”); panels left whole; copies that lie square on
 * the grain, which are easy to chalk and cut.
 */
record Score(int required, double value, double leftover, int wholePanels, int square) implements Comparable<Score> {
    static final Score NOTHING = new Score(-1, 0, 0, 0, 0);

    /** Leftovers that differ by less are alike to a cutter, mm². */
    private static final double SAME_AREA_MM2 = 100;

    /** Lengths that differ by less are alike, mm. */
    private static final double SAME_LENGTH_MM = 0.01;

    /** Turned by less than this a copy lies square. */
    private static final double SQUARE_DEG = 1e-6;

    @Override
    public int compareTo(Score other) {
        int byRequired = Integer.compare(required, other.required);
        int byValue = Long.compare(Math.round(value * 1e9), Math.round(other.value * 1e9));
        int byLeftover = Long.compare(steps(leftover), steps(other.leftover));
        int byWhole = Integer.compare(wholePanels, other.wholePanels);
        return byRequired != 0
                ? byRequired
                : byValue != 0
                        ? byValue
                        : byLeftover != 0 ? byLeftover : byWhole != 0 ? byWhole : Integer.compare(square, other.square);
    }

    /** In whole steps, so that the order stays transitive; lengths stand below zero. */
    private static long steps(double leftover) {
        return leftover < 0 ? Math.round(leftover / SAME_LENGTH_MM) : Math.round(leftover / SAME_AREA_MM2);
    }

    /** Does a copy turned so lie square on a panel's grain? */
    static boolean isSquare(double turnDeg, double grainDeg) {
        double off = Math.abs((turnDeg - grainDeg) % 90);
        return off < SQUARE_DEG || off > 90 - SQUARE_DEG;
    }

    /** Of a finished lay, by the rectangles of its remnants. */
    static Score of(FitProblem problem, FitLayout layout) {
        boolean shortest = problem.objective() == Objective.SHORTEST;
        int required = 0;
        int square = 0;
        double value = 0;
        for (Placed p : layout.placements()) {
            FitPiece piece = problem.piece(p.piece());
            required += shortest || piece.required() ? 1 : 0;
            value += shortest ? 0 : piece.worthM2(piece.variant(p.variant()));
            square += isSquare(p.at().rotation(), problem.panel(p.panel()).grainDeg()) ? 1 : 0;
        }
        Double length = layout.measures().lengthMm();
        double rectangle = layout.remnants().stream()
                .map(FitLayout.Remnant::largestRectangle)
                .mapToDouble(r -> r == null ? 0 : r.areaMm2())
                .max()
                .orElse(0);
        long touched =
                layout.placements().stream().map(Placed::panel).distinct().count();
        int whole = problem.panels().size() - (int) touched;
        return new Score(required, value, length == null ? rectangle : -length, whole, square);
    }

    boolean placesAsMuchAs(Score other) {
        return new Score(required, value, 0, 0, 0).compareTo(new Score(other.required, other.value, 0, 0, 0)) >= 0;
    }
}
