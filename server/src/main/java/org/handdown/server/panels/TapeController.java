package org.handdown.server.panels;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.handdown.assembly.Layer;
import org.handdown.formats.outline.Drawing;
import org.handdown.formats.outline.DrawingFile;
import org.handdown.formats.outline.DrawingUnit;
import org.handdown.formats.outline.FoundOutline;
import org.handdown.formats.project.ProjectJson;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Usable;
import org.handdown.panel.survey.Carried;
import org.handdown.panel.survey.Doubled;
import org.handdown.panel.survey.OutlineMethod;
import org.handdown.panel.survey.PinAdjustment;
import org.handdown.panel.survey.ShapeByMeasures;
import org.handdown.panel.survey.Survey;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.panel.survey.TwoPins;
import org.handdown.project.MeasuredPanels;
import org.handdown.project.Project;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.panels.PanelView.FigureView;
import org.handdown.server.panels.TapeRequests.TapeRequest;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.table.PracticeService;
import org.handdown.server.web.AskedIn;
import org.handdown.server.web.Ceiling;
import org.handdown.server.web.NotThereException;
import org.handdown.source.Source;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Panels measured with a tape on the cloth. */
@RestController
@RequestMapping("/api")
class TapeController {
    private final ProjectService projects;
    private final PracticeService practice;
    private final Ceiling ceiling;

    TapeController(ProjectService projects, PracticeService practice, Ceiling ceiling) {
        this.projects = projects;
        this.practice = practice;
        this.ceiling = ceiling;
    }

    record EllipseView(double longMm, double shortMm, double directionDeg) {}

    /**
     * @param points as adjusted, in the order they were walked; empty where nothing was adjusted
     * @param residuals what each point's figures moved by, as text, the largest
     */
    record DrawnView(
            List<double[]> outline,
            String area,
            String tolerance,
            List<String> findings,
            List<double[]> points,
            List<String> residuals,
            List<EllipseView> ellipses,
            List<double[]> pins,
            List<TapeLineView> tapes,
            List<DrawnEdgeView> edges,
            List<FigureView> usable) {}

    /** Where the tape lies for a measure of a ready shape, and what it shows. */
    record TapeLineView(String id, List<double[]> line, String text) {}

    record DrawnEdgeView(String name, String length, List<double[]> points) {}

    /** The outline that these figures draw, and what they say about each other; nothing is stored. */
    @PostMapping("/tape/draw")
    DrawnView draw(
            @AuthenticationPrincipal HouseholdUser user,
            @RequestParam(name = "unit", defaultValue = "CM") LengthUnit unit,
            @RequestBody TapeRequest body) {
        AskedIn.unit(unit);
        Practice now = practice.of(user.householdId());
        return ceiling.under(() -> drawn(new Say(unit), now, unit, body));
    }

    private static DrawnView drawn(Say say, Practice practice, LengthUnit unit, TapeRequest body) {
        OutlineMethod method = body.toMethod(unit);
        body.finishes(unit);
        Outline outline = method.outline();
        List<double[]> points = new ArrayList<>();
        List<String> residuals = new ArrayList<>();
        List<EllipseView> ellipses = new ArrayList<>();
        List<double[]> pins = new ArrayList<>();
        List<TapeLineView> tapes = new ArrayList<>();
        if (method instanceof ShapeByMeasures shape) {
            shape.tapes()
                    .forEach((measure, t) ->
                            tapes.add(new TapeLineView(measure, Say.points(t.along()), say.length(t.mm()))));
        }
        if (method instanceof TwoPins two) {
            PinAdjustment adjusted = two.adjustment();
            points = Say.points(adjusted.points());
            for (int i = 0; i < adjusted.points().size(); i++) {
                int point = i;
                double most = adjusted.residuals().stream()
                        .filter(r -> r.point() == point)
                        .mapToDouble(r -> Math.abs(r.mm()))
                        .max()
                        .orElse(0);
                residuals.add(say.length(most));
                PinAdjustment.Ellipse e = adjusted.ellipses().get(i);
                ellipses.add(new EllipseView(e.longMm(), e.shortMm(), e.directionDeg()));
            }
            pins = Say.points(List.of(new Point(0, 0), new Point(0, two.apartMm())));
        }
        return new DrawnView(
                Say.points(outline.ring().points()),
                Say.area(outline.ring().areaMm2()),
                say.length(method.toleranceMm(practice.toleranceMm(Origin.TAPE))),
                method.findings().stream().map(say::sentence).toList(),
                points,
                residuals,
                ellipses,
                pins,
                tapes,
                FoundView.edges(outline, say),
                new TapeViews(say, practice).usable(Usable.of(Region.of(outline.ring()), TapeViews.STRIP_MM)));
    }

    private static MeasuredPanels measured(Project project) {
        MeasuredPanels measured = project.panels();
        Source source = project.source();
        if (source == null) {
            throw new NotThereException("Say first what the source is.");
        }
        return measured == null ? new MeasuredPanels(source.construction(), project.opening(), List.of()) : measured;
    }

    /** A panel as taped: one that was proposed is replaced, one of another name comes beside them. Flaws marked on it stay. */
    @PutMapping("/projects/{id}/panels/{panel}/taped")
    StoredProject tape(ProjectAt at, @PathVariable("panel") String panel, @RequestBody TapeRequest body) {
        return projects.edit(at, "a taped panel", project -> {
            LengthUnit unit = Say.to(project).unit();
            MeasuredPanels now = measured(project);
            List<Survey> surveys = new ArrayList<>(now.surveys());
            int place = surveys.stream().map(Survey::id).toList().indexOf(panel);
            Survey before = place < 0 ? null : surveys.get(place);
            String name = Typed.text(body.name());
            OutlineMethod measuredNow = body.toMethod(unit);
            // Measured anew, it still is the cloth that lay double.
            OutlineMethod method = before instanceof TapedSurvey taped && taped.method() instanceof Doubled d
                    ? d.measuredAs(measuredNow)
                    : measuredNow;
            Carried carried =
                    before == null ? Carried.NOTHING : before.carried().on(method.outline());
            Survey taped = new TapedSurvey(
                    before == null ? Typed.id("tape.name", name.isEmpty() ? panel : name) : before.id(),
                    before != null && name.isEmpty() ? before.name() : name,
                    before != null ? before.layer() : body.layer() == null ? Layer.SHELL : body.layer(),
                    method,
                    body.finishes(unit),
                    carried);
            if (place < 0) {
                surveys.add(taped);
            } else {
                surveys.set(place, taped);
            }
            return project.withPanels(now.with(surveys));
        });
    }

    /** Back to what the source's measures propose; a panel that the source does not have goes. */
    @DeleteMapping("/projects/{id}/panels/{panel}/taped")
    StoredProject untape(ProjectAt at, @PathVariable("panel") String panel) {
        return projects.edit(at, "a panel as proposed", project -> {
            MeasuredPanels now = measured(project);
            List<Survey> others =
                    now.surveys().stream().filter(s -> !s.id().equals(panel)).toList();
            if (others.size() == now.surveys().size()) {
                throw new NotThereException("There is no such panel.");
            }
            // What was pieced to it is proposed again as well.
            return projects.room(project.withPanels(now.with(others).without(Set.of())))
                    .redoPanels();
        });
    }

    /**
     * Reads an SVG or DXF drawing, or the pieces of another project's file; nothing is stored.
     *
     * @param one what one unit of the drawing is; without it the drawing is believed
     */
    @PostMapping(path = "/tape/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    FoundView.Drawn file(
            @RequestParam(name = "unit", defaultValue = "CM") LengthUnit unit,
            @RequestParam(name = "one", required = false) @Nullable DrawingUnit one,
            @RequestParam("drawing") MultipartFile drawing)
            throws IOException {
        AskedIn.unit(unit);
        Say say = new Say(unit);
        byte[] bytes = drawing.getBytes();
        return ceiling.under(() -> {
            Drawing read = isProject(drawing.getOriginalFilename(), bytes)
                    ? pieces(ProjectJson.read(new String(bytes, StandardCharsets.UTF_8)))
                    : DrawingFile.read(bytes, one);
            return FoundView.Drawn.of(read, say);
        });
    }

    /** By its content; what is called a project's file is read as one, so that it is said what is wrong with it. */
    private static boolean isProject(@Nullable String name, byte[] bytes) {
        return DrawingFile.isJson(bytes)
                && (name == null || !name.toLowerCase(Locale.ROOT).endsWith(".svg"));
    }

    /** The stitch lines of another project's pieces. */
    private Drawing pieces(Project project) {
        return projects.room(project)
                .design()
                .map(d -> new Drawing(
                        d.pieces().stream()
                                .map(p -> new FoundOutline(p.name(), p.name(), p.stitchLine(), List.of()))
                                .toList(),
                        List.of("These are the stitch lines of its pieces.")))
                .orElseThrow(() -> new RefusedValueException("drawing", "That project holds no pieces yet."));
    }
}
