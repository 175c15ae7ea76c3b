package org.handdown.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.handdown.Demo;
import org.handdown.panel.Panel;
import org.handdown.source.Construction;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.unpick.JoinDecision;
import org.junit.jupiter.api.Test;

/** Whatever joins of plausible trousers are opened, the panels are whole: an outline that crosses itself is the program's to mend. */
class PlausibleTrousersTest {
    private static Map<String, Double> measures(double... mm) {
        String[] ids = {
            "waist", "seat", "thigh", "knee", "hem", "insideLeg", "outsideLeg", "waistband", "hemDepth", "allowance"
        };
        Map<String, Double> all = new HashMap<>();
        for (int i = 0; i < ids.length; i++) {
            all.put(ids[i], mm[i]);
        }
        return all;
    }

    private static Project opened(Map<String, Double> measures, Map<String, JoinDecision> joins) {
        Construction built = new Construction(new GarmentMeasures(SourceKind.TROUSERS, measures), List.of());
        return Project.named("trousers")
                .withSource(Demo.source(built))
                .withOpening(new Project.Opening(joins, Map.of()));
    }

    private static void requireWhole(Map<String, Double> measures, Map<String, JoinDecision> joins) {
        assertThatCode(() -> {
                    Project drawn = new Workroom(opened(measures, joins)).redoPanels();
                    Workroom room = new Workroom(drawn);
                    room.requireWorkable();
                    for (Panel panel : room.panels()) {
                        assertThat(panel.outline().ring().isSimple())
                                .as(panel.id())
                                .isTrue();
                    }
                })
                .as("%s with %s", measures, joins)
                .doesNotThrowAnyException();
    }

    @Test
    void oneLegOpenedByItsSeamsIsDrawn() {
        Map<String, Double> measures = measures(740, 1000, 600, 460, 420, 750, 1010, 38, 35, 15);
        Workroom room = new Workroom(opened(measures, Map.of()));
        List<String> ids =
                room.anatomy().orElseThrow().joins().stream().map(j -> j.id()).toList();
        Map<String, JoinDecision> joins = new HashMap<>();
        ids.stream()
                .filter(id -> id.equals("inseam-right")
                        || id.equals("side-right")
                        || id.startsWith("waistband") && id.contains("right")
                        || id.equals("centre-front")
                        || id.equals("centre-back"))
                .forEach(id -> joins.put(id, JoinDecision.UNPICK));
        assertThat(joins).as("of %s", ids).hasSizeGreaterThanOrEqualTo(6);
        requireWhole(measures, joins);
    }

    @Test
    void anyTrousersOpenedAnyhowAreDrawn() {
        Random chance = new Random(19);
        for (int i = 0; i < 300; i++) {
            double waist = 500 + chance.nextInt(600);
            double seat = waist * (1.1 + 0.35 * chance.nextDouble());
            double thigh = seat / 2 + 80 + 0.08 * seat * chance.nextDouble();
            double knee = thigh * (0.6 + 0.35 * chance.nextDouble());
            double hem = knee * (0.6 + 0.6 * chance.nextDouble());
            double inside = 400 + chance.nextInt(450);
            double rise = seat * (0.22 + 0.08 * chance.nextDouble());
            Map<String, Double> measures = measures(
                    waist,
                    seat,
                    thigh,
                    knee,
                    hem,
                    inside,
                    inside + rise,
                    38,
                    chance.nextInt(60),
                    6 + chance.nextInt(14));
            Map<String, JoinDecision> joins = new HashMap<>();
            new Workroom(opened(measures, Map.of()))
                    .anatomy()
                    .orElseThrow()
                    .joins()
                    .forEach(j -> joins.put(
                            j.id(),
                            chance.nextInt(3) == 0
                                    ? JoinDecision.LEAVE
                                    : chance.nextInt(4) == 0 ? JoinDecision.CUT_AWAY : JoinDecision.UNPICK));
            requireWhole(measures, joins);
        }
    }
}
