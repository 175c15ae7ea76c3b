package org.handdown.panel;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.handdown.cloth.Cloth;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.Motif;
import org.handdown.geometry.Outline;
import org.handdown.source.graph.EdgeFinish;

/**
 * Flat cloth after taking apart, seen from its right side. Panel frame: mm, y up along the crease.
 *
 * @param outline flattened cloth edge, with the vertices each named edge runs between
 * @param stitchLine the old seam lines, inside the outline
 * @param finishes of the edges that live on, with their depth; an edge that is not named is raw
 * @param grainDeg direction of the lengthwise grain; the pile, if any, runs that way
 * @param stripes at most two; two are a check
 */
public record Panel(
        String id,
        String name,
        Outline.Flat outline,
        Outline stitchLine,
        Map<String, EdgeFinish> finishes,
        double grainDeg,
        Cloth cloth,
        List<Flaw> flaws,
        List<Stripes> stripes,
        List<Motif> motifs) {
    /** Lines where the distance along {@code directionDeg} is {@code phaseMm + k · periodMm}; panel frame. */
    public record Stripes(String name, double directionDeg, double periodMm, double phaseMm, boolean matched) {}

    /** The grain of a part as it hung: up. */
    public static final double LENGTHWISE_DEG = 90;

    public Panel {
        finishes = Map.copyOf(finishes);
        flaws = List.copyOf(flaws);
        stripes = List.copyOf(stripes);
        motifs = List.copyOf(motifs);
    }

    /** The same under another id and name. */
    public Panel called(String otherId, String otherName) {
        return new Panel(otherId, otherName, outline, stitchLine, finishes, grainDeg, cloth, flaws, stripes, motifs);
    }

    public EdgeKind kind(String edge) {
        EdgeFinish finish = finishes.get(edge);
        return finish == null ? EdgeKind.RAW : finish.kind();
    }

    /** Depth of the finish along an edge, mm; 0 where it is raw. */
    public double depthMm(String edge) {
        EdgeFinish finish = finishes.get(edge);
        return finish == null ? 0 : finish.depthMm();
    }

    /** Kinds of the finished edges by name. */
    public Map<String, EdgeKind> edgeKinds() {
        Map<String, EdgeKind> kinds = new LinkedHashMap<>();
        finishes.forEach((edge, finish) -> kinds.put(edge, finish.kind()));
        return kinds;
    }

    /** Depth of the deepest finish, mm; 0 without one. */
    public double keptDepthMm() {
        return finishes.values().stream().mapToDouble(EdgeFinish::depthMm).max().orElse(0);
    }
}
