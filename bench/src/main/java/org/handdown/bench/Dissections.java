package org.handdown.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Ring;

/**
 * Rectangles that are known to be cut up without a rest, from the open literature: to lay their pieces as short as can be is a strip
 * problem with a known answer. That the areas add up to the rectangle's shows each set to be copied rightly.
 */
enum Dissections {
    /** Order 9, 33 by 32: Moroń, O rozkładach prostokątów na kwadraty, Przegląd Matematyczno-Fizyczny 3, 1925 (from memory). */
    NINE_SQUARES_33_32("nine squares in 33 by 32", 33, 32, 20, squares(18, 15, 14, 10, 9, 8, 7, 4, 1)),
    /** Order 9, 69 by 61: Brooks, Smith, Stone and Tutte, The dissection of rectangles into squares, 1940 (from memory). */
    NINE_SQUARES_69_61("nine squares in 69 by 61", 69, 61, 10, squares(36, 33, 28, 25, 16, 9, 7, 5, 2)),
    /** Order 21, side 112: Duijvestijn, Simple perfect squared square of lowest order, J. Combin. Theory B 25, 1978 (from memory). */
    TWENTY_ONE_SQUARES(
            "twenty-one squares in 112 by 112",
            112,
            112,
            8,
            squares(50, 42, 37, 35, 33, 29, 27, 25, 24, 19, 18, 17, 16, 15, 11, 9, 8, 7, 6, 4, 2)),
    /** The seven pieces of the tangram in their square, common knowledge. */
    TANGRAM(
            "tangram",
            4,
            4,
            150,
            List.of(
                    Ring.of(0, 0, 4, 0, 2, 2),
                    Ring.of(0, 0, 2, 2, 0, 4),
                    Ring.of(4, 4, 2, 4, 4, 2),
                    Ring.of(2, 2, 3, 1, 4, 2, 3, 3),
                    Ring.of(4, 0, 4, 2, 3, 1),
                    Ring.of(1, 3, 3, 3, 2, 4, 0, 4),
                    Ring.of(1, 3, 2, 2, 3, 3)));

    private static final long SEED = 7;

    final String told;
    private final double length;
    private final double width;
    private final double unitMm;
    private final List<Ring> pieces;

    Dissections(String told, double length, double width, double unitMm, List<Ring> pieces) {
        this.told = told;
        this.length = length;
        this.width = width;
        this.unitMm = unitMm;
        this.pieces = pieces;
        double area = pieces.stream().mapToDouble(Ring::areaMm2).sum();
        if (Math.abs(area - length * width) > 1e-9) {
            throw new IllegalStateException(told + ": the pieces do not add up to the rectangle.");
        }
    }

    private static List<Ring> squares(int... sides) {
        List<Ring> squares = new ArrayList<>();
        for (int side : sides) {
            squares.add(Ring.rectangle(0, 0, side, side));
        }
        return squares;
    }

    double lengthMm() {
        return length * unitMm;
    }

    /** The pieces in any quarter turn, drawn in one at random, on cloth as wide as the rectangle. */
    FitProblem problem() {
        Random random = new Random(SEED);
        List<FitPiece> drawn = new ArrayList<>();
        for (Ring piece : pieces) {
            Placement turn = new Placement(0, 0, 90.0 * random.nextInt(4), false);
            Ring ring = turn.toPanel(piece.map(p -> p.times(unitMm)));
            drawn.add(Jigsaws.piece("piece-" + drawn.size(), ring, Jigsaws.Turning.QUARTERS));
        }
        java.util.Collections.shuffle(drawn, random);
        return Jigsaws.strip(drawn, lengthMm(), width * unitMm, Jigsaws.Turning.QUARTERS);
    }
}
