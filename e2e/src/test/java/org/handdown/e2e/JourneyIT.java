package org.handdown.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A person takes the trousers all the way, through the real interface. */
class JourneyIT extends Seated {
    private static final Path DEMO = Stage.ROOT.resolve("demo/1-dungarees.project.json");

    @BeforeEach
    void bringAFreshCopyOfTheDemo() {
        table.bring(DEMO);
    }

    private Path download(String name) throws IOException {
        table.button("To the table").click();
        Locator item = table.page()
                .getByRole(AriaRole.MENUITEM, new com.microsoft.playwright.Page.GetByRoleOptions().setName(name))
                .first();
        Download file = table.page().waitForDownload(item::click);
        Path kept = Files.createTempFile("hand-down", "-" + file.suggestedFilename());
        file.saveAs(kept);
        return kept;
    }

    @Test
    void theDungareesReachAPrintedCuttingSheet() throws IOException {
        table.goTo("Lay");
        assertThat(table.thread("Lay")).containsText("All pieces lie");
        try (var pdf = Loader.loadPDF(download("Chalk-out sheet").toFile())) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("Chalk out: front left leg")
                    .contains("along and away from the old hem")
                    .contains("back leg");
        }
        try (var pdf = Loader.loadPDF(download("Full-size pattern").toFile())) {
            assertThat(pdf.getNumberOfPages()).isGreaterThan(8);
        }
        assertThat(Files.readString(download("Cut list"))).contains("old hem kept");
        assertThat(Files.readString(download("Lay at true size"))).contains("mm\" viewBox");
    }

    @Test
    void aTallerChildMakesLooseLoopsAndRedoingSewsThem() {
        table.settle("height", "116 cm");
        assertThat(table.thread("Pieces")).containsText("Drafted before the measures changed.");
        assertThat(table.thread("Lay")).containsText("Panels or pieces changed since.");
        table.goTo("Lay");
        assertThat(table.button("Lay again")).isDisabled();
        table.goTo("Pieces");
        table.button("Draft the pieces anew").click();
        assertThat(table.thread("Pieces")).containsText("all seams agree");
        table.goTo("Lay");
        table.page().getByLabel("trying for").selectOption("5");
        table.button("Lay again").click();
        assertThat(table.page().getByRole(AriaRole.PROGRESSBAR)).isVisible();
        assertThat(table.button("Lay again")).isEnabled(new LocatorAssertions.IsEnabledOptions().setTimeout(60_000));
        assertThat(table.thread("Lay")).not().containsText("changed since");
        // One undo takes the lay back, two the pieces, three the height.
        for (int i = 0; i < 3; i++) {
            assertThat(table.button("Undo")).isEnabled();
            table.button("Undo").click();
            assertThat(table.button("Undo")).isEnabled(new LocatorAssertions.IsEnabledOptions().setEnabled(i < 2));
        }
        assertThat(table.thread("Lay")).containsText("All pieces lie");
    }

    @Test
    void theProjectGoesOutAndComesBackTheSame() throws IOException {
        Path file = download("Whole project");
        assertThat(Files.readString(file)).isEqualTo(Files.readString(DEMO).stripTrailing());
        table.page().navigate(Stage.get().address);
        table.bring(file);
        assertThat(table.thread("Lay")).containsText("All pieces lie");
    }

    @Test
    void aJoinIsPickedInTheDrawingAndDecided() {
        table.goTo("Take apart");
        table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new com.microsoft.playwright.Page.GetByRoleOptions().setName(Pattern.compile("^seat seam")))
                .first()
                .press("Enter");
        table.heading("seat seam").waitFor();
        table.page()
                .getByRole(
                        AriaRole.RADIO,
                        new com.microsoft.playwright.Page.GetByRoleOptions().setName(Pattern.compile("^Leave")))
                .click();
        assertThat(table.page().getByText(Pattern.compile("All \\d parts lie flat")))
                .isVisible();
        assertThat(table.thread("Panels")).containsText("Other joins are opened since.");
    }

    @Test
    void aBadLengthIsExplainedWhereItWasTypedAndNothingIsLost() {
        table.settle("hip girth", "sixty");
        assertThat(table.page().getByText("is not a length I can read")).isVisible();
        assertThat(table.field("hip girth")).hasValue("sixty");
        // What is typed is kept as soon as the server has answered; a reload before that would ask for the old one.
        table.page()
                .waitForResponse(
                        answer -> answer.ok() && !answer.request().method().equals("GET"),
                        () -> table.settle("hip girth", "23 5/8 in"));
        assertThat(table.page().getByText("is not a length I can read")).isHidden();
        table.page().reload();
        assertThat(table.field("hip girth")).hasValue("23 5/8 in");
    }

    @Test
    void aPieceIsCarriedOffTheClothAndTheTableSaysWhyNot() {
        table.goTo("Lay");
        Locator pocket = table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new com.microsoft.playwright.Page.GetByRoleOptions()
                                .setName("bib pocket 1")
                                .setExact(true));
        BoundingBox box = pocket.boundingBox();
        var mouse = table.page().mouse();
        mouse.move(box.x + box.width / 2, box.y + box.height / 2);
        mouse.down();
        mouse.move(box.x + box.width / 2 + 30, box.y - 300);
        mouse.move(box.x + box.width / 2 + 40, box.y - 320);
        assertThat(table.page().getByText(Pattern.compile("past the edge of the cloth")))
                .isVisible();
        mouse.up();
        assertThat(table.button("Undo")).isDisabled();
        table.button("Take off").click();
        assertThat(table.page().getByText("taken off by hand")).isVisible();
        table.page().keyboard().press("Control+z");
        assertThat(table.thread("Lay")).containsText("All pieces lie");
    }

    @Test
    void thePileForbidsTurningRound() {
        table.goTo("Lay");
        table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new com.microsoft.playwright.Page.GetByRoleOptions()
                                .setName("bib 1")
                                .setExact(true))
                .press("Enter");
        table.button("Turn round").click();
        assertThat(table.page().getByText(Pattern.compile("the pile forbids it")))
                .isVisible();
    }

    @Test
    void stepsAreCheckedOffAndNotesWritten() {
        table.goTo("Make");
        // The gate before the first stitch is opened comes first.
        table.page().getByLabel(Pattern.compile("^Step 3:")).check();
        table.page().getByLabel("Minutes that step 4 took").fill("11");
        table.page().getByLabel(Pattern.compile("^Step 4:")).check();
        assertThat(table.page().getByText("took 11 min")).isVisible();
        assertThat(table.thread("Make")).containsText("4 of 34 steps done");
        table.goTo("Log");
        table.page().getByLabel("A note").fill("The left inseam was chain-stitched after all.");
        table.button("Write it down").click();
        assertThat(table.page().getByText("chain-stitched after all")).isVisible();
    }

    @Test
    void aNewProjectIsBegunFromNothing() {
        table.page().navigate(Stage.get().address);
        table.page().getByLabel("Name of a new project").fill("Dungarees for the neighbour");
        table.button("Begin").click();
        table.heading("Aim").waitFor();
        table.field("It will be").selectOption(new SelectOption().setLabel("dungarees"));
        table.field("Who will wear it").fill("Odd");
        table.settle("height", "110 cm");
        table.button("Settle the aim").click();
        assertThat(table.thread("Aim")).containsText("Dungarees for Odd");
        mossCords();
        table.goTo("Take apart");
        assertThat(table.thread("Take apart")).containsText("Decide which joins to open.");
    }

    /** A source of one's own, settled from its measures. */
    private void mossCords() {
        table.goTo("Source");
        table.field("Call it").fill("Moss cords");
        table.field("Call its cloth").fill("moss cord");
        String[][] measures = {
            {"waist, along the seam under the band", "88 cm"},
            {"seat girth", "42 in"},
            {"thigh girth, at the crotch", "67"},
            {"knee girth", "50"},
            {"hem girth", "44"},
            {"inside leg", "78"},
            {"outside leg, without the band", "102"},
            {"depth of the waistband", "38 mm"},
            {"depth of the hem", "1 1/2 in"},
            {"seam allowance inside", "12 mm"}
        };
        for (String[] m : measures) {
            table.settle(m[0], m[1]);
        }
        table.button("Settle the source").click();
        assertThat(table.thread("Source")).containsText("Moss cords");
    }

    /** Opened everywhere but at its side seams, each leg lies flat in one. */
    @Test
    void aLegThatIsOpenedAtOneSeamIsLaidAsOne() {
        table.page().navigate(Stage.get().address);
        table.page().getByLabel("Name of a new project").fill("A leg in one");
        table.button("Begin").click();
        table.heading("Aim").waitFor();
        mossCords();
        table.goTo("Take apart");
        Set<String> joins = new TreeSet<>();
        Locator drawn = table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile(": (leave|unpick|cut away)$")));
        assertThat(drawn.first()).isAttached();
        for (Locator join : drawn.all()) {
            String label = join.getAttribute("aria-label");
            joins.add(label.substring(0, label.lastIndexOf(':')));
        }
        assertThat(joins).contains("seat seam", "left side seam", "right side seam");
        for (String join : joins) {
            table.page()
                    .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + join + ": ")))
                    .first()
                    .press("Enter");
            table.heading(join).waitFor();
            Locator choice = table.page()
                    .getByRole(
                            AriaRole.RADIO,
                            new Page.GetByRoleOptions()
                                    .setName(Pattern.compile(join.endsWith("side seam") ? "^Leave" : "^Unpick")));
            choice.click();
            assertThat(choice).isChecked();
        }
        table.goTo("Panels");
        table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Draw the \\d flat parts")))
                .click();
        assertThat(table.thread("Panels")).containsText("4 panels");
        assertThat(table.text("still sewn together by the left side seam")).isVisible();
        table.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Lay it as one with the back left leg"))
                .click();
        assertThat(table.thread("Panels")).containsText("3 panels");
        // What does not lie flat beside the shaped seam is a flaw that one sees.
        assertThat(table.page()
                        .locator("input[value*='does not lie flat here']")
                        .first())
                .isVisible();
        table.button("Undo").click();
        assertThat(table.thread("Panels")).containsText("4 panels");
    }
}
