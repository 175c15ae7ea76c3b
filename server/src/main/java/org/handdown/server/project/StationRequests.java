package org.handdown.server.project;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.ChildTable;
import org.handdown.body.Wearer;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.StretchTest;
import org.handdown.cloth.Weave;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Flaw;
import org.handdown.panel.LegSurvey;
import org.handdown.panel.Survey;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.DungareesEase;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Role;
import org.handdown.project.Aim;
import org.handdown.project.Garment;
import org.handdown.reuse.Want;
import org.handdown.source.Adjustment;
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Fault;
import org.handdown.source.Fold;
import org.handdown.source.GarmentMeasures;
import org.handdown.source.Join;
import org.handdown.source.Layer;
import org.handdown.source.LegShape;
import org.handdown.source.MeasureSpec;
import org.handdown.source.PartRole;
import org.handdown.source.Source;
import org.handdown.source.SourceKind;
import org.handdown.source.StitchType;
import org.handdown.unpick.LetOut;
import org.jspecify.annotations.Nullable;

/** What the page sends to settle a station: raw texts, turned into values here so that a refusal names the field. */
final class StationRequests {
    private StationRequests() {}

    /** @param measures texts by measure id; a measure that is missing or empty takes what the height proposes */
    record AimRequest(
            @Nullable Garment garment,
            @Nullable String what,
            @Nullable String wearer,
            @Nullable LengthUnit unit,
            @Nullable Map<String, String> measures,
            @Nullable String hipEase,
            @Nullable String aboveFloor,
            @Nullable String seam,
            @Nullable String hem) {
        Aim toAim() {
            LengthUnit read = Typed.require("aim.unit", unit);
            Typed typed = new Typed(read);
            Map<String, String> texts = measures == null ? Map.of() : measures;
            String height = Typed.text(texts.get(BodyMeasure.HEIGHT.name()));
            Length tall = BodyMeasure.HEIGHT
                    .range()
                    .require("aim.measures.HEIGHT", typed.length("aim.measures.HEIGHT", height));
            Map<BodyMeasure, Wearer.Taken> taken = new EnumMap<>(BodyMeasure.class);
            for (BodyMeasure measure : BodyMeasure.values()) {
                taken.put(measure, taken(measure, Typed.text(texts.get(measure.name())), typed, tall));
            }
            Garment made = garment == null ? Garment.DUNGAREES : garment;
            String words = Typed.text(what);
            return new Aim(
                    made,
                    words.isEmpty() && made == Garment.DUNGAREES ? "dungarees" : words,
                    new Wearer(Typed.text(wearer), taken),
                    new DungareesEase(
                            typed.mm("aim.ease.hip", hipEase),
                            typed.signedMm("aim.ease.aboveFloor", aboveFloor),
                            typed.mm("aim.ease.seam", seam),
                            typed.mm("aim.ease.hem", hem)),
                    read);
        }

        private static Wearer.Taken taken(BodyMeasure measure, String text, Typed typed, Length tall) {
            if (text.isEmpty()) {
                double mm = ChildTable.proposedMm(measure, tall.mm());
                return new Wearer.Taken(Length.ofMm(mm), "", Wearer.Origin.PROPOSED);
            }
            return new Wearer.Taken(typed.length("aim.measures." + measure.name(), text), text, Wearer.Origin.TAPE);
        }
    }

    /** Readings of one direction; empty texts mean that it was not tested. */
    record StretchRequest(
            @Nullable String gauge,
            @Nullable String stretched,
            @Nullable String released) {
        @Nullable
        StretchTest toTest(String field, Typed typed) {
            if ((Typed.text(gauge) + Typed.text(stretched) + Typed.text(released)).isEmpty()) {
                return null;
            }
            double rest = typed.mm(field + ".gauge", gauge);
            double pulled = typed.mm(field + ".stretched", stretched);
            double let = Typed.text(released).isEmpty() ? rest : typed.mm(field + ".released", released);
            return new StretchTest(rest, pulled, let);
        }
    }

    record ClothRequest(
            @Nullable String name,
            @Nullable String fibre,
            @Nullable Weave weave,
            @Nullable String colour,
            boolean oneWay,
            boolean reversible,
            @Nullable String thickness,
            @Nullable HeatLimit heat,
            @Nullable StretchRequest across,
            @Nullable StretchRequest along,
            ClothSheet.@Nullable CutEdge edge,
            boolean slippery,
            boolean pinMarks,
            boolean neverFlatten) {
        Cloth toCloth(Typed typed) {
            ClothSheet sheet = new ClothSheet(
                    across == null ? null : across.toTest("source.cloth.across", typed),
                    along == null ? null : along.toTest("source.cloth.along", typed),
                    edge == null ? ClothSheet.CutEdge.UNTESTED : edge,
                    slippery,
                    pinMarks,
                    neverFlatten);
            return new Cloth(
                    Typed.text(name),
                    Typed.text(fibre),
                    Typed.require("source.cloth.weave", weave),
                    Typed.text(colour),
                    oneWay,
                    reversible,
                    new Typed(LengthUnit.MM).mm("source.cloth.thickness", thickness),
                    Typed.require("source.cloth.heat", heat),
                    sheet);
        }
    }

    record FaultRequest(@Nullable String what, @Nullable String where, Fault.@Nullable Remedy remedy) {
        Fault toFault() {
            return new Fault(Typed.text(what), Typed.text(where), Typed.require("source.faults.remedy", remedy));
        }
    }

    record SourceRequest(
            @Nullable SourceKind kind,
            @Nullable String name,
            @Nullable String what,
            @Nullable String condition,
            @Nullable String care,
            @Nullable String cost,
            @Nullable ClothRequest cloth,
            @Nullable Map<String, String> measures,
            @Nullable List<FaultRequest> faults) {
        private static final int LONGEST = 2_000;

        /** @param before adjustments stay while the kind stays */
        Source toSource(LengthUnit unit, @Nullable Source before) {
            Typed typed = new Typed(unit);
            SourceKind made = kind == null ? SourceKind.TROUSERS : kind;
            Map<String, String> texts = measures == null ? Map.of() : measures;
            Map<String, Double> values = new HashMap<>();
            for (MeasureSpec spec : made.measures()) {
                values.put(spec.id(), value(spec, texts.get(spec.id()), typed));
            }
            Construction construction = new Construction(
                    new GarmentMeasures(made, values),
                    before != null && before.kind() == made
                            ? before.construction().adjustments()
                            : List.of());
            construction.anatomy();
            return new Source(
                    bounded("source.name", name),
                    bounded("source.what", what),
                    bounded("source.condition", condition),
                    bounded("source.care", care),
                    bounded("source.cost", cost),
                    Typed.require("source.cloth", cloth).toCloth(typed),
                    construction,
                    faults == null
                            ? before == null ? List.of() : before.faults()
                            : faults.stream().map(FaultRequest::toFault).toList(),
                    before == null ? Assessment.NONE : before.assessment());
        }

        private static double value(MeasureSpec spec, @Nullable String text, Typed typed) {
            String field = "source." + spec.id();
            if (spec.quantity() != MeasureSpec.Quantity.COUNT) {
                return typed.mm(field, text);
            }
            return Typed.count(field, text);
        }

        private static String bounded(String field, @Nullable String text) {
            String plain = Typed.text(text);
            if (plain.length() > LONGEST) {
                throw new RefusedValueException(field, "is too long; 2000 characters are the most.");
            }
            return plain;
        }
    }

    /** One way in which this source differs; which fields are read depends on {@code what}. */
    record AdjustmentRequest(
            @Nullable String what,
            @Nullable String name,
            @Nullable String part,
            @Nullable String edge,
            @Nullable String otherPart,
            @Nullable String otherEdge,
            Fold.@Nullable Kind fold,
            @Nullable StitchType stitch,
            @Nullable PartRole role,
            @Nullable String width,
            @Nullable String height,
            @Nullable String length,
            @Nullable String allowance,
            @Nullable String count) {
        Adjustment toAdjustment(LengthUnit unit, int index) {
            Typed typed = new Typed(unit);
            String on = Typed.text(part);
            return switch (Typed.text(what)) {
                case "part" ->
                    new Adjustment.AddPart(
                            Typed.id("adjustment.name", name),
                            Typed.text(name),
                            typed.mm("adjustment.width", width),
                            typed.mm("adjustment.height", height),
                            role == null ? PartRole.PANEL : role,
                            Layer.SHELL);
                case "join" ->
                    new Adjustment.AddJoin(
                            Typed.id("adjustment.name", name),
                            Typed.text(name),
                            List.of(
                                    new Join.Run(on, Typed.text(edge)),
                                    new Join.Run(Typed.text(otherPart), Typed.text(otherEdge))),
                            stitch == null ? StitchType.PLAIN : stitch,
                            1,
                            typed.mm("adjustment.length", length),
                            Typed.text(allowance).isEmpty() ? 10 : typed.mm("adjustment.allowance", allowance));
                case "fold" ->
                    new Adjustment.AddFold(new Fold(
                            "fold-" + index + "-" + on,
                            Typed.require("adjustment.fold", fold),
                            on,
                            Typed.text(edge),
                            (int) Typed.count("adjustment.count", count),
                            typed.mm("adjustment.width", width),
                            Typed.text(length).isEmpty() ? 0 : typed.mm("adjustment.length", length)));
                case "pocket" ->
                    new Adjustment.AddPocket(
                            on, typed.mm("adjustment.width", width), typed.mm("adjustment.height", height));
                case "lining" -> new Adjustment.AddLining(on, Typed.text(edge));
                case "take-out" -> new Adjustment.TakeOut(on);
                default ->
                    throw new RefusedValueException(
                            "adjustment.what", "must be one of part, join, fold, pocket, lining, take-out.");
            };
        }
    }

    /** An edge of a piece entered by hand: its start corner, its allowance, and what it may lie on. */
    record CornerRequest(
            @Nullable String x,
            @Nullable String y,
            @Nullable String name,
            @Nullable String allowance,
            @Nullable Role wish,
            @Nullable String lap,
            @Nullable String bow) {}

    record PieceRequest(
            @Nullable String name,
            int quantity,
            boolean pair,
            boolean acrossToo,
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

        private Piece piece(Typed typed, List<CornerRequest> given, List<Point> points, boolean clockwise) {
            List<Edge> edges = new ArrayList<>();
            Map<String, Allowance> allowances = new HashMap<>();
            Map<String, EdgeWish> wishes = new HashMap<>();
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
                    throw new RefusedValueException(field + ".name", "Two edges are called “%s”.".formatted(edge));
                }
                double bow = Typed.text(corner.bow()).isEmpty() ? 0 : typed.signedMm(field + ".bow", corner.bow());
                if (!(Math.abs(bow) <= from.distanceMm(to))) {
                    throw new RefusedValueException(
                            field + ".bow",
                            "An edge of %.0f mm cannot swing out by %.0f mm; put corners along it instead."
                                    .formatted(from.distanceMm(to), Math.abs(bow)));
                }
                edges.add(bowed(edge, from, to, bow));
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
                    List.of());
        }

        /** A flat arc through the middle; outwards for a positive bow. */
        private static Edge bowed(String name, Point from, Point to, double bow) {
            if (bow == 0) {
                return Edge.line(name, from, to);
            }
            Point way = to.minus(from);
            Point out = new Point(way.y(), -way.x()).times(bow * 4 / 3 / Math.max(way.lengthMm(), 1e-9));
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
                    0);
        }
    }

    record LetOutRequest(
            @Nullable String waist,
            @Nullable String length,
            @Nullable String leastAllowance,
            @Nullable String hemFinish,
            boolean dartsToo) {
        LetOut.Wish toWish(LengthUnit unit) {
            Typed typed = new Typed(unit);
            return new LetOut.Wish(
                    typed.mm("letOut.waist", waist),
                    typed.mm("letOut.length", length),
                    typed.mm("letOut.leastAllowance", leastAllowance),
                    typed.mm("letOut.hemFinish", hemFinish),
                    dartsToo);
        }
    }

    record StationRequest(
            @Nullable String height,
            @Nullable String width,
            @Nullable String toSide) {
        LegShape.Station toStation(String field, Typed typed) {
            return new LegShape.Station(
                    typed.mm(field + ".height", height),
                    typed.mm(field + ".width", width),
                    typed.mm(field + ".toSide", toSide));
        }
    }

    record FlawRequest(
            Flaw.@Nullable Treatment treatment,
            @Nullable String what,
            @Nullable String x,
            @Nullable String y,
            @Nullable String width,
            @Nullable String height) {
        Flaw toFlaw(String field, Typed typed) {
            return new Flaw(
                    Typed.require(field + ".treatment", treatment),
                    Typed.text(what),
                    new Point(typed.signedMm(field + ".x", x), typed.signedMm(field + ".y", y)),
                    typed.mm(field + ".width", width),
                    typed.mm(field + ".height", height));
        }
    }

    record PanelRequest(
            @Nullable Map<String, StationRequest> stations,
            @Nullable List<FlawRequest> flaws) {
        Survey toSurvey(Survey before, LengthUnit unit) {
            Typed typed = new Typed(unit);
            Survey measured = before instanceof LegSurvey leg ? leg.withShape(shape(leg.shape(), typed)) : before;
            List<FlawRequest> given = flaws;
            if (given == null) {
                return measured;
            }
            List<Flaw> read = new ArrayList<>();
            for (int i = 0; i < given.size(); i++) {
                read.add(given.get(i).toFlaw("flaws[" + i + "]", typed));
            }
            return measured.withFlaws(read);
        }

        private LegShape shape(LegShape old, Typed typed) {
            return new LegShape(
                    station("hem", old.hem(), typed),
                    station("knee", old.knee(), typed),
                    station("thigh", old.thigh(), typed),
                    station("seat", old.seat(), typed),
                    station("waist", old.waist(), typed),
                    old.centreLiftMm());
        }

        private LegShape.Station station(String id, LegShape.Station old, Typed typed) {
            StationRequest given = stations == null ? null : stations.get(id);
            return given == null ? old : given.toStation("stations." + id, typed);
        }
    }
}
