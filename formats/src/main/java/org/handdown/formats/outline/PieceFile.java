package org.handdown.formats.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.geometry.Segment;
import org.handdown.measure.Wording;
import org.handdown.pattern.KeptEdge;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;

/**
 * Pattern pieces side by side as a drawing for other programs; one unit is one millimetre. Cut lines, stitch lines and marks are told
 * apart by their group (SVG) or layer (DXF); a line is named after its piece.
 */
public final class PieceFile {
    private static final double BETWEEN_MM = 30;
    private static final double TEXT_MM = 6;

    private PieceFile() {}

    /**
     * A piece with the shift that puts it beside the others, its lower left corner on the base line.
     *
     * @param cut the line it is cut along, as it is laid
     * @param told what the lay spares, empty for nothing
     */
    private record Standing(Piece piece, Ring cut, String told, Point shift) {
        /** Along the grain, in the middle. */
        List<Point> grain() {
            Point inner = Region.of(cut).innerPoint();
            Point middle = inner == null ? cut.at(0) : inner;
            double half = Math.min(60, cut.box().heightMm() / 4);
            return List.of(middle.plus(new Point(0, -half)), middle.plus(new Point(0, half)));
        }
    }

    private static List<Standing> standing(List<Piece> pieces, Map<String, KeptEdge> kept) {
        List<Standing> all = new ArrayList<>();
        double x = 0;
        for (Piece piece : pieces) {
            KeptEdge old = kept.get(piece.id());
            Ring cut = (old == null ? piece.cutLine() : old.cutLine(piece)).ring();
            Box box = cut.box();
            all.add(new Standing(piece, cut, old == null ? "" : old.words(), new Point(x - box.minX(), -box.minY())));
            x += box.widthMm() + BETWEEN_MM;
        }
        return all;
    }

    /**
     * SVG at true size; stitch lines keep their curves. y is turned down as SVG wants it.
     *
     * @param kept by piece id: what the lay spares
     */
    public static String svg(String title, List<Piece> pieces, Map<String, KeptEdge> kept) {
        List<Standing> all = standing(pieces, kept);
        double wide = all.stream()
                .mapToDouble(s -> s.cut.box().maxX() + s.shift.x())
                .max()
                .orElse(0);
        double high =
                all.stream().mapToDouble(s -> s.cut.box().heightMm()).max().orElse(0);
        StringBuilder svg = new StringBuilder(Wording.fill(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"0 0 %.3f %.3f\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.5\">%n<title>%s</title>%n",
                wide, high, wide, high, escaped(title)));
        group(
                svg,
                "cut",
                all,
                s -> path(
                        s.piece.id() + "-cut",
                        s.piece.name() + ", cut" + (s.told.isEmpty() ? "" : " (" + s.told + ")"),
                        ring(s, s.cut, high)));
        group(
                svg,
                "stitch",
                all,
                s -> path(
                        s.piece.id() + "-stitch", s.piece.name() + ", stitch", outline(s, s.piece.stitchLine(), high)));
        group(
                svg,
                "trim",
                all.stream().filter(s -> isTrimmed(s.piece)).toList(),
                s -> path(
                        s.piece.id() + "-trim",
                        s.piece.name() + ", trim",
                        ring(s, s.piece.trimLine().ring(), high)));
        group(
                svg,
                "grain",
                all,
                s -> path(s.piece.id() + "-grain", s.piece.name() + ", grain", line(s, s.grain(), high)));
        group(svg, "marks", all, s -> marks(s, high));
        group(svg, "names", all, s -> names(s, high));
        return svg.append("</svg>\n").toString();
    }

    private static boolean isTrimmed(Piece piece) {
        return piece.allowances().values().stream().anyMatch(a -> a.trimMm() != a.mm());
    }

    private static void group(StringBuilder svg, String id, List<Standing> all, Function<Standing, String> draw) {
        svg.append("<g id=\"").append(id).append("\"").append(id.equals("stitch") ? " stroke-dasharray=\"4 2\"" : "");
        svg.append(">\n");
        all.forEach(s -> svg.append(draw.apply(s)));
        svg.append("</g>\n");
    }

    private static String path(String id, String title, String d) {
        return Wording.fill("<path id=\"%s\" d=\"%s\"><title>%s</title></path>%n", id, d, escaped(title));
    }

    private static String line(Standing s, List<Point> line, double high) {
        StringBuilder d = new StringBuilder();
        line.forEach(p -> d.append(d.isEmpty() ? "M " : " L ").append(at(p, s, high)));
        return d.toString();
    }

    /** The piece's name, how often it is cut, and what the lay spares. */
    private static String names(Standing s, double high) {
        StringBuilder all = new StringBuilder();
        double below = 0;
        for (String words : words(s)) {
            Point p = s.grain().get(0).plus(new Point(4, -below));
            all.append(Wording.fill(
                    "<text x=\"%.2f\" y=\"%.2f\" font-size=\"%.0f\" fill=\"#000\" stroke=\"none\">%s</text>%n",
                    p.x() + s.shift.x(), high - p.y() - s.shift.y(), TEXT_MM, escaped(words)));
            below += 1.3 * TEXT_MM;
        }
        return all.toString();
    }

    private static List<String> words(Standing s) {
        List<String> words = new ArrayList<>(List.of(s.piece.name(), s.piece.copies()));
        if (!s.told.isEmpty()) {
            words.add(s.told);
        }
        return words;
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

    /**
     * ASCII DXF R12: closed polylines on the layers CUT and STITCH, marks and notches on MARKS, what is trimmed to on TRIM, the grain on
     * GRAIN, and on TEXT, in each piece, its name first.
     *
     * @param kept by piece id: what the lay spares
     */
    public static String dxf(List<Piece> pieces, Map<String, KeptEdge> kept) {
        StringBuilder dxf = new StringBuilder();
        OutlineFile.header(dxf);
        for (Standing s : standing(pieces, kept)) {
            OutlineFile.polyline(dxf, "CUT", true, moved(s, s.cut.points()));
            List<Point> stitch = new ArrayList<>();
            for (Edge edge : s.piece.stitchLine().edges()) {
                List<Point> points = edge.flattened(OutlineFile.DXF_MM);
                stitch.addAll(points.subList(0, points.size() - 1));
            }
            OutlineFile.polyline(dxf, "STITCH", true, moved(s, stitch));
            if (isTrimmed(s.piece)) {
                OutlineFile.polyline(
                        dxf, "TRIM", true, moved(s, s.piece.trimLine().ring().points()));
            }
            OutlineFile.polyline(dxf, "GRAIN", false, moved(s, s.grain()));
            Point foot = s.grain().get(0).plus(s.shift).plus(new Point(4, 0));
            double below = 0;
            for (String words : words(s)) {
                OutlineFile.text(dxf, "TEXT", foot.plus(new Point(0, -below)), TEXT_MM, words);
                below += 1.3 * TEXT_MM;
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
