package org.handdown.server.shopping;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A smock of cloth by the metre alone: what else it takes, from an empty stash to a full one. */
class ShoppingListTest extends HouseholdTest {
    private HouseholdUser user;
    private String project = "";

    @BeforeEach
    void smockOfLinen() {
        user = newHousehold();
        String linen = add(
                "{\"kind\":\"LENGTH\",\"cloth\":{\"name\":\"linen\",\"weave\":\"PLAIN\",\"heat\":\"THREE_DOTS\"},\"size\":{\"width\":\"140\",\"length\":\"250\"}}");
        project = call(user, "POST", "/api/projects", "{\"name\":\"smock\"}").text("id");
        ok(
                "PUT",
                "/aim",
                "{\"draft\":\"smock\",\"what\":\"a smock\",\"wearer\":\"Ida\",\"garment\":\"CUT_OUT\",\"unit\":\"CM\",\"measures\":{\"HEIGHT\":\"110\"}}");
        ok("POST", "/cloths", "{\"thing\":\"" + linen + "\",\"roles\":[\"SHELL\"]}");
        ok("POST", "/pieces/redo", "{}");
    }

    private String add(String body) {
        Reply reply = call(user, "POST", "/api/stash", body);
        assertThat(reply.status()).as(reply.body().toString()).isEqualTo(201);
        return reply.text("id");
    }

    private void ok(String method, String path, String body) {
        long version =
                read(user, "/api/projects/" + project).body().path("version").asLong();
        Reply reply = call(user, method, "/api/projects/" + project + path + "?version=" + version, body);
        assertThat(reply.status()).as(path + reply.body().toString()).isEqualTo(200);
    }

    private JsonNode list() {
        return read(user, "/api/projects/" + project + "/shopping").body();
    }

    private JsonNode item(String sort) {
        for (JsonNode item : list().path("items")) {
            if (item.path("sort").asText().equals(sort)) {
                return item;
            }
        }
        throw new AssertionError("no " + sort + " in " + list());
    }

    @Test
    void whatIsPutIntoTheStashIsBoughtNoMore() {
        assertThat(item("BUTTONS").path("needs").asText()).isEqualTo("5");
        assertThat(item("BUTTONS").path("there").asBoolean()).isFalse();
        int before = list().path("missing").asInt();
        add(
                "{\"kind\":\"KEEPER\",\"name\":\"horn buttons\",\"keeper\":\"BUTTONS\",\"size\":{\"count\":\"6\",\"diameter\":\"15 mm\"}}");
        assertThat(item("BUTTONS").path("there").asBoolean()).isTrue();
        assertThat(item("BUTTONS").path("atHand").get(0).path("name").asText()).isEqualTo("horn buttons");
        assertThat(item("BUTTONS").path("atHand").get(0).path("where").asText()).isNotEmpty();
        assertThat(list().path("missing").asInt()).isEqualTo(before - 1);
    }

    /** Two sleeves' elastic of one spool: both lengths together, and no spool that is narrower. */
    @Test
    void elasticIsAskedForWithItsWidth() {
        assertThat(item("ELASTIC").path("size").asText()).contains("1.0 cm wide", "2 times ");
        add(
                "{\"kind\":\"NOTION\",\"name\":\"thin elastic\",\"notion\":\"ELASTIC\",\"size\":{\"length\":\"3 m\",\"words\":\"4 mm\"}}");
        assertThat(item("ELASTIC").path("there").asBoolean()).isFalse();
        add(
                "{\"kind\":\"NOTION\",\"name\":\"elastic\",\"notion\":\"ELASTIC\",\"size\":{\"length\":\"3 m\",\"words\":\"10 mm\"}}");
        assertThat(item("ELASTIC").path("there").asBoolean()).isTrue();
    }

    /** Named is not promised: reserved, it is at hand for this project alone, and what it does not need stays free. */
    @Test
    void whatIsAtHandIsReservedAtOnce() {
        add(
                "{\"kind\":\"NOTION\",\"name\":\"elastic\",\"notion\":\"ELASTIC\",\"size\":{\"length\":\"3 m\",\"words\":\"10 mm\"}}");
        add(
                "{\"kind\":\"KEEPER\",\"name\":\"horn buttons\",\"keeper\":\"BUTTONS\",\"size\":{\"count\":\"6\",\"diameter\":\"15 mm\"}}");
        assertThat(list().path("unreserved").asBoolean()).isTrue();
        JsonNode now = call(user, "POST", "/api/projects/" + project + "/shopping/reserve", "")
                .body();
        assertThat(now.path("unreserved").asBoolean()).isFalse();
        assertThat(item("ELASTIC").path("there").asBoolean()).isTrue();
        assertThat(item("BUTTONS").path("there").asBoolean()).isTrue();
        JsonNode held = read(user, "/api/stash/held/" + project).body();
        assertThat(held.findValuesAsText("name")).contains("elastic", "horn buttons");
        JsonNode things = call(
                        user, "POST", "/api/stash/search", "{\"text\":\"horn\",\"place\":\"\",\"from\":0,\"size\":{}}")
                .body()
                .path("things");
        // Five of six buttons are promised.
        assertThat(things.get(0).path("free").asText()).isEqualTo("1");
    }

    @Test
    void itIsTakenToTheShopOnPaper() throws Exception {
        Loaded loaded = new Loaded(raw(user, "/api/projects/" + project + "/sheets/shopping.pdf?paper=letter"));
        assertThat(loaded.text()).contains("To find or buy", "buttons, 5", "elastic, ", "thread, spools, 1");
    }

    private record Loaded(byte[] pdf) {
        String text() throws Exception {
            try (var document = Loader.loadPDF(pdf)) {
                return new PDFTextStripper().getText(document);
            }
        }
    }

    @Test
    void itBelongsToItsHouseholdAndHarmsNoEmptyProject() {
        assertThat(read(newHousehold(), "/api/projects/" + project + "/shopping")
                        .status())
                .isEqualTo(404);
        String empty =
                call(user, "POST", "/api/projects", "{\"name\":\"empty\"}").text("id");
        assertThat(read(user, "/api/projects/" + empty + "/shopping").body().path("items"))
                .isEmpty();
    }
}
