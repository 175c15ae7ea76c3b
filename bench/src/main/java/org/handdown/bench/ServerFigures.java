package org.handdown.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.handdown.formats.Json;
import org.handdown.formats.project.ProjectJson;

/**
 * How quick the application answers, held against another build of it that runs beside it: {@code ServerFigures BEFORE NOW PID}, two addresses of
 * empty households, and the process of the second. One client alone, then twenty at once, then fifty; each figure is a ratio of the two, asked
 * in turns in one run, but for the memory, which is the second one's own.
 */
public final class ServerFigures {

    private static final int WARM = 120;

    private static final int ASKED = 60;

    private static final int CLIENTS = 20;

    private static final int MANY = 50;

    private static final double CROWD_SECONDS = 8;

    private static final int LAYS = 5;

    private final HttpClient http;

    private final CookieManager cookies = new CookieManager();

    private final String address;

    private final Map<String, String> projects = new LinkedHashMap<>();

    private ServerFigures(String address) {
        this.address = address;
        this.http = HttpClient.newBuilder().cookieHandler(cookies).build();
    }

    public static void main(String[] addresses) throws Exception {
        if (addresses.length != 3) {
            System.err.println("Wanted: address of the build before, of the one to be measured, and its process.");
            System.exit(2);
        }
        ServerFigures before = new ServerFigures(addresses[0]);
        ServerFigures now = new ServerFigures(addresses[1]);
        Map<String, String> files = new LinkedHashMap<>();
        files.put("dungarees", Files.readString(Path.of("demo/1-dungarees.project.json")));
        files.put("lined coat", ProjectJson.text(BenchGarments.linedCoat()));
        for (ServerFigures each : List.of(before, now)) {
            each.settle(files);
        }
        Figures figures = new Figures(System.out);
        for (String name : files.keySet()) {
            view(figures, name, before, now);
            change(figures, name, before, now);
        }
        drag(figures, before, now);
        firstLay(figures, before, now);
        crowd(figures, before, now);
        now.crowd(MANY);
        figures.atMost("memory with fifty clients", residentMb(addresses[2]), "MB", 700);
        System.exit(figures.allMet() ? 0 : 1);
    }

    private void settle(Map<String, String> files) throws IOException, InterruptedException {
        get("/api/account");
        ObjectNode owner = Json.MAPPER
                .createObjectNode()
                .put("household", "Bench")
                .put("name", "Bench")
                .put("login", "bench")
                .put("password", "a long word for the bench");
        send("POST", "/api/account/owner", owner.toString());
        for (Map.Entry<String, String> file : files.entrySet()) {
            JsonNode made = Json.MAPPER.readTree(send("POST", "/api/projects/import", file.getValue()));
            projects.put(file.getKey(), made.get("id").asText());
        }
    }

    private String get(String path) throws IOException, InterruptedException {
        return answer(HttpRequest.newBuilder(URI.create(address + path)).GET());
    }

    private String send(String method, String path, String body) throws IOException, InterruptedException {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
        return answer(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token)
                .method(method, HttpRequest.BodyPublishers.ofString(body)));
    }

    private String answer(HttpRequest.Builder request) throws IOException, InterruptedException {
        HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() >= 300) {
            throw new IOException(response.uri() + " answered " + response.statusCode() + ": " + response.body());
        }
        return response.body();
    }

    private String look(String name) throws IOException, InterruptedException {
        return get("/api/projects/" + projects.get(name));
    }

    /** One figure of a source is measured anew, one millimetre this way or that. */
    private double changeMillis(String name, int turn) throws IOException, InterruptedException {
        JsonNode view = Json.MAPPER.readTree(look(name));
        ObjectNode body = Json.MAPPER.createObjectNode();
        body.put("garment", view.at("/aim/garment").asText())
                .put("draft", view.at("/aim/draft").asText())
                .put("what", view.at("/aim/what").asText())
                .put("wearer", "Runa")
                .put("unit", view.at("/unit").asText());
        body.putObject("measures").put("HEIGHT", 1100 + turn + " mm");
        String path = "/api/projects/" + projects.get(name) + "/aim?version="
                + view.get("version").asLong();
        long from = System.nanoTime();
        send("PUT", path, body.toString());
        return (System.nanoTime() - from) / 1e6;
    }

    private interface Asked {
        double millis(ServerFigures of, int turn) throws IOException, InterruptedException;
    }

    private static double[] medians(ServerFigures before, ServerFigures now, Asked asked)
            throws IOException, InterruptedException {
        List<Double> one = new ArrayList<>();
        List<Double> other = new ArrayList<>();
        for (int i = 0; i < WARM + ASKED; i++) {
            double a = asked.millis(before, i);
            double b = asked.millis(now, i);
            if (i >= WARM) {
                one.add(a);
                other.add(b);
            }
        }
        return new double[] {share(one, 0.5), share(other, 0.5)};
    }

    private static double share(List<Double> of, double share) {
        List<Double> sorted = new ArrayList<>(of);
        Collections.sort(sorted);
        return sorted.get((int) Math.min(sorted.size() - 1.0, share * sorted.size()));
    }

    private static void view(Figures figures, String name, ServerFigures before, ServerFigures now)
            throws IOException, InterruptedException {
        double[] ms = medians(before, now, (of, turn) -> {
            long from = System.nanoTime();
            of.look(name);
            return (System.nanoTime() - from) / 1e6;
        });
        told(figures, name + ", a view", ms);
        figures.atMost(name + ", a view, of before", ms[1] / ms[0], "ratio", 0.25);
    }

    private static void change(Figures figures, String name, ServerFigures before, ServerFigures now)
            throws IOException, InterruptedException {
        double[] ms = medians(before, now, (of, turn) -> of.changeMillis(name, turn));
        told(figures, name + ", a changed length", ms);
        figures.atMost(name + ", a changed length, of before", ms[1] / ms[0], "ratio", 0.4);
    }

    private static void told(Figures figures, String name, double[] ms) {
        figures.told(name + ", before", ms[0], "ms");
        figures.told(name + ", now", ms[1], "ms");
    }

    /** The whole region in which a piece may lie, asked once as a drag begins. */
    private static void drag(Figures figures, ServerFigures before, ServerFigures now)
            throws IOException, InterruptedException {
        double[] ms = medians(before, now, (of, turn) -> of.allowedMillis());
        told(figures, "dungarees, where a piece may lie", ms);
        figures.atMost("dungarees, where a piece may lie, of before", ms[1] / ms[0], "ratio", 1.1);
    }

    private double allowedMillis() throws IOException, InterruptedException {
        JsonNode held = Json.MAPPER.readTree(look("dungarees")).at("/lay/placed/0");
        ObjectNode body = Json.MAPPER.createObjectNode();
        List.of("piece", "copy", "variant", "panel", "x", "y", "rotation", "mirrored")
                .forEach(field -> body.set(field, held.get(field)));
        long from = System.nanoTime();
        send("POST", "/api/projects/" + projects.get("dungarees") + "/lay/allowed", body.toString());
        return (System.nanoTime() - from) / 1e6;
    }

    /** A lay of a second, from asking until it is stored. */
    private static void firstLay(Figures figures, ServerFigures before, ServerFigures now)
            throws IOException, InterruptedException {
        List<Double> one = new ArrayList<>();
        List<Double> other = new ArrayList<>();
        for (int i = 0; i < LAYS; i++) {
            one.add(before.layMillis());
            other.add(now.layMillis());
        }
        double[] ms = {share(one, 0.5), share(other, 0.5)};
        told(figures, "dungarees, a lay of a second", ms);
        figures.atMost("dungarees, a lay of a second, of before", ms[1] / ms[0], "ratio", 1.1);
    }

    private double layMillis() throws IOException, InterruptedException {
        String runs = "/api/projects/" + projects.get("dungarees") + "/lay/runs";
        long from = System.nanoTime();
        send("POST", runs, "{\"seconds\":1,\"sure\":false}");
        while (Json.MAPPER.readTree(get(runs + "/latest")).get("running").asBoolean()) {
            Thread.sleep(20);
        }
        return (System.nanoTime() - from) / 1e6;
    }

    private static double residentMb(String process) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + process + "/status")).stream()
                .filter(line -> line.startsWith("VmRSS:"))
                .mapToDouble(line -> Double.parseDouble(line.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElse(Double.NaN);
    }

    /** What twenty at once get of both projects, and how long the slowest twentieth waits. */
    private static void crowd(Figures figures, ServerFigures before, ServerFigures now) throws Exception {
        List<Double> one = before.crowd(CLIENTS);
        List<Double> other = now.crowd(CLIENTS);
        figures.told("views a second, twenty at once, before", one.size() / CROWD_SECONDS, "1/s");
        figures.told("views a second, twenty at once, now", other.size() / CROWD_SECONDS, "1/s");
        figures.atLeast("views a second, of before", other.size() / (double) one.size(), "ratio", 8);
        figures.atMost("slowest twentieth, of before", share(other, 0.95) / share(one, 0.95), "ratio", 0.15);
    }

    private List<Double> crowd(int many) throws Exception {
        List<String> names = List.copyOf(projects.keySet());
        List<Double> millis = Collections.synchronizedList(new ArrayList<>());
        long until = System.nanoTime() + (long) (CROWD_SECONDS * 1e9);
        ExecutorService clients = Executors.newFixedThreadPool(many);
        List<Future<?>> all = new ArrayList<>();
        for (int c = 0; c < many; c++) {
            int client = c;
            all.add(clients.submit(() -> {
                for (int i = client; System.nanoTime() < until; i++) {
                    long from = System.nanoTime();
                    look(names.get(i % names.size()));
                    millis.add((System.nanoTime() - from) / 1e6);
                }
                return null;
            }));
        }
        for (Future<?> client : all) {
            client.get();
        }
        clients.shutdown();
        clients.awaitTermination(1, TimeUnit.MINUTES);
        return List.copyOf(millis);
    }
}
