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
            String status,
            double seconds,
            double marginMm,
            boolean cancelAsked,
            int placed,
            int wanted,
            double utilisation,
            int improvements,
            @Nullable String best,
            String message,
            OffsetDateTime startedAt) {
        boolean isOver() {
            return !status.equals("waiting") && !status.equals("running");
        }
    }

    void insert(
            @Param("id") UUID id,
            @Param("project") UUID project,
            @Param("household") UUID household,
            @Param("seconds") double seconds,
            @Param("marginMm") double marginMm,
            @Param("wanted") int wanted);

    Optional<RunRow> find(@Param("id") UUID id);

    Optional<RunRow> findLatest(@Param("household") UUID household, @Param("project") UUID project);

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
