package org.handdown.reuse;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.assembly.Layer;
import org.handdown.cloth.Cloth;
import org.handdown.geometry.Edge;
import org.handdown.geometry.EdgeName;
import org.handdown.measure.Practice;
import org.handdown.measure.Wording;
import org.handdown.source.Assessment;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.unpick.FreedEdges;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;

/** All keepers that a source has under a plan of taking it apart: finished edges, small parts, strips of seams, buttons. */
public final class Inventory {
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
        inventory.axes();
        inventory.inside();
        return List.copyOf(inventory.keepers);
    }

    private double usable() {
        return plan.practice().of(Practice.Figure.USABLE_STRETCH)
                * cloth.sheet().lastingAcross();
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
        keepers.add(Keeper.of(
                        part.id() + "/" + edge.name(),
                        Wording.fill("%s of the %s", kind.words(), part.name()),
                        kind,
                        edge.lengthMm(),
                        finish.depthMm())
                .at(part.layer(), part.id(), edge.name())
                .restingAt(
                        finish.restMm() == 0 ? edge.lengthMm() : finish.restMm(),
                        kind == KeeperKind.RIB || kind == KeeperKind.CUFF ? usable() : 0)
                .bowedOut(edge.bowMm())
                .with(new Keeper.Buttons(
                        closure.map(c -> c.atMm().size()).orElse(0),
                        closure.map(Closure::diameterMm).orElse(0.0),
                        closure.map(Closure::lineMm).orElse(kind == KeeperKind.PLACKET ? finish.depthMm() / 2 : 0)))
                .clothOn(Side.of(edge))
                .thick(kind.crossingMm(thickness(part.layer())))
                .oneWay(part.layer() == Layer.SHELL && cloth.oneWay())
                .of(thing(part, edge)));
    }

    /** The rib, collar, cuff or band that is still sewn to an edge: seen from the panel it is a finish, by itself a part. */
    private String thing(Part part, Edge edge) {
        Join.Run run = new Join.Run(part.id(), edge.name());
        return anatomy.joinsOf(part.id()).stream()
                .filter(j -> j.runs().contains(run) && !plan.isOpen(j))
                .flatMap(j -> j.runs().stream())
                .map(r -> anatomy.part(r.part()))
                .filter(p -> !p.isMain() && KeeperKind.of(p.role()).isPresent())
                .map(Part::id)
                .findFirst()
                .orElse(part.id() + "/" + edge.name());
    }

    /** What holds a part to the garment; its own inner layers may stay on it. */
    private List<Join> holding(Part part) {
        List<Join> all = anatomy.joinsOf(part.id());
        List<Join> toPanels = all.stream()
                .filter(j -> j.runs().stream()
                        .anyMatch(r -> !r.part().equals(part.id())
                                && anatomy.part(r.part()).isBody()))
                .toList();
        return toPanels.isEmpty() ? all : toPanels;
    }

    private void parts() {
        for (Part part : anatomy.parts()) {
            if (part.layer() == Layer.INTERFACING) {
                continue;
            }
            KeeperKind.of(part.role()).ifPresent(kind -> {
                List<Join> joins = holding(part);
                long open = joins.stream().filter(plan::isOpen).count();
                double off = joins.stream()
                        .filter(j -> !plan.isOpen(j))
                        .mapToDouble(j -> plan.minutes(j, JoinDecision.UNPICK))
                        .sum();
                var box = part.outline().box();
                Keeper.Hold hold = open == joins.size()
                        ? Keeper.Hold.DETACHED
                        : open > 0 ? Keeper.Hold.HALF : Keeper.Hold.ATTACHED;
                keepers.add(Keeper.of(
                                part.id(),
                                part.name(),
                                kind,
                                kind == KeeperKind.ZIP ? box.heightMm() : box.widthMm(),
                                kind == KeeperKind.ZIP ? box.widthMm() : box.heightMm())
                        .at(part.layer(), part.id(), "")
                        .restingAt(
                                kind == KeeperKind.ZIP ? box.heightMm() : box.widthMm(),
                                kind == KeeperKind.RIB || kind == KeeperKind.CUFF ? usable() : 0)
                        .held(hold, off)
                        .thick(kind.crossingMm(thickness(part.layer()))));
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
                keepers.add(Keeper.of(
                                "strip-" + join.id(),
                                "seam strip of the " + join.name(),
                                KeeperKind.SEAM_STRIP,
                                join.lengthMm(),
                                join.allowanceMm())
                        .at(Layer.SHELL, join.runs().get(0).part(), "")
                        .held(Keeper.Hold.DETACHED, 0)
                        .thick(KeeperKind.SEAM_STRIP.crossingMm(cloth.thicknessMm())));
            }
        }
    }

    private double thickness(Layer layer) {
        return layer == Layer.SHELL ? cloth.thicknessMm() : cloth.lining().thicknessMm();
    }

    /** A centre seam that stays closed: left and right are true to each other along it, so it serves to fold and to copy by. */
    private void axes() {
        for (UnpickPlan.Outcome o : plan.outcomes()) {
            Join join = o.join();
            boolean centre = join.runs().size() == 2
                    && !join.finishedEdge()
                    && join.runs().stream().allMatch(r -> new EdgeName(r.edge()).isCentre());
            if (centre && o.decision() == JoinDecision.LEAVE) {
                keepers.add(hidden("axis-" + join.id(), join.name() + " as axis", KeeperKind.AXIS, join));
            }
        }
    }

    /** A wrong side worth showing, once for the whole source. */
    private void inside() {
        if (cloth.sheet().prettyInside() && !anatomy.joins().isEmpty()) {
            keepers.add(hidden(
                    "inside",
                    "the inside of the cloth",
                    KeeperKind.WRONG_SIDE,
                    anatomy.joins().get(0)));
        }
    }

    private Keeper hidden(String id, String name, KeeperKind kind, Join join) {
        double length = kind == KeeperKind.AXIS ? join.lengthMm() : 0;
        return Keeper.of(id, name, kind, length, 0)
                .at(Layer.SHELL, kind == KeeperKind.AXIS ? join.runs().get(0).part() : "", "");
    }

    private void buttons() {
        for (Closure closure : anatomy.closures()) {
            if (closure.kind() == Closure.Kind.BUTTONS && !closure.atMm().isEmpty()) {
                keepers.add(Keeper.of(
                                "set-" + closure.id(),
                                Wording.fill(
                                        "%d buttons of the %s",
                                        closure.atMm().size(),
                                        anatomy.part(closure.part()).name()),
                                KeeperKind.BUTTONS,
                                0,
                                0)
                        .at(Layer.SHELL, closure.part(), "")
                        .held(Keeper.Hold.ATTACHED, 0.5 * closure.atMm().size())
                        .with(new Keeper.Buttons(closure.atMm().size(), closure.diameterMm(), closure.lineMm())));
            }
        }
    }
}
