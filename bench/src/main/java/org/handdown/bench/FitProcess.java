package org.handdown.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.search.BottomLeftFill;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.formats.fit.FitProblemJson;

/** Lays problems by the fit command in a process of its own, as a person would, and by the plain way; what broke a rule is counted. */
final class FitProcess {
    /** Seeds of the figures; others were used while the search was made. */
    static final long SEED = 20_000;

    static final int THREADS = 2;
    private static final String LAYOUT = "layout.json";

    private final double seconds;
    private final Path folder;
    private int invalid;

    FitProcess(double seconds) throws IOException {
        this.seconds = seconds;
        this.folder = Files.createTempDirectory("handdown-bench");
    }

    double seconds() {
        return seconds;
    }

    int invalid() {
        return invalid;
    }

    void count(boolean isValid) {
        invalid += isValid ? 0 : 1;
    }

    static double share(FitProblem problem, FitLayout layout) {
        double all = problem.pieces().stream().mapToDouble(FitProcess::area).sum();
        return layout.placements().stream()
                        .mapToDouble(p -> area(problem.piece(p.piece())))
                        .sum()
                / all;
    }

    static double area(FitPiece piece) {
        return piece.variants().get(0).outline().areaMm2();
    }

    static double worth(FitProblem problem, FitLayout layout) {
        return layout.placements().stream()
                .mapToDouble(p -> {
                    FitPiece piece = problem.piece(p.piece());
                    return piece.worthM2(piece.variant(p.variant()));
                })
                .sum();
    }

    static double length(FitLayout layout) {
        return Objects.requireNonNull(layout.measures().lengthMm());
    }

    /** By the fit command, as a person would. */
    FitLayout fit(FitProblem problem) throws IOException, InterruptedException {
        command(problem, seconds);
        FitLayout layout = FitLayoutJson.read(Files.readString(folder.resolve(LAYOUT)));
        invalid += RuleChecker.check(problem, layout).isEmpty() ? 0 : 1;
        return layout;
    }

    /** @return what the command said; the lay is in the folder */
    String command(FitProblem problem, double allowed, String... more) throws IOException, InterruptedException {
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

    FitLayout plain(FitProblem problem) {
        long end = System.nanoTime() + (long) (seconds * 1e9);
        return new BottomLeftFill(problem, SEED, () -> System.nanoTime() > end).fit();
    }
}
