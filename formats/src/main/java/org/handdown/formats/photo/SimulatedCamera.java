package org.handdown.formats.photo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import org.handdown.geometry.Box;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/**
 * Stands in for a camera over a table: draws a panel beside a sheet as a tilted lens with noise would see them, and knows the truth. Scene
 * frame: mm, y up, the panel's lower left corner at the origin, the sheet to its right.
 */
public final class SimulatedCamera {
    private static final double FINEST_PER_MM = 3;
    /** The table is drawn with at most so many pixels, or a blanket would fill the memory. */
    private static final double MOST_PIXELS = 40e6;

    private static final double ROUND_MM = 110;
    private static final double BESIDE_MM = 60;
    private static final double PAPER_MARGIN_MM = 21;

    /**
     * What is set up.
     *
     * @param cloth and table: 0xRRGGBB
     * @param stripe colour of stripes every 36 mm, or −1 for plain cloth
     * @param sheet beside the cloth; a marked one is drawn with its squares
     * @param tiltDeg of the camera from straight above, and the direction it is tilted towards
     * @param bend the lens's distortion at the picture's corner: 0.01 is one per cent
     * @param noise standard deviation of each colour, of 255
     */
    public record Scene(
            Outline panel,
            int cloth,
            int table,
            int stripe,
            KnownSheet sheet,
            double tiltDeg,
            double towardsDeg,
            double bend,
            double noise,
            boolean shadow,
            long seed) {}

    /**
     * The picture and the truth.
     *
     * @param corners of the sheet's outer edge (of its squares for a marked one) in the picture, counter-clockwise on the table from the
     *     lower left
     * @param truth the panel's outline in the scene
     */
    public record Shot(Photo photo, List<Point> corners, Ring truth, Ring sheet) {}

    /** Standard normal values to draw from; drawing them anew for each pixel would take longest of all. */
    private static final double[] NOISE = new double[1 << 16];

    static {
        Random chance = new Random(1);
        for (int i = 0; i < NOISE.length; i++) {
            NOISE[i] = chance.nextGaussian();
        }
    }

    private final Scene scene;
    private final Ring panel;
    private final Point sheetAt;
    private final Box shown;
    private final double perMm;

    private SimulatedCamera(Scene scene) {
        this.scene = scene;
        Ring ring = scene.panel.ring();
        Box box = ring.box();
        this.panel = ring.moved(-box.minX(), -box.minY());
        double margin = scene.sheet.marked() ? PAPER_MARGIN_MM : 0;
        this.sheetAt = new Point(box.widthMm() + BESIDE_MM + margin, margin);
        double high = Math.max(box.heightMm(), scene.sheet.heightMm() + 2 * margin);
        this.shown =
                new Box(-ROUND_MM, -ROUND_MM, sheetAt.x() + scene.sheet.widthMm() + margin + ROUND_MM, high + ROUND_MM);
        this.perMm = Math.min(
                FINEST_PER_MM,
                Math.sqrt(MOST_PIXELS / (shown.widthMm() + 2 * OUTSIDE_MM) / (shown.heightMm() + 2 * OUTSIDE_MM)));
    }

    /** @param width and height of the picture, pixels */
    public static Shot take(Scene scene, int width, int height) {
        return new SimulatedCamera(scene).shoot(width, height);
    }

    private Shot shoot(int width, int height) {
        BufferedImage table = drawn();
        TiltedLens lens = new TiltedLens(scene, shown, width, height);
        int[] rgb = new int[width * height];
        SplittableRandom chance = new SplittableRandom(scene.seed);
        int w = table.getWidth();
        int h = table.getHeight();
        int[] from = ((DataBufferInt) table.getRaster().getDataBuffer()).getData();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                Point at = lens.toScene(x + 0.5, y + 0.5);
                double u = (at.x() - shown.minX() + OUTSIDE_MM) * perMm - 0.5;
                double v = (shown.maxY() + OUTSIDE_MM - at.y()) * perMm - 0.5;
                rgb[y * width + x] = noisy(colour(from, w, h, u, v), chance);
            }
        }
        List<Point> corners = new ArrayList<>();
        Ring sheet = Ring.rectangle(sheetAt.x(), sheetAt.y(), scene.sheet.widthMm(), scene.sheet.heightMm());
        sheet.points().forEach(c -> corners.add(lens.toPicture(c)));
        return new Shot(new Photo(width, height, rgb), corners, panel, sheet);
    }

    /** Table drawn beyond what is meant to be seen: a tilted camera sees farther. */
    private static final double OUTSIDE_MM = 500;

    private static int colour(int[] from, int w, int h, double u, double v) {
        int i = (int) Math.max(0, Math.min(w - 2, Math.floor(u)));
        int j = (int) Math.max(0, Math.min(h - 2, Math.floor(v)));
        double a = Math.max(0, Math.min(1, u - i));
        double b = Math.max(0, Math.min(1, v - j));
        int colour = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            double top = (1 - a) * (from[j * w + i] >> shift & 255) + a * (from[j * w + i + 1] >> shift & 255);
            double low =
                    (1 - a) * (from[(j + 1) * w + i] >> shift & 255) + a * (from[(j + 1) * w + i + 1] >> shift & 255);
            colour |= (int) Math.round((1 - b) * top + b * low) << shift;
        }
        return colour;
    }

    private int noisy(int colour, SplittableRandom chance) {
        int noisy = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            double value = (colour >> shift & 255) + scene.noise * NOISE[chance.nextInt(NOISE.length)];
            noisy |= (int) Math.max(0, Math.min(255, Math.round(value))) << shift;
        }
        return noisy;
    }

    /** The table from straight above. */
    private BufferedImage drawn() {
        int w = (int) Math.ceil((shown.widthMm() + 2 * OUTSIDE_MM) * perMm);
        int h = (int) Math.ceil((shown.heightMm() + 2 * OUTSIDE_MM) * perMm);
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(new Color(scene.table));
        g.fillRect(0, 0, w, h);
        AffineTransform toPixels = new AffineTransform();
        toPixels.scale(perMm, -perMm);
        toPixels.translate(OUTSIDE_MM - shown.minX(), -shown.maxY() - OUTSIDE_MM);
        g.setTransform(toPixels);
        grain(g);
        Path2D cloth = path(panel);
        if (scene.shadow) {
            shadow(g);
        }
        g.setColor(new Color(scene.cloth));
        g.fill(cloth);
        if (scene.stripe >= 0) {
            var before = g.getClip();
            g.clip(cloth);
            g.setColor(new Color(scene.stripe));
            for (double x = 8; x < panel.box().maxX(); x += 36) {
                g.fill(new Rectangle2D.Double(x, 0, 14, panel.box().maxY()));
            }
            g.setClip(before);
        }
        sheet(g);
        g.dispose();
        return image;
    }

    /** Faint streaks as of wood. */
    private void grain(Graphics2D g) {
        Random chance = new Random(scene.seed + 1);
        Color base = new Color(scene.table);
        g.setStroke(new BasicStroke(1.6f));
        for (double y = shown.minY() - OUTSIDE_MM; y < shown.maxY() + OUTSIDE_MM; y += 7) {
            double share = 0.96 + 0.06 * chance.nextDouble();
            g.setColor(new Color(
                    (int) Math.min(255, base.getRed() * share), (int) Math.min(255, base.getGreen() * share), (int)
                            Math.min(255, base.getBlue() * share)));
            g.draw(new java.awt.geom.Line2D.Double(
                    shown.minX() - OUTSIDE_MM, y, shown.maxX() + OUTSIDE_MM, y + 4 * chance.nextGaussian()));
        }
    }

    /** Soft, to the lower right, as of a lamp at the upper left. */
    private void shadow(Graphics2D g) {
        for (int i = 6; i >= 1; i--) {
            g.setColor(new Color(0, 0, 0, 16));
            g.fill(path(panel.moved(1.2 * i, -1.2 * i)));
        }
    }

    private void sheet(Graphics2D g) {
        KnownSheet s = scene.sheet;
        double margin = s.marked() ? PAPER_MARGIN_MM : 0;
        g.setColor(new Color(0xf7f6f2));
        g.fill(new Rectangle2D.Double(
                sheetAt.x() - margin, sheetAt.y() - margin, s.widthMm() + 2 * margin, s.heightMm() + 2 * margin));
        if (s.marked()) {
            g.setColor(new Color(0x161616));
            for (Point c : MarkerSheet.squares()) {
                g.fill(new Rectangle2D.Double(
                        sheetAt.x() + c.x(), sheetAt.y() + c.y(), MarkerSheet.SQUARE_MM, MarkerSheet.SQUARE_MM));
            }
        }
    }

    private static Path2D path(Ring ring) {
        Path2D path = new Path2D.Double();
        path.moveTo(ring.at(0).x(), ring.at(0).y());
        for (int i = 1; i < ring.size(); i++) {
            path.lineTo(ring.at(i).x(), ring.at(i).y());
        }
        path.closePath();
        return path;
    }
}
