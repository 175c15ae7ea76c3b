package org.handdown.server.project;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.UUID;
import org.handdown.server.DemoHouseholdTest;
import org.junit.jupiter.api.Test;

/** Projects side by side, and what is done with a whole one. */
class ShelfTest extends DemoHouseholdTest {
    private JsonNode shelf(String query) {
        Reply reply = read(user, "/api/projects/shelf" + query);
        assertThat(reply.status()).as(reply.body().toString()).isEqualTo(200);
        return reply.body();
    }

    private String version() {
        return "?version=" + read(user, project).text("version");
    }

    @Test
    void aProjectIsToldByItsLayAndItsNextStep() {
        JsonNode one = shelf("").path("projects").get(0);
        assertThat(one.path("glance").path("shows").asText()).isEqualTo("LAY");
        assertThat(one.path("glance").path("placed")).isNotEmpty();
        assertThat(one.path("glance").path("next").asText()).isEqualTo("MAKE");
        assertThat(one.path("glance").path("sentence").asText()).contains("next: ");
        // Small enough for a page of them.
        assertThat(one.toString().length()).isLessThan(12_000);
    }

    @Test
    void theGlanceFollowsEveryWriteAndIsMadeForOldOnes() {
        call(user, "PUT", project + "/name" + version(), "{\"name\":\"Dungarees, the second try\"}");
        JsonNode one = shelf("?text=SECOND").path("projects").get(0);
        assertThat(one.path("name").asText()).isEqualTo("Dungarees, the second try");
        String undone = call(user, "POST", project + "/undo" + version(), "").text("name");
        assertThat(shelf("?text=second").path("count").asInt()).isZero();
        assertThat(shelf("").path("projects").get(0).path("name").asText()).isEqualTo(undone);

        String id = one.path("id").asText();
        jdbc.update("update project set glance = null where id = ?", UUID.fromString(id));
        assertThat(shelf("").path("projects").get(0).path("glance").isNull()).isTrue();
        assertThat(call(user, "POST", project + "/glance", "").text("shows")).isEqualTo("LAY");
        assertThat(shelf("")
                        .path("projects")
                        .get(0)
                        .path("glance")
                        .path("shows")
                        .asText())
                .isEqualTo("LAY");
        // What another version of the program wrote is as good as nothing.
        jdbc.update("update project set glance = '{\"shows\":\"A_DREAM\"}' where id = ?", UUID.fromString(id));
        assertThat(shelf("").path("projects").get(0).path("glance").isNull()).isTrue();
    }

    @Test
    void aCopyIsAPlanOfItsOwn() {
        Reply copied = call(user, "POST", project + "/copy", "{}");
        assertThat(copied.status()).as(copied.body().toString()).isEqualTo(201);
        JsonNode copy = read(user, "/api/projects/" + copied.text("id")).body();
        assertThat(copy.path("name").asText()).endsWith(", a variant");
        assertThat(copy.path("lay").path("placed"))
                .hasSameSizeAs(read(user, project).body().path("lay").path("placed"));
        assertThat(copy.path("steps").findValuesAsText("done")).containsOnly("false");
        assertThat(shelf("").path("count").asInt()).isEqualTo(2);
        String longest = "x".repeat(120);
        call(user, "PUT", project + "/name" + version(), "{\"name\":\"" + longest + "\"}");
        assertThat(call(user, "POST", project + "/copy", "{}").status()).isEqualTo(201);
    }

    @Test
    void whatIsSetAsideComesBack() {
        assertThat(call(user, "PUT", project + "/set-aside", "{\"aside\":true}").status())
                .isEqualTo(204);
        assertThat(shelf("").path("count").asInt()).isZero();
        assertThat(shelf("?aside=true").path("projects").get(0).path("aside").asBoolean())
                .isTrue();
        assertThat(read(user, project).status()).isEqualTo(200);
        call(user, "PUT", project + "/set-aside", "{\"aside\":false}");
        assertThat(shelf("").path("count").asInt()).isEqualTo(1);
    }

    @Test
    void namesAndPagesAreRefusedKindly() {
        assertThat(call(user, "PUT", project + "/name" + version(), "{\"name\":\" \"}")
                        .status())
                .isEqualTo(422);
        assertThat(call(user, "PUT", project + "/name?version=77", "{\"name\":\"late\"}")
                        .status())
                .isEqualTo(409);
        assertThat(call(user, "POST", project + "/copy", "{\"name\":\"" + "y".repeat(121) + "\"}")
                        .status())
                .isEqualTo(422);
        assertThat(shelf("?from=-5").path("count").asInt()).isEqualTo(1);
        assertThat(shelf("?from=400").path("projects")).isEmpty();
        // Wildcards of the database are letters like others.
        assertThat(shelf("?text=%25").path("count").asInt()).isZero();
        assertThat(shelf("?text=_").path("count").asInt()).isZero();
    }

    /** The list is bounded whatever a household has: 500 projects, a page of them at once. */
    @Test
    void fiveHundredProjectsAreAPageAtATime() {
        jdbc.update(
                "insert into project (id, household_id, name, version, current_seq, glance)"
                        + " select gen_random_uuid(), household_id, 'copy ' || n, 1, 1, glance from project, generate_series(1, 499) n"
                        + " where household_id = ?",
                user.householdId());
        JsonNode page = shelf("");
        assertThat(page.path("count").asInt()).isEqualTo(500);
        assertThat(page.path("projects")).hasSize(ProjectShelf.A_PAGE);
        assertThat(shelf("?from=480").path("projects")).hasSize(20);
    }

    @Test
    void anExampleIsLaidAndReadyToBePlayedWith() {
        Reply made = call(user, "POST", "/api/ideas/example", "");
        assertThat(made.status()).as(made.body().toString()).isEqualTo(201);
        JsonNode example = read(user, "/api/projects/" + made.text("id")).body();
        assertThat(example.path("lay").path("unplaced")).isEmpty();
        assertThat(example.path("lay").path("placed")).isNotEmpty();
        // Nobody was measured for it.
        assertThat(read(user, "/api/wearers").body().findValuesAsText("name")).doesNotContain("a child");
        assertThat(example.path("steps")).hasSizeGreaterThan(5);
    }
}
