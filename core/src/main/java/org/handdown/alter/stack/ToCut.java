package org.handdown.alter.stack;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Join;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Run;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;

/**
 * A piece that an alteration takes from cloth.
 *
 * @param outline its stitch line, mm, the grain up
 * @param seamMm cloth outside the edges that are sewn to something, by edge
 * @param turnedMm cloth outside the edges that are turned under, by edge
 */
public record ToCut(
        String id, String name, Outline outline, Map<String, Double> seamMm, Map<String, Double> turnedMm, As as) {
    public ToCut {
        seamMm = Map.copyOf(seamMm);
        turnedMm = Map.copyOf(turnedMm);
    }

    /** What it is cut from. */
    public enum Stuff {
        /** As the garment itself. */
        OWN,
        LINING,
        RIB,
        /** On the bias. */
        BINDING,
        OTHER
    }

    /**
     * How a component is cut.
     *
     * @param lengths it is joined from so many alike, side by side
     * @param doubled a strip that is folded along its outer edge and lies double
     */
    public record As(Stuff stuff, int lengths, boolean doubled) {
        static final As ONCE = new As(Stuff.OWN, 1, false);
    }

    /** A strip: {@code outer} and {@code sewn} are its long edges, {@code left} and {@code right} its ends. */
    static Outline strip(double wideMm, double deepMm, String outer) {
        Point a = new Point(0, 0);
        Point b = new Point(wideMm, 0);
        Point c = new Point(wideMm, deepMm);
        Point d = new Point(0, deepMm);
        return new Outline(java.util.List.of(
                Edge.line(outer, a, b), Edge.line("right", b, c), Edge.line("sewn", c, d), Edge.line("left", d, a)));
    }

    /** A component as it must be cut for the garment that it is sewn into. */
    static ToCut of(GarmentNow garment, String id, As as) {
        Component c = garment.assembly().component(id);
        Map<String, Double> seams = new HashMap<>();
        Map<String, Double> turned = new HashMap<>();
        for (Edge edge : c.outline().edges()) {
            joinAt(garment.assembly(), id, edge.name())
                    .ifPresent(j -> (j.isTurned() ? turned : seams).put(edge.name(), garment.allowanceMm(j.id())));
        }
        if (as.lengths > 1) {
            seams.put("left", garment.usualAllowanceMm());
            seams.put("right", garment.usualAllowanceMm());
        }
        boolean isUpright = c.outline().box().heightMm() > c.outline().box().widthMm();
        double wide = (as.doubled && isUpright ? 2.0 : 1.0) / as.lengths;
        double deep = as.doubled && !isUpright ? 2 : 1;
        if (as.doubled) {
            double sewn = garment.usualAllowanceMm();
            c.outline().edges().stream()
                    .map(Edge::name)
                    .filter(e -> !seams.containsKey(e))
                    .forEach(e -> seams.put(e, sewn));
            turned.clear();
        }
        Outline outline = new Outline(c.outline().edges().stream()
                .map(e -> e.map(p -> new Point(p.x() * wide, p.y() * deep)))
                .toList());
        Stuff stuff = c.layer() == Layer.LINING ? Stuff.LINING : as.stuff;
        return new ToCut(id, c.name(), outline, seams, turned, new As(stuff, as.lengths, as.doubled));
    }

    /** The same, as it must be once the garment is so. */
    ToCut endingAs(GarmentNow garment) {
        return of(garment, id, as);
    }

    private static Optional<Join> joinAt(Assembly garment, String component, String edge) {
        return garment.joins().stream()
                .filter(j -> j.meetings().stream()
                        .map(Meeting::runs)
                        .flatMap(java.util.List::stream)
                        .anyMatch(r -> is(r, component, edge)))
                .findFirst();
    }

    private static boolean is(Run run, String component, String edge) {
        return run.component().equals(component) && run.edge().equals(edge);
    }
}
