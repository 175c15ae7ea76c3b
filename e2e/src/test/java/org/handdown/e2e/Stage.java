package org.handdown.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;

/** The packed application on a real PostgreSQL, and Debian's Chromium in front of it; one of each for all journeys. */
final class Stage {
    static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final String[] BROWSER_ARGUMENTS = {
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync"
    };
    private static @org.jspecify.annotations.Nullable Stage running;

    private final String database;
    private final Instance server;
    private final Playwright playwright = Playwright.create();
    final Browser browser;
    final String address;

    private Stage() throws IOException, InterruptedException {
        String[] started = script("start").split(" ");
        database = started[0];
        server = new Instance(
                "server", started[1], "--handdown.demo=true", "--handdown.demo-folder=" + ROOT.resolve("demo"));
        Runtime.getRuntime().addShutdownHook(new Thread(this::close));
        address = server.address;
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setHeadless(true)
                        .setChromiumSandbox(false)
                        .setArgs(List.of(BROWSER_ARGUMENTS)));
    }

    static synchronized Stage get() {
        if (running == null) {
            try {
                running = new Stage();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }
        return running;
    }

    static String script(String... words) throws IOException, InterruptedException {
        String[] command = new String[words.length + 1];
        command[0] = ROOT.resolve("bin/test-database.sh").toString();
        System.arraycopy(words, 0, command, 1, words.length);
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).trim();
        if (process.waitFor() != 0) {
            throw new IllegalStateException("The test database did not start.");
        }
        return out;
    }

    /** A page of a new visitor, closed with its context by the caller. */
    Page visitor(int width, int height, boolean dark) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setAcceptDownloads(true)
                .setColorScheme(
                        dark
                                ? com.microsoft.playwright.options.ColorScheme.DARK
                                : com.microsoft.playwright.options.ColorScheme.LIGHT));
        context.setDefaultTimeout(30_000);
        return context.newPage();
    }

    private void close() {
        playwright.close();
        server.close();
        try {
            script("stop", database);
        } catch (IOException | InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
