package org.handdown.unpick;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.handdown.source.Anatomy;
import org.handdown.source.Join;
import org.handdown.source.Part;
import org.handdown.source.StitchType;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.ConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleGraph;

/**
 * What a choice for every join costs and wins. Unpicking wins the allowance back on each side; cutting away beside the stitches takes
 * about a minute a metre and loses it; a join left closed keeps its parts together.
 */
public final class UnpickPlan {
    /** Cutting beside the stitches with shears (common practice, no source). */
    private static final double CUT_MINUTES_PER_METRE = 1;

    private final Anatomy anatomy;
    private final Map<String, JoinDecision> decisions;
    private final Map<StitchType, Double> ownRates;

    /**
     * @param decisions by join id; a join that is not named is left closed
     * @param ownRates the household's own minutes a metre, over the defaults
     */
    public UnpickPlan(Anatomy anatomy, Map<String, JoinDecision> decisions, Map<StitchType, Double> ownRates) {
        this.anatomy = anatomy;
        this.decisions = Map.copyOf(decisions);
        this.ownRates = Map.copyOf(ownRates);
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
        double rate = ownRates.getOrDefault(join.stitch(), join.stitch().minutesPerMetre());
        return switch (decision) {
            case UNPICK -> new Outcome(join, decision, join.minutes(rate), join.allowanceMm(), cm2, 0);
            case CUT_AWAY -> new Outcome(join, decision, join.lengthMm() / 1000 * CUT_MINUTES_PER_METRE, 0, 0, cm2);
            case LEAVE -> new Outcome(join, decision, 0, 0, 0, 0);
        };
    }

    public double minutes() {
        return outcomes().stream().mapToDouble(Outcome::minutes).sum();
    }

    public double wonCm2() {
        return outcomes().stream().mapToDouble(Outcome::wonCm2).sum();
    }

    /** Main parts that still hang together, each group sorted; a group of one lies flat as a panel. */
    public List<Set<String>> groups() {
        Graph<String, DefaultEdge> graph = new SimpleGraph<>(DefaultEdge.class);
        anatomy.parts().stream().filter(Part::isMain).forEach(p -> graph.addVertex(p.id()));
        for (Join join : anatomy.joins()) {
            if (decision(join.id()) == JoinDecision.LEAVE && !join.finishedEdge()) {
                connectMain(graph, join);
            }
        }
        return new ConnectivityInspector<>(graph)
                .connectedSets().stream()
                        .<Set<String>>map(TreeSet::new)
                        .sorted(Comparator.comparing(s -> s.iterator().next()))
                        .toList();
    }

    private static void connectMain(Graph<String, DefaultEdge> graph, Join join) {
        List<String> main = join.runs().stream()
                .map(Join.Run::part)
                .filter(graph::containsVertex)
                .toList();
        for (int i = 1; i < main.size(); i++) {
            graph.addEdge(main.get(0), main.get(i));
        }
    }

    /** Joins that still hold a main part to another, in words. */
    public List<String> holding(String part) {
        List<String> names = new ArrayList<>();
        for (Join join : anatomy.joins()) {
            boolean touches = join.runs().stream().anyMatch(r -> r.part().equals(part));
            boolean toOther = join.runs().stream()
                    .anyMatch(r ->
                            !r.part().equals(part) && anatomy.part(r.part()).isMain());
            if (touches && toOther && !join.finishedEdge() && decision(join.id()) == JoinDecision.LEAVE) {
                names.add(join.name());
            }
        }
        return names;
    }

    /** Cloth won along an edge of a part, in mm; 0 where the join was cut away or left. */
    public double wonMm(String part, String edge) {
        return outcomes().stream()
                .filter(o -> o.join().runs().contains(new Join.Run(part, edge)))
                .mapToDouble(Outcome::wonMm)
                .max()
                .orElse(0);
    }
}
