package org.handdown.server.panels;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.assembly.Layer;
import org.handdown.fit.EdgeKind;
import org.handdown.formats.JsonField;
import org.handdown.formats.project.OutlineJson;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.survey.Baseline;
import org.handdown.panel.survey.DrawnOutline;
import org.handdown.panel.survey.FourSides;
import org.handdown.panel.survey.OutlineMethod;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.ShapeByMeasures;
import org.handdown.panel.survey.TwoPins;
import org.handdown.server.project.Typed;
import org.handdown.source.graph.EdgeFinish;
import org.jspecify.annotations.Nullable;

/** What the page sends of a panel measured with a tape: raw texts, turned into values here so that a refusal names the field. */
final class TapeRequests {
    /** How far a traced point may be off with a sheet of known size well in the picture (by the simulated camera). */
    private static final double PHOTO_MM = 2;

    private static final double MOST_OFF_MM = 100;

    private TapeRequests() {}

    /** How it is measured. */
    enum Way {
        SHAPE,
        SIDES,
        BASELINE,
        PINS,
        PHOTO,
        FILE
    }

    /**
     * A point as it was walked; which texts are read depends on the way.
     *
     * @param curve true where the edge runs smoothly through it
     * @param finish of the edge that begins here
     */
    record PointRequest(
            @Nullable String along,
            @Nullable String right,
            @Nullable String fromFirst,
            @Nullable String fromSecond,
            TwoPins.@Nullable Where side,
            @Nullable String toNext,
            boolean curve,
            @Nullable String edge,
            @Nullable EdgeKind finish,
            @Nullable String depth) {}

    record CheckRequest(int from, int to, @Nullable String mm) {}

    /**
     * One distance on the cloth that proves a drawing.
     *
     * @param what width, height, the name of an edge, or two points as 2-5
     * @param scale whether the drawing is brought to it
     */
    record ProofRequest(@Nullable String what, @Nullable String taped, boolean scale) {
        DrawnOutline prove(
                DrawnOutline.Means means,
                String from,
                Outline outline,
                List<Point> points,
                double toleranceMm,
                Typed typed) {
            double drawn = drawnMm(Typed.text(what), outline, points);
            double onCloth = typed.mm("proof.taped", taped);
            if (!scale) {
                return new DrawnOutline(means, from, outline, toleranceMm, new DrawnOutline.Proof(drawn, onCloth));
            }
            double factor = onCloth / drawn;
            Outline scaled = new Outline(outline.edges().stream()
                    .map(e -> e.map(p -> p.times(factor)))
                    .toList());
            return new DrawnOutline(means, from, scaled, toleranceMm, new DrawnOutline.Proof(onCloth, onCloth));
        }

        private static double drawnMm(String what, Outline outline, List<Point> points) {
            Box box = outline.box();
            if (what.equals("width")) {
                return box.widthMm();
            }
            if (what.equals("height")) {
                return box.heightMm();
            }
            if (what.matches("\\d{1,3}-\\d{1,3}")) {
                String[] ends = what.split("-");
                int a = Integer.parseInt(ends[0]) - 1;
                int b = Integer.parseInt(ends[1]) - 1;
                if (a >= 0 && b >= 0 && a != b && a < points.size() && b < points.size()) {
                    return points.get(a).distanceMm(points.get(b));
                }
            }
            return outline.edges().stream()
                    .filter(e -> e.name().equals(what))
                    .findFirst()
                    .orElseThrow(() -> new RefusedValueException(
                            "proof.what", "Say what was taped: the width, the height, an edge, or two points."))
                    .lengthMm();
        }
    }

    /**
     * @param outline as a project file has it, mm; {@code from} what it is called
     * @param within how far a photo's outline may be off, as it was told when it was traced
     */
    record DrawnRequest(
            @Nullable String from,
            @Nullable String within,
            @Nullable JsonNode outline,
            @Nullable ProofRequest proof) {}

    record TapeRequest(
            @Nullable Way way,
            @Nullable String name,
            @Nullable List<PointRequest> points,
            @Nullable String apart,
            @Nullable List<CheckRequest> checks,
            @Nullable Map<String, String> sides,
            @Nullable ReadyShape shape,
            @Nullable Map<String, String> measures,
            @Nullable DrawnRequest drawn,
            @Nullable Layer layer) {
        OutlineMethod toMethod(LengthUnit unit) {
            Typed typed = new Typed(unit);
            return switch (Typed.require("tape.way", way)) {
                case BASELINE -> baseline(typed);
                case PINS -> pins(typed);
                case SIDES -> fourSides(typed);
                case SHAPE -> byMeasures(typed);
                case PHOTO -> photo(typed);
                case FILE -> file(typed);
            };
        }

        private List<PointRequest> walked() {
            return points == null ? List.of() : points;
        }

        private Baseline baseline(Typed typed) {
            List<Baseline.Offset> read = new ArrayList<>();
            for (int i = 0; i < walked().size(); i++) {
                PointRequest p = walked().get(i);
                read.add(new Baseline.Offset(
                        typed.signedMm("points[" + i + "].along", p.along()),
                        typed.signedMm("points[" + i + "].right", p.right()),
                        !p.curve(),
                        Typed.text(p.edge())));
            }
            return new Baseline(read);
        }

        private TwoPins pins(Typed typed) {
            List<TwoPins.Sighting> read = new ArrayList<>();
            for (int i = 0; i < walked().size(); i++) {
                PointRequest p = walked().get(i);
                String field = "points[" + i + "]";
                read.add(new TwoPins.Sighting(
                        typed.mm(field + ".fromFirst", p.fromFirst()),
                        typed.mm(field + ".fromSecond", p.fromSecond()),
                        p.side() == null ? TwoPins.Where.RIGHT : p.side(),
                        Typed.text(p.toNext()).isEmpty() ? 0 : typed.mm(field + ".toNext", p.toNext()),
                        !p.curve(),
                        Typed.text(p.edge())));
            }
            List<TwoPins.Check> across = new ArrayList<>();
            for (CheckRequest c : checks == null ? List.<CheckRequest>of() : checks) {
                across.add(new TwoPins.Check(
                        c.from() - 1, c.to() - 1, typed.mm("pins.checks[" + across.size() + "]", c.mm())));
            }
            return new TwoPins(typed.mm("pins.apart", apart), read, across);
        }

        private FourSides fourSides(Typed typed) {
            Map<String, String> given = sides == null ? Map.of() : sides;
            String falling = Typed.text(given.get("falling"));
            return new FourSides(
                    typed.mm("sides.lower", given.get("lower")),
                    typed.mm("sides.right", given.get("right")),
                    typed.mm("sides.upper", given.get("upper")),
                    typed.mm("sides.left", given.get("left")),
                    typed.mm("sides.rising", given.get("rising")),
                    falling.isEmpty() ? 0 : typed.mm("sides.falling", falling));
        }

        private ShapeByMeasures byMeasures(Typed typed) {
            ReadyShape which = Typed.require("tape.shape", shape);
            Map<String, String> given = measures == null ? Map.of() : measures;
            Map<String, Double> read = new HashMap<>();
            for (ReadyShape.Measure m : which.measures()) {
                String text = Typed.text(given.get(m.id()));
                if (!text.isEmpty()) {
                    String field = "measures." + m.id();
                    read.put(
                            m.id(),
                            m.kind() == ReadyShape.Kind.COUNT ? Typed.count(field, text) : typed.mm(field, text));
                }
            }
            return new ShapeByMeasures(which, read);
        }

        /** Points of a flattened photo: to the right and up on the table. */
        private DrawnOutline photo(Typed typed) {
            Baseline walked = baseline(typed);
            List<Point> at = walked.points().stream()
                    .map(p -> new Point(p.rightMm(), p.alongMm()))
                    .toList();
            return proved(DrawnOutline.Means.PHOTO, walked.outline(), at, within(typed), typed);
        }

        /** Nobody taps nearer than that; what the sheet tells worse is worse. */
        private double within(Typed typed) {
            String told = drawn == null ? "" : Typed.text(drawn.within);
            double mm = told.isEmpty() ? PHOTO_MM : Math.max(PHOTO_MM, typed.mm("drawn.within", told));
            if (mm > MOST_OFF_MM) {
                throw new RefusedValueException(
                        "drawn.within",
                        Wording.of(
                                "The sheet tells nothing there: take the picture again, the sheet within 300 mm of the cloth."));
            }
            return mm;
        }

        private DrawnOutline file(Typed typed) {
            DrawnRequest given = Typed.require("tape.drawn", drawn);
            Outline outline = OutlineJson.read(new JsonField("outline", Typed.require("tape.outline", given.outline)));
            if (walked().size() == outline.edges().size()) {
                List<Edge> named = new ArrayList<>();
                for (int i = 0; i < walked().size(); i++) {
                    Edge e = outline.edges().get(i);
                    String name = Typed.text(walked().get(i).edge());
                    named.add(new Edge(name.isEmpty() ? e.name() : name, e.segments()));
                }
                outline = new Outline(named);
            }
            return proved(DrawnOutline.Means.FILE, outline, List.of(), Origin.PATTERN.toleranceMm(), typed);
        }

        private DrawnOutline proved(
                DrawnOutline.Means means, Outline outline, List<Point> points, double toleranceMm, Typed typed) {
            String from = drawn == null ? "" : Typed.text(drawn.from);
            ProofRequest proof = drawn == null ? null : drawn.proof;
            return proof == null || Typed.text(proof.taped).isEmpty()
                    ? new DrawnOutline(means, from, outline, toleranceMm, null)
                    : proof.prove(means, from, outline, points, toleranceMm, typed);
        }

        /** Finishes of the edges that were named with one; those of four sides come as points of their names. */
        Map<String, EdgeFinish> finishes(LengthUnit unit) {
            Typed typed = new Typed(unit);
            Map<String, EdgeFinish> finishes = new HashMap<>();
            for (int i = 0; i < walked().size(); i++) {
                PointRequest p = walked().get(i);
                if (p.finish() != null && p.finish() != EdgeKind.RAW) {
                    String edge = Typed.text(p.edge());
                    if (edge.isEmpty()) {
                        throw new RefusedValueException(
                                "points[" + i + "].edge", "A finished edge needs a name: hem, left side, front.");
                    }
                    double depth = Typed.text(p.depth()).isEmpty() ? 0 : typed.mm("points[" + i + "].depth", p.depth());
                    finishes.put(edge, new EdgeFinish(p.finish(), depth));
                }
            }
            return finishes;
        }
    }
}
