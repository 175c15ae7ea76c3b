package org.handdown.pattern;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * A new neckline in front, the back left as it is, and the band or rib that is sewn to it. Frame of its points: mm, centre front at
 * x = 0, the line from neck point to neck point at y = 0, y up.
 *
 * @param widthMm from neck point to neck point
 * @param depthMm from that line straight down to the lowest point at the centre front
 * @param backMm the back neckline along its seam, which stays
 * @param band kept or new; null where the edge is faced or bound
 */
public record Neckline(
        String name,
        Shape shape,
        double widthMm,
        double depthMm,
        double backMm,
        @Nullable Band band) {
    /** The front edge between the neck points. */
    public enum Shape {
        V("a V"),
        ROUND("round"),
        SQUARE("square");

        private final String words;

        Shape(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A band or rib.
     *
     * @param restMm its length at rest, sewn into a ring
     * @param depthMm finished
     * @param stretch share of its length that wear may use; the seam must stretch as far
     */
    public record Band(double restMm, double depthMm, double stretch) {
        public Band {
            new Range(50, 2000).require("neckline.band.rest", Length.ofMm(restMm));
            new Range(3, 250).require("neckline.band.depth", Length.ofMm(depthMm));
            if (!(stretch >= 0 && stretch <= 2)) {
                throw new RefusedValueException("neckline.band.stretch", "A band stretches by 0 to 200 %.");
            }
        }

        public double greatestMm() {
            return restMm * (1 + stretch);
        }
    }

    /** Bands are cut shorter than the edge they are sewn to (handbook of the trade §4: 0.75 to 0.9; common practice, no source). */
    private static final double SHORTEST_SHARE = 0.75;

    private static final double LONGEST_SHARE = 0.9;

    private static final int CHALK_POINTS = 5;

    public Neckline {
        if (name.isBlank() || name.length() > 80) {
            throw new RefusedValueException("neckline.name", "Name the neckline in up to 80 letters.");
        }
        new Range(60, 500).require("neckline.width", Length.ofMm(widthMm));
        new Range(10, 600).require("neckline.depth", Length.ofMm(depthMm));
        new Range(40, 800).require("neckline.back", Length.ofMm(backMm));
        if (backMm < widthMm) {
            throw new RefusedValueException(
                    "neckline.back",
                    "The back neckline runs along its curve: it cannot be shorter than the width between the neck points.");
        }
    }

    /** Length of the front edge along its line; an ellipse's half by Ramanujan's second formula, exact for a circle. */
    public double frontMm() {
        double half = widthMm / 2;
        return switch (shape) {
            case V -> 2 * Math.hypot(half, depthMm);
            case SQUARE -> widthMm + 2 * depthMm;
            case ROUND -> {
                double h = Math.pow((half - depthMm) / (half + depthMm), 2);
                yield Math.PI * (half + depthMm) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h))) / 2;
            }
        };
    }

    public double edgeMm() {
        return frontMm() + backMm;
    }

    /** Angle of the V at its point, degrees; 180 for any other shape. */
    public double angleDeg() {
        return shape == Shape.V ? Math.toDegrees(2 * Math.atan(widthMm / 2 / depthMm)) : 180;
    }

    /** Slant of the mitre from the band's edge, degrees: half the V's angle. */
    public double slantDeg() {
        return angleDeg() / 2;
    }

    /** Base of the notch cut from the band's folded edge: 2 · depth · cot(θ/2); 0 where there is no point. */
    public double notchBaseMm() {
        return band == null || shape != Shape.V ? 0 : 2 * band.depthMm() / Math.tan(Math.toRadians(slantDeg()));
    }

    /** Edge against band at rest; 0 without a band. */
    public double ratio() {
        return band == null ? 0 : edgeMm() / band.restMm();
    }

    /** How long the band's free edge may be at most to lie flat: a round edge turns once, its inner side is shorter by that turn × depth. */
    public double flatMm() {
        double corners = switch (shape) {
            case V -> Math.PI - Math.toRadians(angleDeg());
            case SQUARE -> Math.PI;
            case ROUND -> 0;
        };
        return band == null ? edgeMm() : edgeMm() - (2 * Math.PI - corners) * band.depthMm();
    }

    /** Band length to cut where the kept one does not serve, mm at rest. */
    public double newBandMm() {
        double least = band == null ? 0 : edgeMm() / (1 + band.stretch());
        double flat = Math.max(SHORTEST_SHARE * edgeMm(), Math.min(LONGEST_SHARE * edgeMm(), flatMm()));
        return Math.max(least, flat);
    }

    /** Whether the band serves: long enough when stretched, and not so long that it stands away. */
    public boolean serves() {
        return band == null
                || ratio() <= 1 + band.stretch() && band.restMm() <= Math.max(flatMm(), LONGEST_SHARE * edgeMm());
    }

    /** What to know before anything is cut, lengths in mm. */
    public List<String> verdict() {
        List<String> all = new ArrayList<>();
        all.add(Wording.fill(
                "The new edge measures %.0f mm: %.0f mm in front, %.0f mm behind.", edgeMm(), frontMm(), backMm));
        if (band != null) {
            all.add(bandSentence(band));
            if (shape == Shape.V) {
                all.add(Wording.fill(
                        "The V opens by %.0f°: its notch slants %.1f° from the band's edge and is %.0f mm wide at the fold; sew it first, at the band's marked centre.",
                        angleDeg(), slantDeg(), notchBaseMm()));
            }
        }
        return all;
    }

    private String bandSentence(Band kept) {
        if (ratio() > 1 + kept.stretch()) {
            return Wording.fill(
                    "The band of %.0f mm would be stretched by %.0f %%; %.0f %% may be used. Take a band of %.0f mm, or a shallower neck.",
                    kept.restMm(), 100 * (ratio() - 1), 100 * kept.stretch(), newBandMm());
        }
        if (!serves()) {
            return Wording.fill(
                    "The band of %.0f mm is too long for the edge: it would stand away. Cut it to %.0f mm.",
                    kept.restMm(), newBandMm());
        }
        return kept.restMm() <= flatMm()
                ? Wording.fill("The band of %.0f mm serves: ratio %.2f, it lies flat.", kept.restMm(), ratio())
                : Wording.fill(
                        "The band of %.0f mm serves: ratio %.2f. Its free edge is %.0f mm longer than the curve there: steam it flat.",
                        kept.restMm(), ratio(), kept.restMm() - flatMm());
    }

    /** Points to chalk on one side of the centre front, from the neck point down; the other side is their mirror image. */
    public List<Point> chalkPoints() {
        List<Point> points = new ArrayList<>();
        double half = widthMm / 2;
        for (int i = 0; i <= CHALK_POINTS; i++) {
            double down = depthMm * i / CHALK_POINTS;
            double share = (double) i / CHALK_POINTS;
            double x = switch (shape) {
                case V -> half * (1 - share);
                case ROUND -> half * Math.sqrt(Math.max(0, 1 - share * share));
                case SQUARE -> half;
            };
            points.add(new Point(x, 0 - down));
        }
        if (shape == Shape.SQUARE) {
            points.add(new Point(0, -depthMm));
        }
        return points;
    }

    /** What to do in which order, for a cloth that runs or stretches as for one that does not (secure first, cut after). */
    public List<String> order(boolean runs) {
        List<String> steps = new ArrayList<>();
        steps.add("Chalk the new line on one side, fold at the centre front, and copy it to the other.");
        steps.add("Stay-stitch just outside the line; nothing is cut yet.");
        if (shape == Shape.V && band != null) {
            steps.add("Sew the notch of the band, and press it open.");
        }
        if (band != null) {
            steps.add("Quarter the edge and the band, sew the band on, and look at it on the body.");
        }
        steps.add(
                runs
                        ? Wording.of(
                                "Only then cut: one slit down the centre front, then each flap, 5 mm from the stitches.")
                        : Wording.of("Then cut 5 mm outside the stay-stitching, and finish the edge."));
        return steps;
    }
}
