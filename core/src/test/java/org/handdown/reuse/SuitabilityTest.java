package org.handdown.reuse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** C1.1 of the capabilities: measured slack at each level, never the label's size; levels are common practice, no source. */
class SuitabilityTest {
    private static final Wearer CHILD = Demo.child(1100);

    private static Source source(SourceKind kind, Map<String, Double> measures, Origin measured) {
        return Demo.source(Demo.average(kind, measures))
                .withAssessment(new Assessment(Assessment.Missed.SOME, null, Map.of(), measured));
    }

    private static Suitability.Job job(Source source, String name) {
        return Suitability.of(source, CHILD, Practice.SHIPPED).stream()
                .filter(j -> j.name().contains(name))
                .findFirst()
                .orElseThrow();
    }

    private static Suitability.Slack level(Suitability.Job job, String level) {
        return job.levels().stream()
                .filter(l -> l.level().equals(level))
                .findFirst()
                .orElseThrow();
    }

    /** Trousers to skirt: the waist must fit as it is, it cannot be let in there. */
    @Test
    void aSkirtFromTrousersFailsWhereTheWaistIsTooSmall() {
        double waist = CHILD.mm(BodyMeasure.WAIST);
        Source small = source(
                SourceKind.TROUSERS,
                Map.of("waist", waist * 0.8, "seat", 620.0, "thigh", 420.0, "knee", 330.0, "hem", 300.0),
                Origin.TAPE);
        Suitability.Job skirt = job(small, "skirt for the same waist");
        assertThat(skirt.verdict()).isEqualTo(Suitability.Verdict.FAIL);
        assertThat(level(skirt, "waist").slackMm()).isCloseTo(waist * 0.8 - waist - 10, within(1e-9));
        assertThat(skirt.why()).contains("missing at the");
    }

    /** Letting out: what pleats hide counts as slack. */
    @Test
    void hiddenClothInPleatsCountsForLettingOut() {
        double waist = CHILD.mm(BodyMeasure.WAIST);
        Source skirt = source(
                SourceKind.PLEATED_SKIRT,
                Map.of("waist", waist - 40, "pleats", 10.0, "pleatDepth", 20.0, "hem", 3000.0),
                Origin.TAPE);
        Suitability.Job job = job(skirt, "let out at the waist");
        assertThat(level(job, "waist, all let out").slackMm()).isGreaterThan(300);
        assertThat(job.verdict()).isEqualTo(Suitability.Verdict.PASS);
    }

    /** A difference smaller than what the measures may be off decides nothing: measure again. */
    @Test
    void byEyeACloseCallIsNoVerdict() {
        double waist = CHILD.mm(BodyMeasure.WAIST) + 10;
        Map<String, Double> measures =
                Map.of("waist", waist + 20, "seat", 760.0, "thigh", 440.0, "knee", 360.0, "hem", 320.0);
        Suitability.Job taped = job(source(SourceKind.TROUSERS, measures, Origin.TAPE), "skirt for the same waist");
        assertThat(taped.verdict()).isEqualTo(Suitability.Verdict.PASS);
        Suitability.Job seen = job(source(SourceKind.TROUSERS, measures, Origin.EYE), "skirt for the same waist");
        assertThat(seen.verdict()).isEqualTo(Suitability.Verdict.EXTRA_WORK);
        assertThat(seen.why()).contains("less than the measures may be off");
    }

    @Test
    void whatItWouldSuitInsteadAreTheJobsThatPass() {
        Source blanket = source(SourceKind.BLANKET, Map.of("width", 1400.0, "length", 1900.0), Origin.TAPE);
        List<Suitability.Job> jobs = Suitability.of(blanket, CHILD, Practice.SHIPPED);
        assertThat(Suitability.instead(jobs)).contains("bodywarmer", "wrap skirt");
    }

    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void everyKindHasJobsTheBestSuitedFirstEachWithItsSum(SourceKind kind) {
        List<Suitability.Job> jobs = Suitability.of(source(kind, Map.of(), Origin.TAPE), CHILD, Practice.SHIPPED);
        assertThat(jobs).isNotEmpty();
        assertThat(jobs).extracting(Suitability.Job::verdict).isSorted();
        assertThat(jobs).allSatisfy(j -> {
            assertThat(j.why()).isNotBlank();
            assertThat(j.levels())
                    .isNotEmpty()
                    .allSatisfy(l -> assertThat(l.formula()).isNotBlank());
        });
    }
}
