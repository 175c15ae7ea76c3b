package org.handdown.panel.survey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.alter.stack.Effect;
import org.handdown.alter.stack.GarmentNow;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Join;
import org.handdown.assembly.Layer;
import org.handdown.cloth.Cloth;
import org.handdown.fit.EdgeKind;
import org.handdown.geometry.Edge;
import org.handdown.panel.Panel;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.unpick.FreedEdges;

/**
 * What alterations take off a garment, opened and pressed flat: a panel for each part that is worth one, with its hems, the cloth that lay in
 * its seams, and nothing beyond a cut.
 */
public final class CutOff {
    /** Nobody lays a piece on a strip that is narrower (common practice, no source). */
    private static final double NARROWEST_MM = 25;

    private static final double WIDEST_WON_MM = 100;
    /** A cut calls what it leaves of an edge by its name and a number. */
    private static final Pattern PARTED = Pattern.compile("-\\d+$");

    private CutOff() {}

    public static List<Panel> panels(AlterationStack stack, Anatomy anatomy, Cloth cloth) {
        List<Panel> all = new ArrayList<>();
        for (AlterationStack.Step step : stack.steps()) {
            Effect effect = step.effect();
            if (effect != null) {
                effect.offs().forEach(off -> all.addAll(of(step, effect, off, anatomy, cloth)));
            }
        }
        return all;
    }

    private static List<Panel> of(
            AlterationStack.Step step, Effect effect, Effect.Off off, Anatomy anatomy, Cloth cloth) {
        List<Panel> panels = new ArrayList<>();
        for (Component c : off.whole().components()) {
            boolean isCloth = c.layer() == Layer.SHELL || c.layer() == Layer.LINING;
            boolean isWide =
                    Math.min(c.outline().box().widthMm(), c.outline().box().heightMm()) > NARROWEST_MM;
            // What was brought to the garment is other cloth than its own.
            if (isCloth && isWide && !step.before().isAdded(effect.after().frameOf(c.id()))) {
                FreedEdges edges = new Freed(step.before(), effect.after(), off.whole(), anatomy).edges(c);
                panels.add(new PartSurvey(c.id(), named(c, off), c.layer(), c.outline(), edges, Carried.NOTHING)
                        .panel(cloth));
            }
        }
        return panels;
    }

    private static String named(Component c, Effect.Off off) {
        return c.name().equals(off.name()) ? c.name() : c.name() + ", " + off.name();
    }

    /** What became of its edges. */
    private record Freed(GarmentNow before, GarmentNow after, Assembly off, Anatomy anatomy) {
        FreedEdges edges(Component c) {
            Map<String, Double> won = new HashMap<>();
            Map<String, EdgeFinish> kept = new HashMap<>();
            for (Edge edge : c.outline().edges()) {
                edge(c, edge.name(), won, kept);
            }
            return new FreedEdges(won, kept);
        }

        private void edge(Component c, String edge, Map<String, Double> won, Map<String, EdgeFinish> kept) {
            String part = after.frameOf(c.id());
            Optional<Join> join = Stream.of(
                            joins(off, c.id(), edge),
                            joins(before.assembly(), cutFrom(c.id()), edge),
                            joins(
                                    before.assembly(),
                                    cutFrom(c.id()),
                                    PARTED.matcher(edge).replaceFirst("")))
                    .flatMap(j -> j)
                    .findFirst();
            if (join.isPresent()) {
                double mm = after.allowances().getOrDefault(join.get().id(), GarmentNow.ALLOWANCE_MM);
                if (join.get().isTurned()) {
                    kept.put(edge, new EdgeFinish(EdgeKind.HEM, mm));
                } else {
                    won.put(edge, Math.min(mm, WIDEST_WON_MM));
                }
                return;
            }
            anatomy.findPart(part).map(p -> p.finishes().get(edge)).ifPresent(finish -> kept.put(edge, finish));
        }

        /** The component of the garment before that this is all or a part of. */
        private String cutFrom(String component) {
            return before.assembly().components().stream()
                    .map(Component::id)
                    .filter(id -> component.equals(id) || component.startsWith(id + "-"))
                    .max(Comparator.comparingInt(String::length))
                    .orElse(component);
        }

        private static Stream<Join> joins(Assembly garment, String component, String edge) {
            return garment.joins().stream()
                    .filter(j -> j.meetings().stream()
                            .flatMap(m -> m.runs().stream())
                            .anyMatch(r ->
                                    r.component().equals(component) && r.edge().equals(edge)));
        }
    }
}
