package org.handdown.formats.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.handdown.fit.check.RuleChecker;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FitCommandTest {
    @TempDir
    Path folder;

    private Path problem;
    private Path out;
    private final ByteArrayOutputStream printed = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @BeforeEach
    void write() throws IOException {
        problem = Files.writeString(folder.resolve("problem.json"), FitProblemJsonTest.example());
        out = folder.resolve("layout.json");
    }

    private int run(String... args) {
        return FitCommand.run(
                args,
                new PrintStream(printed, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8),
                System.currentTimeMillis());
    }

    private String said() {
        return err.toString(StandardCharsets.UTF_8);
    }

    @Test
    void writesASoundLay() throws IOException {
        assertThat(run(problem.toString(), "--out", out.toString(), "--steps", "5", "--threads", "1"))
                .isZero();
        var layout = FitLayoutJson.read(Files.readString(out));
        assertThat(RuleChecker.check(FitProblemJson.read(FitProblemJsonTest.example()), layout))
                .isEmpty();
        assertThat(layout.placements()).hasSize(2);
    }

    /** However little time is given, nobody gets an empty cloth where a first lay takes a moment; and anybody may read the file. */
    @Test
    void inATenthOfASecondAFirstLayIsFound() throws IOException {
        assertThat(run(problem.toString(), "--out", out.toString(), "--seconds", "0.1"))
                .isZero();
        assertThat(FitLayoutJson.read(Files.readString(out)).placements()).hasSize(2);
        assertThat(Files.getPosixFilePermissions(out)).isEqualTo(Files.getPosixFilePermissions(problem));
    }

    /** Each better lay with the seconds since the process began, and the last one again with what was left. */
    @Test
    void tellsEachBetterLayWhenAsked() {
        run(problem.toString(), "--out", out.toString(), "--steps", "3", "--threads", "1", "--progress");
        List<String> lines = printed.toString(StandardCharsets.UTF_8).lines().toList();
        assertThat(lines).hasSizeGreaterThan(1);
        assertThat(lines.subList(0, lines.size() - 1))
                .allMatch(line -> line.matches("\\d+\\.\\d\\d s: \\d placed; \\d+\\.\\d % of the cloth used"));
        assertThat(lines.get(lines.size() - 1)).matches("2 placed, 0 not; \\d+\\.\\d % of the cloth used");
    }

    @Test
    void theSameSeedAndStepsWriteTheSamePlacements() throws IOException {
        run(problem.toString(), "--out", out.toString(), "--steps", "8", "--threads", "1", "--seed", "5");
        var first = FitLayoutJson.read(Files.readString(out)).placements();
        run(problem.toString(), "--out", out.toString(), "--steps", "8", "--threads", "1", "--seed", "5");
        assertThat(FitLayoutJson.read(Files.readString(out)).placements()).isEqualTo(first);
    }

    @Test
    void anUnusableProblemGivesOneLineAndNoFile() throws IOException {
        Files.writeString(problem, FitProblemJsonTest.example().replace("\"gap\": 0", "\"gap\": -4"));
        assertThat(run(problem.toString(), "--out", out.toString())).isEqualTo(2);
        assertThat(said().strip().lines())
                .singleElement()
                .asString()
                .contains("gap")
                .contains("from 0 to 1000 mm");
        assertThat(out).doesNotExist();
    }

    @Test
    void anUnusableOrderGivesOneLine() {
        String[][] orders = {
            {},
            {problem.toString()},
            {"ghost.json", "--out", out.toString()},
            {problem.toString(), "--out", "no/such/folder/x.json"},
            {problem.toString(), "--out", out.toString(), "--seconds", "soon"},
            {problem.toString(), "--out"},
            {problem.toString(), "--out", out.toString(), "--threads", "0"},
            {problem.toString(), "--colour", "--out", out.toString()}
        };
        for (String[] order : orders) {
            err.reset();
            assertThat(run(order)).as(String.join(" ", order)).isEqualTo(2);
            assertThat(said().strip().lines()).hasSize(1);
        }
        assertThat(out).doesNotExist();
    }
}
