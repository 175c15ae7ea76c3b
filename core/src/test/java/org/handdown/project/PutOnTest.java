package org.handdown.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.assembly.Opening;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.StretchTest;
import org.handdown.cloth.Weave;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.Wording;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** How a garment that stays whole is put on: what its own seams tell, against the wearer. */
class PutOnTest {
    private static List<Opening> of(SourceKind kind, Map<String, Double> changed) {
        return Opening.of(Demo.average(kind, changed).anatomy().assembly());
    }

    private static List<String> names(SourceKind kind) {
        return of(kind, Map.of()).stream().map(Opening::name).toList();
    }

    @Test
    void everyGarmentTellsItsOpeningsByName() {
        assertThat(names(SourceKind.T_SHIRT)).containsExactly("neck", "hem", "left sleeve end", "right sleeve end");
        assertThat(names(SourceKind.SHIRT)).containsExactly("neck", "hem", "left sleeve end", "right sleeve end");
        assertThat(names(SourceKind.COAT)).containsExactly("neck", "hem", "left sleeve end", "right sleeve end");
        assertThat(names(SourceKind.TROUSERS)).containsExactly("waist", "left leg end", "right leg end");
        assertThat(names(SourceKind.SKIRT)).containsExactly("waist", "hem");
        assertThat(names(SourceKind.DRESS)).containsExactly("neck", "hem", "left sleeve end", "right sleeve end");
        assertThat(names(SourceKind.BLANKET)).isEmpty();
        assertThat(names(SourceKind.CURTAIN)).isEmpty();
    }

    /** A zip of 180 in a skirt, 500 in a dress, a fly of 170 with the band's own 38; a shirt's front opens all the way. */
    @Test
    void whatOpensThemIsReadOffToo() {
        assertThat(of(SourceKind.SKIRT, Map.of()).get(0).opensMm()).isCloseTo(180 + 30, within(0.5));
        assertThat(of(SourceKind.DRESS, Map.of()).get(0).opensMm()).isCloseTo(500, within(0.5));
        assertThat(of(SourceKind.TROUSERS, Map.of()).get(0).opensMm()).isCloseTo(170 + 38, within(0.5));
        assertThat(of(SourceKind.SHIRT, Map.of()).get(0).throughout()).isTrue();
        assertThat(of(SourceKind.T_SHIRT, Map.of())).allMatch(o -> o.opensMm() == 0 && !o.throughout());
    }

    /** Every kind with every choice of its build: an opening is found wherever cloth is sewn round, and nothing fails. */
    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void everyBuildOfAKindHasThem(SourceKind kind) {
        int expected = names(kind).size();
        for (MeasureSpec spec : kind.measures()) {
            for (int i = 0; i < spec.options().size(); i++) {
                Anatomy built =
                        Demo.average(kind, Map.of(spec.id(), (double) i)).anatomy();
                assertThat(Opening.of(built.assembly()))
                        .as("%s, %s %d", kind, spec.id(), i)
                        .hasSizeBetween(Math.max(0, expected - 2), expected + 2);
                assertThat(Opening.of(built.assembly())).allMatch(o -> o.girthMm() > 50 && o.girthMm() < 8000);
            }
        }
    }

    private static Cloth cloth(Weave weave, @org.jspecify.annotations.Nullable StretchTest across) {
        ClothSheet sheet = new ClothSheet(across, null, ClothSheet.CutEdge.UNTESTED, false, false, false, false);
        return new Cloth("cloth", "cotton", weave, "#808080", false, false, 0.6, HeatLimit.TWO_DOTS, sheet);
    }

    private static Wearer wearer(Map<BodyMeasure, Double> mm) {
        Map<BodyMeasure, Wearer.Taken> taken = new java.util.EnumMap<>(BodyMeasure.class);
        mm.forEach((m, v) -> taken.put(m, new Wearer.Taken(Length.ofMm(v), "", Origin.TAPE)));
        return new Wearer("somebody", taken);
    }

    private static PutOn one(SourceKind kind, Cloth cloth, Wearer wearer, int place) {
        return PutOn.of(of(kind, Map.of()), cloth, wearer).get(place);
    }

    /** Worked by hand: a neckband of 386 round a head of 560 must stretch by 45 %; pulled to 150 % of itself it gives 579. */
    @Test
    void aNeckbandIsPulledBeforeItIsCalledTooSmall() {
        Wearer head = wearer(Map.of(BodyMeasure.HEAD_GIRTH, 560.0));
        PutOn unknown = one(SourceKind.T_SHIRT, cloth(Weave.KNIT, null), head, 0);
        assertThat(unknown.verdict()).isEqualTo(PutOn.Verdict.PULL_FIRST);
        assertThat(unknown.sentence()).contains("stretch by 45 %");
        StretchTest pulled = new StretchTest(100, 150, 100.0);
        assertThat(one(SourceKind.T_SHIRT, cloth(Weave.KNIT, pulled), head, 0).verdict())
                .isEqualTo(PutOn.Verdict.GOES_ON);
        StretchTest firm = new StretchTest(100, 120, 100.0);
        assertThat(one(SourceKind.T_SHIRT, cloth(Weave.KNIT, firm), head, 0).verdict())
                .isEqualTo(PutOn.Verdict.TOO_SMALL);
    }

    /** 680 of band and 2 × 210 opened are 1100: over hips of 1080 it goes, over 1120 it does not. */
    @Test
    void aZipCountsAlongBothItsSides() {
        Cloth twill = cloth(Weave.TWILL, null);
        assertThat(one(SourceKind.SKIRT, twill, wearer(Map.of(BodyMeasure.HIP, 1080.0)), 0)
                        .verdict())
                .isEqualTo(PutOn.Verdict.GOES_ON);
        PutOn tight = one(SourceKind.SKIRT, twill, wearer(Map.of(BodyMeasure.HIP, 1120.0)), 0);
        assertThat(tight.verdict()).isEqualTo(PutOn.Verdict.TOO_SMALL);
        assertThat(tight.sentence()).contains(Wording.of("20 mm short"));
    }

    @Test
    void withoutAMeasureOrWithAFrontThatOpensNothingIsGuessed() {
        Cloth cloth = cloth(Weave.PLAIN, null);
        assertThat(one(SourceKind.TROUSERS, cloth, wearer(Map.of()), 0).verdict())
                .isEqualTo(PutOn.Verdict.UNKNOWN);
        PutOn neck = one(SourceKind.SHIRT, cloth, wearer(Map.of(BodyMeasure.HEAD_GIRTH, 580.0)), 0);
        assertThat(neck.verdict()).isEqualTo(PutOn.Verdict.GOES_ON);
        assertThat(neck.sentence()).contains("all the way");
    }
}
