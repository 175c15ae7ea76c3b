package org.handdown.unpick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.handdown.Demo;
import org.handdown.measure.Practice;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Join;
import org.junit.jupiter.api.Test;

class StretchesTest {
    private static final Join SIDE =
            Demo.average(SourceKind.TROUSERS, java.util.Map.of()).anatomy().join("side-left");

    /** Handbook §3: about ½ in past each end and ½ in sewn back (common practice, no source): 100 + 2 × 12.7, 100 + 4 × 12.7. */
    @Test
    void twoStretchesFarApartAreOpenedEachForItself() {
        Stretches two = Stretches.of(500, 600).and(Stretches.of(100, 200));
        assertThat(two.parts()).containsExactly(new Stretch(100, 200), new Stretch(500, 600));
        assertThat(two.openedMm(SIDE, Practice.SHIPPED)).isCloseTo(2 * 125.4, within(1e-9));
        assertThat(two.sewnMm(SIDE, Practice.SHIPPED)).isCloseTo(2 * 150.8, within(1e-9));
    }

    @Test
    void stretchesWhoseMarginsMeetAreOpenedAsOne() {
        assertThat(Stretches.of(100, 200).and(Stretches.of(225, 300)).parts()).containsExactly(new Stretch(100, 300));
        assertThat(Stretches.of(100, 200).and(Stretches.of(226, 300)).parts()).hasSize(2);
        assertThat(Stretches.of(100, 400).and(Stretches.of(150, 200)).parts()).containsExactly(new Stretch(100, 400));
    }

    @Test
    void noneAndTooManyAndPastTheEndAreRefused() {
        assertThatThrownBy(() -> new Stretches(List.of())).hasMessageContaining("1 to 40");
        assertThatThrownBy(() -> Stretches.of(100, 9000).requireOn(SIDE)).hasMessageContaining("past its end");
    }

    /** Opening more never gets shorter, and is never more than the whole join. */
    @Property(tries = 200)
    void openedLengthStaysWithinTheJoin(
            @ForAll @Size(min = 1, max = 8) List<@DoubleRange(min = 0, max = 900) Double> starts,
            @ForAll @DoubleRange(min = 1, max = 80) double length) {
        Stretches all = new Stretches(
                starts.stream().map(s -> new Stretch(s, s + length)).toList());
        assertThat(all.openedMm(SIDE, Practice.SHIPPED)).isLessThanOrEqualTo(SIDE.lengthMm() + 1e-9);
        for (double start : starts) {
            assertThat(all.parts())
                    .anySatisfy(p -> assertThat(p.fromMm() <= start && start + length <= p.toMm() + 1e-9)
                            .isTrue());
        }
        assertThat(all.and(Stretches.of(300, 320)).openedMm(SIDE, Practice.SHIPPED))
                .isGreaterThanOrEqualTo(all.openedMm(SIDE, Practice.SHIPPED) - 1e-9);
    }
}
