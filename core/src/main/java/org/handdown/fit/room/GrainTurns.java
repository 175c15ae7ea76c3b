package org.handdown.fit.room;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.PanelRun;
import org.handdown.fit.PieceGrain;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/**
 * Turns in which a piece may lie on a panel by the grain rules of docs/formats/fit-format.md, degrees counter-clockwise in [0, 360).
 * On a grain with tolerance, and for grain “any”, the turns that bring a long edge of the piece along a long edge of the panel are
 * added, because a tight lay uses them.
 */
public final class GrainTurns {
    private static final int MOST = 12;
    private static final int LONG_EDGES = 8;
    /** Kept inside the tolerance so that rounding cannot break it. */
    private static final double INSIDE = 1 - 1e-9;

    private final FitPiece piece;
    private final FitPanel panel;

    GrainTurns(FitPiece piece, FitPanel panel) {
        this.piece = piece;
        this.panel = panel;
    }

    /** Turns for a free variant, the exact grain first. */
    List<Double> free(Ring outline, boolean mirrored) {
        List<Double> turns = new ArrayList<>(bases());
        if (piece.grain() == PieceGrain.ANY || piece.grainToleranceDeg() > 0) {
            for (double turn : alongEdges(outline, mirrored)) {
                addAllowed(turns, turn);
            }
            for (double base : bases()) {
                addAllowed(turns, base + piece.grainToleranceDeg() * INSIDE);
                addAllowed(turns, base - piece.grainToleranceDeg() * INSIDE);
            }
        }
        return turns.size() > MOST ? turns.subList(0, MOST) : turns;
    }

    /** Turns that bring the anchored run along a finished edge, or as near as the grain allows. */
    List<Double> anchored(FitPiece.Variant variant, boolean mirrored, PanelRun edge) {
        FitPiece.Anchor anchor = java.util.Objects.requireNonNull(variant.anchor());
        Placement flat = new Placement(0, 0, 0, mirrored);
        Ring outline = variant.outline();
        double own = flat.toPanel(outline.at(anchor.to()))
                .minus(flat.toPanel(outline.at(anchor.from())))
                .directionDeg();
        double cloth = panel.outline()
                .at(edge.to())
                .minus(panel.outline().at(edge.from()))
                .directionDeg();
        List<Double> turns = new ArrayList<>();
        for (double turn : new double[] {cloth - own, cloth - own + 180}) {
            addAllowed(turns, turn);
            for (double base : bases()) {
                double off = Placement.turnBetweenDeg(base, turn);
                double tolerance = piece.grainToleranceDeg() * INSIDE;
                if (Math.abs(off) <= tolerance + 5) {
                    addAllowed(turns, base + Math.max(-tolerance, Math.min(tolerance, off)));
                }
            }
        }
        return turns;
    }

    /** Is the turn one of the exact grains, without use of the tolerance? */
    boolean isStraight(double turn) {
        return bases().stream().anyMatch(b -> Math.abs(Placement.turnBetweenDeg(b, turn)) < 1e-7);
    }

    private List<Double> bases() {
        double straight = panel.grainDeg() - 90;
        List<Double> bases = new ArrayList<>();
        boolean lengthwise = piece.grain() == PieceGrain.LENGTHWISE
                || piece.grain() == PieceGrain.EITHER
                || piece.grain() == PieceGrain.ANY;
        if (lengthwise) {
            bases.add(straight);
            if (!panel.oneWay() || piece.grain() == PieceGrain.ANY) {
                bases.add(straight + 180);
            }
        }
        if (piece.grain() != PieceGrain.LENGTHWISE && piece.grain() != PieceGrain.BIAS) {
            bases.add(straight + 90);
            bases.add(straight - 90);
        }
        if (piece.grain() == PieceGrain.BIAS) {
            bases.add(straight + 45);
            bases.add(straight - 45);
            if (!panel.oneWay()) {
                bases.add(straight + 135);
                bases.add(straight - 135);
            }
        }
        return bases.stream().map(Placement::normalDeg).toList();
    }

    private void addAllowed(List<Double> turns, double turn) {
        double normal = Placement.normalDeg(turn);
        boolean allowed = piece.grain() == PieceGrain.ANY
                || bases().stream()
                        .anyMatch(
                                b -> Math.abs(Placement.turnBetweenDeg(b, normal)) <= piece.grainToleranceDeg() + 1e-9);
        if (allowed && turns.stream().noneMatch(t -> Math.abs(Placement.turnBetweenDeg(t, normal)) < 1e-7)) {
            turns.add(normal);
        }
    }

    private List<Double> alongEdges(Ring outline, boolean mirrored) {
        Ring own = new Placement(0, 0, 0, mirrored).toPanel(outline).counterClockwise();
        List<Double> turns = new ArrayList<>();
        for (Point cloth : longest(panel.outline().counterClockwise())) {
            for (Point edge : longest(own)) {
                turns.add(cloth.directionDeg() - edge.directionDeg());
            }
        }
        return turns;
    }

    private static List<Point> longest(Ring ring) {
        List<Point> edges = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            edges.add(ring.at(i + 1).minus(ring.at(i)));
        }
        edges.sort(Comparator.comparingDouble(Point::lengthMm).reversed());
        return edges.subList(0, Math.min(LONG_EDGES, edges.size()));
    }
}
