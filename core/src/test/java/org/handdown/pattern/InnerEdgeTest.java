package org.handdown.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.junit.jupiter.api.Test;

/** Folds, turns, casings and overlaps as edges of their own. Sums are worked by hand from plane geometry. */
class InnerEdgeTest {
    private static Piece piece(Outline line, Map<String, Allowance> allowances, Mark... marks) {
        return new Piece(
                        "p",
                        "piece",
                        line,
                        allowances,
                        1,
                        false,
                        CutGrain.LENGTHWISE,
                        true,
                        Map.of(),
                        List.of(),
                        List.of())
                .withMarks(List.of(marks));
    }

    private static Outline trapezium(double lower, double upper, double high) {
        Point a = new Point(-lower / 2, 0);
        Point b = new Point(lower / 2, 0);
        Point c = new Point(upper / 2, high);
        Point d = new Point(-upper / 2, high);
        return new Outline(List.of(
                Edge.line("hem", a, b), Edge.line("right", b, c), Edge.line("upper", c, d), Edge.line("left", d, a)));
    }

    /** A fan of a circle skirt: hem at 600 mm from the centre, a sixth of a turn. */
    private static Outline fan() {
        double angle = Math.PI / 3;
        Point a = at(600, -Math.PI / 2 - angle / 2);
        Point b = at(600, -Math.PI / 2 + angle / 2);
        Point c = at(200, -Math.PI / 2 + angle / 2);
        Point d = at(200, -Math.PI / 2 - angle / 2);
        return new Outline(List.of(
                arc("hem", a, b, 600, angle),
                Edge.line("right", b, c),
                arc("upper", c, d, 200, -angle),
                Edge.line("left", d, a)));
    }

    private static Point at(double r, double angle) {
        return new Point(r * Math.cos(angle), r * Math.sin(angle));
    }

    /** About the origin, in one cubic: off by less than 0.1 mm at a sixth of a turn. */
    private static Edge arc(String name, Point from, Point to, double r, double angle) {
        double h = 4.0 / 3 * Math.tan(angle / 4);
        return Edge.curve(
                name, from, from.plus(from.left().times(h)), to.minus(to.left().times(h)), to);
    }

    /** Curves are flattened to 0.1 mm: the tangent at an end is off by a degree, the corner of a 10 mm turn by 0.3 mm. */
    private static final double FLATTENED_MM = 1.5;

    @Test
    void aStraightHemIsSewnDownItsDepthInsideAndNeedsNoEasing() {
        InnerEdge hem = InnerEdge.of(piece(trapezium(400, 400, 300), Map.of("hem", Allowance.turned(30, "hem"))))
                .get(0);
        assertThat(hem.kind()).isEqualTo(InnerEdge.Kind.TURN);
        assertThat(hem.of()).isEqualTo("hem");
        assertThat(hem.deepMm()).isEqualTo(30);
        assertThat(hem.lengthMm()).isCloseTo(400, within(1e-6));
        assertThat(hem.easeMm()).isCloseTo(0, within(1e-6));
        assertThat(hem.line()).allSatisfy(p -> assertThat(p.y()).isCloseTo(30, within(1e-6)));
    }

    /** Sides that close in by 100 mm over 400: 40 mm up the piece is 10 mm narrower, and the turned hem with it. */
    @Test
    void onSlantedSidesTheTurnedEdgeIsAsLongAsTheLineItLiesOn() {
        InnerEdge hem = InnerEdge.of(piece(trapezium(500, 400, 400), Map.of("hem", Allowance.turned(40, "hem"))))
                .get(0);
        assertThat(hem.lengthMm()).isCloseTo(490, within(1e-6));
        assertThat(hem.easeMm()).isCloseTo(0, within(1e-6));
    }

    /** On an arc of angle φ a hem of depth h is φ(R + h) long at its edge and is sewn to a line of φ(R − h): 2φh to ease in. */
    @Test
    void onACircleTheTurnedEdgeMustBeEasedIn() {
        Piece fan = piece(fan(), Map.of("hem", Allowance.turned(10, "hem")));
        InnerEdge hem = InnerEdge.of(fan).get(0);
        assertThat(hem.lengthMm()).isCloseTo(Math.PI / 3 * 590, within(0.5));
        assertThat(hem.easeMm()).isCloseTo(2 * Math.PI / 3 * 10, within(FLATTENED_MM));
        assertThat(hem.sentence()).contains("ease it in");
        assertThat(hem.isForced()).isTrue();
        InnerEdge narrow = InnerEdge.of(piece(fan(), Map.of("hem", Allowance.turned(6, "hem"))))
                .get(0);
        assertThat(narrow.isForced()).isFalse();
    }

    /** An inward curve, like a neck turned as it is, is too short for the line outside of it. */
    @Test
    void onAHollowTheTurnedEdgeIsTooShort() {
        InnerEdge neck = InnerEdge.of(piece(fan(), Map.of("upper", Allowance.turned(10, "turned"))))
                .get(0);
        assertThat(neck.easeMm()).isCloseTo(-2 * Math.PI / 3 * 10, within(FLATTENED_MM));
        assertThat(neck.sentence()).contains("snip");
    }

    /** Elastic of 30 mm: 30 + 3 of channel and 10 folded under are 43 mm drawn (handbook of the trade §4). */
    @Test
    void aCasingIsAChannelLessWhatIsFoldedUnder() {
        InnerEdge casing = InnerEdge.of(
                        piece(trapezium(400, 400, 300), Map.of("upper", Allowance.casing(43, 10, "for the elastic"))))
                .get(0);
        assertThat(casing.kind()).isEqualTo(InnerEdge.Kind.CASING);
        assertThat(casing.deepMm()).isEqualTo(33);
        assertThat(casing.sentence()).contains(Wording.of("a channel for up to 30 mm"));
        assertThat(casing.line()).allSatisfy(p -> assertThat(p.y()).isCloseTo(300 - 33, within(1e-6)));
    }

    @Test
    void foldsAndOverlapsTellWhatLiesBeyondThem() {
        Mark fold = new Mark(Mark.Kind.FOLD, "folded lengthwise", List.of(new Point(-200, 30), new Point(200, 30)));
        Mark closes = new Mark(Mark.Kind.OVERLAP, "closes here", List.of(new Point(175, 0), new Point(175, 60)));
        List<InnerEdge> inner = InnerEdge.of(piece(trapezium(400, 400, 60), Map.of(), fold, closes));
        assertThat(inner).extracting(InnerEdge::kind).containsExactly(InnerEdge.Kind.FOLD, InnerEdge.Kind.OVERLAP);
        assertThat(inner).extracting(InnerEdge::deepMm).containsExactly(30.0, 25.0);
        assertThat(inner.get(1).sentence()).contains(Wording.of("25 mm, overlaps"));
    }

    @Test
    void noMoreIsFoldedUnderThanThereIs() {
        assertThatThrownBy(() -> Allowance.casing(20, 20, "too little"))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("fold less under");
    }
}
