package org.handdown.server.workings;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Taking in, copying, getting in and out, and necklines over HTTP. */
@Tag("long")
class AlterationTest extends HouseholdTest {
    private static final String AIM = """
            {"garment":"%s","what":"taken in","wearer":"Runa","unit":"CM","measures":{"HEIGHT":"140 cm"}}""";

    private HouseholdUser user;

    @BeforeEach
    void household() {
        user = newHousehold();
    }

    private static String demo(String file) {
        try {
            return Files.readString(Path.of("../demo/" + file));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private String stash(String file) {
        return call(user, "POST", "/api/stash/import", demo(file)).text("id");
    }

    /** A project with the jumper as its source. */
    private String jumper(String garment) {
        String id = call(user, "POST", "/api/stash/" + stash("6-felted-jumper.source.json") + "/begin", "{}")
                .text("id");
        String project = "/api/projects/" + id;
        assertThat(change(project, "PUT", "/aim", AIM.formatted(garment)).status())
                .isEqualTo(200);
        return project;
    }

    private Reply change(String project, String method, String path, String body) {
        long version = read(user, project).body().path("version").asLong();
        return call(user, method, project + path + (path.contains("?") ? "&" : "?") + "version=" + version, body);
    }

    private static String reading(String kind, String where, String at, String depth) {
        return "{\"kind\":\"%s\",\"where\":\"%s\",\"pinches\":[{\"at\":\"%s\",\"depth\":\"%s\"}],\"partnerToo\":true}"
                .formatted(kind, where, at, depth);
    }

    /** What the source's own seams tell is not asked: its rings, against what the aim knows of the wearer. */
    @Test
    void theSourcesOwnOpeningsAreToldAgainstTheWearer() {
        String project = jumper("TAKE_IN");
        JsonNode openings = read(user, project).body().path("source").path("openings");
        assertThat(openings).hasSize(4);
        assertThat(openings.get(0).path("name").asText()).isEqualTo("neck");
        assertThat(openings.get(0).path("over").asText()).isEqualTo("HEAD");
        assertThat(openings.get(0).path("girth").asText()).endsWith(" cm");
        change(project, "PUT", "/aim", AIM.formatted("TAKE_IN").replace("}}", ",\"HAND_GIRTH\":\"24 cm\"}}"));
        JsonNode sleeve =
                read(user, project).body().path("source").path("openings").get(2);
        assertThat(sleeve.path("body").asText()).isEqualTo("24.0 cm");
        assertThat(sleeve.path("verdict").asText()).isNotEqualTo("UNKNOWN");
        assertThat(sleeve.path("sentence").asText()).contains("the hand, thumb in");
        // Cut out of it, another garment is put on.
        change(project, "PUT", "/aim", AIM.formatted("CUT_OUT"));
        assertThat(read(user, project).body().path("source").path("openings")).isEmpty();
    }

    @Test
    void aPinchIsToldForSeamPartnerAndGirthAndItsLineIsDrawn() {
        String project = jumper("TAKE_IN");
        JsonNode view = change(project, "POST", "/pieces/take-in", reading("SEAM", "side-left", "15 cm", "2 cm"))
                .body();
        JsonNode reading = view.path("takeIn").path("readings").get(0);
        assertThat(reading.path("partner").asText()).isEqualTo("right side seam");
        assertThat(reading.path("sentence").asText()).contains("2.0 cm (13/16 in)", "4.0 cm");
        JsonNode level = reading.path("levels").get(0);
        // 88 cm round, pinched by 2 cm on both side seams: 4 × 2 cm less.
        assertThat(level.path("before").asText()).isEqualTo("88.0 cm");
        assertThat(level.path("after").asText()).isEqualTo("80.0 cm");
        // Both layers of both seams, and the dot from which the first is measured.
        assertThat(view.path("takeIn").path("chalk").findValuesAsText("what"))
                .containsExactlyInAnyOrder("START", "STITCH", "STITCH", "STITCH", "STITCH");
        assertThat(view.path("stations").toString()).contains("1 place taken in or shortened");
    }

    @Test
    void aReadingAgainReplacesTheOldOneAndCanBeTakenOut() {
        String project = jumper("TAKE_IN");
        change(project, "POST", "/pieces/take-in", reading("TUCK", "sleeve-left", "", "2 cm"));
        JsonNode again = change(project, "POST", "/pieces/take-in", reading("TUCK", "sleeve-left", "", "3 cm"))
                .body();
        assertThat(again.path("takeIn").path("readings")).hasSize(1);
        assertThat(again.path("takeIn").path("readings").get(0).path("shorter").asText())
                .isEqualTo("6.0 cm");
        assertThat(again.path("takeIn").path("readings").get(0).path("notes").toString())
                .contains("ratio");
        JsonNode none = change(project, "DELETE", "/pieces/take-in/0", "").body();
        assertThat(none.path("takeIn").path("readings")).isEmpty();
        assertThat(change(project, "DELETE", "/pieces/take-in/0", "").status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({
        "SEAM, side-left, 15 cm, 60 cm, takeIn.pinch",
        "SEAM, side-left, 4 m, 2 cm, takeIn.at",
        "SEAM, side-left, 90 cm, 2 cm, join.at",
        "SEAM, nowhere, 15 cm, 2 cm, takeIn.where",
        "SEAM, side-left, 15 cm, , takeIn.pinch",
        "SEAM, side-left, 15 cm, 20 cm, takeIn.pinch",
        "TUCK, side-left, 0, 2 cm, takeIn.where",
        "TURN_UP, side-left, 0, 2 cm, takeIn.where",
        "TUCK, sleeve-left, 0, 25 cm, takeIn.pinch"
    })
    void whatCannotBePinchedIsRefusedByItsField(String kind, String where, String at, String depth, String field) {
        String project = jumper("TAKE_IN");
        Reply reply = change(project, "POST", "/pieces/take-in", reading(kind, where, at, depth == null ? "" : depth));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("field")).isEqualTo(field);
        assertThat(read(user, project).body().path("takeIn").path("readings")).isEmpty();
    }

    @Test
    void takingInIsOnlyForAProjectThatAimsAtIt() {
        String project = jumper("CUT_OUT");
        assertThat(change(project, "POST", "/pieces/take-in", reading("SEAM", "side-left", "15 cm", "2 cm"))
                        .text("detail"))
                .contains("Say at Aim first");
    }

    @Test
    void turnedUpHemsAreOpenedAndNothingElse() {
        String trousers = call(user, "POST", "/api/stash/" + stash("1-trousers.source.json") + "/begin", "{}")
                .text("id");
        String project = "/api/projects/" + trousers;
        change(project, "PUT", "/aim", AIM.formatted("TAKE_IN"));
        String hem = "";
        for (JsonNode join : read(user, project).body().path("takeApart").path("joins")) {
            if (join.path("finishedEdge").asBoolean()
                    && join.path("id").asText().contains("left")) {
                hem = join.path("id").asText();
            }
        }
        change(project, "POST", "/pieces/take-in", reading("TURN_UP", hem, "", "5 cm"));
        JsonNode view = change(project, "POST", "/pieces/take-in/openings", "").body();
        int opened = 0;
        for (JsonNode join : view.path("takeApart").path("joins")) {
            opened += join.path("decision").asText().equals("UNPICK") ? 1 : 0;
        }
        assertThat(opened).isEqualTo(2);
        assertThat(view.path("steps").toString()).contains("Before anything is trimmed");
    }

    private static final String RING = """
            {"name":"waist","over":"HIPS","girth":"95 cm","opens":"%s",
             "layers":[{"what":"cloth","length":"64 cm","stretch":"%s"}]}""";

    /** W23 of the check values (derived): 64 cm must reach 95 cm: 48.4 %. */
    @Test
    void aRingIsToldWhetherItGoesOnAndWhatOpeningItNeeds() {
        String project = jumper("CUT_OUT");
        JsonNode short40 = change(project, "POST", "/workings/passages", RING.formatted("", "40 %"))
                .body()
                .path("workings")
                .path("passages");
        assertThat(short40.get(0).path("passes").asBoolean()).isFalse();
        assertThat(short40.get(0).path("sentence").asText()).contains("5.4 cm short", "opening of 2.7 cm");
        JsonNode enough = change(project, "POST", "/workings/passages", RING.formatted("", "48,5"))
                .body()
                .path("workings")
                .path("passages");
        assertThat(enough).hasSize(1);
        assertThat(enough.get(0).path("passes").asBoolean()).isTrue();
        assertThat(change(project, "DELETE", "/workings/passages?name=waist", "")
                        .body()
                        .path("workings")
                        .path("passages"))
                .isEmpty();
        assertThat(change(project, "DELETE", "/workings/passages?name=waist", "")
                        .status())
                .isEqualTo(404);
    }

    /** Bad input: stretch of 0 is allowed and tells the truth, 400 % is refused. */
    @ParameterizedTest
    @CsvSource({
        "'', 400 %, passage.layers.stretch",
        "'', lots, passage.layers.stretch",
        "'', -3, passage.layers.stretch",
        "9 m, 10 %, passage.opens"
    })
    void ringsThatCannotBeAreRefused(String opens, String stretch, String field) {
        String project = jumper("CUT_OUT");
        Reply reply = change(project, "POST", "/workings/passages", RING.formatted(opens, stretch));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("field")).isEqualTo(field);
    }

    @Test
    void aKeptPlacketThatOpensFarEnoughIsNamed() {
        String smock = "/api/projects/"
                + call(user, "POST", "/api/projects/import", demo("4-art-smock.project.json"))
                        .text("id");
        JsonNode ring = change(smock, "POST", "/workings/passages", RING.formatted("", "0"))
                .body()
                .path("workings")
                .path("passages")
                .get(0);
        assertThat(ring.path("passes").asBoolean()).isFalse();
        assertThat(ring.path("helped").toString()).contains("placket of the front");
    }

    /** W16 of the check values (derived): a V of 90° and a band of 1 in: notch 2 in wide, slant 45°. */
    @Test
    void aNecklineHasItsNotchItsVerdictAndAGateOfItsOwn() {
        String project = "/api/projects/"
                + call(user, "POST", "/api/projects/import", demo("6-leg-warmers-and-hat.project.json"))
                        .text("id");
        JsonNode view = change(project, "POST", "/workings/necklines", """
                        {"name":"V","shape":"V","width":"20 cm","depth":"10 cm","back":"22 cm",
                         "bandRest":"42 cm","bandDepth":"1 in","bandStretch":"40 %"}""").body();
        JsonNode neck = view.path("workings").path("necklines").get(0);
        assertThat(neck.path("verdict").toString()).contains("slants 45.0°", "5.1 cm wide");
        assertThat(neck.path("chalk")).hasSize(6);
        assertThat(view.path("steps").toString()).contains("Before the neck is cut: V");
        Reply shallow = change(
                project,
                "POST",
                "/workings/necklines",
                "{\"name\":\"V\",\"shape\":\"V\",\"width\":\"20 cm\",\"depth\":\"2 mm\",\"back\":\"22 cm\"}");
        assertThat(shallow.text("field")).isEqualTo("neckline.depth");
        assertThat(change(project, "DELETE", "/workings/necklines?name=V", "").status())
                .isEqualTo(200);
    }

    private static final String COPY = """
            {"part":"%s","name":"copied front","anchor":"%s","place":"END","allowance":"1 cm","trueing":"1 cm",
             "quantity":1,"pair":false,"onto":"%s","ontoEdge":"%s"}""";

    @Test
    void aPartOfAGarmentThatFitsBecomesAPiece() {
        String shirt = "/api/stash/" + stash("4-striped-shirt.source.json");
        String project = "/api/projects/"
                + call(user, "POST", "/api/projects/import", demo("6-leg-warmers-and-hat.project.json"))
                        .text("id");
        String id = project.substring(project.lastIndexOf('/') + 1);
        Reply parts = call(user, "GET", shirt + "/parts", "");
        assertThat(parts.body().toString()).contains("front-left", "armhole").doesNotContain("\"hem\"");
        Reply seen = call(
                user,
                "POST",
                shirt + "/copy-to/" + id + "/preview",
                COPY.formatted("front-left", "side", "front", "side-right"));
        assertThat(seen.body().path("lacks").toString()).contains("too short below");
        assertThat(read(user, project).body().path("version").asLong()).isEqualTo(1);
        Reply copied = call(
                user, "POST", shirt + "/copy-to/" + id + "?version=1", COPY.formatted("front-left", "side", "", ""));
        assertThat(copied.status()).isEqualTo(200);
        JsonNode piece = copied.body().path("pieces").path("pieces").get(2);
        assertThat(piece.path("name").asText()).isEqualTo("copied front");
        assertThat(piece.path("allowances").toString()).contains("1.0 cm to sew, 1.0 cm to true it by");
        assertThat(piece.path("notches").toString()).contains("anchor");
        // Its armhole stays the curve it is when the piece is saved again by its corners.
        JsonNode before = piece.path("stitchLine");
        StringBuilder corners = new StringBuilder();
        for (JsonNode c : piece.path("corners")) {
            corners.append(corners.isEmpty() ? "" : ",")
                    .append("{\"x\":%s,\"y\":%s,\"name\":%s,\"bow\":%s,\"allowance\":\"2 cm\"}"
                            .formatted(c.path("x"), c.path("y"), c.path("edge"), c.path("bow")));
        }
        JsonNode saved = call(
                        user,
                        "POST",
                        project + "/pieces/by-hand?version=2",
                        "{\"name\":\"copied front\",\"quantity\":1,\"pair\":false,\"acrossToo\":false,\"lining\":false,\"corners\":["
                                + corners + "]}")
                .body();
        assertThat(saved.path("pieces").path("pieces").get(2).path("stitchLine"))
                .isEqualTo(before);
    }

    @Test
    void nothingIsCopiedAtTheHemOrFromSomebodyElsesStash() {
        String shirt = "/api/stash/" + stash("4-striped-shirt.source.json");
        String project = jumper("CUT_OUT");
        String id = project.substring(project.lastIndexOf('/') + 1);
        long version = read(user, project).body().path("version").asLong();
        Reply hem = call(
                user,
                "POST",
                shirt + "/copy-to/" + id + "?version=" + version,
                COPY.formatted("front-left", "hem", "", ""));
        assertThat(hem.text("detail")).contains("Never align at the hem");
        Reply part = call(
                user, "POST", shirt + "/copy-to/" + id + "?version=" + version, COPY.formatted("hood", "side", "", ""));
        assertThat(part.text("field")).isEqualTo("copy.part");
        assertThat(call(newHousehold(), "GET", shirt + "/parts", "").status()).isEqualTo(404);
    }

    /** The same source measured by eye is not trusted to the millimetre. */
    @Test
    void howItWasMeasuredTellsHowFarALayMayBeTrusted() {
        String project = "/api/projects/"
                + call(user, "POST", "/api/projects/import", demo("1-dungarees.project.json"))
                        .text("id");
        JsonNode taped = read(user, project).body().path("sureness");
        assertThat(taped.path("verdict").asText()).isEqualTo("TIGHT");
        assertThat(taped.path("tolerance").asText()).isEqualTo("0.3 cm");
        JsonNode byEye = change(project, "PUT", "/source/assessment", "{\"measured\":\"EYE\"}")
                .body();
        assertThat(byEye.path("sureness").path("tolerance").asText()).isEqualTo("2.0 cm");
        assertThat(byEye.path("source").path("measured").asText()).isEqualTo("EYE");
        assertThat(byEye.path("sureness").path("sentences").size())
                .isGreaterThanOrEqualTo(taped.path("sentences").size());
        // Nothing upstream became stale by it.
        assertThat(byEye.path("stations").toString()).doesNotContain("STALE");
    }

    private static final String INSERTS = """
            {"seams":2,"seam":"42 cm","allowance":"6 mm","sleeveSeam":"","lined":true,"piped":true,
             "levels":[{"down":"0","gain":"%s"},{"down":"42 cm","gain":"3 in"}]}""";

    /** V5 of the check values: 3 in over two inserts are 1½ in each. */
    @Test
    void whatIsMissingIsDraftedAsInserts() {
        String skirt = "/api/projects/"
                + call(user, "POST", "/api/projects/import", demo("5-pleated-skirt.project.json"))
                        .text("id");
        JsonNode view = change(skirt, "PUT", "/pieces/inserts", INSERTS.formatted("1 in"))
                .body();
        JsonNode inserts = view.path("letOut").path("inserts");
        assertThat(inserts.path("levels").get(1).path("width").asText()).isEqualTo("3.8 cm");
        assertThat(view.path("pieces").path("pieces")).hasSize(2);
        assertThat(inserts.path("notes").toString()).contains("168.0 cm", "armhole");
        assertThat(view.path("steps").toString()).contains("Cut the inserts");
        // What is let out stays when inserts come and go.
        JsonNode without = change(skirt, "DELETE", "/pieces/inserts", "").body();
        assertThat(without.path("letOut").path("inserts").isMissingNode()
                        || without.path("letOut").path("inserts").isNull())
                .isTrue();
        assertThat(without.path("letOut").path("gain").asText()).isEqualTo("6.0 cm");
        assertThat(change(skirt, "PUT", "/pieces/inserts", INSERTS.formatted("2 m"))
                        .text("field"))
                .isEqualTo("insert.gain");
    }

    @Test
    void everyLevelSaysWhatItCouldGiveAndCanBeAskedFor() {
        String skirt = "/api/projects/"
                + call(user, "POST", "/api/projects/import", demo("5-pleated-skirt.project.json"))
                        .text("id");
        JsonNode budget = read(user, skirt).body().path("letOut").path("budget");
        assertThat(texts(budget)).contains("back+front/top");
        String body = """
                {"waist":"6 cm","length":"4 cm","leastAllowance":"5 mm","hemFinish":"15 mm","dartsToo":false,
                 "levels":{"%s":"%s"}}""";
        JsonNode asked = change(skirt, "PUT", "/pieces/let-out", body.formatted("back+front/end", "1 m"))
                .body();
        assertThat(asked.path("field").asText()).isEqualTo("letOut.levels");
        JsonNode some = change(skirt, "PUT", "/pieces/let-out", body.formatted("back+front/top", "2 cm"))
                .body();
        assertThat(some.path("letOut").path("levels").get(0).path("gain").asText())
                .isEqualTo("2.0 cm");
        Reply nowhere = change(skirt, "PUT", "/pieces/let-out", body.formatted("hood/top", "2 cm"));
        assertThat(nowhere.text("field")).contains("letOut.levels");
    }

    private static java.util.List<String> texts(JsonNode list) {
        java.util.List<String> ids = new java.util.ArrayList<>();
        list.forEach(n -> ids.add(n.path("id").asText()));
        return ids;
    }

    @Test
    void severalStretchesOfOneBandAreOpenedEachForItself() {
        String skirt = "/api/projects/"
                + call(user, "POST", "/api/projects/import", demo("5-pleated-skirt.project.json"))
                        .text("id");
        JsonNode view = change(skirt, "POST", "/pieces/let-out/openings", "").body();
        assertThat(view.path("stations").toString()).contains("opened, about");
        Reply kept = call(user, "GET", skirt + "/sittings", "");
        assertThat(kept.status()).isEqualTo(200);
    }
}
