package org.handdown.project;

import java.util.List;
import java.util.Set;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.survey.Survey;
import org.handdown.source.Construction;

/**
 * @param construction and opening: what the surveys were first proposed from
 * @param gone flat parts that were pieced to others; they are not proposed again
 */
public record MeasuredPanels(
        Construction construction, Project.Opening opening, List<Survey> surveys, Set<String> gone) {
    public MeasuredPanels(Construction construction, Project.Opening opening, List<Survey> surveys) {
        this(construction, opening, surveys, Set.of());
    }

    public MeasuredPanels {
        surveys = List.copyOf(surveys);
        gone = Set.copyOf(gone);
        if (surveys.stream().map(Survey::id).distinct().count() < surveys.size()) {
            throw new RefusedValueException("panels.surveys", "The same part is there twice; keep one of them.");
        }
    }

    public MeasuredPanels with(List<Survey> others) {
        return new MeasuredPanels(construction, opening, others, gone);
    }

    public MeasuredPanels without(Set<String> parts) {
        return new MeasuredPanels(construction, opening, surveys, parts);
    }
}
