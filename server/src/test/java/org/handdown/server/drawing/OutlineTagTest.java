package org.handdown.server.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.Test;

/** What was said of layers and blocks stays with the household, over HTTP. */
class OutlineTagTest extends HouseholdTest {
    private static final String TAGS = "/api/outline-tags";

    private static String tag(String outline, String name, String meaning) {
        return """
                {"outline":"%s","name":"%s","meaning":"%s","allowance":"5/8 in","quantity":2,"turn":90,"pair":true,"cloth":"LINING"}""".formatted(outline, name, meaning);
    }

    @Test
    void whatWasSaidComesBackForTheWholeHousehold() {
        HouseholdUser user = newHousehold();
        call(user, "PUT", TAGS, "[%s,%s]".formatted(tag("LAYER-3", "yoke", "CUT"), tag("LAYER-4", "cuff", "STITCH")));
        JsonNode all = call(user, "GET", TAGS, "").body();
        assertThat(all).hasSize(2);
        assertThat(all.get(0).path("outline").asText()).isEqualTo("LAYER-3");
        assertThat(all.get(0).path("name").asText()).isEqualTo("yoke");
        assertThat(all.get(0).path("allowance").asText()).isEqualTo("5/8 in");
        assertThat(all.get(0).path("pair").asBoolean()).isTrue();
        assertThat(all.get(1).path("meaning").asText()).isEqualTo("STITCH");
        assertThat(call(newHousehold(), "GET", TAGS, "").body()).isEmpty();
    }

    @Test
    void theNewestWordCounts() {
        HouseholdUser user = newHousehold();
        call(user, "PUT", TAGS, "[%s]".formatted(tag("A", "yoke", "CUT")));
        JsonNode all = call(user, "PUT", TAGS, "[%s]".formatted(tag("A", "back yoke", "STITCH")))
                .body();
        assertThat(all).hasSize(1);
        assertThat(all.get(0).path("name").asText()).isEqualTo("back yoke");
    }

    @Test
    void badTagsAreRefusedAndNothingIsKept() {
        HouseholdUser user = newHousehold();
        assertThat(call(user, "PUT", TAGS, "[%s,null]".formatted(tag("A", "a", "CUT")))
                        .text("field"))
                .isEqualTo("outline");
        assertThat(call(user, "PUT", TAGS, "[{\"outline\":\"A\"}]").text("detail"))
                .contains("line is the one to cut");
        assertThat(call(user, "PUT", TAGS, "[%s]".formatted(tag("x".repeat(200), "a", "CUT")))
                        .text("field"))
                .isEqualTo("outline");
        assertThat(call(user, "PUT", TAGS, "[%s]".formatted(tag("A", "a", "FOLD")))
                        .status())
                .isBetween(400, 422);
        assertThat(call(user, "GET", TAGS, "").body()).isEmpty();
    }
}
