package org.handdown.stash;

import org.handdown.cloth.Cloth;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.reuse.Keeper;
import org.handdown.reuse.KeeperKind;
import org.handdown.source.Assessment;
import org.jspecify.annotations.Nullable;

/**
 * A finished edge, closure or small part that is off its garment.
 *
 * @param size with all that matching it needs
 * @param clothName what it is of, in words; empty where nobody said
 */
public record LooseKeeper(String name, KeeperKind keeper, Size size, String clothName, Assessment.Condition condition)
        implements StashThing {
    private static final Range LONG = new Range(0, 20_000);
    private static final Range DEEP = new Range(0, 1_000);
    private static final int MOST = 500;

    /**
     * @param lengthMm at rest; 0 for buttons
     * @param stretch how far it gives in wear, as a share of its length; 0 where it was not tested
     * @param count buttons of a set; 0 for anything else
     * @param diameterMm of a button
     */
    public record Size(double lengthMm, double stretch, double depthMm, int count, double diameterMm) {
        public Size {
            LONG.require("thing.length", Length.ofMm(lengthMm));
            DEEP.require("thing.depth", Length.ofMm(depthMm));
            DEEP.require("thing.diameter", Length.ofMm(diameterMm));
            if (!(stretch >= 0 && stretch <= 3)) {
                throw new RefusedValueException("thing.stretch", "must be from 0 to 300 %.");
            }
            if (count < 0 || count > MOST) {
                throw new RefusedValueException("thing.count", "must be from 0 to 500.");
            }
        }
    }

    public LooseKeeper {
        name = StashThing.requireName(name);
        boolean isSet = keeper == KeeperKind.BUTTONS;
        if (isSet && size.count == 0) {
            throw new RefusedValueException("thing.count", "Say how many buttons there are.");
        }
        if (!isSet && size.lengthMm == 0) {
            throw new RefusedValueException("thing.length", "Say how long it is.");
        }
    }

    /** As it is once it is off: what a project's keeper becomes in the stash. */
    public static LooseKeeper of(Keeper k, String clothName) {
        boolean isSet = k.kind() == KeeperKind.BUTTONS;
        return new LooseKeeper(
                k.name().length() > 80 ? k.name().substring(0, 80) : k.name(),
                k.kind(),
                new Size(
                        isSet ? 0 : k.restMm(),
                        Math.max(0, k.stretch()),
                        k.depthMm(),
                        k.count(),
                        k.buttons().diameterMm()),
                clothName,
                k.condition());
    }

    /** Some of it, in its own count: so many buttons of the set, so much of the tape. */
    public LooseKeeper some(double amount) {
        Size part = keeper == KeeperKind.BUTTONS
                ? new Size(size.lengthMm, size.stretch, size.depthMm, (int) amount, size.diameterMm)
                : new Size(amount, size.stretch, size.depthMm, size.count, size.diameterMm);
        return new LooseKeeper(name, keeper, part, clothName, condition);
    }

    /** As a project may use it: off whole, at the cost of no minute. */
    public Keeper keeper(String id) {
        return Keeper.of(id, name, keeper, size.lengthMm, size.depthMm)
                .restingAt(size.lengthMm, size.stretch)
                .with(new Keeper.Buttons(size.count, size.diameterMm, size.diameterMm / 2))
                .held(Keeper.Hold.DETACHED, 0)
                .judged(condition);
    }

    /** The girth that it passes, or may be stretched onto, mm. */
    public double reachesMm() {
        return size.lengthMm * (1 + size.stretch);
    }

    @Override
    public Kind kind() {
        return Kind.KEEPER;
    }

    @Override
    public @Nullable Cloth cloth() {
        return null;
    }

    @Override
    public Stock stock() {
        if (keeper == KeeperKind.BUTTONS) {
            return new Stock(size.count, Stock.Unit.PIECES);
        }
        return keeper.isDivisible() ? new Stock(size.lengthMm, Stock.Unit.MM) : Stock.ONE;
    }
}
