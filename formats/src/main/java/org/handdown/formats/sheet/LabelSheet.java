package org.handdown.formats.sheet;

import java.util.List;
import org.handdown.geometry.Point;

/**
 * Labels to cut out, two in a row, as many pages as they need.
 *
 * @param highMm of one label, with its frame
 * @param none what the page says where there is no label
 */
record LabelSheet(String title, Paper paper, double highMm, String none) {
    private static final double MARGIN_MM = 12;
    private static final double TEXT_MM = 3.3;

    /** Writes one label inside its frame; x and y of the lower left corner, mm on the page. */
    @FunctionalInterface
    interface Writer<T> {
        void write(Page page, T label, double x, double y, double wide);
    }

    <T> byte[] pdf(List<T> labels, Writer<T> writer) {
        try (Pdf pdf = new Pdf(title, paper)) {
            double wide = (paper.widthMm() - 2 * MARGIN_MM) / 2;
            int rows = (int) ((paper.heightMm() - 2 * MARGIN_MM) / highMm);
            for (int first = 0; first < Math.max(1, labels.size()); first += 2 * rows) {
                try (Page page = pdf.page()) {
                    if (labels.isEmpty()) {
                        page.text(MARGIN_MM, paper.heightMm() - 30, TEXT_MM, false, none);
                    }
                    for (int i = first; i < Math.min(labels.size(), first + 2 * rows); i++) {
                        double x = MARGIN_MM + (i - first) % 2 * wide;
                        double y = paper.heightMm() - MARGIN_MM - ((i - first) / 2 + 1) * highMm;
                        page.line(frame(x, y, wide), true, Page.Stroke.GUIDE);
                        writer.write(page, labels.get(i), x, y, wide);
                    }
                }
            }
            return pdf.bytes();
        }
    }

    private List<Point> frame(double x, double y, double wide) {
        return List.of(
                new Point(x, y), new Point(x + wide, y), new Point(x + wide, y + highMm), new Point(x, y + highMm));
    }
}
