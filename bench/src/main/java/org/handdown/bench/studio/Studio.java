package org.handdown.bench.studio;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** Follows the rays of a pinhole behind a lens of four terms (Brown, 1971) to the table, four to a pixel, and develops a JPEG. */
final class Studio {
    private static final double[][] PARTS = {{0.21, 0.32}, {0.71, 0.18}, {0.29, 0.82}, {0.79, 0.68}};
    /** Squares of the printed sheet: side, and from one to the next, mm. */
    private static final double SQUARE_MM = 24;

    private static final double PITCH_MM = 36;
    private static final float[] PAPER = Surface.linear(0xf4f3ee);
    private static final float[] INK = Surface.linear(0x1a1a1c);

    /** Linear light to sRGB (IEC 61966-2-1). */
    private static final int[] SRGB = IntStream.rangeClosed(0, 1 << 14)
            .map(i -> {
                double v = (double) i / (1 << 14);
                return (int) Math.round(255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * Math.pow(v, 1 / 2.4) - 0.055));
            })
            .toArray();

    private final Setting s;
    private final double half;
    private final double midX;
    private final double midY;
    private final double lampX;
    private final double lampY;
    private final double[][] turn = new double[3][3];
    private final double[] eye = new double[3];
    private final double[] box;

    Studio(Setting setting) {
        this.s = setting;
        this.half = Math.hypot(s.width, s.height) / 2;
        this.midX = s.width * (0.5 + s.offX);
        this.midY = s.height * (0.5 + s.offY);
        this.box = scene();
        this.lampX = Math.cos(Math.toRadians(s.gradientDeg));
        this.lampY = Math.sin(Math.toRadians(s.gradientDeg));
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

    byte[] picture() {
        float[][] light = new float[3][s.width * s.height];
        IntStream.range(0, s.height).parallel().forEach(row -> expose(row, light));
        for (int c = 0; c < 3; c++) {
            light[c] = blurred(light[c], s.blurPx, true);
            light[c] = blurred(light[c], Math.hypot(s.blurPx, s.shakenPx), false);
        }
        return jpeg(developed(light));
    }

    private void expose(int row, float[][] light) {
        float[] c = new float[3];
        double[] at = new double[2];
        for (int i = 0; i < s.width; i++) {
            int k = row * s.width + i;
            for (double[] part : PARTS) {
                hit(i + part[0], row + part[1], 0, at);
                seen(at[0], at[1], i + part[0], row + part[1], c);
                for (int n = 0; n < 3; n++) {
                    light[n][k] += c[n] / PARTS.length;
                }
            }
        }
    }

    /** The place at a height that a ray meets. */
    private void hit(double px, double py, double z, double[] at) {
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
                hit(px, py, height(uv[0], uv[1]), at);
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

    private float[] blurred(float[] in, double sigma, boolean isAcross) {
        if (sigma < 0.2) {
            return in;
        }
        int reach = (int) Math.ceil(3 * sigma);
        float[] weight = new float[2 * reach + 1];
        float sum = 0;
        for (int i = -reach; i <= reach; i++) {
            weight[i + reach] = (float) Math.exp(-i * i / 2.0 / sigma / sigma);
            sum += weight[i + reach];
        }
        float all = sum;
        float[] out = new float[in.length];
        IntStream.range(0, s.height).parallel().forEach(y -> {
            for (int x = 0; x < s.width; x++) {
                float v = 0;
                for (int i = -reach; i <= reach; i++) {
                    int xx = isAcross ? Math.max(0, Math.min(s.width - 1, x + i)) : x;
                    int yy = isAcross ? y : Math.max(0, Math.min(s.height - 1, y + i));
                    v += weight[i + reach] * in[yy * s.width + xx];
                }
                out[y * s.width + x] = v / all;
            }
        });
        return out;
    }

    private BufferedImage developed(float[][] light) {
        BufferedImage image = new BufferedImage(s.width, s.height, BufferedImage.TYPE_INT_RGB);
        int[] rgb = new int[s.width * s.height];
        IntStream.range(0, s.height).parallel().forEach(y -> developed(light, y, rgb));
        image.setRGB(0, 0, s.width, s.height, rgb, 0, s.width);
        return image;
    }

    private void developed(float[][] light, int y, int[] rgb) {
        SplittableRandom chance = new SplittableRandom(s.seed * 10_007 + y);
        for (int x = 0; x < s.width; x++) {
            int k = y * s.width + x;
            double dx = (x - s.width / 2.0) / half;
            double dy = (y - s.height / 2.0) / half;
            double fall = 1 - 0.16 * (dx * dx + dy * dy);
            int colour = 0;
            for (int n = 0; n < 3; n++) {
                double v = light[n][k] * fall;
                // The sum of three even numbers: near enough to a normal one.
                double g = 2 * (chance.nextDouble() + chance.nextDouble() + chance.nextDouble() - 1.5);
                v += g * s.noise * (0.4 + Math.sqrt(Math.max(0, v)));
                colour = colour << 8 | SRGB[(int) (Math.max(0, Math.min(1, v)) * (SRGB.length - 1) + 0.5)];
            }
            rgb[k] = colour;
        }
    }

    private byte[] jpeg(BufferedImage image) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        how.setCompressionQuality(s.quality);
        try (MemoryCacheImageOutputStream to = new MemoryCacheImageOutputStream(out)) {
            writer.setOutput(to);
            writer.write(null, new IIOImage(image, List.of(), null), how);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
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
