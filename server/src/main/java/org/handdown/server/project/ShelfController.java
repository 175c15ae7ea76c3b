package org.handdown.server.project;

import java.util.List;
import org.handdown.server.account.HouseholdUser;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The projects of a household side by side, and what is done with a whole one. */
@RestController
@RequestMapping("/api/projects")
class ShelfController {
    private final ProjectShelf shelf;

    ShelfController(ProjectShelf shelf) {
        this.shelf = shelf;
    }

    /** @param glance null where it is to be asked for */
    record StandingView(
            String id,
            String name,
            long version,
            String updatedAt,
            boolean aside,
            @Nullable GlanceView glance) {}

    record ShelfPageView(List<StandingView> projects, int count) {}

    /** A page of them, the one last worked on first. */
    @GetMapping("/shelf")
    ShelfPageView page(
            @AuthenticationPrincipal HouseholdUser user,
            @RequestParam(name = "text", defaultValue = "") String text,
            @RequestParam(name = "aside", defaultValue = "false") boolean aside,
            @RequestParam(name = "from", defaultValue = "0") int from) {
        ProjectShelf.Page page = shelf.page(user.householdId(), Typed.text(text), aside, from);
        return new ShelfPageView(
                page.standing().stream()
                        .map(s -> new StandingView(
                                s.row().id().toString(),
                                s.row().name(),
                                s.row().version(),
                                s.row().updatedAt().toString(),
                                s.row().aside(),
                                s.glance()))
                        .toList(),
                page.count());
    }

    /** For a project that none was kept of. */
    @PostMapping("/{id}/glance")
    GlanceView glance(ProjectOf of) {
        return shelf.glance(of);
    }

    @PutMapping("/{id}/name")
    StoredProject rename(ProjectAt at, @RequestBody ProjectController.NewProject body) {
        return shelf.rename(at, Typed.text(body.name()));
    }

    /** The same plan once more, to be changed; nothing of it is done. */
    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    ProjectController.CreatedView copy(ProjectOf of, @RequestBody ProjectController.NewProject body) {
        return new ProjectController.CreatedView(
                shelf.copy(of, Typed.text(body.name())).toString());
    }

    record AsideRequest(boolean aside) {}

    @PutMapping("/{id}/set-aside")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setAside(ProjectOf of, @RequestBody AsideRequest body) {
        shelf.setAside(of, body.aside());
    }
}
