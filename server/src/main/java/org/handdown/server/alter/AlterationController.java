package org.handdown.server.alter;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.alter.stack.Alteration;
import org.handdown.alter.stack.AlterationKind;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.alter.stack.Ask;
import org.handdown.alter.stack.GarmentNow;
import org.handdown.alter.stack.Pin;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Changes of a garment that stays sewn: made, changed, moved, taken back. */
@RestController
@RequestMapping("/api/projects/{id}/alterations")
class AlterationController {
    private static final String WHAT = "a change of the garment";

    private final ProjectService projects;

    AlterationController(ProjectService projects) {
        this.projects = projects;
    }

    record NewAlterationRequest(@Nullable AlterationKind kind) {}

    /** One more at the end, with what can be proposed of it. */
    @PostMapping
    StoredProject add(ProjectAt at, @RequestBody NewAlterationRequest body) {
        AlterationKind kind = Typed.require("kind", body.kind);
        return projects.edit(at, WHAT, project -> {
            GarmentNow now = stack(project).after();
            Map<String, String> picks = new HashMap<>();
            for (Ask ask : kind.asks()) {
                List<Ask.Option> options = kind.options(ask, now);
                if (ask.type() != Ask.Type.CHOICE && !options.isEmpty()) {
                    picks.put(ask.id(), kind.proposed(ask, now, options).value());
                }
            }
            List<Alteration> all = new ArrayList<>(project.alterations());
            all.add(new Alteration(AlterationStack.freeId(all), kind, picks, Map.of(), List.of()));
            return project.withAlterations(all);
        });
    }

    private AlterationStack stack(Project project) {
        return projects.room(project)
                .altered()
                .orElseThrow(() -> new RefusedValueException(
                        "kind", "Say at Aim that the source itself is altered, and what it is at Source."));
    }

    record SeamPinRequest(@Nullable String at, @Nullable String depth) {}

    /**
     * @param picks what was chosen, by what was asked
     * @param figures lengths as typed; an empty one goes back to what is proposed
     */
    record AlterationRequest(
            @Nullable Map<String, String> picks,
            @Nullable Map<String, String> figures,
            @Nullable List<SeamPinRequest> pins) {
        Alteration toAlteration(Alteration old, Typed typed) {
            Map<String, String> chosen = new HashMap<>(old.picks());
            if (picks != null) {
                chosen.putAll(picks);
            }
            Map<String, Double> lengths = new HashMap<>(old.figures());
            if (figures != null) {
                figures.forEach((id, text) -> {
                    if (Typed.text(text).isEmpty()) {
                        lengths.remove(id);
                    } else {
                        lengths.put(id, typed.signedMm("figures." + id, text));
                    }
                });
            }
            List<Pin> pinned = pins == null
                    ? old.pins()
                    : pins.stream()
                            .map(p -> new Pin(typed.mm("pins.at", p.at), typed.signedMm("pins.depth", p.depth)))
                            .toList();
            return new Alteration(old.id(), old.kind(), chosen, lengths, pinned);
        }
    }

    @PutMapping("/{alteration}")
    StoredProject change(
            ProjectAt at, @PathVariable("alteration") String alteration, @RequestBody AlterationRequest body) {
        return projects.edit(at, WHAT, project -> {
            int place = place(project, alteration);
            List<Alteration> all = new ArrayList<>(project.alterations());
            Alteration old = all.get(place);
            Alteration other = body.toAlteration(old, new Typed(Say.to(project).unit()));
            all.set(place, other);
            Project changed = project.withAlterations(all);
            boolean isSamePlace = old.picks().equals(other.picks());
            RefusedValueException refusal = stack(changed).steps().get(place).refusal();
            if (isSamePlace && refusal != null && isOfAFigure(refusal)) {
                throw refusal;
            }
            return changed;
        });
    }

    /** A figure that cannot be is refused at its field; a place where it cannot be is kept and says so. */
    private static boolean isOfAFigure(RefusedValueException refusal) {
        return refusal.field().startsWith("figures") || refusal.field().startsWith("pins");
    }

    private static int place(Project project, String id) {
        for (int i = 0; i < project.alterations().size(); i++) {
            if (project.alterations().get(i).id().equals(id)) {
                return i;
            }
        }
        throw new NotThereException("There is no such change of the garment.");
    }

    @DeleteMapping("/{alteration}")
    StoredProject takeBack(ProjectAt at, @PathVariable("alteration") String alteration) {
        return projects.edit(at, "a change taken back", project -> {
            List<Alteration> all = new ArrayList<>(project.alterations());
            all.remove(place(project, alteration));
            return project.withAlterations(all);
        });
    }

    record AlterationMoveRequest(int to) {}

    /** To another place among them, counted from 0. */
    @PostMapping("/{alteration}/place")
    StoredProject move(
            ProjectAt at, @PathVariable("alteration") String alteration, @RequestBody AlterationMoveRequest body) {
        return projects.edit(at, "the order of changes", project -> {
            List<Alteration> all = new ArrayList<>(project.alterations());
            Alteration moved = all.remove(place(project, alteration));
            all.add(Math.max(0, Math.min(all.size(), body.to)), moved);
            return project.withAlterations(all);
        });
    }
}
