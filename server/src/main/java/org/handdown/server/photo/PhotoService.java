package org.handdown.server.photo;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.handdown.formats.photo.FlatPhoto;
import org.handdown.formats.photo.KnownSheet;
import org.handdown.formats.photo.Photo;
import org.handdown.formats.photo.PhotoTracing;
import org.handdown.formats.photo.SheetFinder;
import org.handdown.formats.photo.SimulatedCamera;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Panel;
import org.handdown.server.photo.PhotoMapper.PhotoRow;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.web.NotThereException;
import org.springframework.stereotype.Service;

/** Photos of a project, and what is read off them. Pictures are worked on one at a time: each fills a good part of the memory. */
@Service
class PhotoService {
    private static final int MOST_PHOTOS = 30;

    private final PhotoMapper mapper;
    private final ProjectService projects;
    private final ObjectMapper json;
    private final Pictures pictures;

    PhotoService(PhotoMapper mapper, ProjectService projects, ObjectMapper json, Pictures pictures) {
        this.mapper = mapper;
        this.projects = projects;
        this.json = json;
        this.pictures = pictures;
    }

    /** What tells the scale, by name. */
    enum Sheet {
        MARKER,
        A4,
        LETTER,
        OWN;

        KnownSheet of(double widthMm, double heightMm) {
            return switch (this) {
                case MARKER -> KnownSheet.MARKER;
                case A4 -> KnownSheet.A4;
                case LETTER -> KnownSheet.LETTER;
                case OWN -> new KnownSheet(widthMm, heightMm, false);
            };
        }
    }

    /** @param corners empty where the sheet was not found */
    record Stored(PhotoRow row, List<Point> corners) {}

    /** @param file read only once it is this picture's turn */
    Stored store(ProjectOf of, Supplier<byte[]> file, Sheet sheet, double widthMm, double heightMm) {
        projects.project(of);
        return pictures.alone(() -> keep(of, Photo.read(file.get()), sheet, sheet.of(widthMm, heightMm)));
    }

    /** A picture of one of the project's panels from the simulated camera. */
    Stored simulated(ProjectOf of, String panel, Sheet sheet, double tiltDeg, int table, boolean striped) {
        Panel shown = projects.room(projects.project(of)).panels().stream()
                .filter(p -> p.id().equals(panel))
                .findFirst()
                .orElseThrow(() -> new NotThereException("There is no such panel to take a picture of."));
        SimulatedCamera.Scene scene = new SimulatedCamera.Scene(
                shown.stitchLine(),
                Integer.parseInt(shown.cloth().colour().substring(1), 16),
                table,
                striped ? table : -1,
                sheet.of(300, 300),
                tiltDeg,
                35,
                0.008,
                2.5,
                true,
                7);
        return pictures.alone(
                () -> keep(of, SimulatedCamera.take(scene, 2800, 2100).photo(), sheet, scene.sheet()));
    }

    private Stored keep(ProjectOf of, Photo photo, Sheet sheet, KnownSheet known) {
        List<Point> corners =
                SheetFinder.find(photo, known).map(SheetFinder.Found::corners).orElse(List.of());
        while (mapper.count(of.household(), of.id()) >= MOST_PHOTOS) {
            mapper.deleteOldest(of.household(), of.id());
        }
        PhotoRow row = new PhotoRow(
                UUID.randomUUID(),
                photo.width(),
                photo.height(),
                sheet.name(),
                known.widthMm(),
                known.heightMm(),
                text(corners));
        mapper.insert(of.household(), of.id(), row, Pictures.jpeg(photo.toImage()));
        return new Stored(row, corners);
    }

    Stored find(ProjectOf of, UUID id) {
        PhotoRow row = mapper.find(of.household(), of.id(), id)
                .orElseThrow(() -> new NotThereException("That photo is no longer here; take it again."));
        return new Stored(row, points(row.corners()));
    }

    private Photo picture(ProjectOf of, UUID id) {
        return Photo.read(mapper.picture(of.household(), of.id(), id)
                .orElseThrow(() -> new NotThereException("That photo is no longer here; take it again."))
                .picture());
    }

    /** As a JPEG of up to 1600 pixels, or a square of the full picture about a place. */
    byte[] shown(ProjectOf of, UUID id) {
        return pictures.alone(
                () -> Pictures.jpeg(Pictures.smaller(picture(of, id).toImage())));
    }

    byte[] full(ProjectOf of, UUID id) {
        return mapper.picture(of.household(), of.id(), id)
                .orElseThrow(() -> new NotThereException("That photo is no longer here; take it again."))
                .picture();
    }

    byte[] flat(ProjectOf of, UUID id) {
        return pictures.alone(() -> {
            Stored stored = find(of, id);
            Photo photo = picture(of, id);
            SheetFinder.Found sheet = sheet(photo, stored);
            return Pictures.jpeg(FlatPhoto.of(photo, sheet.view()).toPhoto().toImage());
        });
    }

    /** The sheet where its corners are known: found again where nobody moved them, for then the lens is told best. */
    private static SheetFinder.Found sheet(Photo photo, Stored stored) {
        if (stored.corners.size() != 4) {
            throw new RefusedValueException("corners", "Put the four corners on the sheet's corners first.");
        }
        KnownSheet known = Sheet.valueOf(stored.row.sheet()).of(stored.row.sheetWidthMm(), stored.row.sheetHeightMm());
        Optional<SheetFinder.Found> found = SheetFinder.find(photo, known);
        boolean untouched = found.isPresent()
                && stored.corners.stream()
                        .allMatch(c -> found.get().corners().stream().anyMatch(f -> f.distanceMm(c) < 2));
        return untouched ? found.get() : SheetFinder.byCorners(photo, stored.corners, known);
    }

    /** What was traced, with the corners as a person left them; they are kept for the picture brought square. */
    PhotoTracing trace(
            ProjectOf of,
            UUID id,
            List<Point> corners,
            Sheet sheet,
            double widthMm,
            double heightMm,
            double toleranceMm) {
        Stored before = find(of, id);
        KnownSheet known = sheet.of(widthMm, heightMm);
        for (Point c : corners) {
            if (!(c.x() >= -50
                    && c.y() >= -50
                    && c.x() <= before.row.width() + 50
                    && c.y() <= before.row.height() + 50)) {
                throw new RefusedValueException("corners", "A corner lies outside the picture.");
            }
        }
        PhotoRow row = new PhotoRow(
                id,
                before.row.width(),
                before.row.height(),
                sheet.name(),
                known.widthMm(),
                known.heightMm(),
                text(corners));
        return pictures.alone(() -> {
            Photo photo = picture(of, id);
            SheetFinder.Found found = sheet(photo, new Stored(row, corners));
            mapper.setSheet(of.household(), of.id(), row);
            return PhotoTracing.of(photo, found, known, toleranceMm);
        });
    }

    private String text(List<Point> corners) {
        try {
            return json.writeValueAsString(
                    corners.stream().map(c -> new double[] {c.x(), c.y()}).toList());
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    private List<Point> points(String text) {
        try {
            return json.readValue(text, new TypeReference<List<double[]>>() {}).stream()
                    .map(c -> new Point(c[0], c[1]))
                    .toList();
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }
}
