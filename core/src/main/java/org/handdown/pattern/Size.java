package org.handdown.pattern;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.Fit;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Practice;
import org.handdown.measure.Wording;

/**
 * How a finished size of a garment is found: by adding up what its pieces measure along their stitch lines, so that it still tells the
 * truth after a piece was changed.
 *
 * @param plusMm added to the sum: negative for an overlap or a fold
 * @param plusWhat what that is; empty where nothing is added
 * @param bodyMm of the wearer there; 0 where the body has no such measure
 * @param easeMm wanted over the body
 * @param stretch of the cloth as a share; 0 for stable cloth
 * @param comfortable what wear may use of it, as a share
 * @param bodyOffMm how far the body's measure may be off, either way
 */
public record Size(
        String what,
        Kind kind,
        List<Term> terms,
        double plusMm,
        String plusWhat,
        double bodyMm,
        double easeMm,
        double stretch,
        double comfortable,
        double bodyOffMm) {
    private static final double ROUNDING_MM = 1;
    /** Cosine of the turn below which two edges run on into each other: 25°. */
    private static final double RUNS_ON = 0.906;
    /** A seam is sewn within this of its line (common practice, no source). */
    private static final double SEWN_WITHIN_MM = 1;

    /** What a size is. */
    public enum Kind {
        /** Goes round the body. */
        GIRTH,
        /** Must pass a part of the body when it is put on. */
        OPENING,
        /** Runs along the body. */
        LENGTH
    }

    /**
     * One thing to add up.
     *
     * @param where the name of an edge, or of a level marked on the piece
     * @param times how often it goes into the sum; negative takes it off
     */
    public record Term(String piece, String where, int times) {}

    public Size {
        terms = List.copyOf(terms);
    }

    public static Size girth(String what, double bodyMm, double easeMm, double stretch, Term... terms) {
        return new Size(
                what, Kind.GIRTH, List.of(terms), 0, "", bodyMm, easeMm, stretch, usable(Practice.SHIPPED, stretch), 0);
    }

    public static Size opening(String what, double bodyMm, double stretch, Term... terms) {
        return new Size(
                what, Kind.OPENING, List.of(terms), 0, "", bodyMm, 0, stretch, usable(Practice.SHIPPED, stretch), 0);
    }

    public static Size length(String what, double wishMm, Term... terms) {
        return new Size(what, Kind.LENGTH, List.of(terms), 0, "", wishMm, 0, 0, 0, 0);
    }

    /**
     * The same for a household that lets wear use another share of the stretch.
     *
     * @param offMm how far the body's measure may be off
     */
    public Size by(Practice practice, double offMm) {
        return new Size(what, kind, terms, plusMm, plusWhat, bodyMm, easeMm, stretch, usable(practice, stretch), offMm);
    }

    /** The same, added up over other pieces. */
    public Size of(List<Term> others) {
        return new Size(what, kind, others, plusMm, plusWhat, bodyMm, easeMm, stretch, comfortable, bodyOffMm);
    }

    private static double usable(Practice practice, double stretch) {
        return practice.of(Practice.Figure.USABLE_STRETCH) * stretch;
    }

    /** The same with something more in the sum. */
    public Size plus(double mm, String why) {
        return new Size(what, kind, terms, plusMm + mm, why, bodyMm, easeMm, stretch, comfortable, bodyOffMm);
    }

    /**
     * As it comes out.
     *
     * @param slipMm what seams sewn otherwise than drawn add to it
     * @param toleranceMm either way: a millimetre at every edge that is sewn (common practice, no source), and what the body's measure may
     *     be off
     * @param formula the sum behind it, with its numbers
     * @param fits false where the wearer would not get in or move
     */
    public record Finished(
            Size size, double finishedMm, double slipMm, double toleranceMm, String formula, boolean fits, Fit fit) {
        public String what() {
            return size.what;
        }

        public double bodyMm() {
            return size.bodyMm;
        }

        /** Would it fit though every figure were off the wrong way? */
        public boolean fitsSurely() {
            return fits && size.fits(finishedMm - toleranceMm);
        }
    }

    public Finished taken(Design design) {
        double sum = plusMm;
        double slip = 0;
        double tolerance = bodyOffMm;
        List<String> parts = new ArrayList<>();
        for (Term term : terms) {
            Piece piece = design.piece(term.piece());
            double one = measure(piece, term.where());
            sum += term.times() * one;
            List<Allowance> ends = ends(piece, term.where());
            slip += term.times() * ends.stream().mapToDouble(Allowance::slipMm).sum();
            tolerance += Math.abs(term.times())
                    * SEWN_WITHIN_MM
                    * ends.stream().filter(a -> a.mm() > 0).count();
            parts.add(Wording.fill(
                    "%s%s %.0f mm",
                    Math.abs(term.times()) == 1 ? "" : Math.abs(term.times()) + " × ", piece.name(), one));
        }
        StringBuilder formula = new StringBuilder(parts.isEmpty() ? "" : parts.get(0));
        for (int i = 1; i < parts.size(); i++) {
            formula.append(terms.get(i).times() < 0 ? " − " : " + ").append(parts.get(i));
        }
        if (plusMm != 0) {
            formula.append(Wording.fill(" %s %.0f mm %s", plusMm < 0 ? "−" : "+", Math.abs(plusMm), plusWhat));
        }
        if (Math.abs(slip) > 0.05) {
            formula.append(Wording.fill(
                    " %s %.0f mm by seams sewn otherwise than drawn", slip < 0 ? "−" : "+", Math.abs(slip)));
        }
        double finished = sum + slip;
        return new Finished(this, finished, slip, tolerance, formula.toString(), fits(finished), fit(finished));
    }

    private boolean fits(double finished) {
        return switch (kind) {
            case LENGTH -> true;
            case GIRTH -> bodyMm == 0 || Fit.of(finished, bodyMm, comfortable) != Fit.TOO_TIGHT;
            case OPENING -> finished * (1 + stretch) >= bodyMm - ROUNDING_MM;
        };
    }

    private Fit fit(double finished) {
        // An opening is passed for a moment, not worn: it passes or it does not.
        return kind == Kind.OPENING
                ? finished * (1 + stretch) >= bodyMm - ROUNDING_MM ? Fit.EASY : Fit.TOO_TIGHT
                : kind == Kind.LENGTH || bodyMm == 0 ? Fit.EASY : Fit.of(finished, bodyMm, comfortable);
    }

    /** Length of an edge less what its darts and pleats take up, or width of the piece at a level, less what darts take up there. */
    private static double measure(Piece piece, String where) {
        java.util.Optional<Mark> level = piece.level(where);
        if (level.isPresent()) {
            double y = level.get().points().get(0).y();
            // A level along an upper or lower edge is read just inside it.
            Ring ring = piece.stitchLine().ring();
            double at = Math.max(ring.box().minY() + 1e-4, Math.min(ring.box().maxY() - 1e-4, y));
            return ring.widthAtMm(at);
        }
        Edge edge = piece.stitchLine().edge(where);
        return edge.lengthMm() - takenUpMm(piece, edge);
    }

    /** What darts and pleats that begin on an edge take up of it, mm. */
    static double takenUpMm(Piece piece, Edge edge) {
        List<Point> line = edge.flattened(0.1);
        return piece.marks().stream()
                .filter(m -> m.takesUpMm() > 0 && m.points().get(0).distanceMm(line) < 1)
                .mapToDouble(m -> takenUpMm(m, line))
                .sum();
    }

    /** Over the roof of a dart it is more along the edge than straight from leg to leg. */
    private static double takenUpMm(Mark mark, List<Point> line) {
        Point one = mark.points().get(0);
        Point other = mark.points().get(2);
        return mark.kind() == Mark.Kind.DART && other.distanceMm(line) < 1
                ? Math.abs(Edge.alongMm(line, one) - Edge.alongMm(line, other))
                : mark.takesUpMm();
    }

    /** What seams that cross a level or an edge at its ends add to it, because they are sewn otherwise than drawn, mm. */
    static double slipMm(Piece piece, String where) {
        return ends(piece, where).stream().mapToDouble(Allowance::slipMm).sum();
    }

    /** Allowances of the two edges that a level or an edge ends at: the seams that cross it. */
    private static List<Allowance> ends(Piece piece, String where) {
        List<Edge> edges = piece.stitchLine().edges();
        java.util.Optional<Mark> level = piece.level(where);
        if (level.isPresent()) {
            double y = level.get().points().get(0).y();
            return edges.stream()
                    .filter(e -> e.isUpright() && e.reaches(y))
                    .map(e -> piece.allowance(e.name()))
                    .toList();
        }
        int at = edges.stream().map(Edge::name).toList().indexOf(where);
        Edge before = edges.get(Math.floorMod(at - 1, edges.size()));
        Edge after = edges.get((at + 1) % edges.size());
        List<Allowance> crossing = new ArrayList<>();
        if (turns(before, edges.get(at))) {
            crossing.add(piece.allowance(before.name()));
        }
        if (turns(edges.get(at), after)) {
            crossing.add(piece.allowance(after.name()));
        }
        return crossing;
    }

    /** Is there a corner where one edge goes over into the next? Where they run on, no seam crosses. */
    private static boolean turns(Edge edge, Edge next) {
        List<Point> in = edge.flattened(0.1);
        List<Point> out = next.flattened(0.1);
        Point u = in.get(in.size() - 1).minus(in.get(in.size() - 2));
        Point v = out.get(1).minus(out.get(0));
        return u.dot(v) < RUNS_ON * u.lengthMm() * v.lengthMm();
    }
}
