package org.handdown.formats.photo;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/**
 * What makes an outline that was followed without a break a wrong one all the same: a part folded over, a thing or a hand across the edge,
 * two cloths that look like one. Each is told by what it leaves in the picture; a person looks and decides.
 */
final class ClothDoubts {
    private static final double INWARD_DEG = 33;
    private static final double ARM_MM = 14;
    private static final double APART_MM = 30;

    private ClothDoubts() {}

    /** @param ring of the cloth, table frame, mm, counter-clockwise */
    static List<String> of(FlatPhoto photo, Ring ring) {
        ClothColours colours = new ClothColours(photo, ring);
        List<String> told = new ArrayList<>();
        if (colours.hasForeignColour()) {
            told.add(
                    "A part along the edge has another colour: is the cloth folded over there, or does a hand or a thing lie on it?");
        }
        if (told.isEmpty() && colours.hasDarkThing()) {
            told.add(
                    "A part along the edge is darker, though the table beside it is not: does something lie on the cloth there?");
        }
        if (inwardCorners(ring) >= 2) {
            told.add("The edge turns inward at two corners: is that the cloth, or does something lie across its edge?");
        }
        if (told.isEmpty() && LineAcross.lies(photo, ring)) {
            told.add(
                    "A line runs across the cloth as of an edge lying on it: is it folded over, or are these two cloths?");
        }
        return told;
    }

    /** Places where the edge turns to the inside as sharply as a cut or another thing does. */
    private static int inwardCorners(Ring ring) {
        List<Point> even = evenly(ring, 2);
        int n = even.size();
        int arm = (int) Math.round(ARM_MM / 2);
        double[] turn = new double[n];
        for (int i = 0; i < n; i++) {
            Point in = even.get(i).minus(even.get(Math.floorMod(i - arm, n)));
            Point out = even.get((i + arm) % n).minus(even.get(i));
            turn[i] = Math.toDegrees(Math.atan2(in.cross(out), in.dot(out)));
        }
        int found = 0;
        int last = -n;
        for (int i = 0; i < n; i++) {
            boolean isSharpest = turn[i] < -INWARD_DEG;
            for (int k = -arm; k <= arm && isSharpest; k++) {
                isSharpest = turn[i] <= turn[Math.floorMod(i + k, n)];
            }
            if (isSharpest && (i - last) * 2 > APART_MM) {
                found++;
                last = i;
            }
        }
        return found;
    }

    /** Points along a ring, so many mm apart. */
    static List<Point> evenly(Ring ring, double step) {
        List<Point> run = ring.run(0, 0);
        List<Point> even = new ArrayList<>();
        double left = 0;
        for (int i = 0; i + 1 < run.size(); i++) {
            double far = run.get(i).distanceMm(run.get(i + 1));
            while (left < far) {
                even.add(run.get(i).between(run.get(i + 1), left / far));
                left += step;
            }
            left -= far;
        }
        return even;
    }
}
