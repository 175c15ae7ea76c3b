package org.handdown.idea;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.project.Brought;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Part;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.LeastOpening;
import org.handdown.unpick.UnpickPlan;

/** Every source of a project taken apart on paper, as far as an idea wants it, its parts measured as they were drawn. */
final class Opened {
    private Opened() {}

    /** The project with panels of all its sources. */
    static Project of(Project project, Idea.Opening opening) {
        Project all = project.source() == null ? project : inHand(project, opening);
        for (Brought b : project.cloths().brought()) {
            if (b instanceof Brought.OtherSource) {
                all = inHand(all.turnedTo(b.id()), opening).turnedBack();
            }
        }
        return all;
    }

    private static Project inHand(Project project, Idea.Opening opening) {
        Project opened = project.withOpening(
                new Project.Opening(opening == Idea.Opening.ALL ? all(project) : leastWork(project), Map.of()));
        return new Workroom(opened).redoPanels();
    }

    private static Map<String, JoinDecision> all(Project project) {
        Map<String, JoinDecision> joins = new HashMap<>();
        new Workroom(project)
                .anatomy().orElseThrow().joins().stream()
                        .filter(j -> !j.finishedEdge())
                        .forEach(j -> joins.put(j.id(), j.isSeamless() ? JoinDecision.LEAVE : JoinDecision.UNPICK));
        Workroom room = new Workroom(project.withOpening(new Project.Opening(joins, Map.of())));
        boolean isFlat = room.flatParts().size()
                == room.anatomy().orElseThrow().mainParts().size();
        if (!isFlat) {
            // Whole cloth is cut only where a part stays a tube without it.
            joins.replaceAll((join, was) -> JoinDecision.UNPICK);
        }
        return joins;
    }

    /** What has to be opened so that every main part lies flat; finished edges stay. */
    private static Map<String, JoinDecision> leastWork(Project project) {
        Workroom room = new Workroom(project);
        Anatomy anatomy = room.anatomy().orElseThrow();
        UnpickPlan closed = room.plan().orElseThrow();
        Map<String, Double> minutes = new HashMap<>();
        anatomy.joins().forEach(j -> minutes.put(j.id(), closed.minutes(j, JoinDecision.UNPICK)));
        Set<String> parts = anatomy.mainParts().stream().map(Part::id).collect(Collectors.toSet());
        List<LeastOpening.Answer> least =
                new LeastOpening(anatomy, new LeastOpening.Want(parts, Set.of(), Set.of()), minutes).best(1);
        Map<String, JoinDecision> joins = new HashMap<>();
        anatomy.joins().stream().filter(j -> !j.finishedEdge()).forEach(j -> joins.put(j.id(), JoinDecision.LEAVE));
        if (least.isEmpty()) {
            joins.replaceAll((join, was) -> JoinDecision.UNPICK);
        } else {
            least.get(0).open().forEach(j -> joins.put(j, JoinDecision.UNPICK));
        }
        return joins;
    }
}
