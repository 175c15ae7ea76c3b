package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.jspecify.annotations.Nullable;

/** A piece that follows from another: a facing, a layer. What is changed on the one later changes the other with it. */
interface Derived {
    /** Id of what it follows from. */
    String piece();

    /** Id of what it makes. */
    String made();

    Design on(Design design);

    /** What was derived on the way through a list of changes. */
    final class Trail {
        private record Made(
                Derived by, @Nullable Piece from, @Nullable Piece piece) {}

        private final List<Made> all = new ArrayList<>();

        void note(Derived by, Design after) {
            all.add(new Made(
                    by,
                    after.find(by.piece()).orElse(null),
                    after.find(by.made()).orElse(null)));
        }

        /** Made anew where what it follows from was changed since and it was not itself; where that cannot be done it stays as it was. */
        Design follow(Design end) {
            Design now = end;
            for (Made m : all) {
                Piece from = now.find(m.by.piece()).orElse(null);
                Piece piece = now.find(m.by.made()).orElse(null);
                if (from != null && !from.equals(m.from) && piece != null && piece.equals(m.piece)) {
                    try {
                        now = m.by.on(now);
                    } catch (RefusedValueException e) {
                        // What it follows from has no such edge any more: what was made of it before is still a piece.
                        continue;
                    }
                }
            }
            return now;
        }
    }
}
