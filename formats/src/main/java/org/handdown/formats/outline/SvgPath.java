package org.handdown.formats.outline;

import java.awt.Shape;
import java.awt.geom.Path2D;
import org.apache.batik.parser.DefaultPathHandler;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathParser;

/**
 * The line that a path's data draw. They are parsed by a library, but its own curves of elliptic arcs are off by a quarter of a degree where an
 * arc is half an ellipse, which is half a per cent of its area; here an arc is turned into cubics in double precision (W3C, SVG 2 §B.2.4).
 */
final class SvgPath extends DefaultPathHandler {
    private static final double STEP = Math.PI / 4;

    private final Path2D.Double path = new Path2D.Double(Path2D.WIND_NON_ZERO);
    private double x;
    private double y;
    private double startX;
    private double startY;
    /** Handle of the curve before, for a smooth one after it; the point itself after anything else. */
    private double cubicX;

    private double cubicY;
    private double quadX;
    private double quadY;

    private SvgPath() {}

    /** @throws ParseException for what is no path */
    static Shape of(String data) {
        SvgPath handler = new SvgPath();
        PathParser parser = new PathParser();
        parser.setPathHandler(handler);
        parser.parse(data);
        return handler.path;
    }

    private void at(double toX, double toY) {
        x = toX;
        y = toY;
        cubicX = x;
        cubicY = y;
        quadX = x;
        quadY = y;
    }

    @Override
    public void movetoAbs(float toX, float toY) {
        at(toX, toY);
        startX = x;
        startY = y;
        path.moveTo(x, y);
    }

    @Override
    public void movetoRel(float dx, float dy) {
        at(x + dx, y + dy);
        startX = x;
        startY = y;
        path.moveTo(x, y);
    }

    @Override
    public void closePath() {
        path.closePath();
        at(startX, startY);
    }

    private void line(double toX, double toY) {
        path.lineTo(toX, toY);
        at(toX, toY);
    }

    @Override
    public void linetoAbs(float toX, float toY) {
        line(toX, toY);
    }

    @Override
    public void linetoRel(float dx, float dy) {
        line(x + dx, y + dy);
    }

    @Override
    public void linetoHorizontalAbs(float toX) {
        line(toX, y);
    }

    @Override
    public void linetoHorizontalRel(float dx) {
        line(x + dx, y);
    }

    @Override
    public void linetoVerticalAbs(float toY) {
        line(x, toY);
    }

    @Override
    public void linetoVerticalRel(float dy) {
        line(x, y + dy);
    }

    private void cubic(double x1, double y1, double x2, double y2, double toX, double toY) {
        path.curveTo(x1, y1, x2, y2, toX, toY);
        at(toX, toY);
        cubicX = x2;
        cubicY = y2;
    }

    @Override
    public void curvetoCubicAbs(float x1, float y1, float x2, float y2, float toX, float toY) {
        cubic(x1, y1, x2, y2, toX, toY);
    }

    @Override
    public void curvetoCubicRel(float x1, float y1, float x2, float y2, float dx, float dy) {
        cubic(x + x1, y + y1, x + x2, y + y2, x + dx, y + dy);
    }

    @Override
    public void curvetoCubicSmoothAbs(float x2, float y2, float toX, float toY) {
        cubic(2 * x - cubicX, 2 * y - cubicY, x2, y2, toX, toY);
    }

    @Override
    public void curvetoCubicSmoothRel(float x2, float y2, float dx, float dy) {
        cubic(2 * x - cubicX, 2 * y - cubicY, x + x2, y + y2, x + dx, y + dy);
    }

    private void quadratic(double x1, double y1, double toX, double toY) {
        path.quadTo(x1, y1, toX, toY);
        at(toX, toY);
        quadX = x1;
        quadY = y1;
    }

    @Override
    public void curvetoQuadraticAbs(float x1, float y1, float toX, float toY) {
        quadratic(x1, y1, toX, toY);
    }

    @Override
    public void curvetoQuadraticRel(float x1, float y1, float dx, float dy) {
        quadratic(x + x1, y + y1, x + dx, y + dy);
    }

    @Override
    public void curvetoQuadraticSmoothAbs(float toX, float toY) {
        quadratic(2 * x - quadX, 2 * y - quadY, toX, toY);
    }

    @Override
    public void curvetoQuadraticSmoothRel(float dx, float dy) {
        quadratic(2 * x - quadX, 2 * y - quadY, x + dx, y + dy);
    }

    @Override
    public void arcAbs(float rx, float ry, float turnDeg, boolean large, boolean sweep, float toX, float toY) {
        arc(Math.abs(rx), Math.abs(ry), Math.toRadians(turnDeg), large, sweep, toX, toY);
    }

    @Override
    public void arcRel(float rx, float ry, float turnDeg, boolean large, boolean sweep, float dx, float dy) {
        arc(Math.abs(rx), Math.abs(ry), Math.toRadians(turnDeg), large, sweep, x + dx, y + dy);
    }

    private void arc(double rx0, double ry0, double turn, boolean large, boolean sweep, double toX, double toY) {
        if (rx0 == 0 || ry0 == 0 || x == toX && y == toY) {
            line(toX, toY);
            return;
        }
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        // Half of the chord in the ellipse's own directions.
        double hx = (cos * (x - toX) + sin * (y - toY)) / 2;
        double hy = (-sin * (x - toX) + cos * (y - toY)) / 2;
        double reach = hx * hx / (rx0 * rx0) + hy * hy / (ry0 * ry0);
        double grown = Math.max(1, Math.sqrt(reach));
        double rx = rx0 * grown;
        double ry = ry0 * grown;
        double part = Math.max(0, 1 / Math.min(1, reach) - 1);
        double side = (large == sweep ? -1 : 1) * Math.sqrt(part);
        double ox = side * rx * hy / ry;
        double oy = -side * ry * hx / rx;
        double cx = cos * ox - sin * oy + (x + toX) / 2;
        double cy = sin * ox + cos * oy + (y + toY) / 2;
        double from = Math.atan2((hy - oy) / ry, (hx - ox) / rx);
        double to = Math.atan2((-hy - oy) / ry, (-hx - ox) / rx);
        double swept = to - from;
        if (sweep && swept < 0) {
            swept += 2 * Math.PI;
        } else if (!sweep && swept > 0) {
            swept -= 2 * Math.PI;
        }
        sweep(new Ellipse(cx, cy, rx, ry, cos, sin), from, swept, toX, toY);
        at(toX, toY);
    }

    /** Turned about its middle; points are told on the circle that it is made of. */
    private record Ellipse(double cx, double cy, double rx, double ry, double cos, double sin) {
        double x(double onX, double onY) {
            return cx + cos * rx * onX - sin * ry * onY;
        }

        double y(double onX, double onY) {
            return cy + sin * rx * onX + cos * ry * onY;
        }
    }

    /** In steps of one curve each; the last ends where the arc was told to end. */
    private void sweep(Ellipse e, double from, double swept, double toX, double toY) {
        int steps = (int) Math.max(1, Math.ceil(Math.abs(swept) / STEP - 1e-9));
        double step = swept / steps;
        double handle = 4.0 / 3 * Math.tan(step / 4);
        for (int i = 0; i < steps; i++) {
            double a = from + i * step;
            double b = a + step;
            double ax = Math.cos(a) - handle * Math.sin(a);
            double ay = Math.sin(a) + handle * Math.cos(a);
            double bx = Math.cos(b) + handle * Math.sin(b);
            double by = Math.sin(b) - handle * Math.cos(b);
            boolean isLast = i == steps - 1;
            path.curveTo(
                    e.x(ax, ay),
                    e.y(ax, ay),
                    e.x(bx, by),
                    e.y(bx, by),
                    isLast ? toX : e.x(Math.cos(b), Math.sin(b)),
                    isLast ? toY : e.y(Math.cos(b), Math.sin(b)));
        }
    }
}
