package org.handdown.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.handdown.body.BodyMeasure;
import org.handdown.body.BodyTable;
import org.handdown.body.Wearer;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.formats.outline.PieceFile;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.pattern.Design;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every mark and notch of every draft reaches the tiles, the files and the chalk-out sheet. */
@Tag("long")
class MarksOnPaperTest {
    static List<Draft> drafts() {
        return Drafts.all();
    }

    static Design design(Draft draft) {
        Map<BodyMeasure, Wearer.Taken> taken = new HashMap<>();
        for (BodyMeasure m : BodyMeasure.values()) {
            taken.put(m, new Wearer.Taken(Length.ofMm(BodyTable.proposedMm(m, 1280)), "", Origin.PROPOSED));
        }
        return draft.draw(new Wearer("Odd", taken), Map.of());
    }

    private static String text(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    private static List<String> labels(Design design) {
        return design.pieces().stream()
                .flatMap(p -> p.marks().stream().filter(Mark::isDrawn).map(Mark::label))
                .distinct()
                .toList();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("drafts")
    void everyMarkIsOnTheRollAndInTheFiles(Draft draft) throws IOException {
        Design design = design(draft);
        String roll = text(PatternTiles.roll("x", design, 1990));
        String svg = PieceFile.svg("x", design.pieces(), Map.of());
        assertThat(labels(design)).allSatisfy(label -> {
            assertThat(roll).contains(label.replaceAll("\\s+", " "));
            assertThat(svg)
                    .contains(label.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;"));
        });
        long drawn = design.pieces().stream()
                .mapToLong(p -> p.notches().size()
                        + p.marks().stream()
                                .filter(Mark::isDrawn)
                                .mapToLong(m -> m.lines().size())
                                .sum())
                .sum();
        String dxf = PieceFile.dxf(design.pieces(), Map.of());
        assertThat(dxf.split("POLYLINE\\R *8\\RMARKS", -1).length - 1)
                .as("marks and notches in the DXF")
                .isEqualTo((int) drawn);
    }

    @Test
    void aButtonAndANotchAreChalkedByTheirOffsets() throws IOException {
        Piece plain = design(Drafts.require("patch-pocket")).pieces().get(0);
        Piece piece =
                plain.withMarks(List.of(new Mark(Mark.Kind.BUTTON, "the only button", List.of(new Point(30, 40)))));
        Ring outline = piece.cutLine().ring();
        FitPanel panel = new FitPanel(
                "back",
                Ring.rectangle(-500, -500, 1500, 1500),
                List.of(),
                List.of(),
                "c",
                90,
                false,
                false,
                List.of(),
                List.of());
        FitPiece laid = new FitPiece(
                piece.id(),
                1,
                Handed.SAME,
                List.of("c"),
                PieceGrain.LENGTHWISE,
                2,
                true,
                0.01,
                List.of(new FitPiece.Variant("v", outline, List.of(), null, 0)),
                List.of());
        FitLayout layout = new FitLayout(
                List.of(new Placed(piece.id(), 0, "v", "back", new Placement(100, 200, 0, false))),
                List.of(),
                new FitLayout.Measures(0.01, 1, 0.01, null, 0, 1),
                List.of());
        FitProblem problem = new FitProblem(Objective.FILL, 0, 0, List.of(panel), List.of(laid));
        String sheet = text(new ChalkSheet("x", problem, layout, List.of(piece), LengthUnit.MM, Paper.A4).pdf());
        assertThat(sheet).contains("button the only button");
        ReferenceEdge edge = ReferenceEdge.of(panel);
        Point there = new Point(130, 240);
        assertThat(sheet)
                .contains(Math.round(edge.alongMm(there)) + " mm")
                .contains(Math.round(edge.awayMm(there)) + " mm");
    }
}
