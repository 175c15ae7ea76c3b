package org.handdown.alter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.Demo;
import org.handdown.alter.TakeIn.Kind;
import org.handdown.alter.TakeIn.Pinch;
import org.handdown.alter.TakeIn.Reading;
import org.handdown.measure.Wording;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.handdown.unpick.JoinDecision;
import org.junit.jupiter.api.Test;

/** Check values W2, W25 and V17 of the capabilities (common practice, no source), and what follows for rib, cuff and lining. */
class TakeInTest {
    private static final double INCH = 25.4;
    private static final Anatomy SKIRT =
            Demo.average(SourceKind.SKIRT, Map.of("zipPlace", 1.0)).anatomy();
    private static final Anatomy JUMPER =
            Demo.average(SourceKind.JUMPER, Map.of()).anatomy();
    private static final Anatomy COAT = Demo.average(SourceKind.COAT, Map.of()).anatomy();

    private static TakeIn.Change only(Anatomy anatomy, Kind kind, String where, boolean partner, Pinch... pinches) {
        return new TakeIn(anatomy, new TakeIn.Wish(List.of(new Reading(kind, where, List.of(pinches), partner))))
                .changes()
                .get(0);
    }

    /** W25: a pinch of 3 cm on a leg makes it 6 cm narrower. */
    @Test
    void aPinchOnALegTakesTwiceItsDepth() {
        TakeIn.Change change = only(Demo.ANATOMY, Kind.SEAM, "side-left", true, new Pinch(600, 30));
        TakeIn.Level level = change.levels().get(0);
        assertThat(level.beforeMm() - level.afterMm()).isCloseTo(60, within(1e-9));
        assertThat(change.partner()).isEqualTo(Demo.ANATOMY.join("side-right").name());
    }

    /** A sleeve's end turns up where it has a hem, and where only its lining is sewn to it; a cuff is no end to turn. */
    @Test
    void sleevesTurnUpAtTheirHemAndAtTheirLining() {
        Anatomy dress = Demo.average(SourceKind.DRESS, Map.of()).anatomy();
        assertThat(only(dress, Kind.TURN_UP, "sleeve-hem-left", true, new Pinch(0, 25))
                        .shorterMm())
                .isEqualTo(25);
        TakeIn.Change coat = only(COAT, Kind.TURN_UP, "sleeve-lining-left", true, new Pinch(0, 40));
        assertThat(coat.shorterMm()).isEqualTo(40);
        assertThat(coat.notes()).anyMatch(n -> n.startsWith("Shorten the lining"));
        assertThat(new NewLines(COAT).of(coat))
                .extracting(NewLines.Line::part)
                .containsExactlyInAnyOrder("sleeve-left", "sleeve-right");
        // The coat's body has a hem of its own: that is its end, not the seam that holds the lining to it.
        assertThat(COAT.joins().stream().filter(j -> SeamEnds.isEnd(COAT, j)))
                .extracting(Join::id)
                .containsExactlyInAnyOrder("hem", "sleeve-lining-left", "sleeve-lining-right");
        Anatomy shirt = Demo.average(SourceKind.SHIRT, Map.of()).anatomy();
        assertThatThrownBy(() -> only(shirt, Kind.TURN_UP, "cuff-left", true, new Pinch(0, 25)))
                .hasMessageContaining("no end that could be turned up");
    }

    /** At a seam's end nothing runs out: what crosses it there has to be opened and taken in as well. */
    @Test
    void aPinchAtTheEndOfASeamSaysWhatElseChanges() {
        double length = SKIRT.join("side-left").lengthMm();
        assertThat(only(SKIRT, Kind.SEAM, "side-left", true, new Pinch(length, 12))
                        .notes())
                .anyMatch(n -> n.startsWith("The pinch at the waist goes over the end")
                        && n.contains(Wording.of("24 mm shorter")));
        assertThat(only(SKIRT, Kind.SEAM, "side-left", true, new Pinch(0, 12)).notes())
                .anyMatch(n -> n.startsWith("The pinch at the hem"));
        assertThat(only(SKIRT, Kind.SEAM, "side-left", true, new Pinch(300, 12)).notes())
                .noneMatch(n -> n.contains("over the end"));
    }

    /** W25: the same pinch on both sides of a skirt takes 12 cm, because both seams lie in one ring. */
    @Test
    void aPinchOnBothSidesOfASkirtTakesFourTimesItsDepth() {
        TakeIn.Level both = only(SKIRT, Kind.SEAM, "side-left", true, new Pinch(300, 30))
                .levels()
                .get(0);
        assertThat(both.beforeMm() - both.afterMm()).isCloseTo(120, within(1e-9));
        TakeIn.Level one = only(SKIRT, Kind.SEAM, "side-left", false, new Pinch(300, 30))
                .levels()
                .get(0);
        assertThat(one.beforeMm() - one.afterMm()).isCloseTo(60, within(1e-9));
    }

    /** A tapered part is no cylinder: each station has the girth that is there. */
    @Test
    void stationsOfATaperedLegHaveTheirOwnGirths() {
        TakeIn.Change change = only(
                Demo.ANATOMY, Kind.SEAM, "side-left", true, new Pinch(500, 10), new Pinch(900, 20), new Pinch(200, 5));
        assertThat(change.levels()).extracting(TakeIn.Level::atMm).containsExactly(200.0, 500.0, 900.0);
        assertThat(change.levels()).extracting(TakeIn.Level::beforeMm).doesNotHaveDuplicates();
    }

    /** W2, V17: a tuck of 1 in makes a sleeve 2 in shorter; a turn-up of 2 in makes it 2 in shorter. */
    @Test
    void tucksCountTwiceAndTurnUpsOnce() {
        assertThat(only(JUMPER, Kind.TUCK, "sleeve-left", true, new Pinch(0, INCH))
                        .shorterMm())
                .isCloseTo(2 * INCH, within(1e-9));
        assertThat(only(Demo.ANATOMY, Kind.TURN_UP, hem(Demo.ANATOMY), true, new Pinch(0, 2 * INCH))
                        .shorterMm())
                .isCloseTo(2 * INCH, within(1e-9));
    }

    /** W2: a dart of ½ in takes 1 in. */
    @Test
    void aDartTakesTwiceItsDepth() {
        TakeIn.Level level = only(SKIRT, Kind.DART, "front", false, new Pinch(0, INCH / 2))
                .levels()
                .get(0);
        assertThat(level.beforeMm() - level.afterMm()).isCloseTo(INCH, within(1e-9));
    }

    /** Above a kept rib the sleeve is wider once the tapered end is gone: told with its ratio. */
    @Test
    void theRingAboveAKeptRibIsComparedWithTheRib() {
        TakeIn.Change change = only(JUMPER, Kind.TUCK, "sleeve-left", true, new Pinch(0, 40));
        double rib = 170;
        double ring = change.levels().get(0).beforeMm();
        assertThat(ring).isGreaterThan(260);
        assertThat(change.notes())
                .anySatisfy(n -> assertThat(n)
                        .contains(Wording.fill("ratio %.2f", ring / rib))
                        .contains("Ease it in"));
        Anatomy sweatshirt = Demo.average(SourceKind.SWEATSHIRT, Map.of()).anatomy();
        assertThat(only(sweatshirt, Kind.TUCK, "sleeve-left", true, new Pinch(0, 40))
                        .notes())
                .anySatisfy(n -> assertThat(n).contains("ratio"));
    }

    @Test
    void aTuckInTheMiddleOfATaperedSleeveTapersItsSeams() {
        assertThat(only(JUMPER, Kind.TUCK, "sleeve-left", true, new Pinch(150, 40))
                        .notes())
                .anySatisfy(n -> assertThat(n).contains("wider than the lower one"));
    }

    /** The lining stays a little longer and meets the turned edge at the old crease. */
    @Test
    void theLiningIsShortenedLessThanTheShell() {
        TakeIn.Change change = only(COAT, Kind.TUCK, "sleeve-left", true, new Pinch(0, 20));
        assertThat(change.notes()).anySatisfy(n -> assertThat(n).contains(Wording.of("by 30 mm, not 40 mm")));
    }

    @Test
    void aTaperedLegTurnedUpSaysThatItsEdgeIsSmaller() {
        assertThat(only(Demo.ANATOMY, Kind.TURN_UP, hem(Demo.ANATOMY), true, new Pinch(0, 120))
                        .notes())
                .anySatisfy(n -> assertThat(n).contains("old hem"));
    }

    @Test
    void turnUpsOpenTheirHemsOnBothSides() {
        String hem = hem(Demo.ANATOMY);
        TakeIn takeIn = new TakeIn(
                Demo.ANATOMY,
                new TakeIn.Wish(List.of(new Reading(Kind.TURN_UP, hem, List.of(new Pinch(0, 30)), true))));
        assertThat(takeIn.openings())
                .containsOnlyKeys(hem, SeamEnds.partner(hem).orElseThrow())
                .containsValue(JoinDecision.UNPICK);
    }

    /** Spread over seams: surplus T over n seams is T/(2n) on each layer of each. */
    @Test
    void aSurplusIsSpreadOverItsSeams() {
        assertThat(TakeIn.perSeamMm(80, 4)).isEqualTo(10);
        assertThatThrownBy(() -> TakeIn.perSeamMm(80, 0)).hasMessageContaining("seam to go into");
    }

    @Test
    void whatCannotBeIsRefusedWithItsFigures() {
        assertThatThrownBy(() -> only(SKIRT, Kind.SEAM, "side-left", true, new Pinch(300, 250)))
                .hasMessageContaining("would be left");
        assertThatThrownBy(() -> only(SKIRT, Kind.SEAM, "side-left", true, new Pinch(2900, 10)))
                .hasMessageContaining("past its end");
        assertThatThrownBy(() -> only(SKIRT, Kind.SEAM, "nowhere", true, new Pinch(0, 10)))
                .hasMessageContaining("no seam or hem");
        assertThatThrownBy(() -> only(JUMPER, Kind.TUCK, "sleeve-left", true, new Pinch(0, 290)))
                .hasMessageContaining("lie above it");
        assertThatThrownBy(() -> only(JUMPER, Kind.TUCK, "neckband", true, new Pinch(0, 20)))
                .hasMessageContaining("no panel");
        assertThatThrownBy(() -> only(SKIRT, Kind.TURN_UP, "side-left", true, new Pinch(0, 20)))
                .hasMessageContaining("no end that could be turned up");
        assertThatThrownBy(() -> only(SKIRT, Kind.SEAM, "hem", true, new Pinch(0, 20)))
                .hasMessageContaining("no seam");
        assertThatThrownBy(() -> only(SKIRT, Kind.DART, "front", true, new Pinch(0, 10), new Pinch(5, 10)))
                .hasMessageContaining("one figure");
        assertThatThrownBy(() -> new Reading(Kind.SEAM, "x", List.of(), true)).hasMessageContaining("1 to 40");
    }

    /** Whatever is pinched, a ring never gets wider, and left and right are named alike. */
    @Property(tries = 200)
    void ringsNarrowByExactlyTheMultipleOfThePinch(
            @ForAll @DoubleRange(min = 0, max = 600) double at, @ForAll @DoubleRange(min = 0, max = 60) double depth) {
        TakeIn.Level level = only(SKIRT, Kind.SEAM, "side-right", true, new Pinch(at, depth))
                .levels()
                .get(0);
        if (level.beforeMm() > 0) {
            assertThat(level.beforeMm() - level.afterMm()).isCloseTo(4 * depth, within(1e-6));
        }
    }

    private static String hem(Anatomy anatomy) {
        return anatomy.joins().stream()
                .filter(j -> j.finishedEdge() && j.id().contains("left"))
                .findFirst()
                .orElseThrow()
                .id();
    }
}
