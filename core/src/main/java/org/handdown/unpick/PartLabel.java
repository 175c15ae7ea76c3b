package org.handdown.unpick;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.handdown.geometry.Box;
import org.handdown.geometry.Outline;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartId;

/**
 * What is pinned to a part the moment it comes off, so that side, face and grain are not lost in a heap.
 *
 * @param side the wearer's left or right; empty for a part in the middle
 * @param partner its mirror image; empty without one
 * @param neighbours parts it was sewn to
 * @param outline as it lies right side up, top up, mm
 */
public record PartLabel(
        String part,
        String name,
        String layer,
        String side,
        String partner,
        List<String> neighbours,
        double widthMm,
        double heightMm,
        Outline outline) {

    /** One for every part that comes off whole or can be laid flat. */
    public static List<PartLabel> of(UnpickPlan plan) {
        List<String> flat = plan.flatParts();
        List<PartLabel> labels = new ArrayList<>();
        for (Part part : plan.anatomy().parts()) {
            List<Join> joins = plan.anatomy().joinsOf(part.id());
            boolean off =
                    !joins.isEmpty() && joins.stream().filter(Hanging::holds).allMatch(plan::isOpen);
            if (part.isMain() ? flat.contains(part.id()) : off) {
                labels.add(of(plan, part));
            }
        }
        return labels;
    }

    private static PartLabel of(UnpickPlan plan, Part part) {
        Set<String> neighbours = new LinkedHashSet<>();
        plan.anatomy()
                .joinsOf(part.id())
                .forEach(j -> j.runs().stream()
                        .filter(r -> !r.part().equals(part.id()))
                        .forEach(r ->
                                neighbours.add(plan.anatomy().part(r.part()).name())));
        PartId id = new PartId(part.id());
        String side = id.side().map(PartId.BodySide::words).orElse("");
        String other = id.partner().map(PartId::text).orElse("");
        Box box = part.outline().box();
        return new PartLabel(
                part.id(),
                part.name(),
                part.layer().words(),
                side,
                plan.anatomy().findPart(other).map(Part::name).orElse(""),
                List.copyOf(neighbours),
                box.widthMm(),
                box.heightMm(),
                part.outline());
    }
}
