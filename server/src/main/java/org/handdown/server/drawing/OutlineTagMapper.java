package org.handdown.server.drawing;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface OutlineTagMapper {
    List<OutlineTag> all(@Param("household") UUID household);

    void put(@Param("household") UUID household, @Param("tag") OutlineTag tag);

    /** All but the newest. */
    void forget(@Param("household") UUID household, @Param("kept") int kept);
}
