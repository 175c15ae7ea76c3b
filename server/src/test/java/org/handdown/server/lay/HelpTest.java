package org.handdown.server.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import org.handdown.server.DemoHouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What would help, how large, how little; asked over HTTP and worked out in the background. */
@Tag("long")
class HelpTest extends DemoHouseholdTest {
    private long version() {
        return read(user, project).body().path("version").asLong();
    }

    private JsonNode found() {
        await().atMost(Duration.ofSeconds(120))
                .until(() -> !read(user, project + "/lay/help")
                        .body()
                        .path("running")
                        .asBoolean());
        return read(user, project + "/lay/help").body();
    }

    /** A facing 16 cm wide and 46 cm high has no place beside the other pieces on the demo's legs. */
    private void lengthenFacing() {
        ObjectNode change = json.createObjectNode().put("kind", "LENGTHEN").put("name", "far too long");
        change.putArray("pieces").add("back-bib-facing");
        change.put("at", "20 mm").put("by", "400 mm");
        assertThat(call(user, "POST", project + "/pattern/changes?version=" + version(), change.toString())
                        .status())
                .isEqualTo(200);
        assertThat(call(user, "POST", project + "/lay/runs", "{\"seconds\":2}").status())
                .isEqualTo(202);
        await().atMost(Duration.ofSeconds(60))
                .until(() -> !read(user, project + "/lay/runs/latest")
                        .body()
                        .path("running")
                        .asBoolean());
    }

    @Test
    void whatHasNoPlaceIsHelpedAndTheHelpTakenOver() {
        lengthenFacing();
        JsonNode unplaced = read(user, project).body().path("lay").path("unplaced");
        assertThat(unplaced).isNotEmpty();
        String piece = unplaced.get(0).path("piece").asText();
        assertThat(call(user, "POST", project + "/lay/help/remedies", "{\"piece\":\"" + piece + "\"}")
                        .status())
                .isEqualTo(202);
        JsonNode found = found();
        assertThat(found.path("kind").asText()).isEqualTo("REMEDIES");
        assertThat(found.path("offers")).as(found.toString()).isNotEmpty();
        assertThat(found.path("holds").asBoolean()).isTrue();
        JsonNode first = found.path("offers").get(0);
        assertThat(first.path("changes").asBoolean()).isTrue();
        assertThat(first.path("cost").asText()).isNotEmpty();
        JsonNode shown = read(user, project + "/lay/help/0/lay").body();
        assertThat(shown.path("unplaced")).hasSizeLessThan(unplaced.size());
        // Shown only: the project is as it was.
        assertThat(read(user, project).body().path("lay").path("unplaced")).hasSize(unplaced.size());
        JsonNode taken = call(user, "PUT", project + "/lay/help/0?version=" + version(), "{}")
                .body();
        assertThat(taken.path("lay").path("unplaced")).hasSizeLessThan(unplaced.size());
        assertThat(taken.path("undoWhat").asText()).contains("what helps");
        // Found for what was; it does not hold any more.
        assertThat(read(user, project + "/lay/help").body().path("holds").asBoolean())
                .isFalse();
        Reply again = call(user, "PUT", project + "/lay/help/0?version=" + version(), "{}");
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.text("detail")).contains("ask again");
    }

    @Test
    void onlyWhatHasNoPlaceIsHelped() {
        Reply refused = call(user, "POST", project + "/lay/help/remedies", "{\"piece\":\"bib\"}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text("field")).isEqualTo("piece");
        assertThat(call(user, "PUT", project + "/lay/help/0?version=1", "{}").status())
                .isEqualTo(404);
        assertThat(read(user, project + "/lay/help").body().path("offers")).isEmpty();
    }

    @Test
    void aFreeSizeIsRaisedAsFarAsTheClothAllows() {
        JsonNode order =
                read(user, project).body().path("pieces").path("orders").get(0);
        String length = "";
        for (JsonNode d : order.path("dimensions")) {
            length = d.path("kind").asText().equals("LENGTH") && length.isEmpty()
                    ? d.path("id").asText()
                    : length;
        }
        assertThat(length).isNotEmpty();
        assertThat(call(user, "POST", project + "/lay/help/largest", "{\"order\":0,\"dimension\":\"beauty\"}")
                        .text("field"))
                .isEqualTo("dimension");
        assertThat(call(user, "POST", project + "/lay/help/largest", "{\"order\":4,\"dimension\":\"" + length + "\"}")
                        .status())
                .isEqualTo(422);
        assertThat(call(user, "POST", project + "/lay/help/largest", "{\"order\":0,\"dimension\":\"" + length + "\"}")
                        .status())
                .isEqualTo(202);
        JsonNode found = found();
        assertThat(found.path("kind").asText()).isEqualTo("LARGEST");
        assertThat(found.path("offers")).as(found.toString()).hasSize(1);
        assertThat(found.path("offers").get(0).path("words").asText())
                .contains(" goes up to ")
                .contains("; now ");
        assertThat(found.path("offers").get(0).path("cost").asText()).isNotEmpty();
    }

    @Test
    void howLittleClothIsToldWithAndWithoutNap() {
        assertThat(call(user, "POST", project + "/lay/help/length", "{\"width\":\"5 mm\"}")
                        .text("detail"))
                .contains("10 cm to 4 m");
        assertThat(call(user, "POST", project + "/lay/help/length", "{\"width\":\"140 cm\"}")
                        .status())
                .isEqualTo(202);
        JsonNode found = found();
        assertThat(found.path("kind").asText()).isEqualTo("LENGTH");
        assertThat(found.path("offers")).as(found.toString()).hasSize(4);
        assertThat(found.path("offers").get(2).path("words").asText()).startsWith("Along or across the grain: ");
        assertThat(found.path("offers").get(3).path("words").asText()).startsWith("Narrow hems and allowances: ");
        assertThat(found.path("message").asText()).isEmpty();
        assertThat(found.path("offers").get(0).path("words").asText())
                .startsWith("All one way: ")
                .contains("140.0 cm wide");
        assertThat(found.path("offers").get(1).path("changes").asBoolean()).isFalse();
        assertThat(read(user, project + "/lay/help/1/lay").body().path("placed"))
                .hasSize(15);
        assertThat(call(user, "PUT", project + "/lay/help/1?version=1", "{}").status())
                .isEqualTo(422);
    }

    /** Pieces of a child's dungarees take far less than three metres, and the trousers they are cut from are less than printed. */
    @Test
    void aPrintedDemandIsSetAgainstThesePiecesAndThisCloth() {
        String ask = "{\"width\":\"140 cm\",\"printed\":\"%s\"}";
        assertThat(call(user, "POST", project + "/lay/help/length", ask.formatted("90 m"))
                        .text("detail"))
                .contains("from 5 cm to 50 m");
        assertThat(call(user, "POST", project + "/lay/help/length", ask.formatted("3 m"))
                        .status())
                .isEqualTo(202);
        assertThat(found().path("message").asText())
                .startsWith("Printed: 300.0 cm of cloth 140.0 cm wide; these pieces take ")
                .contains(" of that width, ", " less. The outer cloth on the table is ")
                .contains("m² short of what is printed, and all the pieces lie on it.");
    }

    @Test
    void aFindBelongsToItsHousehold() {
        HouseholdUser other = newHousehold();
        assertThat(read(other, project + "/lay/help").status()).isEqualTo(404);
        assertThat(call(other, "POST", project + "/lay/help/length", "{\"width\":\"140 cm\"}")
                        .status())
                .isEqualTo(404);
    }
}
