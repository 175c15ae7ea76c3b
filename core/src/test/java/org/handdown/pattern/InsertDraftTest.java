package org.handdown.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.handdown.geometry.Box;
import org.handdown.geometry.Outline;
import org.handdown.measure.Wording;
import org.handdown.pattern.InsertDraft.Level;
import org.handdown.pattern.InsertDraft.Wish;
import org.junit.jupiter.api.Test;

/** Handbook §3 and check values V5, V8, W22, W24 (common practice or derived): total over openings, half to either side. */
class InsertDraftTest {
    private static final double INCH = 25.4;

    private static Wish wish(double seam, double sleeve, boolean lined, boolean piped, Level... levels) {
        return new Wish(List.of(levels), 2, seam, INCH / 4, sleeve, lined, piped);
    }

    private static Piece piece(InsertDraft draft, String id) {
        return draft.pieces().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** W22: inserts ½ in at the top and 1½ in at the hem on both sides: girth +1 and +3 in; gusset base ½ in. */
    @Test
    void insertsOnBothSidesGiveTheWholeGainAndTheGussetIsAsWideAsTheirTop() {
        Wish asked = wish(12 * INCH, 4 * INCH, false, false, new Level(0, INCH), new Level(12 * INCH, 3 * INCH));
        assertThat(asked.widthMm(asked.levels().get(0))).isCloseTo(INCH / 2, within(1e-9));
        InsertDraft draft = new InsertDraft(asked);
        Outline side = draft.side();
        assertThat(side.edge("upper").lengthMm()).isCloseTo(INCH / 2, within(1e-6));
        assertThat(side.edge("hem").lengthMm()).isCloseTo(1.5 * INCH, within(1e-6));
        assertThat(draft.gusset().edge("base").lengthMm()).isCloseTo(INCH / 2, within(1e-9));
        assertThat(draft.gusset().edge("left").lengthMm()).isCloseTo(4 * INCH, within(1e-9));
        assertThat(draft.gainMm(6 * INCH)).isCloseTo(2 * INCH, within(1e-9));
    }

    /** V5: 3 in at the waist, two inserts: 1½ in each, ¾ in per half. */
    @Test
    void halfOfAnInsertLiesOnEachSideOfItsCentreLine() {
        InsertDraft draft = new InsertDraft(
                wish(400, 0, false, false, new Level(0, INCH), new Level(150, 3 * INCH), new Level(400, 3 * INCH)));
        Box box = draft.side().box();
        assertThat(box.maxX()).isCloseTo(0.75 * INCH, within(0.6));
        assertThat(box.minX()).isCloseTo(-box.maxX(), within(1e-6));
    }

    /** V8: 2 shell and 2 lining side panels, a gusset for each side in both; drawn at ½ in where ¼ is sewn. */
    @Test
    void countsAreRightAndTheAllowanceIsDrawnDouble() {
        InsertDraft draft = new InsertDraft(wish(300, 100, true, true, new Level(0, INCH), new Level(300, 3 * INCH)));
        assertThat(draft.pieces())
                .extracting(Piece::id)
                .containsExactly("side-insert", "side-insert-lining", "gusset", "gusset-lining");
        assertThat(draft.pieces()).extracting(Piece::quantity).containsOnly(2);
        assertThat(piece(draft, "side-insert-lining").cloth()).isEqualTo(PieceCloth.LINING);
        assertThat(piece(draft, "side-insert").allowance("left").mm()).isCloseTo(INCH / 2, within(1e-9));
        // Piping along both edges of both: four seams of 300 mm.
        assertThat(draft.pipingMm()).isEqualTo(1200);
        assertThat(draft.notes())
                .anyMatch(n -> n.contains("armhole grows"))
                .anyMatch(n -> n.contains(Wording.of("1200 mm")));
    }

    /** W24 (derived): a bulge of 0.5 and 1.5 on a chord of 10 is about 0.07 and 0.6 longer; the exact arcs 0.067 and 0.590. */
    @Test
    void aBulgeMakesAnEdgeLonger() {
        assertThat(InsertDraft.bulgeMm(10, 0.5)).isCloseTo(0.067, within(0.0005));
        assertThat(InsertDraft.bulgeMm(10, 1.5)).isCloseTo(0.6, within(1e-9));
    }

    @Test
    void aPointedInsertEndsInAPoint() {
        Outline godet = new InsertDraft(wish(250, 0, false, false, new Level(0, 0), new Level(250, 240))).side();
        assertThat(godet.edges()).hasSize(3);
        assertThat(godet.ring().isSimple()).isTrue();
        assertThat(godet.edge("left").lengthMm()).isCloseTo(250, within(0.01));
    }

    @Test
    void insertsThatCannotBeAreRefused() {
        assertThatThrownBy(() -> wish(300, 0, false, false, new Level(0, 5), new Level(300, 8)))
                .hasMessageContaining(Wording.of("narrower than 6 mm"));
        assertThatThrownBy(() -> wish(300, 0, false, false, new Level(0, 50), new Level(250, 80)))
                .hasMessageContaining("lower end");
        assertThatThrownBy(() -> wish(300, 0, false, false, new Level(0, 50))).hasMessageContaining("2 to 12");
        assertThatThrownBy(() ->
                        new InsertDraft(wish(300, 30, false, false, new Level(0, 200), new Level(300, 200))).gusset())
                .hasMessageContaining("sleeve seam");
    }

    /** Stitch lines match: whatever the taper, both edges are as long as the opened seam, and the outline is simple. */
    @Property(tries = 200)
    void edgesAreAsLongAsTheSeam(
            @ForAll @DoubleRange(min = 120, max = 900) double seam,
            @ForAll @DoubleRange(min = 0, max = 300) double top,
            @ForAll @DoubleRange(min = 0, max = 300) double middle,
            @ForAll @DoubleRange(min = 30, max = 400) double hem,
            @ForAll @IntRange(min = 1, max = 4) int seams) {
        double steepest = Math.max(Math.abs(top - middle), Math.abs(middle - hem)) / seams;
        if (steepest > seam * 0.6 || Math.max(top, Math.max(middle, hem)) / seams < 6) {
            return;
        }
        Outline side = new InsertDraft(new Wish(
                        List.of(new Level(0, top), new Level(seam / 2, middle), new Level(seam, hem)),
                        seams,
                        seam,
                        6,
                        0,
                        false,
                        false))
                .side();
        assertThat(side.edge("left").lengthMm()).isCloseTo(seam, within(0.5));
        assertThat(side.edge("right").lengthMm()).isCloseTo(seam, within(0.5));
        assertThat(side.ring().isSimple()).isTrue();
        assertThat(side.edge("hem").lengthMm()).isCloseTo(hem / seams, within(0.1));
    }
}
