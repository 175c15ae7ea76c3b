package org.handdown.server.project;

import java.util.List;
import org.handdown.formats.project.ProjectJson;
import org.handdown.project.Project;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.web.Ceiling;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/projects")
class ProjectController {
    private final ProjectService projects;
    private final ProjectHistory history;
    private final Ceiling ceiling;

    ProjectController(ProjectService projects, ProjectHistory history, Ceiling ceiling) {
        this.projects = projects;
        this.history = history;
        this.ceiling = ceiling;
    }

    record TitleView(String id, String name, String updatedAt, List<String> settled) {}

    record NewProject(@Nullable String name) {}

    record CreatedView(String id) {}

    @GetMapping
    List<TitleView> list(@AuthenticationPrincipal HouseholdUser user) {
        return projects.list(user.householdId()).stream()
                .map(t ->
                        new TitleView(t.id().toString(), t.name(), t.updatedAt().toString(), List.of()))
                .toList();
    }

    /** What was thrown away and can still be taken back. */
    @GetMapping("/thrown-away")
    List<TitleView> thrownAway(@AuthenticationPrincipal HouseholdUser user) {
        return projects.listThrownAway(user.householdId()).stream()
                .map(t ->
                        new TitleView(t.id().toString(), t.name(), t.updatedAt().toString(), List.of()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CreatedView create(@AuthenticationPrincipal HouseholdUser user, @RequestBody NewProject body) {
        Project project = Project.named(Typed.text(body.name));
        return new CreatedView(
                projects.begin(user.householdId(), project, "new project").toString());
    }

    /** The body is a project file as exported. */
    @PostMapping(path = "/import", consumes = "application/json")
    @ResponseStatus(HttpStatus.CREATED)
    CreatedView importProject(@AuthenticationPrincipal HouseholdUser user, @RequestBody String file) {
        Project sound = ceiling.under(Ceiling.PATIENT_MILLIS, () -> projects.requireSound(file));
        return new CreatedView(
                projects.create(user.householdId(), sound, "import").toString());
    }

    @GetMapping("/{id}")
    StoredProject view(ProjectOf of) {
        return projects.require(of);
    }

    @GetMapping(path = "/{id}/file", produces = "application/json")
    String file(ProjectOf of) {
        return ProjectJson.indented(projects.document(of));
    }

    /** States that the project was in, the newest first: for going back where it cannot be opened as it is. */
    @GetMapping("/{id}/states")
    List<ProjectHistory.State> states(ProjectOf of) {
        return history.states(of);
    }

    @PostMapping("/{id}/states/{seq}")
    StoredProject goTo(ProjectOf of, @PathVariable("seq") long seq) {
        return history.goTo(of, seq);
    }

    @PostMapping("/{id}/undo")
    StoredProject undo(ProjectAt at) {
        return history.undo(at);
    }

    @PostMapping("/{id}/redo")
    StoredProject redo(ProjectAt at) {
        return history.redo(at);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void throwAway(ProjectOf of) {
        projects.throwAway(of);
    }

    @PostMapping("/{id}/take-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(ProjectOf of) {
        projects.takeBack(of);
    }
}
