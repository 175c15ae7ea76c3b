package org.handdown.panel.survey;

import java.util.Map;
import java.util.Optional;
import org.handdown.geometry.Outline;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.Layer;
import org.handdown.unpick.FreedEdges;

/** A panel measured on the cloth itself: its outline is the cloth's edge, whatever the source was drawn like. */
public record TapedSurvey(
        String id, String name, Layer layer, OutlineMethod method, Map<String, EdgeFinish> finishes, Carried carried)
        implements Survey {
    public TapedSurvey {
        finishes = Map.copyOf(finishes);
    }

    /** Nothing lies outside what was measured. */
    @Override
    public FreedEdges edges() {
        return new FreedEdges(Map.of(), finishes);
    }

    @Override
    public Optional<Double> toleranceMm(Practice practice) {
        return Optional.of(method.toleranceMm(practice.toleranceMm(Origin.TAPE)));
    }

    @Override
    public Outline stitchLine() {
        return method.outline();
    }

    @Override
    public TapedSurvey withCarried(Carried other) {
        return new TapedSurvey(id, name, layer, method, finishes, other);
    }
}
