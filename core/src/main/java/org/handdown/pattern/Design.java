package org.handdown.pattern;

import java.util.List;

/** The pieces of a garment, the seams between them and the sizes it will have when sewn. */
public record Design(String name, List<Piece> pieces, List<DesignSeam> seams, List<FinishedSize> sizes) {
    /**
     * A finished size against the body.
     *
     * @param formula the sum behind it, with its numbers
     * @param fits false where the wearer would not get in or move
     */
    public record FinishedSize(String what, double finishedMm, double bodyMm, String formula, boolean fits) {}

    public Design {
        pieces = List.copyOf(pieces);
        seams = List.copyOf(seams);
        sizes = List.copyOf(sizes);
    }

    public Piece piece(String id) {
        return pieces.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no piece (" + id + ")."));
    }

    public List<DesignSeam.Walk> walks() {
        return seams.stream().map(s -> s.walk(this)).toList();
    }
}
