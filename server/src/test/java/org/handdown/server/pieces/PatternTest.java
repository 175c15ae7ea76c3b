package org.handdown.server.pieces;

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

/** Drafts, changes, pieces brought in and sums over HTTP. */
@Tag("long")
class PatternTest extends HouseholdTest {
    private static final String SQUARE =
            "[{\"name\":\"1\",\"start\":[0,0],\"to\":[[10,0]]},{\"name\":\"2\",\"start\":[10,0],\"to\":[[10,20]]},{\"name\":\"3\",\"start\":[10,20],\"to\":[[0,20]]},{\"name\":\"4\",\"start\":[0,20],\"to\":[[0,0]]}]";

    private HouseholdUser user;

    @BeforeEach
    void household() {
        user = newHousehold();
    }

    private String bring(String file) {
        try {
            return "/api/projects/"
                    + call(user, "POST", "/api/projects/import", Files.readString(Path.of("../demo/" + file)))
                            .text("id");
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private String begin(String draft, String measures) {
        String project = "/api/projects/"
                + call(user, "POST", "/api/projects", "{\"name\":\"New\"}").text("id");
        Reply aimed = call(
                user,
                "PUT",
                project + "/aim?version=1",
                "{\"garment\":\"CUT_OUT\",\"draft\":\"%s\",\"wearer\":\"Runa\",\"unit\":\"CM\",\"measures\":{%s}}"
                        .formatted(draft, measures));
        assertThat(aimed.status()).as(aimed.body().toString()).isEqualTo(200);
        return project;
    }

    @Test
    void everyDraftOfTheListCanBeAimedAt() {
        JsonNode drafts = read(user, "/api/drafts").body();
        assertThat(drafts).hasSize(35);
        for (JsonNode draft : drafts) {
            String project = begin(draft.path("id").asText(), "\"HEIGHT\":\"1.5 m\"");
            JsonNode view = read(user, project).body();
            assertThat(view.path("pieces").path("pieces"))
                    .as(draft.path("id").asText())
                    .isNotEmpty();
            assertThat(view.path("pieces").path("orders")).hasSize(1);
            // What is asked is what the draft needs, and the height for proposals.
            assertThat(view.path("aim").path("measures").size())
                    .isBetween(
                            draft.path("measures").size(),
                            draft.path("measures").size() + 8);
        }
    }

    @Test
    void aChoiceIsKeptAndAnEmptyOneTakesTheUsualValueAgain() {
        String project = begin("gathered-skirt", "\"HEIGHT\":\"1.4 m\",\"WAIST\":\"60 cm\"");
        JsonNode chosen = call(
                        user,
                        "PUT",
                        project + "/pattern/drafts/0/choices?version=2",
                        "{\"choices\":{\"ratio\":\"1,5\",\"panels\":\"3\",\"length\":\"18 in\"}}")
                .body()
                .path("pieces");
        assertThat(chosen.path("pieces").get(0).path("quantity").asInt()).isEqualTo(3);
        JsonNode again = call(
                        user, "PUT", project + "/pattern/drafts/0/choices?version=3", "{\"choices\":{\"panels\":\"\"}}")
                .body()
                .path("pieces");
        assertThat(again.path("pieces").get(0).path("quantity").asInt()).isEqualTo(2);
        for (JsonNode d : again.path("orders").get(0).path("dimensions")) {
            boolean known = d.path("id").asText().equals("ratio")
                    || d.path("id").asText().equals("length");
            assertThat(d.path("chosen").asBoolean()).isEqualTo(known);
        }
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "unknown|{\"moon\":\"3\"}|choices.moon",
                "no number|{\"ratio\":\"much\"}|choices.ratio",
                "too much|{\"ratio\":\"9\"}|choices.ratio",
                "no unit that is known|{\"length\":\"3 ells\"}|choices.length",
                "too long|{\"length\":\"30 m\"}|choices.length",
                "half a panel|{\"panels\":\"1.5\"}|choices.panels",
                "no such waist|{\"waist\":\"7\"}|choices.waist",
            })
    void choicesThatCannotBeAreRefusedByTheirField(String what, String choices, String field) {
        String project = begin("gathered-skirt", "\"HEIGHT\":\"1.4 m\"");
        Reply reply =
                call(user, "PUT", project + "/pattern/drafts/0/choices?version=2", "{\"choices\":" + choices + "}");
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("field")).isEqualTo(field);
        assertThat(read(user, project).body().path("version").asInt()).isEqualTo(2);
    }

    private static JsonNode measure(JsonNode view, String id) {
        for (JsonNode m : view.path("aim").path("measures")) {
            if (m.path("id").asText().equals(id)) {
                return m;
            }
        }
        throw new AssertionError("The aim does not ask for " + id);
    }

    @Test
    void aSecondDraftProposesItsMeasuresUntilSomebodyTakesThem() {
        String project = begin("leg-warmers", "\"HEIGHT\":\"1.4 m\"");
        assertThat(call(user, "POST", project + "/pattern/drafts?version=2", "{\"draft\":\"spacesuit\"}")
                        .status())
                .isEqualTo(422);
        JsonNode two = call(user, "POST", project + "/pattern/drafts?version=2", "{\"draft\":\"beanie\"}")
                .body();
        assertThat(two.path("pieces").path("orders")).hasSize(2);
        assertThat(measure(two, "HEAD_GIRTH").path("origin").asText()).isEqualTo("PROPOSED");
        JsonNode one = call(user, "DELETE", project + "/pattern/drafts/0?version=3", "")
                .body();
        assertThat(one.path("pieces").path("orders")).hasSize(1);
        assertThat(one.path("aim").path("draft").asText()).isEmpty();
        assertThat(call(user, "DELETE", project + "/pattern/drafts/7?version=4", "")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void anotherAimRedraftsAndForgetsChangesOfTheOldPattern() {
        String project = begin("a-line-skirt", "\"HEIGHT\":\"1.5 m\"");
        call(
                user,
                "POST",
                project + "/pattern/changes?version=2",
                "{\"kind\":\"LENGTHEN\",\"name\":\"longer\",\"pieces\":[\"front\",\"back\"],\"at\":\"20 cm\",\"by\":\"4 cm\"}");
        call(
                user,
                "PUT",
                project + "/aim?version=3",
                "{\"garment\":\"CUT_OUT\",\"draft\":\"circle-skirt\",\"wearer\":\"Runa\",\"unit\":\"CM\",\"measures\":{\"HEIGHT\":\"1.5 m\"}}");
        JsonNode stale = read(user, project).body();
        assertThat(stale.path("pieces").path("orders").get(0).path("draft").asText())
                .isEqualTo("a-line-skirt");
        JsonNode redone =
                call(user, "POST", project + "/pieces/redo?version=4", "").body();
        assertThat(redone.path("pieces").path("orders").get(0).path("draft").asText())
                .isEqualTo("circle-skirt");
        assertThat(redone.path("pieces").path("changes")).isEmpty();
    }

    @Test
    void aChangeTellsItsConsequencesAndCanBeTakenBack() {
        String project = bring("1-dungarees.project.json");
        String body =
                "{\"kind\":\"LEDGER\",\"piece\":\"front-leg\",\"edge\":\"side\",\"drawn\":\"1 cm\",\"sew\":\"5 mm\"}";
        JsonNode told =
                call(user, "POST", project + "/pattern/changes/preview", body).body();
        assertThat(told.path("sentences").toString()).contains("Hip: 69.0 cm instead of 68.0 cm");
        assertThat(read(user, project).body().path("version").asInt()).isEqualTo(1);
        JsonNode done =
                call(user, "POST", project + "/pattern/changes?version=1", body).body();
        assertThat(done.path("pieces").path("changes")).hasSize(1);
        JsonNode back = call(user, "DELETE", project + "/pattern/changes/0?version=2", "")
                .body();
        assertThat(back.path("pieces").path("changes")).isEmpty();
        assertThat(call(user, "DELETE", project + "/pattern/changes/3?version=3", "")
                        .status())
                .isEqualTo(404);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "no kind|{}|change.kind",
                "no such piece|{\"kind\":\"LEAVE_OUT\",\"piece\":\"moon\"}|change.piece",
                "no such edge|{\"kind\":\"FACING\",\"piece\":\"bib\",\"edge\":\"moon\",\"by\":\"4 cm\"}|change.edge",
                "facing too deep|{\"kind\":\"FACING\",\"piece\":\"bib\",\"edge\":\"upper\",\"by\":\"40 cm\"}|change.deep",
                "no length|{\"kind\":\"LENGTHEN\",\"piece\":\"bib\",\"at\":\"4 cm\",\"by\":\"\"}|change.by",
                "line off the piece|{\"kind\":\"LENGTHEN\",\"piece\":\"bib\",\"at\":\"4 m\",\"by\":\"1 cm\"}|change.at",
                "trimmed more than drawn|{\"kind\":\"LEDGER\",\"piece\":\"bib\",\"edge\":\"upper\",\"drawn\":\"1 cm\",\"trim\":\"2 cm\"}|allowance.trim",
                "wider than the piece|{\"kind\":\"LEDGER\",\"piece\":\"side-facing\",\"edge\":\"left\",\"drawn\":\"9 cm\"}|change.allowance",
                "itself|{\"kind\":\"MERGE\",\"piece\":\"bib\",\"edge\":\"upper\",\"other\":\"bib\",\"otherEdge\":\"upper\"}|change.piece",
                "no ratio|{\"kind\":\"SEAM\",\"piece\":\"bib\",\"edge\":\"upper\",\"other\":\"strap\",\"otherEdge\":\"upper\",\"ratio\":\"lots\"}|change.ratio",
                "odd pair|{\"kind\":\"RECUT\",\"piece\":\"bib\",\"quantity\":3,\"pair\":true}|quantity",
            })
    void changesThatCannotBeAreRefusedByTheirField(String what, String body, String field) {
        String project = bring("1-dungarees.project.json");
        for (String path : new String[] {"/pattern/changes/preview", "/pattern/changes?version=1"}) {
            Reply reply = call(user, "POST", project + path, body);
            assertThat(reply.status()).as(reply.body().toString()).isEqualTo(422);
            assertThat(reply.text("field")).isEqualTo(field);
        }
        assertThat(read(user, project).body().path("version").asInt()).isEqualTo(1);
    }

    /** A tube skirt entered by its corners: nothing is told of its seams, its side seam is proposed, and once sewn it has a waist and a hem. */
    @Test
    void seamsOfOnesOwnPiecesAreProposedAndMakeAGarment() {
        String project = "/api/projects/"
                + call(user, "POST", "/api/projects", "{\"name\":\"Own\"}").text("id");
        call(
                user,
                "PUT",
                project + "/aim?version=1",
                "{\"garment\":\"CUT_OUT\",\"draft\":\"\",\"what\":\"tube skirt\",\"wearer\":\"Runa\",\"unit\":\"CM\",\"measures\":{\"HIP\":\"90 cm\"}}");
        Reply entered = call(user, "POST", project + "/pieces/by-hand?version=2", """
                {"name": "skirt panel", "quantity": 3, "corners": [
                  {"x": "0", "y": "0", "name": "hem"}, {"x": "36 cm", "y": "0", "name": "right"},
                  {"x": "32 cm", "y": "50 cm", "name": "waist"}, {"x": "4 cm", "y": "50 cm", "name": "left"}]}
                """);
        assertThat(entered.status()).as(entered.body().toString()).isEqualTo(200);
        JsonNode proposed = read(user, project).body().path("pieces").path("proposed");
        assertThat(proposed).hasSize(1);
        assertThat(proposed.get(0).path("copies").asText()).isEqualTo("RING");
        assertThat(read(user, project).body().path("putOn")).isEmpty();
        Reply sewn = call(user, "POST", project + "/pattern/changes?version=3", """
                {"kind":"SEAM","name":"side seams","piece":"skirt-panel","edge":"right","other":"skirt-panel","otherEdge":"left","copies":"RING"}
                """);
        assertThat(sewn.status()).as(sewn.body().toString()).isEqualTo(200);
        JsonNode view = read(user, project).body();
        assertThat(view.path("pieces").path("proposed")).isEmpty();
        // 3 × 28 cm do not pass 90 cm of hips, and nothing opens.
        assertThat(view.path("putOn").get(0).path("name").asText()).isEqualTo("waist");
        assertThat(view.path("putOn").get(0).path("girth").asText()).isEqualTo("84.0 cm");
        assertThat(view.path("putOn").get(0).path("verdict").asText()).isIn("TOO_SMALL", "PULL_FIRST");
        // The file keeps how its copies meet.
        Reply file = call(user, "GET", project + "/file", "");
        String again = "/api/projects/"
                + call(user, "POST", "/api/projects/import", file.body().toString())
                        .text("id");
        assertThat(read(user, again).body().path("putOn")).isEqualTo(view.path("putOn"));
    }

    @Test
    void outlinesOfADrawingBecomePieces() {
        String project = bring("2-wrap-skirt.project.json");
        String piece =
                "{\"name\":\"pocket\",\"outline\":%s,\"meaning\":\"STITCH\",\"allowance\":\"1 cm\",\"quantity\":2,\"pair\":false,\"cloth\":\"SHELL\"}"
                        .formatted(SQUARE);
        JsonNode in = call(
                        user,
                        "POST",
                        project + "/pattern/brought?version=1",
                        "{\"pieces\":[%s],\"known\":\"20 cm\",\"knownAcross\":true,\"knownOutline\":%s}"
                                .formatted(piece, SQUARE))
                .body()
                .path("pieces")
                .path("pieces");
        JsonNode pocket = in.get(in.size() - 1);
        // Drawn 10 wide and truly 20 cm: 20 × 40 cm, and 1 cm all round.
        assertThat(pocket.path("size").asText()).isEqualTo("22.0 cm × 42.0 cm");
        Reply unsaid = call(
                user,
                "POST",
                project + "/pattern/brought?version=2",
                "{\"pieces\":[%s]}".formatted(piece.replace("\"meaning\":\"STITCH\",", "")));
        assertThat(unsaid.status()).isEqualTo(422);
        assertThat(unsaid.text("field")).isEqualTo("brought.meaning");
        Reply alike = call(
                user,
                "POST",
                project + "/pattern/brought?version=2",
                "{\"pieces\":[%s,%s]}".formatted(piece, piece.replace("pocket", "Pocket")));
        assertThat(alike.text("field")).isEqualTo("brought.name");
        assertThat(alike.text("detail")).contains("Two pieces would be called “Pocket”");
        Reply crossed = call(
                user,
                "POST",
                project + "/pattern/brought?version=2",
                "{\"pieces\":[%s]}"
                        .formatted(piece.replace("[10,20]],", "[20,10]],")
                                .replace("\"start\":[10,20]", "\"start\":[20,10]")));
        assertThat(crossed.status()).isEqualTo(422);
    }

    @Test
    void measuresThatAreNotAskedForAreNotForgotten() {
        String project = begin("beanie", "\"HEIGHT\":\"1.4 m\",\"HEAD_GIRTH\":\"52 cm\"");
        call(
                user,
                "PUT",
                project + "/aim?version=2",
                "{\"garment\":\"CUT_OUT\",\"draft\":\"leg-warmers\",\"wearer\":\"Runa\",\"unit\":\"CM\",\"measures\":{\"HEIGHT\":\"1.4 m\",\"CALF\":\"28 cm\"},\"again\":{\"CALF\":\"29.4 cm\"}}");
        call(user, "POST", project + "/pieces/redo?version=3", "");
        JsonNode both = call(user, "POST", project + "/pattern/drafts?version=4", "{\"draft\":\"beanie\"}")
                .body();
        assertThat(measure(both, "HEAD_GIRTH").path("text").asText()).isEqualTo("52 cm");
        assertThat(measure(both, "HEAD_HEIGHT").path("origin").asText()).isEqualTo("PROPOSED");
        JsonNode calf = measure(both, "CALF");
        assertThat(calf.path("differs").asBoolean()).isTrue();
        assertThat(calf.path("on").asText()).matches("\\d{4}-\\d\\d-\\d\\d");
    }

    @Test
    void sheetsOfThePatternComeOut() {
        String project = bring("1-dungarees.project.json");
        assertThat(read(user, project + "/sheets/pieces.svg").status()).isEqualTo(200);
        assertThat(read(user, project + "/sheets/pieces.dxf?piece=bib").status())
                .isEqualTo(200);
        assertThat(read(user, project + "/sheets/pattern.pdf?piece=bib").status())
                .isEqualTo(200);
        assertThat(read(user, project + "/sheets/pattern.pdf?roll=914").status())
                .isEqualTo(200);
        assertThat(read(user, project + "/sheets/draft.pdf").status()).isEqualTo(200);
        assertThat(read(user, project + "/sheets/draft.pdf?draft=4").status()).isEqualTo(404);
        assertThat(read(user, project + "/sheets/pattern.pdf?piece=moon").status())
                .isEqualTo(404);
        Reply narrow = read(user, project + "/sheets/pattern.pdf?roll=210");
        assertThat(narrow.status()).isEqualTo(422);
        assertThat(narrow.text("detail")).contains("too narrow");
    }

    @Test
    void sumsAnswerInTheHouseholdsUnitAndRefuseByField() {
        assertThat(read(user, "/api/sums").body()).hasSize(6);
        JsonNode wedges = call(
                        user,
                        "POST",
                        "/api/sums",
                        "{\"sum\":\"WEDGES\",\"unit\":\"CM\",\"values\":{\"wide\":\"50\",\"narrow\":\"30\",\"length\":\"50\",\"count\":\"4\",\"degrees\":\"180\"}}")
                .body();
        assertThat(wedges.path("sentences").get(0).asText()).contains("22.9°").contains("91.7°");
        Reply wrong = call(
                user,
                "POST",
                "/api/sums",
                "{\"sum\":\"STRIPS\",\"unit\":\"CM\",\"values\":{\"panel\":\"20\",\"width\":\"6\",\"count\":\"4\",\"allowance\":\"0.6\"}}");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.text("field")).isEqualTo("sum.count");
        String project = bring("2-wrap-skirt.project.json");
        JsonNode bias = call(
                        user,
                        "POST",
                        project + "/sums/strips",
                        "{\"finished\":\"12 mm\",\"folds\":4,\"allowance\":\"0\",\"wanted\":\"1 m\",\"from\":\"PANELS\"}")
                .body();
        assertThat(bias.path("strips")).isNotEmpty();
        assertThat(bias.path("width").asText()).isEqualTo("4.8 cm");
        String band =
                "{\"finished\":\"3 cm\",\"folds\":1,\"allowance\":\"1\",\"wanted\":\"60\",\"way\":\"ALONG\",\"from\":\"STASH\"}";
        assertThat(call(user, "POST", project + "/sums/strips", band).text("detail"))
                .contains("lies free in the stash");
        JsonNode along = call(user, "POST", project + "/sums/strips", band.replace("STASH", "PANELS"))
                .body();
        assertThat(along.path("width").asText()).isEqualTo("5.0 cm");
        assertThat(along.path("sentences").toString()).contains("60.0 cm are wanted: ", " from the ");
    }

    @Test
    void anotherHouseholdSeesNoPattern() {
        String project = bring("1-dungarees.project.json");
        HouseholdUser other = newHousehold();
        assertThat(call(other, "POST", project + "/pattern/drafts?version=1", "{\"draft\":\"strap\"}")
                        .status())
                .isEqualTo(404);
        assertThat(call(
                                other,
                                "POST",
                                project + "/pattern/changes/preview",
                                "{\"kind\":\"LEAVE_OUT\",\"piece\":\"bib\"}")
                        .status())
                .isEqualTo(404);
        assertThat(read(other, project + "/sheets/draft.pdf").status()).isEqualTo(404);
        assertThat(call(
                                other,
                                "POST",
                                project + "/sums/strips",
                                "{\"finished\":\"12 mm\",\"folds\":4,\"allowance\":\"0\",\"wanted\":\"\",\"from\":\"PANELS\"}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aLessonOfTheLogIsOfferedUntilThePatternHasLearnedIt() {
        String project = bring("1-dungarees.project.json");
        String body =
                "{\"kind\":\"LENGTHEN\",\"name\":\"grows\",\"pieces\":[\"front-leg\",\"back-leg\"],\"at\":\"15 cm\",\"by\":\"2 cm\"}";
        JsonNode noted =
                call(user, "POST", project + "/pattern/lessons?version=1", body).body();
        assertThat(noted.path("log").get(0).path("lesson").asText()).contains("longer by 2.0 cm");
        assertThat(noted.path("log").get(0).path("learned").asBoolean()).isFalse();
        assertThat(noted.path("pieces").path("changes")).isEmpty();
        JsonNode learned =
                call(user, "POST", project + "/pattern/lessons/0?version=2", "").body();
        assertThat(learned.path("pieces").path("changes")).hasSize(1);
        assertThat(learned.path("log").get(0).path("learned").asBoolean()).isTrue();
        assertThat(call(user, "POST", project + "/pattern/lessons/1?version=3", "")
                        .status())
                .isEqualTo(404);
        assertThat(call(user, "POST", project + "/pattern/lessons/9?version=3", "")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aGarmentThatFitsGivesMeasures() {
        String project = begin("a-line-skirt", "\"HEIGHT\":\"1.6 m\"");
        String body =
                "{\"name\":\"old skirt\",\"anchor\":\"%s\",\"stretch\":\"0\",\"levels\":[{\"measure\":\"HIP\",\"down\":\"18 cm\",\"flat\":\"49 cm\",\"ease\":\"5 cm\"}]}";
        JsonNode taken = call(user, "POST", project + "/aim/garment?version=2", body.formatted("the band"))
                .body();
        // 2 · 49 − 5 cm.
        assertThat(measure(taken, "HIP").path("mm").asDouble()).isEqualTo(930);
        assertThat(measure(taken, "HIP").path("origin").asText()).isEqualTo("GARMENT");
        // It stays when something else is settled.
        JsonNode later = call(
                        user,
                        "PUT",
                        project + "/aim?version=3",
                        "{\"garment\":\"CUT_OUT\",\"draft\":\"a-line-skirt\",\"wearer\":\"Runa\",\"unit\":\"CM\",\"measures\":{\"HEIGHT\":\"1.61 m\"}}")
                .body();
        assertThat(measure(later, "HIP").path("mm").asDouble()).isEqualTo(930);
        Reply hem = call(user, "POST", project + "/aim/garment?version=4", body.formatted("the hem"));
        assertThat(hem.status()).isEqualTo(422);
        assertThat(hem.text("field")).isEqualTo("reference.anchor");
    }

    @Test
    void aPanelIsTracedForAPieceLikeIt() {
        String project = bring("2-wrap-skirt.project.json");
        JsonNode panels = read(user, project).body().path("panels");
        JsonNode traced = read(
                        user,
                        project + "/pattern/traced/" + panels.get(0).path("id").asText())
                .body();
        assertThat(traced).hasSize(1);
        assertThat(traced.get(0).path("outline")).isNotEmpty();
        assertThat(read(user, project + "/pattern/traced/moon").body()).isEmpty();
    }

    @Test
    void marksAreDrawnByTheirPoints() {
        String project = bring("1-dungarees.project.json");
        String body = "{\"kind\":\"MARK\",\"name\":\"dart\",\"piece\":\"bib\",\"mark\":\"DART\",\"points\":\"%s\"}";
        JsonNode marked = call(
                        user,
                        "POST",
                        project + "/pattern/changes?version=1",
                        body.formatted("-1 cm / 0; 0 / 8 cm; 1 cm / 0"))
                .body();
        assertThat(marked.path("pieces").path("pieces").get(2).path("marks").toString())
                .contains("dart");
        for (String wrong : new String[] {"1 cm; 2 cm", "1 cm / 2 cm", "3 m / 0; 0 / 8 cm; 1 cm / 0"}) {
            assertThat(call(user, "POST", project + "/pattern/changes?version=2", body.formatted(wrong))
                            .status())
                    .as(wrong)
                    .isEqualTo(422);
        }
    }
}
