package org.handdown.reuse;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.measure.Wording;

/**
 * The best assignment of keepers to wants: each want takes one use or none, no keeper is used beyond its length, the minutes saved are as
 * many as can be. Exact, by branch and bound over the wants; one keeper may serve several wants where its kind can be cut, and several of
 * a kind may be joined for one.
 */
public final class BestUse {
    /** More than three joined make more seams than sense. */
    private static final int MOST_JOINED = 3;
    /** Beyond this many branches the best so far is given; far more than any wardrobe needs. */
    private static final long MOST_BRANCHES = 3_000_000;

    private final List<Keeper> keepers;
    private final List<List<Use>> options = new ArrayList<>();
    private final double[] bound;
    private final Map<Keeper, Integer> index = new HashMap<>();
    private final Map<String, List<Integer>> alike = new HashMap<>();
    private final double[] left;
    private long branches;
    private double best = -1;
    private List<Use> bestUses = List.of();

    private BestUse(List<Want> wants, List<Keeper> keepers) {
        this.keepers = keepers;
        for (int i = 0; i < keepers.size(); i++) {
            index.put(keepers.get(i), i);
            alike.computeIfAbsent(keepers.get(i).thing(), k -> new ArrayList<>())
                    .add(i);
        }
        left = keepers.stream().mapToDouble(Keeper::lengthMm).toArray();
        List<Want> hardest = new ArrayList<>(wants);
        Map<Want, List<Use>> all = new HashMap<>();
        wants.forEach(w -> all.put(w, serving(w)));
        hardest.sort(Comparator.comparingInt(w -> options(all, w).size()));
        hardest.forEach(w -> options.add(options(all, w)));
        bound = new double[options.size() + 1];
        for (int i = options.size() - 1; i >= 0; i--) {
            bound[i] = bound[i + 1]
                    + options.get(i).stream()
                            .mapToDouble(Use::valueMinutes)
                            .max()
                            .orElse(0);
        }
    }

    private static List<Use> options(Map<Want, List<Use>> all, Want want) {
        return java.util.Objects.requireNonNull(all.get(want));
    }

    /** Uses that serve and save more than they cost, best first. */
    private List<Use> serving(Want want) {
        List<Use> uses = new ArrayList<>();
        for (List<Keeper> some : choices(want)) {
            Use use = Use.of(want, some);
            if (use.serves()
                    && use.valueMinutes() > 0
                    && use.takesMm().stream().allMatch(t -> t > 0 || some.size() == 1)) {
                uses.add(use);
            }
        }
        uses.sort(Comparator.comparingDouble(Use::valueMinutes).reversed());
        return uses;
    }

    /** Single keepers, and two or three of a kind joined. */
    private List<List<Keeper>> choices(Want want) {
        List<List<Keeper>> choices = new ArrayList<>();
        keepers.forEach(k -> choices.add(List.of(k)));
        if (want.isEdge()) {
            return choices;
        }
        List<Keeper> joinable = keepers.stream()
                .filter(k -> k.kind().isJoinable() && k.kind().serves(want.role()))
                .toList();
        for (int i = 0; i < joinable.size(); i++) {
            for (int j = i + 1; j < joinable.size(); j++) {
                addJoined(choices, want, List.of(joinable.get(i), joinable.get(j)));
                for (int k = j + 1; k < joinable.size() && MOST_JOINED > 2; k++) {
                    addJoined(choices, want, List.of(joinable.get(i), joinable.get(j), joinable.get(k)));
                }
            }
        }
        return choices;
    }

    /**
     * Adds keepers of one kind joined. Of a kind that is used whole only as many as are needed: each join takes its allowance, so two that
     * add up to the length may still need a third. Of a kind that is cut a longer one may be wanted in part, its rest for something else.
     */
    private static void addJoined(List<List<Keeper>> choices, Want want, List<Keeper> some) {
        boolean alike = some.stream().map(Keeper::kind).distinct().count() == 1;
        double shortest = some.stream().mapToDouble(Keeper::lengthMm).min().orElse(0);
        double withoutShortest = some.stream().mapToDouble(Keeper::lengthMm).sum()
                - shortest
                - 2 * Use.JOIN_ALLOWANCE_MM * (some.size() - 2);
        if (alike && (some.get(0).kind().isDivisible() || withoutShortest < want.lengthMm())) {
            choices.add(some);
        }
    }

    /**
     * Edges of panels on which an edge of a piece must not lie, though it would by its shape: broken, too weak, too shallow or too deep.
     *
     * @return by piece and edge of the piece
     */
    public static Map<PieceEdge, Set<PieceEdge>> refused(List<Want> wants, List<Keeper> keepers) {
        Map<PieceEdge, Set<PieceEdge>> refused = new HashMap<>();
        for (Keeper keeper : keepers) {
            if (!keeper.edge().isEmpty()) {
                Map<PieceEdge, Boolean> serves = new HashMap<>();
                wants.stream()
                        .filter(w -> w.isEdge() && keeper.kind().serves(w.role()))
                        .forEach(w -> serves.merge(
                                new PieceEdge(w.piece(), w.edge()),
                                Use.unfit(w, keeper).isEmpty(),
                                Boolean::logicalOr));
                serves.forEach((edge, does) -> {
                    if (!does) {
                        refused.computeIfAbsent(edge, k -> new LinkedHashSet<>())
                                .add(new PieceEdge(keeper.part(), keeper.edge()));
                    }
                });
            }
        }
        return refused;
    }

    /** An edge of a piece or of a panel. */
    public record PieceEdge(String of, String edge) {}

    /** The uses chosen; a want that nothing serves has none. */
    public static List<Use> of(List<Want> wants, List<Keeper> keepers) {
        BestUse search = new BestUse(wants, keepers);
        search.branch(0, 0, new ArrayList<>());
        List<Use> chosen = search.bestUses.stream()
                .sorted(Comparator.comparingInt(u -> wants.indexOf(u.want())))
                .toList();
        return withRests(chosen);
    }

    /** What is left of a keeper that is cut is told once, at the last of its uses: several may have taken from it. */
    private static List<Use> withRests(List<Use> uses) {
        Map<Keeper, Double> taken = new HashMap<>();
        Map<Keeper, Use> last = new HashMap<>();
        for (Use use : uses) {
            for (int i = 0; i < use.keepers().size(); i++) {
                Keeper keeper = use.keepers().get(i);
                if (keeper.kind().isDivisible()) {
                    taken.merge(keeper, use.takesMm().get(i), Double::sum);
                    last.put(keeper, use);
                }
            }
        }
        return uses.stream()
                .map(u -> {
                    List<String> notes = new ArrayList<>(u.notes());
                    u.keepers().stream()
                            .distinct()
                            .filter(k -> last.get(k) == u && k.lengthMm() - taken.getOrDefault(k, 0.0) >= 1)
                            .forEach(k -> notes.add(
                                    0,
                                    Wording.fill(
                                            "%.0f mm of the %s are left over.",
                                            k.lengthMm() - taken.getOrDefault(k, 0.0), k.name())));
                    return u.noting(notes);
                })
                .toList();
    }

    private void branch(int at, double value, List<Use> chosen) {
        if (value > best + 1e-9) {
            best = value;
            bestUses = List.copyOf(chosen);
        }
        if (at == options.size() || value + bound[at] <= best + 1e-9 || ++branches > MOST_BRANCHES) {
            return;
        }
        for (Use use : options.get(at)) {
            double[] before = Arrays.copyOf(left, left.length);
            if (take(use)) {
                chosen.add(use);
                branch(at + 1, value + use.valueMinutes(), chosen);
                chosen.remove(chosen.size() - 1);
            }
            System.arraycopy(before, 0, left, 0, left.length);
        }
        branch(at + 1, value, chosen);
    }

    /** A thing lives on as the part that it is, or on the edges that it is sewn to. */
    private boolean isSpentOtherwise(int k) {
        Keeper keeper = keepers.get(k);
        for (int other : alike.getOrDefault(keeper.thing(), List.of())) {
            Keeper it = keepers.get(other);
            if (it.edge().isEmpty() != keeper.edge().isEmpty() && left[other] < it.lengthMm() - 1e-9) {
                return true;
            }
        }
        return false;
    }

    private boolean take(Use use) {
        for (int i = 0; i < use.keepers().size(); i++) {
            Keeper keeper = use.keepers().get(i);
            int k = java.util.Objects.requireNonNull(index.get(keeper));
            if (isSpentOtherwise(k)) {
                return false;
            }
            double takes = keeper.kind().isDivisible() ? use.takesMm().get(i) : keeper.lengthMm();
            // A keeper without a length of its own is used once.
            left[k] = keeper.lengthMm() == 0 ? left[k] - 1 : left[k] - takes;
            if (left[k] < -1e-6) {
                return false;
            }
        }
        return true;
    }
}
