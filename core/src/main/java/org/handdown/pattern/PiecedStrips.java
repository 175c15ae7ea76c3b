package org.handdown.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Strips out of odd scraps, to be pieced into a band, a tie or a binding: real parallel strips inside each outline, not area over width. A
 * straight join costs both allowances, one of square ends on the diagonal the strip's width, of ends that are at 45° already 2√2 · a
 * (handbook of the trade §4). Rings in mm, y up the lengthwise grain.
 *
 * @param strips longest first
 * @param cutMm width they are cut
 */
public record PiecedStrips(List<Strip> strips, double cutMm, double joinMm) {
    private static final double LEAST_USEFUL = 2;
    private static final int PHASES = 12;
    private static final int MOST_SCRAPS = 40;

    /**
     * One strip.
     *
     * @param scrap it lies on, by its place in the list
     * @param outline on the scrap
     */
    public record Strip(int scrap, double lengthMm, Ring outline) {}

    /** How the strips lie to the lengthwise grain. */
    public enum Way {
        BIAS("on the bias", 45, -45),
        ALONG("along the grain", 90),
        ACROSS("across the grain", 0),
        EITHER("along or across the grain", 90, 0);

        private final String words;
        private final double[] turns;

        /** @param turns from the crosswise grain, degrees */
        Way(String words, double... turns) {
            this.words = words;
            this.turns = turns;
        }

        public String words() {
            return words;
        }
    }

    /** How two strips are joined. */
    public enum Joining {
        STRAIGHT,
        /** Square ends laid across each other, sewn on the diagonal: flatter, and costs more. */
        DIAGONAL,
        /** Ends that are cut at 45° already. */
        SLANTED;

        /** Length that one join costs, mm. */
        public double costMm(double cutMm, double allowanceMm) {
            return switch (this) {
                case STRAIGHT -> 2 * allowanceMm;
                case DIAGONAL -> cutMm;
                case SLANTED -> slantedJoinMm(allowanceMm);
            };
        }
    }

    public PiecedStrips {
        strips = List.copyOf(strips);
    }

    /** Width to cut for a finished binding: folds × width and both allowances; double-fold binding is 4 × its width. */
    public static double cutWidthMm(double finishedMm, int folds, double allowanceMm) {
        return folds * finishedMm + 2 * allowanceMm;
    }

    /** Width to cut for piping: round the cord, and both allowances. */
    public static double pipingWidthMm(double cordGirthMm, double allowanceMm) {
        return cordGirthMm + 2 * allowanceMm;
    }

    /** Joins of ends that are cut at 45° along the grain. */
    public static double slantedJoinMm(double allowanceMm) {
        return 2 * Math.sqrt(2) * allowanceMm;
    }

    /** On the bias. */
    public static PiecedStrips of(List<Ring> scraps, List<Double> grainsDeg, double cutMm, double joinMm) {
        return of(scraps, grainsDeg, Way.BIAS, cutMm, joinMm);
    }

    /**
     * @param scraps outlines, each on its own
     * @param grainsDeg direction of the lengthwise grain of each
     * @param cutMm width of a strip
     * @param joinMm length lost at each join
     */
    public static PiecedStrips of(List<Ring> scraps, List<Double> grainsDeg, Way way, double cutMm, double joinMm) {
        new Range(5, 300).require("bias.width", Length.ofMm(cutMm));
        if (scraps.isEmpty() || scraps.size() > MOST_SCRAPS) {
            throw new RefusedValueException("bias.scraps", "From 1 to 40 scraps at once.");
        }
        List<Strip> all = new ArrayList<>();
        for (int i = 0; i < scraps.size(); i++) {
            all.addAll(best(scraps.get(i), i, grainsDeg.get(i), way, cutMm, joinMm));
        }
        all.sort(Comparator.comparingDouble(Strip::lengthMm).reversed());
        return new PiecedStrips(all, cutMm, joinMm);
    }

    /** What joins to the greatest length, of all directions and of several places to begin. */
    private static List<Strip> best(Ring scrap, int index, double grainDeg, Way way, double cut, double join) {
        List<Strip> best = List.of();
        double most = Double.NEGATIVE_INFINITY;
        for (double turn : way.turns) {
            for (int phase = 0; phase < PHASES; phase++) {
                List<Strip> found = strips(scrap, index, grainDeg - 90 + turn, cut, phase * cut / PHASES);
                double sum =
                        found.stream().mapToDouble(s -> s.lengthMm() - join).sum();
                if (sum > most + 1e-9) {
                    most = sum;
                    best = found;
                }
            }
        }
        return best;
    }

    private static List<Strip> strips(Ring scrap, int index, double deg, double cut, double from) {
        double cos = StrictMath.cos(Math.toRadians(deg));
        double sin = StrictMath.sin(Math.toRadians(deg));
        Ring level =
                scrap.counterClockwise().map(p -> new Point(p.x() * cos + p.y() * sin, -p.x() * sin + p.y() * cos));
        List<Strip> found = new ArrayList<>();
        double y = level.box().minY() + from;
        while (y + cut <= level.box().maxY() + 1e-9) {
            for (Ring.Span span : inside(level, y, cut)) {
                if (span.widthMm() >= LEAST_USEFUL * cut) {
                    Ring strip = Ring.rectangle(span.from(), y, span.widthMm(), cut);
                    found.add(new Strip(
                            index,
                            span.widthMm(),
                            strip.map(p -> new Point(p.x() * cos - p.y() * sin, p.x() * sin + p.y() * cos))));
                }
            }
            y += cut;
        }
        return found;
    }

    /** Where the whole height from y to y + cut lies inside: what is inside at its edges and at every corner between them. */
    private static List<Ring.Span> inside(Ring ring, double y, double cut) {
        double hair = 1e-6;
        List<Double> heights = new ArrayList<>(List.of(y + hair, y + cut - hair));
        for (Point p : ring.points()) {
            if (p.y() > y && p.y() < y + cut) {
                heights.add(p.y() - hair);
                heights.add(p.y() + hair);
            }
        }
        List<Ring.Span> left = ring.spansAt(heights.get(0));
        for (double h : heights.subList(1, heights.size())) {
            List<Ring.Span> both = new ArrayList<>();
            for (Ring.Span a : left) {
                for (Ring.Span b : ring.spansAt(h)) {
                    double from = Math.max(a.from(), b.from());
                    double to = Math.min(a.to(), b.to());
                    if (to > from) {
                        both.add(new Ring.Span(from, to));
                    }
                }
            }
            left = both;
        }
        return left;
    }

    /** All of them in one length: each join but none after the last. */
    public double joinedMm() {
        double sum = strips.stream().mapToDouble(Strip::lengthMm).sum();
        return Math.max(0, sum - Math.max(0, strips.size() - 1) * joinMm);
    }

    /** Fewest strips for a length, the longest first; empty where all of them do not reach. */
    public List<Strip> forLength(double wantedMm) {
        List<Strip> taken = new ArrayList<>();
        double reach = 0;
        for (Strip strip : strips) {
            reach += strip.lengthMm() - (taken.isEmpty() ? 0 : joinMm);
            taken.add(strip);
            if (reach >= wantedMm) {
                return taken;
            }
        }
        return List.of();
    }

    /**
     * What there is, and of what the length that is wanted is pieced.
     *
     * @param scraps names, in the order in which they were given
     */
    public List<String> sentences(double wantedMm, Way way, List<String> scraps) {
        List<Strip> taken = forLength(wantedMm);
        List<String> all = new ArrayList<>();
        all.add(Wording.fill(
                "%d strips of %.0f mm lie in the scraps, joined %.0f mm.", strips.size(), cutMm, joinedMm()));
        all.add(
                taken.isEmpty()
                        ? Wording.fill("%.0f mm are wanted: %.0f mm are missing.", wantedMm, wantedMm - joinedMm())
                        : Wording.fill(
                                "%.0f mm are wanted: %d strip%s with %d join%s.",
                                wantedMm,
                                taken.size(),
                                taken.size() == 1 ? "" : "s",
                                taken.size() - 1,
                                taken.size() == 2 ? "" : "s"));
        for (Strip strip : taken) {
            all.add(Wording.fill("%.0f mm from %s.", Math.floor(strip.lengthMm()), scraps.get(strip.scrap())));
        }
        all.add(
                way == Way.BIAS
                        ? "Bias to straight grain, or tape the edge: two bias edges on each other stretch. Interface strips that are stretched."
                        : "Lay the joins where they do not meet a seam or a buttonhole, and press them open.");
        return all;
    }
}
