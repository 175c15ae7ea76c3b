package org.handdown.fit.room;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.handdown.fit.Fit;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.Handed;
import org.handdown.fit.PieceGrain;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** In which ways a piece may lie: source docs/formats/fit-format.md. */
class ShapeBookTest {
    private static final Ring CLOTH = Ring.rectangle(0, 0, 1000, 800);
    private static final Ring STRAP = Ring.rectangle(0, 0, 80, 300);
    private static final Ring ELL = Ring.of(0, 0, 60, 0, 60, 20, 20, 20, 20, 50, 0, 50);

    private static List<Shape> ways(FitPanel panel, FitPiece piece) {
        return new ShapeBook(Fit.fill(List.of(panel), piece)).ways(0, 0);
    }

    private static FitPanel cloth(boolean oneWay, boolean reversible) {
        return Fit.with(Fit.panel("p", CLOTH), oneWay, reversible, 90);
    }

    private static FitPiece piece(Ring outline, Handed handed, PieceGrain grain) {
        return Fit.piece("a", 2, handed, grain, Fit.variant("plain", outline, null, 0));
    }

    private static List<Double> turns(List<Shape> ways) {
        return ways.stream().map(s -> s.turnDeg).toList();
    }

    @Test
    void pileLeavesOneWayUp() {
        assertThat(turns(ways(cloth(true, false), piece(ELL, Handed.SAME, PieceGrain.LENGTHWISE))))
                .containsExactly(0.0);
        assertThat(turns(ways(cloth(false, false), piece(ELL, Handed.SAME, PieceGrain.LENGTHWISE))))
                .containsExactlyInAnyOrder(0.0, 180.0);
    }

    @Test
    void theBiasIsHalfARightAngleOffTheGrain() {
        assertThat(turns(ways(cloth(false, false), piece(ELL, Handed.SAME, PieceGrain.BIAS))))
                .containsExactlyInAnyOrder(45.0, 315.0, 135.0, 225.0);
    }

    /** Turned upside down a rectangle lies as before; an ell does not. */
    @Test
    void aRectangleNeedsEachWayOnlyOnce() {
        assertThat(turns(ways(cloth(false, false), piece(STRAP, Handed.SAME, PieceGrain.LENGTHWISE))))
                .containsExactly(0.0);
        assertThat(turns(ways(cloth(false, false), piece(STRAP, Handed.SAME, PieceGrain.EITHER))))
                .containsExactly(0.0, 90.0);
        assertThat(ways(cloth(false, false), piece(ELL, Handed.SAME, PieceGrain.EITHER)))
                .hasSize(4);
    }

    /** A strap with a hidden end is no mere rectangle: upside down the hidden end is elsewhere. */
    @Test
    void moreThanAnOutlineKeepsBothWays() {
        FitPiece hidden = Fit.piece(
                "a",
                1,
                Handed.SAME,
                PieceGrain.LENGTHWISE,
                Fit.variant("plain", STRAP, null, 0, Ring.rectangle(0, 0, 80, 20)));
        assertThat(ways(cloth(false, false), hidden)).hasSize(2);
        FitPiece matched = Fit.matched(STRAP, 1, new FitPiece.Match("g", "s", new Point(0, 10)));
        assertThat(ways(cloth(false, false), matched)).hasSize(2);
    }

    @Test
    void aPairLiesBothAsDrawnAndMirrored() {
        List<Shape> ways = ways(cloth(true, false), piece(ELL, Handed.PAIR, PieceGrain.LENGTHWISE));
        assertThat(ways.stream().map(s -> s.mirrored)).containsExactlyInAnyOrder(true, false);
        assertThat(ways(cloth(true, false), piece(ELL, Handed.SAME, PieceGrain.LENGTHWISE)))
                .hasSize(1);
        // On cloth with two right sides a mirrored piece is turned over.
        assertThat(ways(cloth(true, true), piece(ELL, Handed.SAME, PieceGrain.LENGTHWISE)))
                .hasSize(2);
    }

    @Test
    void onlyTheClothsThatArePermitted() {
        FitPiece silk = piece(ELL, Handed.SAME, PieceGrain.LENGTHWISE).withCloths(List.of("silk"));
        assertThat(ways(cloth(true, false), silk)).isEmpty();
        assertThat(ways(cloth(true, false), silk.withCloths(List.of("silk", "cord"))))
                .hasSize(1);
    }

    @Test
    void theVariantWorthMostComesFirst() {
        FitPanel hemmed = Fit.hemmed(Fit.panel("p", CLOTH), 0, 1);
        FitPiece piece = Fit.piece(
                "a",
                1,
                Handed.SAME,
                PieceGrain.LENGTHWISE,
                Fit.variant("plain", STRAP, null, 0),
                Fit.variant("on the hem", STRAP, Fit.onHem(0, 1), 0.5));
        assertThat(ways(hemmed, piece))
                .first()
                .satisfies(s -> assertThat(s.variant.id()).isEqualTo("on the hem"));
    }

    /** Pieces that are cut alike share their clearances, wherever they are drawn and on whichever side. */
    @Test
    void equalOutlinesAreOneStencil() {
        FitPiece left = Fit.piece("left", STRAP, 1);
        FitPiece right = Fit.piece("right", STRAP.moved(500, -30), 1);
        FitPiece pair = Fit.piece(
                "pair", 2, Handed.PAIR, PieceGrain.LENGTHWISE, Fit.variant("plain", STRAP.moved(3, 3), null, 0));
        ShapeBook book = new ShapeBook(Fit.fill(List.of(cloth(true, false)), left, right, pair));
        Shape first = book.ways(0, 0).get(0);
        assertThat(book.ways(1, 0).get(0).stencil).isSameAs(first.stencil);
        assertThat(book.ways(2, 0)).allSatisfy(s -> assertThat(s.stencil).isSameAs(first.stencil));
        assertThat(book.ways(1, 0).get(0).stencilAt).isEqualTo(new Point(500, -30));
    }
}
