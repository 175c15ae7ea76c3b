package org.handdown.make;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.measure.Wording;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedAcyclicGraph;
import org.jgrapht.traverse.TopologicalOrderIterator;

/** Steps in an order that breaks none of their needs; ties keep the order in which the steps were given. */
public final class WorkOrder {
    private WorkOrder() {}

    /** @throws IllegalArgumentException if a need names no step or the needs run in a circle */
    public static List<Step> of(List<Step> steps) {
        Map<String, Integer> rank = new HashMap<>();
        for (int i = 0; i < steps.size(); i++) {
            rank.put(steps.get(i).id(), i);
        }
        DirectedAcyclicGraph<Step, DefaultEdge> graph = new DirectedAcyclicGraph<>(DefaultEdge.class);
        steps.forEach(graph::addVertex);
        for (Step step : steps) {
            for (Step.Need need : step.needs()) {
                Integer before = rank.get(need.step());
                if (before == null) {
                    throw new IllegalArgumentException(
                            Wording.fill("Step (%s) needs (%s), which does not exist.", step.id(), need.step()));
                }
                graph.addEdge(steps.get(before), step);
            }
        }
        List<Step> order = new ArrayList<>();
        new TopologicalOrderIterator<>(graph, java.util.Comparator.comparing((Step s) -> rank.get(s.id())))
                .forEachRemaining(order::add);
        return order;
    }
}
