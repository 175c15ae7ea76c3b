package org.handdown.panel;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.LargestRectangle;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;

/**
 * What a panel is good for, flaws to keep clear of left out; along the grain and across it.
 *
 * @param acrossMm and alongMm: widest extents
 * @param rectangle largest on grain, width across and height along it
 * @param stripMm longest strip on grain of the width asked for; 0 where none lies in it
 * @param biasMm longest strip at 45° to the grain of that width
 */
public record Usable(double areaMm2, double acrossMm, double alongMm, Box rectangle, double stripMm, double biasMm) {
    private static final int RECTANGLE_STEPS = 24;
    private static final int SLABS = 48;

    /** @param widthMm of the strips */
    public static Usable of(Panel panel, double widthMm) {
        Region free = Region.of(panel.outline().ring());
        for (Flaw flaw : panel.flaws()) {
            if (flaw.treatment() == Flaw.Treatment.AVOID) {
                free = free.minus(Region.of(flaw.outline()));
            }
        }
        // Turned so that the grain runs up.
        return of(free.turned(Panel.LENGTHWISE_DEG - panel.grainDeg()), widthMm);
    }

    /** @param up cloth without flaws, its grain running up */
    public static Usable of(Region up, double widthMm) {
        Box box = up.box();
        return new Usable(
                up.areaMm2(),
                box.widthMm(),
                box.heightMm(),
                LargestRectangle.in(up, RECTANGLE_STEPS, 3),
                longestStrip(up.turned(90), widthMm),
                Math.max(longestStrip(up.turned(45), widthMm), longestStrip(up.turned(-45), widthMm)));
    }

    /** Longest level strip of a width: in each slab of that height, the longest run that nothing of the outside reaches into. */
    static double longestStrip(Region region, double widthMm) {
        if (region.isEmpty() || widthMm <= 0) {
            return 0;
        }
        Box box = region.box();
        double room = box.heightMm() - widthMm;
        double longest = 0;
        for (int i = 0; i <= SLABS && room >= 0; i++) {
            double y = box.minY() + room * i / SLABS;
            longest = Math.max(longest, longestIn(region, Ring.rectangle(box.minX(), y, box.widthMm(), widthMm), box));
        }
        return longest;
    }

    private static double longestIn(Region region, Ring slab, Box box) {
        List<double[]> outside = new ArrayList<>();
        for (Ring ring : Region.of(slab).minus(region).ringsWithoutHoles()) {
            outside.add(new double[] {ring.box().minX(), ring.box().maxX()});
        }
        outside.sort(Comparator.comparingDouble(o -> o[0]));
        double longest = 0;
        double free = box.minX();
        for (double[] o : outside) {
            longest = Math.max(longest, o[0] - free);
            free = Math.max(free, o[1]);
        }
        return Math.max(longest, box.maxX() - free);
    }
}
