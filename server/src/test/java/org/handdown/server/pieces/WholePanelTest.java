package org.handdown.server.pieces;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.Test;

/** Panels of the made-up trousers taken whole into the pattern. */
class WholePanelTest extends HouseholdTest {
    @Test
    void panelsBecomePiecesAndTheSameOneOnlyOnce() throws IOException {
        HouseholdUser user = newHousehold();
        String project = brought(user, "1-dungarees.project.json");
        JsonNode before = read(user, project).body();
        String one = before.path("panels").get(0).path("id").asText();
        String two = before.path("panels").get(1).path("id").asText();
        String both = "{\"panels\":[\"" + one + "\",\"" + two + "\"],\"turned\":false}";
        Reply figures = call(user, "POST", project + "/whole-panels/figures", both);
        assertThat(figures.status()).as(figures.body().toString()).isEqualTo(200);
        assertThat(figures.body().path("gores")).hasSize(2);
        assertThat(figures.body().path("sentences").get(0).asText())
                .startsWith("Sewn side to side they make a ring of ");
        assertThat(read(user, project).body().path("version")).isEqualTo(before.path("version"));

        JsonNode taken = take(user, project, both);
        int more = 2;
        assertThat(taken.path("pieces").path("pieces"))
                .hasSize(before.path("pieces").path("pieces").size() + more);
        assertThat(take(user, project, both).path("pieces").path("pieces"))
                .hasSameSizeAs(taken.path("pieces").path("pieces"));

        assertThat(call(user, "POST", project + "/whole-panels/figures", "{\"panels\":[],\"turned\":false}")
                        .status())
                .isEqualTo(422);
        assertThat(call(user, "POST", project + "/whole-panels/figures", "{\"panels\":[\"no\"],\"turned\":true}")
                        .body()
                        .path("field")
                        .asText())
                .isEqualTo("panels");
        assertThat(call(newHousehold(), "POST", project + "/whole-panels/figures", both)
                        .status())
                .isEqualTo(404);
    }

    /** A panel of the corduroys and one of the shirt are one ring, each a piece of the cloth that it is of. */
    @Test
    void panelsOfTwoSourcesAreTakenTogether() throws IOException {
        HouseholdUser user = newHousehold();
        String project = brought(user, "7-shirt-bib.project.json");
        JsonNode all = read(user, project + "/whole-panels").body();
        List<String> ids = all.findValuesAsText("id");
        String own = ids.get(0);
        String other =
                ids.stream().filter(id -> id.startsWith("b.")).findFirst().orElseThrow();
        String both = "{\"panels\":[\"" + own + "\",\"" + other + "\"],\"turned\":false}";
        assertThat(call(user, "POST", project + "/whole-panels/figures?of=b", both)
                        .body()
                        .path("gores"))
                .hasSize(2);
        JsonNode pieces = take(user, project, both).path("pieces").path("pieces");
        List<String> cloths = new ArrayList<>();
        pieces.forEach(p -> {
            if (p.path("id").asText().startsWith("whole-")) {
                cloths.add(p.path("cloth").asText());
            }
        });
        assertThat(cloths).containsExactly("SHELL", "CONTRAST");
    }

    private String brought(HouseholdUser user, String file) throws IOException {
        String text = Files.readString(Path.of("../demo/" + file));
        return "/api/projects/"
                + call(user, "POST", "/api/projects/import", text).text("id");
    }

    private JsonNode take(HouseholdUser user, String project, String body) {
        String version = read(user, project).text("version");
        Reply reply = call(user, "POST", project + "/whole-panels?version=" + version, body);
        assertThat(reply.status()).as(reply.body().toString()).isEqualTo(200);
        return read(user, project).body();
    }
}
