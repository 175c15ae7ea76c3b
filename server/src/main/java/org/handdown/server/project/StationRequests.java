package org.handdown.server.project;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.ChildTable;
import org.handdown.body.Wearer;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.geometry.Point;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Flaw;
import org.handdown.panel.LegSurvey;
import org.handdown.pattern.DungareesEase;
import org.handdown.project.Aim;
import org.handdown.project.TrouserSource;
import org.handdown.source.LegShape;
import org.handdown.source.TrouserMeasures;
import org.jspecify.annotations.Nullable;

/** What the page sends to settle a station: raw texts, turned into values here so that a refusal names the field. */
final class StationRequests {
    private StationRequests() {}

    /** @param measures texts by measure id; a measure that is missing or empty takes what the height proposes */
    record AimRequest(
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
            return new Aim(
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

    record ClothRequest(
            @Nullable String name,
            @Nullable String fibre,
            @Nullable Weave weave,
            @Nullable String colour,
            boolean oneWay,
            boolean reversible,
            @Nullable String thickness,
            @Nullable HeatLimit heat) {
        Cloth toCloth(Typed typed) {
            return new Cloth(
                    Typed.text(name),
                    Typed.text(fibre),
                    Typed.require("source.cloth.weave", weave),
                    Typed.text(colour),
                    oneWay,
                    reversible,
                    new Typed(LengthUnit.MM).mm("source.cloth.thickness", thickness),
                    Typed.require("source.cloth.heat", heat));
        }
    }

    record SourceRequest(
            @Nullable String name,
            @Nullable String what,
            @Nullable String condition,
            @Nullable String care,
            @Nullable String cost,
            @Nullable ClothRequest cloth,
            @Nullable Map<String, String> measures) {
        private static final int LONGEST = 2_000;

        TrouserSource toSource(LengthUnit unit) {
            Typed typed = new Typed(unit);
            Map<String, String> texts = measures == null ? Map.of() : measures;
            java.util.function.ToDoubleFunction<String> mm = id -> typed.mm("source." + id, texts.get(id));
            TrouserMeasures read = new TrouserMeasures(
                    mm.applyAsDouble("waist"),
                    mm.applyAsDouble("seat"),
                    mm.applyAsDouble("thigh"),
                    mm.applyAsDouble("knee"),
                    mm.applyAsDouble("hem"),
                    mm.applyAsDouble("insideLeg"),
                    mm.applyAsDouble("outsideLeg"),
                    mm.applyAsDouble("waistband"),
                    mm.applyAsDouble("hemDepth"),
                    mm.applyAsDouble("allowance"));
            Cloth made = Typed.require("source.cloth", cloth).toCloth(typed);
            return new TrouserSource(
                    bounded("source.name", name),
                    bounded("source.what", what),
                    bounded("source.condition", condition),
                    bounded("source.care", care),
                    bounded("source.cost", cost),
                    made,
                    read);
        }

        private static String bounded(String field, @Nullable String text) {
            String plain = Typed.text(text);
            if (plain.length() > LONGEST) {
                throw new RefusedValueException(field, "is too long; 2000 characters are the most.");
            }
            return plain;
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
        LegSurvey toSurvey(LegSurvey before, LengthUnit unit) {
            Typed typed = new Typed(unit);
            LegShape old = before.shape();
            LegShape shape = new LegShape(
                    station("hem", old.hem(), typed),
                    station("knee", old.knee(), typed),
                    station("thigh", old.thigh(), typed),
                    station("seat", old.seat(), typed),
                    station("waist", old.waist(), typed),
                    old.centreLiftMm());
            LegSurvey measured = before.withShape(shape);
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

        private LegShape.Station station(String id, LegShape.Station old, Typed typed) {
            StationRequest given = stations == null ? null : stations.get(id);
            return given == null ? old : given.toStation("stations." + id, typed);
        }
    }
}
