package org.handdown.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Where people begin: the projects side by side, whom they are for, and the doors for what somebody has in mind. */
class FirstPageIT {
    private static Table sit(int width) {
        return Table.sitDown(Stage.get(), width, width < 500 ? 844 : 800, false);
    }

    private static void home(Table table) {
        table.page().navigate(table.page().url().replaceAll("(https?://[^/]+).*", "$1/"));
        table.heading("On the table").waitFor();
    }

    private static Locator card(Table table, String name) {
        return table.page()
                .getByRole(
                        AriaRole.ARTICLE,
                        new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void anExampleIsRenamedCopiedSetAsideAndThrownAway() {
        Table table = sit(1280);
        table.button("Show me").click();
        table.page().waitForURL(Pattern.compile("/projects/[^/]+/[a-z-]+$"));
        assertThat(table.thread("Lay")).containsText("All pieces lie");
        home(table);
        table.button("Rename Dungarees for a child").first().click();
        table.field("Name of the project").fill("Played with");
        table.field("Name of the project").press("Enter");
        assertThat(card(table, "Played with")).containsText("Make: 0 of");
        assertThat(card(table, "Played with")
                        .getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName("Played with, laid")))
                .isVisible();
        table.button("Copy Played with as a variant").click();
        assertThat(card(table, "Played with, a variant")).isVisible();
        table.button("Set Played with, a variant aside").click();
        assertThat(card(table, "Played with, a variant")).hasCount(0);
        table.text("^Set aside: ").click();
        table.button("Put Played with, a variant back on the table").click();
        assertThat(table.text("Nothing is set aside")).isVisible();
        table.button("Back to the table").click();
        table.button("Throw away Played with, a variant").click();
        assertThat(card(table, "Played with, a variant")).hasCount(0);
        table.button("Take it back").first().click();
        assertThat(card(table, "Played with, a variant")).isVisible();
        // The next step is a door.
        card(table, "Played with")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Make"))
                .click();
        assertThat(table.heading("Make")).isVisible();
        table.leave();
    }

    @Test
    void anAlterationIsAskedForAtTheDoor() {
        Table table = sit(390);
        table.button("Let it out").click();
        table.heading("Aim").waitFor();
        assertThat(table.field("It will be")).hasValue("LET_OUT");
        assertThat(table.field("In words")).hasValue("let out for another year");
        table.leave();
    }

    @Test
    void whoeverIsMeasuredOnceIsAskedForNothingAndGrows() {
        Table table = sit(390);
        table.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Wearers"))
                .click();
        table.field("Somebody new").fill("Sunniva");
        table.button("Put in").click();
        table.field("Measured on").fill("2026-03-01");
        table.field("By whom").fill("Runa");
        table.settle("height", "104 mm");
        table.button("Write it down").click();
        assertThat(table.text("between")).isVisible();
        table.settle("height", "104");
        table.settle("hip girth", "58");
        table.button("Write it down").click();
        assertThat(table.text("Measured once")).isVisible();

        home(table);
        table.page().getByLabel("Name of a new project").fill("Trousers for Sunniva");
        table.button("Begin").click();
        table.heading("Aim").waitFor();
        table.field("It will be").selectOption(new SelectOption().setLabel("dungarees"));
        table.field("Who will wear it").fill("sunniva");
        assertThat(table.text("104.0 cm tall")).isVisible();
        table.button("Settle the aim").click();
        assertThat(table.thread("Aim")).containsText("104.0 cm tall");
        assertThat(table.field("hip girth")).hasValue("58 cm");

        table.page().navigate(table.page().url().replaceAll("(https?://[^/]+).*", "$1/wearers"));
        table.text("^Sunniva").click();
        table.button("Measure anew").click();
        table.field("Measured on").fill(LocalDate.now().toString());
        table.settle("height", "108");
        table.button("Write it down").click();
        assertThat(table.text("in a year at this pace")).isVisible();
        assertThat(table.page()
                        .getByRole(
                                AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("height: 104.0 cm"))))
                .isVisible();

        home(table);
        card(table, "Trousers for Sunniva")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Open Trousers"))
                .click();
        table.goTo("Aim");
        assertThat(table.heading("Measured since")).isVisible();
        assertThat(table.text("\\+ 4.0 cm")).isVisible();
        table.button("Draft from the newer ones").click();
        assertThat(table.thread("Aim")).containsText("108.0 cm tall");
        assertThat(table.heading("Measured since")).hasCount(0);
        table.leave();
    }
}
