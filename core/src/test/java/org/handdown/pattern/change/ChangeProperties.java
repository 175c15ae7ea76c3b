package org.handdown.pattern.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.handdown.Demo;
import org.handdown.geometry.Box;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;

/** What a change must keep, whichever draft it is done on. */
@Tag("long")
class ChangeProperties {
    private static Design design(int draft, int heightMm) {
        Draft one = Drafts.all().get(draft % Drafts.all().size());
        return one.draw(Demo.child(heightMm), Map.of());
    }

    private static Box box(Piece piece) {
        return piece.stitchLine().box();
    }

    @Property(tries = 120)
    void lengtheningMakesAPieceTallerByThatAndNoWider(
            @ForAll @IntRange(min = 0, max = 34) int draft,
            @ForAll @IntRange(min = 950, max = 1390) int height,
            @ForAll @DoubleRange(min = 0.35, max = 0.65) double share,
            @ForAll @DoubleRange(min = 2, max = 80) double by) {
        Design before = design(draft, height);
        Piece piece = before.pieces().get(0);
        try {
            Piece after = new Lengthen(
                            "x", List.of(piece.id()), share * box(piece).heightMm(), by)
                    .on(before)
                    .piece(piece.id());
            assertThat(box(after).heightMm())
                    .isBetween(box(piece).heightMm() + by - 1, box(piece).heightMm() + by + 1);
            assertThat(box(after).widthMm()).isCloseTo(box(piece).widthMm(), within(2.0));
        } catch (RefusedValueException e) {
            // A curve may not survive being pulled apart in its middle; then it is said.
            assertThat(e.getMessage()).contains("cross itself");
        }
    }

    @Property(tries = 120)
    void wideningAboutTheMiddleWidensByThat(
            @ForAll @IntRange(min = 0, max = 34) int draft,
            @ForAll @IntRange(min = 950, max = 1390) int height,
            @ForAll @DoubleRange(min = 2, max = 60) double by) {
        Design before = design(draft, height);
        Piece piece = before.pieces().get(0);
        try {
            Piece after = new Widen("x", piece.id(), 0, by, true).on(before).piece(piece.id());
            assertThat(box(after).widthMm()).isCloseTo(box(piece).widthMm() + by, within(1.0));
            assertThat(box(after).heightMm()).isCloseTo(box(piece).heightMm(), within(2.0));
        } catch (RefusedValueException e) {
            assertThat(e.getMessage()).contains("cross itself");
        }
    }

    @Property(tries = 120)
    void anotherAllowanceLeavesStitchLinesSizesAndSeamsAlone(
            @ForAll @IntRange(min = 0, max = 34) int draft, @ForAll @DoubleRange(min = 3, max = 18) double mm) {
        Design before = design(draft, 1200);
        Design after;
        try {
            after = new EdgeLedger("x", "", "", Allowance.seam(mm)).on(before);
        } catch (RefusedValueException e) {
            assertThat(e.getMessage()).contains("cross itself");
            return;
        }
        for (Piece piece : before.pieces()) {
            assertThat(after.piece(piece.id()).stitchLine()).isEqualTo(piece.stitchLine());
        }
        for (int i = 0; i < before.sizes().size(); i++) {
            assertThat(after.sizes().get(i).finishedMm())
                    .isCloseTo(before.sizes().get(i).finishedMm(), within(1e-9));
        }
        assertThat(after.walks().stream().map(w -> w.agrees()).toList())
                .isEqualTo(before.walks().stream().map(w -> w.agrees()).toList());
    }

    @Property(tries = 80)
    void takingTheLastChangeBackGivesTheSameDesign(@ForAll @IntRange(min = 0, max = 34) int draft) {
        Design original = design(draft, 1200);
        Change first = new Recut(
                "x",
                original.pieces().get(0).id(),
                4,
                true,
                original.pieces().get(0).cloth(),
                false,
                false);
        Change second = new LeaveOut("y", original.pieces().get(0).id());
        assertThat(Change.all(original, List.of(first)).pieces())
                .isEqualTo(Change.all(original, List.of(first, second).subList(0, 1))
                        .pieces());
        assertThat(Change.all(original, List.of(first, second)).pieces())
                .hasSize(original.pieces().size() - 1);
        assertThat(Change.all(original, List.of())).isSameAs(original);
    }
}
