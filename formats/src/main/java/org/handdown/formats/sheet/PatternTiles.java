package org.handdown.formats.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.KeptEdge;
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
                page.line(small(s.piece().cutLine().ring().points(), s, scale, corner), true, Page.Stroke.CUT);
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
                Point at = small(List.of(s.inside()), s, scale, corner).get(0);
                page.text(
                        at.x() - page.widthMm(2.6, false, s.piece().name()) / 2,
                        at.y(),
                        2.6,
                        false,
                        s.piece().name());
            }
        }
    }

    private static List<Point> small(List<Point> points, Standing s, double scale, Point corner) {
        return points.stream().map(p -> s.on(p).times(scale).plus(corner)).toList();
    }

    private boolean isUsed(int column, int row) {
        Region tile = Region.of(Ring.rectangle(
                column * tileWidth(), row * tileHeight(), tileWidth() + OVERLAP_MM, tileHeight() + OVERLAP_MM));
        return standing.stream()
                .anyMatch(s -> !tile.intersection(
                                Region.of(s.piece().cutLine().ring().map(s::on)))
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
            Box field = new Box(
                    PAGE_MARGIN_MM, PAGE_MARGIN_MM, PAGE_MARGIN_MM + tileWidth(), PAGE_MARGIN_MM + tileHeight());
            PieceOnPage drawn = new PieceOnPage(page, new Words(page, unit, field), kept, shift);
            standing.forEach(drawn::draw);
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
}
