package org.handdown.server.idea;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Wishes that are kept, and a garment in the hand held against them before it is bought. */
class StallTest extends HouseholdTest {
    private HouseholdUser user;

    @BeforeEach
    void household() {
        user = newHousehold();
        measure("Jory", "104");
        measure("Great-aunt", "185");
    }

    private void measure(String name, String height) {
        String id = call(user, "POST", "/api/wearers", "{\"name\":\"" + name + "\"}")
                .text("id");
        call(
                user,
                "POST",
                "/api/wearers/" + id + "/readings",
                "{\"on\":\"2026-09-01\",\"measures\":{\"HEIGHT\":\"" + height + "\"}}");
    }

    private Reply wish(String draft, String wearer) {
        return call(user, "POST", "/api/ideas/wishes", "{\"draft\":\"" + draft + "\",\"wearer\":\"" + wearer + "\"}");
    }

    private static String jeans(String more) {
        return "{\"thing\":{\"kind\":\"SOURCE\",\"sourceKind\":\"JEANS\",\"name\":\"blue jeans\"," + more + "}";
    }

    private Reply ask(String body) {
        return call(user, "POST", "/api/ideas/stall", body);
    }

    @Test
    void aFlatHalfIsDoubledAndHeldAgainstEveryWish() {
        assertThat(wish("dungarees", "Jory").status()).isEqualTo(201);
        assertThat(wish("dungarees", "jory ").body()).hasSize(1);
        assertThat(wish("dungarees", "Great-aunt").body()).hasSize(2);
        Reply asked = ask(jeans("\"measures\":{\"waist\":\"43\",\"seat\":\"54\"},\"flat\":[\"waist\",\"seat\"]}"));
        assertThat(asked.status()).as(asked.body().toString()).isEqualTo(200);
        // 43 and 54 cm across are 86 and 108 cm round.
        assertThat(asked.text("measured")).contains("86.0 cm", "108.0 cm");
        JsonNode first = asked.body().path("answers").get(0);
        assertThat(first.path("wearer").asText()).isEqualTo("Jory");
        assertThat(first.path("chance").asText()).isNotEqualTo("NO");
        assertThat(first.path("sentence").asText()).contains("cm");
        JsonNode last = asked.body().path("answers").get(1);
        assertThat(last.path("wearer").asText()).isEqualTo("Great-aunt");
        assertThat(asked.body().path("lookAt").toString()).contains("Knees", "freeze");
        // Nothing was put in.
        assertThat(things(user, "")).isEmpty();
    }

    @Test
    void whatItWouldServeSomebodyIsTriedOnEveryDraft() {
        Reply asked = ask(jeans("\"measures\":{\"waist\":\"86\"}},\"wearer\":\"Jory\""));
        assertThat(asked.body().path("answers").size()).isGreaterThan(15);
        assertThat(asked.body().path("answers").findValuesAsText("chance")).isSorted();
        assertThat(ask(jeans("\"measures\":{}},\"wearer\":\"nobody\"")).status())
                .isEqualTo(422);
    }

    @Test
    void oneTestInTheHandSaysHowMuchItGives() {
        String knit = "\"measures\":{},\"cloth\":{\"weave\":\"KNIT\",\"thickness\":\"0.9 mm\",\"stretched\":\"15\"}}";
        assertThat(ask(jeans(knit).replace("\"thing\"", "\"wearer\":\"\",\"thing\""))
                        .status())
                .isEqualTo(200);
        String put =
                knit.replace("\"measures\":{},", "\"kind\":\"SOURCE\",\"sourceKind\":\"T_SHIRT\",\"name\":\"shirt\",");
        Reply stored = call(user, "POST", "/api/stash", "{" + put);
        assertThat(stored.status()).as(stored.body().toString()).isEqualTo(201);
        String stash = new String(raw(user, "/api/stash/stash.json"), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(stash).contains("\"stretchedMm\":150").contains("0.9");
        // Pulled shorter than it was is no reading.
        Reply shorter = ask(jeans(knit.replace("\"15\"", "\"8\"")));
        assertThat(shorter.status()).isEqualTo(422);
    }

    @Test
    void wishesAreLetGoOfAndRefusedKindly() {
        String id = wish("dungarees", "Jory").body().get(0).path("id").asText();
        assertThat(call(user, "DELETE", "/api/ideas/wishes/" + id, "").body()).isEmpty();
        assertThat(call(user, "DELETE", "/api/ideas/wishes/" + id, "").status()).isEqualTo(404);
        assertThat(wish("a castle", "Jory").status()).isEqualTo(422);
        assertThat(wish("dungarees", "nobody").body().toString()).contains("must be known");
        // What another version of the program wished for is not shown, and breaks nothing.
        jdbc.update(
                "insert into wish (id, household_id, draft, wearer) values (gen_random_uuid(), ?, 'wings', 'Jory')",
                user.householdId());
        assertThat(read(user, "/api/ideas/wishes").body()).isEmpty();
        assertThat(ask("{}").status()).isEqualTo(422);
        assertThat(
                        ask("{\"thing\":{\"kind\":\"KEEPER\",\"keeper\":\"ZIP\",\"name\":\"zip\",\"size\":{\"length\":\"20\"}}}")
                                .status())
                .isEqualTo(422);
    }
}
