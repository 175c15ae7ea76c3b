package org.handdown.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
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
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.JoinedEnd;
import org.handdown.pattern.Mark;
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

    static Stream<Draft> drafts() {
        return Drafts.all().stream();
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
    @MethodSource("drafts")
    void sewnLinesRunOnIntoEachOtherButForCornersThatTheDraftNames(Draft draft) {
        SoftAssertions all = new SoftAssertions();
        Set<String> turned = new HashSet<>();
        for (int i = 0; i < BODIES; i++) {
            for (JoinedEnd end : JoinedEnd.of(draft.draw(Bodies.of(i), Map.of()))) {
                String seam = end.seam().name();
                if (draft.corners().containsKey(seam)) {
                    turned.add(Math.abs(end.kinkDeg()) > 5 ? seam : "");
                } else {
                    all.assertThat(end.kinkDeg())
                            .as("%s of body %d: %s, %s", draft.id(), i, seam, end.one())
                            .isBetween(-5.0, 5.0);
                }
            }
        }
        all.assertThat(turned)
                .as("corners that are told are there")
                .containsAll(draft.corners().keySet());
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
            Box sleeve = design.piece("sleeve").stitchLine().box();
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

    /** Nowhere so narrow that allowances of both its sides would meet: what lies far apart along an outline lies 8 mm apart at least. */
    @ParameterizedTest
    @MethodSource("drafts")
    void noOutlineComesNearItself(Draft draft) {
        for (int i = 0; i < BODIES; i++) {
            for (Piece piece : draft.draw(Bodies.of(i), Map.of()).pieces()) {
                assertThat(narrowest(piece.stitchLine().edges()))
                        .as("%s %s of body %d", draft.id(), piece.id(), i)
                        .isGreaterThanOrEqualTo(8);
            }
        }
    }

    /** Least distance of two edges that do not meet, and of two places of one edge that lie three times as far from each other along it. */
    private static double narrowest(List<Edge> edges) {
        List<List<Point>> lines = edges.stream().map(CutShapesTest::dense).toList();
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < lines.size(); i++) {
            for (int k = i; k < lines.size(); k++) {
                boolean meet = k == i + 1 || i == 0 && k == lines.size() - 1 && lines.size() > 1;
                // A tip that is cut off bluntly, as of a crown's quarter, is one end of two edges.
                boolean isTip = edges.stream().anyMatch(e -> e.lengthMm() < 2);
                if (k == i || !meet && !isTip) {
                    least = Math.min(least, nearest(lines.get(i), lines.get(k), k == i));
                }
            }
        }
        return least;
    }

    private static double nearest(List<Point> one, List<Point> other, boolean isSame) {
        double least = Double.POSITIVE_INFINITY;
        if (!isSame) {
            for (Point p : one) {
                least = Math.min(least, p.distanceMm(other));
            }
            return least;
        }
        for (int i = 0; i < one.size(); i++) {
            for (int k = i + 1; k < one.size(); k++) {
                double apart = one.get(i).distanceMm(one.get(k));
                // An edge that closes on itself is near itself at its end.
                int along = k - i;
                int round = one.get(0).distanceMm(one.get(one.size() - 1)) < 1 ? one.size() - 1 - along : along;
                if (Math.min(along, round) * STEP_MM > 3 * apart + 2 * STEP_MM) {
                    least = Math.min(least, apart);
                }
            }
        }
        return least;
    }

    private static final double STEP_MM = 8;

    private static List<Point> dense(Edge edge) {
        int steps = Math.max(1, (int) Math.ceil(edge.lengthMm() / STEP_MM));
        List<Point> flat = edge.flattened(0.2);
        return java.util.stream.IntStream.rangeClosed(0, steps)
                .mapToObj(i -> Edge.at(flat, (double) i / steps))
                .toList();
    }

    /** Dart closed: its legs lie on each other, and the waist runs on over them; the roof lies under the waist as it is folded. */
    @ParameterizedTest
    @MethodSource("skirts")
    void aWaistIsTruedWithItsDartsClosed(String id) {
        int darts = 0;
        for (int i = 0; i < BODIES; i++) {
            for (Piece piece : draw(id, Bodies.of(i)).pieces()) {
                for (Mark dart : piece.marks()) {
                    if (dart.kind() != Mark.Kind.DART) {
                        continue;
                    }
                    darts++;
                    Point one = dart.points().get(0);
                    Point tip = dart.points().get(1);
                    Point other = dart.points().get(2);
                    String what = "%s %s of body %d".formatted(id, piece.id(), i);
                    assertThat(one.distanceMm(tip)).as(what).isCloseTo(other.distanceMm(tip), within(1e-6));
                    List<Segment> waist = piece.stitchLine().edge("waist").segments();
                    int at = 0;
                    while (waist.get(at).end().distanceMm(one) > 1e-6) {
                        at++;
                    }
                    Point in = waist.get(at).reversed().leaving().times(-1);
                    Point out = waist.get(at + 3).leaving();
                    // Folding turns what lies beyond the dart about its tip until the legs meet.
                    double turn =
                            one.minus(tip).directionDeg() - other.minus(tip).directionDeg();
                    double kink = out.directionDeg() + turn - in.directionDeg();
                    assertThat(Math.IEEEremainder(kink, 360)).as(what).isCloseTo(0, within(1.0));
                    Point roof = waist.get(at + 1).end();
                    assertThat(roof.distanceMm(tip)).as(what).isGreaterThan(one.distanceMm(tip));
                }
            }
        }
        assertThat(darts > 0).isEqualTo(!id.equals("stretch-skirt"));
    }

    /** What is chosen freely keeps all rules: seams as long as stated, no corners but those of the neck itself, the head goes through. */
    @ParameterizedTest
    @CsvSource({
        "t-shirt, neck, 3",
        "t-shirt, hemline, 1",
        "t-shirt, sleeves, 4",
        "tunic, neck, 3",
        "tunic, hemline, 1",
        "tunic, sleeves, 4",
        "smock, collar, 1",
        "smock, hemline, 1",
        "smock, sleeves, 4"
    })
    void freeShapesKeepEveryRule(String id, String dimension, int most) {
        SoftAssertions all = new SoftAssertions();
        for (int option = 0; option <= most; option++) {
            for (int i = 0; i < BODIES; i += 4) {
                Design design = Drafts.require(id).draw(Bodies.of(i), Map.of(dimension, (double) option));
                String what = "%s %s %d of body %d".formatted(id, dimension, option, i);
                design.sizes()
                        .forEach(s -> all.assertThat(s.fits())
                                .as(what + ", " + s.size().what())
                                .isTrue());
                JoinedEnd.of(design)
                        .forEach(e -> all.assertThat(e.kinkDeg())
                                .as("%s: %s, %s", what, e.seam().name(), e.one())
                                .isBetween(-5.0, 5.0));
                for (DesignSeam.Walk walk : design.walks()) {
                    double least = walk.oneMm() * walk.seam().leastRatio()
                            + walk.seam().leastEaseMm()
                            - 0.5;
                    double longest =
                            walk.oneMm() * walk.seam().mostRatio() + walk.seam().mostEaseMm() + 0.5;
                    all.assertThat(walk.otherMm())
                            .as("%s: %s", what, walk.seam().name())
                            .isBetween(least, longest);
                }
            }
        }
        all.assertAll();
    }

    /** From a chest of a metre the front goes up over the bust: its side is longer, marked where it is eased, and the reason is told. */
    @ParameterizedTest
    @MethodSource("tops")
    void aFullBustHasRoom(String id) {
        Design full = draw(id, Bodies.tall(1680, Map.of(BodyMeasure.CHEST, 1100.0)));
        DesignSeam side = full.seams().stream()
                .filter(s -> s.name().equals("side seams"))
                .findFirst()
                .orElseThrow();
        assertThat(side.leastEaseMm()).isEqualTo(20);
        assertThat(full.piece("front").marks()).anyMatch(m -> m.kind() == Mark.Kind.GATHER);
        assertThat(full.notes()).anyMatch(n -> n.contains("full bust"));
        Design flat = draw(id, Bodies.tall(1680, Map.of(BodyMeasure.CHEST, 920.0)));
        assertThat(flat.notes()).noneMatch(n -> n.contains("full bust"));
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
