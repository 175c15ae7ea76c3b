package org.handdown.server.table;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.Test;

/** A household's own figures of common practice, over HTTP, from where they are set to where they count. */
class PracticeTest extends HouseholdTest {
    private static JsonNode figure(JsonNode figures, String name) {
        for (JsonNode f : figures) {
            if (f.path("figure").asText().equals(name)) {
                return f;
            }
        }
        throw new IllegalArgumentException(name);
    }

    private JsonNode set(HouseholdUser user, String figures) {
        Reply reply = call(user, "PUT", "/api/practice", "{\"figures\":" + figures + "}");
        assertThat(reply.status()).as(reply.body().toString()).isEqualTo(200);
        return reply.body();
    }

    @Test
    void figuresAreAsShippedUntilSet_AndKeepTheWordsTheyWereTypedIn() {
        HouseholdUser user = newHousehold();
        JsonNode gap = figure(call(user, "GET", "/api/practice", "").body(), "GAP");
        assertThat(gap.path("text").asText()).isEqualTo("2 mm");
        assertThat(gap.path("own").asBoolean()).isFalse();
        JsonNode own = set(user, "{\"GAP\":\"1/8 in\",\"USABLE_STRETCH\":\"55\",\"RATE_PLAIN\":\"6 min\"}");
        assertThat(figure(own, "GAP").path("text").asText()).isEqualTo("1/8 in");
        assertThat(figure(own, "GAP").path("shipped").asText()).isEqualTo("2 mm");
        assertThat(figure(own, "USABLE_STRETCH").path("text").asText()).isEqualTo("55");
        assertThat(figure(own, "RATE_PLAIN").path("own").asBoolean()).isTrue();
        // One is set back, the others stay; a bare length is in millimetres.
        JsonNode back = set(user, "{\"GAP\":\"\",\"RESTART\":\"20\"}");
        assertThat(figure(back, "GAP").path("own").asBoolean()).isFalse();
        assertThat(figure(back, "RESTART").path("text").asText()).isEqualTo("20");
        assertThat(figure(back, "USABLE_STRETCH").path("own").asBoolean()).isTrue();
        assertThat(figure(call(newHousehold(), "GET", "/api/practice", "").body(), "USABLE_STRETCH")
                        .path("own")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void whatCannotBeIsRefusedAtItsFieldAndNothingIsSet() {
        HouseholdUser user = newHousehold();
        for (String wrong : new String[] {"{\"GAP\":\"9 m\"}", "{\"GAP\":\"wide\"}", "{\"ELASTIC\":\"0.9\"}"}) {
            Reply reply = call(user, "PUT", "/api/practice", "{\"figures\":" + wrong + "}");
            assertThat(reply.status()).as(wrong).isEqualTo(422);
            assertThat(reply.text("field")).startsWith("practice.");
        }
        assertThat(call(user, "PUT", "/api/practice", "{\"figures\":{\"GAP\":\"3\",\"STRIDE\":\"900 %\"}}")
                        .status())
                .isEqualTo(422);
        assertThat(call(user, "PUT", "/api/practice", "{\"figures\":{\"MOON\":\"3\"}}")
                        .status())
                .isEqualTo(422);
        assertThat(call(user, "PUT", "/api/practice", "{}").text("field")).isEqualTo("figures");
        call(user, "GET", "/api/practice", "")
                .body()
                .forEach(f -> assertThat(f.path("own").asBoolean()).isFalse());
    }

    @Test
    void newProjectsGoByThem_OldOnesWhenTheyAreTakenOver() throws IOException {
        HouseholdUser user = newHousehold();
        String old = "/api/projects/"
                + call(
                                user,
                                "POST",
                                "/api/projects/import",
                                Files.readString(Path.of("../demo/1-dungarees.project.json")))
                        .text("id");
        set(user, "{\"GAP\":\"6\",\"RATE_OVERLOCKED\":\"10\"}");
        String fresh = "/api/projects/"
                + call(user, "POST", "/api/projects", "{\"name\":\"Anew\"}").text("id");
        assertThat(call(user, "GET", fresh + "/file", "")
                        .body()
                        .path("practice")
                        .toString())
                .isEqualTo("{\"gap\":6.0,\"rate_overlocked\":10.0}");
        assertThat(read(user, fresh).body().path("practice")).isEmpty();

        Reply before = read(user, old);
        assertThat(before.body().path("practice").toString())
                .contains("\"here\":\"2 mm\",\"household\":\"6 mm\"", "\"household\":\"10 min\"");
        Reply after = call(
                user,
                "POST",
                old + "/practice?version=" + before.body().path("version").asLong(),
                "");
        assertThat(after.status()).isEqualTo(200);
        assertThat(after.body().path("practice")).isEmpty();
        // Nothing goes on as if the old lay still kept the new gap, and it can be undone.
        assertThat(after.body().path("lay").path("stale").asBoolean()).isTrue();
        assertThat(after.text("undoWhat")).isEqualTo("the household's figures taken over");
        assertThat(after.body().path("takeApart").path("minutes").asDouble())
                .isGreaterThan(before.body().path("takeApart").path("minutes").asDouble());
    }
}
