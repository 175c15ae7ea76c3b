package org.handdown.panel.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.geometry.Point;
import org.handdown.measure.Origin;
import org.handdown.measure.Wording;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.ConvergenceChecker;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresProblem;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/**
 * Least-squares adjustment of a two-pin survey: all taped distances, equally trusted, are brought into agreement. A figure that fits the
 * others badly is told by its normalised residual, the residual over its own standard deviation (data snooping after Baarda: above 3.29
 * one in a thousand sound figures would be so far off). Unknowns are the points and the second pin's height; mm throughout.
 *
 * @param points adjusted, in the frame of {@link TwoPins}
 * @param residuals of every observation, adjusted less measured
 * @param spare figures more than the outline needs: without any, nothing checks anything
 * @param ellipses of each point: where it lies with a chance of 39 % (one standard deviation each way)
 */
public record PinAdjustment(
        List<Point> points, List<Residual> residuals, int spare, List<Ellipse> ellipses, Optional<Blunder> blunder) {
    private static final double FAR_OFF = 3.29;
    /** A tape on cloth: two thirds of the readings lie within this, mm; its tolerance is twice that. */
    static final double SIGMA_MM = Origin.TAPE.toleranceMm() / 1.5;

    /** A figure that the others check by less than this share is judged by nothing. */
    private static final double LEAST_REDUNDANCY = 0.05;

    private static final int MOST_STEPS = 200;
    private static final double NEAR_LINE_MM = 80;
    private static final double WEAK_SIGMAS = 4;
    /** No point moves farther in a step than this at the end, mm. */
    private static final double SETTLED_MM = 1e-7;

    /**
     * @param what in words
     * @param point that it belongs to, from 0; a distance between two points belongs to the first
     * @param mm adjusted less measured
     * @param normalised over its own standard deviation; 0 for a figure that nothing checks
     */
    public record Residual(String what, int point, double mm, double normalised) {}

    /** Half axes and the direction of the longer one, degrees. */
    public record Ellipse(double longMm, double shortMm, double directionDeg) {}

    /** The figure most likely mismeasured, and by about how much it is too long (or, negative, too short). */
    public record Blunder(String what, int point, double mm) {}

    public PinAdjustment {
        points = List.copyOf(points);
        residuals = List.copyOf(residuals);
        ellipses = List.copyOf(ellipses);
    }

    private record Observation(String what, int from, int to, double mm) {}

    /** Indices of the pins among the points of an observation. */
    private static final int FIRST_PIN = -1;

    private static final int SECOND_PIN = -2;

    static PinAdjustment of(TwoPins survey) {
        List<Observation> observed = observations(survey);
        RealVector solved = solveBothSides(observed, survey, start(survey));
        return result(observed, solved, survey.points().size());
    }

    private static RealVector solveBothSides(List<Observation> observed, TwoPins survey, double[] start) {
        RealVector solved = solve(observed, start);
        // Near the line of the pins the two distances hardly tell the sides apart; the neighbours do.
        for (int i = 0; i < survey.points().size(); i++) {
            if (Math.abs(solved.getEntry(2 * i)) < NEAR_LINE_MM) {
                double[] other = solved.toArray();
                other[2 * i] = -other[2 * i];
                RealVector flipped = solve(observed, other);
                solved = cost(observed, flipped) < cost(observed, solved) ? flipped : solved;
            }
        }
        return solved;
    }

    private static List<Observation> observations(TwoPins survey) {
        List<Observation> all = new ArrayList<>();
        all.add(new Observation("the distance between the pins", FIRST_PIN, SECOND_PIN, survey.apartMm()));
        int n = survey.points().size();
        for (int i = 0; i < n; i++) {
            TwoPins.Sighting s = survey.points().get(i);
            all.add(new Observation(Wording.fill("point %d from the first pin", i + 1), i, FIRST_PIN, s.fromFirstMm()));
            all.add(new Observation(
                    Wording.fill("point %d from the second pin", i + 1), i, SECOND_PIN, s.fromSecondMm()));
            if (s.toNextMm() > 0) {
                int next = (i + 1) % n;
                all.add(new Observation(Wording.fill("point %d to point %d", i + 1, next + 1), i, next, s.toNextMm()));
            }
        }
        survey.checks()
                .forEach(c -> all.add(new Observation(
                        Wording.fill("point %d to point %d", c.from() + 1, c.to() + 1), c.from(), c.to(), c.mm())));
        return all;
    }

    private static double[] start(TwoPins survey) {
        List<Point> raw = TwoPins.raw(survey.apartMm(), survey.points());
        double[] start = new double[2 * raw.size() + 1];
        for (int i = 0; i < raw.size(); i++) {
            // A point on the line of the pins must be able to leave it.
            double x = raw.get(i).x();
            boolean right = survey.points().get(i).where() == TwoPins.Where.RIGHT;
            start[2 * i] = Math.abs(x) < 0.5 ? (right ? 0.5 : -0.5) : x;
            start[2 * i + 1] = raw.get(i).y();
        }
        start[start.length - 1] = survey.apartMm();
        return start;
    }

    private static Point at(RealVector v, int index) {
        return switch (index) {
            case FIRST_PIN -> new Point(0, 0);
            case SECOND_PIN -> new Point(0, v.getEntry(v.getDimension() - 1));
            default -> new Point(v.getEntry(2 * index), v.getEntry(2 * index + 1));
        };
    }

    private static RealMatrix jacobian(List<Observation> observed, RealVector v) {
        RealMatrix j = new Array2DRowRealMatrix(observed.size(), v.getDimension());
        for (int row = 0; row < observed.size(); row++) {
            Observation o = observed.get(row);
            Point way = at(v, o.from()).minus(at(v, o.to()));
            Point unit = way.times(1 / Math.max(way.lengthMm(), 1e-6));
            add(j, row, o.from(), unit);
            add(j, row, o.to(), unit.times(-1));
        }
        return j;
    }

    private static void add(RealMatrix j, int row, int index, Point by) {
        if (index == SECOND_PIN) {
            j.addToEntry(row, j.getColumnDimension() - 1, by.y());
        } else if (index >= 0) {
            j.addToEntry(row, 2 * index, by.x());
            j.addToEntry(row, 2 * index + 1, by.y());
        }
    }

    private static RealVector solve(List<Observation> observed, double[] start) {
        MultivariateJacobianFunction model = v -> {
            RealVector distances = new ArrayRealVector(observed.size());
            for (int i = 0; i < observed.size(); i++) {
                Observation o = observed.get(i);
                distances.setEntry(i, at(v, o.from()).distanceMm(at(v, o.to())));
            }
            return new Pair<>(distances, jacobian(observed, v));
        };
        ConvergenceChecker<LeastSquaresProblem.Evaluation> settled = (step, before, now) ->
                before.getPoint().subtract(now.getPoint()).getLInfNorm() < SETTLED_MM;
        LeastSquaresOptimizer.Optimum optimum = new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .start(start)
                        .model(model)
                        .target(observed.stream().mapToDouble(Observation::mm).toArray())
                        .checker(settled)
                        .maxEvaluations(MOST_STEPS)
                        .maxIterations(MOST_STEPS)
                        .build());
        return optimum.getPoint();
    }

    private static double cost(List<Observation> observed, RealVector v) {
        return observed.stream()
                .mapToDouble(o -> at(v, o.from()).distanceMm(at(v, o.to())) - o.mm())
                .map(r -> r * r)
                .sum();
    }

    private static PinAdjustment result(List<Observation> observed, RealVector v, int n) {
        RealMatrix a = jacobian(observed, v);
        RealMatrix normal = a.transposeMultiply(a);
        // A point on the line of the pins is held across it by nothing but a little: keeps the matrix regular.
        for (int i = 0; i < normal.getRowDimension(); i++) {
            normal.addToEntry(i, i, 1e-9);
        }
        RealMatrix cofactors = new LUDecomposition(normal).getSolver().getInverse();
        List<Residual> residuals = new ArrayList<>();
        Blunder worst = null;
        double worstBy = FAR_OFF;
        for (int i = 0; i < observed.size(); i++) {
            Observation o = observed.get(i);
            double residual = at(v, o.from()).distanceMm(at(v, o.to())) - o.mm();
            RealVector row = a.getRowVector(i);
            double redundancy = 1 - row.dotProduct(cofactors.operate(row));
            double normalised = redundancy < LEAST_REDUNDANCY ? 0 : residual / (SIGMA_MM * Math.sqrt(redundancy));
            int point = Math.max(o.from(), 0);
            residuals.add(new Residual(o.what(), point, residual, normalised));
            if (Math.abs(normalised) > worstBy) {
                worstBy = Math.abs(normalised);
                worst = new Blunder(o.what(), point, -residual / redundancy);
            }
        }
        List<Point> points = new ArrayList<>();
        List<Ellipse> ellipses = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            points.add(at(v, i));
            ellipses.add(ellipse(
                    cofactors.getEntry(2 * i, 2 * i),
                    cofactors.getEntry(2 * i + 1, 2 * i + 1),
                    cofactors.getEntry(2 * i, 2 * i + 1)));
        }
        return new PinAdjustment(points, residuals, observed.size() - 2 * n - 1, ellipses, Optional.ofNullable(worst));
    }

    private static Ellipse ellipse(double xx, double yy, double xy) {
        double middle = (xx + yy) / 2;
        double spread = Math.hypot((xx - yy) / 2, xy);
        return new Ellipse(
                SIGMA_MM * Math.sqrt(middle + spread),
                SIGMA_MM * Math.sqrt(Math.max(0, middle - spread)),
                Math.toDegrees(0.5 * Math.atan2(2 * xy, xx - yy)));
    }

    /** Twice the worst point's standard deviation, or what the figures really disagree by where that is more, mm. */
    public double toleranceMm() {
        double ellipse = ellipses.stream()
                .mapToDouble(Ellipse::longMm)
                .sorted()
                .skip(Math.max(0, ellipses.size() * 9L / 10 - 1))
                .findFirst()
                .orElse(SIGMA_MM);
        return 2 * ellipse * Math.max(1, closingShare());
    }

    /** How much farther the figures disagree than a tape explains: 1 is as expected. */
    private double closingShare() {
        return spare == 0 ? 1 : closingMm() / SIGMA_MM;
    }

    /** Root mean square of what is left over, per spare figure, mm: the closing error. */
    public double closingMm() {
        double sum = residuals.stream().mapToDouble(r -> r.mm() * r.mm()).sum();
        return spare == 0 ? 0 : Math.sqrt(sum / spare);
    }

    List<String> findings() {
        List<String> findings = new ArrayList<>();
        if (spare <= 0) {
            findings.add("Nothing checks these figures: tape from point to point, or across, and a slip will show.");
        } else {
            findings.add(Wording.fill("%d spare figures; they disagree by %.1f mm on average.", spare, closingMm()));
        }
        List<String> weak = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            if (ellipses.get(i).longMm() > WEAK_SIGMAS * SIGMA_MM) {
                weak.add(String.valueOf(i + 1));
            }
        }
        if (!weak.isEmpty()) {
            findings.add(Wording.fill(
                    "Weakly fixed, near the line of the pins: point %s. Set the pins beside the cloth, or tape across.",
                    String.join(", ", weak)));
        }
        blunder.ifPresent(b -> findings.add(Wording.fill(
                "Most likely mismeasured: %s, about %.0f mm too %s. Measure it again.",
                b.what(), Math.abs(b.mm()), b.mm() > 0 ? "long" : "short")));
        return findings;
    }
}
