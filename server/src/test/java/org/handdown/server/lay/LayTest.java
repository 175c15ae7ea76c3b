package org.handdown.server.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import java.util.UUID;
import org.handdown.server.DemoHouseholdTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

@Tag("long")
class LayTest extends DemoHouseholdTest {
    @Autowired
    private FitRunService service;

    @Autowired
    private FitRunMapper runs;

    private ObjectNode held(String piece, int copy) {
        for (JsonNode p : read(user, project).body().path("lay").path("placed")) {
            if (p.path("piece").asText().equals(piece) && p.path("copy").asInt() == copy) {
                ObjectNode held = json.createObjectNode();
                for (String field :
                        new String[] {"piece", "copy", "variant", "panel", "x", "y", "rotation", "mirrored"}) {
                    held.set(field, p.path(field));
                }
                return held;
            }
        }
        throw new IllegalStateException("no such piece");
    }

    @Test
    void aPieceMayLieWhereItLies() {
        Reply verdict =
                call(user, "POST", project + "/lay/verdict", held("bib", 0).toString());
        assertThat(verdict.body().path("allowed").asBoolean()).isTrue();
    }

    @Test
    void aPieceTurnedRoundIsForbiddenByThePile() {
        ObjectNode held = held("bib", 0).put("rotation", 180);
        held.put("y", held.path("y").asDouble() + 200);
        Reply verdict = call(user, "POST", project + "/lay/verdict", held.toString());
        assertThat(verdict.body().path("reasons").toString()).contains("the pile forbids it");
    }

    @Test
    void aForbiddenSpotIsToldAndNotStored() {
        ObjectNode held = held("bib", 0);
        held.put("y", held.path("y").asDouble() - 8);
        Reply verdict = call(user, "POST", project + "/lay/verdict", held.toString());
        assertThat(verdict.body().path("allowed").asBoolean()).isFalse();
        Reply put = call(user, "PUT", project + "/lay/placements?version=1", held.toString());
        assertThat(put.status()).isEqualTo(422);
        assertThat(read(user, project).body().path("version").asLong()).isEqualTo(1);
    }

    @Test
    void aPieceTakenOffGoesBackWhereItWas() {
        ObjectNode held = held("bib-pocket", 0);
        JsonNode without = call(user, "DELETE", project + "/lay/placements/bib-pocket/0?version=1", "")
                .body();
        assertThat(without.path("lay").path("unplaced")).hasSize(1);
        // A little off, it slides to the nearest free spot.
        held.put("x", held.path("x").asDouble() + 400);
        Reply far = call(user, "POST", project + "/lay/verdict", held.toString());
        assertThat(far.body().path("slidesTo").isNull()).isTrue();
        held.put("x", held.path("x").asDouble() - 404);
        Reply near = call(user, "POST", project + "/lay/verdict", held.toString());
        JsonNode spot =
                near.body().path("allowed").asBoolean() ? held : near.body().path("slidesTo");
        held.set("x", spot.path("x"));
        held.set("y", spot.path("y"));
        JsonNode back = call(user, "PUT", project + "/lay/placements?version=2", held.toString())
                .body();
        assertThat(back.path("lay").path("unplaced")).isEmpty();
        assertThat(back.path("lay").path("movedByHand").asBoolean()).isTrue();
    }

    @Test
    void unknownPiecesAndPanelsAreRefused() {
        assertThat(call(
                                user,
                                "POST",
                                project + "/lay/verdict",
                                held("bib", 0).put("piece", "cape").toString())
                        .text("field"))
                .isEqualTo("piece");
        assertThat(call(
                                user,
                                "POST",
                                project + "/lay/verdict",
                                held("bib", 0).put("panel", "moon").toString())
                        .text("field"))
                .isEqualTo("panel");
        assertThat(call(
                                user,
                                "POST",
                                project + "/lay/verdict",
                                held("bib", 0).put("copy", 7).toString())
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aRunWorksInTheBackgroundAndCanBeStopped() {
        assertThat(call(user, "POST", project + "/lay/runs", "{\"seconds\":60}").status())
                .isEqualTo(202);
        assertThat(call(user, "POST", project + "/lay/runs", "{\"seconds\":60}").text("detail"))
                .contains("at work");
        assertThat(call(user, "DELETE", project + "/lay/runs", "").status()).isEqualTo(202);
        await().atMost(Duration.ofSeconds(40))
                .until(() -> !read(user, project + "/lay/runs/latest")
                        .body()
                        .path("running")
                        .asBoolean());
        // What was there is as good as anything a stopped run found.
        assertThat(read(user, project).body().path("lay").path("placed").size()).isEqualTo(15);
    }

    @Test
    void aRunFillsAnEmptyLay() {
        ObjectNode file;
        try {
            file = (ObjectNode) json.readTree(demoProject());
        } catch (java.io.IOException e) {
            throw new IllegalStateException(e);
        }
        file.remove("lay");
        String bare = "/api/projects/"
                + call(user, "POST", "/api/projects/import", file.toString()).text("id");
        assertThat(call(user, "POST", bare + "/lay/runs", "{\"seconds\":0}").status())
                .isEqualTo(422);
        call(user, "POST", bare + "/lay/runs", "{\"seconds\":110}");
        // How far a lay comes in how many seconds is the machine's affair: waited for is the lay, not the clock.
        await().atMost(Duration.ofSeconds(100))
                .until(() -> java.util.Objects.requireNonNullElse(
                                jdbc.queryForObject(
                                        "select max(placed) from fit_run where household_id = ?",
                                        Integer.class,
                                        user.householdId()),
                                0)
                        > 4);
        call(user, "DELETE", bare + "/lay/runs", "");
        await().atMost(Duration.ofSeconds(40))
                .until(() -> !read(user, bare + "/lay/runs/latest")
                        .body()
                        .path("running")
                        .asBoolean());
        JsonNode lay = read(user, bare).body().path("lay");
        assertThat(lay.path("placed").size() + lay.path("unplaced").size()).isEqualTo(15);
        assertThat(lay.path("placed").size()).isGreaterThan(4);
    }

    @Test
    void aRunThatWaitsIsToldHowManyAreBeforeIt() {
        UUID[] asked = new UUID[3];
        for (int i = 0; i < asked.length; i++) {
            asked[i] = UUID.randomUUID();
            UUID other = UUID.fromString(importDemo(user).substring("/api/projects/".length()));
            jdbc.update(
                    "insert into fit_run (id, project_id, household_id, status, seconds, started_at) "
                            + "values (?, ?, ?, ?, 5, now() + make_interval(secs => ?))",
                    asked[i],
                    other,
                    user.householdId(),
                    i == 0 ? "running" : "waiting",
                    i);
        }
        int[] before = new int[asked.length];
        for (int i = 0; i < asked.length; i++) {
            before[i] = service.queue(runs.find(asked[i]).orElseThrow());
        }
        jdbc.update("delete from fit_run where household_id = ?", user.householdId());
        assertThat(before[0]).as("at work").isZero();
        assertThat(before[2] - before[1]).isEqualTo(1);
        assertThat(before[1]).isPositive();
    }
}
