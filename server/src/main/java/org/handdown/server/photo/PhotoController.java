package org.handdown.server.photo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.handdown.formats.photo.FlatPhoto;
import org.handdown.formats.photo.PhotoTracing;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.server.photo.PhotoService.Sheet;
import org.handdown.server.photo.PhotoService.Stored;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MultipartFile;

/** Photos of panels: taken, corrected, traced. */
@RestController
@RequestMapping("/api/projects/{id}/photos")
class PhotoController {
    private static final double USUAL_MM = 500;

    private final PhotoService photos;
    private final ProjectService projects;

    PhotoController(PhotoService photos, ProjectService projects) {
        this.photos = photos;
        this.projects = projects;
    }

    /** @param corners of the sheet in the picture, pixels; empty where it was not found */
    record PhotoView(
            String id,
            int width,
            int height,
            Sheet sheet,
            String sheetWidth,
            String sheetHeight,
            List<double[]> corners) {}

    private Say say(ProjectOf of) {
        return Say.to(projects.project(of));
    }

    private static PhotoView view(Stored stored, Say say) {
        return new PhotoView(
                stored.row().id().toString(),
                stored.row().width(),
                stored.row().height(),
                Sheet.valueOf(stored.row().sheet()),
                say.length(stored.row().sheetWidthMm()),
                say.length(stored.row().sheetHeightMm()),
                Say.points(stored.corners()));
    }

    private static double mm(Typed typed, String field, @Nullable String text, Sheet sheet) {
        return sheet == Sheet.OWN ? typed.mm(field, text) : USUAL_MM;
    }

    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    PhotoView upload(
            ProjectOf of,
            @RequestParam("photo") MultipartFile photo,
            @RequestParam("sheet") Sheet sheet,
            @RequestParam(name = "width", defaultValue = "") String width,
            @RequestParam(name = "height", defaultValue = "") String height) {
        Say say = say(of);
        Typed typed = new Typed(say.unit());
        return view(
                photos.store(
                        of,
                        () -> bytes(photo),
                        sheet,
                        mm(typed, "sheet.width", width, sheet),
                        mm(typed, "sheet.height", height, sheet)),
                say);
    }

    /** @param tilt of the simulated camera, degrees; {@code table} its colour as #rrggbb; striped as the table, to see it refuse */
    record CameraRequest(
            @Nullable String panel,
            @Nullable Sheet sheet,
            double tilt,
            @Nullable String table,
            boolean striped) {}

    @PostMapping("/simulated")
    @ResponseStatus(HttpStatus.CREATED)
    PhotoView simulated(ProjectOf of, @RequestBody CameraRequest body) {
        String table = Typed.text(body.table);
        if (!(body.tilt >= 0 && body.tilt <= 35)) {
            throw new RefusedValueException("camera.tilt", "The camera is tilted by 0 to 35 degrees.");
        }
        if (!table.isEmpty() && !table.matches("#[0-9a-fA-F]{6}")) {
            throw new RefusedValueException(
                    "camera.table", Wording.fill("“%s” is no colour; write it as #d9cbb2.", table));
        }
        return view(
                photos.simulated(
                        of,
                        Typed.text(body.panel),
                        body.sheet == null ? Sheet.MARKER : body.sheet,
                        body.tilt,
                        table.isEmpty() ? 0xd9cbb2 : Integer.parseInt(table.substring(1), 16),
                        body.striped),
                say(of));
    }

    @GetMapping("/{photo}")
    PhotoView find(ProjectOf of, @PathVariable("photo") UUID photo) {
        return view(photos.find(of, photo), say(of));
    }

    private static byte[] bytes(MultipartFile file) {
        try {
            return file.getBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A picture that the browser has already is neither read nor worked out again. */
    private static @Nullable ResponseEntity<byte[]> jpeg(WebRequest request, String mark, Supplier<byte[]> picture) {
        if (request.checkNotModified("\"" + mark + "\"")) {
            return null;
        }
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .eTag(mark)
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(picture.get());
    }

    @GetMapping("/{photo}/picture.jpg")
    @Nullable
    ResponseEntity<byte[]> picture(
            WebRequest request,
            ProjectOf of,
            @PathVariable("photo") UUID photo,
            @RequestParam(name = "full", defaultValue = "false") boolean full) {
        PhotoService.Stored stored = photos.find(of, photo);
        return jpeg(
                request,
                stored.row().id() + (full ? "-full" : "-shown"),
                () -> full ? photos.full(of, photo) : photos.shown(of, photo));
    }

    /** The picture brought square by its sheet. */
    @GetMapping("/{photo}/flat.jpg")
    @Nullable
    ResponseEntity<byte[]> flat(WebRequest request, ProjectOf of, @PathVariable("photo") UUID photo) {
        PhotoService.Stored stored = photos.find(of, photo);
        String mark = stored.row().id() + "-" + Integer.toHexString(stored.row().hashCode());
        return jpeg(request, mark, () -> photos.flat(of, photo));
    }

    /** @param tolerance how far the outline's lines and curves may be from the edge that was seen; empty for 1 mm */
    record TraceRequest(
            @Nullable List<double[]> corners,
            @Nullable Sheet sheet,
            @Nullable String width,
            @Nullable String height,
            @Nullable String tolerance) {}

    /** @param left and top: of the flat picture in the panel's frame, mm */
    record FlatView(double left, double top, double mmPerPixel, int width, int height) {}

    record TracePointView(double x, double y, boolean curve) {}

    /**
     * @param why no outline was sure, empty where one was
     * @param doubts what to look at before cutting by it
     * @param within how far the outline may be off somewhere; empty where there is none
     */
    record TraceView(List<TracePointView> points, String why, List<String> doubts, String within, FlatView flat) {}

    @PostMapping("/{photo}/trace")
    TraceView trace(ProjectOf of, @PathVariable("photo") UUID photo, @RequestBody TraceRequest body) {
        Say say = say(of);
        Typed typed = new Typed(say.unit());
        Sheet sheet = Typed.require("sheet", body.sheet);
        List<Point> corners = Typed.require("corners", body.corners).stream()
                .map(c -> {
                    if (c == null || c.length != 2 || !Double.isFinite(c[0] + c[1])) {
                        throw new RefusedValueException("corners", "A corner is two numbers.");
                    }
                    return new Point(c[0], c[1]);
                })
                .toList();
        double tolerance = Typed.text(body.tolerance).isEmpty() ? 1 : typed.mm("tolerance", body.tolerance);
        if (!(tolerance >= 0.3 && tolerance <= 10)) {
            throw new RefusedValueException(
                    "tolerance", Wording.of("The outline keeps to the edge within 0.3 to 10 mm."));
        }
        PhotoTracing traced = photos.trace(
                of,
                photo,
                corners,
                sheet,
                mm(typed, "sheet.width", body.width, sheet),
                mm(typed, "sheet.height", body.height, sheet),
                tolerance);
        FlatPhoto flat = traced.flat();
        return new TraceView(
                traced.points().stream()
                        .map(p -> new TracePointView(p.at().x(), p.at().y(), !p.corner()))
                        .toList(),
                traced.why(),
                traced.doubts().stream().map(say::sentence).toList(),
                traced.points().isEmpty() ? "" : say.outward(traced.toleranceMm()),
                new FlatView(
                        flat.left() + traced.home().x(),
                        flat.top() + traced.home().y(),
                        flat.mmPerPixel(),
                        flat.width(),
                        flat.height()));
    }
}
