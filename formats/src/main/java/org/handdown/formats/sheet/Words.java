package org.handdown.formats.sheet;

import org.handdown.geometry.Box;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;

/** Words stand on the page where they begin, wholly: moved in from its edge, and on no other page. */
final class Words {
    private final Page page;
    private final LengthUnit unit;
    private final Box field;

    /** @param field of the page that words may stand in */
    Words(Page page, LengthUnit unit, Box field) {
        this.page = page;
        this.unit = unit;
        this.field = field;
    }

    /** @param words with lengths in mm */
    void write(double x, double y, double sizeMm, boolean bold, String words) {
        String text = LengthText.inSentence(words, unit);
        if (x < field.minX() || x >= field.maxX() || y < field.minY() || y >= field.maxY()) {
            return;
        }
        double wide = page.widthMm(sizeMm, bold, text);
        page.text(
                Math.max(field.minX() + 1, Math.min(x, field.maxX() - wide - 1)),
                Math.min(y, field.maxY() - sizeMm),
                sizeMm,
                bold,
                text);
    }
}
