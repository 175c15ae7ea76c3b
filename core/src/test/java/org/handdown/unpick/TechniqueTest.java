package org.handdown.unpick;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.StitchType;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Handbook §7 and §8: how each stitch is opened, and where cloth can come to harm (common practice, no source). */
class TechniqueTest {
    private static Join join(StitchType stitch, int rows, int barTacks, Join.Trait... traits) {
        return new Join(
                "j",
                "seam",
                List.of(new Join.Run("a", "side"), new Join.Run("b", "side")),
                stitch,
                rows,
                500,
                12,
                barTacks,
                false,
                0,
                Set.of(traits));
    }

    private static Cloth cloth(Weave weave, double thickness, ClothSheet.CutEdge edge, boolean pinMarks) {
        ClothSheet sheet = new ClothSheet(null, null, edge, false, pinMarks, false, false);
        return new Cloth("c", "x", weave, "#000000", false, false, thickness, HeatLimit.ONE_DOT, sheet);
    }

    private static final Cloth TWILL = cloth(Weave.TWILL, 0.8, ClothSheet.CutEdge.STAYS, false);

    @ParameterizedTest
    @CsvSource({
        "CHAIN, runs out by itself",
        "COVER, runs out by itself",
        "OVERLOCKED, under the loops",
        "FELLED, outer row",
        "HAND, every third stitch",
        "PLAIN, every fourth stitch",
        "TOPSTITCHED, every fourth stitch"
    })
    void everyStitchIsOpenedInItsOwnWay(StitchType stitch, String words) {
        assertThat(Technique.of(join(stitch, 1, 0), TWILL, JoinDecision.UNPICK).how())
                .anyMatch(h -> h.contains(words));
    }

    @ParameterizedTest
    @EnumSource(value = StitchType.class, mode = EnumSource.Mode.EXCLUDE, names = "KNITTED_ON")
    void threadEndsArePickedOutLast(StitchType stitch) {
        List<String> how =
                Technique.of(join(stitch, 1, 0), TWILL, JoinDecision.UNPICK).how();
        assertThat(how.get(how.size() - 1)).contains("thread ends");
    }

    @Test
    void barTacksThenTopstitchingThenTapeThenRowsInReverse() {
        List<String> how = Technique.of(
                        join(StitchType.PLAIN, 2, 2, Join.Trait.TOPSTITCHED, Join.Trait.TAPED),
                        TWILL,
                        JoinDecision.UNPICK)
                .how();
        assertThat(how.get(0)).contains("2 bar tacks");
        assertThat(how.get(1)).contains("topstitching");
        assertThat(how.get(2)).contains("tape");
        assertThat(how).anyMatch(h -> h.contains("sewn last comes out first"));
    }

    /** A tube has no seam to open: it is cut, once, and that is said. */
    @Test
    void aFoldOfATubeIsCutAndNotUnpicked() {
        Technique fold = Technique.of(join(StitchType.KNITTED_ON, 1, 0), TWILL, JoinDecision.UNPICK);
        assertThat(fold.how()).singleElement().asString().contains("cut along it");
        assertThat(fold.cautions()).anyMatch(c -> c.contains("cannot be taken back"));
    }

    /** Metal: two rivets at two minutes each beside the stitches (common practice, no source), and eyes covered. */
    @Test
    void rivetsAreSaidAndTimed() {
        Join riveted = join(StitchType.TOPSTITCHED, 2, 2, Join.Trait.RIVETED);
        assertThat(riveted.minutes(7)).isEqualTo(2 * 0.5 * 7 + 2 + 4);
        Technique technique = Technique.of(riveted, TWILL, JoinDecision.UNPICK);
        assertThat(technique.how().get(0)).startsWith("Rivets first");
        assertThat(technique.cautions()).anyMatch(c -> c.startsWith("Eyes covered"));
        assertThat(Technique.of(riveted, TWILL, JoinDecision.CUT_AWAY).cautions())
                .anyMatch(c -> c.startsWith("Eyes covered"));
    }

    /** Risk: loose knit runs, fine cloth marks, felled denim is slow, fused joins do not come clean. */
    @Test
    void risksFollowTheClothAndTheJoin() {
        Join plain = join(StitchType.PLAIN, 1, 0);
        assertThat(Technique.of(plain, TWILL, JoinDecision.UNPICK).risk()).isEqualTo(Technique.Risk.NONE);
        Technique loose =
                Technique.of(plain, cloth(Weave.KNIT, 2, ClothSheet.CutEdge.LADDERS, false), JoinDecision.UNPICK);
        assertThat(loose.risk()).isEqualTo(Technique.Risk.MUCH);
        assertThat(loose.cautions()).anyMatch(c -> c.contains("Loops run"));
        Technique jersey =
                Technique.of(plain, cloth(Weave.KNIT, 0.8, ClothSheet.CutEdge.STAYS, false), JoinDecision.UNPICK);
        assertThat(jersey.risk()).isEqualTo(Technique.Risk.SOME);
        Technique fine =
                Technique.of(plain, cloth(Weave.PLAIN, 0.2, ClothSheet.CutEdge.STAYS, false), JoinDecision.UNPICK);
        assertThat(fine.cautions()).anyMatch(c -> c.contains("Fine cloth marks"));
        Join fused = join(StitchType.PLAIN, 1, 0, Join.Trait.FUSED);
        assertThat(Technique.of(fused, TWILL, JoinDecision.UNPICK).risk()).isEqualTo(Technique.Risk.MUCH);
        assertThat(Technique.of(fused, TWILL, JoinDecision.CUT_AWAY).risk()).isEqualTo(Technique.Risk.NONE);
        assertThat(Technique.of(plain, cloth(Weave.PLAIN, 1, ClothSheet.CutEdge.FRAYS_FAST, true), JoinDecision.UNPICK)
                        .cautions())
                .anyMatch(c -> c.contains("Overcast"));
    }
}
