package org.handdown.server.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import org.handdown.server.DemoHouseholdTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Pins, kept lays, the spots a hand may choose, and remnants in the stash. */
@Tag("long")
class KeptLayTest extends DemoHouseholdTest {
    private JsonNode view() {
        return read(user, project).body();
    }

    private JsonNode placed(String piece, int copy) {
        for (JsonNode p : view().path("lay").path("placed")) {
            if (p.path("piece").asText().equals(piece) && p.path("copy").asInt() == copy) {
                return p;
            }
        }
        throw new IllegalStateException("no such piece");
    }

    private Reply pin(String piece, int copy, boolean pinned) {
        ObjectNode body =
                json.createObjectNode().put("piece", piece).put("copy", copy).put("pinned", pinned);
        return call(
                user,
                "PUT",
                project + "/lay/pins?version=" + view().path("version").asLong(),
                body.toString());
    }

    private void layAgain(int seconds) {
        assertThat(call(user, "POST", project + "/lay/runs", "{\"seconds\":" + seconds + "}")
                        .status())
                .isEqualTo(202);
        await().atMost(Duration.ofSeconds(60))
                .until(() -> !read(user, project + "/lay/runs/latest")
                        .body()
                        .path("running")
                        .asBoolean());
    }

    @Test
    void whatIsPinnedLiesThereAfterTheRestWasLaidAgain() {
        JsonNode before = placed("bib", 0);
        assertThat(pin("bib", 0, true).status()).isEqualTo(200);
        assertThat(placed("bib", 0).path("pinned").asBoolean()).isTrue();
        // Without a front leg the lay is poorer, so that any new one is better and is taken.
        call(
                user,
                "DELETE",
                project + "/lay/placements/front-leg/0?version="
                        + view().path("version").asLong(),
                "");
        layAgain(4);
        JsonNode after = placed("bib", 0);
        assertThat(after.path("pinned").asBoolean()).isTrue();
        for (String field : new String[] {"panel", "x", "y", "rotation"}) {
            assertThat(after.path(field)).isEqualTo(before.path(field));
        }
        assertThat(pin("bib", 0, false).status()).isEqualTo(200);
        assertThat(placed("bib", 0).path("pinned").asBoolean()).isFalse();
        assertThat(pin("cape", 0, true).status()).isEqualTo(422);
    }

    @Test
    void severalLaysAreKeptComparedAndTakenUpAgain() {
        Reply kept = call(user, "POST", project + "/lay/kept?version=1", "{\"name\":\"all whole\"}");
        assertThat(kept.status()).isEqualTo(200);
        call(user, "DELETE", project + "/lay/placements/bib-pocket/0?version=2", "");
        JsonNode lays = view().path("lays");
        assertThat(lays).hasSize(2);
        assertThat(lays.get(0).path("placed").asInt()).isEqualTo(14);
        assertThat(lays.get(1).path("name").asText()).isEqualTo("all whole");
        assertThat(lays.get(1).path("placed").asInt()).isEqualTo(15);
        assertThat(lays.get(1).path("keptEdges").asInt())
                .isEqualTo(lays.get(0).path("keptEdges").asInt());
        assertThat(lays.get(1).path("seamsAdded").asInt()).isZero();
        assertThat(read(user, project + "/lay/kept/0").body().path("placed")).hasSize(15);
        assertThat(call(user, "POST", project + "/lay/kept?version=3", "{\"name\":\"all whole\"}")
                        .text("detail"))
                .contains("choose another");
        assertThat(call(user, "POST", project + "/lay/kept?version=3", "{\"name\":\" \"}")
                        .status())
                .isEqualTo(422);
        JsonNode back =
                call(user, "PUT", project + "/lay/kept/0?version=3", "{}").body();
        assertThat(back.path("lay").path("placed")).hasSize(15);
        assertThat(call(user, "DELETE", project + "/lay/kept/0?version=4", "")
                        .body()
                        .path("lays"))
                .hasSize(1);
        assertThat(read(user, project + "/lay/kept/0").status()).isEqualTo(404);
    }

    @Test
    void aPiecedLayTakesItsPiecesWithIt() {
        call(user, "POST", project + "/lay/kept?version=1", "{\"name\":\"whole\"}");
        String piecing =
                "{\"kind\":\"PIECING\",\"name\":\"\",\"piece\":\"bib-pocket\",\"at\":\"60 mm\",\"along\":false,\"drawn\":\"8 mm\"}";
        Reply changed = call(user, "POST", project + "/pattern/changes?version=2", piecing);
        assertThat(changed.status()).as(changed.text("detail")).isEqualTo(200);
        layAgain(2);
        JsonNode lays = view().path("lays");
        assertThat(lays.get(0).path("wanted").asInt()).isEqualTo(16);
        assertThat(lays.get(0).path("seamsAdded").asInt()).isEqualTo(1);
        assertThat(lays.get(1).path("seamsAdded").asInt()).isZero();
        JsonNode back = call(
                        user,
                        "PUT",
                        project + "/lay/kept/0?version="
                                + view().path("version").asLong(),
                        "{}")
                .body();
        assertThat(back.path("pieces").path("pieces").findValuesAsText("id")).contains("bib-pocket");
        assertThat(back.path("lay").path("stale").asBoolean()).isFalse();
    }

    @Test
    void aHandIsToldEverySpotBeforeItDrags() {
        ObjectNode held = json.createObjectNode();
        JsonNode bib = placed("bib", 0);
        for (String field : new String[] {"piece", "copy", "variant", "panel", "x", "y", "rotation", "mirrored"}) {
            held.set(field, bib.path(field));
        }
        JsonNode allowed =
                call(user, "POST", project + "/lay/allowed", held.toString()).body();
        assertThat(allowed.path("areas")).isNotEmpty();
        assertThat(allowed.path("bans").toString()).contains("lies on ");
        assertThat(allowed.path("never")).isEmpty();
        JsonNode round = call(
                        user,
                        "POST",
                        project + "/lay/allowed",
                        held.put("rotation", 180).toString())
                .body();
        assertThat(round.path("areas")).isEmpty();
        assertThat(round.path("never").toString()).contains("the pile forbids it");
    }

    @Test
    void remnantsGoToTheStashOnceWithTheirEdges() {
        JsonNode remnants = view().path("lay").path("remnants");
        assertThat(remnants).isNotEmpty();
        String id = project.substring(project.lastIndexOf('/') + 1);
        Reply one = call(user, "POST", "/api/stash/remnants/from/" + id, "{\"which\":[0]}");
        assertThat(one.body().path("kept").asInt()).isEqualTo(1);
        Reply all = call(user, "POST", "/api/stash/remnants/from/" + id, "{}");
        assertThat(all.body().path("kept").asInt()).isEqualTo(remnants.size() - 1);
        JsonNode stash = things(user, "\"kind\":\"REMNANT\"");
        assertThat(stash).hasSize(remnants.size());
        JsonNode largest = stash.findParents("code").stream()
                .filter(t -> t.path("code").asText().equals("R1"))
                .findFirst()
                .orElseThrow();
        assertThat(largest.path("facts").get(0).asText())
                .startsWith(remnants.get(0).path("size").asText());
        for (JsonNode edge : remnants.get(0).path("edges")) {
            assertThat(largest.path("facts").toString()).contains(edge.asText());
        }
        assertThat(largest.path("cloth").path("weave").asText()).isEqualTo("CORDUROY");
        assertThat(things(newHousehold(), "")).isEmpty();
        String first = stash.get(0).path("id").asText();
        assertThat(call(user, "DELETE", "/api/stash/" + first, "").status()).isEqualTo(204);
        assertThat(call(user, "DELETE", "/api/stash/" + first, "").status()).isEqualTo(404);
    }

    @Test
    void motifsAndGrainAreAskedForAsChanges() {
        String motif =
                "{\"kind\":\"MOTIF\",\"piece\":\"bib\",\"motif\":\"rose\",\"points\":\"0 mm / 60 mm\",\"by\":\"5 mm\"}";
        Reply shown = call(user, "POST", project + "/pattern/changes?version=1", motif);
        assertThat(shown.status()).as(shown.text("detail")).isEqualTo(200);
        String grain = "{\"kind\":\"GRAIN\",\"piece\":\"bib-pocket\",\"grain\":\"EITHER\"}";
        assertThat(call(user, "POST", project + "/pattern/changes?version=2", grain)
                        .status())
                .isEqualTo(200);
        String off =
                "{\"kind\":\"MOTIF\",\"piece\":\"bib\",\"motif\":\"rose\",\"points\":\"900 mm / 60 mm\",\"by\":\"5 mm\"}";
        assertThat(call(user, "POST", project + "/pattern/changes?version=3", off)
                        .text("detail"))
                .contains("lies off the bib");
    }
}
