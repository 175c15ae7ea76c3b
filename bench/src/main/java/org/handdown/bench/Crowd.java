package org.handdown.bench;

import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.fit.room.HandLay;
import org.handdown.fit.search.Fitter;

/** A panel crowded with the pieces that it was cut into, one of which a hand picks up. */
record Crowd(FitProblem problem, FitLayout layout) {
    private static final long SEED = 41;
    private static final int MOST_STEPS = 2000;

    static Crowd of(int pieces) {
        FitProblem problem = Jigsaws.jigsaw(pieces, 1, Jigsaws.Turning.ONE_WAY, 1, SEED);
        AtomicBoolean whole = new AtomicBoolean();
        FitLayout layout = new Fitter(
                        problem,
                        new Fitter.Budget(Double.POSITIVE_INFINITY, MOST_STEPS, 1, 1),
                        System::nanoTime,
                        whole::get,
                        lay -> whole.set(lay.placements().size() == pieces))
                .fit();
        if (layout.placements().size() < pieces) {
            throw new IllegalStateException(
                    "The panel is not crowded: " + layout.placements().size() + " lie on it.");
        }
        return new Crowd(problem, layout);
    }

    HandLay hand() {
        return new HandLay(problem, layout);
    }

    /** The copy that is moved: the last one that lies. */
    Placed moved() {
        List<Placed> lying = layout.placements();
        return lying.get(lying.size() - 1);
    }

    int others() {
        return layout.placements().size() - 1;
    }
}
