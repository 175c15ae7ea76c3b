package org.handdown.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.handdown.Demo;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.geometry.Box;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Ring;
import org.handdown.panel.Panel;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.junit.jupiter.api.Test;

/** Whether a lay uses what unpicking won: strips of 12 mm along the trousers' seams. */
class StripUseTest {
    private final Project project = Demo.project(1100);
    private final Workroom room = new Workroom(project);

    private StripUse with(Ring piece, String panel) {
        FitPiece one = new FitPiece(
                "one",
                1,
                Handed.SAME,
                List.of("rust cord"),
                PieceGrain.LENGTHWISE,
                2,
                true,
                piece.areaMm2() / 1e6,
                List.of(new FitPiece.Variant("v", piece, List.of(), null, 0)),
                List.of());
        FitProblem problem = new FitProblem(
                Objective.FILL, 0, 0, room.problem().orElseThrow().panels(), List.of(one));
        FitLayout layout = new FitLayout(
                List.of(new Placed("one", 0, "v", panel, new Placement(0, 0, 0, false))),
                List.of(),
                new FitLayout.Measures(0, 1, 0, null, 0, 1),
                List.of());
        return new StripUse(problem, layout);
    }

    private List<String> unused(StripUse use) {
        return use.unused(
                room.plan().orElseThrow(),
                java.util.Objects.requireNonNull(project.panels()).surveys(),
                room.panels());
    }

    @Test
    void aPieceInsideTheOldSeamsUsesNoStrip() {
        List<String> unused = unused(with(Ring.rectangle(-40, 100, 80, 200), "front-left"));
        assertThat(unused).contains("side-left", "inseam-left", "centre-back");
    }

    @Test
    void aPieceThatReachesPastAnOldSeamUsesItsStripAndNoOther() {
        Panel panel = room.panels().get(0);
        Box box = panel.outline().ring().box();
        // From the middle of the leg past its side seam, 50 mm high.
        Ring piece = Ring.rectangle(0, 300, box.maxX() + 5, 50);
        StripUse use = with(piece, "front-left");
        assertThat(unused(use)).doesNotContain("side-left").contains("inseam-left", "side-right");
        double used = use.usedMm2(
                        room.plan().orElseThrow(),
                        java.util.Objects.requireNonNull(project.panels()).surveys(),
                        room.panels())
                .getOrDefault("side-left", 0.0);
        // A strip of 12 mm, 50 mm high, hardly slanted there: 600 mm², by hand.
        assertThat(used).isCloseTo(600, within(12.0));
    }
}
