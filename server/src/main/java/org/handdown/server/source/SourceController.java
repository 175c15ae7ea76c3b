package org.handdown.server.source;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.source.SourceRequests.AdjustmentRequest;
import org.handdown.server.source.SourceRequests.SourceRequest;
import org.handdown.server.web.NotThereException;
import org.handdown.source.Adjustment;
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.SourceKind;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What will be taken apart, and how it is built. */
@RestController
@RequestMapping("/api")
class SourceController {
    private final ProjectService projects;

    SourceController(ProjectService projects) {
        this.projects = projects;
    }

    record KindView(SourceKind kind, String words, List<SourceView.NamedLength> measures) {}

    /** Every kind of source with what it is measured by. */
    @GetMapping("/source-kinds")
    List<KindView> kinds(@RequestParam(name = "unit", defaultValue = "CM") LengthUnit unit) {
        Say say = new Say(unit);
        return Arrays.stream(SourceKind.values())
                .map(k -> new KindView(
                        k,
                        k.words(),
                        k.measures().stream()
                                .map(s -> SourceViews.measure(
                                        s, GarmentMeasures.first(k).mm(s.id()), true, say))
                                .toList()))
                .toList();
    }

    private static LengthUnit unit(Project project) {
        Aim aim = project.aim();
        return aim == null ? LengthUnit.CM : aim.unit();
    }

    @PutMapping("/projects/{id}/source")
    StoredProject source(ProjectAt at, @RequestBody SourceRequest body) {
        return projects.edit(at, "the source", project -> {
            Source source = body.toSource(unit(project), project.source());
            Source before = project.source();
            // Joins of another kind of source mean nothing any more.
            boolean other = before != null && before.kind() != source.kind();
            return (other ? project.withOpening(Project.Opening.NONE) : project).withSource(source);
        });
    }

    @PostMapping("/projects/{id}/source/adjustments")
    StoredProject adjust(ProjectAt at, @RequestBody AdjustmentRequest body) {
        return projects.edit(at, "how the source is built", project -> {
            List<Adjustment> all =
                    new ArrayList<>(source(project).construction().adjustments());
            all.add(body.toAdjustment(unit(project), all.size()));
            return adjusted(project, all);
        });
    }

    @DeleteMapping("/projects/{id}/source/adjustments/{index}")
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

    @PutMapping("/projects/{id}/source/assessment")
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
}
