package org.handdown.server.table;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.Test;

/** What a table has, and words that are said at it, over HTTP. */
class TableTest extends HouseholdTest {
    private static boolean owned(JsonNode tools, String tool) {
        for (JsonNode t : tools) {
            if (t.path("tool").asText().equals(tool)) {
                return t.path("owned").asBoolean();
            }
        }
        throw new IllegalArgumentException(tool);
    }

    @Test
    void everythingIsThereUntilSomebodySaysOtherwise() {
        HouseholdUser user = newHousehold();
        JsonNode first = call(user, "GET", "/api/tools", "").body();
        first.forEach(t -> assertThat(t.path("owned").asBoolean()).isTrue());
        JsonNode bare = call(user, "PUT", "/api/tools", "{\"owned\":[\"IRON\",\"ZIGZAG\"]}")
                .body();
        assertThat(owned(bare, "IRON")).isTrue();
        assertThat(owned(bare, "OVERLOCKER")).isFalse();
        assertThat(call(user, "GET", "/api/tools", "").body()).isEqualTo(bare);
        // Another household's table is its own.
        assertThat(owned(call(newHousehold(), "GET", "/api/tools", "").body(), "OVERLOCKER"))
                .isTrue();
    }

    @Test
    void theStepsOfAProjectFollowTheTable() throws IOException {
        HouseholdUser user = newHousehold();
        String project = "/api/projects/"
                + call(
                                user,
                                "POST",
                                "/api/projects/import",
                                Files.readString(Path.of("../demo/1-dungarees.project.json")))
                        .text("id");
        assertThat(read(user, project).body().path("steps").toString()).doesNotContain("finger-press");
        call(user, "PUT", "/api/tools", "{\"owned\":[\"ZIGZAG\"]}");
        assertThat(read(user, project).body().path("steps").toString())
                .contains("finger-press", "No overlocker: zigzag the edges");
    }

    @Test
    void unknownToolsAndNoneAtAllAreRefused() {
        HouseholdUser user = newHousehold();
        assertThat(call(user, "PUT", "/api/tools", "{}").text("field")).isEqualTo("owned");
        assertThat(call(user, "PUT", "/api/tools", "{\"owned\":[\"LASER\"]}").status())
                .isBetween(400, 422);
    }

    @Test
    void looseWordsAreUnderstood() {
        HouseholdUser user = newHousehold();
        assertThat(call(user, "GET", "/api/words?said=diameter", "")
                        .body()
                        .get(0)
                        .path("term")
                        .asText())
                .isEqualTo("girth");
        assertThat(call(user, "GET", "/api/words?said=" + "x".repeat(200), "").body())
                .isEmpty();
        assertThat(call(user, "GET", "/api/words", "").body().size()).isGreaterThan(20);
    }
}
