package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.handdown.assembly.Component;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.source.graph.FlatView;
import org.jspecify.annotations.Nullable;

/**
 * A garment spread out as its source is: each component where the part lies that it comes of; what is cut anew lies in a row below. Frames of
 * components are moved, not turned; mm.
 */
public final class Spread {
    private static final double GAP_MM = 40;
    /** Room below for what that row is called. */
    private static final double BELOW_MM = 140;

    private final Map<String, FlatView> views;

    public Spread(List<FlatView> views) {
        this.views = views.stream().collect(Collectors.toMap(FlatView::part, Function.identity(), (a, b) -> a));
    }

    /** Where the source's part lies; null for what is none of it. */
    public @Nullable FlatView view(String frame) {
        return views.get(frame);
    }

    /** How far the frame of each component is moved; parts that no view shows are left out. */
    public Map<String, Point> places(GarmentNow garment) {
        Map<String, Point> places = new LinkedHashMap<>();
        double low = Double.POSITIVE_INFINITY;
        double left = Double.POSITIVE_INFINITY;
        List<Component> added = new ArrayList<>();
        for (Component c : garment.assembly().components()) {
            FlatView view = views.get(garment.frameOf(c.id()));
            if (view != null) {
                Point at = new Point(view.dxMm(), view.dyMm());
                places.put(c.id(), at);
                Box box = c.outline().box();
                low = Math.min(low, box.minY() + at.y());
                left = Math.min(left, box.minX() + at.x());
            } else if (garment.isAdded(c.id())) {
                added.add(c);
            }
        }
        double x = left;
        for (Component c : added) {
            Box box = c.outline().box();
            places.put(c.id(), new Point(x - box.minX(), low - BELOW_MM - box.maxY()));
            x += box.widthMm() + GAP_MM;
        }
        return places;
    }

    /** How far a frame is moved; null where nothing of it is shown. */
    public @Nullable Point place(GarmentNow garment, String frame) {
        FlatView view = views.get(frame);
        return view == null ? places(garment).get(frame) : new Point(view.dxMm(), view.dyMm());
    }
}
