package org.handdown.formats.outline;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.handdown.geometry.Edge;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * Drawings written by other programs, held against what independent readers find in them (svgelements 1.7 and ezdxf 0.18, Debian 12; see
 * src/test/corpus): nothing is lost without a word, and no area is another.
 */
class DrawingCorpusTest {
    /** Areas may differ by this share, and by the flattening along the line. */
    private static final double SHARE = 0.005;

    private static final double FLAT_MM = 0.15;

    private final List<String> silent = new ArrayList<>();
    private final List<String> wrong = new ArrayList<>();
    private final Map<String, Integer> refused = new TreeMap<>();
    private final List<String> refusedThough = new ArrayList<>();
    private int accepted;
    private int outlines;
    private int unreadable;

    @Test
    void whatOtherProgramsWroteIsReadAsTheyMeantIt() throws IOException {
        Path folder = Path.of("src/test/resources/corpus");
        read(folder, folder.resolve("expected.json"));
        System.out.println(counts());
        assertThat(silent).as("lost without a word").isEmpty();
        assertThat(wrong).as("other areas than the reference").isEmpty();
        assertThat(refusedThough).as("refused though the reference reads it").isEmpty();
        assertThat(accepted).isGreaterThan(30);
    }

    /** A collection of thousands, fetched by src/test/corpus/make.sh: run by hand with -Dhanddown.corpus=FOLDER. */
    @Test
    @EnabledIfSystemProperty(named = "handdown.corpus", matches = ".+")
    void strangersDrawingsAreReadOrTold() throws IOException {
        Path folder = Path.of(System.getProperty("handdown.corpus"));
        read(folder, folder.resolve("expected.json"));
        List<String> report = new ArrayList<>(List.of(counts()));
        refused.forEach((why, often) -> report.add(often + " refused: " + why));
        silent.forEach(s -> report.add("silent: " + s));
        wrong.forEach(s -> report.add("wrong: " + s));
        refusedThough.forEach(s -> report.add("refused though readable: " + s));
        Files.write(Path.of("target/corpus.txt"), report);
        assertThat(accepted).isPositive();
    }

    private String counts() {
        return Wording.fill(
                "%d accepted with %d outlines, %d refused (%d of them though the reference reads something), %d not read by the reference, %d lost without a word, %d with another area",
                accepted,
                outlines,
                refused.values().stream().mapToInt(i -> i).sum(),
                refusedThough.size(),
                unreadable,
                silent.size(),
                wrong.size());
    }

    private void read(Path folder, Path expected) throws IOException {
        JsonNode all = new ObjectMapper().readTree(expected.toFile());
        for (var i = all.fields(); i.hasNext(); ) {
            var entry = i.next();
            byte[] file = Files.readAllBytes(folder.resolve(entry.getKey()));
            List<Double> areas = new ArrayList<>();
            entry.getValue().forEach(a -> areas.add(a.asDouble()));
            if (entry.getValue().isNull()) {
                unreadable++;
            }
            one(entry.getKey(), file, areas, !entry.getValue().isNull());
        }
    }

    private void one(String name, byte[] file, List<Double> expected, boolean isKnown) {
        Drawing drawing;
        try {
            drawing = DrawingFile.read(file, null);
        } catch (RefusedValueException e) {
            refused.merge(
                    String.valueOf(e.getMessage()).replaceAll("“[^”]*”", "“…”").replaceAll("[\\d.]+", "#"),
                    1,
                    Integer::sum);
            if (expected.stream().anyMatch(a -> a > 0)) {
                refusedThough.add(
                        name + " " + expected.subList(0, Math.min(5, expected.size())) + ": " + e.getMessage());
            }
            return;
        }
        accepted++;
        outlines += drawing.outlines().size();
        if (!isKnown) {
            return;
        }
        List<Double> left = new ArrayList<>(expected);
        for (FoundOutline f : drawing.outlines()) {
            double area = f.outline().ring().areaMm2();
            double around =
                    f.outline().edges().stream().mapToDouble(Edge::lengthMm).sum();
            double most = SHARE * area + FLAT_MM * around;
            int best = -1;
            for (int i = 0; i < left.size(); i++) {
                if (Math.abs(Math.abs(left.get(i)) - area) <= most
                        && (best < 0
                                || Math.abs(Math.abs(left.get(i)) - area)
                                        < Math.abs(Math.abs(left.get(best)) - area))) {
                    best = i;
                }
            }
            if (best >= 0) {
                left.remove(best);
            } else if (f.told().isEmpty()) {
                wrong.add(Wording.fill(
                        "%s: “%s” of %.1f mm²; the reference has %s",
                        name, f.name(), area, left.subList(0, Math.min(6, left.size()))));
            }
        }
        boolean isTold = !drawing.told().isEmpty()
                || drawing.outlines().stream().anyMatch(f -> !f.told().isEmpty());
        if (!isTold && left.stream().anyMatch(a -> Math.abs(a) > 110)) {
            silent.add(name + ": " + left);
        }
    }
}
