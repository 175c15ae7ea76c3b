package org.handdown.server.panels;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Ready shapes, what a panel carries, and panels made of panels, over HTTP. */
class PanelTest extends HouseholdTest {
    private static final String SLEEVE = """
            {"way":"SHAPE","shape":"FLAT_SLEEVE","name":"sleeve",
             "points":[{"edge":"hem","finish":"CUFF","depth":"6 cm","curve":false}],
             "measures":{"length":"%s","upper":"42 cm","hem":"26 cm","underarm":"%s"}}""";
    private static final String CARRIED = """
            {"grain":"%s","grainEdge":"%s","fromX":"0 cm","fromY":"0 cm","toX":"%s","toY":"20 cm",
             "pileDown":false,"alike":null,"wrongSideUp":%s,"layers":%d,
             "repeats":[{"name":"stripe","across":true,"period":"%s","edge":"left","first":"1 cm","matched":true}],
             "motifs":[{"name":"rose","x":"10 cm","y":"30 cm"}]}""";

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

    private Reply change(String method, String path, String body) {
        long version = read(user, project).body().path("version").asLong();
        return call(user, method, project + path + "?version=" + version, body);
    }

    private JsonNode panel(String id) {
        for (JsonNode p : read(user, project).body().path("panels")) {
            if (p.path("id").asText().equals(id)) {
                return p;
            }
        }
        throw new AssertionError("There is no panel " + id);
    }

    private static double width(JsonNode panel) {
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (JsonNode p : panel.path("outline")) {
            least = Math.min(least, p.get(0).asDouble());
            most = Math.max(most, p.get(0).asDouble());
        }
        return most - least;
    }

    @Test
    void everyShapeIsListedWithWhatItAsksFor() {
        JsonNode shapes = read(user, "/api/tape/shapes?unit=INCH").body();
        assertThat(shapes).hasSize(17);
        assertThat(shapes.get(0).path("measures").get(0).path("first").asText()).contains("in");
        for (JsonNode shape : shapes) {
            String way = "/api/tape/survey-sheet.pdf?way=SHAPE&shape="
                    + shape.path("shape").asText();
            assertThat(read(user, way).status()).as(way).isEqualTo(200);
        }
        for (String way : new String[] {"SIDES", "BASELINE", "PINS"}) {
            assertThat(read(user, "/api/tape/survey-sheet.pdf?paper=letter&way=" + way)
                            .status())
                    .isEqualTo(200);
        }
        assertThat(read(user, "/api/tape/marker-sheet.pdf").status()).isEqualTo(200);
    }

    @Test
    void aShapeIsDrawnWithItsTapeLinesAndComesBackAsTyped() {
        JsonNode drawn = call(user, "POST", "/api/tape/draw?unit=CM", SLEEVE.formatted("48 cm", ""))
                .body();
        assertThat(drawn.path("tapes")).hasSize(4);
        assertThat(drawn.path("findings").toString()).contains("should be 48.7 cm");
        change("PUT", "/panels/sleeve/taped", SLEEVE.formatted("48 cm", "48.7 cm"));
        JsonNode taped = panel("sleeve").path("taped");
        assertThat(taped.path("shape").asText()).isEqualTo("FLAT_SLEEVE");
        assertThat(taped.path("measures").path("upper").asText()).isEqualTo("42 cm");
        assertThat(taped.path("points").get(0).path("finish").asText()).isEqualTo("CUFF");
        assertThat(taped.path("findings")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"48 mm, measures.length", "'', measures.length", "4.8 m, measures.length", "-5 cm, measures.length"})
    void aShapeOutOfAllProportionNamesItsFigure(String length, String field) {
        Reply reply = call(user, "POST", "/api/tape/draw?unit=CM", SLEEVE.formatted(length, ""));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("field")).isEqualTo(field);
    }

    @Test
    void whatAPanelCarriesIsKeptAndDrawn() {
        JsonNode before = panel("blanket");
        assertThat(change(
                                "PUT",
                                "/panels/blanket/carried",
                                CARRIED.formatted("EDGE", "lower", "0 cm", false, 2, "2 cm"))
                        .status())
                .isEqualTo(200);
        JsonNode now = panel("blanket");
        assertThat(now.path("grainDeg").asDouble()).isEqualTo(0);
        assertThat(now.path("carried").path("layers").asInt()).isEqualTo(2);
        assertThat(now.path("stripes").get(0).path("lines").size()).isGreaterThan(10);
        assertThat(now.path("motifs").get(0).path("name").asText()).isEqualTo("rose");
        change("PUT", "/panels/blanket/carried", CARRIED.formatted("POINTS", "", "20 cm", true, 1, "2 cm"));
        JsonNode turned = panel("blanket");
        assertThat(turned.path("carried").path("wrongSideUp").asBoolean()).isTrue();
        assertThat(turned.path("motifs").get(0).path("x").asDouble()).isEqualTo(-100);
        assertThat(width(turned)).isEqualTo(width(before));
    }

    @ParameterizedTest
    @CsvSource({
        "EDGE, moon, 0 cm, 1, 2 cm, grain.edge",
        "POINTS, '', 0 mm, 1, 0 cm, repeats[0].period",
        "UP, '', 0 cm, 9, 2 cm, layers",
        "UP, '', 0 cm, 1, none, repeats[0].period"
    })
    void whatCannotBeCarriedIsRefused(String grain, String edge, String toX, int layers, String period, String field) {
        Reply reply =
                change("PUT", "/panels/blanket/carried", CARRIED.formatted(grain, edge, toX, false, layers, period));
        assertThat(reply.status()).as(reply.text("detail")).isEqualTo(422);
        assertThat(reply.text("field")).startsWith(field.substring(0, Math.min(7, field.length())));
    }

    @Test
    void pressingScalesAndIsTakenBack() {
        double before = width(panel("blanket"));
        change("POST", "/panels/blanket/pressings", """
                {"what":"washed","direction":"ACROSS","before":"100 cm","after":"97 cm"}""");
        assertThat(width(panel("blanket"))).isBetween(before * 0.9699, before * 0.9701);
        assertThat(change("POST", "/panels/blanket/pressings", """
                {"what":"washed","direction":"BOTH","before":"100 cm","after":"97 mm"}""").text("field"))
                .isEqualTo("pressing.after");
        change("DELETE", "/panels/blanket/pressings", "");
        assertThat(width(panel("blanket"))).isEqualTo(before);
        assertThat(change("DELETE", "/panels/blanket/pressings", "").status()).isEqualTo(404);
    }

    @Test
    void zonesTakeEveryFormAndKind() {
        Reply reply = change("PUT", "/panels/blanket", """
                {"stations":{},"flaws":[
                  {"treatment":"AVOID","kind":"STAIN","what":"stain","extent":"OVAL","x":"10 cm","y":"10 cm","width":"4 cm","height":"4 cm"},
                  {"treatment":"NOTE","kind":"CREASE","what":"crease","extent":"STRIP","x":"0 cm","y":"0 cm","toX":"0 cm","toY":"90 cm","width":"6 mm"},
                  {"treatment":"HIDE","kind":"FADE","what":"fade","extent":"AROUND","outline":[[10,10],[90,20],[50,80]]}]}""");
        assertThat(reply.status()).as(reply.text("detail")).isEqualTo(200);
        JsonNode flaws = panel("blanket").path("flaws");
        assertThat(flaws).hasSize(3);
        assertThat(flaws.get(1).path("extent").asText()).isEqualTo("STRIP");
        assertThat(flaws.get(2).path("shown")).hasSize(3);
        assertThat(change("PUT", "/panels/blanket", """
                {"stations":{},"flaws":[{"treatment":"HIDE","what":"x","extent":"AROUND","outline":[[10,10],[90,20]]}]}""").text("field")).isEqualTo("flaws[0].outline");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '`',
            value = {
                "PUT; /carried; {\"layers\":1,\"repeats\":[null]}; repeats[0]",
                "PUT; /carried; {\"layers\":1,\"motifs\":[null]}; motifs[0]",
                "POST; /cut-out; {\"outline\":[[0],[1],[2]]}; cutOut.outline",
                "POST; /cut-out; {\"outline\":[null,null,null]}; cutOut.outline",
                "PUT; ``; {\"flaws\":[null]}; flaws[0]"
            })
    void holesInWhatIsSentAreRefusedByTheirField(String method, String path, String body, String field) {
        Reply reply = change(method, "/panels/blanket" + path, body);
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("field")).isEqualTo(field);
    }

    /** A thick place keeps its layers, one of a kind what its kind has; elastic is kept clear of and nothing else. */
    @Test
    void aZoneCarriesItsLayersAndElasticIsKeptClearOf() {
        String flaw = """
                {"stations":{},"flaws":[{"treatment":"%s","kind":"%s","what":"x","extent":"OVAL","x":"0","y":"50 cm","width":"8 cm","height":"4 cm"%s}]}""";
        change("PUT", "/panels/blanket", flaw.formatted("NOTE", "THICK", ",\"layers\":4"));
        assertThat(panel("blanket").path("flaws").get(0).path("layers").asInt()).isEqualTo(4);
        change("PUT", "/panels/blanket", flaw.formatted("NOTE", "SEAM", ""));
        assertThat(panel("blanket").path("flaws").get(0).path("layers").asInt()).isEqualTo(3);
        Reply drawnIn = change("PUT", "/panels/blanket", flaw.formatted("HIDE", "ELASTIC", ""));
        assertThat(drawnIn.status()).isEqualTo(422);
        assertThat(drawnIn.text("field")).isEqualTo("flaw.treatment");
        assertThat(change("PUT", "/panels/blanket", flaw.formatted("AVOID", "THICK", ",\"layers\":40"))
                        .text("field"))
                .isEqualTo("flaw.layers");
    }

    @Test
    void stripsOfAnyWidthAreLookedFor() {
        Reply wide = read(user, project + "/panels/blanket/usable?width=12 cm");
        assertThat(wide.body().toString()).contains("longest bias strip 12.0 cm wide");
        assertThat(read(user, project + "/panels/blanket/usable?width=lots").text("field"))
                .isEqualTo("width");
        assertThat(read(user, project + "/panels/blanket/usable?width=1 mm").status())
                .isEqualTo(422);
    }

    @Test
    void whatSuchASourceOftenHasIsSuggested() {
        assertThat(panel("blanket").path("likely").toString()).contains("crease of the fold");
        assertThat(read(user, project).body().path("usableShare").asText()).contains("% of the source");
    }

    @Test
    void aPanelIsMirroredCutPiecedAndHoled() {
        assertThat(change("POST", "/panels/blanket/copy", "{\"name\":\"the other\",\"same\":false}")
                        .status())
                .isEqualTo(200);
        assertThat(width(panel("the-other"))).isEqualTo(width(panel("blanket")));
        assertThat(change("POST", "/panels/the-other/split", """
                {"x":"0 cm","y":"50 cm","toX":"10 cm","toY":"50 cm"}""").status()).isEqualTo(200);
        assertThat(panel("the-other-2").path("taped").path("drawn").path("from").asText())
                .startsWith("cut from");
        assertThat(change("POST", "/panels/the-other/cut-out", """
                {"x":"-5 cm","y":"80 cm","width":"10 cm","height":"10 cm"}""").status()).isEqualTo(200);
        JsonNode holed = panel("the-other").path("flaws");
        assertThat(holed.get(holed.size() - 1).path("kind").asText()).isEqualTo("CUT_OUT");
        Reply joined = change("POST", "/panels/the-other/join", """
                {"edge":"cut","other":"the-other-2","otherEdge":"cut","allowance":"1 cm"}""");
        assertThat(joined.status()).as(joined.text("detail")).isEqualTo(200);
        assertThat(joined.body().path("panels").toString()).doesNotContain("\"the-other-2\"");
        assertThat(change("POST", "/panels/the-other/join", """
                {"edge":"moon","other":"blanket","otherEdge":"lower","allowance":"1 cm"}""").text("field")).isEqualTo("join.edge");
        assertThat(change("POST", "/panels/the-other/split", """
                {"x":"900 cm","y":"50 cm","toX":"900 cm","toY":"60 cm"}""").text("field")).isEqualTo("cut");
    }

    /** Out as a drawing and in again: the same size, proved by its own width. */
    @Test
    void anOutlineGoesOutAndComesInAgain() {
        for (String kind : new String[] {"svg", "dxf"}) {
            byte[] drawing = raw(user, project + "/panels/blanket/outline." + kind);
            JsonNode read = upload(user, "/api/tape/file?unit=CM", "drawing", "blanket." + kind, drawing)
                    .body();
            assertThat(read.path("told")).isEmpty();
            JsonNode found = read.path("outlines");
            assertThat(found).hasSize(1);
            assertThat(found.get(0).path("told")).isEmpty();
            String body = """
                    {"way":"FILE","name":"from file","points":[],"drawn":{"from":"blanket.%s","outline":%s,
                     "proof":{"what":"width","taped":"%s","scale":false}}}""".formatted(
                            kind,
                            found.get(0).path("outline"),
                            found.get(0).path("width").asText());
            Reply stored = change("PUT", "/panels/from-file/taped", body);
            assertThat(stored.status()).as(stored.text("detail")).isEqualTo(200);
            assertThat(panel("from-file").path("taped").path("findings")).isEmpty();
            assertThat(width(panel("from-file")))
                    .isBetween(width(panel("blanket")) - 0.1, width(panel("blanket")) + 0.1);
        }
    }

    @Test
    void aDrawingAtAnotherScaleIsToldAndBroughtToIt() {
        JsonNode found = upload(
                        user, "/api/tape/file?unit=CM", "drawing", "a.svg", """
                <svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="100mm" viewBox="0 0 100 100">
                <rect width="90" height="60"/></svg>""".getBytes(StandardCharsets.UTF_8))
                .body()
                .path("outlines")
                .get(0);
        String body = """
                {"way":"FILE","points":[],"drawn":{"from":"a.svg","outline":%s,"proof":{"what":"%s","taped":"90 cm","scale":%s}}}""";
        JsonNode off = call(
                        user, "POST", "/api/tape/draw?unit=CM", body.formatted(found.path("outline"), "width", false))
                .body();
        assertThat(off.path("findings").toString()).contains("another scale");
        JsonNode scaled = call(
                        user, "POST", "/api/tape/draw?unit=CM", body.formatted(found.path("outline"), "width", true))
                .body();
        assertThat(scaled.path("findings")).isEmpty();
        assertThat(scaled.path("area").asText()).isEqualTo("54.0 dm²");
        assertThat(call(user, "POST", "/api/tape/draw?unit=CM", body.formatted(found.path("outline"), "moon", true))
                        .text("field"))
                .isEqualTo("proof.what");
    }

    /** Refused as too small with the way out in words, and read in the unit that the page then asks for. */
    @Test
    void aDrawingInAnotherUnitIsReadAgainInIt() {
        byte[] inches = """
                0
                SECTION
                2
                ENTITIES
                0
                CIRCLE
                10
                0
                20
                0
                40
                3
                0
                ENDSEC
                """.getBytes(StandardCharsets.UTF_8);
        assertThat(upload(user, "/api/tape/file?unit=CM", "drawing", "a.dxf", inches)
                        .text("detail"))
                .contains("say below what one unit of the drawing is", "0.6 cm × 0.6 cm");
        JsonNode units = call(user, "GET", "/api/tape/drawing-units", "").body();
        assertThat(units.findValuesAsText("unit")).contains("INCH", "MIL", "YARD");
        JsonNode read = upload(user, "/api/tape/file?unit=CM&one=INCH", "drawing", "a.dxf", inches)
                .body();
        assertThat(read.path("outlines").get(0).path("width").asText()).isEqualTo("15.2 cm");
        assertThat(read.path("told").toString()).contains("an inch, as you said");
    }

    @Test
    void whatIsNoDrawingIsRefused() {
        byte[] text = "hello".getBytes(StandardCharsets.UTF_8);
        assertThat(upload(user, "/api/tape/file", "drawing", "a.svg", text).status())
                .isEqualTo(422);
        assertThat(upload(user, "/api/tape/file", "drawing", "a.dxf", text).status())
                .isEqualTo(422);
        assertThat(upload(user, "/api/tape/file", "drawing", "a.json", "{\"a\":1}".getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(422);
        byte[] pdf = "%PDF-1.7".getBytes(StandardCharsets.UTF_8);
        assertThat(upload(user, "/api/tape/file", "drawing", "named-wrongly.svg", pdf)
                        .text("detail"))
                .contains("This is a PDF");
        assertThat(change("PUT", "/panels/x/taped", "{\"way\":\"FILE\",\"points\":[],\"drawn\":{\"outline\":[]}}")
                        .status())
                .isEqualTo(422);
    }

    /** Trousers opened everywhere but at their side seams: each leg lies flat as one, and so it can be laid. */
    @Test
    void aLegOpenedAtOneSeamIsLaidAsOne() {
        String legs = "/api/projects/"
                + call(user, "POST", "/api/projects", "{\"name\":\"Legs\"}").text("id");
        JsonNode view = call(
                        user,
                        "PUT",
                        legs + "/source?version=1",
                        sourceBody("TROUSERS", "Found", average(user, "TROUSERS"))
                                .toString())
                .body();
        var joins = json.createObjectNode();
        view.path("takeApart").path("joins").forEach(j -> {
            String id = j.path("id").asText();
            joins.put(id, id.startsWith("side-") ? "LEAVE" : "UNPICK");
        });
        view = call(
                        user,
                        "PUT",
                        legs + "/joins?version=" + view.path("version"),
                        json.createObjectNode().set("joins", joins).toString())
                .body();
        view = call(user, "POST", legs + "/panels/redo?version=" + view.path("version"), "")
                .body();
        assertThat(view.path("panels")).hasSize(4);
        JsonNode front = view.path("panels").get(0);
        JsonNode hangs = front.path("hangs").get(0);
        assertThat(front.path("hangs")).hasSize(1);
        assertThat(hangs.path("otherName").asText()).isEqualTo("back left leg");
        var body = json.createObjectNode()
                .put("edge", hangs.path("edge").asText())
                .put("other", hangs.path("other").asText())
                .put("otherEdge", hangs.path("otherEdge").asText())
                .put("sewn", true);
        Reply joined = call(
                user,
                "POST",
                legs + "/panels/" + front.path("id").asText() + "/join?version=" + view.path("version"),
                body.toString());
        assertThat(joined.status()).as(joined.text("detail")).isEqualTo(200);
        view = joined.body();
        assertThat(view.path("panels")).hasSize(3);
        assertThat(view.path("panels").get(0).path("hangs")).isEmpty();
        assertThat(view.path("panels").get(0).path("flaws").toString()).contains("does not lie flat here");
        // Proposed anew, the leg stays one.
        view = call(user, "POST", legs + "/panels/redo?version=" + view.path("version"), "")
                .body();
        assertThat(view.path("panels")).hasSize(3);
        assertThat(view.path("troubles")).isEmpty();
    }
}
