package org.handdown.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.handdown.Demo;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.pattern.Size;
import org.handdown.pattern.draft.Drafts;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.Stretches;
import org.junit.jupiter.api.Test;

/** A household's own figures of practice reach every sum of a project that goes by them. */
class OwnPracticeTest {
    private static final Practice OWN = new Practice(Map.of(
            Practice.Figure.USABLE_STRETCH, 0.5,
            Practice.Figure.ELASTIC, 0.8,
            Practice.Figure.STRIDE, 0.5,
            Practice.Figure.GAP, 5.0,
            Practice.Figure.OPEN_PAST, 20.0,
            Practice.Figure.RESTART, 25.0,
            Practice.Figure.OFF_TAPE, 6.0,
            Practice.Figure.RATE_OVERLOCKED, 10.0));

    private static Project project(String draft, Practice practice) {
        DraftOrder order = new DraftOrder(draft, Demo.child(1100), Map.of());
        return Project.named("own")
                .withSource(Demo.source(Demo.CONSTRUCTION))
                .withPieces(PatternPieces.NONE.withOrders(java.util.List.of(order)))
                .by(practice);
    }

    private static Size.Finished size(Project project, String what) {
        return new Workroom(project)
                .design().orElseThrow().sizes().stream()
                        .filter(s -> s.what().equals(what))
                        .findFirst()
                        .orElseThrow();
    }

    private static String notes(Project project) {
        return String.join(" ", new Workroom(project).design().orElseThrow().notes());
    }

    @Test
    void draftsAreDrawnByIt() {
        Project shipped = project("stretch-skirt", Practice.SHIPPED);
        Project own = project("stretch-skirt", OWN);
        assertThat(notes(shipped)).contains("Elastic: 0.9 ×");
        assertThat(notes(own)).contains("Elastic: 0.8 ×");
        double stretch = size(own, "hip").size().stretch();
        assertThat(size(shipped, "hip").size().comfortable()).isCloseTo(0.6 * stretch, within(1e-9));
        assertThat(size(own, "hip").size().comfortable()).isCloseTo(0.5 * stretch, within(1e-9));
        assertThat(notes(own)).isNotEqualTo(notes(shipped));
        // Whatever is done to the pieces later, they stay drawn by the project's figures.
        assertThat(own.withPieces(PatternPieces.NONE.withOrders(
                                java.util.List.of(new DraftOrder("stretch-skirt", Demo.child(1100), Map.of()))))
                        .pieces())
                .isEqualTo(own.pieces());
    }

    @Test
    void unpickingGoesByIt() {
        Project.Opening part = new Project.Opening(
                Map.of("side-left", JoinDecision.UNPICK), Map.of("side-left", Stretches.of(100, 200)));
        Project own = project("dungarees", OWN).withOpening(part);
        Project shipped = own.by(Practice.SHIPPED);
        // 2 rows overlocked: (100 + 2 × 20) mm at 10 min/m against (100 + 2 × 12.7) mm at 5 min/m.
        assertThat(new Workroom(own).plan().orElseThrow().minutes()).isCloseTo(2 * 0.140 * 10, within(1e-9));
        assertThat(new Workroom(shipped).plan().orElseThrow().minutes()).isCloseTo(2 * 0.1254 * 5, within(1e-9));
        assertThat(new Workroom(own).steps().toString()).contains("sew back 2.5 cm over the old stitching");
        assertThat(new Workroom(shipped).steps().toString()).contains("sew back 1.3 cm over the old stitching");
    }

    @Test
    void layAndTolerancesGoByIt() {
        Project laid = Demo.project(1100).by(OWN);
        assertThat(new Workroom(laid).problem().orElseThrow().gapMm()).isEqualTo(5);
        assertThat(new Workroom(laid).tolerances().values()).allMatch(t -> t == 6);
        assertThat(new Workroom(laid.by(Practice.SHIPPED)).tolerances().values())
                .allMatch(t -> t == 3);
    }

    @Test
    void whatTheMeasureMayBeOffIsToldWithTheSize() {
        Wearer proposed = Demo.child(1100);
        Map<BodyMeasure, Wearer.Taken> taped = new java.util.EnumMap<>(BodyMeasure.class);
        proposed.measures().forEach((m, t) -> taped.put(m, new Wearer.Taken(t.length(), "", Origin.TAPE)));
        Size.Finished byTape = hip(new Wearer("Ilse", taped), Practice.SHIPPED);
        assertThat(byTape.size().bodyOffMm()).isEqualTo(3);
        assertThat(hip(new Wearer("Ilse", taped), OWN).size().bodyOffMm()).isEqualTo(6);
        // Nobody measured: 30 mm instead of 3.
        assertThat(hip(proposed, Practice.SHIPPED).toleranceMm()).isCloseTo(byTape.toleranceMm() + 27, within(1e-9));
    }

    private static Size.Finished hip(Wearer wearer, Practice practice) {
        return Drafts.require("dungarees").draw(wearer, Map.of(), practice).sizes().stream()
                .filter(s -> s.what().equals("hip"))
                .findFirst()
                .orElseThrow();
    }

    /** A hip of 700 mm by eye, ± 20 mm, in a finished girth with 12 mm to spare: it fits, but not surely. */
    @Test
    void aSizeThatFitsByLessThanItsToleranceIsNotSure() {
        Wearer byEye =
                new Wearer("Ilse", Map.of(BodyMeasure.HIP, new Wearer.Taken(Length.ofMm(700), "70 cm", Origin.EYE)));
        double off = byEye.find(BodyMeasure.HIP).orElseThrow().toleranceMm(Practice.SHIPPED);
        Size size = Size.girth("hip", 700, 12, 0).plus(712, "sewn").by(Practice.SHIPPED, off);
        Size.Finished taken = size.taken(Drafts.require("dungarees").draw(Demo.child(1100), Map.of()));
        assertThat(taken.fits()).isTrue();
        assertThat(taken.fitsSurely()).isFalse();
        assertThat(size.by(Practice.SHIPPED, 3)
                        .taken(Drafts.require("dungarees").draw(Demo.child(1100), Map.of()))
                        .fitsSurely())
                .isTrue();
    }
}
