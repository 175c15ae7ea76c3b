package org.handdown;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.BodyTable;
import org.handdown.body.Wearer;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.project.Aim;
import org.handdown.project.Garment;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.anatomy.TrouserMeasures;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.handdown.unpick.JoinDecision;

/** The demo household's trousers and child, for tests. */
public final class Demo {
    public static final Construction CONSTRUCTION = trousers(900, 1084, 680, 512, 448, 780, 1022, 38, 38, 12);
    public static final TrouserMeasures TROUSERS = TrouserMeasures.of(CONSTRUCTION.measures());
    public static final Anatomy ANATOMY = CONSTRUCTION.anatomy();
    public static final Cloth CORD = new Cloth(
            "rust cord",
            "cotton",
            Weave.CORDUROY,
            "#a4532f",
            true,
            false,
            1.1,
            HeatLimit.THREE_DOTS,
            ClothSheet.UNTESTED);

    private Demo() {}

    /** In the order in which trousers are measured; what was not asked when these were described is as it was then. */
    public static Construction trousers(double... mm) {
        Map<String, Double> values = new LinkedHashMap<>();
        List<MeasureSpec> specs = SourceKind.TROUSERS.measures();
        for (int i = 0; i < mm.length; i++) {
            values.put(specs.get(i).id(), mm[i]);
        }
        return new Construction(new GarmentMeasures(SourceKind.TROUSERS, values), List.of());
    }

    /** An average source of a kind, with some of its measures changed. */
    public static Construction average(SourceKind kind, Map<String, Double> changed) {
        Map<String, Double> values = new HashMap<>(GarmentMeasures.first(kind).values());
        values.putAll(changed);
        return new Construction(new GarmentMeasures(kind, values), List.of());
    }

    public static Source source(Construction construction) {
        return new Source("trousers", "", "", "", "", CORD, construction, List.of(), Assessment.NONE);
    }

    public static Aim aim(double heightMm, LengthUnit unit) {
        return new Aim(Garment.CUT_OUT, "dungarees", "dungarees", child(heightMm), unit);
    }

    public static Wearer child(double heightMm) {
        Map<BodyMeasure, Wearer.Taken> measures = new EnumMap<>(BodyMeasure.class);
        for (BodyMeasure m : BodyMeasure.values()) {
            Length length = Length.ofMm(BodyTable.proposedMm(m, heightMm));
            measures.put(m, new Wearer.Taken(length, "", Origin.PROPOSED));
        }
        return new Wearer("Ilse", measures);
    }

    /** All leg seams opened, hems left. */
    public static Map<String, JoinDecision> decisions() {
        Map<String, JoinDecision> decisions = new HashMap<>();
        for (Join join : ANATOMY.joins()) {
            boolean leave =
                    join.finishedEdge() || join.id().equals("fly") || join.id().startsWith("front-pocket");
            decisions.put(join.id(), leave ? JoinDecision.LEAVE : JoinDecision.UNPICK);
        }
        return decisions;
    }

    public static Project project(double heightMm) {
        Project project = Project.named("Dungarees")
                .withAim(aim(heightMm, LengthUnit.CM))
                .withSource(source(CONSTRUCTION))
                .withOpening(new Project.Opening(decisions(), Map.of()));
        return new Workroom(new Workroom(project).redoPanels()).redoPieces();
    }
}
