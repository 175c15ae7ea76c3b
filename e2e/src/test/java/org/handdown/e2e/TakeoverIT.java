package org.handdown.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.Objects;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Processes share one database and its queue; one of them is stopped in order at work, the next is killed. */
class TakeoverIT {
    private static final double SECONDS = 1000;
    private String database = "";
    private String port = "";
    private @Nullable Instance first;
    private @Nullable Instance second;
    private @Nullable Instance third;

    @BeforeEach
    void startTheFirst() throws IOException, InterruptedException {
        String[] started = Stage.script("start").split(" ");
        database = started[0];
        port = started[1];
        first = new Instance("takeover-first", port, quick());
    }

    private static String[] quick() {
        return new String[] {
            "--handdown.demo=true",
            "--handdown.demo-folder=" + Stage.ROOT.resolve("demo"),
            "--db-scheduler.heartbeat-interval=1s",
            "--db-scheduler.polling-interval=300ms"
        };
    }

    @AfterEach
    void endBoth() throws IOException, InterruptedException {
        for (Instance instance : new Instance[] {first, second, third}) {
            if (instance != null) {
                instance.close();
            }
        }
        Stage.script("stop", database);
    }

    @Test
    void aRunGoesOnElsewhereFromItsLastStoredBest() throws IOException, InterruptedException {
        Instance working = Objects.requireNonNull(first);
        Page page = Stage.get().visitor(1280, 800, false);
        page.navigate(working.address);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Step into the made-up household"))
                .click();
        Table table = new Table(page);
        table.heading("On the table").waitFor();
        table.open("Dungarees for Ilse");
        table.goTo("Lay");
        table.field("trying for").selectOption("300");
        table.button("Lay again").click();
        assertThat(table.text("Best so far: \\d+ of 15")).isVisible(within(20));
        String station = page.url().replaceAll("https?://[^/]+", "");

        // Only now is there a second one, so that it is sure which of them had the run.
        Instance other = new Instance("takeover-second", port, quick());
        second = other;
        Assertions.assertThat(working.stop(12))
                .as("the open stream of progress and the search hold up no orderly stop")
                .isTrue();
        assertThat(table.text("The connection is lost; the work goes on")).isVisible(within(20));

        // The session is in the database as well: the same person goes on at the other instance.
        page.navigate(other.address + station);
        assertThat(table.text("Best so far: \\d+ of 15")).isVisible(within(30));
        Instance last = new Instance("takeover-third", port, quick());
        third = last;
        other.kill();
        assertThat(table.text("The connection is lost; the work goes on")).isVisible(within(20));
        page.navigate(last.address + station);
        assertThat(table.text("Best so far: \\d+ of 15")).isVisible(within(30));
        table.button("Stop, keep the best so far").click();
        assertThat(table.button("Lay again")).isVisible(within(20));
        assertThat(table.thread("Lay")).containsText("All pieces lie");
        assertThat(page.getByText(Pattern.compile("The run broke down"))).isHidden();
        table.leave();
    }

    private static LocatorAssertions.IsVisibleOptions within(double seconds) {
        return new LocatorAssertions.IsVisibleOptions().setTimeout(seconds * SECONDS);
    }
}
