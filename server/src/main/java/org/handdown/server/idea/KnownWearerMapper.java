package org.handdown.server.idea;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** For whom a household has made things. */
@Mapper
interface KnownWearerMapper {
    /** The aims of its projects as they stand, the newest first. */
    List<String> aims(@Param("household") UUID household, @Param("most") int most);
}
