package org.handdown.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Sources are looked through, opened no farther than needed, and what is finished lives on. */
class KeepingIT extends Seated {
    /** A copy of one of the demo's projects. */
    @Test
    void theLeastWorkLeavesTheSideSeamsOfTheTrousersClosed() {
        table.bring("1-dungarees.project.json");
        table.goTo("Take apart");
        table.sheet("Least work");
        table.button("Find the least work").click();
        table.text("^The least").waitFor();
        // Four legs flat with seven joins closed round them: rings of sides, inseams, centres and band.
        table.button("Take this plan").first().click();
        table.sheet("Joins");
        assertThat(table.text("All 4 parts lie flat")).isVisible();
        assertThat(table.thread("Panels")).containsText("Other joins are opened since.");
        table.button("Undo").click();
        assertThat(table.thread("Panels")).containsText("4 panels");
    }

    @Test
    void joinsKeptClosedThatForbidEverythingAreExplained() {
        table.bring("5-pleated-skirt.project.json");
        table.goTo("Take apart");
        table.sheet("Least work");
        table.text("Joins kept closed").click();
        for (Locator box : table.page().locator("details input[type=checkbox]").all()) {
            box.check();
        }
        table.button("Find the least work").click();
        assertThat(table.text("let one of them go")).isVisible();
    }

    @Test
    void onlyAStretchOfAJoinIsOpened() {
        table.bring("5-pleated-skirt.project.json");
        table.goTo("Take apart");
        table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^waistband to the front")))
                .first()
                .press("Enter");
        table.heading("waistband to the front").waitFor();
        table.settle("from", "5 cm");
        table.settle("to", "9 cm");
        assertThat(table.text("its parts stay together")).isVisible();
        assertThat(table.text("unpick in part")).isVisible();
        table.settle("to", "90 cm");
        assertThat(table.text("reaches past its end")).isVisible();
    }

    @Test
    void theSkirtIsLetOutAndItsPleatsFoldedAgain() {
        table.bring("5-pleated-skirt.project.json");
        table.goTo("Pieces");
        assertThat(table.text("as it will be: 34.0 cm")).isVisible();
        table.settle("wider at the waist, all round", "9 cm");
        assertThat(table.thread("Pieces")).containsText("9.0 cm wider");
        assertThat(table.text("as it will be: 35.5 cm")).isVisible();
        // More than is hidden anywhere: told in figures, nothing made up.
        table.settle("longer", "20 cm");
        assertThat(table.text("are missing: nothing more is hidden there")).isVisible();
        table.settle("longer", "4 cm");
        table.button("Take this to Take apart").click();
        assertThat(table.thread("Take apart")).containsText("3 joins opened");
        table.goTo("Make");
        assertThat(table.text("Fold the pleats of the front again")).isVisible();
    }

    @Test
    void thePlacketBecomesTheSmocksBackWithItsButtonsSpacedAgain() {
        table.bring("4-art-smock.project.json");
        table.goTo("Pieces");
        table.sheet("What lives on");
        assertThat(table.text("placket of the front left")).isVisible();
        assertThat(table.text("line of buttons, 1.7 cm inside the edge")).isVisible();
        table.settle("length of the new closure", "47 cm");
        assertThat(table.text("old buttonholes serve")).isVisible();
        table.settle("length of the new closure", "90 cm");
        assertThat(table.text("The old placket is .* too short")).isVisible();
        table.goTo("Lay");
        assertThat(table.thread("Lay")).containsText("All pieces lie");
    }

    @Test
    void ribsStayOnLegWarmersAndHatWithTheirRatios() {
        table.bring("6-leg-warmers-and-hat.project.json");
        table.goTo("Pieces");
        table.sheet("What lives on");
        assertThat(table.text("ratio 1\\.\\d+")).isVisible();
        table.goTo("Lay");
        assertThat(table.text("finished edges kept")).isVisible();
        assertThat(table.thread("Lay")).containsText("All pieces lie");
    }

    @Test
    void aThingThatNothingServesSaysWhyInFigures() {
        table.bring("4-art-smock.project.json");
        table.goTo("Pieces");
        table.sheet("What lives on");
        table.field("Call it").fill("long tie");
        table.page().getByLabel("It is a").selectOption("TIE");
        table.settle("length", "9 m");
        table.button("Look for a keeper").click();
        table.heading("long tie").waitFor();
        assertThat(table.text("No keeper serves; it is made anew")).isVisible();
    }

    @Test
    void thirteenInchesForThirteenCentimetresAreSeenBeforeTheyAreUsed() {
        table.bring("1-dungarees.project.json");
        table.goTo("Source");
        table.page().getByText("which kind of number is it?").click();
        table.settle("The number", "13 in");
        assertThat(table.text(
                        "33\\.0 cm \\(13 in\\), a tuck pinched round a tube: it becomes 66\\.0 cm \\(26 in\\) shorter"))
                .isVisible();
        // Half of a girth, taken as such: the whole girth is what is stored.
        table.settle("The number", "45 cm");
        table.text("half of a girth").click();
        table.page().getByLabel("Yes: take it for").selectOption("waist");
        table.button("Take it").click();
        assertThat(table.field("waist, along the seam under the band")).hasValue("90.0 cm");
        table.settle("The number", "thirteen");
        assertThat(table.text("is not a length I can read")).isVisible();
    }

    @Test
    void theClothIsTestedAndImpossibleReadingsRefused() {
        table.bring("1-dungarees.project.json");
        table.goTo("Source");
        table.sheet("Cloth");
        table.page().getByLabel("marks apart at rest").first().fill("100 mm");
        table.page().getByLabel("marks apart at rest").first().press("Tab");
        table.page().getByLabel("pulled out").first().fill("50 cm");
        table.page().getByLabel("pulled out").first().press("Tab");
        assertThat(table.text("400 % of stretch; no cloth gives that much")).isVisible();
        table.page().getByLabel("pulled out").first().fill("108 mm");
        table.page().getByLabel("pulled out").first().press("Tab");
        assertThat(table.text("Stretches by 8 % across")).isVisible();
    }

    @Test
    void aSourceIsAdjustedAndAJoinOfNoLengthRefused() {
        table.bring("1-dungarees.project.json");
        table.goTo("Source");
        table.sheet("Build");
        table.page().getByLabel("It has").selectOption("pocket");
        table.page()
                .getByLabel("Part", new Page.GetByLabelOptions().setExact(true))
                .selectOption("front-left");
        table.settle("width", "12 cm");
        table.settle("height", "13 cm");
        table.button("Add it to the drawing").click();
        assertThat(table.text("[Pp]ocket added to the front left")).isVisible();
        table.page().getByLabel("It has").selectOption("join");
        table.field("Call it").fill("tack");
        table.page()
                .getByLabel("Part", new Page.GetByLabelOptions().setExact(true))
                .selectOption("front-left");
        table.page()
                .getByLabel("Edge", new Page.GetByLabelOptions().setExact(true))
                .selectOption("side");
        table.page().getByLabel("joined to part").selectOption("back-left");
        table.page().getByLabel("at edge").selectOption("side");
        table.settle("length", "0 cm");
        table.button("Add it to the drawing").click();
        assertThat(table.text("A join has a length")).isVisible();
    }

    @Test
    void aSourceFromTheStashBecomesAProjectWithPiecesByHand() {
        table.beginWith("Camp blanket");
        table.page().getByLabel("It will be").selectOption("OWN");
        table.field("In words").fill("cushion");
        table.field("Who will wear it").fill("the bench");
        table.button("Settle the aim").click();
        assertThat(table.thread("Aim")).containsText("Cushion for the bench");
        table.goTo("Panels");
        table.button("Draw the flat part from the source’s measures").click();
        assertThat(table.thread("Panels")).containsText("1 panel");
        table.goTo("Pieces");
        table.field("Call it").fill("cushion back");
        table.page().getByLabel("Edge 1, its name").fill("hem");
        table.page().getByLabel("this edge lies on").first().selectOption("HEM");
        table.page().getByLabel("Corner 3, across").fill("60");
        table.button("Put it on the table").click();
        table.heading("cushion back").waitFor();
        assertThat(table.thread("Pieces")).containsText("1 piece, no seams told yet");
        table.page().getByLabel("Corner 3, across").fill("15 cm");
        table.page().getByLabel("Corner 3, up").fill("-20 cm");
        table.button("Save the piece").click();
        assertThat(table.text("crosses itself")).isVisible();
        table.goTo("Lay");
        table.page().getByLabel("trying for").selectOption("5");
        table.button("Lay the pieces").click();
        assertThat(table.thread("Lay"))
                .containsText(
                        "All pieces lie",
                        new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                                .setTimeout(60_000));
    }

    @Test
    void aPartIsPickedInTheDrawingAndNamesItsJoins() {
        table.bring("1-dungarees.project.json");
        table.goTo("Take apart");
        table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName("Part: back left leg")
                                .setExact(true))
                .press("Enter");
        table.heading("back left leg").waitFor();
        assertThat(table.text("lies flat; held by 6 joins")).isVisible();
        table.button("left inseam: unpick").last().click();
        assertThat(table.text("It frees: ")).isVisible();
    }

    @Test
    void whatIsLeftOverWaitsInTheStash() {
        table.bring("4-art-smock.project.json");
        table.goTo("Pieces");
        table.sheet("What lives on");
        table.text("Keepers left for the stash").click();
        table.button("Put them into the stash").click();
        assertThat(table.text("keepers lie in the stash")).isVisible();
        table.pick("[Cc]ollar or neckband");
        table.button("Throw away").click();
        assertThat(table.text("is thrown away; it can be taken back")).isVisible();
        assertThat(table.thing("[Cc]ollar or neckband")).hasCount(0);
    }

    @Test
    void aTreasureIsTriedInOtherClothFirst() {
        table.bring("4-art-smock.project.json");
        table.goTo("Source");
        table.sheet("Suits");
        assertThat(table.text("Begin\\.")).isVisible();
        table.page().getByLabel("If it went wrong, it would").selectOption("DEARLY");
        assertThat(table.text("Make it of other cloth first")).isVisible();
        table.sheet("Keepers");
        table.page().getByLabel("Condition: breast pocket").selectOption("BROKEN");
        table.goTo("Pieces");
        table.sheet("What lives on");
        assertThat(table.text("No keeper serves; it is made anew")).isVisible();
    }

    @Test
    void twoSourcesAreComparedBeforeTheyAreJoined() {
        table.pick("Camp blanket");
        table.button("Beside another").click();
        table.thing("striped shirt").click();
        assertThat(table.text("times as thick")).isVisible();
    }

    @Test
    void theClockFeedsTheHouseholdsOwnRates() {
        table.bring("1-dungarees.project.json");
        table.goTo("Take apart");
        table.sheet("Sittings");
        assertThat(table.text("Sitting 1")).isVisible();
        table.button("Start the clock: left inseam").click();
        table.button("Done, stop the clock: left inseam").click();
        assertThat(table.button("Not done yet: left inseam")).isVisible();
    }

    @Test
    void labelsAreThereForEveryPartThatComesOff() throws IOException {
        table.bring("4-art-smock.project.json");
        table.button("To the table").click();
        Locator item = table.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Part labels"))
                .first();
        Path kept = Files.createTempFile("hand-down", ".pdf");
        table.page().waitForDownload(item::click).saveAs(kept);
        try (var pdf = Loader.loadPDF(kept.toFile())) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("sleeve left")
                    .contains("Partner: sleeve right");
        }
    }
}
