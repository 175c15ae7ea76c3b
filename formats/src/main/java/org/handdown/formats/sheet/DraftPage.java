package org.handdown.formats.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.KeptEdge;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;
import org.handdown.pattern.draft.Dimension;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.DraftOrder;

/** The page of a draft: the figures that went in, its pieces to scale, the sums, what it will measure, and what to watch. */
public final class DraftPage {
    private static final double MARGIN_MM = 15;
    private static final double TEXT_MM = 3.4;
    private static final double LINE_MM = 5;
    /** A piece's name under it, smaller where the piece is narrow. */
    private static final double NAME_MM = 2.2;

    private final Draft draft;
    private final DraftOrder order;
    private final Map<String, KeptEdge> kept;
    private final LengthUnit unit;
    private final Paper paper;
    private final Design design;

    public DraftPage(DraftOrder order, LengthUnit unit, Paper paper) {
        this(order, Map.of(), unit, paper);
    }

    /** @param kept by piece id: what the lay spares */
    public DraftPage(DraftOrder order, Map<String, KeptEdge> kept, LengthUnit unit, Paper paper) {
        this.kept = Map.copyOf(kept);
        this.draft = Drafts.require(order.draft());
        this.order = order;
        this.unit = unit;
        this.paper = paper;
        this.design = order.design();
    }

    private String length(double mm) {
        return mm < 0 ? "−" + length(-mm) : LengthText.format(Length.ofMm(mm), unit);
    }

    public byte[] pdf() {
        List<Run> runs = new ArrayList<>();
        figures(runs);
        heading(runs, "The sums behind it");
        runs.add(new Run(LengthText.inSentence(draft.formula(), unit), false));
        pieces(runs);
        sizesAndSeams(runs);
        if (!design.notes().isEmpty() || !design.cautions().isEmpty()) {
            heading(runs, "To watch");
            design.cautions().forEach(c -> runs.add(new Run("Caution: " + LengthText.inSentence(c, unit), false)));
            design.notes().forEach(n -> runs.add(new Run(LengthText.inSentence(n, unit), false)));
        }
        try (Pdf pdf = new Pdf("Hand Down – " + draft.words(), paper)) {
            write(pdf, runs);
            return pdf.bytes();
        }
    }

    private void sizesAndSeams(List<Run> runs) {
        heading(runs, "It will measure");
        for (Size.Finished s : design.sizes()) {
            runs.add(new Run(
                    Wording.fill(
                            "%s: %s ± %s%s",
                            s.what(),
                            length(s.finishedMm()),
                            length(s.toleranceMm()),
                            s.bodyMm() > 0 ? ", body or wish " + length(s.bodyMm()) : ""),
                    false));
        }
        heading(runs, "Seams");
        for (DesignSeam.Walk w : design.walks()) {
            runs.add(new Run(
                    Wording.fill(
                            "%s: %s against %s, %s",
                            w.seam().name(),
                            length(w.oneMm()),
                            length(w.otherMm()),
                            LengthText.inSentence(w.sentence(), unit)),
                    false));
        }
    }

    private void pieces(List<Run> runs) {
        heading(runs, "Pieces");
        for (Piece p : design.pieces()) {
            Box box = cutLine(p).box();
            runs.add(new Run(
                    Wording.fill(
                            "%s: cut %d%s from %s, %s × %s",
                            p.name(),
                            p.quantity(),
                            p.pair() ? ", half mirrored" : "",
                            p.cloth().words(),
                            length(box.widthMm()),
                            length(box.heightMm())),
                    false));
            KeptEdge old = kept.get(p.id());
            if (old != null) {
                runs.add(new Run(p.name() + ", as it is laid: " + old.words(), false));
            }
        }
    }

    private void figures(List<Run> runs) {
        heading(runs, "Figures of " + order.from().name());
        for (BodyMeasure measure : order.measures()) {
            Wearer.Taken taken = order.from().find(measure).orElseThrow();
            runs.add(new Run(
                    Wording.fill(
                            "%s: %s (%s, ± %s)",
                            measure.words(),
                            length(taken.mm()),
                            taken.origin().words(),
                            length(taken.toleranceMm(order.practice()))),
                    false));
        }
        Map<String, Double> values = order.values();
        for (Dimension d : draft.dimensions()) {
            runs.add(new Run(Wording.fill("%s: %s", d.words(), text(d, values.getOrDefault(d.id(), 0.0))), false));
        }
    }

    /** As it is laid. */
    private Ring cutLine(Piece piece) {
        KeptEdge old = kept.get(piece.id());
        return (old == null ? piece.cutLine() : old.cutLine(piece)).ring();
    }

    private record Run(String text, boolean bold) {}

    private static void heading(List<Run> runs, String text) {
        runs.add(new Run("", false));
        runs.add(new Run(text, true));
    }

    private String text(Dimension d, double value) {
        return switch (d.kind()) {
            case LENGTH -> length(value);
            case SHARE -> Wording.fill("%.0f %%", 100 * value);
            case COUNT -> Wording.fill("%.0f", value);
            case TICK -> value > 0 ? "yes" : "no";
            case CHOICE -> d.options().get((int) value);
        };
    }

    private void write(Pdf pdf, List<Run> runs) {
        int next = 0;
        boolean first = true;
        while (first || next < runs.size()) {
            try (Page page = pdf.page()) {
                double y = paper.heightMm() - MARGIN_MM - 6;
                if (first) {
                    page.text(MARGIN_MM, y, 7, true, draft.words());
                    page.text(MARGIN_MM, y - 7, TEXT_MM, false, draft.about());
                    double high = paper.heightMm() * 0.3;
                    drawing(page, MARGIN_MM, y - 14 - high, paper.widthMm() - 2 * MARGIN_MM, high);
                    y -= 18 + high;
                    first = false;
                }
                while (next < runs.size() && y > MARGIN_MM + LINE_MM) {
                    Run run = runs.get(next++);
                    for (String line : page.wrapped(TEXT_MM, run.bold, run.text, paper.widthMm() - 2 * MARGIN_MM)) {
                        page.text(MARGIN_MM, y, run.bold ? 4 : TEXT_MM, run.bold, line);
                        y -= LINE_MM;
                    }
                }
            }
        }
    }

    /** All pieces in one row to one scale. */
    private void drawing(Page page, double left, double below, double wide, double high) {
        double all = 0;
        double tallest = 1;
        for (Piece p : design.pieces()) {
            Box box = p.cutLine().ring().box();
            all += box.widthMm() + 40;
            tallest = Math.max(tallest, box.heightMm());
        }
        double scale = Math.min(wide / all, (high - 6) / tallest);
        double x = left;
        for (Piece p : design.pieces()) {
            Box box = p.cutLine().ring().box();
            Point shift = new Point(x - box.minX() * scale, below + 5 - box.minY() * scale);
            page.line(scaled(cutLine(p).points(), scale, shift), true, Page.Stroke.CUT);
            page.line(scaled(p.stitchLine().ring().points(), scale, shift), true, Page.Stroke.STITCH);
            double room = (box.widthMm() + 40) * scale - 1;
            double size = NAME_MM * Math.min(1, room / page.widthMm(NAME_MM, false, p.name()));
            page.text(x, below, size, false, p.name());
            x += room + 1;
        }
    }

    private static List<Point> scaled(List<Point> points, double scale, Point shift) {
        return points.stream().map(p -> p.times(scale).plus(shift)).toList();
    }
}
