package org.handdown.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.handdown.fit.CopyId;
import org.handdown.pattern.DesignSeam.Side;

/**
 * A seam of a design, written out for the copies of its pieces. One that is told for the right side of the body is sewn on the left too: with
 * the mirrored copies, and with left and right exchanged in the names of edges.
 */
final class SeamCopies {
    /** An edge of one copy. */
    record CopyEdge(CopyId copy, String edge) {}

    /** One line of stitches. */
    record Sewn(List<CopyEdge> one, List<CopyEdge> other) {
        Sewn {
            one = List.copyOf(one);
            other = List.copyOf(other);
        }
    }

    private final Design design;
    private final BodySides sides;
    private final DesignSeam seam;

    private SeamCopies(Design design, BodySides sides, DesignSeam seam) {
        this.design = design;
        this.sides = sides;
        this.seam = seam;
    }

    static List<Sewn> of(Design design, BodySides sides, DesignSeam seam) {
        SeamCopies copies = new SeamCopies(design, sides, seam);
        return switch (seam.copies()) {
            case ALIKE -> List.of();
            case ITSELF -> copies.eachWith(0, false);
            case RING -> copies.eachWith(1, true);
            case ROW -> copies.eachWith(1, false);
            case EACH_SIDE, BEHIND -> copies.isFolded() ? copies.partners() : copies.bySide();
        };
    }

    private int quantity(Side side) {
        return design.piece(side.piece()).quantity();
    }

    /** Copy after copy of one piece, each with itself or the next. */
    private List<Sewn> eachWith(int step, boolean closes) {
        List<Sewn> all = new ArrayList<>();
        int n = quantity(seam.one().get(0));
        int last = closes || step == 0 ? n : n - step;
        for (int i = 0; i < last; i++) {
            int number = i;
            all.add(new Sewn(
                    seam.one().stream().map(s -> copy(s, number)).toList(),
                    seam.other().stream()
                            .map(s -> copy(s, (number + step) % quantity(s)))
                            .toList()));
        }
        return all;
    }

    private static CopyEdge copy(Side side, int number) {
        return new CopyEdge(new CopyId(side.piece(), number), side.edge());
    }

    /** Is it a piece laid on its like, edge on the same edge? */
    private boolean isFolded() {
        return quantity(seam.one().get(0)) > 1
                && seam.one().size() == seam.other().size()
                && IntStream.range(0, seam.one().size())
                        .allMatch(i -> seam.one()
                                        .get(i)
                                        .piece()
                                        .equals(seam.other().get(i).piece())
                                && seam.one()
                                        .get(i)
                                        .edge()
                                        .equals(seam.other().get(i).edge()));
    }

    private List<Sewn> partners() {
        List<Sewn> all = new ArrayList<>();
        for (int i = 0; i + 1 < quantity(seam.one().get(0)); i += 2) {
            int number = i;
            all.add(new Sewn(
                    seam.one().stream().map(s -> copy(s, number)).toList(),
                    seam.other().stream().map(s -> layer(s, number + 1)).toList()));
        }
        return all;
    }

    /** Two copies that are drawn alike lie on each other right on left. */
    private CopyEdge layer(Side side, int number) {
        String other = BodySides.mirrored(side.edge());
        boolean isAlike = !design.piece(side.piece()).pair() && hasEdge(side.piece(), other);
        return new CopyEdge(new CopyId(side.piece(), number), isAlike ? other : side.edge());
    }

    /** Once where a side goes over the whole body, else once for each side of it. */
    private List<Sewn> bySide() {
        List<Side> all =
                Stream.concat(seam.one().stream(), seam.other().stream()).toList();
        boolean isSided =
                all.stream().allMatch(sides::isSided) && design.seams().stream().noneMatch(this::isItsMirror);
        int times = !isSided
                ? 1
                : all.stream()
                        .mapToInt(s -> quantity(s) == 1 ? 2 : quantity(s) / Math.max(1, s.times()))
                        .max()
                        .orElse(1);
        List<Sewn> sewn = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            sewn.add(new Sewn(copies(seam.one(), i, isSided), copies(seam.other(), i, isSided)));
        }
        return sewn;
    }

    private boolean hasEdge(String piece, String edge) {
        return design.piece(piece).stitchLine().find(edge).isPresent();
    }

    /** Is the other side of the body told by a seam of its own? */
    private boolean isItsMirror(DesignSeam other) {
        return other != seam
                && mirrored(seam.one()).equals(other.one())
                && mirrored(seam.other()).equals(other.other());
    }

    private static List<Side> mirrored(List<Side> sides) {
        return sides.stream()
                .map(s -> new Side(s.piece(), BodySides.mirrored(s.edge()), s.times()))
                .toList();
    }

    private List<CopyEdge> copies(List<Side> of, int number, boolean isSided) {
        List<CopyEdge> all = new ArrayList<>();
        for (Side s : of) {
            Piece piece = design.piece(s.piece());
            if (s.times() >= piece.quantity()) {
                String edge = isSided ? sided(s, number % 2) : s.edge();
                IntStream.range(0, piece.quantity())
                        .forEach(i -> all.add(new CopyEdge(new CopyId(s.piece(), i), edge)));
            } else {
                int first = number * s.times();
                for (int i = first; i < first + s.times(); i++) {
                    int copy = piece.pair() ? 2 * (i / 2) + (i % 2 ^ sides.hand(s.piece())) : i;
                    all.add(copy(s, copy % piece.quantity()));
                }
            }
        }
        return all;
    }

    /** The edge of an only copy on one side of the body. */
    private String sided(Side side, int body) {
        boolean isRight = sides.hand(side.piece()) == body;
        String other = BodySides.mirrored(side.edge());
        return BodySides.word(side.edge()) > 0 == isRight || !hasEdge(side.piece(), other) ? side.edge() : other;
    }
}
