package org.handdown.server.unpick;

import java.util.HashMap;
import java.util.Map;
import org.handdown.measure.LengthUnit;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.web.NotThereException;
import org.handdown.source.graph.Join;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.Stretches;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is opened, join by join. */
@RestController
@RequestMapping("/api/projects/{id}")
class JoinController {
    private final ProjectService projects;

    JoinController(ProjectService projects) {
        this.projects = projects;
    }

    private static LengthUnit unit(Project project) {
        Aim aim = project.aim();
        return aim == null ? LengthUnit.CM : aim.unit();
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
}
