package org.handdown.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.JoinedEnd;
import org.handdown.pattern.Piece;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a cutter looks for in tops and fitted skirts, over 300 made-up bodies each: bounds by common practice, no source. */
@Tag("long")
class CutShapesTest {
    private static final int BODIES = 300;

    static Stream<String> tops() {
        return Stream.of("t-shirt", "tunic", "smock", "bodywarmer", "jacket");
    }

    static Stream<String> sleeved() {
        return tops().filter(id -> !id.equals("bodywarmer"));
    }

    private static Design draw(String id, Wearer body) {
        return Drafts.require(id).draw(body, Map.of());
    }

    /** Drafts whose legs and bibs still have corners are drawn anew next. */
    private static final Set<String> WITH_CORNERS = Set.of("dungarees", "elastic-trousers", "pyjamas", "shorts");

    static Stream<String> smooth() {
        return Drafts.all().stream().map(Draft::id).filter(id -> !WITH_CORNERS.contains(id));
    }

    static Stream<String> skirts() {
        return Stream.of("a-line-skirt", "wrap-skirt", "stretch-skirt");
    }

    /** From the waist to the hip a skirt's side never runs inside the straight line between them. */
    @ParameterizedTest
    @MethodSource("skirts")
    void aSideIsNowhereHollowFromWaistToHip(String id) {
        for (int i = 0; i < BODIES; i++) {
            Piece back = draw(id, Bodies.of(i)).piece("back");
            double hipY = back.level("hip").orElseThrow().points().get(0).y();
            List<Point> side = back.stitchLine().edge("side right").flattened(0.02).stream()
                    .filter(p -> p.y() >= hipY - 1e-6)
                    .toList();
            Point hip = side.get(0);
            Point waist = side.get(side.size() - 1);
            for (Point p : side) {
                double off = waist.minus(hip).cross(p.minus(hip)) / waist.distanceMm(hip);
                assertThat(off).as("%s of body %d", id, i).isLessThan(0.2);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("smooth")
    void sewnLinesRunOnIntoEachOther(String id) {
        SoftAssertions all = new SoftAssertions();
        for (int i = 0; i < BODIES; i++) {
            for (JoinedEnd end : JoinedEnd.of(draw(id, Bodies.of(i)))) {
                all.assertThat(end.kinkDeg())
                        .as("%s of body %d: %s, %s", id, i, end.seam().name(), end.one())
                        .isBetween(-5.0, 5.0);
            }
        }
        all.assertAll();
    }

    /** Nape to underarm: C/10 + 105 is the body's own line (from memory), 10 more in knits and 20 in wovens is the least that lets an arm move. */
    @ParameterizedTest
    @MethodSource("tops")
    void anArmholeLiesBelowTheBodysOwn(String id) {
        double room = id.equals("t-shirt") || id.equals("tunic") ? 115 : 125;
        for (int i = 0; i < BODIES; i++) {
            Wearer body = Bodies.of(i);
            Piece back = draw(id, body).piece("back");
            double nape = back.stitchLine().edges().stream()
                    .filter(e -> e.name().equals("neck"))
                    .flatMap(e -> e.flattened(0.1).stream())
                    .mapToDouble(Point::y)
                    .min()
                    .orElseThrow();
            double underarm = back.level("chest").orElseThrow().points().get(0).y();
            assertThat(nape - underarm)
                    .as("%s of body %d", id, i)
                    .isGreaterThanOrEqualTo(body.mm(BodyMeasure.CHEST) / 10 + room - 0.1);
        }
    }

    @ParameterizedTest
    @MethodSource("sleeved")
    void aSleevesHeadIsAShareOfItsArmholeAndItsWidthTakesTheArm(String id) {
        SoftAssertions all = new SoftAssertions();
        for (int i = 0; i < BODIES; i++) {
            Wearer body = Bodies.of(i);
            Design design = draw(id, body);
            Box sleeve = design.piece("sleeve").stitchLine().flattened().ring().box();
            double underarm = edge(design, "sleeve", "right").end().y();
            double wide = 2 * edge(design, "sleeve", "right").end().x();
            double end = edge(design, "sleeve", "hem").lengthMm();
            double hole = armhole(design);
            String what = id + " of body " + i;
            all.assertThat((sleeve.maxY() - underarm) / hole)
                    .as(what + ", head")
                    .isBetween(0.1799, 0.3401);
            all.assertThat(wide).as(what + ", arm").isGreaterThanOrEqualTo(body.mm(BodyMeasure.UPPER_ARM) + 20);
            all.assertThat(end).as(what + ", hand").isGreaterThanOrEqualTo(body.mm(BodyMeasure.HAND_GIRTH) + 9.9);
            all.assertThat(underarm).as(what + ", underarm").isGreaterThanOrEqualTo(24.9);
            if (id.equals("t-shirt")) {
                all.assertThat(end).as(what + ", short end").isGreaterThanOrEqualTo(0.92 * wide - 0.1);
            }
        }
        all.assertAll();
    }

    private static Edge edge(Design design, String piece, String edge) {
        return design.piece(piece).stitchLine().edge(edge);
    }

    private static double armhole(Design design) {
        DesignSeam seam = design.seams().stream()
                .filter(s -> s.name().startsWith("sleeve head"))
                .findFirst()
                .orElseThrow();
        return seam.one().stream()
                .mapToDouble(s -> edge(design, s.piece(), s.edge()).lengthMm())
                .sum();
    }

    /** A mark in front, two at the back, as far from the underarm on the body as on the head: a sleeve cannot be set in the wrong way round. */
    @ParameterizedTest
    @MethodSource("sleeved")
    void theMarksOfArmholeAndHeadMeet(String id) {
        Design design = draw(id, Bodies.tall(1680, Map.of()));
        Edge head = edge(design, "sleeve", "head");
        for (String label : List.of("front of the armhole", "back of the armhole 1", "back of the armhole 2")) {
            boolean isFront = label.startsWith("front");
            Piece body = design.piece(isFront ? "front" : "back");
            Edge hole = body.stitchLine().edges().stream()
                    .filter(e -> e.name().startsWith("armhole"))
                    .findFirst()
                    .orElseThrow();
            double onBody = along(hole, notch(body, label));
            double onHead = along(head, notch(design.piece("sleeve"), label));
            assertThat(isFront ? onHead : head.lengthMm() - onHead).as(label).isCloseTo(onBody, within(0.5));
        }
    }

    private static Point notch(Piece piece, String label) {
        return piece.notches().stream()
                .filter(n -> n.label().equals(label))
                .findFirst()
                .orElseThrow()
                .at();
    }

    private static double along(Edge edge, Point at) {
        double run = 0;
        List<Point> line = edge.flattened(0.05);
        for (int i = 0; i + 1 < line.size(); i++) {
            if (at.distanceMm(line.get(i), line.get(i + 1)) < 0.1) {
                return run + line.get(i).distanceMm(at);
            }
            run += line.get(i).distanceMm(line.get(i + 1));
        }
        throw new AssertionError("not on the edge");
    }

    /** Half across the back from the chest, C/8 + 55 on the body (from memory): a wide chest widens the shoulders, a wider neck does not. */
    @ParameterizedTest
    @CsvSource({"1100, 575", "1680, 920", "1800, 1200"})
    void shouldersFollowTheChest(double height, double chest) {
        Wearer body = Bodies.tall(height, Map.of(BodyMeasure.CHEST, chest, BodyMeasure.HEAD_GIRTH, 640.0));
        Design design = draw("t-shirt", body);
        Point tip = edge(design, "back", "armhole right").end();
        assertThat(tip.x()).isGreaterThanOrEqualTo(chest / 8 + 65);
        Wearer small = Bodies.tall(height, Map.of(BodyMeasure.CHEST, chest, BodyMeasure.HEAD_GIRTH, 450.0));
        Point other = edge(draw("t-shirt", small), "back", "armhole right").end();
        assertThat(tip.x()).isCloseTo(other.x(), within(1e-9));
    }

    /** The shell must pass the head too, not the band alone. */
    @Test
    void aNeckPassesTheHeadAsShellAndAsBand() {
        for (int i = 0; i < BODIES; i++) {
            Wearer body = Bodies.of(i);
            Design design = draw("t-shirt", body);
            double neck = edge(design, "front", "neck").lengthMm()
                    + edge(design, "back", "neck").lengthMm();
            double band = edge(design, "neckband", "lower").lengthMm();
            double head = body.mm(BodyMeasure.HEAD_GIRTH);
            assertThat(1.25 * neck).isGreaterThanOrEqualTo(head - 0.1);
            assertThat(1.5 * band).isGreaterThanOrEqualTo(head - 0.1);
        }
    }

    @Test
    void aSleeveThatEndsInItsOwnHeadIsRefusedWithTheLeastItTakes() {
        assertThatThrownBy(() -> Drafts.require("t-shirt").draw(Bodies.tall(1680, Map.of()), Map.of("sleeve", 0.12)))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("from the shoulder it takes at least");
    }

    /** The neck of the jacket runs down into its front edge: one straight band lies along both without a corner. */
    @Test
    void theJacketsBandLiesAlongNeckAndEdge() {
        for (int i = 0; i < BODIES; i++) {
            Edge neck = edge(draw("jacket", Bodies.of(i)), "front", "neck");
            Point out = neck.reversed().segments().get(0).leaving();
            assertThat(Math.toDegrees(Math.atan2(out.x(), out.y()))).isCloseTo(0, within(0.5));
        }
    }

    /** A very wide arm on a narrow chest: the armhole is deepened until a sleeve of that width has a head at all. */
    @Test
    void aWideArmDeepensTheArmhole() {
        Wearer usual = Bodies.tall(1680, Map.of());
        Wearer wide = Bodies.tall(1680, Map.of(BodyMeasure.UPPER_ARM, 480.0));
        double a = underarm(draw("smock", usual));
        Design design = draw("smock", wide);
        assertThat(underarm(design)).isLessThan(a - 20);
        assertThat(2 * edge(design, "sleeve", "right").end().x()).isGreaterThanOrEqualTo(480 + 69.9);
    }

    private static double underarm(Design design) {
        return design.piece("back").level("chest").orElseThrow().points().get(0).y();
    }
}
