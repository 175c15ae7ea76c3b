package org.handdown.formats.fit;

import java.io.IOException;
import java.io.PrintStream;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.search.Fitter;
import org.handdown.measure.LengthText;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** {@code fit PROBLEM.json --out LAYOUT.json [--seconds 30] [--steps N] [--seed 1] [--threads 2] [--progress]} (docs/formats/fit-format.md). */
public final class FitCommand {
    private static final String USAGE =
            "fit PROBLEM.json --out LAYOUT.json [--seconds 30] [--steps N] [--seed 1] [--threads 2] [--progress]";
    private static final int UNUSABLE = 2;
    private static final long LARGEST_FILE = 64L << 20;
    /** Kept back of the seconds for remnants, the last check and writing; of few seconds only a share. */
    private static final double CLOSING_SECONDS = 0.4;

    private static final double CLOSING_SHARE = 0.15;

    /** However little is asked for, the search gets time for a first lay: the format allows two seconds more. */
    private static final double LEAST_SEARCH_SECONDS = 0.7;

    /** From the start of the process to the virtual machine's own first reading of the clock. */
    private static final long LAUNCH_MILLIS = 100;

    private FitCommand() {}

    /** What was asked for. */
    private record Order(
            Path problem, Path out, double seconds, long steps, long seed, int threads, boolean progress) {}

    public static void main(String[] args) {
        System.exit(run(args, System.out, System.err, startedMillis()));
    }

    private static long startedMillis() {
        return ManagementFactory.getRuntimeMXBean().getStartTime() - LAUNCH_MILLIS;
    }

    /** @return 0 for a written lay, 2 for an order or a problem that cannot be used */
    public static int run(String[] args, PrintStream out, PrintStream err, long startedMillis) {
        try {
            Order order = order(args);
            FitProblem problem = FitProblemJson.read(text(order.problem));
            requireFolder(order.out);
            double spent = Math.max(0, (System.currentTimeMillis() - startedMillis) / 1e3);
            double closing = Math.min(CLOSING_SECONDS, CLOSING_SHARE * order.seconds);
            double left = Math.max(LEAST_SEARCH_SECONDS, order.seconds - spent - closing);
            Consumer<FitLayout> better = lay -> {
                if (order.progress) {
                    double since = (System.currentTimeMillis() - startedMillis) / 1e3;
                    out.print(Wording.fill(
                            "%.2f s: %d placed; %s%n", since, lay.placements().size(), used(lay)));
                }
            };
            Fitter.Budget budget = new Fitter.Budget(left, order.steps, order.seed, order.threads);
            FitLayout layout = new Fitter(problem, budget, System::nanoTime, () -> false, better).fit();
            write(order.out, FitLayoutJson.text(layout));
            out.print(Wording.fill(
                    "%d placed, %d not; %s%n",
                    layout.placements().size(), layout.unplaced().size(), used(layout)));
            return 0;
        } catch (RefusedValueException e) {
            err.println(oneLine("fit: " + e.field() + " " + e.getMessage()));
            return UNUSABLE;
        } catch (IOException e) {
            err.println(oneLine("fit: " + e.getMessage()));
            return UNUSABLE;
        }
    }

    private static String used(FitLayout layout) {
        Double length = layout.measures().lengthMm();
        return length == null
                ? Wording.fill(
                        "%.1f %% of the cloth used", 100 * layout.measures().utilisation())
                : Wording.fill("%.0f mm of the cloth's length used", length);
    }

    private static String oneLine(String text) {
        return LengthText.unmarked(text).replaceAll("\\s*\\R\\s*", " ");
    }

    private static Order order(String[] args) {
        List<String> files = new ArrayList<>();
        String out = "";
        double seconds = 30;
        long steps = Long.MAX_VALUE;
        long seed = 1;
        int threads = 2;
        boolean progress = false;
        for (int i = 0; i < args.length; i++) {
            switch (args[i]) {
                case "--out" -> out = value(args, ++i);
                case "--seconds" -> seconds = number("--seconds", value(args, ++i), 0.1, 86_400);
                case "--steps" -> steps = (long) number("--steps", value(args, ++i), 0, 1e15);
                case "--seed" -> seed = (long) number("--seed", value(args, ++i), -9e15, 9e15);
                case "--threads" -> threads = (int) number("--threads", value(args, ++i), 1, 64);
                case "--progress" -> progress = true;
                default -> files.add(args[i]);
            }
        }
        if (files.size() != 1 || out.isEmpty() || files.get(0).startsWith("--")) {
            throw new RefusedValueException("usage:", USAGE);
        }
        return new Order(Path.of(files.get(0)), Path.of(out), seconds, steps, seed, threads, progress);
    }

    private static String value(String[] args, int i) {
        if (i >= args.length) {
            throw new RefusedValueException(args[i - 1], "needs a value. Usage: " + USAGE);
        }
        return args[i];
    }

    private static double number(String option, String text, double least, double most) {
        try {
            double number = Double.parseDouble(text);
            if (number >= least && number <= most) {
                return number;
            }
        } catch (NumberFormatException e) {
            // Answered below, like a number out of range.
        }
        throw new RefusedValueException(
                option, Wording.fill("is “%s”; it must be a number from %s to %s.", text, least, most));
    }

    private static String text(Path file) throws IOException {
        if (!Files.isRegularFile(file)) {
            throw new IOException("there is no file " + file + "; name a problem file.");
        }
        if (Files.size(file) > LARGEST_FILE) {
            throw new IOException(file + " is larger than 64 MB; no problem of cloth needs as much.");
        }
        try {
            return Files.readString(file, StandardCharsets.UTF_8);
        } catch (java.nio.charset.CharacterCodingException e) {
            throw new IOException(file + " is not UTF-8 text; save it as UTF-8.", e);
        }
    }

    private static void requireFolder(Path out) throws IOException {
        Path folder = out.toAbsolutePath().getParent();
        if (folder == null || !Files.isDirectory(folder)) {
            throw new IOException("there is no folder " + folder + " to write to; make it first.");
        }
    }

    /** Written beside and moved, so that nobody ever reads half a lay. */
    private static void write(Path out, String text) throws IOException {
        Path folder = java.util.Objects.requireNonNull(out.toAbsolutePath().getParent());
        // Not a temporary file of the library's, which only its owner could read.
        Path beside = folder.resolve(Wording.fill(
                ".%s.%d", out.getFileName(), ProcessHandle.current().pid()));
        try {
            Files.writeString(beside, text, StandardCharsets.UTF_8);
            Files.move(beside, out, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(beside);
        }
    }
}
