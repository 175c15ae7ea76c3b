package org.handdown.fit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A panel as the fitter sees it. Panel frame, mm, seen from the right side.
 *
 * @param cloth name of its cloth; empty when not given, and then no piece that lists cloths may lie here
 * @param grainDeg direction of the lengthwise grain
 * @param oneWay pile or print runs along the grain, so that no piece may be turned round
 * @param reversible both sides are alike
 * @param motifs that a piece may want on a certain spot
 */
public record FitPanel(
        String id,
        Ring outline,
        List<Ring> holes,
        List<FlawZone> zones,
        String cloth,
        double grainDeg,
        boolean oneWay,
        boolean reversible,
        List<Repeat> repeats,
        List<PanelRun> edges,
        List<Motif> motifs) {
    /** Without motifs. */
    public FitPanel(
            String id,
            Ring outline,
            List<Ring> holes,
            List<FlawZone> zones,
            String cloth,
            double grainDeg,
            boolean oneWay,
            boolean reversible,
            List<Repeat> repeats,
            List<PanelRun> edges) {
        this(id, outline, holes, zones, cloth, grainDeg, oneWay, reversible, repeats, edges, List.of());
    }

    public FitPanel {
        motifs = List.copyOf(motifs);
        holes = List.copyOf(holes);
        zones = List.copyOf(zones);
        repeats = List.copyOf(repeats);
        edges = List.copyOf(edges);
        FitRing.require("outline", outline);
        for (int i = 0; i < holes.size(); i++) {
            FitRing.require("holes[" + i + "]", holes.get(i));
        }
        for (int i = 0; i < zones.size(); i++) {
            FitRing.require("zones[" + i + "].outline", zones.get(i).outline());
        }
        Map<String, Repeat> seen = new HashMap<>();
        for (Repeat repeat : repeats) {
            if (seen.put(repeat.id(), repeat) != null) {
                throw new RefusedValueException("repeats", Wording.fill("Repeat (%s) stands here twice.", repeat.id()));
            }
        }
        for (int i = 0; i < edges.size(); i++) {
            FitRing.requireRun(
                    "edges[" + i + "]",
                    outline,
                    edges.get(i).from(),
                    edges.get(i).to());
        }
    }

    public FitPanel withZones(List<FlawZone> others) {
        return new FitPanel(id, outline, holes, others, cloth, grainDeg, oneWay, reversible, repeats, edges, motifs);
    }

    public FitPanel withRepeats(List<Repeat> others) {
        return new FitPanel(id, outline, holes, zones, cloth, grainDeg, oneWay, reversible, others, edges, motifs);
    }

    public FitPanel withoutHoles() {
        return new FitPanel(id, outline, List.of(), zones, cloth, grainDeg, oneWay, reversible, repeats, edges, motifs);
    }

    public FitPanel withPile(boolean other) {
        return new FitPanel(id, outline, holes, zones, cloth, grainDeg, other, reversible, repeats, edges, motifs);
    }
}
