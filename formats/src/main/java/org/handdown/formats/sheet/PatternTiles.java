package org.handdown.formats.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.InnerEdge;
import org.handdown.pattern.KeptEdge;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;

/**
 * The pattern at full size, cut into numbered pages that overlap, with a test square. Pieces stand side by side on one sheet, which the
 * pages tile from the lower left; a page with nothing on it is left out.
 */
public final class PatternTiles {
    private static final double PAGE_MARGIN_MM = 10;
    private static final double OVERLAP_MM = 10;
    private static final double BETWEEN_MM = 12;
    private static final double TEST_SQUARE_MM = 100;

    private final Design design;
    private final Map<String, KeptEdge> kept;
    private final LengthUnit unit;
    private final String title;
    private final Paper paper;
    private final List<Standing> standing = new ArrayList<>();
    private Box sheet = new Box(0, 0, 1, 1);

    /** A piece with the shift that puts it on the sheet. */
    private record Standing(Piece piece, Point shift) {
        Point on(Point p) {
            return p.plus(shift);
        }
    }

    public PatternTiles(String title, Design design, Paper paper) {
        this(title, design, Map.of(), LengthUnit.MM, paper);
    }

    /**
     * @param kept by piece id: what the lay spares
     * @param unit that lengths are written in
     */
    public PatternTiles(String title, Design design, Map<String, KeptEdge> kept, LengthUnit unit, Paper paper) {
        this.kept = Map.copyOf(kept);
        this.unit = unit;
        this.title = title;
        this.design = design;
        this.paper = paper;
        arrange(4 * tileWidth());
    }

    private PatternTiles(String title, Design design, Map<String, KeptEdge> kept, LengthUnit unit, double rollMm) {
        this.kept = Map.copyOf(kept);
        this.unit = unit;
        this.title = title;
        this.design = design;
        arrange(rollMm - 2 * PAGE_MARGIN_MM - OVERLAP_MM);
        this.paper = new Paper(rollMm, Math.max(200, Math.ceil(sheet.maxY()) + 2 * PAGE_MARGIN_MM + OVERLAP_MM));
    }

    /**
     * All pieces side by side on one long page, for a printer with a roll.
     *
     * @throws RefusedValueException if a piece is wider than the roll, or all of them longer than 5 m
     */
    public static byte[] roll(String title, Design design, double rollMm) {
        return roll(title, design, Map.of(), LengthUnit.MM, rollMm);
    }

    /** As {@link #roll(String, Design, double)}, without the allowances that the lay spares. */
    public static byte[] roll(String title, Design design, Map<String, KeptEdge> kept, LengthUnit unit, double rollMm) {
        double widest = design.pieces().stream()
                .mapToDouble(p -> p.cutLine().ring().box().widthMm())
                .max()
                .orElse(0);
        if (widest > rollMm - 2 * PAGE_MARGIN_MM - OVERLAP_MM) {
            throw new RefusedValueException(
                    "roll",
                    Wording.fill(
                            "The widest piece is %.0f mm; a roll of %.0f mm is too narrow for it. Print tiles instead.",
                            widest, rollMm));
        }
        try {
            return new PatternTiles(title, design, kept, unit, rollMm).pdf();
        } catch (RefusedValueException e) {
            if (!e.field().equals("paper")) {
                throw e;
            }
            throw new RefusedValueException(
                    "roll", Wording.of("That is longer than a page may be (5 m): print piece by piece."));
        }
    }

    private void arrange(double widest) {
        double x = TEST_SQUARE_MM + BETWEEN_MM;
        double y = 0;
        double high = TEST_SQUARE_MM;
        double right = x;
        for (Piece piece : design.pieces()) {
            Box box = piece.cutLine().ring().box();
            if (x + box.widthMm() > widest && x > 0) {
                y += high + BETWEEN_MM;
                x = 0;
                high = 0;
            }
            standing.add(new Standing(piece, new Point(x - box.minX(), y - box.minY())));
            x += box.widthMm() + BETWEEN_MM;
            right = Math.max(right, x);
            high = Math.max(high, box.heightMm());
        }
        sheet = new Box(0, 0, right, y + high);
    }

    private double tileWidth() {
        return paper.widthMm() - 2 * PAGE_MARGIN_MM - OVERLAP_MM;
    }

    private double tileHeight() {
        return paper.heightMm() - 2 * PAGE_MARGIN_MM - OVERLAP_MM;
    }

    public byte[] pdf() {
        try (Pdf pdf = new Pdf(title + " – full-size pattern", paper)) {
            int columns = (int) Math.ceil(sheet.maxX() / tileWidth());
            int rows = (int) Math.ceil(sheet.maxY() / tileHeight());
            for (int row = 0; row < rows; row++) {
                for (int column = 0; column < columns; column++) {
                    if (row == 0 && column == 0 || isUsed(column, row)) {
                        tile(pdf, column, row);
                    }
                }
            }
            if (columns * rows > 1) {
                overview(pdf, columns, rows);
            }
            return pdf.bytes();
        }
    }

    /** All pages small on one, so that they can be laid out before they are stuck together. */
    private void overview(Pdf pdf, int columns, int rows) {
        try (Page page = pdf.page()) {
            double top = paper.heightMm() - PAGE_MARGIN_MM - 12;
            page.text(PAGE_MARGIN_MM, top + 4, 5, true, "How the pages lie: " + title);
            double scale = Math.min(
                    (paper.widthMm() - 2 * PAGE_MARGIN_MM) / (columns * tileWidth()),
                    (top - 2 * PAGE_MARGIN_MM) / (rows * tileHeight()));
            Point corner = new Point(PAGE_MARGIN_MM, top - rows * tileHeight() * scale);
            for (Standing s : standing) {
                page.line(small(s.piece.cutLine().ring().points(), s, scale, corner), true, Page.Stroke.CUT);
            }
            double wide = tileWidth() * scale;
            double high = tileHeight() * scale;
            for (int row = 0; row < rows; row++) {
                for (int column = 0; column < columns; column++) {
                    if (row == 0 && column == 0 || isUsed(column, row)) {
                        Point at = corner.plus(new Point(column * wide, row * high));
                        page.line(Ring.rectangle(at.x(), at.y(), wide, high).points(), true, Page.Stroke.GUIDE);
                        page.text(at.x() + 1.5, at.y() + 1.5, Math.min(5, high / 4), true, number(column, row));
                    }
                }
            }
            for (Standing s : standing) {
                Point at = small(List.of(inside(s.piece)), s, scale, corner).get(0);
                page.text(at.x() - page.widthMm(2.6, false, s.piece.name()) / 2, at.y(), 2.6, false, s.piece.name());
            }
        }
    }

    private static List<Point> small(List<Point> points, Standing s, double scale, Point corner) {
        return points.stream().map(p -> s.on(p).times(scale).plus(corner)).toList();
    }

    private static Point inside(Piece piece) {
        Ring cut = piece.cutLine().ring();
        Point inner = Region.of(cut).innerPoint();
        return inner == null ? cut.at(0) : inner;
    }

    /** Words stand on the page where they begin, wholly: moved in from its edge, and on no other page. */
    private final class Words {
        private final Page page;
        private final double left = PAGE_MARGIN_MM;
        private final double right = PAGE_MARGIN_MM + tileWidth();
        private final double top = PAGE_MARGIN_MM + tileHeight();

        private Words(Page page) {
            this.page = page;
        }

        /** @param words with lengths in mm */
        void write(double x, double y, double sizeMm, boolean bold, String words) {
            String text = LengthText.inSentence(words, unit);
            if (x < left || x >= right || y < PAGE_MARGIN_MM || y >= top) {
                return;
            }
            double wide = page.widthMm(sizeMm, bold, text);
            page.text(Math.max(left + 1, Math.min(x, right - wide - 1)), Math.min(y, top - sizeMm), sizeMm, bold, text);
        }
    }

    private boolean isUsed(int column, int row) {
        Region tile = Region.of(Ring.rectangle(
                column * tileWidth(), row * tileHeight(), tileWidth() + OVERLAP_MM, tileHeight() + OVERLAP_MM));
        return standing.stream()
                .anyMatch(s -> !tile.intersection(
                                Region.of(s.piece.cutLine().ring().map(s::on)))
                        .isEmpty());
    }

    private void tile(Pdf pdf, int column, int row) {
        try (Page page = pdf.page()) {
            Point shift = new Point(PAGE_MARGIN_MM - column * tileWidth(), PAGE_MARGIN_MM - row * tileHeight());
            page.text(
                    PAGE_MARGIN_MM,
                    4,
                    3,
                    false,
                    Wording.fill(
                            "%s · page %s · lay the grey line of the next page on this one's edge; print at 100 %%, never “fit to page”",
                            title, number(column, row)));
            page.clip(PAGE_MARGIN_MM, PAGE_MARGIN_MM, tileWidth() + OVERLAP_MM, tileHeight() + OVERLAP_MM);
            if (column == 0 && row == 0) {
                testSquare(page, shift);
            }
            Words words = new Words(page);
            standing.forEach(s -> piece(page, words, s, shift));
            page.text(
                    PAGE_MARGIN_MM + tileWidth() - 14, PAGE_MARGIN_MM + tileHeight() - 8, 7, true, number(column, row));
            page.unclip();
            overlapMarks(page);
        }
    }

    private static String number(int column, int row) {
        return (char) ('A' + column) + String.valueOf(row + 1);
    }

    private void overlapMarks(Page page) {
        double right = PAGE_MARGIN_MM + tileWidth();
        double top = PAGE_MARGIN_MM + tileHeight();
        page.line(
                List.of(new Point(right, PAGE_MARGIN_MM), new Point(right, top + OVERLAP_MM)),
                false,
                Page.Stroke.GUIDE);
        page.line(
                List.of(new Point(PAGE_MARGIN_MM, top), new Point(right + OVERLAP_MM, top)), false, Page.Stroke.GUIDE);
        for (Point corner : List.of(
                new Point(right, PAGE_MARGIN_MM),
                new Point(right, top),
                new Point(PAGE_MARGIN_MM, top),
                new Point(PAGE_MARGIN_MM, PAGE_MARGIN_MM))) {
            page.line(List.of(corner.plus(new Point(-3, 0)), corner.plus(new Point(3, 0))), false, Page.Stroke.CUT);
            page.line(List.of(corner.plus(new Point(0, -3)), corner.plus(new Point(0, 3))), false, Page.Stroke.CUT);
        }
    }

    private static void testSquare(Page page, Point shift) {
        Ring square = Ring.rectangle(shift.x(), shift.y(), TEST_SQUARE_MM, TEST_SQUARE_MM);
        page.line(square.points(), true, Page.Stroke.CUT);
        page.text(shift.x() + 6, shift.y() + 52, 4, true, "Test square");
        page.text(shift.x() + 6, shift.y() + 45, 3.5, false, "Each side must measure 100 mm (3 15/16 in).");
        page.text(shift.x() + 6, shift.y() + 39, 3.5, false, "If not, set the printer's scale to 100 %.");
    }

    private void piece(Page page, Words words, Standing s, Point shift) {
        Ring cut = cutLine(s.piece);
        page.line(move(cut.points(), s, shift), true, Page.Stroke.CUT);
        page.line(move(s.piece.stitchLine().ring().points(), s, shift), true, Page.Stroke.STITCH);
        for (Piece.Notch notch : s.piece.notches()) {
            Point at = s.on(notch.at()).plus(shift);
            page.line(List.of(at.plus(new Point(-3, 0)), at.plus(new Point(3, 0))), false, Page.Stroke.CUT);
            words.write(at.x() + 3.5, at.y() - 1, 2.8, false, notch.label());
        }
        for (Mark mark : s.piece.marks()) {
            if (mark.isDrawn()) {
                mark.lines().forEach(line -> page.line(move(line, s, shift), false, Page.Stroke.GUIDE));
                Point at = s.on(mark.points().get(0)).plus(shift);
                words.write(at.x() + 2, at.y() + 2, 2.8, false, mark.label());
            }
        }
        allowances(page, words, s, shift);
        for (InnerEdge turned : InnerEdge.of(s.piece)) {
            // Folds and overlaps are marks and drawn already.
            if (!turned.of().isEmpty()) {
                List<Point> line = move(turned.line(), s, shift);
                page.line(line, false, Page.Stroke.GUIDE);
                words.write(
                        line.get(0).x() + 2,
                        line.get(0).y() + 2,
                        2.8,
                        false,
                        turned.of().replace('-', ' ') + " sewn down here");
            }
        }
        Point middle = s.on(inside(s.piece)).plus(shift);
        double half = Math.min(60, cut.box().heightMm() / 3);
        page.arrow(middle.plus(new Point(-10, -half)), middle.plus(new Point(-10, half)), Page.Stroke.STITCH);
        words.write(middle.x() - 4, middle.y() + 2, 5, true, s.piece.name());
        words.write(middle.x() - 4, middle.y() - 4, 3.5, false, s.piece.copies() + " · arrow: grain, pile running up");
        words.write(middle.x() - 4, middle.y() - 9, 3.5, false, "solid: cut, dashed: stitch");
    }

    private Ring cutLine(Piece piece) {
        KeptEdge old = kept.get(piece.id());
        return old == null ? piece.cutLine().ring() : old.cutLine(piece).ring();
    }

    /** How wide each allowance is, written in it, and the line it is trimmed to where that is another. */
    private void allowances(Page page, Words words, Standing s, Point shift) {
        if (s.piece.allowances().values().stream().anyMatch(a -> a.trimMm() != a.mm())) {
            page.line(move(s.piece.trimLine().ring().points(), s, shift), true, Page.Stroke.GUIDE);
        }
        for (Edge edge : s.piece.stitchLine().edges()) {
            Allowance allowance = s.piece.allowance(edge.name());
            KeptEdge old = kept.get(s.piece.id());
            if (old != null && old.edge().equals(edge.name())) {
                Point at = s.on(edge.at(0.4)).plus(shift);
                words.write(at.x() + 1, at.y() + (old.isAll() ? 1 : 4), 2.4, true, old.words());
                if (old.isAll()) {
                    continue;
                }
            }
            if (allowance.mm() > 0) {
                Point at = s.on(edge.at(0.4)).plus(shift);
                words.write(
                        at.x() + 1,
                        at.y() + 1,
                        2.4,
                        false,
                        Wording.fill("%s %.0f mm", edge.name().replace('-', ' '), allowance.mm())
                                + (allowance.trimMm() == allowance.mm()
                                        ? ""
                                        : Wording.fill(", trim to %.0f mm", allowance.trimMm())));
            }
        }
    }

    private static List<Point> move(List<Point> points, Standing s, Point shift) {
        return points.stream().map(p -> s.on(p).plus(shift)).toList();
    }
}
