package org.handdown.formats.outline;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;
import org.handdown.measure.Wording;

/** A panel's outline as a drawing for other programs; one unit is one millimetre. */
public final class OutlineFile {
    /** Curves of a DXF R12 are short lines, nowhere farther than this from the curve. */
    static final double DXF_MM = 0.05;

    private static final double ROUND_MM = 20;

    private OutlineFile() {}

    /** SVG at true size: curves stay curves, y is turned down as SVG wants it. */
    public static String svg(String name, Outline outline) {
        Box box = outline.box();
        double wide = box.widthMm() + 2 * ROUND_MM;
        double high = box.heightMm() + 2 * ROUND_MM;
        StringBuilder d = new StringBuilder();
        Point first = outline.edges().get(0).start();
        d.append("M ").append(at(first, box));
        for (Edge edge : outline.edges()) {
            for (Segment s : edge.segments()) {
                if (s instanceof Segment.Cubic c) {
                    d.append(" C ")
                            .append(at(c.handle1(), box))
                            .append(' ')
                            .append(at(c.handle2(), box))
                            .append(' ')
                            .append(at(c.end(), box));
                } else {
                    d.append(" L ").append(at(s.end(), box));
                }
            }
        }
        return Wording.fill(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"0 0 %.3f %.3f\">%n<title>%s</title>%n<path id=\"outline\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.5\" d=\"%s Z\"/>%n</svg>%n",
                wide,
                high,
                wide,
                high,
                name.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;"),
                d);
    }

    private static String at(Point p, Box box) {
        return Wording.fill("%.4f %.4f", p.x() - box.minX() + ROUND_MM, box.maxY() - p.y() + ROUND_MM);
    }

    /** ASCII DXF R12 with one closed polyline; R12 itself has no unit, newer readers find millimetres in its header. */
    public static String dxf(Outline outline) {
        StringBuilder dxf = new StringBuilder();
        header(dxf);
        List<Point> all = new ArrayList<>();
        for (Edge edge : outline.edges()) {
            var points = edge.flattened(DXF_MM);
            all.addAll(points.subList(0, points.size() - 1));
        }
        polyline(dxf, "OUTLINE", true, all);
        return footer(dxf);
    }

    static void header(StringBuilder dxf) {
        pairs(dxf, 0, "SECTION", 2, "HEADER", 9, "$ACADVER", 1, "AC1009", 9, "$INSUNITS", 70, "4", 0, "ENDSEC");
        pairs(dxf, 0, "SECTION", 2, "ENTITIES");
    }

    static void polyline(StringBuilder dxf, String layer, boolean closed, List<Point> points) {
        pairs(dxf, 0, "POLYLINE", 8, layer, 66, "1", 70, closed ? "1" : "0");
        for (Point p : points) {
            pairs(dxf, 0, "VERTEX", 8, layer, 10, number(p.x()), 20, number(p.y()));
        }
        pairs(dxf, 0, "SEQEND");
    }

    /** R12 knows no letters beyond ASCII: others are written by their number, as its readers expect (published DXF reference, from memory). */
    static void text(StringBuilder dxf, String layer, Point at, double highMm, String words) {
        StringBuilder plain = new StringBuilder();
        words.codePoints()
                .forEach(c -> plain.append(c >= 32 && c < 127 ? Character.toString(c) : Wording.fill("\\U+%04X", c)));
        pairs(dxf, 0, "TEXT", 8, layer, 10, number(at.x()), 20, number(at.y()), 40, number(highMm), 1, plain);
    }

    static String footer(StringBuilder dxf) {
        pairs(dxf, 0, "ENDSEC", 0, "EOF");
        return dxf.toString();
    }

    private static String number(double mm) {
        return Wording.fill("%.4f", mm);
    }

    private static void pairs(StringBuilder dxf, Object... codesAndValues) {
        for (Object one : codesAndValues) {
            dxf.append(one).append("\r\n");
        }
    }
}
