package org.handdown.source.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.OutlineCut;
import org.handdown.geometry.Point;

/**
 * A sleeve in two pieces with the seams of neither under the arm: the outer strips of a sleeve in one piece, put together where its seam
 * was, make the under sleeve (common practice, no source).
 *
 * @param upper edges {@code hem, seam-right, head, seam-left}
 * @param under the same
 */
public record TwoPieceSleeve(Outline upper, Outline under) {
    /** What the upper sleeve keeps of the width at every height. */
    private static final double UPPER_SHARE = 0.62;

    /** @param whole a sleeve in one piece, its underarm seam straight: edges hem, underarm-right, head, underarm-left */
    public static TwoPieceSleeve of(Outline whole) {
        Point end = whole.edge("underarm-right").start();
        Point top = whole.edge("underarm-right").end();
        Point low = new Point(UPPER_SHARE * end.x(), 0);
        Point high = new Point(UPPER_SHARE * top.x(), top.y());
        OutlineCut right = OutlineCut.of(whole, low, high, "seam-right");
        OutlineCut left = OutlineCut.of(right.left(), flip(low), flip(high), "seam-left");
        Outline strip = left.left();
        Edge seam = strip.edge("underarm-left");
        // The strip of the right side, turned and moved so that its half of the old seam lies on that of the left one.
        UnaryOperator<Point> onto = onto(whole.edge("underarm-right").reversed(), seam);
        Outline other = right.right();
        List<Edge> edges = new ArrayList<>();
        edges.add(Edge.joined("hem", other.edge("hem").map(onto), strip.edge("hem")));
        edges.add(strip.edge("seam-left").named("seam-right"));
        edges.add(Edge.joined("head", strip.edge("head"), other.edge("head").map(onto)));
        edges.add(other.edge("seam-right").map(onto).named("seam-left"));
        // The old seam, its middle, stands upright as the grain does.
        UnaryOperator<Point> upright = onto(seam, Edge.line("", new Point(0, seam.lengthMm()), new Point(0, 0)));
        return new TwoPieceSleeve(
                left.right(),
                new Outline(edges.stream().map(e -> e.map(upright)).toList()));
    }

    private static Point flip(Point p) {
        return p.mirrored();
    }

    /** The rigid motion that lays one straight edge on another as long. */
    private static UnaryOperator<Point> onto(Edge from, Edge to) {
        Point a = from.end().minus(from.start());
        Point b = to.end().minus(to.start());
        double cos = a.dot(b) / (a.lengthMm() * b.lengthMm());
        double sin = a.cross(b) / (a.lengthMm() * b.lengthMm());
        return p -> {
            Point q = p.minus(from.start());
            return to.start().plus(new Point(q.x() * cos - q.y() * sin, q.x() * sin + q.y() * cos));
        };
    }
}
