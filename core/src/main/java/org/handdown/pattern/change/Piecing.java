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
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Mark;
import org.handdown.pattern.MotifSpot;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;
import org.handdown.pattern.Symmetry;

/**
 * One piece made out of two or three with a seam more: cut along a straight line, an allowance and two notches added on both sides of
 * it. Where the piece is alike about its centre and the line runs along the grain beside it, the other side is cut alike. Seams and
 * finished sizes count the parts in place of the whole.
 *
 * @param from and to: two points of the line in the piece frame, mm
 * @param allowanceMm on either side of the new seam
 */
public record Piecing(String name, String piece, Point from, Point to, double allowanceMm) implements Change {
    /** The new seam keeps this far from whatever is marked (common practice, no source). */
    public static final double CLEAR_MM = 30;

    /** A part as wide as the whole piece, give or take what its ends lose. */
    private static final double WIDE_AS_BEFORE = 0.9;

    /** A part narrower than this is not worth a seam (common practice, no source). */
    public static final double LEAST_PART_MM = 40;

    /** Allowances of a piecing seam that can be sewn and pressed open, mm. */
    private static final double MOST_ALLOWANCE_MM = 40;

    /** Off the grain by more than this a line is not taken for one along it. */
    private static final double ALONG_MM_PER_M = 1;

    private static final String SEAM = "piecing";

    public Piecing {
        Change.requireName(name);
        if (!(allowanceMm >= Allowance.LEAST_TRIM_MM && allowanceMm <= MOST_ALLOWANCE_MM)) {
            throw new RefusedValueException(
                    "change.allowance", Wording.of("A piecing seam takes from 3 to 40 mm on either side."));
        }
    }

    /** Along the grain. */
    public static Piecing along(String name, String piece, double x, double allowanceMm) {
        return new Piecing(name, piece, new Point(x, 0), new Point(x, 1000), allowanceMm);
    }

    /** Across the grain. */
    public static Piecing across(String name, String piece, double y, double allowanceMm) {
        return new Piecing(name, piece, new Point(0, y), new Point(1000, y), allowanceMm);
    }

    /** Is the seam one that such a change made? */
    public static boolean isPiecing(DesignSeam seam) {
        return seam.one().stream().allMatch(s -> s.edge().startsWith(SEAM));
    }

    @Override
    public String words() {
        Point way = to.minus(from);
        String where = isAlong()
                ? Wording.fill("along the grain at %.0f mm", from.x())
                : Math.abs(way.y()) < ALONG_MM_PER_M * way.lengthMm() / 1000
                        ? Wording.fill("across the grain at %.0f mm", from.y())
                        : "at a slanting line";
        return Wording.fill("%s pieced %s", piece.replace('-', ' '), where);
    }

    private boolean isAlong() {
        Point way = to.minus(from);
        return Math.abs(way.x()) < ALONG_MM_PER_M * way.lengthMm() / 1000;
    }

    @Override
    public Design on(Design design) {
        Piece whole = Change.piece(design, piece);
        List<Piece> parts = parts(whole);
        List<Piece> pieces = new ArrayList<>();
        for (Piece p : design.pieces()) {
            if (p.id().equals(piece)) {
                pieces.addAll(parts);
            } else {
                pieces.add(p);
            }
        }
        List<DesignSeam> seams = new ArrayList<>(
                design.seams().stream().map(s -> counting(s, parts)).toList());
        for (int i = 0; i + 1 < parts.size(); i++) {
            String edge = parts.get(i).stitchLine().edges().stream()
                    .map(Edge::name)
                    .filter(n -> n.startsWith(SEAM))
                    .reduce((a, b) -> b)
                    .orElse(SEAM);
            String other = parts.get(i + 1).stitchLine().edges().stream()
                    .map(Edge::name)
                    .filter(n -> n.startsWith(SEAM))
                    .findFirst()
                    .orElse(SEAM);
            seams.add(new DesignSeam(
                    whole.name() + ", piecing" + (parts.size() > 2 ? " " + (i + 1) : ""),
                    List.of(new DesignSeam.Side(parts.get(i).id(), edge, 1)),
                    List.of(new DesignSeam.Side(parts.get(i + 1).id(), other, 1)),
                    0,
                    0));
        }
        List<Size> rules = design.rules().stream().map(r -> counting(r, parts)).toList();
        return new Design(design.name(), pieces, seams, rules, design.notes(), design.cautions());
    }

    /** In order from left to right, or from below. */
    private List<Piece> parts(Piece whole) {
        Symmetry halves = Symmetry.of(whole);
        double off = from.x() - halves.axisX();
        boolean both = isAlong()
                && Math.abs(off) > 1
                && halves.isAlike()
                && !whole.way().uneven();
        requireClear(whole, from, to);
        // Seen upwards, what is left of an upright line lies to the left; seen to the right, what is left of a level
        // one lies above.
        boolean upright = Math.abs(to.y() - from.y()) >= Math.abs(to.x() - from.x());
        boolean forward = upright ? to.y() > from.y() : to.x() > from.x();
        Point a = forward ? from : to;
        Point b = forward ? to : from;
        if (!both) {
            OutlineCut cut = cut(whole.stitchLine(), a, b, SEAM);
            Outline first = upright ? cut.left() : cut.right();
            Outline second = upright ? cut.right() : cut.left();
            return List.of(
                    part(whole, first, upright ? "left" : "lower"), part(whole, second, upright ? "right" : "upper"));
        }
        double near = halves.axisX() - Math.abs(off);
        double far = halves.axisX() + Math.abs(off);
        requireClear(
                whole,
                new Point(2 * halves.axisX() - from.x(), from.y()),
                new Point(2 * halves.axisX() - to.x(), to.y()));
        OutlineCut one = cut(whole.stitchLine(), new Point(near, 0), new Point(near, 1000), SEAM);
        OutlineCut two = cut(one.right(), new Point(far, 0), new Point(far, 1000), SEAM);
        return List.of(
                part(whole, one.left(), "left"), part(whole, two.left(), "middle"), part(whole, two.right(), "right"));
    }

    private static OutlineCut cut(Outline outline, Point a, Point b, String name) {
        try {
            return OutlineCut.of(outline, a, b, name);
        } catch (RefusedValueException e) {
            throw new RefusedValueException("change.line", String.valueOf(e.getMessage()));
        }
    }

    private void requireClear(Piece whole, Point a, Point b) {
        for (Mark mark : whole.marks()) {
            boolean drawnThrough = switch (mark.kind()) {
                case LEVEL, GUIDE, FOLD, OVERLAP -> true;
                default -> false;
            };
            for (int i = 0; i < mark.points().size(); i++) {
                Point p = mark.points().get(i);
                Point q = mark.points().get((i + 1) % mark.points().size());
                boolean through = side(p, a, b) * side(q, a, b) < 0;
                if (!drawnThrough && (through || awayMm(p, a, b) < CLEAR_MM)) {
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

    private Piece part(Piece whole, Outline outline, String which) {
        Ring ring = outline.ring();
        Region area = Region.of(ring);
        // A casing or a tie is narrow by nature: pieced across it stays as wide as it was.
        Box all = whole.stitchLine().box();
        double least = Math.min(LEAST_PART_MM, WIDE_AS_BEFORE * Math.min(all.widthMm(), all.heightMm()));
        if (area.grown(-least / 2).isEmpty()) {
            Box box = ring.box();
            throw new RefusedValueException(
                    "change.line",
                    Wording.fill(
                            "The %s part would be %.0f mm × %.0f mm; nothing narrower than 40 mm is worth a seam.",
                            which, box.widthMm(), box.heightMm()));
        }
        Map<String, Allowance> ledger = new HashMap<>();
        Map<String, EdgeWish> wishes = new HashMap<>();
        List<Piece.Notch> notches = new ArrayList<>();
        for (Edge edge : outline.edges()) {
            String old = original(whole, edge.name());
            if (edge.name().startsWith(SEAM)
                    && whole.stitchLine().edges().stream()
                            .noneMatch(e -> e.name().equals(old))) {
                ledger.put(edge.name(), new Allowance(allowanceMm, "piecing seam"));
                // From the lower or left end, so that both sides carry them at the same place.
                Edge up = edge.end().y() + edge.end().x()
                                > edge.start().y() + edge.start().x()
                        ? edge
                        : edge.reversed();
                String seam = whole.name()
                        + (isAlong() ? Wording.fill(" %.0f", edge.start().x()) : "");
                notches.add(new Piece.Notch(seam + " piecing, lower", up.at(0.3)));
                notches.add(new Piece.Notch(seam + " piecing, upper", up.at(0.75)));
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

    private DesignSeam counting(DesignSeam seam, List<Piece> parts) {
        return new DesignSeam(
                seam.name(),
                sides(seam.one(), parts),
                sides(seam.other(), parts),
                seam.leastEaseMm(),
                seam.mostEaseMm(),
                seam.leastRatio(),
                seam.mostRatio());
    }

    private List<DesignSeam.Side> sides(List<DesignSeam.Side> sides, List<Piece> parts) {
        return sides.stream()
                .flatMap(s -> s.piece().equals(piece)
                        ? edges(s.edge(), parts).stream().map(e -> new DesignSeam.Side(e[0], e[1], s.times()))
                        : java.util.stream.Stream.of(s))
                .toList();
    }

    /** Piece and name of every stretch of an edge. */
    private static List<String[]> edges(String edge, List<Piece> parts) {
        List<String[]> found = new ArrayList<>();
        for (Piece part : parts) {
            part.stitchLine().edges().stream()
                    .map(Edge::name)
                    .filter(n -> n.equals(edge) || n.matches(java.util.regex.Pattern.quote(edge) + "-\\d+"))
                    .forEach(n -> found.add(new String[] {part.id(), n}));
        }
        return found;
    }

    private Size counting(Size rule, List<Piece> parts) {
        List<Size.Term> terms = rule.terms().stream()
                .flatMap(t -> {
                    if (!t.piece().equals(piece)) {
                        return java.util.stream.Stream.of(t);
                    }
                    List<Size.Term> levels = parts.stream()
                            .filter(p -> p.level(t.where()).isPresent())
                            .map(p -> new Size.Term(p.id(), t.where(), t.times()))
                            .toList();
                    return levels.isEmpty()
                            ? edges(t.where(), parts).stream().map(e -> new Size.Term(e[0], e[1], t.times()))
                            : levels.stream();
                })
                .toList();
        return rule.of(terms);
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.piecing(this);
    }
}
