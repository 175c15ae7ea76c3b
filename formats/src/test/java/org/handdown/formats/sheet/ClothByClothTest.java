package org.handdown.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.formats.DemoProject;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Ring;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Lay;
import org.handdown.project.Workroom;
import org.junit.jupiter.api.Test;

/** A lay over two cloths, taken to the table one cloth after the other. */
class ClothByClothTest {
    /** Dungarees with the bib of a shirt: all that is cut from one cloth stands together, what is bought last. */
    @Test
    void theCutListGoesClothByCloth() {
        FitPanel cord = square("front", "cord");
        FitPanel shirting = square("b.back", "shirting");
        FitProblem problem = new FitProblem(
                Objective.FILL,
                2,
                0,
                List.of(cord, shirting, square("back", "cord")),
                List.of(cut("leg", 3, "cord"), cut("bib", 1, "shirting")));
        FitLayout layout = new FitLayout(
                List.of(lying("leg", 0, "front"), lying("bib", 0, "b.back"), lying("leg", 1, "back")),
                List.of(new FitLayout.Unplaced("leg", 2, "no room")),
                new FitLayout.Measures(0.03, 0.12, 0.25, null, 1, 1),
                List.of());
        Piece stay = new Workroom(DemoProject.project())
                .design()
                .orElseThrow()
                .piece("bib")
                .withCloth(PieceCloth.INTERFACING);
        List<String> cloths = CutList.csv(problem, layout, Map.of(), Map.of(), List.of(stay))
                .lines()
                .skip(1)
                .map(l -> l.substring(l.lastIndexOf(',') + 1))
                .toList();
        assertThat(cloths).startsWith("cord", "cord", "shirting", "cord").endsWith("interfacing");
        assertThat(new Lay(problem, layout, false).layoutOn("cord"))
                .satisfies(l ->
                        assertThat(l.placements()).extracting(Placed::piece).containsOnly("leg"))
                .satisfies(l -> assertThat(l.unplaced()).hasSize(1));
        assertThatThrownBy(() -> new Lay(problem, layout, false).layoutOn("silk"))
                .hasMessageContaining("No cloth of this lay is called");
    }

    private static FitPanel square(String id, String cloth) {
        return new FitPanel(
                id,
                Ring.rectangle(0, 0, 200, 200),
                List.of(),
                List.of(),
                cloth,
                90,
                false,
                false,
                List.of(),
                List.of());
    }

    private static FitPiece cut(String id, int quantity, String cloth) {
        return new FitPiece(
                id,
                quantity,
                Handed.SAME,
                List.of(cloth),
                PieceGrain.LENGTHWISE,
                2,
                true,
                null,
                List.of(new FitPiece.Variant("hemmed anew", Ring.rectangle(0, 0, 100, 100), List.of(), null, 0)),
                List.of());
    }

    private static Placed lying(String piece, int copy, String panel) {
        return new Placed(piece, copy, "hemmed anew", panel, new Placement(0, 0, 0, false));
    }
}
