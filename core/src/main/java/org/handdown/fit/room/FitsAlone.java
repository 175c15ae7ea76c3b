package org.handdown.fit.room;

import java.util.List;
import java.util.function.BooleanSupplier;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Objective;

/** Whether a piece could lie on the panels at all if nothing else did: a necessary test that takes no search. */
public final class FitsAlone {
    private FitsAlone() {}

    public static boolean on(FitProblem problem, FitPiece piece) {
        return on(problem, piece, () -> false);
    }

    /** @param hurry true once there is no time left; then the answer is no */
    public static boolean on(FitProblem problem, FitPiece piece, BooleanSupplier hurry) {
        FitProblem alone =
                new FitProblem(Objective.FILL, problem.gapMm(), problem.marginMm(), problem.panels(), List.of(piece));
        ShapeBook book = new ShapeBook(alone);
        Clearances clearances = new Clearances(alone);
        for (int p = 0; p < alone.panels().size(); p++) {
            for (Shape way : book.ways(0, p)) {
                if (hurry.getAsBoolean()) {
                    return false;
                }
                if (!clearances.on(p, way).rim().isEmpty()) {
                    return true;
                }
            }
        }
        return false;
    }
}
