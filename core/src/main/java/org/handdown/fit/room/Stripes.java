package org.handdown.fit.room;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Repeat;
import org.handdown.geometry.Point;

/**
 * What matched points ask of a shape's shift: for each, a family of parallel lines in the panel on which the shift must lie once the
 * first piece of the group has settled where the group stands in the repeat.
 */
public final class Stripes {
    /** Matched points come out exactly on their line; the rest of the 1 mm is left for a second point of the same group. */
    private static final double OFF_MM = 0.45;

    private final FitProblem problem;
    private final Map<String, Integer> groups = new LinkedHashMap<>();
    private final Map<Long, List<Line>> known = new java.util.concurrent.ConcurrentHashMap<>();

    /** With shift t, the matched point stands at {@code t·(ux, uy) + offsetMm}, modulo the period, past a line of the pattern. */
    public record Line(int group, double ux, double uy, double periodMm, double offsetMm) {
        public double phaseMm(double x, double y) {
            double phase = (x * ux + y * uy + offsetMm) % periodMm;
            // A remainder of −0 counts as 0.
            return phase < 0 ? phase + periodMm : Math.abs(phase);
        }

        double offMm(double phase, double x, double y) {
            double apart = Math.abs(phaseMm(x, y) - phase);
            return Math.min(apart, periodMm - apart);
        }
    }

    public Stripes(FitProblem problem) {
        this.problem = problem;
        for (FitPiece piece : problem.pieces()) {
            for (FitPiece.Match match : piece.matches()) {
                groups.putIfAbsent(name(match), groups.size());
            }
        }
    }

    private static String name(FitPiece.Match match) {
        return match.group() + "\n" + match.repeat();
    }

    public int groupCount() {
        return groups.size();
    }

    public List<Line> lines(int panelIndex, Shape shape) {
        List<FitPiece.Match> matches = problem.pieces().get(shape.piece).matches();
        if (matches.isEmpty()) {
            return List.of();
        }
        return known.computeIfAbsent(
                ((long) panelIndex << 32) | shape.index,
                k -> lines(problem.panels().get(panelIndex), shape));
    }

    /** As {@link #lines(int, Shape)}, made anew. */
    public List<Line> lines(FitPanel panel, Shape shape) {
        List<Line> lines = new ArrayList<>();
        for (FitPiece.Match match : problem.pieces().get(shape.piece).matches()) {
            panel.repeats().stream()
                    .filter(r -> r.id().equals(match.repeat()))
                    .findFirst()
                    .ifPresent(r -> lines.add(line(match, r, shape)));
        }
        return lines;
    }

    private Line line(FitPiece.Match match, Repeat repeat, Shape shape) {
        Point along = Point.unit(repeat.directionDeg());
        double offset = shape.at(0, 0).turned(match.point()).dot(along) - repeat.phaseMm();
        int group = java.util.Objects.requireNonNull(groups.get(name(match)));
        return new Line(group, along.x(), along.y(), repeat.periodMm(), offset);
    }

    /** Do all points of the shape agree with what their groups have settled, and with each other? */
    public static boolean agree(List<Line> lines, double[] settled, double x, double y) {
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            double phase = settled[line.group()];
            for (int j = 0; j < i && Double.isNaN(phase); j++) {
                phase = lines.get(j).group() == line.group() ? lines.get(j).phaseMm(x, y) : phase;
            }
            if (!Double.isNaN(phase) && line.offMm(phase, x, y) > OFF_MM) {
                return false;
            }
        }
        return true;
    }

    /** The lines whose group is settled, the first of each group and direction only. */
    static List<Line> binding(List<Line> lines, double[] settled) {
        List<Line> binding = new ArrayList<>();
        for (Line line : lines) {
            if (!Double.isNaN(settled[line.group()])
                    && binding.stream().noneMatch(b -> Math.abs(b.ux() * line.uy() - b.uy() * line.ux()) < 1e-9)) {
                binding.add(line);
            }
        }
        return binding;
    }
}
