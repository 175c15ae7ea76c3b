package org.handdown.server.idea;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface WishMapper {
    record WishRow(UUID id, String draft, String wearer) {}

    /** The oldest first. */
    List<WishRow> all(@Param("household") UUID household);

    void insert(
            @Param("household") UUID household,
            @Param("id") UUID id,
            @Param("draft") String draft,
            @Param("wearer") String wearer);

    int delete(@Param("household") UUID household, @Param("id") UUID id);
}
