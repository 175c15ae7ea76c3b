package org.handdown.panel;

import java.util.List;
import org.handdown.cloth.Cloth;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.source.Layer;
import org.handdown.unpick.FreedEdges;

/** What a person measured of a flat part: from it the panel is drawn. */
public sealed interface Survey permits LegSurvey, PartSurvey, TapedSurvey {
    /** The part it was. */
    String id();

    Layer layer();

    /** What became of the old edges. */
    FreedEdges edges();

    List<Flaw> flaws();

    String name();

    /** The old stitch lines; panel frame: mm, y up the lengthwise grain. */
    Outline stitchLine();

    /** The panel this survey draws, of the outer cloth or its lining: its cloth reaches past the old stitch lines by what was won. */
    default Panel panel(Cloth cloth) {
        return new Panel(
                id(),
                name(),
                OffsetOutline.of(stitchLine(), e -> edges().wonMm(e.name())),
                stitchLine(),
                edges().kept(),
                Panel.LENGTHWISE_DEG,
                layer() == Layer.SHELL ? cloth : cloth.lining(),
                flaws());
    }

    Survey withFlaws(List<Flaw> others);
}
