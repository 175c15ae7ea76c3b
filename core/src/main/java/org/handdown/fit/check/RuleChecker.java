package org.handdown.fit.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.fit.check.Finding.Rule;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.jspecify.annotations.Nullable;

/**
 * Judges a layout against every rule of docs/formats/fit-format.md. Works on the exact outlines by overlay and distance, never by
 * no-fit polygons, so that it cannot share a mistake with the fitter. An empty list of findings means the lay is sound.
 */
public final class RuleChecker {
    private final Map<String, FitPanel> panels = new HashMap<>();
    private final Map<String, FitPiece> pieces = new HashMap<>();
    private final Findings found = new Findings();
    private final CopyRules copies;
    private final ClothRules cloth;
    private final EdgeRules edges;
    private final FlawRules flaws;
    private final PairRules pairs;

    private RuleChecker(FitProblem problem) {
        problem.panels().forEach(p -> panels.put(p.id(), p));
        problem.pieces().forEach(p -> pieces.put(p.id(), p));
        copies = new CopyRules(problem, found);
        cloth = new ClothRules(found);
        edges = new EdgeRules(problem, found);
        flaws = new FlawRules(problem, found);
        pairs = new PairRules(problem, found);
    }

    /** Judges a whole layout, the list of unplaced copies included. */
    public static List<Finding> check(FitProblem problem, FitLayout layout) {
        RuleChecker checker = new RuleChecker(problem);
        checker.copies.checkCopies(layout);
        checker.checkPlacements(layout.placements());
        checker.copies.checkPinned(layout.placements());
        return checker.found.all();
    }

    /** Judges placements alone, whatever else is still unplaced: for a piece that a hand is moving. */
    public static List<Finding> check(FitProblem problem, List<Placed> placements) {
        RuleChecker checker = new RuleChecker(problem);
        checker.checkPlacements(placements);
        return checker.found.all();
    }

    void checkPlacements(List<Placed> placements) {
        List<Laid> laid = new ArrayList<>();
        for (Placed placed : placements) {
            Laid known = resolve(placed);
            if (known != null) {
                laid.add(known);
            }
        }
        for (Laid one : laid) {
            cloth.checkCloth(one);
            cloth.checkGrain(one);
            edges.checkEdges(one);
            flaws.checkHoles(one);
            flaws.checkHide(one);
            flaws.checkMotif(one);
        }
        pairs.checkHanded(laid);
        for (int i = 0; i < laid.size(); i++) {
            for (int j = i + 1; j < laid.size(); j++) {
                pairs.checkPair(laid.get(i), laid.get(j));
            }
        }
        pairs.checkMatches(laid);
    }

    private @Nullable Laid resolve(Placed placed) {
        FitPiece piece = pieces.get(placed.piece());
        FitPanel panel = panels.get(placed.panel());
        var variant = piece == null
                ? null
                : piece.variants().stream()
                        .filter(v -> v.id().equals(placed.variant()))
                        .findFirst()
                        .orElse(null);
        if (piece == null || panel == null || variant == null) {
            String what = piece == null
                    ? "piece " + placed.piece()
                    : panel == null ? "panel " + placed.panel() : "variant " + placed.variant();
            found.add(Rule.KNOWN, List.of(placed.id()), placed.panel(), "There is no " + what + ".", 0);
            return null;
        }
        Ring ring = placed.at().toPanel(variant.outline());
        return new Laid(placed, piece, variant, panel, ring, Region.of(ring));
    }
}
