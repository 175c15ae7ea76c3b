package org.handdown.source;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Box;

/**
 * Where a part lies when the source is spread out to be looked at: its own frame is moved by (dx, dy), mm.
 *
 * @param side front, back or inside
 */
public record FlatView(String part, String side, double dxMm, double dyMm) {
    private static final double SEAM_GAP_MM = 36;
    private static final double VIEW_GAP_MM = 130;
    private static final double POCKET_BELOW_WAIST_MM = 75;

    /** Trousers: the front, the back beside it, and what is inside beside both. */
    public static List<FlatView> ofTrousers(Anatomy trousers) {
        List<FlatView> views = new ArrayList<>();
        double x = 0;
        for (String side : List.of("front", "back")) {
            // Seen from outside, the wearer's right is at the left in front and at the right behind.
            String left = side.equals("front") ? "front-right" : "back-left";
            String right = side.equals("front") ? "front-left" : "back-right";
            Box leftBox = box(trousers, left);
            Box rightBox = box(trousers, right);
            double leftAt = x - leftBox.minX();
            double rightAt = x + leftBox.widthMm() + SEAM_GAP_MM - rightBox.minX();
            views.add(new FlatView(left, side, leftAt, 0));
            views.add(new FlatView(right, side, rightAt, 0));
            if (side.equals("back")) {
                views.add(pocket(trousers, "back-pocket-left", leftBox, leftAt));
                views.add(pocket(trousers, "back-pocket-right", rightBox, rightAt));
            }
            x += leftBox.widthMm() + SEAM_GAP_MM + rightBox.widthMm() + VIEW_GAP_MM;
        }
        inside(trousers, views, x);
        return views;
    }

    private static void inside(Anatomy trousers, List<FlatView> views, double width) {
        Box bag = box(trousers, "pocket-bag-left");
        Box band = box(trousers, "waistband");
        double top = -VIEW_GAP_MM;
        double x = 0;
        views.add(new FlatView("waistband", "inside", x - band.minX(), top - band.heightMm()));
        x = Math.max(band.widthMm() + VIEW_GAP_MM, width - VIEW_GAP_MM - 2 * (bag.widthMm() + SEAM_GAP_MM) - 60);
        for (String id : List.of("pocket-bag-left", "pocket-bag-right", "fly")) {
            Box box = box(trousers, id);
            views.add(new FlatView(id, "inside", x - box.minX(), top - box.heightMm()));
            x += box.widthMm() + SEAM_GAP_MM;
        }
    }

    private static FlatView pocket(Anatomy trousers, String id, Box leg, double legAt) {
        Box own = box(trousers, id);
        double middle = legAt + (leg.minX() + leg.maxX()) / 2;
        return new FlatView(id, "back", middle, leg.maxY() - POCKET_BELOW_WAIST_MM - own.heightMm());
    }

    private static Box box(Anatomy trousers, String part) {
        return trousers.part(part).outline().flattened().ring().box();
    }
}
