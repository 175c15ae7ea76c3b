package org.handdown.server.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Taking apart, keeping and letting out over HTTP. */
@Tag("long")
class KeepingTest extends HouseholdTest {
    private HouseholdUser user;

    @BeforeEach
    void household() {
        user = newHousehold();
    }

    private String bring(String file) {
        try {
            String text = Files.readString(Path.of("../demo/" + file));
            return "/api/projects/"
                    + call(user, "POST", "/api/projects/import", text).text("id");
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static List<String> texts(JsonNode list, String field) {
        List<String> texts = new ArrayList<>();
        list.forEach(n -> texts.add(n.path(field).asText()));
        return texts;
    }

    private static JsonNode join(JsonNode view, String id) {
        for (JsonNode j : view.path("takeApart").path("joins")) {
            if (j.path("id").asText().equals(id)) {
                return j;
            }
        }
        throw new IllegalArgumentException(id);
    }

    @Test
    void theLeastOpeningOfTheTrousersKeepsWhatIsDear() {
        String project = bring("1-dungarees.project.json");
        String all = "\"front-left\",\"front-right\",\"back-left\",\"back-right\"";
        JsonNode best = call(
                        user,
                        "POST",
                        project + "/least-opening",
                        "{\"flat\":[" + all + "],\"cutAway\":true,\"clothWorth\":0}")
                .body();
        assertThat(best).hasSize(4);
        double least = best.get(0).path("minutes").asDouble();
        best.forEach(b -> assertThat(b.path("minutes").asDouble()).isGreaterThanOrEqualTo(least));
        // Four legs and the band in rings: five parts, ten joins hold them, so six must go.
        assertThat(best.get(0).path("names")).hasSizeBetween(5, 6);
        JsonNode applied = call(
                        user,
                        "PUT",
                        project + "/joins?version=1",
                        "{\"joins\":" + best.get(0).path("joins") + "}")
                .body();
        assertThat(applied.path("takeApart").path("flat")).hasSize(4);
        Reply none = call(
                user,
                "POST",
                project + "/least-opening",
                "{\"flat\":[\"front-left\"],\"closed\":[\"inseam-left\",\"side-left\"],\"cutAway\":true,\"clothWorth\":0}");
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.text("detail")).contains("let one of them go");
        assertThat(call(
                                user,
                                "POST",
                                project + "/least-opening",
                                "{\"flat\":[\"hood\"],\"cutAway\":true,\"clothWorth\":0}")
                        .text("detail"))
                .contains("no part “hood”");
    }

    @Test
    void aJoinOfWhichTheLayUsesNothingIsTold() {
        String project = bring("4-art-smock.project.json");
        JsonNode view = read(user, project).body();
        assertThat(join(view, "yoke").path("idle").asBoolean()).isTrue();
        assertThat(join(view, "side-left").path("decision").asText()).isEqualTo("UNPICK");
    }

    @Test
    void ownMinutesBecomeOwnRatesAndUndoTakesThemBack() {
        String project = bring("1-dungarees.project.json");
        double before =
                join(read(user, project).body(), "inseam-right").path("minutes").asDouble();
        JsonNode after = call(
                        user, "PUT", project + "/steps/open-inseam-left?version=1", "{\"done\":true,\"minutes\":3.9}")
                .body();
        double now = join(after, "inseam-right").path("minutes").asDouble();
        // 3.9 min for the left one: the right one, as long, takes as much.
        assertThat(now).isCloseTo(3.9, within(0.05));
        assertThat(before).isCloseTo(7.8, within(0.4));
        assertThat(texts(after.path("takeApart").path("joins"), "formula")).anyMatch(f -> f.contains("2.5"));
        JsonNode undone = call(user, "POST", project + "/undo?version=2", "").body();
        assertThat(join(undone, "inseam-right").path("minutes").asDouble()).isEqualTo(before);
        HouseholdUser stranger = newHousehold();
        assertThat(read(stranger, project + "/sittings").status()).isEqualTo(404);
    }

    @Test
    void sittingsEndSafelyAndOddLengthsAreRefused() {
        String project = bring("4-art-smock.project.json");
        JsonNode sittings = read(user, project + "/sittings?minutes=20").body();
        assertThat(sittings.size()).isGreaterThan(2);
        sittings.forEach(s -> assertThat(s.path("safeEnd").asText()).isNotBlank());
        assertThat(read(user, project + "/sittings?minutes=0").status()).isEqualTo(422);
        assertThat(read(user, project + "/sittings?minutes=x").status()).isEqualTo(400);
    }

    @Test
    void theSkirtIsLetOutAndOnlyWhatIsNeededIsOpened() {
        String project = bring("5-pleated-skirt.project.json");
        String wish =
                "{\"waist\":\"9 cm\",\"length\":\"3 cm\",\"leastAllowance\":\"1 cm\",\"hemFinish\":\"1 cm\",\"dartsToo\":false}";
        JsonNode view =
                call(user, "PUT", project + "/pieces/let-out?version=1", wish).body();
        assertThat(view.path("letOut").path("gain").asText()).isEqualTo("9.0 cm");
        view.path("letOut")
                .path("refolds")
                .forEach(r -> assertThat(r.path("newDepthMm").asDouble()).isCloseTo(25 - 90.0 / 32, within(1e-9)));
        JsonNode opened = call(user, "POST", project + "/pieces/let-out/openings?version=2", "")
                .body();
        assertThat(join(opened, "hem").path("decision").asText()).isEqualTo("UNPICK");
        assertThat(join(opened, "side-left").path("decision").asText()).isEqualTo("LEAVE");
        assertThat(texts(opened.path("steps"), "done")).doesNotContain("true");
        Reply absurd = call(user, "PUT", project + "/pieces/let-out?version=3", wish.replace("9 cm", "9 m"));
        assertThat(absurd.status()).isEqualTo(422);
        assertThat(absurd.text("field")).isEqualTo("letOut.waist");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "part|{\"what\":\"part\",\"name\":\"yoke lining\",\"width\":\"30 cm\",\"height\":\"12 cm\"}|200|",
                "part in inches|{\"what\":\"part\",\"name\":\"flap\",\"width\":\"4 in\",\"height\":\"5 1/2 in\"}|200|",
                "no width|{\"what\":\"part\",\"name\":\"flap\",\"width\":\"\",\"height\":\"5 cm\"}|422|adjustment.width",
                "twice|{\"what\":\"part\",\"name\":\"collar\",\"width\":\"9 cm\",\"height\":\"5 cm\"}|422|source.adjustments[0].id",
                "no length|{\"what\":\"join\",\"name\":\"x\",\"part\":\"back\",\"edge\":\"hem\",\"otherPart\":\"yoke\",\"otherEdge\":\"lower\",\"length\":\"0\"}|422|source.adjustments[0].join.length",
                "no edge|{\"what\":\"lining\",\"part\":\"back\",\"edge\":\"top\"}|422|source.adjustments[0].edge",
                "unknown|{\"what\":\"wing\"}|422|adjustment.what"
            })
    void aSourceIsAdjustedWithinReason(String which, String body, int status, String field) {
        String project = bring("4-art-smock.project.json");
        Reply reply = call(user, "POST", project + "/source/adjustments?version=1", body);
        assertThat(reply.status()).as(which).isEqualTo(status);
        if (field != null) {
            assertThat(reply.text("field")).isEqualTo(field);
        }
        assertThat(read(user, project).status()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0,0 30,0 30,40 0,40|200|",
                "0,0 0,40 30,40 30,0|200|",
                "0,0 30,40 30,0 0,40|422|piece.corners",
                "0,0 30,0|422|piece.corners",
                "0,0 30,0 ell,40|422|piece.corners[2].x"
            })
    void piecesAreEnteredByTheirCornersOnceRound(String corners, int status, String field) {
        String project = bring("3-bodywarmer.project.json");
        List<String> given = new ArrayList<>();
        for (String corner : corners.split(" ")) {
            String[] xy = corner.split(",");
            given.add("{\"x\":\"" + xy[0] + "\",\"y\":\"" + xy[1] + "\"}");
        }
        String body = "{\"name\":\"Hood\",\"quantity\":1,\"pair\":false,\"acrossToo\":false,\"corners\":["
                + String.join(",", given) + "]}";
        Reply reply = call(user, "POST", project + "/pieces/by-hand?version=1", body);
        assertThat(reply.status()).isEqualTo(status);
        if (field == null) {
            JsonNode pieces = reply.body().path("pieces").path("pieces");
            JsonNode hood = pieces.get(pieces.size() - 1);
            // 30 × 40 cm and the usual 1 cm of allowance all round, whichever way round it was told.
            assertThat(hood.path("size").asText()).isEqualTo("32.0 cm × 42.0 cm");
        } else {
            assertThat(reply.text("field")).isEqualTo(field);
        }
    }

    @Test
    void aDraftTakesPiecesOfOnesOwnBesideIt() {
        String project = bring("1-dungarees.project.json");
        String body =
                "{\"name\":\"name tag\",\"quantity\":1,\"pair\":false,\"acrossToo\":false,\"corners\":[{\"x\":\"0\",\"y\":\"0\"},{\"x\":\"9\",\"y\":\"0\"},{\"x\":\"0\",\"y\":\"9\"}]}";
        JsonNode pieces = call(user, "POST", project + "/pieces/by-hand?version=1", body)
                .body()
                .path("pieces");
        assertThat(pieces.path("pieces")).hasSize(11);
        assertThat(pieces.path("pieces").get(10).path("byHand").asBoolean()).isTrue();
        assertThat(pieces.path("pieces").get(0).path("byHand").asBoolean()).isFalse();
        // What is drafted is still walked.
        assertThat(pieces.path("walks")).isNotEmpty();
    }

    @Test
    void aSourceOfTheStashBeginsAProjectAndStaysInTheStash() throws IOException {
        String made = call(
                        user,
                        "POST",
                        "/api/stash/import",
                        Files.readString(Path.of("../demo/6-felted-jumper.source.json")))
                .text("id");
        String project = "/api/projects/"
                + call(user, "POST", "/api/stash/" + made + "/begin", "{\"name\":\"Mittens\"}")
                        .text("id");
        JsonNode view = read(user, project).body();
        assertThat(view.path("name").asText()).isEqualTo("Mittens");
        assertThat(view.path("source").path("kind").asText()).isEqualTo("JUMPER");
        assertThat(things(user, "")).hasSize(1);
        assertThat(call(newHousehold(), "POST", "/api/stash/" + made + "/begin", "{}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whatTheSourceIsWorthIsJudgedAndBadDatesRefused() {
        String project = bring("4-art-smock.project.json");
        JsonNode view = call(
                        user,
                        "PUT",
                        project + "/source/assessment?version=1",
                        "{\"missed\":\"DEARLY\",\"wantedBy\":\"2020-01-01\",\"conditions\":{\"pocket\":\"BROKEN\"}}")
                .body();
        assertThat(view.path("source").path("prospect").path("advice").asText()).isEqualTo("WAIT");
        assertThat(texts(view.path("keep").path("wants"), "use")).contains("");
        Reply bad = call(user, "PUT", project + "/source/assessment?version=2", "{\"wantedBy\":\"soon\"}");
        assertThat(bad.text("field")).isEqualTo("source.wantedBy");
        JsonNode cleared = call(user, "PUT", project + "/source/assessment?version=2", "{\"wantedBy\":\"\"}")
                .body();
        assertThat(cleared.path("source").path("prospect").path("advice").asText())
                .isEqualTo("MOCK_UP_FIRST");
    }

    @Test
    void whatCannotBeIsRefusedAndNothingStored() {
        String project = bring("4-art-smock.project.json");
        Reply nul = call(
                user, "PUT", project + "/source/assessment?version=1", "{\"conditions\":{\"a\\u0000b\":\"WORN\"}}");
        assertThat(nul.text("field")).isEqualTo("source.conditions");
        String swung =
                "{\"name\":\"p\",\"quantity\":1,\"pair\":false,\"acrossToo\":false,\"corners\":[{\"x\":\"0\",\"y\":\"0\",\"bow\":\"90 cm\"},{\"x\":\"9\",\"y\":\"0\"},{\"x\":\"0\",\"y\":\"9\"}]}";
        assertThat(call(user, "POST", project + "/pieces/by-hand?version=1", swung)
                        .text("field"))
                .isEqualTo("piece.corners[0].bow");
        String wish =
                "{\"waist\":\"1 cm\",\"length\":\"1 cm\",\"leastAllowance\":\"1 cm\",\"hemFinish\":\"1 cm\",\"dartsToo\":false}";
        assertThat(call(user, "PUT", project + "/pieces/let-out?version=1", wish)
                        .text("detail"))
                .contains("at Aim first");
        assertThat(read(user, project).body().path("version").asLong()).isEqualTo(1);
    }

    @Test
    void freeKeepersGoToTheStashOfTheirHouseholdOnly() {
        String project = bring("4-art-smock.project.json");
        String id = project.substring(project.lastIndexOf('/') + 1);
        int kept = call(user, "POST", "/api/stash/keepers/from/" + id, "")
                .body()
                .path("kept")
                .asInt();
        JsonNode keepers = things(user, "\"kind\":\"KEEPER\"");
        assertThat(kept).isGreaterThan(3);
        assertThat(keepers).hasSize(kept);
        assertThat(texts(keepers, "name")).contains("collar or neckband").doesNotContain("breast pocket");
        HouseholdUser stranger = newHousehold();
        String first = keepers.get(0).path("id").asText();
        assertThat(things(stranger, "")).isEmpty();
        assertThat(call(stranger, "DELETE", "/api/stash/" + first, "").status()).isEqualTo(404);
        assertThat(call(stranger, "POST", "/api/stash/keepers/from/" + id, "").status())
                .isEqualTo(404);
        assertThat(call(user, "DELETE", "/api/stash/" + first, "").status()).isEqualTo(204);
        assertThat(things(user, "")).hasSize(kept - 1);
    }

    @Test
    void panelsOfASizeAreFoundOrTheLargestIsNamed() {
        String project = bring("1-dungarees.project.json");
        String size = "{\"cutAway\":true,\"clothWorth\":0,\"count\":2,\"width\":\"30 cm\",\"length\":\"90 cm\"}";
        assertThat(call(user, "POST", project + "/least-opening", size).body().size())
                .isPositive();
        Reply tooWide = call(user, "POST", project + "/least-opening", size.replace("30 cm", "30 in"));
        assertThat(tooWide.status()).isEqualTo(422);
        assertThat(tooWide.text("detail")).contains("the widest has");
    }

    @Test
    void everyKindOfSourceIsAskedForItsOwnMeasures() {
        JsonNode kinds = read(user, "/api/source-kinds?unit=INCH").body();
        assertThat(kinds).hasSize(15);
        kinds.forEach(k -> assertThat(k.path("measures").size()).isGreaterThan(2));
        assertThat(call(user, "POST", "/api/quantities", "{\"text\":\"13 in\",\"unit\":\"CM\"}")
                        .body())
                .hasSize(11);
        assertThat(call(user, "POST", "/api/quantities", "{\"text\":\"-\"}").status())
                .isEqualTo(422);
    }

    @Test
    void anotherKindOfSourceForgetsTheJoinsOfTheOldOne() {
        String project = bring("1-dungarees.project.json");
        JsonNode scarf = json.createObjectNode()
                .put("kind", "SCARF")
                .put("name", "Scarf")
                .set(
                        "cloth",
                        json.createObjectNode()
                                .put("name", "grey wool")
                                .put("weave", "KNIT")
                                .put("colour", "#808080")
                                .put("thickness", "2")
                                .put("heat", "TWO_DOTS"));
        ((com.fasterxml.jackson.databind.node.ObjectNode) scarf)
                .putObject("measures")
                .put("width", "30 cm")
                .put("length", "1.7 m")
                .put("fringe", "8 cm");
        JsonNode view = call(user, "PUT", project + "/source?version=1", scarf.toString())
                .body();
        assertThat(view.path("takeApart").path("joins")).isEmpty();
        assertThat(view.path("takeApart").path("flat")).hasSize(1);
        Reply missing = call(
                user,
                "PUT",
                project + "/source?version=2",
                scarf.toString().replace("\"fringe\":\"8 cm\"", "\"f\":\"1\""));
        assertThat(missing.text("field")).isEqualTo("source.fringe");
    }

    @Test
    void twoFinishedEdgesAreMeasuredAgainstTheNeed() {
        String project = bring("3-bodywarmer.project.json");
        JsonNode found = call(
                        user,
                        "POST",
                        project + "/coincidence",
                        "{\"distance\":\"204 cm\",\"need\":\"43 cm\",\"longer\":\"1 cm\",\"shorter\":\"5 mm\"}")
                .body();
        assertThat(found.path("verdict").asText()).isEqualTo("ONE_CUT");
        assertThat(found.path("sentence").asText()).contains("161.0 cm too long");
    }
}
