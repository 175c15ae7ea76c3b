package org.handdown.geometry;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A region drawn in by a little, corners kept sharp: every edge is moved to its inner side, the ends are joined, and of the loops that
 * arise only the inside is kept (winding number above 0). Nothing that is left lies nearer to the old outline than the distance.
 */
final class DrawnIn {
    private static final double STEPS_PER_MM = 1e5;
    /** A sharper notch is cut off square rather than drawn out to a point: its turn, as 1 + cos. */
    private static final double SHARPEST = 0.5;

    private final double mm;
    private double[] lines = new double[512];
    private int size;
    private double startX = Double.NaN;
    private double startY;
    private double lastX;
    private double lastY;

    private DrawnIn(double mm) {
        this.mm = mm;
    }

    /**
     * @param mm at least 0
     * @return empty where rounding left the outline open
     */
    static Optional<Region> of(Region region, double mm) {
        DrawnIn drawn = new DrawnIn(mm);
        region.outerRings().forEach(drawn::add);
        region.holes().forEach(hole -> drawn.add(hole.reversed()));
        double[] all = Arrays.copyOf(drawn.lines, drawn.size);
        return new FaceTracer(all, all, STEPS_PER_MM).where(winding -> winding > 0);
    }

    /** The inside lies left of the ring. */
    private void add(Ring ring) {
        List<Point> points = ring.points();
        int n = points.size();
        startX = Double.NaN;
        for (int i = 0; i < n; i++) {
            Point p = points.get(i);
            corner(
                    p,
                    p.minus(points.get((i + n - 1) % n)),
                    points.get((i + 1) % n).minus(p));
        }
        line(startX, startY);
    }

    private void corner(Point p, Point in, Point out) {
        double inLength = in.lengthMm();
        double outLength = out.lengthMm();
        if (inLength == 0 || outLength == 0) {
            return;
        }
        double ux = in.x() / inLength;
        double uy = in.y() / inLength;
        double vx = out.x() / outLength;
        double vy = out.y() / outLength;
        double cross = ux * vy - uy * vx;
        double along = 1 + ux * vx + uy * vy;
        // By this much both edges get shorter at a convex corner, longer at a hollow one.
        double shorter = mm * Math.abs(cross) / Math.max(along, 1e-12);
        if (cross > 0 && (along < SHARPEST || shorter > Math.min(inLength, outLength))) {
            to(p.x() - uy * mm, p.y() + ux * mm);
            to(p.x(), p.y());
            to(p.x() - vy * mm, p.y() + vx * mm);
        } else if (along < SHARPEST) {
            square(p, ux, uy, vx, vy, along);
        } else {
            to(p.x() - (uy + vy) * mm / along, p.y() + (ux + vx) * mm / along);
        }
    }

    /** Across the tip of a sharp notch, at the distance from it. */
    private void square(Point p, double ux, double uy, double vx, double vy, double along) {
        double half = Math.sqrt(along / 2);
        double reach = mm * (1 - half) / Math.sqrt(Math.max(1e-12, 1 - half * half));
        to(p.x() - uy * mm + ux * reach, p.y() + ux * mm + uy * reach);
        to(p.x() - vy * mm - vx * reach, p.y() + vx * mm - vy * reach);
    }

    private void to(double xMm, double yMm) {
        if (Double.isNaN(startX)) {
            startX = xMm;
            startY = yMm;
            lastX = xMm;
            lastY = yMm;
        } else {
            line(xMm, yMm);
        }
    }

    private void line(double x, double y) {
        if (x == lastX && y == lastY) {
            return;
        }
        if (size == lines.length) {
            lines = Arrays.copyOf(lines, 2 * size);
        }
        lines[size++] = lastX;
        lines[size++] = lastY;
        lines[size++] = x;
        lines[size++] = y;
        lastX = x;
        lastY = y;
    }
}
