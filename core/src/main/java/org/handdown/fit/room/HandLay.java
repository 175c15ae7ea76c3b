package org.handdown.fit.room;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Placed;
import org.handdown.fit.check.Finding;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.remnant.LayMeasures;
import org.handdown.fit.remnant.Remnants;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;

/** Laying by hand: whether one piece may lie where a hand holds it, the nearest spot where it may, and the lay with it moved. */
public final class HandLay {
    private static final String BY_HAND = "taken off by hand";

    /** What no other spot of the same turn on the same panel mends. */
    private static final Set<Finding.Rule> WHEREVER_IT_LIES =
            Set.of(Finding.Rule.KNOWN, Finding.Rule.CLOTH, Finding.Rule.GRAIN, Finding.Rule.HANDED);

    /** Touching counts as free, well within the 0.1 mm that the fit format allows. */
    private static final double TOUCHING_MM = 0.02;

    /** What forbids a spot is told to about this much, mm. */
    private static final double TOLD_MM = 0.5;

    private final FitProblem problem;
    private final FitLayout layout;

    public HandLay(FitProblem problem, FitLayout layout) {
        this.problem = problem;
        this.layout = layout;
    }

    /** What is wrong with this one copy lying there among the others; empty when nothing is. */
    public List<Finding> findings(Placed moved) {
        String name = moved.name();
        List<Placed> all = new ArrayList<>(others(moved));
        all.add(moved);
        return RuleChecker.check(problem, all).stream()
                .filter(f -> f.copies().contains(name))
                .toList();
    }

    /** As {@link #findings}, but seeing only the other copies of the same piece: enough for cloth, grain and handedness, and quick. */
    private List<Finding> findingsAmongItsLike(Placed moved) {
        List<Placed> alike = new ArrayList<>(others(moved).stream()
                .filter(p -> p.piece().equals(moved.piece()))
                .toList());
        alike.add(moved);
        return RuleChecker.check(problem, alike).stream()
                .filter(f -> f.copies().contains(moved.name()))
                .toList();
    }

    private List<Placed> others(Placed moved) {
        return layout.placements().stream().filter(p -> !p.isCopyOf(moved)).toList();
    }

    /**
     * The nearest spot on the same panel, in the same turn, where the copy breaks no rule.
     *
     * @param reachMm farthest it may be from where the hand holds it
     */
    public Optional<Placed> nearest(Placed moved, double reachMm) {
        Point held = new Point(moved.at().x(), moved.at().y());
        return allowed(moved)
                .nearest(held)
                .filter(spot -> spot.distanceMm(held) <= reachMm)
                .map(spot -> at(moved, spot))
                .filter(there -> findings(there).isEmpty());
    }

    private static Placed at(Placed moved, Point spot) {
        Placement turn = moved.at();
        return new Placed(
                moved.piece(),
                moved.copy(),
                moved.variant(),
                moved.panel(),
                new Placement(spot.x(), spot.y(), turn.rotation(), turn.mirrored()));
    }

    /**
     * Every spot of the copy, in its turn, on its panel, among the others. Linear in the number of pieces on the panel, each a no-fit
     * polygon; 40 pieces take some 30 ms.
     */
    public AllowedSpots allowed(Placed moved) {
        List<String> never = findingsAmongItsLike(moved).stream()
                .filter(f -> WHEREVER_IT_LIES.contains(f.rule()))
                .map(Finding::message)
                .distinct()
                .toList();
        if (!never.isEmpty()) {
            return AllowedSpots.never(never);
        }
        FitPanel panel = problem.panel(moved.panel());
        Clearances clearances = new Clearances(problem);
        Shape shape = shape(moved);
        Region room = clearances.free(panel, shape);
        List<Placed> near = others(moved).stream()
                .filter(o -> o.panel().equals(moved.panel()))
                .toList();
        List<Region> meetings = near.parallelStream()
                .map(o -> clearances.meeting(shape(o), shape).moved(o.at().x(), o.at().y()))
                .toList();
        Region free =
                room.isEmpty() ? room : room.minus(Region.unionOf(meetings).grownMitred(-TOUCHING_MM));
        List<AllowedSpots.Ban> bans = new ArrayList<>();
        for (int i = 0; i < near.size(); i++) {
            bans.add(ban("lies on " + called(near.get(i)), meetings.get(i)));
        }
        panel.holes().forEach(h -> bans.add(ban("lies over a hole", clearances.meeting(h, shape))));
        panel.zones().stream()
                .filter(z -> z.kind() == FlawZone.Kind.AVOID)
                .forEach(z -> bans.add(ban("lies over the " + z.named(), clearances.meeting(z.outline(), shape))));
        return bound(moved, panel, shape, free, bans);
    }

    private AllowedSpots bound(Placed moved, FitPanel panel, Shape shape, Region free, List<AllowedSpots.Ban> bans) {
        boolean anchored = shape.variant.anchor() != null;
        List<List<Point>> along = anchored && !free.isEmpty() ? AllowedSpots.alongEdges(panel, shape, free) : List.of();
        Stripes stripes = new Stripes(problem);
        double[] settled = new double[stripes.groupCount()];
        java.util.Arrays.fill(settled, Double.NaN);
        others(moved).forEach(o -> settle(stripes, settled, o));
        List<Stripes.Line> lines = stripes.lines(panel, shape);
        if (!free.isEmpty() && !Stripes.binding(lines, settled).isEmpty()) {
            return AllowedSpots.onStripes(free, along, lines, settled, bans);
        }
        List<Ring> areas = anchored ? List.of() : free.ringsWithoutHoles();
        String elsewhere = anchored
                ? "There its edge is off the finished edge that it is to keep."
                : problem.pieces().get(shape.piece).motif() == null
                        ? "There it reaches past the edge of the cloth, or would show a flaw."
                        : "There its motif is too far off its spot.";
        return new AllowedSpots(areas, along, List.of(), bans, List.of(), elsewhere);
    }

    private void settle(Stripes stripes, double[] settled, Placed other) {
        for (Stripes.Line line : stripes.lines(problem.panel(other.panel()), shape(other))) {
            if (Double.isNaN(settled[line.group()])) {
                settled[line.group()] = line.phaseMm(other.at().x(), other.at().y());
            }
        }
    }

    private static AllowedSpots.Ban ban(String what, Region shifts) {
        return new AllowedSpots.Ban(what, shifts.simplified(TOLD_MM).ringsWithoutHoles());
    }

    private String called(Placed other) {
        String words = Wording.spoken(other.piece());
        return problem.piece(other.piece()).quantity() == 1 ? words : words + " " + (other.copy() + 1);
    }

    private Shape shape(Placed placed) {
        int piece = problem.pieces().indexOf(problem.piece(placed.piece()));
        FitPiece.Variant variant = problem.pieces().get(piece).variant(placed.variant());
        return Shape.alone(piece, variant, placed.at().rotation(), placed.at().mirrored());
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
