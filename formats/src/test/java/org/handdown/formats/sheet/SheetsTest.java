package org.handdown.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.commons.csv.CSVFormat;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PanelRun;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.formats.DemoProject;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.Design;
import org.handdown.project.Lay;
import org.handdown.project.Workroom;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;

@Tag("long")
class SheetsTest {
    private static final Lay LAY = DemoProject.lay();

    private static Design design() {
        return new Workroom(DemoProject.project()).design().orElseThrow();
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    /** A panel whose hem rises 30 mm in 400 (a 3-4-5 triangle scaled would be steeper), a square laid on it. */
    private static FitProblem slanted() {
        FitPanel panel = new FitPanel(
                "leg",
                Ring.of(0, 0, 400, 300, 220, 540, -180, 240),
                List.of(),
                List.of(),
                "cord",
                90,
                true,
                false,
                List.of(),
                List.of(new PanelRun("old hem", EdgeKind.HEM, 0, 1)));
        FitPiece piece = new FitPiece(
                "patch",
                1,
                Handed.SAME,
                List.of(),
                PieceGrain.ANY,
                0,
                true,
                null,
                List.of(new FitPiece.Variant("v", Ring.rectangle(0, 0, 50, 50), List.of(), null, 0)),
                List.of());
        return new FitProblem(Objective.FILL, 0, 0, List.of(panel), List.of(piece));
    }

    @Test
    void distancesAreTakenAlongAndSquareAwayFromTheSlantedEdge() {
        // The hem runs 3-4-5: direction (0.8, 0.6), away (−0.6, 0.8). Point (80, 110): along 64 + 66 = 130, away −48 +
        // 88 = 40.
        ReferenceEdge edge = ReferenceEdge.of(slanted().panels().get(0));
        assertThat(edge.name()).isEqualTo("old hem");
        assertThat(edge.alongMm(new Point(80, 110))).isCloseTo(130, within(1e-9));
        assertThat(edge.awayMm(new Point(80, 110))).isCloseTo(40, within(1e-9));
    }

    @Test
    void theChalkOutSheetSaysThemInTheUsersUnit() throws IOException {
        FitLayout layout = new FitLayout(
                List.of(new Placed("patch", 0, "v", "leg", new Placement(80, 110, 0, false))),
                List.of(),
                new FitLayout.Measures(0.0025, 0.15, 0.01, null, 0, 1),
                List.of());
        String cm = text(new ChalkSheet("Test", slanted(), layout, List.of(), LengthUnit.CM, Paper.A4).pdf());
        assertThat(cm).contains("13.0 cm").contains("4.0 cm").contains("old hem");
        String inches = text(new ChalkSheet("Test", slanted(), layout, List.of(), LengthUnit.INCH, Paper.LETTER).pdf());
        // 130 mm is 5.118 in, to the nearest sixteenth 5 1/8; 40 mm is 1.575 in, 1 9/16.
        assertThat(inches).contains("5 1/8 in").contains("1 9/16 in");
    }

    @Test
    void everyPlacedPieceOfTheDemoStandsOnTheSheet() throws IOException {
        String sheet = text(
                new ChalkSheet("Dungarees", LAY.problem(), LAY.layout(), List.of(), LengthUnit.CM, Paper.A4).pdf());
        LAY.layout()
                .placements()
                .forEach(p -> assertThat(sheet).contains(p.piece().replace('-', ' ')));
    }

    @Test
    void thePatternIsTiledOnTheChosenPaperWithItsTestSquare() throws IOException {
        for (Paper paper : new Paper[] {Paper.A4, Paper.LETTER}) {
            byte[] pdf = new PatternTiles("Dungarees – “Ilse” 好", design(), paper).pdf();
            try (PDDocument document = Loader.loadPDF(pdf)) {
                var box = document.getPage(0).getMediaBox();
                assertThat(box.getWidth() * 25.4 / 72).isCloseTo(paper.widthMm(), within(0.01));
                assertThat(document.getNumberOfPages()).isBetween(8, 60);
            }
            assertThat(text(pdf))
                    .contains("must measure 100 mm")
                    .contains("page A1")
                    .contains("front leg")
                    .contains("sewn down here");
        }
    }

    @Test
    void theTestSquareMeasuresAHundredMillimetresOnPaper() throws IOException {
        byte[] pdf = new PatternTiles("x", design(), Paper.A4).pdf();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            var image = new org.apache.pdfbox.rendering.PDFRenderer(document).renderImageWithDPI(0, 254);
            // 254 dpi is ten pixels a millimetre; the square's left lower corner lies 10 mm from the page's, its sides
            // dark.
            int bottom = image.getHeight() - 100;
            assertThat(dark(image, 100, bottom - 500)).isTrue();
            assertThat(dark(image, 1100, bottom - 500)).isTrue();
            assertThat(dark(image, 600, bottom - 1000)).isTrue();
            assertThat(dark(image, 1130, bottom - 500)).isFalse();
        }
    }

    private static boolean dark(java.awt.image.BufferedImage image, int x, int y) {
        for (int dx = -3; dx <= 3; dx++) {
            for (int dy = -3; dy <= 3; dy++) {
                if ((image.getRGB(x + dx, y + dy) & 0xff) < 100) {
                    return true;
                }
            }
        }
        return false;
    }

    @Test
    void theSvgIsWellFormedAtTrueSizeAndKeepsAreas() throws Exception {
        String svg = LaySvg.of("Lay <&> \"x\"", LAY.problem(), LAY.layout());
        var document =
                DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
        String width = document.getDocumentElement().getAttribute("width");
        String viewBox = document.getDocumentElement().getAttribute("viewBox");
        assertThat(width).endsWith("mm");
        assertThat(viewBox).contains(width.replace("mm", ""));
        assertThat(document.getElementsByTagName("text").getLength())
                .isEqualTo(LAY.layout().placements().size());
    }

    @Test
    void theCutListHasARowForEveryCopyAndNoFormulas() throws IOException {
        FitLayout layout = new FitLayout(
                LAY.layout().placements(),
                List.of(new FitLayout.Unplaced("=cmd|' /C calc'!A1", 0, "needs, a \"comma\"")),
                LAY.layout().measures(),
                List.of());
        String csv = CutList.csv(LAY.problem(), layout);
        var rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(csv))
                .getRecords();
        assertThat(rows).hasSize(LAY.layout().placements().size() + 1);
        assertThat(rows.get(rows.size() - 1).get("piece")).startsWith("'=");
        assertThat(rows.get(rows.size() - 1).get("note")).isEqualTo("not placed: needs, a \"comma\"");
    }
}
