package org.handdown.fit;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Pieces to lay on panels (docs/formats/fit-format.md).
 *
 * @param gapMm least distance between two pieces
 * @param marginMm least distance from the outline, a hole or an avoid zone
 * @param pinned copies that a person has put where they are to stay; the rest is laid round them
 */
public record FitProblem(
        Objective objective,
        double gapMm,
        double marginMm,
        List<FitPanel> panels,
        List<FitPiece> pieces,
        List<Placed> pinned) {
    /** More copies than anyone cuts in one lay; guards memory against a slip of the pen. */
    public static final int MOST_COPIES = 2_000;

    /** Nothing pinned. */
    public FitProblem(
            Objective objective, double gapMm, double marginMm, List<FitPanel> panels, List<FitPiece> pieces) {
        this(objective, gapMm, marginMm, panels, pieces, List.of());
    }

    public FitProblem {
        panels = List.copyOf(panels);
        pieces = List.copyOf(pieces);
        pinned = List.copyOf(pinned);
        requireDistance("gap", gapMm);
        requireDistance("margin", marginMm);
        requireUnique("panels", panels.stream().map(FitPanel::id).toList());
        requireUnique("pieces", pieces.stream().map(FitPiece::id).toList());
        if (pieces.stream().mapToInt(FitPiece::quantity).sum() > MOST_COPIES) {
            throw new RefusedValueException("pieces", Wording.fill("ask for more than %d copies in all.", MOST_COPIES));
        }
        if (objective == Objective.SHORTEST
                && !(panels.size() == 1 && isUpright(panels.get(0).outline()))) {
            throw new RefusedValueException(
                    "panels", "must be one rectangle with sides along x and y when the objective is “shortest”.");
        }
        requireOnePeriod(panels);
        for (int i = 0; i < pinned.size(); i++) {
            requireKnown(panels, pieces, pinned, i);
        }
    }

    /** Is everything that the other asks asked here too, and perhaps that more places meet? Then what was laid for this serves that. */
    public boolean asksAllOf(FitProblem other) {
        return equals(other) || withoutMatches().equals(other.withoutMatches()) && meetsAllOf(other);
    }

    private FitProblem withoutMatches() {
        return withPieces(pieces.stream().map(p -> p.matching(List.of())).toList());
    }

    private boolean meetsAllOf(FitProblem other) {
        return other.pieces.stream().allMatch(p -> piece(p.id()).matches().containsAll(p.matches()));
    }

    public FitProblem withPinned(List<Placed> others) {
        return new FitProblem(objective, gapMm, marginMm, panels, pieces, others);
    }

    public FitProblem withPieces(List<FitPiece> others) {
        return new FitProblem(objective, gapMm, marginMm, panels, others, pinned);
    }

    public FitProblem withPanels(List<FitPanel> others) {
        return new FitProblem(objective, gapMm, marginMm, others, pieces, pinned);
    }

    public FitPanel panel(String id) {
        return panels.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no panel (" + id + ")."));
    }

    public FitPiece piece(String id) {
        return pieces.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no piece (" + id + ")."));
    }

    private static void requireKnown(List<FitPanel> panels, List<FitPiece> pieces, List<Placed> pinned, int index) {
        Placed pin = pinned.get(index);
        String field = "pinned[" + index + "]";
        FitPiece piece = pieces.stream()
                .filter(p -> p.id().equals(pin.piece()))
                .findFirst()
                .orElseThrow(() -> new RefusedValueException(
                        field + ".piece", Wording.fill("There is no piece “%s”.", pin.piece())));
        if (pin.copy() < 0 || pin.copy() >= piece.quantity()) {
            throw new RefusedValueException(
                    field + ".copy",
                    Wording.fill(
                            "is %d; copies of “%s” run from 0 to %d.", pin.copy(), piece.id(), piece.quantity() - 1));
        }
        if (piece.variants().stream().noneMatch(v -> v.id().equals(pin.variant()))) {
            throw new RefusedValueException(
                    field + ".variant", Wording.fill("“%s” has no variant “%s”.", piece.id(), pin.variant()));
        }
        if (panels.stream().noneMatch(p -> p.id().equals(pin.panel()))) {
            throw new RefusedValueException(field + ".panel", Wording.fill("There is no panel “%s”.", pin.panel()));
        }
        if (pinned.subList(0, index).stream().anyMatch(o -> o.isCopyOf(pin))) {
            throw new RefusedValueException(field, Wording.fill("pins “%s” %d twice.", pin.piece(), pin.copy()));
        }
    }

    private static void requireDistance(String field, double mm) {
        if (!(mm >= 0 && mm <= 1000)) {
            throw new RefusedValueException(field, Wording.of("must be from 0 to 1000 mm."));
        }
    }

    private static void requireUnique(String field, List<String> ids) {
        Set<String> seen = new HashSet<>();
        for (String id : ids) {
            if (!seen.add(id)) {
                throw new RefusedValueException(field, Wording.fill("has the id “%s” twice; give each its own.", id));
            }
        }
    }

    private static void requireOnePeriod(List<FitPanel> panels) {
        java.util.Map<String, Double> periods = new java.util.HashMap<>();
        for (FitPanel panel : panels) {
            for (Repeat repeat : panel.repeats()) {
                Double other = periods.putIfAbsent(repeat.id(), repeat.periodMm());
                if (other != null && other != repeat.periodMm()) {
                    throw new RefusedValueException(
                            "panels",
                            Wording.fill(
                                    "give the repeat “%s” two periods, %s and %s mm; one repeat has one period.",
                                    repeat.id(), other, repeat.periodMm()));
                }
            }
        }
    }

    private static boolean isUpright(Ring ring) {
        var box = ring.box();
        return Math.abs(ring.areaMm2() - box.widthMm() * box.heightMm()) < 1e-6 * ring.areaMm2();
    }
}
