package org.handdown.formats.outline;

import java.awt.geom.AffineTransform;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;

/**
 * What shares of a page are shares of, and how its content is laid into it.
 *
 * @param width in the units of its content
 * @param toOuter from the units of its content to those round it
 */
record SvgViewport(double width, double height, AffineTransform toOuter) {
    /** Side of the square that is as large as the page's diagonal says (SVG 2 §8.9). */
    double diagonal() {
        return Math.sqrt((width * width + height * height) / 2);
    }

    /**
     * @param wide of the place it is laid into, in the units round it
     * @throws RefusedValueException for a view box that is none
     */
    static SvgViewport of(Element element, double x, double y, double wide, double high) {
        AffineTransform to = AffineTransform.getTranslateInstance(x, y);
        double[] box = viewBox(element);
        if (box == null) {
            return new SvgViewport(wide, high, to);
        }
        double across = wide / box[2];
        double up = high / box[3];
        String fit = element.getAttribute("preserveAspectRatio").strip();
        if (!fit.startsWith("none")) {
            double scale = fit.contains("slice") ? Math.max(across, up) : Math.min(across, up);
            to.translate(
                    share(fit, "xMin", "xMax") * (wide - scale * box[2]),
                    share(fit, "YMin", "YMax") * (high - scale * box[3]));
            across = scale;
            up = scale;
        }
        to.scale(across, up);
        to.translate(-box[0], -box[1]);
        return new SvgViewport(box[2], box[3], to);
    }

    private static double share(String fit, String least, String most) {
        if (fit.contains(least)) {
            return 0;
        }
        return fit.contains(most) ? 1 : 0.5;
    }

    /** Left, upper, width, height; null where there is none. */
    static double @Nullable [] viewBox(Element element) {
        String view = element.getAttribute("viewBox").strip();
        if (view.isEmpty()) {
            return null;
        }
        String[] parts = view.split("[\\s,]+");
        double[] box = new double[4];
        try {
            for (int i = 0; i < 4; i++) {
                box[i] = Double.parseDouble(parts[i]);
            }
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
            throw new RefusedValueException(
                    "file", Wording.fill("The drawing's viewBox “%s” is not four numbers.", view));
        }
        if (!(box[2] > 0 && box[3] > 0 && box[2] < 1e9 && box[3] < 1e9 && Math.abs(box[0]) + Math.abs(box[1]) < 1e9)) {
            throw new RefusedValueException("file", "The drawing's viewBox is empty; save it anew.");
        }
        return box;
    }
}
