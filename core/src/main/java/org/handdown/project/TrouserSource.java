package org.handdown.project;

import org.handdown.cloth.Cloth;
import org.handdown.measure.RefusedValueException;
import org.handdown.source.TrouserMeasures;

/** The trousers to be taken apart: what they are, their cloth, condition, care and measures. */
public record TrouserSource(
        String name, String what, String condition, String care, String cost, Cloth cloth, TrouserMeasures measures) {
    public TrouserSource {
        if (name.isBlank()) {
            throw new RefusedValueException("source.name", "is empty; say which trousers these are.");
        }
    }
}
