package org.handdown.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Changes on a pattern and pieces taken from panels, garments and drawings, through the real interface. */
class ChangingIT extends Seated {
    /** Two squares that could be one, and a yoke whose left half is a centimetre wider than its right. */
    private static final String DRAWING = """
            <svg xmlns="http://www.w3.org/2000/svg" width="700mm" height="500mm" viewBox="0 0 700 500">
              <path id="left_half" d="M 0 0 L 200 0 L 200 200 L 0 200 Z"/>
              <path id="right_half" d="M 300 0 L 500 0 L 500 200 L 300 200 Z"/>
              <path id="yoke" d="M 0 300 L 210 300 L 200 450 L 10 450 Z"/>
            </svg>
            """;

    private void change(String kind) {
        table.sheet("Changes");
        table.field("Change").selectOption(new SelectOption().setLabel(kind));
    }

    private void choose(String label, String option) {
        table.field(label).selectOption(new SelectOption().setLabel(option));
    }

    private void drawing() {
        table.sheet("Bring in");
        table.page()
                .getByLabel("SVG or DXF drawing")
                .setInputFiles(new FilePayload("yoke.svg", "image/svg+xml", DRAWING.getBytes(StandardCharsets.UTF_8)));
        assertThat(table.page().getByLabel("This line is")).hasCount(3);
    }

    private void bringDrawing() {
        table.bring("2-wrap-skirt.project.json");
        table.goTo("Pieces");
        drawing();
        Locator meanings = table.page().getByLabel("This line is");
        for (int i = 0; i < 3; i++) {
            meanings.nth(i).selectOption("STITCH");
        }
        table.button("Bring them in").click();
        assertThat(table.thread("Pieces")).containsText("8 pieces");
    }

    /** By the places of the edges in their lists. */
    private void joining(int edge, int other) {
        table.field("Its edge").selectOption(new SelectOption().setIndex(edge));
        table.field("The other edge").selectOption(new SelectOption().setIndex(other));
        table.button("See what follows").click();
    }

    @Test
    void twoPiecesBecomeOneAndAYokeIsTrued() {
        bringDrawing();
        change("two pieces in one");
        choose("Piece", "left half");
        choose("The other piece", "right half");
        // Edges that do not run on into each other on one grain are refused with what is wrong.
        joining(1, 2);
        assertThat(table.text("On one grain the two edges end")).isVisible();
        joining(2, 4);
        assertThat(table.text("left half and right half in one")).isVisible();
        table.button("Do it").click();
        assertThat(table.thread("Pieces")).containsText("7 pieces");
        change("make both halves alike");
        choose("Piece", "yoke");
        table.button("See what follows").click();
        assertThat(table.text("both halves of the yoke trimmed to the smaller")).isVisible();
        table.button("Do it").click();
        table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("yoke").setExact(true))
                .first()
                .click();
        table.sheet("Pieces");
        assertThat(table.text("[Bb]oth halves are alike|halves agree")).isVisible();
        // Taken back, the untouched originals are there again.
        table.sheet("Changes");
        table.button("Take back").nth(1).click();
        assertThat(table.thread("Pieces")).containsText("8 pieces");
    }

    @Test
    void whatWasSaidOfALayerIsNotAskedAgain() {
        bringDrawing();
        drawing();
        for (int i = 0; i < 3; i++) {
            assertThat(table.page().getByLabel("This line is").nth(i)).hasValue("STITCH");
        }
    }

    @Test
    void aRowOfShirringHasItsDeadline() {
        bringDrawing();
        change("draw a mark");
        choose("Piece", "yoke");
        choose("Mark", "row of shirring");
        table.page().getByLabel("Points, across / up").fill("1 cm / 20 cm");
        table.button("See what follows").click();
        assertThat(table.text("A row of shirring has 2 points")).isVisible();
        table.page().getByLabel("Points, across / up").fill("3 cm / 5 cm; 17 cm / 5 cm");
        table.page().getByLabel("Call it").fill("first row");
        table.button("See what follows").click();
        table.button("Do it").click();
        table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("yoke").setExact(true))
                .first()
                .click();
        table.sheet("Pieces");
        table.text("when to make it").click();
        assertThat(table.text("before any elastic draws the cloth together")).isVisible();
        table.goTo("Make");
        table.text("Transfer marks; mark every wrong side").click();
        assertThat(table.text("before any elastic draws the cloth together: row of shirring|row of shirring"))
                .isVisible();
    }

    @Test
    void aPanelIsTracedAsAPiece() {
        table.bring("2-wrap-skirt.project.json");
        table.goTo("Pieces");
        table.sheet("Bring in");
        table.page().getByLabel("Or trace a panel").selectOption(new SelectOption().setIndex(1));
        assertThat(table.page().getByLabel("This line is").first()).hasValue("STITCH");
        table.page()
                .getByLabel("Piece", new Page.GetByLabelOptions().setExact(true))
                .first()
                .fill("like the old one");
        table.button("Bring them in").click();
        assertThat(table.thread("Pieces")).containsText("6 pieces");
        assertThat(table.page()
                        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("like the old one"))
                        .first())
                .isVisible();
    }

    @Test
    void aGarmentThatFitsIsMeasuredInsteadOfTheBody() {
        table.aim("T-shirt", "Runa", "1.4 m");
        table.text("Measure a garment that fits instead").click();
        table.page().getByLabel("The garment").fill("old tee");
        table.settle("it gives in wear, %", "8");
        table.page().getByLabel("across, doubled").first().fill("40 cm");
        table.page().getByLabel("across, doubled").first().press("Tab");
        table.page().getByLabel("ease there").first().fill("4 cm");
        table.page().getByLabel("ease there").first().press("Tab");
        table.button("Take these measures").click();
        // 2 × 40 cm, 8 % given in wear, less 4 cm of ease.
        assertThat(table.text("82.4 cm")).isVisible();
    }

    @Test
    void aSkirtSitsAtTheHighWaist() {
        table.aim("circle skirt", "Runa", "1.6 m");
        table.goTo("Pieces");
        choose("Sits at", "the high waist");
        assertThat(table.thread("Pieces")).containsText("all seams agree");
        table.goTo("Aim");
        table.settle("high waist girth", "72 cm");
        table.goTo("Pieces");
        table.button("Draft the pieces anew").click();
        table.sheet("Sizes");
        assertThat(table.page()
                        .getByRole(AriaRole.LISTITEM)
                        .filter(new Locator.FilterOptions().setHasText("Waist"))
                        .first())
                .containsText("73.0 cm");
    }

    @Test
    void aHemBecomesACasingAndASampleIsKeptBack() {
        table.aim("gathered skirt", "Runa", "1.4 m");
        table.goTo("Pieces");
        table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("skirt panel").setExact(true))
                .first()
                .click();
        table.sheet("Pieces");
        assertThat(table.text("sewn down 4.0 cm inside it")).isVisible();
        table.button("lower").click();
        choose("How it lies", "folded as a casing");
        table.settle("raw edge folded under by", "5 cm");
        table.button("See what follows").click();
        assertThat(table.text("Less than the allowance is folded under")).isVisible();
        table.settle("raw edge folded under by", "1 cm");
        table.button("See what follows").click();
        table.button("Do it").click();
        assertThat(table.text("a channel for up to 2.7 cm")).isVisible();
        change("keep a sample back");
        table.settle("across the grain", "12 cm");
        table.settle("along the grain", "6 cm");
        table.field("layers").fill("4");
        table.page().getByLabel("Call it").fill("buttonhole");
        table.button("See what follows").click();
        table.button("Do it").click();
        assertThat(table.text("of the remnants kept to try it, 4 layers")).isVisible();
        assertThat(table.thread("Pieces")).containsText("all seams agree");
    }

    /** The pieces' own file brought into another project: every outline under its piece's name, none in another's place. */
    @Test
    void aFileOfPiecesComesBackPieceByPiece() throws IOException {
        table.bring("2-wrap-skirt.project.json");
        table.button("To the table").click();
        Download file = table.page()
                .waitForDownload(() -> table.page()
                        .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("DXF"))
                        .click());
        Path kept = Files.createTempFile("hand-down", ".dxf");
        file.saveAs(kept);
        table.goTo("Pieces");
        table.sheet("Bring in");
        table.page().getByLabel("SVG or DXF drawing").setInputFiles(kept);
        assertThat(table.text("Left out: ")).isVisible();
        Locator meanings = table.page().getByLabel("This line is");
        assertThat(table.page()
                        .getByLabel("Piece", new Page.GetByLabelOptions().setExact(true))
                        .first())
                .hasValue(Pattern.compile(" cut$"));
        int found = meanings.count();
        for (int i = 0; i < found; i++) {
            meanings.nth(i).selectOption("CUT");
        }
        table.button("Bring them in").click();
        assertThat(table.thread("Pieces")).containsText(5 + found + " pieces");
    }

    /** Inches in a file that names no unit: too small as it stands, and read again in the unit that is asked for beside it. */
    @Test
    void aDrawingWithoutAUnitIsAskedForIt() {
        table.bring("2-wrap-skirt.project.json");
        table.goTo("Pieces");
        table.sheet("Bring in");
        String inches = "0 SECTION 2 ENTITIES 0 CIRCLE 8 0 10 0 20 0 40 3 0 ENDSEC 0 EOF".replace(' ', '\n');
        table.page()
                .getByLabel("SVG or DXF drawing")
                .setInputFiles(new FilePayload("disc.dxf", "image/vnd.dxf", inches.getBytes(StandardCharsets.UTF_8)));
        assertThat(table.text("no closed outline of 1 cm² or more")).isVisible();
        table.field("One unit of the drawing is").selectOption(new SelectOption().setLabel("an inch"));
        assertThat(table.page().getByLabel("outline 1, drawn 15.2 cm × 15.2 cm"))
                .isVisible();
        assertThat(table.text("no closed outline")).isHidden();
    }
}
