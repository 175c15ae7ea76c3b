package org.handdown.server.stash;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.UUID;
import org.handdown.server.account.HouseholdUser;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/stash/{id}/photos")
class StashPhotoController {
    private final StashPhotos photos;

    StashPhotoController(StashPhotos photos) {
        this.photos = photos;
    }

    record PhotosView(List<String> photos) {}

    @GetMapping
    PhotosView of(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        return new PhotosView(
                photos.of(user.householdId(), id).stream().map(UUID::toString).toList());
    }

    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    PhotosView add(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @RequestParam("photo") MultipartFile photo) {
        photos.add(user.householdId(), id, () -> bytes(photo));
        return of(user, id);
    }

    private static byte[] bytes(MultipartFile file) {
        try {
            return file.getBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @GetMapping(path = "/{photo}", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] picture(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("photo") UUID photo) {
        return photos.picture(user.householdId(), id, photo);
    }

    @DeleteMapping("/{photo}")
    PhotosView delete(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("photo") UUID photo) {
        photos.delete(user.householdId(), id, photo);
        return of(user, id);
    }
}
