package org.handdown.pattern;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.pattern.DesignSeam.Side;

/**
 * Which copies of a design's pieces lie on one side of the body. All pieces are drawn from the right side of the cloth, so that a front and a
 * back whose side seams both lie to the right belong to different sides: what is sewn together runs up on one piece and down on the other.
 */
final class BodySides {
    /** A flatter edge does not tell: a waist, a neck. */
    private static final double LEAST_RISE = 0.3;

    private record Related(String piece, int parity) {}

    private final Design design;
    private final Map<String, List<Related>> related = new HashMap<>();
    private final Map<String, Integer> hand = new HashMap<>();

    BodySides(Design design) {
        this.design = design;
        for (DesignSeam seam : design.seams()) {
            boolean isBehind = seam.copies() == DesignSeam.Copies.BEHIND;
            if (isBehind || seam.copies() == DesignSeam.Copies.EACH_SIDE) {
                seam.one().forEach(a -> seam.other().forEach(b -> relate(a, b, isBehind)));
            }
        }
        design.pieces().forEach(p -> follow(p.id()));
    }

    /** Is it of one side of the body: one of a pair, or an edge that says left or right? */
    boolean isSided(Side side) {
        Piece piece = design.piece(side.piece());
        return piece.quantity() > side.times() || piece.quantity() == 1 && word(side.edge()) != 0;
    }

    /** 1 for the side of the body that a drawn copy's, or an only copy's right half, lies on; 0 for the other. */
    int hand(String piece) {
        return hand.getOrDefault(piece, 0);
    }

    private void relate(Side a, Side b, boolean isBehind) {
        if (a.piece().equals(b.piece()) || !isSided(a) || !isSided(b)) {
            return;
        }
        int stated = left(a) ^ left(b);
        boolean areSingle = design.piece(a.piece()).quantity() == 1
                && design.piece(b.piece()).quantity() == 1;
        if (areSingle && !isBehind) {
            relate(a.piece(), b.piece(), stated);
        } else if (isSteep(a) && isSteep(b)) {
            relate(a.piece(), b.piece(), stated ^ (isRising(a) == isRising(b) ? 1 : 0));
        }
    }

    private void relate(String a, String b, int parity) {
        related.computeIfAbsent(a, x -> new ArrayList<>()).add(new Related(b, parity));
        related.computeIfAbsent(b, x -> new ArrayList<>()).add(new Related(a, parity));
    }

    private void follow(String first) {
        if (hand.containsKey(first)) {
            return;
        }
        Deque<String> open = new ArrayDeque<>(List.of(first));
        hand.put(first, 0);
        while (!open.isEmpty()) {
            String piece = open.remove();
            for (Related other : related.getOrDefault(piece, List.of())) {
                if (!hand.containsKey(other.piece)) {
                    hand.put(other.piece, hand(piece) ^ other.parity);
                    open.add(other.piece);
                }
            }
        }
    }

    private int left(Side side) {
        return design.piece(side.piece()).quantity() == 1 && word(side.edge()) < 0 ? 1 : 0;
    }

    private boolean isSteep(Side side) {
        Edge edge = edge(side);
        return Math.abs(edge.end().y() - edge.start().y()) > LEAST_RISE * edge.lengthMm();
    }

    private boolean isRising(Side side) {
        Edge edge = edge(side);
        return edge.end().y() > edge.start().y();
    }

    private Edge edge(Side side) {
        return design.piece(side.piece()).stitchLine().edge(side.edge());
    }

    /** 1 where an edge's name says right, −1 where it says left, else 0. */
    static int word(String edge) {
        return edge.matches(".*\\bleft\\b.*") ? -1 : edge.matches(".*\\bright\\b.*") ? 1 : 0;
    }

    /** With left and right exchanged. */
    static String mirrored(String edge) {
        return word(edge) < 0 ? edge.replaceAll("\\bleft\\b", "right") : edge.replaceAll("\\bright\\b", "left");
    }
}
