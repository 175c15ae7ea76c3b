package org.handdown.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
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
    private static final int DRAWN_SETS = 8;
    private static final int MANY_PIECES = 20;
    /** Of the cloth that the plain way takes. */
    private static final double LEAST_SAVED = 0.92;

    private final Figures out = new Figures(System.out);
    private final FitProcess process;

    private FitFigures(double seconds) throws IOException {
        this.process = new FitProcess(seconds);
    }

    /** A part of the figures; it may start processes and write files. */
    private interface Part {
        void measure() throws IOException, InterruptedException;
    }

    public static void main(String[] args) throws IOException, InterruptedException {
        FitFigures figures = new FitFigures(args.length > 0 ? Double.parseDouble(args[0]) : 20);
        FitSpeed speed = new FitSpeed(figures.process, figures.out);
        Map<String, Part> parts = new LinkedHashMap<>();
        parts.put("jigsaws", figures::jigsaws);
        parts.put("strips", figures::strips);
        parts.put("published", figures::published);
        parts.put("garments", figures::garments);
        parts.put("drawn", figures::drawnGarments);
        parts.put("salvaged", figures::salvaged);
        parts.put("speed", speed::speed);
        parts.put("cold", speed::cold);
        parts.put("hand", speed::byHand);
        parts.put("crowd", speed::crowded);
        parts.put("fuzz", speed::fuzz);
        List<String> wanted = args.length > 1 ? List.of(args).subList(1, args.length) : List.copyOf(parts.keySet());
        for (String name : wanted) {
            Part part = parts.get(name);
            if (part == null) {
                throw new IllegalArgumentException(
                        "There is no part “" + name + "”; the parts are " + String.join(", ", parts.keySet()) + ".");
            }
            part.measure();
        }
        figures.out.atMost("lays that broke a rule", figures.process.invalid(), "", 0);
        System.err.println(figures.out.allMet() ? "  all goals met" : "  not every goal is met");
    }

    private void jigsaws() throws IOException, InterruptedException {
        int whole = 0;
        for (int i = 0; i < 10; i++) {
            FitProblem problem = Jigsaws.jigsaw(6 + i % 5, 1, Jigsaws.Turning.values()[i % 3], 1, FitProcess.SEED + i);
            whole += FitProcess.share(problem, process.fit(problem)) > 1 - 1e-9 ? 1 : 0;
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
                        count, slack, Jigsaws.Turning.values()[n % 3], 1 + n % 2, FitProcess.SEED + 100L * count + k);
                double share = FitProcess.share(problem, process.fit(problem));
                out.note(Wording.fill("%d pieces, slack %s: %.3f", count, slack, share));
                sum += share;
            }
        }
        return sum / n;
    }

    private void strips() throws IOException, InterruptedException {
        double worst = 0;
        double sum = 0;
        int n = 0;
        for (int count : new int[] {10, 16, 24}) {
            for (int k = 0; k < 2; k++, n++) {
                FitProblem problem = Jigsaws.strip(
                        count, 1000, 600, Jigsaws.Turning.values()[n % 3], FitProcess.SEED + 100L * count + k);
                double length = FitProcess.length(process.fit(problem)) / 1000;
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
            double length = FitProcess.length(process.fit(set.problem())) / set.lengthMm();
            out.note(Wording.fill("%s: %.4f of its length", set.told, length));
            sum += length;
        }
        out.atMost(
                "published dissections, used length over the known one, mean",
                sum / Dissections.values().length,
                "",
                1.06);
    }

    private void garments() throws IOException, InterruptedException {
        lengthOverPlain("garment sets on cloth 1500 mm wide", GarmentSets.ALL);
    }

    private void drawnGarments() throws IOException, InterruptedException {
        List<GarmentSets.Set> sets = new ArrayList<>();
        for (int i = 0; i < DRAWN_SETS; i++) {
            sets.add(GarmentSets.drawn(FitProcess.SEED + i));
        }
        lengthOverPlain("garment sets drawn at random", sets);
    }

    /** Of all sets, and told apart by size: few large pieces stand in the same rows however they are laid. */
    private void lengthOverPlain(String name, List<GarmentSets.Set> sets) throws IOException, InterruptedException {
        List<Double> few = new ArrayList<>();
        List<Double> many = new ArrayList<>();
        for (GarmentSets.Set set : sets) {
            FitProblem problem = GarmentSets.problem(set);
            double ours = FitProcess.length(process.fit(problem));
            double plain = FitProcess.length(process.plain(problem));
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

    static double mean(List<Double> ratios) {
        return ratios.stream().mapToDouble(r -> r).average().orElse(0);
    }

    private void salvaged() throws IOException, InterruptedException {
        double ours = 0;
        double plain = 0;
        for (String file : List.of("1-dungarees", "2-wrap-skirt", "3-bodywarmer", "4-art-smock")) {
            var lay = ProjectJson.read(Files.readString(Path.of("demo/" + file + ".project.json")))
                    .lay();
            if (lay != null) {
                ours += FitProcess.worth(lay.problem(), process.fit(lay.problem()));
                plain += FitProcess.worth(lay.problem(), process.plain(lay.problem()));
            }
        }
        out.atLeast("salvaged panels of the demo, worth laid over bottom-left fill", ours / plain, "", 1);
    }
}
