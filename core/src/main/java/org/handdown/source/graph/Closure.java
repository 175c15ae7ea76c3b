package org.handdown.source.graph;

import java.util.List;

/**
 * Buttons, a zip or the like along an edge of a part.
 *
 * @param atMm where the buttons or hooks sit, from the start of the edge; empty for a zip
 * @param lineMm how far the line of buttons lies inside the edge: the true centre line
 * @param diameterMm of a button; 0 for a zip
 */
public record Closure(
        String id, Kind kind, String part, String edge, List<Double> atMm, double lineMm, double diameterMm) {
    public enum Kind {
        BUTTONS,
        ZIP,
        HOOKS
    }

    public Closure {
        atMm = List.copyOf(atMm);
    }
}
