package org.handdown.server.stash;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Things of the stash on the table of a project, beside its own source. */
class BringTest extends HouseholdTest {
    private static final String SHIRT =
            "{\"kind\":\"SOURCE\",\"name\":\"grey shirt\",\"sourceKind\":\"SHIRT\",\"cloth\":{\"name\":\"shirting\"},\"measures\":{\"chest\":\"55\"},\"tag\":{\"place\":\"attic\",\"washed\":false}}";
    private static final String LINING =
            "{\"kind\":\"LENGTH\",\"name\":\"\",\"cloth\":{\"name\":\"new lining\",\"weave\":\"PLAIN\",\"colour\":\"#333333\",\"heat\":\"ONE_DOT\"},\"size\":{\"width\":\"140\",\"length\":\"200\"}}";
    private static final String BUTTONS =
            "{\"kind\":\"KEEPER\",\"name\":\"horn buttons\",\"keeper\":\"BUTTONS\",\"size\":{\"count\":\"6\",\"diameter\":\"15\"}}";
    private static final String CORDUROYS =
            "{\"kind\":\"SOURCE\",\"name\":\"corduroys\",\"sourceKind\":\"TROUSERS\",\"cloth\":{\"name\":\"rust cord\"},\"measures\":{\"waist\":\"42\",\"insideLeg\":\"39\"}}";

    private HouseholdUser user;
    private String project = "";

    @BeforeEach
    void corduroysBegun() {
        user = newHousehold();
        project = call(user, "POST", "/api/stash/" + add(CORDUROYS) + "/begin", "{}")
                .text("id");
    }

    private String add(String body) {
        Reply reply = call(user, "POST", "/api/stash", body);
        assertThat(reply.status()).as(reply.body().toString()).isEqualTo(201);
        return reply.text("id");
    }

    private JsonNode view(String project, String inHand) {
        return read(user, "/api/projects/" + project + (inHand.isEmpty() ? "" : "?of=" + inHand))
                .body();
    }

    private String at(String path, String inHand) {
        long version = view(project, "").path("version").asLong();
        return "/api/projects/" + project + path + "?version=" + version + (inHand.isEmpty() ? "" : "&of=" + inHand);
    }

    private Reply bring(String thing, String more) {
        return call(user, "POST", at("/cloths", ""), "{\"thing\":\"" + thing + "\"" + more + "}");
    }

    private String freeOf(String thing) {
        return read(user, "/api/stash/" + thing)
                .body()
                .path("thing")
                .path("free")
                .asText();
    }

    private String holdersOf(String thing) {
        return read(user, "/api/stash/" + thing)
                .body()
                .path("thing")
                .path("holds")
                .toString();
    }

    @Test
    void aSecondSourceIsBroughtReservedAndTakenApartLikeTheFirst() {
        String shirt = add(SHIRT);
        Reply brought = bring(shirt, ",\"roles\":[\"CONTRAST\"]");
        assertThat(brought.status()).as(brought.body().toString()).isEqualTo(200);
        JsonNode cloths = brought.body().path("cloths");
        assertThat(cloths).hasSize(2);
        assertThat(cloths.get(1).path("mark").asText()).isEqualTo("b");
        assertThat(cloths.get(1).path("roles").toString()).isEqualTo("[\"CONTRAST\"]");
        assertThat(holdersOf(shirt)).contains("RESERVED");

        JsonNode turned = view(project, "b");
        assertThat(turned.path("inHand").asText()).isEqualTo("b");
        assertThat(turned.path("source").path("name").asText()).isEqualTo("grey shirt");
        assertThat(view(project, "").path("source").path("name").asText()).isEqualTo("corduroys");

        // Every join of the shirt is opened, and none of the trousers'.
        JsonNode joins = turned.path("takeApart").path("joins");
        assertThat(joins).isNotEmpty();
        for (JsonNode join : joins) {
            Reply opened =
                    call(user, "PUT", at("/joins/" + join.path("id").asText(), "b"), "{\"decision\":\"UNPICK\"}");
            assertThat(opened.status()).as(opened.body().toString()).isEqualTo(200);
            assertThat(opened.body().path("inHand").asText()).isEqualTo("b");
        }
        assertThat(call(user, "POST", at("/panels/redo", "b"), "").status()).isEqualTo(200);
        assertThat(view(project, "b").path("panels")).isNotEmpty();
        assertThat(view(project, "").path("panels")).isEmpty();
        assertThat(view(project, "").path("cloths").get(1).path("sentence").asText())
                .endsWith("panels");
    }

    @Test
    void whatIsTakenOutIsFreeAgainAndUndoBringsItBackReserved() {
        String lining = add(LINING);
        assertThat(bring(lining, ",\"roles\":[\"LINING\"],\"amount\":\"90\"").status())
                .isEqualTo(200);
        assertThat(view(project, "").path("cloths").get(1).path("sentence").asText())
                .isEqualTo("140.0 cm × 90.0 cm, not washed yet");
        assertThat(holdersOf(lining)).contains("RESERVED");
        assertThat(call(user, "DELETE", at("/cloths/b", ""), "").status()).isEqualTo(200);
        assertThat(holdersOf(lining)).doesNotContain("RESERVED");
        assertThat(call(user, "POST", at("/undo", ""), "").status()).isEqualTo(200);
        assertThat(view(project, "").path("cloths")).hasSize(2);
        assertThat(holdersOf(lining)).contains("RESERVED");
    }

    @Test
    void aBroughtClothHasItsStripes() {
        bring(add(LINING), ",\"roles\":[\"LINING\"]");
        String stripe = "{\"across\":true,\"period\":\"2,4\",\"first\":\"6 mm\",\"matched\":true}";
        Reply told = call(user, "PUT", at("/cloths/b/stripes", ""), "{\"stripes\":[" + stripe + "]}");
        assertThat(told.status()).as(told.body().toString()).isEqualTo(200);
        assertThat(told.body().path("cloths").get(1).path("stripes").toString())
                .isEqualTo("[{\"across\":true,\"period\":\"2,4 cm\",\"first\":\"0.6 cm\",\"matched\":true}]");
        Reply none =
                call(user, "PUT", at("/cloths/b/stripes", ""), "{\"stripes\":[" + stripe.replace("2,4", "many") + "]}");
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.text("field")).isEqualTo("stripes.period");
        assertThat(call(user, "PUT", at("/cloths/q/stripes", ""), "{\"stripes\":[]}")
                        .status())
                .isEqualTo(404);
        Reply three = call(
                user, "PUT", at("/cloths/b/stripes", ""), "{\"stripes\":[%s,%s,%s]}".formatted(stripe, stripe, stripe));
        assertThat(three.text("detail")).contains("two at most");
        Reply off = call(user, "PUT", at("/cloths/b/stripes", ""), "{\"stripes\":[]}");
        assertThat(off.body().path("cloths").get(1).path("stripes")).isEmpty();
    }

    @Test
    void whatAnotherProjectHoldsIsRefusedWithWhoHoldsIt() {
        String buttons = add(BUTTONS);
        assertThat(bring(buttons, ",\"amount\":\"4\"").status()).isEqualTo(200);
        String other = call(user, "POST", "/api/projects", "{\"name\":\"Cap\"}").text("id");
        String mine = project;
        project = other;
        Reply refused = bring(buttons, ",\"amount\":\"4\"");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().toString()).contains("2 of it is free").contains("4 reserved for “corduroys”");
        assertThat(view(other, "").path("cloths")).isEmpty();
        assertThat(bring(buttons, ",\"amount\":\"2\"").status()).isEqualTo(200);

        // What lies on a table is let go of there, not behind its back.
        Reply behind = call(user, "DELETE", "/api/stash/" + buttons + "/holds/" + mine, "");
        assertThat(behind.status()).isEqualTo(422);
        assertThat(behind.body().toString()).contains("take it out there");
    }

    @Test
    void badInputSaysWhatIsWrongAndStoresNothing() {
        String lining = add(LINING);
        assertThat(bring(lining, ",\"amount\":\"three\"").status()).isEqualTo(422);
        assertThat(bring(lining, ",\"amount\":\"300\"").body().toString()).contains("is free");
        assertThat(bring(lining, ",\"roles\":[\"REMNANT\"]").status()).isEqualTo(422);
        assertThat(call(user, "POST", at("/cloths", ""), "{}").status()).isEqualTo(422);
        assertThat(bring("11111111-1111-1111-1111-111111111111", "").status()).isEqualTo(404);
        assertThat(call(user, "PUT", at("/cloths/x", ""), "{\"roles\":[]}").status())
                .isEqualTo(422);
        assertThat(call(user, "DELETE", at("/cloths/own", ""), "").status()).isEqualTo(422);
        assertThat(call(user, "PUT", at("/joins/side", "q"), "{\"decision\":\"UNPICK\"}")
                        .status())
                .isEqualTo(422);
        assertThat(view(project, "q").path("inHand").asText()).isEmpty();
        assertThat(view(project, "").path("cloths")).hasSize(1);
    }

    /** A file brings what it holds to another household, but no claim on a stash. */
    @Test
    void aFileOpensElsewhereWithoutItsStash() {
        bring(add(LINING), ",\"roles\":[\"LINING\"]");
        String file = read(user, "/api/projects/" + project + "/sheets/project.json")
                .body()
                .toString();
        HouseholdUser stranger = newHousehold();
        Reply opened = call(stranger, "POST", "/api/projects/import", file);
        assertThat(opened.status()).as(opened.body().toString()).isEqualTo(201);
        JsonNode there =
                read(stranger, "/api/projects/" + opened.text("id")).body().path("cloths");
        assertThat(there).hasSize(2);
        assertThat(there.get(1).path("thing").asText()).isEmpty();
    }
}
