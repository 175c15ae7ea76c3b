package org.handdown.formats.sheet;

import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.InnerEdge;
import org.handdown.pattern.KeptEdge;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;

/**
 * Draws pieces on a page at full size, with all that is marked and written on them.
 *
 * @param kept by piece id: what the lay spares
 * @param shift from the sheet's frame to the page's, mm
 */
record PieceOnPage(Page page, Words words, Map<String, KeptEdge> kept, Point shift) {
    void draw(Standing s) {
        Ring cut = cutLine(s.piece());
        page.line(move(cut.points(), s), true, Page.Stroke.CUT);
        page.line(move(s.piece().stitchLine().ring().points(), s), true, Page.Stroke.STITCH);
        for (Piece.Notch notch : s.piece().notches()) {
            Point at = s.on(notch.at()).plus(shift);
            page.line(List.of(at.plus(new Point(-3, 0)), at.plus(new Point(3, 0))), false, Page.Stroke.CUT);
            words.write(at.x() + 3.5, at.y() - 1, 2.8, false, notch.label());
        }
        for (Mark mark : s.piece().marks()) {
            if (mark.isDrawn()) {
                mark.lines().forEach(line -> page.line(move(line, s), false, Page.Stroke.GUIDE));
                Point at = s.on(mark.points().get(0)).plus(shift);
                words.write(at.x() + 2, at.y() + 2, 2.8, false, mark.label());
            }
        }
        allowances(s);
        innerEdges(s);
        Point middle = s.on(s.inside()).plus(shift);
        double half = Math.min(60, cut.box().heightMm() / 3);
        page.arrow(middle.plus(new Point(-10, -half)), middle.plus(new Point(-10, half)), Page.Stroke.STITCH);
        words.write(middle.x() - 4, middle.y() + 2, 5, true, s.piece().name());
        words.write(
                middle.x() - 4, middle.y() - 4, 3.5, false, s.piece().copies() + " · arrow: grain, pile running up");
        words.write(middle.x() - 4, middle.y() - 9, 3.5, false, "solid: cut, dashed: stitch");
    }

    private void innerEdges(Standing s) {
        for (InnerEdge turned : InnerEdge.of(s.piece())) {
            // Folds and overlaps are marks and drawn already.
            if (!turned.of().isEmpty()) {
                List<Point> line = move(turned.line(), s);
                page.line(line, false, Page.Stroke.GUIDE);
                words.write(
                        line.get(0).x() + 2,
                        line.get(0).y() + 2,
                        2.8,
                        false,
                        Wording.spoken(turned.of()) + " sewn down here");
            }
        }
    }

    private Ring cutLine(Piece piece) {
        KeptEdge old = kept.get(piece.id());
        return old == null ? piece.cutLine().ring() : old.cutLine(piece).ring();
    }

    /** How wide each allowance is, written in it, and the line it is trimmed to where that is another. */
    private void allowances(Standing s) {
        if (s.piece().allowances().values().stream().anyMatch(a -> a.trimMm() != a.mm())) {
            page.line(move(s.piece().trimLine().ring().points(), s), true, Page.Stroke.GUIDE);
        }
        s.piece().stitchLine().edges().forEach(edge -> allowance(s, edge));
    }

    private void allowance(Standing s, Edge edge) {
        Allowance allowance = s.piece().allowance(edge.name());
        KeptEdge old = kept.get(s.piece().id());
        if (old != null && old.edge().equals(edge.name())) {
            Point at = s.on(edge.at(0.4)).plus(shift);
            words.write(at.x() + 1, at.y() + (old.isAll() ? 1 : 4), 2.4, true, old.words());
            if (old.isAll()) {
                return;
            }
        }
        if (allowance.mm() > 0) {
            Point at = s.on(edge.at(0.4)).plus(shift);
            words.write(
                    at.x() + 1,
                    at.y() + 1,
                    2.4,
                    false,
                    Wording.fill("%s %.0f mm", Wording.spoken(edge.name()), allowance.mm())
                            + (allowance.trimMm() == allowance.mm()
                                    ? ""
                                    : Wording.fill(", trim to %.0f mm", allowance.trimMm())));
        }
    }

    private List<Point> move(List<Point> points, Standing s) {
        return points.stream().map(p -> s.on(p).plus(shift)).toList();
    }
}
