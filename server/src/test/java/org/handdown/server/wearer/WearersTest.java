package org.handdown.server.wearer;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** People of a household: measured once, known everywhere, and told where a project has them smaller. */
class WearersTest extends HouseholdTest {
    private HouseholdUser user;

    @BeforeEach
    void household() {
        user = newHousehold();
    }

    private String enter(String name) {
        Reply reply = call(user, "POST", "/api/wearers", "{\"name\":\"" + name + "\"}");
        assertThat(reply.status()).as(reply.body().toString()).isEqualTo(201);
        return reply.text("id");
    }

    private Reply measure(String id, String on, String measures) {
        return call(
                user,
                "POST",
                "/api/wearers/" + id + "/readings",
                "{\"on\":\"" + on + "\",\"by\":\"Oda\",\"measures\":{" + measures + "}}");
    }

    private String begin() {
        return "/api/projects/"
                + call(user, "POST", "/api/projects", "{\"name\":\"trousers\"}").text("id");
    }

    private Reply aim(String project, String wearer, String measures) {
        String version = read(user, project).text("version");
        return call(
                user,
                "PUT",
                project + "/aim?version=" + version,
                "{\"garment\":\"CUT_OUT\",\"draft\":\"dungarees\",\"unit\":\"CM\",\"wearer\":\"" + wearer
                        + "\",\"measures\":{" + measures + "}}");
    }

    private static JsonNode of(JsonNode all, String field, String wanted) {
        for (JsonNode node : all) {
            if (node.path(field).asText().equals(wanted)) {
                return node;
            }
        }
        throw new AssertionError("no " + wanted + " in " + all);
    }

    private static JsonNode line(JsonNode person, String measure) {
        return of(person.path("lines"), "measure", measure);
    }

    private static JsonNode aimed(JsonNode project, String measure) {
        return of(project.path("aim").path("measures"), "id", measure);
    }

    @Test
    void somebodyMeasuredInTheHouseholdIsAskedForNothingAtAim() {
        String jory = enter("Jory");
        assertThat(measure(jory, "2026-03-01", "\"HEIGHT\":\"104\"").status()).isEqualTo(200);
        Reply grown = measure(jory, "2026-09-01", "\"HEIGHT\":\"107.4\",\"WAIST\":\"54\"");
        assertThat(line(grown.body(), "HEIGHT").path("readings")).hasSize(2);
        // 34 mm in 184 days, by hand: 6.7 cm in a year.
        assertThat(line(grown.body(), "HEIGHT").path("grows").asText()).startsWith("+ 6.7 cm in a year");
        assertThat(line(grown.body(), "WAIST")
                        .path("readings")
                        .get(0)
                        .path("by")
                        .asText())
                .isEqualTo("Oda");

        String project = begin();
        Reply aimed = aim(project, "jory ", "");
        assertThat(aimed.status()).as(aimed.body().toString()).isEqualTo(200);
        assertThat(aimed(aimed.body(), "HEIGHT").path("mm").asDouble()).isEqualTo(1074);
        assertThat(aimed(aimed.body(), "WAIST").path("origin").asText()).isEqualTo("TAPE");
        assertThat(aimed(aimed.body(), "HEIGHT").path("grows").asText()).startsWith("+ 6.7 cm");
        assertThat(read(user, project + "/wearer").body().path("newer")).isEmpty();
    }

    @Test
    void whatAProjectIsToldTheHouseholdKnowsUntilItIsUndone() {
        String project = begin();
        assertThat(aim(project, "Mio", "\"HEIGHT\":\"116\"").status()).isEqualTo(200);
        JsonNode mio = of(read(user, "/api/wearers").body(), "name", "Mio");
        assertThat(mio.path("height").asText()).isEqualTo("116.0 cm");
        String path = "/api/wearers/" + mio.path("id").asText();
        assertThat(line(read(user, path).body(), "HEIGHT")
                        .path("readings")
                        .get(0)
                        .path("project")
                        .asText())
                .isEqualTo("trousers");

        aim(project, "Mio", "\"HIP\":\"61\"");
        assertThat(line(read(user, path).body(), "HIP").path("readings")).hasSize(1);
        Reply undone = call(
                user, "POST", project + "/undo?version=" + read(user, project).text("version"), "");
        assertThat(undone.status()).isEqualTo(200);
        assertThat(line(read(user, path).body(), "HIP").path("readings")).isEmpty();
        assertThat(line(read(user, path).body(), "HEIGHT").path("readings")).hasSize(1);

        // Better spelt it is the same person, and the first spelling is nobody.
        aim(project, "Miro", "");
        JsonNode people = read(user, "/api/wearers").body();
        assertThat(people.findValuesAsText("name")).containsExactly("Miro");
        assertThat(people.get(0).path("height").asText()).isEqualTo("116.0 cm");
    }

    @Test
    void aProjectSaysWhatWasMeasuredSinceAndTakesItOver() {
        String jory = enter("Jory");
        measure(jory, "2026-03-01", "\"HEIGHT\":\"104\"");
        String project = begin();
        aim(project, "Jory", "");
        measure(jory, "2026-09-01", "\"HEIGHT\":\"107.4\",\"HIP\":\"60\"");
        JsonNode since = read(user, project + "/wearer").body();
        assertThat(since.path("newer").findValuesAsText("measure")).containsExactly("HEIGHT", "HIP");
        JsonNode height = since.path("newer").get(0);
        assertThat(height.path("here").asText()).isEqualTo("104.0 cm");
        assertThat(height.path("now").asText()).isEqualTo("107.4 cm");
        assertThat(height.path("difference").asText()).isEqualTo("+ 3.4 cm");
        assertThat(height.path("change").asBoolean()).isTrue();
        // What was drafted stays as it is until somebody says so.
        assertThat(aimed(read(user, project).body(), "HEIGHT").path("mm").asDouble())
                .isEqualTo(1040);

        Reply taken = call(
                user, "POST", project + "/wearer?version=" + read(user, project).text("version"), "");
        assertThat(taken.status()).as(taken.body().toString()).isEqualTo(200);
        assertThat(aimed(taken.body(), "HEIGHT").path("mm").asDouble()).isEqualTo(1074);
        assertThat(aimed(taken.body(), "HIP").path("mm").asDouble()).isEqualTo(600);
        assertThat(read(user, project + "/wearer").body().path("newer")).isEmpty();
        // What it took over is no second reading.
        assertThat(line(read(user, "/api/wearers/" + jory).body(), "HEIGHT").path("readings"))
                .hasSize(2);
    }

    @Test
    void anotherKnownPersonBringsTheirOwnMeasures() {
        measure(enter("Jory"), "2026-09-01", "\"HEIGHT\":\"107.4\"");
        measure(enter("Tam"), "2026-09-01", "\"HEIGHT\":\"128\",\"HIP\":\"68\"");
        String project = begin();
        aim(project, "Jory", "");
        JsonNode tam = aim(project, "Tam", "").body();
        assertThat(aimed(tam, "HEIGHT").path("mm").asDouble()).isEqualTo(1280);
        assertThat(aimed(tam, "HIP").path("mm").asDouble()).isEqualTo(680);
    }

    @Test
    void somebodyRenamedIsStillTheOneOfTheirProjects() {
        String jory = enter("Jory");
        measure(jory, "2026-03-01", "\"HEIGHT\":\"104\"");
        String project = begin();
        aim(project, "Jory", "");
        call(user, "PUT", "/api/wearers/" + jory, "{\"name\":\"Jorun\",\"unit\":\"INCH\"}");
        measure(jory, "2026-09-01", "\"HEIGHT\":\"107.4\"");
        assertThat(read(user, project + "/wearer").body().path("newer")).hasSize(1);
        // Called by the new name in the project nothing else changes there.
        assertThat(aimed(aim(project, "Jorun", "").body(), "HEIGHT").path("mm").asDouble())
                .isEqualTo(1040);
        assertThat(read(user, "/api/wearers").body()).hasSize(1);
        assertThat(read(user, "/api/wearers").body().get(0).path("height").asText())
                .isEqualTo("42 5/16 in");
    }

    @Test
    void aReadingIsStruckOutAndPutBack() {
        String jory = enter("Jory");
        JsonNode one = measure(jory, "2026-03-01", "\"HEIGHT\":\"104\"").body();
        String reading = line(one, "HEIGHT").path("readings").get(0).path("id").asText();
        String path = "/api/wearers/" + jory + "/readings/" + reading;
        assertThat(line(call(user, "DELETE", path, "").body(), "HEIGHT").path("readings"))
                .isEmpty();
        assertThat(call(user, "DELETE", path, "").status()).isEqualTo(404);
        assertThat(line(call(user, "POST", path + "/take-back", "").body(), "HEIGHT")
                        .path("readings"))
                .hasSize(1);
    }

    @Test
    void thrownAwayAndTakenBackUnlessSomebodyHasTheName() {
        String jory = enter("Jory");
        assertThat(call(user, "POST", "/api/wearers", "{\"name\":\" JORY\"}").status())
                .isEqualTo(422);
        assertThat(call(user, "DELETE", "/api/wearers/" + jory, "").status()).isEqualTo(204);
        assertThat(read(user, "/api/wearers/" + jory).status()).isEqualTo(404);
        assertThat(read(user, "/api/wearers/thrown-away").body()).hasSize(1);
        String other = enter("Jory");
        Reply refused = call(user, "POST", "/api/wearers/" + jory + "/take-back", "");
        assertThat(refused.status()).isEqualTo(422);
        call(user, "DELETE", "/api/wearers/" + other, "");
        assertThat(call(user, "POST", "/api/wearers/" + jory + "/take-back", "").status())
                .isEqualTo(204);
        assertThat(read(user, "/api/wearers/" + jory).status()).isEqualTo(200);
    }

    @Test
    void everybodyGoesIntoAFileAndComesBackOnce() {
        measure(enter("Jory"), "2026-03-01", "\"HEIGHT\":\"104\",\"HIP\":\"58\"");
        String file = new String(raw(user, "/api/wearers/people.json"), java.nio.charset.StandardCharsets.UTF_8);
        HouseholdUser other = newHousehold();
        for (int time = 0; time < 2; time++) {
            Reply came = call(other, "POST", "/api/wearers/import", file);
            assertThat(came.status()).as(came.body().toString()).isEqualTo(201);
            JsonNode jory = read(other, "/api/wearers").body().get(0);
            assertThat(jory.path("name").asText()).isEqualTo("Jory");
            JsonNode whole =
                    read(other, "/api/wearers/" + jory.path("id").asText()).body();
            assertThat(line(whole, "HEIGHT").path("readings")).hasSize(1);
        }
        assertThat(call(other, "POST", "/api/wearers/import", "{}").status()).isEqualTo(422);
    }

    @Test
    void manyProjectsToldOfTheSameSomebodyNewAtOnceKnowOnePerson() {
        List<String> begun = IntStream.range(0, 8).mapToObj(i -> begin()).toList();
        List<Integer> answers = begun.parallelStream()
                .map(project -> aim(project, "Nyx", "\"HEIGHT\":\"116\"").status())
                .toList();
        assertThat(answers).containsOnly(200);
        assertThat(read(user, "/api/wearers").body().findValuesAsText("name")).containsExactly("Nyx");
    }

    @Test
    void badReadingsAreRefusedWithTheirField() {
        String jory = enter("Jory");
        assertThat(measure(jory, "", "").body().toString()).contains("Nothing was measured");
        assertThat(measure(jory, "yesterday", "\"HEIGHT\":\"104\"").body().toString())
                .contains("is no day");
        String tomorrow = LocalDate.now().plusDays(2).toString();
        assertThat(measure(jory, tomorrow, "\"HEIGHT\":\"104\"").body().toString())
                .contains("not past yet");
        assertThat(measure(jory, "", "\"HEIGHT\":\"104 mm\"").text("field")).isEqualTo("aim.measures.HEIGHT");
        assertThat(measure(jory, "", "\"INSIDE_LEG\":\"60\",\"WAIST_TO_FLOOR\":\"61\"")
                        .status())
                .isEqualTo(422);
        assertThat(read(user, "/api/wearers/" + jory)
                        .body()
                        .path("person")
                        .path("measured")
                        .asInt())
                .isZero();
        assertThat(call(user, "POST", "/api/wearers", "{\"name\":\"  \"}").status())
                .isEqualTo(422);
        assertThat(call(user, "POST", "/api/wearers", "{\"name\":\"a\\u0000b\"}")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void whatAFileSaysOfSomebodyBecomesTheHouseholdsOnlyWhenAsked() {
        String project = begin();
        aim(project, "Mio", "\"HEIGHT\":\"116\"");
        String file = new String(raw(user, project + "/file"), java.nio.charset.StandardCharsets.UTF_8);
        HouseholdUser other = newHousehold();
        assertThat(call(other, "POST", "/api/projects/import", file).status()).isEqualTo(201);
        JsonNode known = read(other, "/api/wearers").body();
        assertThat(known.get(0).path("id").asText()).isEmpty();
        assertThat(known.get(0).path("project").asText()).isEqualTo("trousers");
        Reply kept = call(other, "POST", "/api/wearers", "{\"name\":\"Mio\"}");
        assertThat(line(read(other, "/api/wearers/" + kept.text("id")).body(), "HEIGHT")
                        .path("readings"))
                .hasSize(1);
        assertThat(read(other, "/api/wearers").body()).hasSize(1);
    }
}
