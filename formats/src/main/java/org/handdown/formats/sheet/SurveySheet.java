package org.handdown.formats.sheet;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.ShapeByMeasures;
import org.handdown.panel.survey.TapeLine;

/** A sheet to fill in by hand at the table: the shape with its tape lines numbered, or a table of points. */
public final class SurveySheet {
    private static final double MARGIN_MM = 15;
    private static final double TEXT_MM = 3.6;
    private static final double ROW_MM = 8;
    private static final int ROWS = 24;

    private SurveySheet() {}

    /** A ready shape in usual proportions; its numbers stand where the tape lies. */
    public static byte[] pdf(ReadyShape shape, Paper paper) {
        try (Pdf pdf = new Pdf("Hand Down – " + shape.words(), paper)) {
            try (Page page = pdf.page()) {
                head(page, paper, shape.words());
                double blanks = ROW_MM * shape.measures().size() + 14;
                drawing(page, shape, paper, MARGIN_MM + blanks, paper.heightMm() - 46);
                double y = MARGIN_MM + blanks - 12;
                int number = 0;
                for (ReadyShape.Measure m : shape.measures()) {
                    number++;
                    String check = m.kind() == ReadyShape.Kind.CHECK ? "to check: " : "";
                    page.text(MARGIN_MM, y, TEXT_MM, false, number + "   " + check + m.words());
                    page.line(
                            List.of(
                                    new Point(paper.widthMm() - 65, y - 1),
                                    new Point(paper.widthMm() - MARGIN_MM, y - 1)),
                            false,
                            Page.Stroke.GUIDE);
                    y -= ROW_MM;
                }
            }
            return pdf.bytes();
        }
    }

    private static void head(Page page, Paper paper, String title) {
        page.text(MARGIN_MM, paper.heightMm() - 20, 6, true, title);
        page.text(
                MARGIN_MM,
                paper.heightMm() - 28,
                TEXT_MM,
                false,
                "Source: ____________________   Panel: ____________________   Right side up  [  ]   Unit: ______");
        page.text(
                MARGIN_MM,
                paper.heightMm() - 35,
                TEXT_MM,
                false,
                "Lay the cloth flat without stretching it; read the tape where it lies, along curves where it follows one.");
    }

    private static void drawing(Page page, ReadyShape shape, Paper paper, double lower, double upper) {
        ShapeByMeasures drawn = new ShapeByMeasures(shape, shape.usual());
        List<Point> ring = drawn.outline().ring().points();
        Box box = drawn.outline().box();
        double scale =
                Math.min((paper.widthMm() - 2 * MARGIN_MM - 30) / box.widthMm(), (upper - lower - 14) / box.heightMm());
        double dx = paper.widthMm() / 2 - scale * (box.minX() + box.maxX()) / 2;
        double dy = (lower + upper) / 2 - scale * (box.minY() + box.maxY()) / 2;
        page.line(moved(ring, scale, dx, dy), true, Page.Stroke.CUT);
        int number = 0;
        List<Point> taken = new ArrayList<>();
        for (ReadyShape.Measure m : shape.measures()) {
            number++;
            TapeLine tape = drawn.tapes().get(m.id());
            if (tape == null) {
                continue;
            }
            List<Point> line = moved(tape.along(), scale, dx, dy);
            page.line(line, false, Page.Stroke.STITCH);
            Point at = free(line, taken);
            taken.add(at);
            page.fill(
                    List.of(
                            at.plus(new Point(-1, -1.2)),
                            at.plus(new Point(4.6, -1.2)),
                            at.plus(new Point(4.6, 3.4)),
                            at.plus(new Point(-1, 3.4))),
                    1);
            page.text(at.x(), at.y(), TEXT_MM, true, String.valueOf(number));
        }
    }

    /** A place along the line that keeps clear of the numbers that stand there. */
    private static Point free(List<Point> line, List<Point> taken) {
        Point best = org.handdown.geometry.Edge.at(line, 0.5);
        double most = -1;
        for (double share : new double[] {0.5, 0.35, 0.65, 0.2, 0.8}) {
            Point at = org.handdown.geometry.Edge.at(line, share);
            double near = taken.stream().mapToDouble(at::distanceMm).min().orElse(100);
            if (near > 9) {
                return at;
            }
            if (near > most) {
                most = near;
                best = at;
            }
        }
        return best;
    }

    private static List<Point> moved(List<Point> points, double scale, double dx, double dy) {
        return points.stream()
                .map(p -> new Point(p.x() * scale + dx, p.y() * scale + dy))
                .toList();
    }

    /** Blank rows for points measured by a way of their own. @param columns what is read for each point */
    public static byte[] table(String title, String how, List<String> columns, Paper paper) {
        try (Pdf pdf = new Pdf("Hand Down – " + title, paper)) {
            try (Page page = pdf.page()) {
                head(page, paper, title);
                page.text(MARGIN_MM, paper.heightMm() - 43, TEXT_MM, false, how);
                double wide = (paper.widthMm() - 2 * MARGIN_MM - 12) / columns.size();
                double y = paper.heightMm() - 54;
                for (int c = 0; c < columns.size(); c++) {
                    page.text(MARGIN_MM + 12 + c * wide, y, TEXT_MM, true, columns.get(c));
                }
                for (int row = 1; row <= ROWS; row++) {
                    y -= ROW_MM;
                    page.text(MARGIN_MM, y, TEXT_MM, false, String.valueOf(row));
                    for (int c = 0; c < columns.size(); c++) {
                        double x = MARGIN_MM + 12 + c * wide;
                        page.line(
                                List.of(new Point(x, y - 1), new Point(x + wide - 5, y - 1)), false, Page.Stroke.GUIDE);
                    }
                }
            }
            return pdf.bytes();
        }
    }
}
