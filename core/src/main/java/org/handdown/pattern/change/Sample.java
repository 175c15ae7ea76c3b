package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Outline;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;

/**
 * A rectangle kept back from the remnants to try a buttonhole, a welt, a tension or a row of shirring on the same cloth.
 *
 * @param wideMm across the grain
 * @param highMm along the grain
 * @param layers that the garment has there, so that the trial is as thick
 */
public record Sample(String name, double wideMm, double highMm, int layers) implements Change {
    private static final double LEAST_MM = 30;
    private static final double MOST_MM = 500;
    private static final int MOST_LAYERS = 8;

    public Sample {
        Change.requireName(name);
        if (!(wideMm >= LEAST_MM && wideMm <= MOST_MM && highMm >= LEAST_MM && highMm <= MOST_MM)) {
            throw new RefusedValueException("change.at", Wording.of("A sample is from 30 to 500 mm each way."));
        }
        if (layers < 1 || layers > MOST_LAYERS) {
            throw new RefusedValueException("change.quantity", "A sample has from 1 to 8 layers.");
        }
    }

    @Override
    public String words() {
        return Wording.fill(
                "%.0f mm × %.0f mm of the remnants kept to try it%s",
                wideMm, highMm, layers == 1 ? "" : ", " + layers + " layers");
    }

    @Override
    public Design on(Design design) {
        String id = Change.id("sample-" + name);
        List<Piece> pieces = new ArrayList<>(design.pieces());
        pieces.removeIf(p -> p.id().equals(id));
        pieces.add(new Piece(
                id,
                name,
                Outline.rectangle(wideMm, highMm),
                Map.of(),
                layers,
                false,
                CutGrain.LENGTHWISE,
                false,
                Map.of(),
                List.of(),
                List.of(),
                PieceCloth.REMNANT,
                List.of(),
                Piece.Way.USUAL));
        return design.withPieces(pieces)
                .noting(Wording.fill(
                        "%s: try it on the sample first, with all its layers, and write down what worked.", name));
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.sample(this);
    }
}
