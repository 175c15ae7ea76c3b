package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;

/**
 * A trial of one doubtful piece, cut from lining or a remnant before the real one. Where a lining is wanted anyway the trial becomes
 * it; what is altered on it is to be written back to both.
 *
 * @param becomesLining the trial stays in the garment
 */
public record MockUp(String name, String piece, boolean becomesLining) implements Change {
    public MockUp {
        Change.requireName(name);
    }

    @Override
    public String words() {
        return Wording.fill("%s tried in %s first", Wording.spoken(piece), becomesLining ? "lining" : "a remnant");
    }

    @Override
    public Design on(Design design) {
        Piece real = Change.piece(design, piece);
        List<Piece> pieces = new ArrayList<>(design.pieces());
        Piece trial = real.named(trialId(), real.name() + (becomesLining ? ", lining tried first" : ", trial"))
                .withCloth(becomesLining ? PieceCloth.LINING : PieceCloth.REMNANT)
                .withWishes(becomesLining ? real.wishes() : java.util.Map.of());
        pieces.removeIf(p -> p.id().equals(trialId()));
        pieces.add(trial);
        return design.withPieces(pieces)
                .noting(Wording.fill(
                        "Cut and baste the %s of the %s first, try it on, and write every dart and edge back to the outer cloth%s.",
                        becomesLining ? "lining" : "trial", real.name(), becomesLining ? " and the lining" : ""));
    }

    private String trialId() {
        return piece + "-trial";
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.mockUp(this);
    }
}
