package org.handdown.server.idea;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What the stash could become, asked from a garment and from a wish. */
class IdeasTest extends HouseholdTest {
    private static final String CURTAIN =
            "{\"kind\":\"SOURCE\",\"name\":\"door curtain\",\"sourceKind\":\"CURTAIN\",\"cloth\":{\"name\":\"sailcloth\"},\"measures\":{\"width\":\"140\",\"length\":\"220\"}}";
    private static final String SHIRT =
            "{\"kind\":\"SOURCE\",\"name\":\"grey shirt\",\"sourceKind\":\"SHIRT\",\"cloth\":{\"name\":\"shirting\"},\"measures\":{\"chest\":\"50\"}}";

    private HouseholdUser user;

    @BeforeEach
    void household() {
        user = newHousehold();
    }

    private String add(String body) {
        Reply reply = call(user, "POST", "/api/stash", body);
        assertThat(reply.status()).as(reply.body().toString()).isEqualTo(201);
        return reply.text("id");
    }

    private Reply ask(String path, String body) {
        return call(user, "POST", "/api/ideas" + path, body);
    }

    private static String body(String source, String draft, String wearer, String height) {
        return "{" + (source.isEmpty() ? "" : "\"source\":\"" + source + "\",") + "\"draft\":\"" + draft
                + "\",\"wearer\":\"" + wearer + "\",\"height\":\"" + height + "\"}";
    }

    @Test
    void aGarmentIsTriedOnEveryDraftLaidAndBegunWith() {
        String curtain = add(CURTAIN);
        Reply found = ask("", body(curtain, "", "Pim", "104"));
        assertThat(found.status()).as(found.body().toString()).isEqualTo(200);
        JsonNode first = found.body().get(0);
        assertThat(found.body().size()).isGreaterThan(15);
        assertThat(first.path("chance").asText()).isEqualTo("LIKELY");
        assertThat(found.body().findValuesAsText("sentence")).allMatch(s -> !s.isBlank());
        // The last are refused with their figure.
        assertThat(found.body().findValuesAsText("chance")).isSorted();

        String draft = "dungarees";
        Reply laid = ask("/lay", body(curtain, draft, "Pim", "104"));
        assertThat(laid.status()).as(laid.body().toString()).isEqualTo(200);
        assertThat(laid.body().path("whole").asBoolean()).isTrue();
        assertThat(laid.body().path("sentences").get(0).asText()).startsWith("All ");
        assertThat(laid.body().path("lay").path("placed")).isNotEmpty();

        String begun = ask("/begin", body(curtain, draft, "Pim", "104")).text("id");
        JsonNode project = read(user, "/api/projects/" + begun).body();
        assertThat(project.path("lay").path("unplaced")).isEmpty();
        assertThat(project.path("source").path("name").asText()).isEqualTo("door curtain");
        assertThat(project.path("aim").path("wearer").asText()).isEqualTo("Pim");
        assertThat(read(user, "/api/stash/" + curtain)
                        .body()
                        .path("thing")
                        .path("holds")
                        .toString())
                .contains("RESERVED");

        // Begun once, it is nobody else's; and whom a project knows is asked for no height again.
        Reply again = ask("/begin", body(curtain, draft, "Pim", "104"));
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.body().toString()).contains("reserved for");
        assertThat(read(user, "/api/wearers").body().findValuesAsText("name")).containsExactly("Pim");
        assertThat(ask("", body(curtain, draft, "pim", "")).status()).isEqualTo(200);
    }

    @Test
    void aWishIsTriedOnEverythingThatIsFree() {
        String curtain = add(CURTAIN);
        add(SHIRT);
        Reply found = ask("", body("", "dungarees", "Pim", "41 in"));
        assertThat(found.body()).hasSize(2);
        assertThat(found.body().get(0).path("source").asText()).isEqualTo(curtain);
        assertThat(found.body().get(0).path("chance").asText()).isNotEqualTo("NO");
        assertThat(found.body().get(1).path("chance").asText()).isEqualTo("NO");
    }

    @Test
    void badInputSaysWhatIsWrong() {
        String curtain = add(CURTAIN);
        assertThat(ask("", body(curtain, "", "", "104")).body().path("field").asText())
                .isEqualTo("wearer");
        assertThat(ask("", body(curtain, "", "Pim", "")).body().path("field").asText())
                .isEqualTo("height");
        assertThat(ask("", body(curtain, "", "Pim", "tall"))
                        .body()
                        .path("field")
                        .asText())
                .isEqualTo("height");
        assertThat(ask("", body("", "", "Pim", "104")).body().path("field").asText())
                .isEqualTo("draft");
        assertThat(ask("", body(curtain, "no-such", "Pim", "104")).status()).isEqualTo(422);
        assertThat(ask("/lay", body("", "dungarees", "Pim", "104")).status()).isEqualTo(422);
        assertThat(ask("/begin", body("11111111-1111-1111-1111-111111111111", "dungarees", "Pim", "104"))
                        .status())
                .isEqualTo(404);
    }
}
