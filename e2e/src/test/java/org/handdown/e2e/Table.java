package org.handdown.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** What a person does on the page, in their own words. */
record Table(Page page) {
    static Table sitDown(Stage stage, int width, int height, boolean dark) {
        Page page = stage.visitor(width, height, dark);
        page.navigate(stage.address);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Step into the made-up household"))
                .click();
        Table table = new Table(page);
        table.heading("On the table").waitFor();
        return table;
    }

    Locator heading(String name) {
        return page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    void open(String project) {
        page.navigate(page.url().replaceAll("(https?://[^/]+).*", "$1/"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(project))
                .first()
                .click();
        page.waitForURL(Pattern.compile("/projects/[^/]+/[a-z-]+$"));
        // It opens where the work stands; what is looked at here is mostly the lay.
        goTo("Lay");
    }

    void goTo(String station) {
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + station)))
                .click();
        heading(station).waitFor();
    }

    /** Opens a sheet of the slip. */
    void sheet(String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    /** The thread's own words about a station. */
    Locator thread(String station) {
        return page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + station)));
    }

    /** The first thing on the page that says this; a pattern. */
    Locator text(String pattern) {
        return page.getByText(Pattern.compile(pattern)).first();
    }

    /** Brings a project of the demo in and waits at its aim. */
    void bring(String file) {
        bring(Stage.ROOT.resolve("demo/" + file));
    }

    void bring(java.nio.file.Path file) {
        page.getByLabel("Project file").setInputFiles(file);
        page.waitForURL(Pattern.compile("/projects/[^/]+/[a-z-]+$"));
        goTo("Aim");
    }

    /** Begins a project from nothing and aims it at a draft for somebody of the made-up household. */
    void aim(String draft, String wearer, String height) {
        page.navigate(page.url().replaceAll("(https?://[^/]+).*", "$1/"));
        page.getByLabel("Name of a new project").fill(draft + " for " + wearer);
        button("Begin").click();
        heading("Aim").waitFor();
        field("It will be").selectOption(new com.microsoft.playwright.options.SelectOption().setLabel(draft));
        field("Who will wear it").fill(wearer);
        settle("height", height);
        button("Settle the aim").click();
        com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat(thread("Aim"))
                .containsText("for " + wearer);
    }

    /** Opens the stash and picks a thing in it. */
    void pick(String thing) {
        page.navigate(page.url().replaceAll("(https?://[^/]+).*", "$1/stash"));
        thing(thing).click();
    }

    /** A thing as it lies in the stash. */
    Locator thing(String name) {
        return page.getByRole(AriaRole.LISTITEM)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(name)))
                .first();
    }

    /** Begins a project with a source of the stash; whoever else it was kept for lets go of it. */
    void beginWith(String source) {
        pick(source);
        Locator slip = page.getByRole(AriaRole.COMPLEMENTARY);
        Locator holders = slip.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Let go"));
        slip.getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setName("Kept for"))
                .waitFor();
        for (int left = holders.count(); left > 0; left--) {
            holders.first().click();
            com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat(holders)
                    .hasCount(left - 1);
        }
        button("Begin with it").click();
        page.waitForURL(Pattern.compile("/aim$"));
        heading("Aim").waitFor();
    }

    void settle(String label, String text) {
        field(label).fill(text);
        field(label).press("Tab");
    }

    void leave() {
        page.context().close();
    }
}
