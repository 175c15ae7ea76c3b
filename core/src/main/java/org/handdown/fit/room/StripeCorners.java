package org.handdown.fit.room;

import java.util.List;
import org.handdown.geometry.Box;

/** Corners where stripes bind: crossings of rims with the lines of the pattern, or its knots where two directions bind. */
record StripeCorners(RimEdges edges, Corners corners) {
    private static final int MOST_LINES = 4000;

    void add(List<Stripes.Line> binding, double[] settled) {
        Stripes.Line first = binding.get(0);
        for (int e = 0; e < edges.count(); e++) {
            addCrossingsWith(first, settled[first.group()], e);
        }
        // Two directions bind (checks): only the knots of the pattern are left.
        if (binding.size() > 1) {
            corners.forget();
            addKnots(first, binding.get(1), settled);
        }
    }

    private void addCrossingsWith(Stripes.Line line, double phase, int e) {
        double a = edges.x0(e) * line.ux() + edges.y0(e) * line.uy() + line.offsetMm() - phase;
        double b = edges.x1(e) * line.ux() + edges.y1(e) * line.uy() + line.offsetMm() - phase;
        double low = Math.ceil(Math.min(a, b) / line.periodMm() - 1e-9);
        double high = Math.floor(Math.max(a, b) / line.periodMm() + 1e-9);
        for (double k = low; k <= high && k - low < MOST_LINES; k++) {
            double share = Math.abs(b - a) < 1e-12 ? 0 : Math.max(0, Math.min(1, (k * line.periodMm() - a) / (b - a)));
            corners.add(
                    edges.x0(e) + share * (edges.x1(e) - edges.x0(e)),
                    edges.y0(e) + share * (edges.y1(e) - edges.y0(e)));
            if (Math.abs(b - a) < 1e-12) {
                corners.add(edges.x1(e), edges.y1(e));
            }
        }
    }

    private void addKnots(Stripes.Line p, Stripes.Line q, double[] settled) {
        double cross = p.ux() * q.uy() - p.uy() * q.ux();
        double[] pRange = range(corners.window(), p, settled[p.group()]);
        double[] qRange = range(corners.window(), q, settled[q.group()]);
        if ((pRange[1] - pRange[0]) * (qRange[1] - qRange[0]) > 1e6) {
            return;
        }
        for (double i = pRange[0]; i <= pRange[1]; i++) {
            double a = i * p.periodMm() + settled[p.group()] - p.offsetMm();
            for (double j = qRange[0]; j <= qRange[1]; j++) {
                double b = j * q.periodMm() + settled[q.group()] - q.offsetMm();
                corners.add((a * q.uy() - b * p.uy()) / cross, (p.ux() * b - q.ux() * a) / cross);
            }
        }
    }

    private static double[] range(Box box, Stripes.Line line, double phase) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double x : new double[] {box.minX(), box.maxX()}) {
            for (double y : new double[] {box.minY(), box.maxY()}) {
                double at = (x * line.ux() + y * line.uy() + line.offsetMm() - phase) / line.periodMm();
                low = Math.min(low, at);
                high = Math.max(high, at);
            }
        }
        return new double[] {Math.floor(low), Math.ceil(high)};
    }
}
