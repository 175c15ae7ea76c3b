package org.handdown.server.stash;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.MeasureSpec;

/** What nobody measured of a garment, in the proportion of what was. */
final class AverageGarment {
    private AverageGarment() {}

    /**
     * @param from an average one, or the garment as it was
     * @param typed what was measured, mm
     * @param proposed what nobody measured yet: it grows and shrinks with the rest, girths with girths and lengths with lengths
     */
    static Map<String, Double> like(GarmentMeasures from, Map<String, Double> typed, Set<String> proposed) {
        Map<String, Double> values = new HashMap<>(from.values());
        values.putAll(typed);
        double round = factor(from, typed, MeasureSpec.Quantity.GIRTH);
        double along = factor(from, typed, MeasureSpec.Quantity.LENGTH);
        for (MeasureSpec spec : from.kind().measures()) {
            boolean grows = proposed.contains(spec.id())
                    && !spec.isCount()
                    && spec.options().isEmpty();
            double by = spec.quantity() == MeasureSpec.Quantity.GIRTH ? round : along;
            if (grows && spec.quantity() != MeasureSpec.Quantity.DEPTH) {
                double mm = from.mm(spec.id()) * by;
                values.put(spec.id(), Math.max(spec.least(), Math.min(spec.most(), mm)));
            }
        }
        return values;
    }

    /** Mean of how much larger what was measured is; of nothing of that sort, as the rest. */
    private static double factor(GarmentMeasures from, Map<String, Double> typed, MeasureSpec.Quantity quantity) {
        double sum = 0;
        int n = 0;
        double all = 0;
        int m = 0;
        for (MeasureSpec spec : from.kind().measures()) {
            Double mm = typed.get(spec.id());
            if (mm != null
                    && !spec.isCount()
                    && from.mm(spec.id()) > 0
                    && spec.quantity() != MeasureSpec.Quantity.DEPTH) {
                double by = mm / from.mm(spec.id());
                all += by;
                m++;
                if (spec.quantity() == quantity) {
                    sum += by;
                    n++;
                }
            }
        }
        return n > 0 ? sum / n : m > 0 ? all / m : 1;
    }
}
