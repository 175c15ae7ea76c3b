package org.handdown.server.project;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.handdown.server.DemoHouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class ProjectTest extends DemoHouseholdTest {
    private static Map<String, String> stands(JsonNode view) {
        Map<String, String> stands = new TreeMap<>();
        view.path("stations")
                .forEach(s ->
                        stands.put(s.path("station").asText(), s.path("stand").asText()));
        return stands;
    }

    private ObjectNode aim(JsonNode view) {
        ObjectNode aim = json.createObjectNode().put("wearer", "Ilse").put("unit", "CM");
        aim.put("garment", "CUT_OUT").put("draft", "dungarees");
        ObjectNode measures = aim.putObject("measures");
        view.path("aim").path("measures").forEach(m -> {
            if (m.path("origin").asText().equals("TAPE")) {
                measures.put(m.path("id").asText(), m.path("text").asText());
            }
        });
        return aim;
    }

    @Test
    void theDemoProjectArrivesWhole() {
        JsonNode view = read(user, project).body();
        assertThat(view.path("panels")).hasSize(4);
        assertThat(view.path("lay").path("placed")).hasSize(15);
        assertThat(stands(view)).containsEntry("LAY", "SETTLED").containsEntry("MAKE", "OPEN");
    }

    @Test
    void exportsWhatItImportedAndComesBackTheSame() throws Exception {
        JsonNode file = read(user, project + "/sheets/project.json").body();
        assertThat(file).isEqualTo(json.readTree(demoProject()));
        String again = "/api/projects/"
                + call(user, "POST", "/api/projects/import", file.toString()).text("id");
        assertThat(read(user, again).body().path("lay"))
                .isEqualTo(read(user, project).body().path("lay"));
    }

    @Test
    void aTallerChildMakesPiecesAndLayStaleUntilTheyAreRedone() {
        JsonNode view = read(user, project).body();
        ObjectNode aim = aim(view);
        ((ObjectNode) aim.path("measures")).put("HEIGHT", "116 cm");
        JsonNode changed =
                call(user, "PUT", project + "/aim?version=1", aim.toString()).body();
        assertThat(stands(changed)).containsEntry("PIECES", "STALE").containsEntry("LAY", "STALE");
        // The lay that is shown stays the old one.
        assertThat(changed.path("lay").path("placed")).hasSize(15);
        JsonNode redone =
                call(user, "POST", project + "/pieces/redo?version=2", "").body();
        assertThat(stands(redone)).containsEntry("PIECES", "SETTLED").containsEntry("LAY", "STALE");
        assertThat(redone.path("lay").path("stale").asBoolean()).isTrue();
    }

    @Test
    void undoAndRedoWalkThroughWhatWasDone() {
        call(user, "PUT", project + "/joins/centre-back?version=1", "{\"decision\":\"LEAVE\"}");
        JsonNode undone = call(user, "POST", project + "/undo?version=2", "").body();
        assertThat(stands(undone)).containsEntry("PANELS", "SETTLED");
        assertThat(undone.path("redoWhat").asText()).isEqualTo("a join");
        JsonNode redone = call(user, "POST", project + "/redo?version=3", "").body();
        assertThat(stands(redone)).containsEntry("PANELS", "STALE");
        assertThat(call(user, "POST", project + "/redo?version=4", "").status()).isEqualTo(404);
    }

    @Test
    void aWriteOnAnOldVersionIsRefusedAndStoresNothing() {
        call(user, "PUT", project + "/joins/centre-back?version=1", "{\"decision\":\"LEAVE\"}");
        Reply late = call(user, "POST", project + "/notes?version=1", "{\"text\":\"late\"}");
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.text("detail")).contains("a join");
        assertThat(read(user, project).body().path("log")).hasSize(1);
    }

    @Test
    void anotherHouseholdSeesNothing() {
        HouseholdUser stranger = newHousehold();
        assertThat(read(stranger, project).status()).isEqualTo(404);
        assertThat(read(stranger, project + "/sheets/project.json").status()).isEqualTo(404);
        assertThat(call(stranger, "DELETE", project, "").status()).isEqualTo(404);
        assertThat(call(stranger, "POST", project + "/undo?version=1", "").status())
                .isEqualTo(404);
        assertThat(read(stranger, "/api/projects").body()).isEmpty();
    }

    @Test
    void thrownAwayProjectsCanBeTakenBack() {
        assertThat(call(user, "DELETE", project, "").status()).isEqualTo(204);
        assertThat(read(user, project).status()).isEqualTo(404);
        assertThat(call(user, "POST", project + "/take-back", "").status()).isEqualTo(204);
        assertThat(read(user, project).status()).isEqualTo(200);
    }

    @Test
    void lengthsInMixedUnitsAreReadAndTheirWordsKept() {
        ObjectNode aim = aim(read(user, project).body());
        ((ObjectNode) aim.path("measures")).put("HIP", "23 5/8 in");
        JsonNode view =
                call(user, "PUT", project + "/aim?version=1", aim.toString()).body();
        JsonNode hip = view.path("aim").path("measures").get(3);
        // 23 5/8 in × 25.4 mm = 600.075 mm (international inch, 1959).
        assertThat(hip.path("mm").asDouble()).isEqualTo(600.075);
        assertThat(hip.path("text").asText()).isEqualTo("23 5/8 in");
    }

    @Test
    void badInputIsRefusedWithFieldAndHelp() {
        ObjectNode aim = aim(read(user, project).body());
        ((ObjectNode) aim.path("measures")).put("HIP", "sixty");
        Reply reply = call(user, "PUT", project + "/aim?version=1", aim.toString());
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("field")).isEqualTo("aim.measures.HIP");
        assertThat(reply.text("detail")).contains("Write a number and a unit");
        ((ObjectNode) aim.path("measures")).put("HIP", "60 m");
        assertThat(call(user, "PUT", project + "/aim?version=1", aim.toString()).text("detail"))
                .contains("Check the unit");
        assertThat(call(user, "PUT", project + "/aim?version=1", "{not json").status())
                .isEqualTo(400);
        assertThat(call(user, "PUT", project + "/joins/no-such?version=1", "{\"decision\":\"LEAVE\"}")
                        .status())
                .isEqualTo(404);
        assertThat(call(user, "PUT", project + "/joins/centre-back?version=1", "{}")
                        .text("field"))
                .isEqualTo("decision");
        assertThat(call(user, "POST", "/api/projects", "{\"name\":\" \"}").status())
                .isEqualTo(422);
        assertThat(read(user, project).body().path("version").asLong()).isEqualTo(1);
    }

    @Test
    void aFileWhoseLayBreaksARuleIsNotTakenIn() throws Exception {
        ObjectNode file = (ObjectNode) json.readTree(demoProject());
        ((ObjectNode) file.path("lay").path("layout").path("placements").get(0)).put("x", 400);
        Reply reply = call(user, "POST", "/api/projects/import", file.toString());
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("field")).isEqualTo("lay.layout");
        assertThat(call(user, "POST", "/api/projects/import", "[1]").status()).isEqualTo(422);
        assertThat(call(user, "POST", "/api/projects/import", "{\"format\":\"other/9\"}")
                        .text("detail"))
                .contains("other/9");
        assertThat(read(user, "/api/projects").body()).hasSize(1);
    }

    private static ObjectNode survey(ObjectNode file, int i) {
        return (ObjectNode) file.path("panels").path("surveys").get(i);
    }

    static Stream<Arguments> spoiltFiles() {
        return Stream.of(
                // What is larger than anything is refused at the very figure, what no leg can be by the leg.
                Arguments.of("panels.surveys[0].leg.knee.widthMm", (Consumer<ObjectNode>)
                        f -> ((ObjectNode) survey(f, 0).path("leg").path("knee")).put("widthMm", 1e308)),
                Arguments.of("panels.surveys[0].leg.widths", (Consumer<ObjectNode>)
                        f -> ((ObjectNode) survey(f, 0).path("leg").path("knee")).put("widthMm", 1e7)),
                Arguments.of("panels.surveys[0].wonMm", (Consumer<ObjectNode>)
                        f -> ((ObjectNode) survey(f, 0).path("wonMm")).put("side", -5000)),
                Arguments.of("panels.surveys", (Consumer<ObjectNode>)
                        f -> survey(f, 1).put("id", survey(f, 0).path("id").asText())),
                Arguments.of("name", (Consumer<ObjectNode>) f -> f.put("name", "a\0b")),
                Arguments.of("done", (Consumer<ObjectNode>) f -> f.putArray("done")),
                Arguments.of("decisions", (Consumer<ObjectNode>) f -> f.putArray("decisions")),
                Arguments.of("lay.problem.panels[0].outline", (Consumer<ObjectNode>) f -> ((ObjectNode)
                                f.path("lay").path("problem").path("panels").get(0))
                        .putArray("outline")));
    }

    @ParameterizedTest
    @MethodSource("spoiltFiles")
    void aSpoiltFileIsRefusedAtItsField(String field, Consumer<ObjectNode> spoil) throws Exception {
        ObjectNode file = (ObjectNode) json.readTree(demoProject());
        spoil.accept(file);
        Reply reply = call(user, "POST", "/api/projects/import", file.toString());
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("field")).isEqualTo(field);
        assertThat(read(user, "/api/projects").body()).hasSize(1);
    }

    @Test
    void measuresThatMakeNoPanelLeaveTheProjectReadable() {
        String absurd = "{\"stations\":{\"knee\":{\"height\":\"41 cm\",\"width\":\"240 cm\",\"toSide\":\"1 mm\"}}}";
        Reply reply = call(user, "PUT", project + "/panels/front-left?version=1", absurd);
        assertThat(reply.status()).isIn(200, 422);
        assertThat(read(user, project).status()).isEqualTo(200);
    }

    @Test
    void aBodyLargerThanAnyProjectIsNotRead() {
        Reply reply = call(user, "POST", "/api/projects/import", " ".repeat(9_000_000));
        assertThat(reply.status()).isEqualTo(413);
        assertThat(reply.text("detail")).contains("8 MB");
    }

    @Test
    void aPanelMeasuredAnewMakesTheLayStaleAndKeepsItsFlaws() {
        String body = "{\"stations\":{\"knee\":{\"height\":\"41 cm\",\"width\":\"25 cm\",\"toSide\":\"12.5 cm\"}}}";
        JsonNode view = call(user, "PUT", project + "/panels/front-left?version=1", body)
                .body();
        assertThat(stands(view)).containsEntry("LAY", "STALE").containsEntry("PANELS", "SETTLED");
        assertThat(view.path("panels").get(0).path("flaws")).hasSize(2);
        String upside = "{\"stations\":{\"knee\":{\"height\":\"90 cm\",\"width\":\"25 cm\",\"toSide\":\"12.5 cm\"}}}";
        Reply refused = call(user, "PUT", project + "/panels/front-left?version=2", upside);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text("detail")).contains("counted up from the hem");
    }

    @Test
    void stepsAreCheckedOffWithTheirMinutes() {
        JsonNode view = call(
                        user, "PUT", project + "/steps/open-inseam-left?version=1", "{\"done\":true,\"minutes\":11.5}")
                .body();
        JsonNode step = java.util.stream.StreamSupport.stream(view.path("steps").spliterator(), false)
                .filter(n -> n.path("step").path("id").asText().equals("open-inseam-left"))
                .findFirst()
                .orElseThrow();
        assertThat(step.path("done").asBoolean()).isTrue();
        assertThat(step.path("tookMinutes").asDouble()).isEqualTo(11.5);
        assertThat(call(user, "PUT", project + "/steps/none?version=2", "{\"done\":true}")
                        .status())
                .isEqualTo(404);
    }
}
