package org.handdown.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Year;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.handdown.fit.Placed;
import org.handdown.formats.DemoProject;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.Design;
import org.handdown.pattern.KeptEdge;
import org.handdown.pattern.Piece;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Lay;
import org.handdown.project.Workroom;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What makes a sheet of paper usable away from the screen: its day, how its pages lie, whole words, curves that can be chalked. */
@Tag("long")
class PaperTest {
    private static final Design TEE = MarksOnPaperTest.design(Drafts.require("t-shirt"));

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void everyPageTellsTheDayItWasPrinted() throws IOException {
        byte[] pdf = new PatternTiles("x", TEE, Paper.A4).pdf();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper one = new PDFTextStripper();
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                one.setStartPage(page);
                one.setEndPage(page);
                assertThat(one.getText(document))
                        .contains("printed ")
                        .contains(Year.now().toString());
            }
        }
    }

    /** The last page shows all the others small, each by its number; a roll is one page and needs none. */
    @Test
    void thePagesAreShownTogetherOnTheLast() throws IOException {
        byte[] pdf = new PatternTiles("x", TEE, Paper.A4).pdf();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper last = new PDFTextStripper();
            last.setStartPage(document.getNumberOfPages());
            String overview = last.getText(document);
            assertThat(overview).contains("How the pages lie").contains("A1");
            TEE.pieces().forEach(p -> assertThat(overview).contains(p.name()));
        }
        assertThat(text(PatternTiles.roll("x", TEE, 1990))).doesNotContain("How the pages lie");
    }

    /** Letters that lie beyond the page's printed window are cut: none does. */
    @Test
    void noWordRunsOverTheEdgeOfATile() throws IOException {
        try (PDDocument document = Loader.loadPDF(new PatternTiles("x", TEE, Paper.A4).pdf())) {
            List<String> cut = new ArrayList<>();
            PDFTextStripper letters = new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition text) {
                    double right = (text.getXDirAdj() + text.getWidthDirAdj()) * 25.4 / 72;
                    if (right > Paper.A4.widthMm() - 9 || text.getXDirAdj() * 25.4 / 72 < 9) {
                        cut.add(text.getUnicode() + " at " + right);
                    }
                    super.processTextPosition(text);
                }
            };
            letters.getText(document);
            assertThat(cut).isEmpty();
        }
        // Each name stands once among the tiles, and once on the page that shows them together.
        assertThat(text(new PatternTiles("x", TEE, Paper.A4).pdf()).split("neckband\\R", -1))
                .hasSize(3);
    }

    @Test
    void signsThatTheTypefaceLacksAreWritten() throws IOException {
        Piece piece = TEE.pieces().get(0);
        Design named = TEE.with(piece.id(), p -> p.named(p.id(), "waist over 2π"));
        assertThat(text(PatternTiles.roll("x", named, 1990)))
                .contains("waist over 2pi")
                .doesNotContain("2?");
    }

    /** Chalked from point to point by straight lines a sleeve head misses its curve nowhere by more than 1.5 mm. */
    @Test
    void curvesGetAsManyPointsAsTheyNeed() {
        Piece sleeve = TEE.piece("sleeve");
        Ring ring = sleeve.cutLine().ring();
        LaidPiece laid =
                new LaidPiece(new Placed("sleeve", 0, "v", "p", new Placement(0, 0, 0, false)), ring, "sleeve", true);
        List<Point> chalk = laid.chalkPoints();
        assertThat(chalk).hasSizeBetween(10, 60);
        List<Point> closed = new ArrayList<>(chalk);
        closed.add(chalk.get(0));
        assertThat(ring.points())
                .allSatisfy(p -> assertThat(p.distanceMm(closed)).isLessThanOrEqualTo(1.5 + 1e-6));
    }

    /** A piece that lies on an old hem has no hem to add on paper either; where only one copy does, both are told. */
    @Test
    void whatTheLaySparesIsNotDrawn() throws IOException {
        Design one = Design.of("x", List.of(TEE.piece("sleeve")));
        String drawn = text(PatternTiles.roll("x", one, 1990));
        String all =
                text(PatternTiles.roll("x", one, Map.of("sleeve", new KeptEdge("hem", 2, 2)), LengthUnit.MM, 1990));
        String some =
                text(PatternTiles.roll("x", one, Map.of("sleeve", new KeptEdge("hem", 1, 2)), LengthUnit.MM, 1990));
        assertThat(drawn).containsPattern("hem \\d+ mm").doesNotContain("old finish");
        assertThat(all).contains("hem on the old finish: nothing to add").doesNotContainPattern("hem \\d+ mm");
        assertThat(some).contains("hem: 1 of 2 on the old finish").containsPattern("hem \\d+ mm");
    }

    /** Allowances are written in the household's unit; the test square in both. */
    @Test
    void lengthsOnPaperAreInTheHouseholdsUnit() throws IOException {
        String inches = text(PatternTiles.roll("x", TEE, Map.of(), LengthUnit.INCH, 1990));
        assertThat(inches)
                .containsPattern("hem \\d*\\s?\\d*/?\\d* ?in")
                .contains("100 mm (3 15/16 in)")
                .doesNotContainPattern("(hem|shoulder|head)[a-z ]* \\d+ mm");
    }

    /** Names as people gave them, not as the program files them; what nowhere lies on a finish is not hemmed anew. */
    @Test
    void namesAreThoseThatPeopleGave() throws IOException {
        Lay lay = DemoProject.lay();
        Design design = new Workroom(DemoProject.project()).design().orElseThrow();
        String panel = lay.layout().placements().get(0).panel();
        String sheet = text(new ChalkSheet(
                        "x",
                        lay.problem(),
                        lay.layout(),
                        design.pieces(),
                        Map.of(panel, "Opa’s left leg"),
                        LengthUnit.CM,
                        Paper.A4)
                .pdf());
        assertThat(sheet).contains("Chalk out: Opa’s left leg");
        String csv = CutList.csv(lay.problem(), lay.layout());
        assertThat(csv.lines().filter(l -> l.startsWith("strap")))
                .isNotEmpty()
                .allMatch(l -> l.contains("as drawn"))
                .noneMatch(l -> l.contains("hemmed anew"));
    }
}
