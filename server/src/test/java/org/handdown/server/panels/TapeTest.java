package org.handdown.server.panels;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Panels measured with a tape, over HTTP. */
class TapeTest extends HouseholdTest {
    private static final String SIDES = """
            {"way":"SIDES","name":"","points":[{"edge":"lower","finish":"HEM","depth":"3 cm","curve":false}],
             "sides":{"lower":"%s","right":"40 cm","upper":"30 cm","left":"40 cm","rising":"%s","falling":"%s"}}""";

    private HouseholdUser user;
    private String project;

    @BeforeEach
    void bodywarmer() throws IOException {
        user = newHousehold();
        project = "/api/projects/"
                + call(
                                user,
                                "POST",
                                "/api/projects/import",
                                Files.readString(Path.of("../demo/3-bodywarmer.project.json")))
                        .text("id");
    }

    private Reply draw(String body) {
        return call(user, "POST", "/api/tape/draw?unit=CM", body);
    }

    private Reply change(String method, String path, String body) {
        long version = read(user, project).body().path("version").asLong();
        return call(user, method, project + path + "?version=" + version, body);
    }

    /** 30, 40 and 50 cm: Pythagoras. */
    @Test
    void fourSidesAndTheirDiagonalsAreDrawnAndChecked() {
        JsonNode drawn = draw(SIDES.formatted("30 cm", "50 cm", "50 cm")).body();
        assertThat(drawn.path("area").asText()).isEqualTo("12.0 dm²");
        assertThat(drawn.path("findings")).isEmpty();
        JsonNode skew = draw(SIDES.formatted("30 cm", "49 cm", "")).body();
        assertThat(skew.path("findings").toString()).contains("Only one diagonal", "no rectangle");
    }

    @ParameterizedTest
    @CsvSource({
        "0, 50 cm, 50 cm, sides.lower",
        "-3 cm, 50 cm, 50 cm, sides.lower",
        "1 mm, 50 cm, 50 cm, sides.lower",
        "30 cm, 90 cm, 50 cm, sides.rising",
        "30 cm, lots, 50 cm, sides.rising"
    })
    void figuresThatDrawNothingAreRefusedByTheirField(String lower, String rising, String falling, String field) {
        Reply reply = draw(SIDES.formatted(lower, rising, falling));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("field")).isEqualTo(field);
    }

    @Test
    void aTapedPanelReplacesTheProposalAndComesBackAsItWasTyped() {
        JsonNode view = change("PUT", "/panels/blanket/taped", SIDES.formatted("30 cm", "50 cm", "50 cm"))
                .body();
        JsonNode panel = view.path("panels").get(0);
        assertThat(panel.path("taped").path("sides").path("lower").asText()).isEqualTo("30 cm");
        assertThat(panel.path("taped").path("points").get(0).path("finish").asText())
                .isEqualTo("HEM");
        assertThat(panel.path("usable").toString()).contains("30.0 cm × 40.0 cm");
        assertThat(view.path("stations").toString()).contains("Panels or pieces changed since");
        // Drawn anew it stays as taped; only by its own wish it goes back to the proposal.
        JsonNode redone = change("POST", "/panels/redo", "").body();
        assertThat(redone.path("panels").get(0).path("taped").path("way").asText())
                .isEqualTo("SIDES");
        JsonNode back = change("DELETE", "/panels/blanket/taped", "").body();
        assertThat(back.path("panels").get(0).path("taped").isObject()).isFalse();
        assertThat(back.path("panels")).hasSize(1);
    }

    @Test
    void aPanelThatTheSourceDoesNotHaveComesBesideTheOthers() {
        String remnant = """
                {"way":"BASELINE","name":"Old remnant","points":[
                 {"along":"0","right":"-10 cm","edge":"hem","finish":"HEM","depth":"2 cm","curve":false},
                 {"along":"0","right":"12 cm","edge":"right","curve":false},
                 {"along":"30 cm","right":"9 cm","edge":"upper","curve":false},
                 {"along":"33 cm","right":"0","curve":true},
                 {"along":"30 cm","right":"-9 cm","edge":"left","curve":false}]}""";
        JsonNode view = change("PUT", "/panels/old-remnant/taped", remnant).body();
        assertThat(view.path("panels")).hasSize(2);
        assertThat(view.path("panels").get(1).path("name").asText()).isEqualTo("Old remnant");
        assertThat(change("POST", "/panels/redo", "").body().path("panels")).hasSize(2);
        // Out and in again as a file it is the same.
        Reply file = call(user, "GET", project + "/sheets/project.json", "");
        assertThat(file.body().path("panels").path("surveys").toString()).contains("baseline");
        assertThat(call(user, "POST", "/api/projects/import", file.body().toString())
                        .status())
                .isEqualTo(201);
        assertThat(change("DELETE", "/panels/old-remnant/taped", "").body().path("panels"))
                .hasSize(1);
        assertThat(change("DELETE", "/panels/old-remnant/taped", "").status()).isEqualTo(404);
    }

    private static final String PINS = """
            {"way":"PINS","name":"","apart":"90 cm","points":[
             {"fromFirst":"%s","fromSecond":"108.2 cm","side":"RIGHT","toNext":"80.0 cm","curve":false},
             {"fromFirst":"140.0 cm","fromSecond":"166.4 cm","side":"RIGHT","toNext":"100.0 cm","curve":false},
             {"fromFirst":"172.0 cm","fromSecond":"140.4 cm","side":"RIGHT","toNext":"%s","curve":false},
             {"fromFirst":"116.6 cm","fromSecond":"60.8 cm","side":"RIGHT","toNext":"100.0 cm","curve":false}],
             "checks":[]}""";

    /** Pins 90 cm apart, a rectangle of 80 by 100 cm beside them: distances by Pythagoras. */
    @Test
    void twoPinsAreAdjustedAndAMistakeIsNamed() {
        JsonNode good = draw(PINS.formatted("60.0 cm", "80.0 cm")).body();
        assertThat(good.path("points")).hasSize(4);
        assertThat(good.path("pins")).hasSize(2);
        assertThat(good.path("ellipses")).hasSize(4);
        assertThat(good.path("findings").toString()).doesNotContain("mismeasured");
        JsonNode slip = draw(PINS.formatted("60.0 cm", "87.0 cm")).body();
        assertThat(slip.path("findings").toString()).contains("Most likely mismeasured: point 3 to point 4");
        Reply impossible = draw(PINS.formatted("9 cm", "80.0 cm"));
        assertThat(impossible.status()).isEqualTo(422);
        assertThat(impossible.text("field")).startsWith("pins.points[0]");
        assertThat(impossible.text("detail")).contains("Point 1 makes no triangle");
    }

    @Test
    void crossingOutlinesAreExplainedAndNothingIsStored() {
        String crossing = """
                {"way":"BASELINE","name":"","points":[
                 {"along":"0","right":"0","curve":false},{"along":"0","right":"30 cm","curve":false},
                 {"along":"40 cm","right":"0","curve":false},{"along":"40 cm","right":"30 cm","curve":false}]}""";
        assertThat(draw(crossing).text("detail")).contains("The outline crosses itself: from point 2 to 3");
        Reply stored = change("PUT", "/panels/blanket/taped", crossing);
        assertThat(stored.status()).isEqualTo(422);
        assertThat(read(user, project).body().path("version").asLong()).isEqualTo(1);
        assertThat(draw("{\"way\":\"PINS\"}").text("field")).isEqualTo("pins.apart");
        assertThat(draw("{}").text("field")).isEqualTo("tape.way");
    }

    private JsonNode blanket() {
        return read(user, project).body().path("panels").get(0);
    }

    private Reply fold(String edge, boolean opened, String crease) {
        return change(
                "PUT",
                "/panels/blanket/fold",
                "{\"edge\":\"%s\",\"opened\":%s,\"crease\":\"%s\"}".formatted(edge, opened, crease));
    }

    /** 30 × 40 cm, double on its left edge: 60 × 40 cm once it is opened, and back again. */
    @Test
    void clothMeasuredDoubleIsOpenedAndLaidDoubleAgain() {
        change("PUT", "/panels/blanket/taped", SIDES.formatted("30 cm", "50 cm", "50 cm"));
        assertThat(fold("left", true, "AVOID").status()).isEqualTo(200);
        JsonNode open = blanket();
        assertThat(open.path("area").asText()).isEqualTo("24.0 dm²");
        // The strip of the crease is kept clear: what is usable is either half of it.
        assertThat(open.path("usable").toString()).contains("60.0 cm × 40.0 cm");
        assertThat(open.path("edges").toString()).contains("lower-2").doesNotContain("\"left\"");
        assertThat(open.path("taped").path("fold").path("line").size()).isEqualTo(2);
        assertThat(open.path("taped").path("findings").toString()).contains("lay below");
        assertThat(open.path("flaws")).isEmpty();
        // Taped anew as it lay double it is still the same cloth.
        change(
                "PUT",
                "/panels/blanket/taped",
                SIDES.formatted("20 cm", "44.72 cm", "").replace("30 cm", "20 cm"));
        assertThat(blanket().path("usable").toString()).contains("40.0 cm × 40.0 cm");
        assertThat(fold("left", false, "AVOID").status()).isEqualTo(200);
        assertThat(blanket().path("area").asText()).isEqualTo("8.0 dm²");
    }

    @Test
    void whatIsNoFoldIsRefusedByItsField() {
        change("PUT", "/panels/blanket/taped", SIDES.formatted("30 cm", "50 cm", "50 cm"));
        for (String edge : new String[] {"", "nowhere"}) {
            Reply reply = fold(edge, true, "NOTE");
            assertThat(reply.status()).isEqualTo(422);
            assertThat(reply.text("field")).isEqualTo("fold");
        }
        assertThat(fold("left", false, "NOTE").status()).isEqualTo(200);
        assertThat(fold("right", true, "NOTE").text("detail")).contains("already");
    }
}
