package org.handdown.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Strips, bias strips and wedges. */
@Tag("long")
@net.jqwik.api.Tag("long")
class StripsTest {
    private static final double INCH = 25.4;

    /** Worked example of the trade: 4 strips of 2½ in are 10 in of panel, marks at 0, 2½, 5, 7½, 10; a tube with ¼ in is 1 in wide. */
    @Test
    void everyMarkComesFromOneOrigin() {
        StripMarks plan = new StripMarks(12 * INCH, 2.5 * INCH, 4);
        assertThat(plan.marksMm().stream().map(m -> m / INCH).toList()).containsExactly(0.0, 2.5, 5.0, 7.5, 10.0);
        assertThat(plan.leftMm()).isCloseTo(2 * INCH, within(1e-9));
        assertThat(plan.tubeMm(INCH / 4)).isCloseTo(INCH, within(1e-9));
        assertThatThrownBy(() -> new StripMarks(9 * INCH, 2.5 * INCH, 4)).hasMessageContaining("3 fit");
    }

    /** Worked example of the trade: 50 to 30 cm over 50 cm is 22.9°; four 91.7°; a half circle needs 39.3 cm difference each. */
    @Test
    void fourSleevesDoNotMakeAHalfCircle() {
        WedgeSum sum = new WedgeSum(500, 300, 500, 4);
        assertThat(sum.angleDeg()).isCloseTo(22.9, within(0.05));
        assertThat(sum.allDeg()).isCloseTo(91.7, within(0.05));
        assertThat(sum.widerForMm(180) + 200).isCloseTo(392.7, within(0.1));
        assertThat(sum.sentences(180).get(1)).contains("missing to 180°");
        assertThat(sum.sentences(91.67).get(1)).contains("That makes");
        assertThatThrownBy(() -> new WedgeSum(300, 500, 500, 4)).hasMessageContaining("swap them");
    }

    /** Handbook of the trade §4: double-fold binding is cut 4 × its finished width. */
    @Test
    void bindingsAndPipingAreCutThisWide() {
        assertThat(PiecedStrips.cutWidthMm(INCH / 2, 4, 0)).isCloseTo(2 * INCH, within(1e-9));
        assertThat(PiecedStrips.pipingWidthMm(12, 10)).isCloseTo(32, within(1e-9));
        assertThat(PiecedStrips.slantedJoinMm(10)).isCloseTo(28.28, within(0.01));
    }

    /** Worked example of the trade: 34, 35, 17 and 38 in are 124 less 6a for three straight joins. */
    @Test
    void remnantsInOneLengthLoseTheirJoins() {
        Ring any = Ring.rectangle(0, 0, 1, 1);
        List<PiecedStrips.Strip> strips = new ArrayList<>();
        for (double length : List.of(38.0, 35.0, 34.0, 17.0)) {
            strips.add(new PiecedStrips.Strip(0, length * INCH, any));
        }
        double a = 6;
        PiecedStrips all = new PiecedStrips(strips, 40, 2 * a);
        assertThat(all.joinedMm()).isCloseTo(124 * INCH - 6 * a, within(1e-9));
        assertThat(all.forLength(72 * INCH)).hasSize(2);
        assertThat(all.forLength(200 * INCH)).isEmpty();
    }

    /** A square of 500 mm: its diagonal is 707 mm, and the strips of 50 mm along it together are close to area over width. */
    @Test
    void aSquareGivesItsDiagonalFirst() {
        PiecedStrips strips = PiecedStrips.of(List.of(Ring.rectangle(0, 0, 500, 500)), List.of(90.0), 50, 50);
        // A strip of 50 about the diagonal is 50 shorter than the diagonal.
        assertThat(strips.strips().get(0).lengthMm()).isBetween(600.0, 657.2);
        double sum = strips.strips().stream()
                .mapToDouble(PiecedStrips.Strip::lengthMm)
                .sum();
        assertThat(sum).isLessThan(500 * 500 / 50.0).isGreaterThan(0.75 * 500 * 500 / 50.0);
    }

    /** A band of 40 mm out of a trouser leg's offcut of 300 × 130: three strips along it, and 130 long ones across. */
    @Test
    void aBandIsPiecedAlongOrAcrossTheGrain() {
        Ring offcut = Ring.rectangle(0, 0, 130, 300);
        double join = PiecedStrips.Joining.STRAIGHT.costMm(40, 10);
        PiecedStrips along = PiecedStrips.of(List.of(offcut), List.of(90.0), PiecedStrips.Way.ALONG, 40, join);
        assertThat(along.strips()).hasSize(3).allMatch(s -> Math.abs(s.lengthMm() - 300) < 1e-6);
        assertThat(along.joinedMm()).isCloseTo(3 * 300 - 2 * 20, within(1e-6));
        assertThat(along.forLength(500)).hasSize(2);
        assertThat(along.sentences(500, PiecedStrips.Way.ALONG, List.of("the left leg")))
                .anyMatch(s -> s.contains("2 strips with 1 join."))
                .anyMatch(s -> s.endsWith("from the left leg."));
        PiecedStrips across = PiecedStrips.of(List.of(offcut), List.of(90.0), PiecedStrips.Way.ACROSS, 40, join);
        assertThat(across.strips()).hasSize(7).allMatch(s -> Math.abs(s.lengthMm() - 130) < 1e-6);
        PiecedStrips either = PiecedStrips.of(List.of(offcut), List.of(90.0), PiecedStrips.Way.EITHER, 40, join);
        assertThat(either.joinedMm()).isGreaterThanOrEqualTo(along.joinedMm() - 1e-6);
        assertThat(PiecedStrips.Joining.DIAGONAL.costMm(40, 10)).isEqualTo(40);
        assertThat(PiecedStrips.Joining.SLANTED.costMm(40, 10)).isCloseTo(28.28, within(0.01));
    }

    @Property(tries = 120)
    void everyStripLiesInsideItsScrapAtFortyFiveDegreesAndNoneOverlap(
            @ForAll @LongRange(min = 1, max = 100_000) long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Point> points = new ArrayList<>();
        int n = 5 + random.nextInt(7);
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n;
            double r = 120 + 260 * random.nextDouble();
            points.add(new Point(r * Math.cos(angle), r * Math.sin(angle)));
        }
        Ring scrap = new Ring(points);
        double grain = 180 * random.nextDouble();
        PiecedStrips strips = PiecedStrips.of(List.of(scrap), List.of(grain), 36, 36);
        Region inside = Region.of(scrap).grown(0.01);
        for (int i = 0; i < strips.strips().size(); i++) {
            Ring strip = strips.strips().get(i).outline();
            assertThat(inside.covers(Region.of(strip))).isTrue();
            double along = strip.at(1).minus(strip.at(0)).directionDeg();
            double off = Math.floorMod(Math.round((along - grain) * 1000), 90_000) / 1000.0;
            assertThat(off).isCloseTo(45, within(0.01));
            for (int k = i + 1; k < strips.strips().size(); k++) {
                Region other = Region.of(strips.strips().get(k).outline());
                assertThat(Region.of(strip).intersection(other).areaMm2()).isLessThan(0.01);
            }
        }
    }
}
