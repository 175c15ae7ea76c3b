package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.handdown.geometry.Box;
import org.handdown.geometry.FlatRegion;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** What lies round a copy, against the plain sum over all others. */
class SurroundingsTest {
    private static final double ANYTHING = Double.POSITIVE_INFINITY;

    private record Other(FlatRegion core, double x, double y, double weight) {}

    private static List<Other> others(Random random, int count) {
        List<Other> others = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Ring ring = Ring.rectangle(
                    -random.nextDouble() * 200,
                    -random.nextDouble() * 200,
                    random.nextDouble() * 200,
                    random.nextDouble() * 200);
            others.add(new Other(
                    FlatRegion.of(Region.of(ring)),
                    random.nextDouble() * 1200 - 100,
                    random.nextDouble() * 700 - 100,
                    0.1 + random.nextDouble()));
        }
        return others;
    }

    private static Surroundings of(List<Other> others) {
        Surroundings around = new Surroundings(others.size());
        around.clear(new Box(0, 0, 1000, 500));
        others.forEach(o -> around.add(o.core(), o.x(), o.y(), o.weight()));
        return around;
    }

    private static double plainSum(List<Other> others, double x, double y) {
        return others.stream()
                .mapToDouble(o -> o.weight() * o.core().depth(x - o.x(), y - o.y()))
                .sum();
    }

    /** More than 64 of them take a second word of bits. */
    @Property(tries = 60)
    void noneIsOverlooked(@ForAll long seed, @ForAll @IntRange(min = 1, max = 150) int count) {
        Random random = new Random(seed);
        List<Other> others = others(random, count);
        Surroundings around = of(others);
        for (int i = 0; i < 200; i++) {
            // Corners of the box count as well: candidates at the panel's rim are asked for most.
            double x = i < 4 ? 1000 * (i % 2) : random.nextDouble() * 1000;
            double y = i < 4 ? 500 * (i / 2) : random.nextDouble() * 500;
            assertThat(around.overlap(x, y, ANYTHING)).isCloseTo(plainSum(others, x, y), within(1e-9));
        }
    }

    /** A sum that reaches the limit may stop there; one below it is exact. */
    @Property(tries = 60)
    void aLimitOnlyShortensWhatIsTooMuch(@ForAll long seed) {
        Random random = new Random(seed);
        List<Other> others = others(random, 80);
        Surroundings around = of(others);
        for (int i = 0; i < 100; i++) {
            double x = random.nextDouble() * 1000;
            double y = random.nextDouble() * 500;
            double limit = random.nextDouble() * 60;
            double sum = plainSum(others, x, y);
            if (sum < limit) {
                assertThat(around.overlap(x, y, limit)).isCloseTo(sum, within(1e-9));
            } else {
                assertThat(around.overlap(x, y, limit)).isGreaterThanOrEqualTo(limit - 1e-9);
            }
        }
    }

    @Test
    void whatLayThereBeforeIsForgotten() {
        List<Other> others =
                List.of(new Other(FlatRegion.of(Region.of(Ring.rectangle(-50, -50, 100, 100))), 100, 100, 2));
        Surroundings around = of(others);
        assertThat(around.overlap(100, 100, ANYTHING)).isCloseTo(100, within(5.0));
        around.clear(new Box(0, 0, 1000, 500));
        assertThat(around.overlap(100, 100, ANYTHING)).isZero();
    }

    /** A panel on which a piece has one line or one spot left. */
    @Test
    void aBoxWithoutWidthWorks() {
        Surroundings around = new Surroundings(1);
        around.clear(new Box(10, 20, 10, 20));
        around.add(FlatRegion.of(Region.of(Ring.rectangle(-5, -5, 10, 10))), 10, 20, 1);
        assertThat(around.overlap(10, 20, ANYTHING)).isCloseTo(5, within(0.3));
    }
}
