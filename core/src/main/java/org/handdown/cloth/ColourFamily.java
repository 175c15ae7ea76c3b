package org.handdown.cloth;

/**
 * A colour as it is named at the cupboard; every colour has just one. The bounds are common practice, no source: a
 * screen's colour is no more exact than the eye that chose it.
 */
public enum ColourFamily {
    WHITE("white or cream"),
    GREY("grey"),
    BLACK("black"),
    BROWN("beige or brown"),
    RED("red or pink"),
    YELLOW("yellow or orange"),
    GREEN("green"),
    BLUE("blue or turquoise"),
    VIOLET("violet");

    private static final double ALMOST_NO_COLOUR = 0.1;
    private static final double A_HINT_OF_IT = 0.2;
    private static final double GLOWING = 0.45;

    private final String words;

    ColourFamily(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /**
     * The family of a colour.
     *
     * @param colour as {@code #rrggbb}
     */
    public static ColourFamily of(String colour) {
        int rgb = Integer.parseInt(colour.substring(1), 16);
        double red = (rgb >> 16) / 255.0;
        double green = (rgb >> 8 & 0xff) / 255.0;
        double blue = (rgb & 0xff) / 255.0;
        double brightest = Math.max(red, Math.max(green, blue));
        double darkest = Math.min(red, Math.min(green, blue));
        double chroma = brightest - darkest;
        double light = (brightest + darkest) / 2;
        if (light < 0.08 || chroma < ALMOST_NO_COLOUR) {
            return light < 0.22 ? BLACK : light < 0.82 ? GREY : WHITE;
        }
        double hue = hue(red, green, blue, brightest, chroma);
        if (hue >= 15 && hue < 70) {
            return light > 0.8 && chroma < A_HINT_OF_IT ? WHITE : chroma < GLOWING || light < 0.35 ? BROWN : YELLOW;
        }
        return hue < 15 || hue >= 325 ? RED : hue < 165 ? GREEN : hue < 255 ? BLUE : VIOLET;
    }

    /** Degrees round the circle of colours, red at 0. */
    private static double hue(double red, double green, double blue, double brightest, double chroma) {
        double sixth;
        if (brightest == red) {
            sixth = (green - blue) / chroma;
        } else if (brightest == green) {
            sixth = 2 + (blue - red) / chroma;
        } else {
            sixth = 4 + (red - green) / chroma;
        }
        return (sixth * 60 + 360) % 360;
    }
}
