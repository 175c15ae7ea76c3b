package org.handdown.server.project;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.handdown.project.Lay;
import org.handdown.server.DemoHouseholdTest;
import org.handdown.server.web.Purge;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

/** What is stored opens, or says why not and how to go on; two who write at once lose nothing. */
@Tag("long")
class StoredStateTest extends DemoHouseholdTest {
    @Autowired
    private ProjectService projects;

    @Autowired
    private TransactionTemplate transactions;

    private UUID id() {
        return UUID.fromString(project.substring("/api/projects/".length()));
    }

    private void spoil() {
        call(user, "POST", project + "/notes?version=1", "{\"text\":\"before it broke\"}");
        jdbc.update(
                "update project_state set document = jsonb_set(document, '{source,kind}', '\"cloak\"') where project_id = ? and seq = 2",
                id());
    }

    @Test
    void aProjectThatCannotBeReadOffersItsStatesItsFileAndUndo() {
        spoil();
        Reply broken = read(user, project);
        assertThat(broken.status()).isEqualTo(422);
        assertThat(broken.body().path("unreadable").asBoolean()).isTrue();
        assertThat(broken.text("detail")).contains("source.kind").contains("earlier state");
        assertThat(new String(raw(user, project + "/file"))).contains("\"cloak\"");
        JsonNode states = read(user, project + "/states").body();
        assertThat(states).hasSize(2);
        assertThat(states.get(0).path("current").asBoolean()).isTrue();
        assertThat(states.get(0).path("trouble").asText()).contains("cloak");
        assertThat(states.get(1).path("trouble").asText()).isEmpty();
        Reply back = call(user, "POST", project + "/states/1", "");
        assertThat(back.status()).isEqualTo(200);
        assertThat(read(user, project).status()).isEqualTo(200);
        assertThat(back.body().path("redoWhat").asText()).isEqualTo("a note");
    }

    @Test
    void aProjectThatCannotBeReadIsUndoneLikeAnyOther() {
        spoil();
        assertThat(call(user, "POST", project + "/undo?version=2", "").status()).isEqualTo(200);
        assertThat(call(user, "POST", project + "/redo?version=3", "").status()).isEqualTo(422);
        assertThat(read(user, project).status())
                .as("what cannot be shown is not come back to")
                .isEqualTo(200);
    }

    @Test
    void aStrangerSeesNoStates() {
        assertThat(read(newHousehold(), project + "/states").status()).isEqualTo(404);
        assertThat(call(newHousehold(), "POST", project + "/states/1", "").status())
                .isEqualTo(404);
    }

    @Test
    void aDocumentOfANewerProgramIsRefusedAndNotCut() throws Exception {
        ObjectNode newer = (ObjectNode) json.readTree(demoProject());
        newer.put("format", "handdown-project/3");
        Reply refused = call(user, "POST", "/api/projects/import", newer.toString());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text("detail")).contains("newer Hand Down");
        assertThat(call(user, "POST", "/api/projects/import", "{}").text("detail"))
                .contains("no file of Hand Down");
    }

    @Test
    void aSideViewThatFailsSaysSoAndTheRestOpens() throws Exception {
        ObjectNode file = (ObjectNode) json.readTree(demoProject());
        ((ObjectNode) file.path("aim").path("measures")).retain("chest");
        ((ObjectNode) file.path("aim")).put("garment", "take_in").put("draft", "");
        List.of("pieces", "lay", "keptLays").forEach(file::remove);
        Reply made = call(user, "POST", "/api/projects/import", file.toString());
        assertThat(made.status()).as(made.body().toString()).isEqualTo(201);
        Reply view = read(user, "/api/projects/" + made.text("id"));
        assertThat(view.status()).isEqualTo(200);
        assertThat(view.body().path("troubles").toString()).contains("SOURCE").contains("What it suits");
    }

    @Test
    void ofTwoWhoWriteAtOnceOneIsToldThatItChangedMeanwhile() throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(2);
        try {
            String bare = "/api/projects/"
                    + call(user, "POST", "/api/projects", "{\"name\":\"Race\"}").text("id");
            long version = 1;
            for (int race = 0; race < 200; race++) {
                String body = "{\"text\":\"race %d\"}".formatted(race);
                String path = bare + "/notes?version=" + version;
                Future<Reply> one = hands.submit(() -> call(user, "POST", path, body));
                Future<Reply> two = hands.submit(() -> call(user, "POST", path, body));
                assertThat(List.of(one.get().status(), two.get().status()))
                        .as("race %d", race)
                        .containsExactlyInAnyOrder(200, 409);
                version++;
            }
        } finally {
            hands.shutdownNow();
        }
    }

    private ProjectOf of() {
        return new ProjectOf(user.householdId(), id());
    }

    @Test
    void aLayThatEndsWhileSomebodyWritesIsNotLost() throws Exception {
        ExecutorService background = Executors.newSingleThreadExecutor();
        try {
            long version = 1;
            Lay lay = projects.project(of()).lay();
            for (int i = 0; i < 50; i++) {
                int run = i;
                Future<?> laid = background.submit(() -> projects.editLatest(
                        of(),
                        "lay " + run,
                        p -> p.withLay(java.util.Objects.requireNonNull(lay)
                                .withPinned(run % 2 == 0 ? java.util.Set.of() : java.util.Set.of("bib#0")))));
                Reply note = call(user, "POST", project + "/notes?version=" + version, "{\"text\":\"meanwhile\"}");
                laid.get();
                assertThat(note.status()).isIn(200, 409);
                JsonNode now = read(user, project).body();
                assertThat(now.path("version").asLong()).isEqualTo(version + (note.status() == 200 ? 2 : 1));
                version = now.path("version").asLong();
            }
        } finally {
            background.shutdownNow();
        }
    }

    @Test
    void oneBrokenSourceHidesNoneOfItsNeighbours() throws Exception {
        for (String file : List.of("2-door-curtains.source.json", "2-door-curtains.source.json")) {
            call(
                    user,
                    "POST",
                    "/api/stash/import",
                    java.nio.file.Files.readString(java.nio.file.Path.of("../demo", file)));
        }
        jdbc.update(
                "update stash_thing set document = jsonb_set(document, '{source,kind}', '\"cloak\"') where household_id = ? and number = 2",
                user.householdId());
        JsonNode whole = things(user, "");
        assertThat(whole).hasSize(1);
        assertThat(call(user, "POST", "/api/stash/" + whole.get(0).path("id").asText() + "/begin", "{}")
                        .status())
                .isEqualTo(201);
        JsonNode broken = call(user, "POST", "/api/stash/search", "{}").body().path("broken");
        assertThat(broken).hasSize(1);
        assertThat(broken.get(0).path("what").asText()).isEqualTo("thing S2");
        assertThat(broken.get(0).path("why").asText()).contains("kind");
    }

    @Test
    void whatIsPastItsTimeGoesForGoodAndNothingElse() {
        List<String> made = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            made.add(importDemo(user));
        }
        call(user, "DELETE", made.get(0), "");
        call(user, "DELETE", made.get(1), "");
        assertThat(read(user, "/api/projects/thrown-away").body()).hasSize(2);
        jdbc.update(
                "update project set deleted_at = now() - interval '31 days' where id = ?",
                UUID.fromString(made.get(0).substring("/api/projects/".length())));
        assertThat(read(user, "/api/projects/thrown-away").body()).hasSize(1);
        assertThat(Purge.purge(jdbc, transactions)).isEqualTo(1);
        assertThat(call(user, "POST", made.get(1) + "/take-back", "").status()).isEqualTo(204);
        assertThat(read(user, made.get(2)).status()).isEqualTo(200);
    }
}
