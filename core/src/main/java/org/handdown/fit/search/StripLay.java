package org.handdown.fit.search;

import java.util.List;
import java.util.Random;

/** The pieces on a strip of cloth: the lay at work, the shortest so far, and what is done to either. */
final class StripLay {

    /** Rounds of working overlaps out after a squeeze. */
    private static final int ROUNDS = 300;

    /** A gain in length worth a new lay, mm. */
    static final double LEAST_GAIN_MM = 0.05;

    final LayTable table;
    final SearchProblem bench;
    final Random random;
    private final Search.Better better;
    private Score shortest = Score.NOTHING;
    private LayState shortestState;

    StripLay(LayTable table, Search.Better better) {
        this.table = table;
        this.bench = table.bench;
        this.random = table.random;
        this.better = better;
        this.shortestState = table.state;
    }

    Score shortest() {
        return shortest;
    }

    /** A copy, to be changed. */
    LayState shortestState() {
        return shortestState.copy();
    }

    /** Takes what lies as the first one. */
    void begin() {
        shortest = table.score(Score.NOTHING);
        shortestState = table.state.copy();
        better.found(shortestState, shortest);
    }

    /** Takes up a shorter lay that was found elsewhere. */
    void lookElsewhere() {
        LayState other = better.elsewhere(shortest);
        if (other != null) {
            table.state = other;
            isShorter();
        }
    }

    double lengthMm() {
        return shortest.required() == bench.pieceOf().length ? -shortest.leftover() : Double.POSITIVE_INFINITY;
    }

    /** Takes what lies as the shortest lay if it is. */
    boolean isShorter() {
        Score now = table.score(shortest);
        if (now.compareTo(shortest) <= 0) {
            return false;
        }
        shortest = now;
        shortestState = table.state.copy();
        better.found(shortestState, shortest);
        return true;
    }

    /** Puts copies in by force. @return true if the lay came out whole within the limit */
    boolean isWorkedOut(List<Integer> missing) {
        table.settle();
        return table.separation.work(table.state, table.settled, missing, table.wallMm(), ROUNDS);
    }

    /** Length of the lay as it lies, mm. */
    double reachMm() {
        return -table.score(shortest).leftover();
    }

    /** Copies that reach beyond the limit and may be moved. */
    List<Integer> beyond() {
        List<Integer> beyond = bench.movable(table.state);
        beyond.removeIf(c -> table.reach(c) <= table.lengthLimit);
        return beyond;
    }

    /** Two pieces change places, middle to middle; rather large ones, because small ones find their way by themselves. */
    void swapTwo() {
        int a = largerOfTwo();
        int b = largerOfTwo();
        boolean loose = table.state.isPlaced(a) && table.state.isPlaced(b) && !bench.pinned()[a] && !bench.pinned()[b];
        if (!loose || bench.pieceOf()[a] == bench.pieceOf()[b]) {
            return;
        }
        double ax = table.middleX(a);
        double ay = table.middleY(a);
        table.state.x[a] += table.middleX(b) - ax;
        table.state.y[a] += table.middleY(b) - ay;
        table.state.x[b] += ax - table.middleX(b);
        table.state.y[b] += ay - table.middleY(b);
    }

    int largerOfTwo() {
        int a = random.nextInt(table.state.shape.length);
        int b = random.nextInt(table.state.shape.length);
        return table.state.isPlaced(a) && table.state.isPlaced(b) && table.shapeOf(a).areaMm2 < table.shapeOf(b).areaMm2
                ? b
                : a;
    }

    /** No lay is shorter than its area over the width, nor than the piece that is longest at its shortest, nor than what is pinned. */
    double leastLengthMm() {
        double area = 0;
        double longest = 0;
        for (int c = 0; c < bench.pieceOf().length; c++) {
            double least = bench.book().ways(bench.pieceOf()[c], 0).stream()
                    .mapToDouble(s -> s.box.widthMm())
                    .min()
                    .orElse(0);
            longest = Math.max(longest, bench.pinned()[c] ? table.reach(c) : least);
            area += bench.book().ways(bench.pieceOf()[c], 0).stream()
                    .mapToDouble(s -> s.areaMm2)
                    .min()
                    .orElse(0);
        }
        double wide = bench.problem().panels().get(0).outline().box().heightMm();
        return Math.max(longest, area / wide);
    }
}
