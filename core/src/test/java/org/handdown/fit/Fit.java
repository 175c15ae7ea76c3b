package org.handdown.fit;

import java.util.List;
import java.util.Set;
import org.handdown.fit.search.Fitter;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Ring;
import org.jspecify.annotations.Nullable;

/** Short words for fitting problems in tests. */
public final class Fit {
    public static final Ring SQUARE_100 = Ring.rectangle(0, 0, 100, 100);

    private Fit() {}

    public static FitPanel panel(String id, Ring outline) {
        return new FitPanel(id, outline, List.of(), List.of(), "cord", 90, true, false, List.of(), List.of());
    }

    public static FitPanel with(FitPanel p, List<Ring> holes, List<FlawZone> zones) {
        return changed(p, holes, zones, p.grainDeg(), p.oneWay(), p.reversible(), p.repeats(), p.edges(), p.motifs());
    }

    public static FitPanel with(FitPanel p, boolean oneWay, boolean reversible, double grainDeg) {
        return changed(p, p.holes(), p.zones(), grainDeg, oneWay, reversible, p.repeats(), p.edges(), p.motifs());
    }

    public static FitPanel striped(FitPanel p, Repeat... repeats) {
        return changed(
                p,
                p.holes(),
                p.zones(),
                p.grainDeg(),
                p.oneWay(),
                p.reversible(),
                List.of(repeats),
                p.edges(),
                p.motifs());
    }

    public static FitPanel printed(FitPanel p, Motif... motifs) {
        return changed(
                p,
                p.holes(),
                p.zones(),
                p.grainDeg(),
                p.oneWay(),
                p.reversible(),
                p.repeats(),
                p.edges(),
                List.of(motifs));
    }

    public static FitPanel hemmed(FitPanel p, int from, int to) {
        List<PanelRun> hem = List.of(new PanelRun("old hem", EdgeKind.HEM, from, to));
        return changed(p, p.holes(), p.zones(), p.grainDeg(), p.oneWay(), p.reversible(), p.repeats(), hem, p.motifs());
    }

    private static FitPanel changed(
            FitPanel p,
            List<Ring> holes,
            List<FlawZone> zones,
            double grainDeg,
            boolean oneWay,
            boolean reversible,
            List<Repeat> repeats,
            List<PanelRun> edges,
            List<Motif> motifs) {
        return new FitPanel(
                p.id(), p.outline(), holes, zones, p.cloth(), grainDeg, oneWay, reversible, repeats, edges, motifs);
    }

    public static FitPiece piece(String id, Ring outline, int quantity) {
        return piece(
                id,
                quantity,
                Handed.SAME,
                PieceGrain.LENGTHWISE,
                new FitPiece.Variant("plain", outline, List.of(), null, 0));
    }

    public static FitPiece piece(
            String id, int quantity, Handed handed, PieceGrain grain, FitPiece.Variant... variants) {
        return new FitPiece(id, quantity, handed, List.of(), grain, 0, true, null, List.of(variants), List.of());
    }

    /** Copies along the grain that must meet in the pattern at these points. */
    public static FitPiece matched(Ring outline, int quantity, FitPiece.Match... matches) {
        return piece("a", outline, quantity).withMatches(List.of(matches));
    }

    public static FitPiece.Variant variant(
            String id, Ring outline, FitPiece.@Nullable Anchor anchor, double bonus, Ring... hidden) {
        return new FitPiece.Variant(id, outline, List.of(hidden), anchor, bonus);
    }

    public static FitPiece.Anchor onHem(int from, int to) {
        return new FitPiece.Anchor(from, to, Set.of(EdgeKind.HEM));
    }

    public static FitProblem fill(List<FitPanel> panels, FitPiece... pieces) {
        return new FitProblem(Objective.FILL, 0, 0, panels, List.of(pieces));
    }

    public static Placed at(String piece, int copy, double x, double y) {
        return at(piece, copy, x, y, 0, false);
    }

    public static Placed at(String piece, int copy, double x, double y, double rotation, boolean mirrored) {
        return new Placed(piece, copy, "plain", "p", new Placement(x, y, rotation, mirrored));
    }

    public static FitLayout fit(FitProblem problem, long steps) {
        return Fitter.fit(problem, new Fitter.Budget(Double.POSITIVE_INFINITY, steps, 1, 1));
    }
}
