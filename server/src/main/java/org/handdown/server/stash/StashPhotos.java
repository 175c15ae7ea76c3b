package org.handdown.server.stash;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.handdown.formats.photo.Photo;
import org.handdown.measure.RefusedValueException;
import org.handdown.server.photo.Pictures;
import org.handdown.server.web.NotThereException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Photographs of things: bounded in number and size, turned upright. */
@Service
class StashPhotos {
    static final int MOST = 8;

    private final PhotoRows rows;
    private final StashService stash;
    private final Pictures pictures;

    StashPhotos(PhotoRows rows, StashService stash, Pictures pictures) {
        this.rows = rows;
        this.stash = stash;
        this.pictures = pictures;
    }

    @Mapper
    interface PhotoRows {
        @Select(
                "select id from stash_photo where household_id = #{household} and thing_id = #{thing} order by taken_at, id")
        List<UUID> of(@Param("household") UUID household, @Param("thing") UUID thing);

        @Select(
                "select picture from stash_photo where household_id = #{household} and thing_id = #{thing} and id = #{id}")
        Optional<byte[]> picture(@Param("household") UUID household, @Param("thing") UUID thing, @Param("id") UUID id);

        @Insert(
                "insert into stash_photo (id, thing_id, household_id, picture, width, height) values (#{id}, #{thing}, #{household}, #{picture}, #{width}, #{height})")
        void insert(
                @Param("household") UUID household,
                @Param("thing") UUID thing,
                @Param("id") UUID id,
                @Param("picture") byte[] picture,
                @Param("width") int width,
                @Param("height") int height);

        @Delete("delete from stash_photo where household_id = #{household} and thing_id = #{thing} and id = #{id}")
        int delete(@Param("household") UUID household, @Param("thing") UUID thing, @Param("id") UUID id);
    }

    @Transactional(readOnly = true)
    List<UUID> of(UUID household, UUID thing) {
        stash.require(household, thing);
        return rows.of(household, thing);
    }

    /** @param file read only once it is this picture's turn */
    UUID add(UUID household, UUID thing, Supplier<byte[]> file) {
        if (of(household, thing).size() >= MOST) {
            throw new RefusedValueException("photo", "Eight photographs of a thing are the most; let one go first.");
        }
        return pictures.alone(() -> {
            Photo photo = Photo.read(file.get());
            Pictures.Shown shown = pictures.shown(photo);
            UUID id = UUID.randomUUID();
            rows.insert(household, thing, id, shown.jpeg(), shown.width(), shown.height());
            return id;
        });
    }

    @Transactional(readOnly = true)
    byte[] picture(UUID household, UUID thing, UUID id) {
        return rows.picture(household, thing, id)
                .orElseThrow(() -> new NotThereException("That photograph is no longer here."));
    }

    @Transactional
    void delete(UUID household, UUID thing, UUID id) {
        if (rows.delete(household, thing, id) != 1) {
            throw new NotThereException("That photograph is no longer here.");
        }
    }
}
