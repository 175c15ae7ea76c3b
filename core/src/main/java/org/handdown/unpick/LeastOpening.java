package org.handdown.unpick;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.handdown.geometry.Box;
import org.handdown.measure.RefusedValueException;
import org.handdown.source.Anatomy;
import org.handdown.source.Join;
import org.handdown.source.Part;

/**
 * The cheapest set of joins to open so that wanted parts lie flat. Exact: whatever still makes a wanted part part of a tube names joins of
 * which one at least must go; the search tries each of them, cheapest total first, keeping those tried before closed, so that no set is
 * looked at twice and the first whole answer is the best there is.
 */
public final class LeastOpening {
    private final Anatomy anatomy;
    private final Want want;
    private final Map<String, Double> minutes;

    /**
     * What is needed.
     *
     * @param flat parts that must lie flat
     * @param loose parts that must come off altogether
     * @param closed joins that must stay closed: keepers
     */
    public record Want(Set<String> flat, Set<String> loose, Set<String> closed) {
        public Want {
            flat = Set.copyOf(flat);
            loose = Set.copyOf(loose);
            closed = Set.copyOf(closed);
        }
    }

    /** Joins to open, sorted, and what that takes. */
    public record Answer(Set<String> open, double minutes) {
        public Answer {
            open = java.util.Collections.unmodifiableSet(new TreeSet<>(open));
        }
    }

    /** @param minutes what opening a join takes, by its id; every join has one, none below 0 */
    public LeastOpening(Anatomy anatomy, Want want, Map<String, Double> minutes) {
        this.anatomy = anatomy;
        this.want = want;
        this.minutes = Map.copyOf(minutes);
    }

    private record Node(Set<String> open, Set<String> kept, double minutes) {}

    private double cost(String join) {
        return java.util.Objects.requireNonNull(minutes.get(join));
    }

    /** The best answers, cheapest first, each without a join that could stay closed; none if the keepers forbid it. */
    public List<Answer> best(int most) {
        List<Answer> answers = new ArrayList<>();
        PriorityQueue<Node> open = new PriorityQueue<>(Comparator.comparingDouble(Node::minutes)
                .thenComparing(n -> n.open().size())
                .thenComparing(n -> new TreeSet<>(n.open()).toString()));
        open.add(new Node(Set.of(), want.closed(), 0));
        while (!open.isEmpty() && answers.size() < most) {
            Node node = open.poll();
            Optional<Set<String>> oneOf = mustOpenOneOf(node.open());
            if (oneOf.isEmpty()) {
                if (isLean(node.open())) {
                    answers.add(new Answer(node.open(), node.minutes()));
                }
                continue;
            }
            Set<String> kept = new HashSet<>(node.kept());
            for (String join : new TreeSet<>(oneOf.get())) {
                if (kept.add(join)) {
                    Set<String> more = new HashSet<>(node.open());
                    more.add(join);
                    Set<String> others = new HashSet<>(kept);
                    others.remove(join);
                    open.add(new Node(more, others, node.minutes() + cost(join)));
                }
            }
        }
        return answers;
    }

    /**
     * The least work for panels of a size, whichever parts give them.
     *
     * @param count how many such panels
     * @param widthMm and lengthMm: least extent between the old seams, across and along
     * @param closed joins that must stay closed
     * @throws RefusedValueException with the largest there is, when the source has not so many of that size
     */
    public static List<Answer> forSize(
            Anatomy anatomy,
            int count,
            double widthMm,
            double lengthMm,
            Set<String> closed,
            Map<String, Double> minutes,
            int most) {
        List<String> large = new ArrayList<>();
        double widest = 0;
        double longest = 0;
        for (Part part : anatomy.mainParts()) {
            Box box = part.outline().flattened().ring().box();
            widest = Math.max(widest, box.widthMm());
            longest = Math.max(longest, box.heightMm());
            if (box.widthMm() >= widthMm && box.heightMm() >= lengthMm) {
                large.add(part.id());
            }
        }
        if (count < 1 || large.size() < count) {
            throw new RefusedValueException(
                    "size",
                    "%d parts are at least %.0f mm wide and %.0f mm long, %d are wanted; the widest has %.0f mm, the longest %.0f mm."
                            .formatted(large.size(), widthMm, lengthMm, count, widest, longest));
        }
        Map<Set<String>, Answer> found = new HashMap<>();
        for (Set<String> some : choose(large, count)) {
            for (Answer answer : new LeastOpening(anatomy, new Want(some, Set.of(), closed), minutes).best(most)) {
                found.putIfAbsent(answer.open(), answer);
            }
        }
        return found.values().stream()
                .sorted(Comparator.comparingDouble(Answer::minutes)
                        .thenComparing(a -> a.open().toString()))
                .limit(most)
                .toList();
    }

    private static List<Set<String>> choose(List<String> from, int count) {
        if (count == 0) {
            return List.of(Set.of());
        }
        List<Set<String>> all = new ArrayList<>();
        for (int i = 0; i + count <= from.size(); i++) {
            for (Set<String> rest : choose(from.subList(i + 1, from.size()), count - 1)) {
                Set<String> some = new HashSet<>(rest);
                some.add(from.get(i));
                all.add(some);
            }
        }
        return all;
    }

    /** Could any of them have stayed closed? */
    private boolean isLean(Set<String> open) {
        return open.stream().noneMatch(join -> {
            Set<String> fewer = new HashSet<>(open);
            fewer.remove(join);
            return suffices(fewer);
        });
    }

    /** Do these joins, opened, give all that is wanted? */
    public boolean suffices(Collection<String> open) {
        return mustOpenOneOf(open).isEmpty();
    }

    private Optional<Set<String>> mustOpenOneOf(Collection<String> open) {
        List<Join> closed = anatomy.joins().stream()
                .filter(Hanging::holds)
                .filter(j -> !open.contains(j.id()))
                .toList();
        for (String part : new TreeSet<>(want.loose())) {
            for (Join join : closed) {
                if (join.touches(part)) {
                    return Optional.of(Set.of(join.id()));
                }
            }
        }
        Hanging hanging = new Hanging(anatomy, closed);
        for (String part : new TreeSet<>(want.flat())) {
            Set<Join> ring = hanging.ringFrom(part);
            if (!ring.isEmpty()) {
                return Optional.of(ring.stream().map(Join::id).collect(Collectors.toSet()));
            }
        }
        return Optional.empty();
    }
}
