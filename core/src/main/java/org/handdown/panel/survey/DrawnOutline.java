package org.handdown.panel.survey;

import java.util.List;
import org.handdown.geometry.Outline;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * An outline that came as a drawing: from a file, off a photo, or made of other panels.
 *
 * @param from in words, for example the file's name
 * @param ownToleranceMm how far a point may be off by the way it came
 * @param proof one distance on the drawing held against the tape; null where nobody did
 */
public record DrawnOutline(
        Means means,
        String from,
        Outline outline,
        double ownToleranceMm,
        @Nullable Proof proof) implements OutlineMethod {
    private static final int MOST_EDGES = 300;
    /** A drawing whose proof is off by a larger share was drawn at another scale or traced badly. */
    private static final double MOST_OFF = 0.01;

    /** How it came. */
    public enum Means {
        FILE,
        PHOTO,
        PANELS
    }

    /** @param drawnMm between two points of the drawing; {@code tapedMm} between the same two on the cloth */
    public record Proof(double drawnMm, double tapedMm) {
        public Proof {
            if (!(drawnMm > 0 && tapedMm > 0 && drawnMm < 20_000 && tapedMm < 20_000)) {
                throw new RefusedValueException("proof", Wording.of("The two distances are above 0 and below 20 m."));
            }
        }

        double offMm() {
            return drawnMm - tapedMm;
        }
    }

    public DrawnOutline {
        if (outline.edges().size() > MOST_EDGES) {
            throw new RefusedValueException("outline", "An outline has up to 300 edges.");
        }
        if (outline.edges().stream().map(e -> e.name()).distinct().count()
                < outline.edges().size()) {
            throw new RefusedValueException("outline", "Two edges have the same name.");
        }
        if (!outline.ring().isSimple()) {
            throw new RefusedValueException("outline", "The outline crosses itself.");
        }
        if (from.length() > 200) {
            throw new RefusedValueException("from", "is longer than 200 letters.");
        }
    }

    @Override
    public double toleranceMm(double tapeMm) {
        return proof == null ? ownToleranceMm : Math.max(ownToleranceMm, Math.abs(proof.offMm()));
    }

    /** May it be trusted, by its proof? */
    public boolean isProved() {
        return proof != null
                && Math.abs(proof.offMm()) <= Math.max(Origin.TAPE.toleranceMm(), MOST_OFF * proof.tapedMm());
    }

    @Override
    public List<String> findings() {
        if (proof == null) {
            return means == Means.PANELS
                    ? List.of()
                    : List.of("Nothing proves its scale yet: measure one long distance on the cloth.");
        }
        return isProved()
                ? List.of()
                : List.of(Wording.fill(
                        "The tape shows %.0f mm where the drawing has %.0f mm: off by %.1f %%. %s",
                        proof.tapedMm,
                        proof.drawnMm,
                        100 * proof.offMm() / proof.tapedMm,
                        means == Means.PHOTO
                                ? "Take the photo again from straighter above, with cloth and sheet flat, or correct the points."
                                : "The file was drawn at another scale; tell the distance before it is taken over."));
    }
}
