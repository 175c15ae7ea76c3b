package org.handdown.formats.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.handdown.formats.DemoProject;
import org.handdown.lay.RuleChecker;
import org.handdown.project.Project;
import org.handdown.project.StationState;
import org.handdown.project.Workroom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProjectJsonTest {
    @Test
    void theDemoProjectReadsBackWordForWord() {
        Project project = DemoProject.project();
        assertThat(ProjectJson.prettyText(project)).isEqualTo(DemoProject.text().stripTrailing());
        assertThat(ProjectJson.read(ProjectJson.text(project))).isEqualTo(project);
    }

    @Test
    void theDemoProjectKeepsItsSchema() throws IOException {
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/project.schema.json")));
        assertThat(schema.validate(DemoProject.text(), InputFormat.JSON)).isEmpty();
        String broken = DemoProject.text().replace("\"rust cord\"", "7");
        assertThat(schema.validate(broken, InputFormat.JSON)).isNotEmpty();
    }

    /** If this fails after a change to draft, anatomy or panels, the demo must be laid anew and exported. */
    @Test
    void theDemoIsSettledAndItsLaySound() {
        Project project = DemoProject.project();
        Project.Lay lay = DemoProject.lay();
        assertThat(RuleChecker.check(lay.problem(), lay.layout())).isEmpty();
        assertThat(new Workroom(project).stations())
                .extracting(StationState::stand)
                .doesNotContain(StationState.Stand.STALE);
    }

    @Test
    void anEmptyProjectReadsBackEqual() {
        Project empty = Project.named("Nothing yet");
        assertThat(ProjectJson.read(ProjectJson.text(empty))).isEqualTo(empty);
    }

    @Test
    void everyDemoSourceReadsBackEqual() throws IOException {
        try (Stream<Path> files = Files.list(DemoProject.FOLDER)) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith(".source.json")).toList()) {
                var source = StashedSourceJson.read(Files.readString(file));
                assertThat(StashedSourceJson.read(StashedSourceJson.text(source)))
                        .isEqualTo(source);
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"unit\" : \"cm\"|\"unit\" : \"ell\"|aim.unit",
                "\"waistMm\" : 900.0|\"waistMm\" : 9.0|source.waist",
                "\"oneWay\" : true|\"oneWay\" : \"yes\"|source.cloth.oneWay",
                "\"inseam-left\" : \"unpick\"|\"inseam-left\" : \"burn\"|decisions.inseam-left",
                "\"id\" : \"front-left\",\\n      \"hem\"|\"id\" : \"sleeve\",\\n      \"hem\"|panels.surveys[0].id"
            })
    void whatCannotBeUsedIsNamed(String good, String bad, String field) {
        String text = DemoProject.text();
        String from = good.replace("\\n", "\n");
        assertThat(text).contains(from);
        assertThatThrownBy(() -> ProjectJson.read(
                        text.replaceFirst(java.util.regex.Pattern.quote(from), bad.replace("\\n", "\n"))))
                .hasFieldOrPropertyWithValue("field", field);
    }
}
