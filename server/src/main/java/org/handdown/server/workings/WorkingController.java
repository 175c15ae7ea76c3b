package org.handdown.server.workings;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.handdown.alter.TakeIn;
import org.handdown.body.Passage;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Neckline;
import org.handdown.project.Aim;
import org.handdown.project.Garment;
import org.handdown.project.Project;
import org.handdown.project.TakingIn;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.web.NotThereException;
import org.handdown.server.workings.WorkingRequests.NecklineRequest;
import org.handdown.server.workings.WorkingRequests.PassageRequest;
import org.handdown.server.workings.WorkingRequests.ReadingRequest;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.Stretches;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Places that are taken in, rings that must pass the body, and necklines. */
@RestController
@RequestMapping("/api/projects/{id}")
class WorkingController {
    private final ProjectService projects;

    WorkingController(ProjectService projects) {
        this.projects = projects;
    }

    private static List<TakeIn.Reading> readings(Project project) {
        Aim aim = project.aim();
        if (aim == null || aim.garment() != Garment.TAKE_IN) {
            throw new RefusedValueException(
                    "takeIn.where", "Say at Aim first that the source itself will be taken in or shortened.");
        }
        return project.pieces() instanceof TakingIn taking ? taking.wish().readings() : List.of();
    }

    /** A place that was pinned; the same kind of reading at the same place again replaces the old one. */
    @PostMapping("/pieces/take-in")
    StoredProject takeIn(ProjectAt at, @RequestBody ReadingRequest body) {
        return projects.edit(at, "what is taken in", project -> {
            TakeIn.Reading reading = body.toReading(Say.to(project).unit());
            List<TakeIn.Reading> all = new ArrayList<>(readings(project));
            all.removeIf(r -> r.kind() == reading.kind() && r.where().equals(reading.where()));
            all.add(reading);
            return taking(project, all);
        });
    }

    /** With the readings worked out once, so that one that cannot be is refused by its own field. */
    private Project taking(Project project, List<TakeIn.Reading> readings) {
        TakeIn.Wish wish = new TakeIn.Wish(readings);
        projects.room(project).anatomy().ifPresent(a -> new TakeIn(a, wish).changes());
        return project.withPieces(new TakingIn(wish));
    }

    @DeleteMapping("/pieces/take-in/{index}")
    StoredProject leaveAsItWas(ProjectAt at, @PathVariable("index") int index) {
        return projects.edit(at, "a place left as it was", project -> {
            List<TakeIn.Reading> all = new ArrayList<>(readings(project));
            if (index < 0 || index >= all.size()) {
                throw new NotThereException("There is no such reading.");
            }
            all.remove(index);
            return taking(project, all);
        });
    }

    /** Opens just what it needs: the hems that are turned up anew. */
    @PostMapping("/pieces/take-in/openings")
    StoredProject openFor(ProjectAt at) {
        return projects.edit(at, "which joins to open", project -> {
            TakeIn takeIn = projects.room(project)
                    .takeIn()
                    .orElseThrow(() -> new NotThereException("Say first what is taken in."));
            Map<String, JoinDecision> joins = new HashMap<>(takeIn.openings());
            return project.withOpening(new Project.Opening(joins, Map.<String, Stretches>of()));
        });
    }

    @PostMapping("/workings/passages")
    StoredProject putPassage(ProjectAt at, @RequestBody PassageRequest body) {
        return projects.edit(at, "a ring to get through", project -> {
            Passage passage = body.toPassage(
                    Say.to(project).unit(), projects.room(project).sheet());
            List<Passage> all = without(project.workings().passages(), Passage::name, passage.name());
            all.add(passage);
            return project.withWorkings(
                    new Project.Workings(all, project.workings().necklines()));
        });
    }

    @DeleteMapping("/workings/passages")
    StoredProject takePassage(ProjectAt at, @RequestParam("name") String name) {
        return projects.edit(at, "a ring taken out", project -> {
            List<Passage> all = without(project.workings().passages(), Passage::name, name);
            requireLess(all, project.workings().passages());
            return project.withWorkings(
                    new Project.Workings(all, project.workings().necklines()));
        });
    }

    @PostMapping("/workings/necklines")
    StoredProject putNeckline(ProjectAt at, @RequestBody NecklineRequest body) {
        return projects.edit(at, "a neckline", project -> {
            Neckline neck = body.toNeckline(
                    Say.to(project).unit(), projects.room(project).sheet());
            List<Neckline> all = without(project.workings().necklines(), Neckline::name, neck.name());
            all.add(neck);
            return project.withWorkings(new Project.Workings(project.workings().passages(), all));
        });
    }

    @DeleteMapping("/workings/necklines")
    StoredProject takeNeckline(ProjectAt at, @RequestParam("name") String name) {
        return projects.edit(at, "a neckline taken out", project -> {
            List<Neckline> all = without(project.workings().necklines(), Neckline::name, name);
            requireLess(all, project.workings().necklines());
            return project.withWorkings(new Project.Workings(project.workings().passages(), all));
        });
    }

    private static <T> List<T> without(List<T> all, Function<T, String> naming, String name) {
        List<T> rest = new ArrayList<>(all);
        rest.removeIf(t -> naming.apply(t).equals(name));
        return rest;
    }

    private static void requireLess(List<?> rest, List<?> all) {
        if (rest.size() == all.size()) {
            throw new NotThereException("There is nothing of that name.");
        }
    }
}
