package org.handdown.panel.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.handdown.geometry.Point;

/** Stands in for a person with a tape: measures a made-up panel of known shape from two pins, each figure off by a normal error. */
public final class SimulatedTape {
    private static final Point FIRST = new Point(-750, -300);
    private static final Point SECOND = new Point(-750, 600);
    private static final double APART_MM = 900;

    private final Random chance;
    private final double sigmaMm;
    private final List<Point> truth;

    /** @param points that are measured round the panel, two pins lying beside it so that every point lies well off their line */
    public SimulatedTape(Random chance, double sigmaMm, int points) {
        this.chance = chance;
        this.sigmaMm = sigmaMm;
        this.truth = truth(chance, points);
    }

    private static List<Point> truth(Random chance, int n) {
        List<Point> truth = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * (i + 0.5) / n;
            double r = 1 + 0.06 * Math.sin(3 * angle + chance.nextInt(6));
            truth.add(new Point(520 * r * Math.cos(angle), 150 + 760 * r * Math.sin(angle)));
        }
        return truth;
    }

    public List<Point> truth() {
        return List.copyOf(truth);
    }

    /**
     * @param blunder which figure is read wrong, three to a point (from the first pin, from the second, to the next point); −1 for none
     * @param secondNext every second point taped as well
     */
    public TwoPins pins(int blunder, double blunderMm, boolean secondNext) {
        int n = truth.size();
        List<TwoPins.Sighting> sightings = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point p = truth.get(i);
            double a = read(p, FIRST) + (blunder == 3 * i ? blunderMm : 0);
            double b = read(p, SECOND) + (blunder == 3 * i + 1 ? blunderMm : 0);
            double next = read(p, truth.get((i + 1) % n)) + (blunder == 3 * i + 2 ? blunderMm : 0);
            sightings.add(new TwoPins.Sighting(a, b, TwoPins.Where.RIGHT, Math.max(1, next), true, ""));
        }
        List<TwoPins.Check> checks = new ArrayList<>();
        for (int i = 0; secondNext && i < n; i++) {
            checks.add(new TwoPins.Check(i, (i + 2) % n, read(truth.get(i), truth.get((i + 2) % n))));
        }
        return new TwoPins(APART_MM + sigmaMm * chance.nextGaussian(), sightings, checks);
    }

    private double read(Point from, Point to) {
        return from.distanceMm(to) + sigmaMm * chance.nextGaussian();
    }
}
