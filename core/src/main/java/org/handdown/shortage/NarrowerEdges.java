package org.handdown.shortage;

import java.util.ArrayList;
import java.util.List;
import org.handdown.alter.Release;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.Weave;
import org.handdown.geometry.Edge;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Piece;
import org.handdown.pattern.change.EdgeLedger;
import org.jspecify.annotations.Nullable;

/**
 * Hems and allowances of a piece turned or cut as narrow as can still be sewn; the stitch line, and with it the finished size, stays as
 * it is.
 *
 * @param leastMm allowance that the cloth still holds
 * @param hems changes of the piece's hems, none where they are narrow already
 * @param seams changes of its seam allowances
 */
record NarrowerEdges(double leastMm, List<EdgeLedger> hems, List<EdgeLedger> seams) {
    /** A hem that can still be turned, mm (common practice, no source). */
    static final double LEAST_HEM_MM = 15;

    /** @param cloth what it is cut from; null where that is not known, which counts as woven */
    static NarrowerEdges of(Piece piece, @Nullable Cloth cloth) {
        double least = cloth != null && cloth.weave() == Weave.KNIT
                ? Release.LEAST_ALLOWANCE_KNIT_MM
                : Release.LEAST_ALLOWANCE_WOVEN_MM;
        List<EdgeLedger> hems = new ArrayList<>();
        List<EdgeLedger> seams = new ArrayList<>();
        for (Edge edge : piece.stitchLine().edges()) {
            Allowance old = piece.allowance(edge.name());
            boolean isHem = old.turn().kind() == Allowance.Turn.Kind.HEM;
            Allowance narrow = isHem ? narrowHem(old) : narrowSeam(old, least);
            if (narrow != null) {
                String name = Wording.fill("%s %s narrower", piece.name(), Wording.spoken(edge.name()));
                (isHem ? hems : seams).add(new EdgeLedger(name, piece.id(), edge.name(), narrow));
            }
        }
        return new NarrowerEdges(least, List.copyOf(hems), List.copyOf(seams));
    }

    List<EdgeLedger> both() {
        List<EdgeLedger> both = new ArrayList<>(hems);
        both.addAll(seams);
        return both;
    }

    private static @Nullable Allowance narrowHem(Allowance old) {
        double under = Math.min(old.turn().underMm(), LEAST_HEM_MM / 2);
        return old.mm() <= LEAST_HEM_MM + 0.5
                ? null
                : new Allowance(
                        LEAST_HEM_MM,
                        LEAST_HEM_MM,
                        LEAST_HEM_MM,
                        "narrower hem, cloth is short",
                        new Allowance.Turn(Allowance.Turn.Kind.HEM, under));
    }

    /** Less cloth outside the same seam; one that is sewn off its line on purpose stays as far off it. A casing is left alone. */
    private static @Nullable Allowance narrowSeam(Allowance old, double least) {
        double sewn = least - old.slipMm();
        return old.turned() || old.mm() <= least + 0.5 || sewn < Allowance.LEAST_TRIM_MM
                ? null
                : new Allowance(
                        least,
                        sewn,
                        Math.min(old.trimMm(), least),
                        "least allowance, cloth is short",
                        Allowance.Turn.NONE);
    }
}
