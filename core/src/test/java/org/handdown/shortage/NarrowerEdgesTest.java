package org.handdown.shortage;

import static org.assertj.core.api.Assertions.assertThat;

import org.handdown.Demo;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Piece;
import org.junit.jupiter.api.Test;

/** Least widths are the handbook's: a hem of 15 mm, seams of 10 mm in woven cloth and 6 in knit. */
class NarrowerEdgesTest {
    private static Cloth jersey() {
        return new Cloth(
                "jersey", "", Weave.KNIT, "#808080", false, false, 0.8, HeatLimit.ONE_DOT, ClothSheet.UNTESTED);
    }

    private static Piece skirt(Allowance hem, Allowance seam) {
        return Short.rectangle("skirt", 300, 400, hem, seam);
    }

    @Test
    void hemsAndSeamsGoToTheLeastThatCanBeSewn() {
        Piece skirt = skirt(Allowance.turned(40, "hem"), Allowance.seam(15));
        NarrowerEdges woven = NarrowerEdges.of(skirt, Demo.CORD);
        assertThat(woven.hems()).singleElement().satisfies(h -> {
            assertThat(h.allowance().mm()).isEqualTo(15);
            assertThat(h.allowance().turn().kind()).isEqualTo(Allowance.Turn.Kind.HEM);
        });
        assertThat(woven.seams())
                .hasSize(3)
                .allSatisfy(s -> assertThat(s.allowance().mm()).isEqualTo(10));
        assertThat(woven.both()).hasSize(4);
        assertThat(NarrowerEdges.of(skirt, null).leastMm()).as("not known").isEqualTo(10);
        assertThat(NarrowerEdges.of(skirt, jersey()).seams())
                .hasSize(3)
                .allSatisfy(s -> assertThat(s.allowance().mm()).isEqualTo(6));
    }

    /** Of a hem of 15 mm no more than half can be folded under. */
    @Test
    void whatIsFoldedUnderGetsNarrowerWithTheHem() {
        Allowance hem = new Allowance(30, 30, 30, "hem", new Allowance.Turn(Allowance.Turn.Kind.HEM, 10));
        assertThat(NarrowerEdges.of(skirt(hem, Allowance.none()), Demo.CORD).hems())
                .singleElement()
                .satisfies(h -> assertThat(h.allowance().turn().underMm()).isEqualTo(7.5));
    }

    @Test
    void aCasingAndWhatIsNarrowAlreadyAreLeftAlone() {
        NarrowerEdges edges =
                NarrowerEdges.of(skirt(Allowance.turned(15, "hem"), Allowance.casing(35, 10, "elastic")), Demo.CORD);
        assertThat(edges.both()).isEmpty();
        assertThat(NarrowerEdges.of(skirt(Allowance.none(), Allowance.seam(10)), Demo.CORD)
                        .both())
                .isEmpty();
    }
}
