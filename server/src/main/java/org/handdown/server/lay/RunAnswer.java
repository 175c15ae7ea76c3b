package org.handdown.server.lay;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.formats.Json;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.formats.fit.FitProblemJson;
import org.handdown.formats.project.ProjectJson;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.jspecify.annotations.Nullable;

/** What a run found out, as it is stored while more is looked for. */
record RunAnswer(List<Offer> offers) {
    /**
     * One thing found.
     *
     * @param kind in one word
     * @param words what it is, lengths in mm
     * @param cost what it costs or what stops it, lengths in mm
     * @param after the project with it; null where it is a figure alone
     * @param lay that shows it; null for none
     */
    record Offer(
            String kind,
            String words,
            String cost,
            @Nullable Project after,
            @Nullable Lay lay) {
        static Offer changing(String kind, String words, String cost, Project after) {
            return new Offer(kind, words, cost, after, after.lay());
        }

        static Offer showing(String kind, String words, String cost, FitProblem problem, FitLayout layout) {
            return new Offer(kind, words, cost, null, new Lay(problem, layout, false));
        }
    }

    static final RunAnswer NONE = new RunAnswer(List.of());

    RunAnswer {
        offers = List.copyOf(offers);
    }

    RunAnswer and(Offer offer) {
        List<Offer> more = new ArrayList<>(offers);
        more.add(offer);
        return new RunAnswer(more);
    }

    String text() {
        ObjectNode node = Json.MAPPER.createObjectNode();
        ArrayNode list = node.putArray("offers");
        for (Offer o : offers) {
            ObjectNode one =
                    list.addObject().put("kind", o.kind).put("words", o.words).put("cost", o.cost);
            if (o.after != null) {
                one.set("after", ProjectJson.write(o.after));
            } else if (o.lay != null) {
                one.set("problem", FitProblemJson.write(o.lay.problem()));
                one.set("layout", FitLayoutJson.write(o.lay.layout()));
            }
        }
        return node.toString();
    }

    static RunAnswer read(@Nullable String text) {
        if (text == null) {
            return NONE;
        }
        List<Offer> offers = new ArrayList<>();
        for (JsonNode o : Json.parse(text).path("offers")) {
            String kind = o.path("kind").asText();
            String words = o.path("words").asText();
            String cost = o.path("cost").asText();
            if (o.has("after")) {
                offers.add(Offer.changing(kind, words, cost, ProjectJson.read(o.path("after"))));
            } else {
                offers.add(Offer.showing(
                        kind,
                        words,
                        cost,
                        FitProblemJson.read(o.path("problem")),
                        FitLayoutJson.read(o.path("layout"))));
            }
        }
        return new RunAnswer(offers);
    }
}
