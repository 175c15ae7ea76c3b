package org.handdown.pattern.change;

import org.handdown.measure.Wording;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;

/** Cut on another grain: a lining or facing may lie across it, since nobody sees it and little hangs from it. */
public record TurnGrain(String name, String piece, CutGrain grain) implements Change {
    public TurnGrain {
        Change.requireName(name);
    }

    @Override
    public String words() {
        String how = switch (grain) {
            case LENGTHWISE -> "on the lengthwise grain";
            case EITHER -> "along or across the grain, as the cloth allows";
            case BIAS -> "on the bias";
        };
        return Wording.fill("%s cut %s", Wording.spoken(piece), how);
    }

    @Override
    public Design on(Design design) {
        Change.piece(design, piece);
        return design.with(piece, p -> p.onGrain(grain));
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.grain(this);
    }
}
