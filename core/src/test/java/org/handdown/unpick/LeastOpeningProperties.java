package org.handdown.unpick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import net.jqwik.api.constraints.IntRange;
import org.handdown.Demo;
import org.handdown.assembly.Layer;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.jgrapht.alg.connectivity.ConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.Pseudograph;

@Tag("long")
class LeastOpeningProperties {
    private static Anatomy random(Random random, int joins) {
        int parts = 2 + random.nextInt(6);
        List<Part> all = new ArrayList<>();
        for (int i = 0; i < parts; i++) {
            all.add(new Part(
                    "p" + i, "p" + i, Demo.ANATOMY.part("waistband").outline(), PartRole.PANEL, Layer.SHELL, Map.of()));
        }
        List<Join> some = new ArrayList<>();
        for (int j = 0; j < joins; j++) {
            List<Join.Run> runs = new ArrayList<>();
            int holds = 2 + (random.nextInt(5) == 0 ? 1 : 0);
            for (int r = 0; r < holds; r++) {
                runs.add(new Join.Run("p" + random.nextInt(parts), "e" + r));
            }
            some.add(new Join(
                    "j" + j, "j" + j, runs, StitchType.PLAIN, 1, 100 + random.nextInt(900), 10, 0, false, j, Set.of()));
        }
        return new Anatomy(all, some, List.of(), List.of(), List.of());
    }

    /** By a second library: a part lies flat when its piece of the graph of parts and joins has one edge less than nodes. */
    private static boolean isFlat(Anatomy anatomy, Set<String> open, String part) {
        Pseudograph<String, DefaultEdge> graph = new Pseudograph<>(DefaultEdge.class);
        anatomy.parts().forEach(p -> graph.addVertex(p.id()));
        for (Join join : anatomy.joins()) {
            if (!open.contains(join.id())) {
                graph.addVertex(join.id());
                join.runs().forEach(r -> graph.addEdge(join.id(), r.part()));
            }
        }
        Set<String> whole = new ConnectivityInspector<>(graph).connectedSetOf(part);
        long edges = graph.edgeSet().stream()
                .filter(e -> whole.contains(graph.getEdgeSource(e)))
                .count();
        return edges == whole.size() - 1;
    }

    private record Brute(double least, int ways) {}

    private static Brute brute(Anatomy anatomy, LeastOpening.Want want, Map<String, Double> minutes) {
        List<String> free = anatomy.joins().stream()
                .map(Join::id)
                .filter(j -> !want.closed().contains(j))
                .toList();
        double least = Double.MAX_VALUE;
        int ways = 0;
        for (int mask = 0; mask < 1 << free.size(); mask++) {
            Set<String> open = new HashSet<>();
            double sum = 0;
            for (int i = 0; i < free.size(); i++) {
                if ((mask >> i & 1) == 1) {
                    open.add(free.get(i));
                    sum += java.util.Objects.requireNonNull(minutes.get(free.get(i)));
                }
            }
            boolean enough = want.flat().stream().allMatch(p -> isFlat(anatomy, open, p))
                    && anatomy.joins().stream()
                            .filter(j -> !open.contains(j.id()))
                            .noneMatch(j -> want.loose().stream().anyMatch(j::touches));
            if (enough) {
                ways++;
                least = Math.min(least, sum);
            }
        }
        return new Brute(least, ways);
    }

    /** Up to 14 joins: the best answer is as cheap as the cheapest of all subsets, and only impossible wants have none. */
    @Property(tries = 60)
    void isAsCheapAsTheBestOfAllSubsets(@ForAll long seed, @ForAll @IntRange(min = 1, max = 10) int joins) {
        Random random = new Random(seed);
        check(random, joins);
    }

    @Property(tries = 3)
    void isAsCheapAsTheBestOfAllSubsetsOfFourteen(@ForAll long seed) {
        check(new Random(seed), 14);
    }

    private static void check(Random random, int joins) {
        Anatomy anatomy = random(random, joins);
        Map<String, Double> minutes = new HashMap<>();
        anatomy.joins().forEach(j -> minutes.put(j.id(), (double) random.nextInt(12)));
        Set<String> flat = new HashSet<>();
        Set<String> loose = new HashSet<>();
        anatomy.parts().forEach(p -> {
            int lot = random.nextInt(4);
            if (lot == 0) {
                flat.add(p.id());
            } else if (lot == 1 && random.nextBoolean()) {
                loose.add(p.id());
            }
        });
        Set<String> closed = new HashSet<>();
        if (random.nextInt(3) == 0) {
            closed.add("j" + random.nextInt(joins));
        }
        LeastOpening.Want want = new LeastOpening.Want(flat, loose, closed);
        Brute brute = brute(anatomy, want, minutes);
        List<LeastOpening.Answer> best = new LeastOpening(anatomy, want, minutes).best(3);
        if (brute.ways() == 0) {
            assertThat(best).isEmpty();
            return;
        }
        assertThat(best).isNotEmpty();
        assertThat(best.get(0).minutes()).isCloseTo(brute.least(), within(1e-9));
        for (LeastOpening.Answer answer : best) {
            assertThat(flat).allMatch(p -> isFlat(anatomy, answer.open(), p));
            assertThat(answer.open()).noneMatch(closed::contains);
        }
        assertThat(best).isSortedAccordingTo(java.util.Comparator.comparingDouble(LeastOpening.Answer::minutes));
        assertThat(best).doesNotHaveDuplicates();
    }
}
