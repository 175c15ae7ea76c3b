package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.jspecify.annotations.Nullable;

/**
 * A facing that follows an edge of a piece: the edge itself, so deep along its neighbours, and a line everywhere so far from the edge.
 * It is worked out anew whenever the edge changes.
 *
 * @param cloth what it is cut from; null for that of its piece. Of interfacing it is a stay along the edge, without allowances
 */
public record FacingFrom(
        String name,
        String piece,
        String edge,
        double deepMm,
        @Nullable PieceCloth cloth) implements Change, Derived {
    private static final double STEP_MM = 4;
    private static final double CURVED_MM = 8;
    private static final String SHORTER = Wording.of(
            "Sew the ends of a curved facing 1 mm nearer to each other than drawn: a shorter facing rolls to the inside (common practice, no source).");

    /** Of the cloth of its piece. */
    public FacingFrom(String name, String piece, String edge, double deepMm) {
        this(name, piece, edge, deepMm, null);
    }

    public FacingFrom {
        Change.requireName(name);
        if (!(deepMm >= 10 && deepMm <= 200)) {
            throw new RefusedValueException("change.deep", Wording.of("A facing is from 10 to 200 mm deep."));
        }
    }

    @Override
    public String words() {
        return Wording.fill(
                "%s %.0f mm deep behind the %s of the %s%s",
                called(), deepMm, Wording.spoken(edge), Wording.spoken(piece), from());
    }

    @Override
    public List<String> follows() {
        return List.of(piece);
    }

    @Override
    public String made() {
        return Change.id(piece + "-" + edge + "-" + called());
    }

    private boolean isStay() {
        return cloth == PieceCloth.INTERFACING;
    }

    private String called() {
        return isStay() ? "interfacing" : "facing";
    }

    private String from() {
        return cloth == null || isStay() ? "" : ", from " + cloth.words();
    }

    @Override
    public Design on(Design design) {
        Piece from = Change.piece(design, piece);
        Change.edge(from, edge);
        Piece facing = facing(from);
        List<Piece> pieces = new ArrayList<>(design.pieces());
        pieces.removeIf(p -> p.id().equals(facing.id()));
        pieces.add(facing);
        Design with = design.withPieces(pieces);
        if (isStay()) {
            return with;
        }
        List<DesignSeam> seams = new ArrayList<>(with.seams());
        DesignSeam seam = new DesignSeam(
                facing.name() + " to its edge",
                List.of(new DesignSeam.Side(piece, edge, 1)),
                List.of(new DesignSeam.Side(facing.id(), edge, 1)),
                0,
                0);
        seams.removeIf(s -> s.name().equals(seam.name()));
        seams.add(seam);
        Design faced = with.withSeams(seams);
        return isCurved(from.stitchLine().edge(edge)) && !faced.notes().contains(SHORTER)
                ? faced.noting(SHORTER)
                : faced;
    }

    /** Along a curve a facing gives where its piece does, on the same grain. */
    private static boolean isCurved(Edge edge) {
        return Math.abs(edge.bowMm()) > CURVED_MM;
    }

    private Piece facing(Piece from) {
        List<Edge> edges = from.stitchLine().edges();
        int at = edges.stream().map(Edge::name).toList().indexOf(edge);
        Edge main = edges.get(at);
        List<Point> line = main.flattened(0.1);
        List<Point> after = until(line, edges.get((at + 1) % edges.size()).flattened(0.1));
        List<Point> back =
                new ArrayList<>(edges.get(Math.floorMod(at - 1, edges.size())).flattened(0.1));
        Collections.reverse(back);
        List<Point> before = until(line, back);
        List<Point> inner = inner(from, line, after.get(after.size() - 1), before.get(before.size() - 1));
        Collections.reverse(before);
        Outline outline =
                new Outline(List.of(main, lines("end right", after), lines("inner", inner), lines("end left", before)));
        Map<String, Allowance> allowances = new HashMap<>();
        allowances.put(edge, from.allowance(edge));
        allowances.put(
                "end right", from.allowance(edges.get((at + 1) % edges.size()).name()));
        allowances.put(
                "end left",
                from.allowance(edges.get(Math.floorMod(at - 1, edges.size())).name()));
        allowances.put("inner", new Allowance(3, "overcast, left flat"));
        if (isStay()) {
            allowances.replaceAll((name, old) -> new Allowance(0, "interfacing ends at the stitch line"));
        }
        return Change.whole(new Piece(
                made(),
                Wording.fill("%s of the %s, %s", called(), from.name(), Wording.spoken(edge)),
                outline,
                allowances,
                from.quantity(),
                from.pair(),
                isCurved(main) ? from.grain() : CutGrain.EITHER,
                true,
                Map.of(),
                List.of(),
                from.notches().stream().filter(n -> n.at().distanceMm(line) < 1).toList(),
                cloth == null ? from.cloth() : cloth,
                List.of(),
                Piece.Way.USUAL));
    }

    private static Edge lines(String name, List<Point> points) {
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i + 1 < points.size(); i++) {
            segments.add(new Segment.Line(points.get(i), points.get(i + 1)));
        }
        return new Edge(name, segments);
    }

    /** Along a neighbour until it is as far from the edge as the facing is deep. */
    private List<Point> until(List<Point> line, List<Point> neighbour) {
        List<Point> run = new ArrayList<>(List.of(neighbour.get(0)));
        for (int i = 1; i < neighbour.size(); i++) {
            Point a = neighbour.get(i - 1);
            Point b = neighbour.get(i);
            int steps = Math.max(1, (int) Math.ceil(a.distanceMm(b) / 1.0));
            for (int k = 1; k <= steps; k++) {
                Point p = a.between(b, (double) k / steps);
                if (p.distanceMm(line) >= deepMm) {
                    run.add(p);
                    return run;
                }
            }
            run.add(b);
        }
        return run;
    }

    /** From the end of the right neighbour to the end of the left one, everywhere as deep as the facing, inside the piece. */
    private List<Point> inner(Piece from, List<Point> line, Point start, Point end) {
        Ring ring = from.stitchLine().ring();
        Region inside = Region.of(ring).grown(0.05);
        List<Point> found = new ArrayList<>(List.of(start));
        double length = Edge.lengthMm(line);
        int steps = Math.max(2, (int) Math.ceil(length / STEP_MM));
        for (int k = steps; k >= 0; k--) {
            Point p = Edge.at(line, (double) k / steps);
            Point ahead = Edge.at(line, Math.min(1, (k + 0.5) / steps));
            Point behind = Edge.at(line, Math.max(0, (k - 0.5) / steps));
            Point way = ahead.minus(behind);
            double w = Math.max(way.lengthMm(), 1e-9);
            // The inside of a counter-clockwise outline lies to the left.
            Point q = p.plus(new Point(-way.y() / w, way.x() / w).times(deepMm));
            boolean far = q.distanceMm(line) > deepMm - 0.3;
            if (far && inside.covers(q) && q.distanceMm(start) > 2 && q.distanceMm(end) > 2) {
                found.add(q);
            }
        }
        found.add(end);
        return found;
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.facing(this);
    }
}
