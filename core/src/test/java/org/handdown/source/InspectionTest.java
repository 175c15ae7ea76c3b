package org.handdown.source;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.handdown.cloth.Weave;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Test;

/** What is looked at before something is taken home. */
class InspectionTest {
    @Test
    void everyKindSaysWhereItWearsAndThatItIsWashedFirst() {
        for (SourceKind kind : SourceKind.values()) {
            for (Weave weave : Weave.values()) {
                List<String> looks = Inspection.of(kind, weave);
                assertThat(looks).as(kind + " " + weave).hasSizeGreaterThan(2).doesNotHaveDuplicates();
                // Handbook of the trade §9: thrifted cloth is washed or frozen first.
                assertThat(looks.get(looks.size() - 1)).contains("freeze");
            }
        }
    }

    @Test
    void aCurtainWarnsOfWeightsAndCoatings() {
        // Handbook of the trade §9: lead in curtain weights; coated curtain cloth is not for the skin or babies.
        assertThat(Inspection.of(SourceKind.CURTAIN, Weave.PLAIN).toString()).contains("Lead weights", "babies");
        assertThat(Inspection.of(SourceKind.JEANS, Weave.TWILL).toString())
                .contains("Knees")
                .doesNotContain("Lead");
        assertThat(Inspection.of(SourceKind.T_SHIRT, Weave.KNIT).toString()).contains("ladder");
    }
}
