package org.handdown.lay;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Region;
import org.handdown.panel.Panel;
import org.handdown.panel.survey.Survey;
import org.handdown.source.graph.Join;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;

/** Whether a lay uses the cloth that unpicking a join won. Where it does not, the join could have stayed closed or been cut away. */
public final class StripUse {
    /** Less than this is a chalk line's width along a corner, mm². */
    private static final double UNNOTICED_MM2 = 30;

    private final FitLayout layout;
    private final FitProblem problem;

    public StripUse(FitProblem problem, FitLayout layout) {
        this.problem = problem;
        this.layout = layout;
    }

    /** Cloth used of what each unpicked join won, mm² by join id; only joins that won some. */
    public Map<String, Double> usedMm2(UnpickPlan plan, List<Survey> surveys, List<Panel> panels) {
        Map<String, Double> used = new LinkedHashMap<>();
        for (UnpickPlan.Outcome o : plan.outcomes()) {
            if (o.decision() == JoinDecision.UNPICK && o.wonMm() > 0) {
                double sum = 0;
                for (Join.Run run : o.join().runs()) {
                    for (int i = 0; i < surveys.size(); i++) {
                        if (surveys.get(i).id().equals(run.part())) {
                            sum += used(surveys.get(i), panels.get(i), run.edge());
                        }
                    }
                }
                used.put(o.join().id(), sum);
            }
        }
        return used;
    }

    /** Joins whose won cloth no piece touches. */
    public List<String> unused(UnpickPlan plan, List<Survey> surveys, List<Panel> panels) {
        List<String> unused = new ArrayList<>();
        usedMm2(plan, surveys, panels).forEach((join, mm2) -> {
            if (mm2 < UNNOTICED_MM2) {
                unused.add(join);
            }
        });
        return unused;
    }

    private double used(Survey survey, Panel panel, String edge) {
        boolean there =
                survey.stitchLine().edges().stream().anyMatch(e -> e.name().equals(edge));
        if (!there || survey.edges().wonMm(edge) <= 0) {
            return 0;
        }
        Outline.Flat without = OffsetOutline.of(
                survey.stitchLine(),
                e -> e.name().equals(edge) ? 0 : survey.edges().wonMm(e.name()));
        Region strip = Region.of(panel.outline().ring()).minus(Region.of(without.ring()));
        double sum = 0;
        for (Placed placed : layout.placements()) {
            if (placed.panel().equals(panel.id())) {
                FitPiece.Variant variant = problem.piece(placed.piece()).variant(placed.variant());
                Region piece = Region.of(placed.at().toPanel(variant.outline()));
                sum += strip.intersection(piece).areaMm2();
            }
        }
        return sum;
    }
}
