package org.handdown.server.aim;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.aim.AimRequests.AimRequest;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.wearer.Wearers;
import org.handdown.server.wearer.Wearers.Known;
import org.handdown.server.web.AskedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is aimed at, and for whom. */
@RestController
@RequestMapping("/api/projects/{id}")
class AimController {
    private final ProjectService projects;
    private final Wearers wearers;
    private final Clock clock;

    AimController(ProjectService projects, Wearers wearers, Clock clock) {
        this.projects = projects;
        this.wearers = wearers;
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
            Aim aim = body.toAim(before(at, project.aim(), Typed.text(body.wearer())), asked, today);
            Project aimed = project.withAim(aim);
            return project.pieces() == null ? projects.room(aimed).redoPieces() : aimed;
        });
    }

    /** Whom the household knows comes with their own measures; another name for somebody unknown is the same person, better spelt. */
    private @Nullable Wearer before(ProjectAt at, @Nullable Aim aim, String name) {
        Wearer now = wearer(aim);
        if (name.isEmpty() || (now != null && wearers.areOne(at.of().household(), now.name(), name))) {
            return now;
        }
        return wearers.named(at.of().household(), name).map(Known::wearer).orElse(now);
    }

    private static @Nullable Wearer wearer(@Nullable Aim aim) {
        return aim == null ? null : aim.wearer();
    }
}
