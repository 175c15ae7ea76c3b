package org.handdown.shortage;

import java.util.ArrayList;
import java.util.List;
import org.handdown.alter.Release;
import org.handdown.geometry.Box;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.change.Piecing;

/** Where a piece may be pieced together: style lines that are drawn on it, then across and along the grain, the shortest seams first. */
final class PiecingLines {
    /** Heights and widths that are tried, the middle first. */
    private static final double[] SHARES = {0.5, 0.35, 0.65, 0.25, 0.75};

    private PiecingLines() {}

    static List<Piecing> of(Piece piece) {
        double allowance = piece.allowances().values().stream()
                .filter(a -> !a.turned() && a.mm() >= Release.LEAST_ALLOWANCE_KNIT_MM)
                .mapToDouble(Allowance::mm)
                .min()
                .orElse(Release.LEAST_ALLOWANCE_WOVEN_MM);
        String name = Wording.fill("%s pieced, cloth is short", piece.name());
        List<Piecing> lines = new ArrayList<>();
        piece.marks().stream()
                .filter(m -> m.kind() == Mark.Kind.GUIDE || m.kind() == Mark.Kind.FOLD)
                .map(m -> new Piecing(
                        name, piece.id(), m.points().get(0), m.points().get(1), allowance))
                .forEach(lines::add);
        Box box = piece.stitchLine().box();
        List<Piecing> across = new ArrayList<>();
        List<Piecing> along = new ArrayList<>();
        for (double share : SHARES) {
            across.add(Piecing.across(name, piece.id(), Math.rint(box.minY() + share * box.heightMm()), allowance));
            along.add(Piecing.along(name, piece.id(), Math.rint(box.minX() + share * box.widthMm()), allowance));
        }
        lines.addAll(box.widthMm() <= box.heightMm() ? across : along);
        lines.addAll(box.widthMm() <= box.heightMm() ? along : across);
        return lines;
    }
}
