package org.handdown.panel.survey;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.handdown.fit.EdgeKind;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.source.graph.EdgeFinish;

/**
 * Cloth that was measured lying double on a fold, in both its states: as it lay, and opened along the fold to twice its width. The panel's
 * frame is the one of {@code measured} in both, so that what was marked in the one keeps its place in the other.
 *
 * @param measured the cloth as it lay double
 * @param fold its edge that is no edge but the fold
 * @param opened lies single now
 * @param crease how the old fold is to be minded on the opened cloth: a crease that stays shows
 */
public record Doubled(OutlineMethod measured, String fold, boolean opened, Flaw.Treatment crease)
        implements OutlineMethod {
    /** A fold is a straight line; an edge that bows more is none, mm (common practice, no source). */
    private static final double STRAIGHT_MM = 3;

    /** Cloth past the fold line would lie on itself once opened, mm. */
    private static final double BEYOND_MM = 1;

    private static final double CREASE_MM = 4;

    public Doubled {
        requireFoldOf(measured.outline(), fold);
    }

    private static void requireFoldOf(Outline outline, String fold) {
        Edge edge = outline.find(fold)
                .orElseThrow(() ->
                        new RefusedValueException("fold", Wording.fill("This panel has no edge called “%s”.", fold)));
        Point from = edge.start();
        double length = from.distanceMm(edge.end());
        if (length < 20) {
            throw new RefusedValueException("fold", Wording.of("A fold is at least 20 mm long."));
        }
        Point left = edge.end().minus(from).times(1 / length).left();
        double bow = edge.flattened(0.5).stream()
                .mapToDouble(p -> Math.abs(p.minus(from).dot(left)))
                .max()
                .orElse(0);
        if (bow > STRAIGHT_MM) {
            throw new RefusedValueException(
                    "fold",
                    Wording.fill(
                            "That edge bows by %.0f mm; a fold is straight. Choose the edge that the cloth is folded at.",
                            bow));
        }
        double beyond = outline.ring().points().stream()
                .mapToDouble(p -> -p.minus(from).dot(left))
                .max()
                .orElse(0);
        if (beyond > bow + BEYOND_MM) {
            throw new RefusedValueException(
                    "fold",
                    Wording.fill(
                            "Cloth reaches %.0f mm past that line, so it cannot be opened there. Measure the two parts apart.",
                            beyond));
        }
    }

    /** The same cloth measured anew as it lay double. */
    public Doubled measuredAs(OutlineMethod other) {
        return new Doubled(other, fold, opened, crease);
    }

    private Edge edge() {
        return measured.outline().edge(fold);
    }

    @Override
    public Outline outline() {
        return opened ? whole() : measured.outline();
    }

    private Outline whole() {
        List<Edge> edges = measured.outline().edges();
        int at = edges.indexOf(edge());
        List<Edge> half = Stream.concat(edges.subList(at + 1, edges.size()).stream(), edges.subList(0, at).stream())
                .toList();
        List<Edge> both = new ArrayList<>(half);
        for (int i = half.size() - 1; i >= 0; i--) {
            Edge one = half.get(i);
            both.add(one.map(this::across).reversed().named(other(one.name())));
        }
        return new Outline(both);
    }

    /** Name of an edge on the half that lay below. */
    private String other(String edge) {
        String name = edge + "-2";
        while (measured.outline().find(name).isPresent()) {
            name += "b";
        }
        return name;
    }

    /** The same place on the other half. */
    Point across(Point p) {
        Point from = edge().start();
        Point way = edge().end().minus(from);
        Point unit = way.times(1 / way.lengthMm());
        Point off = p.minus(from);
        double out = off.dot(unit.left());
        return p.minus(unit.left().times(2 * out));
    }

    private boolean liesBelow(Point p) {
        Point way = edge().end().minus(edge().start());
        return p.minus(edge().start()).dot(way.left()) < 0;
    }

    /** The same finishes on either half; the fold itself while it is one. */
    Map<String, EdgeFinish> finishes(Map<String, EdgeFinish> told) {
        Map<String, EdgeFinish> all = new HashMap<>(told);
        if (!opened) {
            all.put(fold, new EdgeFinish(EdgeKind.FOLD, 0));
            return all;
        }
        all.remove(fold);
        told.forEach((edge, finish) -> {
            if (!edge.equals(fold) && measured.outline().find(edge).isPresent()) {
                all.put(other(edge), finish);
            }
        });
        return all;
    }

    /**
     * What the cloth carries as it lies now. Double it has twice the layers, and a flaw of the half below lies under the same place of the
     * upper one; opened, the old fold is marked.
     */
    Carried lying(Carried told) {
        List<Flaw> flaws = new ArrayList<>();
        if (opened) {
            flaws.addAll(told.flaws());
            flaws.add(new Flaw(
                    crease, Flaw.Kind.CREASE, "old fold", new Flaw.Strip(edge().start(), edge().end(), CREASE_MM)));
            return told.withFlaws(flaws);
        }
        for (Flaw flaw : told.flaws()) {
            flaws.add(liesBelow(flaw.centre()) ? flaw.moved(this::across, 1) : flaw);
        }
        return told.withFlaws(flaws)
                .withMotifs(told.motifs().stream()
                        .filter(m -> !liesBelow(m.centre()))
                        .toList())
                .withLayers(told.layers() * 2);
    }

    /** The old fold of a panel that lies open: it is the last of its flaws. */
    public static Flaw creaseOf(Panel panel) {
        return panel.flaws().get(panel.flaws().size() - 1);
    }

    /** A point of the half below is as far off as its own twin, and by the fold line as much again. */
    @Override
    public double toleranceMm(double tapeMm) {
        return measured.toleranceMm(tapeMm) * (opened ? 2 : 1);
    }

    @Override
    public List<String> findings() {
        List<String> all = new ArrayList<>(measured.findings());
        if (opened) {
            all.add("It was measured double: look the half that lay below over for faults, and press the fold out.");
        }
        return all;
    }
}
