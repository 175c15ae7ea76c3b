package org.handdown.source;

import java.util.List;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Part;

/** How this source is built: the ready anatomy of its kind by its measures, and where it differs. */
public record Construction(GarmentMeasures measures, List<Adjustment> adjustments) {
    private static final int MOST = 40;

    public Construction {
        adjustments = List.copyOf(adjustments);
        if (adjustments.size() > MOST) {
            throw new RefusedValueException("source.adjustments", "A source takes 40 adjustments at most.");
        }
    }

    /** @throws RefusedValueException where an adjustment names what is not there, or has no length */
    public Anatomy anatomy() {
        Anatomy anatomy = measures.kind().anatomy(measures);
        for (int i = 0; i < adjustments.size(); i++) {
            try {
                anatomy = adjustments.get(i).on(anatomy);
            } catch (RefusedValueException e) {
                throw e.within("source.adjustments[" + i + "]");
            }
        }
        for (Part part : anatomy.parts()) {
            if (!part.outline().ring().isSimple()) {
                throw new RefusedValueException(
                        "measures",
                        Wording.fill(
                                "These measures draw a %s that crosses itself; compare them with each other.",
                                part.name()));
            }
        }
        return anatomy;
    }
}
