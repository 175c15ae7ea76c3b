package org.handdown.panel;

import java.util.List;
import java.util.Map;
import org.handdown.geometry.Outline;
import org.handdown.source.EdgeFinish;
import org.handdown.source.Layer;
import org.handdown.unpick.FreedEdges;

/** A panel measured on the cloth itself: its outline is the cloth's edge, whatever the source was drawn like. */
public record TapedSurvey(
        String id, String name, Layer layer, TapeMethod method, Map<String, EdgeFinish> finishes, List<Flaw> flaws)
        implements Survey {
    public TapedSurvey {
        finishes = Map.copyOf(finishes);
        flaws = Flaw.few(flaws);
    }

    /** Nothing lies outside what was measured. */
    @Override
    public FreedEdges edges() {
        return new FreedEdges(Map.of(), finishes);
    }

    @Override
    public Outline stitchLine() {
        return method.outline();
    }

    @Override
    public TapedSurvey withFlaws(List<Flaw> others) {
        return new TapedSurvey(id, name, layer, method, finishes, others);
    }
}
