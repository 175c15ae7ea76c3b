package org.handdown.stash;

import org.handdown.cloth.Cloth;
import org.handdown.lay.Leftover;

/**
 * Cloth that lies flat already: a panel that was taken apart and is not used yet, or what a lay left over. Nothing that its project knew of
 * it is lost: outline, grain, finished edges, flaws, and the cloth with what its tests told.
 *
 * @param isRemnant left over, not a whole panel
 */
public record FlatCloth(String name, Cloth cloth, Leftover leftover, boolean isRemnant) implements StashThing {
    public FlatCloth {
        name = StashThing.requireName(name);
    }

    @Override
    public Kind kind() {
        return isRemnant ? Kind.REMNANT : Kind.PANEL;
    }

    @Override
    public Stock stock() {
        return Stock.ONE;
    }
}
