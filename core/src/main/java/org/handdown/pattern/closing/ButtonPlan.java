package org.handdown.pattern.closing;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A row of buttons on a front: spacing S/(n − 1), one at the fullest point, buttonholes of diameter and thickness, and what overlap and
 * turns take of each front before it is cut. On a slanted front the row follows the slant.
 *
 * @param lengthMm of the front edge between its ends, along the edge
 * @param topMm and {@code endMm}: from the ends to the first and the last button
 * @param count wanted
 * @param inTheBox how many there are of a kind
 * @param diameterMm and {@code thicknessMm} of one
 * @param fullestMm from the top to the place under most strain; below 0 where there is none
 * @param turnMm turned under at each front edge
 * @param slantDeg of the front edge from upright; 0 for a straight front
 */
public record ButtonPlan(
        double lengthMm,
        double topMm,
        double endMm,
        int count,
        int inTheBox,
        double diameterMm,
        double thicknessMm,
        double fullestMm,
        double turnMm,
        double slantDeg) {
    /** Past the centre line beyond half a button (handbook of the trade §4). */
    public static final double BEYOND_HALF_MM = 6;

    private static final int MOST = 40;

    public ButtonPlan {
        new Range(30, 2000).require("closing.length", Length.ofMm(lengthMm));
        new Range(0, 400).require("closing.top", Length.ofMm(topMm));
        new Range(0, 800).require("closing.end", Length.ofMm(endMm));
        new Range(4, 60).require("closing.diameter", Length.ofMm(diameterMm));
        new Range(0, 25).require("closing.thickness", Length.ofMm(thicknessMm));
        new Range(0, 80).require("closing.turn", Length.ofMm(turnMm));
        if (count < 1 || count > MOST || inTheBox < 0) {
            throw new RefusedValueException("closing.count", "From 1 to 40 buttons.");
        }
        if (topMm + endMm >= lengthMm) {
            throw new RefusedValueException(
                    "closing.top", "The margins leave no room for a row; make them smaller, or the front longer.");
        }
        if (!(slantDeg >= 0 && slantDeg <= 80)) {
            throw new RefusedValueException("closing.slant", "A front slants by 0 to 80° from upright.");
        }
    }

    /** As many as there are, at most as many as are wanted. */
    public int used() {
        return Math.min(count, inTheBox);
    }

    public double spanMm() {
        return lengthMm - topMm - endMm;
    }

    /** S/(n − 1); the whole span where there is one button only. */
    public double spacingMm() {
        return used() < 2 ? spanMm() : spanMm() / (used() - 1);
    }

    /**
     * From the top along the edge. Where there is a fullest point the nearest button but the first and the last is moved there, and its
     * neighbours are spread evenly again.
     */
    public List<Double> marksMm() {
        int n = used();
        List<Double> marks = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            marks.add(n == 1 ? topMm + spanMm() / 2 : topMm + i * spacingMm());
        }
        boolean inside = fullestMm > topMm && fullestMm < lengthMm - endMm;
        if (!inside || n < 3) {
            return marks;
        }
        int nearest = 1;
        for (int i = 2; i < n - 1; i++) {
            if (Math.abs(marks.get(i) - fullestMm) < Math.abs(marks.get(nearest) - fullestMm)) {
                nearest = i;
            }
        }
        double last = marks.get(n - 1);
        for (int i = 1; i < n - 1; i++) {
            marks.set(
                    i,
                    i <= nearest
                            ? topMm + (fullestMm - topMm) * i / nearest
                            : fullestMm + (last - fullestMm) * (i - nearest) / (n - 1 - nearest));
        }
        return marks;
    }

    /** Slit of a buttonhole: diameter and thickness, to be tried on a scrap with the same layers. */
    public double holeMm() {
        return diameterMm + thicknessMm;
    }

    /** How far each front runs on past the centre line. */
    public double beyondMm() {
        return diameterMm / 2 + BEYOND_HALF_MM;
    }

    /** What each front needs past the centre line before it is cut: the overlap and its turn. */
    public double addedMm() {
        return beyondMm() + turnMm;
    }

    /** Gap in front if turns were taken off fronts that only met: two turns (check: 1 in on two fronts is 2 in). */
    public double gapWithoutMm() {
        return 2 * turnMm;
    }

    /** First to last along the edge, and how far that is down and across on a slanted front. */
    public double downMm() {
        return spanMm() * StrictMath.cos(Math.toRadians(slantDeg));
    }

    public double acrossMm() {
        return spanMm() * StrictMath.sin(Math.toRadians(slantDeg));
    }

    public List<String> sentences() {
        List<String> all = new ArrayList<>();
        all.add(Wording.fill(
                "%d button%s, %.1f mm apart, centre to centre; buttonholes of %.1f mm, tried on a scrap with the same layers.",
                used(), used() == 1 ? "" : "s", spacingMm(), holeMm()));
        all.add(Wording.fill(
                "Add %.0f mm to each front past the centre line: %.0f mm of overlap and %.0f mm turned under. Without it the fronts gape by %.0f mm.",
                addedMm(), beyondMm(), turnMm, gapWithoutMm()));
        if (inTheBox < count) {
            all.add(Wording.fill(
                    "%d are wanted, there are %d in the box: spaced for those, or look for a set.", count, inTheBox));
        }
        if (slantDeg > 0) {
            all.add(Wording.fill(
                    "On a front slanting by %.0f° the row of %.0f mm is %.0f mm down and %.0f mm across.",
                    slantDeg, spanMm(), downMm(), acrossMm()));
        }
        if (fullestMm >= 0 && used() >= 3) {
            all.add("One sits at the fullest place; the others are spread evenly on either side of it.");
        }
        return all;
    }
}
