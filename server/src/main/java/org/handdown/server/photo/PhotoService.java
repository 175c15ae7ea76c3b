package org.handdown.server.photo;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
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
import org.handdown.server.web.BusyException;
import org.handdown.server.web.NotThereException;
import org.springframework.stereotype.Service;

/** Photos of a project, and what is read off them. Pictures are worked on one at a time: each fills a good part of the memory. */
@Service
class PhotoService {
    private static final int MOST_PHOTOS = 30;
    private static final float QUALITY = 0.92f;
    private static final int SHOWN_PX = 1600;
    private static final int LONGEST_WAIT_SECONDS = 4;

    private final PhotoMapper mapper;
    private final ProjectService projects;
    private final ObjectMapper json;
    private final Semaphore oneAtATime = new Semaphore(1, true);

    PhotoService(PhotoMapper mapper, ProjectService projects, ObjectMapper json) {
        this.mapper = mapper;
        this.projects = projects;
        this.json = json;
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
        return alone(() -> keep(of, Photo.read(file.get()), sheet, sheet.of(widthMm, heightMm)));
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
        return alone(() -> keep(of, SimulatedCamera.take(scene, 2800, 2100).photo(), sheet, scene.sheet()));
    }

    /** One picture at a time; who waits longer than people do is told so, and holds nothing meanwhile. */
    private <T> T alone(Supplier<T> work) {
        try {
            if (!oneAtATime.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
                throw new BusyException(
                        "Other pictures are being worked on. Nothing was stored; try again in a few seconds.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException("The program is stopping. Nothing was stored; try again in a few seconds.");
        }
        try {
            return work.get();
        } finally {
            oneAtATime.release();
        }
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
        mapper.insert(of.household(), of.id(), row, jpeg(photo.toImage()));
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
        return alone(() -> jpeg(smaller(picture(of, id).toImage())));
    }

    byte[] full(ProjectOf of, UUID id) {
        return mapper.picture(of.household(), of.id(), id)
                .orElseThrow(() -> new NotThereException("That photo is no longer here; take it again."))
                .picture();
    }

    byte[] flat(ProjectOf of, UUID id) {
        return alone(() -> {
            Stored stored = find(of, id);
            Photo photo = picture(of, id);
            SheetFinder.Found sheet = sheet(photo, stored);
            return jpeg(FlatPhoto.of(photo, sheet.view()).toPhoto().toImage());
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
        return alone(() -> {
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

    private static BufferedImage smaller(BufferedImage image) {
        double scale = (double) SHOWN_PX / Math.max(image.getWidth(), image.getHeight());
        if (scale >= 1) {
            return image;
        }
        int w = (int) Math.round(image.getWidth() * scale);
        int h = (int) Math.round(image.getHeight() * scale);
        BufferedImage small = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(image, 0, 0, w, h, null);
        g.dispose();
        return small;
    }

    private static byte[] jpeg(BufferedImage image) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
