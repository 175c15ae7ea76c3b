package org.handdown.server.lay;

import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.handdown.fit.CopyId;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.KeptLay;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Shown;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pins that hold pieces where they lie, and several lays kept side by side. */
@RestController
@RequestMapping("/api/projects/{id}/lay")
class KeptLayController {
    private final ProjectService projects;
    private final Clock clock;

    KeptLayController(ProjectService projects, Clock clock) {
        this.projects = projects;
        this.clock = clock;
    }

    private static Lay lay(Project project) {
        Lay lay = project.lay();
        if (lay == null) {
            throw new NotThereException("Nothing is laid yet; lay the pieces first.");
        }
        return lay;
    }

    /** @param pinned whether the copy is to stay where it lies */
    record PinRequest(@Nullable String piece, int copy, boolean pinned) {}

    @PutMapping("/pins")
    StoredProject pin(ProjectAt at, @RequestBody PinRequest body) {
        String name = new CopyId(Typed.text(body.piece), body.copy).name();
        String what = body.pinned ? "a piece pinned" : "a piece unpinned";
        return projects.edit(at, what, project -> {
            Lay lay = lay(project);
            if (lay.layout().placements().stream().noneMatch(p -> p.name().equals(name))) {
                throw new RefusedValueException("piece", "does not lie anywhere; put it down first, then pin it.");
            }
            Set<String> pinned = new HashSet<>(lay.pinned());
            if (body.pinned) {
                pinned.add(name);
            } else {
                pinned.remove(name);
            }
            return project.withLay(lay.withPinned(pinned));
        });
    }

    record KeepLayRequest(@Nullable String name) {}

    /** Keeps the lay there is under a name. */
    @PostMapping("/kept")
    StoredProject keep(ProjectAt at, @RequestBody KeepLayRequest body) {
        return projects.edit(
                at,
                "a lay kept",
                project -> project.keepingLay(Typed.text(body.name).strip(), clock.instant()));
    }

    private static KeptLay kept(Project project, int index) {
        List<KeptLay> kept = project.kept();
        if (index < 0 || index >= kept.size()) {
            throw new NotThereException("That kept lay is gone.");
        }
        return kept.get(index);
    }

    @GetMapping("/kept/{index}")
    LayView show(ProjectOf of, @PathVariable("index") int index) {
        Project project = projects.project(of);
        return LayViews.alone(
                Shown.of(project, projects.room(project)), kept(project, index).lay());
    }

    /** Takes a kept lay up again, with the panels and pieces it is of; it stays among the kept ones. */
    @PutMapping("/kept/{index}")
    StoredProject takeUp(ProjectAt at, @PathVariable("index") int index) {
        return projects.edit(at, "another lay taken up", project -> project.takingUp(kept(project, index)));
    }

    @DeleteMapping("/kept/{index}")
    StoredProject letGo(ProjectAt at, @PathVariable("index") int index) {
        return projects.edit(at, "a kept lay let go", project -> {
            KeptLay gone = kept(project, index);
            return project.withKept(
                    project.kept().stream().filter(k -> k != gone).toList());
        });
    }
}
