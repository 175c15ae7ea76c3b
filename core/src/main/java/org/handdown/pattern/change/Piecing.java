package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;

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

    /** A part narrower than this is not worth a seam (common practice, no source). */
    public static final double LEAST_PART_MM = 40;

    /** Allowances of a piecing seam that can be sewn and pressed open, mm. */
    private static final double MOST_ALLOWANCE_MM = 40;

    /** Off the grain by more than this a line is not taken for one along it. */
    private static final double ALONG_MM_PER_M = 1;

    static final String SEAM = "piecing";

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
        return Wording.fill("%s pieced %s", Wording.spoken(piece), where);
    }

    boolean isAlong() {
        Point way = to.minus(from);
        return Math.abs(way.x()) < ALONG_MM_PER_M * way.lengthMm() / 1000;
    }

    @Override
    public Design on(Design design) {
        Piece whole = Change.piece(design, piece);
        List<Piece> parts = new PiecedParts(this, whole).parts();
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
        return design.withPieces(pieces).withSeams(seams).withRules(rules);
    }

    private DesignSeam counting(DesignSeam seam, List<Piece> parts) {
        return seam.between(seam.name(), sides(seam.one(), parts), sides(seam.other(), parts));
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
