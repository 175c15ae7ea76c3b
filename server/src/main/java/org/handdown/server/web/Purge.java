package org.handdown.server.web;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.LocalTime;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;

/** Once a day, at one instance: what was thrown away thirty days ago goes for good, and runs that nobody asks for any more. */
@Configuration(proxyBeanMethods = false)
public class Purge {
    private static final Logger LOG = LoggerFactory.getLogger(Purge.class);
    private static final LocalTime AT = LocalTime.of(3, 40);

    /** States, photos, times and runs of a project go with it. The newest run of a project stays: it is still shown. */
    private static final List<String> STATEMENTS = List.of(
            "delete from project where deleted_at < now() - interval '30 days'",
            "delete from stash_thing where deleted_at < now() - interval '30 days'",
            "delete from stash_hold where project_id is null and hold <> 'USED'",
            """
            delete from fit_run r where status not in ('waiting', 'running') and updated_at < now() - interval '30 days'
              and exists (select 1 from fit_run n where n.project_id = r.project_id and n.started_at > r.started_at)
            """);

    @Bean
    RecurringTask<Void> purgeTask(JdbcTemplate jdbc, TransactionTemplate transactions) {
        return Tasks.recurring("purge", Schedules.daily(AT)).execute((instance, context) -> purge(jdbc, transactions));
    }

    /** @return how many rows went, what hangs on them not counted */
    public static int purge(JdbcTemplate jdbc, TransactionTemplate transactions) {
        Integer gone = transactions.execute(
                status -> STATEMENTS.stream().mapToInt(jdbc::update).sum());
        LOG.info("Purged {} rows that were past their time", gone);
        return gone == null ? 0 : gone;
    }
}
