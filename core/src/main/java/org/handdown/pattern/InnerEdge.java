package org.handdown.pattern;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;

/**
 * An edge that lies inside a piece: where it is folded, where something turned is sewn down, the second line of a casing, the line that
 * an overlap closes on. No partner is sewn to it, yet it has a length and a depth of its own.
 *
 * @param of the edge of the outline it belongs to; empty for a fold or an overlap across the piece
 * @param line piece frame, mm
 * @param deepMm cloth between it and the edge it belongs to: what is turned, lies over, or is folded on
 * @param easeMm the turned edge is longer by this than the line it is sewn to, so it is eased in; below 0 it is too short and must be
 *     stretched or snipped
 */
public record InnerEdge(Kind kind, String words, String of, List<Point> line, double deepMm, double easeMm) {
    /** What it is. */
    public enum Kind {
        FOLD("fold"),
        TURN("turn"),
        CASING("casing"),
        OVERLAP("overlap");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** An edge turned on a curve takes up about this share of its length without a crease (common practice, no source). */
    private static final double EASED_SHARE = 0.03;

    public InnerEdge {
        line = List.copyOf(line);
    }

    /** All of a piece's: those of its turned edges first, in the order of the outline. */
    public static List<InnerEdge> of(Piece piece) {
        List<InnerEdge> all = new ArrayList<>();
        for (Edge edge : piece.stitchLine().edges()) {
            Allowance a = piece.allowance(edge.name());
            if (a.turned() && a.mm() > 0) {
                all.add(sewnDown(piece, edge, a));
            }
        }
        for (Mark mark : piece.marks()) {
            if (mark.kind() == Mark.Kind.FOLD || mark.kind() == Mark.Kind.OVERLAP) {
                Kind kind = mark.kind() == Mark.Kind.FOLD ? Kind.FOLD : Kind.OVERLAP;
                all.add(new InnerEdge(kind, mark.label(), "", mark.points(), beyondMm(piece, mark.points()), 0));
            }
        }
        return all;
    }

    public double lengthMm() {
        double sum = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            sum += line.get(i).distanceMm(line.get(i + 1));
        }
        return sum;
    }

    /** Does the turned edge differ so much from the line it is sewn to that it will not lie flat? */
    public boolean isForced() {
        return Math.abs(easeMm) > EASED_SHARE * lengthMm();
    }

    /** For people, mm. */
    public String sentence() {
        return switch (kind) {
            case FOLD -> Wording.fill("%.0f mm of it are folded over here.", deepMm);
            case OVERLAP -> Wording.fill("What lies beyond it, %.0f mm, overlaps when it is closed.", deepMm);
            case TURN -> Wording.fill("Folded on the stitch line, sewn down %.0f mm inside it%s", deepMm, easing());
            case CASING ->
                Wording.fill(
                        "Folded on the stitch line, sewn down %.0f mm inside it: a channel for up to %.0f mm%s",
                        deepMm, Math.max(0, deepMm - CHANNEL_ROOM_MM), easing());
        };
    }

    /** Elastic or cord must slide (handbook of the trade §4: cut 2 × (elastic width + 3 mm)). */
    private static final double CHANNEL_ROOM_MM = 3;

    private String easing() {
        if (Math.abs(easeMm) < 1) {
            return ".";
        }
        String how = easeMm > 0
                ? Wording.fill("; its edge is %.0f mm longer than that line: ease it in", easeMm)
                : Wording.fill("; its edge is %.0f mm shorter than that line: stretch or snip it", -easeMm);
        return how + (isForced() ? ", or turn less, or face it with a strip." : ".");
    }

    private static InnerEdge sewnDown(Piece piece, Edge edge, Allowance a) {
        double deep = a.mm() - a.turn().underMm();
        List<Point> line =
                run(OffsetOutline.of(piece.stitchLine(), e -> e.name().equals(edge.name()) ? -deep : 0), edge.name());
        // What is folded under does not lie on the line; the edge that does is the one at its depth.
        List<Point> turned = run(
                OffsetOutline.of(
                        piece.stitchLine(),
                        e -> e.name().equals(edge.name())
                                ? deep
                                : piece.allowance(e.name()).mm(),
                        e -> e.name().equals(edge.name())),
                edge.name());
        List<Point> with = run(
                OffsetOutline.of(
                        piece.stitchLine(),
                        e -> e.name().equals(edge.name())
                                ? -deep
                                : piece.allowance(e.name()).mm()),
                edge.name());
        Kind kind = a.turn().kind() == Allowance.Turn.Kind.CASING ? Kind.CASING : Kind.TURN;
        return new InnerEdge(kind, edge.name(), edge.name(), line, deep, length(turned) - length(with));
    }

    private static List<Point> run(Outline.Flat flat, String edge) {
        Outline.Run run = java.util.Objects.requireNonNull(flat.runs().get(edge));
        return flat.ring().run(run.from(), run.to());
    }

    private static double length(List<Point> line) {
        return new InnerEdge(Kind.FOLD, "", "", line, 0, 0).lengthMm();
    }

    /** How far the piece reaches beyond a line, on the side where it reaches less far. */
    private static double beyondMm(Piece piece, List<Point> line) {
        Point along = line.get(1).minus(line.get(0));
        double left = 0;
        double right = 0;
        for (Point p : piece.stitchLine().ring().points()) {
            double side = along.cross(p.minus(line.get(0))) / Math.max(along.lengthMm(), 1e-9);
            left = Math.max(left, side);
            right = Math.max(right, -side);
        }
        return Math.min(left, right);
    }
}
