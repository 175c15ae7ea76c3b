package org.handdown.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.handdown.measure.Wording;
import org.handdown.pattern.DesignSeam.Copies;
import org.handdown.pattern.DesignSeam.Side;

/**
 * Which edges of pieces that were brought in or entered are probably sewn together: as long as each other, and called alike. Only edges that
 * no seam holds yet and that are not turned; each in one proposal at most. Common practice, no source.
 */
public final class SeamProposals {
    /** Edges that are to be sewn without ease differ by less when they are traced or typed, mm. */
    private static final double ALIKE_MM = 1.5;

    private static final double ALIKE_SHARE = 0.005;
    /** Shorter ends are not told apart by their length. */
    private static final double LEAST_MM = 30;

    private static final Set<String> NO_WORDS =
            Set.of("left", "right", "front", "back", "edge", "line", "upper", "lower");
    private static final Set<String> ENDS = Set.of("hem", "lower", "upper", "left", "right");
    private static final Set<String> HOLES = Set.of("armhole", "neck", "waist", "hem");
    private static final Set<String> TUBES = Set.of("sleeve", "warmer", "strap", "tie", "neckband", "cuff", "band");
    private static final Set<String> PANELS = Set.of("panel", "half", "crown", "quarter", "gore", "side", "ruffle");
    private static final Set<String> LAYERS = Set.of("facing", "lining");

    private record Free(Side side, Piece piece, double mm) {
        String edge() {
            return side.edge();
        }
    }

    /** Two edges, and how well they go together: the lower, the better. */
    private record Pair(Free one, Free other, Copies copies, int rank, double offMm) {}

    private final Design design;
    private final List<Free> free = new ArrayList<>();

    private SeamProposals(Design design) {
        this.design = design;
        Set<Side> held = design.seams().stream()
                .flatMap(s -> Stream.concat(s.one().stream(), s.other().stream()))
                .flatMap(s -> Stream.of(s.edge(), BodySides.mirrored(s.edge())).map(e -> new Side(s.piece(), e, 1)))
                .collect(Collectors.toSet());
        for (Piece piece : design.pieces()) {
            piece.stitchLine().edges().stream()
                    .map(e -> new Free(new Side(piece.id(), e.name(), 1), piece, e.lengthMm()))
                    .filter(f -> f.mm > LEAST_MM
                            && !held.contains(f.side)
                            && piece.cloth() != PieceCloth.INTERFACING
                            && !piece.allowance(f.edge()).turned()
                            && piece.allowance(f.edge()).mm() > 0)
                    .forEach(free::add);
        }
    }

    public static List<DesignSeam> of(Design design) {
        return new SeamProposals(design).found();
    }

    private List<DesignSeam> found() {
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < free.size(); i++) {
            for (int k = i; k < free.size(); k++) {
                pair(free.get(i), free.get(k)).ifPresent(pairs::add);
            }
        }
        pairs.sort(Comparator.comparingInt(Pair::rank).thenComparingDouble(Pair::offMm));
        Set<Side> used = new HashSet<>();
        List<DesignSeam> all = new ArrayList<>();
        for (Pair p : pairs) {
            if (!used.contains(p.one.side) && !used.contains(p.other.side)) {
                use(p.one, used);
                use(p.other, used);
                all.add(new DesignSeam(name(p), List.of(p.one.side), List.of(p.other.side), 0, 0).with(p.copies));
            }
        }
        return all;
    }

    /** With its like on the other side of the body, which is sewn with it. */
    private static void use(Free edge, Set<Side> used) {
        used.add(edge.side);
        used.add(new Side(edge.side.piece(), BodySides.mirrored(edge.edge()), 1));
    }

    private static String name(Pair p) {
        String edge = Wording.spoken(p.one.edge());
        return p.one.piece == p.other.piece
                ? Wording.fill("%s of the %s", edge, p.one.piece.name())
                : Wording.fill("%s, %s to %s", edge, p.one.piece.name(), p.other.piece.name());
    }

    private Optional<Pair> pair(Free a, Free b) {
        double off = Math.abs(a.mm - b.mm);
        if (off > Math.max(ALIKE_MM, ALIKE_SHARE * a.mm)) {
            return Optional.empty();
        }
        return a.piece == b.piece ? within(a, b, off) : between(a, b, off);
    }

    /** A piece on itself: the middle of a pair, both sides of a sleeve, the panels of a skirt. */
    private static Optional<Pair> within(Free a, Free b, double off) {
        if (a == b) {
            boolean isMiddle = a.piece.pair()
                    && a.piece.quantity() == 2
                    && words(a.edge()).contains("centre")
                    && !a.piece.wishes().containsKey(a.edge());
            return isMiddle ? Optional.of(new Pair(a, b, Copies.EACH_SIDE, 2, 0)) : Optional.empty();
        }
        boolean areSides =
                BodySides.word(a.edge()) != 0 && BodySides.mirrored(a.edge()).equals(b.edge()) && !isHole(a);
        Set<String> called = words(a.piece.id());
        if (areSides && TUBES.stream().anyMatch(called::contains)) {
            return Optional.of(new Pair(a, b, Copies.ITSELF, 1, off));
        }
        return areSides && !called.contains("facing") && PANELS.stream().anyMatch(called::contains)
                ? Optional.of(new Pair(a, b, Copies.RING, 1, off))
                : Optional.empty();
    }

    private Optional<Pair> between(Free a, Free b, double off) {
        if (isLayerOf(b, a) || isLayerOf(a, b)) {
            Free layer = isLayerOf(b, a) ? b : a;
            // A lining has seams of its own first; what is left of it is sewn behind its piece.
            int rank = words(layer.piece.id()).contains("lining") ? 4 : 0;
            return a.edge().equals(b.edge()) && !a.edge().equals("lower")
                    ? Optional.of(new Pair(layer == b ? a : b, layer, Copies.BEHIND, rank, off))
                    : Optional.empty();
        }
        Set<String> shared = new HashSet<>(words(a.edge()));
        shared.retainAll(words(b.edge()));
        boolean isSided = BodySides.word(a.edge()) != 0 && BodySides.word(a.edge()) == BodySides.word(b.edge());
        // Both are drawn from the right side: a right side meets a left one. Front and back have both an armhole; it is
        // no seam of theirs.
        if (isSided || isHole(a) || isHole(b) || isLining(a) != isLining(b)) {
            return Optional.empty();
        }
        if (!shared.isEmpty()) {
            return Optional.of(new Pair(a, b, Copies.EACH_SIDE, 1, off));
        }
        return !isEnd(a) && !isEnd(b) && isOnlyOne(a, b) && isOnlyOne(b, a)
                ? Optional.of(new Pair(a, b, Copies.EACH_SIDE, 3, off))
                : Optional.empty();
    }

    private static boolean isLayerOf(Free layer, Free piece) {
        return layer.piece.id().startsWith(piece.piece.id() + "-")
                && LAYERS.stream().anyMatch(words(layer.piece.id())::contains);
    }

    private static boolean isLining(Free edge) {
        return edge.piece.cloth() == PieceCloth.LINING;
    }

    private static boolean isHole(Free edge) {
        return HOLES.stream().anyMatch(words(edge.edge())::contains);
    }

    private static boolean isEnd(Free edge) {
        return ENDS.contains(edge.edge());
    }

    /** Is no other edge of another piece as long? */
    private boolean isOnlyOne(Free a, Free b) {
        return free.stream()
                .noneMatch(f -> f != b && f != a && Math.abs(f.mm - a.mm) < 3 * Math.max(ALIKE_MM, ALIKE_SHARE * a.mm));
    }

    private static Set<String> words(String edge) {
        return Stream.of(edge.split("[ -]"))
                .filter(w -> w.length() > 2 && !NO_WORDS.contains(w) && !w.matches("\\d+"))
                .collect(Collectors.toSet());
    }
}
