package org.handdown.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** The cupboard: things go in, are found by what they shall do, are kept for a project, and come back when its cloth is cut. */
class StashIT {
    private static Table at(int width) {
        Table table = Table.sitDown(Stage.get(), width, width < 500 ? 844 : 800, false);
        table.page().navigate(table.page().url().replaceAll("(https?://[^/]+).*", "$1/stash"));
        table.heading("The stash").waitFor();
        return table;
    }

    private static void look(Table table, String role, String... sizes) {
        table.field("It shall be").selectOption(new com.microsoft.playwright.options.SelectOption().setLabel(role));
        for (int i = 0; i < sizes.length; i += 2) {
            table.settle(sizes[i], sizes[i + 1]);
        }
        table.button("Look").click();
    }

    @Test
    void aGarmentIsPutInOnAPhoneWithItsPhotograph() throws IOException {
        Table table = at(390);
        table.button("Put something in").click();
        table.field("More exactly").selectOption("SHIRT");
        table.field("Call it").fill("Shirt from the jumble sale");
        table.settle("chest, closed, whole girth under the arms", "41 in");
        table.field("Where it lies").fill("hall chest");
        table.button("Put it into the stash").click();
        Locator slip = table.page().getByRole(AriaRole.COMPLEMENTARY);
        assertThat(slip.getByRole(
                        AriaRole.HEADING, new Locator.GetByRoleOptions().setName("Shirt from the jumble sale")))
                .isVisible();
        assertThat(slip.getByText("Chest 104.1 cm")).isVisible();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB), "jpg", bytes);
        table.page()
                .getByLabel("Photographs", new Page.GetByLabelOptions().setExact(true))
                .setInputFiles(new FilePayload("shirt.jpg", "image/jpeg", bytes.toByteArray()));
        assertThat(slip.getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName("Photograph of Shirt")))
                .isVisible();
        table.button("Throw away").click();
        table.button("Take it back").first().click();
        assertThat(table.thing("Shirt from the jumble sale")).isVisible();
        table.leave();
    }

    @Test
    void whatIsLookedForIsFoundBySizeAndCode() {
        Table table = at(1280);
        look(
                table,
                "a strip along the grain",
                "across the grain, at least",
                "12 cm",
                "along the grain, at least",
                "120");
        assertThat(table.thing("ticking, long strip")).containsText("5.0 cm to spare along the grain");
        assertThat(table.thing("loden")).hasCount(0);
        // A set of its own: others may have promised those of the made-up household.
        table.button("Put something in").click();
        table.field("It is").selectOption("KEEPER");
        table.field("More exactly").selectOption("BUTTONS");
        table.field("Call it").fill("Brass buttons");
        table.settle("How many", "6");
        table.settle("across, mm", "22");
        table.button("Put it into the stash").click();
        assertThat(table.page()
                        .getByRole(AriaRole.COMPLEMENTARY)
                        .getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setName("Brass buttons")))
                .isVisible();
        look(table, "buttons", "How many", "6", "across, mm", "22");
        assertThat(table.thing("Brass buttons")).containsText("just as many");
        look(table, "a rib or elastic", "girth that it must pass", "38");
        assertThat(table.thing("grey rib")).containsText("more than it must pass");
        table.settle("girth that it must pass", "a lot");
        table.button("Look").click();
        assertThat(table.text("is not a length I can read")).isVisible();
        assertThat(table.thing("grey rib")).isVisible();
        table.button("Everything again").click();
        table.text("Only some of it").click();
        table.field("Colour").selectOption("BLUE");
        assertThat(table.thing("calico")).hasCount(0);
        assertThat(table.thing("ticking, long strip")).isVisible();
        table.button("Everything again").click();
        String code = table.thing("calico")
                .innerText()
                .lines()
                .filter(l -> l.matches("L\\d+"))
                .findFirst()
                .orElseThrow();
        table.field("Name, cloth, place, or the code on the bag").fill(code.toLowerCase(java.util.Locale.ROOT));
        table.button("Look").click();
        assertThat(table.thing("calico")).isVisible();
        assertThat(table.thing("horn buttons")).hasCount(0);
        table.leave();
    }

    @Test
    void buttonsAreSharedOutBetweenProjectsAndNotPromisedTwice() {
        Table table = at(1280);
        table.pick("mother-of-pearl");
        reserve(table, "Art smock", "6");
        assertThat(table.text("reserved for .*smock.*: 6")).isVisible();
        reserve(table, "Wrap skirt", "4");
        assertThat(table.text("3 of it is free; 6 reserved for")).isVisible();
        reserve(table, "Wrap skirt", "3");
        assertThat(table.thing("mother-of-pearl")).containsText("0 of 9 free");
        Locator holders = table.button("Let go");
        for (int left = 2; left > 0; left--) {
            assertThat(holders).hasCount(left);
            holders.first().click();
        }
        assertThat(table.text("Nobody yet: it is free")).isVisible();
        table.leave();
    }

    private static void reserve(Table table, String project, String amount) {
        Locator projects = table.field("For a project");
        String label = projects.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile(project, Pattern.CASE_INSENSITIVE)))
                .first()
                .innerText();
        projects.selectOption(new com.microsoft.playwright.options.SelectOption().setLabel(label));
        table.page().getByPlaceholder("all that is free").fill(amount);
        table.button("Reserve it").click();
    }

    @Test
    void whenTheClothIsCutItsRemnantsLieInTheStash() {
        Table table = at(1280);
        table.page().navigate(Stage.get().address);
        table.bring("2-wrap-skirt.project.json");
        table.goTo("Make");
        Locator cut = table.page()
                .getByRole(
                        AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("Chalk out and cut")));
        if (cut.isChecked()) {
            cut.click();
            assertThat(cut).not().isChecked();
        }
        cut.click();
        assertThat(table.text("of this project lie in")).isVisible();
        table.page().getByPlaceholder("box, bag, shelf").fill("scrap shelf");
        table.button("They lie there").click();
        assertThat(table.button("They lie there")).hasCount(0);
        cut.click();
        assertThat(table.text("of this project lie in")).hasCount(0);
        table.leave();
    }
}
