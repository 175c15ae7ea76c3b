package org.handdown.lay;

/**
 * How good a lay is, the weightier figure first: required copies placed, value and bonus of what is placed, and the leftover (area of
 * the largest empty rectangle, or the used length below zero for the objective “shortest”).
 */
record Score(int required, double value, double leftover) implements Comparable<Score> {
    static final Score NOTHING = new Score(-1, 0, 0);

    @Override
    public int compareTo(Score other) {
        int byRequired = Integer.compare(required, other.required);
        int byValue = Long.compare(Math.round(value * 1e9), Math.round(other.value * 1e9));
        return byRequired != 0 ? byRequired : byValue != 0 ? byValue : Double.compare(leftover, other.leftover);
    }

    /** Of a finished lay, by the rectangles of its remnants. */
    static Score of(FitProblem problem, FitLayout layout) {
        boolean shortest = problem.objective() == Objective.SHORTEST;
        int required = 0;
        double value = 0;
        for (Placed p : layout.placements()) {
            FitPiece piece = problem.piece(p.piece());
            required += shortest || piece.required() ? 1 : 0;
            value += shortest ? 0 : piece.worthM2(piece.variant(p.variant()));
        }
        Double length = layout.measures().lengthMm();
        double rectangle = layout.remnants().stream()
                .map(FitLayout.Remnant::largestRectangle)
                .mapToDouble(r -> r == null ? 0 : r.areaMm2())
                .max()
                .orElse(0);
        return new Score(required, value, length == null ? rectangle : -length);
    }

    boolean placesAsMuchAs(Score other) {
        return new Score(required, value, 0).compareTo(new Score(other.required, other.value, 0)) >= 0;
    }
}
