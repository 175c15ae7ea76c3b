package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Cut lines outside stitch lines: against the buffers of JTS, and hems folded back on slanted sides. */
class AllowanceLinesTest {
    /** Where the outline has no corners the offset is the reference library's buffer (JTS, round joins, 64 segments a quarter). */
    @Property(tries = 80)
    void aSmoothOutlineIsOffsetLikeTheReferencesBuffer(
            @ForAll @LongRange(min = 1, max = 100_000) long seed, @ForAll @DoubleRange(min = 3, max = 25) double mm) {
        Outline egg = egg(seed);
        Ring offset = OffsetOutline.of(egg, e -> mm).ring();
        List<Point> flat = new ArrayList<>();
        for (Edge e : egg.edges()) {
            List<Point> points = e.flattened(0.01);
            flat.addAll(points.subList(0, points.size() - 1));
        }
        Coordinate[] ring = new Coordinate[flat.size() + 1];
        for (int i = 0; i <= flat.size(); i++) {
            Point p = flat.get(i % flat.size());
            ring[i] = new Coordinate(p.x(), p.y());
        }
        var buffer = BufferOp.bufferOp(
                new GeometryFactory().createPolygon(ring),
                mm,
                new BufferParameters(64, BufferParameters.CAP_ROUND, BufferParameters.JOIN_ROUND, 5));
        // Curves are flattened to 0.1 mm before they are offset.
        assertThat(offset.areaMm2()).isCloseTo(buffer.getArea(), within(Outline.FLATTENING_MM * buffer.getLength()));
        for (Point p : offset.points()) {
            double off = buffer.getBoundary().distance(new GeometryFactory().createPoint(new Coordinate(p.x(), p.y())));
            assertThat(off).isLessThan(0.15);
        }
    }

    /** Four cubic quarters of an egg: tangents agree where they meet. */
    private static Outline egg(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double right = 80 + 120 * random.nextDouble();
        double left = 80 + 120 * random.nextDouble();
        double up = 80 + 200 * random.nextDouble();
        double down = 80 + 200 * random.nextDouble();
        double k = 0.5523;
        Point e = new Point(right, 0);
        Point n = new Point(0, up);
        Point w = new Point(-left, 0);
        Point s = new Point(0, -down);
        return new Outline(List.of(
                Edge.curve("ne", e, new Point(right, k * up), new Point(k * right, up), n),
                Edge.curve("nw", n, new Point(-k * left, up), new Point(-left, k * up), w),
                Edge.curve("sw", w, new Point(-left, -k * down), new Point(-k * left, -down), s),
                Edge.curve("se", s, new Point(k * right, -down), new Point(right, -k * down), e)));
    }

    private static Outline skirt(double lower, double upper, double high) {
        Point a = new Point(-lower / 2, 0);
        Point b = new Point(lower / 2, 0);
        Point c = new Point(upper / 2, high);
        Point d = new Point(-upper / 2, high);
        return new Outline(List.of(
                Edge.line("hem", a, b), Edge.line("right", b, c), Edge.line("top", c, d), Edge.line("left", d, a)));
    }

    /** A hem of 40 mm on sides that widen 100 mm over 400: turned up it lies 40 mm above the fold, where the piece is 20 mm narrower. */
    @Test
    void aHemOnSlantedSidesLiesOnThePieceWhenItIsTurnedUp() {
        Outline flared = skirt(500, 300, 400);
        Outline.Flat cut = OffsetOutline.of(
                flared, e -> e.name().equals("hem") ? 40 : 10, e -> e.name().equals("hem"));
        assertThat(cut.ring().isSimple()).isTrue();
        Ring ring = cut.ring();
        double lowest = ring.box().minY();
        assertThat(lowest).isCloseTo(-40, within(1e-9));
        // Its lower end is as wide as the cut piece 40 mm above the fold.
        double end = ring.widthAtMm(-40 + 1e-6);
        double there = ring.widthAtMm(40);
        assertThat(end).isCloseTo(there, within(0.01));
        // Mitred it would have run on outwards.
        double mitred = OffsetOutline.of(flared, e -> e.name().equals("hem") ? 40 : 10)
                .ring()
                .widthAtMm(-40 + 1e-6);
        assertThat(mitred - end).isCloseTo(40, within(0.01));
        // The hem's own run is its lower edge alone.
        Outline.Run run = java.util.Objects.requireNonNull(cut.runs().get("hem"));
        assertThat(ring.at(run.from()).y()).isCloseTo(-40, within(1e-9));
        assertThat(ring.at(run.to()).y()).isCloseTo(-40, within(1e-9));
    }

    @Property(tries = 200)
    void aFoldedHemIsTheMirrorImageOfWhatItLiesOn(
            @ForAll @DoubleRange(min = 200, max = 900) double lower,
            @ForAll @DoubleRange(min = 200, max = 900) double upper,
            @ForAll @DoubleRange(min = 5, max = 60) double deep) {
        Outline.Flat cut = OffsetOutline.of(
                skirt(lower, upper, 500),
                e -> e.name().equals("hem") ? deep : 12,
                e -> e.name().equals("hem"));
        for (double y = 1; y < deep; y += deep / 5) {
            assertThat(cut.ring().widthAtMm(-y)).isCloseTo(cut.ring().widthAtMm(y), within(0.01));
        }
    }

    @Test
    void aSharpCornerIsSquaredNotDrawnOutForever() {
        Point a = new Point(0, 0);
        Point b = new Point(400, 0);
        Point c = new Point(400, 10);
        Outline spike = new Outline(List.of(Edge.line("1", a, b), Edge.line("2", b, c), Edge.line("3", c, a)));
        Ring cut = OffsetOutline.of(spike, e -> 10).ring();
        assertThat(cut.isSimple()).isTrue();
        assertThat(cut.box().minX()).isGreaterThan(-31);
    }
}
