package org.handdown.fit.search;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import org.handdown.fit.CopyId;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.fit.check.Finding;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.remnant.LayMeasures;
import org.handdown.fit.remnant.Remnants;
import org.handdown.fit.room.Shape;
import org.handdown.fit.room.WhyNot;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * Lays the pieces of a problem on its panels within a budget, keeping the best lay found. Whatever the search brings is judged by
 * {@link RuleChecker} before it is handed out; a copy at fault is taken off again, so no lay ever breaks a rule.
 *
 * <p>With one thread and a step limit that is reached before the time limit, the same seed gives the same lay.
 */
public final class Fitter {
    /**
     * @param seconds wall time for the search; infinite for no limit
     * @param steps most steps of a thread
     * @param threads searches side by side, each with its own chance
     */
    public record Budget(double seconds, long steps, long seed, int threads) {
        public Budget {
            if (!(seconds > 0) || steps < 0 || threads < 1) {
                throw new IllegalArgumentException("A budget needs time, no negative steps and at least one thread.");
            }
        }
    }

    private record Found(LayState lay, Score score) {}

    private final FitProblem problem;
    private final Budget budget;
    private final LongSupplier nanos;
    private final BooleanSupplier cancelled;
    private final Consumer<FitLayout> better;
    private final List<Placed> laid;
    private final long start;
    /** Of all threads; guarded by this object. */
    private @Nullable Found best;

    /** Begins with an empty table, but for what is pinned. */
    public Fitter(
            FitProblem problem,
            Budget budget,
            LongSupplier nanos,
            BooleanSupplier cancelled,
            Consumer<FitLayout> better) {
        this(problem, budget, List.of(), nanos, cancelled, better);
    }

    /**
     * @param laid where the search may begin: an older lay, of these pieces or of others; what breaks a rule of the problem is left out
     * @param nanos clock, as {@link System#nanoTime()}
     * @param cancelled asked often; true ends the search with the best lay so far
     * @param better told of each better lay, from a searching thread, one at a time; its reasons and remnants are still empty
     */
    public Fitter(
            FitProblem problem,
            Budget budget,
            List<Placed> laid,
            LongSupplier nanos,
            BooleanSupplier cancelled,
            Consumer<FitLayout> better) {
        this.problem = problem;
        this.budget = budget;
        this.nanos = nanos;
        this.cancelled = cancelled;
        this.better = better;
        this.start = nanos.getAsLong();
        requireSound(problem.pinned());
        this.laid = beginning(laid);
    }

    private void requireSound(List<Placed> pinned) {
        List<Finding> findings = RuleChecker.check(problem, pinned);
        if (!findings.isEmpty()) {
            throw new RefusedValueException(
                    "pinned",
                    Wording.fill(
                            "cannot stay where they are: %s Unpin one, or move it.",
                            findings.get(0).message()));
        }
    }

    /** What is pinned, and of the older lay whatever still keeps all rules. */
    private List<Placed> beginning(List<Placed> older) {
        List<Placed> all = new ArrayList<>(problem.pinned());
        for (Placed placed : older) {
            boolean known = RuleChecker.check(problem, List.of(placed)).isEmpty();
            if (known && all.stream().noneMatch(placed::isCopyOf) && isAskedFor(placed)) {
                all.add(placed);
            }
        }
        return sound(all);
    }

    private boolean isAskedFor(Placed placed) {
        return placed.copy() >= 0
                && placed.copy() < problem.piece(placed.piece()).quantity();
    }

    /** The everyday case: nobody watches, nobody cancels. */
    public static FitLayout fit(FitProblem problem, Budget budget) {
        return new Fitter(problem, budget, System::nanoTime, () -> false, lay -> {}).fit();
    }

    /** Is one lay of a problem better than another by its objective? */
    public static boolean isBetter(FitProblem problem, FitLayout one, FitLayout other) {
        return Score.of(problem, one).compareTo(Score.of(problem, other)) > 0;
    }

    public FitLayout fit() {
        SearchProblem bench = SearchProblem.of(problem, laid);
        search(bench);
        List<Placed> placements = sound(placed(bench, best == null ? bench.start() : best.lay));
        double spent = seconds();
        // Reasons may take as long again as a short search, but never hold up a person for long.
        BooleanSupplier hurry = () -> cancelled.getAsBoolean() || seconds() > spent + 0.8;
        return layout(placements, hurry);
    }

    private void search(SearchProblem bench) {
        BooleanSupplier stop = () -> seconds() >= budget.seconds() || cancelled.getAsBoolean();
        Search.Better told = new Search.Better() {
            @Override
            public void found(LayState lay, Score score) {
                report(bench, new Found(lay, score));
            }

            @Override
            public @Nullable LayState elsewhere(Score own) {
                return betterThan(own);
            }
        };
        List<Search> searches = new ArrayList<>();
        for (int i = 0; i < budget.threads(); i++) {
            searches.add(new Search(bench, budget.seed() * 1_000_003 + i, stop));
        }
        if (!bench.isBegun()) {
            // Before the other threads: on a cold machine they would only take its time.
            searches.get(0).tellFirst(told);
        }
        List<Thread> threads = new ArrayList<>();
        List<Throwable> failures = java.util.Collections.synchronizedList(new ArrayList<>());
        for (int i = 0; i < budget.threads(); i++) {
            boolean fromStart = i == 0;
            Search search = searches.get(i);
            Thread thread = new Thread(() -> search.run(budget.steps(), fromStart, told), "fit-" + i);
            thread.setUncaughtExceptionHandler((t, e) -> failures.add(e));
            threads.add(thread);
            thread.start();
        }
        for (Thread thread : threads) {
            joinWhole(thread);
        }
        if (!failures.isEmpty()) {
            throw new IllegalStateException("The search broke down.", failures.get(0));
        }
    }

    private static void joinWhole(Thread thread) {
        boolean interrupted = false;
        while (thread.isAlive()) {
            try {
                thread.join();
            } catch (InterruptedException e) {
                interrupted = true;
            }
        }
        if (interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    private synchronized @Nullable LayState betterThan(Score own) {
        return best != null && best.score.compareTo(own) > 0 ? best.lay.copy() : null;
    }

    private synchronized void report(SearchProblem bench, Found found) {
        if (isBest(found)) {
            List<Placed> placements = placed(bench, found.lay);
            List<Placed> sound = sound(placements);
            Found judged = sound.size() == placements.size() ? found : without(bench, found.lay, sound);
            if (isBest(judged)) {
                best = judged;
                better.accept(new FitLayout(sound, List.of(), measures(sound), List.of()));
            }
        }
    }

    private boolean isBest(Found found) {
        return best == null || found.score.compareTo(best.score) > 0;
    }

    /** A lay without the copies that the checker took off, judged by what is left of it. */
    private Found without(SearchProblem bench, LayState lay, List<Placed> sound) {
        Set<String> kept = new HashSet<>();
        sound.forEach(p -> kept.add(p.name()));
        LayState left = lay.copy();
        for (int c = 0; c < left.shape.length; c++) {
            if (!kept.contains(new CopyId(bench.piece(c).id(), bench.copyNumber(c)).name())) {
                left.takeOff(c);
            }
        }
        return new Found(left, Score.of(problem, new FitLayout(sound, List.of(), measures(sound), List.of())));
    }

    private List<Placed> placed(SearchProblem bench, LayState lay) {
        List<Placed> placements = new ArrayList<>();
        for (int c = 0; c < lay.shape.length; c++) {
            if (lay.isPlaced(c)) {
                Shape shape = bench.book().shape(lay.shape[c]);
                placements.add(new Placed(
                        bench.piece(c).id(),
                        bench.copyNumber(c),
                        shape.variant.id(),
                        problem.panels().get(lay.panel[c]).id(),
                        shape.at(lay.x[c], lay.y[c])));
            }
        }
        return placements;
    }

    /** Takes off what the independent checker objects to: nothing, unless the search is wrong. */
    private List<Placed> sound(List<Placed> placements) {
        List<Placed> kept = new ArrayList<>(placements);
        for (List<Finding> findings = RuleChecker.check(problem, kept);
                !findings.isEmpty();
                findings = RuleChecker.check(problem, kept)) {
            List<String> copies = findings.get(0).copies();
            List<String> pins = problem.pinned().stream().map(Placed::name).toList();
            String last = copies.stream()
                    .filter(c -> !pins.contains(c))
                    .reduce((a, b) -> b)
                    .orElse(copies.get(copies.size() - 1));
            kept.removeIf(p -> p.name().equals(last));
        }
        return kept;
    }

    private FitLayout layout(List<Placed> placements, BooleanSupplier hurry) {
        Set<String> there = new HashSet<>();
        placements.forEach(p -> there.add(p.name()));
        WhyNot whyNot = new WhyNot(problem, placements, hurry);
        Map<String, String> reasons = new HashMap<>();
        List<FitLayout.Unplaced> unplaced = new ArrayList<>();
        for (FitPiece piece : problem.pieces()) {
            for (int copy = 0; copy < piece.quantity(); copy++) {
                if (!there.contains(new CopyId(piece.id(), copy).name())) {
                    String reason = reasons.computeIfAbsent(piece.id(), id -> whyNot.reason(piece));
                    unplaced.add(new FitLayout.Unplaced(piece.id(), copy, reason));
                }
            }
        }
        return new FitLayout(placements, unplaced, measures(placements), new Remnants(problem).of(placements));
    }

    private FitLayout.Measures measures(List<Placed> placements) {
        return LayMeasures.of(problem, placements, seconds(), budget.seed());
    }

    private double seconds() {
        return (nanos.getAsLong() - start) / 1e9;
    }
}
