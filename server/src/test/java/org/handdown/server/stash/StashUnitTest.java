package org.handdown.server.stash;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A household that thinks in inches reads and types its stash in them; one that does not is told nothing else. */
class StashUnitTest extends HouseholdTest {
    private static final String REMNANT =
            "{\"kind\":\"REMNANT\",\"name\":\"sail canvas\",\"cloth\":{\"name\":\"canvas\"},\"size\":{\"width\":\"24\",\"length\":\"32\"}}";

    private HouseholdUser user;

    @BeforeEach
    void household() {
        user = newHousehold();
    }

    private JsonNode think(String unit) {
        return call(user, "PUT", "/api/account/unit", "{\"unit\":\"" + unit + "\"}")
                .body();
    }

    private JsonNode one(String id) {
        return read(user, "/api/stash/" + id).body();
    }

    @Test
    void bareFiguresAreReadAndToldInTheHouseholdsUnit() {
        assertThat(think("INCH").path("unit").asText()).isEqualTo("INCH");
        String id = call(user, "POST", "/api/stash", REMNANT).text("id");
        assertThat(one(id).path("thing").path("facts").get(0).asText()).startsWith("24 in × 32 in");
        assertThat(one(id).path("form").path("size").path("width").asText()).isEqualTo("24 in");
        // Sought in bare figures: 23 × 31 in lie on it, 61 in would be nothing of it.
        String sought = "{\"role\":\"SHEET\",\"size\":{\"across\":\"23\",\"along\":\"31\"}}";
        JsonNode found = call(user, "POST", "/api/stash/search", sought).body();
        assertThat(found.path("count").asInt()).isEqualTo(1);
        assertThat(found.path("things").get(0).path("served").path("slack").asText())
                .contains(" in")
                .doesNotContain("cm");
        assertThat(call(user, "POST", "/api/stash/search", sought.replace("23", "61"))
                        .body()
                        .path("count")
                        .asInt())
                .isZero();
        // Told in centimetres from now on; a field still shows what reads back bit for bit.
        think("CM");
        assertThat(one(id).path("thing").path("facts").get(0).asText()).startsWith("60.9 cm × 81.2 cm");
        assertThat(one(id).path("form").path("size").path("width").asText()).isEqualTo("24 in");
    }

    /** Before anybody said whom it is for: the page and its fields speak the household's unit already. */
    @Test
    void aProjectWithoutAnAimIsTypedInTheHouseholdsUnit() {
        think("INCH");
        String begun = "/api/projects/"
                + call(user, "POST", "/api/projects", "{\"name\":\"odd\"}").text("id");
        assertThat(read(user, begun).text("unit")).isEqualTo("INCH");
        String remnant = call(user, "POST", "/api/stash", REMNANT).text("id");
        String held =
                call(user, "POST", "/api/stash/" + remnant + "/begin", "{}").text("id");
        assertThat(read(user, "/api/projects/" + held).text("unit")).isEqualTo("INCH");
    }

    @Test
    void anotherHouseholdIsNotTold() {
        think("INCH");
        HouseholdUser other = newHousehold();
        assertThat(read(other, "/api/account").text("unit")).isEqualTo("CM");
        String id = call(other, "POST", "/api/stash", REMNANT).text("id");
        assertThat(read(other, "/api/stash/" + id)
                        .body()
                        .path("thing")
                        .path("facts")
                        .get(0)
                        .asText())
                .startsWith("24.0 cm × 32.0 cm");
    }

    @Test
    void aRefusalIsToldInTheHouseholdsUnitAndAUnitThatIsNoneIsRefused() {
        think("INCH");
        Reply huge = call(
                user,
                "POST",
                "/api/stash",
                "{\"kind\":\"LENGTH\",\"name\":\"wide\",\"cloth\":{\"name\":\"wide\"},\"size\":{\"width\":\"9000\",\"length\":\"2 yd\"}}");
        assertThat(huge.status()).isEqualTo(422);
        assertThat(huge.text("detail")).contains(" in").doesNotContain(" mm").doesNotContain("cm");
        assertThat(call(user, "PUT", "/api/account/unit", "{}").text("field")).isEqualTo("unit");
        assertThat(call(user, "PUT", "/api/account/unit", "{\"unit\":\"ELL\"}").status())
                .isBetween(400, 422);
        assertThat(read(user, "/api/account").text("unit")).isEqualTo("INCH");
    }
}
