package org.handdown.formats.photo;

import boofcv.struct.image.GrayF32;

/** Values between pixels; a pixel's value stands at its middle, half a pixel in from its corner. */
final class Sampling {
    private Sampling() {}

    /** Between the four nearest pixels; NaN outside the picture. */
    static double at(GrayF32 image, double x, double y) {
        double u = x - 0.5;
        double v = y - 0.5;
        int i = (int) Math.floor(u);
        int j = (int) Math.floor(v);
        if (i < 0 || j < 0 || i + 1 >= image.width || j + 1 >= image.height) {
            return Double.NaN;
        }
        double a = u - i;
        double b = v - j;
        int at = image.startIndex + j * image.stride + i;
        return (1 - b) * ((1 - a) * image.data[at] + a * image.data[at + 1])
                + b * ((1 - a) * image.data[at + image.stride] + a * image.data[at + image.stride + 1]);
    }
}
