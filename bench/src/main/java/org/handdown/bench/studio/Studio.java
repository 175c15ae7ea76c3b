package org.handdown.bench.studio;

import java.util.stream.IntStream;

/** Follows the rays of a pinhole behind a lens of four terms (Brown, 1971) to the table, four to a pixel, and develops a JPEG. */
final class Studio {
    private static final double[][] PARTS = {{0.21, 0.32}, {0.71, 0.18}, {0.29, 0.82}, {0.79, 0.68}};
    /** Squares of the printed sheet: side, and from one to the next, mm. */
    private static final double SQUARE_MM = 24;

    private static final double PITCH_MM = 36;
    private static final float[] PAPER = Surface.linear(0xf4f3ee);
    private static final float[] INK = Surface.linear(0x1a1a1c);

    private final Setting s;
    private final StudioCamera camera;
    private final double lampX;
    private final double lampY;
    private final double[] box;

    Studio(Setting setting) {
        this.s = setting;
        this.box = scene();
        this.lampX = Math.cos(Math.toRadians(s.gradientDeg));
        this.lampY = Math.sin(Math.toRadians(s.gradientDeg));
        this.camera = new StudioCamera(s, box);
    }

    private double[] scene() {
        double[] b = s.cloth.box().clone();
        for (double[] uv : new double[][] {{0, 0}, {s.paperWide, 0}, {s.paperWide, s.paperHigh}, {0, s.paperHigh}}) {
            double[] c = s.paperCorner(uv[0], uv[1]);
            b[0] = Math.min(b[0], c[0]);
            b[1] = Math.min(b[1], c[1]);
            b[2] = Math.max(b[2], c[0]);
            b[3] = Math.max(b[3], c[1]);
        }
        return b;
    }

    byte[] picture() {
        Development development = new Development(s);
        float[][] light = new float[3][s.width * s.height];
        IntStream.range(0, s.height).parallel().forEach(row -> expose(row, light));
        for (int c = 0; c < 3; c++) {
            light[c] = development.blurred(light[c], s.blurPx, true);
            light[c] = development.blurred(light[c], Math.hypot(s.blurPx, s.shakenPx), false);
        }
        return development.jpeg(development.developed(light));
    }

    private void expose(int row, float[][] light) {
        float[] c = new float[3];
        double[] at = new double[2];
        for (int i = 0; i < s.width; i++) {
            int k = row * s.width + i;
            for (double[] part : PARTS) {
                camera.hit(i + part[0], row + part[1], 0, at);
                seen(at[0], at[1], i + part[0], row + part[1], c);
                for (int n = 0; n < 3; n++) {
                    light[n][k] += c[n] / PARTS.length;
                }
            }
        }
    }

    private void seen(double x, double y, double px, double py, float[] c) {
        if (!onThing(x, y, c) && !onPaper(x, y, px, py, c)) {
            onCloth(x, y, c);
            for (Setting.Thing thing : s.things) {
                if (thing.patch().has(x - 1.2, y + 1.2)) {
                    dimmed(c, 0.72);
                }
            }
        }
        double l = lamp(x, y);
        for (int i = 0; i < 3; i++) {
            c[i] *= (float) (l * s.white[i]);
        }
    }

    private boolean onThing(double x, double y, float[] c) {
        for (int i = s.things.size() - 1; i >= 0; i--) {
            if (s.things.get(i).patch().has(x, y)) {
                s.things.get(i).surface().at(x, y, c);
                return true;
            }
        }
        return false;
    }

    /** The sheet is met at its own height, which shifts it as a slanting ray sees it. */
    private boolean onPaper(double x, double y, double px, double py, float[] c) {
        if (Math.abs(x - s.paperX) > 260 || Math.abs(y - s.paperY) > 260) {
            return false;
        }
        double[] uv = onSheet(x, y);
        if (s.ridgeMm > 0 || s.bowMm > 0) {
            double[] at = {x, y};
            for (int i = 0; i < 3; i++) {
                camera.hit(px, py, height(uv[0], uv[1]), at);
                uv = onSheet(at[0], at[1]);
            }
        }
        if (uv[0] < 0 || uv[1] < 0 || uv[0] > s.paperWide || uv[1] > s.paperHigh) {
            return false;
        }
        Surface.scaled(isInk(uv) ? INK : PAPER, 1 - 0.01 * slope(uv[0], uv[1]), c);
        return true;
    }

    private double[] onSheet(double x, double y) {
        double t = Math.toRadians(s.paperTurnDeg);
        double a = x - s.paperX;
        double b = y - s.paperY;
        return new double[] {
            a * Math.cos(t) + b * Math.sin(t) + s.paperWide / 2, -a * Math.sin(t) + b * Math.cos(t) + s.paperHigh / 2
        };
    }

    private double height(double u, double v) {
        double across = 1 - Math.abs(2 * v / s.paperHigh - 1);
        double along = 2 * u / s.paperWide - 1;
        return s.ridgeMm * Math.max(0, across) + s.bowMm * Math.max(0, 1 - along * along);
    }

    private double slope(double u, double v) {
        return s.ridgeMm == 0 ? 0 : (v > s.paperHigh / 2 ? 4 : -4) * s.ridgeMm + 0 * u;
    }

    private boolean isInk(double[] uv) {
        if (!s.isMarked) {
            return false;
        }
        double a = uv[0] - (s.paperWide - 4 * PITCH_MM - SQUARE_MM) / 2;
        double b = uv[1] - (s.paperHigh - 6 * PITCH_MM - SQUARE_MM) / 2;
        return a > 0
                && b > 0
                && a < 4 * PITCH_MM + SQUARE_MM
                && b < 6 * PITCH_MM + SQUARE_MM
                && a % PITCH_MM < SQUARE_MM
                && b % PITCH_MM < SQUARE_MM;
    }

    private void onCloth(double x, double y, float[] c) {
        if (!s.isBeyondFold(x, y)) {
            if (isUnderFlap(x, y)) {
                s.wrongSide.at(x, y, c);
                return;
            }
            if (s.cloth.has(x, y)) {
                s.face.at(x, y, c);
                if (isUnderFlap(x - 1.2, y + 1.2)) {
                    dimmed(c, 0.72);
                }
                if (s.wrinkled > 0) {
                    double ridge = Noise.smooth(x / 70 + y / 160, y / 45, s.seed + 9)
                            - Noise.smooth((x + 3) / 70 + y / 160, (y - 3) / 45, s.seed + 9);
                    dimmed(c, 1 + s.wrinkled * 8 * ridge);
                }
                return;
            }
        }
        s.table.at(x, y, c);
        // The cloth's own thickness throws a line of shadow.
        if (s.cloth.has(x - 1.2, y + 1.2) && !s.isBeyondFold(x - 1.2, y + 1.2)) {
            dimmed(c, 0.72);
        }
    }

    private static void dimmed(float[] c, double light) {
        for (int i = 0; i < 3; i++) {
            c[i] *= (float) light;
        }
    }

    /** Has a folded part come to lie over the place? */
    private boolean isUnderFlap(double x, double y) {
        if (s.fold.length == 0 || s.isBeyondFold(x, y)) {
            return false;
        }
        double off = s.fold[2] - s.fold[0] * x - s.fold[1] * y;
        return s.cloth.has(x + 2 * off * s.fold[0], y + 2 * off * s.fold[1]);
    }

    private double lamp(double x, double y) {
        double size = Math.max(box[2] - box[0], box[3] - box[1]);
        double l =
                1 + s.gradient * 2 * ((x - (box[0] + box[2]) / 2) * lampX + (y - (box[1] + box[3]) / 2) * lampY) / size;
        for (Setting.Shade shade : s.shades) {
            double in = 0;
            for (int i = 0; i < 9; i++) {
                double r = shade.softMm() * Math.sqrt(i / 9.0);
                in += shade.patch().has(x + r * Math.cos(2.4 * i), y + r * Math.sin(2.4 * i)) ? 1 / 9.0 : 0;
            }
            l *= 1 - in * (1 - shade.light());
        }
        return Math.max(0.1, l) * s.exposure;
    }

    /** Where something shows, pixels. */
    double[] toPicture(double x, double y, double z) {
        return camera.toPicture(x, y, z);
    }
}
