package org.handdown.server.table;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PracticeMapper {
    /** @param figure by the name of its constant */
    record FigureRow(String figure, double value, String typed) {}

    List<FigureRow> own(@Param("household") UUID household);

    void clear(@Param("household") UUID household, @Param("figure") String figure);

    void insert(@Param("household") UUID household, @Param("row") FigureRow row);
}
