package org.handdown.formats.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Motif;
import org.handdown.fit.Repeat;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.lay.Leftover;
import org.handdown.panel.Flaw;
import org.handdown.reuse.KeeperKind;
import org.handdown.source.Assessment;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.stash.FlatCloth;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.Notion;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashThing;
import org.junit.jupiter.api.Test;

class StashFilesTest {
    private static String curtains() throws IOException {
        return Files.readString(Path.of("../demo/2-door-curtains.source.json"));
    }

    private static List<StashItem> things() throws IOException {
        StashItem garment = StashItemJson.read(curtains());
        Ring ring = Ring.rectangle(0, 0, 300, 400);
        Leftover left = new Leftover(
                new FitLayout.Remnant("cloth", ring, new FitLayout.GrainRectangle(new Point(0, 0), 0, 300, 400)),
                "canvas",
                90,
                List.of(new Leftover.Finished(EdgeKind.HEM, List.of(new Point(0, 0), new Point(300, 0)))),
                List.of(new FlawZone(FlawZone.Kind.AVOID, Ring.rectangle(10, 10, 20, 20), "stain")),
                List.of(new Flaw(
                        Flaw.Treatment.NOTE,
                        Flaw.Kind.SEAM,
                        "pieced",
                        new Flaw.Strip(new Point(0, 200), new Point(300, 200), 24),
                        4)),
                new Leftover.Pattern(
                        true,
                        false,
                        List.of(new Repeat("stripe", 0, 36, 4)),
                        List.of(new Motif("anchor", new Point(150, 200)))));
        StashItem.Tag tag = new StashItem.Tag("chest", true, "a bag", "3", Assessment.Missed.DEARLY);
        var cloth = java.util.Objects.requireNonNull(garment.thing().cloth());
        return List.of(
                garment.tagged(tag),
                new StashItem(new StashThing.ByTheMetre(cloth, 1400, 2500), tag, "shop"),
                new StashItem(new FlatCloth("bit of canvas", cloth, left, true), tag, "curtains, through a skirt"),
                new StashItem(new FlatCloth("half a curtain", cloth, left, false), tag, ""),
                new StashItem(
                        new LooseKeeper(
                                "horn buttons",
                                KeeperKind.BUTTONS,
                                new LooseKeeper.Size(0, 0, 0, 6, 15),
                                "",
                                Assessment.Condition.WORN),
                        tag,
                        ""),
                new StashItem(new Notion("elastic", Notion.Sort.ELASTIC, "6 mm", 3000), tag, ""));
    }

    @Test
    void everyKindOfThingComesBackAsItWas() throws IOException {
        for (StashItem item : things()) {
            assertThat(StashItemJson.read(StashItemJson.text(item))).isEqualTo(item);
        }
        assertThat(StashJson.read(StashJson.text(things()))).isEqualTo(things());
    }

    @Test
    void whatIsWrittenAndTheDemosCupboardKeepTheSchema() throws IOException {
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/stash.schema.json")));
        String cupboard = Files.readString(Path.of("../demo/7-cupboard.things.json"));
        assertThat(schema.validate(StashJson.text(things()), InputFormat.JSON)).isEmpty();
        assertThat(schema.validate(cupboard, InputFormat.JSON)).isEmpty();
        assertThat(StashJson.read(cupboard)).hasSize(13);
        String bad = StashJson.text(things()).replace("\"sort\":\"elastic\"", "\"sort\":\"rubber\"");
        assertThat(schema.validate(bad, InputFormat.JSON)).isNotEmpty();
    }

    @Test
    void aSourceFileOfItsOwnIsAThing() throws IOException {
        assertThat(StashJson.read(curtains()))
                .singleElement()
                .satisfies(i -> assertThat(i.thing()).isInstanceOf(StashThing.Garment.class));
    }

    @Test
    void aNewerFileAndADamagedThingAreToldByTheirField() throws IOException {
        assertThatThrownBy(() -> StashJson.read("{\"format\":\"handdown-stash/9\",\"things\":[]}"))
                .hasMessageContaining("newer");
        String bad = StashJson.text(things()).replace("\"keeper\":\"buttons\"", "\"keeper\":\"beads\"");
        assertThatThrownBy(() -> StashJson.read(bad)).hasMessageContaining("beads");
    }

    @Test
    void aTableGoesOutWholeAndComesInButForOutlines() throws IOException {
        List<StashItem> things = things();
        String table = StashCsv.write(Map.of("K1", things.get(4)));
        assertThat(StashCsv.read(table)).singleElement().satisfies(i -> {
            assertThat(((LooseKeeper) i.thing()).size())
                    .isEqualTo(((LooseKeeper) things.get(4).thing()).size());
            assertThat(i.tag()).isEqualTo(things.get(4).tag());
        });
        assertThat(StashCsv.read(StashCsv.write(Map.of("N1", things.get(5))))
                        .get(0)
                        .thing())
                .isEqualTo(things.get(5).thing());
        assertThatThrownBy(() -> StashCsv.read(StashCsv.write(Map.of("R1", things.get(2)))))
                .hasMessageContaining("Line 2")
                .hasMessageContaining("no outline");
        assertThat(StashCsv.write(Map.of("R1", things.get(2)))).contains("300,400");
        StashItem formula = StashItem.of(new Notion("=1+1", Notion.Sort.THREAD, "-2", 3));
        assertThat(StashCsv.write(Map.of("N1", formula))).contains("'=1+1").contains("'-2");
        assertThat(StashCsv.read(StashCsv.write(Map.of("N1", formula)))).containsExactly(formula);
    }

    @Test
    void aTableFromElsewhereIsReadWithSemicolonsAndCommasInFigures() {
        List<StashItem> items = StashCsv.read(
                "\uFEFFKind;What;Name;Along mm;Count;Place\r\nsource;trousers;old cords;;;attic\r\nnotion;tape;bias;1500,5;;tin\r\n");
        assertThat(items).hasSize(2);
        StashThing.Garment cords = (StashThing.Garment) items.get(0).thing();
        assertThat(cords.source().kind()).isEqualTo(SourceKind.TROUSERS);
        assertThat(cords.source().assessment().proposed()).contains("waist");
        assertThat(((Notion) items.get(1).thing()).amount()).isEqualTo(1500.5);
    }

    @Test
    void whatIsNoTableIsToldHowToMend() {
        assertThatThrownBy(() -> StashCsv.read("kind,what,name,count\nnotion,thread,a\0b,2\n"))
                .hasMessageContaining("code 0");
        assertThatThrownBy(() -> StashCsv.read("")).hasMessageContaining("no");
        assertThatThrownBy(() -> StashCsv.read("kind,name\nnotion,x\n")).hasMessageContaining("Line 2");
        assertThatThrownBy(() -> StashCsv.read("kind,what,name,count\nkeeper,buttons,b,many\n"))
                .hasMessageContaining("many");
        assertThatThrownBy(() -> StashCsv.read("kind,what,name\nkeeper,\"buttons,b\n"))
                .isInstanceOf(RuntimeException.class);
    }
}
