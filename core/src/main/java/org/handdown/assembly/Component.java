package org.handdown.assembly;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/** A flat shape of cloth: a part of a source, a panel, one copy of a piece. A value; the lengths of its edges are measured once. */
public final class Component {
    private final String id;
    private final String name;
    private final Outline outline;
    private final Layer layer;
    private final Map<String, Double> lengths = new HashMap<>();

    /** @param outline between its stitch lines, seen from the right side, counter-clockwise, mm */
    public Component(String id, String name, Outline outline, Layer layer) {
        this.id = id;
        this.name = name;
        this.outline = outline;
        this.layer = layer;
        if (!(outline.ring().signedAreaMm2() > 0)) {
            throw new RefusedValueException("component", Wording.fill("The outline of %s runs clockwise.", name));
        }
        for (Edge edge : outline.edges()) {
            lengths.put(edge.name(), edge.lengthMm());
        }
    }

    public String id() {
        return id;
    }

    public String name() {
        return name;
    }

    public Outline outline() {
        return outline;
    }

    public Layer layer() {
        return layer;
    }

    /** Length of an edge along the stitch line, mm; negative where it has none of that name. */
    double lengthMm(String edge) {
        return lengths.getOrDefault(edge, -1.0);
    }

    /** The whole of one of its edges. */
    public Run whole(String edge) {
        double length = lengthMm(edge);
        return new Run(id, edge, 0, length < 0 ? outline.edge(edge).lengthMm() : length);
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Component c
                && id.equals(c.id)
                && name.equals(c.name)
                && outline.equals(c.outline)
                && layer == c.layer;
    }

    @Override
    public int hashCode() {
        return Objects.hash(id, name, outline, layer);
    }

    @Override
    public String toString() {
        return id;
    }
}
