package org.handdown.fit.check;

import java.util.ArrayList;
import java.util.List;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FitTolerance;
import org.handdown.fit.PanelRun;
import org.handdown.fit.check.Finding.Rule;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;

/** Inside the panel, margin kept, and the anchor on its finished edge. */
record EdgeRules(FitProblem problem, Findings found) {
    /** Inside the panel, margin kept, and the anchor on its finished edge. */
    void checkEdges(Laid one) {
        Ring outline = one.panel().outline();
        Region panel = Region.of(outline);
        if (!panel.covers(one.area())
                && !panel.grown(FitTolerance.DEPTH_MM + Depth.ROUNDING).covers(one.area())) {
            double by = Depth.outsideByMm(one.area(), panel);
            found.add(one, Rule.PANEL, Wording.fill("reaches %.1f mm past the edge of the cloth.", by), by);
        }
        var anchor = one.variant().anchor();
        if (anchor == null) {
            List<Point> closed = new ArrayList<>(outline.points());
            closed.add(outline.at(0));
            checkMargin(one, closed);
            return;
        }
        List<Point> run = anchoredRun(one, anchor);
        List<PanelRun> kinds = one.panel().edges().stream()
                .filter(e -> anchor.takes(one.panel().id(), e))
                .toList();
        List<PanelRun> onIt = kinds.stream()
                .filter(e -> Region.along(outline.run(e.from(), e.to()), FitTolerance.ANCHOR_MM + 0.003)
                        .coversLine(run))
                .toList();
        if (onIt.isEmpty()) {
            found.add(
                    one,
                    Rule.ANCHOR,
                    Wording.fill(
                            "must lie with that edge on a %s, within 1 mm all along.",
                            anchor.on().stream()
                                    .map(EdgeKind::word)
                                    .sorted()
                                    .reduce((a, b) -> a + " or " + b)
                                    .orElse("")),
                    0);
            return;
        }
        if (onIt.stream().noneMatch(e -> marginShortMm(one, outline.run(e.to(), e.from())) <= 0)) {
            checkMargin(one, outline.run(onIt.get(0).to(), onIt.get(0).from()));
        }
    }

    private static List<Point> anchoredRun(Laid one, FitPiece.Anchor anchor) {
        return one.variant().outline().run(anchor.from(), anchor.to()).stream()
                .map(one.placed().at()::toPanel)
                .toList();
    }

    private double marginShortMm(Laid one, List<Point> line) {
        double least = problem.marginMm() - FitTolerance.DEPTH_MM - Depth.ROUNDING;
        return least <= 0 ? 0 : Math.max(0, least - one.area().distanceToLineMm(line));
    }

    void checkMargin(Laid one, List<Point> line) {
        double by = marginShortMm(one, line);
        if (by > 0) {
            found.add(one, Rule.MARGIN, Wording.fill("is %.1f mm too near the edge of the cloth.", by), by);
        }
    }
}
