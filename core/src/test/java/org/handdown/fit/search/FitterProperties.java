package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tag;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.fit.Repeat;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.room.Shape;
import org.handdown.geometry.Point;
import org.handdown.geometry.RandomRings;
import org.handdown.geometry.Ring;

/** Whatever the problem, no lay breaks a rule, and every copy is accounted for. */
@Tag("long")
class FitterProperties {
    @Provide
    Arbitrary<Ring> rings() {
        return RandomRings.rings();
    }

    @Property(tries = 60)
    void everyLayPassesTheChecker(
            @ForAll("rings") Ring cloth, @ForAll("rings") Ring a, @ForAll("rings") Ring b, @ForAll long seed) {
        Random random = new Random(seed);
        FitProblem problem = problem(cloth.map(p -> p.times(4)), List.of(a, b), random);
        FitLayout layout = Fit.fit(problem, 4);
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
        // The checker judged before the lay was handed out; here it finds nothing the fitter had to take back.
        assertThat(layout.placements().size() + layout.unplaced().size())
                .isEqualTo(
                        problem.pieces().stream().mapToInt(FitPiece::quantity).sum());
        assertThat(layout.unplaced()).allSatisfy(u -> assertThat(u.reason()).isNotBlank());
    }

    /** Sub-millimetre spikes aside, a no-fit polygon never lets the fitter place what the checker must take off again. */
    @Property(tries = 40)
    void theSearchItselfIsSound(
            @ForAll("rings") Ring cloth, @ForAll("rings") Ring a, @ForAll("rings") Ring b, @ForAll long seed) {
        FitProblem problem = problem(cloth.map(p -> p.times(4)), List.of(a, b), new Random(seed));
        SearchProblem bench = SearchProblem.of(problem);
        List<List<Placed>> found = new ArrayList<>();
        Search.Better told = (lay, score) -> {
            List<Placed> placements = new ArrayList<>();
            int[] copies = new int[problem.pieces().size()];
            for (int c = 0; c < lay.shape.length; c++) {
                int copy = copies[bench.pieceOf()[c]]++;
                if (lay.isPlaced(c)) {
                    Shape shape = bench.book().shape(lay.shape[c]);
                    placements.add(new Placed(
                            bench.piece(c).id(),
                            copy,
                            shape.variant.id(),
                            problem.panels().get(lay.panel[c]).id(),
                            shape.at(lay.x[c], lay.y[c])));
                }
            }
            found.add(placements);
        };
        Search search = new Search(bench, seed, () -> false);
        search.tellFirst(told);
        search.run(3, true, told);
        assertThat(found)
                .isNotEmpty()
                .allSatisfy(p -> assertThat(RuleChecker.check(problem, p)).isEmpty());
    }

    private static FitProblem problem(Ring cloth, List<Ring> outlines, Random random) {
        Ring spot = Ring.rectangle(random.nextInt(-60, 60), random.nextInt(-60, 60), 20, 15);
        FlawZone.Kind kind = random.nextBoolean() ? FlawZone.Kind.AVOID : FlawZone.Kind.HIDE;
        FitPanel panel = new FitPanel(
                "p",
                cloth,
                random.nextInt(3) == 0 ? List.of(spot) : List.of(),
                random.nextBoolean() ? List.of(new FlawZone(kind, spot, "stain")) : List.of(),
                "cord",
                random.nextInt(4) * 30.0,
                random.nextBoolean(),
                random.nextInt(4) == 0,
                List.of(new Repeat("s", random.nextInt(180), 22, random.nextInt(22))),
                List.of());
        List<FitPiece> pieces = new ArrayList<>();
        for (int i = 0; i < outlines.size(); i++) {
            PieceGrain grain = PieceGrain.values()[random.nextInt(5)];
            Handed handed = Handed.values()[random.nextInt(3)];
            List<FitPiece.Match> match = random.nextInt(3) == 0
                    ? List.of(new FitPiece.Match("g", "s", new Point(random.nextInt(30), 0)))
                    : List.of();
            pieces.add(new FitPiece(
                    "piece-" + i,
                    1 + random.nextInt(4),
                    handed,
                    List.of(),
                    grain,
                    random.nextInt(3),
                    random.nextBoolean(),
                    null,
                    List.of(new FitPiece.Variant(
                            "v", outlines.get(i), List.of(Ring.rectangle(-10, -10, 20, 20)), null, 0)),
                    match));
        }
        return new FitProblem(Objective.FILL, random.nextInt(3), random.nextInt(3), List.of(panel), pieces);
    }
}
