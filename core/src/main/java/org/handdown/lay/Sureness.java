package org.handdown.lay;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.PanelRun;
import org.handdown.fit.Placed;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;

/**
 * How far a lay may be trusted when the panels were measured with some tolerance. A panel is as large as its measures say, give or take:
 * a lay that kept that much margin surely fits; one that lies nearer to an edge is tight, and that edge is measured again before
 * anything is cut.
 *
 * @param toleranceMm how far an edge of the panel that is known least may really lie inside where it was measured
 */
public record Sureness(Verdict verdict, double toleranceMm, List<Tight> tight) {
    /** What can be said of it. */
    public enum Verdict {
        SURE,
        TIGHT,
        DOES_NOT_FIT
    }

    /** A piece nearer to an edge than the tolerance. */
    public record Tight(String piece, int copy, String panel, String edge, double slackMm) {}

    public Sureness {
        tight = List.copyOf(tight);
    }

    /** @param tolerancesMm of each panel, by its id */
    public static Sureness of(FitProblem problem, FitLayout layout, Map<String, Double> tolerancesMm) {
        List<Tight> tight = new ArrayList<>();
        for (Placed placed : layout.placements()) {
            double tolerance = tolerancesMm.getOrDefault(placed.panel(), 0.0);
            if (problem.marginMm() < tolerance) {
                tight(problem, placed, tolerance, tight);
            }
        }
        double toleranceMm =
                tolerancesMm.values().stream().mapToDouble(t -> t).max().orElse(0);
        boolean requiredLeft = layout.unplaced().stream()
                .anyMatch(u -> problem.piece(u.piece()).required());
        return new Sureness(
                requiredLeft ? Verdict.DOES_NOT_FIT : tight.isEmpty() ? Verdict.SURE : Verdict.TIGHT,
                toleranceMm,
                tight);
    }

    private static void tight(FitProblem problem, Placed placed, double toleranceMm, List<Tight> tight) {
        FitPanel panel = problem.panel(placed.panel());
        FitPiece.Variant variant = problem.piece(placed.piece()).variant(placed.variant());
        Ring piece = placed.at().toPanel(variant.outline());
        for (PanelRun run : panel.edges()) {
            boolean mayAnchor =
                    variant.anchor() != null && variant.anchor().on().contains(run.kind());
            List<Point> edge = panel.outline().run(run.from(), run.to());
            double slack = slack(piece, edge);
            if (!mayAnchor && slack < toleranceMm) {
                tight.add(new Tight(placed.piece(), placed.copy(), panel.id(), run.id(), Math.max(0, slack)));
            }
        }
    }

    /** Least distance between corners of one and lines of the other, both ways. */
    private static double slack(Ring piece, List<Point> edge) {
        List<Point> closed = piece.run(0, 0);
        return Math.min(
                piece.points().stream()
                        .mapToDouble(p -> p.distanceMm(edge))
                        .min()
                        .orElseThrow(),
                edge.stream().mapToDouble(p -> p.distanceMm(closed)).min().orElseThrow());
    }

    /** Edges to measure again, each once, in sentences with lengths in mm. */
    public List<String> sentences() {
        return switch (verdict) {
            case SURE ->
                List.of(Wording.fill(
                        "It surely fits: every piece keeps the %.0f mm that the measures may be off.", toleranceMm));
            case DOES_NOT_FIT -> List.of("Not everything that must lie has a place.");
            case TIGHT -> again();
        };
    }

    private List<String> again() {
        List<String> all = new ArrayList<>();
        all.add(Wording.fill(
                "It fits as measured, but the measures may be off by %.0f mm. Measure these edges again before cutting:",
                toleranceMm));
        Set<String> seen = new HashSet<>();
        for (Tight t : tight) {
            if (seen.add(t.panel() + "/" + t.edge())) {
                all.add(Wording.fill("%s of the %s", Wording.spoken(t.edge()), Wording.spoken(t.panel())));
            }
        }
        return all;
    }
}
