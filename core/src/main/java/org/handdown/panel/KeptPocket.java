package org.handdown.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.source.graph.FlatView;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartRole;
import org.handdown.unpick.UnpickPlan;

/** A pocket that stays on its panel: no stitch line runs through it, and the cloth under it is not to be had. */
public final class KeptPocket {
    private static final String STAYS = " stays on";
    /** Room for the presser foot beside it (common practice, no source). */
    private static final double BESIDE_MM = 6;

    private KeptPocket() {}

    /** Flaws of a part with its pockets: those left on are marked, marks of those now taken off are gone, all others stay. */
    public static List<Flaw> flaws(UnpickPlan plan, Part part, List<Flaw> before) {
        List<Flaw> flaws = new ArrayList<>();
        List<Flaw> pockets = pockets(plan, part);
        for (Flaw flaw : before) {
            // A person may have moved the mark, or allowed a piece to carry the pocket; that choice stays.
            if (!flaw.what().endsWith(STAYS)
                    || pockets.stream().anyMatch(p -> p.what().equals(flaw.what()))) {
                flaws.add(flaw);
            }
        }
        pockets.stream()
                .filter(p -> flaws.stream().noneMatch(f -> f.what().equals(p.what())))
                .forEach(flaws::add);
        return flaws;
    }

    private static List<Flaw> pockets(UnpickPlan plan, Part part) {
        List<Flaw> pockets = new ArrayList<>();
        for (Join join : plan.anatomy().joinsOf(part.id())) {
            boolean patch = join.runs().contains(new Join.Run(part.id(), "pocket"));
            if (patch && !plan.isOpen(join)) {
                join.runs().stream()
                        .map(r -> plan.anatomy().part(r.part()))
                        .filter(p -> p.role() == PartRole.POCKET)
                        .forEach(p -> place(plan, part, p)
                                .map(at -> flaw(p, size(p), at))
                                .or(() -> hanging(plan, part, p))
                                .ifPresent(pockets::add));
            }
        }
        return pockets;
    }

    private static Point size(Part pocket) {
        Box box = pocket.outline().box();
        return new Point(box.widthMm(), box.heightMm());
    }

    /** A bag that hangs folded behind its welts: of the cloth in front of it the slit is gone, and a seam through it would close it. */
    private static Optional<Flaw> hanging(UnpickPlan plan, Part part, Part bag) {
        return plan.anatomy().joinsOf(bag.id()).stream()
                .flatMap(j -> j.runs().stream())
                .filter(r -> !r.part().equals(bag.id()) && !r.part().equals(part.id()))
                .map(r -> plan.anatomy().part(r.part()))
                .flatMap(welts -> place(plan, part, welts).stream()
                        .map(at -> at.plus(new Point(0, size(welts).y() / 2))))
                .findFirst()
                .map(top -> {
                    Point folded = new Point(size(bag).x(), size(bag).y() / 2);
                    return flaw(bag, folded, top.minus(new Point(0, folded.y() / 2)));
                });
    }

    /** @param size across and high */
    private static Flaw flaw(Part pocket, Point size, Point at) {
        double wide = size.x() + 2 * BESIDE_MM;
        double high = size.y() + 2 * BESIDE_MM;
        return new Flaw(
                Flaw.Treatment.AVOID,
                Flaw.Kind.POCKET,
                pocket.name() + STAYS,
                new Flaw.Around(Ring.rectangle(at.x() - wide / 2, at.y() - high / 2, wide, high)));
    }

    /** Middle of the pocket in the part's own frame, as the source is drawn. */
    private static Optional<Point> place(UnpickPlan plan, Part part, Part pocket) {
        Optional<FlatView> over = view(plan, pocket);
        Optional<FlatView> under = view(plan, part);
        Box box = pocket.outline().box();
        return over.flatMap(o -> under.filter(u -> u.side().equals(o.side()))
                .map(u -> new Point(
                        (box.minX() + box.maxX()) / 2 + o.dxMm() - u.dxMm(),
                        (box.minY() + box.maxY()) / 2 + o.dyMm() - u.dyMm())));
    }

    private static Optional<FlatView> view(UnpickPlan plan, Part part) {
        return plan.anatomy().views().stream()
                .filter(v -> v.part().equals(part.id()))
                .findFirst();
    }
}
