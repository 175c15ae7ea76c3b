package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.jspecify.annotations.Nullable;

/** What follows from pieces: a facing, a layer, a binding, a row of buttons. What is changed on those later changes it with them. */
interface Derived {
    /** Ids of what it follows from. */
    List<String> follows();

    /** Id of what it makes; of what it is drawn on where it makes no piece of its own. */
    String made();

    Design on(Design design);

    /** What was derived on the way through a list of changes. */
    final class Trail {
        private record Made(
                Derived by, List<Piece> from, @Nullable Piece piece) {}

        private final List<Made> all = new ArrayList<>();

        void note(Derived by, Design after) {
            all.add(new Made(by, found(by, after), after.find(by.made()).orElse(null)));
        }

        private static List<Piece> found(Derived by, Design design) {
            return by.follows().stream().flatMap(id -> design.find(id).stream()).toList();
        }

        /** Made anew where what it follows from was changed since and it was not itself; where that cannot be done it stays as it was. */
        Design follow(Design end) {
            Design now = end;
            for (Made m : all) {
                List<Piece> from = found(m.by, now);
                Piece piece = now.find(m.by.made()).orElse(null);
                boolean isMarkedOn = m.by.follows().contains(m.by.made());
                if (!from.isEmpty() && !from.equals(m.from) && piece != null && (isMarkedOn || piece.equals(m.piece))) {
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
