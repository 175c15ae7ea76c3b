package org.handdown.server.wearer;

import java.util.List;
import java.util.UUID;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Person;
import org.handdown.body.Wearer;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.wearer.WearerViews.DraftedView;
import org.handdown.server.wearer.Wearers.Known;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The wearer of a project as it was drafted for them, and as they are now. */
@RestController
@RequestMapping("/api/projects/{id}/wearer")
class DraftedFor {
    private static final DraftedView NOBODY = new DraftedView(false, "", List.of());

    private final Wearers wearers;
    private final ProjectService projects;

    DraftedFor(Wearers wearers, ProjectService projects) {
        this.wearers = wearers;
        this.projects = projects;
    }

    /** What was measured since. */
    @GetMapping
    DraftedView newer(ProjectOf of) {
        Project project = projects.project(of);
        Aim aim = project.aim();
        if (aim == null) {
            return NOBODY;
        }
        Known known = wearers.named(of.household(), aim.wearer().name()).orElse(null);
        UUID id = known == null ? null : known.id();
        if (known == null || id == null) {
            return NOBODY;
        }
        return WearerViews.drafted(id, known.person().newerThan(aim.wearer(), asked(project)), Say.to(project));
    }

    private List<BodyMeasure> asked(Project project) {
        return projects.room(project).measures();
    }

    /** Drafts the project anew from what was measured since. */
    @PostMapping
    StoredProject takeOver(ProjectAt at) {
        return projects.edit(at, "newer measures", project -> {
            Aim aim = project.aim();
            if (aim == null) {
                throw new RefusedValueException(
                        "aim.wearer", "Settle the aim first; then there is somebody to measure.");
            }
            Person person = wearers.named(at.of().household(), aim.wearer().name())
                    .map(Known::person)
                    .orElseThrow(() -> new RefusedValueException(
                            "aim.wearer", "The household knows nobody of that name; measure at Aim."));
            List<BodyMeasure> asked = asked(project);
            Wearer now = person.brought(aim.wearer(), asked).proposing(asked);
            Project aimed = project.withAim(new Aim(aim.garment(), aim.draft(), aim.what(), now, aim.unit()));
            return project.pieces() == null ? projects.room(aimed).redoPieces() : aimed;
        });
    }
}
