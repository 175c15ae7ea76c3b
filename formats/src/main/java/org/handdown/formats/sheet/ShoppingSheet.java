package org.handdown.formats.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.shopping.AtHand;
import org.handdown.shopping.Item;
import org.handdown.shopping.Shopping;

/** What must be found or bought for a project, with boxes to tick; then what is at hand, with the code it is found by. */
public final class ShoppingSheet {
    private static final double MARGIN_MM = 18;
    private static final double TEXT_MM = 3.8;
    private static final double LINE_MM = 5.4;
    private static final double BOX_MM = 3.6;

    private final String title;
    private final Shopping shopping;
    private final LengthUnit unit;
    private final Paper paper;

    public ShoppingSheet(String title, Shopping shopping, LengthUnit unit, Paper paper) {
        this.title = title;
        this.shopping = shopping;
        this.unit = unit;
        this.paper = paper;
    }

    /** @param box whether there is something to tick */
    private record Line(String text, boolean head, boolean box) {}

    public byte[] pdf() {
        List<Line> lines = new ArrayList<>();
        section(lines, "To find or buy", shopping.missing());
        section(
                lines,
                "At hand: take it along to the table",
                shopping.items().stream().filter(Item::isThere).toList());
        int perPage = (int) ((paper.heightMm() - 2 * MARGIN_MM - 12) / LINE_MM);
        try (Pdf pdf = new Pdf(title + " – what it takes", paper)) {
            for (int from = 0; from < Math.max(1, lines.size()); from += perPage) {
                page(pdf, lines.subList(from, Math.min(lines.size(), from + perPage)));
            }
            return pdf.bytes();
        }
    }

    private void section(List<Line> lines, String head, List<Item> items) {
        if (items.isEmpty()) {
            return;
        }
        lines.add(new Line(head, true, false));
        for (Item item : items) {
            String amount = item.words(item.isThere() ? item.needs() : item.missing());
            lines.add(new Line(said(item.what() + (amount.isEmpty() ? "" : ", " + amount)), false, true));
            String more = item.size().isEmpty() ? item.use() : item.use() + "; " + item.size();
            lines.add(new Line(said(more), false, false));
            if (!item.atHand().isEmpty()) {
                lines.add(new Line(
                        item.atHand().stream().map(ShoppingSheet::named).collect(Collectors.joining(", ")),
                        false,
                        false));
            }
        }
        lines.add(new Line("", false, false));
    }

    private static String named(AtHand at) {
        return (at.amount() > 0 ? "" : "perhaps ") + at.name() + (at.where().isEmpty() ? "" : " (" + at.where() + ")");
    }

    private String said(String sentence) {
        return LengthText.inSentence(sentence, unit);
    }

    private void page(Pdf pdf, List<Line> lines) {
        try (Page page = pdf.page()) {
            double y = paper.heightMm() - MARGIN_MM - 6;
            page.text(MARGIN_MM, y, 6, true, title);
            y -= 12;
            for (Line line : lines) {
                if (line.box) {
                    page.line(
                            List.of(
                                    new Point(MARGIN_MM, y - 0.6),
                                    new Point(MARGIN_MM + BOX_MM, y - 0.6),
                                    new Point(MARGIN_MM + BOX_MM, y - 0.6 + BOX_MM),
                                    new Point(MARGIN_MM, y - 0.6 + BOX_MM)),
                            true,
                            Page.Stroke.CUT);
                }
                page.text(line.head ? MARGIN_MM : MARGIN_MM + 8, y, TEXT_MM, line.head || line.box, fitted(page, line));
                y -= LINE_MM;
            }
        }
    }

    /** A line is no longer than the page is wide. */
    private String fitted(Page page, Line line) {
        double room = paper.widthMm() - 2 * MARGIN_MM - 8;
        String text = line.text;
        while (text.length() > 1 && page.widthMm(TEXT_MM, line.head || line.box, text) > room) {
            text = text.substring(0, text.length() - 2) + "…";
        }
        return text;
    }
}
