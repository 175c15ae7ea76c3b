package org.handdown.formats.photo;

import org.handdown.geometry.Box;
import org.handdown.geometry.Point;

/** A pinhole over the scene's middle, tilted, behind a lens that bends by one radial term. */
final class TiltedLens {
    private final int width;
    private final int height;
    private final double focal;
    private final double bend;
    private final double[][] turn;
    private final Point middle;
    private final double away;

    TiltedLens(SimulatedCamera.Scene scene, Box shown, int width, int height) {
        this.bend = scene.bend();
        this.width = width;
        this.height = height;
        this.focal = 0.9 * Math.max(width, height);
        double t = Math.toRadians(scene.tiltDeg());
        double a = Math.toRadians(scene.towardsDeg());
        double c = Math.cos(t);
        double s = Math.sin(t);
        double x = Math.cos(a);
        double y = Math.sin(a);
        // Turned by t about the axis (x, y, 0): Rodrigues' formula.
        this.turn = new double[][] {
            {c + x * x * (1 - c), x * y * (1 - c), y * s},
            {x * y * (1 - c), c + y * y * (1 - c), -x * s},
            {-y * s, x * s, c}
        };
        this.middle = shown.middle();
        // Far enough that all that is to be shown is in the picture, tilt and all.
        double wide = shown.widthMm() / (width / focal);
        double high = shown.heightMm() / (height / focal);
        this.away = Math.max(wide, high) * (1 + 0.9 * s);
    }

    Point toScene(double px, double py) {
        double half = Math.hypot(width, height) / 2;
        double u = (px - width / 2.0) / half;
        double v = (py - height / 2.0) / half;
        // What is seen lies nearer the middle than it is; undone by fixed-point steps.
        double r = 1;
        for (int i = 0; i < 6; i++) {
            r = 1 - bend * (u * u + v * v) / (r * r);
        }
        double x = u / r * half / focal;
        double y = -v / r * half / focal;
        double[] ray = new double[3];
        for (int i = 0; i < 3; i++) {
            ray[i] = turn[i][0] * x + turn[i][1] * y - turn[i][2];
        }
        // The camera stands where its axis meets the scene's middle.
        double cx = middle.x() + turn[0][2] * away;
        double cy = middle.y() + turn[1][2] * away;
        double cz = turn[2][2] * away;
        double far = -cz / ray[2];
        return new Point(cx + far * ray[0], cy + far * ray[1]);
    }

    /** By Newton's steps on the way back. */
    Point toPicture(Point scenePoint) {
        Point p = new Point(width / 2.0, height / 2.0);
        for (int i = 0; i < 40; i++) {
            Point at = toScene(p.x(), p.y());
            Point dx = toScene(p.x() + 1, p.y()).minus(at);
            Point dy = toScene(p.x(), p.y() + 1).minus(at);
            Point off = scenePoint.minus(at);
            double det = dx.cross(dy);
            p = p.plus(new Point(off.cross(dy) / det, dx.cross(off) / det));
            if (off.lengthMm() < 1e-7) {
                break;
            }
        }
        return p;
    }
}
