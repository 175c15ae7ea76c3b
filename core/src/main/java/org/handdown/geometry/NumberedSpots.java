package org.handdown.geometry;

import java.util.Arrays;

/** Gives each spot of whole steps one number, found again by an open hash. */
final class NumberedSpots {
    private double[] spotX = new double[256];
    private double[] spotY = new double[256];
    private int[] slots = new int[1024];
    private int spots;

    NumberedSpots() {
        Arrays.fill(slots, -1);
    }

    double x(int spot) {
        return spotX[spot];
    }

    double y(int spot) {
        return spotY[spot];
    }

    /** All of them by number, and room for more. */
    double[] xs() {
        return spotX;
    }

    double[] ys() {
        return spotY;
    }

    int count() {
        return spots;
    }

    int of(double x, double y) {
        int mask = slots.length - 1;
        int at = hash(x, y) & mask;
        for (; slots[at] >= 0; at = at + 1 & mask) {
            if (spotX[slots[at]] == x && spotY[slots[at]] == y) {
                return slots[at];
            }
        }
        if (spots == spotX.length) {
            spotX = Arrays.copyOf(spotX, 2 * spots);
            spotY = Arrays.copyOf(spotY, 2 * spots);
        }
        spotX[spots] = x;
        spotY[spots] = y;
        slots[at] = spots;
        if (++spots * 2 > slots.length) {
            rehash();
        }
        return spots - 1;
    }

    private void rehash() {
        slots = new int[2 * slots.length];
        Arrays.fill(slots, -1);
        for (int s = 0; s < spots; s++) {
            int at = hash(spotX[s], spotY[s]) & slots.length - 1;
            while (slots[at] >= 0) {
                at = at + 1 & slots.length - 1;
            }
            slots[at] = s;
        }
    }

    private static int hash(double x, double y) {
        long h = (long) x * 0x9E3779B97F4A7C15L + (long) y * 0xC2B2AE3D27D4EB4FL;
        return (int) (h ^ h >>> 29 ^ h >>> 47);
    }
}
