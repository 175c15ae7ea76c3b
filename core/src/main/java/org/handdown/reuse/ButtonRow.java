package org.handdown.reuse;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Buttons and buttonholes of a kept placket, spaced again for a new length.
 *
 * @param marks from the top of the new closure
 * @param fromMm where on the old placket the new closure begins
 * @param spacingMm between neighbours
 * @param sentences what to watch, with figures
 */
public record ButtonRow(List<Mark> marks, double fromMm, double spacingMm, List<String> sentences) {
    /** @param existing a buttonhole that is there already */
    public record Mark(double atMm, boolean existing) {}

    /** Overlap past the centre line beyond half a button (handbook of the trade §4; common practice, no source). */
    public static final double BEYOND_HALF_MM = 6;

    /** Each end of a loop goes this far into the seam (common practice, no source). */
    private static final double LOOP_ANCHOR_MM = 15;

    public ButtonRow {
        marks = List.copyOf(marks);
        sentences = List.copyOf(sentences);
    }

    /**
     * What the new closure asks for.
     *
     * @param lengthMm of the new closure along its centre line
     * @param topMm and endMm: from its ends to the first and the last button, about
     * @param fullestMm from the top to the point under most strain; below 0 where there is none
     */
    public record Need(double lengthMm, double topMm, double endMm, double fullestMm) {
        public Need {
            if (!(lengthMm >= 40 && lengthMm <= 2500)) {
                throw new RefusedValueException("closure.length", Wording.of("A closure is from 4 cm to 2.5 m long."));
            }
            if (!(topMm >= 0 && endMm >= 0 && topMm + endMm < lengthMm)) {
                throw new RefusedValueException("closure.margins", "First and last button must fit on the closure.");
            }
        }
    }

    /** S/(n − 1) between n buttons over a span S (handbook of the trade §4). */
    public static double spacingMm(double spanMm, int count) {
        if (count < 2) {
            throw new RefusedValueException("buttons", "Two buttons at least make a row.");
        }
        return spanMm / (count - 1);
    }

    /** Diameter and thickness: the slit of a buttonhole, and the flat opening of a loop (handbook of the trade §4). */
    public static double holeMm(double diameterMm, double thicknessMm) {
        return diameterMm + thicknessMm;
    }

    /**
     * Cord for a loop: there and back, and both ends sewn in.
     *
     * @param gapMm between the two edges
     * @param edgeToCentreMm from the edge to the button's centre
     */
    public static double loopCordMm(double gapMm, double edgeToCentreMm, double diameterMm, double anchorMm) {
        return 2 * (gapMm + edgeToCentreMm + diameterMm / 2) + 2 * anchorMm;
    }

    /**
     * Lays the new closure on the old placket so that its holes serve as well as they can; where a gap of more than a spacing and a third
     * stays at an end, a new hole is added, as far as the set of buttons goes.
     *
     * @param holesMm the old holes from the top of the old placket, ascending
     * @param oldLengthMm length of the old placket
     * @param set buttons there are
     * @param diameterMm of one
     * @param lapMm from the centre line to the placket's edge
     */
    public static ButtonRow of(
            Need need, List<Double> holesMm, double oldLengthMm, int set, double diameterMm, double lapMm) {
        if (need.lengthMm() > oldLengthMm + 0.5) {
            throw new RefusedValueException(
                    "closure.length",
                    Wording.fill(
                            "The old placket is %.0f mm long, the new closure %.0f mm: it is %.0f mm too short.",
                            oldLengthMm, need.lengthMm(), need.lengthMm() - oldLengthMm));
        }
        ButtonRow best = null;
        double least = Double.MAX_VALUE;
        for (double from = 0; from <= oldLengthMm - need.lengthMm() + 1e-6; from += 1) {
            ButtonRow row = at(from, need, holesMm, set, diameterMm, lapMm);
            double strain = row.strain(need);
            if (strain < least - 1e-9) {
                least = strain;
                best = row;
            }
        }
        return java.util.Objects.requireNonNull(best);
    }

    /** How badly a row serves: new holes, wrong margins, no button at the fullest point. */
    private double strain(Need need) {
        if (marks.isEmpty()) {
            return 1e6;
        }
        double made = marks.stream().filter(m -> !m.existing()).count() * 25.0;
        double top = Math.abs(marks.get(0).atMm() - need.topMm());
        double end = Math.abs(need.lengthMm() - marks.get(marks.size() - 1).atMm() - need.endMm());
        double full = need.fullestMm() < 0
                ? 0
                : marks.stream()
                        .mapToDouble(m -> Math.abs(m.atMm() - need.fullestMm()))
                        .min()
                        .orElse(0);
        return made + top + end + 1.5 * full;
    }

    private static ButtonRow at(double from, Need need, List<Double> holes, int set, double diameter, double lap) {
        double clear = diameter;
        List<Mark> marks = new ArrayList<>();
        for (double hole : holes) {
            double at = hole - from;
            if (at >= clear && at <= need.lengthMm() - clear) {
                marks.add(new Mark(at, true));
            }
        }
        double spacing = usual(holes, need.lengthMm());
        while (!marks.isEmpty() && marks.size() < set && marks.get(0).atMm() > 4 * spacing / 3) {
            marks.add(0, new Mark(marks.get(0).atMm() - spacing, false));
        }
        while (!marks.isEmpty()
                && marks.size() < set
                && need.lengthMm() - marks.get(marks.size() - 1).atMm() > 4 * spacing / 3) {
            marks.add(new Mark(marks.get(marks.size() - 1).atMm() + spacing, false));
        }
        return new ButtonRow(marks, from, spacing, sentences(marks, need, set, diameter, lap));
    }

    private static double usual(List<Double> holes, double length) {
        return holes.size() < 2 ? length / 2 : spacingMm(holes.get(holes.size() - 1) - holes.get(0), holes.size());
    }

    private static List<String> sentences(List<Mark> marks, Need need, int set, double diameter, double lap) {
        List<String> all = new ArrayList<>();
        long kept = marks.stream().filter(Mark::existing).count();
        all.add(Wording.fill(
                "%d old buttonholes serve, %d new ones; %d of %d buttons used.",
                kept, marks.size() - kept, marks.size(), set));
        if (need.fullestMm() >= 0 && !marks.isEmpty()) {
            double off = marks.stream()
                    .mapToDouble(m -> Math.abs(m.atMm() - need.fullestMm()))
                    .min()
                    .orElse(0);
            all.add(Wording.fill(
                    off <= 15
                            ? "A button sits within %.0f mm of the fullest point."
                            : "The nearest button is %.0f mm from the fullest point: add a snap there.",
                    off));
        }
        double leastLap = diameter / 2 + BEYOND_HALF_MM;
        if (lap < leastLap) {
            all.add(Wording.fill(
                    "The edge lies %.0f mm past the buttons; half a button and 6 mm, %.1f mm, are the least.",
                    lap, leastLap));
        }
        all.add("The side that lapped over still laps over; a front that becomes a back changes the wearer's hand.");
        all.add(Wording.fill(
                "As loops instead: %.0f mm of cord each, and no overlap.",
                loopCordMm(0, lap, diameter, LOOP_ANCHOR_MM)));
        all.add(Wording.fill(
                "Buttonholes are %.1f mm long for a flat button; try one on a scrap with the same layers.",
                diameter + 3));
        return all;
    }
}
