package org.handdown.formats.outline;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;

/** Reads the runs of a drawn shape, each from where the pen is put down, into segments in mm, y up. */
final class RunReader {
    private final OutlineGathering gathering;
    private final String name;
    private final SvgFrame frame;
    private List<Segment> run = new ArrayList<>();
    private Point at = new Point(0, 0);
    private Point start = at;

    /** @param name that a person gave the shape */
    RunReader(OutlineGathering gathering, String name, SvgFrame frame) {
        this.gathering = gathering;
        this.name = name;
        this.frame = frame;
    }

    private void finish() {
        gathering.take(run, name, frame.group());
        run = new ArrayList<>();
    }

    void read(Shape shape) {
        double[] c = new double[6];
        for (PathIterator i = shape.getPathIterator(frame.toMm()); !i.isDone(); i.next()) {
            gathering.count(1);
            switch (i.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> {
                    finish();
                    at = up(c, 0);
                    start = at;
                }
                case PathIterator.SEG_LINETO -> {
                    Point to = up(c, 0);
                    run.add(new Segment.Line(at, to));
                    at = to;
                }
                case PathIterator.SEG_QUADTO -> {
                    Point handle = up(c, 0);
                    Point to = up(c, 2);
                    run.add(new Segment.Cubic(at, at.between(handle, 2.0 / 3), to.between(handle, 2.0 / 3), to));
                    at = to;
                }
                case PathIterator.SEG_CUBICTO -> {
                    Point to = up(c, 4);
                    run.add(new Segment.Cubic(at, up(c, 0), up(c, 2), to));
                    at = to;
                }
                default -> {
                    run.add(new Segment.Line(at, start));
                    at = start;
                    finish();
                }
            }
        }
        finish();
    }

    private static Point up(double[] c, int i) {
        if (!(Math.abs(c[i]) < 1e7 && Math.abs(c[i + 1]) < 1e7)) {
            throw SvgOutlines.refused(
                    "A point of the drawing lies kilometres away. Say below what one unit of the drawing is, or save it anew.");
        }
        return new Point(c[i], -c[i + 1]);
    }
}
