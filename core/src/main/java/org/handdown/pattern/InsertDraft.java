package org.handdown.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Inserts let into opened seams where nothing more can be let out: side panels that taper between levels, with the sleeve's gusset where
 * the armhole grows, lining copies, and the piping for their edges. Total T over k seams is T/k each, half of that to either side of the
 * insert's centre line (handbook of the trade §3). Frame of a piece: mm, its axis on x = 0, its upper end at y = 0, y up.
 */
public final class InsertDraft {
    /** Drawn at twice the seam's allowance and trimmed after the try-on (handbook of the trade §3; common practice, no source). */
    public static final double DRAWN_FACTOR = 2;

    private static final double NEAR_MM = 0.01;

    private final Wish wish;

    /** @param downMm along the opened seam from its upper end; gainMm all round the garment there */
    public record Level(double downMm, double gainMm) {
        public Level {
            new Range(0, 2000).require("insert.down", Length.ofMm(downMm));
            new Range(0, 1500).require("insert.gain", Length.ofMm(gainMm));
        }
    }

    /**
     * What is wanted.
     *
     * @param seams that are opened for an insert each, usually both sides
     * @param seamMm length of one opened seam, along its stitch line
     * @param allowanceMm to be sewn; twice that is drawn
     * @param sleeveSeamMm of the sleeve seam that is opened for a gusset; 0 where the seam does not run into an armhole
     */
    public record Wish(
            List<Level> levels,
            int seams,
            double seamMm,
            double allowanceMm,
            double sleeveSeamMm,
            boolean lined,
            boolean piped) {
        private static final int MOST_LEVELS = 12;

        public Wish {
            levels = levels.stream()
                    .sorted(Comparator.comparingDouble(Level::downMm))
                    .toList();
            if (levels.size() < 2 || levels.size() > MOST_LEVELS) {
                throw new RefusedValueException("insert.levels", "An insert tapers between 2 to 12 levels.");
            }
            if (seams < 1 || seams > 12) {
                throw new RefusedValueException("insert.seams", "Inserts go into 1 to 12 seams.");
            }
            new Range(40, 2000).require("insert.seam", Length.ofMm(seamMm));
            new Range(3, 40).require("insert.allowance", Length.ofMm(allowanceMm));
            if (sleeveSeamMm != 0) {
                new Range(30, 800).require("insert.sleeve", Length.ofMm(sleeveSeamMm));
            }
            double last = levels.get(levels.size() - 1).downMm();
            if (levels.get(0).downMm() > NEAR_MM || Math.abs(last - seamMm) > 0.5) {
                throw new RefusedValueException(
                        "insert.levels",
                        Wording.fill(
                                "The first level lies at the seam's upper end, the last at its lower end, %.0f mm down.",
                                seamMm));
            }
            for (int i = 1; i < levels.size(); i++) {
                if (levels.get(i).downMm() - levels.get(i - 1).downMm() < 5) {
                    throw new RefusedValueException("insert.levels", "Two levels lie at the same place.");
                }
            }
            if (levels.stream().mapToDouble(Level::gainMm).max().orElse(0) / seams < 6) {
                throw new RefusedValueException(
                        "insert.gain", Wording.of("An insert narrower than 6 mm cannot be sewn; let seams out."));
            }
        }

        /** Width of one insert at a level, without allowances. */
        public double widthMm(Level level) {
            return level.gainMm() / seams;
        }
    }

    public InsertDraft(Wish wish) {
        this.wish = wish;
    }

    /** Inserts and gussets, in the outer cloth and again in the lining. */
    public List<Piece> pieces() {
        List<Piece> pieces = new ArrayList<>();
        add(pieces, "side-insert", "side insert", side(), wish.seams());
        if (hasGusset()) {
            add(pieces, "gusset", "gusset of the sleeve", gusset(), wish.seams());
        }
        return pieces;
    }

    private void add(List<Piece> pieces, String id, String name, Outline outline, int count) {
        pieces.add(piece(id, name, outline, count, PieceCloth.SHELL));
        if (wish.lined()) {
            pieces.add(piece(id + "-lining", name + ", lining", outline, count, PieceCloth.LINING));
        }
    }

    private Piece piece(String id, String name, Outline outline, int count, PieceCloth cloth) {
        Map<String, Allowance> allowances = new HashMap<>();
        outline.edges()
                .forEach(e -> allowances.put(
                        e.name(), Allowance.drawnWide(DRAWN_FACTOR * wish.allowanceMm(), wish.allowanceMm())));
        return new Piece(
                id,
                name,
                outline,
                allowances,
                count,
                false,
                CutGrain.LENGTHWISE,
                true,
                Map.of(),
                List.of(),
                List.of(),
                cloth,
                List.of(),
                Piece.Way.USUAL);
    }

    private boolean hasGusset() {
        return wish.sleeveSeamMm() > 0 && topMm() > 0;
    }

    private double topMm() {
        return wish.widthMm(wish.levels().get(0));
    }

    /**
     * The side insert. Its edges are sewn to the opened seam, so they are made as long as the seam by drawing the levels nearer
     * together: a slanted or curved edge is longer than its axis.
     */
    public Outline side() {
        double low = 0.3;
        double high = 1;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (rightEdge(middle).lengthMm() > wish.seamMm()) {
                high = middle;
            } else {
                low = middle;
            }
        }
        Edge right = rightEdge((low + high) / 2);
        Edge left = right.map(p -> p.mirrored());
        List<Edge> edges = new ArrayList<>();
        // Counter-clockwise from the lower left: lower edge, right side up, upper edge, left side down.
        Edge up = new Edge("right", right.reversed().segments());
        Edge down = new Edge("left", left.segments());
        line("hem", down.end(), up.start(), edges);
        edges.add(up);
        line("upper", up.end(), down.start(), edges);
        edges.add(down);
        return new Outline(edges);
    }

    private static void line(String name, Point from, Point to, List<Edge> edges) {
        if (from.distanceMm(to) > 0) {
            edges.add(Edge.line(name, from, to));
        }
    }

    /** From its upper end down, the levels drawn nearer by a factor; straight between two levels, smooth through more. */
    private Edge rightEdge(double factor) {
        List<Point> points = wish.levels().stream()
                .map(l -> new Point(
                        Math.max(wish.widthMm(l) / 2, l == wish.levels().get(0) ? 0 : NEAR_MM), -l.downMm() * factor))
                .toList();
        return points.size() == 2 ? Edge.line("right", points.get(0), points.get(1)) : Edge.smooth("right", points);
    }

    /** An isosceles triangle: as wide as the insert's upper end, its two sides as long as the opened sleeve seam. */
    public Outline gusset() {
        double half = topMm() / 2;
        double side = wish.sleeveSeamMm();
        if (half >= side) {
            throw new RefusedValueException(
                    "insert.sleeve", "The sleeve seam is opened farther than half the insert's upper end is wide.");
        }
        double high = Math.sqrt(side * side - half * half);
        Point a = new Point(-half, 0);
        Point b = new Point(half, 0);
        Point tip = new Point(0, high);
        return new Outline(List.of(Edge.line("base", a, b), Edge.line("right", b, tip), Edge.line("left", tip, a)));
    }

    /** Girth gained at each level, as it was asked for: both halves of every insert. */
    public double gainMm(double downMm) {
        List<Level> levels = wish.levels();
        for (int i = 1; i < levels.size(); i++) {
            Level above = levels.get(i - 1);
            Level below = levels.get(i);
            if (downMm <= below.downMm()) {
                double share = (downMm - above.downMm()) / (below.downMm() - above.downMm());
                return above.gainMm() + share * (below.gainMm() - above.gainMm());
            }
        }
        return levels.get(levels.size() - 1).gainMm();
    }

    /** Both long edges of every insert, mm; 0 where it is not piped. */
    public double pipingMm() {
        return wish.piped() ? 2 * wish.seams() * wish.seamMm() : 0;
    }

    /**
     * A curved edge against its chord: about chord + 8 s² / (3 · chord) for a bulge s (common approximation of a flat arc).
     *
     * @return how much longer the arc is, mm
     */
    public static double bulgeMm(double chordMm, double bulgeMm) {
        return 8 * bulgeMm * bulgeMm / (3 * chordMm);
    }

    /** What to know before cutting, lengths in mm. */
    public List<String> notes() {
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "Their edges measure %.0f mm along the stitch line, as the opened seam does; the axis is %.0f mm long.",
                wish.seamMm(), side().box().heightMm()));
        notes.add(
                "Fold each along its axis before cutting: both halves must agree. On cloth with a nap all run the same way.");
        if (hasGusset()) {
            notes.add(Wording.fill(
                    "The armhole grows by %.0f mm: open the sleeve seam for %.0f mm and let in the gusset, its base on the insert's upper end.",
                    topMm(), wish.sleeveSeamMm()));
        } else if (topMm() > 0) {
            notes.add(Wording.fill(
                    "The upper end is %.0f mm wide: if it meets an armhole, the sleeve needs a gusset of that width.",
                    topMm()));
        }
        if (wish.piped()) {
            notes.add(Wording.fill("Piping for both edges of each: %.0f mm, and 20 mm at every end.", pipingMm()));
        }
        return notes;
    }
}
