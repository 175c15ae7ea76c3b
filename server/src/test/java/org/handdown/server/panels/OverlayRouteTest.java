package org.handdown.server.panels;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.Test;

/** Panels of the made-up trousers laid on each other. */
class OverlayRouteTest extends HouseholdTest {
    @Test
    void twoPanelsAreLaidOnEachOtherAndNothingIsStored() throws IOException {
        HouseholdUser user = newHousehold();
        String project = "/api/projects/"
                + call(
                                user,
                                "POST",
                                "/api/projects/import",
                                Files.readString(Path.of("../demo/1-dungarees.project.json")))
                        .text("id");
        JsonNode before = read(user, project).body();
        String one = before.path("panels").get(0).path("id").asText();
        String two = before.path("panels").get(1).path("id").asText();
        JsonNode laid = read(user, project + "/panels/" + one + "/on/" + two).body();
        assertThat(laid.path("common")).isNotEmpty();
        assertThat(laid.path("one")).hasSameSizeAs(before.path("panels").get(0).path("outline"));
        assertThat(laid.path("sentences").get(0).asText()).startsWith("They lie ");
        assertThat(read(user, project).body().path("version")).isEqualTo(before.path("version"));
        assertThat(read(user, project + "/panels/" + one + "/on/" + one).status())
                .isEqualTo(422);
        assertThat(read(user, project + "/panels/" + one + "/on/nothing").status())
                .isEqualTo(404);
        assertThat(read(newHousehold(), project + "/panels/" + one + "/on/" + two)
                        .status())
                .isEqualTo(404);
    }
}
