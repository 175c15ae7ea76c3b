package org.handdown.server.stash;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.handdown.formats.project.StashItemJson;
import org.handdown.server.HouseholdTest;
import org.handdown.stash.FlatCloth;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashThing;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What lay in the stash before there were things is a thing now, and loses nothing. */
class OldStashTest extends HouseholdTest {
    @Autowired
    private DataSource source;

    private static FluentConfiguration scratch(DataSource source, String schema) {
        return Flyway.configure()
                .dataSource(source)
                .schemas(schema)
                .defaultSchema(schema)
                .locations("classpath:db/migration");
    }

    @Test
    void sourcesRemnantsAndKeepersOfBeforeAreReadAsThings() throws Exception {
        String schema = "before_things";
        jdbc.execute("drop schema if exists before_things cascade");
        scratch(source, schema).target("11").load().migrate();
        UUID household = UUID.randomUUID();
        jdbc.update("insert into before_things.household (id, name) values (?, 'Old')", household);
        String curtains = Files.readString(Path.of("../demo/2-door-curtains.source.json"));
        jdbc.update(
                "insert into before_things.stash_source (id, household_id, position, document) values (?, ?, 1, ?::jsonb)",
                UUID.randomUUID(),
                household,
                curtains);
        String remnant =
                "{\"panel\":\"front\",\"outline\":[[0,0],[300,0],[300,400],[0,400]],\"cloth\":\"rust cord\",\"grain\":90,\"edges\":[{\"kind\":\"hem\",\"points\":[[0,0],[300,0]]}],\"zones\":[]}";
        jdbc.update(
                "insert into before_things.stash_remnant (id, household_id, cloth, origin, document) values (?, ?, 'rust cord', 'Dungarees', ?::jsonb)",
                UUID.randomUUID(),
                household,
                remnant);
        for (String kind : List.of("set of buttons", "bound edge", "seam strip", "zip", "rib", "centre seam as axis")) {
            jdbc.update(
                    "insert into before_things.stash_keeper (id, household_id, name, kind, length_mm, depth_mm, count, cloth, origin) values (?, ?, ?, ?, 180, 20, ?, 'cord', 'Dungarees')",
                    UUID.randomUUID(),
                    household,
                    "old " + kind,
                    kind,
                    kind.equals("set of buttons") ? 5 : 0);
        }
        scratch(source, schema).load().migrate();
        List<StashItem> things = jdbc
                .queryForList(
                        "select document::text from before_things.stash_thing order by kind, number", String.class)
                .stream()
                .map(StashItemJson::read)
                .toList();
        assertThat(things).hasSize(8);
        assertThat(things.stream().map(StashItem::thing).filter(LooseKeeper.class::isInstance))
                .hasSize(6);
        assertThat(things.stream().map(StashItem::thing).filter(FlatCloth.class::isInstance))
                .singleElement()
                .satisfies(t -> assertThat(((FlatCloth) t).leftover().edges()).hasSize(1));
        assertThat(things.stream().map(StashItem::thing).filter(StashThing.Garment.class::isInstance))
                .singleElement()
                .isEqualTo(StashItemJson.read(curtains).thing());
        assertThat(jdbc.queryForList(
                        "select amount from before_things.stash_thing where kind = 'KEEPER' order by number",
                        Double.class))
                .contains(5.0, 180.0, 1.0);
        jdbc.execute("drop schema before_things cascade");
    }
}
