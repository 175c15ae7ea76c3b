package org.handdown.server.stash;

import java.util.ArrayList;
import java.util.List;
import org.handdown.cloth.Cloth;
import org.handdown.formats.project.StashItemJson;
import org.handdown.lay.Leftover;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Brought;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.reuse.Keeper;
import org.handdown.reuse.Losses;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.stash.ThingMapper.ReturnedRow;
import org.handdown.server.web.NotThereException;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.stash.FlatCloth;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashThing;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What comes back to the stash out of projects: remnants of their lays and keepers that nothing uses, by hand or once the cloth is cut. */
@Service
class ComeBack {
    private final ThingMapper mapper;
    private final StashService stash;

    ComeBack(ThingMapper mapper, StashService stash) {
        this.mapper = mapper;
        this.stash = stash;
    }

    /** Puts all keepers of a project that nothing uses into the stash; returns how many are new. */
    @Transactional
    int keepFree(ProjectOf of, Project project) {
        return keepOnce(of, keepers(project));
    }

    /**
     * Puts remnants of a project's lay into the stash; one that lies there already is not put there twice.
     *
     * @param which by their place in the lay; empty for all
     * @return how many are new
     */
    @Transactional
    int keepRemnants(ProjectOf of, Project project, List<Integer> which) {
        if (project.lay() == null) {
            throw new NotThereException("Nothing is laid yet; lay the pieces first.");
        }
        List<StashItem> all = remnants(project);
        List<StashItem> wanted = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (which.isEmpty() || which.contains(i)) {
                wanted.add(all.get(i));
            }
        }
        return keepOnce(of, wanted);
    }

    /** What came of a project before lies there still, or comes back with its number; only the rest is new. */
    private int keepOnce(ProjectOf of, List<StashItem> items) {
        List<ReturnedRow> before = new ArrayList<>(mapper.from(of.household(), of.id()));
        List<StashItem> fresh = new ArrayList<>();
        int kept = 0;
        for (StashItem item : items) {
            // Read back, so that it compares with what is stored.
            StashThing thing = StashItemJson.read(StashItemJson.text(item)).thing();
            ReturnedRow known =
                    before.stream().filter(r -> isOf(r, thing)).findFirst().orElse(null);
            if (known == null) {
                fresh.add(item);
            } else {
                before.remove(known);
                kept += known.gone() ? mapper.takeBack(of.household(), known.id()) : 0;
            }
        }
        stash.keepAll(of.household(), fresh, of.id());
        return kept + fresh.size();
    }

    private static boolean isOf(ReturnedRow row, StashThing thing) {
        try {
            return StashItemJson.read(row.document()).thing().equals(thing);
        } catch (RefusedValueException e) {
            // What cannot be read any more is nothing that comes back.
            return false;
        }
    }

    /** What comes of a project's own source, or of what was brought beside it: by how its id begins. */
    private static @Nullable Brought brought(Project project, String id) {
        return project.cloths().brought().stream()
                .filter(b -> id.equals(b.id()) || id.startsWith(b.prefix()))
                .findFirst()
                .orElse(null);
    }

    private static List<StashItem> keepers(Project project) {
        Workroom room = new Workroom(project);
        List<StashItem> free = new ArrayList<>();
        for (Keeper k : Losses.free(room.keepers(), room.uses())) {
            Brought of = brought(project, k.id());
            Source from = of instanceof Brought.OtherSource other ? other.source() : project.source();
            // What was loose before is the thing of the stash that it was, used or not.
            boolean isNew = !(of instanceof Brought.Loose) && k.condition() != Assessment.Condition.BROKEN;
            if (from != null && isNew && (k.count() > 0 || k.restMm() > 0)) {
                free.add(new StashItem(
                        LooseKeeper.of(k, from.cloth().name()),
                        new StashItem.Tag("", true, "", "", from.assessment().missed()),
                        descent(project, of)));
            }
        }
        return free;
    }

    private static List<StashItem> remnants(Project project) {
        Lay lay = project.lay();
        if (lay == null) {
            return List.of();
        }
        return Leftover.of(lay.problem(), lay.layout(), new Workroom(project).marked()).stream()
                .map(left -> {
                    Cloth cloth = clothOf(project, left);
                    return new StashItem(
                            new FlatCloth(shortened("remnant of " + cloth.name()), cloth, left, true),
                            new StashItem.Tag("", true, "", "", Assessment.Missed.LITTLE),
                            descent(project, brought(project, left.remnant().panel())));
                })
                .toList();
    }

    private static String descent(Project project, @Nullable Brought brought) {
        Source source = project.source();
        String of = brought != null ? brought.name() : source == null ? "" : source.name();
        return of.isEmpty() ? project.name() : of + ", through " + project.name();
    }

    /** The cloth is cut: what was promised of it is used up, and what is left over comes back by itself. */
    @Transactional
    void cut(ProjectOf of, Project project) {
        mapper.usedUp(of.household(), of.id(), List.of("RESERVED", "AT_WORK"), "USED");
        List<StashItem> back = new ArrayList<>(remnants(project));
        back.addAll(keepers(project));
        keepOnce(of, back);
    }

    /** Not cut after all: what came back goes out again, but for what somebody was promised meanwhile. */
    @Transactional
    void notCut(ProjectOf of) {
        mapper.takeOut(of.household(), of.id());
        mapper.usedUp(of.household(), of.id(), List.of("USED"), "AT_WORK");
    }

    /** What came of a project and lies in the stash. */
    @Transactional(readOnly = true)
    List<ReturnedRow> from(ProjectOf of) {
        return mapper.from(of.household(), of.id()).stream()
                .filter(r -> !r.gone())
                .toList();
    }

    /** Where all of it lies that nobody gave a place yet. */
    @Transactional
    void place(ProjectOf of, String place) {
        new StashItem.Tag(place, false, "", "", Assessment.Missed.SOME);
        mapper.place(of.household(), of.id(), place);
    }

    private static String shortened(String name) {
        return name.length() > 80 ? name.substring(0, 80) : name;
    }

    /** The whole cloth of a remnant, with what its tests told: a lay knows it by name alone. */
    private static Cloth clothOf(Project project, Leftover left) {
        return new Workroom(project)
                .cloth(left.cloth())
                .orElseThrow(() -> new NotThereException("This lay is of a cloth that is in the project no more."));
    }
}
