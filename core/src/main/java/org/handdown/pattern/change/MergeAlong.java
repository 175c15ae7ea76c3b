package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;

/**
 * Joins two pieces to one along an edge each, so that there is no seam: aligned on the grain, never turned. What is drawn on both stays.
 *
 * @param piece keeps its id and place
 * @param other is moved to it
 */
public record MergeAlong(String name, String piece, String edge, String other, String otherEdge) implements Change {
    /** Ends may be so far apart and are then drawn together, mm. */
    private static final double TOGETHER_MM = 3;

    public MergeAlong {
        Change.requireName(name);
        if (piece.equals(other)) {
            throw new RefusedValueException("change.piece", "A piece cannot be joined to itself.");
        }
    }

    @Override
    public String words() {
        return Wording.fill(
                "%s and %s in one, no seam at the %s",
                Wording.spoken(piece), Wording.spoken(other), Wording.spoken(edge));
    }

    @Override
    public Design on(Design design) {
        Piece one = Change.piece(design, piece);
        Piece two = Change.piece(design, other);
        Edge mine = Change.edge(one, edge);
        Edge theirs = Change.edge(two, otherEdge);
        Point shift = mine.start().minus(theirs.end());
        Point gap = mine.end().minus(theirs.start().plus(shift));
        if (gap.lengthMm() > TOGETHER_MM) {
            double turn = Math.abs(mine.end().minus(mine.start()).directionDeg()
                    - theirs.start().minus(theirs.end()).directionDeg());
            throw new RefusedValueException(
                    "change.edge",
                    Wording.fill(
                            "On one grain the two edges end %.0f mm apart (%.0f against %.0f mm long, turned by %.0f°): make them alike first.",
                            gap.lengthMm(), mine.lengthMm(), theirs.lengthMm(), Math.min(turn, 360 - turn)));
        }
        if (one.quantity() != two.quantity() || one.pair() != two.pair()) {
            throw new RefusedValueException(
                    "change.piece",
                    "Both must be cut as often and in the same way; open out the one on the fold first.");
        }
        Point chord = mine.end().minus(mine.start());
        double square = Math.max(chord.dot(chord), 1e-9);
        UnaryOperator<Point> move = p -> {
            Point moved = p.plus(shift);
            double along = Math.max(0, Math.min(1, moved.minus(mine.start()).dot(chord) / square));
            return moved.plus(gap.times(along));
        };
        Piece joined = Change.whole(joined(one, mine, two.map(move), otherEdge));
        List<Piece> pieces = new ArrayList<>();
        for (Piece p : design.pieces()) {
            if (p.id().equals(piece)) {
                pieces.add(joined);
            } else if (!p.id().equals(other)) {
                pieces.add(p);
            }
        }
        return design.withPieces(pieces);
    }

    private static Piece joined(Piece one, Edge mine, Piece two, String theirs) {
        List<Edge> edges = new ArrayList<>(after(one, mine.name()));
        Set<String> taken = new HashSet<>(edges.stream().map(Edge::name).toList());
        Map<String, Allowance> allowances = new HashMap<>();
        edges.forEach(e -> allowances.put(e.name(), one.allowance(e.name())));
        for (Edge e : after(two, theirs)) {
            String name = taken.add(e.name()) ? e.name() : e.name() + " of " + two.name();
            taken.add(name);
            edges.add(new Edge(name, e.segments()));
            allowances.put(name, two.allowance(e.name()));
        }
        List<Piece.Notch> notches = new ArrayList<>(one.notches());
        notches.addAll(two.notches());
        List<Mark> marks = new ArrayList<>(one.marks());
        marks.addAll(two.marks());
        Map<String, org.handdown.pattern.EdgeWish> wishes = new HashMap<>(two.wishes());
        wishes.putAll(one.wishes());
        wishes.keySet().retainAll(allowances.keySet());
        List<org.handdown.geometry.Ring> covered = new ArrayList<>(one.covered());
        covered.addAll(two.covered());
        return new Piece(
                one.id(),
                one.name(),
                new Outline(edges),
                allowances,
                one.quantity(),
                one.pair(),
                one.grain(),
                one.required(),
                wishes,
                covered,
                notches,
                one.cloth(),
                marks,
                one.way());
    }

    /** All edges but one, beginning behind it. */
    private static List<Edge> after(Piece piece, String edge) {
        List<Edge> edges = piece.stitchLine().edges();
        int at = edges.stream().map(Edge::name).toList().indexOf(edge);
        List<Edge> rest = new ArrayList<>(edges.subList(at + 1, edges.size()));
        rest.addAll(edges.subList(0, at));
        return rest;
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.merge(this);
    }
}
