package org.handdown.geometry;

/**
 * The name of an edge, read for what it says of the seam it lies in.
 *
 * @param text as it is written, words joined by hyphens
 */
public record EdgeName(String text) {
    /** From hem to waist or underarm, on either side of the body. */
    public boolean isSide() {
        return text.startsWith("side");
    }

    /** Where left and right of the body meet. */
    public boolean isCentre() {
        return text.contains("centre") || text.contains("crotch");
    }
}
