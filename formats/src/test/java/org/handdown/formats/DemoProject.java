package org.handdown.formats;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.formats.project.ProjectJson;
import org.handdown.project.Project;

/** The demo project as it ships. */
public final class DemoProject {
    public static final Path FOLDER = Path.of("../demo");

    private DemoProject() {}

    public static String text() {
        try {
            return Files.readString(FOLDER.resolve("1-dungarees.project.json"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static Project project() {
        return ProjectJson.read(text());
    }

    public static Project.Lay lay() {
        return java.util.Objects.requireNonNull(project().lay());
    }
}
