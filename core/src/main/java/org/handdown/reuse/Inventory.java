package org.handdown.reuse;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.cloth.Cloth;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.source.Anatomy;
import org.handdown.source.Assessment;
import org.handdown.source.Closure;
import org.handdown.source.EdgeFinish;
import org.handdown.source.Join;
import org.handdown.source.Layer;
import org.handdown.source.Part;
import org.handdown.unpick.FreedEdges;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;

/** All keepers that a source has under a plan of taking it apart: finished edges, small parts, strips of seams, buttons. */
public final class Inventory {
    /** What wear may use of the stretch that was measured (common practice, a setting). */
    public static final double USABLE_SHARE = 0.6;

    private static final double LEAST_STRIP_MM = 200;

    private final Anatomy anatomy;
    private final UnpickPlan plan;
    private final Cloth cloth;
    private final List<Keeper> keepers = new ArrayList<>();

    private Inventory(UnpickPlan plan, Cloth cloth) {
        this.anatomy = plan.anatomy();
        this.plan = plan;
        this.cloth = cloth;
    }

    /** With the condition that a person found each to be in. */
    public static List<Keeper> of(UnpickPlan plan, Cloth cloth, Assessment assessment) {
        return of(plan, cloth).stream()
                .map(k -> k.judged(assessment.condition(k.id())))
                .toList();
    }

    public static List<Keeper> of(UnpickPlan plan, Cloth cloth) {
        Inventory inventory = new Inventory(plan, cloth);
        inventory.edges();
        inventory.parts();
        inventory.strips();
        inventory.buttons();
        return List.copyOf(inventory.keepers);
    }

    private double usable() {
        return USABLE_SHARE * cloth.sheet().stretchAcross();
    }

    private void edges() {
        for (Part part : anatomy.mainParts()) {
            FreedEdges freed = plan.edges(part);
            for (Edge edge : part.outline().edges()) {
                EdgeFinish finish = freed.kept().get(edge.name());
                if (finish == null) {
                    continue;
                }
                KeeperKind.of(finish.kind()).ifPresent(kind -> edge(part, edge, finish, kind));
            }
        }
    }

    private void edge(Part part, Edge edge, EdgeFinish finish, KeeperKind kind) {
        Optional<Closure> closure = anatomy.closures().stream()
                .filter(c -> c.part().equals(part.id()) && c.edge().equals(edge.name()))
                .findFirst();
        keepers.add(new Keeper(
                part.id() + "/" + edge.name(),
                "%s of the %s".formatted(kind.words(), part.name()),
                kind,
                part.layer(),
                part.id(),
                edge.name(),
                edge.lengthMm(),
                finish.restMm() == 0 ? edge.lengthMm() : finish.restMm(),
                kind == KeeperKind.RIB || kind == KeeperKind.CUFF ? usable() : 0,
                finish.depthMm(),
                bowMm(edge),
                Keeper.Hold.ATTACHED,
                0,
                closure.map(c -> c.atMm().size()).orElse(0),
                closure.map(Closure::diameterMm).orElse(0.0),
                closure.map(Closure::lineMm).orElse(kind == KeeperKind.PLACKET ? finish.depthMm() / 2 : 0),
                Assessment.Condition.SOUND));
    }

    /** Greatest distance of the edge from the chord between its ends; positive where it bows out of a counter-clockwise outline. */
    public static double bowMm(Edge edge) {
        Point chord = edge.end().minus(edge.start());
        double length = Math.max(chord.lengthMm(), 1e-9);
        double most = 0;
        for (Point p : edge.flattened(0.1)) {
            double off = -chord.cross(p.minus(edge.start())) / length;
            if (Math.abs(off) > Math.abs(most)) {
                most = off;
            }
        }
        return most;
    }

    private void parts() {
        for (Part part : anatomy.parts()) {
            KeeperKind.of(part.role()).ifPresent(kind -> {
                List<Join> joins = anatomy.joinsOf(part.id());
                long open = joins.stream().filter(plan::isOpen).count();
                double off = joins.stream()
                        .filter(j -> !plan.isOpen(j))
                        .mapToDouble(j -> plan.minutes(j, JoinDecision.UNPICK))
                        .sum();
                var box = part.outline().flattened().ring().box();
                Keeper.Hold hold = open == joins.size()
                        ? Keeper.Hold.DETACHED
                        : open > 0 ? Keeper.Hold.HALF : Keeper.Hold.ATTACHED;
                keepers.add(new Keeper(
                        part.id(),
                        part.name(),
                        kind,
                        part.layer(),
                        part.id(),
                        "",
                        kind == KeeperKind.ZIP ? box.heightMm() : box.widthMm(),
                        kind == KeeperKind.ZIP ? box.heightMm() : box.widthMm(),
                        kind == KeeperKind.RIB || kind == KeeperKind.CUFF ? usable() : 0,
                        kind == KeeperKind.ZIP ? box.widthMm() : box.heightMm(),
                        0,
                        hold,
                        off,
                        0,
                        0,
                        0,
                        Assessment.Condition.SOUND));
            });
        }
    }

    /** Cutting away beside the stitches leaves the seam whole: a strip that makes a cord. */
    private void strips() {
        for (UnpickPlan.Outcome o : plan.outcomes()) {
            Join join = o.join();
            if (o.decision() == JoinDecision.CUT_AWAY
                    && !join.finishedEdge()
                    && join.lengthMm() >= LEAST_STRIP_MM
                    && join.allowanceMm() > 0) {
                keepers.add(new Keeper(
                        "strip-" + join.id(),
                        "seam strip of the " + join.name(),
                        KeeperKind.SEAM_STRIP,
                        Layer.SHELL,
                        join.runs().get(0).part(),
                        "",
                        join.lengthMm(),
                        join.lengthMm(),
                        0,
                        join.allowanceMm(),
                        0,
                        Keeper.Hold.DETACHED,
                        0,
                        0,
                        0,
                        0,
                        Assessment.Condition.SOUND));
            }
        }
    }

    private void buttons() {
        for (Closure closure : anatomy.closures()) {
            if (closure.kind() == Closure.Kind.BUTTONS && !closure.atMm().isEmpty()) {
                keepers.add(new Keeper(
                        "set-" + closure.id(),
                        "%d buttons of the %s"
                                .formatted(
                                        closure.atMm().size(),
                                        anatomy.part(closure.part()).name()),
                        KeeperKind.BUTTONS,
                        Layer.SHELL,
                        closure.part(),
                        "",
                        0,
                        0,
                        0,
                        0,
                        0,
                        Keeper.Hold.ATTACHED,
                        0.5 * closure.atMm().size(),
                        closure.atMm().size(),
                        closure.diameterMm(),
                        closure.lineMm(),
                        Assessment.Condition.SOUND));
            }
        }
    }
}
