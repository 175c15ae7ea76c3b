package org.handdown.fit.search;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.handdown.fit.room.CandidatePositions;
import org.handdown.fit.room.Shape;
import org.handdown.geometry.Box;

/**
 * Places everything and works the overlaps out: missing copies are put where they overlap least, then one overlapping copy after the
 * other goes to the spot of least weighted overlap, and the weight of a pair that stays stuck grows (guided local search, Voudouris
 * and Tsang 1999, applied to nesting by Egeblad, Nielsen and Odgaard 2007; both from memory). How deep two copies overlap is the
 * distance to the rim of their no-fit polygon. No copy ever leaves the panel's free area, so at the end only pairs can be wrong.
 */
final class Separation {
    private static final double WEIGHT_GROWS = 1.6;
    private static final double WEIGHT_FADES = 0.95;

    /** Rounds without gain before it is given up. */
    private static final int PATIENCE = 60;

    /** Below this a rounding of the spot is meant, mm. */
    private static final double NOTHING_MM = 1e-9;

    private final SearchProblem bench;
    private final Random random;
    private final BooleanSupplier stop;
    private final LeastOverlap spot;
    private final int copies;
    /** Of each pair of copies, both ways round. */
    private final double[][] weights;
    /** What the weights begin with and fade to. */
    private final double[][] least;
    /** How deep each pair overlaps as the copies lie now, mm. */
    private final double[][] depths;

    private LayState state;
    private LayState nearest;
    private double wallMm;

    Separation(SearchProblem bench, Random random, BooleanSupplier stop, CandidatePositions candidates) {
        this.bench = bench;
        this.random = random;
        this.stop = stop;
        this.spot = new LeastOverlap(bench, random, stop, candidates);
        this.copies = bench.pieceOf().length;
        this.weights = new double[copies][copies];
        this.least = leastWeights();
        this.depths = new double[copies][copies];
        this.state = new LayState(0);
        this.nearest = state;
    }

    /**
     * The geometric mean of two pieces' areas over the mean area of all: large pieces are hard to move elsewhere, so that they find their
     * places first and small ones give way.
     */
    private double[][] leastWeights() {
        double[] roots = new double[copies];
        double mean = 0;
        for (int c = 0; c < copies; c++) {
            double area = areaMm2(c);
            roots[c] = Math.sqrt(area);
            mean += area / copies;
        }
        double[][] weights = new double[copies][copies];
        for (int a = 0; a < copies; a++) {
            for (int b = 0; b < copies; b++) {
                weights[a][b] = roots[a] * roots[b] / mean;
            }
        }
        return weights;
    }

    /**
     * Puts the missing copies in and works for some rounds. Whatever still overlaps at the end is taken off, the smaller of two first.
     *
     * @param missing copies to be put in
     * @param wall no copy reaches beyond this x
     * @return true if nothing had to be taken off
     */
    boolean work(LayState onto, double[] phases, List<Integer> missing, double wall, int rounds) {
        begin(onto, phases, wall);
        for (int a = 0; a < copies; a++) {
            System.arraycopy(least[a], 0, weights[a], 0, copies);
        }
        force(missing);
        for (int copy = 0; copy < copies; copy++) {
            measure(copy);
        }
        nearest = state.copy();
        double smallest = Double.POSITIVE_INFINITY;
        int patience = PATIENCE;
        for (int round = 0; round < rounds && patience > 0 && !stop.getAsBoolean(); round++) {
            List<Integer> wrong = overlapping();
            if (wrong.isEmpty()) {
                break;
            }
            Collections.shuffle(wrong, random);
            for (int copy : wrong) {
                double now = state.isPlaced(copy) && !bench.pinned()[copy] ? overlap(copy) : 0;
                if (now > NOTHING_MM && spot.move(copy, now, weights[copy])) {
                    measure(copy);
                }
                if (stop.getAsBoolean()) {
                    break;
                }
            }
            double left = reweigh();
            patience = left < smallest * 0.98 ? PATIENCE : patience - 1;
            if (left < smallest) {
                smallest = left;
                nearest = state.copy();
            }
        }
        return takeOffOverlapping();
    }

    /** Puts in what lies nowhere, the largest first, wherever it overlaps least. */
    private void force(List<Integer> missing) {
        missing.sort(Comparator.comparingDouble((Integer c) -> -areaMm2(c)));
        // A copy that two pieces changed places with may have left the panel: it is put in by force as well.
        for (int copy = 0; copy < copies; copy++) {
            if (state.isPlaced(copy) && !bench.pinned()[copy] && !missing.contains(copy) && !isInside(copy)) {
                missing.add(copy);
            }
        }
        missing.forEach(copy -> state.takeOff(copy));
        for (int copy : missing) {
            spot.move(copy, Double.POSITIVE_INFINITY, weights[copy]);
            if (stop.getAsBoolean()) {
                break;
            }
        }
    }

    /** Puts a missing copy where it overlaps little, never twice by the same measure, and takes off whatever it lies on. */
    void force(LayState onto, double[] phases, int copy, double wall) {
        begin(onto, phases, wall);
        for (int other = 0; other < copies; other++) {
            weights[copy][other] = StrictMath.exp(random.nextGaussian());
        }
        spot.move(copy, Double.POSITIVE_INFINITY, weights[copy]);
        measure(copy);
        for (int other = 0; other < copies && state.isPlaced(copy); other++) {
            if (depths[copy][other] > NOTHING_MM) {
                state.shape[bench.pinned()[other] ? copy : other] = -1;
            }
        }
    }

    /** All copies as they lay when they overlapped least in the last work; not sound if that failed. */
    LayState nearest() {
        return nearest;
    }

    private void begin(LayState onto, double[] phases, double wall) {
        state = onto;
        wallMm = wall;
        spot.begin(onto, phases, wall);
    }

    private boolean isInside(int copy) {
        return state.x[copy] + shape(copy).box.maxX() <= wallMm + 1e-6
                && bench.clearances().on(state.panel[copy], shape(copy)).core().covers(state.x[copy], state.y[copy]);
    }

    private double areaMm2(int copy) {
        return bench.piece(copy).variants().get(0).outline().areaMm2();
    }

    private Shape shape(int copy) {
        return bench.book().shape(state.shape[copy]);
    }

    // Overlaps

    /** How deep a copy overlaps each other one, where it lies now. */
    private void measure(int copy) {
        for (int other = 0; other < copies; other++) {
            boolean both = other != copy && state.isPlaced(copy) && state.isPlaced(other);
            double depth =
                    both && state.panel[copy] == state.panel[other] && areNear(copy, other) ? depth(other, copy) : 0;
            depths[copy][other] = depth;
            depths[other][copy] = depth;
        }
    }

    /** Boxes that do not meet tell most pairs, without a look at their no-fit polygon. */
    private boolean areNear(int a, int b) {
        Box boxA = shape(a).box;
        Box boxB = shape(b).box;
        double gap = bench.problem().gapMm();
        double dx = state.x[b] - state.x[a];
        double dy = state.y[b] - state.y[a];
        return boxA.maxX() + gap > dx + boxB.minX()
                && dx + boxB.maxX() + gap > boxA.minX()
                && boxA.maxY() + gap > dy + boxB.minY()
                && dy + boxB.maxY() + gap > boxA.minY();
    }

    private double depth(int a, int b) {
        return bench.clearances()
                .between(shape(a), shape(b))
                .core()
                .depth(state.x[b] - state.x[a], state.y[b] - state.y[a]);
    }

    private List<Integer> overlapping() {
        List<Integer> wrong = new ArrayList<>();
        for (int a = 0; a < copies; a++) {
            for (double depth : depths[a]) {
                if (depth > NOTHING_MM) {
                    wrong.add(a);
                    break;
                }
            }
        }
        return wrong;
    }

    /** @return overlap of all pairs together, mm of depth */
    private double reweigh() {
        double worst = 0;
        double all = 0;
        for (int a = 0; a < copies; a++) {
            for (int b = 0; b < a; b++) {
                worst = Math.max(worst, depths[a][b]);
                all += depths[a][b];
            }
        }
        for (int a = 0; a < copies; a++) {
            for (int b = 0; b < a; b++) {
                double d = depths[a][b];
                double w = weights[a][b];
                w = d > NOTHING_MM
                        ? w * (1 + (WEIGHT_GROWS - 1) * (0.3 + 0.7 * d / worst))
                        : Math.max(least[a][b], w * WEIGHT_FADES);
                weights[a][b] = w;
                weights[b][a] = w;
            }
        }
        return all;
    }

    /** Weighted overlap of a copy where it lies with all others on its panel. */
    private double overlap(int copy) {
        double sum = 0;
        for (int other = 0; other < copies; other++) {
            sum += depths[copy][other] * weights[copy][other];
        }
        return sum;
    }

    private boolean takeOffOverlapping() {
        boolean sound = true;
        for (List<Integer> wrong = overlapping(); !wrong.isEmpty(); wrong = overlapping()) {
            sound = false;
            int worst = -1;
            double most = -1;
            for (int copy : wrong) {
                if (bench.pinned()[copy]) {
                    continue;
                }
                double cost = 0;
                for (int other : wrong) {
                    cost += depths[copy][other] > NOTHING_MM ? shape(other).areaMm2 : 0;
                }
                // Taking this one off frees so much for so little.
                double gain = cost / shape(copy).areaMm2;
                if (worst < 0 || gain > most) {
                    most = gain;
                    worst = copy;
                }
            }
            state.takeOff(worst);
            measure(worst);
        }
        return sound;
    }
}
