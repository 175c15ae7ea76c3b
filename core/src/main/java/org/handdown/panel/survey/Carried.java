package org.handdown.panel.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.fit.Motif;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.jspecify.annotations.Nullable;

/**
 * What a panel's cloth carries inside its edges.
 *
 * @param grain null where it runs up, as the part hung
 * @param pileDown pile or print runs against the grain's direction
 * @param alike both sides alike; null for what the cloth as a whole says
 * @param wrongSideUp it was measured with its wrong side up: the outline is turned over
 * @param layers of cloth that lie on each other in it, 1 for single cloth
 * @param repeats stripes; a check is two
 * @param pressings what it went through since it was measured, in order; the earlier size is the one without the last
 */
public record Carried(
        List<Flaw> flaws,
        @Nullable Grain grain,
        boolean pileDown,
        @Nullable Boolean alike,
        boolean wrongSideUp,
        int layers,
        List<ClothRepeat> repeats,
        List<Motif> motifs,
        List<Pressing> pressings) {
    public static final Carried NOTHING =
            new Carried(List.of(), null, false, null, false, 1, List.of(), List.of(), List.of());

    private static final int MOST = 20;

    public Carried {
        flaws = Flaw.few(flaws);
        repeats = List.copyOf(repeats);
        motifs = List.copyOf(motifs);
        pressings = List.copyOf(pressings);
        if (!(layers >= 1 && layers <= 6)) {
            throw new RefusedValueException("layers", "A panel has from 1 to 6 layers.");
        }
        if (repeats.size() > 2) {
            throw new RefusedValueException("repeats", "Stripes are one repeat, checks are two; there are no more.");
        }
        if (repeats.stream().map(ClothRepeat::name).distinct().count() < repeats.size()) {
            throw new RefusedValueException("repeats", "The two repeats need different names.");
        }
        if (motifs.size() > MOST || pressings.size() > MOST) {
            throw new RefusedValueException("motifs", "20 motifs and 20 pressings at most.");
        }
    }

    public static Carried of(List<Flaw> flaws) {
        return NOTHING.withFlaws(flaws);
    }

    public Carried withFlaws(List<Flaw> others) {
        return new Carried(others, grain, pileDown, alike, wrongSideUp, layers, repeats, motifs, pressings);
    }

    /**
     * The same on another outline of the panel. What was told from an edge that is no longer there has lost its place: such stripes are
     * counted from the panel's zero and matched to nothing until somebody measures their first line again.
     */
    public Carried on(Outline outline) {
        Set<String> edges = outline.edges().stream().map(Edge::name).collect(Collectors.toSet());
        boolean grainLost = grain instanceof Grain.AlongEdge along && !edges.contains(along.edge());
        List<ClothRepeat> kept = repeats.stream()
                .map(r -> r.edge().isEmpty() || edges.contains(r.edge()) ? r : r.placeless())
                .toList();
        return new Carried(
                flaws, grainLost ? null : grain, pileDown, alike, wrongSideUp, layers, kept, motifs, pressings);
    }

    public Carried withGrain(@Nullable Grain other) {
        return new Carried(flaws, other, pileDown, alike, wrongSideUp, layers, repeats, motifs, pressings);
    }

    public Carried withMotifs(List<Motif> others) {
        return new Carried(flaws, grain, pileDown, alike, wrongSideUp, layers, repeats, others, pressings);
    }

    public Carried withLayers(int others) {
        return new Carried(flaws, grain, pileDown, alike, wrongSideUp, others, repeats, motifs, pressings);
    }

    /** Told of places instead of edges, for an outline of the same frame that has others. */
    public Carried freed(Outline.Flat cloth, Outline line) {
        double grainDeg = grain == null ? Panel.LENGTHWISE_DEG : grain.deg(line);
        Grain free = grain instanceof Grain.AlongEdge
                ? new Grain.Directed(new Point(0, 0), Point.unit(grainDeg).times(100))
                : grain;
        return new Carried(
                flaws,
                free,
                pileDown,
                alike,
                wrongSideUp,
                layers,
                repeats.stream().map(r -> r.freed(cloth, grainDeg)).toList(),
                motifs,
                pressings);
    }

    public Carried withPressed(Pressing pressing) {
        List<Pressing> more = new ArrayList<>(pressings);
        more.add(pressing);
        return withPressings(more);
    }

    public Carried withPressings(List<Pressing> others) {
        return new Carried(flaws, grain, pileDown, alike, wrongSideUp, layers, repeats, motifs, others);
    }
}
