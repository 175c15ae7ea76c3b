package org.handdown.panel;

import java.util.List;
import org.handdown.geometry.Outline;
import org.handdown.source.Layer;
import org.handdown.unpick.FreedEdges;

/** A part as its source's measures draw it. */
public record PartSurvey(String id, String name, Layer layer, Outline stitchLine, FreedEdges edges, List<Flaw> flaws)
        implements Survey {
    public PartSurvey {
        flaws = Flaw.few(flaws);
    }

    @Override
    public PartSurvey withFlaws(List<Flaw> others) {
        return new PartSurvey(id, name, layer, stitchLine, edges, others);
    }
}
