package org.handdown.server.source;

import java.util.List;
import java.util.Map;
import org.handdown.cloth.Cloth;
import org.handdown.fit.EdgeKind;
import org.handdown.make.Prospect;
import org.handdown.measure.Origin;
import org.handdown.reuse.Suitability;
import org.handdown.server.project.PutOnView;
import org.handdown.source.Assessment;
import org.handdown.source.Fault;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.PartRole;
import org.jspecify.annotations.Nullable;

public record SourceView(
        String name,
        SourceKind kind,
        String kindWords,
        String what,
        String condition,
        String care,
        String cost,
        Cloth cloth,
        Map<String, String> clothTexts,
        List<String> consequences,
        List<NamedLength> measures,
        List<String> proposed,
        List<PartView> parts,
        List<FoldView> folds,
        List<Fault> faults,
        List<String> adjustments,
        List<JobView> jobs,
        List<PutOnView> openings,
        Assessment.Missed missed,
        Origin measured,
        String wantedBy,
        @Nullable ProspectView prospect) {
    /** Whether to begin, in words. */
    public record ProspectView(Prospect.Advice advice, String words, List<String> sentences) {}

    /**
     * @param also the same in the household's unit where it was typed in another system
     * @param quantity girths are whole, never halves; a count has no unit
     */
    public record NamedLength(
            String id,
            String words,
            String text,
            String also,
            double mm,
            MeasureSpec.Quantity quantity,
            List<String> options) {}

    /** An edge of a part or panel, for drawing and picking. */
    public record EdgeView(String name, EdgeKind kind, List<double[]> points) {}

    public record PartView(
            String id,
            String name,
            boolean main,
            PartRole role,
            String layer,
            String side,
            double dx,
            double dy,
            List<double[]> outline,
            List<EdgeView> edges) {}

    /** Cloth folded away, with what letting all of it out gives. */
    public record FoldView(String id, String part, String edge, String words, String hidden) {}

    public record SlackView(String level, String have, String need, String slack, boolean enough, String formula) {}

    /** Whether the source suits a job, level by level. */
    public record JobView(
            String name, Suitability.Verdict verdict, String verdictWords, String why, List<SlackView> levels) {}
}
