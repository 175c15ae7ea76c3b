package org.handdown.geometry;

/** An upright bounding box in mm. */
public record Box(double minX, double minY, double maxX, double maxY) {
    public double widthMm() {
        return maxX - minX;
    }

    public double heightMm() {
        return maxY - minY;
    }

    public Box union(Box other) {
        return new Box(
                Math.min(minX, other.minX),
                Math.min(minY, other.minY),
                Math.max(maxX, other.maxX),
                Math.max(maxY, other.maxY));
    }

    public boolean meets(Box other) {
        return minX <= other.maxX && other.minX <= maxX && minY <= other.maxY && other.minY <= maxY;
    }
}
