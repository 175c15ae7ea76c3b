package org.handdown.formats;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.handdown.formats.project.ProjectJson;
import org.handdown.project.Lay;
import org.handdown.project.Project;

/** The demo project as it ships. */
public final class DemoProject {
    public static final Path FOLDER = Path.of("../demo");

    private DemoProject() {}

    /** Names of all projects of the demo household. */
    public static List<String> all() {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.map(f -> f.getFileName().toString())
                    .filter(f -> f.endsWith(".project.json"))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static String text() {
        return text("1-dungarees.project.json");
    }

    public static String text(String name) {
        try {
            return Files.readString(FOLDER.resolve(name));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static Project project() {
        return ProjectJson.read(text());
    }

    public static Lay lay() {
        return java.util.Objects.requireNonNull(project().lay());
    }
}
