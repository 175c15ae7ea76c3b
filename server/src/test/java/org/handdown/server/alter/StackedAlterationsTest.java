package org.handdown.server.alter;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.NullNode;
import java.util.ArrayList;
import java.util.List;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A sweatshirt that stays sewn is changed step by step through the routes, as the page does it. */
class StackedAlterationsTest extends HouseholdTest {
    private HouseholdUser user;
    private String at = "";
    private JsonNode view = NullNode.instance;

    @BeforeEach
    void begin() {
        user = newHousehold();
        at = "/api/projects/"
                + call(user, "POST", "/api/projects", "{\"name\":\"Cardigan\"}").text("id");
        view = read(user, at).body();
        send("PUT", "/aim", """
                {"garment":"ALTER","draft":"","what":"cardigan","wearer":"Runa","unit":"CM","measures":{}}""");
        send(
                "PUT",
                "/source",
                sourceBody("SWEATSHIRT", "Found", average(user, "SWEATSHIRT")).toString());
    }

    private Reply send(String method, String path, String body) {
        Reply reply = call(user, method, at + path + "?version=" + view.path("version"), body);
        if (reply.status() == 200) {
            view = reply.body();
        }
        return reply;
    }

    private JsonNode step(int number) {
        return view.path("altered").path("steps").path(number);
    }

    private String round(String ring) {
        List<String> found = new ArrayList<>();
        view.path("altered").path("rings").forEach(r -> {
            if (r.path("name").asText().equals(ring)) {
                found.add(r.path("after").asText());
            }
        });
        return found.isEmpty() ? "" : found.get(0);
    }

    /** 86 cm round the hem rib: a zip edge to edge with 2 cm turned under on each side leaves 82. */
    @Test
    void aChangeIsProposedMadeChangedMovedAndTakenBack() {
        assertThat(send("POST", "/alterations", "{\"kind\":\"OPEN_FRONT\"}").status())
                .isEqualTo(200);
        assertThat(step(0).path("refusal").asText()).isEmpty();
        send("PUT", "/alterations/a1", "{\"picks\":{\"closing\":\"zip\"}}");
        assertThat(round("hem")).isEqualTo("82.0 cm");
        send("PUT", "/alterations/a1", "{\"figures\":{\"turn\":\"1 cm\"}}");
        assertThat(round("hem")).isEqualTo("84.0 cm");
        send("POST", "/alterations", "{\"kind\":\"TAKE_OFF\"}");
        assertThat(step(1).path("offs")).hasSize(2);
        assertThat(view.path("steps")).isNotEmpty();
        send("POST", "/alterations/a2/place", "{\"to\":0}");
        assertThat(step(0).path("kind").asText()).isEqualTo("TAKE_OFF");
        assertThat(round("hem")).isEqualTo("84.0 cm");
        JsonNode before = view.path("altered").path("states").path(0);
        send("DELETE", "/alterations/a1", "");
        send("DELETE", "/alterations/a2", "");
        assertThat(round("hem")).isEqualTo("86.0 cm");
        assertThat(view.path("altered").path("states").path(0)).isEqualTo(before);
    }

    /** Drawn before each step and after the last; what is tapped is drawn. */
    @Test
    void everyStepIsDrawn() {
        send("POST", "/alterations", "{\"kind\":\"SHORTEN\"}");
        assertThat(view.path("altered").path("states")).hasSize(2);
        JsonNode state = view.path("altered").path("states").path(0);
        assertThat(state.path("ends").findValuesAsText("id")).contains("hem", "left-sleeve-end");
        assertThat(state.path("seams").findValuesAsText("id")).contains("side-left");
        assertThat(step(0).path("cuts")).isNotEmpty();
        step(0).path("cuts").forEach(c -> assertThat(c.path("points")).isNotEmpty());
    }

    @Test
    void aFigureThatCannotBeIsRefusedAtItsFieldAndNothingIsLost() {
        send("POST", "/alterations", "{\"kind\":\"SHORTEN\"}");
        Reply long3m = send("PUT", "/alterations/a1", "{\"figures\":{\"up\":\"300\"}}");
        assertThat(long3m.status()).isEqualTo(422);
        assertThat(long3m.text("field")).isEqualTo("figures.up");
        Reply noLength = send("PUT", "/alterations/a1", "{\"figures\":{\"up\":\"a lot\"}}");
        assertThat(noLength.status()).isEqualTo(422);
        assertThat(send("PUT", "/alterations/a9", "{}").status()).isEqualTo(404);
        assertThat(read(user, at)
                        .body()
                        .path("altered")
                        .path("steps")
                        .path(0)
                        .path("refusal")
                        .asText())
                .isEmpty();
    }

    /** A place that is gone is kept as it was told, with the reason; what comes after goes on. */
    @Test
    void whatLostItsPlaceSaysWhy() {
        send("POST", "/alterations", "{\"kind\":\"SHORTEN\"}");
        send("PUT", "/alterations/a1", "{\"picks\":{\"end\":\"left-sleeve-end\"},\"figures\":{\"up\":\"3 cm\"}}");
        assertThat(step(0).path("refusal").asText()).isEmpty();
        send("POST", "/alterations", "{\"kind\":\"TAKE_OFF\"}");
        send("POST", "/alterations/a2/place", "{\"to\":0}");
        assertThat(step(1).path("refusal").asText()).contains("pick another, or move this change up");
        assertThat(view.path("stations").findValuesAsText("sentence"))
                .contains("1 of 2 changes cannot be made as they are told");
    }

    /** What is cut off is cloth to lay on, what is sewn on a piece to be laid, and both are told on paper. */
    @Test
    void aStripIsCutFromWhatComesOff() {
        send("POST", "/alterations", "{\"kind\":\"SHORTEN\"}");
        send("PUT", "/alterations/a1", "{\"figures\":{\"up\":\"25 cm\"}}");
        assertThat(view.path("altered").path("panels").asInt()).isPositive();
        assertThat(stand("LAY")).isEqualTo("SETTLED");
        assertThat(view.path("pieces").isNull()).isTrue();
        send("POST", "/alterations", "{\"kind\":\"ADD_BAND\"}");
        send("PUT", "/alterations/a2", "{\"picks\":{\"lengths\":\"4\"}}");
        assertThat(stand("LAY")).isEqualTo("OPEN");
        JsonNode strip = view.path("pieces").path("pieces").path(0);
        assertThat(strip.path("id").asText()).isEqualTo("a2-band-hem");
        for (String sheet : List.of("changes.pdf", "pattern.pdf", "pieces.svg", "project.json")) {
            assertThat(call(user, "GET", at + "/sheets/" + sheet, "").status())
                    .as(sheet)
                    .isEqualTo(200);
        }
        send("DELETE", "/alterations/a1", "");
        assertThat(view.path("altered").path("panels").asInt()).isZero();
        assertThat(view.path("stations").findValuesAsText("sentence"))
                .contains("There is no cloth for what is cut for the changes: bring some at Source.");
    }

    private String stand(String station) {
        for (JsonNode s : view.path("stations")) {
            if (s.path("station").asText().equals(station)) {
                return s.path("stand").asText();
            }
        }
        return "";
    }

    /** Nothing is changed yet: there is no sheet, and a plain answer says so. */
    @Test
    void noChangesHaveNoSheet() {
        assertThat(call(user, "GET", at + "/sheets/changes.pdf", "").status()).isEqualTo(404);
    }
}
