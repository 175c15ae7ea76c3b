package org.handdown.server.pieces;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.alter.LetOut;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.InsertDraft;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;
import org.handdown.reuse.Side;
import org.handdown.reuse.Want;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;

/** What the page sends of pieces, wants and letting out: raw texts, turned into values here. */
final class PieceRequests {
    private PieceRequests() {}

    /**
     * An edge of a piece entered by hand: its start corner, its allowance, and what it may lie on.
     *
     * @param mark at its middle, that meets its like on another piece; stripes are matched there
     */
    record CornerRequest(
            @Nullable String x,
            @Nullable String y,
            @Nullable String name,
            @Nullable String allowance,
            @Nullable Role wish,
            @Nullable String lap,
            @Nullable String bow,
            @Nullable String mark) {}

    record PieceRequest(
            @Nullable String name,
            int quantity,
            boolean pair,
            boolean acrossToo,
            boolean lining,
            @Nullable List<CornerRequest> corners) {
        private static final int MOST_CORNERS = 60;

        Piece toPiece(LengthUnit unit) {
            Typed typed = new Typed(unit);
            List<CornerRequest> given = corners == null ? List.of() : corners;
            if (given.size() < 3 || given.size() > MOST_CORNERS) {
                throw new RefusedValueException("piece.corners", "A piece has from 3 to 60 corners.");
            }
            List<Point> points = new ArrayList<>();
            for (int i = 0; i < given.size(); i++) {
                String field = "piece.corners[" + i + "]";
                points.add(new Point(
                        typed.signedMm(field + ".x", given.get(i).x()),
                        typed.signedMm(field + ".y", given.get(i).y())));
            }
            Ring ring = new Ring(points);
            if (!ring.isSimple()) {
                throw new RefusedValueException(
                        "piece.corners", "The outline crosses itself; name the corners once round, in order.");
            }
            return piece(typed, given, points, ring.signedAreaMm2() < 0);
        }

        private static double bow(Typed typed, CornerRequest corner, String field, double longMm) {
            double bow = Typed.text(corner.bow()).isEmpty() ? 0 : typed.signedMm(field + ".bow", corner.bow());
            if (!(Math.abs(bow) <= longMm)) {
                throw new RefusedValueException(
                        field + ".bow",
                        Wording.fill(
                                "An edge of %.0f mm cannot swing out by %.0f mm; put corners along it instead.",
                                longMm, Math.abs(bow)));
            }
            return bow;
        }

        private Piece piece(Typed typed, List<CornerRequest> given, List<Point> points, boolean clockwise) {
            List<Edge> edges = new ArrayList<>();
            Map<String, Allowance> allowances = new HashMap<>();
            Map<String, EdgeWish> wishes = new HashMap<>();
            List<Piece.Notch> notches = new ArrayList<>();
            int n = points.size();
            for (int k = 0; k < n; k++) {
                // Edges run counter-clockwise; the corner that an edge was told with is the one it began at.
                int i = clockwise ? n - 1 - k : k;
                CornerRequest corner = given.get(i);
                String field = "piece.corners[" + i + "]";
                String edge = Typed.text(corner.name()).isEmpty() ? "edge " + (i + 1) : Typed.text(corner.name());
                Point from = clockwise ? points.get((i + 1) % n) : points.get(i);
                Point to = clockwise ? points.get(i) : points.get((i + 1) % n);
                if (edges.stream().anyMatch(e -> e.name().equals(edge))) {
                    throw new RefusedValueException(field + ".name", Wording.fill("Two edges are called “%s”.", edge));
                }
                edges.add(bowed(edge, from, to, bow(typed, corner, field, from.distanceMm(to))));
                if (!Typed.text(corner.mark()).isEmpty()) {
                    notches.add(new Piece.Notch(
                            Typed.text(corner.mark()),
                            edges.get(edges.size() - 1).at(0.5)));
                }
                String allowance = Typed.text(corner.allowance());
                allowances.put(
                        edge,
                        allowance.isEmpty()
                                ? new Allowance(10, "seam")
                                : new Allowance(typed.mm(field + ".allowance", allowance), "as entered"));
                if (corner.wish() != null) {
                    double lap = Typed.text(corner.lap()).isEmpty() ? 0 : typed.mm(field + ".lap", corner.lap());
                    wishes.put(edge, new EdgeWish(corner.wish(), lap, 0));
                }
            }
            return new Piece(
                    Typed.id("piece.name", name),
                    Typed.text(name),
                    new Outline(edges),
                    allowances,
                    quantity,
                    pair,
                    acrossToo ? CutGrain.EITHER : CutGrain.LENGTHWISE,
                    true,
                    wishes,
                    List.of(),
                    notches,
                    lining ? PieceCloth.LINING : PieceCloth.SHELL,
                    List.of(),
                    Piece.Way.USUAL);
        }

        /** A flat arc through the middle; outwards for a positive bow. */
        private static Edge bowed(String name, Point from, Point to, double bow) {
            if (bow == 0) {
                return Edge.line(name, from, to);
            }
            Point way = to.minus(from);
            Point out = way.right().times(bow * 4 / 3 / Math.max(way.lengthMm(), 1e-9));
            return Edge.curve(
                    name,
                    from,
                    from.plus(way.times(0.25)).plus(out),
                    from.plus(way.times(0.75)).plus(out),
                    to);
        }
    }

    record WantRequest(
            @Nullable String name,
            @Nullable Role role,
            @Nullable String length,
            @Nullable String stretchesTo,
            @Nullable String leastDepth,
            @Nullable String mostDepth) {
        Want toWant(LengthUnit unit) {
            Typed typed = new Typed(unit);
            return new Want(
                    "want-" + Typed.id("want.name", name),
                    Typed.text(name),
                    Typed.require("want.role", role),
                    "",
                    "",
                    typed.mm("want.length", length),
                    Typed.text(stretchesTo).isEmpty() ? 0 : typed.mm("want.stretchesTo", stretchesTo),
                    Typed.text(leastDepth).isEmpty() ? 0 : typed.mm("want.leastDepth", leastDepth),
                    Typed.text(mostDepth).isEmpty() ? 400 : typed.mm("want.mostDepth", mostDepth),
                    0,
                    Side.NONE);
        }
    }

    record LetOutRequest(
            @Nullable String waist,
            @Nullable String length,
            @Nullable String leastAllowance,
            @Nullable String hemFinish,
            boolean dartsToo,
            @Nullable Map<String, String> levels) {
        LetOut.Wish toWish(LengthUnit unit) {
            Typed typed = new Typed(unit);
            Map<String, Double> wanted = new HashMap<>();
            if (levels != null) {
                levels.forEach((id, text) -> {
                    if (!Typed.text(text).isEmpty()) {
                        wanted.put(id, typed.mm("letOut.levels." + id, text));
                    }
                });
            }
            return new LetOut.Wish(
                    typed.mm("letOut.waist", waist),
                    typed.mm("letOut.length", length),
                    typed.mm("letOut.leastAllowance", leastAllowance),
                    typed.mm("letOut.hemFinish", hemFinish),
                    dartsToo,
                    wanted);
        }
    }

    record InsertLevelRequest(
            @Nullable String down, @Nullable String gain) {}

    record InsertsRequest(
            @Nullable List<InsertLevelRequest> levels,
            int seams,
            @Nullable String seam,
            @Nullable String allowance,
            @Nullable String sleeveSeam,
            boolean lined,
            boolean piped) {
        InsertDraft.Wish toWish(LengthUnit unit) {
            Typed typed = new Typed(unit);
            List<InsertDraft.Level> read = new ArrayList<>();
            for (InsertLevelRequest level : levels == null ? List.<InsertLevelRequest>of() : levels) {
                read.add(new InsertDraft.Level(
                        typed.mm("insert.down", level.down()), typed.mm("insert.gain", level.gain())));
            }
            return new InsertDraft.Wish(
                    read,
                    seams,
                    typed.mm("insert.seam", seam),
                    typed.mm("insert.allowance", allowance),
                    Typed.text(sleeveSeam).isEmpty() ? 0 : typed.mm("insert.sleeve", sleeveSeam),
                    lined,
                    piped);
        }
    }
}
