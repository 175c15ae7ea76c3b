package org.handdown.fit.search;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.handdown.fit.FitPiece;
import org.handdown.fit.room.CandidatePositions;
import org.handdown.fit.room.InnerFit;
import org.handdown.fit.room.Shape;
import org.handdown.fit.room.Stripes;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/** Lays the open copies one after the other, large ones first, each as far to one side of its panel as it goes: quick, and it keeps the leftover whole. */
final class OneSide {
    /** A tilted piece must reach this much less far to be preferred: it is harder to chalk. */
    private static final double TILT_PENALTY_MM = 15;

    private final SearchProblem bench;
    private final Random random;
    private final BooleanSupplier stop;
    private final CandidatePositions candidates;
    private final double[] wayDeg;
    private final List<Integer> panelOrder = new ArrayList<>();
    /** A piece tries the panel first that leaves it the least room, else the panels in turn. */
    private boolean tightestFirst;

    private boolean worthFirst = true;
    private boolean tilting;
    private double wallMm;
    private LayState state;
    private double[] settled;
    private boolean[] onPanels = {};

    OneSide(SearchProblem bench, Random random, BooleanSupplier stop, CandidatePositions candidates) {
        this.bench = bench;
        this.random = random;
        this.stop = stop;
        this.candidates = candidates;
        this.state = new LayState(0);
        this.settled = new double[0];
        this.wayDeg = new double[bench.problem().panels().size()];
        for (int i = 0; i < wayDeg.length; i++) {
            panelOrder.add(i);
        }
        choose();
        tightestFirst = true;
    }

    /** Draws anew to which side, and in which order of panels. */
    void choose() {
        for (int i = 0; i < wayDeg.length; i++) {
            double along = bench.problem().panels().get(i).grainDeg();
            wayDeg[i] = bench.isShortest()
                    ? 0
                    : along + (random.nextInt(3) > 0 ? 90.0 * random.nextInt(4) : 45.0 * random.nextInt(8));
        }
        if (!bench.isShortest()) {
            Collections.shuffle(panelOrder, random);
        }
        tightestFirst = random.nextBoolean();
        worthFirst = random.nextInt(8) > 0;
    }

    /**
     * @param where panels that are looked at
     * @param wall no piece reaches beyond this x; infinite for none
     */
    void lay(LayState onto, double[] phases, boolean[] where, double wall, boolean tilted) {
        state = onto;
        onPanels = where;
        settled = phases;
        wallMm = wall;
        tilting = tilted;
        double[] order = new double[state.shape.length];
        List<Integer> open = new ArrayList<>();
        double noise = random.nextInt(4) * 0.25;
        for (int c = 0; c < order.length; c++) {
            if (!state.isPlaced(c)) {
                open.add(c);
                FitPiece piece = bench.piece(c);
                double size = piece.variants().get(0).outline().areaMm2();
                double weight = piece.required() || bench.isShortest() ? 1e3 : 1;
                order[c] = -weight * size * StrictMath.exp(noise * random.nextGaussian());
            }
        }
        open.sort(Comparator.comparingDouble((Integer c) -> order[c]));
        boolean[] hopeless = new boolean[bench.problem().pieces().size()];
        for (int copy : open) {
            if (stop.getAsBoolean()) {
                return;
            }
            int piece = bench.pieceOf()[copy];
            hopeless[piece] = hopeless[piece] || !lay(copy);
        }
    }

    private boolean lay(int copy) {
        List<Integer> panels = new ArrayList<>(tightestFirst ? byTightness(copy) : panelOrder);
        panels.removeIf(p -> !onPanels[p]);
        List<Double> worths = worthFirst ? worths(copy, panels) : List.of(Double.NaN);
        for (double worth : worths) {
            for (int panel : panels) {
                if (layOn(copy, panel, worth)) {
                    bench.settleBy(state, settled, copy);
                    return true;
                }
            }
        }
        return false;
    }

    private List<Double> worths(int copy, List<Integer> panels) {
        return panels.stream()
                .flatMap(p -> bench.book().ways(bench.pieceOf()[copy], p).stream())
                .map(s -> bench.piece(copy).worthM2(s.variant))
                .distinct()
                .sorted(Comparator.reverseOrder())
                .toList();
    }

    private List<Integer> byTightness(int copy) {
        double[] room = new double[panelOrder.size()];
        for (int panel : panelOrder) {
            for (Shape way : bench.book().ways(bench.pieceOf()[copy], panel)) {
                room[panel] =
                        Math.max(room[panel], bench.clearances().on(panel, way).areaMm2());
            }
        }
        List<Integer> panels = new ArrayList<>(panelOrder);
        panels.sort(Comparator.comparingDouble(p -> room[p]));
        return panels;
    }

    /** Lays the copy on the panel in the way that reaches least far in the panel's direction. */
    private boolean layOn(int copy, int panel, double worth) {
        FitPiece piece = bench.piece(copy);
        Point way = Point.unit(wayDeg[panel]);
        Point sideways = Point.unit(wayDeg[panel] + 90).times(random.nextBoolean() ? 0.03 : -0.03);
        double best = wallMm;
        boolean found = false;
        double left = bench.leftMm2(state, panel);
        for (Shape shape : bench.book().ways(bench.pieceOf()[copy], panel)) {
            boolean wanted = Double.isNaN(worth) || piece.worthM2(shape.variant) == worth;
            if (!wanted
                    || shape.areaMm2 > left
                    || !isTried(shape)
                    || !bench.mayLie(state, bench.pieceOf()[copy], panel, shape)) {
                continue;
            }
            InnerFit room = bench.clearances().on(panel, shape);
            if (room.rim().isEmpty()) {
                continue;
            }
            double support = support(shape.ring, way);
            bench.setNeighbours(state, copy, panel, shape, candidates);
            Point wish = way.plus(sideways);
            List<Stripes.Line> stripes = bench.stripes().lines(panel, shape);
            if (candidates.find(room, stripes, settled, wish.x(), wish.y(), Double.POSITIVE_INFINITY)) {
                double reach = candidates.foundX * way.x() + candidates.foundY * way.y() + support;
                reach += shape.straight || bench.isShortest() ? 0 : TILT_PENALTY_MM;
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
        state.put(copy, shape.index, panel, candidates.foundX, candidates.foundY);
    }

    private static double support(Ring ring, Point way) {
        return ring.points().stream().mapToDouble(p -> p.dot(way)).max().orElse(0);
    }

    private boolean isTried(Shape shape) {
        return shape.straight || tilting && random.nextInt(4) == 0;
    }
}
