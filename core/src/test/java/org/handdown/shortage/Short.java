package org.handdown.shortage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.fit.FitProblem;
import org.handdown.fit.search.Fitter;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Piece;
import org.handdown.project.Aim;
import org.handdown.project.Garment;
import org.handdown.project.Lay;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.source.anatomy.SourceKind;

/** Projects whose cloth is short by a known figure: rectangles on one blanket with its pile along it. */
final class Short {
    static final Effort EFFORT = new Effort(20, 40, 1, 1);

    private Short() {}

    /** A blanket without binding. */
    static Project blanket(double wideMm, double highMm, Piece... pieces) {
        Project project = Project.named("Short of cloth")
                .withAim(new Aim(Garment.CUT_OUT, "", "skirt", Demo.child(1100), LengthUnit.CM))
                .withSource(Demo.source(
                        Demo.average(SourceKind.BLANKET, Map.of("width", wideMm, "length", highMm, "binding", 0.0))));
        Project panelled = new Workroom(project).redoPanels();
        return laid(panelled.withPieces(PatternPieces.NONE.withOwn(List.of(pieces))));
    }

    static Project laid(Project project) {
        FitProblem problem = new Workroom(project).problem().orElseThrow();
        var layout = Fitter.fit(problem, new Fitter.Budget(Double.POSITIVE_INFINITY, 40, 1, 1));
        return project.withLay(new Lay(problem, layout, false));
    }

    /** Stitch line of so much, hem below, seams elsewhere. */
    static Piece rectangle(String id, double wide, double high, Allowance hem, Allowance seam) {
        List<Edge> edges = new ArrayList<>();
        edges.add(Edge.line("hem", new Point(0, 0), new Point(wide, 0)));
        edges.add(Edge.line("right", new Point(wide, 0), new Point(wide, high)));
        edges.add(Edge.line("waist", new Point(wide, high), new Point(0, high)));
        edges.add(Edge.line("left", new Point(0, high), new Point(0, 0)));
        Map<String, Allowance> ledger = new HashMap<>();
        edges.forEach(e -> ledger.put(e.name(), e.name().equals("hem") ? hem : seam));
        return new Piece(
                id,
                id,
                new Outline(edges),
                ledger,
                1,
                false,
                CutGrain.LENGTHWISE,
                true,
                Map.of(),
                List.of(),
                List.of());
    }

    /** Without any allowance. */
    static Piece bare(String id, double wide, double high) {
        return rectangle(id, wide, high, Allowance.none(), Allowance.none());
    }
}
