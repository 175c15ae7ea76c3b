package org.handdown.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Trousers by their measures, a shirt front by photo, a remnant from a drawing; what cloth carries, and panels made of panels. */
class SurveyIT extends Seated {
    /** Pictures are looked at on a machine that may be busy. */
    private static final double LOOKING_MS = 60_000;

    private void by(String way) {
        table.field("Measured on the cloth by").selectOption(new SelectOption().setLabel(way));
    }

    private static LocatorAssertions.IsVisibleOptions patiently() {
        return new LocatorAssertions.IsVisibleOptions().setTimeout(LOOKING_MS);
    }

    @Test
    void trousersAreSurveyedByTheirMeasures() {
        table.bring("1-dungarees.project.json");
        table.goTo("Panels");
        table.sheet("Survey");
        by("a ready shape by its measures");
        table.button("Begin with an average one").click();
        assertThat(table.text("Nothing checks these figures yet: side seam")).isVisible();
        // Enter leads from figure to figure, in the order one measures.
        Locator hem = table.page().locator("#measure-hem");
        hem.fill("22 cm");
        hem.press("Enter");
        assertThat(table.page().locator("#measure-kneeHeight")).isFocused();
        table.page().locator("#measure-seat").fill("60 cm");
        table.page().locator("#measure-seat").press("Enter");
        assertThat(table.text("seat is as wide as the crotch level")).isVisible();
        table.page().locator("#measure-seat").fill("29 cm");
        table.page().locator("#measure-seat").press("Enter");
        assertThat(table.text("seat is as wide")).isHidden();
        table.button("Take this outline").click();
        assertThat(table.thread("Lay")).containsText("changed since");
        table.button("Undo").click();
        assertThat(table.thread("Lay")).not().containsText("changed since");
    }

    @Test
    void aShirtFrontIsSurveyedByPhoto() {
        table.bring("4-art-smock.project.json");
        table.goTo("Panels");
        table.sheet("Survey");
        by("a photo with a sheet beside it");
        table.button("No camera at hand?").click();
        table.button("Take a simulated photo").click();
        assertThat(table.text("The sheet was found")).isVisible(patiently());
        // A corner is moved with the keyboard, and back.
        Locator corner = table.page().getByLabel(Pattern.compile("^Corner lower left"));
        corner.focus();
        corner.press("ArrowRight");
        corner.press("ArrowLeft");
        table.button("Trace the cloth").click();
        assertThat(table.text("every point true to about")).isVisible(patiently());
        assertThat(table.text("Nothing proves its scale yet")).isVisible();
        table.settle("The tape shows", "45 cm");
        assertThat(table.text("off by .* Take the photo again|The tape shows 45"))
                .isVisible();
        table.field("Bring the drawing to this scale").check();
        assertThat(table.text("Take the photo again")).isHidden();
        // A point is put right with the keyboard.
        Locator point = table.page().getByLabel(Pattern.compile("^Point 1: drag it"));
        point.focus();
        point.press("ArrowUp");
        table.button("Take this outline").click();
        assertThat(table.thread("Lay")).containsText("changed since");
        // The photo is still behind it.
        table.sheet("Survey");
        assertThat(table.page().locator("image").first()).isVisible(patiently());
    }

    @Test
    void stripesOfTheTablesColourAreSetByHand() {
        table.bring("4-art-smock.project.json");
        table.goTo("Panels");
        table.sheet("Survey");
        by("a photo with a sheet beside it");
        table.button("No camera at hand?").click();
        table.field("with stripes of the table’s colour").check();
        table.button("Take a simulated photo").click();
        assertThat(table.text("The sheet was found")).isVisible(patiently());
        table.button("Trace the cloth").click();
        assertThat(table.text("Set the points yourself")).isVisible(patiently());
        Locator board = table.page()
                .getByRole(com.microsoft.playwright.options.AriaRole.GROUP)
                .filter(new Locator.FilterOptions().setHas(table.page().locator("image")))
                .first();
        double[][] taps = {{250, 450}, {400, 450}, {400, 250}, {250, 250}};
        for (double[] tap : taps) {
            board.click(new Locator.ClickOptions().setPosition(tap[0], tap[1]));
        }
        assertThat(table.text("every point true to about")).isVisible();
    }

    @Test
    void whatIsNoPictureIsSaid() {
        table.bring("4-art-smock.project.json");
        table.goTo("Panels");
        table.sheet("Survey");
        by("a photo with a sheet beside it");
        table.page()
                .getByLabel(Pattern.compile("^Photo from above"))
                .setInputFiles(new FilePayload("front.jpg", "image/jpeg", "hello".getBytes(StandardCharsets.UTF_8)));
        assertThat(table.text("no JPEG or PNG picture")).isVisible();
    }

    @Test
    void aRemnantComesFromADrawing() {
        table.bring("3-bodywarmer.project.json");
        table.goTo("Panels");
        table.button("+ panel").click();
        table.field("Call the panel").fill("felt remnant");
        by("a drawing from a file");
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='300mm' height='200mm' viewBox='0 0 300 200'>"
                + "<script>alert(1)</script><path d='M10 10h200l40 120c-60 40-160 40-240 0z'/></svg>";
        Locator file = table.page().getByLabel(Pattern.compile("^SVG or DXF"));
        file.setInputFiles(new FilePayload("bad.svg", "image/svg+xml", "hello".getBytes(StandardCharsets.UTF_8)));
        assertThat(table.text("neither an SVG nor an ASCII DXF")).isVisible();
        file.setInputFiles(new FilePayload("remnant.svg", "image/svg+xml", svg.getBytes(StandardCharsets.UTF_8)));
        assertThat(table.text("every point true to about")).isVisible();
        table.settle("The tape shows", "24 cm");
        assertThat(table.text("Nothing proves its scale yet")).isHidden();
        table.button("Take this outline").click();
        assertThat(table.thread("Panels")).containsText("2 panels");
        table.sheet("Reshape");
        Download svgAgain = table.page()
                .waitForDownload(() -> table.page().getByText("SVG").last().click());
        org.assertj.core.api.Assertions.assertThat(svgAgain.suggestedFilename()).isEqualTo("felt-remnant.svg");
    }

    @Test
    void whatTheClothCarriesIsTold() {
        table.bring("2-wrap-skirt.project.json");
        table.goTo("Panels");
        table.sheet("Carries");
        table.field("The lengthwise grain runs").selectOption(new SelectOption().setLabel("along an edge"));
        assertThat(table.thread("Lay")).containsText("changed since");
        table.button("Undo").click();
        table.sheet("Carries");
        table.settle("a distance before", "100 cm");
        table.settle("the same distance now", "98 cm");
        table.button("Scale the panel").click();
        assertThat(table.text("100.0 cm became 98.0 cm")).isVisible();
        table.button("Back to the size before the last").click();
        assertThat(table.text("became 98.0 cm")).isHidden();
        table.button("All panels").click();
        table.button("Wrong side").click();
        assertThat(table.text("Wrong side up")).isVisible();
    }

    @Test
    void aFlawIsWalkedRoundAndAnotherOneLookedFor() {
        table.bring("3-bodywarmer.project.json");
        table.goTo("Panels");
        table.button("+ crease of the fold").click();
        assertThat(table.page().getByLabel("Flaw 1, what it is")).hasValue("crease of the fold");
        table.button("Walk round one").click();
        Locator board = table.page().getByLabel(Pattern.compile("^Panels to scale"));
        double[][] taps = {{300, 300}, {360, 300}, {330, 360}};
        for (double[] tap : taps) {
            board.click(new Locator.ClickOptions().setPosition(tap[0], tap[1]));
        }
        table.button("That is it").click();
        assertThat(table.text("3 points round it")).isVisible();
    }

    @Test
    void aPanelIsCutAndPiecedAgain() {
        table.bring("3-bodywarmer.project.json");
        table.goTo("Panels");
        table.sheet("Reshape");
        Locator form = table.page().locator("form").filter(new Locator.FilterOptions().setHasText("Cut in two"));
        String[] figures = {"0 cm", "60 cm", "10 cm", "60 cm"};
        for (int i = 0; i < figures.length; i++) {
            Locator input = form.locator("input").nth(i);
            input.fill(figures[i]);
            input.press("Tab");
        }
        table.button("Cut along this line").click();
        assertThat(table.thread("Panels")).containsText("2 panels");
        table.sheet("Reshape");
        Locator join =
                table.page().locator("form").filter(new Locator.FilterOptions().setHasText("Piece to another panel"));
        join.locator("select").nth(0).selectOption(new SelectOption().setLabel(labelOf(join, 0, "cut")));
        join.locator("select").nth(1).selectOption(new SelectOption().setIndex(0));
        join.locator("select").nth(2).selectOption(new SelectOption().setLabel(labelOf(join, 2, "cut")));
        table.button("Piece them").click();
        assertThat(table.thread("Panels")).containsText("1 panel");
    }

    private static String labelOf(Locator join, int select, String begins) {
        return join.locator("select").nth(select).locator("option").allTextContents().stream()
                .map(String::strip)
                .filter(t -> t.startsWith(begins))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aMotifIsPointedAtOnTheDrawing() {
        table.bring("1-dungarees.project.json");
        table.goTo("Panels");
        table.sheet("Carries");
        table.button("A motif").click();
        table.field("Motif 1").fill("flower");
        table.button("Point at it").click();
        assertThat(table.text("Tap its middle on the drawing.")).isVisible();
        Locator panel = table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("front left leg").setExact(true));
        BoundingBox box = panel.boundingBox();
        // Beside the cloth there is no motif: it goes on waiting.
        table.page().mouse().click(box.x - 20, box.y + box.height / 2);
        assertThat(table.text("Tap its middle on the drawing.")).isVisible();
        table.page().mouse().click(box.x + box.width / 2, box.y + box.height / 2);
        assertThat(table.text("Tap its middle on the drawing.")).isHidden();
        assertThat(table.page().locator("svg text").getByText("flower")).isVisible();
        // Half the height of the leg, about: a point of the cloth, not of the screen.
        Locator height = table.page().getByLabel("its height above the zero").last();
        assertThat(height).hasValue(Pattern.compile("[45]\\d\\.\\d cm"));
        table.button("Undo").click();
        assertThat(table.page().locator("svg text").getByText("flower")).isHidden();
    }
}
