package org.handdown.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A project made from more than its own source: brought out of the stash, taken apart by itself, laid on the same table. */
class ManySourcesIT {
    private static Table dungarees(int width) {
        Table table = Table.sitDown(Stage.get(), width, width < 500 ? 844 : 800, false);
        table.bring("1-dungarees.project.json");
        table.goTo("Source");
        table.sheet("Beside it");
        return table;
    }

    private static void look(Table table, String text) {
        table.field("Name, code or place; empty for the newest").fill(text);
        table.button("Look in the stash").click();
    }

    private static Locator brought(Table table, String name) {
        return table.page()
                .getByRole(AriaRole.COMPLEMENTARY)
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(name))
                .first();
    }

    @Test
    void aLengthOfTheStashIsCutForThisProjectAndLetGoOfAgain() {
        Table table = dungarees(390);
        look(table, "calico");
        table.thing("unbleached calico").click();
        table.field("How much of it; empty for all that is free").fill("much");
        table.field("It serves as").selectOption(new SelectOption().setLabel("pocketing"));
        table.button("Bring it: reserved for this project").click();
        assertThat(table.text("is not a length I can read")).isVisible();
        table.field("How much of it; empty for all that is free").fill("60 cm");
        table.button("Bring it: reserved for this project").click();
        assertThat(brought(table, "unbleached calico")).containsText("60.0 cm");
        assertThat(brought(table, "unbleached calico")).containsText("Cut from it: pocketing");
        table.goTo("Lay");
        assertThat(table.thread("Lay")).containsText("changed since");
        table.goTo("Source");
        table.sheet("Beside it");
        table.button("Take out unbleached calico").click();
        assertThat(table.button("Take out unbleached calico")).hasCount(0);
        table.button("Undo").click();
        assertThat(table.button("Take out unbleached calico")).isVisible();
        table.leave();
    }

    @Test
    void aSecondGarmentIsTakenApartByItselfAndLaidWithTheFirst() {
        Table table = dungarees(1280);
        look(table, "shirt");
        table.thing("[Ss]triped shirt").click();
        table.field("It serves as").selectOption(new SelectOption().setLabel("contrast"));
        table.button("Bring it: reserved for this project").click();
        assertThat(brought(table, "shirt")).containsText("Cut from it: contrast");
        assertThat(table.thread("Panels")).containsText("Measure the parts");
        table.goTo("Take apart");
        Locator which = table.page().getByLabel("Which source");
        Locator shirt =
                which.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("shirt")));
        shirt.click();
        assertThat(shirt).hasAttribute("aria-pressed", "true");
        table.sheet("Least work");
        table.button("Find the least work").click();
        table.button("Take this plan").first().click();
        assertThat(table.thread("Take apart")).containsText(Pattern.compile("shirt.* parts lie flat"));
        table.goTo("Panels");
        table.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new com.microsoft.playwright.Page.GetByRoleOptions().setName(Pattern.compile("^Draw the")))
                .first()
                .click();
        assertThat(table.thread("Panels")).containsText(Pattern.compile("shirt.*: \\d+ panel"));
        // Back at the first source everything is as it was.
        which.getByRole(AriaRole.BUTTON).first().click();
        assertThat(shirt).hasAttribute("aria-pressed", "false");
        table.goTo("Make");
        assertThat(table.text("Wash and dry the source \\(.*shirt")).isVisible();
        table.leave();
    }

    /** No garment at all: cloth by the metre is brought, laid, held against a printed demand, and worked to the end. */
    @Test
    void clothAloneBecomesAGarmentToTheLastStep() {
        Table table = Table.sitDown(Stage.get(), 1280, 800, false);
        table.aim("smock", "Pim", "92 cm");
        table.goTo("Source");
        table.button("Bring it out of the stash").click();
        look(table, "calico");
        table.thing("unbleached calico").click();
        table.field("How much of it; empty for all that is free").fill("70 cm");
        table.field("It serves as").selectOption(new SelectOption().setLabel("outer cloth"));
        table.button("Bring it: reserved for this project").click();
        assertThat(table.thread("Source")).containsText("unbleached calico");
        assertThat(table.thread("Take apart")).containsText("nothing is sewn together");
        table.goTo("Lay");
        table.button("Lay the pieces").click();
        assertThat(table.thread("Lay"))
                .containsText(
                        Pattern.compile("All pieces lie|without a place"),
                        new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                                .setTimeout(60_000));
        table.sheet("How far");
        table.settle("Printed length, if any", "much");
        table.button("Find the least length").click();
        assertThat(table.text("is not a length I can read")).isVisible();
        table.settle("Printed length, if any", "3 m");
        table.button("Find the least length").click();
        assertThat(table.text("^Printed: 300.0 cm of cloth 140.0 cm wide; these pieces take"))
                .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions()
                        .setTimeout(90_000));
        assertThat(table.text("^Along or across the grain: ")).isVisible();
        table.goTo("Make");
        assertThat(table.text("^To find or buy")).isVisible();
        assertThat(table.text("^buttons, 5")).isVisible();
        assertThat(table.text("Press the cloth flat and true its ends")).isVisible();
        table.leave();
    }

    /** From a garment in the stash: what may be enough is laid by itself, and a project is begun with what lies. */
    @Test
    void whatAGarmentWouldMakeIsLaidAndBegunWith() {
        Table table = Table.sitDown(Stage.get(), 390, 844, false);
        table.page().navigate(table.page().url().replaceAll("(https?://[^/]+).*", "$1/stash"));
        table.button("Put something in").click();
        table.field("More exactly").selectOption("CURTAIN");
        table.field("Call it").fill("Curtain to try things on");
        table.button("Put it into the stash").click();
        table.page()
                .getByRole(
                        AriaRole.LINK,
                        new com.microsoft.playwright.Page.GetByRoleOptions().setName("What would it make?"))
                .click();
        table.heading("What would it make?").waitFor();
        table.field("Who will wear it").selectOption("somebody new");
        table.field("Name").fill("Pim");
        table.field("Height").fill("very");
        table.button("Try it").click();
        assertThat(table.text("is not a length I can read")).isVisible();
        table.field("Height").fill("104");
        table.field("It shall become").selectOption(new SelectOption().setLabel("dungarees"));
        table.button("Try it").click();
        Locator card = table.page().getByRole(AriaRole.ARTICLE).first();
        assertThat(card.getByText(Pattern.compile("^All \\d+ pieces (surely )?lie")))
                .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions()
                        .setTimeout(30_000));
        card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Begin with it"))
                .click();
        table.page().waitForURL(Pattern.compile("/projects/[^/]+/[a-z-]+$"));
        assertThat(table.thread("Lay")).containsText("All pieces lie");
        assertThat(table.thread("Aim")).containsText("for Pim");
        table.leave();
    }

    /** Of everything for everybody: what is found stays when the page is left, and another day only what changed is tried. */
    @Test
    void theWholeStashIsAskedForEverybody() {
        Table table = Table.sitDown(Stage.get(), 1280, 800, false);
        String home = table.page().url().replaceAll("(https?://[^/]+).*", "$1");
        table.page().navigate(home + "/ideas");
        table.field("From").selectOption("everything that is free");
        table.field("It shall become").selectOption(new SelectOption().setLabel("dungarees"));
        table.field("Who will wear it").selectOption("everybody who is measured");
        table.button("Try it").click();
        table.text("^\\d+ tries: \\d+ lies? whole").waitFor(new Locator.WaitForOptions().setTimeout(120_000));
        assertThat(table.page().getByRole(AriaRole.ARTICLE).first())
                .containsText(Pattern.compile("dungarees for ", Pattern.CASE_INSENSITIVE));
        int cards = table.page().getByRole(AriaRole.ARTICLE).count();
        table.page().navigate(home + "/stash");
        table.page().navigate(home + "/ideas");
        assertThat(table.page().getByRole(AriaRole.ARTICLE)).hasCount(cards);
        assertThat(table.field("It shall become").locator("option:checked")).hasText("dungarees");
        table.button("Try it").click();
        // All of it was found before.
        assertThat(table.text("^\\d+ tries: \\d+ lies? whole")).isVisible();
        table.leave();
    }
}
