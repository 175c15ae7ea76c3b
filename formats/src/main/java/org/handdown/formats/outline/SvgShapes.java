package org.handdown.formats.outline;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import org.apache.batik.parser.ParseException;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;

/** The shapes that SVG has elements for. Numbers of paths are read in single precision. */
final class SvgShapes {
    private SvgShapes() {}

    /**
     * The line of an element in its own units; null for what draws none.
     *
     * @throws ParseException for a path that cannot be read
     */
    static @Nullable Shape of(Element element, SvgViewport page) {
        return switch (element.getLocalName()) {
            case "path" -> path(element.getAttribute("d"));
            case "polygon" -> polygon(element.getAttribute("points"), " Z");
            case "polyline" -> polygon(element.getAttribute("points"), "");
            case "rect" -> rectangle(element, page);
            case "circle" -> {
                double r = length(element, "r", page.diagonal(), 0);
                yield ellipse(element, page, r, r);
            }
            case "ellipse" ->
                ellipse(element, page, length(element, "rx", page.width(), 0), length(element, "ry", page.height(), 0));
            case "line" ->
                path("M " + length(element, "x1", page.width(), 0) + ' ' + length(element, "y1", page.height(), 0)
                        + " L " + length(element, "x2", page.width(), 0) + ' '
                        + length(element, "y2", page.height(), 0));
            default -> null;
        };
    }

    /** A length as an attribute of it; a share is one of {@code whole}. */
    static double length(Element element, String attribute, double whole, double otherwise) {
        SvgLength length = SvgLength.of(element.getAttribute(attribute));
        return length == null ? otherwise : length.in(whole);
    }

    private static @Nullable Shape rectangle(Element element, SvgViewport page) {
        double w = length(element, "width", page.width(), 0);
        double h = length(element, "height", page.height(), 0);
        if (!(w > 0 && h > 0)) {
            return null;
        }
        double x = length(element, "x", page.width(), 0);
        double y = length(element, "y", page.height(), 0);
        double ry = length(element, "ry", page.height(), length(element, "rx", page.width(), 0));
        double rx = length(element, "rx", page.width(), ry);
        return rx > 0 && ry > 0
                ? new RoundRectangle2D.Double(x, y, w, h, Math.min(2 * rx, w), Math.min(2 * ry, h))
                : new Rectangle2D.Double(x, y, w, h);
    }

    private static @Nullable Shape ellipse(Element element, SvgViewport page, double rx, double ry) {
        double x = length(element, "cx", page.width(), 0);
        double y = length(element, "cy", page.height(), 0);
        return rx > 0 && ry > 0 ? new Ellipse2D.Double(x - rx, y - ry, 2 * rx, 2 * ry) : null;
    }

    private static @Nullable Shape polygon(String points, String end) {
        return points.isBlank() ? null : path("M " + points + end);
    }

    private static @Nullable Shape path(String d) {
        if (d.isBlank() || d.strip().equals("none")) {
            return null;
        }
        return SvgPath.of(d);
    }
}
