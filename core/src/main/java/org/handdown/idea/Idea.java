package org.handdown.idea;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.room.FitsAlone;
import org.handdown.fit.search.Fitter;
import org.handdown.lay.Enough;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Aim;
import org.handdown.project.Garment;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.shopping.AtHand;
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;

/**
 * A draft for a wearer out of what is offered: the project that would be begun, its parts flat, its pieces drafted, nothing laid yet.
 *
 * @param problem as panels and pieces stand
 */
public record Idea(Project project, FitProblem problem, Offered from, Opening opening) {
    /** What quick tests tell, before anything is laid. */
    public record Quick(Chance chance, String sentence) {}

    /** Not refused is all that quick tests can say. */
    public enum Chance {
        LIKELY,
        TIGHT,
        NO
    }

    /** How much of a source is opened: whatever gives cloth, or only what its parts need to lie flat. */
    public enum Opening {
        ALL,
        LEAST
    }

    /**
     * What is put together.
     *
     * @param unit that lengths will be shown in
     * @param practice that the household goes by
     */
    public record Ask(Offered from, Draft draft, Wearer wearer, LengthUnit unit, Practice practice) {}

    /** Something to look at first: average trousers become dungarees for a child of whom nothing but a height is supposed. */
    public static Ask example(Practice practice) {
        Source trousers = new Source(
                "average trousers",
                "",
                "",
                "",
                "",
                new Cloth(
                        "trouser cloth",
                        "",
                        Weave.TWILL,
                        "#6d7f8c",
                        false,
                        false,
                        0.7,
                        HeatLimit.TWO_DOTS,
                        ClothSheet.UNTESTED),
                new Construction(GarmentMeasures.first(SourceKind.TROUSERS), List.of()),
                List.of(),
                Assessment.NONE.proposing(SourceKind.TROUSERS.measures().stream()
                        .map(MeasureSpec::id)
                        .collect(Collectors.toSet())));
        Wearer child = new Wearer(
                "a child", Map.of(BodyMeasure.HEIGHT, new Wearer.Taken(Length.ofMm(980), "", Origin.PROPOSED)));
        return new Ask(Offered.of(trousers), Drafts.require("dungarees"), child, LengthUnit.CM, practice);
    }

    /** With as much cloth as the source has. */
    public static Idea of(Ask ask) {
        return of(ask, Opening.ALL);
    }

    /**
     * @throws RefusedValueException where the draft refuses the cloth or the body, or no part of the source can lie flat
     */
    public static Idea of(Ask ask, Opening opening) {
        Draft draft = ask.draft;
        Project project = ask.from
                .in(Project.named(name(draft, ask.wearer)).by(ask.practice))
                .withAim(new Aim(
                        Garment.CUT_OUT, draft.id(), draft.words(), ask.wearer.proposing(draft.measures()), ask.unit));
        Project drafted = new Workroom(Opened.of(project, opening)).redoPieces();
        FitProblem problem = new Workroom(drafted)
                .problem()
                .orElseThrow(() -> new RefusedValueException("source", "Nothing of it can be laid flat."));
        return new Idea(drafted, problem, ask.from, opening);
    }

    private static String name(Draft draft, Wearer wearer) {
        String words = draft.words().substring(0, 1).toUpperCase(java.util.Locale.ROOT)
                + draft.words().substring(1);
        return Wording.fill("%s for %s", words, wearer.name());
    }

    /**
     * The best that was found: with the least work where everything lies then, else with all the cloth that there is.
     *
     * @param seconds for both together
     * @param stock of the household, what is free of it
     */
    public static LaidIdea best(Ask ask, List<AtHand.Stocked> stock, double seconds, BooleanSupplier cancelled) {
        LaidIdea least = of(ask, Opening.LEAST).laid(stock, seconds / 3, cancelled);
        return least.isWhole() || cancelled.getAsBoolean() || ask.from.isFlat()
                ? least
                : of(ask, Opening.ALL).laid(stock, seconds * 2 / 3, cancelled);
    }

    /**
     * Length, width and area first, then each piece alone on the empty panels: tests that a lay must pass to be possible.
     *
     * @param hurry true once there is no time left; then what is not tested yet counts as passed
     */
    public Quick quick(BooleanSupplier hurry) {
        Enough enough = Enough.of(problem);
        if (enough.verdict() == Enough.Verdict.SHORT) {
            return new Quick(Chance.NO, enough.sentences().get(0));
        }
        for (FitPiece piece : problem.pieces()) {
            if (piece.required() && !hurry.getAsBoolean() && !FitsAlone.on(problem, piece) && !hurry.getAsBoolean()) {
                return new Quick(
                        Chance.NO, Wording.fill("The %s has no place, even by itself.", Wording.spoken(piece.id())));
            }
        }
        return new Quick(
                enough.verdict() == Enough.Verdict.TIGHT ? Chance.TIGHT : Chance.LIKELY,
                enough.sentences().get(0));
    }

    /** Cloth that there is and cloth that the pieces cover, mm². */
    public record Areas(double clothMm2, double wantedMm2) {}

    /** What two things must have together to be worth a try. */
    public Areas areas() {
        return new Areas(
                problem.panels().stream()
                        .mapToDouble(p -> p.outline().areaMm2())
                        .sum(),
                problem.pieces().stream()
                        .filter(FitPiece::required)
                        .mapToDouble(p -> p.quantity()
                                * p.variants().stream()
                                        .mapToDouble(v -> v.outline().areaMm2())
                                        .min()
                                        .orElse(0))
                        .sum());
    }

    /** Laid for real, for so many seconds at most. */
    public LaidIdea laid(List<AtHand.Stocked> stock, double seconds, BooleanSupplier cancelled) {
        int wanted = problem.pieces().stream().mapToInt(FitPiece::quantity).sum();
        Patience patience =
                new Patience(required().stream().mapToInt(FitPiece::quantity).sum(), wanted);
        FitLayout layout = new Fitter(
                        problem,
                        new Fitter.Budget(seconds, Long.MAX_VALUE, 1, 1),
                        List.of(),
                        System::nanoTime,
                        () -> patience.isOver() || cancelled.getAsBoolean(),
                        better ->
                                patience.saw(lying(better), better.placements().size()))
                .fit();
        return laid(layout, stock);
    }

    /** As it was laid before: the same layout weighed against what is at hand now. */
    public LaidIdea laid(FitLayout layout, List<AtHand.Stocked> stock) {
        int wanted = required().stream().mapToInt(FitPiece::quantity).sum();
        return LaidIdea.of(this, layout, stock, lying(layout), wanted);
    }

    private List<FitPiece> required() {
        return problem.pieces().stream().filter(FitPiece::required).toList();
    }

    private int lying(FitLayout layout) {
        List<String> ids = new ArrayList<>();
        required().forEach(p -> ids.add(p.id()));
        return (int) layout.placements().stream()
                .filter(p -> ids.contains(p.piece()))
                .count();
    }

    /** How long to go on: what may be left out is worth half a second more, and no longer. */
    private static final class Patience {
        private static final long FOR_THE_REST_NANOS = 500_000_000;

        private final int needed;
        private final int all;
        private volatile long end = Long.MAX_VALUE;

        Patience(int needed, int all) {
            this.needed = needed;
            this.all = all;
        }

        void saw(int neededLying, int lying) {
            if (lying == all) {
                end = Long.MIN_VALUE;
            } else if (neededLying == needed && end == Long.MAX_VALUE) {
                end = System.nanoTime() + FOR_THE_REST_NANOS;
            }
        }

        boolean isOver() {
            return end == Long.MIN_VALUE || (end != Long.MAX_VALUE && System.nanoTime() > end);
        }
    }
}
