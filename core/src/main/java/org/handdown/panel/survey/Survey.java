package org.handdown.panel.survey;

import java.util.List;
import java.util.Optional;
import org.handdown.assembly.Layer;
import org.handdown.cloth.Cloth;
import org.handdown.geometry.Outline;
import org.handdown.measure.Practice;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.unpick.FreedEdges;

/** What a person measured of a flat part: from it the panel is drawn. */
public sealed interface Survey permits LegSurvey, PartSurvey, TapedSurvey {
    /** The part it was. */
    String id();

    Layer layer();

    /** What became of the old edges. */
    FreedEdges edges();

    /** What the cloth carries, told as it was measured: before it was turned over or pressed. */
    Carried carried();

    /** What the cloth carries as it lies now: cloth that was measured double may have been opened since. */
    default Carried lying() {
        return carried();
    }

    default List<Flaw> flaws() {
        return carried().flaws();
    }

    String name();

    /** How far its edges may be off, mm; empty where it is drawn from the source's own measures. */
    default Optional<Double> toleranceMm(Practice practice) {
        return Optional.empty();
    }

    /** The old stitch lines as they were measured; panel frame: mm, y up. */
    Outline stitchLine();

    Survey withCarried(Carried other);

    default Survey withFlaws(List<Flaw> others) {
        return withCarried(carried().withFlaws(others));
    }

    /**
     * The panel this survey draws, of the outer cloth or its lining: its cloth reaches past the old stitch lines by what was won. What
     * was pressed is as much smaller, what was measured with the wrong side up is turned over.
     */
    default Panel panel(Cloth cloth) {
        return SurveyedPanel.of(this, layer() == Layer.SHELL ? cloth : cloth.lining());
    }
}
