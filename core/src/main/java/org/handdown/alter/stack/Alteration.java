package org.handdown.alter.stack;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.handdown.measure.RefusedValueException;

/**
 * One change to a garment as it was told.
 *
 * @param id of its own within the garment; seams and components that it makes carry it, so it never changes
 * @param picks what was chosen, by the id of what was asked: an end, a seam, a part, one of several ways
 * @param figures lengths in mm, by the id of what was asked; one that is missing has its proposed value
 * @param pins along a seam, from its lower end
 */
public record Alteration(
        String id, AlterationKind kind, Map<String, String> picks, Map<String, Double> figures, List<Pin> pins) {
    private static final Pattern ID = Pattern.compile("a[0-9]{1,4}");
    private static final int MOST = 40;
    private static final int LONGEST = 120;

    public Alteration {
        picks = Map.copyOf(picks);
        figures = Map.copyOf(figures);
        pins = pins.stream().sorted(Comparator.comparingDouble(Pin::atMm)).toList();
        if (!ID.matcher(id).matches()) {
            throw new RefusedValueException("alteration.id", "An alteration is called a1, a2 and so on.");
        }
        if (picks.size() > MOST || figures.size() > MOST || pins.size() > MOST) {
            throw new RefusedValueException("alteration", "An alteration takes 40 figures at most.");
        }
        if (picks.entrySet().stream()
                .anyMatch(p -> p.getKey().length() + p.getValue().length() > LONGEST)) {
            throw new RefusedValueException("alteration.picks", "Choose one of what is offered.");
        }
    }
}
