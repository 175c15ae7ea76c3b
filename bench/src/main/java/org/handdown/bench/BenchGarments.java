package org.handdown.bench;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.handdown.unpick.JoinDecision;

/** Garments that the benchmarks measure with. */
final class BenchGarments {
    private BenchGarments() {}

    /** A coat opened everywhere, its panels drawn; nothing is cut from it yet. */
    static Project linedCoat() {
        Cloth cloth = new Cloth(
                "coat cloth",
                "wool",
                Weave.TWILL,
                "#5b4a3f",
                false,
                false,
                1.4,
                HeatLimit.TWO_DOTS,
                ClothSheet.UNTESTED);
        Construction construction = new Construction(GarmentMeasures.first(SourceKind.COAT), List.of());
        Anatomy anatomy = construction.anatomy();
        Map<String, JoinDecision> joins = anatomy.joins().stream()
                .filter(j -> !j.finishedEdge())
                .collect(Collectors.toMap(Join::id, j -> JoinDecision.UNPICK));
        Project project = Project.named("Lined coat")
                .withSource(new Source("coat", "", "", "", "", cloth, construction, List.of(), Assessment.NONE))
                .withOpening(new Project.Opening(joins, Map.of()));
        return new Workroom(project).redoPanels();
    }
}
