package org.handdown.server.project;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthUnit;
import org.handdown.panel.Flaw;
import org.handdown.panel.PinAdjustment;
import org.handdown.panel.Survey;
import org.handdown.panel.TapeMethod;
import org.handdown.panel.TapedSurvey;
import org.handdown.panel.TwoPins;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.project.TapeRequests.TapeRequest;
import org.handdown.server.web.NotThereException;
import org.handdown.source.Layer;
import org.handdown.source.Source;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Panels measured with a tape on the cloth. */
@RestController
@RequestMapping("/api")
class TapeController {
    private final ProjectService projects;

    TapeController(ProjectService projects) {
        this.projects = projects;
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
            List<double[]> pins) {}

    /** The outline that these figures draw, and what they say about each other; nothing is stored. */
    @PostMapping("/tape/draw")
    DrawnView draw(@RequestParam(name = "unit", defaultValue = "CM") LengthUnit unit, @RequestBody TapeRequest body) {
        Say say = new Say(unit);
        TapeMethod method = body.toMethod(unit);
        body.finishes(unit);
        Outline outline = method.outline();
        List<double[]> points = new ArrayList<>();
        List<String> residuals = new ArrayList<>();
        List<EllipseView> ellipses = new ArrayList<>();
        List<double[]> pins = new ArrayList<>();
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
                Say.points(outline.flattened().ring().points()),
                Say.area(outline.flattened().ring().areaMm2()),
                say.length(method.toleranceMm()),
                method.findings().stream().map(say::sentence).toList(),
                points,
                residuals,
                ellipses,
                pins);
    }

    private static Project.MeasuredPanels measured(Project project) {
        Project.MeasuredPanels measured = project.panels();
        Source source = project.source();
        if (source == null) {
            throw new NotThereException("Say first what the source is.");
        }
        return measured == null
                ? new Project.MeasuredPanels(source.construction(), project.opening(), List.of())
                : measured;
    }

    /** A panel as taped: one that was proposed is replaced, one of another name comes beside them. Flaws marked on it stay. */
    @PutMapping("/projects/{id}/panels/{panel}/taped")
    ProjectView tape(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("panel") String panel,
            @RequestParam("version") long version,
            @RequestBody TapeRequest body) {
        return ProjectViews.of(projects.edit(user.householdId(), id, version, "a taped panel", project -> {
            LengthUnit unit = Say.to(project).unit();
            Project.MeasuredPanels now = measured(project);
            List<Survey> surveys = new ArrayList<>(now.surveys());
            int at = surveys.stream().map(Survey::id).toList().indexOf(panel);
            Survey before = at < 0 ? null : surveys.get(at);
            String name = Typed.text(body.name());
            Survey taped = new TapedSurvey(
                    before == null ? Typed.id("tape.name", name.isEmpty() ? panel : name) : before.id(),
                    before != null && name.isEmpty() ? before.name() : name,
                    before == null ? Layer.SHELL : before.layer(),
                    body.toMethod(unit),
                    body.finishes(unit),
                    before == null ? List.<Flaw>of() : before.flaws());
            if (at < 0) {
                surveys.add(taped);
            } else {
                surveys.set(at, taped);
            }
            return project.withPanels(new Project.MeasuredPanels(now.construction(), now.opening(), surveys));
        }));
    }

    /** Back to what the source's measures propose; a panel that the source does not have goes. */
    @DeleteMapping("/projects/{id}/panels/{panel}/taped")
    ProjectView untape(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("panel") String panel,
            @RequestParam("version") long version) {
        return ProjectViews.of(projects.edit(user.householdId(), id, version, "a panel as proposed", project -> {
            Project.MeasuredPanels now = measured(project);
            List<Survey> others =
                    now.surveys().stream().filter(s -> !s.id().equals(panel)).toList();
            if (others.size() == now.surveys().size()) {
                throw new NotThereException("There is no such panel.");
            }
            return new Workroom(
                            project.withPanels(new Project.MeasuredPanels(now.construction(), now.opening(), others)))
                    .redoPanels();
        }));
    }
}
