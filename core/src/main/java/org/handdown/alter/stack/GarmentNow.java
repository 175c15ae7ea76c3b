package org.handdown.alter.stack;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Fold;
import org.handdown.cloth.Cloth;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/** A garment as it is once some of its alterations are done. A value; its ends are looked for once. */
public final class GarmentNow {
    /** What seams take where nobody measured them, mm (common practice, no source). */
    public static final double ALLOWANCE_MM = 10;

    /** Components that an alteration adds begin with its id; those of sources with a word. */
    private static final Pattern ADDED_ID = Pattern.compile("a\\d+-.*");

    private final Assembly assembly;
    private final Map<String, Double> allowances;
    private final Map<String, String> frames;
    private final Cloth cloth;
    private @Nullable List<End> ends;

    /**
     * @param allowances behind the stitches of a join on each side, or the depth of a hem, by join, mm
     * @param frames of components that came of another one: whose frame they are drawn in; others stand for themselves
     */
    public GarmentNow(Assembly assembly, Map<String, Double> allowances, Map<String, String> frames, Cloth cloth) {
        this.assembly = assembly;
        this.allowances = Map.copyOf(allowances);
        this.frames = Map.copyOf(frames);
        this.cloth = cloth;
    }

    public Assembly assembly() {
        return assembly;
    }

    /** As it is where every elastic and cord is pulled. */
    public Assembly pulled() {
        return assembly.folds().stream().noneMatch(Fold::gives)
                ? assembly
                : new Assembly(
                        assembly.components(),
                        assembly.joins(),
                        assembly.folds().stream().filter(f -> !f.gives()).toList(),
                        assembly.attachments(),
                        assembly.closures());
    }

    public Map<String, Double> allowances() {
        return allowances;
    }

    public Map<String, String> frames() {
        return frames;
    }

    public Cloth cloth() {
        return cloth;
    }

    /** Whose frame a component is drawn in. */
    public String frameOf(String component) {
        return frames.getOrDefault(component, component);
    }

    /** Is it no part of the garment that there was, but cut from cloth for it? */
    public boolean isAdded(String component) {
        return frameOf(component).equals(component)
                && ADDED_ID.matcher(component).matches();
    }

    /** The component that lies as this one does on the other side of the body, by what they are called. */
    Optional<String> partnerOf(String component) {
        String name = assembly.component(component).name();
        String swapped = name.contains("left") ? name.replace("left", "right") : name.replace("right", "left");
        return assembly.components().stream()
                .filter(c -> !c.id().equals(component) && c.name().equals(swapped))
                .map(Component::id)
                .findFirst();
    }

    double allowanceMm(String join) {
        return allowances.getOrDefault(join, ALLOWANCE_MM);
    }

    /** With the seam allowance that most of its seams have, mm. */
    double usualAllowanceMm() {
        Map<Double, Integer> counts = new HashMap<>();
        assembly.joins().stream()
                .filter(j -> !j.isTurned() && allowances.containsKey(j.id()))
                .forEach(j -> counts.merge(allowanceMm(j.id()), 1, Integer::sum));
        return counts.entrySet().stream()
                .max(Map.Entry.<Double, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .filter(mm -> mm > 0)
                .orElse(ALLOWANCE_MM);
    }

    public List<End> ends() {
        List<End> found = ends;
        if (found == null) {
            found = End.of(assembly);
            ends = found;
        }
        return found;
    }

    Optional<End> findEnd(String id) {
        return ends().stream().filter(e -> e.id().equals(id)).findFirst();
    }

    End end(String id) {
        return findEnd(id)
                .orElseThrow(() -> new RefusedValueException(
                        "picks.end", Wording.fill("The garment has no %s.", Wording.spoken(id))));
    }
}
