package org.handdown.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.handdown.pattern.Copying.Mark;
import org.handdown.pattern.Copying.Place;
import org.handdown.pattern.Copying.Wish;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Part;
import org.junit.jupiter.api.Test;

class CopyingTest {
    private static final Part FRONT =
            Demo.average(SourceKind.T_SHIRT, Map.of()).anatomy().part("front");

    private static Wish wish(String anchor, double garment, double own, Mark... marks) {
        return new Wish(anchor, Place.END, garment, own, 10, 10, 0, List.of(marks));
    }

    private static Box box(Ring ring) {
        return ring.box();
    }

    @Test
    void theCopyHasTheGarmentsLinesWithAllowanceAndTrueingMarginOutside() {
        Piece piece = new Copying(FRONT, wish("side-right", 0, 0)).piece("front", "front", 1, false);
        Box own = box(FRONT.outline().ring());
        Box stitch = box(piece.stitchLine().ring());
        Box cut = box(piece.cutLine().ring());
        assertThat(stitch.widthMm()).isCloseTo(own.widthMm(), within(1e-9));
        assertThat(cut.minY()).isCloseTo(own.minY() - 20, within(0.01));
        assertThat(piece.allowance("hem").why()).contains(Wording.of("10 mm to sew, 10 mm to true it by"));
    }

    /** Stretch garment traced for woven cloth: what it gave in wear is added across, about the anchor; lengths stay. */
    @Test
    void aStretchGarmentCopiedInFirmClothIsDrawnWider() {
        Copying copying = new Copying(FRONT, wish("side-right", 0.2, 0));
        assertThat(copying.widthFactor()).isCloseTo(1.2, within(1e-9));
        Piece piece = copying.piece("front", "front", 1, false);
        Box own = box(FRONT.outline().ring());
        Box stitch = box(piece.stitchLine().ring());
        assertThat(stitch.widthMm()).isCloseTo(1.2 * own.widthMm(), within(0.01));
        assertThat(stitch.heightMm()).isCloseTo(own.heightMm(), within(0.01));
        Point anchor = copying.anchorOf(FRONT.outline());
        assertThat(copying.anchorOf(piece.stitchLine()).distanceMm(anchor)).isCloseTo(0, within(1e-9));
        assertThat(new Copying(FRONT, wish("side-right", 0.2, 0.2)).widthFactor())
                .isEqualTo(1);
        assertThat(new Copying(FRONT, wish("side-right", 0, 0.3)).widthFactor()).isEqualTo(1);
    }

    /** Distances are carried along the seam, not straight across. */
    @Test
    void marksAreCarriedAlongTheSeam() {
        double side = FRONT.outline().edge("side-right").lengthMm();
        Piece piece = new Copying(FRONT, wish("side-right", 0, 0, new Mark("pocket", "side-right", side / 2)))
                .piece("front", "front", 1, false);
        assertThat(piece.notches()).extracting(Piece.Notch::label).containsExactly("anchor", "pocket");
        assertThat(piece.notches().get(1).at())
                .isEqualTo(FRONT.outline().edge("side-right").at(0.5));
        assertThatThrownBy(() -> new Copying(FRONT, wish("side-right", 0, 0, new Mark("far", "side-right", side + 50)))
                        .piece("front", "front", 1, false))
                .hasMessageContaining("past its end");
    }

    @Test
    void nothingIsAlignedAtTheHem() {
        assertThatThrownBy(() -> new Copying(FRONT, wish("hem", 0, 0))).hasMessageContaining("Never align at the hem");
        assertThatThrownBy(() -> new Copying(FRONT, wish("elbow", 0, 0))).hasMessageContaining("side-right");
        assertThatThrownBy(() -> wish("side-right", 3, 0)).hasMessageContaining("200 %");
    }

    /** Where the source is too small is said before anything is cut: 30 mm narrower on each side, 100 mm shorter. */
    @Test
    void lacksNameSideLevelAndAmount() {
        Copying copying = new Copying(FRONT, wish("side-right", 0, 0));
        Piece piece = copying.piece("front", "front", 1, false);
        Point anchor = copying.anchorOf(FRONT.outline());
        Box cut = box(piece.cutLine().ring());
        Ring enough = Ring.rectangle(cut.minX() - 1, cut.minY() - 1, cut.widthMm() + 2, cut.heightMm() + 2);
        assertThat(copying.lacks(piece, enough, anchor)).isEmpty();
        Ring small = Ring.rectangle(cut.minX() + 30, cut.minY() + 100, cut.widthMm() - 60, cut.heightMm() - 101);
        List<Copying.Lack> lacks = copying.lacks(piece, small, anchor);
        assertThat(lacks).extracting(Copying.Lack::side).containsExactlyInAnyOrder("above", "below", "left", "right");
        assertThat(lacks)
                .filteredOn(l -> l.side().equals("below"))
                .first()
                .satisfies(l -> assertThat(l.mm()).isCloseTo(100, within(1e-6)));
        assertThat(lacks)
                .filteredOn(l -> l.side().equals("left"))
                .first()
                .satisfies(l -> assertThat(l.mm()).isCloseTo(30, within(0.5)));
    }

    /** One garment may give the width, another the length; the anchor stays where it is. */
    @Test
    void theLengthMayComeFromAnotherGarment() {
        Copying copying = new Copying(FRONT, new Wish("side-right", Place.END, 0, 0, 10, 0, 500, List.of()));
        Piece piece = copying.piece("front", "front", 1, false);
        Box own = box(FRONT.outline().ring());
        Box stitch = box(piece.stitchLine().ring());
        assertThat(stitch.heightMm()).isCloseTo(500, within(0.01));
        assertThat(stitch.widthMm()).isCloseTo(own.widthMm(), within(0.01));
        assertThat(copying.anchorOf(piece.stitchLine())).isEqualTo(copying.anchorOf(FRONT.outline()));
    }
}
