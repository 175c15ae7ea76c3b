package org.handdown;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Whoever reads “handbook of the trade §4” finds it; whoever reads the map finds what it names. */
class HandbookTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern CITED =
            Pattern.compile("[Hh]andbook(?:\\s|\\*)+(?:of(?:\\s|\\*)+the(?:\\s|\\*)+trade(?:\\s|\\*)+)?(§[^.;:)]*)");
    private static final Pattern KEY = Pattern.compile("§(\\d+)(?:–(\\d+))?");

    private static List<Path> sources() throws IOException {
        List<Path> all = new ArrayList<>();
        for (String module : List.of("core", "formats", "server", "bench", "e2e")) {
            try (Stream<Path> files = Files.walk(ROOT.resolve(module).resolve("src"))) {
                files.filter(f -> f.toString().endsWith(".java")).forEach(all::add);
            }
        }
        return all;
    }

    @Test
    void everySectionThatIsNamedIsThere() throws IOException {
        Set<String> there = new TreeSet<>();
        Matcher headings =
                Pattern.compile("(?m)^## §(\\d+) ").matcher(Files.readString(ROOT.resolve("docs/handbook.md")));
        while (headings.find()) {
            there.add(headings.group(1));
        }
        Set<String> named = new TreeSet<>();
        int citations = 0;
        for (Path source : sources()) {
            Matcher cited = CITED.matcher(Files.readString(source));
            while (cited.find()) {
                Matcher key = KEY.matcher(cited.group(1));
                while (key.find()) {
                    citations++;
                    named.add(key.group(1));
                    if (key.group(2) != null) {
                        named.add(key.group(2));
                    }
                }
            }
        }
        assertThat(citations).as("the pattern still finds them").isGreaterThan(50);
        assertThat(there).containsAll(named);
    }

    /** Every path and every class that the map names. */
    @Test
    void theMapNamesWhatIsThere() throws IOException {
        String map = Files.readString(ROOT.resolve("docs/map.md"));
        Set<String> classes = new TreeSet<>();
        for (Path source : sources()) {
            classes.add(source.getFileName().toString().replace(".java", ""));
        }
        List<String> missing = new ArrayList<>();
        Matcher named = Pattern.compile("`([^`]+)`").matcher(map);
        int found = 0;
        while (named.find()) {
            String name = named.group(1);
            boolean path = name.contains("/");
            boolean type = name.matches("[A-Z]\\w+(\\.\\w+)?");
            found += path || type ? 1 : 0;
            if (path && !Files.exists(ROOT.resolve(name)) || type && !classes.contains(name.replaceAll("\\..*", ""))) {
                missing.add(name);
            }
        }
        assertThat(found).isGreaterThan(40);
        assertThat(missing).isEmpty();
    }
}
