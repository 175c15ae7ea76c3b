package org.handdown.fit.room;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.fit.remnant.LayMeasures;
import org.handdown.fit.remnant.Remnants;
import org.handdown.geometry.Box;
import org.handdown.geometry.Region;
import org.handdown.measure.Wording;

/**
 * Why a piece lies nowhere, in words and figures: each rule is relaxed alone and the piece tried again on the empty panels; the rule
 * whose absence lets it in is the reason. Formats lengths in whole millimetres.
 */
public final class WhyNot {
    private final FitProblem problem;
    private final List<Placed> placements;
    private final BooleanSupplier hurry;

    /** @param hurry true once there is no time left for trying; then a plainer reason is given */
    public WhyNot(FitProblem problem, List<Placed> placements, BooleanSupplier hurry) {
        this.problem = problem;
        this.placements = placements;
        this.hurry = hurry;
    }

    public String reason(FitPiece piece) {
        List<FitPanel> panels = problem.panels().stream()
                .filter(p -> piece.cloths().isEmpty() || piece.cloths().contains(p.cloth()))
                .toList();
        if (panels.isEmpty()) {
            return Wording.fill("no panel is of %s", String.join(" or ", piece.cloths()));
        }
        if (hurry.getAsBoolean()) {
            return "no room was found in the time given: needs " + size(piece);
        }
        if (fitsSomewhere(piece, panels)) {
            return noRoomLeft(piece, panels);
        }
        return missingEdge(piece, panels)
                .or(() -> missingMotif(piece, panels))
                .or(() -> tooLarge(piece, panels))
                .or(() -> relaxed(piece, panels))
                .orElse("the outlines of the panels leave no room for " + size(piece));
    }

    private String noRoomLeft(FitPiece piece, List<FitPanel> panels) {
        FitLayout.GrainRectangle largest = new Remnants(problem)
                .of(placements).stream()
                        .filter(r -> panels.stream().anyMatch(p -> p.id().equals(r.panel())))
                        .flatMap(r -> Optional.ofNullable(r.largestRectangle()).stream())
                        .findFirst()
                        .orElse(null);
        if (largest != null && isAsLarge(largest, piece) && hasRoom(piece, panels)) {
            return "there is room, but it was not found in the time given: needs " + size(piece);
        }
        String left = largest == null
                ? "nothing of use is left"
                : Wording.fill("the largest free rectangle is %s", size(largest.widthMm(), largest.heightMm()));
        String stripes = piece.matches().isEmpty() ? "" : " with its pattern matched";
        return Wording.fill("the other pieces leave no room%s: needs %s, %s", stripes, size(piece), left);
    }

    private static boolean isAsLarge(FitLayout.GrainRectangle rectangle, FitPiece piece) {
        Box own = piece.variants().get(0).outline().box();
        double narrow = Math.min(rectangle.widthMm(), rectangle.heightMm());
        double far = Math.max(rectangle.widthMm(), rectangle.heightMm());
        return Math.min(own.widthMm(), own.heightMm()) <= narrow && Math.max(own.widthMm(), own.heightMm()) <= far;
    }

    /** Does a spot remain where the piece may lie? A search that was broken off may not have come to it. */
    private boolean hasRoom(FitPiece piece, List<FitPanel> panels) {
        HandLay hand = new HandLay(
                problem, new FitLayout(placements, List.of(), LayMeasures.of(problem, placements, 0, 0), List.of()));
        ShapeBook book = new ShapeBook(problem);
        int index = problem.pieces().indexOf(piece);
        int copy = 0;
        while (isLaid(piece, copy)) {
            copy++;
        }
        for (int p = 0; p < problem.panels().size(); p++) {
            FitPanel panel = problem.panels().get(p);
            for (Shape way : panels.contains(panel) ? book.ways(index, p) : List.<Shape>of()) {
                if (hurry.getAsBoolean()) {
                    return false;
                }
                Placed there = new Placed(piece.id(), copy, way.variant.id(), panel.id(), way.at(0, 0));
                if (hand.nearest(there, Double.POSITIVE_INFINITY).isPresent()) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean isLaid(FitPiece piece, int copy) {
        return placements.stream().anyMatch(p -> p.piece().equals(piece.id()) && p.copy() == copy);
    }

    private Optional<String> missingEdge(FitPiece piece, List<FitPanel> panels) {
        if (piece.variants().stream().anyMatch(v -> v.anchor() == null)) {
            return Optional.empty();
        }
        FitPiece.Variant variant = piece.variants().get(0);
        FitPiece.Anchor anchor = java.util.Objects.requireNonNull(variant.anchor());
        double need = org.handdown.geometry.Edge.lengthMm(variant.outline().run(anchor.from(), anchor.to()));
        List<String> kinds = anchor.on().stream().map(EdgeKind::word).sorted().toList();
        double longest = panels.stream()
                .flatMap(p -> p.edges().stream()
                        .filter(e -> anchor.on().contains(e.kind()))
                        .map(e ->
                                org.handdown.geometry.Edge.lengthMm(p.outline().run(e.from(), e.to()))))
                .mapToDouble(d -> d)
                .max()
                .orElse(0);
        return longest + 0.1 >= need
                ? Optional.empty()
                : Optional.of(Wording.fill(
                        "no %s of %s: the longest has %s",
                        String.join(" or ", kinds), mm(need), longest == 0 ? "none" : mm(longest)));
    }

    private Optional<String> missingMotif(FitPiece piece, List<FitPanel> panels) {
        FitPiece.MotifWish wish = piece.motif();
        if (wish == null) {
            return Optional.empty();
        }
        Set<String> there = new TreeSet<>();
        panels.forEach(p -> p.motifs().forEach(m -> there.add(m.name())));
        for (String name : new TreeSet<>(List.of(wish.name(), wish.partner()))) {
            if (!there.contains(name)) {
                return Optional.of(Wording.fill(
                        "no panel of this cloth has the motif “%s”; marked are %s",
                        name, there.isEmpty() ? "none" : String.join(", ", there)));
            }
        }
        return fitsSomewhere(piece.withMotif(null), panels)
                ? Optional.of(Wording.fill(
                        "fits, but not with the motif “%s” within %s of its spot", wish.name(), mm(wish.withinMm())))
                : Optional.empty();
    }

    private Optional<String> tooLarge(FitPiece piece, List<FitPanel> panels) {
        if (piece.grain() != PieceGrain.LENGTHWISE) {
            return Optional.empty();
        }
        Box own = piece.variants().get(0).outline().box();
        double widest = 0;
        double longest = 0;
        for (FitPanel panel : panels) {
            Box cloth = Region.of(panel.outline()).turned(90 - panel.grainDeg()).box();
            widest = Math.max(widest, cloth.widthMm());
            longest = Math.max(longest, cloth.heightMm());
        }
        if (own.widthMm() > widest) {
            return Optional.of(Wording.fill(
                    "no panel of this cloth is wide enough: needs %s across the grain, the widest has %s",
                    mm(own.widthMm()), mm(widest)));
        }
        return own.heightMm() > longest
                ? Optional.of(Wording.fill(
                        "no panel of this cloth is long enough: needs %s along the grain, the longest has %s",
                        mm(own.heightMm()), mm(longest)))
                : Optional.empty();
    }

    private Optional<String> relaxed(FitPiece piece, List<FitPanel> panels) {
        List<FitPanel> twoWay = panels.stream().map(p -> p.withPile(false)).toList();
        if (panels.stream().anyMatch(FitPanel::oneWay) && fitsSomewhere(piece, twoWay)) {
            return Optional.of("fits only turned round, and the pile or print forbids it");
        }
        for (FitPanel panel : panels) {
            for (FlawZone zone : panel.zones()) {
                List<FlawZone> others = new ArrayList<>(panel.zones());
                others.remove(zone);
                if (fitsSomewhere(piece, List.of(panel.withZones(others)))) {
                    return Optional.of(Wording.fill("fits only over the %s on %s", zone.named(), panel.id()));
                }
            }
        }
        List<FitPanel> whole =
                panels.stream().map(p -> p.withZones(List.of()).withoutHoles()).toList();
        if (fitsSomewhere(piece, whole)) {
            return Optional.of("the holes and flaws of the panels leave no room for " + size(piece));
        }
        FitPiece anyGrain = piece.withGrain(PieceGrain.ANY, 0).withMatches(List.of());
        return fitsSomewhere(anyGrain, panels)
                ? Optional.of(Wording.fill("fits only off its grain: needs %s along it", size(piece)))
                : Optional.empty();
    }

    private boolean fitsSomewhere(FitPiece piece, List<FitPanel> panels) {
        return FitsAlone.on(problem.withPinned(List.of()).withPanels(panels), piece, hurry);
    }

    private static String size(FitPiece piece) {
        Box own = piece.variants().get(0).outline().box();
        return size(own.widthMm(), own.heightMm());
    }

    private static String size(double width, double height) {
        return Wording.fill("%.0f mm × %.0f mm", width, height);
    }

    private static String mm(double length) {
        return Wording.fill("%.0f mm", length);
    }
}
