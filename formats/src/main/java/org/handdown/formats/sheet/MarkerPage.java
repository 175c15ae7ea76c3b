package org.handdown.formats.sheet;

import java.util.List;
import org.handdown.formats.photo.MarkerSheet;
import org.handdown.geometry.Point;

/** The sheet to lay beside the cloth when it is photographed: squares that a camera finds, on A4 or Letter. */
public final class MarkerPage {
    private static final double WIDE_MM = 5 * MarkerSheet.SQUARE_MM + 4 * 12;

    private MarkerPage() {}

    public static byte[] pdf(Paper paper) {
        try (Pdf pdf = new Pdf("Hand Down – sheet for photos", paper)) {
            try (Page page = pdf.page()) {
                double left = (paper.widthMm() - WIDE_MM) / 2;
                double lower = 22;
                for (Point c : MarkerSheet.squares()) {
                    double x = left + c.x();
                    double y = lower + c.y();
                    double s = MarkerSheet.SQUARE_MM;
                    page.fill(
                            List.of(new Point(x, y), new Point(x + s, y), new Point(x + s, y + s), new Point(x, y + s)),
                            0.05f);
                }
                page.text(
                        left,
                        12,
                        3.2,
                        false,
                        "Print at 100 %. A square is 24 mm: measure one. Lay the sheet flat beside the cloth, not on it.");
            }
            return pdf.bytes();
        }
    }
}
