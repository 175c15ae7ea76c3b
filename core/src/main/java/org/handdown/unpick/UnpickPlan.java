package org.handdown.unpick;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.handdown.fit.EdgeKind;
import org.handdown.geometry.Edge;
import org.handdown.measure.Practice;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;

/**
 * What a choice for every join costs and wins. Unpicking wins the allowance back on each side; cutting away beside the stitches takes
 * about a minute a metre and loses it; a join left closed keeps its parts together.
 */
public final class UnpickPlan {
    private static final Map<PartRole, EdgeKind> KINDS = Map.of(
            PartRole.WAISTBAND, EdgeKind.WAISTBAND,
            PartRole.COLLAR, EdgeKind.COLLAR,
            PartRole.CUFF, EdgeKind.CUFF,
            PartRole.RIB, EdgeKind.RIB,
            PartRole.ZIP, EdgeKind.ZIP);

    private final Anatomy anatomy;
    private final Map<String, JoinDecision> decisions;
    private final Map<String, Stretches> stretches;
    private final Map<StitchType, Double> ownRates;
    private final Practice practice;

    /**
     * @param decisions by join id; a join that is not named is left closed
     * @param stretches of joins that are unpicked in part only, by join id
     * @param ownRates minutes a metre that the household timed, over those of its practice
     */
    public UnpickPlan(
            Anatomy anatomy,
            Map<String, JoinDecision> decisions,
            Map<String, Stretches> stretches,
            Map<StitchType, Double> ownRates,
            Practice practice) {
        this.anatomy = anatomy;
        this.decisions = Map.copyOf(decisions);
        this.stretches = Map.copyOf(stretches);
        this.ownRates = Map.copyOf(ownRates);
        this.practice = practice;
    }

    /** Every join unpicked: all the cloth there is. */
    public static UnpickPlan ofAll(Anatomy anatomy) {
        return new UnpickPlan(
                anatomy,
                anatomy.joins().stream().collect(Collectors.toMap(Join::id, j -> JoinDecision.UNPICK)),
                Map.of(),
                Map.of(),
                Practice.SHIPPED);
    }

    public Anatomy anatomy() {
        return anatomy;
    }

    /** Figures of common practice that it goes by. */
    public Practice practice() {
        return practice;
    }

    /** The stretches that are opened, where it is not the whole join. */
    public Optional<Stretches> stretches(String join) {
        return decision(join) == JoinDecision.UNPICK ? Optional.ofNullable(stretches.get(join)) : Optional.empty();
    }

    /** Is it opened along all its length, so that its parts come apart? */
    public boolean isOpen(Join join) {
        return decision(join.id()) != JoinDecision.LEAVE && stretches(join.id()).isEmpty();
    }

    public double rate(StitchType stitch) {
        return ownRates.getOrDefault(stitch, stitch.minutesPerMetre(practice));
    }

    /** Minutes that a decision on a join would take. */
    public double minutes(Join join, JoinDecision decision) {
        return switch (decision) {
            case UNPICK -> join.minutes(rate(join.stitch()));
            case CUT_AWAY -> join.lengthMm() / 1000 * practice.of(Practice.Figure.RATE_CUT);
            case LEAVE -> 0;
        };
    }

    /**
     * One join under the plan.
     *
     * @param wonMm allowance on each side's new edge; negative never
     * @param wonCm2 cloth won over all its runs
     * @param lostCm2 cloth given up by cutting away
     */
    public record Outcome(
            Join join, JoinDecision decision, double minutes, double wonMm, double wonCm2, double lostCm2) {}

    public JoinDecision decision(String join) {
        return decisions.getOrDefault(join, JoinDecision.LEAVE);
    }

    public List<Outcome> outcomes() {
        return anatomy.joins().stream().map(this::outcome).toList();
    }

    private Outcome outcome(Join join) {
        JoinDecision decision = decision(join.id());
        double sides = join.finishedEdge() ? 1 : join.runs().size();
        double cm2 = join.lengthMm() * join.allowanceMm() * sides / 100;
        Optional<Stretches> stretches = stretches(join.id());
        if (stretches.isPresent()) {
            // Its parts stay together: minutes are spent, but no cloth comes free for cutting.
            double opened = stretches.get().openedMm(join, practice);
            return new Outcome(join, decision, join.minutes(rate(join.stitch()), opened, 0), 0, 0, 0);
        }
        double minutes = minutes(join, decision);
        return switch (decision) {
            case UNPICK -> new Outcome(join, decision, minutes, join.allowanceMm(), cm2, 0);
            case CUT_AWAY -> new Outcome(join, decision, minutes, 0, 0, cm2);
            case LEAVE -> new Outcome(join, decision, 0, 0, 0, 0);
        };
    }

    public double minutes() {
        return outcomes().stream().mapToDouble(Outcome::minutes).sum();
    }

    public double wonCm2() {
        return outcomes().stream().mapToDouble(Outcome::wonCm2).sum();
    }

    /** Main parts that can be laid flat now, in the order of the anatomy. */
    public List<String> flatParts() {
        Hanging hanging = new Hanging(anatomy, closed());
        return anatomy.mainParts().stream()
                .map(Part::id)
                .filter(hanging::isFlat)
                .toList();
    }

    /**
     * What opening a join, under the rest of this plan, brings: parts it frees, a strip that makes a cord, a finish that is lost or kept,
     * in sentences with lengths in mm.
     */
    public List<String> effects(Join join) {
        List<String> effects = new ArrayList<>();
        JoinDecision now = decision(join.id());
        if (join.finishedEdge()) {
            effects.add(Wording.fill(
                    now == JoinDecision.LEAVE
                            ? "%.0f mm of finished edge live on."
                            : "%.0f mm of finished edge are lost; the old fold may show.",
                    join.lengthMm()));
            return effects;
        }
        List<String> freed = new ArrayList<>(flatWith(join, true));
        freed.removeAll(flatWith(join, false));
        if (!freed.isEmpty()) {
            String names = String.join(
                    ", ", freed.stream().map(p -> anatomy.part(p).name()).toList());
            effects.add((now == JoinDecision.LEAVE ? "Opening it frees: " : "It frees: ") + names + ".");
        } else if (now != JoinDecision.LEAVE && stretches(join.id()).isEmpty() && Hanging.holds(join)) {
            effects.add("No part lies flat by it that would not without: it could stay closed.");
        }
        if (now == JoinDecision.CUT_AWAY && join.allowanceMm() > 0) {
            effects.add(Wording.fill("Its strip, %.0f mm long, makes a cord or a tie.", join.lengthMm()));
        }
        for (Join.Run run : join.runs()) {
            Part part = anatomy.part(run.part());
            if (!part.isMain() && part.role() != PartRole.FACING) {
                effects.add(
                        !isOpen(join)
                                ? Wording.fill("The %s stays on.", part.name())
                                : Wording.fill("The %s comes off here and can live on elsewhere.", part.name()));
            }
        }
        return effects;
    }

    private List<String> flatWith(Join join, boolean open) {
        List<Join> closed = new ArrayList<>(closed());
        closed.removeIf(j -> j.id().equals(join.id()));
        if (!open) {
            closed.add(join);
        }
        Hanging hanging = new Hanging(anatomy, closed);
        return anatomy.mainParts().stream()
                .map(Part::id)
                .filter(hanging::isFlat)
                .toList();
    }

    private List<Join> closed() {
        return anatomy.joins().stream()
                .filter(Hanging::holds)
                .filter(j -> !isOpen(j))
                .toList();
    }

    /** Joins of which one at least must still be opened before a part lies flat, in words. */
    public List<String> holding(String part) {
        return new Hanging(anatomy, closed())
                .ringFrom(part).stream().map(Join::name).toList();
    }

    /**
     * What becomes of the edges of a part: cloth won where a join was unpicked, finished edges that live on, and seams still closed,
     * along which something hangs on.
     */
    public FreedEdges edges(Part part) {
        Map<String, Double> won = new LinkedHashMap<>();
        Map<String, EdgeFinish> kept = new LinkedHashMap<>(part.finishes());
        for (Edge edge : part.outline().edges()) {
            Join.Run run = new Join.Run(part.id(), edge.name());
            List<Join> along =
                    anatomy.joins().stream().filter(j -> j.runs().contains(run)).toList();
            for (Join join : along) {
                if (!isOpen(join)) {
                    kept.put(edge.name(), finish(join, part));
                    won.put(edge.name(), 0.0);
                }
            }
            if (along.stream().allMatch(this::isOpen)) {
                along.forEach(j -> won.merge(edge.name(), wonMm(j), Math::max));
            }
        }
        return new FreedEdges(won, kept);
    }

    private double wonMm(Join open) {
        boolean unpicked = decision(open.id()) == JoinDecision.UNPICK;
        return unpicked ? open.allowanceMm() : open.finishedEdge() ? -open.allowanceMm() : 0;
    }

    /** A hem, or whatever still hangs there. */
    private EdgeFinish finish(Join closed, Part part) {
        if (closed.finishedEdge()) {
            return new EdgeFinish(EdgeKind.HEM, closed.allowanceMm());
        }
        for (Join.Run run : closed.runs()) {
            Part other = anatomy.part(run.part());
            if (!other.id().equals(part.id()) && KINDS.containsKey(other.role())) {
                double depth = other.outline().box().heightMm();
                return new EdgeFinish(java.util.Objects.requireNonNull(KINDS.get(other.role())), Math.min(depth, 400));
            }
        }
        return new EdgeFinish(EdgeKind.SEAM, 0);
    }
}
