package org.handdown.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;

/** Laying by hand: whether one piece may lie where a hand holds it, the nearest spot where it may, and the lay with it moved. */
public final class HandLay {
    private static final String BY_HAND = "taken off by hand";

    private final FitProblem problem;
    private final FitLayout layout;

    public HandLay(FitProblem problem, FitLayout layout) {
        this.problem = problem;
        this.layout = layout;
    }

    /** What is wrong with this one copy lying there among the others; empty when nothing is. */
    public List<Finding> findings(Placed moved) {
        String name = moved.piece() + "#" + moved.copy();
        List<Placed> all = new ArrayList<>(others(moved));
        all.add(moved);
        return RuleChecker.check(problem, all).stream()
                .filter(f -> f.copies().contains(name))
                .toList();
    }

    private List<Placed> others(Placed moved) {
        return layout.placements().stream()
                .filter(p -> !(p.piece().equals(moved.piece()) && p.copy() == moved.copy()))
                .toList();
    }

    /**
     * The nearest spot on the same panel, in the same turn, where the copy breaks no rule.
     *
     * @param reachMm farthest it may be from where the hand holds it
     */
    public Optional<Placed> nearest(Placed moved, double reachMm) {
        Region allowed = allowed(moved);
        if (allowed.isEmpty()) {
            return Optional.empty();
        }
        Point held = new Point(moved.at().x(), moved.at().y());
        Point spot = allowed.nearest(held);
        Placed there = new Placed(
                moved.piece(),
                moved.copy(),
                moved.variant(),
                moved.panel(),
                new Placement(
                        spot.x(), spot.y(), moved.at().rotation(), moved.at().mirrored()));
        return spot.distanceMm(held) <= reachMm && findings(there).isEmpty() ? Optional.of(there) : Optional.empty();
    }

    /** All shifts of the copy, in its turn, that clear the panel's edge, its flaws and the other pieces; stripes are not looked at. */
    public Region allowed(Placed moved) {
        Clearances clearances = new Clearances(problem);
        Shape shape = shape(moved, 0);
        Region allowed = clearances.free(problem.panel(moved.panel()), shape);
        for (Placed other : others(moved)) {
            if (other.panel().equals(moved.panel()) && !allowed.isEmpty()) {
                Region meeting = clearances.meeting(shape(other, 1), shape);
                allowed = allowed.minus(meeting.moved(other.at().x(), other.at().y()));
            }
        }
        return allowed;
    }

    private Shape shape(Placed placed, int index) {
        FitPiece piece = problem.piece(placed.piece());
        return new Shape(
                index,
                index,
                0,
                piece.variant(placed.variant()),
                placed.at().rotation(),
                placed.at().mirrored(),
                true);
    }

    /** The lay with the copy where the hand put it; the caller has seen that nothing is wrong. */
    public FitLayout with(Placed moved) {
        List<Placed> placements = new ArrayList<>(others(moved));
        placements.add(moved);
        return relaid(placements);
    }

    /** The lay without that copy. */
    public FitLayout without(String piece, int copy) {
        return relaid(layout.placements().stream()
                .filter(p -> !(p.piece().equals(piece) && p.copy() == copy))
                .toList());
    }

    private FitLayout relaid(List<Placed> placements) {
        List<FitLayout.Unplaced> unplaced = new ArrayList<>();
        for (FitPiece piece : problem.pieces()) {
            for (int copy = 0; copy < piece.quantity(); copy++) {
                int number = copy;
                if (placements.stream().noneMatch(p -> p.piece().equals(piece.id()) && p.copy() == number)) {
                    unplaced.add(new FitLayout.Unplaced(piece.id(), copy, reasonBefore(piece.id(), copy)));
                }
            }
        }
        FitLayout.Measures before = layout.measures();
        return new FitLayout(
                placements,
                unplaced,
                LayMeasures.of(problem, placements, before.seconds(), before.seed()),
                new Remnants(problem).of(placements));
    }

    private String reasonBefore(String piece, int copy) {
        return layout.unplaced().stream()
                .filter(u -> u.piece().equals(piece) && u.copy() == copy)
                .map(FitLayout.Unplaced::reason)
                .findFirst()
                .orElse(BY_HAND);
    }
}
