package org.handdown.pattern;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;

/**
 * Edges that will be sewn together, walked along their stitch lines. The second side may be longer than the first: by an ease in mm,
 * or by a ratio where it is gathered (above 1) or stretched (below 1).
 *
 * @param leastRatio and mostRatio: of the second side to the first; both 1 where nothing is gathered or stretched
 * @param leastEaseMm the second side may be longer by at least this
 * @param mostEaseMm and at most this; both 0 where the two must agree
 * @param copies which copies of its pieces it sews to which
 */
public record DesignSeam(
        String name,
        List<Side> one,
        List<Side> other,
        double leastEaseMm,
        double mostEaseMm,
        double leastRatio,
        double mostRatio,
        Copies copies) {
    /** Half a millimetre is what a chalk line hides; two is what a seam eases in unseen (common practice, no source). */
    private static final double UNSEEN_MM = 2;

    private static final double NEAR_MM = 1;

    /** How the copies of pieces meet in a seam: an edge alone does not tell. */
    public enum Copies {
        /** Alike on both sides of the body; a piece sewn to itself along one edge meets its partner there. */
        EACH_SIDE,
        /** Each copy is closed on itself: a sleeve. */
        ITSELF,
        /** Each copy to the next, the last to the first: the panels of a skirt. */
        RING,
        /** Each copy to the next, both ends free. */
        ROW,
        /** The second side lies behind the first, as a facing and a lining do. */
        BEHIND,
        /** Alike in length, and each sewn to something that is not drawn here. */
        ALIKE
    }

    /** An edge of a piece, counted {@code times}. */
    public record Side(String piece, String edge, int times) {}

    /** A stretch of the seam between two marks that both sides carry. */
    public record Stretch(String from, String to, double oneMm, double otherMm) {}

    /**
     * Both lengths and what to think of their difference.
     *
     * @param stretches from notch to notch, where both sides are one edge each and carry the same marks; empty otherwise
     */
    public record Walk(DesignSeam seam, double oneMm, double otherMm, boolean agrees, List<Stretch> stretches) {
        public double differenceMm() {
            return otherMm - oneMm;
        }

        public double ratio() {
            return otherMm / Math.max(oneMm, 1e-9);
        }

        /** What to do, in words, lengths in mm. */
        public String sentence() {
            if (seam.mostRatio > 1 + 1e-9 && agrees) {
                return Wording.fill("gathered %.2f to 1", ratio());
            }
            if (seam.leastRatio < 1 - 1e-9 && agrees) {
                return Wording.fill("stretched by %.0f %% while it is sewn", 100 * (1 / ratio() - 1));
            }
            if (agrees) {
                return seam.mostEaseMm > 0 ? Wording.fill("%.0f mm eased in", differenceMm()) : "agree";
            }
            double least = oneMm * seam.leastRatio + seam.leastEaseMm;
            double most = oneMm * seam.mostRatio + seam.mostEaseMm;
            double by = otherMm < least ? least - otherMm : otherMm - most;
            return Wording.fill(
                    "%s is %.0f mm too %s: change that edge, or its partner the other way",
                    words(seam.other), by, otherMm < least ? "short" : "long");
        }
    }

    private static String words(List<Side> sides) {
        Side first = sides.get(0);
        return Wording.fill("the %s of the %s", Wording.spoken(first.edge()), Wording.spoken(first.piece()));
    }

    public DesignSeam(String name, List<Side> one, List<Side> other, double leastEaseMm, double mostEaseMm) {
        this(name, one, other, leastEaseMm, mostEaseMm, 1, 1, Copies.EACH_SIDE);
    }

    public DesignSeam {
        one = List.copyOf(one);
        other = List.copyOf(other);
    }

    /** The other side is gathered or stretched onto the first. */
    public static DesignSeam byRatio(String name, List<Side> one, List<Side> other, double least, double most) {
        return new DesignSeam(name, one, other, 0, 0, least, most, Copies.EACH_SIDE);
    }

    /** The same of other copies. */
    public DesignSeam with(Copies others) {
        return new DesignSeam(name, one, other, leastEaseMm, mostEaseMm, leastRatio, mostRatio, others);
    }

    /** The same between other edges. */
    public DesignSeam between(String newName, List<Side> newOne, List<Side> newOther) {
        return new DesignSeam(newName, newOne, newOther, leastEaseMm, mostEaseMm, leastRatio, mostRatio, copies);
    }

    public Walk walk(Design design) {
        // An edge ends where the seams across it are really sewn.
        double a = lengthMm(design, one) + slipMm(design, one);
        double b = lengthMm(design, other) + slipMm(design, other);
        boolean agrees = b >= a * leastRatio + leastEaseMm - UNSEEN_MM && b <= a * mostRatio + mostEaseMm + UNSEEN_MM;
        return new Walk(this, a, b, agrees, stretches(design));
    }

    private static double lengthMm(Design design, List<Side> sides) {
        return sides.stream()
                .mapToDouble(s -> s.times()
                        * design.piece(s.piece()).stitchLine().edge(s.edge()).lengthMm())
                .sum();
    }

    private static double slipMm(Design design, List<Side> sides) {
        return sides.stream()
                .mapToDouble(s -> s.times() * Size.slipMm(design.piece(s.piece()), s.edge()))
                .sum();
    }

    /** Notch to notch: the marks of one label on both edges, in the order of the first. */
    private List<Stretch> stretches(Design design) {
        if (one.size() != 1
                || other.size() != 1
                || one.get(0).times() != other.get(0).times()) {
            return List.of();
        }
        List<Along> mine = marks(design, one.get(0));
        List<Along> theirs = marks(design, other.get(0));
        List<Along> shared = new ArrayList<>();
        List<Along> partners = new ArrayList<>();
        for (Along mark : mine) {
            theirs.stream().filter(t -> t.label.equals(mark.label)).findFirst().ifPresent(t -> {
                shared.add(mark);
                partners.add(t);
            });
        }
        if (shared.isEmpty()) {
            return List.of();
        }
        double all = lengthMm(design, one) / one.get(0).times();
        double allOther = lengthMm(design, other) / other.get(0).times();
        boolean sameWay = shared.size() < 2
                ? (shared.get(0).mm < all / 2) == (partners.get(0).mm < allOther / 2)
                : (shared.get(1).mm > shared.get(0).mm) == (partners.get(1).mm > partners.get(0).mm);
        List<Stretch> stretches = new ArrayList<>();
        String from = "end";
        double last = 0;
        double lastOther = 0;
        for (int i = 0; i < shared.size(); i++) {
            double here = shared.get(i).mm;
            double there = sameWay ? partners.get(i).mm : allOther - partners.get(i).mm;
            stretches.add(new Stretch(from, shared.get(i).label, here - last, there - lastOther));
            from = shared.get(i).label;
            last = here;
            lastOther = there;
        }
        stretches.add(new Stretch(from, "end", all - last, allOther - lastOther));
        return stretches;
    }

    private record Along(String label, double mm) {}

    private static List<Along> marks(Design design, Side side) {
        Piece piece = design.piece(side.piece());
        List<Point> line = piece.stitchLine().edge(side.edge()).flattened(0.05);
        List<Along> found = new ArrayList<>();
        for (Piece.Notch notch : piece.notches()) {
            double run = 0;
            for (int i = 0; i + 1 < line.size(); i++) {
                Point a = line.get(i);
                Point b = line.get(i + 1);
                if (notch.at().distanceMm(a, b) < NEAR_MM) {
                    found.add(new Along(notch.label(), run + a.distanceMm(notch.at())));
                    break;
                }
                run += a.distanceMm(b);
            }
        }
        double length = Edge.lengthMm(line);
        found.removeIf(m -> m.mm < NEAR_MM || m.mm > length - NEAR_MM);
        found.sort(java.util.Comparator.comparingDouble(Along::mm));
        return found;
    }
}
