package org.handdown.unpick;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.source.graph.Join;

/** All stretches of one join that are opened; between them it stays closed. In order along the join, none touching another. */
public record Stretches(List<Stretch> parts) {
    private static final int MOST = 40;

    public Stretches {
        if (parts.isEmpty() || parts.size() > MOST) {
            throw new RefusedValueException("stretch", "A join is opened along 1 to 40 stretches.");
        }
        parts = merged(parts, 2 * Practice.Figure.OPEN_PAST.shipped());
    }

    public static Stretches of(double fromMm, double toMm) {
        return new Stretches(List.of(new Stretch(fromMm, toMm)));
    }

    /** Stretches whose fingers' room would meet are opened as one: nobody leaves three stitches standing. */
    private static List<Stretch> merged(List<Stretch> parts, double apartMm) {
        List<Stretch> merged = new ArrayList<>();
        for (Stretch next : parts.stream()
                .sorted(Comparator.comparingDouble(Stretch::fromMm))
                .toList()) {
            Stretch last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && next.fromMm() - last.toMm() <= apartMm) {
                merged.set(merged.size() - 1, new Stretch(last.fromMm(), Math.max(last.toMm(), next.toMm())));
            } else {
                merged.add(next);
            }
        }
        return List.copyOf(merged);
    }

    public Stretches and(Stretches others) {
        List<Stretch> all = new ArrayList<>(parts);
        all.addAll(others.parts);
        return new Stretches(all);
    }

    /** Length to open, margins included, mm. */
    public double openedMm(Join join, Practice practice) {
        return merged(parts, 2 * practice.of(Practice.Figure.OPEN_PAST)).stream()
                .mapToDouble(s -> s.openedMm(join, practice))
                .sum();
    }

    /** Length to sew afterwards, restarts included, mm. */
    public double sewnMm(Join join, Practice practice) {
        return merged(parts, 2 * practice.of(Practice.Figure.OPEN_PAST)).stream()
                .mapToDouble(s -> s.sewnMm(join, practice))
                .sum();
    }

    /** @throws RefusedValueException when one reaches past the end of the join */
    public Stretches requireOn(Join join) {
        parts.forEach(s -> s.requireOn(join));
        return this;
    }
}
