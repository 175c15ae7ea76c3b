package org.handdown.server.stash;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.handdown.project.Brought;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectOf;
import org.handdown.shopping.AtHand;
import org.handdown.shopping.Item;
import org.handdown.stash.Hold;
import org.handdown.stash.Stock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What of a stash is free to be used, for those who ask what must be bought. */
@Service
public class StashStock {
    private final StashService stash;
    private final HoldService holds;

    StashStock(StashService stash, HoldService holds) {
        this.stash = stash;
        this.holds = holds;
    }

    /** Notions, keepers and flat cloth that nobody has a claim on, the newest first. */
    public List<AtHand.Stocked> free(UUID household) {
        return stock(stash.suppliesAndCloth(household), Map.of());
    }

    /** The same, with what this very project was promised; what lies on its table counts there, not here. */
    public List<AtHand.Stocked> free(ProjectOf of, Project project) {
        Set<String> onTable =
                project.cloths().brought().stream().map(Brought::thing).collect(Collectors.toSet());
        Map<UUID, Double> own = own(of);
        own.keySet().removeIf(thing -> onTable.contains(thing.toString()));
        return stock(stash.suppliesAndCloth(of.household()), own);
    }

    private static List<AtHand.Stocked> stock(List<StashService.Kept> all, Map<UUID, Double> own) {
        return all.stream()
                .map(k -> new AtHand.Stocked(
                        k.code(),
                        k.item().thing(),
                        k.free() + own.getOrDefault(k.row().id(), 0.0)))
                .filter(s -> s.free() > 0)
                .toList();
    }

    /** Reserves for a project what serves it of what is free, as much as it needs. */
    @Transactional
    public void reserve(ProjectOf of, List<Item> items) {
        unreserved(of, items)
                .forEach((thing, amount) -> holds.hold(of.household(), thing, of.id(), Hold.RESERVED, amount));
    }

    /** Is something at hand that the project was not promised yet? */
    public boolean isUnreserved(ProjectOf of, List<Item> items) {
        return !unreserved(of, items).isEmpty();
    }

    /** How much the project shall hold of each thing that serves it, where it holds less now. */
    private Map<UUID, Double> unreserved(ProjectOf of, List<Item> items) {
        Map<String, StashService.Kept> byCode = new HashMap<>();
        stash.suppliesAndCloth(of.household()).forEach(k -> byCode.put(k.code(), k));
        Map<StashService.Kept, Double> needed = new LinkedHashMap<>();
        for (Item item : items) {
            double wanted = item.needs();
            for (AtHand at : item.atHand()) {
                StashService.Kept kept = byCode.get(at.where());
                double some = Math.min(wanted, at.amount());
                if (kept != null && some > 0) {
                    needed.merge(kept, some, Double::sum);
                    wanted -= some;
                }
            }
        }
        Map<UUID, Double> own = own(of);
        Map<UUID, Double> wanted = new LinkedHashMap<>();
        needed.forEach((kept, some) -> {
            UUID thing = kept.row().id();
            double had = own.getOrDefault(thing, 0.0);
            double amount = Math.min(whole(kept, some), kept.free() + had);
            if (amount > had + 1e-9) {
                wanted.put(thing, amount);
            }
        });
        return wanted;
    }

    private Map<UUID, Double> own(ProjectOf of) {
        Map<UUID, Double> own = new HashMap<>();
        holds.heldBy(of.household(), of.id()).stream()
                .filter(h -> Hold.valueOf(h.hold()).binds())
                .forEach(h -> own.merge(h.thing(), h.amount(), Double::sum));
        return own;
    }

    /** Nobody takes half a button or a part of a spool. */
    private static double whole(StashService.Kept kept, double wanted) {
        Stock stock = kept.item().thing().stock();
        return switch (stock.unit()) {
            case MM, PIECES -> Math.min(Math.ceil(wanted), stock.amount());
            case WHOLE -> stock.amount();
        };
    }
}
