package org.handdown.server.stash;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface StashMapper {
    record SourceRow(UUID id, String document) {}

    /** A keeper left over; lengths in mm. */
    record KeeperRow(
            UUID id,
            String name,
            String kind,
            double lengthMm,
            double depthMm,
            int count,
            String cloth,
            String origin) {}

    /** Cloth left over; the document holds its outline. */
    record RemnantRow(UUID id, String cloth, String origin, String document) {}

    List<RemnantRow> remnants(@Param("household") UUID household);

    void insertRemnant(@Param("household") UUID household, @Param("remnant") RemnantRow remnant);

    int deleteRemnant(@Param("household") UUID household, @Param("id") UUID id);

    List<KeeperRow> keepers(@Param("household") UUID household);

    void insertKeeper(@Param("household") UUID household, @Param("keeper") KeeperRow keeper);

    int deleteKeeper(@Param("household") UUID household, @Param("id") UUID id);

    List<SourceRow> list(@Param("household") UUID household);

    void insert(@Param("household") UUID household, @Param("id") UUID id, @Param("document") String document);
}
