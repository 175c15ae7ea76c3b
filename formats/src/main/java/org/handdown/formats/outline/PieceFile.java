package org.handdown.formats.outline;

import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.geometry.Segment;
import org.handdown.measure.Wording;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;

/**
 * Pattern pieces side by side as a drawing for other programs; one unit is one millimetre. Cut lines, stitch lines and marks are told
 * apart by their group (SVG) or layer (DXF); a line is named after its piece.
 */
public final class PieceFile {
    private static final double BETWEEN_MM = 30;

    private PieceFile() {}

    /** A piece with the shift that puts it beside the others, its lower left corner on the base line. */
    private record Standing(Piece piece, Point shift) {}

    private static List<Standing> standing(List<Piece> pieces) {
        List<Standing> all = new java.util.ArrayList<>();
        double x = 0;
        for (Piece piece : pieces) {
            Box box = piece.cutLine().ring().box();
            all.add(new Standing(piece, new Point(x - box.minX(), -box.minY())));
            x += box.widthMm() + BETWEEN_MM;
        }
        return all;
    }

    /** SVG at true size; stitch lines keep their curves. y is turned down as SVG wants it. */
    public static String svg(String title, List<Piece> pieces) {
        List<Standing> all = standing(pieces);
        double wide = all.stream()
                .mapToDouble(s -> s.piece.cutLine().ring().box().maxX() + s.shift.x())
                .max()
                .orElse(0);
        double high = pieces.stream()
                .mapToDouble(p -> p.cutLine().ring().box().heightMm())
                .max()
                .orElse(0);
        StringBuilder svg = new StringBuilder(Wording.fill(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"0 0 %.3f %.3f\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.5\">%n<title>%s</title>%n",
                wide, high, wide, high, escaped(title)));
        group(
                svg,
                "cut",
                all,
                s -> path(s.piece.id() + "-cut", ring(s, s.piece.cutLine().ring(), high)));
        group(svg, "stitch", all, s -> path(s.piece.id() + "-stitch", outline(s, s.piece.stitchLine(), high)));
        group(
                svg,
                "trim",
                all.stream().filter(s -> isTrimmed(s.piece)).toList(),
                s -> path(s.piece.id() + "-trim", ring(s, s.piece.trimLine().ring(), high)));
        group(svg, "marks", all, s -> marks(s, high));
        return svg.append("</svg>\n").toString();
    }

    private static boolean isTrimmed(Piece piece) {
        return piece.allowances().values().stream().anyMatch(a -> a.trimMm() != a.mm());
    }

    private static void group(
            StringBuilder svg, String id, List<Standing> all, java.util.function.Function<Standing, String> draw) {
        svg.append("<g id=\"").append(id).append("\"").append(id.equals("stitch") ? " stroke-dasharray=\"4 2\"" : "");
        svg.append(">\n");
        all.forEach(s -> svg.append(draw.apply(s)));
        svg.append("</g>\n");
    }

    private static String path(String id, String d) {
        return Wording.fill("<path id=\"%s\" d=\"%s\"/>%n", id, d);
    }

    private static String ring(Standing s, Ring ring, double high) {
        StringBuilder d = new StringBuilder();
        for (Point p : ring.points()) {
            d.append(d.isEmpty() ? "M " : " L ").append(at(p, s, high));
        }
        return d.append(" Z").toString();
    }

    private static String outline(Standing s, Outline outline, double high) {
        StringBuilder d =
                new StringBuilder("M ").append(at(outline.edges().get(0).start(), s, high));
        for (Edge edge : outline.edges()) {
            for (Segment part : edge.segments()) {
                if (part instanceof Segment.Cubic c) {
                    d.append(" C ")
                            .append(at(c.handle1(), s, high))
                            .append(' ')
                            .append(at(c.handle2(), s, high))
                            .append(' ')
                            .append(at(c.end(), s, high));
                } else {
                    d.append(" L ").append(at(part.end(), s, high));
                }
            }
        }
        return d.append(" Z").toString();
    }

    private static String marks(Standing s, double high) {
        StringBuilder all = new StringBuilder();
        for (Piece.Notch notch : s.piece.notches()) {
            Point p = notch.at();
            all.append("<path d=\"M ")
                    .append(at(p.plus(new Point(-3, 0)), s, high))
                    .append(" L ")
                    .append(at(p.plus(new Point(3, 0)), s, high))
                    .append("\"><title>")
                    .append(escaped(notch.label()))
                    .append("</title></path>\n");
        }
        for (Mark mark : s.piece.marks()) {
            if (mark.isDrawn()) {
                StringBuilder d = new StringBuilder();
                for (List<Point> line : mark.lines()) {
                    d.append(d.isEmpty() ? "M " : " M ").append(at(line.get(0), s, high));
                    line.subList(1, line.size()).forEach(p -> d.append(" L ").append(at(p, s, high)));
                }
                all.append("<path d=\"")
                        .append(d)
                        .append("\"><title>")
                        .append(escaped(mark.label()))
                        .append("</title></path>\n");
            }
        }
        return all.toString();
    }

    private static String at(Point p, Standing s, double high) {
        return Wording.fill("%.4f %.4f", p.x() + s.shift.x(), high - p.y() - s.shift.y());
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    /** ASCII DXF R12: closed polylines on the layers CUT and STITCH, marks and notches on MARKS, what is trimmed to on TRIM. */
    public static String dxf(List<Piece> pieces) {
        StringBuilder dxf = new StringBuilder();
        OutlineFile.header(dxf);
        for (Standing s : standing(pieces)) {
            OutlineFile.polyline(
                    dxf, "CUT", true, moved(s, s.piece.cutLine().ring().points()));
            List<Point> stitch = new java.util.ArrayList<>();
            for (Edge edge : s.piece.stitchLine().edges()) {
                List<Point> points = edge.flattened(OutlineFile.DXF_MM);
                stitch.addAll(points.subList(0, points.size() - 1));
            }
            OutlineFile.polyline(dxf, "STITCH", true, moved(s, stitch));
            if (isTrimmed(s.piece)) {
                OutlineFile.polyline(
                        dxf, "TRIM", true, moved(s, s.piece.trimLine().ring().points()));
            }
            for (Piece.Notch notch : s.piece.notches()) {
                OutlineFile.polyline(
                        dxf,
                        "MARKS",
                        false,
                        moved(
                                s,
                                List.of(
                                        notch.at().plus(new Point(-3, 0)),
                                        notch.at().plus(new Point(3, 0)))));
            }
            for (Mark mark : s.piece.marks()) {
                if (mark.isDrawn()) {
                    mark.lines().forEach(line -> OutlineFile.polyline(dxf, "MARKS", false, moved(s, line)));
                }
            }
        }
        return OutlineFile.footer(dxf);
    }

    private static List<Point> moved(Standing s, List<Point> points) {
        return points.stream().map(p -> p.plus(s.shift)).toList();
    }
}
