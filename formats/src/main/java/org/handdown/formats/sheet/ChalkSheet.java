package org.handdown.formats.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitProblem;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;

/**
 * The chalk-out sheet: for each panel a drawing to a stated scale, then for every piece its corners by distance along and away from a
 * named edge that a tape can follow.
 */
public final class ChalkSheet {
    private static final double MARGIN_MM = 14;
    private static final double ROW_MM = 5.2;
    private static final double TEXT_MM = 3.5;
    private static final int COLUMNS = 2;

    private final String title;
    private final FitProblem problem;
    private final FitLayout layout;
    private final List<Piece> pieces;
    private final Map<String, String> panels;
    private final Map<String, String> names;
    private final LengthUnit unit;
    private final Paper paper;

    /** @param pieces that were laid, with their notches and marks; none where only outlines are known */
    public ChalkSheet(
            String title, FitProblem problem, FitLayout layout, List<Piece> pieces, LengthUnit unit, Paper paper) {
        this(title, problem, layout, pieces, Map.of(), unit, paper);
    }

    /** @param panels names of panels by their ids, as people gave them */
    public ChalkSheet(
            String title,
            FitProblem problem,
            FitLayout layout,
            List<Piece> pieces,
            Map<String, String> panels,
            LengthUnit unit,
            Paper paper) {
        this.panels = Map.copyOf(panels);
        this.pieces = pieces;
        this.names = pieces.stream().collect(Collectors.toMap(Piece::id, Piece::name, (a, b) -> a));
        this.title = title;
        this.problem = problem;
        this.layout = layout;
        this.unit = unit;
        this.paper = paper;
    }

    public byte[] pdf() {
        try (Pdf pdf = new Pdf(title + " – chalk-out sheet", paper)) {
            for (FitPanel panel : inOrderOfCloth()) {
                List<LaidPiece> pieces = LaidPiece.on(problem, layout.placements(), panel.id(), names);
                if (!pieces.isEmpty()) {
                    drawing(pdf, panel, pieces);
                    table(pdf, panel, pieces);
                }
            }
            if (layout.placements().isEmpty()) {
                try (Page page = pdf.page()) {
                    page.text(
                            MARGIN_MM,
                            paper.heightMm() - 30,
                            TEXT_MM,
                            false,
                            "Nothing is laid yet: lay the pieces first.");
                }
            }
            return pdf.bytes();
        }
    }

    /** One cloth after the other, so that each can be taken to the table by itself. */
    private List<FitPanel> inOrderOfCloth() {
        List<String> cloths =
                problem.panels().stream().map(FitPanel::cloth).distinct().toList();
        return problem.panels().stream()
                .sorted(Comparator.comparingInt(p -> cloths.indexOf(p.cloth())))
                .toList();
    }

    /** A notch or a mark where it comes to lie on the panel. */
    private record Spot(String what, List<Point> at, List<List<Point>> lines) {}

    private List<Spot> spots(LaidPiece laid) {
        List<Spot> spots = new ArrayList<>();
        pieces.stream()
                .filter(p -> p.id().equals(laid.placed().piece()))
                .findFirst()
                .ifPresent(piece -> {
                    var way = laid.placed().at();
                    piece.notches()
                            .forEach(n ->
                                    spots.add(new Spot("notch " + n.label(), List.of(way.toPanel(n.at())), List.of())));
                    piece.marks().stream().filter(Mark::isDrawn).forEach(m -> {
                        Mark there = m.map(way::toPanel);
                        spots.add(new Spot(m.kind().words() + " " + m.label(), there.points(), there.lines()));
                    });
                });
        return spots;
    }

    private String panelName(FitPanel panel) {
        return panels.getOrDefault(panel.id(), Wording.spoken(panel.id()) + " panel");
    }

    private String length(double mm) {
        return LengthText.format(Length.ofMm(mm), unit);
    }

    private void drawing(Pdf pdf, FitPanel panel, List<LaidPiece> pieces) {
        try (Page page = pdf.page()) {
            double top = paper.heightMm() - MARGIN_MM;
            ReferenceEdge edge = ReferenceEdge.of(panel);
            page.text(MARGIN_MM, top - 6, 6, true, "Chalk out: " + panelName(panel));
            page.text(
                    MARGIN_MM,
                    top - 13,
                    TEXT_MM,
                    false,
                    title + " · " + panel.cloth() + " · right side up, single layer");
            page.text(
                    MARGIN_MM,
                    top - 18.5,
                    TEXT_MM,
                    false,
                    "Tape along the " + edge.name() + " from its left end (0); second figure square away from it.");
            Box box = panel.outline().box();
            double room = paper.heightMm() - 2 * MARGIN_MM - 34;
            double scale =
                    wholeScale(Math.max(box.heightMm() / room, box.widthMm() / (paper.widthMm() - 2 * MARGIN_MM - 8)));
            page.text(
                    MARGIN_MM,
                    top - 24,
                    TEXT_MM,
                    false,
                    "Scale 1 : " + (int) scale + ". Solid lines are cut lines, allowances included.");
            Point origin = new Point(
                    (paper.widthMm() - box.widthMm() / scale) / 2 - box.minX() / scale,
                    MARGIN_MM + 6 - box.minY() / scale);
            Drawing drawing = new Drawing(page, scale, origin);
            drawing.draw(panel, pieces, edge);
            pieces.forEach(p -> spots(p).forEach(drawing::spot));
        }
    }

    private static double wholeScale(double least) {
        return Math.max(1, Math.ceil(least));
    }

    /** The panel and its pieces at scale. */
    private record Drawing(Page page, double scale, Point origin) {
        Point at(Point p) {
            return new Point(origin.x() + p.x() / scale, origin.y() + p.y() / scale);
        }

        List<Point> at(List<Point> line) {
            return line.stream().map(this::at).toList();
        }

        void draw(FitPanel panel, List<LaidPiece> pieces, ReferenceEdge edge) {
            page.line(at(panel.outline().points()), true, Page.Stroke.CLOTH);
            page.line(at(List.of(edge.start(), edge.end())), false, Page.Stroke.KEPT);
            page.text(at(edge.start()).x() - 3, at(edge.start()).y() - 4, 3, true, "0");
            panel.zones().forEach(z -> {
                page.fill(at(z.outline().points()), 0.85f);
                page.line(at(z.outline().points()), true, Page.Stroke.GUIDE);
            });
            for (int i = 0; i < pieces.size(); i++) {
                piece(pieces.get(i), i);
            }
            Box box = panel.outline().box();
            Point foot = at(new Point(box.maxX(), box.minY() + 0.3 * box.heightMm()));
            page.arrow(foot.plus(new Point(5, 0)), foot.plus(new Point(5, 30)), Page.Stroke.CLOTH);
            page.text(foot.x() + 2, foot.y() - 4, 2.8, false, panel.oneWay() ? "pile" : "grain");
        }

        void spot(Spot spot) {
            spot.lines().forEach(line -> page.line(at(line), false, Page.Stroke.GUIDE));
            if (spot.lines().isEmpty()) {
                Point there = at(spot.at().get(0));
                page.line(List.of(there.plus(new Point(-1, 0)), there.plus(new Point(1, 0))), false, Page.Stroke.CUT);
            }
        }

        private void piece(LaidPiece piece, int index) {
            page.line(at(piece.ring().points()), true, Page.Stroke.CUT);
            List<Point> corners = piece.chalkPoints();
            for (int c = 0; c < corners.size(); c++) {
                Point inward = centre(piece.ring()).minus(corners.get(c));
                Point beside = at(corners.get(c)).plus(inward.times(3.4 / Math.max(1, inward.lengthMm())));
                page.text(beside.x() - 1.6, beside.y() - 0.8, 2.2, false, letter(index, c));
            }
            Point middle = at(centre(piece.ring()));
            page.text(middle.x() - page.widthMm(2.8, true, piece.label()) / 2, middle.y(), 2.8, true, piece.label());
        }

        private static Point centre(Ring ring) {
            Point inner = org.handdown.geometry.Region.of(ring).innerPoint();
            return inner == null ? ring.at(0) : inner;
        }
    }

    private static String letter(int piece, int corner) {
        return (char) ('A' + piece % 26) + String.valueOf(corner + 1);
    }

    private void table(Pdf pdf, FitPanel panel, List<LaidPiece> pieces) {
        ReferenceEdge edge = ReferenceEdge.of(panel);
        List<String[]> rows = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            rows.add(new String[] {pieces.get(i).label(), "", ""});
            rows.add(new String[] {"", "along", "away"});
            List<Point> corners = pieces.get(i).chalkPoints();
            for (int c = 0; c < corners.size(); c++) {
                rows.add(new String[] {
                    letter(i, c), length(edge.alongMm(corners.get(c))), length(edge.awayMm(corners.get(c)))
                });
            }
            for (Spot spot : spots(pieces.get(i))) {
                rows.add(new String[] {spot.what(), "", "mark"});
                for (Point at : spot.at()) {
                    rows.add(new String[] {"·", length(edge.alongMm(at)), length(edge.awayMm(at))});
                }
            }
        }
        int perColumn = (int) ((paper.heightMm() - 2 * MARGIN_MM - 16) / ROW_MM);
        for (int from = 0; from < rows.size(); from += perColumn * COLUMNS) {
            try (Page page = pdf.page()) {
                page.text(
                        MARGIN_MM,
                        paper.heightMm() - MARGIN_MM - 5,
                        4.5,
                        true,
                        panelName(panel) + ": along and away from the " + edge.name());
                for (int i = from; i < Math.min(rows.size(), from + perColumn * COLUMNS); i++) {
                    int place = i - from;
                    row(page, rows.get(i), place / perColumn, place % perColumn);
                }
            }
        }
    }

    private void row(Page page, String[] row, int column, int line) {
        double x = MARGIN_MM + column * (paper.widthMm() - 2 * MARGIN_MM) / COLUMNS;
        double y = paper.heightMm() - MARGIN_MM - 14 - line * ROW_MM;
        boolean heading = row[1].isEmpty();
        if (row[2].equals("mark")) {
            page.text(x, y, 2.8, false, row[0].length() > 46 ? row[0].substring(0, 45) + "…" : row[0]);
            return;
        }
        page.text(x, y, heading ? 3.8 : TEXT_MM, heading, row[0]);
        page.text(x + 14, y, TEXT_MM, false, row[1]);
        page.text(x + 46, y, TEXT_MM, false, row[2]);
    }
}
