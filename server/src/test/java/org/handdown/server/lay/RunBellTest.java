package org.handdown.server.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.handdown.server.DemoHouseholdTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Who watches a run hears of it from the database, through a connection that may break. */
class RunBellTest extends DemoHouseholdTest {
    private static final Duration SOON = Duration.ofSeconds(10);

    @Autowired
    private RunBell bell;

    private UUID id() {
        return UUID.fromString(project.substring("/api/projects/".length()));
    }

    private UUID insert() {
        UUID run = UUID.randomUUID();
        jdbc.update(
                "insert into fit_run (id, project_id, household_id, status, seconds) values (?, ?, ?, 'done', 5)",
                run,
                id(),
                user.householdId());
        return run;
    }

    @Test
    void aChangeIsHeardByThoseWhoWatchItsProjectAndByNobodyAfterwards() {
        AtomicInteger rung = new AtomicInteger();
        AtomicInteger elsewhere = new AtomicInteger();
        RunBell.Call call = bell.call(id(), rung::incrementAndGet);
        RunBell.Call other = bell.call(UUID.randomUUID(), elsewhere::incrementAndGet);
        UUID run = insert();
        await().atMost(SOON).until(() -> rung.get() == 1);
        jdbc.update("update fit_run set message = 'x' where id = ?", run);
        await().atMost(SOON).until(() -> rung.get() == 2);
        call.close();
        AtomicInteger witness = new AtomicInteger();
        try (RunBell.Call again = bell.call(id(), witness::incrementAndGet)) {
            jdbc.update("update fit_run set message = 'y' where id = ?", run);
            await().atMost(SOON).until(() -> witness.get() == 1);
        }
        other.close();
        assertThat(rung).hasValue(2);
        assertThat(elsewhere).hasValue(0);
    }

    @Test
    void oneWhoFailsKeepsNobodyElseFromHearing() {
        AtomicInteger rung = new AtomicInteger();
        Runnable fails = () -> {
            throw new IllegalStateException("away");
        };
        try (RunBell.Call bad = bell.call(id(), fails);
                RunBell.Call good = bell.call(id(), rung::incrementAndGet)) {
            UUID run = insert();
            await().atMost(SOON).until(() -> rung.get() == 1);
            jdbc.update("update fit_run set message = 'x' where id = ?", run);
            await().atMost(SOON).until(() -> rung.get() == 2);
        }
    }

    @Test
    void aConnectionThatIsCutOffIsMadeAgainAndEverybodyIsCalled() {
        UUID run = insert();
        AtomicInteger rung = new AtomicInteger();
        try (RunBell.Call call = bell.call(id(), rung::incrementAndGet)) {
            jdbc.execute(
                    "select pg_terminate_backend(pid) from pg_stat_activity where query = 'listen fit_run' and datname = current_database()");
            await().atMost(SOON).until(() -> rung.get() >= 1);
            int before = rung.get();
            jdbc.update("update fit_run set message = 'z' where id = ?", run);
            await().atMost(SOON).until(() -> rung.get() > before);
        }
    }
}
