package org.handdown.server.stash;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.handdown.geometry.Region;
import org.handdown.idea.Offered;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Brought;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Typed;
import org.handdown.server.web.NotThereException;
import org.handdown.shopping.Item;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.stash.Hold;
import org.handdown.stash.Sheet;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashThing;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What of a stash a garment could be cut from, for those who ask what it could become. */
@Service
public class StashSources {
    /** From less hardly anything is made; two of them together are tried all the same. */
    private static final double LEAST_MM2 = 100_000;

    private final StashService stash;
    private final HoldService holds;
    private final ProjectService projects;
    private final StashStock stock;

    StashSources(StashService stash, HoldService holds, ProjectService projects, StashStock stock) {
        this.stock = stock;
        this.stash = stash;
        this.holds = holds;
        this.projects = projects;
    }

    /**
     * Something to cut from.
     *
     * @param offered as it would be taken alone
     * @param areaMm2 of its cloth, about
     */
    public record Named(UUID id, StashItem item, double amount, Offered offered, double areaMm2) {
        public String name() {
            return item.thing().name();
        }

        private Brought in(Project project, PieceCloth... roles) {
            return new BroughtThing(id.toString(), item, amount).in(project, Set.of(roles));
        }
    }

    /** Whatever nobody has a claim on, garments before flat cloth, the newest of each first. */
    @Transactional(readOnly = true)
    public List<Named> free(UUID household) {
        List<StashService.Kept> all = new ArrayList<>(stash.garments(household));
        all.addAll(stash.flat(household));
        List<Named> free = new ArrayList<>();
        for (StashService.Kept kept : all) {
            if (kept.free() > 0) {
                offer(kept, free);
            }
        }
        return free;
    }

    /** What cannot be cut from, because too little is left of it or its measures make no shape, is not offered. */
    private static void offer(StashService.Kept kept, List<Named> free) {
        try {
            Named named = named(kept);
            if (named.areaMm2 > LEAST_MM2) {
                free.add(named);
            }
        } catch (RefusedValueException e) {
            // It says so where it lies.
        }
    }

    private static Named named(StashService.Kept kept) {
        StashItem item = kept.item();
        double amount = kept.free() > 0 ? kept.free() : item.thing().stock().amount();
        UUID id = kept.row().id();
        double area = Sheet.of(item.thing()).stream()
                .mapToDouble(s -> Region.of(s.outline()).areaMm2())
                .sum();
        boolean isMeasured = item.thing() instanceof StashThing.ByTheMetre;
        double share = isMeasured ? amount / item.thing().stock().amount() : 1;
        return new Named(id, item, amount, offered(id, item, amount), area * share);
    }

    private static Offered offered(UUID id, StashItem item, double amount) {
        if (item.thing() instanceof StashThing.Garment g) {
            return Offered.of(g.source());
        }
        Brought flat =
                new BroughtThing(id.toString(), item, amount).in(Project.named("offered"), Set.of(PieceCloth.SHELL));
        return new Offered(null, List.of(flat), item.tag().missed());
    }

    /** @throws NotThereException for what is no cloth of this stash */
    @Transactional(readOnly = true)
    public Named require(UUID household, UUID id) {
        StashService.Kept kept = stash.require(household, id);
        if (Sheet.of(kept.item().thing()).isEmpty()) {
            throw new NotThereException("There is no such source in this stash.");
        }
        return named(kept);
    }

    /** Two together: the second may be cut to whatever the first is, and to what should differ. */
    public Offered both(Named one, Named other) {
        Project first = one.offered.in(Project.named("offered"));
        List<Brought> beside = new ArrayList<>(one.offered.beside());
        beside.add(other.in(first, PieceCloth.SHELL, PieceCloth.CONTRAST));
        Assessment.Missed missed = one.offered.missed().compareTo(other.offered.missed()) > 0
                ? one.offered.missed()
                : other.offered.missed();
        return new Offered(one.offered.source(), beside, missed);
    }

    /** A garment as it was described, not in the stash yet. */
    public static Source described(Typed typed, ThingRequests.ThingRequest thing) {
        return thing.toSource(typed);
    }

    /**
     * A project begun with things that are in it already; all are reserved for it, or it is not begun.
     *
     * @param takes what it asks for beside its cloth: of that, what is at hand is reserved too
     */
    @Transactional
    public UUID begin(UUID household, UUID thing, @Nullable UUID other, Project project, List<Item> takes) {
        holds.requireFree(household, thing);
        if (other != null) {
            holds.requireFree(household, other);
        }
        UUID begun = projects.begin(household, project, "what the stash could become");
        if (project.source() != null) {
            holds.hold(household, thing, begun, Hold.RESERVED, 0);
        }
        stock.reserve(new ProjectOf(household, begun), takes);
        return begun;
    }
}
