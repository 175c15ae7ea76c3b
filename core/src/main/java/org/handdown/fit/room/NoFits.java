package org.handdown.fit.room;

import java.lang.ref.SoftReference;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.handdown.geometry.FlatRegion;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.jspecify.annotations.Nullable;

/** The no-fit polygons of pairs of shapes, each made once for all turns of both and kept as long as memory allows. */
final class NoFits {
    /** Two stencils, and by how much the second is turned against the first, in steps of 10⁻⁷ degrees. */
    private record Pair(int fixed, int moving, long turn) {}

    private final double gapMm;

    // Of hundreds of shapes there are too many pairs to keep: what memory needs is given up and made again.
    private volatile SoftReference<NoFit>[][] obstacles = rows(0);
    private final Map<Pair, SoftReference<NoFit>> unturned = new ConcurrentHashMap<>();

    /** With the fixed shape turned back to 0: two shapes that turn together meet alike, so it is made once for all turns. */
    private NoFit unturned(Shape fixed, Shape moving) {
        double by = Placement.normalDeg(moving.turnDeg - fixed.turnDeg);
        Pair pair = new Pair(fixed.stencil.number(), moving.stencil.number(), Math.round(by * 1e7));
        Placement turn = new Placement(0, 0, by, false);
        NoFit known = kept(unturned.get(pair));
        if (known == null) {
            List<Ring> kept = keptClear.computeIfAbsent(
                    fixed.stencil.number(), s -> Clearances.grown(Region.of(fixed.stencil.ring()), gapMm));
            known = obstacle(kept, turn.toPanel(moving.stencil.ring()));
            unturned.put(pair, new SoftReference<>(known));
        }
        return known.moved(fixed.stencilAt.minus(turn.toPanel(moving.stencilAt)));
    }
    /** What nothing else may lie on, of each stencil: it and the gap round it. */
    private final Map<Integer, List<Ring>> keptClear = new ConcurrentHashMap<>();

    /** @param gapMm between pieces, less its slack */
    NoFits(double gapMm) {
        this.gapMm = gapMm;
    }

    NoFit between(Shape fixed, Shape moving) {
        SoftReference<NoFit>[][] rows = obstacles;
        SoftReference<NoFit>[] row = fixed.index < rows.length ? rows[fixed.index] : null;
        NoFit known = kept(row != null && moving.index < row.length ? row[moving.index] : null);
        if (known == null) {
            known = fixed.index > moving.index
                    ? between(moving, fixed).opposite()
                    : unturned(fixed, moving).turned(fixed.turnDeg);
            keep(fixed.index, moving.index, known);
        }
        return known;
    }

    /** Rows are only ever lengthened, by a longer copy; whoever still reads the old one makes the polygon once more. */
    private synchronized void keep(int fixed, int moving, NoFit obstacle) {
        if (fixed >= obstacles.length) {
            obstacles = Arrays.copyOf(obstacles, 2 * fixed + 2);
        }
        SoftReference<NoFit>[] row = obstacles[fixed];
        if (row == null || moving >= row.length) {
            row = row == null ? NoFits.<NoFit>row(2 * moving + 2) : Arrays.copyOf(row, 2 * moving + 2);
            obstacles[fixed] = row;
        }
        row[moving] = new SoftReference<>(obstacle);
    }

    @SuppressWarnings("unchecked")
    private static <T> SoftReference<T>[] row(int length) {
        return new SoftReference[length];
    }

    @SuppressWarnings("unchecked")
    private static <T> SoftReference<T>[][] rows(int length) {
        return new SoftReference[length][];
    }

    private static @Nullable NoFit kept(@Nullable SoftReference<NoFit> reference) {
        return reference == null ? null : reference.get();
    }

    private NoFit obstacle(List<Ring> fixed, Ring moving) {
        Region meeting = Clearances.meeting(fixed, moving);
        return new NoFit(
                FlatRegion.drawnIn(meeting, Clearances.RIM_MM),
                FlatRegion.drawnIn(meeting, Clearances.RIM_MM + Clearances.TEST_MM));
    }
}
