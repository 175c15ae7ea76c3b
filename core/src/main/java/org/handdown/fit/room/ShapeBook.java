package org.handdown.fit.room;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.PanelRun;
import org.handdown.fit.Placed;
import org.handdown.geometry.Ring;

/** All ways in which each piece may lie on each panel by cloth, grain and handedness, the most worth first. */
public final class ShapeBook {
    private final FitProblem problem;
    private final List<Shape> shapes = new ArrayList<>();
    private final Map<Key, Shape> known = new HashMap<>();
    private final Map<Ring, CongruentOutline> stencils = new HashMap<>();
    private final Map<Key, Ring> leanFlat = new HashMap<>();
    private final List<List<List<Shape>>> ways = new ArrayList<>();

    private record Key(int piece, String variant, double turn, boolean mirrored) {}

    public ShapeBook(FitProblem problem) {
        this.problem = problem;
        for (int piece = 0; piece < problem.pieces().size(); piece++) {
            List<List<Shape>> onPanels = new ArrayList<>();
            for (FitPanel panel : problem.panels()) {
                onPanels.add(waysOn(piece, panel));
            }
            ways.add(onPanels);
        }
    }

    public List<Shape> ways(int piece, int panel) {
        return ways.get(piece).get(panel);
    }

    public Shape shape(int index) {
        return shapes.get(index);
    }

    /** The shape of something that lies already, in whatever turn; not to be called while a search is at work. */
    public Shape shape(Placed placed) {
        int piece = 0;
        while (!problem.pieces().get(piece).id().equals(placed.piece())) {
            piece++;
        }
        FitPiece.Variant variant = problem.pieces().get(piece).variant(placed.variant());
        Key key =
                new Key(piece, variant.id(), placed.at().rotation(), placed.at().mirrored());
        return shape(key, variant, true);
    }

    private List<Shape> waysOn(int pieceIndex, FitPanel panel) {
        FitPiece piece = problem.pieces().get(pieceIndex);
        if (!piece.cloths().isEmpty() && !piece.cloths().contains(panel.cloth())) {
            return List.of();
        }
        List<Shape> found = new ArrayList<>();
        for (boolean mirrored : new boolean[] {false, true}) {
            int most = mirrored ? piece.mostMirrored() : piece.mostAsDrawn();
            if (most == 0 && !panel.reversible()) {
                continue;
            }
            for (FitPiece.Variant variant : piece.variants()) {
                for (double turn : turns(piece, panel, variant, mirrored)) {
                    boolean straight = variant.anchor() != null || new GrainTurns(piece, panel).isStraight(turn);
                    Shape shape = shape(new Key(pieceIndex, variant.id(), turn, mirrored), variant, straight);
                    if (found.stream().noneMatch(s -> areTwins(piece, s, shape))) {
                        found.add(shape);
                    }
                }
            }
        }
        found.sort(Comparator.comparingDouble((Shape s) -> piece.worthM2(s.variant))
                .reversed());
        return List.copyOf(found);
    }

    /** A rectangle turned upside down lies as before: one of the two ways is enough, unless there is more to it than its outline. */
    private static boolean areTwins(FitPiece piece, Shape one, Shape other) {
        FitPiece.Variant variant = one.variant;
        return variant == other.variant
                && one.mirrored == other.mirrored
                && variant.anchor() == null
                && variant.hidden().isEmpty()
                && piece.matches().isEmpty()
                && piece.motif() == null
                && CongruentOutline.placed(one.ring).equals(CongruentOutline.placed(other.ring));
    }

    private static List<Double> turns(FitPiece piece, FitPanel panel, FitPiece.Variant variant, boolean mirrored) {
        GrainTurns grain = new GrainTurns(piece, panel);
        FitPiece.Anchor anchor = variant.anchor();
        if (anchor == null) {
            return grain.free(variant.outline(), mirrored);
        }
        Set<Double> turns = new LinkedHashSet<>();
        for (PanelRun edge : panel.edges()) {
            if (anchor.takes(panel.id(), edge)) {
                turns.addAll(grain.anchored(variant, mirrored, edge));
            }
        }
        return List.copyOf(turns);
    }

    private Shape shape(Key key, FitPiece.Variant variant, boolean straight) {
        return known.computeIfAbsent(key, k -> {
            Ring flat = leanFlat.computeIfAbsent(
                    new Key(k.piece, k.variant, 0, k.mirrored), f -> Shape.leanFlat(variant, f.mirrored));
            CongruentOutline stencil = stencils.computeIfAbsent(
                    CongruentOutline.placed(flat), r -> new CongruentOutline(stencils.size(), r));
            Shape shape = new Shape(shapes.size(), stencil, flat, k.piece, variant, k.turn, k.mirrored, straight);
            shapes.add(shape);
            return shape;
        });
    }
}
