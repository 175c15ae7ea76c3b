package org.handdown.formats.outline;

import java.awt.geom.AffineTransform;
import org.jspecify.annotations.Nullable;

/** Where something is drawn. @param toMm from its own units to mm, y down */
record SvgFrame(SvgViewport page, AffineTransform toMm, boolean visible, String group) {
    SvgFrame moved(AffineTransform own) {
        AffineTransform to = new AffineTransform(toMm);
        to.concatenate(own);
        return new SvgFrame(page, to, visible, group);
    }

    SvgFrame onto(SvgViewport another) {
        AffineTransform to = new AffineTransform(toMm);
        to.concatenate(another.toOuter());
        return new SvgFrame(another, to, visible, group);
    }

    SvgFrame as(@Nullable Boolean ownVisible, String ownGroup) {
        return new SvgFrame(
                page, toMm, ownVisible == null ? visible : ownVisible, ownGroup.isEmpty() ? group : ownGroup);
    }
}
