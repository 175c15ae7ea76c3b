package org.handdown.formats.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.handdown.fit.Placed;
import org.handdown.fit.check.RuleChecker;
import org.handdown.formats.DemoProject;
import org.handdown.lay.Leftover;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.TypedWords;
import org.handdown.measure.Wording;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.project.Workroom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ProjectJsonTest {
    static List<String> demoProjects() {
        return DemoProject.all();
    }

    @ParameterizedTest
    @MethodSource("demoProjects")
    void aDemoProjectReadsBackWordForWord(String name) {
        Project project = ProjectJson.read(DemoProject.text(name));
        assertThat(ProjectJson.prettyText(project))
                .isEqualTo(DemoProject.text(name).stripTrailing());
        assertThat(ProjectJson.read(ProjectJson.text(project))).isEqualTo(project);
    }

    @ParameterizedTest
    @MethodSource("demoProjects")
    void aDemoProjectKeepsTheSchema(String name) throws IOException {
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/project.schema.json")));
        assertThat(schema.validate(DemoProject.text(name), InputFormat.JSON)).isEmpty();
        String broken = DemoProject.text(name).replaceFirst("\"weave\" : \"", "\"weave\" : \"not ");
        assertThat(schema.validate(broken, InputFormat.JSON)).isNotEmpty();
    }

    /** If this fails after a change to draft, anatomy or panels, the demo must be laid anew and exported. */
    @ParameterizedTest
    @MethodSource("demoProjects")
    void aDemoProjectIsSettledAndItsLaySound(String name) {
        Project project = ProjectJson.read(DemoProject.text(name));
        Lay lay = project.lay();
        if (lay != null) {
            assertThat(RuleChecker.check(lay.problem(), lay.layout())).isEmpty();
            assertThat(lay.layout().unplaced()).isEmpty();
        }
        assertThat(new Workroom(project).stations())
                .filteredOn(s -> s.stand() != StationState.Stand.SETTLED)
                .extracting(StationState::station)
                .containsExactly(Station.MAKE);
    }

    /** A file written before a measure was asked: it reads, and the source is as it was then. */
    @ParameterizedTest
    @MethodSource("demoProjects")
    void aFileWithoutTheNewerMeasuresReadsAsItWas(String name) throws IOException {
        Project project = ProjectJson.read(DemoProject.text(name));
        ObjectNode older = ProjectJson.write(project);
        ObjectNode measures = (ObjectNode) older.path("source").path("measures");
        var source = java.util.Objects.requireNonNull(project.source());
        source.kind().measures().stream()
                .filter(m -> m.isLater())
                .forEach(m -> measures.remove(m.isCount() ? m.id() : m.id() + "Mm"));
        assertThat(ProjectJson.read(older).source()).isEqualTo(source);
    }

    @Test
    void anEmptyProjectReadsBackEqual() {
        Project empty = Project.named("Nothing yet");
        assertThat(ProjectJson.read(ProjectJson.text(empty))).isEqualTo(empty);
    }

    @Test
    void aHouseholdsOwnPracticeReadsBackEqual_AndWhatIsUnknownIsPassedOver() throws IOException {
        Project project = DemoProject.project()
                .by(new Practice(Map.of(Practice.Figure.GAP, 3.0, Practice.Figure.RATE_HAND, 4.5)));
        String text = ProjectJson.text(project);
        Project back = ProjectJson.read(text);
        assertThat(back).isEqualTo(project);
        assertThat(back.pieces()).isEqualTo(project.pieces());
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/project.schema.json")));
        assertThat(schema.validate(text, InputFormat.JSON)).isEmpty();
        assertThat(ProjectJson.read(text.replace("rate_hand", "rate_of_a_later_version"))
                        .practice())
                .isEqualTo(new Practice(Map.of(Practice.Figure.GAP, 3.0)));
        assertThatThrownBy(() -> ProjectJson.read(text.replace("\"gap\":3.0", "\"gap\":300")))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining(Wording.of("from 0 to 30 mm"));
    }

    @Test
    void theWordsOfLengthsReadBackInTheirOrder_AndOthersThanTheirsAreRefused() throws IOException {
        Project typed = Project.named("Words")
                .remembering(TypedWords.NONE.typed("135 mm", LengthUnit.CM).typed("2' 6\"", LengthUnit.CM));
        String text = ProjectJson.text(typed);
        assertThat(ProjectJson.read(text)).isEqualTo(typed);
        assertThat(ProjectJson.read(text).typed().byMm().keySet()).containsExactly(135.0, 762.0);
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/project.schema.json")));
        assertThat(schema.validate(text, InputFormat.JSON)).isEmpty();
        assertThatThrownBy(() -> ProjectJson.read(text.replace("135 mm", "137 mm")))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("137 mm");
    }

    @Test
    void aKeptLayOfAHouseholdWithItsOwnPracticeReadsBackEqual() {
        Project project = DemoProject.project()
                .withLay(DemoProject.lay())
                .keepingLay("first try", Instant.parse("2025-11-03T18:30:00Z"))
                .by(new Practice(Map.of(Practice.Figure.GAP, 3.0)));
        Project back = ProjectJson.read(ProjectJson.text(project));
        assertThat(back).isEqualTo(project);
        assertThat(back.takingUp(back.kept().get(0)).pieces()).isEqualTo(project.pieces());
    }

    @Test
    void pinsAndKeptLaysReadBackEqual() throws IOException {
        Lay lay = DemoProject.lay().withPinned(Set.of("bib#0", "back-leg#1"));
        Project project =
                DemoProject.project().withLay(lay).keepingLay("first try", Instant.parse("2025-11-03T18:30:00Z"));
        String text = ProjectJson.text(project);
        assertThat(ProjectJson.read(text)).isEqualTo(project);
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/project.schema.json")));
        assertThat(schema.validate(text, InputFormat.JSON)).isEmpty();
        Project other = DemoProject.project().withLay(DemoProject.lay());
        assertThat(other.takingUp(project.kept().get(0)).lay()).isEqualTo(lay);
        assertThat(lay.pins()).extracting(Placed::name).containsExactlyInAnyOrder("bib#0", "back-leg#1");
        assertThatThrownBy(() -> project.withKept(
                        List.of(project.kept().get(0), project.kept().get(0))))
                .hasMessageContaining("choose another");
    }

    @ParameterizedTest
    @MethodSource("demoProjects")
    void everyRemnantOfADemoLayReadsBackEqual(String name) {
        Lay lay = ProjectJson.read(DemoProject.text(name)).lay();
        if (lay != null) {
            for (Leftover left : Leftover.of(lay.problem(), lay.layout(), List.of())) {
                assertThat(LeftoverJson.read(LeftoverJson.text(left))).isEqualTo(left);
            }
        }
    }

    @Test
    void everyDemoSourceKeepsItsSchemaAndReadsBackEqual() throws IOException {
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/source.schema.json")));
        try (Stream<Path> files = Files.list(DemoProject.FOLDER)) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith(".source.json")).toList()) {
                String text = Files.readString(file);
                assertThat(schema.validate(text, InputFormat.JSON)).isEmpty();
                var source = StashedSourceJson.read(text);
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
                "\"id\" : \"front-left\",\\n      \"leg\"|\"id\" : \"sleeve\",\\n      \"leg\"|panels.surveys[0].id"
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
