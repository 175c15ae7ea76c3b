package org.handdown.formats.project;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.formats.fit.FitCommand;
import org.handdown.formats.fit.FitProblemJson;

/**
 * {@code rehearse PROJECT.json…}: lays the pieces of projects for a moment each, so that the classes that laying needs can be archived when
 * this process ends and later ones begin at once.
 */
public final class Rehearsal {
    private static final String SECONDS = "1";

    private Rehearsal() {}

    public static void main(String[] projects) throws IOException {
        Path problem = Files.createTempFile("rehearsal", ".json");
        Path layout = Files.createTempFile("rehearsal", ".json");
        try (PrintStream nowhere = new PrintStream(java.io.OutputStream.nullOutputStream())) {
            for (String project : projects) {
                var lay = ProjectJson.read(Files.readString(Path.of(project))).lay();
                if (lay != null) {
                    Files.writeString(
                            problem, FitProblemJson.write(lay.problem()).toString());
                    String[] order = {problem.toString(), "--out", layout.toString(), "--seconds", SECONDS};
                    FitCommand.run(order, nowhere, System.err, System.currentTimeMillis());
                }
            }
        } finally {
            Files.delete(problem);
            Files.delete(layout);
        }
    }
}
