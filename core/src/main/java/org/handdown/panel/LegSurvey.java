package org.handdown.panel;

import java.util.List;
import org.handdown.geometry.Outline;
import org.handdown.source.Layer;
import org.handdown.source.LegShape;
import org.handdown.source.TrousersAnatomy;
import org.handdown.unpick.FreedEdges;

/** A leg panel by the tape: widths between the old stitch lines at heights above the hem; grain and pile run up the crease. */
public record LegSurvey(String id, LegShape shape, FreedEdges edges, List<Flaw> flaws) implements Survey {
    public LegSurvey {
        flaws = Flaw.few(flaws);
    }

    @Override
    public Layer layer() {
        return Layer.SHELL;
    }

    @Override
    public String name() {
        return id.replace('-', ' ') + " leg";
    }

    @Override
    public Outline stitchLine() {
        return TrousersAnatomy.isSideRight(id)
                ? shape.outline()
                : shape.outline().mirrored();
    }

    public LegSurvey withShape(LegShape other) {
        return new LegSurvey(id, other, edges, flaws);
    }

    @Override
    public LegSurvey withFlaws(List<Flaw> others) {
        return new LegSurvey(id, shape, edges, others);
    }
}
