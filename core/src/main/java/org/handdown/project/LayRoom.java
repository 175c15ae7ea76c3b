package org.handdown.project;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.lay.DesignLay;
import org.handdown.lay.Enough;
import org.handdown.lay.Sureness;
import org.handdown.measure.Practice;
import org.handdown.pattern.Design;
import org.handdown.pattern.PieceCloth;

/** The fitting problem as panels and pieces now stand, and what may be said before and after a lay. */
final class LayRoom {
    private final Project project;
    private final Kept kept;
    private final TableCloth cloth;
    private final PatternRoom pattern;
    private final Map<Double, Optional<FitProblem>> problems = new HashMap<>();

    LayRoom(Project project, Kept kept, TableCloth cloth, PatternRoom pattern) {
        this.project = project;
        this.kept = kept;
        this.cloth = cloth;
        this.pattern = pattern;
    }

    /** The fitting problem as panels and pieces now stand, with the margin that the last lay kept. */
    Optional<FitProblem> problem() {
        Lay lay = project.lay();
        return problem(lay == null ? 0 : lay.problem().marginMm());
    }

    /** @param marginMm to be kept from the panels' edges */
    Optional<FitProblem> problem(double marginMm) {
        Optional<FitProblem> known = problems.get(marginMm);
        if (known == null) {
            known = pattern.design().flatMap(d -> problem(d, marginMm));
            problems.put(marginMm, known);
        }
        return known;
    }

    private Optional<FitProblem> problem(Design design, double marginMm) {
        if (!cloth.isAny()) {
            return Optional.empty();
        }
        DesignLay.Table table = cloth.table();
        return Optional.of(kept.of(
                Kept.Result.PROBLEM,
                List.of(design, table, gapMm(), marginMm),
                () -> DesignLay.problem(design, table, gapMm(), marginMm)));
    }

    /** As {@link #problem()}, with what is pinned held where it lies; a pin whose piece is gone is let go. */
    Optional<FitProblem> pinnedProblem() {
        return problem().map(this::pinned);
    }

    /** With the margin told and what is pinned held where it lies. */
    Optional<FitProblem> pinnedProblem(double marginMm) {
        return problem(marginMm).map(this::pinned);
    }

    private FitProblem pinned(FitProblem problem) {
        Lay lay = project.lay();
        return lay == null
                ? problem
                : problem.withPinned(
                        lay.pins().stream().filter(p -> isThere(problem, p)).toList());
    }

    private static boolean isThere(FitProblem problem, Placed pin) {
        return problem.panels().stream().anyMatch(p -> p.id().equals(pin.panel()))
                && problem.pieces().stream()
                        .anyMatch(p -> p.id().equals(pin.piece())
                                && pin.copy() < p.quantity()
                                && p.variants().stream().anyMatch(v -> v.id().equals(pin.variant())));
    }

    /** Room for chalk and scissors between two pieces, mm. */
    private double gapMm() {
        return project.practice().of(Practice.Figure.GAP);
    }

    /** Whether there is cloth enough, by quick tests before anything is laid; trials take what is left and ask for none. */
    Optional<Enough> enough() {
        return pattern.design()
                .flatMap(d -> problem(
                        d.withPieces(d.pieces().stream()
                                .filter(p -> p.cloth() != PieceCloth.REMNANT)
                                .toList()),
                        0))
                .map(p -> kept.of(Kept.Result.ENOUGH, List.of(p), () -> Enough.of(p)));
    }

    /** How far the lay may be trusted, by how each panel was measured. */
    Optional<Sureness> sureness() {
        Lay lay = project.lay();
        return lay == null
                ? Optional.empty()
                : Optional.of(kept.of(
                        Kept.Result.SURENESS,
                        List.of(lay.problem(), lay.layout(), cloth.tolerances()),
                        () -> Sureness.of(lay.problem(), lay.layout(), cloth.tolerances())));
    }
}
