package org.handdown.formats.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.unpick.PartLabel;

/** Labels to cut out and pin to every part that comes off: name, face, up, side, grain, partner, and what it was sewn to. */
public final class PartLabels {
    private static final double HIGH_MM = 52;
    private static final double TEXT_MM = 3.3;
    private static final double LEAST_TEXT_MM = 1.8;
    /** From line to line, as a share of the letters. */
    private static final double LINE_SHARE = 1.38;

    private static final double DRAWING_MM = 30;

    private final String source;
    private final Map<String, List<String>> becomes;
    private final List<PartLabel> labels;
    private final LengthUnit unit;
    private final Paper paper;

    /** @param becomes names of the pieces that the lay cuts from each part, by its id; a line to write on for the others */
    public PartLabels(
            String source, List<PartLabel> labels, Map<String, List<String>> becomes, LengthUnit unit, Paper paper) {
        this.becomes = Map.copyOf(becomes);
        this.source = source;
        this.labels = labels;
        this.unit = unit;
        this.paper = paper;
    }

    public byte[] pdf() {
        return new LabelSheet(
                        source + " – part labels",
                        paper,
                        HIGH_MM,
                        "No part comes off yet: decide at Take apart which joins to open.")
                .pdf(labels, this::label);
    }

    private String length(double mm) {
        return LengthText.format(Length.ofMm(mm), unit);
    }

    private void label(Page page, PartLabel label, double x, double y, double wide) {
        page.text(x + 4, y + HIGH_MM - 8, 5, true, label.name());
        List<String> lines = new ArrayList<>();
        lines.add(source);
        lines.add("Right side up, top up; grain along the arrow");
        lines.add(label.layer() + (label.side().isEmpty() ? "" : ", the wearer's " + label.side()));
        lines.add(length(label.widthMm()) + " across × " + length(label.heightMm()) + " along");
        if (!label.partner().isEmpty()) {
            lines.add("Partner: " + label.partner());
        }
        if (!label.neighbours().isEmpty()) {
            lines.add("Was sewn to: " + String.join(", ", label.neighbours()));
        }
        List<String> pieces = becomes.getOrDefault(label.part(), List.of());
        lines.add("Becomes: " + (pieces.isEmpty() ? "______________________" : String.join(", ", pieces)));
        write(page, lines, x + 4, y + HIGH_MM - 14, wide - DRAWING_MM - 10);
        drawing(page, label, x + wide - DRAWING_MM - 4, y + 8);
    }

    /** All of it, in smaller letters where it is much. */
    private static void write(Page page, List<String> lines, double x, double top, double room) {
        double size = TEXT_MM;
        List<String> all = wrapped(page, lines, size, room);
        while (all.size() * LINE_SHARE * size > HIGH_MM - 16 && size > LEAST_TEXT_MM) {
            size -= 0.1;
            all = wrapped(page, lines, size, room);
        }
        double at = top;
        for (String line : all) {
            page.text(x, at, size, false, line);
            at -= LINE_SHARE * size;
        }
    }

    private static List<String> wrapped(Page page, List<String> lines, double size, double room) {
        return lines.stream()
                .flatMap(l -> page.wrapped(size, false, l, room).stream())
                .toList();
    }

    private static void drawing(Page page, PartLabel label, double x, double y) {
        var ring = label.outline().ring();
        Box box = ring.box();
        double scale = Math.max(box.widthMm() / (DRAWING_MM - 8), box.heightMm() / (HIGH_MM - 16));
        List<Point> drawn = ring.points().stream()
                .map(p -> new Point(x + (p.x() - box.minX()) / scale, y + (p.y() - box.minY()) / scale))
                .toList();
        page.fill(drawn, 0.93f);
        page.line(drawn, true, Page.Stroke.CLOTH);
        double arrow = x + box.widthMm() / scale + 4;
        double high = box.heightMm() / scale;
        page.arrow(new Point(arrow, y + high * 0.2), new Point(arrow, y + high * 0.8), Page.Stroke.CLOTH);
    }
}
