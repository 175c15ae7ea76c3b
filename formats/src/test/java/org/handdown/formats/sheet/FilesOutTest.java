package org.handdown.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.handdown.formats.DemoProject;
import org.handdown.formats.outline.Drawing;
import org.handdown.formats.outline.DrawingFile;
import org.handdown.formats.outline.FoundOutline;
import org.handdown.formats.outline.PieceFile;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.Design;
import org.handdown.pattern.KeptEdge;
import org.handdown.pattern.Piece;
import org.handdown.project.DraftOrder;
import org.handdown.project.Lay;
import org.handdown.project.PatternPieces;
import org.handdown.project.Workroom;
import org.handdown.unpick.PartLabel;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What goes out says the same everywhere: one name a piece, the old hem where the lay keeps it, and every letter of a name. */
class FilesOutTest {
    private static final Design DUNGAREES =
            new Workroom(DemoProject.project()).design().orElseThrow();
    private static final Piece LEG = DUNGAREES.piece("back-leg");
    private static final Map<String, KeptEdge> ON_HEM = Map.of("back-leg", new KeptEdge("hem", 2, 2));

    private static String text(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static Drawing read(String file) {
        return DrawingFile.read(file.getBytes(StandardCharsets.UTF_8), null);
    }

    private static double area(Drawing drawing, String name) {
        return drawing.outlines().stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError(
                        drawing.outlines().stream().map(FoundOutline::name).toList()))
                .outline()
                .ring()
                .areaMm2();
    }

    @Test
    void everyPieceComesBackUnderItsOwnName() {
        Drawing dxf = read(PieceFile.dxf(DUNGAREES.pieces(), Map.of()));
        Drawing svg = read(PieceFile.svg("x", DUNGAREES.pieces(), Map.of()));
        for (Piece piece : DUNGAREES.pieces()) {
            double cut = piece.cutLine().ring().areaMm2();
            assertThat(area(dxf, piece.name() + " cut")).isCloseTo(cut, within(0.002 * cut));
            assertThat(area(svg, piece.name() + ", cut")).isCloseTo(cut, within(0.002 * cut));
        }
        assertThat(dxf.outlines()).extracting(FoundOutline::name).doesNotHaveDuplicates();
        assertThat(dxf.outlines()).extracting(FoundOutline::group).contains("CUT", "STITCH");
    }

    @Test
    void theOldHemIsKeptInEveryFile() throws IOException {
        double kept = LEG.cutLineKeeping("hem").ring().areaMm2();
        double drawn = LEG.cutLine().ring().areaMm2();
        assertThat(kept).isLessThan(0.99 * drawn);
        assertThat(area(read(PieceFile.dxf(List.of(LEG), ON_HEM)), "CUT")).isCloseTo(kept, within(0.002 * kept));
        String svg = PieceFile.svg("x", List.of(LEG), ON_HEM);
        assertThat(svg).contains("hem on the old finish: nothing to add");
        // Where only one of two lies so, the line stays whole and both are told.
        Map<String, KeptEdge> one = Map.of("back-leg", new KeptEdge("hem", 1, 2));
        assertThat(area(read(PieceFile.dxf(List.of(LEG), one)), "CUT")).isCloseTo(drawn, within(0.002 * drawn));
        assertThat(PieceFile.dxf(List.of(LEG), one)).contains("hem: 1 of 2 on the old finish");
        DraftOrder order = ((PatternPieces)
                        Objects.requireNonNull(DemoProject.project().pieces()))
                .orders()
                .get(0);
        assertThat(text(new DraftPage(order, ON_HEM, LengthUnit.CM, Paper.A4).pdf()))
                .contains("back leg, as it is laid: hem on the old finish: nothing to add");
        assertThat(text(new DraftPage(order, LengthUnit.CM, Paper.A4).pdf())).doesNotContain("old finish");
    }

    @Test
    void grainNotchesAndNamesAreInTheFiles() {
        String dxf = PieceFile.dxf(List.of(LEG), Map.of());
        assertThat(dxf.split("\r\nGRAIN\r\n66\r\n", -1)).hasSize(2);
        assertThat(dxf)
                .contains("\r\nTEXT\r\n8\r\nTEXT\r\n")
                .contains("\r\nback leg\r\n")
                .contains("1 as drawn, 1 mirrored");
        assertThat(dxf.split("\r\nMARKS\r\n66\r\n", -1).length - 1)
                .isGreaterThanOrEqualTo(LEG.notches().size());
        assertThat(PieceFile.svg("x", List.of(LEG), Map.of()))
                .contains("<g id=\"grain\">")
                .contains("<title>back leg, grain</title>")
                .contains(">back leg</text>");
    }

    /** Letters of other scripts in a name: R12 writes them by number, and they come back. */
    @Test
    void aNameInAnyScriptComesBack() {
        Piece named = LEG.named("rukav", "Рукав 袖");
        String dxf = PieceFile.dxf(List.of(named, LEG), Map.of());
        assertThat(dxf).matches("\\p{ASCII}+");
        assertThat(read(dxf).outlines()).extracting(FoundOutline::name).contains("Рукав 袖 cut", "back leg cut");
    }

    /** Cyrillic and Greek as they are; what no shipped typeface has, as one says it (tables of the Unicode project). */
    @ParameterizedTest
    @CsvSource({
        "Рукав, Рукав",
        "μανίκι, μανίκι",
        "Ärmel für Zoë, Ärmel für Zoë",
        "毛衣, máo yī",
        "שרוול, şrwwl",
        "आस्तीन, āstīna",
        "2π ≤ 3, 2pi ≤ 3"
    })
    void noNameIsPrintedAsQuestionMarks(String name, String printed) throws IOException {
        String text = text(new ChalkSheet(
                        name,
                        DemoProject.lay().problem(),
                        DemoProject.lay().layout(),
                        List.of(),
                        LengthUnit.CM,
                        Paper.A4)
                .pdf());
        assertThat(text).contains(printed).doesNotContain("?");
    }

    @Test
    void paperIsWhatWasAskedForOrRefused() {
        assertThat(Paper.named("A3")).isEqualTo(new Paper(297, 420));
        assertThat(Paper.named(" letter ")).isEqualTo(Paper.LETTER);
        assertThatThrownBy(() -> Paper.named("a5")).hasMessageContaining("say a4, a3 or letter");
    }

    /** No figure has a decimal mark, and what is cut is never told shorter than it is. */
    @Test
    void theCutListIsWholeInEveryCountry() {
        Lay lay = DemoProject.lay();
        Workroom room = new Workroom(DemoProject.project());
        String csv = CutList.csv(lay.problem(), lay.layout(), room.pieceNames(), room.panelNames(), List.of());
        assertThat(csv.lines().skip(1))
                .isNotEmpty()
                .noneMatch(l -> l.matches(".*\\d[.,]\\d.*(?<!\"),.*") && l.contains("."));
        assertThat(csv).contains("\r\nback leg,1,").doesNotContain("back-leg");
        var placed = lay.layout().placements().get(0);
        var box = lay.problem()
                .piece(placed.piece())
                .variant(placed.variant())
                .outline()
                .box();
        assertThat(csv.lines().skip(1).findFirst().orElseThrow().split(",")[5])
                .isEqualTo(String.valueOf((int) Math.ceil(box.widthMm() - 1e-6)));
        assertThat(LaySvg.of("x", lay.problem(), lay.layout(), room.pieceNames(), room.panelNames()))
                .contains("<title>back leg 2</title>");
    }

    @Test
    void aLabelTellsAllThatAPartWasSewnTo() throws IOException {
        Workroom room = new Workroom(DemoProject.project());
        List<PartLabel> labels = PartLabel.of(room.plan().orElseThrow());
        List<String> many =
                List.of("left front facing", "right front facing", "upper collar", "under collar", "left sleeve");
        PartLabel first = labels.get(0);
        PartLabel crowded = new PartLabel(
                first.part(),
                first.name(),
                first.layer(),
                "left",
                "front right",
                many,
                first.widthMm(),
                first.heightMm(),
                first.outline());
        String text = text(new PartLabels(
                                "old jacket of the aunt from the coast",
                                List.of(crowded),
                                Map.of(),
                                LengthUnit.CM,
                                Paper.A4)
                        .pdf())
                .replaceAll("\\s+", " ");
        assertThat(text).contains("Was sewn to: " + String.join(", ", many)).contains("Becomes: ___");
    }
}
