package org.handdown.server.photo;

import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PhotoMapper {
    @SuppressWarnings("ArrayRecordComponent")
    record PictureRow(byte[] picture) {}

    /** @param corners of the sheet in the picture as a JSON list of points, empty where none are known */
    record PhotoRow(
            UUID id, int width, int height, String sheet, double sheetWidthMm, double sheetHeightMm, String corners) {}

    void insert(
            @Param("household") UUID household,
            @Param("project") UUID project,
            @Param("photo") PhotoRow photo,
            @Param("picture") byte[] picture);

    int count(@Param("household") UUID household, @Param("project") UUID project);

    Optional<PhotoRow> find(@Param("household") UUID household, @Param("project") UUID project, @Param("id") UUID id);

    Optional<PictureRow> picture(
            @Param("household") UUID household, @Param("project") UUID project, @Param("id") UUID id);

    void setSheet(@Param("household") UUID household, @Param("project") UUID project, @Param("photo") PhotoRow photo);

    void deleteOldest(@Param("household") UUID household, @Param("project") UUID project);
}
