package org.handdown.panel.survey;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;

/** The points an outline was walked by, so that they can be corrected; the reverse of drawing it through them. */
public final class WalkedPoints {
    /** Smooth curves turn less than this where one segment follows another. */
    private static final double SMOOTH_DEG = 3;

    private WalkedPoints() {}

    /** Counter-clockwise from the first edge's start; each edge is named where it begins. */
    public static List<TapePoint> of(Outline outline) {
        List<TapePoint> points = new ArrayList<>();
        for (Edge edge : outline.edges()) {
            for (int i = 0; i < edge.segments().size(); i++) {
                Segment s = edge.segments().get(i);
                boolean smooth = i > 0
                        && s instanceof Segment.Cubic
                        && edge.segments().get(i - 1) instanceof Segment.Cubic before
                        && turnDeg(before, (Segment.Cubic) s) < SMOOTH_DEG;
                points.add(new TapePoint(s.start(), !smooth, i == 0 ? edge.name() : ""));
            }
        }
        return points;
    }

    private static double turnDeg(Segment.Cubic before, Segment.Cubic after) {
        Point in = before.end().minus(before.handle2());
        Point out = after.handle1().minus(after.start());
        return in.lengthMm() < 1e-6 || out.lengthMm() < 1e-6
                ? 0
                : Math.abs(Placement.turnBetweenDeg(in.directionDeg(), out.directionDeg()));
    }
}
