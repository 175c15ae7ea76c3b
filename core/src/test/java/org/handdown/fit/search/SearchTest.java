package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.fit.check.Finding;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.room.CandidatePositions;
import org.handdown.fit.room.Clearances;
import org.handdown.fit.room.Shape;
import org.handdown.fit.room.ShapeBook;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The parts of the search by themselves, on problems whose answer is known because a sheet was cut up. */
@Tag("long")
class SearchTest {
    /** A sheet of 600 × 400 mm cut by wavy lines into three columns of two; half a millimetre is lost at each cut. */
    private static List<FitPiece> cutUp() {
        List<Region> parts = new ArrayList<>(List.of(Region.of(Ring.rectangle(0, 0, 600, 400))));
        for (double x : new double[] {190, 410}) {
            parts = halves(parts, wave(new Point(x, -50), new Point(x + 25, 450)));
        }
        parts = halves(parts, wave(new Point(-50, 210), new Point(650, 180)));
        List<FitPiece> pieces = new ArrayList<>();
        for (Region part : parts) {
            Ring ring = part.grown(-0.25).simplified(0.05).outerRings().get(0);
            pieces.add(Fit.piece(
                    "piece-" + pieces.size(),
                    ring.moved(-ring.box().minX(), -ring.box().minY()),
                    1));
        }
        return pieces;
    }

    private static List<Region> halves(List<Region> parts, Region half) {
        List<Region> all = new ArrayList<>();
        for (Region part : parts) {
            all.addAll(part.intersection(half).parts());
            all.addAll(part.minus(half).parts());
        }
        return all;
    }

    private static Region wave(Point from, Point to) {
        Point along = to.minus(from);
        Point side = along.left();
        List<Point> ring = new ArrayList<>();
        for (int i = 0; i <= 40; i++) {
            double t = i / 40.0;
            ring.add(from.plus(along.times(t)).plus(side.times(0.05 * Math.sin(2 * Math.PI * t))));
        }
        ring.add(to.plus(side.times(3)));
        ring.add(from.plus(side.times(3)));
        return Region.of(new Ring(ring));
    }

    private static FitProblem sheet() {
        FitPanel panel = Fit.panel("p", Ring.rectangle(0, 0, 600, 400));
        return new FitProblem(Objective.FILL, 0, 0, List.of(panel), cutUp());
    }

    private static int placed(LayState state) {
        int n = 0;
        for (int c = 0; c < state.shape.length; c++) {
            n += state.isPlaced(c) ? 1 : 0;
        }
        return n;
    }

    /** What the checker says of a state. */
    private static List<Finding> check(SearchProblem bench, LayState state) {
        List<Placed> placed = new ArrayList<>();
        for (int c = 0; c < state.shape.length; c++) {
            if (state.isPlaced(c)) {
                Shape s = bench.book().shape(state.shape[c]);
                placed.add(new Placed(
                        bench.piece(c).id(), bench.copyNumber(c), "plain", "p", s.at(state.x[c], state.y[c])));
            }
        }
        return RuleChecker.check(bench.problem(), placed);
    }

    @Test
    void aSheetCutUpIsPutTogetherAgain() {
        FitProblem problem = sheet();
        FitLayout layout = Fit.fit(problem, 60);
        assertThat(layout.unplaced()).isEmpty();
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
    }

    /** Four sheets cut up alike: every piece is one of four that fit a hole, and none may be lost on the way from panel to panel. */
    @Test
    void fourSheetsCutUpArePutTogetherAgain() {
        List<FitPanel> panels = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            panels.add(Fit.panel("p" + i, Ring.rectangle(0, 0, 600, 400)));
        }
        List<FitPiece> pieces = cutUp().stream()
                .map(p -> Fit.piece(p.id(), p.variants().get(0).outline(), 4))
                .toList();
        FitProblem problem = new FitProblem(Objective.FILL, 0, 0, panels, pieces);
        FitLayout layout = Fit.fit(problem, 120);
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
        assertThat(layout.placements().size() + layout.unplaced().size()).isEqualTo(24);
        assertThat(layout.unplaced()).isEmpty();
    }

    /** What is told while the search goes on is as sound as what comes out at its end. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2})
    void everyLayThatIsToldIsSound(long seed) {
        FitProblem fill = sheet();
        FitPanel cloth = Fit.panel("p", Ring.rectangle(0, 0, 2000, 400));
        FitProblem strip = new FitProblem(Objective.SHORTEST, 0, 0, List.of(cloth), cutUp());
        for (FitProblem problem : List.of(fill, strip)) {
            List<FitLayout> told = new ArrayList<>();
            Fitter.Budget budget = new Fitter.Budget(Double.POSITIVE_INFINITY, 8, seed, 1);
            new Fitter(problem, budget, System::nanoTime, () -> false, told::add).fit();
            assertThat(told).isNotEmpty();
            assertThat(told)
                    .allSatisfy(lay -> assertThat(RuleChecker.check(problem, lay.placements()))
                            .isEmpty());
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void bestFitNeverLaysOnSomething(long seed) {
        SearchProblem bench = SearchProblem.of(sheet());
        LayState state = new LayState(bench.pieceOf().length);
        new BestFit(bench, new Random(seed), () -> false, new CandidatePositions(state.shape.length))
                .lay(state, new double[0], new boolean[] {true}, Double.POSITIVE_INFINITY, true);
        assertThat(placed(state)).isGreaterThanOrEqualTo(4);
        assertThat(check(bench, state)).isEmpty();
    }

    /** All pieces thrown on one heap are worked apart on a sheet that has room to spare, or what stays wrong is taken off. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void overlapsAreWorkedOut(long seed) {
        FitPanel wide = Fit.panel("p", Ring.rectangle(0, 0, 800, 520));
        SearchProblem bench = SearchProblem.of(new FitProblem(Objective.FILL, 0, 0, List.of(wide), cutUp()));
        LayState state = new LayState(bench.pieceOf().length);
        List<Integer> all = new ArrayList<>();
        for (int c = 0; c < state.shape.length; c++) {
            all.add(c);
        }
        boolean whole = new Separation(bench, new Random(seed), () -> false, new CandidatePositions(state.shape.length))
                .work(state, new double[0], all, Double.POSITIVE_INFINITY, 200);
        assertThat(whole).isTrue();
        assertThat(placed(state)).isEqualTo(6);
        assertThat(check(bench, state)).isEmpty();
    }

    /** Forced in where there is no room, a copy drives others out and the rest is sound. */
    @Test
    void aForcedCopyDrivesOthersOut() {
        SearchProblem bench = SearchProblem.of(sheet());
        LayState state = new LayState(bench.pieceOf().length);
        CandidatePositions candidates = new CandidatePositions(state.shape.length);
        new BestFit(bench, new Random(1), () -> false, candidates)
                .lay(state, new double[0], new boolean[] {true}, Double.POSITIVE_INFINITY, false);
        int copy = 0;
        state.shape[copy] = -1;
        new Separation(bench, new Random(7), () -> false, candidates)
                .force(state, new double[0], copy, Double.POSITIVE_INFINITY);
        assertThat(state.isPlaced(copy)).isTrue();
        assertThat(check(bench, state)).isEmpty();
    }

    @Test
    void aStripIsLaidNearItsKnownLength() {
        FitPanel cloth = Fit.panel("p", Ring.rectangle(0, 0, 2000, 400));
        FitProblem problem = new FitProblem(Objective.SHORTEST, 0, 0, List.of(cloth), cutUp());
        FitLayout layout = Fit.fit(problem, 12);
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
        assertThat(Objects.requireNonNull(layout.measures().lengthMm())).isBetween(598.0, 640.0);
    }

    /** The plain reference is sound too, and never better than knowing the answer. */
    @Test
    void thePlainReferenceIsSound() {
        FitProblem problem = sheet();
        int[] left = {30};
        FitLayout layout = new BottomLeftFill(problem, 1, () -> left[0]-- < 0).fit();
        assertThat(RuleChecker.check(problem, layout.placements())).isEmpty();
        assertThat(layout.placements()).hasSizeBetween(2, 6);
    }

    /** Shapes that turn together meet alike: the no-fit polygon of a pair is made once and turned. */
    @Test
    void obstaclesOfTurnedPairsAgreeWithTheirOwn() {
        Ring a = Ring.of(0, 0, 120, 10, 90, 160, 40, 90);
        Ring b = Ring.of(0, 0, 80, 0, 30, 60);
        FitPanel panel = Fit.with(Fit.panel("p", Ring.rectangle(0, 0, 900, 900)), false, false, 90);
        FitProblem problem = Fit.fill(
                List.of(panel),
                Fit.piece("a", 1, Handed.SAME, PieceGrain.EITHER, Fit.variant("plain", a, null, 0)),
                Fit.piece("b", 1, Handed.SAME, PieceGrain.EITHER, Fit.variant("plain", b, null, 0)));
        ShapeBook book = new ShapeBook(problem);
        Clearances clearances = new Clearances(problem);
        Random random = new Random(5);
        for (Shape one : book.ways(0, 0)) {
            for (Shape two : book.ways(1, 0)) {
                for (int i = 0; i < 60; i++) {
                    double x = random.nextInt(400) - 200;
                    double y = random.nextInt(400) - 200;
                    Region first = Region.of(one.at(0, 0).toPanel(a));
                    Region second = Region.of(new Placement(x, y, two.turnDeg, two.mirrored).toPanel(b));
                    double common = first.intersection(second).areaMm2();
                    if (common > 1 || first.distanceMm(second) > 0.1) {
                        assertThat(clearances.between(one, two).core().covers(x, y))
                                .isEqualTo(common > 1);
                    }
                }
            }
        }
    }

    @Test
    void aPanelThatIsNotLookedAtStaysAsItIs() {
        FitPanel one = Fit.panel("p", Ring.rectangle(0, 0, 300, 200));
        FitPanel two = Fit.panel("q", Ring.rectangle(0, 0, 300, 200));
        SearchProblem bench = SearchProblem.of(Fit.fill(List.of(one, two), Fit.piece("a", Fit.SQUARE_100, 12)));
        boolean[] second = {false, true};
        LayState fitted = new LayState(12);
        new BestFit(bench, new Random(1), () -> false, new CandidatePositions(12))
                .lay(fitted, new double[0], second, Double.POSITIVE_INFINITY, false);
        LayState sided = new LayState(12);
        new OneSide(bench, new Random(1), () -> false, new CandidatePositions(12))
                .lay(sided, new double[0], second, Double.POSITIVE_INFINITY, false);
        for (LayState state : List.of(fitted, sided)) {
            assertThat(placed(state)).isEqualTo(6);
            for (int c = 0; c < 12; c++) {
                assertThat(state.isPlaced(c) && state.panel[c] == 0).isFalse();
            }
        }
    }

    @Test
    void threadsGoOnFromTheBestOfAll() {
        FitProblem problem = sheet();
        Fitter.Budget two = new Fitter.Budget(Double.POSITIVE_INFINITY, 250, 7, 2);
        FitLayout layout = Fitter.fit(problem, two);
        assertThat(layout.unplaced()).isEmpty();
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
    }
}
