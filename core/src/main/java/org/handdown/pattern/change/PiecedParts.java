package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.OutlineCut;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Mark;
import org.handdown.pattern.MotifSpot;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Symmetry;

/**
 * The parts that a piecing line makes of one piece, with allowance and notches on both sides of it.
 *
 * @param line where it is cut
 */
record PiecedParts(Piecing line, Piece whole) {
    /** A part as wide as the whole piece, give or take what its ends lose. */
    private static final double WIDE_AS_BEFORE = 0.9;

    /** In order from left to right, or from below. */
    List<Piece> parts() {
        Point from = line.from();
        Point to = line.to();
        Symmetry halves = Symmetry.of(whole);
        double off = from.x() - halves.axisX();
        boolean both = line.isAlong()
                && Math.abs(off) > 1
                && halves.isAlike()
                && !whole.way().uneven();
        requireClear(from, to);
        // Seen upwards, what is left of an upright line lies to the left; seen to the right, what is left of a level
        // one lies above.
        boolean upright = Math.abs(to.y() - from.y()) >= Math.abs(to.x() - from.x());
        boolean forward = upright ? to.y() > from.y() : to.x() > from.x();
        Point a = forward ? from : to;
        Point b = forward ? to : from;
        if (!both) {
            OutlineCut cut = cut(whole.stitchLine(), a, b, Piecing.SEAM);
            Outline first = upright ? cut.left() : cut.right();
            Outline second = upright ? cut.right() : cut.left();
            return List.of(part(first, upright ? "left" : "lower"), part(second, upright ? "right" : "upper"));
        }
        double near = halves.axisX() - Math.abs(off);
        double far = halves.axisX() + Math.abs(off);
        requireClear(
                new Point(2 * halves.axisX() - from.x(), from.y()), new Point(2 * halves.axisX() - to.x(), to.y()));
        OutlineCut one = cut(whole.stitchLine(), new Point(near, 0), new Point(near, 1000), Piecing.SEAM);
        OutlineCut two = cut(one.right(), new Point(far, 0), new Point(far, 1000), Piecing.SEAM);
        return List.of(part(one.left(), "left"), part(two.left(), "middle"), part(two.right(), "right"));
    }

    private static OutlineCut cut(Outline outline, Point a, Point b, String name) {
        try {
            return OutlineCut.of(outline, a, b, name);
        } catch (RefusedValueException e) {
            throw new RefusedValueException("change.line", String.valueOf(e.getMessage()));
        }
    }

    private void requireClear(Point a, Point b) {
        for (Mark mark : whole.marks()) {
            boolean drawnThrough = switch (mark.kind()) {
                case LEVEL, GUIDE, FOLD, OVERLAP -> true;
                default -> false;
            };
            for (int i = 0; i < mark.points().size(); i++) {
                Point p = mark.points().get(i);
                Point q = mark.points().get((i + 1) % mark.points().size());
                boolean through = side(p, a, b) * side(q, a, b) < 0;
                if (!drawnThrough && (through || awayMm(p, a, b) < Piecing.CLEAR_MM)) {
                    throw new RefusedValueException(
                            "change.line",
                            Wording.fill(
                                    "The line comes too near the %s “%s”: keep 30 mm off it.",
                                    mark.kind().words(), mark.label()));
                }
            }
        }
    }

    private static double side(Point p, Point a, Point b) {
        return b.minus(a).cross(p.minus(a));
    }

    private static double awayMm(Point p, Point a, Point b) {
        return Math.abs(side(p, a, b)) / b.minus(a).lengthMm();
    }

    private Piece part(Outline outline, String which) {
        Ring ring = outline.ring();
        Region area = Region.of(ring);
        requireWide(area, ring.box(), which);
        Map<String, Allowance> ledger = new HashMap<>();
        Map<String, EdgeWish> wishes = new HashMap<>();
        List<Piece.Notch> notches = new ArrayList<>();
        for (Edge edge : outline.edges()) {
            String old = original(whole, edge.name());
            if (edge.name().startsWith(Piecing.SEAM)
                    && whole.stitchLine().edges().stream()
                            .noneMatch(e -> e.name().equals(old))) {
                ledger.put(edge.name(), new Allowance(line.allowanceMm(), "piecing seam"));
                notches.addAll(notches(edge));
            } else {
                ledger.put(edge.name(), whole.allowance(old));
                EdgeWish wish = whole.wishes().get(old);
                if (wish != null) {
                    wishes.put(edge.name(), wish);
                }
            }
        }
        whole.notches().stream().filter(n -> area.distanceMm(n.at()) < 0.5).forEach(notches::add);
        List<Mark> marks = whole.marks().stream()
                .map(m -> within(m, area))
                .flatMap(java.util.Optional::stream)
                .toList();
        List<Ring> covered = whole.covered().stream()
                .flatMap(r -> Region.of(r).intersection(area).ringsWithoutHoles().stream())
                .filter(r -> r.isSimple() && r.areaMm2() > 1)
                .toList();
        Piece made = whole.named(shortened(whole.id()) + "-" + which, whole.name() + ", " + which)
                .withLine(outline)
                .withAllowances(ledger)
                .withWishes(wishes)
                .withNotches(notches)
                .withMarks(marks)
                .withCovered(covered)
                .withWay(way(whole, area));
        return Change.whole(made);
    }

    private void requireWide(Region area, Box box, String which) {
        // A casing or a tie is narrow by nature: pieced across it stays as wide as it was.
        Box all = whole.stitchLine().box();
        double least = Math.min(Piecing.LEAST_PART_MM, WIDE_AS_BEFORE * Math.min(all.widthMm(), all.heightMm()));
        if (area.grown(-least / 2).isEmpty()) {
            throw new RefusedValueException(
                    "change.line",
                    Wording.fill(
                            "The %s part would be %.0f mm × %.0f mm; nothing narrower than 40 mm is worth a seam.",
                            which, box.widthMm(), box.heightMm()));
        }
    }

    private List<Piece.Notch> notches(Edge edge) {
        // From the lower or left end, so that both sides carry them at the same place.
        Edge up = edge.end().y() + edge.end().x()
                        > edge.start().y() + edge.start().x()
                ? edge
                : edge.reversed();
        String seam = whole.name()
                + (line.isAlong() ? Wording.fill(" %.0f", edge.start().x()) : "");
        return List.of(
                new Piece.Notch(seam + " piecing, lower", up.at(0.3)),
                new Piece.Notch(seam + " piecing, upper", up.at(0.75)));
    }

    /** The motif goes with the part that its spot lies on. */
    private static Piece.Way way(Piece whole, Region area) {
        MotifSpot motif = whole.way().motif();
        boolean here = motif != null && area.covers(motif.at());
        return new Piece.Way(whole.way().wrongSideOut(), whole.way().uneven(), here ? motif : null);
    }

    private static String shortened(String id) {
        return id.length() > 50 ? id.substring(0, 50) : id;
    }

    /** The edge of the whole that a part's edge is a stretch of. */
    private static String original(Piece whole, String name) {
        boolean known =
                whole.stitchLine().edges().stream().anyMatch(e -> e.name().equals(name));
        return known || !name.matches(".*-\\d+") ? name : name.replaceAll("-\\d+$", "");
    }

    /** The mark where it lies on the part: whole, or the stretch of a line that the cut left there. */
    private static java.util.Optional<Mark> within(Mark mark, Region area) {
        boolean inside = mark.points().stream().allMatch(p -> area.distanceMm(p) < 0.5);
        if (inside || mark.points().size() != 2) {
            return inside ? java.util.Optional.of(mark) : java.util.Optional.empty();
        }
        return area.within(mark.points()).stream()
                .filter(s -> Edge.lengthMm(s) > 1)
                .findFirst()
                .map(s -> new Mark(mark.kind(), mark.label(), List.of(s.get(0), s.get(s.size() - 1))));
    }
}
