package org.handdown.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.handdown.server.DemoHouseholdTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** What is handed out to print, to file or for other programs, read back as whoever gets it would. */
@Tag("long")
class SheetTest extends DemoHouseholdTest {
    private JsonNode lay() {
        return read(user, project).body().path("lay");
    }

    private byte[] sheet(String name) {
        return raw(user, project + "/sheets/" + name);
    }

    private PDDocument pdf(String name) {
        try {
            return Loader.loadPDF(sheet(name));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String text(PDDocument document) {
        try {
            return new PDFTextStripper().getText(document);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** ISO 216: A4 is 210 by 297 mm. ANSI A: 8.5 by 11 in. At 72 points to the inch. */
    @ParameterizedTest
    @CsvSource({
        "chalk-out.pdf, 595.28, 841.89",
        "chalk-out.pdf?paper=letter, 612, 792",
        "pattern.pdf, 595.28, 841.89",
        "pattern.pdf?paper=LETTER, 612, 792",
        "labels.pdf, 595.28, 841.89",
        "labels.pdf?paper=letter, 612, 792",
        "pattern.pdf?paper=a3, 841.89, 1190.55",
    })
    void paperHasItsTrueSize(String name, double wide, double high) throws IOException {
        try (PDDocument document = pdf(name)) {
            assertThat(document.getNumberOfPages()).isPositive();
            PDRectangle page = document.getPage(0).getMediaBox();
            List<Double> sides = new ArrayList<>(List.of((double) page.getWidth(), (double) page.getHeight()));
            sides.sort(null);
            assertThat(sides.get(0)).isCloseTo(wide, within(0.5));
            assertThat(sides.get(1)).isCloseTo(high, within(0.5));
        }
    }

    /** Never another paper than the one that was asked for. */
    @ParameterizedTest
    @ValueSource(strings = {"chalk-out.pdf", "pattern.pdf", "labels.pdf", "draft.pdf"})
    void paperThatNothingIsPrintedOnIsRefused(String name) {
        Reply refused = call(user, "GET", project + "/sheets/" + name + "?paper=a5", "");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text("detail")).contains("“a5” is no paper", "a4, a3 or letter");
    }

    /** The pieces' files show the back leg as the lay cuts it: on the old hem, without an allowance there. */
    @Test
    void thePiecesFilesKeepTheOldHem() {
        for (String name : new String[] {"pieces.svg", "pieces.dxf"}) {
            assertThat(new String(sheet(name), StandardCharsets.UTF_8)).contains("on the old finish");
        }
    }

    @Test
    void theChalkSheetNamesEveryPanelThatIsCut() throws IOException {
        try (PDDocument document = pdf("chalk-out.pdf")) {
            String words = text(document);
            for (JsonNode piece : lay().path("placed")) {
                assertThat(words).contains(piece.path("name").asText());
            }
        }
    }

    @Test
    void labelsNameTheGarmentTheyCameOff() throws IOException {
        try (PDDocument document = pdf("labels.pdf")) {
            assertThat(text(document)).contains("harbour trousers");
        }
    }

    /** RFC 4180: a header, then a line for each copy. */
    @Test
    void theCutListHasALineForEachCopy() {
        List<String> lines = new String(sheet("cut-list.csv"), StandardCharsets.UTF_8)
                .lines()
                .toList();
        assertThat(lines.get(0)).startsWith("piece,copy,panel,cut as,mirrored");
        assertThat(lines)
                .hasSize(
                        1 + lay().path("placed").size() + lay().path("unplaced").size());
        for (JsonNode piece : lay().path("placed")) {
            String start =
                    piece.path("name").asText() + "," + (piece.path("copy").asInt() + 1) + ",";
            assertThat(lines).filteredOn(l -> l.startsWith(start)).hasSize(1);
        }
    }

    @Test
    void whatDoesNotLieStandsInTheCutListWithItsReason() {
        call(user, "DELETE", project + "/lay/placements/bib-pocket/0?version=1", "");
        assertThat(new String(sheet("cut-list.csv"), StandardCharsets.UTF_8))
                .contains("bib pocket,1,,,,,,,not placed: ");
    }

    /** One unit is a millimetre, and the outlines are those of the lay, y turned down. */
    @Test
    void theDrawingIsToScale() throws Exception {
        Document svg = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(sheet("lay.svg")));
        Element root = svg.getDocumentElement();
        String[] box = root.getAttribute("viewBox").split(" ");
        assertThat(root.getAttribute("width")).isEqualTo(box[2] + "mm");
        assertThat(root.getAttribute("height")).isEqualTo(box[3] + "mm");
        int panels = root.getElementsByTagName("g").getLength();
        assertThat(panels).isEqualTo(lay().path("panels").size());
        assertThat(root.getElementsByTagName("text").getLength())
                .isEqualTo(lay().path("placed").size());
        assertThat(root.getElementsByTagName("title").item(0).getTextContent()).isEqualTo("Dungarees for Ilse");
    }

    /** Out and in again it is the same project, but for its number. */
    @Test
    void theProjectFileComesBackWhole() {
        byte[] out = sheet("project.json");
        Reply again = call(user, "POST", "/api/projects/import", new String(out, StandardCharsets.UTF_8));
        assertThat(again.status()).isEqualTo(201);
        byte[] back = raw(user, "/api/projects/" + again.text("id") + "/sheets/project.json");
        assertThat(new String(back, StandardCharsets.UTF_8)).isEqualTo(new String(out, StandardCharsets.UTF_8));
    }

    @ParameterizedTest
    @ValueSource(strings = {"chalk-out.pdf", "lay.svg", "cut-list.csv", "pattern.pdf", "labels.pdf", "draft.pdf"})
    void whatIsNotThereYetIsSaidSo(String name) {
        Reply made = call(user, "POST", "/api/projects", "{\"name\":\"Nothing yet\"}");
        assertThat(made.status()).isEqualTo(201);
        Reply reply = read(user, "/api/projects/" + made.text("id") + "/sheets/" + name);
        assertThat(reply.status()).isEqualTo(404);
        assertThat(reply.text("detail")).isNotBlank().doesNotContain("Exception");
    }

    @ParameterizedTest
    @ValueSource(strings = {"chalk-out.pdf", "lay.svg", "cut-list.csv", "pieces.dxf", "project.json", "labels.pdf"})
    void nobodyElsePrintsIt(String name) {
        assertThat(read(newHousehold(), project + "/sheets/" + name).status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({
        "pattern.pdf?roll=30, 422",
        "pattern.pdf?roll=wide, 422",
        "pattern.pdf?roll=9 m, 422",
        "pieces.svg?piece=moon, 404",
        "pieces.dxf?piece=moon, 404",
        "draft.pdf?draft=-1, 404",
    })
    void whatCannotBePrintedIsRefused(String name, int status) {
        Reply reply = read(user, project + "/sheets/" + name.replace(" ", "%20"));
        assertThat(reply.status()).isEqualTo(status);
        assertThat(reply.text("detail")).isNotBlank();
    }
}
