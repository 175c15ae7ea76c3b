package org.handdown.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.handdown.geometry.Ring;
import org.jspecify.annotations.Nullable;

/**
 * One thread's search: a constructive start, then steps that take some pieces off and lay them again, keeping what is not worse.
 * Every spot comes from exact clearances, so each state is valid. Method: ruin and recreate (Schrimpf et al., 2000, from memory).
 */
final class Search {
    /** Steps without gain before the search goes on from the best lay, or from an empty table. */
    private static final int PATIENCE = 120;

    /** Steps without gain on the first lengths that are aimed at; later ones get more. */
    private static final double FIRST_PATIENCE = 40;

    /** Lengths to lay anew on, as multiples of the least thinkable. */
    private static final double[] NEAR_LEAST = {1.0005, 1.004, 1.01, 1.02, 1.035, 1.05};

    /** Rounds of working overlaps out between two layings. */
    private static final int FEW_ROUNDS = 60;

    /** Rounds of working overlaps out where nothing else is tried. */
    private static final int ROUNDS = 300;

    /** So many are laid anew fast enough to begin with that. */
    private static final int FEW_COPIES = 32;

    /** Squeezes one after the other before the pieces are laid anew. */
    private static final int SQUEEZES = 12;

    /** Squeezes that fail one after the other before the pieces are laid anew. */
    private static final int MOST_FAILURES = 6;

    /** On so many panels all of them are looked at each time. */
    private static final int FEW_PANELS = 3;

    /** A gain in length worth a new lay, mm. */
    private static final double LEAST_GAIN_MM = 0.05;

    private final Bench bench;
    private final Random random;
    private final BooleanSupplier stop;
    private final Spots spots;
    private final double[] settled;
    private final OneSide oneSide;
    private final BestFit bestFit;
    private final Separation separation;

    private LayState state;
    private boolean tilting;
    private boolean touching;
    private Score shortest = Score.NOTHING;
    private LayState shortestState;
    private double mostRelaid;
    private double lengthLimit = Double.POSITIVE_INFINITY;
    /** Panels that are looked at when laying again; all of them but right after a ruin. */
    private final boolean[] open;

    /** Told of each better lay, and asked for one of another thread's; called on the searching thread. */
    interface Better {
        void found(LayState lay, Score score);

        /** The best of the other threads, where it beats this one's; null where it does not. */
        default @Nullable LayState elsewhere(Score own) {
            return null;
        }
    }

    Search(Bench bench, long seed, BooleanSupplier stop) {
        this.bench = bench;
        this.random = new Random(seed);
        this.stop = stop;
        this.spots = new Spots(bench.pieceOf().length);
        this.oneSide = new OneSide(bench, random, stop, spots);
        this.bestFit = new BestFit(bench, random, stop, spots);
        this.separation = new Separation(bench, random, stop, spots);
        this.settled = new double[bench.stripes().groupCount()];
        this.open = new boolean[bench.problem().panels().size()];
        java.util.Arrays.fill(open, true);
        this.state = bench.fresh();
        this.shortestState = state;
        // The first lay is to be quick.
        tilting = false;
        touching = false;
    }

    /**
     * Runs until told to stop or the steps are used up.
     *
     * @param fromStart begins with the lay there is, else with what is pinned alone
     */
    void run(long steps, boolean fromStart, Better better) {
        state = fromStart ? bench.start().copy() : bench.fresh();
        recreate();
        if (bench.isShortest()) {
            shorten(steps, better);
        } else {
            fill(steps, better);
        }
    }

    private void fill(long steps, Better better) {
        Score best = score(Score.NOTHING);
        LayState bestState = state.copy();
        better.found(bestState, best);
        Score current = best;
        double weight = weight();
        int idle = 0;
        int required = bench.problem().pieces().stream()
                .mapToInt(p -> p.required() ? p.quantity() : 0)
                .sum();
        for (long step = 0; step < steps && !stop.getAsBoolean(); step++) {
            LayState before = state.copy();
            chooseWays();
            if (idle > 4 && current.required() < required && random.nextInt(14) == 0) {
                separate();
            } else {
                ruin();
                recreate();
            }
            if (stop.getAsBoolean()) {
                break;
            }
            Score now = score(best);
            if (now.compareTo(best) > 0) {
                best = now;
                bestState = state.copy();
                better.found(bestState, best);
                idle = 0;
            } else {
                idle++;
            }
            if (isAcceptable(now, current, weight)) {
                current = now;
                weight = weight();
            } else {
                state = before;
            }
            if (idle >= PATIENCE) {
                idle = 0;
                LayState other = better.elsewhere(best);
                state = random.nextInt(3) == 0 ? bench.fresh() : other != null ? other : bestState.copy();
                recreate();
                current = score(best);
                weight = weight();
            }
        }
    }

    /**
     * Ever shorter, in turn by two ways: a length is aimed at between the least thinkable and the best so far, and the pieces are laid
     * into it anew where they fit best; and the best lay is squeezed a little and the overlaps worked out.
     */
    private void shorten(long steps, Better better) {
        shortest = score(Score.NOTHING);
        shortestState = state.copy();
        better.found(shortestState, shortest);
        double least = leastLengthMm();
        double squeeze = 0.02;
        double patience = FIRST_PATIENCE;
        for (long step = 0; step < steps && !stop.getAsBoolean(); step++) {
            // Where laying anew comes near, it is worth more tries than the squeezing.
            boolean small = bench.pieceOf().length <= FEW_COPIES;
            int tries = small && step < 2 ? 2 : mostRelaid > 0.9 ? 4 : random.nextInt(small ? 3 : 8) == 0 ? 1 : 0;
            for (int i = 0; i < tries && !stop.getAsBoolean(); i++) {
                // Little above the least thinkable length: where pieces mate, they only do so laid anew.
                lengthLimit =
                        Math.min(least * NEAR_LEAST[random.nextInt(NEAR_LEAST.length)], lengthMm() - LEAST_GAIN_MM);
                relay(patience, better);
                patience = Math.min(PATIENCE, patience * 1.1);
            }
            LayState other = better.elsewhere(shortest);
            if (other != null) {
                state = other;
                isShorter(better);
            }
            int failures = 0;
            for (int i = 0; i < SQUEEZES && failures < MOST_FAILURES && !stop.getAsBoolean(); i++) {
                lengthLimit = Math.max(least, lengthMm() * (1 - squeeze));
                if (lengthMm() > 1e9 || lengthLimit > lengthMm() - LEAST_GAIN_MM) {
                    break;
                }
                if (squeeze(failures, better)) {
                    squeeze = Math.min(0.04, squeeze * 1.3);
                    failures = 0;
                } else {
                    squeeze = Math.max(0.0015, squeeze * 0.6);
                    failures++;
                }
            }
        }
    }

    private double lengthMm() {
        return shortest.required() == bench.pieceOf().length ? -shortest.leftover() : Double.POSITIVE_INFINITY;
    }

    /** Takes the state as the shortest lay if it is. */
    private boolean isShorter(Better better) {
        Score now = score(shortest);
        if (now.compareTo(shortest) <= 0) {
            return false;
        }
        shortest = now;
        shortestState = state.copy();
        better.found(shortestState, shortest);
        return true;
    }

    /** From an empty cloth of the wanted length: laid where it fits best, and what found no room worked in. */
    private boolean relay(double patience, Better better) {
        state = bench.fresh();
        chooseWays();
        touching = true;
        recreate();
        double weight = weight();
        double all = leastLengthMm()
                * bench.problem().panels().get(0).outline().box().heightMm();
        for (int idle = 0; idle < patience && !stop.getAsBoolean(); ) {
            if (isShorter(better)) {
                return true;
            }
            LayState before = state.copy();
            chooseWays();
            ruin();
            recreate();
            double then = weight();
            idle = then > weight + 1 ? 0 : idle + 1;
            if (then >= weight || random.nextInt(30) == 0 && then > 0.9 * weight) {
                weight = then;
            } else {
                state = before;
            }
        }
        mostRelaid = Math.max(weight / all, 0.98 * mostRelaid);
        return isShorter(better);
    }

    /** The shortest lay with all that reaches beyond the limit put in by force; after failures two pieces change places first. */
    private boolean squeeze(int failures, Better better) {
        state = shortestState.copy();
        if (failures > 0) {
            swapTwo();
        }
        List<Integer> beyond = new ArrayList<>();
        for (int c = 0; c < state.shape.length; c++) {
            if (state.isPlaced(c) && !bench.pinned()[c] && reach(c) > lengthLimit) {
                beyond.add(c);
            }
        }
        settle();
        return separation.work(state, settled, beyond, wallMm(), ROUNDS) && isShorter(better);
    }

    private void swapTwo() {
        int n = state.shape.length;
        int a = random.nextInt(n);
        int b = random.nextInt(n);
        if (bench.pinned()[a] || bench.pinned()[b] || bench.pieceOf()[a] == bench.pieceOf()[b]) {
            return;
        }
        double ax = middleX(a);
        double ay = middleY(a);
        state.x[a] += middleX(b) - ax;
        state.y[a] += middleY(b) - ay;
        state.x[b] += ax - middleX(b);
        state.y[b] += ay - middleY(b);
    }

    /** Copies that should lie and do not. */
    private List<Integer> missing() {
        List<Integer> missing = new ArrayList<>();
        for (int c = 0; c < state.shape.length; c++) {
            if (!state.isPlaced(c) && (bench.isShortest() || bench.piece(c).required())) {
                missing.add(c);
            }
        }
        return missing;
    }

    /** No piece reaches beyond this x. */
    private double wallMm() {
        return bench.isShortest()
                ? bench.problem().panels().get(0).outline().box().minX() + lengthLimit
                : Double.POSITIVE_INFINITY;
    }

    /** Puts what is missing in by force and works the overlaps out. */
    private void separate() {
        settle();
        separation.work(state, settled, missing(), wallMm(), FEW_ROUNDS);
    }

    /** No lay is shorter than its area over the width, nor than the piece that is longest at its shortest. */
    private double leastLengthMm() {
        double area = 0;
        double longest = 0;
        for (int c = 0; c < bench.pieceOf().length; c++) {
            double least = bench.book().ways(bench.pieceOf()[c], 0).stream()
                    .mapToDouble(s -> s.box.widthMm())
                    .min()
                    .orElse(0);
            longest = Math.max(longest, least);
            area += bench.book().ways(bench.pieceOf()[c], 0).stream()
                    .mapToDouble(s -> s.areaMm2)
                    .min()
                    .orElse(0);
        }
        double wide = bench.problem().panels().get(0).outline().box().heightMm();
        return Math.max(longest, area / wide);
    }

    /** What lies, by area and then by worth: a smoother guide than the count of pieces. */
    private double weight() {
        double weight = 0;
        for (int c = 0; c < state.shape.length; c++) {
            if (state.isPlaced(c)) {
                boolean needed = bench.isShortest() || bench.piece(c).required();
                weight += shapeOf(c).areaMm2 * (needed ? 1 : 0)
                        + (bench.isShortest() ? 0 : bench.piece(c).worthM2(shapeOf(c).variant));
            }
        }
        return weight;
    }

    private boolean isAcceptable(Score now, Score current, double before) {
        double weight = weight();
        if (weight < before - 1e-9) {
            return random.nextInt(25) == 0 && weight > 0.9 * before;
        }
        double slack = Math.abs(current.leftover()) * 0.02;
        return weight > before + 1e-9 || now.leftover() >= current.leftover() - slack;
    }

    private void chooseWays() {
        oneSide.choose();
        tilting = random.nextInt(3) == 0;
        touching = random.nextInt(8) > 0;
    }

    // Taking off

    private void ruin() {
        List<Integer> placed = bench.movable(state);
        if (placed.isEmpty()) {
            return;
        }
        List<Integer> missing = missing();
        if (!missing.isEmpty() && random.nextInt(6) == 0) {
            settle();
            separation.force(state, settled, missing.get(random.nextInt(missing.size())), wallMm());
            return;
        }
        int most = Math.max(2, placed.size() / 3);
        int count = Math.min(placed.size(), 1 + random.nextInt(most));
        int kind = random.nextInt(bench.isShortest() ? 2 : 3);
        int first = placed.get(random.nextInt(placed.size()));
        if (kind == 0) {
            java.util.Collections.shuffle(placed, random);
        } else if (kind == 1) {
            placed.sort(Comparator.comparingDouble((Integer c) -> apart(first, c)));
        } else {
            placed.removeIf(c -> state.panel[c] != state.panel[first]);
            count = placed.size();
        }
        List<Integer> gone = placed.subList(0, Math.min(count, placed.size()));
        // On many panels what had no room before has none now, but where something was taken off.
        if (open.length > FEW_PANELS && random.nextInt(12) > 0) {
            java.util.Arrays.fill(open, false);
            gone.forEach(c -> open[state.panel[c]] = true);
        }
        gone.forEach(c -> state.shape[c] = -1);
    }

    private double reach(int copy) {
        return state.x[copy]
                + shapeOf(copy).box.maxX()
                - bench.problem().panels().get(0).outline().box().minX();
    }

    private double apart(int a, int b) {
        return state.panel[a] != state.panel[b]
                ? 1e9 + b
                : Math.hypot(middleX(a) - middleX(b), middleY(a) - middleY(b));
    }

    private double middleX(int copy) {
        return state.x[copy] + (shapeOf(copy).box.minX() + shapeOf(copy).box.maxX()) / 2;
    }

    private double middleY(int copy) {
        return state.y[copy] + (shapeOf(copy).box.minY() + shapeOf(copy).box.maxY()) / 2;
    }

    private Shape shapeOf(int copy) {
        return bench.book().shape(state.shape[copy]);
    }

    // Laying again

    private void recreate() {
        if (touching) {
            settle();
            bestFit.lay(state, settled, open, wallMm(), tilting);
        } else {
            oneSide.lay(state, settled, open, wallMm(), tilting);
        }
        java.util.Arrays.fill(open, true);
    }

    private void settle() {
        bench.settle(state, settled);
    }

    // Judging

    private Score score(Score best) {
        int required = 0;
        double value = 0;
        double length = 0;
        int square = 0;
        boolean[] touched = new boolean[open.length];
        for (int c = 0; c < state.shape.length; c++) {
            if (state.isPlaced(c)) {
                touched[state.panel[c]] = true;
                double grain = bench.problem().panels().get(state.panel[c]).grainDeg();
                square += Score.isSquare(shapeOf(c).turnDeg, grain) ? 1 : 0;
                required += bench.isShortest() || bench.piece(c).required() ? 1 : 0;
                value += bench.isShortest() ? 0 : bench.piece(c).worthM2(shapeOf(c).variant);
                length = bench.isShortest() ? Math.max(length, reach(c)) : 0;
            }
        }
        int whole = 0;
        for (boolean t : touched) {
            whole += t ? 0 : 1;
        }
        Score score = new Score(required, value, -length, whole, square);
        // The leftover only counts between lays that place as much, and it costs time to measure.
        return bench.isShortest() || !score.placesAsMuchAs(best)
                ? score
                : new Score(required, value, largestLeftover(), whole, square);
    }

    private double largestLeftover() {
        Remnants remnants = new Remnants(bench.problem());
        double largest = 0;
        for (int p = 0; p < bench.problem().panels().size(); p++) {
            List<Ring> laid = new ArrayList<>();
            for (int c = 0; c < state.shape.length; c++) {
                if (state.isPlaced(c) && state.panel[c] == p) {
                    laid.add(shapeOf(c).ring.moved(state.x[c], state.y[c]));
                }
            }
            largest = Math.max(
                    largest, remnants.roughRectangleMm2(bench.problem().panels().get(p), laid));
        }
        return largest;
    }
}
