package org.handdown.fit.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.handdown.fit.remnant.Remnants;
import org.handdown.fit.room.CandidatePositions;
import org.handdown.fit.room.Shape;
import org.handdown.geometry.Ring;

/**
 * The table a search works on: how the copies lie now, and the moves it is made of. Some are taken off ({@link #ruin}), the open ones are
 * laid again ({@link #recreate}), and the result is judged. Every spot comes from exact clearances, so each state is valid but where it
 * says otherwise. One object per thread.
 */
final class LayTable {
    /** Pieces times panels of a large problem. */
    private static final int LARGE_PAIRS = 150;

    final SearchProblem bench;
    final Random random;
    final BooleanSupplier stop;
    final Separation separation;
    private final OneSide oneSide;
    private final BestFit bestFit;
    /** Where each match group stands in its repeat, NaN where it is open. */
    final double[] settled;
    /** Panels that are looked at when laying again; all of them but right after a ruin. */
    private final boolean[] open;

    LayState state;
    /** No copy may reach farther along the cloth, mm from its beginning. */
    double lengthLimit = Double.POSITIVE_INFINITY;

    private boolean tilting;
    private boolean touching;

    LayTable(SearchProblem bench, long seed, BooleanSupplier stop) {
        this.bench = bench;
        this.random = new Random(seed);
        this.stop = stop;
        CandidatePositions candidates = new CandidatePositions(bench.pieceOf().length);
        this.oneSide = new OneSide(bench, random, stop, candidates);
        this.bestFit = new BestFit(bench, random, stop, candidates);
        this.separation = new Separation(bench, random, stop, candidates);
        this.settled = new double[bench.stripes().groupCount()];
        this.open = new boolean[bench.problem().panels().size()];
        Arrays.fill(open, true);
        // One side and no tilting to begin with: that is quick.
        this.state = bench.fresh();
    }

    boolean stopped() {
        return stop.getAsBoolean();
    }

    boolean hasSeveralPanels() {
        return open.length > 1;
    }

    /** Is it too dear for a first lay to look at every piece on every panel? */
    boolean isLarge() {
        return bench.problem().pieces().size() * open.length > LARGE_PAIRS;
    }

    /**
     * From an empty table. Where there are several panels one after the other is filled with what fits it best, which is far fewer looks than
     * all pieces on all of them; if time runs out meanwhile, the rest stays as it was.
     *
     * @param older a sound lay to take the rest from
     * @param filled called after each panel
     */
    void layAnew(LayState older, Runnable filled) {
        state = bench.fresh();
        if (!hasSeveralPanels()) {
            recreate();
            return;
        }
        settle();
        List<Integer> panels = new ArrayList<>();
        for (int p = 0; p < open.length; p++) {
            panels.add(p);
        }
        Collections.shuffle(panels, random);
        for (int i = 0; i < panels.size(); i++) {
            Arrays.fill(open, false);
            open[panels.get(i)] = true;
            bestFit.lay(state, settled, open, wallMm(), false);
            filled.run();
            if (stopped()) {
                restore(older, panels.subList(i + 1, panels.size()));
                break;
            }
        }
        Arrays.fill(open, true);
    }

    void layAnew(LayState older) {
        layAnew(older, () -> {});
    }

    /** What lay on these panels lies there again as far as copies are open; matched ones stand in another phase now. */
    private void restore(LayState older, List<Integer> panels) {
        for (int c = 0; c < state.shape.length && settled.length == 0; c++) {
            int copy = older.isPlaced(c) && panels.contains(older.panel[c]) ? openLike(c) : -1;
            if (copy >= 0
                    && bench.mayLie(
                            state,
                            bench.pieceOf()[c],
                            older.panel[c],
                            bench.book().shape(older.shape[c]))) {
                state.put(copy, older.shape[c], older.panel[c], older.x[c], older.y[c]);
            }
        }
    }

    /** An open copy of the same piece, itself if it is open; −1 for none. */
    private int openLike(int copy) {
        int like = state.isPlaced(copy) ? -1 : copy;
        for (int c = 0; c < state.shape.length && like < 0; c++) {
            like = !state.isPlaced(c) && bench.pieceOf()[c] == bench.pieceOf()[copy] ? c : -1;
        }
        return like;
    }

    /** Draws anew how copies are laid next. */
    void chooseWays() {
        oneSide.choose();
        tilting = random.nextInt(3) == 0;
        touching = random.nextInt(8) > 0;
    }

    /** The next copies are laid where they touch most. */
    void touch() {
        touching = true;
    }

    // Taking off

    /** Takes some copies off: any, near ones, or all of a panel; or puts a missing one in by force. */
    void ruin() {
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
            Collections.shuffle(placed, random);
        } else if (kind == 1) {
            placed.sort(Comparator.comparingDouble((Integer c) -> apart(first, c)));
        } else {
            placed.removeIf(c -> state.panel[c] != state.panel[first]);
            count = placed.size();
        }
        List<Integer> gone = placed.subList(0, Math.min(count, placed.size()));
        // What had no room before has none now, but where something was taken off.
        if (hasSeveralPanels() && random.nextInt(12) > 0) {
            Arrays.fill(open, false);
            gone.forEach(c -> open[state.panel[c]] = true);
        }
        gone.forEach(c -> state.takeOff(c));
    }

    double reach(int copy) {
        return state.x[copy]
                + shapeOf(copy).box.maxX()
                - bench.problem().panels().get(0).outline().box().minX();
    }

    private double apart(int a, int b) {
        return state.panel[a] != state.panel[b]
                ? 1e9 + b
                : Math.hypot(middleX(a) - middleX(b), middleY(a) - middleY(b));
    }

    double middleX(int copy) {
        return state.x[copy] + (shapeOf(copy).box.minX() + shapeOf(copy).box.maxX()) / 2;
    }

    double middleY(int copy) {
        return state.y[copy] + (shapeOf(copy).box.minY() + shapeOf(copy).box.maxY()) / 2;
    }

    Shape shapeOf(int copy) {
        return bench.book().shape(state.shape[copy]);
    }

    // Laying again

    /** Lays all open copies that find room. */
    void recreate() {
        // Whatever was taken off since may have been what settled a group, or the whole lay is another.
        settle();
        if (touching) {
            bestFit.lay(state, settled, open, wallMm(), tilting);
        } else {
            oneSide.lay(state, settled, open, wallMm(), tilting);
        }
        Arrays.fill(open, true);
    }

    void settle() {
        bench.settle(state, settled);
    }

    /** Copies that should lie and do not. */
    List<Integer> missing() {
        List<Integer> missing = new ArrayList<>();
        for (int c = 0; c < state.shape.length; c++) {
            if (!state.isPlaced(c) && (bench.isShortest() || bench.piece(c).required())) {
                missing.add(c);
            }
        }
        return missing;
    }

    /** No piece reaches beyond this x. */
    double wallMm() {
        return bench.isShortest()
                ? bench.problem().panels().get(0).outline().box().minX() + lengthLimit
                : Double.POSITIVE_INFINITY;
    }

    // Judging

    /** What lies, by area and then by worth: a smoother guide than the count of pieces. */
    double weight() {
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

    Score score(Score best) {
        Score now = roughScore();
        // The leftover only counts between lays that place as much, and it costs time to measure.
        return bench.isShortest() || !now.placesAsMuchAs(best)
                ? now
                : new Score(now.required(), now.value(), largestLeftover(), now.wholePanels(), now.square());
    }

    /** Without the leftover, so that whatever places as much is better. */
    Score roughScore() {
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
        return new Score(required, value, -length, whole, square);
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
