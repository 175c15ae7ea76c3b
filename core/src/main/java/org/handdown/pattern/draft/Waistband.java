package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Role;

/**
 * The band of a skirt: straight and folded lengthwise, or, wide and worn low, a piece of a ring cut twice, since the body is narrower at its
 * upper edge than at its lower one (common practice, no source: by 0.6 mm a mm). Edges: lower (sewn to the skirt), right, upper, left.
 *
 * @param length of its lower edge, with the overlap
 * @param wide finished
 * @param meetings places along its lower edge that meet one on the waist
 */
record Waistband(double length, double wide, double seam, double overlap, boolean isShaped, List<Meeting> meetings) {
    record Meeting(String label, double atMm) {}

    private static final double SHAPED_FROM_MM = 40;
    private static final double NARROWER = 0.6;

    /** By the draft's own band, seam and level. */
    static Waistband of(Figures f, double length, double overlap) {
        boolean isShaped = WaistLevel.isLow(f) && f.of("band") >= SHAPED_FROM_MM;
        return new Waistband(length, f.of("band"), f.of("seam"), overlap, isShaped, List.of());
    }

    Waistband meeting(String label, double atMm) {
        List<Meeting> more = new ArrayList<>(meetings);
        more.add(new Meeting(label, atMm));
        return new Waistband(length, wide, seam, overlap, isShaped, more);
    }

    Piece piece() {
        Paper paper = isShaped ? ring() : strip();
        paper.seams(seam).wish("lower", new EdgeWish(Role.WAISTBAND, 0, 0));
        (meetings.isEmpty() ? quarters() : meetings).forEach(m -> paper.notch(m.label, "lower", m.atMm / length));
        return paper.piece();
    }

    private List<Meeting> quarters() {
        double closed = length - overlap;
        return List.of(
                new Meeting("quarter 1", closed / 4),
                new Meeting("middle", closed / 2),
                new Meeting("quarter 3", 3 * closed / 4));
    }

    private Paper strip() {
        Paper paper = Paper.rectangle("waistband", "waistband", length, 2 * wide)
                .grain(CutGrain.EITHER)
                .mark(Mark.Kind.FOLD, "folded lengthwise", new Point(-length / 2, wide), new Point(length / 2, wide));
        return closing(paper, length, 2 * wide, overlap);
    }

    private Paper ring() {
        Sector sector = Sector.between(length - NARROWER * wide, length, wide);
        Paper paper = sector.paper("waistband", "shaped waistband", "lower").copies(2);
        if (overlap > 0) {
            paper.notch("the band closes here", "lower", 1 - overlap / length)
                    .notch("the band closes here", "upper", overlap / length);
        }
        return paper;
    }

    /** The line a band closes on: what lies beyond it overlaps. */
    static Paper closing(Paper band, double lengthMm, double highMm, double overlap) {
        double x = lengthMm / 2 - overlap;
        return overlap > 0
                ? band.mark(Mark.Kind.OVERLAP, "the band closes here", new Point(x, 0), new Point(x, highMm))
                : band;
    }
}
