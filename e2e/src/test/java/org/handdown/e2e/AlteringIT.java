package org.handdown.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A garment is pinned, taken in, copied and tried for getting in and out; the table and its words. */
class AlteringIT extends Seated {
    /** The jumper from the stash, to be taken in. */
    private void jumperToTakeIn() {
        table.beginWith("The jumper that was boiled");
        table.field("It will be").selectOption(new SelectOption().setLabel("the source itself, taken in or shortened"));
        table.field("Who will wear it").fill("Runa");
        table.button("Settle the aim").click();
        assertThat(table.thread("Aim")).containsText("for Runa");
        table.goTo("Pieces");
    }

    @Test
    void aJumperIsTakenInAndItsSleevesShortenedAboveTheKeptRib() {
        jumperToTakeIn();
        table.field("Where").selectOption(new SelectOption().setLabel("left side seam"));
        table.settle("along the seam, from the hem", "15 cm");
        table.settle("folded depth, fold to pin", "2 cm");
        table.button("Work it out").click();
        // 88 cm round: 2 cm pinched on both side seams take 8 cm.
        assertThat(table.text("^80.0 cm$")).isVisible();
        assertThat(table.text("The same at the right side seam")).isVisible();
        table.field("It was").selectOption(new SelectOption().setLabel("a tuck pinched round a sleeve or leg"));
        table.field("Where").selectOption(new SelectOption().setLabel("sleeve left"));
        table.settle("folded depth, fold to pin", "1 in");
        table.button("Work it out").click();
        assertThat(table.text("it becomes 5.1 cm \\(2 in\\) shorter")).isVisible();
        assertThat(table.text("ratio 1\\.")).isVisible();
        assertThat(table.thread("Pieces")).containsText("2 places taken in or shortened");
        table.goTo("Make");
        assertThat(table.text("Before anything is trimmed")).isVisible();
        assertThat(table.text("Copy it to the right side seam")).isVisible();
    }

    @Test
    void aJumperIsOpenedInFrontAndShortenedAndStaysSewn() {
        table.beginWith("The jumper that was boiled");
        table.field("It will be").selectOption(new SelectOption().setLabel("the source itself, changed in other ways"));
        table.field("Who will wear it").fill("Runa");
        table.button("Settle the aim").click();
        table.goTo("Pieces");
        table.field("What is done first").selectOption(new SelectOption().setLabel("open a front"));
        table.button("Add this change").click();
        assertThat(table.thread("Pieces")).containsText("1 change");
        table.field("Closed by").selectOption(new SelectOption().setLabel("a zip, edge to edge"));
        // 88 cm round: 2 cm turned under on each edge.
        assertThat(table.text("84.0 cm").first()).isVisible();
        table.field("And then").selectOption(new SelectOption().setLabel("shorten an end"));
        table.button("Add this change").click();
        assertThat(table.thread("Pieces")).containsText("2 changes");
        table.settle("Shorter by", "8 cm");
        assertThat(table.page().locator("li").filter(new Locator.FilterOptions().setHasText("cut off: hem")))
                .isVisible();
        table.goTo("Make");
        assertThat(table.text("Before it cannot be undone: open a front")).isVisible();
        table.goTo("Pieces");
        table.button("Take back: open a front").click();
        assertThat(table.thread("Pieces")).containsText("1 change");
    }

    @Test
    void aStripIsLaidOnTheHemThatWasCutOff() {
        table.beginWith("The jumper that was boiled");
        table.field("It will be").selectOption(new SelectOption().setLabel("the source itself, changed in other ways"));
        table.field("Who will wear it").fill("Runa");
        table.button("Settle the aim").click();
        table.goTo("Pieces");
        table.button("Add this change").click();
        assertThat(table.thread("Pieces")).containsText("1 change");
        table.settle("Shorter by", "25 cm");
        assertThat(table.thread("Panels")).containsText("can be cut from");
        table.field("And then").selectOption(new SelectOption().setLabel("sew a strip to an end"));
        table.button("Add this change").click();
        table.field("Joined from").selectOption("4");
        assertThat(table.text("Cut 4 strips of")).isVisible();
        table.goTo("Lay");
        table.button("Lay the pieces").click();
        assertThat(table.thread("Lay"))
                .containsText(
                        "All pieces lie",
                        new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                                .setTimeout(60_000));
        table.goTo("Make");
        assertThat(table.text("Cut out: band at the hem").first()).isVisible();
    }

    @Test
    void aPinchInTheWrongUnitIsSeenAndNothingIsStored() {
        jumperToTakeIn();
        table.field("Where").selectOption(new SelectOption().setLabel("left side seam"));
        table.settle("along the seam, from the hem", "15 cm");
        table.settle("folded depth, fold to pin", "20 cm");
        table.button("Work it out").click();
        assertThat(table.text("in the right unit\\?")).isVisible();
        assertThat(table.thread("Pieces")).containsText("Say where it was pinned");
    }

    @Test
    void aNeckThatDoesNotGoOverTheHeadSaysHowFarItMustOpen() {
        jumperToTakeIn();
        table.sheet("Goes on?");
        table.field("Which ring: waist, neck, leg end").fill("neck");
        table.field("Over").selectOption(new SelectOption().setLabel("the head"));
        table.settle("the body there", "56 cm");
        table.settle("round it, at rest", "40 cm");
        table.settle("stretches by, %", "20 %");
        table.button("Does it go on?").click();
        assertThat(table.text("8.0 cm short. It needs an opening of 4.0 cm")).isVisible();
        table.button("Change its figures").click();
        table.settle("stretches by, %", "40");
        table.button("Does it go on?").click();
        assertThat(table.text("it goes on\\.")).isVisible();
        table.settle("the body there", "56 cm");
    }

    @Test
    void aDeeperNecklineIsDrawnWithItsNotchAndGatedBeforeTheCut() {
        table.bring("6-leg-warmers-and-hat.project.json");
        table.goTo("Pieces");
        table.sheet("Neck");
        table.field("Call it").fill("deeper V");
        table.settle("neck point to neck point", "20 cm");
        table.settle("depth at the centre front", "10 cm");
        table.settle("back neckline, along its seam", "22 cm");
        table.settle("band or rib at rest", "42 cm");
        table.settle("its depth, finished", "1 in");
        table.settle("it may stretch by, %", "40 %");
        table.button("Work it out").click();
        assertThat(table.text("The V opens by 90°")).isVisible();
        assertThat(table.text("notch, folded edge below")).isVisible();
        table.goTo("Make");
        assertThat(table.text("Before the neck is cut: deeper V")).isVisible();
    }

    @Test
    void aFrontIsCopiedFromAShirtThatFits() {
        table.bring("6-leg-warmers-and-hat.project.json");
        table.goTo("Pieces");
        table.sheet("Copy");
        table.field("The garment that fits")
                .selectOption(new SelectOption().setLabel("Collarless striped shirt (shirt)"));
        table.field("Cut from").selectOption(new SelectOption().setLabel("front"));
        table.button("Check the cloth").click();
        assertThat(table.text("The cloth is 24.0 cm too short below")).isVisible();
        table.button("Take the copy").click();
        assertThat(table.thread("Pieces")).containsText("5 pieces");
        table.button("Undo").click();
        assertThat(table.thread("Pieces")).containsText("4 pieces");
    }

    @Test
    void insertsAreDraftedWhereNothingMoreIsHidden() {
        table.bring("5-pleated-skirt.project.json");
        table.goTo("Pieces");
        table.page().getByText("Inserts").first().click();
        table.settle("length of one opened seam", "42 cm");
        table.page().getByLabel("Level 1, wider all round").fill("1 in");
        table.page().getByLabel("Level 2, wider all round").fill("3 in");
        table.button("Draft the inserts").click();
        assertThat(table.text("Their edges measure 42.0 cm")).isVisible();
        assertThat(table.text("side insert")).isVisible();
        table.button("The folds").click();
        assertThat(table.text("as it will be: 34.0 cm")).isVisible();
        table.page().getByLabel("Level 2, wider all round").fill("3 m");
        table.button("Draft the inserts").click();
        assertThat(table.text("Check the unit")).isVisible();
        table.button("Without inserts").click();
        assertThat(table.button("The inserts")).isHidden();
    }

    @Test
    void theStepsFollowWhatTheTableLacks() {
        Locator iron = table.page().getByLabel("steam iron");
        iron.uncheck();
        assertThat(table.text("No iron: finger-press")).isVisible();
        table.open("Dungarees for Ilse");
        table.goTo("Make");
        assertThat(table.text("No iron: finger-press")).isVisible();
        table.page().navigate(Stage.get().address);
        iron.check();
        assertThat(table.text("No iron")).isHidden();
    }

    @Test
    void wordsAreFoundByWhateverOneCallsThem() {
        table.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Words"))
                .click();
        table.heading("Words").waitFor();
        table.page().getByLabel("What do you call it?").fill("diameter");
        assertThat(table.heading("girth")).isVisible();
        assertThat(table.heading("bodkin")).isHidden();
        table.page().getByLabel("What do you call it?").fill("carburettor");
        assertThat(table.text("No word here")).isVisible();
    }

    @Test
    void aLayIsTightUntilItKeepsWhatTheMeasuresMayBeOff() {
        table.bring("6-leg-warmers-and-hat.project.json");
        table.goTo("Lay");
        assertThat(table.text("Measure these edges again")).isVisible();
        table.page().getByLabel("trying for").selectOption("5");
        table.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("off every edge$")))
                .click();
        assertThat(table.text("It surely fits|Not everything"))
                .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions()
                        .setTimeout(30_000));
    }
}
