package org.handdown.server.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.server.DemoHouseholdTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** How runs wait, begin, end and are given up. */
@Tag("long")
class RunQueueTest extends DemoHouseholdTest {
    @Autowired
    private FitRunMapper runs;

    @Autowired
    private SchedulerClient scheduler;

    private static UUID id(String project) {
        return UUID.fromString(project.substring("/api/projects/".length()));
    }

    private UUID inserted(String of, String status, int attempts) {
        UUID run = UUID.randomUUID();
        jdbc.update(
                "insert into fit_run (id, project_id, household_id, status, seconds, attempts) values (?, ?, ?, ?, 5, ?)",
                run,
                id(of),
                user.householdId(),
                status,
                attempts);
        return run;
    }

    private String status(UUID run) {
        return runs.find(run).orElseThrow().status();
    }

    private String withoutLay() {
        try {
            ObjectNode file = (ObjectNode) json.readTree(demoProject());
            file.remove("lay");
            return "/api/projects/"
                    + call(user, "POST", "/api/projects/import", file.toString())
                            .text("id");
        } catch (java.io.IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void stoppingARunThatWaitsEndsItAtOnce() {
        UUID run = inserted(project, "waiting", 0);
        assertThat(call(user, "DELETE", project + "/lay/runs", "").status()).isEqualTo(202);
        assertThat(status(run)).isEqualTo("cancelled");
        assertThat(read(user, project + "/lay/runs/latest")
                        .body()
                        .path("running")
                        .asBoolean())
                .isFalse();
        assertThat(runs.begin(run)).as("it never begins").isZero();
    }

    @Test
    void theClockStartsWithTheWork() {
        UUID run = inserted(project, "waiting", 0);
        assertThat(runs.find(run).orElseThrow().begunAt()).isNull();
        assertThat(runs.begin(run)).isEqualTo(1);
        var begun = runs.find(run).orElseThrow().begunAt();
        assertThat(begun).isNotNull();
        assertThat(runs.begin(run)).as("taken over").isEqualTo(1);
        assertThat(runs.find(run).orElseThrow().begunAt()).isEqualTo(begun);
        assertThat(runs.find(run).orElseThrow().attempts()).isEqualTo(2);
        runs.close(runs.find(run).orElseThrow().lease(), "done", "");
        runs.close(runs.find(run).orElseThrow().lease(), "failed", "too late");
        assertThat(status(run)).as("one that is over stays so").isEqualTo("done");
    }

    @Test
    void aHouseholdHasOneRunAtWorkAndFiveThatWait() {
        UUID first = inserted(project, "waiting", 0);
        UUID second = inserted(importDemo(user), "waiting", 0);
        assertThat(runs.begin(first)).isEqualTo(1);
        assertThat(runs.begin(second)).isZero();
        runs.close(runs.find(first).orElseThrow().lease(), "done", "");
        assertThat(runs.begin(second)).isEqualTo(1);
        for (int i = 0; i < 5; i++) {
            inserted(importDemo(user), "waiting", 0);
        }
        Reply seventh = call(user, "POST", project + "/lay/runs", "{\"seconds\":5}");
        assertThat(seventh.status()).isEqualTo(422);
        assertThat(seventh.text("detail")).contains("Six runs");
        jdbc.update("delete from fit_run where household_id = ?", user.householdId());
    }

    @Test
    void aRunWhoseInstanceIsLongDeadBlocksNobody() {
        UUID dead = inserted(project, "running", 1);
        UUID next = inserted(importDemo(user), "waiting", 0);
        assertThat(runs.begin(next)).isZero();
        jdbc.update("update fit_run set updated_at = now() - interval '3 minutes' where id = ?", dead);
        assertThat(runs.begin(next)).isEqualTo(1);
        jdbc.update("delete from fit_run where household_id = ?", user.householdId());
    }

    @Test
    void aRunThatKilledItsProcessThreeTimesIsGivenUpAndHandsOverItsBest() throws Exception {
        JsonNode layout = json.readTree(demoProject()).path("lay").path("layout");
        String bare = withoutLay();
        UUID run = inserted(bare, "running", 3);
        jdbc.update(
                "update fit_run set best = ?::jsonb where id = ?",
                FitLayoutJson.write(FitLayoutJson.read(layout)).toString(),
                run);
        scheduler.scheduleIfNotExists(
                FitTask.DESCRIPTOR.instance(run.toString()).build(), Instant.now());
        await().atMost(Duration.ofSeconds(60)).until(() -> status(run).equals("failed"));
        assertThat(runs.find(run).orElseThrow().message()).contains("lies on the table");
        assertThat(read(user, bare).body().path("lay").path("placed")).hasSize(15);
    }

    /** An instance that was held up comes back: the run is another's now, and nothing of the first is written. */
    @Test
    void whoLostTheRunWritesNothing() {
        UUID run = inserted(project, "waiting", 0);
        runs.begin(run);
        Lease first = runs.find(run).orElseThrow().lease();
        assertThat(runs.isToStop(first)).isFalse();
        runs.begin(run);
        Lease second = runs.find(run).orElseThrow().lease();
        assertThat(runs.isToStop(first)).isTrue();
        assertThat(runs.improve(first, 3, 0.5, "{}")).isZero();
        assertThat(runs.answer(first, "{}", "late")).isZero();
        assertThat(runs.close(first, "failed", "late")).isZero();
        assertThat(status(run)).isEqualTo("running");
        assertThat(runs.improve(second, 4, 0.6, "{}")).isEqualTo(1);
        assertThat(runs.close(second, "done", "")).isEqualTo(1);
        jdbc.update("delete from fit_run where household_id = ?", user.householdId());
    }

    /** Panels taken away while a run waits: it is refused in words, and nothing on the table changes. */
    @Test
    void aRunThatIsRefusedAtWorkSaysWhy() {
        String bare = "/api/projects/"
                + call(user, "POST", "/api/projects", "{\"name\":\"Nothing yet\"}")
                        .text("id");
        UUID run = inserted(bare, "waiting", 0);
        scheduler.scheduleIfNotExists(
                FitTask.DESCRIPTOR.instance(run.toString()).build(), Instant.now());
        await().atMost(Duration.ofSeconds(60)).until(() -> status(run).equals("failed"));
        assertThat(runs.find(run).orElseThrow().message())
                .contains("Panels or pieces are gone meanwhile.", "The lay before it is untouched.");
        assertThat(read(user, bare).status()).isEqualTo(200);
    }

    /** What a hand moved while a run was at work stays; what the run found lies beside it. */
    @Test
    void aLayMovedByHandMeanwhileIsNotReplaced() {
        assertThat(call(user, "POST", project + "/lay/runs", "{\"seconds\":5}").status())
                .isEqualTo(202);
        await().atMost(Duration.ofSeconds(30))
                .until(() -> read(user, project + "/lay/runs/latest")
                        .body()
                        .path("running")
                        .asBoolean());
        await().atMost(Duration.ofSeconds(30))
                .until(() -> jdbc.queryForObject(
                                "select count(*) from fit_run where household_id = ? and begun_at is not null",
                                Integer.class,
                                user.householdId())
                        == 1);
        Reply moved = call(user, "DELETE", project + "/lay/placements/bib/0?version=1", "");
        assertThat(moved.status()).isEqualTo(200);
        await().atMost(Duration.ofSeconds(60))
                .until(() -> !read(user, project + "/lay/runs/latest")
                        .body()
                        .path("running")
                        .asBoolean());
        JsonNode now = read(user, project).body();
        assertThat(now.path("lay").path("unplaced")).hasSize(1);
        assertThat(jdbc.queryForList(
                        "select message from fit_run where household_id = ?", String.class, user.householdId()))
                .anyMatch(m -> m.contains("your lay stays"));
        assertThat(now.path("lays").findValuesAsText("name")).anyMatch(n -> n.startsWith("Found "));
    }

    @Test
    void aFindThatWasBrokenOffSaysThatNotEverythingWasTried() {
        JsonNode taken = call(user, "DELETE", project + "/lay/placements/bib/0?version=1", "")
                .body();
        assertThat(taken.path("lay").path("unplaced")).hasSize(1);
        call(user, "POST", project + "/lay/help/remedies", "{\"piece\":\"bib\"}");
        call(user, "DELETE", project + "/lay/runs", "");
        await().atMost(Duration.ofSeconds(60))
                .until(() -> !read(user, project + "/lay/runs/latest")
                        .body()
                        .path("running")
                        .asBoolean());
        assertThat(jdbc.queryForList(
                        "select message from fit_run where household_id = ?", String.class, user.householdId()))
                .noneMatch(m -> m.startsWith("Nothing that keeps"));
    }
}
