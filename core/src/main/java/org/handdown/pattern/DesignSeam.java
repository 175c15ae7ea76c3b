package org.handdown.pattern;

import java.util.List;

/**
 * Edges that will be sewn together, walked along their stitch lines.
 *
 * @param leastEaseMm the second side may be longer by at least this
 * @param mostEaseMm and at most this; both 0 where the two must agree
 */
public record DesignSeam(String name, List<Side> one, List<Side> other, double leastEaseMm, double mostEaseMm) {
    /** Half a millimetre is what a chalk line hides; two is what a seam eases in unseen (common practice, no source). */
    private static final double UNSEEN_MM = 2;

    /** An edge of a piece, counted {@code times}. */
    public record Side(String piece, String edge, int times) {}

    /** Both lengths and what to think of their difference. */
    public record Walk(DesignSeam seam, double oneMm, double otherMm, boolean agrees) {
        public double differenceMm() {
            return otherMm - oneMm;
        }
    }

    public DesignSeam {
        one = List.copyOf(one);
        other = List.copyOf(other);
    }

    public Walk walk(Design design) {
        double a = lengthMm(design, one);
        double b = lengthMm(design, other);
        boolean agrees = b - a >= leastEaseMm - UNSEEN_MM && b - a <= mostEaseMm + UNSEEN_MM;
        return new Walk(this, a, b, agrees);
    }

    private static double lengthMm(Design design, List<Side> sides) {
        return sides.stream()
                .mapToDouble(s -> s.times()
                        * design.piece(s.piece()).stitchLine().edge(s.edge()).lengthMm())
                .sum();
    }
}
