package org.handdown.pattern;

import java.util.List;
import java.util.function.UnaryOperator;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Something drawn on a piece beside its lines.
 *
 * @param points piece frame, mm: two legs and the tip of a dart (leg, tip, leg), both ends of a line, the centre of a dot
 */
public record Mark(Kind kind, String label, List<Point> points) {
    private static final int LONGEST = 80;

    /** Half an arm of the cross that a single point is drawn as. */
    private static final double CROSS_MM = 3;

    /** What it is, how many points it takes, and the last moment at which it can still be made. */
    public enum Kind {
        DOT("dot", 1, Deadline.BEFORE_FOLDING),
        DART("dart", 3, Deadline.WHILE_FLAT),
        PLEAT("pleat", 4, Deadline.WHILE_FLAT),
        GATHER("gather from here to here", 2, Deadline.BEFORE_JOINING),
        SHIRRING("row of shirring", 2, Deadline.BEFORE_ELASTIC),
        BUTTONHOLE("buttonhole", 2, Deadline.BEFORE_HOLES),
        BUTTON("button", 1, Deadline.BEFORE_HOLES),
        GUIDE("guide line", 2, Deadline.BEFORE_ELASTIC),
        LEVEL("level", 2, Deadline.WHILE_FLAT),
        FOLD("fold", 2, Deadline.WHILE_FLAT),
        /** Where the garment closes; what lies beyond it overlaps. */
        OVERLAP("closing line, overlap beyond it", 2, Deadline.WHILE_FLAT);

        private final String words;
        private final int points;
        private final Deadline until;

        Kind(String words, int points, Deadline until) {
            this.words = words;
            this.points = points;
            this.until = until;
        }

        public String words() {
            return words;
        }

        public Deadline until() {
            return until;
        }
    }

    /** The last moment for a mark: after it the cloth is folded, gathered or no longer flat. */
    public enum Deadline {
        WHILE_FLAT("while the piece lies flat, before any seam"),
        BEFORE_FOLDING("before the edge is folded over it"),
        BEFORE_ELASTIC("before any elastic draws the cloth together"),
        BEFORE_JOINING("before the edge is sewn to its partner"),
        BEFORE_HOLES("after the try-on, before a buttonhole is sewn; rub it out before the hole is cut");

        private final String words;

        Deadline(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Mark {
        points = List.copyOf(points);
        if (label.isBlank() || label.length() > LONGEST) {
            throw new RefusedValueException("mark.label", "Name the mark in up to 80 characters.");
        }
        if (points.size() != kind.points) {
            throw new RefusedValueException(
                    "mark.points", Wording.fill("A %s has %d points.", kind.words, kind.points));
        }
    }

    /** A level of the body across the piece: where its girth is told. */
    public static Mark level(String label, Point left, Point right) {
        return new Mark(Kind.LEVEL, label, List.of(left, right));
    }

    public Mark map(UnaryOperator<Point> move) {
        return new Mark(kind, label, points.stream().map(move).toList());
    }

    /** Is it drawn on cloth and paper? A level only says where a girth is told. */
    public boolean isDrawn() {
        return kind != Kind.LEVEL;
    }

    /** As it is drawn: one point as a cross, a pleat as its two folds, anything else as one line. */
    public List<List<Point>> lines() {
        if (points.size() == 1) {
            Point at = points.get(0);
            return List.of(
                    List.of(at.plus(new Point(-CROSS_MM, 0)), at.plus(new Point(CROSS_MM, 0))),
                    List.of(at.plus(new Point(0, -CROSS_MM)), at.plus(new Point(0, CROSS_MM))));
        }
        return kind == Kind.PLEAT ? List.of(points.subList(0, 2), points.subList(2, 4)) : List.of(points);
    }

    /** Cloth a dart takes up on its edge, mm; 0 for anything else. */
    public double takesUpMm() {
        return kind == Kind.DART
                ? points.get(0).distanceMm(points.get(2))
                : kind == Kind.PLEAT ? points.get(0).distanceMm(points.get(2)) : 0;
    }
}
