package org.handdown.formats.photo;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;

/**
 * Squares on a printed sheet that a camera finds by itself. The same grid fits A4 and Letter; frame: lower left corner of the lowest left
 * square, y up.
 */
public final class MarkerSheet {
    static final int COLUMNS = 5;
    static final int ROWS = 7;
    public static final double SQUARE_MM = 24;
    static final double BETWEEN_MM = 12;
    static final double WIDE_MM = COLUMNS * SQUARE_MM + (COLUMNS - 1) * BETWEEN_MM;
    static final double HIGH_MM = ROWS * SQUARE_MM + (ROWS - 1) * BETWEEN_MM;

    private MarkerSheet() {}

    /** Lower left corners of the squares, row by row from below. */
    public static List<Point> squares() {
        List<Point> corners = new ArrayList<>();
        for (int row = 0; row < ROWS; row++) {
            for (int column = 0; column < COLUMNS; column++) {
                corners.add(new Point(column * (SQUARE_MM + BETWEEN_MM), row * (SQUARE_MM + BETWEEN_MM)));
            }
        }
        return corners;
    }
}
