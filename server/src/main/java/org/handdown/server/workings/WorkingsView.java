package org.handdown.server.workings;

import java.util.List;
import org.handdown.body.Passage;
import org.handdown.pattern.Neckline;
import org.jspecify.annotations.Nullable;

public record WorkingsView(List<PassageView> passages, List<NecklineView> necklines) {
    /** @param helped kept closures that would open it far enough */
    public record PassageView(
            String name,
            Passage.Over over,
            String overWords,
            String girth,
            String opens,
            List<RingLayerView> layers,
            boolean passes,
            String sentence,
            List<String> helped) {}

    /** @param stretch in per cent */
    public record RingLayerView(String what, String length, String stretch) {}

    /** @param chalk points of one side, mm, centre front at x = 0 and the neck points at y = 0, y up */
    public record NecklineView(
            String name,
            Neckline.Shape shape,
            String shapeWords,
            String width,
            String depth,
            String back,
            @Nullable BandView band,
            boolean serves,
            List<String> verdict,
            List<String> order,
            double widthMm,
            double depthMm,
            List<double[]> chalk,
            List<String> chalkTexts,
            double notchBaseMm,
            double bandDepthMm) {}

    public record BandView(String rest, String depth, String stretch) {}
}
