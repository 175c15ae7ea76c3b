package org.handdown.server.lay;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.jdbc.DataSourceProperties;
import org.springframework.stereotype.Component;

/**
 * Hears of runs that changed, at whatever instance they are at work: one connection of this instance's own listens for all who watch here.
 * While it is cut off nothing is heard; once it is back everybody is called, for nobody knows what was missed.
 */
@Component
class RunBell {
    private static final Logger LOG = LoggerFactory.getLogger(RunBell.class);
    private static final String CHANNEL = "fit_run";
    /** Shorter than the time after which the connection counts as dead. */
    private static final int LISTEN_MILLIS = 10_000;

    private static final int TRY_AGAIN_MILLIS = 1000;

    private final DataSourceProperties database;
    private final Map<UUID, Set<Runnable>> called = new ConcurrentHashMap<>();
    private volatile boolean over;
    private volatile @Nullable Connection connection;

    RunBell(DataSourceProperties database) {
        this.database = database;
    }

    /** Somebody who wants to be called; closing it ends that. */
    interface Call extends AutoCloseable {
        @Override
        void close();
    }

    /** @param told quick, and thrown at nobody: it is called on the one thread that listens */
    Call call(UUID project, Runnable told) {
        called.computeIfAbsent(project, p -> ConcurrentHashMap.newKeySet()).add(told);
        return () -> called.computeIfPresent(project, (p, all) -> {
            all.remove(told);
            return all.isEmpty() ? null : all;
        });
    }

    @PostConstruct
    void begin() {
        Thread listener = new Thread(this::listen, "run-bell");
        listener.setDaemon(true);
        listener.start();
    }

    @PreDestroy
    void end() throws SQLException {
        over = true;
        Connection now = connection;
        if (now != null) {
            now.close();
        }
    }

    private void listen() {
        while (!over) {
            try (Connection now = DriverManager.getConnection(
                            Objects.requireNonNull(database.determineUrl()),
                            database.determineUsername(),
                            database.determinePassword());
                    Statement statement = now.createStatement()) {
                connection = now;
                statement.execute("listen " + CHANNEL);
                called.values().forEach(RunBell::ring);
                hear(now.unwrap(PGConnection.class));
            } catch (SQLException e) {
                if (!over) {
                    LOG.warn("Runs cannot be heard of at the moment: {}", e.getMessage());
                    rest();
                }
            }
        }
    }

    private void hear(PGConnection now) throws SQLException {
        while (!over) {
            PGNotification[] rung = now.getNotifications(LISTEN_MILLIS);
            for (PGNotification one : rung == null ? new PGNotification[0] : rung) {
                ring(called.getOrDefault(UUID.fromString(one.getParameter()), Set.of()));
            }
        }
    }

    /** One who cannot be told keeps nobody else from hearing, now or later. */
    private static void ring(Set<Runnable> all) {
        for (Runnable told : all) {
            try {
                told.run();
            } catch (RuntimeException e) {
                LOG.warn("Somebody who watches a run could not be told: {}", e.getMessage());
            }
        }
    }

    private void rest() {
        try {
            Thread.sleep(TRY_AGAIN_MILLIS);
        } catch (InterruptedException e) {
            over = true;
            Thread.currentThread().interrupt();
        }
    }
}
