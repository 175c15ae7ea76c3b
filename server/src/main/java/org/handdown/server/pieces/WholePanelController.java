package org.handdown.server.pieces;

import java.util.ArrayList;
import java.util.List;
import org.handdown.lay.ClothRoles;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Panel;
import org.handdown.pattern.Piece;
import org.handdown.pattern.WholePanels;
import org.handdown.project.Aim;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Panels that are pieces as they are. */
@RestController
@RequestMapping("/api/projects/{id}/whole-panels")
class WholePanelController {
    private final ProjectService projects;

    WholePanelController(ProjectService projects) {
        this.projects = projects;
    }

    /** @param turned upside down: the lower end becomes the waist */
    record WholeRequest(@Nullable List<String> panels, boolean turned) {}

    /** @param wedge in degrees; negative where the sides close downwards */
    record GoreView(String name, String upper, String lower, String length, double wedge) {}

    record WholeView(List<GoreView> gores, List<String> sentences) {}

    /** @param id that it has among the panels of all sources */
    record WholeChoiceView(String id, String name) {}

    /** Panels of all sources, any of which can be taken whole with any other. */
    @GetMapping
    List<WholeChoiceView> choices(ProjectOf of) {
        return projects.room(projects.project(of).turnedBack()).allPanels().stream()
                .map(p -> new WholeChoiceView(p.id(), p.name()))
                .toList();
    }

    /** What they measure, alone and together; nothing is stored. */
    @PostMapping("/figures")
    WholeView figures(ProjectOf of, @RequestBody WholeRequest body) {
        Project project = projects.project(of);
        WholePanels whole = whole(project, body);
        Say say = Say.to(project);
        Aim aim = project.aim();
        return new WholeView(
                whole.gores().stream()
                        .map(g -> new GoreView(
                                g.panel().name(),
                                say.length(g.upperMm()),
                                say.length(g.lowerMm()),
                                say.length(g.longMm()),
                                Math.round(10 * g.wedgeDeg()) / 10.0))
                        .toList(),
                whole.sentences(aim == null ? null : aim.wearer()).stream()
                        .map(say::sentence)
                        .toList());
    }

    /** Each becomes a piece of the pattern; one that was taken before is taken as it is now. */
    @PostMapping
    StoredProject take(ProjectAt at, @RequestBody WholeRequest body) {
        return projects.edit(at, "panels taken whole", project -> {
            PatternPieces now = PatternPieces.of(project);
            ClothRoles roles = projects.room(project).roles();
            List<Piece> pieces = new ArrayList<>(now.own());
            for (Piece piece : whole(project, body).pieces(roles::roleOf)) {
                pieces.removeIf(p -> p.id().equals(piece.id()));
                pieces.add(piece);
            }
            return project.withPieces(now.withOwn(pieces));
        });
    }

    private WholePanels whole(Project project, WholeRequest body) {
        Workroom room = projects.room(project.turnedBack());
        List<String> wanted = body.panels == null ? List.of() : body.panels;
        List<Panel> chosen = new ArrayList<>();
        for (String id : wanted) {
            chosen.add(room.allPanels().stream()
                    .filter(p -> p.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> new RefusedValueException("panels", "One of them is no panel any more.")));
        }
        return WholePanels.of(chosen.stream().distinct().toList(), body.turned);
    }
}
