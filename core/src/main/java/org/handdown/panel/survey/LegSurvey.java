package org.handdown.panel.survey;

import org.handdown.assembly.Layer;
import org.handdown.geometry.Outline;
import org.handdown.measure.Wording;
import org.handdown.source.anatomy.TrouserLegs;
import org.handdown.source.shape.LegShape;
import org.handdown.unpick.FreedEdges;

/** A leg panel by the tape: widths between the old stitch lines at heights above the hem; grain and pile run up the crease. */
public record LegSurvey(String id, LegShape shape, FreedEdges edges, Carried carried) implements Survey {
    @Override
    public Layer layer() {
        return Layer.SHELL;
    }

    @Override
    public String name() {
        return Wording.spoken(id) + " leg";
    }

    @Override
    public Outline stitchLine() {
        return TrouserLegs.isSideRight(id) ? shape.outline() : shape.outline().mirrored();
    }

    public LegSurvey withShape(LegShape other) {
        return new LegSurvey(id, other, edges, carried);
    }

    @Override
    public LegSurvey withCarried(Carried other) {
        return new LegSurvey(id, shape, edges, other);
    }
}
