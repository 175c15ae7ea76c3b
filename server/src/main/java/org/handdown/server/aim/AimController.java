package org.handdown.server.aim;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.aim.AimRequests.AimRequest;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.web.AskedIn;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is aimed at, and for whom. */
@RestController
@RequestMapping("/api/projects/{id}")
class AimController {
    private final ProjectService projects;
    private final Clock clock;

    AimController(ProjectService projects, Clock clock) {
        this.projects = projects;
        this.clock = clock;
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
}
