package org.handdown.server.panels;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.LengthUnit;
import org.handdown.panel.survey.Survey;
import org.handdown.project.Aim;
import org.handdown.project.MeasuredPanels;
import org.handdown.project.Project;
import org.handdown.server.panels.PanelRequests.PanelRequest;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.StoredProject;
import org.handdown.server.web.NotThereException;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Panels as proposed and measured by figures. */
@RestController
@RequestMapping("/api/projects/{id}/panels")
class SurveyController {
    private final ProjectService projects;

    SurveyController(ProjectService projects) {
        this.projects = projects;
    }

    private static LengthUnit unit(Project project) {
        Aim aim = project.aim();
        return aim == null ? LengthUnit.CM : aim.unit();
    }

    @PutMapping("/{panel}")
    StoredProject panel(ProjectAt at, @PathVariable("panel") String panel, @RequestBody PanelRequest body) {
        return projects.edit(at, "a panel", project -> {
            MeasuredPanels panels = project.panels();
            if (panels == null || panels.surveys().stream().noneMatch(s -> s.id().equals(panel))) {
                throw new NotThereException("There is no such panel yet; free the part first.");
            }
            List<Survey> surveys = new ArrayList<>();
            for (Survey survey : panels.surveys()) {
                surveys.add(survey.id().equals(panel) ? body.toSurvey(survey, unit(project)) : survey);
            }
            return project.withPanels(panels.with(surveys));
        });
    }

    /** Panels proposed anew from the source and what was decided for its joins. */
    @PostMapping("/redo")
    StoredProject redoPanels(ProjectAt at) {
        return projects.edit(
                at, "panels proposed anew", project -> projects.room(project).redoPanels());
    }
}
