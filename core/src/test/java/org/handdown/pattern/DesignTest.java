package org.handdown.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.geometry.Point;
import org.handdown.pattern.draft.Drafts;
import org.junit.jupiter.api.Test;

/** Designs together, what falls away with a piece, counts by cloth, marks, and consequences. */
class DesignTest {
    private static Design design(String draft) {
        return Drafts.require(draft).draw(Demo.child(1100), Map.of());
    }

    @Test
    void twoDesignsKeepTheirSeamsAndSizesThoughTheirPiecesShareNames() {
        Design skirt = design("a-line-skirt");
        Design tee = design("t-shirt");
        Design both = skirt.and(tee);
        assertThat(both.pieces()).hasSize(skirt.pieces().size() + tee.pieces().size());
        assertThat(both.pieces().stream().map(Piece::id))
                .doesNotHaveDuplicates()
                .contains("front", "front-2");
        assertThat(both.piece("front-2").name()).isEqualTo("front 2");
        assertThat(both.walks())
                .hasSize(skirt.walks().size() + tee.walks().size())
                .allMatch(DesignSeam.Walk::agrees);
        for (Size.Finished size : tee.sizes()) {
            assertThat(both.sizes())
                    .anySatisfy(s -> assertThat(s.finishedMm()).isCloseTo(size.finishedMm(), within(1e-9)));
        }
    }

    @Test
    void aPieceThatIsLeftOutTakesItsSeamsAndSizesAlong() {
        Design tee = design("t-shirt");
        Design without = tee.withPieces(
                tee.pieces().stream().filter(p -> !p.id().equals("neckband")).toList());
        assertThat(without.seams()).noneMatch(s -> s.name().contains("neckband"));
        assertThat(without.rules()).noneMatch(r -> r.what().contains("neckband"));
        assertThat(without.walks()).isNotEmpty();
        assertThatThrownBy(() -> without.piece("neckband")).hasMessageContaining("no piece (neckband)");
    }

    @Test
    void clothIsCountedByItsKindAndInterfacingWithoutAllowances() {
        Design cap = design("cap");
        assertThat(cap.needs().stream().map(Design.Need::cloth))
                .containsExactly(PieceCloth.SHELL, PieceCloth.LINING, PieceCloth.INTERFACING);
        Design.Need shell = cap.needs().get(0);
        assertThat(shell.pieces()).isEqualTo(4 + 2 + 1 + 2);
        // In rows on cloth of the usual width: at least the area, at most all of them one behind the other.
        assertThat(shell.lengthMm() * Design.Need.USUAL_WIDTH_MM).isGreaterThan(shell.areaMm2());
        assertThat(shell.lengthMm()).isLessThan(shell.pieces() * shell.longestMm());
        assertThat(PieceCloth.INTERFACING.isLaid()).isFalse();
    }

    @Test
    void everyFinishedSizeSaysWhatItsSeamsMayBeOff() {
        Size.Finished hip = design("dungarees").sizes().get(0);
        // Four legs with two seams each, a millimetre at every edge; and a hip that nobody measured yet.
        assertThat(hip.toleranceMm()).isCloseTo(8 + 30, within(1e-9));
        // The waist is two edges a leg; where they run on into each other no seam crosses.
        assertThat(design("dungarees").sizes().get(1).toleranceMm()).isCloseTo(8 + 30, within(1e-9));
    }

    /** A seam sewn 4 mm nearer to the cut edge makes the edges that end there 4 mm longer at that end: their own seams feel it. */
    @Test
    void aSeamSewnOtherwiseThanDrawnIsWalkedByItsNeighbours() {
        Design tee = design("t-shirt");
        DesignSeam.Walk drawn = walk(tee, "side seam");
        Piece front = tee.piece("front");
        Allowance hem = front.allowance("hem");
        Design slipped = tee.with(
                "front",
                p -> p.withAllowances(
                        Map.of("hem", new Allowance(hem.mm(), hem.mm() - 4, hem.trimMm(), hem.why(), hem.turn()))));
        DesignSeam.Walk sewn = walk(slipped, "side seam");
        boolean frontFirst = sewn.seam().one().stream().anyMatch(s -> s.piece().equals("front"));
        double more = frontFirst ? sewn.oneMm() - drawn.oneMm() : sewn.otherMm() - drawn.otherMm();
        double same = frontFirst ? sewn.otherMm() - drawn.otherMm() : sewn.oneMm() - drawn.oneMm();
        assertThat(more).isCloseTo(4 * sewn.seam().one().get(0).times(), within(1e-9));
        assertThat(same).isZero();
    }

    private static DesignSeam.Walk walk(Design design, String name) {
        return design.walks().stream()
                .filter(w -> w.seam().name().contains(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError(
                        design.walks().stream().map(w -> w.seam().name()).toList()));
    }

    /** Two drafts with a size of one name each: what changes in one is not told of the other. */
    @Test
    void sizesOfOneNameAreComparedWithTheirOwn() {
        Design tee = design("t-shirt");
        Design both = tee.and(Drafts.require("t-shirt").draw(Demo.child(1400), Map.of()));
        assertThat(Consequences.between(both, both)).isEmpty();
        Design longer = both.with(
                "front-2",
                p -> p.withLine(new org.handdown.geometry.Outline(p.stitchLine().edges().stream()
                        .map(e -> e.map(q -> new Point(q.x() * 1.02, q.y())))
                        .toList())));
        assertThat(Consequences.between(both, longer))
                .filteredOn(s -> s.startsWith("Chest") || s.startsWith("Bust") || s.contains("girth"))
                .allSatisfy(s -> assertThat(s)
                        .doesNotContain(Math.round(tee.sizes().get(0).finishedMm()) + " mm instead"));
    }

    @Test
    void nothingChangedHasNoConsequences() {
        Design design = design("smock");
        assertThat(Consequences.between(design, design)).isEmpty();
    }

    @Test
    void marksHaveTheirPointsAndTheirLastMoment() {
        Mark dart = new Mark(Mark.Kind.DART, "dart", List.of(new Point(-10, 0), new Point(0, -80), new Point(10, 0)));
        assertThat(dart.takesUpMm()).isCloseTo(20, within(1e-9));
        assertThat(dart.map(p -> p.times(2)).takesUpMm()).isCloseTo(40, within(1e-9));
        assertThat(Mark.Kind.SHIRRING.until()).isEqualTo(Mark.Deadline.BEFORE_ELASTIC);
        assertThat(Mark.Kind.BUTTONHOLE.until().words()).contains("rub it out before the hole is cut");
        assertThatThrownBy(() -> new Mark(Mark.Kind.DART, "dart", List.of(new Point(0, 0))))
                .hasMessageContaining("3 points");
        assertThatThrownBy(() -> new Mark(Mark.Kind.DOT, " ", List.of(new Point(0, 0))))
                .hasMessageContaining("Name");
    }

    @Test
    void aGatheredAndAStretchedSeamSaySo() {
        Design tee = design("t-shirt");
        assertThat(tee.walks())
                .filteredOn(w -> w.seam().name().startsWith("neckband on"))
                .singleElement()
                .satisfies(w -> assertThat(w.sentence()).isEqualTo("stretched by 18 % while it is sewn"));
        assertThat(design("gathered-skirt").walks().get(1).sentence()).startsWith("gathered ");
    }

    @Test
    void halvesOfASymmetricalPieceAreAlike() {
        for (String draft : List.of("t-shirt", "a-line-skirt", "apron", "godet", "peplum")) {
            for (Piece piece : design(draft).pieces()) {
                if (!piece.pair()) {
                    assertThat(Symmetry.of(piece).isAlike())
                            .as(draft + " " + piece.id())
                            .isTrue();
                }
            }
        }
    }
}
