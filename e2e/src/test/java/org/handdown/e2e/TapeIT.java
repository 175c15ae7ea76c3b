package org.handdown.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.Test;

/** Cloth is measured where it lies: a curtain by its diagonals, a blanket from two pins, a remnant from a straight tape. */
class TapeIT extends Seated {
    @Test
    void aCurtainWhoseDiagonalsDifferIsNoRectangle() {
        table.bring("2-wrap-skirt.project.json");
        table.goTo("Panels");
        table.sheet("Survey");
        table.settle("lower side", "120 cm");
        table.settle("right side", "200 cm");
        table.settle("upper side", "120 cm");
        table.settle("left side", "200 cm");
        table.settle("diagonal, lower left to upper right", "235 cm");
        assertThat(table.text("Only one diagonal: the other should be 231.5 cm"))
                .isVisible();
        table.settle("diagonal, upper left to lower right", "231.5 cm");
        assertThat(table.text("It is no rectangle")).isVisible();
        table.button("Take this outline").click();
        assertThat(table.thread("Lay")).containsText("changed since");
        table.button("Undo").click();
        assertThat(table.thread("Lay")).not().containsText("changed since");
    }

    @Test
    void aSlipFromTwoPinsIsNamedBeforeAnythingIsStored() {
        table.bring("3-bodywarmer.project.json");
        table.goTo("Panels");
        table.sheet("Survey");
        table.field("Measured on the cloth by").selectOption(new SelectOption().setLabel("from two pins"));
        table.settle("between the pins", "90 cm");
        String[][] figures = {
            {"60 cm", "108.2 cm", "80 cm"},
            {"140 cm", "166.4 cm", "100 cm"},
            {"172 cm", "140.4 cm", "87 cm"},
            {"116.6 cm", "60.8 cm", "100 cm"}
        };
        // With one hand: Enter goes from figure to figure, and makes the fourth point.
        table.page().getByLabel("Point 1, from the first pin").focus();
        for (String[] point : figures) {
            for (String figure : point) {
                table.page().keyboard().type(figure);
                table.page().keyboard().press("Enter");
            }
        }
        // The fifth point, begun by the last Enter, counts for nothing.
        assertThat(table.text("Most likely mismeasured: point 3 to point 4")).isVisible();
        table.page().getByLabel("Point 3, to the next").fill("80 cm");
        assertThat(table.text("Most likely mismeasured")).isHidden();
        assertThat(table.text("80.0 dm²|79.9 dm²|80.1 dm²")).isVisible();
        table.page().getByLabel("Point 1, from the first pin").fill("9 cm");
        assertThat(table.text("Point 1 makes no triangle with the pins")).isVisible();
    }

    @Test
    void aRemnantIsTapedBesideWhatTheSourceGives() {
        table.bring("3-bodywarmer.project.json");
        table.goTo("Panels");
        table.button("+ panel").click();
        table.field("Call the panel").fill("old remnant");
        table.field("Measured on the cloth by")
                .selectOption(new SelectOption().setLabel("a straight tape, and square off it"));
        String[][] figures = {{"0", "-10 cm"}, {"0", "12 cm"}, {"30 cm", "9 cm"}};
        for (int i = 0; i < figures.length; i++) {
            table.page().getByLabel("Point " + (i + 1) + ", along").fill(figures[i][0]);
            table.page().getByLabel("Point " + (i + 1) + ", to the right").fill(figures[i][1]);
        }
        assertThat(table.text("every point true to about")).isVisible();
        table.button("Take this outline").click();
        assertThat(table.thread("Panels")).containsText("2 panels");
        assertThat(table.text("longest bias strip")).isVisible();
    }
}
