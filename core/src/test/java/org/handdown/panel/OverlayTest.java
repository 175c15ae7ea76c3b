package org.handdown.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.Demo;
import org.handdown.geometry.Edge;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.junit.jupiter.api.Test;

/** Panels laid on each other, with figures worked out by hand. */
class OverlayTest {
    private static Panel panel(String id, double grainDeg, double... xy) {
        List<Edge> edges = new java.util.ArrayList<>();
        int n = xy.length / 2;
        for (int i = 0; i < n; i++) {
            int k = (i + 1) % n;
            edges.add(Edge.line(
                    "edge " + (char) ('a' + i),
                    new Point(xy[2 * i], xy[2 * i + 1]),
                    new Point(xy[2 * k], xy[2 * k + 1])));
        }
        Outline line = new Outline(edges);
        return new Panel(
                id,
                id,
                OffsetOutline.of(line, e -> 0),
                line,
                Map.of(),
                grainDeg,
                Demo.CORD,
                List.of(),
                List.of(),
                List.of());
    }

    private static Panel rectangle(String id, double wide, double high) {
        return panel(id, 90, 0, 0, wide, 0, wide, high, 0, high);
    }

    /** 300 × 500 and 292 × 500: what both have is 292 × 500, and the one is smaller by 40 cm². */
    @Test
    void whatBothHaveIsTheirIntersectionNotTheirMean() {
        Overlay overlay = Overlay.of(rectangle("left", 300, 500), rectangle("right", 292, 500));
        assertThat(overlay.commonMm2()).isCloseTo(292 * 500, within(1.0));
        assertThat(overlay.oneMore()).isCloseTo(8 * 500, within(1.0));
        assertThat(overlay.otherMore()).isCloseTo(0, within(1.0));
        assertThat(overlay.isAlike()).isFalse();
        assertThat(overlay.sentences()).anyMatch(s -> s.contains("right is smaller by"));
        assertThat(overlay.edges()).containsOnlyKeys("edge a", "edge c");
        assertThat(overlay.edges().get("edge a")).containsExactly(300, 292);
    }

    /** Half a back with a slanted side, and its mirror image measured on another table, lying far off and turned upside down. */
    @Test
    void aRightLiesOnALeft() {
        Panel left = panel("left", 90, 0, 0, 240, 0, 180, 520, 0, 520);
        Panel right = panel("right", 270, 1000, 2000, 1000, 1480, 1180, 1480, 1240, 2000);
        Overlay overlay = Overlay.of(left, right);
        assertThat(overlay.mirrored()).isTrue();
        assertThat(overlay.isAlike()).isTrue();
        assertThat(overlay.commonMm2())
                .isCloseTo(Region.of(left.outline().ring()).areaMm2(), within(200.0));
        assertThat(overlay.sentences().get(1)).startsWith("They agree");
    }

    @Test
    void twoLeftsAreNoPair() {
        Panel one = panel("one", 90, 0, 0, 240, 0, 150, 520, 0, 520);
        Panel two = panel("two", 90, 0, 0, 240, 0, 150, 520, 0, 520);
        Overlay overlay = Overlay.of(one, two);
        assertThat(overlay.mirrored()).isFalse();
        assertThat(overlay.isAlike()).isTrue();
        assertThat(overlay.sentences().get(0)).contains("not mirror images");
    }

    @Test
    void aPanelIsNotLaidOnItself() {
        Panel one = rectangle("one", 100, 100);
        assertThatThrownBy(() -> Overlay.of(one, one)).hasMessageContaining("Choose two panels");
    }

    /** One corner worn off by so much: what is common is never more than either has, and nothing of it is lost. */
    @Property(tries = 40)
    void whatIsCommonIsInBoth(@ForAll @DoubleRange(min = 5, max = 60) double worn) {
        Panel whole = rectangle("whole", 300, 400);
        Panel less = panel("less", 90, 0, 0, 300, 0, 300, 400 - worn, 300 - worn, 400, 0, 400);
        Overlay overlay = Overlay.of(whole, less);
        assertThat(overlay.commonMm2())
                .isCloseTo(Region.of(less.outline().ring()).areaMm2(), within(30.0));
        assertThat(overlay.mostMm()).isCloseTo(worn / Math.sqrt(2), within(1.5));
        assertThat(overlay.otherMore()).isLessThan(30);
    }
}
