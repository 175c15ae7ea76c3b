package org.handdown.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.room.AllowedSpots;
import org.handdown.fit.search.Fitter;
import org.handdown.measure.Wording;

/** How fast pieces are laid, warm and cold, how fast a hand is answered, and problems nobody sane would ask for. */
record FitSpeed(FitProcess process, Figures out) {
    private static final int FUZZED = 1000;
    private static final double COLD_SECONDS = 2;

    void speed() {
        FitProblem problem = Jigsaws.jigsaw(20, 1, Jigsaws.Turning.TWO_WAY, 2, FitProcess.SEED + 7);
        long start = System.nanoTime();
        List<double[]> seen = new ArrayList<>();
        Fitter.Budget budget = new Fitter.Budget(process.seconds(), Long.MAX_VALUE, 1, FitProcess.THREADS);
        FitLayout layout = new Fitter(
                        problem,
                        budget,
                        System::nanoTime,
                        () -> false,
                        lay -> seen.add(
                                new double[] {(System.nanoTime() - start) / 1e9, FitProcess.share(problem, lay)}))
                .fit();
        double last = FitProcess.share(problem, layout);
        out.atMost("first lay of 20 pieces, warm", seen.get(0)[0], "s", 1);
        out.told(
                "time to 99 % of the final area, 20 pieces",
                seen.stream().filter(s -> s[1] > 0.99 * last).findFirst().orElseThrow()[0], "s");
        long before = System.nanoTime();
        int times = 50;
        for (int i = 0; i < times; i++) {
            process.count(RuleChecker.check(problem, layout).isEmpty());
        }
        out.told("checker, 20 pieces", (System.nanoTime() - before) / 1e6 / times, "ms");
    }

    /** Until something lies, and until half of the pieces do, from the start of the process: what a person waits for. */
    void cold() throws IOException, InterruptedException {
        List<Double> first = new ArrayList<>();
        List<Double> half = new ArrayList<>();
        for (int panels : new int[] {1, 2, 4}) {
            for (Jigsaws.Turning turning : Jigsaws.Turning.values()) {
                FitProblem problem = Jigsaws.jigsaw(20, 1, turning, panels, FitProcess.SEED + 70 + panels);
                List<String[]> told = process.command(problem, COLD_SECONDS, "--progress")
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
        out.told(name + "first lay, mean", FitFigures.mean(first), "s");
        out.told(name + "half of them laid, mean", FitFigures.mean(half), "s");
        out.told(name + "half of them laid, slowest", slowest(half), "s");
    }

    static double slowest(List<Double> seconds) {
        return seconds.stream().mapToDouble(s -> s).max().orElse(0);
    }

    /** What a hand gets at the start of a drag, one piece after the other of a crowded panel, warm. */
    void byHand() {
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
    void crowded() throws IOException, InterruptedException {
        FitProblem problem = Jigsaws.jigsaw(200, 3, Jigsaws.Turning.TWO_WAY, 20, FitProcess.SEED + 200);
        out.told(
                "200 pieces on 20 panels, 3 mm slack, area placed in 900 MB",
                FitProcess.share(problem, process.fit(problem)),
                "");
    }

    void fuzz() {
        int broken = 0;
        double slowest = 0;
        for (int i = 0; i < FUZZED; i++) {
            FitProblem problem = Fuzz.problem(FitProcess.SEED + i);
            long start = System.nanoTime();
            try {
                FitLayout layout = Fitter.fit(problem, new Fitter.Budget(0.5, 12, i, 1));
                int copies =
                        problem.pieces().stream().mapToInt(FitPiece::quantity).sum();
                boolean sound = RuleChecker.check(problem, layout).isEmpty()
                        && layout.placements().size() + layout.unplaced().size() == copies;
                if (!sound) {
                    out.note(Wording.fill("problem %d: an invalid lay", FitProcess.SEED + i));
                    broken++;
                }
            } catch (RuntimeException e) {
                out.note(Wording.fill("problem %d: %s", FitProcess.SEED + i, e));
                broken++;
            }
            slowest = Math.max(slowest, (System.nanoTime() - start) / 1e9);
        }
        out.atMost("random problems that crashed or were laid wrongly, of " + FUZZED, broken, "", 0);
        out.atMost("slowest random problem, half a second allowed", slowest, "s", 3);
    }
}
