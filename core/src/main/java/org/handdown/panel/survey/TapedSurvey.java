package org.handdown.panel.survey;

import java.util.Map;
import java.util.Optional;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Outline;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Flaw;
import org.handdown.source.graph.EdgeFinish;
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
        return new FreedEdges(Map.of(), method instanceof Doubled d ? d.finishes(finishes) : finishes);
    }

    @Override
    public Carried lying() {
        return method instanceof Doubled d ? d.lying(carried) : carried;
    }

    /**
     * The same cloth lying double on one of its edges, as it was measured.
     *
     * @throws RefusedValueException where the cloth is not folded there
     */
    public TapedSurvey doubledAt(String fold, Flaw.Treatment crease) {
        Outline line = stitchLine();
        Carried free = carried.freed(line.flattened(), line);
        return new TapedSurvey(
                id,
                name,
                layer,
                new Doubled(method, fold, false, crease),
                finishes,
                free.withLayers(Math.max(1, carried.layers() / 2)));
    }

    /**
     * Opened along its fold, or laid double on it again.
     *
     * @param crease how the old fold is minded on the opened cloth
     * @throws RefusedValueException where it never lay double
     */
    public TapedSurvey lying(boolean open, Flaw.Treatment crease) {
        if (!(method instanceof Doubled d)) {
            throw new RefusedValueException("fold", "This panel is not known to lie double on a fold.");
        }
        Outline line = stitchLine();
        return new TapedSurvey(
                id,
                name,
                layer,
                new Doubled(d.measured(), d.fold(), open, crease),
                finishes,
                carried.freed(line.flattened(), line));
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
