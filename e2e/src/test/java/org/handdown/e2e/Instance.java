package org.handdown.e2e;

import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** One process of the packed application. */
final class Instance {
    private final Process process;
    private final String name;
    final String address;

    /**
     * Starts it and waits until it is ready.
     *
     * @param called name of its log beside the others
     * @param databasePort of a PostgreSQL on loopback
     */
    Instance(String called, String databasePort, String... settings) throws IOException, InterruptedException {
        name = called + System.getProperty("fork", "");
        Path portFile = Path.of("target/" + name + ".port").toAbsolutePath();
        Files.deleteIfExists(portFile);
        List<String> command = new ArrayList<>(List.of(
                "java",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Dportfile=" + portFile,
                "-jar",
                System.getProperty("server.jar"),
                "--server.port=0"));
        command.addAll(List.of(settings));
        ProcessBuilder java = new ProcessBuilder(command);
        java.environment().put("HANDDOWN_DB_URL", "jdbc:postgresql://127.0.0.1:" + databasePort + "/postgres");
        java.redirectErrorStream(true)
                .redirectOutput(Path.of("target/" + name + ".log").toFile());
        process = java.start();
        address = "http://127.0.0.1:" + waitForPort(portFile);
    }

    private String waitForPort(Path portFile) throws IOException, InterruptedException {
        long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(120);
        while (!Files.exists(portFile) || Files.size(portFile) == 0) {
            if (process.waitFor(100, TimeUnit.MILLISECONDS) || System.nanoTime() > deadline) {
                throw new IllegalStateException("The application did not start; see e2e/target/" + name + ".log.");
            }
        }
        String port = Files.readString(portFile).trim();
        // The port opens before the demo household is laid out.
        while (!isReady(URI.create("http://127.0.0.1:" + port + "/actuator/health/readiness"))) {
            if (process.waitFor(100, TimeUnit.MILLISECONDS) || System.nanoTime() > deadline) {
                throw new IllegalStateException("The application did not get ready; see e2e/target/" + name + ".log.");
            }
        }
        return port;
    }

    private static boolean isReady(URI probe) {
        try {
            HttpURLConnection asked = (HttpURLConnection) probe.toURL().openConnection();
            return asked.getResponseCode() == HttpURLConnection.HTTP_OK;
        } catch (IOException e) {
            return false;
        }
    }

    /** Ends it as a power cut would: no word of farewell to anybody. */
    void kill() {
        process.destroyForcibly().onExit().join();
    }

    /** Asks it to stop, as an operating system does. @return whether it ended in time, by itself */
    boolean stop(long seconds) throws InterruptedException {
        process.destroy();
        return process.waitFor(seconds, TimeUnit.SECONDS);
    }

    void close() {
        process.destroy();
        try {
            if (!process.waitFor(15, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
