package org.handdown.server.log;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The log of a project. */
@RestController
@RequestMapping("/api/projects/{id}")
class NoteController {
    private final ProjectService projects;
    private final Clock clock;

    NoteController(ProjectService projects, Clock clock) {
        this.projects = projects;
        this.clock = clock;
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
