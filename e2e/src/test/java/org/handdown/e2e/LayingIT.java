package org.handdown.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Hand and machine lay the dungarees together: pins, what would help, how far, lays side by side, remnants. */
class LayingIT extends Seated {
    @BeforeEach
    void bringAFreshCopyOfTheDemo() {
        table.bring("1-dungarees.project.json");
    }

    private Locator piece(String name) {
        return table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** The cut line of a laid piece in its panel's frame, as it is drawn. */
    private String outline(String name) {
        return piece(name).locator("path").first().getAttribute("d");
    }

    private static LocatorAssertions.IsVisibleOptions within(double seconds) {
        return new LocatorAssertions.IsVisibleOptions().setTimeout(1000 * seconds);
    }

    private void layFor(String seconds) {
        table.field("trying for").selectOption(seconds);
        table.button("Lay again").click();
        assertThat(table.button("Stop, keep the best so far")).isVisible();
        assertThat(table.button("Lay again")).isVisible(within(60));
    }

    @Test
    void aPinnedPieceStaysWhenTheRestIsLaidAgain() {
        table.goTo("Lay");
        piece("bib 1").press("Enter");
        table.page().keyboard().press("p");
        assertThat(piece("bib 1, pinned")).isVisible();
        String before = outline("bib 1, pinned");
        piece("strap 1").press("Enter");
        table.button("Take off").click();
        assertThat(table.text("taken off by hand")).isVisible();
        layFor("5");
        assertThat(table.thread("Lay")).containsText("All pieces lie");
        assertThat(outline("bib 1, pinned")).isEqualTo(before);
        piece("bib 1, pinned").press("Enter");
        table.button("Unpin").click();
        assertThat(piece("bib 1")).isVisible();
    }

    @Test
    void aCarriedPieceGlidesAlongWhatForbidsTheSpot() {
        table.goTo("Lay");
        BoundingBox box = piece("bib 1").boundingBox();
        var mouse = table.page().mouse();
        mouse.move(box.x + box.width / 2, box.y + box.height / 2);
        mouse.down();
        mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 12);
        mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 18);
        assertThat(table.text("There it lies on .* It glides to the nearest free spot"))
                .isVisible();
        mouse.up();
        assertThat(table.thread("Lay")).containsText("All pieces lie");
        assertThat(table.button("Undo")).isEnabled();
    }

    @Test
    void aPieceWithoutAPlaceIsHelpedByOnePress() {
        table.goTo("Pieces");
        table.sheet("Changes");
        table.page()
                .getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("back bib facing"))
                .check();
        table.settle("line above the lower end", "2 cm");
        table.settle("by how much", "40 cm");
        table.button("See what follows").click();
        table.button("Do it").click();
        assertThat(table.text("longer by 40")).isVisible();
        table.goTo("Lay");
        layFor("5");
        assertThat(table.heading("Without a place")).isVisible();
        table.button("What would help the back bib facing?").click();
        assertThat(table.text("Cut the back bib facing from another cloth")).isVisible(within(60));
        table.button("Stop here").click();
        table.button("Show it").first().click();
        assertThat(table.text("You are looking at a find")).isVisible();
        table.button("Do this").first().click();
        assertThat(table.thread("Lay")).containsText("All pieces lie");
        assertThat(table.heading("Without a place")).isHidden();
        table.goTo("Pieces");
        table.sheet("Changes");
        assertThat(table.text("from another cloth")).isVisible();
    }

    @Test
    void laysAreKeptWeighedAndTakenUpAgain() {
        table.goTo("Lay");
        table.sheet("Compare");
        table.field("Keep this lay as").fill("all whole");
        table.button("Keep").click();
        assertThat(table.page().getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("all whole")))
                .isVisible();
        piece("bib pocket 1").press("Enter");
        table.sheet("Lay");
        table.button("Take off").click();
        assertThat(table.text("taken off by hand")).isVisible();
        table.sheet("Compare");
        assertThat(table.page()
                        .getByRole(
                                AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("pieces that lie"))))
                .containsText("14 of 15");
        Locator sketch =
                table.page().getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("“all whole”, small"));
        assertThat(sketch).isVisible();
        // The pocket that was taken off lies otherwise than in the lay at work, and nothing else does.
        assertThat(sketch.locator(".fill-madder")).hasCount(1);
        table.button("Show").click();
        assertThat(table.text("You are looking at a kept lay")).isVisible();
        table.button("Take it up").click();
        assertThat(table.thread("Lay")).containsText("All pieces lie");
    }

    @Test
    void howFarASizeGoesAndHowLittleClothIsTold() {
        table.goTo("Lay");
        table.sheet("How far");
        table.settle("Width of the cloth", "wide");
        table.button("Find the least length").click();
        assertThat(table.text("not a length I can read|Write a number and a unit"))
                .isVisible();
        table.settle("Width of the cloth", "140 cm");
        table.button("Find the least length").click();
        assertThat(table.text("All one way: .* of cloth 140.0 cm wide")).isVisible(within(90));
        assertThat(table.text("Both ways: ")).isVisible();
        table.field("Size").selectOption(new SelectOption().setIndex(1));
        table.button("Try how far it goes").click();
        assertThat(table.text(" goes up to .*; now ")).isVisible(within(120));
    }

    @Test
    void remnantsGoToTheStashWithTheirEdges() {
        table.goTo("Lay");
        table.sheet("Left over");
        assertThat(table.text("keeps hem ")).isVisible();
        table.page()
                .getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Remnant ")))
                .first()
                .check();
        table.button("Put 1 into the stash").click();
        assertThat(table.text("1 remnant went to the stash")).isVisible();
        table.pick("remnant of rust");
        assertThat(table.text("hem \\d")).isVisible();
        table.button("Throw away").click();
        assertThat(table.text("is thrown away; it can be taken back")).isVisible();
    }
}
