package org.handdown.make;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.Wording;
import org.handdown.source.Assessment;

/** Whether to begin: hours and risk of the work against how dear the cloth is and when the new thing is wanted. */
public record Prospect(Advice advice, List<String> sentences) {
    /** What one can spare on a working day, hours (common practice, no source). */
    private static final double HOURS_A_DAY = 0.75;
    /** Long work on a treasure earns a trial. */
    private static final double LONG_HOURS = 4;

    public enum Advice {
        BEGIN("Begin."),
        MOCK_UP_FIRST("Make it of other cloth first."),
        WAIT("Not in time: wait for the next season, or make less of it.");

        private final String words;

        Advice(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Prospect {
        sentences = List.copyOf(sentences);
    }

    /**
     * @param steps all steps of the work
     * @param left minutes of those not done yet
     * @param tried the garment was drafted by a tried way; pieces entered by hand were not
     */
    public static Prospect of(List<Step> steps, double left, Assessment assessment, boolean tried, LocalDate today) {
        List<String> sentences = new ArrayList<>();
        double hours = left / 60;
        long gates = steps.stream().filter(Step::gate).count();
        sentences.add(Wording.fill(
                "About %.1f hours are left, with %d gate%s before what cannot be undone.",
                hours, gates, gates == 1 ? "" : "s"));
        LocalDate by = assessment.wantedBy();
        if (by != null) {
            long days = ChronoUnit.DAYS.between(today, by);
            double needs = Math.ceil(hours / HOURS_A_DAY);
            sentences.add(Wording.fill(
                    "At three quarters of an hour a day that is %.0f days; there are %d.", needs, Math.max(0, days)));
            if (days < needs) {
                return new Prospect(Advice.WAIT, sentences);
            }
        }
        boolean dear = assessment.missed() == Assessment.Missed.DEARLY;
        if (dear && (!tried || hours > LONG_HOURS)) {
            sentences.add("It would be missed dearly, and "
                    + (tried ? "the work is long" : "these pieces have not been tried")
                    + ": a mock-up costs an evening, the cloth cannot be bought again.");
            return new Prospect(Advice.MOCK_UP_FIRST, sentences);
        }
        if (assessment.missed() == Assessment.Missed.LITTLE) {
            sentences.add("It would hardly be missed: nothing is lost by trying.");
        }
        return new Prospect(Advice.BEGIN, sentences);
    }
}
