package org.handdown.server.project;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.survey.Survey;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.project.SourceRequests.AdjustmentRequest;
import org.handdown.server.project.SourceRequests.SourceRequest;
import org.handdown.server.project.StationRequests.AimRequest;
import org.handdown.server.project.StationRequests.PanelRequest;
import org.handdown.server.web.AskedIn;
import org.handdown.server.web.NotThereException;
import org.handdown.source.Adjustment;
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.source.graph.Join;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.Stretches;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
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

    @PutMapping("/aim")
    StoredProject aim(ProjectAt at, @RequestBody AimRequest body) {
        LocalDate today = LocalDate.now(clock);
        return projects.edit(at, "the aim", project -> {
            if (body.unit() != null) {
                AskedIn.unit(body.unit());
            }
            List<BodyMeasure> asked = Workroom.measures(Typed.text(body.draft()), project.pieces());
            Aim aim = body.toAim(project.aim(), asked, today);
            Project aimed = project.withAim(aim);
            return project.pieces() == null ? projects.room(aimed).redoPieces() : aimed;
        });
    }

    @PutMapping("/source")
    StoredProject source(ProjectAt at, @RequestBody SourceRequest body) {
        return projects.edit(at, "the source", project -> {
            Source source = body.toSource(unit(project), project.source());
            Source before = project.source();
            // Joins of another kind of source mean nothing any more.
            boolean other = before != null && before.kind() != source.kind();
            return (other ? project.withOpening(Project.Opening.NONE) : project).withSource(source);
        });
    }

    @PostMapping("/source/adjustments")
    StoredProject adjust(ProjectAt at, @RequestBody AdjustmentRequest body) {
        return projects.edit(at, "how the source is built", project -> {
            List<Adjustment> all =
                    new ArrayList<>(source(project).construction().adjustments());
            all.add(body.toAdjustment(unit(project), all.size()));
            return adjusted(project, all);
        });
    }

    @DeleteMapping("/source/adjustments/{index}")
    StoredProject unadjust(ProjectAt at, @PathVariable("index") int index) {
        return projects.edit(at, "how the source is built", project -> {
            List<Adjustment> all =
                    new ArrayList<>(source(project).construction().adjustments());
            if (index < 0 || index >= all.size()) {
                throw new NotThereException("There is no such adjustment.");
            }
            all.remove(index);
            return adjusted(project, all);
        });
    }

    private static Project adjusted(Project project, List<Adjustment> adjustments) {
        Source s = source(project);
        Construction construction = new Construction(s.measures(), adjustments);
        construction.anatomy();
        return project.withSource(s.withConstruction(construction));
    }

    /** @param conditions of keepers, by their ids; only those named change */
    record AssessmentRequest(
            Assessment.@Nullable Missed missed,
            @Nullable String wantedBy,
            @Nullable Map<String, Assessment.Condition> conditions,
            @Nullable Origin measured) {}

    @PutMapping("/source/assessment")
    StoredProject assess(ProjectAt at, @RequestBody AssessmentRequest body) {
        return projects.edit(at, "what the source is worth", project -> {
            Source source = source(project);
            Assessment before = source.assessment();
            Map<String, Assessment.Condition> conditions = new HashMap<>(before.conditions());
            if (body.conditions != null) {
                conditions.putAll(body.conditions);
            }
            return project.withSource(source.withAssessment(new Assessment(
                    body.missed == null ? before.missed() : body.missed,
                    body.wantedBy == null ? before.wantedBy() : date(body.wantedBy),
                    conditions,
                    body.measured == null ? before.measured() : body.measured,
                    before.proposed())));
        });
    }

    private static @Nullable LocalDate date(String text) {
        if (text.isBlank()) {
            return null;
        }
        try {
            return LocalDate.parse(text.strip());
        } catch (DateTimeParseException e) {
            throw new RefusedValueException("source.wantedBy", "is no date; write it as 2026-03-01.");
        }
    }

    private static Source source(Project project) {
        Source source = project.source();
        if (source == null) {
            throw new NotThereException("Say first what the source is.");
        }
        return source;
    }

    /** @param from and to: where only a stretch of it is opened; both empty for the whole join */
    record DecisionRequest(
            @Nullable JoinDecision decision,
            @Nullable String from,
            @Nullable String to) {}

    @PutMapping("/joins/{join}")
    StoredProject decide(ProjectAt at, @PathVariable("join") String join, @RequestBody DecisionRequest body) {
        JoinDecision decision = Typed.require("decision", body.decision);
        return projects.edit(at, "a join", project -> {
            Map<String, JoinDecision> joins = new HashMap<>(project.opening().joins());
            joins.put(join, decision);
            Map<String, Stretches> stretches = new HashMap<>(project.opening().stretches());
            stretches.remove(join);
            Join known = join(project, join);
            if (decision == JoinDecision.UNPICK && !(Typed.text(body.from) + Typed.text(body.to)).isEmpty()) {
                Typed typed = new Typed(unit(project));
                Stretches stretch = Stretches.of(typed.mm("stretch.from", body.from), typed.mm("stretch.to", body.to));
                stretches.put(join, stretch.requireOn(known));
            }
            return project.withOpening(new Project.Opening(joins, stretches));
        });
    }

    private Join join(Project project, String id) {
        return projects.room(project).anatomy().stream()
                .flatMap(a -> a.joins().stream())
                .filter(j -> j.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotThereException("This source has no such join."));
    }

    record PlanRequest(@Nullable Map<String, JoinDecision> joins) {}

    /** Decides about many joins at once; those that are not named stay as they are. */
    @PutMapping("/joins")
    StoredProject decideAll(ProjectAt at, @RequestBody PlanRequest body) {
        Map<String, JoinDecision> asked = Typed.require("joins", body.joins);
        return projects.edit(at, "which joins to open", project -> {
            asked.keySet().forEach(j -> join(project, j));
            Map<String, JoinDecision> joins = new HashMap<>(project.opening().joins());
            joins.putAll(asked);
            Map<String, Stretches> stretches = new HashMap<>(project.opening().stretches());
            stretches.keySet().removeAll(asked.keySet());
            return project.withOpening(new Project.Opening(joins, stretches));
        });
    }

    @PutMapping("/panels/{panel}")
    StoredProject panel(ProjectAt at, @PathVariable("panel") String panel, @RequestBody PanelRequest body) {
        return projects.edit(at, "a panel", project -> {
            Project.MeasuredPanels panels = project.panels();
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
    @PostMapping("/panels/redo")
    StoredProject redoPanels(ProjectAt at) {
        return projects.edit(
                at, "panels proposed anew", project -> projects.room(project).redoPanels());
    }

    /** The household's figures of common practice as they are now. */
    @PostMapping("/practice")
    StoredProject takeOverPractice(ProjectAt at) {
        return projects.takeOverPractice(at);
    }

    /** Pieces drafted anew from the aim. */
    @PostMapping("/pieces/redo")
    StoredProject redoPieces(ProjectAt at) {
        return projects.edit(
                at, "pieces drafted anew", project -> projects.room(project).redoPieces());
    }

    record DoneRequest(boolean done, @Nullable Double minutes) {}

    @PutMapping("/steps/{step}")
    StoredProject done(ProjectAt at, @PathVariable("step") String step, @RequestBody DoneRequest body) {
        Double minutes = body.minutes;
        if (minutes != null && !(minutes >= 0 && minutes <= 10_000)) {
            throw new RefusedValueException("minutes", "must be from 0 to 10 000.");
        }
        return projects.edit(at, "a step", project -> {
            if (projects.room(project).steps().stream().noneMatch(s -> s.id().equals(step))) {
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
    StoredProject note(ProjectAt at, @RequestBody NoteRequest body) {
        Project.Note note = new Project.Note(clock.instant().truncatedTo(ChronoUnit.SECONDS), Typed.text(body.text));
        return projects.edit(at, "a note", project -> {
            List<Project.Note> notes = new ArrayList<>(project.log());
            notes.add(0, note);
            return project.withLog(notes);
        });
    }

    @DeleteMapping("/notes/{index}")
    StoredProject forget(ProjectAt at, @PathVariable("index") int index) {
        return projects.edit(at, "a note taken out", project -> {
            if (index < 0 || index >= project.log().size()) {
                throw new NotThereException("There is no such note.");
            }
            List<Project.Note> notes = new ArrayList<>(project.log());
            notes.remove(index);
            return project.withLog(notes);
        });
    }
}
