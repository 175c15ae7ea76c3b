package org.handdown.server.lay;

import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface FitRunMapper {
    record RunRow(
            UUID id,
            UUID projectId,
            UUID householdId,
            String kind,
            String status,
            double seconds,
            double marginMm,
            boolean cancelAsked,
            int placed,
            int wanted,
            double utilisation,
            int improvements,
            @Nullable String best,
            String ask,
            @Nullable String answer,
            String message,
            OffsetDateTime startedAt) {
        boolean isOver() {
            return !status.equals("waiting") && !status.equals("running");
        }

        RunKind runKind() {
            return RunKind.valueOf(kind.toUpperCase(java.util.Locale.ROOT));
        }
    }

    void insert(
            @Param("id") UUID id,
            @Param("project") UUID project,
            @Param("household") UUID household,
            @Param("kind") String kind,
            @Param("seconds") double seconds,
            @Param("marginMm") double marginMm,
            @Param("wanted") int wanted,
            @Param("ask") String ask);

    Optional<RunRow> find(@Param("id") UUID id);

    Optional<RunRow> findLatest(@Param("household") UUID household, @Param("project") UUID project);

    /** The latest run that was not to lay but to find something out. */
    Optional<RunRow> findLatestHelp(@Param("household") UUID household, @Param("project") UUID project);

    /** Runs of anybody that wait or work and were asked for earlier. */
    int countBefore(@Param("id") UUID id);

    void answer(@Param("id") UUID id, @Param("answer") String answer, @Param("message") String message);

    boolean isCancelAsked(@Param("id") UUID id);

    int askCancel(@Param("household") UUID household, @Param("project") UUID project);

    void markRunning(@Param("id") UUID id);

    void improve(
            @Param("id") UUID id,
            @Param("placed") int placed,
            @Param("utilisation") double utilisation,
            @Param("best") String best);

    void close(@Param("id") UUID id, @Param("status") String status, @Param("message") String message);
}
