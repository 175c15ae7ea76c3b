package org.handdown.panel;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * Two measured panels laid on each other, grain on grain, as they cover most of each other: worn garments are not symmetrical. What both have
 * is the intersection, never the mean. Frame of the first panel, mm.
 *
 * @param mirrored the second lies face down, as a left on a right
 * @param other outline of the second, as it lies
 * @param common what both cover
 * @param oneMore and {@code otherMore}: mm² that only the first, only the second covers
 * @param mostMm farthest that one outline lies from the other
 * @param where that is
 * @param edges lengths of edges of the same name where they differ, first and second, mm
 */
public record Overlay(
        Panel one,
        Panel second,
        boolean mirrored,
        Ring other,
        List<Ring> common,
        double oneMore,
        double otherMore,
        double mostMm,
        @Nullable Point where,
        Map<String, double[]> edges) {
    /** Less than this is how a tape is read (common practice, no source). */
    public static final double UNNOTICED_MM = 3;

    private static final double COARSEST_MM = 32;
    private static final double FINEST_MM = 0.25;
    private static final double SAMPLE_MM = 5;

    public Overlay {
        common = List.copyOf(common);
        // Told in the same order every time.
        edges = Collections.unmodifiableMap(new TreeMap<>(edges));
    }

    /** @throws RefusedValueException for a panel on itself */
    public static Overlay of(Panel one, Panel second) {
        if (one.id().equals(second.id())) {
            throw new RefusedValueException("panels", "Choose two panels to lay on each other.");
        }
        Ring below = one.outline().ring().counterClockwise();
        Region under = Region.of(below);
        Ring best = null;
        double most = -1;
        boolean isMirrored = false;
        for (boolean mirrored : new boolean[] {true, false}) {
            for (double turn : new double[] {0, 180}) {
                Ring turned = grainOnGrain(one, second, mirrored, turn);
                Ring lying = settled(under, centred(below, turned));
                double area = under.intersection(Region.of(lying)).areaMm2();
                // A right on a left is the usual pair: where both ways cover alike, that is meant.
                if (area > most + 1) {
                    most = area;
                    best = lying;
                    isMirrored = mirrored;
                }
            }
        }
        return measured(one, second, isMirrored, java.util.Objects.requireNonNull(best));
    }

    private static Ring grainOnGrain(Panel one, Panel second, boolean mirrored, double turn) {
        // Mirrored at the upright axis a direction d becomes 180° − d.
        double grain = mirrored ? 180 - second.grainDeg() : second.grainDeg();
        Placement way = new Placement(0, 0, Placement.normalDeg(one.grainDeg() - grain + turn), mirrored);
        return way.toPanel(second.outline().ring()).counterClockwise();
    }

    private static Ring centred(Ring below, Ring above) {
        Box a = below.box();
        Box b = above.box();
        return above.moved(
                (a.minX() + a.maxX() - b.minX() - b.maxX()) / 2, (a.minY() + a.maxY() - b.minY() - b.maxY()) / 2);
    }

    /** Shifted until no small step covers more. */
    private static Ring settled(Region under, Ring start) {
        Ring at = start;
        double covers = under.intersection(Region.of(at)).areaMm2();
        for (double step = COARSEST_MM; step >= FINEST_MM; step /= 2) {
            boolean moved = true;
            while (moved) {
                moved = false;
                for (double[] d : new double[][] {{step, 0}, {-step, 0}, {0, step}, {0, -step}}) {
                    Ring next = at.moved(d[0], d[1]);
                    double area = under.intersection(Region.of(next)).areaMm2();
                    if (area > covers + 1e-6) {
                        at = next;
                        covers = area;
                        moved = true;
                    }
                }
            }
        }
        return at;
    }

    private static Overlay measured(Panel one, Panel second, boolean mirrored, Ring other) {
        Ring below = one.outline().ring().counterClockwise();
        Region under = Region.of(below);
        Region over = Region.of(other);
        Region both = under.intersection(over);
        double most = 0;
        Point where = null;
        for (Ring[] pair : new Ring[][] {{below, other}, {other, below}}) {
            List<Point> line = new ArrayList<>(pair[1].points());
            line.add(pair[1].at(0));
            for (Point p : sampled(pair[0])) {
                double off = p.distanceMm(line);
                if (off > most) {
                    most = off;
                    where = p;
                }
            }
        }
        return new Overlay(
                one,
                second,
                mirrored,
                other,
                both.ringsWithoutHoles(),
                under.minus(over).areaMm2(),
                over.minus(under).areaMm2(),
                most,
                where,
                edges(one.outline(), second.outline()));
    }

    private static List<Point> sampled(Ring ring) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Point a = ring.at(i);
            Point b = ring.at(i + 1);
            int steps = Math.max(1, (int) Math.ceil(a.distanceMm(b) / SAMPLE_MM));
            for (int k = 0; k < steps; k++) {
                points.add(a.between(b, (double) k / steps));
            }
        }
        return points;
    }

    private static Map<String, double[]> edges(Outline.Flat one, Outline.Flat other) {
        Map<String, double[]> all = new TreeMap<>();
        one.runs().forEach((name, run) -> {
            Outline.Run same = other.runs().get(name);
            if (same != null) {
                double a = Edge.lengthMm(one.ring().run(run.from(), run.to()));
                double b = Edge.lengthMm(other.ring().run(same.from(), same.to()));
                if (Math.abs(a - b) > UNNOTICED_MM) {
                    all.put(name, new double[] {a, b});
                }
            }
        });
        return all;
    }

    public double commonMm2() {
        return common.stream().mapToDouble(Ring::areaMm2).sum();
    }

    public boolean isAlike() {
        return mostMm <= UNNOTICED_MM;
    }

    /** What that means at the table; lengths in mm. */
    public List<String> sentences() {
        List<String> all = new ArrayList<>();
        all.add(
                mirrored
                        ? "They lie face to face, as a left on a right."
                        : "They lie face up on each other: they are not mirror images, and no left becomes a right of a cloth that has a face.");
        if (isAlike()) {
            all.add(Wording.fill(
                    "They agree: nowhere more than %.0f mm from each other. What lies on one lies on the other.",
                    Math.max(1, Math.ceil(mostMm))));
            return all;
        }
        all.add(Wording.fill(
                "Farthest from each other by %.0f mm, where the ring is drawn. What both have is %.0f cm².",
                mostMm, commonMm2() / 100));
        all.add(
                Math.abs(oneMore - otherMore) < 0.002 * commonMm2()
                        ? "Neither is smaller: each has cloth that the other lacks. Cut a pair to what both have, not to the mean."
                        : Wording.fill(
                                "The %s is smaller by %.0f cm². Cut a pair to what both have, not to the mean.",
                                oneMore > otherMore ? second.name() : one.name(), Math.abs(oneMore - otherMore) / 100));
        edges.forEach((name, mm) -> all.add(Wording.fill(
                "%s: %.0f mm on the %s, %.0f mm on the %s.",
                Wording.spoken(name), mm[0], one.name(), mm[1], second.name())));
        return all;
    }
}
