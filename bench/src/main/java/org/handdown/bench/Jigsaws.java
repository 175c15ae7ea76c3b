package org.handdown.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;

/**
 * Problems whose best answer is known: panels cut up by curved cuts, so that all pieces are known to fit. Between neighbours a slack is
 * taken off. Everything follows from the seed.
 */
final class Jigsaws {
    /** How far the pieces may turn. */
    enum Turning {
        /** Pile: as they were cut, and no other way. */
        ONE_WAY,
        /** Along the grain, either way up; some are drawn upside down. */
        TWO_WAY,
        /** Any quarter turn; drawn in one at random. */
        QUARTERS
    }

    private static final double FLATTENING_MM = 0.08;
    private static final int TRIES = 400;

    private final SplittableRandom random;

    private Jigsaws(long seed) {
        this.random = new SplittableRandom(seed);
    }

    /** @param slackMm between neighbours, and half of it at the panel's edge */
    static FitProblem jigsaw(int count, double slackMm, Turning turning, int panelCount, long seed) {
        Jigsaws j = new Jigsaws(seed);
        List<FitPanel> panels = new ArrayList<>();
        List<FitPiece> pieces = new ArrayList<>();
        for (int p = 0; p < panelCount; p++) {
            int share = count / panelCount + (p < count % panelCount ? 1 : 0);
            Region panel = j.panel();
            panels.add(panel("panel-" + p, panel.outerRings().get(0), turning));
            for (Region part : j.cutUp(panel, share)) {
                pieces.add(j.piece("piece-" + pieces.size(), part, slackMm, turning));
            }
        }
        java.util.Collections.shuffle(pieces, new java.util.Random(seed));
        return new FitProblem(Objective.FILL, 0, 0, panels, pieces);
    }

    /** A strip of known length cut up; the pieces are to be laid as short again. */
    static FitProblem strip(int count, double lengthMm, double widthMm, Turning turning, long seed) {
        Jigsaws j = new Jigsaws(seed);
        Region strip = Region.of(Ring.rectangle(0, 0, lengthMm, widthMm));
        List<FitPiece> pieces = new ArrayList<>();
        for (Region part : j.cutUp(strip, count)) {
            pieces.add(j.piece("piece-" + pieces.size(), part, 0, turning));
        }
        java.util.Collections.shuffle(pieces, new java.util.Random(seed));
        return strip(pieces, lengthMm, widthMm, turning);
    }

    /** These pieces to be laid as short as they go, on cloth three times as long as is known to do. */
    static FitProblem strip(List<FitPiece> pieces, double lengthMm, double widthMm, Turning turning) {
        Ring cloth = Ring.rectangle(0, 0, 3 * lengthMm, widthMm);
        return new FitProblem(Objective.SHORTEST, 0, 0, List.of(panel("cloth", cloth, turning)), pieces);
    }

    private static FitPanel panel(String id, Ring outline, Turning turning) {
        return new FitPanel(
                id,
                outline,
                List.of(),
                List.of(),
                "cloth",
                90,
                turning == Turning.ONE_WAY,
                false,
                List.of(),
                List.of());
    }

    /** Four wavy sides about an uneven quadrilateral: like a leg, a sleeve or a piece of skirt. */
    private Region panel() {
        double wide = 350 + 450 * random.nextDouble();
        double high = 450 + 500 * random.nextDouble();
        List<Point> corners = List.of(
                new Point(between(0, 0.15) * wide, between(0, 0.1) * high),
                new Point(wide - between(0, 0.15) * wide, between(0, 0.1) * high),
                new Point(wide - between(0, 0.2) * wide, high - between(0, 0.12) * high),
                new Point(between(0, 0.2) * wide, high - between(0, 0.12) * high));
        List<Point> ring = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            List<Point> side = wave(corners.get(i), corners.get((i + 1) % 4), 0.05);
            ring.addAll(side.subList(0, side.size() - 1));
        }
        return Region.of(new Ring(ring)).simplified(FLATTENING_MM);
    }

    private double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    /** A line with one or two soft bends, up to {@code depth} of its length to the side. */
    private List<Point> wave(Point from, Point to, double depth) {
        Point along = to.minus(from);
        Point side = along.left();
        double a = depth * (2 * random.nextDouble() - 1);
        double b = 0.6 * depth * (2 * random.nextDouble() - 1);
        List<Point> line = new ArrayList<>();
        int n = 48;
        for (int i = 0; i <= n; i++) {
            double t = (double) i / n;
            double off = a * Math.sin(Math.PI * t) + b * Math.sin(2 * Math.PI * t);
            line.add(from.plus(along.times(t)).plus(side.times(off)));
        }
        return line;
    }

    private List<Region> cutUp(Region whole, int count) {
        List<Region> parts = new ArrayList<>(List.of(whole));
        while (parts.size() < count) {
            Region largest = parts.stream()
                    .max(Comparator.comparingDouble(Region::areaMm2))
                    .orElseThrow();
            parts.remove(largest);
            parts.addAll(cut(largest));
        }
        return parts;
    }

    private List<Region> cut(Region part) {
        var box = part.box();
        double far = Math.hypot(box.widthMm(), box.heightMm());
        for (int i = 0; i < TRIES; i++) {
            Point middle = new Point(
                    box.minX() + box.widthMm() * between(0.3, 0.7), box.minY() + box.heightMm() * between(0.3, 0.7));
            // Rather across the longer side, so that no needles come of it.
            double across = box.widthMm() > box.heightMm() ? 90 : 0;
            Point way = Point.unit(across + between(-40, 40)).times(far);
            List<Point> side = new ArrayList<>(wave(middle.minus(way), middle.plus(way), between(0.02, 0.09)));
            Point out = way.left().times(2);
            side.add(side.get(side.size() - 1).plus(out));
            side.add(side.get(0).plus(out));
            Region half = Region.of(new Ring(side));
            List<Region> halves = new ArrayList<>(part.intersection(half).parts());
            halves.addAll(part.minus(half).parts());
            boolean fair = halves.size() == 2
                    && halves.stream()
                            .allMatch(h -> h.areaMm2() > 0.3 * part.areaMm2()
                                    && h.holes().isEmpty());
            if (fair) {
                return halves;
            }
        }
        throw new IllegalStateException("No cut was found.");
    }

    private FitPiece piece(String id, Region part, double slackMm, Turning turning) {
        Region kept = part.simplified(FLATTENING_MM).grown(-slackMm / 2);
        Ring ring = kept.simplified(FLATTENING_MM / 2).parts().stream()
                .max(Comparator.comparingDouble(Region::areaMm2))
                .orElseThrow()
                .outerRings()
                .get(0);
        int quarters = switch (turning) {
            case ONE_WAY -> 0;
            case TWO_WAY -> 2 * random.nextInt(2);
            case QUARTERS -> random.nextInt(4);
        };
        Ring turned = new Placement(0, 0, 90.0 * quarters, false).toPanel(ring);
        return piece(id, turned, turning);
    }

    /** Drawn as the ring is, its box at the origin. */
    static FitPiece piece(String id, Ring ring, Turning turning) {
        var box = ring.box();
        return new FitPiece(
                id,
                1,
                Handed.SAME,
                List.of("cloth"),
                turning == Turning.QUARTERS ? PieceGrain.EITHER : PieceGrain.LENGTHWISE,
                0,
                true,
                null,
                List.of(new FitPiece.Variant("plain", ring.moved(-box.minX(), -box.minY()), List.of(), null, 0)),
                List.of());
    }
}
