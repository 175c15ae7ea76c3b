package org.handdown.panel.survey;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Two pins at a known distance, and each point by its distance from both; where it is also taped from point to point the figures check
 * each other and are adjusted together. Frame: the first pin at the origin, the second on +y, which is the lengthwise grain where the
 * pins stand on one thread; the right of the line from first to second pin is +x.
 *
 * @param apartMm between the pins
 * @param checks distances between any two points, beside those from neighbour to neighbour
 */
public record TwoPins(double apartMm, List<Sighting> points, List<Check> checks) implements OutlineMethod {
    private static final int MOST = 120;

    /** Which side of the line from the first pin to the second. */
    public enum Where {
        LEFT,
        RIGHT
    }

    /**
     * One point.
     *
     * @param fromFirstMm and fromSecondMm: straight distances from the pins
     * @param toNextMm straight to the next point as walked; 0 where it was not taped
     */
    public record Sighting(
            double fromFirstMm, double fromSecondMm, Where where, double toNextMm, boolean corner, String edge) {}

    /** A straight distance between two points, counted from 0. */
    public record Check(int from, int to, double mm) {}

    public TwoPins {
        points = List.copyOf(points);
        checks = List.copyOf(checks);
        new Range(50, 5000).require("pins.apart", Length.ofMm(apartMm));
        if (points.size() < 3 || points.size() > MOST) {
            throw new RefusedValueException("pins.points", "From two pins 3 to 120 points are measured.");
        }
        for (int i = 0; i < points.size(); i++) {
            requireTriangle(i, points.get(i), apartMm);
        }
        for (int i = 0; i < checks.size(); i++) {
            Check c = checks.get(i);
            boolean known = c.from() >= 0 && c.to() >= 0 && c.from() < points.size() && c.to() < points.size();
            if (!known || c.from() == c.to()) {
                throw new RefusedValueException(
                        "pins.checks[" + i + "]", "A check runs between two different points that are there.");
            }
            new Range(1, 10_000).require("pins.checks[" + i + "]", Length.ofMm(c.mm()));
        }
    }

    private static void requireTriangle(int i, Sighting s, double apart) {
        String field = "pins.points[" + i + "]";
        new Range(0, 10_000).require(field + ".fromFirst", Length.ofMm(s.fromFirstMm()));
        new Range(0, 10_000).require(field + ".fromSecond", Length.ofMm(s.fromSecondMm()));
        double sum = s.fromFirstMm() + s.fromSecondMm();
        double difference = Math.abs(s.fromFirstMm() - s.fromSecondMm());
        // A point on the line of the pins may miss the triangle by what a tape is off.
        if (sum < apart - 10 || difference > apart + 10) {
            String off = sum < apart
                    ? Wording.fill("together %.0f mm, less than the %.0f mm between the pins", sum, apart)
                    : Wording.fill("they differ by %.0f mm, more than the %.0f mm between the pins", difference, apart);
            throw new RefusedValueException(
                    field + (s.fromFirstMm() > s.fromSecondMm() ? ".fromFirst" : ".fromSecond"),
                    Wording.fill("Point %d makes no triangle with the pins: %s. Measure it again.", i + 1, off));
        }
    }

    /** Where the distances from the pins alone put the points. */
    static List<Point> raw(double apart, List<Sighting> points) {
        return points.stream()
                .map(s -> {
                    double a = s.fromFirstMm();
                    double y = (a * a - s.fromSecondMm() * s.fromSecondMm() + apart * apart) / (2 * apart);
                    double x = Math.sqrt(Math.max(0, a * a - y * y));
                    return new Point(s.where() == Where.RIGHT ? x : -x, y);
                })
                .toList();
    }

    private static List<TapePoint> walked(List<Point> at, List<Sighting> points) {
        List<TapePoint> walked = new ArrayList<>();
        for (int i = 0; i < at.size(); i++) {
            walked.add(new TapePoint(
                    at.get(i), points.get(i).corner(), points.get(i).edge()));
        }
        return walked;
    }

    private static final int KEPT = 64;

    /** Adjusting takes some ten milliseconds and a panel is drawn many times over; equal surveys have equal outcomes. */
    private static final Map<TwoPins, PinAdjustment> ADJUSTED =
            Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
                private static final long serialVersionUID = 1L;

                @Override
                protected boolean removeEldestEntry(Map.Entry<TwoPins, PinAdjustment> eldest) {
                    return size() > KEPT;
                }
            });

    /** All figures brought into agreement, each moved as little as it must be. */
    public PinAdjustment adjustment() {
        PinAdjustment known = ADJUSTED.get(this);
        if (known == null) {
            known = PinAdjustment.of(this);
            ADJUSTED.put(this, known);
        }
        return known;
    }

    @Override
    public Outline outline() {
        return WalkedOutline.of(walked(adjustment().points(), points));
    }

    @Override
    public double toleranceMm(double tapeMm) {
        return adjustment().toleranceMm() * tapeMm / Origin.TAPE.toleranceMm();
    }

    @Override
    public List<String> findings() {
        return adjustment().findings();
    }
}
