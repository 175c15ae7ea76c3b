package org.handdown.unpick;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.handdown.geometry.Box;
import org.handdown.measure.GivenUpException;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;

/**
 * The cheapest set of joins to open so that wanted parts lie flat. Exact: whatever still makes a wanted part part of a tube names joins of
 * which one at least must go; the search tries each of them, cheapest total first, keeping those tried before closed, so that no set is
 * looked at twice and the first whole answer is the best there is.
 */
public final class LeastOpening {
    /** Joins looked at in all before it is given up: about a second of work. */
    private static final long MOST_WORK = 400_000;

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

    /**
     * @param open joins opened so far
     * @param kept joins that stay closed on this way
     * @param wanted parts that must lie flat on it, {@code passed} those of a size that need not
     */
    private record Node(Set<String> open, Set<String> kept, Set<String> wanted, Set<String> passed, double minutes) {}

    /** So many parts of a list, whichever. */
    private record Some(List<String> of, int count) {
        static final Some NONE = new Some(List.of(), 0);
    }

    private double cost(String join) {
        return java.util.Objects.requireNonNull(minutes.get(join));
    }

    /**
     * The best answers, cheapest first, each without a join that could stay closed; none if the keepers forbid it.
     *
     * @throws RefusedValueException if there are more ways than can be looked through
     */
    public List<Answer> best(int most) {
        return best(Some.NONE, most);
    }

    private List<Answer> best(Some some, int most) {
        List<Answer> answers = new ArrayList<>();
        Set<Set<String>> told = new HashSet<>();
        PriorityQueue<Node> open = new PriorityQueue<>(Comparator.comparingDouble(Node::minutes)
                // Of two that take the same, the one that has decided more comes to an answer sooner.
                .thenComparing(n -> -n.wanted().size() - n.passed().size())
                .thenComparing(n -> n.open().size())
                .thenComparing(n -> new TreeSet<>(n.open()) + "" + new TreeSet<>(n.wanted())));
        open.add(new Node(Set.of(), want.closed(), want.flat(), Set.of(), 0));
        long left = MOST_WORK;
        while (!open.isEmpty() && answers.size() < most) {
            left -= anatomy.joins().size() + 1;
            if (left < 0) {
                throw new RefusedValueException(
                        "size",
                        "There are too many ways to look through them all. Name the parts that you want flat, or ask for fewer.");
            }
            GivenUpException.ifToldTo();
            Node node = open.poll();
            Optional<Set<String>> oneOf = mustOpenOneOf(node.open(), node.wanted());
            if (oneOf.isPresent()) {
                addOpened(node, oneOf.get(), open);
                continue;
            }
            List<String> undecided = undecided(node, some);
            if (!undecided.isEmpty()) {
                addDecided(node, undecided.get(0), some, open);
            } else if (enough(node.open(), some) && isLean(node.open(), some) && told.add(node.open())) {
                answers.add(new Answer(node.open(), node.minutes()));
            }
        }
        return answers;
    }

    private void addOpened(Node node, Set<String> oneOf, PriorityQueue<Node> open) {
        Set<String> kept = new HashSet<>(node.kept());
        for (String join : new TreeSet<>(oneOf)) {
            if (kept.add(join)) {
                Set<String> more = new HashSet<>(node.open());
                more.add(join);
                Set<String> others = new HashSet<>(kept);
                others.remove(join);
                open.add(new Node(more, others, node.wanted(), node.passed(), node.minutes() + cost(join)));
            }
        }
    }

    /** Parts of the list that still have to be asked for or passed over; none once enough of them lie flat. */
    private List<String> undecided(Node node, Some some) {
        if (some.count() == 0 || enough(node.open(), some)) {
            return List.of();
        }
        return some.of().stream()
                .filter(p -> !node.wanted().contains(p) && !node.passed().contains(p))
                .toList();
    }

    private static void addDecided(Node node, String part, Some some, PriorityQueue<Node> open) {
        Set<String> wanted = new HashSet<>(node.wanted());
        wanted.add(part);
        open.add(new Node(node.open(), node.kept(), wanted, node.passed(), node.minutes()));
        if (some.of().size() - node.passed().size() > some.count()) {
            Set<String> passed = new HashSet<>(node.passed());
            passed.add(part);
            open.add(new Node(node.open(), node.kept(), node.wanted(), passed, node.minutes()));
        }
    }

    /**
     * The least work for panels of a size, whichever parts give them.
     *
     * @param count how many such panels
     * @param widthMm and lengthMm: least extent between the old seams, across and along
     * @throws RefusedValueException with the largest there is, when the source has not so many of that size
     */
    public List<Answer> forSize(int count, double widthMm, double lengthMm, int most) {
        List<String> large = new ArrayList<>();
        double widest = 0;
        double longest = 0;
        for (Part part : anatomy.mainParts()) {
            Box box = part.outline().box();
            widest = Math.max(widest, box.widthMm());
            longest = Math.max(longest, box.heightMm());
            if (box.widthMm() >= widthMm && box.heightMm() >= lengthMm) {
                large.add(part.id());
            }
        }
        if (count < 1 || large.size() < count) {
            throw new RefusedValueException(
                    "size",
                    Wording.fill(
                            "%d parts are at least %.0f mm wide and %.0f mm long, %d are wanted; the widest has %.0f mm, the longest %.0f mm.",
                            large.size(), widthMm, lengthMm, count, widest, longest));
        }
        return best(new Some(large, count), most);
    }

    /** Could any of them have stayed closed? */
    private boolean isLean(Set<String> open, Some some) {
        return open.stream().noneMatch(join -> {
            Set<String> fewer = new HashSet<>(open);
            fewer.remove(join);
            return suffices(fewer) && enough(fewer, some);
        });
    }

    /** Do these joins, opened, give all that is wanted? */
    public boolean suffices(Collection<String> open) {
        return mustOpenOneOf(open, want.flat()).isEmpty();
    }

    private boolean enough(Collection<String> open, Some some) {
        if (some.count() == 0) {
            return true;
        }
        Hanging hanging = new Hanging(anatomy, closed(open));
        return some.of().stream().filter(p -> hanging.ringFrom(p).isEmpty()).count() >= some.count();
    }

    private List<Join> closed(Collection<String> open) {
        return anatomy.joins().stream()
                .filter(Hanging::holds)
                .filter(j -> !open.contains(j.id()))
                .toList();
    }

    private Optional<Set<String>> mustOpenOneOf(Collection<String> open, Set<String> flat) {
        List<Join> closed = closed(open);
        for (String part : new TreeSet<>(want.loose())) {
            for (Join join : closed) {
                if (join.touches(part)) {
                    return Optional.of(Set.of(join.id()));
                }
            }
        }
        Hanging hanging = new Hanging(anatomy, closed);
        for (String part : new TreeSet<>(flat)) {
            Set<Join> ring = hanging.ringFrom(part);
            if (!ring.isEmpty()) {
                return Optional.of(ring.stream().map(Join::id).collect(Collectors.toSet()));
            }
        }
        return Optional.empty();
    }
}
