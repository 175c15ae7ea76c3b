package org.handdown.server.workings;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What is reckoned at the table goes into the pattern: marks, strips, things to look for in the stash or to buy. */
class PutSumsTest extends HouseholdTest {
    private HouseholdUser user;
    private String project;
    private int version;

    @BeforeEach
    void skirt() {
        user = newHousehold();
        project = "/api/projects/"
                + call(user, "POST", "/api/projects", "{\"name\":\"New\"}").text("id");
        JsonNode view = call(
                        user,
                        "PUT",
                        project + "/aim?version=1",
                        "{\"garment\":\"CUT_OUT\",\"draft\":\"a-line-skirt\",\"wearer\":\"Runa\",\"unit\":\"CM\",\"measures\":{\"HEIGHT\":\"1.3 m\"}}")
                .body();
        version = view.path("version").asInt();
    }

    private Reply put(String sum, String values) {
        Reply reply = call(
                user,
                "POST",
                project + "/sums/put?version=" + version,
                "{\"sum\":\"%s\",\"unit\":\"CM\",\"values\":{%s}}".formatted(sum, values));
        version = reply.status() == 200 ? reply.body().path("version").asInt() : version;
        return reply;
    }

    private static List<String> all(JsonNode list, String field) {
        List<String> all = new ArrayList<>();
        list.forEach(n -> all.add(n.path(field).asText()));
        return all;
    }

    private List<String> toBuy() {
        List<String> all = new ArrayList<>();
        read(user, project + "/shopping")
                .body()
                .path("items")
                .forEach(i ->
                        all.add(i.path("what").asText() + ": " + i.path("use").asText()));
        return all;
    }

    @Test
    void aRowOfButtonsIsMarkedAndLookedFor() {
        JsonNode after = put(
                        "BUTTONS",
                        "\"length\":\"40\",\"top\":\"2\",\"end\":\"8\",\"count\":\"4\",\"box\":\"4\",\"diameter\":\"15 mm\",\"thickness\":\"3 mm\",\"turn\":\"0\",\"slant\":\"0\",\"onPiece\":\"front\",\"onEdge\":\"side right\",\"name\":\"side row\"")
                .body();
        JsonNode front = after.path("pieces").path("pieces").get(0);
        assertThat(all(front.path("marks"), "label")).contains("side row 1", "side row 4");
        assertThat(toBuy()).contains("buttons: side row");
        // Taken back, the marks and what was looked for go with it.
        JsonNode back = call(user, "DELETE", project + "/pattern/changes/0?version=" + version, "")
                .body();
        assertThat(all(back.path("pieces").path("pieces").get(0).path("marks"), "label"))
                .doesNotContain("side row 1");
        assertThat(toBuy()).doesNotContain("buttons: side row");
    }

    @Test
    void aZipIsLookedForAndOneThatIsNotNeededIsNot() {
        put("ZIP", "\"ring\":\"60\",\"passes\":\"80\",\"zip\":\"\",\"name\":\"back opening\"");
        assertThat(toBuy()).contains("zip: back opening");
        Reply none = put("ZIP", "\"ring\":\"80\",\"passes\":\"60\",\"zip\":\"\"");
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.text("field")).isEqualTo("sum");
    }

    @Test
    void cordForLoopsAndTheirButtonsAreLookedFor() {
        put(
                "LOOPS",
                "\"count\":\"4\",\"gap\":\"5\",\"edge\":\"13 mm\",\"diameter\":\"32 mm\",\"thickness\":\"4 mm\",\"anchor\":\"13 mm\",\"cord\":\"\"");
        assertThat(toBuy()).contains("cord: loops", "buttons: loops");
    }

    /** Reach 40 cm and a bow of 34 cm + 4 × 3 cm: 86 cm and two seams; twice 3 cm wide and two seams. */
    @Test
    void tiesBecomePieces() {
        JsonNode after = put("TIES", "\"reach\":\"40\",\"width\":\"3\",\"count\":\"2\",\"name\":\"waist tie\"")
                .body();
        JsonNode pieces = after.path("pieces").path("pieces");
        JsonNode tie = pieces.get(pieces.size() - 1);
        assertThat(tie.path("id").asText()).isEqualTo("waist-tie");
        assertThat(tie.path("quantity").asInt()).isEqualTo(2);
        assertThat(tie.path("size").asText()).isEqualTo("7.6 cm × 87.6 cm");
    }

    @Test
    void aSetOfEdgesIsBoundWithAClothOfItsOwn() {
        JsonNode after = call(
                        user,
                        "POST",
                        project + "/pattern/changes?version=" + version,
                        "{\"kind\":\"BIND\",\"name\":\"hem binding\",\"by\":\"1.2\",\"cloth\":\"CONTRAST\",\"grain\":\"BIAS\",\"quantity\":3,\"edges\":[{\"piece\":\"front\",\"edge\":\"hem\"},{\"piece\":\"back\",\"edge\":\"hem\"}],\"bothSides\":false,\"pair\":false,\"wrongSideOut\":false,\"uneven\":false,\"along\":false}")
                .body();
        JsonNode pieces = after.path("pieces").path("pieces");
        JsonNode strip = pieces.get(pieces.size() - 1);
        assertThat(strip.path("cloth").asText()).isEqualTo("CONTRAST");
        assertThat(strip.path("quantity").asInt()).isEqualTo(3);
        assertThat(toBuy()).anyMatch(i -> i.startsWith("contrast"));
        assertThat(after.path("pieces").path("walks").findValuesAsText("name")).contains("hem binding to the edges");
    }

    @Test
    void stripsThatWereFoundBecomePiecesOfTheirOwnLength() throws IOException {
        String wrap = "/api/projects/"
                + call(
                                user,
                                "POST",
                                "/api/projects/import",
                                Files.readString(Path.of("../demo/2-wrap-skirt.project.json")))
                        .text("id");
        long at = read(user, wrap).body().path("version").asLong();
        String asked =
                "{\"finished\":\"12 mm\",\"folds\":4,\"allowance\":\"0\",\"wanted\":\"1 m\",\"from\":\"PANELS\",\"name\":\"edging\"}";
        JsonNode after = call(user, "POST", wrap + "/sums/strips/put?version=" + at, asked)
                .body();
        List<String> ids = all(after.path("pieces").path("pieces"), "id");
        assertThat(ids).anyMatch(id -> id.startsWith("edging"));
        Reply tooMuch = call(
                user,
                "POST",
                wrap + "/sums/strips/put?version=" + after.path("version").asLong(),
                asked.replace("1 m", "900 m"));
        assertThat(tooMuch.status()).isEqualTo(422);
        assertThat(tooMuch.text("field")).isEqualTo("strips.wanted");
        assertThat(tooMuch.text("detail")).contains("ask for less");
    }

    @Test
    void aPieceThatIsNotThereIsRefusedAndNothingIsLost() {
        Reply reply = put(
                "BUTTONS",
                "\"length\":\"40\",\"top\":\"2\",\"end\":\"8\",\"count\":\"4\",\"box\":\"4\",\"diameter\":\"15 mm\",\"thickness\":\"3 mm\",\"turn\":\"0\",\"slant\":\"0\",\"onPiece\":\"sleeve\",\"onEdge\":\"hem\"");
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("detail")).contains("no piece “sleeve”");
        assertThat(read(user, project).body().path("version").asInt()).isEqualTo(version);
    }
}
