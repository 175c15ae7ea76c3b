package org.handdown.source.anatomy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import org.assertj.core.api.SoftAssertions;
import org.handdown.Demo;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Edge;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.Tube;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a cutter looks for in a garment before it is taken apart: sewn edges agree, both sides are alike, no cloth is forgotten. */
class AnatomyCutTest {
    private static final int GARMENTS = 40;

    /** Garments of a kind, each measure up to a tenth more or less, every choice among its options. */
    private static GarmentMeasures garment(SourceKind kind, int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Map<String, Double> values = new HashMap<>();
        double size = 0.85 + 0.3 * random.nextDouble();
        for (MeasureSpec spec : kind.measures()) {
            double value = spec.options().isEmpty()
                    ? spec.isCount() ? spec.first() : spec.first() * size * (0.97 + 0.06 * random.nextDouble())
                    : random.nextInt(spec.options().size());
            values.put(spec.id(), Math.max(spec.least(), Math.min(spec.most(), value)));
        }
        return new GarmentMeasures(kind, values);
    }

    /** How much longer one edge of a seam may be than the other, and why; edges of the same cloth that are simply sewn agree. */
    private static double stated(Anatomy a, Join join) {
        double folded = join.runs().stream()
                .flatMap(r -> a.folds().stream()
                        .filter(f -> f.part().equals(r.part()) && f.edge().equals(r.edge())))
                .mapToDouble(Fold::hiddenMm)
                .sum();
        return folded;
    }

    private static Optional<Edge> edge(Anatomy a, Join.Run run) {
        return a.part(run.part()).outline().edges().stream()
                .filter(e -> e.name().equals(run.edge()))
                .findFirst();
    }

    private static boolean isBody(Anatomy a, Join.Run run) {
        Part part = a.part(run.part());
        return part.isBody();
    }

    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void edgesThatAreSewnToEachOtherAgree(SourceKind kind) {
        SoftAssertions all = new SoftAssertions();
        for (int i = 0; i < GARMENTS; i++) {
            Anatomy a = garment(kind, i).kind().anatomy(garment(kind, i));
            for (Join join : a.joins()) {
                List<Edge> edges = join.runs().stream()
                        .filter(r -> isBody(a, r))
                        .flatMap(r -> edge(a, r).stream())
                        .toList();
                boolean armhole = join.id().contains("armhole");
                if (armhole) {
                    List<Edge> heads =
                            edges.stream().filter(e -> e.name().equals("head")).toList();
                    double head = heads.stream().mapToDouble(Edge::lengthMm).sum();
                    double hole = edges.stream().mapToDouble(Edge::lengthMm).sum() - head;
                    // A sleeve may be eased in; a linings' or knit's is as long.
                    all.assertThat(head - hole)
                            .as("%s %d %s", kind, i, join.id())
                            .isBetween(-3.0, 30.0);
                } else if (join.runs().size() == 2
                        && edges.size() == 2
                        && !join.finishedEdge()
                        && !isPieced(kind, join)) {
                    double off = Math.abs(edges.get(0).lengthMm() - edges.get(1).lengthMm());
                    all.assertThat(off).as("%s %d %s", kind, i, join.id()).isLessThanOrEqualTo(stated(a, join) + 2);
                }
            }
        }
        all.assertAll();
    }

    /** Joins of an edge that is sewn to several others, one after the other: each takes its own stretch of it. */
    private static boolean isPieced(SourceKind kind, Join join) {
        return join.id().matches("(yoke-side|waist-back|lining-(left|right))-.*|lining-hem")
                || kind == SourceKind.SHIRT && join.id().startsWith("shoulder")
                || kind == SourceKind.JEANS && join.id().startsWith("side");
    }

    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void bothSidesAreAlike(SourceKind kind) {
        for (int i = 0; i < GARMENTS; i++) {
            Anatomy a = garment(kind, i).kind().anatomy(garment(kind, i));
            for (Part part : a.parts()) {
                if (part.id().contains("left")) {
                    Part other = a.part(part.id().replace("left", "right"));
                    assertThat(other.areaCm2()).as(part.id()).isCloseTo(part.areaCm2(), within(0.01 * part.areaCm2()));
                }
            }
            double left = a.folds().stream()
                    .filter(f -> f.id().contains("left"))
                    .mapToDouble(Fold::hiddenMm)
                    .sum();
            double right = a.folds().stream()
                    .filter(f -> f.id().contains("right"))
                    .mapToDouble(Fold::hiddenMm)
                    .sum();
            assertThat(left).as("%s %d, folds", kind, i).isEqualTo(right);
        }
    }

    /** Every measure that is asked changes something that is drawn, sewn or told: what is not used should not be asked. */
    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void everyMeasureThatIsAskedIsUsed(SourceKind kind) {
        Map<String, Double> some = new HashMap<>(GarmentMeasures.first(kind).values());
        // How deep a dart is shows only where there is one, and the other way round.
        kind.measures().stream()
                .filter(s -> s.options().isEmpty() && s.first() == 0)
                .forEach(s -> some.put(s.id(), s.isCount() ? 2 : 10.0));
        GarmentMeasures first = new GarmentMeasures(kind, some);
        for (MeasureSpec spec : kind.measures()) {
            double other = spec.options().isEmpty()
                    ? spec.isCount()
                            ? spec.first()
                                    + (spec.first() + 4 <= spec.most() ? 4 : spec.first() > spec.least() ? -1 : 1)
                            : spec.first() * 1.05 + 2
                    : spec.first() == 0 ? 1 : 0;
            Map<String, Double> values = new HashMap<>(first.values());
            values.put(spec.id(), Math.max(spec.least(), Math.min(spec.most(), other)));
            assertThat(kind.anatomy(new GarmentMeasures(kind, values)))
                    .as("%s: %s", kind, spec.id())
                    .isNotEqualTo(kind.anatomy(first));
        }
    }

    /** A source that was described before something was asked has what it had then. */
    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void whatWasNotAskedThenStaysAsItWas(SourceKind kind) {
        Map<String, Double> values = new HashMap<>();
        kind.measures().stream().filter(s -> !s.isLater()).forEach(s -> values.put(s.id(), s.first()));
        GarmentMeasures old = new GarmentMeasures(kind, values);
        for (MeasureSpec spec : kind.measures()) {
            assertThat(old.mm(spec.id())).isEqualTo(spec.isLater() ? spec.older() : spec.first());
        }
        assertThat(kind.anatomy(old).parts()).isNotEmpty();
    }

    /** Sewn up, the panels of a level close to a ring that is as long as the tape said. */
    @Test
    void whatIsSewnClosesToRingsOfTheMeasuredGirth() {
        Anatomy skirt =
                Demo.average(SourceKind.SKIRT, Map.of("darts", 0.0, "zip", 0.0)).anatomy();
        assertThat(new Tube(skirt, skirt.part("front")).girthMm(400)).isCloseTo(920, within(2.0));
        Anatomy behind = Demo.average(SourceKind.SKIRT, Map.of()).anatomy();
        Tube zipped = new Tube(behind, behind.part("front"));
        assertThat(zipped.partsAt(400))
                .extracting(Part::id)
                .containsExactlyInAnyOrder("front", "back-left", "back-right");
        assertThat(zipped.girthMm(400)).isCloseTo(920, within(2.0));
        Anatomy trousers = Demo.average(SourceKind.TROUSERS, Map.of()).anatomy();
        Tube leg = new Tube(trousers, trousers.part("front-left"));
        assertThat(leg.girthMm(0.53 * 780)).isCloseTo(460, within(2.0));
        assertThat(leg.partsAt(0.53 * 780)).hasSize(2);
        assertThat(leg.partsAt(900)).hasSize(4);
        assertThat(leg.girthMm(780 + 0.33 * 250)).isCloseTo(1040, within(6.0));
        Anatomy shirt = Demo.average(SourceKind.T_SHIRT, Map.of()).anatomy();
        assertThat(new Tube(shirt, shirt.part("back")).girthMm(200)).isCloseTo(1040, within(2.0));
        Anatomy dress = Demo.average(SourceKind.DRESS, Map.of()).anatomy();
        assertThat(new Tube(dress, dress.part("bodice-front")).partsAt(60)).hasSize(3);
    }

    // Areas worked out by hand, between stitch lines

    private static double areaMm2(Anatomy a, String... parts) {
        double sum = 0;
        for (String part : parts) {
            sum += 100 * a.part(part).areaCm2();
        }
        return sum;
    }

    private static double trapezium(double a, double b, double high) {
        return (a + b) / 2 * high;
    }

    /**
     * Trousers: each leg in trapeziums between its levels, hem to knee, knee to crotch, crotch to seat, seat to waist. From crotch to seat the
     * fork leaves a hollow triangle with curved side: two thirds of fork × height are cut away beside the straight line.
     */
    @Test
    void trousersAreTheSumOfTheirTrapeziums() {
        Map<String, Double> m = Map.of(
                "waist",
                840.0,
                "seat",
                1040.0,
                "thigh",
                670.0,
                "knee",
                460.0,
                "hem",
                420.0,
                "insideLeg",
                780.0,
                "outsideLeg",
                1030.0,
                "backDarts",
                0.0);
        Anatomy a = Demo.average(SourceKind.TROUSERS, m).anatomy();
        double knee = 0.53 * 780;
        double seat = 780 + 0.33 * 250;
        double both = trapezium(420, 460, knee)
                + trapezium(460, 670, 780 - knee)
                + trapezium(670, 520, seat - 780)
                + trapezium(520, 420, 1030 - seat);
        // Forks of 51 and 95 mm: the curve takes a sixth of each rectangle more than the slanted line leaves.
        double hollow = (51 + 95) * (seat - 780) / 4;
        assertThat(areaMm2(a, "front-left", "front-right", "back-left", "back-right"))
                .isCloseTo(2 * (both - hollow), within(0.03 * 2 * both));
    }

    /** A straight skirt: trapeziums from waist to hip and from hip to hem, darts open. */
    @Test
    void aStraightSkirtIsTwoTrapeziumsHigh() {
        Anatomy a = Demo.average(
                        SourceKind.SKIRT,
                        Map.of(
                                "waist",
                                680.0,
                                "hip",
                                920.0,
                                "hem",
                                940.0,
                                "length",
                                600.0,
                                "darts",
                                4.0,
                                "dartDepth",
                                12.0))
                .anatomy();
        double open = 680 + 4 * 24;
        double hand = trapezium(open, 920, 200) + trapezium(920, 940, 400);
        double drawn = a.mainParts().stream()
                .filter(p -> p.layer() == Layer.SHELL)
                .mapToDouble(p -> 100 * p.areaCm2())
                .sum();
        assertThat(drawn).isCloseTo(hand, within(0.03 * hand));
    }

    /** Three quarters of a ring, by π(R² − r²). */
    @Test
    void aCircleSkirtIsItsShareOfARing() {
        Anatomy a = Demo.average(SourceKind.CIRCLE_SKIRT, Map.of("waist", 700.0, "length", 500.0, "quarters", 3.0))
                .anatomy();
        double r = 700 / (1.5 * Math.PI);
        double hand = 0.75 * Math.PI * ((r + 500) * (r + 500) - r * r);
        assertThat(areaMm2(a, "front", "back")).isCloseTo(hand, within(0.03 * hand));
    }

    /**
     * A T-shirt: two rectangles of half the chest by the length, less the neck (a front half ellipse 170 wide and 90 deep, a back one 25 deep),
     * less what is cut off beside each armhole (its width × its depth, an eighth of it left in the curve) and above each shoulder (a triangle);
     * two sleeves of trapezium and head (of an S-curve, half of its rectangle).
     */
    @Test
    void aTShirtIsRectanglesLessWhatIsCutOut() {
        Anatomy a = Demo.average(
                        SourceKind.T_SHIRT,
                        Map.of(
                                "chest",
                                1040.0,
                                "length",
                                700.0,
                                "shoulder",
                                130.0,
                                "neck",
                                170.0,
                                "neckDepth",
                                90.0,
                                "armhole",
                                210.0,
                                "sleeve",
                                200.0,
                                "sleeveTop",
                                400.0,
                                "sleeveHem",
                                350.0))
                .anatomy();
        double tip = 85 + Math.sqrt(130 * 130 - 40 * 40);
        double neck = Math.PI / 4 * 170 * (90 + 25);
        double beside = 4 * ((260 - tip) * 210 * 0.95 + (260 - tip) * 40);
        double shoulders = 4 * ((tip - 85) * 40 / 2);
        double head = a.part("sleeve-left").outline().box().maxY()
                - a.part("sleeve-left").outline().edge("underarm-right").end().y();
        double sleeves = 2 * (trapezium(350, 400, 200 - head) + 400 * head / 2);
        double hand = 2 * 520 * 700.0 - neck - beside - shoulders + sleeves;
        assertThat(areaMm2(a, "front", "back", "sleeve-left", "sleeve-right")).isCloseTo(hand, within(0.03 * hand));
    }

    /** The skirt of a dress: sectors of rings, whose area is the mean of both arcs times the length. */
    @Test
    void theSkirtOfADressIsASector() {
        Anatomy a = Demo.average(
                        SourceKind.DRESS,
                        Map.of("waist", 740.0, "hem", 1500.0, "skirt", 620.0, "pleats", 4.0, "pleatDepth", 40.0))
                .anatomy();
        double hand = trapezium(740 + 4 * 80, 1500, 620);
        double drawn = a.mainParts().stream()
                .filter(p -> p.id().startsWith("skirt"))
                .mapToDouble(p -> 100 * p.areaCm2())
                .sum();
        assertThat(drawn).isCloseTo(hand, within(0.03 * hand));
    }

    /** A shoulder is measured along itself: it is drawn as long as it was told. */
    @ParameterizedTest
    @EnumSource(
            value = SourceKind.class,
            names = {"SHIRT", "T_SHIRT", "JUMPER", "SWEATSHIRT", "DRESS", "COAT"})
    void aShoulderIsAsLongAsItWasMeasured(SourceKind kind) {
        GarmentMeasures m = GarmentMeasures.first(kind);
        Anatomy a = kind.anatomy(m);
        for (Part part : a.mainParts()) {
            part.outline().edges().stream()
                    .filter(e -> e.name().startsWith("shoulder") && !part.id().startsWith("lining-front"))
                    .forEach(e -> assertThat(e.lengthMm()).as(part.id()).isCloseTo(m.mm("shoulder"), within(0.5)));
        }
    }
}
