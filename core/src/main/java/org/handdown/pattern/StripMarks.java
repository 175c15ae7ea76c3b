package org.handdown.pattern;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Strips by number out of a panel: every mark from one origin, so that no slip adds up (check: 4 strips of 2½ in lie at 0, 2½, 5, 7½
 * and 10 in; in a tube with ¼ in allowances one is 1 in wide).
 */
public record StripMarks(double panelMm, double stripMm, int count) {
    public StripMarks {
        new Range(10, 5000).require("strips.panel", Length.ofMm(panelMm));
        new Range(3, 2000).require("strips.width", Length.ofMm(stripMm));
        if (count < 1 || count > 300) {
            throw new RefusedValueException("strips.count", "From 1 to 300 strips.");
        }
        if (count * stripMm > panelMm + 1e-6) {
            throw new RefusedValueException(
                    "strips.count",
                    Wording.fill(
                            "%d strips of %.1f mm need %.1f mm, the panel has %.1f mm: %d fit.",
                            count, stripMm, count * stripMm, panelMm, (int) Math.floor(panelMm / stripMm)));
        }
    }

    /** From the origin, the first at 0. */
    public List<Double> marksMm() {
        List<Double> marks = new ArrayList<>();
        for (int i = 0; i <= count; i++) {
            marks.add(i * stripMm);
        }
        return marks;
    }

    public double leftMm() {
        return panelMm - count * stripMm;
    }

    /** Finished width of a tube folded from one strip: half of it, less the seam. */
    public double tubeMm(double allowanceMm) {
        return stripMm / 2 - allowanceMm;
    }
}
