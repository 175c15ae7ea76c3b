package org.handdown.server.lay;

import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.handdown.server.project.ProjectOf;
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
            OffsetDateTime startedAt,
            @Nullable OffsetDateTime begunAt,
            int attempts) {
        ProjectOf of() {
            return new ProjectOf(householdId, projectId);
        }

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

    /** Tells that it is still at work. */
    void touch(@Param("id") UUID id);

    boolean isCancelAsked(@Param("id") UUID id);

    /** One that waits is over at once; one at work is told. */
    int askCancel(@Param("household") UUID household, @Param("project") UUID project);

    /** Begins or takes over; 0 while another run of the household is at work, or where this one is over. */
    int begin(@Param("id") UUID id);

    /** Back into the queue with what it has: its instance stops, another goes on. */
    void handBack(@Param("id") UUID id);

    /** Runs of a household that wait or work. */
    int countActive(@Param("household") UUID household);

    void improve(
            @Param("id") UUID id,
            @Param("placed") int placed,
            @Param("utilisation") double utilisation,
            @Param("best") String best);

    void close(@Param("id") UUID id, @Param("status") String status, @Param("message") String message);
}
