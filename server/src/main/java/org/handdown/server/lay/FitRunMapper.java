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

        RunState state() {
            return RunState.named(status);
        }

        boolean isOver() {
            return state().isOver();
        }

        /** Of whoever is at work on it now. */
        Lease lease() {
            return new Lease(id, attempts);
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

    /** 0 where the lease is lost. */
    int answer(@Param("lease") Lease lease, @Param("answer") String answer, @Param("message") String message);

    /** Tells that it is still at work. */
    void touch(@Param("lease") Lease lease);

    /** Was it cancelled, or is somebody else at work on it? */
    boolean isToStop(@Param("lease") Lease lease);

    /** One that waits is over at once; one at work is told. */
    int askCancel(@Param("household") UUID household, @Param("project") UUID project);

    /** Begins or takes over; 0 while another run of the household is at work, or where this one is over. */
    int begin(@Param("id") UUID id);

    /** Back into the queue with what it has: its instance stops, another goes on. */
    void handBack(@Param("lease") Lease lease);

    /** Does one wait whose household has none at work? */
    boolean isAnyWaiting();

    /** Runs of a household that wait or work. */
    int countActive(@Param("household") UUID household);

    /** 0 where the lease is lost. */
    int improve(
            @Param("lease") Lease lease,
            @Param("placed") int placed,
            @Param("utilisation") double utilisation,
            @Param("best") String best);

    /** 0 where the lease is lost, or the run over already. */
    int close(@Param("lease") Lease lease, @Param("status") String status, @Param("message") String message);
}
