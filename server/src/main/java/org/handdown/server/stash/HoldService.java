package org.handdown.server.stash;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Brought;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectService;
import org.handdown.server.web.NotThereException;
import org.handdown.stash.Hold;
import org.handdown.stash.StashThing;
import org.handdown.stash.Stock;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** What projects were promised of a thing. That nothing is promised twice is held by the database; here it is told kindly. */
@Service
class HoldService {
    private static final String PROMISED = "HD409";
    private static final String GONE = "HD404";

    private final ThingMapper mapper;
    private final StashService stash;
    private final ProjectService projects;
    private final TransactionTemplate transactions;
    /** After a refusal of the database nothing more can be asked in the transaction that it refused. */
    private final TransactionTemplate apart;

    HoldService(ThingMapper mapper, StashService stash, ProjectService projects, TransactionTemplate transactions) {
        this.projects = projects;
        this.mapper = mapper;
        this.stash = stash;
        this.transactions = transactions;
        this.apart = new TransactionTemplate(java.util.Objects.requireNonNull(transactions.getTransactionManager()));
        this.apart.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    @Transactional(readOnly = true)
    List<ThingMapper.HoldRow> of(UUID household, List<UUID> things) {
        return things.isEmpty() ? List.of() : mapper.holds(household, things);
    }

    /**
     * Promises some of a thing to a project, or changes what it was promised.
     *
     * @param amount in the thing's own count; 0 for all of it that is free
     * @throws RefusedValueException with who holds it, where there is not so much
     */
    void hold(UUID household, UUID thing, UUID project, Hold hold, double amount) {
        StashService.Kept kept = stash.require(household, thing);
        Stock stock = kept.item().thing().stock();
        double own = of(household, List.of(thing)).stream()
                .filter(h ->
                        project.equals(h.project()) && Hold.valueOf(h.hold()).binds())
                .mapToDouble(ThingMapper.HoldRow::amount)
                .sum();
        double free = kept.free() + own;
        double wanted = amount > 0 ? amount : Math.max(free, hold.binds() ? 0 : stock.amount());
        if (wanted <= 0 || hold.binds() && wanted > free) {
            throw promised(household, thing, stock, free);
        }
        // Refuses half a button.
        new Stock(wanted, stock.unit());
        try {
            transactions.executeWithoutResult(s -> mapper.hold(household, thing, project, hold.name(), wanted));
        } catch (DataAccessException e) {
            switch (state(e)) {
                case PROMISED -> throw promised(household, thing, stock, free);
                case GONE -> throw new NotThereException("There is no such project, or the thing is gone.");
                default -> throw e;
            }
        }
    }

    /** What the database says of a promise that cannot be kept; another failure is nobody's promise. */
    private static String state(DataAccessException e) {
        Throwable cause = e.getMostSpecificCause();
        String state = cause instanceof SQLException sql ? sql.getSQLState() : null;
        return state == null ? "" : state;
    }

    /**
     * A project begun with a source, or with cloth that lies flat; it is reserved for it, and neither is there without the other.
     *
     * @param name empty for the thing's own
     */
    @Transactional
    UUID begin(UUID household, UUID thing, String name) {
        requireFree(household, thing);
        StashService.Kept kept = stash.require(household, thing);
        StashThing what = kept.item().thing();
        Project project = Project.named(name.isEmpty() ? what.name() : name);
        String told = "something from the stash";
        if (what instanceof StashThing.Garment g) {
            UUID begun = projects.begin(household, project.withSource(g.source()), told);
            hold(household, thing, begun, Hold.RESERVED, 0);
            return begun;
        }
        Brought flat =
                new BroughtThing(thing.toString(), kept.item(), kept.free()).in(project, Set.of(PieceCloth.SHELL));
        if (flat.cloth() == null) {
            throw new RefusedValueException("thing", "Nothing is cut from that: begin with cloth.");
        }
        return projects.begin(household, project.withCloths(project.cloths().with(flat)), told);
    }

    /** @throws RefusedValueException with who holds it */
    void requireFree(UUID household, UUID thing) {
        StashService.Kept kept = stash.require(household, thing);
        if (kept.free() <= 0) {
            throw promised(household, thing, kept.item().thing().stock(), 0);
        }
    }

    private RefusedValueException promised(UUID household, UUID thing, Stock stock, double free) {
        String who = holders(household, thing, stock);
        return new RefusedValueException(
                "hold.amount",
                Wording.fill(
                        "%s of it is free; %s. Let go of it there first, or take less.",
                        free > 0 ? stock.words(free) : "Nothing", who.isEmpty() ? "there is no more" : who));
    }

    private String holders(UUID household, UUID thing, Stock stock) {
        List<ThingMapper.HoldRow> all = apart.execute(s -> of(household, List.of(thing)));
        return java.util.Objects.requireNonNull(all).stream()
                .filter(h -> Hold.valueOf(h.hold()).binds())
                .map(h -> Wording.fill(
                        "%s %s for “%s”",
                        stock.unit() == Stock.Unit.WHOLE ? "it is" : stock.words(h.amount()),
                        Hold.valueOf(h.hold()).words(),
                        h.name()))
                .collect(Collectors.joining(", "));
    }

    @Transactional(readOnly = true)
    List<ThingMapper.HeldRow> heldBy(UUID household, UUID project) {
        return mapper.held(household, project);
    }

    /** Asks again for all that a project wishes for. @return what it did not get, with who holds it */
    List<String> askAgain(UUID household, UUID project) {
        List<String> refused = new ArrayList<>();
        for (ThingMapper.HeldRow wish : heldBy(household, project)) {
            if (!Hold.valueOf(wish.hold()).binds()) {
                try {
                    hold(household, wish.thing(), project, Hold.RESERVED, wish.amount());
                } catch (RefusedValueException e) {
                    refused.add(wish.name() + ": " + e.getMessage());
                }
            }
        }
        return refused;
    }

    @Transactional
    void release(UUID household, UUID thing, UUID project) {
        if (mapper.release(household, thing, project) != 1) {
            throw new NotThereException("That project holds nothing of it.");
        }
    }

    /** Runs a change of a thing, and says who holds it where the change would break a promise. */
    void keepingPromises(UUID household, UUID thing, Runnable change) {
        try {
            change.run();
        } catch (DataAccessException e) {
            if (!state(e).equals(PROMISED)) {
                throw e;
            }
            Stock stock = stash.require(household, thing).item().thing().stock();
            throw new RefusedValueException(
                    "hold",
                    Wording.fill("It is promised: %s. Let go of it there first.", holders(household, thing, stock)));
        }
    }

    static @Nullable String idOf(ThingMapper.HoldRow row) {
        return row.project() == null ? null : row.project().toString();
    }
}
