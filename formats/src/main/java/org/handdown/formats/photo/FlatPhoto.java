package org.handdown.formats.photo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/**
 * A photo brought square: as if taken from straight above with a perfect lens. Pixel (i, j) shows the table at
 * {@code (left + (i + 0.5) · mm, top − (j + 0.5) · mm)}.
 *
 * @param mmPerPixel of this picture
 * @param red and green and blue: linear light, 0 to 1, row by row from the upper left; NaN where the photo shows nothing
 */
@SuppressWarnings("ArrayRecordComponent")
public record FlatPhoto(
        double left, double top, double mmPerPixel, int width, int height, float[] red, float[] green, float[] blue) {
    private static final double LARGEST_MM = 3500;
    private static final int MOST_PIXELS = 3_000_000;
    private static final double FINEST_MM = 1;
    private static final float[] LINEAR = linear();

    /** sRGB to linear light (IEC 61966-2-1). */
    private static float[] linear() {
        float[] table = new float[256];
        for (int i = 0; i < table.length; i++) {
            double c = i / 255.0;
            table[i] = (float) (c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4));
        }
        return table;
    }

    static float linear(int value) {
        return LINEAR[value & 255];
    }

    /** All of the table that the photo shows, or as much of it as a panel can need. */
    public static FlatPhoto of(Photo photo, PlaneView view) {
        List<Point> rim = new ArrayList<>();
        for (int i = 0; i <= 8; i++) {
            double x = photo.width() * i / 8.0;
            double y = photo.height() * i / 8.0;
            rim.add(view.toTable(x, 0));
            rim.add(view.toTable(x, photo.height()));
            rim.add(view.toTable(0, y));
            rim.add(view.toTable(photo.width(), y));
        }
        Box all = new Ring(rim).box();
        Point middle = view.toTable(photo.width() / 2.0, photo.height() / 2.0);
        double wide = Math.min(all.widthMm(), LARGEST_MM);
        double high = Math.min(all.heightMm(), LARGEST_MM);
        double left = Math.max(all.minX(), middle.x() - LARGEST_MM / 2);
        double top = Math.min(all.maxY(), middle.y() + LARGEST_MM / 2);
        double mm = Math.max(FINEST_MM, Math.sqrt(wide * high / MOST_PIXELS));
        int w = (int) Math.ceil(wide / mm);
        int h = (int) Math.ceil(high / mm);
        FlatPhoto flat = new FlatPhoto(left, top, mm, w, h, new float[w * h], new float[w * h], new float[w * h]);
        Grid grid = new Grid(flat, view);
        for (int j = 0; j < h; j++) {
            for (int i = 0; i < w; i++) {
                flat.fill(photo, grid, i, j);
            }
        }
        return flat;
    }

    /** Where places of the flat picture lie in the photo, exact every few pixels and straight between them: off by hundredths of a pixel. */
    private static final class Grid {
        private static final int CELL = 8;
        private final int columns;
        private final double[] x;
        private final double[] y;

        Grid(FlatPhoto flat, PlaneView view) {
            this.columns = flat.width / CELL + 2;
            int rows = flat.height / CELL + 2;
            this.x = new double[columns * rows];
            this.y = new double[columns * rows];
            for (int r = 0; r < rows; r++) {
                for (int c = 0; c < columns; c++) {
                    Point at = view.toPicture(flat.toTable(c * CELL, r * CELL));
                    x[r * columns + c] = at.x();
                    y[r * columns + c] = at.y();
                }
            }
        }

        double between(double[] of, double i, double j) {
            int c = (int) (i / CELL);
            int r = (int) (j / CELL);
            double a = i / CELL - c;
            double b = j / CELL - r;
            int at = r * columns + c;
            return (1 - b) * ((1 - a) * of[at] + a * of[at + 1])
                    + b * ((1 - a) * of[at + columns] + a * of[at + columns + 1]);
        }
    }

    /** Mean of four places within the pixel, so that noise goes down and no thin line is missed. */
    private void fill(Photo photo, Grid grid, int i, int j) {
        float r = 0;
        float g = 0;
        float b = 0;
        int[] rgb = photo.rgb();
        for (int k = 0; k < 4; k++) {
            double ii = i + (k % 2 == 0 ? 0.25 : 0.75);
            double jj = j + (k < 2 ? 0.25 : 0.75);
            double u = grid.between(grid.x, ii, jj) - 0.5;
            double v = grid.between(grid.y, ii, jj) - 0.5;
            int p = (int) Math.floor(u);
            int q = (int) Math.floor(v);
            if (p < 0 || q < 0 || p + 1 >= photo.width() || q + 1 >= photo.height()) {
                r = Float.NaN;
                break;
            }
            float s = (float) (u - p);
            float t = (float) (v - q);
            int o = q * photo.width() + p;
            for (int n = 0; n < 4; n++) {
                int c = rgb[o + (n & 1) + (n >> 1) * photo.width()];
                float weight = ((n & 1) == 0 ? 1 - s : s) * (n < 2 ? 1 - t : t) / 4;
                r += weight * linear(c >> 16);
                g += weight * linear(c >> 8);
                b += weight * linear(c);
            }
        }
        int at = j * width + i;
        boolean isShown = !Float.isNaN(r);
        red[at] = r;
        green[at] = isShown ? g : Float.NaN;
        blue[at] = isShown ? b : Float.NaN;
    }

    /** Mean colour of the pixel at a place and its eight neighbours, linear light; empty where the photo shows none of them. */
    double[] meanAround(Point onTable) {
        int column = (int) Math.floor(column(onTable));
        int row = (int) Math.floor(row(onTable));
        double[] sum = new double[3];
        int n = 0;
        for (int j = Math.max(0, row - 1); j <= Math.min(height - 1, row + 1); j++) {
            for (int i = Math.max(0, column - 1); i <= Math.min(width - 1, column + 1); i++) {
                int k = j * width + i;
                if (shows(k)) {
                    sum[0] += red[k];
                    sum[1] += green[k];
                    sum[2] += blue[k];
                    n++;
                }
            }
        }
        int seen = n;
        return n == 0 ? new double[0] : Arrays.stream(sum).map(s -> s / seen).toArray();
    }

    Point toTable(double i, double j) {
        return new Point(left + i * mmPerPixel, top - j * mmPerPixel);
    }

    double column(Point onTable) {
        return (onTable.x() - left) / mmPerPixel;
    }

    double row(Point onTable) {
        return (top - onTable.y()) / mmPerPixel;
    }

    boolean shows(int at) {
        return !Float.isNaN(red[at]);
    }

    /** For looking at; what the photo does not show is grey. */
    public Photo toPhoto() {
        int[] rgb = new int[width * height];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = shows(i) ? srgb(red[i]) << 16 | srgb(green[i]) << 8 | srgb(blue[i]) : 0x9a9a9a;
        }
        return new Photo(width, height, rgb);
    }

    static int srgb(double light) {
        double c = light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
        return (int) Math.max(0, Math.min(255, Math.round(255 * c)));
    }
}
