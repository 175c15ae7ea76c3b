package org.handdown.fit.room;

import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/**
 * How much of a shape's outline would lie against the panel's edge, a flaw or another piece: the share of the outline within
 * {@link #REACH_MM} of something, weighted by nearness. Read off byte fields of distances, a cell to about a millimetre. A gap or
 * margin that must be kept counts as touching. What all threads share is made once per panel and per shape.
 */
public final class ContactField {
    /** What is farther away than this does not count as touching. */
    static final double REACH_MM = 3;

    /** Steps of a byte: 127 of them are the reach. */
    private static final double STEPS_PER_MM = 127 / REACH_MM;

    private static final byte FAR = 127;
    /** So deep inside something that no rounding can make it the edge. */
    private static final byte DEEP = -1;

    private static final double DEEP_CELLS = 2.4;
    /** So many samples deep inside something and the shape certainly lies on it. */
    private static final int MOST_DEEP = 1;

    private static final int MOST_CELLS = 1_200_000;
    private static final double SAMPLE_MM = 7;
    private static final int LEAST_SAMPLES = 48;
    private static final int MOST_SAMPLES = 160;

    private final FitProblem problem;
    private final Map<Integer, Field> empty = new ConcurrentHashMap<>();
    private final Map<Long, Field> stamps = new ConcurrentHashMap<>();

    public ContactField(FitProblem problem) {
        this.problem = problem;
    }

    /** Distances on a grid of square cells; cell (0, 0) has its middle at (x0, y0). */
    private static final class Field {
        final double cell;
        final double x0;
        final double y0;
        final int wide;
        final int high;
        final byte[] far;

        Field(double cell, double x0, double y0, int wide, int high) {
            this.cell = cell;
            this.x0 = x0;
            this.y0 = y0;
            this.wide = wide;
            this.high = high;
            this.far = new byte[wide * high];
        }

        Field copy() {
            Field copy = new Field(cell, x0, y0, wide, high);
            System.arraycopy(far, 0, copy.far, 0, far.length);
            return copy;
        }
    }

    /** A panel with what lies on it; for one thread. */
    public final class Table {
        private final int panel;
        private final Field field;
        /** Right end of the cloth that may be used, for the shortest lay. */
        private double wallMm = Double.POSITIVE_INFINITY;

        private Table(int panel) {
            this.panel = panel;
            this.field = emptyPanel(panel).copy();
        }

        public void clear(double wall) {
            System.arraycopy(emptyPanel(panel).far, 0, field.far, 0, field.far.length);
            wallMm = wall;
        }

        /** Something comes to lie here. */
        public void put(Shape shape, double x, double y) {
            Field s = stamp(shape, field.cell);
            int dx = (int) Math.round((x + s.x0 - field.x0) / field.cell);
            int dy = (int) Math.round((y + s.y0 - field.y0) / field.cell);
            for (int j = Math.max(0, -dy); j < s.high && j + dy < field.high; j++) {
                int to = (j + dy) * field.wide + dx;
                int from = j * s.wide;
                int end = Math.min(s.wide, field.wide - dx);
                for (int i = Math.max(0, -dx); i < end; i++) {
                    if (s.far[from + i] < field.far[to + i]) {
                        field.far[to + i] = s.far[from + i];
                    }
                }
            }
        }

        /**
         * Share of the shape's outline that touches, 0 to 1; below 0 where the shape certainly lies on something.
         *
         * @param every looks at each n-th sample only
         */
        public double share(Shape shape, double x, double y, int every) {
            float[] at = shape.samples();
            double scale = 1 / field.cell;
            double ox = (x - field.x0) * scale + 0.5;
            double oy = (y - field.y0) * scale + 0.5;
            int sum = 0;
            int n = 0;
            int deep = 0;
            for (int i = 0; i < at.length; i += 2 * every) {
                int cx = (int) (at[i] * scale + ox);
                int cy = (int) (at[i + 1] * scale + oy);
                int d = cx < 0 || cy < 0 || cx >= field.wide || cy >= field.high
                        ? DEEP
                        : field.far[cy * field.wide + cx];
                double toWall = wallMm - x - at[i];
                if (toWall < REACH_MM) {
                    d = Math.min(d, (int) Math.max(0, toWall * STEPS_PER_MM));
                }
                if (d < 0) {
                    d = 0;
                    if (++deep > MOST_DEEP) {
                        return -1;
                    }
                }
                sum += FAR - d;
                n++;
            }
            return sum / (double) (FAR * n);
        }
    }

    public Table table(int panel) {
        return new Table(panel);
    }

    // What is shared

    private Field emptyPanel(int index) {
        return empty.computeIfAbsent(index, i -> {
            FitPanel panel = problem.panels().get(i);
            Box box = panel.outline().box();
            double cell = Math.max(1, Math.sqrt(box.widthMm() * box.heightMm() / MOST_CELLS));
            Field field = blank(box, cell);
            fill(field, panel.outline(), false);
            edge(field, panel.outline(), problem.marginMm());
            for (Ring hole : panel.holes()) {
                fill(field, hole, true);
                edge(field, hole, problem.marginMm());
            }
            for (FlawZone zone : panel.zones()) {
                if (zone.kind() == FlawZone.Kind.AVOID) {
                    fill(field, zone.outline(), true);
                    edge(field, zone.outline(), problem.marginMm());
                }
            }
            return field;
        });
    }

    private Field stamp(Shape shape, double cell) {
        long key = ((long) shape.index << 32) | Float.floatToIntBits((float) cell);
        Field known = stamps.get(key);
        if (known == null) {
            known = blank(shape.box, cell);
            fill(known, shape.ring, true);
            edge(known, shape.ring, problem.gapMm());
            stamps.put(key, known);
        }
        return known;
    }

    private Field blank(Box box, double cell) {
        double around = REACH_MM + Math.max(problem.gapMm(), problem.marginMm()) + cell;
        int wide = (int) Math.ceil((box.widthMm() + 2 * around) / cell) + 1;
        int high = (int) Math.ceil((box.heightMm() + 2 * around) / cell) + 1;
        Field field = new Field(cell, box.minX() - around, box.minY() - around, wide, high);
        Arrays.fill(field.far, FAR);
        return field;
    }

    /** No cloth inside the ring, or outside of it. */
    private static void fill(Field f, Ring ring, boolean inside) {
        double[] crossings = new double[ring.size()];
        for (int j = 0; j < f.high; j++) {
            double y = f.y0 + j * f.cell;
            int n = 0;
            for (int i = 0; i < ring.size(); i++) {
                Point a = ring.at(i);
                Point b = ring.at(i + 1);
                if (a.y() <= y != b.y() <= y) {
                    crossings[n++] = a.x() + (y - a.y()) / (b.y() - a.y()) * (b.x() - a.x());
                }
            }
            Arrays.sort(crossings, 0, n);
            int k = 0;
            boolean in = false;
            for (int i = 0; i < f.wide; i++) {
                double x = f.x0 + i * f.cell;
                while (k < n && crossings[k] < x) {
                    in = !in;
                    k++;
                }
                if (in == inside) {
                    f.far[j * f.wide + i] = DEEP;
                }
            }
        }
    }

    /** Distance to the ring's line, less what must be kept from it anyway. */
    private static void edge(Field f, Ring ring, double keptMm) {
        double reach = REACH_MM + keptMm;
        for (int e = 0; e < ring.size(); e++) {
            Point a = ring.at(e);
            Point along = ring.at(e + 1).minus(a);
            double square = Math.max(along.dot(along), 1e-12);
            Point b = ring.at(e + 1);
            int i0 = Math.max(0, (int) ((Math.min(a.x(), b.x()) - reach - f.x0) / f.cell));
            int i1 = Math.min(f.wide - 1, (int) ((Math.max(a.x(), b.x()) + reach - f.x0) / f.cell) + 1);
            int j0 = Math.max(0, (int) ((Math.min(a.y(), b.y()) - reach - f.y0) / f.cell));
            int j1 = Math.min(f.high - 1, (int) ((Math.max(a.y(), b.y()) + reach - f.y0) / f.cell) + 1);
            for (int j = j0; j <= j1; j++) {
                double py = f.y0 + j * f.cell - a.y();
                for (int i = i0; i <= i1; i++) {
                    double px = f.x0 + i * f.cell - a.x();
                    double t = Math.max(0, Math.min(1, (px * along.x() + py * along.y()) / square));
                    double dx = px - t * along.x();
                    double dy = py - t * along.y();
                    double d = dx * dx + dy * dy;
                    if (d < reach * reach) {
                        int at = j * f.wide + i;
                        double far = Math.sqrt(d);
                        if (f.far[at] < 0 || f.far[at] == 0) {
                            // Inside, but near its line.
                            f.far[at] = far < DEEP_CELLS * f.cell ? 0 : f.far[at];
                        } else {
                            byte outside = (byte) Math.max(0, (far - keptMm) * STEPS_PER_MM);
                            f.far[at] = (byte) Math.min(f.far[at], outside);
                        }
                    }
                }
            }
        }
    }

    /** Points along the outline, evenly, x and y in turn; shape frame. */
    static float[] sampled(Ring ring) {
        double length = 0;
        for (int i = 0; i < ring.size(); i++) {
            length += ring.at(i).distanceMm(ring.at(i + 1));
        }
        int n = (int) Math.max(LEAST_SAMPLES, Math.min(MOST_SAMPLES, length / SAMPLE_MM));
        float[] at = new float[2 * n];
        double step = length / n;
        double next = step / 2;
        double run = 0;
        int k = 0;
        for (int i = 0; i < ring.size() && k < n; i++) {
            Point a = ring.at(i);
            Point b = ring.at(i + 1);
            double edge = a.distanceMm(b);
            while (k < n && next <= run + edge) {
                Point p = a.between(b, (next - run) / Math.max(edge, 1e-12));
                at[2 * k] = (float) p.x();
                at[2 * k + 1] = (float) p.y();
                k++;
                next += step;
            }
            run += edge;
        }
        return k == n ? at : Arrays.copyOf(at, 2 * Math.max(1, k));
    }
}
