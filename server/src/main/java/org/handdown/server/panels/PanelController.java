package org.handdown.server.panels;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.handdown.assembly.Layer;
import org.handdown.formats.outline.OutlineFile;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Range;
import org.handdown.measure.Wording;
import org.handdown.panel.Panel;
import org.handdown.panel.Usable;
import org.handdown.panel.reshape.Joining;
import org.handdown.panel.reshape.Reshaping;
import org.handdown.panel.reshape.StillSewn;
import org.handdown.panel.survey.Pressing;
import org.handdown.panel.survey.Survey;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.project.MeasuredPanels;
import org.handdown.project.Project;
import org.handdown.server.panels.PanelRequests.CarriedRequest;
import org.handdown.server.panels.PanelRequests.CutOutRequest;
import org.handdown.server.panels.PanelRequests.DoublingRequest;
import org.handdown.server.panels.PanelRequests.JoinRequest;
import org.handdown.server.panels.PanelRequests.LikeRequest;
import org.handdown.server.panels.PanelRequests.PressingRequest;
import org.handdown.server.panels.PanelRequests.SplitRequest;
import org.handdown.server.panels.PanelView.FigureView;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.web.NotThereException;
import org.handdown.source.Source;
import org.handdown.source.graph.Join;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a panel's cloth carries, and panels made of panels. */
@RestController
@RequestMapping("/api/projects/{id}/panels/{panel}")
class PanelController {
    private final ProjectService projects;

    PanelController(ProjectService projects) {
        this.projects = projects;
    }

    private static MeasuredPanels measured(Project project) {
        MeasuredPanels measured = project.panels();
        if (measured == null) {
            throw new NotThereException("There are no panels yet; free the parts first.");
        }
        return measured;
    }

    private static int place(MeasuredPanels measured, String id) {
        int at = measured.surveys().stream().map(Survey::id).toList().indexOf(id);
        if (at < 0) {
            throw new NotThereException(Wording.fill("There is no panel called “%s”.", id));
        }
        return at;
    }

    private StoredProject survey(ProjectAt at, String panel, String what, UnaryOperator<Survey> change) {
        return projects.edit(at, what, project -> {
            MeasuredPanels measured = measured(project);
            List<Survey> surveys = new ArrayList<>(measured.surveys());
            int place = place(measured, panel);
            Survey changed = change.apply(surveys.get(place));
            Source source = project.source();
            if (source != null) {
                // Drawn once here, so that a refusal names what was just told.
                changed.panel(source.cloth());
            }
            surveys.set(place, changed);
            return project.withPanels(measured.with(surveys));
        });
    }

    private LengthUnit unit(ProjectOf of) {
        return Say.to(projects.project(of)).unit();
    }

    @PutMapping("/carried")
    StoredProject carry(ProjectAt at, @PathVariable("panel") String panel, @RequestBody CarriedRequest body) {
        LengthUnit unit = unit(at.of());
        return survey(at, panel, "what a panel carries", s -> s.withCarried(body.toCarried(s.carried(), unit)));
    }

    /** Cloth that was measured lying double, and how it lies now; both states are kept. */
    @PutMapping("/fold")
    StoredProject fold(ProjectAt at, @PathVariable("panel") String panel, @RequestBody DoublingRequest body) {
        return projects.edit(at, "cloth that lay double", project -> {
            MeasuredPanels measured = measured(project);
            int place = place(measured, panel);
            Panel now = panel(project, panel);
            return replaced(
                    project,
                    place,
                    List.of(body.toSurvey(now, measured.surveys().get(place))),
                    Set.of());
        });
    }

    /** One distance before and after; the earlier size is kept. */
    @PostMapping("/pressings")
    StoredProject press(ProjectAt at, @PathVariable("panel") String panel, @RequestBody PressingRequest body) {
        LengthUnit unit = unit(at.of());
        return survey(
                at, panel, "a pressed panel", s -> s.withCarried(s.carried().withPressed(body.toPressing(unit))));
    }

    /** Back to the size before the last pressing. */
    @DeleteMapping("/pressings")
    StoredProject unpress(ProjectAt at, @PathVariable("panel") String panel) {
        return survey(at, panel, "a panel as before pressing", s -> {
            List<Pressing> pressings = s.carried().pressings();
            if (pressings.isEmpty()) {
                throw new NotThereException("This panel was not pressed since it was measured.");
            }
            return s.withCarried(s.carried().withPressings(pressings.subList(0, pressings.size() - 1)));
        });
    }

    private Panel panel(Project project, String id) {
        return projects.room(project).panels().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotThereException(Wording.fill("There is no panel called “%s”.", id)));
    }

    /** Puts others in the place of one panel; {@code gone} parts are not proposed again. */
    private static Project replaced(Project project, int at, List<? extends Survey> others, Set<String> gone) {
        MeasuredPanels measured = measured(project);
        List<Survey> surveys = new ArrayList<>(measured.surveys());
        surveys.remove(at);
        surveys.addAll(at, others);
        surveys.removeIf(s -> gone.contains(s.id()));
        Set<String> all = new HashSet<>(measured.gone());
        all.addAll(gone);
        return project.withPanels(measured.with(surveys).without(all));
    }

    @PostMapping("/copy")
    StoredProject copy(ProjectAt at, @PathVariable("panel") String panel, @RequestBody LikeRequest body) {
        return projects.edit(at, "a panel like another", project -> {
            MeasuredPanels measured = measured(project);
            Survey survey = measured.surveys().get(place(measured, panel));
            String name = Typed.text(body.name());
            TapedSurvey other = Reshaping.copied(
                    panel(project, panel), survey.layer(), Typed.id("copy.name", name), name, !body.same());
            List<Survey> surveys = new ArrayList<>(measured.surveys());
            surveys.add(asThick(other, survey));
            return project.withPanels(measured.with(surveys));
        });
    }

    @PostMapping("/split")
    StoredProject split(ProjectAt at, @PathVariable("panel") String panel, @RequestBody SplitRequest body) {
        return projects.edit(at, "a panel cut in two", project -> {
            Typed typed = new Typed(Say.to(project).unit());
            Point from = new Point(typed.signedMm("cut.x", body.x()), typed.signedMm("cut.y", body.y()));
            Point to = new Point(typed.signedMm("cut.toX", body.toX()), typed.signedMm("cut.toY", body.toY()));
            return one(project, panel, (p, s) -> Reshaping.split(p, s.layer(), from, to));
        });
    }

    @PostMapping("/cut-out")
    StoredProject cutOut(ProjectAt at, @PathVariable("panel") String panel, @RequestBody CutOutRequest body) {
        return projects.edit(
                at,
                "a piece cut out of a panel",
                project -> one(
                        project,
                        panel,
                        (p, s) -> List.of(Reshaping.without(
                                p, s.layer(), body.toRing(Say.to(project).unit())))));
    }

    /** What a panel becomes. */
    private interface Change {
        List<TapedSurvey> of(Panel panel, Survey survey);
    }

    private Project one(Project project, String panel, Change change) {
        MeasuredPanels measured = measured(project);
        int place = place(measured, panel);
        Survey survey = measured.surveys().get(place);
        return replaced(
                project,
                place,
                change.of(panel(project, panel), survey).stream()
                        .map(t -> asThick(t, survey))
                        .toList(),
                Set.of());
    }

    /** What is made of doubled cloth is as many layers thick. */
    private static TapedSurvey asThick(TapedSurvey made, Survey from) {
        return made.withCarried(made.carried().withLayers(from.lying().layers()));
    }

    @PostMapping("/join")
    StoredProject join(ProjectAt at, @PathVariable("panel") String panel, @RequestBody JoinRequest body) {
        return projects.edit(at, "panels pieced together", project -> {
            MeasuredPanels measured = measured(project);
            String other = Typed.text(body.other());
            int place = place(measured, panel);
            if (panel.equals(other)) {
                throw new org.handdown.measure.RefusedValueException(
                        "join.other", "A panel is pieced to another one, not to itself.");
            }
            place(measured, other);
            Panel one = panel(project, panel);
            Panel second = panel(project, other);
            String edge = Typed.text(body.edge());
            String otherEdge = Typed.text(body.otherEdge());
            Layer layer = measured.surveys().get(place).layer();
            TapedSurvey joined = body.sewn()
                    ? StillSewn.asOne(
                            one, edge, second, otherEdge, layer, isSeamless(project, panel, edge, other, otherEdge))
                    : Joining.joined(
                            one,
                            edge,
                            second,
                            otherEdge,
                            layer,
                            new Typed(Say.to(project).unit()).mm("join.allowance", body.allowance()));
            return replaced(project, place, List.of(joined), Set.of(other));
        });
    }

    private static boolean isSeamless(Project project, String panel, String edge, String other, String otherEdge) {
        List<Join.Run> both = List.of(new Join.Run(panel, edge), new Join.Run(other, otherEdge));
        return Stream.ofNullable(project.source())
                .flatMap(s -> s.construction().anatomy().joins().stream())
                .anyMatch(j -> j.isSeamless() && j.runs().containsAll(both));
    }

    /** What the panel is good for, with strips of a width asked for. */
    @GetMapping("/usable")
    List<FigureView> usable(ProjectOf of, @PathVariable("panel") String panel, @RequestParam("width") String width) {
        Project project = projects.project(of);
        Say say = Say.to(project);
        double mm = new Range(2, 2000)
                .require("width", new Typed(say.unit()).length("width", width))
                .mm();
        return new TapeViews(say, project.practice()).usable(Usable.of(panel(project, panel), mm), mm);
    }

    /** The cloth's edge as a drawing at true size. */
    @GetMapping("/outline.{kind:svg|dxf}")
    ResponseEntity<byte[]> outline(
            ProjectOf of, @PathVariable("panel") String panel, @PathVariable("kind") String kind) {
        Panel drawn = panel(projects.project(of), panel);
        boolean isSvg = kind.equals("svg");
        String text =
                isSvg ? OutlineFile.svg(drawn.name(), Reshaping.cloth(drawn)) : OutlineFile.dxf(Reshaping.cloth(drawn));
        return ResponseEntity.ok()
                .contentType(isSvg ? new MediaType("image", "svg+xml") : new MediaType("image", "vnd.dxf"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(panel + "." + kind)
                                .build()
                                .toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
