package org.handdown.server.stash;

import java.util.Set;
import org.handdown.lay.Leftover;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Brought;
import org.handdown.project.Project;
import org.handdown.server.project.Typed;
import org.handdown.source.Source;
import org.handdown.stash.FlatCloth;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashThing;
import org.handdown.stash.Stock;

/**
 * A thing of the stash as a project takes it.
 *
 * @param id in the stash
 * @param amount of it, in its own count
 */
record BroughtThing(String id, StashItem item, double amount) {
    /**
     * @param text as it was typed; empty for all that is free
     * @return in the thing's own count
     */
    static double amount(StashService.Kept kept, String text, Typed typed) {
        Stock stock = kept.item().thing().stock();
        if (text.isEmpty()) {
            return kept.free() > 0 ? kept.free() : stock.amount();
        }
        return switch (stock.unit()) {
            case MM -> typed.mm("amount", text);
            case PIECES -> Typed.count("amount", text);
            case WHOLE -> stock.amount();
        };
    }

    /** @param roles that its cloth serves; none: as lining where nothing lines the project yet, else as contrast */
    Brought in(Project project, Set<PieceCloth> roles) {
        String mark = project.cloths().freeId();
        StashThing thing = item.thing();
        if (thing instanceof StashThing.Garment g) {
            Source source = g.source();
            String name = project.cloths().freeName(source.cloth(), source.name(), project.source());
            return new Brought.OtherSource(
                    mark,
                    id,
                    source.withCloth(source.cloth().called(name)),
                    Project.Opening.NONE,
                    null,
                    roles.isEmpty() ? Set.of(PieceCloth.CONTRAST) : roles);
        }
        if (thing instanceof StashThing.ByTheMetre m) {
            if (!(amount >= 50)) {
                throw new RefusedValueException("amount", Wording.of("Take 50 mm of it at least."));
            }
            return sheet(mark, project, Leftover.sheet(m.cloth(), m.widthMm(), amount), roles);
        }
        if (thing instanceof FlatCloth flat) {
            return sheet(mark, project, flat.leftover(), roles);
        }
        if (thing instanceof LooseKeeper keeper) {
            return new Brought.Loose(
                    mark, id, keeper.stock().unit() == Stock.Unit.WHOLE ? keeper : keeper.some(amount));
        }
        throw new RefusedValueException(
                "thing", "That is no cloth and no keeper: reserve it in the stash, it needs no place on the table.");
    }

    private Brought sheet(String mark, Project project, Leftover shape, Set<PieceCloth> roles) {
        StashThing thing = item.thing();
        var cloth = java.util.Objects.requireNonNull(thing.cloth());
        Set<PieceCloth> serves = roles.isEmpty() ? Set.of(PieceCloth.CONTRAST) : roles;
        String of = thing.name().equals(cloth.name()) ? "beside" : thing.name();
        String name = project.cloths().nameOf(cloth, serves, of, project.source());
        return new Brought.FlatSheet(
                mark, id, thing.name(), cloth.called(name), shape, item.tag().washed(), serves);
    }

    /** How much of its thing something takes that was brought, in the thing's own count. */
    static double amount(Brought brought) {
        if (brought instanceof Brought.FlatSheet sheet) {
            return sheet.shape().remnant().panel().equals(Leftover.SHEET)
                    ? sheet.shape().outline().box().heightMm()
                    : 1;
        }
        return brought instanceof Brought.Loose loose ? loose.keeper().stock().amount() : 1;
    }
}
