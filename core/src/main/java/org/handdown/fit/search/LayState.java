package org.handdown.fit.search;

/** Where each copy lies while a search is at work, in flat arrays; shape −1 means unplaced. */
final class LayState {
    final int[] shape;
    final int[] panel;
    final double[] x;
    final double[] y;

    LayState(int copies) {
        shape = new int[copies];
        java.util.Arrays.fill(shape, -1);
        panel = new int[copies];
        x = new double[copies];
        y = new double[copies];
    }

    LayState copy() {
        LayState copy = new LayState(shape.length);
        System.arraycopy(shape, 0, copy.shape, 0, shape.length);
        System.arraycopy(panel, 0, copy.panel, 0, shape.length);
        System.arraycopy(x, 0, copy.x, 0, shape.length);
        System.arraycopy(y, 0, copy.y, 0, shape.length);
        return copy;
    }

    /** Lays a copy: in that orientation, on that panel, its frame shifted so far, mm. */
    void put(int copy, int orientation, int on, double atX, double atY) {
        shape[copy] = orientation;
        panel[copy] = on;
        x[copy] = atX;
        y[copy] = atY;
    }

    void takeOff(int copy) {
        shape[copy] = -1;
    }

    boolean isPlaced(int copy) {
        return shape[copy] >= 0;
    }
}
