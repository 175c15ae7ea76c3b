package org.handdown.fit.room;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.handdown.fit.Fit;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.fit.check.Finding;
import org.handdown.fit.check.RuleChecker;
import org.handdown.geometry.FlatRegion;
import org.handdown.geometry.Point;
import org.handdown.geometry.RandomRings;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where shapes may lie beside each other and on a panel: by hand, and against overlaps measured by the geometry library. */
@Tag("long")
@net.jqwik.api.Tag("long")
class ClearancesTest {
    private static final Ring CLOTH = Ring.rectangle(0, 0, 1000, 800);

    @Provide
    Arbitrary<Ring> rings() {
        return RandomRings.rings();
    }

    private static FitProblem two(Ring a, Ring b, double gap) {
        FitPanel panel = Fit.with(Fit.panel("p", CLOTH), false, false, 90);
        return new FitProblem(
                Objective.FILL,
                gap,
                0,
                List.of(panel),
                List.of(
                        Fit.piece("a", 2, Handed.PAIR, PieceGrain.EITHER, Fit.variant("plain", a, null, 0)),
                        Fit.piece("b", 2, Handed.PAIR, PieceGrain.EITHER, Fit.variant("plain", b, null, 0))));
    }

    @Test
    void squaresMayTouchAndNoMore() {
        FitProblem problem = two(Fit.SQUARE_100, Fit.SQUARE_100, 0);
        ShapeBook book = new ShapeBook(problem);
        Clearances clearances = new Clearances(problem);
        Shape a = book.ways(0, 0).get(0);
        Shape b = book.ways(1, 0).get(0);
        assertThat(clearances.between(a, b).core().covers(100, 30)).isFalse();
        assertThat(clearances.between(a, b).core().covers(99.8, 30)).isTrue();
        assertThat(clearances.between(a, b).core().covers(-99.8, 0)).isTrue();
        assertThat(clearances.between(b, a).core().covers(-100, 0)).isFalse();
    }

    /** Corner to corner a gap is a quarter circle: 10 mm apart both ways are 14.1 from corner to corner. */
    @Test
    void theGapIsRoundAtCorners() {
        FitProblem problem = two(Fit.SQUARE_100, Fit.SQUARE_100, 12);
        Clearances clearances = new Clearances(problem);
        ShapeBook book = new ShapeBook(problem);
        var core = clearances
                .between(book.ways(0, 0).get(0), book.ways(1, 0).get(0))
                .core();
        assertThat(core.covers(110, 110)).isFalse();
        assertThat(core.covers(108, 108)).isTrue();
        assertThat(core.covers(111, 50)).isTrue();
        assertThat(core.covers(112, 50)).isFalse();
    }

    @Test
    void onAPanelItMayTouchEveryEdge() {
        FitProblem problem = two(Fit.SQUARE_100, Fit.SQUARE_100, 0);
        InnerFit room =
                new Clearances(problem).on(0, new ShapeBook(problem).ways(0, 0).get(0));
        assertThat(room.core().covers(0, 0)).isTrue();
        assertThat(room.core().covers(900, 700)).isTrue();
        assertThat(room.core().covers(901, 700)).isFalse();
        assertThat(room.core().covers(-0.2, 0)).isFalse();
    }

    /** A slit has hardly any area, and still nothing may be cut across it: a square lies left of it or right of it. */
    @ParameterizedTest
    @ValueSource(doubles = {0.001, 0.01, 0.03, 0.05, 1})
    void nothingLiesAcrossASlit(double wide) {
        FlawZone slit = new FlawZone(FlawZone.Kind.AVOID, Ring.rectangle(300, 0, wide, 800), "slit");
        FitPanel panel = Fit.with(Fit.panel("p", CLOTH), List.of(Ring.rectangle(700, 0, wide, 800)), List.of(slit));
        FitProblem problem =
                new FitProblem(Objective.FILL, 0, 0, List.of(panel), List.of(Fit.piece("a", Fit.SQUARE_100, 1)));
        InnerFit room =
                new Clearances(problem).on(0, new ShapeBook(problem).ways(0, 0).get(0));
        assertThat(room.core().covers(200, 400)).isTrue();
        assertThat(room.core().covers(200.2, 400)).isFalse();
        assertThat(room.core().covers(250, 400)).isFalse();
        assertThat(room.core().covers(300 + wide, 400)).isTrue();
        assertThat(room.core().covers(650, 400)).isFalse();
        assertThat(room.core().covers(700 + wide, 400)).isTrue();
    }

    @Test
    void holesAndStainsAreKeptOffButForWhatIsHidden() {
        FlawZone stain = new FlawZone(FlawZone.Kind.HIDE, Ring.rectangle(400, 400, 40, 40), "stain");
        FitPanel panel = Fit.with(Fit.panel("p", CLOTH), List.of(Ring.rectangle(0, 0, 50, 50)), List.of(stain));
        FitPiece piece = Fit.piece(
                "a",
                1,
                Handed.SAME,
                PieceGrain.LENGTHWISE,
                Fit.variant("plain", Fit.SQUARE_100, null, 0, Ring.rectangle(0, 0, 50, 100)));
        FitProblem problem = Fit.fill(List.of(panel), piece);
        var core = new Clearances(problem)
                .on(0, new ShapeBook(problem).ways(0, 0).get(0))
                .core();
        assertThat(core.covers(30, 30)).isFalse();
        assertThat(core.covers(51, 30)).isTrue();
        // The stain from 400 to 440 under the hidden half, which then begins at 395; under the seen half, from 350 on.
        assertThat(core.covers(395, 380)).isTrue();
        assertThat(core.covers(370, 380)).isFalse();
    }

    /** Whatever is shared and turned behind it: a spot is barred exactly where the two outlines overlap. */
    @Property(tries = 60)
    void aSpotIsBarredExactlyWhereTheyOverlap(@ForAll("rings") Ring a, @ForAll("rings") Ring b, @ForAll long seed) {
        Random random = new Random(seed);
        FitProblem problem = two(a, random.nextInt(4) == 0 ? a.moved(17, -4) : b, 0);
        ShapeBook book = new ShapeBook(problem);
        Clearances clearances = new Clearances(problem);
        for (int i = 0; i < 12; i++) {
            Shape fixed = any(book, random);
            Shape moving = any(book, random);
            double x = 240 * random.nextDouble() - 120;
            double y = 240 * random.nextDouble() - 120;
            Region there = Region.of(moving.ring.moved(x, y));
            double overlap = Region.of(fixed.ring).intersection(there).areaMm2();
            // Slack is at most 0.1 mm of depth: only what is deeper, or apart by more, is certain.
            boolean deep = Region.of(fixed.ring)
                            .grown(-0.1)
                            .intersection(there.grown(-0.1))
                            .areaMm2()
                    > 0.01;
            boolean barred = clearances.between(fixed, moving).core().covers(x, y);
            if (deep) {
                assertThat(barred).isTrue();
            } else if (overlap == 0) {
                assertThat(barred).isFalse();
            }
        }
    }

    /** However sharp the piece and whatever the margin: the utmost candidates that the search may use beside a hole, a flaw and the edge. */
    @Property(tries = 150)
    void theUtmostSpotsOnAPanelBreakNoRule(@ForAll("rings") Ring outline, @ForAll long seed) {
        Random random = new Random(seed);
        Ring hole = Ring.rectangle(300, 200, random.nextInt(1, 60), random.nextInt(1, 60));
        FlawZone stain = new FlawZone(
                FlawZone.Kind.AVOID, Ring.of(500, 500, 560, 500 + random.nextInt(1, 40), 520, 600), "stain");
        FitPanel panel = Fit.with(Fit.panel("p", CLOTH), List.of(hole), List.of(stain));
        double[] margins = {0, 0.05, 0.06, 0.07, 0.08, 1, 12};
        double margin = margins[random.nextInt(margins.length)];
        Ring piece = slender(outline, random);
        FitProblem problem =
                new FitProblem(Objective.FILL, 0, margin, List.of(panel), List.of(Fit.piece("a", piece, 1)));
        Shape shape = new ShapeBook(problem).ways(0, 0).get(0);
        FlatRegion core = new Clearances(problem).on(0, shape).core();
        for (int i = 0; i < core.edgeCount(); i++) {
            Placed at = new Placed("a", 0, shape.variant.id(), "p", shape.at(core.x0(i), core.y0(i)));
            assertThat(RuleChecker.check(problem, List.of(at))).isEmpty();
        }
    }

    /** The same for two pieces: the nearest that the search lays one to the other, with narrow gaps and with wide ones. */
    @Property(tries = 150)
    void theUtmostSpotsBesideAPieceBreakNoRule(@ForAll("rings") Ring a, @ForAll("rings") Ring b, @ForAll long seed) {
        Random random = new Random(seed);
        double[] gaps = {0, 0.05, 0.06, 0.08, 0.1, 0.15, 0.2, 0.5, 1, 12};
        FitProblem problem = two(slender(a, random), slender(b, random), gaps[random.nextInt(gaps.length)]);
        ShapeBook book = new ShapeBook(problem);
        Shape fixed = any(book, random);
        Shape moving = any(book, random);
        FlatRegion core = new Clearances(problem).between(fixed, moving).core();
        Placed lying = new Placed("ab".charAt(fixed.piece) + "", 0, fixed.variant.id(), "p", fixed.at(500, 400));
        for (int i = 0; i < core.edgeCount(); i++) {
            Placed beside = new Placed(
                    "ab".charAt(moving.piece) + "",
                    1,
                    moving.variant.id(),
                    "p",
                    moving.at(500 + core.x0(i), 400 + core.y0(i)));
            assertThat(RuleChecker.check(problem, List.of(lying, beside)).stream()
                            .filter(f -> f.rule() != Finding.Rule.HANDED
                                    && f.copies().size() == 2))
                    .isEmpty();
        }
    }

    /** Drawn out to a needle, as darts and gores are. */
    private static Ring slender(Ring ring, Random random) {
        double by = Math.max(0.02, random.nextDouble() * random.nextDouble());
        return ring.map(p -> new Point(2 * p.x(), by * p.y()));
    }

    private static Shape any(ShapeBook book, Random random) {
        List<Shape> ways = book.ways(random.nextInt(2), 0);
        return ways.get(random.nextInt(ways.size()));
    }
}
