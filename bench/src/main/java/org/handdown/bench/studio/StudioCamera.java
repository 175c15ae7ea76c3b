package org.handdown.bench.studio;

/** A pinhole behind a lens of four terms (Brown, 1971), so far from the table that all that is to be shown is in its picture. */
final class StudioCamera {
    private final Setting s;
    private final double half;
    private final double midX;
    private final double midY;
    private final double[] box;
    private final double[][] turn = new double[3][3];
    private final double[] eye = new double[3];

    /** @param box of the scene, mm: least x and y, most x and y */
    StudioCamera(Setting setting, double[] box) {
        this.s = setting;
        this.box = box;
        this.half = Math.hypot(s.width, s.height) / 2;
        this.midX = s.width * (0.5 + s.offX);
        this.midY = s.height * (0.5 + s.offY);
        aim();
        double near = 100;
        double far = 20_000;
        for (int i = 0; i < 50; i++) {
            double middle = (near + far) / 2;
            stand(middle);
            if (allIn()) {
                far = middle;
            } else {
                near = middle;
            }
        }
        stand(far);
    }

    /** Rows: the camera's right, down and forward in the scene. */
    private void aim() {
        double t = Math.toRadians(s.tiltDeg);
        double a = Math.toRadians(s.towardsDeg);
        double[] forward = {Math.sin(t) * Math.cos(a), Math.sin(t) * Math.sin(a), -Math.cos(t)};
        double r = Math.toRadians(s.rollDeg);
        double[] up = {Math.sin(r), Math.cos(r), 0};
        double[] right = unit(cross(forward, up));
        double[] down = cross(forward, right);
        turn[0] = right;
        turn[1] = down;
        turn[2] = forward;
    }

    private void stand(double away) {
        double x = (box[0] + box[2]) / 2;
        double y = (box[1] + box[3]) / 2;
        eye[0] = x - turn[2][0] * away;
        eye[1] = y - turn[2][1] * away;
        eye[2] = -turn[2][2] * away;
    }

    private boolean allIn() {
        for (int i = 0; i < 4; i++) {
            double[] p = toPicture(box[i % 2 * 2], box[i / 2 * 2 + 1], 0);
            if (Math.abs(p[0] / s.width - 0.5) > s.fills / 2 || Math.abs(p[1] / s.height - 0.5) > s.fills / 2) {
                return false;
            }
        }
        return true;
    }

    /** Where something shows, pixels. */
    double[] toPicture(double x, double y, double z) {
        double[] d = {x - eye[0], y - eye[1], z - eye[2]};
        double w = dot(turn[2], d);
        double[] bent = bent(dot(turn[0], d) / w, dot(turn[1], d) / w);
        return new double[] {midX + s.focal * half * bent[0], midY + s.focal * half * bent[1]};
    }

    private double[] bent(double x, double y) {
        double r2 = x * x + y * y;
        double radial = 1 + s.k1 * r2 + s.k2 * r2 * r2;
        return new double[] {
            x * radial + 2 * s.p1 * x * y + s.p2 * (r2 + 2 * x * x),
            y * radial + s.p1 * (r2 + 2 * y * y) + 2 * s.p2 * x * y
        };
    }

    /** The place at a height that a ray meets. */
    void hit(double px, double py, double z, double[] at) {
        double dx = (px - midX) / s.focal / half;
        double dy = (py - midY) / s.focal / half;
        double x = dx;
        double y = dy;
        for (int i = 0; i < 5; i++) {
            double r2 = x * x + y * y;
            double radial = 1 + s.k1 * r2 + s.k2 * r2 * r2;
            double bx = x * radial + 2 * s.p1 * x * y + s.p2 * (r2 + 2 * x * x);
            double by = y * radial + s.p1 * (r2 + 2 * y * y) + 2 * s.p2 * x * y;
            x += dx - bx;
            y += dy - by;
        }
        double rx = turn[0][0] * x + turn[1][0] * y + turn[2][0];
        double ry = turn[0][1] * x + turn[1][1] * y + turn[2][1];
        double rz = turn[0][2] * x + turn[1][2] * y + turn[2][2];
        double t = (z - eye[2]) / rz;
        at[0] = eye[0] + t * rx;
        at[1] = eye[1] + t * ry;
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    private static double[] unit(double[] a) {
        double l = Math.sqrt(dot(a, a));
        return new double[] {a[0] / l, a[1] / l, a[2] / l};
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
}
