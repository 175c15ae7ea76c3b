package org.handdown.project;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.handdown.lay.FitLayout;
import org.handdown.lay.FitProblem;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.LegSurvey;
import org.handdown.source.TrouserMeasures;
import org.handdown.unpick.JoinDecision;
import org.jspecify.annotations.Nullable;

/**
 * Everything a person settled, station by station; a station not reached yet is null. Each station downstream keeps what it was made
 * from, so that a change upstream shows.
 *
 * @param panels null until the legs are free and measured
 * @param pieces null until drafted
 * @param lay null until laid
 * @param done steps checked off, by step id
 */
public record Project(
        String name,
        @Nullable Aim aim,
        @Nullable TrouserSource source,
        Map<String, JoinDecision> decisions,
        @Nullable MeasuredPanels panels,
        @Nullable DraftedPieces pieces,
        @Nullable Lay lay,
        Map<String, Done> done,
        List<Note> log) {
    private static final int LONGEST_NAME = 120;

    /** @param measures and decisions: what the surveys were first proposed from */
    public record MeasuredPanels(
            TrouserMeasures measures, Map<String, JoinDecision> decisions, List<LegSurvey> surveys) {
        public MeasuredPanels {
            decisions = Map.copyOf(decisions);
            surveys = List.copyOf(surveys);
            if (surveys.stream().map(LegSurvey::id).distinct().count() < surveys.size()) {
                throw new RefusedValueException("panels.surveys", "The same leg is there twice; keep one of them.");
            }
        }
    }

    /** @param from the aim that the pieces were drafted from */
    public record DraftedPieces(Aim from) {}

    /** @param problem the panels and pieces as they were when laid */
    public record Lay(FitProblem problem, FitLayout layout, boolean movedByHand) {}

    /** @param minutes what it really took; null when nobody counted */
    public record Done(Instant at, @Nullable Double minutes) {}

    public record Note(Instant at, String text) {
        private static final int LONGEST = 4_000;

        public Note {
            if (text.isBlank() || text.length() > LONGEST) {
                throw new RefusedValueException("log.text", "A note has from 1 to 4000 characters.");
            }
        }
    }

    public Project {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new RefusedValueException("name", "A project's name has from 1 to 120 characters.");
        }
        decisions = Map.copyOf(decisions);
        done = Map.copyOf(done);
        log = List.copyOf(log);
    }

    public static Project named(String name) {
        return new Project(name, null, null, Map.of(), null, null, null, Map.of(), List.of());
    }

    public Project withAim(Aim other) {
        return new Project(name, other, source, decisions, panels, pieces, lay, done, log);
    }

    public Project withSource(TrouserSource other) {
        return new Project(name, aim, other, decisions, panels, pieces, lay, done, log);
    }

    public Project withDecisions(Map<String, JoinDecision> others) {
        return new Project(name, aim, source, others, panels, pieces, lay, done, log);
    }

    public Project withPanels(MeasuredPanels others) {
        return new Project(name, aim, source, decisions, others, pieces, lay, done, log);
    }

    public Project withPieces(DraftedPieces others) {
        return new Project(name, aim, source, decisions, panels, others, lay, done, log);
    }

    public Project withLay(Lay other) {
        return new Project(name, aim, source, decisions, panels, pieces, other, done, log);
    }

    public Project withDone(Map<String, Done> others) {
        return new Project(name, aim, source, decisions, panels, pieces, lay, others, log);
    }

    public Project withLog(List<Note> others) {
        return new Project(name, aim, source, decisions, panels, pieces, lay, done, others);
    }
}
