package org.handdown.pattern;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.fit.EdgeKind;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Part;

/**
 * A piece copied from a garment that fits: its stitch lines, an allowance and a trueing margin outside them, corrected where the new
 * cloth stretches less or more than the garment's. Garment and cloth are aligned at an anchor on a seam, never at the hem.
 */
public final class Copying {
    private static final double STEP_MM = 25;
    private static final int MOST_MARKS = 20;

    private final Part garment;
    private final Wish wish;

    /** Where on the anchor edge both are laid on each other. */
    public enum Place {
        START,
        MIDDLE,
        END
    }

    /** Something to carry over, so far along an edge from its start. */
    public record Mark(String label, String edge, double alongMm) {}

    /**
     * How it is copied.
     *
     * @param anchor an edge that both have: centre, armhole or side seam
     * @param garmentStretch share by which the garment gives in wear across, as it is worn
     * @param ownStretch the same of the cloth the copy is cut from
     * @param lengthMm of the part, where another garment gives it; 0 for the length of this one
     * @param trueingMm left on outside the allowance until lines are trued and the piece is tried on
     */
    public record Wish(
            String anchor,
            Place place,
            double garmentStretch,
            double ownStretch,
            double allowanceMm,
            double trueingMm,
            double lengthMm,
            List<Mark> marks) {
        public Wish {
            marks = List.copyOf(marks);
            new Range(0, 60).require("copy.allowance", Length.ofMm(allowanceMm));
            new Range(0, 60).require("copy.trueing", Length.ofMm(trueingMm));
            if (lengthMm != 0) {
                new Range(50, 2500).require("copy.length", Length.ofMm(lengthMm));
            }
            if (!(garmentStretch >= 0 && garmentStretch <= 2 && ownStretch >= 0 && ownStretch <= 2)) {
                throw new RefusedValueException("copy.stretch", "A cloth gives by 0 to 200 % in wear.");
            }
            if (marks.size() > MOST_MARKS) {
                throw new RefusedValueException("copy.marks", "20 marks at most are carried over.");
            }
        }
    }

    /** @param part of the garment that fits, as its measures draw it */
    public Copying(Part part, Wish wish) {
        this.garment = part;
        this.wish = wish;
        EdgeKind finish = part.finishes().containsKey(wish.anchor())
                ? part.finishes().get(wish.anchor()).kind()
                : EdgeKind.RAW;
        if (wish.anchor().equals("hem") || finish == EdgeKind.HEM) {
            throw new RefusedValueException(
                    "copy.anchor",
                    "Never align at the hem: every error would end up at the neck or the waist. Take the centre, the armhole or the side seam.");
        }
        edge(part.outline(), wish.anchor());
    }

    private static Edge edge(Outline outline, String name) {
        return outline.edges().stream()
                .filter(e -> e.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new RefusedValueException(
                        "copy.anchor",
                        Wording.fill(
                                "There is no edge “%s” here; there are %s.",
                                name,
                                String.join(
                                        ", ",
                                        outline.edges().stream().map(Edge::name).toList()))));
    }

    /** The point of an outline that is laid on its like. */
    public Point anchorOf(Outline outline) {
        return anchorOf(outline, wish.anchor());
    }

    /** The same place on an edge that is called otherwise there. */
    public Point anchorOf(Outline outline, String edge) {
        return edge(outline, edge)
                .at(
                        switch (wish.place()) {
                            case START -> 0;
                            case MIDDLE -> 0.5;
                            case END -> 1;
                        });
    }

    /**
     * What every width is multiplied by: a garment that gives in wear is wider on the body than on the table, and the new cloth must be
     * as wide there. A garment of firm cloth copied in cloth that gives keeps its size: nobody knows how snug it may become.
     */
    public double widthFactor() {
        return wish.garmentStretch() > wish.ownStretch() ? (1 + wish.garmentStretch()) / (1 + wish.ownStretch()) : 1;
    }

    private double lengthFactor() {
        double own = garment.outline().box().heightMm();
        return wish.lengthMm() == 0 ? 1 : wish.lengthMm() / own;
    }

    /** The piece, to be cut with allowance and trueing margin. */
    public Piece piece(String id, String name, int quantity, boolean pair) {
        Point anchor = anchorOf(garment.outline());
        double factor = widthFactor();
        double longer = lengthFactor();
        Outline stitch = new Outline(garment.outline().edges().stream()
                .map(e -> e.map(p -> new Point(
                        anchor.x() + (p.x() - anchor.x()) * factor, anchor.y() + (p.y() - anchor.y()) * longer)))
                .toList());
        Map<String, Allowance> allowances = new HashMap<>();
        for (Edge e : stitch.edges()) {
            allowances.put(
                    e.name(),
                    new Allowance(
                            wish.allowanceMm() + wish.trueingMm(),
                            wish.trueingMm() == 0
                                    ? "seam"
                                    : Wording.fill(
                                            "%.0f mm to sew, %.0f mm to true it by",
                                            wish.allowanceMm(), wish.trueingMm())));
        }
        List<Piece.Notch> notches = new ArrayList<>();
        notches.add(new Piece.Notch("anchor", anchorOf(stitch)));
        for (Mark mark : wish.marks()) {
            Edge on = edge(garment.outline(), mark.edge());
            if (mark.alongMm() > on.lengthMm() + 0.5 || mark.alongMm() < 0) {
                throw new RefusedValueException(
                        "copy.marks",
                        Wording.fill(
                                "The %s is %.0f mm long; “%s” lies past its end.",
                                mark.edge(), on.lengthMm(), mark.label()));
            }
            notches.add(new Piece.Notch(mark.label(), edge(stitch, mark.edge()).at(mark.alongMm() / on.lengthMm())));
        }
        return new Piece(
                id, name, stitch, allowances, quantity, pair, CutGrain.LENGTHWISE, true, Map.of(), List.of(), notches);
    }

    /**
     * A place where the cloth does not reach as far as the piece.
     *
     * @param downMm below the anchor, negative above it
     * @param side left or right as drawn, or above or below
     */
    public record Lack(String side, double downMm, double mm) {}

    /**
     * Where a part of the source is too small for the piece when both are aligned at the anchor: the greatest lack on each side. Empty
     * where it is large enough.
     *
     * @param own the part of the source that the piece would be cut from, its cloth edge flattened
     * @param anchorOfOwn the same anchor on it
     */
    public List<Lack> lacks(Piece piece, Ring own, Point anchorOfOwn) {
        Point anchor = anchorOf(piece.stitchLine());
        Ring cut = piece.cutLine().ring().moved(anchorOfOwn.x() - anchor.x(), anchorOfOwn.y() - anchor.y());
        var box = cut.box();
        var cloth = own.box();
        Map<String, Lack> worst = new java.util.LinkedHashMap<>();
        keep(worst, "above", anchorOfOwn.y() - box.maxY(), box.maxY() - cloth.maxY());
        keep(worst, "below", anchorOfOwn.y() - box.minY(), cloth.minY() - box.minY());
        for (double y = box.minY() + 0.5; y < box.maxY(); y += STEP_MM) {
            List<Ring.Span> there = own.spansAt(y);
            List<Ring.Span> needed = cut.spansAt(y);
            if (!there.isEmpty() && !needed.isEmpty()) {
                double down = anchorOfOwn.y() - y;
                keep(worst, "left", down, there.get(0).from() - needed.get(0).from());
                keep(
                        worst,
                        "right",
                        down,
                        needed.get(needed.size() - 1).to()
                                - there.get(there.size() - 1).to());
            }
        }
        return List.copyOf(worst.values());
    }

    private static void keep(Map<String, Lack> worst, String side, double down, double lack) {
        Lack before = worst.get(side);
        if (lack > 0.5 && (before == null || lack > before.mm())) {
            worst.put(side, new Lack(side, down, lack));
        }
    }
}
