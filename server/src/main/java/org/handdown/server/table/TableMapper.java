package org.handdown.server.table;

import java.util.Set;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.handdown.make.Tool;

@Mapper
interface TableMapper {
    Set<Tool> missing(@Param("household") UUID household);

    void clear(@Param("household") UUID household);

    void insert(@Param("household") UUID household, @Param("tool") Tool tool);
}
