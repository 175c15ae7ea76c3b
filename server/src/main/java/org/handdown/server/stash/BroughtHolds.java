package org.handdown.server.stash;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.handdown.project.Brought;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ThingsBrought;
import org.handdown.server.web.NotThereException;
import org.handdown.stash.Hold;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What is brought to a project is reserved for it, and what is taken out is free again; through undo and redo. */
@Component
class BroughtHolds {
    private final HoldService holds;

    BroughtHolds(HoldService holds) {
        this.holds = holds;
    }

    @EventListener
    void brought(ThingsBrought change) {
        ProjectOf of = change.of();
        List<String> before = things(change.before());
        List<String> now = things(change.now());
        before.stream().filter(t -> !now.contains(t)).distinct().forEach(t -> release(of, t));
        for (Brought b : change.now()) {
            if (!b.thing().isEmpty() && !before.contains(b.thing())) {
                double all = change.now().stream()
                        .filter(o -> o.thing().equals(b.thing()))
                        .mapToDouble(BroughtThing::amount)
                        .sum();
                holds.hold(of.household(), UUID.fromString(b.thing()), of.id(), Hold.RESERVED, all);
            }
        }
    }

    private static List<String> things(List<Brought> brought) {
        return brought.stream().map(Brought::thing).filter(t -> !t.isEmpty()).collect(Collectors.toList());
    }

    private void release(ProjectOf of, String thing) {
        try {
            holds.release(of.household(), UUID.fromString(thing), of.id());
        } catch (NotThereException e) {
            // Somebody let go of it at the stash already.
        }
    }
}
