package org.handdown.formats.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.handdown.body.BodyMeasure;
import org.handdown.body.BodyTable;
import org.handdown.body.Wearer;
import org.handdown.formats.sheet.DraftPage;
import org.handdown.formats.sheet.Paper;
import org.handdown.formats.sheet.PatternTiles;
import org.handdown.geometry.Box;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.pattern.Brought;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.DraftOrder;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pieces out as drawings and pages, and drawings in again. */
@Tag("long")
class PieceFileTest {
    private static Wearer wearer() {
        Map<BodyMeasure, Wearer.Taken> taken = new HashMap<>();
        for (BodyMeasure m : BodyMeasure.values()) {
            taken.put(m, new Wearer.Taken(Length.ofMm(BodyTable.proposedMm(m, 1650)), "", Origin.TAPE));
        }
        return new Wearer("Runa", taken);
    }

    private static Design design(String draft) {
        return Drafts.require(draft).draw(wearer(), Map.of());
    }

    static List<Draft> drafts() {
        return Drafts.all();
    }

    /** Every point of one ring lies within a tenth of a millimetre of the other, lower left corners on each other. */
    private static void requireSame(Ring expected, Ring actual, String what) {
        Box a = expected.box();
        Box b = actual.box();
        Ring moved = actual.moved(a.minX() - b.minX(), a.minY() - b.minY());
        assertThat(moved.areaMm2()).as(what).isCloseTo(expected.areaMm2(), within(expected.areaMm2() * 1e-3 + 1));
        Region far = Region.of(expected).grown(0.1);
        assertThat(far.covers(Region.of(moved))).as(what).isTrue();
        assertThat(Region.of(moved).grown(0.1).covers(Region.of(expected)))
                .as(what)
                .isTrue();
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void piecesComeBackFromSvgAndDxfWithinATenthOfAMillimetre(Draft draft) {
        Design design = draft.draw(wearer(), Map.of());
        for (Piece piece : design.pieces()) {
            byte[] svg = PieceFile.svg("x", List.of(piece), Map.of()).getBytes(StandardCharsets.UTF_8);
            FoundOutline cut = largest(DrawingFile.read(svg, null).outlines());
            requireSame(piece.cutLine().ring(), cut.outline().ring(), draft.id() + " " + piece.id());
            byte[] dxf = PieceFile.dxf(List.of(piece), Map.of()).getBytes(StandardCharsets.UTF_8);
            requireSame(
                    piece.cutLine().ring(),
                    largest(DrawingFile.read(dxf, null).outlines()).outline().ring(),
                    draft.id() + " " + piece.id() + " as DXF");
            // Brought in as a cut line it is sewn where it was sewn before.
            boolean alike = piece.allowances().values().stream().allMatch(a -> a.mm() == 10 && !a.turned());
            if (alike) {
                Piece back = new Brought("p", "p", cut.outline(), Brought.Meaning.CUT, 10, 1, 0).piece();
                assertThat(back.stitchLine().ring().areaMm2())
                        .as(draft.id() + " " + piece.id())
                        .isCloseTo(
                                piece.stitchLine().ring().areaMm2(),
                                within(0.01 * piece.stitchLine().ring().areaMm2()));
            }
        }
    }

    private static FoundOutline largest(List<FoundOutline> found) {
        return found.stream()
                .max(java.util.Comparator.comparingDouble(
                        f -> f.outline().ring().areaMm2()))
                .orElseThrow();
    }

    @Test
    void cutAndStitchLinesAreToldApart() {
        Design design = design("bodywarmer");
        String svg = PieceFile.svg("a <b> & c", design.pieces(), Map.of());
        assertThat(svg)
                .contains("a &lt;b&gt; &amp; c")
                .contains("<g id=\"cut\"")
                .contains("<g id=\"stitch\"");
        assertThat(svg).contains("id=\"front-cut\"").contains("id=\"back-stitch\"");
        String dxf = PieceFile.dxf(design.pieces(), Map.of());
        assertThat(dxf).contains("CUT").contains("STITCH").endsWith("EOF\r\n");
    }

    @Test
    void allPiecesLieOnOneLengthOffTheRoll() throws IOException {
        byte[] pdf = PatternTiles.roll("Bodywarmer", design("bodywarmer"), 914);
        try (var document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getPage(0).getMediaBox().getWidth() * 25.4 / 72).isCloseTo(914, within(0.1));
        }
        assertThatThrownBy(() -> PatternTiles.roll("Jacket", design("jacket"), 300))
                .hasMessageContaining("too narrow for it");
    }

    @Test
    void thePageOfADraftTellsItsFiguresSumsAndSeams() throws IOException {
        Draft draft = Drafts.require("wrap-skirt");
        byte[] pdf = new DraftPage(
                        new DraftOrder(draft.id(), wearer(), Map.of("length", 762.0)), LengthUnit.INCH, Paper.LETTER)
                .pdf();
        try (var document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("wrap skirt")
                    .contains("Figures of Runa")
                    .contains("Length: 30")
                    .contains("The sums behind it")
                    .contains("side seams")
                    .contains("To watch");
        }
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void everyDraftHasAPage(Draft draft) throws IOException {
        byte[] pdf = new DraftPage(new DraftOrder(draft.id(), wearer(), Map.of()), LengthUnit.CM, Paper.A4).pdf();
        try (var document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isBetween(1, 4);
            assertThat(new PDFTextStripper().getText(document)).contains(draft.words());
        }
    }
}
