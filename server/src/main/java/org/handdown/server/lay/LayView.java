package org.handdown.server.lay;

import java.util.List;
import org.handdown.cloth.Weave;
import org.handdown.lay.Enough;
import org.handdown.lay.Sureness;
import org.handdown.server.panels.PanelView.FlawView;
import org.handdown.server.panels.PanelView.PanelEdgeView;
import org.jspecify.annotations.Nullable;

/** @param thick where a stitch line runs through several layers, in sentences */
public record LayView(
        List<LayPanelView> panels,
        List<PlacedView> placed,
        List<UnplacedView> unplaced,
        List<RemnantView> remnants,
        String usedArea,
        String clothArea,
        String leftArea,
        double utilisation,
        int keptHems,
        double minutesSaved,
        List<String> thick,
        boolean movedByHand,
        boolean stale) {
    /** A copy as it lies; the ring is in the panel frame, pile points the way its nap runs, in degrees. */
    public record PlacedView(
            String piece,
            String name,
            int copy,
            String variant,
            String panel,
            double x,
            double y,
            double rotation,
            boolean mirrored,
            boolean pinned,
            List<String> variants,
            List<double[]> ring,
            List<double[]> stitchLine,
            @Nullable KeptRun kept) {}

    /** The run of a placed piece that lies on an old finished edge. */
    public record KeptRun(List<double[]> points) {}

    public record UnplacedView(
            String piece, String name, int copy, String reason, String variant, List<double[]> outline) {}

    /**
     * @param size of its largest rectangle along the grain
     * @param edges finished edges that it keeps, with their lengths
     * @param flaws on it, in words
     * @param straight length of straight strips it would yield, joined
     * @param bias length of bias strips
     */
    public record RemnantView(
            String panel,
            List<double[]> outline,
            String size,
            List<String> edges,
            List<String> flaws,
            String straight,
            String bias) {}

    /** How a cloth looks; colour as {@code #rrggbb}. */
    public record LookView(String name, Weave weave, String colour) {}

    /** @param cloth null where the project has it no more */
    public record LayPanelView(
            String id,
            String name,
            List<double[]> outline,
            List<PanelEdgeView> edges,
            List<FlawView> flaws,
            double grainDeg,
            boolean oneWay,
            @Nullable LookView cloth) {}

    /** Quick tests of whether there is cloth enough. */
    public record EnoughView(Enough.Verdict verdict, List<String> sentences) {}

    /** How far the lay may be trusted. */
    public record SurenessView(Sureness.Verdict verdict, String tolerance, List<String> sentences) {}
}
