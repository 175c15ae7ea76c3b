package org.handdown.source.graph;

import java.util.List;
import java.util.Optional;
import org.handdown.assembly.Assembly;
import org.handdown.geometry.Edge;
import org.handdown.measure.RefusedValueException;

/** How a source is built: parts held together by joins, with the cloth folded away in them and their closures. */
public record Anatomy(
        List<Part> parts, List<Join> joins, List<Fold> folds, List<Closure> closures, List<FlatView> views) {
    public Anatomy {
        parts = List.copyOf(parts);
        joins = List.copyOf(joins);
        folds = List.copyOf(folds);
        closures = List.copyOf(closures);
        views = List.copyOf(views);
    }

    public Part part(String id) {
        return findPart(id).orElseThrow(() -> new RefusedValueException("part", "There is no part (" + id + ")."));
    }

    public Optional<Part> findPart(String id) {
        return parts.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Join join(String id) {
        return joins.stream()
                .filter(j -> j.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedValueException("join", "There is no join (" + id + ")."));
    }

    /** Folds that draw a girth in: sewn into an edge that runs across. One along a side takes up length. */
    public List<Fold> foldsAcross() {
        return folds.stream()
                .filter(f -> part(f.part()).outline().edges().stream()
                        .filter(e -> e.name().equals(f.edge()))
                        .noneMatch(Edge::isUpright))
                .toList();
    }

    public List<Part> mainParts() {
        return parts.stream().filter(Part::isMain).toList();
    }

    /** The same as an assembly: components, seams by their stretches, closures; joins keep their ids. */
    public Assembly assembly() {
        return SewnSource.of(this);
    }

    /** Joins with a run on this part. */
    public List<Join> joinsOf(String part) {
        return joins.stream().filter(j -> j.touches(part)).toList();
    }
}
