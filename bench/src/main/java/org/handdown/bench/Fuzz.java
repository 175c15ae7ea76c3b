package org.handdown.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;

/** Problems nobody sane would ask for: slivers, needles, teeth, spikes, demands that cannot be met. All follow from the seed. */
final class Fuzz {
    private final SplittableRandom random;

    private Fuzz(long seed) {
        this.random = new SplittableRandom(seed);
    }

    /** @return a problem that the format allows; outlines it refuses are drawn again */
    static FitProblem problem(long seed) {
        Fuzz fuzz = new Fuzz(seed);
        for (int i = 0; ; i++) {
            try {
                return fuzz.draw();
            } catch (RefusedValueException e) {
                if (i > 200) {
                    throw e;
                }
            }
        }
    }

    private FitProblem draw() {
        boolean shortest = random.nextInt(4) == 0;
        List<FitPanel> panels = new ArrayList<>();
        int count = shortest ? 1 : 1 + random.nextInt(3);
        for (int p = 0; p < count; p++) {
            Ring outline = shortest ? Ring.rectangle(0, 0, between(50, 3000), between(5, 900)) : ring(between(20, 900));
            List<FlawZone> zones = new ArrayList<>();
            for (int z = random.nextInt(3); z > 0; z--) {
                FlawZone.Kind kind = random.nextBoolean() ? FlawZone.Kind.AVOID : FlawZone.Kind.HIDE;
                zones.add(new FlawZone(
                        kind, ring(between(2, 200)).moved(between(-100, 400), between(-100, 400)), "flaw"));
            }
            List<Ring> holes = random.nextInt(4) == 0
                    ? List.of(ring(between(2, 120)).moved(between(0, 200), between(0, 200)))
                    : List.of();
            panels.add(new FitPanel(
                    "p" + p,
                    outline,
                    holes,
                    zones,
                    "cloth",
                    random.nextInt(3) == 0 ? between(0, 360) : 90,
                    random.nextBoolean(),
                    random.nextBoolean(),
                    List.of(),
                    List.of()));
        }
        List<FitPiece> pieces = new ArrayList<>();
        for (int i = 1 + random.nextInt(6); i > 0; i--) {
            Ring outline = ring(between(3, 400));
            List<Ring> hidden = random.nextInt(3) == 0 ? List.of(ring(between(5, 150))) : List.of();
            pieces.add(new FitPiece(
                    "piece-" + i,
                    random.nextInt(8) == 0 ? 1 + random.nextInt(40) : 1 + random.nextInt(3),
                    Handed.values()[random.nextInt(3)],
                    List.of("cloth"),
                    PieceGrain.values()[random.nextInt(PieceGrain.values().length)],
                    random.nextInt(3) == 0 ? between(0, 10) : 0,
                    random.nextInt(4) > 0,
                    random.nextInt(4) == 0 ? between(0, 2) : null,
                    List.of(new FitPiece.Variant("plain", outline, hidden, null, 0)),
                    List.of()));
        }
        double gap = random.nextInt(3) == 0 ? between(0, 15) : 0;
        double margin = random.nextInt(3) == 0 ? between(0, 15) : 0;
        return new FitProblem(shortest ? Objective.SHORTEST : Objective.FILL, gap, margin, panels, pieces);
    }

    private double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    /** About so large, in mm; rounded to what a file would hold. */
    private Ring ring(double size) {
        return switch (random.nextInt(6)) {
            case 0 -> Ring.rectangle(0, 0, size, Math.max(0.05, size * between(0.0005, 0.02)));
            case 1 -> teeth(size);
            case 2 -> Ring.of(0, 0, size, between(0, 0.3), size * 0.99, between(0.31, 2));
            case 3 -> star(size, 0.05);
            case 4 -> many(size);
            default -> star(size, 0.6);
        };
    }

    private Ring teeth(double size) {
        List<Point> points = new ArrayList<>(List.of(new Point(0, 0), new Point(size, 0)));
        int n = 2 + random.nextInt(8);
        double deep = size * between(0.2, 0.95);
        for (int i = n; i > 0; i--) {
            points.add(new Point(size * i / n, size));
            points.add(new Point(size * (i - 0.5) / n, size - deep));
        }
        points.add(new Point(0, size));
        return new Ring(points);
    }

    private Ring star(double size, double least) {
        int n = 3 + random.nextInt(14);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double r = size / 2 * between(least, 1);
            points.add(Point.unit(360.0 * i / n).times(r).plus(new Point(size / 2, size / 2)));
        }
        return new Ring(points);
    }

    /** A circle of very many points, some of them on each other's line. */
    private Ring many(double size) {
        int n = 60 + random.nextInt(500);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            points.add(Point.unit(360.0 * i / n).times(size / 2 * (1 + 1e-4 * between(-1, 1))));
        }
        Ring ring = new Ring(points);
        return ring.isSimple() ? ring : Region.mended(ring).outerRings().get(0);
    }
}
