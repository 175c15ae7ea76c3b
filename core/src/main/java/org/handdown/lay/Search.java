package org.handdown.lay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

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

    /** A gain in length worth a new lay, mm. */
    private static final double LEAST_GAIN_MM = 0.05;

    /** A tilted piece must reach this much less far to be preferred: it is harder to chalk. */
    private static final double TILT_PENALTY_MM = 15;

    private static final int TIGHTNESS_PAIRS = 150;

    private final Bench bench;
    private final Random random;
    private final BooleanSupplier stop;
    private final Spots spots;
    private final double[] settled;
    private final BestFit bestFit;
    private final Separation separation;

    private LayState state;
    private double[] wayDeg;
    private List<Integer> panelOrder;
    private PanelChoice choice = PanelChoice.TIGHTEST;
    private boolean worthFirst = true;
    private boolean tilting;
    private boolean touching;
    private Score shortest = Score.NOTHING;
    private LayState shortestState;
    private double mostRelaid;
    private double lengthLimit = Double.POSITIVE_INFINITY;

    /** In which order a piece tries the panels. */
    private enum PanelChoice {
        TIGHTEST,
        ROOMIEST,
        IN_TURN
    }

    /** What all threads share. */
    record Bench(
            FitProblem problem,
            ShapeBook book,
            Clearances clearances,
            Stripes stripes,
            Touch touch,
            int[] pieceOf,
            double[] usableMm2) {
        static Bench of(FitProblem problem) {
            int[] pieceOf = new int
                    [problem.pieces().stream().mapToInt(FitPiece::quantity).sum()];
            int copy = 0;
            for (int p = 0; p < problem.pieces().size(); p++) {
                for (int i = 0; i < problem.pieces().get(p).quantity(); i++) {
                    pieceOf[copy++] = p;
                }
            }
            double[] usable = problem.panels().stream()
                    .mapToDouble(p -> Remnants.usable(p).areaMm2())
                    .toArray();
            return new Bench(
                    problem,
                    new ShapeBook(problem),
                    new Clearances(problem),
                    new Stripes(problem),
                    new Touch(problem),
                    pieceOf,
                    usable);
        }

        /** Number of a copy among those of its piece, from 0. */
        int copyNumber(int copy) {
            int first = copy;
            while (first > 0 && pieceOf[first - 1] == pieceOf[copy]) {
                first--;
            }
            return copy - first;
        }

        boolean isShortest() {
            return problem.objective() == Objective.SHORTEST;
        }

        FitPiece piece(int copy) {
            return problem.pieces().get(pieceOf[copy]);
        }
    }

    /** Told of each better lay; called on the searching thread. */
    interface Better {
        void found(LayState lay, Score score);
    }

    Search(Bench bench, long seed, BooleanSupplier stop) {
        this.bench = bench;
        this.random = new Random(seed);
        this.stop = stop;
        this.spots = new Spots(bench.pieceOf.length);
        this.bestFit = new BestFit(bench, random, stop, spots);
        this.separation = new Separation(bench, random, stop, spots);
        this.settled = new double[bench.stripes.groupCount()];
        this.state = new LayState(bench.pieceOf.length);
        this.shortestState = state;
        this.wayDeg = new double[bench.problem.panels().size()];
        this.panelOrder = new ArrayList<>();
        for (int i = 0; i < wayDeg.length; i++) {
            panelOrder.add(i);
        }
        chooseWays();
        // Knowing which panel is tightest means trying all of them, and a full one costs most: too dear for the first
        // lay
        // of a large problem.
        boolean isLarge = bench.problem.pieces().size() * wayDeg.length > TIGHTNESS_PAIRS;
        choice = isLarge ? PanelChoice.ROOMIEST : PanelChoice.TIGHTEST;
        tilting = false;
        touching = false;
    }

    /** Runs until told to stop or the steps are used up. */
    void run(long steps, Better better) {
        recreate();
        if (isShortest()) {
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
        int required = bench.problem.pieces().stream()
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
                state = random.nextInt(3) == 0 ? new LayState(bench.pieceOf.length) : bestState.copy();
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
            boolean small = bench.pieceOf.length <= FEW_COPIES;
            int tries = small && step < 2 ? 2 : mostRelaid > 0.9 ? 4 : random.nextInt(small ? 3 : 8) == 0 ? 1 : 0;
            for (int i = 0; i < tries && !stop.getAsBoolean(); i++) {
                // Little above the least thinkable length: where pieces mate, they only do so laid anew.
                lengthLimit =
                        Math.min(least * NEAR_LEAST[random.nextInt(NEAR_LEAST.length)], lengthMm() - LEAST_GAIN_MM);
                relay(patience, better);
                patience = Math.min(PATIENCE, patience * 1.1);
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
        return shortest.required() == bench.pieceOf.length ? -shortest.leftover() : Double.POSITIVE_INFINITY;
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
        state = new LayState(bench.pieceOf.length);
        chooseWays();
        touching = true;
        recreate();
        double weight = weight();
        double all =
                leastLengthMm() * bench.problem.panels().get(0).outline().box().heightMm();
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
            if (state.isPlaced(c) && reach(c) > lengthLimit) {
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
        if (a == b || bench.pieceOf[a] == bench.pieceOf[b]) {
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
            if (!state.isPlaced(c) && (isShortest() || bench.piece(c).required())) {
                missing.add(c);
            }
        }
        return missing;
    }

    /** No piece reaches beyond this x. */
    private double wallMm() {
        return isShortest()
                ? bench.problem.panels().get(0).outline().box().minX() + lengthLimit
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
        for (int c = 0; c < bench.pieceOf.length; c++) {
            double least = bench.book.ways(bench.pieceOf[c], 0).stream()
                    .mapToDouble(s -> s.box.widthMm())
                    .min()
                    .orElse(0);
            longest = Math.max(longest, least);
            area += bench.book.ways(bench.pieceOf[c], 0).stream()
                    .mapToDouble(s -> s.areaMm2)
                    .min()
                    .orElse(0);
        }
        double wide = bench.problem.panels().get(0).outline().box().heightMm();
        return Math.max(longest, area / wide);
    }

    private void takeOffBeyond() {
        for (int c = 0; c < state.shape.length; c++) {
            if (state.isPlaced(c) && reach(c) > lengthLimit) {
                state.shape[c] = -1;
            }
        }
    }

    /** What lies, by area and then by worth: a smoother guide than the count of pieces. */
    private double weight() {
        double weight = 0;
        for (int c = 0; c < state.shape.length; c++) {
            if (state.isPlaced(c)) {
                boolean needed = isShortest() || bench.piece(c).required();
                weight += shapeOf(c).areaMm2 * (needed ? 1 : 0)
                        + (isShortest() ? 0 : bench.piece(c).worthM2(shapeOf(c).variant));
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

    private boolean isShortest() {
        return bench.problem.objective() == Objective.SHORTEST;
    }

    private void chooseWays() {
        for (int i = 0; i < wayDeg.length; i++) {
            double along = bench.problem.panels().get(i).grainDeg();
            wayDeg[i] = isShortest()
                    ? 0
                    : along + (random.nextInt(3) > 0 ? 90.0 * random.nextInt(4) : 45.0 * random.nextInt(8));
        }
        if (!isShortest()) {
            java.util.Collections.shuffle(panelOrder, random);
        }
        choice = random.nextBoolean() ? PanelChoice.TIGHTEST : PanelChoice.IN_TURN;
        worthFirst = random.nextInt(8) > 0;
        tilting = random.nextInt(3) == 0;
        touching = random.nextInt(8) > 0;
    }

    // Taking off

    private void ruin() {
        List<Integer> placed = new ArrayList<>();
        for (int c = 0; c < state.shape.length; c++) {
            if (state.isPlaced(c)) {
                placed.add(c);
            }
        }
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
        int kind = random.nextInt(isShortest() ? 2 : 3);
        int first = placed.get(random.nextInt(placed.size()));
        if (kind == 0) {
            java.util.Collections.shuffle(placed, random);
        } else if (kind == 1) {
            placed.sort(Comparator.comparingDouble((Integer c) -> apart(first, c)));
        } else {
            placed.removeIf(c -> state.panel[c] != state.panel[first]);
            count = placed.size();
        }
        placed.subList(0, Math.min(count, placed.size())).forEach(c -> state.shape[c] = -1);
    }

    private double reach(int copy) {
        return state.x[copy]
                + shapeOf(copy).box.maxX()
                - bench.problem.panels().get(0).outline().box().minX();
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
        return bench.book.shape(state.shape[copy]);
    }

    // Laying again

    private void recreate() {
        if (touching) {
            settle();
            bestFit.lay(state, settled, wallMm(), tilting);
            return;
        }
        double[] order = new double[state.shape.length];
        List<Integer> open = new ArrayList<>();
        double noise = random.nextInt(4) * 0.25;
        for (int c = 0; c < order.length; c++) {
            if (!state.isPlaced(c)) {
                open.add(c);
                FitPiece piece = bench.piece(c);
                double size = piece.variants().get(0).outline().areaMm2();
                double weight = piece.required() || isShortest() ? 1e3 : 1;
                order[c] = -weight * size * StrictMath.exp(noise * random.nextGaussian());
            }
        }
        open.sort(Comparator.comparingDouble((Integer c) -> order[c]));
        boolean[] hopeless = new boolean[bench.problem.pieces().size()];
        settle();
        for (int copy : open) {
            if (stop.getAsBoolean()) {
                return;
            }
            int piece = bench.pieceOf[copy];
            hopeless[piece] = hopeless[piece] || !lay(copy);
        }
    }

    /** Where each match group stands in its repeat, from what lies already. */
    private void settle() {
        Arrays.fill(settled, Double.NaN);
        for (int c = 0; c < state.shape.length && settled.length > 0; c++) {
            if (state.isPlaced(c)) {
                settleBy(c);
            }
        }
    }

    private void settleBy(int copy) {
        for (Stripes.Line line : bench.stripes.lines(state.panel[copy], shapeOf(copy))) {
            if (Double.isNaN(settled[line.group()])) {
                settled[line.group()] = line.phaseMm(state.x[copy], state.y[copy]);
            }
        }
    }

    private boolean lay(int copy) {
        List<Integer> panels = switch (choice) {
            case TIGHTEST -> byTightness(copy);
            case ROOMIEST -> byRoom();
            case IN_TURN -> panelOrder;
        };
        List<Double> worths = worthFirst ? worths(copy, panels) : List.of(Double.NaN);
        for (double worth : worths) {
            for (int panel : panels) {
                if (layOn(copy, panel, worth)) {
                    settleBy(copy);
                    return true;
                }
            }
        }
        return false;
    }

    private List<Double> worths(int copy, List<Integer> panels) {
        return panels.stream()
                .flatMap(p -> bench.book.ways(bench.pieceOf[copy], p).stream())
                .map(s -> bench.piece(copy).worthM2(s.variant))
                .distinct()
                .sorted(Comparator.reverseOrder())
                .toList();
    }

    /** Panels with the most cloth left first. */
    private List<Integer> byRoom() {
        double[] left = new double[panelOrder.size()];
        for (int panel : panelOrder) {
            left[panel] = leftMm2(panel);
        }
        List<Integer> panels = new ArrayList<>(panelOrder);
        panels.sort(Comparator.comparingDouble(p -> -left[p]));
        return panels;
    }

    private double leftMm2(int panel) {
        double left = bench.usableMm2[panel];
        for (int c = 0; c < state.shape.length; c++) {
            left -= state.isPlaced(c) && state.panel[c] == panel ? shapeOf(c).areaMm2 : 0;
        }
        return left;
    }

    private List<Integer> byTightness(int copy) {
        double[] room = new double[panelOrder.size()];
        for (int panel : panelOrder) {
            for (Shape way : bench.book.ways(bench.pieceOf[copy], panel)) {
                room[panel] =
                        Math.max(room[panel], bench.clearances.on(panel, way).areaMm2());
            }
        }
        List<Integer> panels = new ArrayList<>(panelOrder);
        panels.sort(Comparator.comparingDouble(p -> room[p]));
        return panels;
    }

    /** Lays the copy on the panel in the way that reaches least far in the panel's direction. */
    private boolean layOn(int copy, int panel, double worth) {
        FitPiece piece = bench.piece(copy);
        Point way = Point.towards(wayDeg[panel]);
        Point sideways = Point.towards(wayDeg[panel] + 90).times(random.nextBoolean() ? 0.03 : -0.03);
        double best = isShortest()
                ? bench.problem.panels().get(0).outline().box().minX() + lengthLimit
                : Double.POSITIVE_INFINITY;
        boolean found = false;
        double left = leftMm2(panel);
        for (Shape shape : bench.book.ways(bench.pieceOf[copy], panel)) {
            boolean wanted = Double.isNaN(worth) || piece.worthM2(shape.variant) == worth;
            if (!wanted || shape.areaMm2 > left * 1.001 + 100 || !isTried(shape) || !mayLie(copy, panel, shape)) {
                continue;
            }
            Clearances.Room room = bench.clearances.on(panel, shape);
            if (room.rim().isEmpty()) {
                continue;
            }
            double support = support(shape.ring, way);
            spots.clear();
            for (int other = 0; other < state.shape.length; other++) {
                if (other != copy && state.isPlaced(other) && state.panel[other] == panel) {
                    spots.addObstacle(bench.clearances.between(shapeOf(other), shape), state.x[other], state.y[other]);
                }
            }
            Point wish = way.plus(sideways);
            List<Stripes.Line> stripes = bench.stripes.lines(panel, shape);
            if (spots.find(room, stripes, settled, wish.x(), wish.y(), Double.POSITIVE_INFINITY)) {
                double reach = spots.foundX * way.x() + spots.foundY * way.y() + support;
                reach += shape.straight || isShortest() ? 0 : TILT_PENALTY_MM;
                if (reach < best) {
                    best = reach;
                    found = true;
                    put(copy, panel, shape);
                }
            }
            if (stop.getAsBoolean()) {
                break;
            }
        }
        return found;
    }

    private void put(int copy, int panel, Shape shape) {
        state.shape[copy] = shape.index;
        state.panel[copy] = panel;
        state.x[copy] = spots.foundX;
        state.y[copy] = spots.foundY;
    }

    private static double support(Ring ring, Point way) {
        return ring.points().stream().mapToDouble(p -> p.dot(way)).max().orElse(0);
    }

    private boolean isTried(Shape shape) {
        return shape.straight || tilting && random.nextInt(4) == 0;
    }

    private boolean mayLie(int copy, int panel, Shape shape) {
        return mayLie(bench, state, bench.pieceOf[copy], panel, shape);
    }

    /** May one more copy of the piece lie so, by its handedness? */
    static boolean mayLie(Bench bench, LayState state, int pieceIndex, int panel, Shape shape) {
        if (bench.problem.panels().get(panel).reversible()) {
            return true;
        }
        FitPiece piece = bench.problem.pieces().get(pieceIndex);
        int used = 0;
        for (int c = 0; c < state.shape.length; c++) {
            if (bench.pieceOf[c] == pieceIndex
                    && state.isPlaced(c)
                    && bench.book.shape(state.shape[c]).mirrored == shape.mirrored
                    && !bench.problem.panels().get(state.panel[c]).reversible()) {
                used++;
            }
        }
        return used < (shape.mirrored ? piece.mostMirrored() : piece.mostAsDrawn());
    }

    // Judging

    private Score score(Score best) {
        int required = 0;
        double value = 0;
        double length = 0;
        for (int c = 0; c < state.shape.length; c++) {
            if (state.isPlaced(c)) {
                required += isShortest() || bench.piece(c).required() ? 1 : 0;
                value += isShortest() ? 0 : bench.piece(c).worthM2(shapeOf(c).variant);
                length = isShortest() ? Math.max(length, reach(c)) : 0;
            }
        }
        Score score = new Score(required, value, -length);
        // The leftover only counts between lays that place as much, and it costs time to measure.
        return isShortest() || !score.placesAsMuchAs(best) ? score : new Score(required, value, largestLeftover());
    }

    private double largestLeftover() {
        Remnants remnants = new Remnants(bench.problem);
        double largest = 0;
        for (int p = 0; p < bench.problem.panels().size(); p++) {
            List<Ring> laid = new ArrayList<>();
            for (int c = 0; c < state.shape.length; c++) {
                if (state.isPlaced(c) && state.panel[c] == p) {
                    laid.add(shapeOf(c).ring.moved(state.x[c], state.y[c]));
                }
            }
            largest = Math.max(
                    largest, remnants.roughRectangleMm2(bench.problem.panels().get(p), laid));
        }
        return largest;
    }
}
