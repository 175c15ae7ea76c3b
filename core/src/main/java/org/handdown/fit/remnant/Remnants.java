package org.handdown.fit.remnant;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Placed;
import org.handdown.geometry.Box;
import org.handdown.geometry.LargestRectangle;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.jspecify.annotations.Nullable;

/** Cloth left over on the panels once pieces lie there. */
public final class Remnants {
    /** Smaller bits, and strips thinner than twice the depth below, are waste: a bias binding wants more. */
    private static final double LEAST_AREA_MM2 = 2_500;

    private static final double LEAST_HALF_WIDTH_MM = 5;
    private static final int ROUGH_STEPS = 24;
    private static final int FINE_STEPS = 48;

    private final FitProblem problem;

    public Remnants(FitProblem problem) {
        this.problem = problem;
    }

    /** Cloth of a panel that can be used at all: net of holes and avoid zones. */
    public static Region usable(FitPanel panel) {
        List<Ring> lost = new ArrayList<>(panel.holes());
        panel.zones().stream().filter(z -> z.kind() == FlawZone.Kind.AVOID).forEach(z -> lost.add(z.outline()));
        return Region.of(panel.outline()).minus(Region.of(lost));
    }

    Region left(FitPanel panel, List<Ring> laid) {
        return usable(panel).minus(Region.of(laid));
    }

    /** Area of the largest empty rectangle along the grain, mm²; quick and a little low on slanting edges. */
    public double roughRectangleMm2(FitPanel panel, List<Ring> laid) {
        Box box = LargestRectangle.in(left(panel, laid).turned(90 - panel.grainDeg()), ROUGH_STEPS, 0);
        return box.widthMm() * box.heightMm();
    }

    /** Remnants of all panels, each with its largest rectangle along the grain, largest rectangle first. */
    public List<FitLayout.Remnant> of(List<Placed> placements) {
        List<FitLayout.Remnant> remnants = new ArrayList<>();
        for (FitPanel panel : problem.panels()) {
            Region left = left(panel, rings(placements, panel));
            Region worth = left.grownMitred(-LEAST_HALF_WIDTH_MM)
                    .grownMitred(LEAST_HALF_WIDTH_MM)
                    .intersection(left);
            for (Ring ring : worth.ringsWithoutHoles()) {
                if (ring.areaMm2() >= LEAST_AREA_MM2 && ring.isSimple()) {
                    remnants.add(new FitLayout.Remnant(panel.id(), ring, rectangle(panel, ring)));
                }
            }
        }
        remnants.sort(Comparator.comparingDouble(Remnants::rectangleArea).reversed());
        return remnants;
    }

    private static double rectangleArea(FitLayout.Remnant remnant) {
        var rectangle = remnant.largestRectangle();
        return rectangle == null ? 0 : rectangle.areaMm2();
    }

    List<Ring> rings(List<Placed> placements, FitPanel panel) {
        return placements.stream()
                .filter(p -> p.panel().equals(panel.id()))
                .map(p -> p.at().toPanel(variant(p).outline()))
                .toList();
    }

    private FitPiece.Variant variant(Placed placed) {
        return problem.piece(placed.piece()).variant(placed.variant());
    }

    private static FitLayout.@Nullable GrainRectangle rectangle(FitPanel panel, Ring ring) {
        double turn = panel.grainDeg() - 90;
        Box box = LargestRectangle.in(Region.of(ring).turned(-turn), FINE_STEPS, 3);
        if (!(box.widthMm() * box.heightMm() > 0)) {
            return null;
        }
        Point way = Point.unit(turn);
        Point corner =
                new Point(box.minX() * way.x() - box.minY() * way.y(), box.minX() * way.y() + box.minY() * way.x());
        return new FitLayout.GrainRectangle(corner, Placement.normalDeg(turn), box.widthMm(), box.heightMm());
    }
}
