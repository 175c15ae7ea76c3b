package org.handdown.project;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Crossing;
import org.handdown.assembly.Join;
import org.handdown.assembly.Topology;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.PieceCloth;

/**
 * The stack under the needle where a seam of a design runs over others.
 *
 * @param seam its name
 * @param thickMm of one layer: the thickest cloth that is sewn in it
 */
public record ThickCrossing(String seam, Crossing crossing, double thickMm) {
    /** Of all seams once everything else is sewn, the thickest first; alike ones on both sides of the body once. */
    static List<ThickCrossing> of(Design design, Function<PieceCloth, Double> thickness) {
        Assembly sewn = design.assembly();
        Topology whole = sewn.whole();
        Map<String, ThickCrossing> all = new LinkedHashMap<>();
        for (Join join : sewn.joins()) {
            double thick = join.meetings().stream()
                    .flatMap(m -> m.runs().stream())
                    .map(r -> design.ofComponent(r.component()))
                    .flatMap(java.util.Optional::stream)
                    .mapToDouble(p -> thickness.apply(p.cloth()))
                    .max()
                    .orElse(0);
            for (Crossing c : whole.crossings(join.id())) {
                all.putIfAbsent(
                        join.name() + c.one().size() + c.other().size() + met(c),
                        new ThickCrossing(join.name(), c, thick));
            }
        }
        return all.values().stream()
                .sorted(java.util.Comparator.comparingInt((ThickCrossing t) -> t.crossing.alikeLayers())
                        .reversed())
                .toList();
    }

    private static String met(Crossing c) {
        List<String> both = new ArrayList<>(c.one());
        both.addAll(c.other());
        return both.stream()
                .distinct()
                .sorted()
                .reduce("", (a, b) -> a + " and the " + b)
                .replaceFirst("^ and ", "");
    }

    /** For whoever sews there. @param thin how a thickness in mm is told */
    public String sentence(DoubleFunction<String> thin) {
        String over = met(crossing);
        String alike = stack(crossing.alikeLayers(), thin);
        String open = stack(crossing.openLayers(), thin);
        boolean both = !crossing.one().isEmpty() && !crossing.other().isEmpty();
        return both
                ? Wording.fill(
                        "Over %s: %s if they are pressed alike, %s if they are opposed, %s if they are open.",
                        over, alike, stack(crossing.opposedLayers(), thin), open)
                : Wording.fill(
                        "%sver %s: %s if it is pressed to one side, %s if it is open.",
                        crossing.turned() ? "Folded once o" : "O", over, alike, open);
    }

    private String stack(int layers, DoubleFunction<String> thin) {
        return thickMm > 0
                ? Wording.fill("%d layers (%s)", layers, thin.apply(Math.rint(10 * layers * thickMm) / 10))
                : Wording.fill("%d layers", layers);
    }
}
