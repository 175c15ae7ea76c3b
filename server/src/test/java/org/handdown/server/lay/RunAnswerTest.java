package org.handdown.server.lay;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import org.handdown.formats.project.ProjectJson;
import org.handdown.project.Lay;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.junit.jupiter.api.Test;

/** What a run found out goes through the database as text and comes back as it was. */
class RunAnswerTest {
    private static Project demo() throws IOException {
        return ProjectJson.read(Files.readString(Path.of("../demo/3-bodywarmer.project.json")));
    }

    @Test
    void aChangeAndAFigureReadBackEqual() throws IOException {
        Project project = demo();
        Lay lay = Objects.requireNonNull(project.lay());
        RunAnswer answer = RunAnswer.NONE
                .and(RunAnswer.Offer.changing("SHORTER", "Make the back 8 mm shorter.", "shorter", project))
                .and(RunAnswer.Offer.showing("WITH_NAP", "All one way: 690 mm.", "", lay.problem(), lay.layout()));
        RunAnswer back = RunAnswer.read(answer.text());
        assertThat(back).isEqualTo(answer);
        assertThat(Objects.requireNonNull(back.offers().get(0).after()).lay()).isEqualTo(lay);
        assertThat(back.offers().get(1).after()).isNull();
    }

    @Test
    void nothingFoundYetIsNoOffer() {
        assertThat(RunAnswer.read(null)).isEqualTo(RunAnswer.NONE);
        assertThat(RunAnswer.read(RunAnswer.NONE.text()).offers()).isEmpty();
    }

    @Test
    void theBasisChangesWithPiecesAndNotWithNotes() throws IOException {
        Project project = demo();
        String basis = FitRunService.basis(project);
        assertThat(FitRunService.basis(project.withLog(java.util.List.of()))).isEqualTo(basis);
        assertThat(FitRunService.basis(project.withPieces(PatternPieces.NONE))).isNotEqualTo(basis);
    }
}
