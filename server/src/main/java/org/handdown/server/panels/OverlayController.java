package org.handdown.server.panels;

import java.util.List;
import org.handdown.panel.Overlay;
import org.handdown.panel.Panel;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Two measured panels laid on each other; nothing is stored. */
@RestController
@RequestMapping("/api/projects/{id}/panels/{panel}")
class OverlayController {
    private final ProjectService projects;

    OverlayController(ProjectService projects) {
        this.projects = projects;
    }

    /**
     * Points [x, y] in the frame of the first panel, mm.
     *
     * @param where they are farthest from each other; null where they are alike
     */
    record OverlayView(
            List<double[]> one,
            List<double[]> other,
            List<List<double[]>> common,
            double @Nullable [] where,
            boolean alike,
            List<String> sentences) {}

    @GetMapping("/on/{other}")
    OverlayView on(ProjectOf of, @PathVariable("panel") String panel, @PathVariable("other") String other) {
        Project project = projects.project(of);
        Say say = Say.to(project);
        Overlay overlay = Overlay.of(require(project, panel), require(project, other));
        var where = overlay.where();
        return new OverlayView(
                Say.points(overlay.one().outline().ring().points()),
                Say.points(overlay.other().points()),
                overlay.common().stream().map(r -> Say.points(r.points())).toList(),
                where == null || overlay.isAlike() ? null : new double[] {where.x(), where.y()},
                overlay.isAlike(),
                overlay.sentences().stream().map(say::sentence).toList());
    }

    private Panel require(Project project, String id) {
        return projects.room(project).panels().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotThereException("There is no such panel."));
    }
}
