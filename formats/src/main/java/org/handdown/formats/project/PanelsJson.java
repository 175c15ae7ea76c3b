package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.handdown.assembly.Layer;
import org.handdown.fit.EdgeKind;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.measure.Wording;
import org.handdown.panel.survey.LegSurvey;
import org.handdown.panel.survey.PartSurvey;
import org.handdown.panel.survey.Survey;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.project.MeasuredPanels;
import org.handdown.project.Project;
import org.handdown.source.anatomy.TrouserLegs;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.shape.LegShape;
import org.handdown.unpick.FreedEdges;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.Stretch;
import org.handdown.unpick.Stretches;

/** Measured panels as JSON, and which joins were opened for them. */
final class PanelsJson {
    private PanelsJson() {}

    static MeasuredPanels read(JsonField f) {
        return new MeasuredPanels(
                ConstructionJson.read(f.get("proposedFrom").required()),
                opening(f),
                f.get("surveys").required().list(s -> s.refusingHere(() -> survey(s))),
                Set.copyOf(f.get("gone").list(JsonField::name)));
    }

    static Project.Opening opening(JsonField f) {
        JsonField decided = f.get("decisions");
        Map<String, JoinDecision> decisions = new HashMap<>();
        decided.names().forEach(join -> decisions.put(join, decided.get(join).word(JoinDecision.class)));
        JsonField partly = f.get("stretches");
        Map<String, Stretches> stretches = new HashMap<>();
        partly.names().forEach(join -> {
            JsonField s = partly.get(join);
            // A single stretch may stand without its list.
            stretches.put(
                    join,
                    s.refusingHere(() ->
                            new Stretches(s.node().isArray() ? s.list(PanelsJson::stretch) : List.of(stretch(s)))));
        });
        return new Project.Opening(decisions, stretches);
    }

    private static Stretch stretch(JsonField f) {
        return f.refusingHere(
                () -> new Stretch(f.get("fromMm").number(), f.get("toMm").number()));
    }

    static void write(ObjectNode node, Project.Opening opening) {
        ObjectNode decisions = node.putObject("decisions");
        new TreeMap<>(opening.joins()).forEach((join, decision) -> decisions.put(join, Words.of(decision)));
        ObjectNode stretches = node.putObject("stretches");
        new TreeMap<>(opening.stretches()).forEach((join, all) -> {
            ArrayNode list = stretches.putArray(join);
            all.parts().forEach(s -> list.addObject().put("fromMm", s.fromMm()).put("toMm", s.toMm()));
        });
    }

    private static Survey survey(JsonField f) {
        String id = f.get("id").name();
        JsonField leg = f.get("leg");
        JsonField taped = f.get("taped");
        if (taped.isPresent()) {
            return new TapedSurvey(
                    id,
                    f.get("name").name(),
                    f.get("layer").word(Layer.class, Layer.SHELL),
                    TapeJson.read(taped),
                    edges(f).kept(),
                    CarriedJson.read(f));
        }
        if (!leg.isPresent()) {
            return new PartSurvey(
                    id,
                    f.get("name").name(),
                    f.get("layer").word(Layer.class, Layer.SHELL),
                    OutlineJson.read(f.get("outline")),
                    edges(f),
                    CarriedJson.read(f));
        }
        if (!TrouserLegs.LEGS.contains(id)) {
            throw f.get("id")
                    .refusal(Wording.fill("is “%s”; it must be one of %s.", id, String.join(", ", TrouserLegs.LEGS)));
        }
        return new LegSurvey(
                id,
                leg.refusingHere(() -> new LegShape(
                        station(leg.get("hem")),
                        station(leg.get("knee")),
                        station(leg.get("thigh")),
                        station(leg.get("seat")),
                        station(leg.get("waist")),
                        leg.get("centreLiftMm").number())),
                edges(f),
                CarriedJson.read(f));
    }

    private static FreedEdges edges(JsonField f) {
        Map<String, Double> won = new HashMap<>();
        JsonField given = f.get("wonMm");
        given.names().forEach(edge -> won.put(edge, given.get(edge).number()));
        Map<String, EdgeFinish> kept = new HashMap<>();
        JsonField finished = f.get("kept");
        finished.names().forEach(edge -> {
            JsonField k = finished.get(edge);
            kept.put(
                    edge,
                    k.refusingHere(() -> new EdgeFinish(
                            k.get("kind").word(EdgeKind.class),
                            k.get("depthMm").number(0),
                            k.get("restMm").number(0))));
        });
        return new FreedEdges(won, kept);
    }

    private static LegShape.Station station(JsonField f) {
        f.required();
        return new LegShape.Station(
                f.get("heightMm").number(),
                f.get("widthMm").number(),
                f.get("toSideMm").number());
    }

    static ObjectNode write(MeasuredPanels panels) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        node.set("proposedFrom", ConstructionJson.write(panels.construction()));
        write(node, panels.opening());
        ArrayNode surveys = node.putArray("surveys");
        panels.surveys().forEach(s -> surveys.add(write(s)));
        if (!panels.gone().isEmpty()) {
            ArrayNode gone = node.putArray("gone");
            panels.gone().stream().sorted().forEach(gone::add);
        }
        return node;
    }

    private static ObjectNode write(Survey survey) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("id", survey.id());
        if (survey instanceof LegSurvey leg) {
            ObjectNode shape = node.putObject("leg");
            put(shape, "hem", leg.shape().hem());
            put(shape, "knee", leg.shape().knee());
            put(shape, "thigh", leg.shape().thigh());
            put(shape, "seat", leg.shape().seat());
            put(shape, "waist", leg.shape().waist());
            shape.put("centreLiftMm", leg.shape().centreLiftMm());
        } else if (survey instanceof TapedSurvey taped) {
            node.put("name", survey.name()).put("layer", Words.of(survey.layer()));
            TapeJson.write(node.putObject("taped"), taped.method());
        } else {
            node.put("name", survey.name())
                    .put("layer", Words.of(survey.layer()))
                    .set("outline", OutlineJson.write(survey.stitchLine()));
        }
        ObjectNode won = node.putObject("wonMm");
        new TreeMap<>(survey.edges().wonMm()).forEach(won::put);
        ObjectNode kept = node.putObject("kept");
        new TreeMap<>(
                        survey instanceof TapedSurvey taped
                                ? taped.finishes()
                                : survey.edges().kept())
                .forEach((edge, k) -> kept.putObject(edge)
                        .put("kind", k.kind().word())
                        .put("depthMm", k.depthMm())
                        .put("restMm", k.restMm()));
        CarriedJson.write(node, survey.carried());
        return node;
    }

    private static void put(ObjectNode node, String name, LegShape.Station station) {
        node.putObject(name)
                .put("heightMm", station.heightMm())
                .put("widthMm", station.widthMm())
                .put("toSideMm", station.toSideMm());
    }
}
