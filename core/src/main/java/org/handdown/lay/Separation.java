package org.handdown.lay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.handdown.geometry.Box;
import org.handdown.geometry.FlatRegion;

/**
 * Places everything and works the overlaps out: missing copies are put where they overlap least, then one overlapping copy after the
 * other goes to the spot of least weighted overlap, and the weight of a pair that stays stuck grows (guided local search, Voudouris
 * and Tsang 1999, applied to nesting by Egeblad, Nielsen and Odgaard 2007; both from memory). How deep two copies overlap is the
 * distance to the rim of their no-fit polygon. No copy ever leaves the panel's free area, so at the end only pairs can be wrong.
 */
final class Separation {
    private static final double WEIGHT_GROWS = 1.6;
    private static final double WEIGHT_FADES = 0.95;
    private static final double[] NEAR_MM = {40, 120, Double.POSITIVE_INFINITY};
    private static final int MOST_CORNERS = 900;

    /** Rounds without gain before it is given up. */
    private static final int PATIENCE = 60;

    /** Below this a rounding of the spot is meant, mm. */
    private static final double NOTHING_MM = 1e-9;

    private final Bench bench;
    private final Random random;
    private final BooleanSupplier stop;
    private final Spots spots;
    private final int copies;
    private final double[] weights;

    private final FlatRegion[] cores;
    private final double[] atX;
    private final double[] atY;
    private final double[] pull;

    private LayState state;
    private double[] settled;
    private double wallMm;

    Separation(Bench bench, Random random, BooleanSupplier stop, Spots spots) {
        this.bench = bench;
        this.random = random;
        this.stop = stop;
        this.spots = spots;
        this.copies = bench.pieceOf().length;
        this.weights = new double[copies * copies];
        this.cores = new FlatRegion[copies];
        this.atX = new double[copies];
        this.atY = new double[copies];
        this.pull = new double[copies];
        this.state = new LayState(0);
        this.settled = new double[0];
    }

    /**
     * Puts the missing copies in and works for some rounds. Whatever still overlaps at the end is taken off, the smaller of two first.
     *
     * @param missing copies to be put in
     * @param wall no copy reaches beyond this x
     * @return true if nothing had to be taken off
     */
    boolean work(LayState onto, double[] phases, List<Integer> missing, double wall, int rounds) {
        state = onto;
        settled = phases;
        wallMm = wall;
        Arrays.fill(weights, 1);
        missing.sort(Comparator.comparingDouble(
                (Integer c) -> -bench.piece(c).variants().get(0).outline().areaMm2()));
        // A copy that two pieces changed places with may have left the panel: it is put in by force as well.
        for (int copy = 0; copy < copies; copy++) {
            if (state.isPlaced(copy) && !bench.pinned()[copy] && !missing.contains(copy) && !isInside(copy)) {
                missing.add(copy);
            }
        }
        missing.forEach(copy -> state.shape[copy] = -1);
        for (int copy : missing) {
            move(copy, true);
            if (stop.getAsBoolean()) {
                break;
            }
        }
        double least = Double.POSITIVE_INFINITY;
        int patience = PATIENCE;
        for (int round = 0; round < rounds && patience > 0 && !stop.getAsBoolean(); round++) {
            List<Integer> wrong = overlapping();
            if (wrong.isEmpty()) {
                break;
            }
            Collections.shuffle(wrong, random);
            for (int copy : wrong) {
                if (state.isPlaced(copy) && !bench.pinned()[copy] && overlap(copy) > NOTHING_MM) {
                    move(copy, false);
                }
                if (stop.getAsBoolean()) {
                    break;
                }
            }
            double left = reweigh();
            patience = left < least * 0.98 ? PATIENCE : patience - 1;
            least = Math.min(least, left);
        }
        return takeOffOverlapping();
    }

    /** Puts a missing copy where it overlaps little, never twice by the same measure, and takes off whatever it lies on. */
    void force(LayState onto, double[] phases, int copy, double wall) {
        state = onto;
        settled = phases;
        wallMm = wall;
        for (int other = 0; other < copies; other++) {
            weights[copy * copies + other] = StrictMath.exp(random.nextGaussian());
        }
        move(copy, true);
        for (int other = 0; other < copies && state.isPlaced(copy); other++) {
            if (other != copy && state.isPlaced(other) && depth(other, copy) > NOTHING_MM) {
                state.shape[bench.pinned()[other] ? copy : other] = -1;
            }
        }
    }

    private boolean isInside(int copy) {
        return state.x[copy] + shape(copy).box.maxX() <= wallMm + 1e-6
                && bench.clearances().on(state.panel[copy], shape(copy)).core().covers(state.x[copy], state.y[copy]);
    }

    private Shape shape(int copy) {
        return bench.book().shape(state.shape[copy]);
    }

    private double depth(int a, int b) {
        if (state.panel[a] != state.panel[b]) {
            return 0;
        }
        return bench.clearances()
                .between(shape(a), shape(b))
                .core()
                .depth(state.x[b] - state.x[a], state.y[b] - state.y[a]);
    }

    private List<Integer> overlapping() {
        List<Integer> wrong = new ArrayList<>();
        for (int a = 0; a < copies; a++) {
            for (int b = 0; b < copies && state.isPlaced(a); b++) {
                if (b != a && state.isPlaced(b) && depth(a, b) > NOTHING_MM) {
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
        double[] depths = new double[copies * copies];
        for (int a = 0; a < copies; a++) {
            for (int b = 0; b < a && state.isPlaced(a); b++) {
                double d = state.isPlaced(b) ? depth(a, b) : 0;
                depths[a * copies + b] = d;
                worst = Math.max(worst, d);
                all += d;
            }
        }
        for (int a = 0; a < copies; a++) {
            for (int b = 0; b < a; b++) {
                double d = depths[a * copies + b];
                double w = weights[a * copies + b];
                w = d > NOTHING_MM
                        ? w * (1 + (WEIGHT_GROWS - 1) * (0.3 + 0.7 * d / worst))
                        : Math.max(1, w * WEIGHT_FADES);
                weights[a * copies + b] = w;
                weights[b * copies + a] = w;
            }
        }
        return all;
    }

    /** Weighted overlap of a copy where it lies with all others on its panel. */
    private double overlap(int copy) {
        double sum = 0;
        for (int other = 0; other < copies; other++) {
            double d = other == copy || !state.isPlaced(other) ? 0 : depth(other, copy);
            sum += d == 0 ? 0 : d * weights[copy * copies + other];
        }
        return sum;
    }

    /** To the spot of least weighted overlap, in any way and on any panel it may lie on; most often only as it lies now. */
    private void move(int copy, boolean isNew) {
        int piece = bench.pieceOf()[copy];
        double best = isNew ? 1e30 : overlap(copy);
        int bestShape = state.shape[copy];
        int bestPanel = state.panel[copy];
        double bestX = state.x[copy];
        double bestY = state.y[copy];
        double startX = bestX;
        double startY = bestY;
        boolean wide = isNew || random.nextInt(3) == 0;
        // Most moves are small: only the neighbourhood is looked at, which takes a tenth of the time.
        double far = wide ? Double.POSITIVE_INFINITY : NEAR_MM[random.nextInt(NEAR_MM.length)];
        int was = state.shape[copy];
        for (int panel = 0; panel < bench.problem().panels().size(); panel++) {
            if (!wide && panel != state.panel[copy]) {
                continue;
            }
            for (Shape shape : bench.book().ways(piece, panel)) {
                boolean own = shape.index == was;
                if (!own && (!wide || !shape.straight || !isAllowed(copy, piece, panel, shape))) {
                    continue;
                }
                Clearances.Room room = bench.clearances().on(panel, shape);
                if (room.rim().isEmpty()) {
                    continue;
                }
                Box all = room.rim().box();
                Box window = far == Double.POSITIVE_INFINITY
                        ? all
                        : new Box(
                                Math.max(all.minX(), startX - far),
                                Math.max(all.minY(), startY - far),
                                Math.min(all.maxX(), startX + far),
                                Math.min(all.maxY(), startY + far));
                spots.clear();
                int others = 0;
                for (int other = 0; other < copies; other++) {
                    if (other != copy && state.isPlaced(other) && state.panel[other] == panel) {
                        Clearances.Obstacle obstacle = bench.clearances().between(shape(other), shape);
                        Box b = obstacle.core().box();
                        if (b.minX() + state.x[other] > window.maxX()
                                || b.maxX() + state.x[other] < window.minX()
                                || b.minY() + state.y[other] > window.maxY()
                                || b.maxY() + state.y[other] < window.minY()) {
                            continue;
                        }
                        spots.addObstacle(obstacle, state.x[other], state.y[other]);
                        cores[others] = obstacle.core();
                        atX[others] = state.x[other];
                        atY[others] = state.y[other];
                        pull[others++] = weights[copy * copies + other];
                    }
                }
                List<Stripes.Line> stripes = bench.stripes().lines(panel, shape);
                int n = spots.corners(room, window, stripes, settled, wallMm - shape.box.maxX(), -1);
                // Of very many corners a part is looked at, another one each time.
                int stride = Math.max(1, n / MOST_CORNERS);
                for (int i = random.nextInt(stride); i < n && best > 0; i += stride) {
                    double x = spots.cornerX(i);
                    double y = spots.cornerY(i);
                    double sum = 0;
                    for (int o = 0; o < others && sum < best; o++) {
                        double d = cores[o].depth(x - atX[o], y - atY[o]);
                        sum += d == 0 ? 0 : d * pull[o];
                    }
                    if (sum < best && room.core().covers(x, y) && Stripes.agree(stripes, settled, x, y)) {
                        best = sum;
                        bestShape = shape.index;
                        bestPanel = panel;
                        bestX = x;
                        bestY = y;
                    }
                }
                if (stop.getAsBoolean()) {
                    return;
                }
            }
        }
        state.shape[copy] = bestShape;
        state.panel[copy] = bestPanel;
        state.x[copy] = bestX;
        state.y[copy] = bestY;
    }

    private boolean isAllowed(int copy, int piece, int panel, Shape shape) {
        int was = state.shape[copy];
        state.shape[copy] = -1;
        boolean allowed = bench.mayLie(state, piece, panel, shape);
        state.shape[copy] = was;
        return allowed;
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
                    cost += other != copy && depth(other, copy) > NOTHING_MM ? shape(other).areaMm2 : 0;
                }
                // Taking this one off frees so much for so little.
                double gain = cost / shape(copy).areaMm2;
                if (worst < 0 || gain > most) {
                    most = gain;
                    worst = copy;
                }
            }
            state.shape[worst] = -1;
        }
        return sound;
    }
}
