package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Supply;

/** The garment takes something beside its cloth: a zip, cord for loops, buttons. It is looked for in the source and the stash, else bought. */
public record Takes(String name, Supply supply) implements Change {
    public Takes {
        Change.requireName(name);
    }

    @Override
    public String words() {
        return switch (supply.kind()) {
            case BUTTONS ->
                Wording.fill("takes %d buttons of %.1f mm for %s", supply.count(), supply.sizeMm(), supply.use());
            case ZIP -> Wording.fill("takes a zip of at least %.0f mm for %s", supply.lengthMm(), supply.use());
            case ELASTIC, CORD, TAPE ->
                Wording.fill(
                        "takes %.0f mm of %s for %s",
                        supply.togetherMm(), supply.kind().words(), supply.use());
        };
    }

    @Override
    public Design on(Design design) {
        return with(design, supply);
    }

    /** One of the same kind for the same use is replaced. */
    static Design with(Design design, Supply supply) {
        List<Supply> all = new ArrayList<>(design.supplies());
        all.removeIf(s -> s.kind() == supply.kind() && s.use().equals(supply.use()));
        all.add(supply);
        return design.withSupplies(all);
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.takes(this);
    }
}
