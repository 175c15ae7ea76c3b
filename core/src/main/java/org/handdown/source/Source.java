package org.handdown.source;

import java.util.List;
import org.handdown.cloth.Cloth;
import org.handdown.measure.RefusedValueException;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.SourceKind;

/** A garment, blanket, curtain or scarf that will be taken apart: what it is, its cloth, condition, care and construction. */
public record Source(
        String name,
        String what,
        String condition,
        String care,
        String cost,
        Cloth cloth,
        Construction construction,
        List<Fault> faults,
        Assessment assessment) {
    private static final int MOST_FAULTS = 40;

    public Source {
        faults = List.copyOf(faults);
        if (name.isBlank()) {
            throw new RefusedValueException("source.name", "is empty; say what this source is.");
        }
        if (faults.size() > MOST_FAULTS) {
            throw new RefusedValueException("source.faults", "A source takes 40 faults at most; join like ones.");
        }
    }

    /** The same source, built otherwise. */
    public Source withConstruction(Construction other) {
        return new Source(name, what, condition, care, cost, cloth, other, faults, assessment);
    }

    public Source withCloth(Cloth other) {
        return new Source(name, what, condition, care, cost, other, construction, faults, assessment);
    }

    public Source withAssessment(Assessment other) {
        return new Source(name, what, condition, care, cost, cloth, construction, faults, other);
    }

    public SourceKind kind() {
        return construction.measures().kind();
    }

    public GarmentMeasures measures() {
        return construction.measures();
    }
}
