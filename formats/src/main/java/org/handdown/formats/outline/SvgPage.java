package org.handdown.formats.outline;

import java.awt.geom.AffineTransform;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;

/** The outermost page of a drawing: how large it is, and what a unit of it measures. */
record SvgPage(OutlineGathering gathering) {
    private static final double MM_A_PIXEL = 25.4 / 96;

    /** The outermost page: from its units to mm. */
    SvgFrame of(Element root, @Nullable DrawingUnit unit, AffineTransform transform) {
        double[] box = SvgViewport.viewBox(root);
        SvgLength wide = sound(SvgLength.of(root.getAttribute("width")));
        SvgLength high = sound(SvgLength.of(root.getAttribute("height")));
        AffineTransform mm = AffineTransform.getScaleInstance(MM_A_PIXEL, MM_A_PIXEL);
        SvgViewport view = view(root, box, wide, high, unit == null);
        if (unit != null) {
            gathering.tell("One unit of the drawing is taken as " + unit.words() + ", as you said.");
            view = new SvgViewport(view.width(), view.height(), new AffineTransform());
            mm = AffineTransform.getScaleInstance(unit.mm(), unit.mm());
        }
        SvgFrame outer = new SvgFrame(view, mm, true, "").moved(transform);
        return outer.onto(view);
    }

    /** @param believed what the drawing says of its own size */
    private SvgViewport view(
            Element root,
            double @Nullable [] box,
            @Nullable SvgLength wide,
            @Nullable SvgLength high,
            boolean believed) {
        double w = wide == null ? 0 : wide.in(0);
        double h = high == null ? 0 : high.in(0);
        if (box == null) {
            if (believed
                    && (wide == null || wide.unit().isEmpty() || wide.unit().equals("px"))) {
                gathering.tell("The drawing has no viewBox: a unit is taken as a pixel of 1/96 in.");
            }
            return new SvgViewport(w > 0 ? w : 300, h > 0 ? h : 150, new AffineTransform());
        }
        if (w <= 0 && h <= 0) {
            if (believed) {
                gathering.tell("The drawing tells no size: a unit is taken as a pixel of 1/96 in.");
            }
            return new SvgViewport(box[2], box[3], new AffineTransform());
        }
        w = w > 0 ? w : h * box[2] / box[3];
        h = h > 0 ? h : w * box[3] / box[2];
        return SvgViewport.of(root, 0, 0, w, h);
    }

    /** A length in a page's own head; none for shares of a page that has no size. */
    private static @Nullable SvgLength sound(@Nullable SvgLength length) {
        return length == null || length.isShare() || !(length.in(0) > 0 && length.in(0) < 1e7) ? null : length;
    }
}
