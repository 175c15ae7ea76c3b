package org.handdown.server.project;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.LegSurvey;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.project.TrouserSource;
import org.handdown.project.Workroom;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.project.StationRequests.AimRequest;
import org.handdown.server.project.StationRequests.PanelRequest;
import org.handdown.server.project.StationRequests.SourceRequest;
import org.handdown.server.web.NotThereException;
import org.handdown.unpick.JoinDecision;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Settling the stations of a project. */
@RestController
@RequestMapping("/api/projects/{id}")
class StationController {
    private final ProjectService projects;
    private final Clock clock;

    StationController(ProjectService projects, Clock clock) {
        this.projects = projects;
        this.clock = clock;
    }

    private static LengthUnit unit(Project project) {
        Aim aim = project.aim();
        return aim == null ? LengthUnit.CM : aim.unit();
    }

    private ProjectView edit(HouseholdUser user, UUID id, long version, String what, UnaryOperator<Project> change) {
        return ProjectViews.of(projects.edit(user.householdId(), id, version, what, change));
    }

    @PutMapping("/aim")
    ProjectView aim(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @RequestParam("version") long version,
            @RequestBody AimRequest body) {
        Aim aim = body.toAim();
        return edit(user, id, version, "the aim", project -> {
            Project aimed = project.withAim(aim);
            return project.pieces() == null ? new Workroom(aimed).redoPieces() : aimed;
        });
    }

    @PutMapping("/source")
    ProjectView source(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @RequestParam("version") long version,
            @RequestBody SourceRequest body) {
        return edit(user, id, version, "the source", project -> {
            TrouserSource source = body.toSource(unit(project));
            return project.withSource(source);
        });
    }

    record DecisionRequest(@Nullable JoinDecision decision) {}

    @PutMapping("/joins/{join}")
    ProjectView decide(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("join") String join,
            @RequestParam("version") long version,
            @RequestBody DecisionRequest body) {
        JoinDecision decision = Typed.require("decision", body.decision);
        return edit(user, id, version, "a join", project -> {
            boolean known = new Workroom(project)
                    .anatomy().stream().flatMap(a -> a.joins().stream()).anyMatch(j -> j.id().equals(join));
            if (!known) {
                throw new NotThereException("This source has no such join.");
            }
            Map<String, JoinDecision> decisions = new HashMap<>(project.decisions());
            decisions.put(join, decision);
            return project.withDecisions(decisions);
        });
    }

    @PutMapping("/panels/{panel}")
    ProjectView panel(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("panel") String panel,
            @RequestParam("version") long version,
            @RequestBody PanelRequest body) {
        return edit(user, id, version, "a panel", project -> {
            Project.MeasuredPanels panels = project.panels();
            if (panels == null || panels.surveys().stream().noneMatch(s -> s.id().equals(panel))) {
                throw new NotThereException("There is no such panel yet; free the leg first.");
            }
            List<LegSurvey> surveys = new ArrayList<>();
            for (LegSurvey survey : panels.surveys()) {
                surveys.add(survey.id().equals(panel) ? body.toSurvey(survey, unit(project)) : survey);
            }
            return project.withPanels(new Project.MeasuredPanels(panels.measures(), panels.decisions(), surveys));
        });
    }

    /** Panels proposed anew from the source and what was decided for its joins. */
    @PostMapping("/panels/redo")
    ProjectView redoPanels(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @RequestParam("version") long version) {
        return edit(user, id, version, "panels proposed anew", project -> new Workroom(project).redoPanels());
    }

    /** Pieces drafted anew from the aim. */
    @PostMapping("/pieces/redo")
    ProjectView redoPieces(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @RequestParam("version") long version) {
        return edit(user, id, version, "pieces drafted anew", project -> new Workroom(project).redoPieces());
    }

    record DoneRequest(boolean done, @Nullable Double minutes) {}

    @PutMapping("/steps/{step}")
    ProjectView done(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("step") String step,
            @RequestParam("version") long version,
            @RequestBody DoneRequest body) {
        Double minutes = body.minutes;
        if (minutes != null && !(minutes >= 0 && minutes <= 10_000)) {
            throw new RefusedValueException("minutes", "must be from 0 to 10 000.");
        }
        return edit(user, id, version, "a step", project -> {
            if (new Workroom(project).steps().stream().noneMatch(s -> s.id().equals(step))) {
                throw new NotThereException("There is no such step.");
            }
            Map<String, Project.Done> done = new HashMap<>(project.done());
            done.remove(step);
            if (body.done) {
                done.put(step, new Project.Done(clock.instant().truncatedTo(ChronoUnit.SECONDS), minutes));
            }
            return project.withDone(done);
        });
    }

    record NoteRequest(@Nullable String text) {}

    @PostMapping("/notes")
    ProjectView note(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @RequestParam("version") long version,
            @RequestBody NoteRequest body) {
        Project.Note note = new Project.Note(clock.instant().truncatedTo(ChronoUnit.SECONDS), Typed.text(body.text));
        return edit(user, id, version, "a note", project -> {
            List<Project.Note> notes = new ArrayList<>(project.log());
            notes.add(0, note);
            return project.withLog(notes);
        });
    }

    @DeleteMapping("/notes/{index}")
    ProjectView forget(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @PathVariable("index") int index,
            @RequestParam("version") long version) {
        return edit(user, id, version, "a note taken out", project -> {
            if (index < 0 || index >= project.log().size()) {
                throw new NotThereException("There is no such note.");
            }
            List<Project.Note> notes = new ArrayList<>(project.log());
            notes.remove(index);
            return project.withLog(notes);
        });
    }
}
