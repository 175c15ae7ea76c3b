package org.handdown.idea;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Part;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.LeastOpening;
import org.handdown.unpick.UnpickPlan;

/**
 * A draft for a wearer out of a source: the project that would be begun, its parts flat, its pieces drafted, nothing laid yet.
 *
 * @param problem as panels and pieces stand
 */
public record Idea(Project project, FitProblem problem) {
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
    public record Ask(Source source, Draft draft, Wearer wearer, LengthUnit unit, Practice practice) {}

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
        return new Ask(trousers, Drafts.require("dungarees"), child, LengthUnit.CM, practice);
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
        Project project = Project.named(name(draft, ask.wearer))
                .by(ask.practice)
                .withAim(new Aim(
                        Garment.CUT_OUT, draft.id(), draft.words(), ask.wearer.proposing(draft.measures()), ask.unit))
                .withSource(ask.source);
        Project opened = project.withOpening(
                new Project.Opening(opening == Opening.ALL ? all(project) : leastWork(project), Map.of()));
        Project measured = new Workroom(opened).redoPanels();
        Project drafted = new Workroom(measured).redoPieces();
        FitProblem problem = new Workroom(drafted)
                .problem()
                .orElseThrow(() -> new RefusedValueException("source", "Nothing of it can be laid flat."));
        return new Idea(drafted, problem);
    }

    private static String name(Draft draft, Wearer wearer) {
        String words = draft.words().substring(0, 1).toUpperCase(java.util.Locale.ROOT)
                + draft.words().substring(1);
        return Wording.fill("%s for %s", words, wearer.name());
    }

    private static Map<String, JoinDecision> all(Project project) {
        Map<String, JoinDecision> joins = new HashMap<>();
        new Workroom(project)
                .anatomy().orElseThrow().joins().stream()
                        .filter(j -> !j.finishedEdge())
                        .forEach(j -> joins.put(j.id(), j.isSeamless() ? JoinDecision.LEAVE : JoinDecision.UNPICK));
        Workroom room = new Workroom(project.withOpening(new Project.Opening(joins, Map.of())));
        boolean isFlat = room.flatParts().size()
                == room.anatomy().orElseThrow().mainParts().size();
        if (!isFlat) {
            // Whole cloth is cut only where a part stays a tube without it.
            joins.replaceAll((join, was) -> JoinDecision.UNPICK);
        }
        return joins;
    }

    /**
     * The best that was found: with the least work where everything lies then, else with all the cloth that the source has.
     *
     * @param seconds for both together
     */
    public static LaidIdea best(Ask ask, double seconds, BooleanSupplier cancelled) {
        LaidIdea least = of(ask, Opening.LEAST).laid(seconds / 3, cancelled);
        return least.isWhole() || cancelled.getAsBoolean()
                ? least
                : of(ask, Opening.ALL).laid(seconds * 2 / 3, cancelled);
    }

    /** What has to be opened so that every main part lies flat; finished edges stay. */
    private static Map<String, JoinDecision> leastWork(Project project) {
        Workroom room = new Workroom(project);
        Anatomy anatomy = room.anatomy().orElseThrow();
        UnpickPlan closed = room.plan().orElseThrow();
        Map<String, Double> minutes = new HashMap<>();
        anatomy.joins().forEach(j -> minutes.put(j.id(), closed.minutes(j, JoinDecision.UNPICK)));
        Set<String> parts = anatomy.mainParts().stream().map(Part::id).collect(Collectors.toSet());
        List<LeastOpening.Answer> least =
                new LeastOpening(anatomy, new LeastOpening.Want(parts, Set.of(), Set.of()), minutes).best(1);
        Map<String, JoinDecision> joins = new HashMap<>();
        anatomy.joins().stream().filter(j -> !j.finishedEdge()).forEach(j -> joins.put(j.id(), JoinDecision.LEAVE));
        if (least.isEmpty()) {
            joins.replaceAll((join, was) -> JoinDecision.UNPICK);
        } else {
            least.get(0).open().forEach(j -> joins.put(j, JoinDecision.UNPICK));
        }
        return joins;
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

    /** Laid for real, for so many seconds at most. */
    public LaidIdea laid(double seconds, BooleanSupplier cancelled) {
        int wanted = required().stream().mapToInt(FitPiece::quantity).sum();
        boolean[] whole = {false};
        FitLayout layout = new Fitter(
                        problem,
                        new Fitter.Budget(seconds, Long.MAX_VALUE, 1, 1),
                        List.of(),
                        System::nanoTime,
                        () -> whole[0] || cancelled.getAsBoolean(),
                        better -> whole[0] = lying(better) == wanted)
                .fit();
        return LaidIdea.of(this, layout, lying(layout), wanted);
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
}
