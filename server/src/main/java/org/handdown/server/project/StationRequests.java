package org.handdown.server.project;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.ChildTable;
import org.handdown.body.Wearer;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.panel.Flaw;
import org.handdown.panel.LegSurvey;
import org.handdown.panel.Survey;
import org.handdown.pattern.DungareesEase;
import org.handdown.project.Aim;
import org.handdown.project.Garment;
import org.handdown.source.LegShape;
import org.jspecify.annotations.Nullable;

/** What the page sends of the aim and the panels: raw texts, turned into values here so that a refusal names the field. */
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
                return new Wearer.Taken(Length.ofMm(mm), "", Origin.PROPOSED);
            }
            return new Wearer.Taken(typed.length("aim.measures." + measure.name(), text), text, Origin.TAPE);
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

    record PanelRequest(
            @Nullable Map<String, StationRequest> stations,
            @Nullable List<PanelRequests.FlawRequest> flaws) {
        Survey toSurvey(Survey before, LengthUnit unit) {
            Typed typed = new Typed(unit);
            Survey measured = before instanceof LegSurvey leg ? leg.withShape(shape(leg.shape(), typed)) : before;
            List<PanelRequests.FlawRequest> given = flaws;
            if (given == null) {
                return measured;
            }
            List<Flaw> read = new ArrayList<>();
            for (int i = 0; i < given.size(); i++) {
                String field = "flaws[" + i + "]";
                read.add(Typed.require(field, given.get(i)).toFlaw(field, typed));
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
