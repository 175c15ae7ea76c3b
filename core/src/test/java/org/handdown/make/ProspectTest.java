package org.handdown.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.handdown.measure.Origin;
import org.handdown.source.Assessment;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Risk against treasure (common practice, no source). */
class ProspectTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 1);

    private static Prospect of(double minutes, Assessment.Missed missed, @Nullable LocalDate by, boolean tried) {
        Step step = new Step("s", "s", "", true, List.of(), "", minutes, List.of(), List.of());
        return Prospect.of(List.of(step), minutes, new Assessment(missed, by, Map.of(), Origin.TAPE), tried, TODAY);
    }

    @Test
    void aTreasureIsNotCutBeforeTheWayWasTried() {
        assertThat(of(120, Assessment.Missed.DEARLY, null, false).advice()).isEqualTo(Prospect.Advice.MOCK_UP_FIRST);
        assertThat(of(120, Assessment.Missed.DEARLY, null, true).advice()).isEqualTo(Prospect.Advice.BEGIN);
        assertThat(of(600, Assessment.Missed.DEARLY, null, true).advice()).isEqualTo(Prospect.Advice.MOCK_UP_FIRST);
        assertThat(of(600, Assessment.Missed.LITTLE, null, false).advice()).isEqualTo(Prospect.Advice.BEGIN);
    }

    @Test
    void whatCannotBeReadyInTimeWaits() {
        // 9 h at three quarters of an hour a day are 12 days.
        assertThat(of(540, Assessment.Missed.SOME, TODAY.plusDays(11), true).advice())
                .isEqualTo(Prospect.Advice.WAIT);
        assertThat(of(540, Assessment.Missed.SOME, TODAY.plusDays(12), true).advice())
                .isEqualTo(Prospect.Advice.BEGIN);
        assertThat(of(60, Assessment.Missed.SOME, TODAY.minusDays(3), true).sentences())
                .anyMatch(s -> s.contains("there are 0"));
    }
}
