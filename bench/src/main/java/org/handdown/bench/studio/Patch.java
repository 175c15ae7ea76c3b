package org.handdown.bench.studio;

import java.util.List;

/**
 * A flat thing of any outline. Whether a place lies in it is asked for every part of every pixel: most of them are answered from a coarse
 * grid.
 */
final class Patch {
    private static final double CELL_MM = 5;

    private final double[] x;
    private final double[] y;
    private final double minX;
    private final double minY;
    private final double maxX;
    private final double maxY;
    private final int columns;
    private final byte[] cells;

    /** @param ring closed, mm; the last point is joined to the first */
    Patch(List<double[]> ring) {
        int n = ring.size();
        x = new double[n];
        y = new double[n];
        double[] box = {1e9, 1e9, -1e9, -1e9};
        for (int i = 0; i < n; i++) {
            x[i] = ring.get(i)[0];
            y[i] = ring.get(i)[1];
            box[0] = Math.min(box[0], x[i]);
            box[1] = Math.min(box[1], y[i]);
            box[2] = Math.max(box[2], x[i]);
            box[3] = Math.max(box[3], y[i]);
        }
        minX = box[0] - CELL_MM;
        minY = box[1] - CELL_MM;
        maxX = box[2] + CELL_MM;
        maxY = box[3] + CELL_MM;
        columns = (int) Math.ceil((maxX - minX) / CELL_MM);
        int rows = (int) Math.ceil((maxY - minY) / CELL_MM);
        cells = new byte[columns * rows];
        for (int i = 0, j = n - 1; i < n; j = i++) {
            int steps = 1 + (int) (Math.hypot(x[i] - x[j], y[i] - y[j]) / 2);
            for (int k = 0; k <= steps; k++) {
                int c = (int) ((x[j] + (x[i] - x[j]) * k / steps - minX) / CELL_MM);
                int r = (int) ((y[j] + (y[i] - y[j]) * k / steps - minY) / CELL_MM);
                for (int m = 0; m < 9; m++) {
                    int cc = Math.max(0, Math.min(columns - 1, c + m % 3 - 1));
                    int rr = Math.max(0, Math.min(rows - 1, r + m / 3 - 1));
                    cells[rr * columns + cc] = 2;
                }
            }
        }
        for (int k = 0; k < cells.length; k++) {
            boolean isIn = isIn(minX + (k % columns + 0.5) * CELL_MM, minY + (k / columns + 0.5) * CELL_MM);
            cells[k] = (byte) (cells[k] == 2 ? 2 : isIn ? 1 : 0);
        }
    }

    boolean has(double px, double py) {
        if (px <= minX || py <= minY || px >= maxX || py >= maxY) {
            return false;
        }
        byte cell = cells[(int) ((py - minY) / CELL_MM) * columns + (int) ((px - minX) / CELL_MM)];
        return cell == 2 ? isIn(px, py) : cell == 1;
    }

    double[] box() {
        return new double[] {minX + CELL_MM, minY + CELL_MM, maxX - CELL_MM, maxY - CELL_MM};
    }

    List<double[]> ring() {
        List<double[]> ring = new java.util.ArrayList<>();
        for (int i = 0; i < x.length; i++) {
            ring.add(new double[] {x[i], y[i]});
        }
        return ring;
    }

    private boolean isIn(double px, double py) {
        boolean in = false;
        for (int i = 0, j = x.length - 1; i < x.length; j = i++) {
            if (y[i] > py != y[j] > py && px < (x[j] - x[i]) * (py - y[i]) / (y[j] - y[i]) + x[i]) {
                in = !in;
            }
        }
        return in;
    }
}
