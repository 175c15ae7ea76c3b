package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.handdown.formats.JsonField;
import org.handdown.formats.fit.FitProblemJson;
import org.handdown.geometry.Point;
import org.handdown.panel.Flaw;
import org.handdown.panel.LegSurvey;
import org.handdown.project.Project;
import org.handdown.source.LegShape;
import org.handdown.source.TrousersAnatomy;
import org.handdown.unpick.JoinDecision;

/** Measured panels as JSON: the tape's figures, never a finished outline. */
final class PanelsJson {
    private static final List<String> EDGES = List.of("hem", "side", "waist", "centre", "inseam");

    private PanelsJson() {}

    static Project.MeasuredPanels read(JsonField f) {
        return new Project.MeasuredPanels(
                SourceJson.measures(f.get("proposedFrom").required()),
                decisions(f.get("decisions")),
                f.get("surveys").required().list(s -> s.refusingHere(() -> survey(s))));
    }

    static Map<String, JoinDecision> decisions(JsonField f) {
        Map<String, JoinDecision> decisions = new HashMap<>();
        f.names().forEach(join -> decisions.put(join, f.get(join).word(JoinDecision.class)));
        return decisions;
    }

    static ObjectNode write(Map<String, JoinDecision> decisions) {
        ObjectNode node = FitProblemJson.JSON.createObjectNode();
        new TreeMap<>(decisions).forEach((join, decision) -> node.put(join, Words.of(decision)));
        return node;
    }

    private static LegSurvey survey(JsonField f) {
        String id = f.get("id").name();
        if (!TrousersAnatomy.LEGS.contains(id)) {
            throw f.get("id")
                    .refusal("is “%s”; it must be one of %s.".formatted(id, String.join(", ", TrousersAnatomy.LEGS)));
        }
        Map<String, Double> won = new HashMap<>();
        for (String edge : EDGES) {
            won.put(edge, f.get("wonMm").required().get(edge).number(0));
        }
        return new LegSurvey(
                id,
                f.refusingHere(() -> new LegShape(
                        station(f.get("hem")),
                        station(f.get("knee")),
                        station(f.get("thigh")),
                        station(f.get("seat")),
                        station(f.get("waist")),
                        f.get("centreLiftMm").number())),
                won,
                f.get("hemKept").flag(false),
                f.get("hemDepthMm").number(0),
                f.get("flaws").list(z -> z.refusingHere(() -> flaw(z))));
    }

    private static LegShape.Station station(JsonField f) {
        f.required();
        return new LegShape.Station(
                f.get("heightMm").number(),
                f.get("widthMm").number(),
                f.get("toSideMm").number());
    }

    private static Flaw flaw(JsonField f) {
        return new Flaw(
                f.get("treatment").word(Flaw.Treatment.class),
                f.get("what").text(""),
                f.get("centre").point(),
                f.get("widthMm").number(),
                f.get("heightMm").number());
    }

    static ObjectNode write(Project.MeasuredPanels panels) {
        ObjectNode node = FitProblemJson.JSON.createObjectNode();
        node.set("proposedFrom", SourceJson.write(panels.measures()));
        node.set("decisions", write(panels.decisions()));
        ArrayNode surveys = node.putArray("surveys");
        panels.surveys().forEach(s -> surveys.add(write(s)));
        return node;
    }

    private static ObjectNode write(LegSurvey survey) {
        ObjectNode node = FitProblemJson.JSON.createObjectNode().put("id", survey.id());
        LegShape shape = survey.shape();
        put(node, "hem", shape.hem());
        put(node, "knee", shape.knee());
        put(node, "thigh", shape.thigh());
        put(node, "seat", shape.seat());
        put(node, "waist", shape.waist());
        node.put("centreLiftMm", shape.centreLiftMm());
        ObjectNode won = node.putObject("wonMm");
        EDGES.forEach(e -> won.put(e, survey.wonMm().getOrDefault(e, 0.0)));
        node.put("hemKept", survey.hemKept()).put("hemDepthMm", survey.hemDepthMm());
        ArrayNode flaws = node.putArray("flaws");
        for (Flaw flaw : survey.flaws()) {
            Point centre = flaw.centre();
            ObjectNode z = flaws.addObject()
                    .put("treatment", Words.of(flaw.treatment()))
                    .put("what", flaw.what());
            z.putArray("centre").add(centre.x()).add(centre.y());
            z.put("widthMm", flaw.widthMm()).put("heightMm", flaw.heightMm());
        }
        return node;
    }

    private static void put(ObjectNode node, String name, LegShape.Station station) {
        node.putObject(name)
                .put("heightMm", station.heightMm())
                .put("widthMm", station.widthMm())
                .put("toSideMm", station.toSideMm());
    }
}
