package org.handdown.panel.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ReadyShapesTest {
    private static final int SETS = 200;
    private static final double WITHIN_MM = 0.5;

    /** Another size, and every figure a little off its usual share of it. */
    private static Map<String, Double> plausible(ReadyShape shape, Random chance) {
        double size = 0.75 + 0.5 * chance.nextDouble();
        Map<String, Double> measures = new LinkedHashMap<>();
        for (ReadyShape.Measure m : shape.measures()) {
            if (m.kind() == ReadyShape.Kind.COUNT) {
                measures.put(m.id(), Math.rint(Math.max(m.least(), m.first() * (0.6 + 0.8 * chance.nextDouble()))));
            } else if (m.kind() == ReadyShape.Kind.LENGTH) {
                double value = m.first() * size * (0.94 + 0.12 * chance.nextDouble());
                measures.put(m.id(), Math.max(m.least(), Math.min(m.most(), value)));
            }
        }
        return measures;
    }

    /** Every measure, taken again on the finished outline with nothing but its edges and widths. */
    private static Map<String, Double> takenAgain(ReadyShape shape, Map<String, Double> given, Outline outline) {
        Map<String, Double> taken = new HashMap<>();
        Ring ring = outline.ring();
        Box box = ring.box();
        switch (shape) {
            case TROUSER_FRONT, TROUSER_BACK, SHORTS_LEG -> {
                taken.put("hem", length(outline, "hem"));
                taken.put("waist", length(outline, "waist"));
                taken.put(
                        "lift",
                        outline.edge("waist").end().y()
                                - outline.edge("waist").start().y());
                taken.put("waistHeight", outline.edge("waist").start().y());
                taken.put("thighHeight", outline.edge("centre").end().y());
                taken.put("thigh", ring.widthAtMm(given.getOrDefault("thighHeight", 0.0) - 0.01));
                taken.put("seat", ring.widthAtMm(given.getOrDefault("seatHeight", 0.0)));
                if (given.containsKey("knee")) {
                    taken.put("knee", ring.widthAtMm(given.getOrDefault("kneeHeight", 0.0)));
                }
            }
            case SET_IN_SLEEVE -> {
                taken.put("length", box.heightMm());
                taken.put(
                        "head",
                        box.maxY() - outline.edge("underarm-right").end().y());
                taken.put(
                        "width",
                        across(
                                outline.edge("underarm-right").end(),
                                outline.edge("underarm-left").start()));
                taken.put("hem", length(outline, "hem"));
            }
            case FLAT_SLEEVE -> {
                taken.put("length", box.heightMm());
                taken.put("upper", length(outline, "upper"));
                taken.put("hem", length(outline, "hem"));
            }
            case SHIRT_FRONT_LEFT, SHIRT_FRONT_RIGHT -> {
                boolean turned = shape == ReadyShape.SHIRT_FRONT_RIGHT;
                Edge side = outline.edge("side");
                Edge shoulder = outline.edge("shoulder");
                Point tip = turned ? shoulder.end() : shoulder.start();
                Point neck = turned ? shoulder.start() : shoulder.end();
                taken.put("hem", length(outline, "hem"));
                taken.put("side", side.lengthMm());
                taken.put("width", Math.abs((turned ? side.start() : side.end()).x()));
                taken.put("centreLength", length(outline, "centre"));
                taken.put("fullLength", box.maxY());
                taken.put("neckWidth", Math.abs(neck.x()));
                taken.put("shoulder", shoulder.lengthMm());
                taken.put("across", Math.abs(tip.x()));
            }
            case SHIRT_BACK, TEE_BODY, JUMPER_BODY, BODICE_FRONT, BODICE_BACK -> {
                double darts = given.containsKey("darts")
                        ? 2 * given.getOrDefault("darts", 0.0) * given.getOrDefault("dartDepth", 0.0)
                        : 0;
                taken.put(given.containsKey("waist") ? "waist" : "hem", length(outline, "hem") - darts);
                taken.put("side", length(outline, "side-left"));
                taken.put(
                        "width",
                        across(
                                outline.edge("side-right").end(),
                                outline.edge("side-left").start()));
                taken.put(
                        "centreLength",
                        outline.edge("neck").flattened(0.02).stream()
                                .mapToDouble(Point::y)
                                .min()
                                .orElseThrow());
                taken.put("fullLength", box.maxY());
                taken.put(
                        "neckWidth",
                        across(
                                outline.edge("neck").start(),
                                outline.edge("neck").end()));
                taken.put("shoulder", length(outline, "shoulder-left"));
                taken.put(
                        "across",
                        across(
                                outline.edge("armhole-right").end(),
                                outline.edge("armhole-left").start()));
            }
            case SHIRT_BACK_BELOW_YOKE -> {
                taken.put("hem", length(outline, "hem"));
                taken.put("side", length(outline, "side-left"));
                taken.put(
                        "width",
                        across(
                                outline.edge("side-right").end(),
                                outline.edge("side-left").start()));
                taken.put("yoke", length(outline, "upper"));
                taken.put("length", box.heightMm());
            }
            case SKIRT_GORE -> {
                taken.put("length", box.heightMm());
                taken.put("upper", length(outline, "upper"));
                taken.put("hem", length(outline, "hem"));
                taken.put("hip", ring.widthAtMm(box.maxY() - given.getOrDefault("hipDepth", 0.0)));
            }
            case SKIRT_FLARED -> {
                taken.put(
                        "upper",
                        across(
                                outline.edge("upper").start(),
                                outline.edge("upper").end()));
                taken.put(
                        "hem",
                        across(outline.edge("hem").start(), outline.edge("hem").end()));
                taken.put("side", length(outline, "side-left"));
                double middle = outline.edge("upper").at(0.5).y();
                taken.put("dip", outline.edge("upper").start().y() - middle);
                taken.put("length", middle - outline.edge("hem").at(0.5).y());
            }
            case SKIRT_PLEATED -> {
                taken.put("hem", length(outline, "hem"));
                taken.put("length", box.heightMm());
                taken.put(
                        "upper",
                        length(outline, "upper")
                                - 2 * given.getOrDefault("pleats", 0.0) * given.getOrDefault("pleatDepth", 0.0));
            }
            case CIRCLE_PART -> {
                taken.put("side", length(outline, "side-left"));
                taken.put("waist", length(outline, "waist"));
                taken.put("hem", length(outline, "hem"));
            }
        }
        return taken;
    }

    private static double length(Outline outline, String edge) {
        return outline.edge(edge).lengthMm();
    }

    private static double across(Point one, Point other) {
        return Math.abs(one.x() - other.x());
    }

    @ParameterizedTest
    @EnumSource(ReadyShape.class)
    void twoHundredMeasureSetsAreFoundAgainOnTheOutline(ReadyShape shape) {
        Random chance = new Random(20 + shape.ordinal());
        int drawn = 0;
        int tried = 0;
        while (drawn < SETS && tried < 5 * SETS) {
            tried++;
            Map<String, Double> given = plausible(shape, chance);
            ShapeByMeasures sheet;
            try {
                sheet = new ShapeByMeasures(shape, given);
            } catch (RefusedValueException e) {
                assertThat(e.field()).startsWith("measures.");
                continue;
            }
            drawn++;
            Outline outline = sheet.outline();
            takenAgain(shape, given, outline)
                    .forEach((id, mm) -> assertThat(mm)
                            .as("%s of %s for %s", id, shape, given)
                            .isCloseTo(given.getOrDefault(id, -1.0), within(WITHIN_MM)));
            sheet.tapes().forEach((id, tape) -> {
                if (given.containsKey(id)) {
                    assertThat(tape.mm())
                            .as("tape of %s", id)
                            .isCloseTo(given.getOrDefault(id, -1.0), within(WITHIN_MM));
                }
            });
        }
        assertThat(drawn).as("of %d", tried).isEqualTo(SETS);
    }

    /** Nothing is asked for that no drawing shows: each length has its tape, and is among what the test above takes again. */
    @ParameterizedTest
    @EnumSource(ReadyShape.class)
    void everyLengthHasItsTapeLine(ReadyShape shape) {
        Map<String, TapeLine> tapes = new ShapeByMeasures(shape, shape.usual()).tapes();
        Ring ring = new ShapeByMeasures(shape, shape.usual()).outline().ring();
        List<Point> closed = ring.run(0, 0);
        for (ReadyShape.Measure m : shape.measures()) {
            if (m.kind() != ReadyShape.Kind.COUNT) {
                TapeLine tape = tapes.get(m.id());
                assertThat(tape).as(m.id()).isNotNull();
                assertThat(java.util.Objects.requireNonNull(tape).along())
                        .anySatisfy(p -> assertThat(p.distanceMm(closed)).isLessThan(0.2));
            }
        }
    }

    /** A second value that agrees says nothing; one that does not is told with what it should be. */
    @ParameterizedTest
    @EnumSource(ReadyShape.class)
    void theCheckTellsASlip(ReadyShape shape) {
        Map<String, Double> given = shape.usual();
        ShapeByMeasures unchecked = new ShapeByMeasures(shape, given);
        ReadyShape.Measure check = shape.measures().get(shape.measures().size() - 1);
        assertThat(check.kind()).isEqualTo(ReadyShape.Kind.CHECK);
        assertThat(unchecked.findings()).singleElement().asString().contains("Nothing checks");
        double should = java.util.Objects.requireNonNull(unchecked.tapes().get(check.id()))
                .mm();
        given.put(check.id(), should + 2);
        assertThat(new ShapeByMeasures(shape, given).findings()).isEmpty();
        given.put(check.id(), should + 25);
        ShapeByMeasures off = new ShapeByMeasures(shape, given);
        assertThat(off.findings()).singleElement().asString().contains(Wording.fill("should be %.0f mm", should));
        assertThat(off.toleranceMm()).isCloseTo(12.5, within(0.1));
    }

    private static void refused(ReadyShape shape, String id, double value, String field) {
        Map<String, Double> given = shape.usual();
        given.put(id, value);
        assertThatThrownBy(() -> new ShapeByMeasures(shape, given))
                .isInstanceOfSatisfying(
                        RefusedValueException.class,
                        e -> assertThat(e.field()).as(e.getMessage()).isEqualTo("measures." + field));
    }

    /** One figure spoiled in a set that is otherwise sound: the refusal names it. */
    @Test
    void animplausibleFigureIsNamed() {
        refused(ReadyShape.TROUSER_FRONT, "knee", 27, "knee");
        refused(ReadyShape.TROUSER_FRONT, "waistHeight", 96, "waistHeight");
        refused(ReadyShape.TROUSER_FRONT, "kneeHeight", 800, "kneeHeight");
        refused(ReadyShape.TROUSER_BACK, "seat", 430, "seat");
        refused(ReadyShape.SET_IN_SLEEVE, "head", 595.0, "head");
        refused(ReadyShape.SHIRT_BACK, "shoulder", 120, "shoulder");
        refused(ReadyShape.SHIRT_FRONT_LEFT, "side", 700, "side");
        refused(ReadyShape.TEE_BODY, "centreLength", 800, "centreLength");
        refused(ReadyShape.BODICE_FRONT, "darts", 2.5, "darts");
        refused(ReadyShape.SKIRT_FLARED, "side", 150, "side");
        refused(ReadyShape.SKIRT_PLEATED, "pleats", 60, "hem");
        refused(ReadyShape.CIRCLE_PART, "hem", 340, "hem");
        refused(ReadyShape.CIRCLE_PART, "hem", 5000, "hem");
        refused(ReadyShape.SKIRT_GORE, "length", 210, "hipDepth");
        refused(ReadyShape.SHIRT_BACK_BELOW_YOKE, "yoke", 790, "yoke");
    }

    @Test
    void aMissingFigureIsAskedFor() {
        Map<String, Double> given = ReadyShape.FLAT_SLEEVE.usual();
        given.remove("upper");
        assertThatThrownBy(() -> new ShapeByMeasures(ReadyShape.FLAT_SLEEVE, given))
                .hasMessageContaining("upper edge");
    }

    /** Half a circle by its geometry: radius 200, length 500; arcs π·200 and π·700, corners 1400 apart. */
    @Test
    void halfACircleIsHalfACircle() {
        ShapeByMeasures half = new ShapeByMeasures(
                ReadyShape.CIRCLE_PART,
                Map.of("side", 500.0, "waist", Math.PI * 200, "hem", Math.PI * 700, "chord", 1400.0));
        assertThat(half.findings()).isEmpty();
        assertThat(half.outline().ring().areaMm2()).isCloseTo(Math.PI / 2 * (700 * 700 - 200 * 200), within(300.0));
    }

    /** Left and right front are one another's mirror image. */
    @Test
    void frontsArePairs() {
        Outline left = new ShapeByMeasures(ReadyShape.SHIRT_FRONT_LEFT, ReadyShape.SHIRT_FRONT_LEFT.usual()).outline();
        Outline right =
                new ShapeByMeasures(ReadyShape.SHIRT_FRONT_RIGHT, ReadyShape.SHIRT_FRONT_RIGHT.usual()).outline();
        assertThat(right).isEqualTo(left.mirrored());
    }
}
