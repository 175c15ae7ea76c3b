package org.handdown.fit.search;

import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.handdown.fit.FitPiece;
import org.handdown.fit.room.CandidatePositions;
import org.handdown.fit.room.ContactField;
import org.handdown.fit.room.InnerFit;
import org.handdown.fit.room.Shape;
import org.handdown.fit.room.Stripes;
import org.jspecify.annotations.Nullable;

/**
 * Lays the open copies one after the other, each time the piece and the spot that fit best: where the greatest share of the piece's
 * outline touches the panel's edge or its neighbours (touching perimeter, after Lodi, Martello and Vigo 1999, from memory). CandidatePositions are
 * the exact corners of the free area. After a piece is laid only what it changed is looked at again.
 */
final class BestFit {
    private final SearchProblem bench;
    private final Random random;
    private final BooleanSupplier stop;
    private final CandidatePositions candidates;
    private final ContactField.@Nullable Table[] tables;

    /** What a piece could do on a panel at best; score below 0 for nothing. */
    private static final class Chance {
        double score = -1;
        int shape;
        double x;
        double y;
        double worth;
    }

    private @Nullable Chance[][] chances;
    private LayState state;
    private double[] settled;
    private double sizeWeight;
    private double noise;
    private double wallMm;
    private boolean tilting;
    private boolean[] open = {};

    BestFit(SearchProblem bench, Random random, BooleanSupplier stop, CandidatePositions candidates) {
        this.bench = bench;
        this.random = random;
        this.stop = stop;
        this.candidates = candidates;
        int panels = bench.problem().panels().size();
        this.tables = new ContactField.Table[panels];
        this.chances = new Chance[bench.problem().pieces().size()][panels];
        this.state = new LayState(0);
        this.settled = new double[0];
    }

    /**
     * Lays every open copy that finds a spot.
     *
     * @param where panels that are looked at; on the others nothing has changed since the open copies found no room there
     * @param wall no piece reaches beyond this x; infinite for none
     * @param tilted whether turns off the straight grain are tried
     */
    void lay(LayState onto, double[] phases, boolean[] where, double wall, boolean tilted) {
        state = onto;
        open = where;
        settled = phases;
        wallMm = wall;
        tilting = tilted;
        sizeWeight = new double[] {0, 0.25, 0.5, 1}[random.nextInt(4)];
        noise = random.nextInt(3) * 0.03;
        int pieces = bench.problem().pieces().size();
        int[] left = new int[pieces];
        for (int c = 0; c < state.shape.length; c++) {
            left[bench.pieceOf()[c]] += state.isPlaced(c) ? 0 : 1;
        }
        for (int p = 0; p < tables.length; p++) {
            if (open[p]) {
                table(p).clear(wallMm);
            }
        }
        for (int c = 0; c < state.shape.length; c++) {
            if (state.isPlaced(c) && open[state.panel[c]]) {
                table(state.panel[c]).put(bench.book().shape(state.shape[c]), state.x[c], state.y[c]);
            }
        }
        for (int piece = 0; piece < pieces; piece++) {
            for (int panel = 0; panel < tables.length && left[piece] > 0; panel++) {
                chances[piece][panel] = open[panel] ? look(piece, panel, -1, null) : null;
                if (stop.getAsBoolean()) {
                    return;
                }
            }
        }
        putBest(left);
    }

    /** Puts the best chance there is, again and again, until nothing finds room. */
    private void putBest(int[] left) {
        int pieces = left.length;
        while (!stop.getAsBoolean()) {
            int best = -1;
            int on = -1;
            double most = -1;
            for (int piece = 0; piece < pieces; piece++) {
                for (int panel = 0; panel < tables.length && left[piece] > 0; panel++) {
                    Chance chance = chances[piece][panel];
                    double score = chance == null || chance.score < 0 ? -1 : rank(piece, chance);
                    if (score > most) {
                        most = score;
                        best = piece;
                        on = panel;
                    }
                }
            }
            if (best < 0) {
                return;
            }
            left[best]--;
            int copy = put(best, on);
            refresh(copy, left);
        }
    }

    private ContactField.Table table(int panel) {
        ContactField.Table table = tables[panel];
        if (table == null) {
            table = bench.touch().table(panel);
            tables[panel] = table;
        }
        return table;
    }

    /** Required pieces come first; among them what fits best, larger ones a little earlier. */
    private double rank(int piece, Chance chance) {
        FitPiece p = bench.problem().pieces().get(piece);
        double size = bench.book().shape(chance.shape).areaMm2;
        double lead = p.required() || bench.isShortest() ? 1e6 : 0;
        return lead + chance.score * StrictMath.pow(size, sizeWeight / 2);
    }

    private int put(int piece, int panel) {
        Chance chance = java.util.Objects.requireNonNull(chances[piece][panel]);
        int copy = 0;
        while (bench.pieceOf()[copy] != piece || state.isPlaced(copy)) {
            copy++;
        }
        state.put(copy, chance.shape, panel, chance.x, chance.y);
        table(panel).put(bench.book().shape(chance.shape), chance.x, chance.y);
        return copy;
    }

    private void refresh(int copy, int[] left) {
        int panel = state.panel[copy];
        boolean settles = bench.settleBy(state, settled, copy);
        Shape laid = bench.book().shape(state.shape[copy]);
        for (int piece = 0; piece < left.length; piece++) {
            if (left[piece] == 0 || stop.getAsBoolean()) {
                continue;
            }
            boolean own = piece == bench.pieceOf()[copy];
            for (int p = 0; p < tables.length; p++) {
                if (!open[p]) {
                    continue;
                }
                Chance before = chances[piece][p];
                if (settles || own) {
                    // Another phase, or one copy less that may lie this way: everything is new.
                    chances[piece][p] = look(piece, p, -1, null);
                } else if (p == panel && before != null && before.score >= 0) {
                    Shape shape = bench.book().shape(before.shape);
                    boolean gone = bench.clearances()
                            .between(laid, shape)
                            .core()
                            .covers(before.x - state.x[copy], before.y - state.y[copy]);
                    chances[piece][p] = gone ? look(piece, p, -1, null) : look(piece, p, copy, before);
                }
            }
        }
    }

    /**
     * The best chance of a piece on a panel.
     *
     * @param near only candidates that touch this copy; below 0 all candidates
     * @param before the best so far, still free; null for none
     */
    private Chance look(int piece, int panel, int near, @Nullable Chance before) {
        Chance best = new Chance();
        ContactField.Table table = table(panel);
        if (before != null) {
            Shape shape = bench.book().shape(before.shape);
            best.shape = before.shape;
            best.x = before.x;
            best.y = before.y;
            best.worth = before.worth;
            best.score = table.share(shape, before.x, before.y, 1);
        }
        FitPiece p = bench.problem().pieces().get(piece);
        double left = bench.leftMm2(state, panel);
        for (Shape shape : bench.book().ways(piece, panel)) {
            double worth = p.worthM2(shape.variant);
            // Ways stand the most worth first: a lesser one counts only where no better one found room.
            if (best.score >= 0 && worth < best.worth - 1e-12) {
                break;
            }
            boolean tried = shape.straight || tilting && random.nextInt(4) == 0;
            if (!tried || shape.areaMm2 > left || !bench.mayLie(state, piece, panel, shape)) {
                continue;
            }
            look(shape, panel, near, best, worth);
            if (stop.getAsBoolean()) {
                break;
            }
        }
        return best;
    }

    private void look(Shape shape, int panel, int near, Chance best, double worth) {
        InnerFit room = bench.clearances().on(panel, shape);
        if (room.rim().isEmpty()) {
            return;
        }
        ContactField.Table table = table(panel);
        candidates.clear();
        int only = -1;
        int n = 0;
        for (int other = 0; other < state.shape.length; other++) {
            if (state.isPlaced(other) && state.panel[other] == panel) {
                if (other == near) {
                    only = n;
                }
                candidates.addObstacle(
                        bench.clearances().between(bench.book().shape(state.shape[other]), shape),
                        state.x[other],
                        state.y[other]);
                n++;
            }
        }
        List<Stripes.Line> stripes = bench.stripes().lines(panel, shape);
        int count = candidates.corners(room, stripes, settled, wallMm - shape.box.maxX(), only);
        for (int i = 0; i < count; i++) {
            double x = candidates.cornerX(i);
            double y = candidates.cornerY(i);
            double rough = table.share(shape, x, y, 4);
            if (rough < 0 || rough + ROUGH < best.score) {
                continue;
            }
            double score = table.share(shape, x, y, 1);
            score *= noise == 0 ? 1 : 1 + noise * random.nextGaussian();
            if (score > best.score && candidates.isFree(room, stripes, settled, i)) {
                best.score = score;
                best.shape = shape.index;
                best.x = x;
                best.y = y;
                best.worth = worth;
            }
        }
    }

    /** A quarter of the samples tells the share to about this much. */
    private static final double ROUGH = 0.12;
}
