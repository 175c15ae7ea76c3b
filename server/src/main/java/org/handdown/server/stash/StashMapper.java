package org.handdown.server.stash;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface StashMapper {
    record SourceRow(UUID id, String document) {}

    List<SourceRow> list(@Param("household") UUID household);

    void insert(@Param("household") UUID household, @Param("id") UUID id, @Param("document") String document);
}
