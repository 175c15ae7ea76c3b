package org.handdown.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.server.HouseholdTest;
import org.junit.jupiter.api.Test;

class InterfaceTest extends HouseholdTest {
    @Test
    void theDescriptionThatTheWebTypesAreMadeFromIsCurrent() throws Exception {
        var described = read(newHousehold(), "/api/openapi").body();
        var committed = json.readTree(Files.readString(Path.of("../web/openapi.json")));
        assertThat(described)
                .as("web/openapi.json is old: fetch /api/openapi anew")
                .isEqualTo(committed);
    }

    @Test
    void theStashTakesASourceFileAndRefusesOthers() throws Exception {
        var user = newHousehold();
        String curtains = Files.readString(Path.of("../demo/2-door-curtains.source.json"));
        assertThat(call(user, "POST", "/api/stash/import", curtains).status()).isEqualTo(201);
        assertThat(read(user, "/api/stash").body().get(0).path("name").asText()).isEqualTo("Net-loft door curtains");
        assertThat(call(user, "POST", "/api/stash/import", "{}").status()).isEqualTo(422);
        assertThat(read(newHousehold(), "/api/stash").body()).isEmpty();
    }
}
