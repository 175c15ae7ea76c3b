package org.handdown.panel.survey;

import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;

/**
 * Where the tape lies for one measure of a ready shape; panel frame, mm.
 *
 * @param along from its zero; two points for a straight tape, more where it follows an edge
 * @param lessMm what the tape shows more than the measure asks for: cloth that is folded away when the measure is taken
 */
public record TapeLine(List<Point> along, double lessMm) {
    public TapeLine {
        along = List.copyOf(along);
    }

    static TapeLine straight(Point from, Point to) {
        return new TapeLine(List.of(from, to), 0);
    }

    static TapeLine level(double fromX, double toX, double y) {
        return straight(new Point(fromX, y), new Point(toX, y));
    }

    static TapeLine following(Edge edge) {
        return new TapeLine(edge.flattened(0.05), 0);
    }

    TapeLine less(double mm) {
        return new TapeLine(along, mm);
    }

    /** What the tape would show for the measure, mm. */
    public double mm() {
        return Edge.lengthMm(along) - lessMm;
    }
}
