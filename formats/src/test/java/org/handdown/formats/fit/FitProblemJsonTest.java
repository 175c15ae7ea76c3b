package org.handdown.formats.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.search.Fitter;
import org.handdown.formats.DemoProject;
import org.handdown.measure.RefusedValueException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FitProblemJsonTest {
    static final Path FORMATS = Path.of("../docs/formats");

    /** The example in docs/formats/fit-format.md, word for word. */
    static String example() {
        try {
            String page = Files.readString(FORMATS.resolve("fit-format.md"));
            int from = page.indexOf("```json") + 7;
            return page.substring(from, page.indexOf("```", from));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void requireValid(String schema, String text) throws IOException {
        var errors = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(FORMATS.resolve(schema)))
                .validate(text, InputFormat.JSON);
        assertThat(errors).isEmpty();
    }

    @Test
    void theExampleOfTheFormatIsReadAndItsLayIsSound() throws IOException {
        requireValid("fit-problem.schema.json", example());
        FitProblem problem = FitProblemJson.read(example());
        FitLayout layout = Fitter.fit(problem, new Fitter.Budget(Double.POSITIVE_INFINITY, 10, 1, 1));
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
        requireValid("fit-layout.schema.json", FitLayoutJson.text(layout));
        assertThat(FitLayoutJson.read(FitLayoutJson.text(layout))).isEqualTo(layout);
    }

    @Test
    void whatIsWrittenReadsBackEqual() throws IOException {
        for (FitProblem problem : new FitProblem[] {
            FitProblemJson.read(example()), DemoProject.lay().problem()
        }) {
            String text = FitProblemJson.write(problem).toString();
            requireValid("fit-problem.schema.json", text);
            assertThat(FitProblemJson.read(text)).isEqualTo(problem);
        }
    }

    /** An edge that will not do is none to lie on: with the only old hem left out, the copy on it breaks a rule. */
    @Test
    void anEdgeThatIsLeftOutIsNotLaidOn() throws IOException {
        String without = example()
                .replace(
                        "\"on\": [\"hem\"]",
                        "\"on\": [\"hem\"], \"except\": [{\"panel\": \"back-left\", \"edge\": \"old-hem\"}]");
        requireValid("fit-problem.schema.json", without);
        FitProblem problem = FitProblemJson.read(without);
        assertThat(FitProblemJson.read(FitProblemJson.write(problem).toString()))
                .isEqualTo(problem);
        Fitter.Budget steps = new Fitter.Budget(Double.POSITIVE_INFINITY, 10, 1, 1);
        FitLayout kept = Fitter.fit(FitProblemJson.read(example()), steps);
        String anchored = FitProblemJson.read(example()).pieces().get(0).variants().stream()
                .filter(v -> v.anchor() != null)
                .map(FitPiece.Variant::id)
                .findFirst()
                .orElseThrow();
        assertThat(kept.placements()).anyMatch(p -> p.variant().equals(anchored));
        assertThat(RuleChecker.check(problem, kept)).isNotEmpty();
        FitLayout other = Fitter.fit(problem, steps);
        assertThat(other.placements()).noneMatch(p -> p.variant().equals(anchored));
        assertThat(RuleChecker.check(problem, other)).isEmpty();
    }

    /** The example with the optional fields of the format. */
    private static String withWishes() {
        return example()
                .replace(
                        "\"gap\": 0",
                        "\"pinned\": [{\"piece\": \"bib\", \"copy\": 1, \"variant\": \"plain\", \"panel\": \"back-left\", "
                                + "\"x\": 390, \"y\": 400, \"rotation\": 0, \"mirrored\": true}], \"gap\": 0")
                .replace(
                        "\"cloth\": \"rust cord\",",
                        "\"cloth\": \"rust cord\", \"motifs\": [{\"name\": \"rose\", "
                                + "\"centre\": [300, 500]}, {\"name\": \"leaf\", \"centre\": [120, 250]}],")
                .replace(
                        "\"required\": true,",
                        "\"required\": true, \"motif\": {\"name\": \"leaf\", \"partner\": \"rose\", "
                                + "\"point\": [90, 100], \"within\": 8},");
    }

    @Test
    void pinsAndMotifsAreReadWrittenAndKept() throws IOException {
        requireValid("fit-problem.schema.json", withWishes());
        FitProblem problem = FitProblemJson.read(withWishes());
        assertThat(problem.pinned()).hasSize(1);
        String text = FitProblemJson.write(problem).toString();
        requireValid("fit-problem.schema.json", text);
        assertThat(FitProblemJson.read(text)).isEqualTo(problem);
        FitLayout layout = Fitter.fit(problem, new Fitter.Budget(Double.POSITIVE_INFINITY, 20, 1, 1));
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
        assertThat(layout.placements()).hasSize(2).containsAll(problem.pinned());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"copy\": 1|\"copy\": 2|pinned[0].copy|from 0 to 1",
                "\"variant\": \"plain\"|\"variant\": \"other\"|pinned[0].variant|no variant",
                "\"panel\": \"back-left\"|\"panel\": \"sleeve\"|pinned[0].panel|no panel",
                "\"name\": \"rose\"|\"name\": \"\"|panels[0].motifs[0].name|",
                "\"within\": 8|\"within\": -1|pieces[0].motif.motif.within|from 0"
            })
    void wishesThatCannotBeUsedAreNamed(
            String good, String bad, String field, @org.jspecify.annotations.Nullable String help) {
        assertThat(withWishes()).contains(good);
        assertThatThrownBy(() -> FitProblemJson.read(withWishes().replace(good, bad)))
                .isInstanceOf(RefusedValueException.class)
                .hasFieldOrPropertyWithValue("field", field)
                .hasMessageContaining(help == null ? "" : help);
    }

    @Test
    void absentFieldsTakeTheirDefaults() {
        FitProblem problem = FitProblemJson.read("""
                {"format": "handdown-fit-problem/1", "objective": "fill", "note": "unknown fields are passed over",
                 "panels": [{"id": "p", "outline": [[0,0],[10,0],[0,10]]}],
                 "pieces": [{"id": "a", "variants": [{"id": "v", "outline": [[0,0],[1,0],[0,1]]}]}]}""");
        assertThat(problem.gapMm()).isZero();
        assertThat(problem.panels().get(0).grainDeg()).isEqualTo(90);
        assertThat(problem.pieces().get(0).grain()).isEqualTo(PieceGrain.ANY);
        assertThat(problem.pieces().get(0).required()).isTrue();
        assertThat(problem.pieces().get(0).quantity()).isEqualTo(1);
    }

    /** A change to the example, the field that must be named, and a word of the help that must be given. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"format\": \"handdown-fit-problem/1\"|\"format\": \"handdown-fit-problem/9\"|format|reads",
                "\"objective\": \"fill\"|\"objective\": \"smallest\"|objective|fill, shortest",
                "\"gap\": 0|\"gap\": -1|gap|from 0",
                "\"gap\": 0|\"gap\": \"2 mm\"|gap|number",
                "[[0,0],[420,0],[400,900],[30,880]]|[[0,0],[420,0],[30,880],[400,900]]|panels[0].outline|crosses",
                "[[0,0],[420,0],[400,900],[30,880]]|[[0,0],[420,0]]|panels[0].outline|three",
                "[[0,0],[420,0],[400,900],[30,880]]|[[0,0],[420,0],[5e5,900],[30,880]]|panels[0].outline|200000",
                "[[0,0],[420,0],[400,900],[30,880]]|[[0,0],[420,0],[1e9,900],[30,880]]|panels[0].outline[2]|kilometre",
                "[420,0]|[420]|panels[0].outline[1]|point",
                "\"kind\": \"avoid\"|\"kind\": \"bad\"|panels[0].zones[0].kind|avoid",
                "\"period\": 24|\"period\": 0|panels[0].repeats[0].period|above 0",
                "\"kind\": \"hem\"|\"kind\": \"lace\"|panels[0].edges[0].kind|selvedge",
                "\"kind\": \"hem\", \"from\": 0, \"to\": 1|\"kind\": \"hem\", \"from\": 0, \"to\": 9|panels[0].edges[0]|vertex",
                "\"quantity\": 2|\"quantity\": 1.5|pieces[0].quantity|whole",
                "\"quantity\": 2|\"quantity\": 0|pieces[0].quantity|from 1",
                "\"handed\": \"pair\"|\"handed\": \"left\"|pieces[0].handed|pair",
                "\"grainTolerance\": 2|\"grainTolerance\": -3|pieces[0].grainTolerance|0 to 180",
                "\"required\": true|\"required\": 1|pieces[0].required|true or false",
                "\"on\": [\"hem\"]|\"on\": []|pieces[0].variants[1].anchor.on|kind of edge",
                "\"id\": \"on-hem\"|\"id\": \"plain\"|pieces[0].variants|own"
            })
    void whatCannotBeUsedIsNamed(String good, String bad, String field, String help) {
        assertThat(example()).contains(good);
        assertThatThrownBy(() -> FitProblemJson.read(example().replace(good, bad)))
                .isInstanceOf(RefusedValueException.class)
                .hasFieldOrPropertyWithValue("field", field)
                .hasMessageContaining(help);
    }

    @Test
    void brokenJsonIsToldWithLineAndColumn() {
        assertThatThrownBy(() -> FitProblemJson.read("{\n \"format\": oops }")).hasMessageContaining("line 2");
        assertThatThrownBy(() -> FitProblemJson.read("")).isInstanceOf(RefusedValueException.class);
        assertThatThrownBy(() -> FitProblemJson.read("[".repeat(100_000))).isInstanceOf(RefusedValueException.class);
    }

    @Test
    void aProblemWithoutPanelsIsRefused() {
        assertThatThrownBy(
                        () -> FitProblemJson.read(
                                "{\"format\": \"handdown-fit-problem/1\", \"objective\": \"fill\", \"panels\": [], \"pieces\": []}"))
                .isInstanceOf(RefusedValueException.class)
                .hasFieldOrPropertyWithValue("field", "panels")
                .hasMessageContaining("at least one panel");
    }
}
