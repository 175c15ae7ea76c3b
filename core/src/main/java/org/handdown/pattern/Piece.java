package org.handdown.pattern;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.handdown.geometry.Edge;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.jspecify.annotations.Nullable;

/**
 * A pattern piece. Piece frame: mm, lengthwise grain along +y, pile running up, seen from the right side of the cloth.
 *
 * @param stitchLine counter-clockwise, its edges named; always opened out, never on a fold
 * @param allowances by edge name
 * @param quantity copies to cut; with {@code pair} half of them mirrored
 * @param wishes edges that may lie on something finished instead of being finished anew
 * @param covered areas that something else will cover, where a flaw may hide
 * @param cloth that it is cut from
 * @param marks beside the notches
 * @param way face and symmetry, where they are not the usual ones
 */
public record Piece(
        String id,
        String name,
        Outline stitchLine,
        Map<String, Allowance> allowances,
        int quantity,
        boolean pair,
        CutGrain grain,
        boolean required,
        Map<String, EdgeWish> wishes,
        List<Ring> covered,
        List<Notch> notches,
        PieceCloth cloth,
        List<Mark> marks,
        Way way) {
    /**
     * @param wrongSideOut the inside of the cloth shows, on purpose
     * @param uneven its halves differ on purpose and are not to be trued
     * @param motif that it is to show; null for none
     */
    public record Way(
            boolean wrongSideOut, boolean uneven, @Nullable MotifSpot motif) {
        public static final Way USUAL = new Way(false, false);

        public Way(boolean wrongSideOut, boolean uneven) {
            this(wrongSideOut, uneven, null);
        }
    }

    /** A mark on a stitch line that must meet its like on another piece. */
    public record Notch(String label, Point at) {}

    private static final int MOST_COPIES = 60;
    private static final int MOST_MARKS = 200;

    /** Cut from the outer cloth, without marks but its notches. */
    public Piece(
            String id,
            String name,
            Outline stitchLine,
            Map<String, Allowance> allowances,
            int quantity,
            boolean pair,
            CutGrain grain,
            boolean required,
            Map<String, EdgeWish> wishes,
            List<Ring> covered,
            List<Notch> notches) {
        this(
                id,
                name,
                stitchLine,
                allowances,
                quantity,
                pair,
                grain,
                required,
                wishes,
                covered,
                notches,
                PieceCloth.SHELL,
                List.of(),
                Way.USUAL);
    }

    public Piece {
        if (!id.matches("[a-z0-9][a-z0-9-]{0,60}") || name.isBlank() || name.length() > 80) {
            throw new RefusedValueException("name", "A piece has a name of up to 80 characters.");
        }
        if (marks.size() > MOST_MARKS) {
            throw new RefusedValueException("marks", "A piece has 200 marks at most.");
        }
        if (quantity < 1 || quantity > MOST_COPIES || pair && quantity % 2 != 0) {
            throw new RefusedValueException("quantity", "Cut from 1 to 60 of a piece, and an even number of a pair.");
        }
        allowances = Map.copyOf(allowances);
        wishes = Map.copyOf(wishes);
        covered = List.copyOf(covered);
        notches = List.copyOf(notches);
        marks = List.copyOf(marks);
    }

    private static final double SAME_PLACE_MM = 0.02;
    /** A bow is read off a curve that is flattened to 0.1 mm. */
    private static final double SAME_BOW_MM = 0.25;

    /**
     * With the edges of an older version wherever they run between the same corners and bow alike: a corner and a bow say less than a
     * curve that was measured or copied. Its marks stay too.
     */
    public Piece keepingCurvesOf(Piece older) {
        List<Edge> edges = stitchLine.edges().stream()
                .map(e -> older.stitchLine.edges().stream()
                        .filter(o -> o.name().equals(e.name()) && isAlike(o, e))
                        .findFirst()
                        .orElse(e))
                .toList();
        boolean all = older.stitchLine.edges().containsAll(edges)
                && edges.size() == older.stitchLine.edges().size();
        Piece kept = withLine(new Outline(edges));
        return all ? kept.withNotches(older.notches).withMarks(older.marks) : kept;
    }

    // Copies with one thing changed

    public Piece withLine(Outline line) {
        return copied(c -> c.line = line);
    }

    public Piece withAllowances(Map<String, Allowance> others) {
        return copied(c -> c.ledger = others);
    }

    public Piece withWishes(Map<String, EdgeWish> others) {
        return copied(c -> c.edges = others);
    }

    public Piece withNotches(List<Notch> others) {
        return copied(c -> c.nicks = others);
    }

    public Piece withMarks(List<Mark> others) {
        return copied(c -> c.drawn = others);
    }

    public Piece withCovered(List<Ring> others) {
        return copied(c -> c.hidden = others);
    }

    public Piece onGrain(CutGrain other) {
        return copied(c -> c.grain = other);
    }

    public Piece withCloth(PieceCloth other) {
        return copied(c -> c.from = other);
    }

    public Piece withWay(Way other) {
        return copied(c -> c.cutWay = other);
    }

    public Piece named(String otherId, String otherName) {
        return copied(c -> {
            c.key = otherId;
            c.words = otherName;
        });
    }

    public Piece cut(int copies, boolean inPairs) {
        return copied(c -> {
            c.copies = copies;
            c.mirrored = inPairs;
        });
    }

    /** With every line, notch, mark and covered area moved by one rule. */
    public Piece map(UnaryOperator<Point> move) {
        return copied(c -> {
            c.line = new Outline(
                    stitchLine.edges().stream().map(e -> e.map(move)).toList());
            c.hidden = covered.stream().map(r -> r.map(move)).toList();
            c.nicks = notches.stream()
                    .map(n -> new Notch(n.label, move.apply(n.at)))
                    .toList();
            c.drawn = marks.stream().map(m -> m.map(move)).toList();
            MotifSpot shown = way.motif;
            if (shown != null) {
                Point at = move.apply(shown.at());
                c.cutWay = new Way(
                        way.wrongSideOut,
                        way.uneven,
                        new MotifSpot(shown.motif(), shown.partner(), at, shown.withinMm()));
            }
        });
    }

    private Piece copied(Consumer<Copy> change) {
        Copy copy = new Copy(this);
        change.accept(copy);
        return copy.made();
    }

    /** What a copy is made of, while one thing of it is changed. */
    private static final class Copy {
        private CutGrain grain;
        private final boolean needed;
        private String key;
        private String words;
        private Outline line;
        private Map<String, Allowance> ledger;
        private int copies;
        private boolean mirrored;
        private Map<String, EdgeWish> edges;
        private List<Ring> hidden;
        private List<Notch> nicks;
        private PieceCloth from;
        private List<Mark> drawn;
        private Way cutWay;

        Copy(Piece p) {
            grain = p.grain;
            needed = p.required;
            key = p.id;
            words = p.name;
            line = p.stitchLine;
            ledger = p.allowances;
            copies = p.quantity;
            mirrored = p.pair;
            edges = p.wishes;
            hidden = p.covered;
            nicks = p.notches;
            from = p.cloth;
            drawn = p.marks;
            cutWay = p.way;
        }

        Piece made() {
            return new Piece(
                    key, words, line, ledger, copies, mirrored, grain, needed, edges, hidden, nicks, from, drawn,
                    cutWay);
        }
    }

    private static boolean isAlike(Edge one, Edge other) {
        return one.start().distanceMm(other.start()) < SAME_PLACE_MM
                && one.end().distanceMm(other.end()) < SAME_PLACE_MM
                && Math.abs(one.bowMm() - other.bowMm()) < SAME_BOW_MM;
    }

    public Allowance allowance(String edge) {
        return allowances.getOrDefault(edge, Allowance.none());
    }

    /** The line to cut along when every edge is sewn. */
    public Outline.Flat cutLine() {
        return cutLineKeeping("");
    }

    /** What is left after the seams are trimmed. */
    public Outline.Flat trimLine() {
        return OffsetOutline.of(
                stitchLine,
                e -> allowance(e.name()).trimMm(),
                e -> allowance(e.name()).turned());
    }

    /** Cut from interfacing it is as large as the piece inside its seams: no allowance goes into a seam. */
    public Outline.Flat interfacingLine() {
        return stitchLine.flattened();
    }

    /** A level of the body that is marked on it. */
    public java.util.Optional<Mark> level(String label) {
        return marks.stream()
                .filter(m -> m.kind() == Mark.Kind.LEVEL && m.label().equals(label))
                .findFirst();
    }

    /** How often it is cut, in words. */
    public String copies() {
        return pair ? quantity / 2 + " as drawn, " + quantity / 2 + " mirrored" : "cut " + quantity;
    }

    /** The line to cut along when {@code kept} lies on a finished edge: its allowance is dropped, only a lap stays. */
    public Outline.Flat cutLineKeeping(String kept) {
        EdgeWish wish = wishes.get(kept);
        double lap = wish == null ? 0 : wish.lapMm();
        return OffsetOutline.of(
                stitchLine,
                e -> e.name().equals(kept) ? lap : allowance(e.name()).mm(),
                e -> !e.name().equals(kept) && allowance(e.name()).turned());
    }
}
