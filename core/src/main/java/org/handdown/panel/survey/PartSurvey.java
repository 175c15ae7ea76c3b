package org.handdown.panel.survey;

import org.handdown.assembly.Layer;
import org.handdown.geometry.Outline;
import org.handdown.unpick.FreedEdges;

/** A part as its source's measures draw it. */
public record PartSurvey(String id, String name, Layer layer, Outline stitchLine, FreedEdges edges, Carried carried)
        implements Survey {
    @Override
    public PartSurvey withCarried(Carried other) {
        return new PartSurvey(id, name, layer, stitchLine, edges, other);
    }
}
