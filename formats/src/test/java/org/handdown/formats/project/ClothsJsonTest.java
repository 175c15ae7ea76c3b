package org.handdown.formats.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.lay.Leftover;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.survey.ClothRepeat;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Brought;
import org.handdown.project.Cloths;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.reuse.KeeperKind;
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.stash.LooseKeeper;
import org.handdown.unpick.JoinDecision;
import org.junit.jupiter.api.Test;

/** Whatever a project was brought beside its own source reads back equal and keeps the schema. */
class ClothsJsonTest {
    private static final Schema SCHEMA = schema();

    private static Schema schema() {
        try {
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(Files.readString(Path.of("../docs/formats/project.schema.json")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Cloth cloth(String name) {
        return new Cloth(
                name, "cotton", Weave.PLAIN, "#8899aa", false, true, 0.4, HeatLimit.TWO_DOTS, ClothSheet.UNTESTED);
    }

    private static Source source(SourceKind kind, String name) {
        return new Source(
                name,
                "",
                "",
                "",
                "",
                cloth("cloth of the " + name),
                new Construction(GarmentMeasures.first(kind), List.of()),
                List.of(),
                Assessment.NONE);
    }

    private static Project project() {
        Cloth lining = cloth("new lining");
        LooseKeeper buttons = new LooseKeeper(
                "six buttons",
                KeeperKind.BUTTONS,
                new LooseKeeper.Size(0, 0, 0, 6, 15),
                "horn",
                Assessment.Condition.SOUND);
        Cloths cloths = new Cloths(
                Set.of(PieceCloth.SHELL, PieceCloth.BINDING),
                List.of(
                        new Brought.OtherSource(
                                "b",
                                "a-thing",
                                source(SourceKind.SHIRT, "shirt"),
                                Project.Opening.NONE,
                                null,
                                Set.of(PieceCloth.CONTRAST, PieceCloth.SECOND_CONTRAST)),
                        new Brought.FlatSheet(
                                        "c",
                                        "",
                                        "bought lining",
                                        lining,
                                        Leftover.sheet(lining, 1400, 900),
                                        true,
                                        Set.of(PieceCloth.LINING, PieceCloth.POCKETING))
                                .striped(List.of(new ClothRepeat("stripe", true, 24.5, "", 6, true))),
                        new Brought.Loose("e", "another-thing", buttons)));
        Project project = Project.named("Of many")
                .withSource(source(SourceKind.JUMPER, "jumper"))
                .withCloths(cloths);
        Project turned = project.turnedTo("b");
        Map<String, JoinDecision> joins = new HashMap<>();
        new Workroom(turned).anatomy().orElseThrow().joins().forEach(j -> joins.put(j.id(), JoinDecision.UNPICK));
        return new Workroom(turned.withOpening(new Project.Opening(joins, Map.of())))
                .redoPanels()
                .turnedBack();
    }

    @Test
    void readsBackEqualAndKeepsTheSchema() {
        String text = ProjectJson.text(project());
        assertThat(SCHEMA.validate(text, InputFormat.JSON)).isEmpty();
        assertThat(ProjectJson.read(text)).isEqualTo(project());
    }

    /** Nobody keeps a project with another than its own source in hand. */
    @Test
    void isWrittenWithItsOwnSourceInHand() {
        assertThat(ProjectJson.text(project().turnedTo("b"))).isEqualTo(ProjectJson.text(project()));
    }

    @Test
    void filesOfOneSourceAloneAreReadAsBefore() {
        Project alone = Project.named("Alone").withSource(source(SourceKind.JUMPER, "jumper"));
        String text = ProjectJson.text(alone);
        assertThat(text).contains("handdown-project/2").doesNotContain("cloths");
        assertThat(ProjectJson.read(text.replace("handdown-project/2", "handdown-project/1")))
                .isEqualTo(alone);
        assertThatThrownBy(() -> ProjectJson.read(text.replace("handdown-project/2", "handdown-project/3")))
                .isInstanceOf(RefusedValueException.class);
    }

    @Test
    void whatIsNoRoleOrNoKeeperIsRefusedByItsPlace() {
        String text = ProjectJson.text(project());
        assertThatThrownBy(() -> ProjectJson.read(text.replace("\"second_contrast\"", "\"remnant\"")))
                .isInstanceOfSatisfying(
                        RefusedValueException.class, e -> assertThat(e.field()).startsWith("cloths"));
        assertThatThrownBy(() -> ProjectJson.read(text.replace("\"id\":\"e\"", "\"id\":\"c\"")))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("same mark");
        assertThat(SCHEMA.validate(text.replace("\"id\":\"e\"", "\"id\":\"E1\""), InputFormat.JSON))
                .isNotEmpty();
    }
}
