package org.handdown.server;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.springframework.test.context.DynamicPropertyRegistry;

/** One real PostgreSQL for all tests of this module, made when first asked for and taken away with the virtual machine. */
public final class TestDatabase {
    private static final Path SCRIPT =
            Path.of("../bin/test-database.sh").toAbsolutePath().normalize();
    private static final String[] STARTED = start();

    private TestDatabase() {}

    public static String url() {
        return "jdbc:postgresql://127.0.0.1:" + STARTED[1] + "/postgres";
    }

    public static void register(DynamicPropertyRegistry registry) {
        registry.add("spring.datasource.url", TestDatabase::url);
        registry.add("spring.datasource.username", () -> "handdown");
        registry.add("spring.datasource.password", () -> "");
    }

    private static String[] start() {
        try {
            Process process = new ProcessBuilder(SCRIPT.toString(), "start")
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            String line = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).trim();
            if (process.waitFor() != 0) {
                throw new IllegalStateException("The test database did not start.");
            }
            String[] started = line.split(" ");
            Runtime.getRuntime().addShutdownHook(new Thread(() -> stop(started[0])));
            return started;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static void stop(String folder) {
        try {
            new ProcessBuilder(SCRIPT.toString(), "stop", folder)
                    .inheritIO()
                    .start()
                    .waitFor();
        } catch (IOException | InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
