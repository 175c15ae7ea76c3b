package org.handdown.pattern.change;

import org.handdown.measure.Wording;
import org.handdown.pattern.Design;

/** Leaves a piece out: a pocket, a patch, a frill. */
public record LeaveOut(String name, String piece) implements Change {
    public LeaveOut {
        Change.requireName(name);
    }

    @Override
    public String words() {
        return Wording.spoken(piece) + " left out";
    }

    @Override
    public Design on(Design design) {
        Change.piece(design, piece);
        return design.withPieces(
                design.pieces().stream().filter(p -> !p.id().equals(piece)).toList());
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.leaveOut(this);
    }
}
