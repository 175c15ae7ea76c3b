package org.handdown.server.make;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.StoredProject;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The order of work, checked off. */
@RestController
@RequestMapping("/api/projects/{id}")
class StepController {
    private final ProjectService projects;
    private final Clock clock;

    StepController(ProjectService projects, Clock clock) {
        this.projects = projects;
        this.clock = clock;
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

    /** The household's figures of common practice as they are now. */
    @PostMapping("/practice")
    StoredProject takeOverPractice(ProjectAt at) {
        return projects.takeOverPractice(at);
    }
}
