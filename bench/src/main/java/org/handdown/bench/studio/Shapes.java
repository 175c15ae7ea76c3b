package org.handdown.bench.studio;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Outlines of panels and scraps, drawn here and nowhere else; mm, counter-clockwise. */
final class Shapes {
    private Shapes() {}

    static final int KINDS = 7;

    static Patch of(int kind, Random chance) {
        double s = 0.8 + 0.35 * chance.nextDouble();
        return new Patch(
                switch (kind % KINDS) {
                    case 0 -> path(s, 0, 0, 420, 0, 400, 360, 300, 540, 120, 540, 20, 360);
                    case 1 -> leg(s);
                    case 2 -> front(s);
                    case 3 -> sleeve(s);
                    case 4 -> path(s, 0, 0, 520, 0, 520, 380, 0, 380);
                    case 5 -> flared(s);
                    default -> scrap(s, chance);
                });
    }

    private static List<double[]> path(double s, double... xy) {
        List<double[]> ring = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            ring.add(new double[] {s * xy[i], s * xy[i + 1]});
        }
        return ring;
    }

    /** A quadratic curve from the last point. */
    private static void curve(List<double[]> ring, double s, double bx, double by, double cx, double cy) {
        double[] a = ring.get(ring.size() - 1);
        for (int i = 1; i <= 40; i++) {
            double t = i / 40.0;
            ring.add(new double[] {
                (1 - t) * (1 - t) * a[0] + 2 * t * (1 - t) * s * bx + t * t * s * cx,
                (1 - t) * (1 - t) * a[1] + 2 * t * (1 - t) * s * by + t * t * s * cy
            });
        }
    }

    private static List<double[]> leg(double s) {
        List<double[]> ring = path(s, 60, 0, 260, 0);
        curve(ring, s, 268, 330, 350, 660);
        curve(ring, s, 285, 690, 280, 910);
        ring.addAll(path(s, 70, 930));
        curve(ring, s, 40, 500, 60, 0);
        ring.remove(ring.size() - 1);
        return ring;
    }

    private static List<double[]> front(double s) {
        List<double[]> ring = path(s, 0, 0, 250, 0, 258, 380);
        curve(ring, s, 190, 400, 200, 560);
        ring.addAll(path(s, 90, 600));
        curve(ring, s, 85, 500, 0, 500);
        return ring;
    }

    private static List<double[]> sleeve(double s) {
        List<double[]> ring = path(s, 90, 0, 330, 0, 420, 400);
        curve(ring, s, 330, 420, 290, 500);
        curve(ring, s, 210, 620, 130, 500);
        curve(ring, s, 90, 420, 0, 400);
        return ring;
    }

    private static List<double[]> flared(double s) {
        List<double[]> ring = path(s, 0, 40);
        curve(ring, s, 280, -40, 560, 40);
        ring.addAll(path(s, 390, 600));
        curve(ring, s, 280, 575, 170, 600);
        return ring;
    }

    private static List<double[]> scrap(double s, Random chance) {
        List<double[]> ring = new ArrayList<>();
        double[] wave = {chance.nextDouble(), chance.nextDouble(), chance.nextDouble()};
        for (int i = 0; i < 160; i++) {
            double t = 2 * Math.PI * i / 160;
            double r = 230
                    * (1
                            + 0.14 * Math.sin(2 * t + 6 * wave[0])
                            + 0.08 * Math.sin(3 * t + 6 * wave[1])
                            + 0.04 * Math.sin(5 * t + 6 * wave[2]));
            ring.add(new double[] {s * (260 + 1.2 * r * Math.cos(t)), s * (240 + r * Math.sin(t))});
        }
        return ring;
    }

    /** A closed shape of a few points as a patch, moved and turned. */
    static Patch placed(double x, double y, double turnDeg, double... xy) {
        double t = Math.toRadians(turnDeg);
        List<double[]> ring = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            ring.add(new double[] {
                x + xy[i] * Math.cos(t) - xy[i + 1] * Math.sin(t), y + xy[i] * Math.sin(t) + xy[i + 1] * Math.cos(t)
            });
        }
        return new Patch(ring);
    }
}
