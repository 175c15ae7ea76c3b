package org.handdown;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.ChildTable;
import org.handdown.body.Wearer;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.DungareesEase;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.project.TrouserSource;
import org.handdown.project.Workroom;
import org.handdown.source.Join;
import org.handdown.source.TrouserMeasures;
import org.handdown.source.TrousersAnatomy;
import org.handdown.unpick.JoinDecision;

/** The demo household's trousers and child, for tests. */
public final class Demo {
    public static final TrouserMeasures TROUSERS = new TrouserMeasures(900, 1084, 680, 512, 448, 780, 1022, 38, 38, 12);
    public static final Cloth CORD =
            new Cloth("rust cord", "cotton", Weave.CORDUROY, "#a4532f", true, false, 1.1, HeatLimit.THREE_DOTS);
    public static final DungareesEase EASE = new DungareesEase(80, 25, 10, 30);

    private Demo() {}

    public static Wearer child(double heightMm) {
        Map<BodyMeasure, Wearer.Taken> measures = new EnumMap<>(BodyMeasure.class);
        for (BodyMeasure m : BodyMeasure.values()) {
            Length length = Length.ofMm(ChildTable.proposedMm(m, heightMm));
            measures.put(m, new Wearer.Taken(length, "", Wearer.Origin.PROPOSED));
        }
        return new Wearer("Ilse", measures);
    }

    /** All leg seams opened, hems left. */
    public static Map<String, JoinDecision> decisions() {
        Map<String, JoinDecision> decisions = new HashMap<>();
        for (Join join : TrousersAnatomy.of(TROUSERS).joins()) {
            boolean leave =
                    join.finishedEdge() || join.id().equals("fly") || join.id().startsWith("front-pocket");
            decisions.put(join.id(), leave ? JoinDecision.LEAVE : JoinDecision.UNPICK);
        }
        return decisions;
    }

    public static Project project(double heightMm) {
        Project project = Project.named("Dungarees")
                .withAim(new Aim(child(heightMm), EASE, LengthUnit.CM))
                .withSource(new TrouserSource("trousers", "", "", "", "", CORD, TROUSERS))
                .withDecisions(decisions());
        return new Workroom(new Workroom(project).redoPanels()).redoPieces();
    }
}
