package org.handdown.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.room.AllowedSpots;
import org.handdown.fit.search.BottomLeftFill;
import org.handdown.fit.search.Fitter;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.formats.fit.FitProblemJson;
import org.handdown.formats.project.ProjectJson;
import org.handdown.measure.Wording;

/**
 * How well pieces are laid: jigsaws and strips whose best answer is known, sets of garments against a plain bottom-left fill given the
 * same time in the same run, and problems nobody sane would ask for. Laid by the fit command in a process of its own, timed from the
 * start of that process.
 *
 * <p>{@code [SECONDS [PART…]]}: of each lay, 20 unless told otherwise; and which parts to measure, all unless told otherwise.
 */
public final class FitFigures {
    private static final int THREADS = 2;
    private static final int FUZZED = 1000;
    private static final double COLD_SECONDS = 2;
    private static final String LAYOUT = "layout.json";
    private static final int DRAWN_SETS = 8;
    private static final int MANY_PIECES = 20;
    /** Of the cloth that the plain way takes. */
    private static final double LEAST_SAVED = 0.92;

    /** Seeds of the figures; others were used while the search was made. */
    private static final long SEED = 20_000;

    private final Figures out = new Figures(System.out);
    private final double seconds;
    private final Path folder;
    private int invalid;

    private FitFigures(double seconds) throws IOException {
        this.seconds = seconds;
        this.folder = Files.createTempDirectory("handdown-bench");
    }

    /** A part of the figures; it may start processes and write files. */
    private interface Part {
        void measure() throws IOException, InterruptedException;
    }

    public static void main(String[] args) throws IOException, InterruptedException {
        FitFigures figures = new FitFigures(args.length > 0 ? Double.parseDouble(args[0]) : 20);
        Map<String, Part> parts = new LinkedHashMap<>();
        parts.put("jigsaws", figures::jigsaws);
        parts.put("strips", figures::strips);
        parts.put("published", figures::published);
        parts.put("garments", figures::garments);
        parts.put("drawn", figures::drawnGarments);
        parts.put("salvaged", figures::salvaged);
        parts.put("speed", figures::speed);
        parts.put("cold", figures::cold);
        parts.put("hand", figures::byHand);
        parts.put("crowd", figures::crowded);
        parts.put("fuzz", figures::fuzz);
        List<String> wanted = args.length > 1 ? List.of(args).subList(1, args.length) : List.copyOf(parts.keySet());
        for (String name : wanted) {
            Part part = parts.get(name);
            if (part == null) {
                throw new IllegalArgumentException(
                        "There is no part “" + name + "”; the parts are " + String.join(", ", parts.keySet()) + ".");
            }
            part.measure();
        }
        figures.out.atMost("lays that broke a rule", figures.invalid, "", 0);
        System.err.println(figures.out.allMet() ? "  all goals met" : "  not every goal is met");
    }

    private void jigsaws() throws IOException, InterruptedException {
        int whole = 0;
        for (int i = 0; i < 10; i++) {
            FitProblem problem = Jigsaws.jigsaw(6 + i % 5, 1, Jigsaws.Turning.values()[i % 3], 1, SEED + i);
            whole += share(problem, fit(problem)) > 1 - 1e-9 ? 1 : 0;
        }
        out.atLeast("jigsaws of 6 to 10 pieces, 1 mm slack, all placed, of 10", whole, "", 9);
        out.atLeast(
                "jigsaws of 16 to 24 pieces, 1 mm slack, area placed", mean(new int[] {16, 20, 24}, 1, 2), "", 0.92);
        out.atLeast("jigsaws of 40 pieces, 1 mm slack, area placed", mean(new int[] {40}, 1, 3), "", 0.85);
        out.told("jigsaws of 10 to 40 pieces, 0.3 mm slack, area placed", mean(new int[] {10, 24, 40}, 0.3, 1), "");
        out.told("jigsaws of 10 to 40 pieces, no slack, area placed", mean(new int[] {10, 24, 40}, 0, 1), "");
    }

    private double mean(int[] counts, double slack, int each) throws IOException, InterruptedException {
        double sum = 0;
        int n = 0;
        for (int count : counts) {
            for (int k = 0; k < each; k++, n++) {
                FitProblem problem = Jigsaws.jigsaw(
                        count, slack, Jigsaws.Turning.values()[n % 3], 1 + n % 2, SEED + 100L * count + k);
                double share = share(problem, fit(problem));
                out.note(Wording.fill("%d pieces, slack %s: %.3f", count, slack, share));
                sum += share;
            }
        }
        return sum / n;
    }

    private static double share(FitProblem problem, FitLayout layout) {
        double all = problem.pieces().stream().mapToDouble(FitFigures::area).sum();
        return layout.placements().stream()
                        .mapToDouble(p -> area(problem.piece(p.piece())))
                        .sum()
                / all;
    }

    private static double area(FitPiece piece) {
        return piece.variants().get(0).outline().areaMm2();
    }

    private void strips() throws IOException, InterruptedException {
        double worst = 0;
        double sum = 0;
        int n = 0;
        for (int count : new int[] {10, 16, 24}) {
            for (int k = 0; k < 2; k++, n++) {
                FitProblem problem =
                        Jigsaws.strip(count, 1000, 600, Jigsaws.Turning.values()[n % 3], SEED + 100L * count + k);
                double length = length(fit(problem)) / 1000;
                out.note(Wording.fill("strip of %d: %.3f of its length", count, length));
                worst = Math.max(worst, length);
                sum += length;
            }
        }
        out.atMost("strips cut up, used length over the known one, mean", sum / n, "", 1.06);
        out.told("strips cut up, used length over the known one, worst", worst, "");
    }

    private void published() throws IOException, InterruptedException {
        double sum = 0;
        for (Dissections set : Dissections.values()) {
            double length = length(fit(set.problem())) / set.lengthMm();
            out.note(Wording.fill("%s: %.4f of its length", set.told, length));
            sum += length;
        }
        out.atMost(
                "published dissections, used length over the known one, mean",
                sum / Dissections.values().length,
                "",
                1.06);
    }

    private static double length(FitLayout layout) {
        return Objects.requireNonNull(layout.measures().lengthMm());
    }

    private void garments() throws IOException, InterruptedException {
        lengthOverPlain("garment sets on cloth 1500 mm wide", GarmentSets.ALL);
    }

    private void drawnGarments() throws IOException, InterruptedException {
        List<GarmentSets.Set> sets = new ArrayList<>();
        for (int i = 0; i < DRAWN_SETS; i++) {
            sets.add(GarmentSets.drawn(SEED + i));
        }
        lengthOverPlain("garment sets drawn at random", sets);
    }

    /** Of all sets, and told apart by size: few large pieces stand in the same rows however they are laid. */
    private void lengthOverPlain(String name, List<GarmentSets.Set> sets) throws IOException, InterruptedException {
        List<Double> few = new ArrayList<>();
        List<Double> many = new ArrayList<>();
        for (GarmentSets.Set set : sets) {
            FitProblem problem = GarmentSets.problem(set);
            double ours = length(fit(problem));
            double plain = length(plain(problem));
            int pieces = problem.pieces().stream().mapToInt(FitPiece::quantity).sum();
            out.note(Wording.fill("%s: %d pieces, %.0f mm, plain %.0f mm", set.name(), pieces, ours, plain));
            (pieces < MANY_PIECES ? few : many).add(ours / plain);
        }
        List<Double> all = new ArrayList<>(few);
        all.addAll(many);
        out.atMost(name + ", length over bottom-left fill", mean(all), "", LEAST_SAVED);
        for (List<Double> part : List.of(many, few)) {
            if (!part.isEmpty()) {
                String size = part == many ? MANY_PIECES + " pieces and more" : "fewer pieces";
                out.told(name + ", those of " + size, mean(part), "");
            }
        }
    }

    private static double mean(List<Double> ratios) {
        return ratios.stream().mapToDouble(r -> r).average().orElse(0);
    }

    private void salvaged() throws IOException, InterruptedException {
        double ours = 0;
        double plain = 0;
        for (String file : List.of("1-dungarees", "2-wrap-skirt", "3-bodywarmer", "4-art-smock")) {
            var lay = ProjectJson.read(Files.readString(Path.of("demo/" + file + ".project.json")))
                    .lay();
            if (lay != null) {
                ours += worth(lay.problem(), fit(lay.problem()));
                plain += worth(lay.problem(), plain(lay.problem()));
            }
        }
        out.atLeast("salvaged panels of the demo, worth laid over bottom-left fill", ours / plain, "", 1);
    }

    private static double worth(FitProblem problem, FitLayout layout) {
        return layout.placements().stream()
                .mapToDouble(p -> {
                    FitPiece piece = problem.piece(p.piece());
                    return piece.worthM2(piece.variant(p.variant()));
                })
                .sum();
    }

    private FitLayout plain(FitProblem problem) {
        long end = System.nanoTime() + (long) (seconds * 1e9);
        return new BottomLeftFill(problem, SEED, () -> System.nanoTime() > end).fit();
    }

    private void speed() {
        FitProblem problem = Jigsaws.jigsaw(20, 1, Jigsaws.Turning.TWO_WAY, 2, SEED + 7);
        long start = System.nanoTime();
        List<double[]> seen = new ArrayList<>();
        Fitter.Budget budget = new Fitter.Budget(seconds, Long.MAX_VALUE, 1, THREADS);
        FitLayout layout = new Fitter(
                        problem,
                        budget,
                        System::nanoTime,
                        () -> false,
                        lay -> seen.add(new double[] {(System.nanoTime() - start) / 1e9, share(problem, lay)}))
                .fit();
        double last = share(problem, layout);
        out.atMost("first lay of 20 pieces, warm", seen.get(0)[0], "s", 1);
        out.told(
                "time to 99 % of the final area, 20 pieces",
                seen.stream().filter(s -> s[1] > 0.99 * last).findFirst().orElseThrow()[0], "s");
        long before = System.nanoTime();
        int times = 50;
        for (int i = 0; i < times; i++) {
            invalid += RuleChecker.check(problem, layout).isEmpty() ? 0 : 1;
        }
        out.told("checker, 20 pieces", (System.nanoTime() - before) / 1e6 / times, "ms");
    }

    /** Until something lies, and until half of the pieces do, from the start of the process: what a person waits for. */
    private void cold() throws IOException, InterruptedException {
        List<Double> first = new ArrayList<>();
        List<Double> half = new ArrayList<>();
        for (int panels : new int[] {1, 2, 4}) {
            for (Jigsaws.Turning turning : Jigsaws.Turning.values()) {
                FitProblem problem = Jigsaws.jigsaw(20, 1, turning, panels, SEED + 70 + panels);
                List<String[]> told = command(problem, COLD_SECONDS, "--progress")
                        .lines()
                        .map(line -> line.split(" ", 4))
                        .filter(words -> words.length == 4 && words[1].equals("s:"))
                        .toList();
                first.add(Double.parseDouble(told.get(0)[0]));
                told.stream()
                        .filter(words -> Integer.parseInt(words[2]) >= 10)
                        .findFirst()
                        .ifPresent(words -> half.add(Double.parseDouble(words[0])));
            }
        }
        String name = "20 pieces from the start of the process, ";
        out.atMost(name + "first lay, slowest of nine", slowest(first), "s", 1);
        out.told(name + "first lay, mean", mean(first), "s");
        out.told(name + "half of them laid, mean", mean(half), "s");
        out.told(name + "half of them laid, slowest", slowest(half), "s");
    }

    private static double slowest(List<Double> seconds) {
        return seconds.stream().mapToDouble(s -> s).max().orElse(0);
    }

    /** What a hand gets at the start of a drag, one piece after the other of a crowded panel, warm. */
    private void byHand() {
        Crowd crowd = Crowd.of(41);
        int times = 20;
        double[] spent = new double[times];
        for (int i = -times; i < times; i++) {
            long start = System.nanoTime();
            AllowedSpots spots = crowd.hand().allowed(crowd.moved());
            if (i >= 0) {
                spent[i] = (System.nanoTime() - start) / 1e6;
            }
            if (spots.bans().size() != crowd.others()) {
                throw new IllegalStateException("Not every neighbour was looked at.");
            }
        }
        Arrays.sort(spent);
        out.atMost(Wording.fill("every spot of a piece among %d, median", crowd.others()), spent[times / 2], "ms", 50);
    }

    /** Two hundred pieces on twenty panels, in a process that may take less than 1 GB. */
    private void crowded() throws IOException, InterruptedException {
        FitProblem problem = Jigsaws.jigsaw(200, 3, Jigsaws.Turning.TWO_WAY, 20, SEED + 200);
        out.told("200 pieces on 20 panels, 3 mm slack, area placed in 900 MB", share(problem, fit(problem)), "");
    }

    private void fuzz() {
        int broken = 0;
        double slowest = 0;
        for (int i = 0; i < FUZZED; i++) {
            FitProblem problem = Fuzz.problem(SEED + i);
            long start = System.nanoTime();
            try {
                FitLayout layout = Fitter.fit(problem, new Fitter.Budget(0.5, 12, i, 1));
                int copies =
                        problem.pieces().stream().mapToInt(FitPiece::quantity).sum();
                boolean sound = RuleChecker.check(problem, layout).isEmpty()
                        && layout.placements().size() + layout.unplaced().size() == copies;
                if (!sound) {
                    out.note(Wording.fill("problem %d: an invalid lay", SEED + i));
                    broken++;
                }
            } catch (RuntimeException e) {
                out.note(Wording.fill("problem %d: %s", SEED + i, e));
                broken++;
            }
            slowest = Math.max(slowest, (System.nanoTime() - start) / 1e9);
        }
        out.atMost("random problems that crashed or were laid wrongly, of " + FUZZED, broken, "", 0);
        out.atMost("slowest random problem, half a second allowed", slowest, "s", 3);
    }

    /** By the fit command, as a person would. */
    private FitLayout fit(FitProblem problem) throws IOException, InterruptedException {
        command(problem, seconds);
        FitLayout layout = FitLayoutJson.read(Files.readString(folder.resolve(LAYOUT)));
        invalid += RuleChecker.check(problem, layout).isEmpty() ? 0 : 1;
        return layout;
    }

    /** @return what the command said; the lay is in the folder */
    private String command(FitProblem problem, double allowed, String... more)
            throws IOException, InterruptedException {
        Path in = folder.resolve("problem.json");
        Path said = folder.resolve("said.txt");
        Files.writeString(in, FitProblemJson.write(problem).toString());
        List<String> order = new ArrayList<>(List.of("./hand-down", "fit", in.toString()));
        order.addAll(List.of("--out", folder.resolve(LAYOUT).toString(), "--seconds", String.valueOf(allowed)));
        order.addAll(List.of("--threads", String.valueOf(THREADS)));
        order.addAll(List.of(more));
        Process process = new ProcessBuilder(order)
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        if (process.waitFor() != 0) {
            throw new UncheckedIOException(new IOException(Files.readString(said)));
        }
        return Files.readString(said);
    }
}
