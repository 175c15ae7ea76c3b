package org.handdown.alter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.geometry.Point;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.junit.jupiter.api.Test;

class NewLinesTest {
    private static final Anatomy SKIRT =
            Demo.average(SourceKind.SKIRT, Map.of("zipPlace", 1.0)).anatomy();
    private static final Anatomy JUMPER =
            Demo.average(SourceKind.JUMPER, Map.of()).anatomy();

    private static List<NewLines.Line> lines(Anatomy anatomy, TakeIn.Kind kind, String where, TakeIn.Pinch... pinches) {
        TakeIn takeIn =
                new TakeIn(anatomy, new TakeIn.Wish(List.of(new TakeIn.Reading(kind, where, List.of(pinches), true))));
        return new NewLines(anatomy).of(takeIn.changes().get(0));
    }

    /** Both layers of both seams get the line; it lies inside by what was pinched at that height. */
    @Test
    void aPinchedSeamIsChalkedOnEveryLayerAndItsPartner() {
        List<NewLines.Line> all =
                lines(SKIRT, TakeIn.Kind.SEAM, "side-left", new TakeIn.Pinch(200, 12), new TakeIn.Pinch(400, 20));
        // One dot tells from which end the stations were measured: from the hem, where the front's edge begins.
        assertThat(all)
                .filteredOn(l -> l.what() == NewLines.What.START)
                .singleElement()
                .satisfies(l -> {
                    assertThat(l.part()).isEqualTo("front");
                    assertThat(l.points())
                            .singleElement()
                            .satisfies(p -> assertThat(p.y()).isZero());
                });
        assertThat(SeamEnds.endsOf(SKIRT, SKIRT.join("side-left"))).containsExactly("hem", "waist");
        List<NewLines.Line> lines =
                all.stream().filter(l -> l.what() == NewLines.What.STITCH).toList();
        assertThat(lines).hasSize(4);
        assertThat(lines).extracting(NewLines.Line::part).containsExactlyInAnyOrder("front", "back", "front", "back");
        assertThat(lines).allSatisfy(l -> {
            var ring = SKIRT.part(l.part()).outline().ring();
            // The narrowing of the part at each height is the depth there, on the side where the line runs.
            for (Point p : l.points().subList(1, l.points().size() - 1)) {
                var span = ring.spansAt(p.y()).get(0);
                assertThat(Math.min(p.x() - span.from(), span.to() - p.x())).isBetween(-0.01, 20.5);
            }
        });
        NewLines.Line front = lines.get(0);
        double most = front.points().stream()
                .mapToDouble(p -> {
                    var spans = SKIRT.part(front.part()).outline().ring().spansAt(p.y());
                    return spans.isEmpty()
                            ? 0
                            : Math.min(p.x() - spans.get(0).from(), spans.get(0).to() - p.x());
                })
                .max()
                .orElse(0);
        assertThat(most).isCloseTo(20, within(0.6));
    }

    @Test
    void depthsRunStraightBetweenStationsAndOutToNothingAtTheEnds() {
        List<double[]> stations = List.of(new double[] {100, 10}, new double[] {300, 20});
        assertThat(NewLines.depthAt(100, stations, 0, 500)).isEqualTo(10);
        assertThat(NewLines.depthAt(200, stations, 0, 500)).isEqualTo(15);
        assertThat(NewLines.depthAt(50, stations, 0, 500)).isEqualTo(5);
        assertThat(NewLines.depthAt(400, stations, 0, 500)).isEqualTo(10);
        assertThat(NewLines.depthAt(0, stations, 0, 500)).isZero();
        assertThat(NewLines.depthAt(500, stations, 0, 500)).isZero();
    }

    @Test
    void aTuckIsTwoCutsAcrossBothSleevesAndATurnUpOneFold() {
        List<NewLines.Line> cuts = lines(JUMPER, TakeIn.Kind.TUCK, "sleeve-left", new TakeIn.Pinch(50, 30));
        assertThat(cuts).hasSize(4).allMatch(l -> l.what() == NewLines.What.CUT);
        assertThat(cuts.get(1).points().get(0).y() - cuts.get(0).points().get(0).y())
                .isCloseTo(60, within(1e-9));
        List<NewLines.Line> folds = lines(SKIRT, TakeIn.Kind.TURN_UP, "hem", new TakeIn.Pinch(0, 40));
        assertThat(folds).hasSize(2).allMatch(l -> l.what() == NewLines.What.FOLD);
    }

    @Test
    void aDartRunsOutToAPoint() {
        List<NewLines.Line> dart = lines(SKIRT, TakeIn.Kind.DART, "front", new TakeIn.Pinch(60, 12));
        List<Point> points = dart.get(0).points();
        assertThat(points.get(2).x() - points.get(0).x()).isCloseTo(24, within(1e-9));
        assertThat(points.get(1).y()).isLessThan(points.get(0).y());
    }
}
