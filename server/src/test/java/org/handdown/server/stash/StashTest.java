package org.handdown.server.stash;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.imageio.ImageIO;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;

class StashTest extends HouseholdTest {
    private static final String BUTTONS =
            "{\"kind\":\"KEEPER\",\"name\":\"horn buttons\",\"keeper\":\"BUTTONS\",\"size\":{\"count\":\"6\",\"diameter\":\"15\"},\"tag\":{\"place\":\"button tin\",\"washed\":false}}";
    private static final String REMNANT =
            "{\"kind\":\"REMNANT\",\"name\":\"sail canvas\",\"cloth\":{\"name\":\"canvas\",\"weave\":\"TWILL\",\"colour\":\"#ccbb99\",\"heat\":\"THREE_DOTS\"},\"size\":{\"width\":\"60\",\"length\":\"80\"}}";

    private HouseholdUser user;

    @BeforeEach
    void household() {
        user = newHousehold();
    }

    private String add(String body) {
        Reply reply = call(user, "POST", "/api/stash", body);
        assertThat(reply.status()).as(reply.body().toString()).isEqualTo(201);
        return reply.text("id");
    }

    private String project(String name) {
        return call(user, "POST", "/api/projects", "{\"name\":\"" + name + "\"}")
                .text("id");
    }

    private Reply hold(String thing, String project, String amount) {
        return call(
                user,
                "PUT",
                "/api/stash/" + thing + "/holds/" + project,
                "{\"hold\":\"RESERVED\",\"amount\":\"" + amount + "\"}");
    }

    @Test
    void isNarrowedByTheColourOfTheCloth() {
        add(REMNANT);
        add(REMNANT.replace("#ccbb99", "#27406b").replace("sail canvas", "blue canvas"));
        add(BUTTONS);

        Reply blue = call(user, "POST", "/api/stash/search", "{\"colour\":\"BLUE\"}");
        assertThat(blue.body().findValuesAsText("name")).contains("blue canvas").doesNotContain("sail canvas");
        assertThat(blue.body().get("count").asInt()).isEqualTo(1);
        assertThat(call(user, "POST", "/api/stash/search", "{\"colour\":\"VIOLET\"}")
                        .body()
                        .get("count")
                        .asInt())
                .isZero();
        Reply sheet = call(
                user,
                "POST",
                "/api/stash/search",
                "{\"colour\":\"BROWN\",\"role\":\"SHEET\",\"size\":{\"across\":\"50\",\"along\":\"70\"}}");
        assertThat(sheet.body().get("count").asInt()).isEqualTo(1);
    }

    /** Cloth by the metre begins a project as a garment does: it lies on its table, and is reserved. */
    @Test
    void aLengthOfClothBeginsAProject() {
        String id = add(
                "{\"kind\":\"LENGTH\",\"cloth\":{\"name\":\"linen\",\"weave\":\"PLAIN\",\"heat\":\"THREE_DOTS\"},\"size\":{\"width\":\"140\",\"length\":\"250\"}}");
        String begun = call(user, "POST", "/api/stash/" + id + "/begin", "{}").text("id");
        var project = read(user, "/api/projects/" + begun).body();
        assertThat(project.path("name").asText()).isEqualTo("linen");
        assertThat(project.path("cloths").findValuesAsText("name")).contains("linen");
        assertThat(read(user, "/api/stash/held/" + begun).body().findValuesAsText("name"))
                .containsExactly("linen");
        assertThat(call(user, "POST", "/api/stash/" + id + "/begin", "{}")
                        .body()
                        .toString())
                .contains("reserved for");
        String buttons = add(
                "{\"kind\":\"KEEPER\",\"name\":\"horn buttons\",\"keeper\":\"BUTTONS\",\"size\":{\"count\":\"6\",\"diameter\":\"15 mm\"}}");
        assertThat(call(user, "POST", "/api/stash/" + buttons + "/begin", "{}")
                        .body()
                        .toString())
                .contains("begin with cloth");
    }

    @Test
    void aGarmentComesInByThreeMeasuresAndTheRestGrowsWithThem() {
        String id = add(
                "{\"kind\":\"SOURCE\",\"name\":\"corduroys\",\"sourceKind\":\"TROUSERS\",\"measures\":{\"waist\":\"42\",\"insideLeg\":\"39\"},\"tag\":{\"place\":\"attic\",\"washed\":false}}");
        JsonNode one = read(user, "/api/stash/" + id).body();
        assertThat(one.path("thing").path("code").asText()).isEqualTo("S1");
        assertThat(one.path("thing").path("drawing").path("outlines")).isNotEmpty();
        assertThat(one.path("form").path("measures").path("waist").asText()).isEqualTo("42.0 cm");
        assertThat(one.path("form").path("measures").has("seat")).isFalse();
        assertThat(one.path("thing").path("facts").get(0).asText()).isEqualTo("waist 42.0 cm");
        assertThat(one.path("thing").path("facts").get(1).asText()).isEqualTo("inside leg 39.0 cm");
        String begun = call(user, "POST", "/api/stash/" + id + "/begin", "{}").text("id");
        assertThat(read(user, "/api/projects/" + begun)
                        .body()
                        .path("source")
                        .path("proposed")
                        .toString())
                .contains("seat")
                .doesNotContain("waist\"");
    }

    @Test
    void whatIsLookedForIsFoundByRoleAndSizeWithItsSlack() {
        add(REMNANT);
        add(BUTTONS);
        add(
                "{\"kind\":\"NOTION\",\"name\":\"knicker elastic\",\"notion\":\"ELASTIC\",\"size\":{\"length\":\"3 m\",\"words\":\"6 mm\"}}");
        add(
                "{\"kind\":\"KEEPER\",\"name\":\"old cuff\",\"keeper\":\"RIB\",\"size\":{\"length\":\"18\",\"stretch\":\"60\"}}");
        JsonNode strip = things(user, "\"role\":\"STRIP\",\"size\":{\"across\":\"4\",\"along\":\"75\"}");
        assertThat(strip).hasSize(1);
        assertThat(strip.get(0).path("served").path("slack").asText())
                .isEqualTo("5.0 cm to spare along the grain, or 56.0 cm across");
        assertThat(strip.get(0).path("served").path("place")).hasSize(4);
        assertThat(things(user, "\"role\":\"STRIP\",\"size\":{\"across\":\"4\",\"along\":\"81\"}"))
                .isEmpty();
        assertThat(things(user, "\"role\":\"SHEET\",\"knit\":true,\"size\":{\"across\":\"40\",\"along\":\"40\"}"))
                .isEmpty();
        assertThat(
                        things(
                                user,
                                "\"role\":\"SHEET\",\"knit\":false,\"bears\":\"TWO_DOTS\",\"size\":{\"across\":\"60\",\"along\":\"80\"}"))
                .hasSize(1);
        assertThat(things(user, "\"role\":\"BUTTONS\",\"size\":{\"count\":\"6\",\"diameter\":\"15\"}"))
                .hasSize(1);
        assertThat(things(user, "\"role\":\"BUTTONS\",\"size\":{\"count\":\"7\"}"))
                .isEmpty();
        assertThat(things(user, "\"role\":\"BUTTONS\",\"size\":{\"count\":\"2\",\"diameter\":\"18\"}"))
                .isEmpty();
        JsonNode ribs = things(user, "\"role\":\"RIB\",\"size\":{\"passes\":\"28\"}");
        assertThat(texts(ribs)).containsExactly("old cuff", "knicker elastic");
        assertThat(texts(things(user, "\"role\":\"RIB\",\"size\":{\"passes\":\"30\"}")))
                .containsExactly("knicker elastic");
        assertThat(texts(things(user, "\"text\":\"r-1\""))).containsExactly("sail canvas");
        assertThat(texts(things(user, "\"place\":\"button tin\""))).containsExactly("horn buttons");
    }

    private static List<String> texts(JsonNode things) {
        List<String> names = new ArrayList<>();
        things.forEach(t -> names.add(t.path("name").asText()));
        return names;
    }

    @Test
    void whatIsAskedWithoutASizeIsRefusedAndNamesTheField() {
        Reply reply = call(user, "POST", "/api/stash/search", "{\"role\":\"STRIP\",\"size\":{\"across\":\"wide\"}}");
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("field")).isEqualTo("sought.across");
        assertThat(call(user, "POST", "/api/stash/search", "{\"role\":\"ZIP\"}").status())
                .isEqualTo(422);
    }

    @Test
    void aSetOfButtonsIsSharedOutAndNeverPromisedTwice() {
        String buttons = add(BUTTONS);
        String smock = project("Smock");
        String coat = project("Coat");
        assertThat(hold(buttons, smock, "4").status()).isEqualTo(200);
        Reply much = hold(buttons, coat, "3");
        assertThat(much.status()).isEqualTo(422);
        assertThat(much.text("detail"))
                .isEqualTo("2 of it is free; 4 reserved for “Smock”. Let go of it there first, or take less.");
        assertThat(hold(buttons, coat, "2").status()).isEqualTo(200);
        // What a project holds itself may be changed within what the others leave.
        assertThat(hold(buttons, smock, "3").status()).isEqualTo(200);
        assertThat(hold(buttons, smock, "5").status()).isEqualTo(422);
        JsonNode thing = read(user, "/api/stash/" + buttons).body().path("thing");
        assertThat(thing.path("free").asText()).isEqualTo("1");
        // A promise is kept against the stash as well.
        Reply away = call(user, "DELETE", "/api/stash/" + buttons, "");
        assertThat(away.status()).isEqualTo(422);
        assertThat(away.text("detail")).contains("Coat").contains("Smock");
        assertThat(call(user, "PUT", "/api/stash/" + buttons + "?version=1", BUTTONS.replace("\"6\"", "\"4\""))
                        .status())
                .isEqualTo(422);
        // A project that is thrown away lets go; taken back it wishes, and asks again.
        call(user, "DELETE", "/api/projects/" + smock, "");
        assertThat(hold(buttons, coat, "6").status()).isEqualTo(200);
        call(user, "POST", "/api/projects/" + smock + "/take-back", "");
        JsonNode holds =
                read(user, "/api/stash/" + buttons).body().path("thing").path("holds");
        assertThat(holds.findValuesAsText("hold")).containsExactlyInAnyOrder("WISHED", "RESERVED");
        assertThat(hold(buttons, smock, "1").status()).isEqualTo(422);
        Reply again = call(user, "POST", "/api/stash/held/" + smock + "/again", "");
        assertThat(again.body().path("refused").toString())
                .contains("horn buttons")
                .contains("Coat");
        assertThat(again.body().path("held").findValuesAsText("hold")).containsExactly("WISHED");
        assertThat(call(user, "DELETE", "/api/stash/" + buttons + "/holds/" + coat, "")
                        .status())
                .isEqualTo(200);
        again = call(user, "POST", "/api/stash/held/" + smock + "/again", "");
        assertThat(again.body().path("refused")).isEmpty();
        assertThat(again.body().path("held").findValuesAsText("hold")).containsExactly("RESERVED");
    }

    @Test
    void ofAHundredWhoAskAtOnceOneGetsIt() throws Exception {
        String remnant = add(REMNANT);
        List<String> projects = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            projects.add(project("Project " + i));
        }
        ExecutorService crowd = Executors.newFixedThreadPool(10);
        try {
            List<Callable<Integer>> asking = new ArrayList<>();
            for (int i = 0; i < 100; i++) {
                String project = projects.get(i % projects.size());
                asking.add(() -> hold(remnant, project, "").status());
            }
            for (Future<Integer> answer : crowd.invokeAll(asking)) {
                assertThat(answer.get()).isIn(200, 422);
            }
        } finally {
            crowd.shutdown();
        }
        assertThat(read(user, "/api/stash/" + remnant).body().path("thing").path("holds"))
                .hasSize(1);
    }

    @Test
    void aChangeIsUndoneAndWhatWasChangedElsewhereIsNotWrittenOver() {
        String id = add(REMNANT);
        String renamed = REMNANT.replace("sail canvas", "old sail");
        Reply changed = call(user, "PUT", "/api/stash/" + id + "?version=1", renamed);
        assertThat(changed.body().path("thing").path("name").asText()).isEqualTo("old sail");
        assertThat(changed.body().path("thing").path("drawing").path("outlines").get(0))
                .hasSize(4);
        assertThat(call(user, "PUT", "/api/stash/" + id + "?version=1", REMNANT).status())
                .isEqualTo(422);
        Reply undone = call(user, "POST", "/api/stash/" + id + "/undo", "");
        assertThat(undone.body().path("thing").path("name").asText()).isEqualTo("sail canvas");
        assertThat(undone.body().path("form").path("canUndo").asBoolean()).isFalse();
        assertThat(call(user, "POST", "/api/stash/" + id + "/undo", "").status())
                .isEqualTo(422);
        call(user, "DELETE", "/api/stash/" + id, "");
        assertThat(read(user, "/api/stash/thrown-away")
                        .body()
                        .get(0)
                        .path("code")
                        .asText())
                .isEqualTo("R1");
        assertThat(call(user, "POST", "/api/stash/" + id + "/take-back", "").status())
                .isEqualTo(204);
        assertThat(things(user, "")).hasSize(1);
    }

    private byte[] file(String path) throws Exception {
        return mvc.perform(get(path).with(user(user))).andReturn().getResponse().getContentAsByteArray();
    }

    @Test
    void theWholeStashGoesOutAsThingsAndAsATableAndComesInAgain() throws Exception {
        add(REMNANT);
        add(BUTTONS);
        add("{\"kind\":\"SOURCE\",\"name\":\"=corduroys\",\"sourceKind\":\"TROUSERS\"}");
        String things = new String(file("/api/stash/stash.json"), "UTF-8");
        String table = new String(file("/api/stash/stash.csv"), "UTF-8");
        assertThat(file("/api/stash/labels.pdf")).startsWith("%PDF".getBytes());
        assertThat(table.lines()).hasSize(4);
        assertThat(table).contains("'=corduroys");
        user = newHousehold();
        assertThat(call(user, "POST", "/api/stash/import", things).body().path("ids"))
                .hasSize(3);
        assertThat(new String(file("/api/stash/stash.json"), "UTF-8")).hasSameSizeAs(things);
        String without = table.lines()
                .filter(l -> !l.contains("remnant"))
                .reduce((a, b) -> a + "\r\n" + b)
                .orElse("");
        assertThat(tableIn(without).status()).isEqualTo(201);
        Reply refused = tableIn(table);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text("detail")).contains("a table has no outline".substring(2));
        assertThat(things(user, "")).hasSize(5);
    }

    private Reply tableIn(String text) throws Exception {
        var answer = mvc.perform(post("/api/stash/import-table")
                        .with(user(user))
                        .with(csrf())
                        .contentType("text/csv")
                        .content(text.getBytes("UTF-8")))
                .andReturn()
                .getResponse();
        return new Reply(answer.getStatus(), json.readTree(answer.getContentAsString()));
    }

    @Test
    void photographsAreBoundedAndSeenByTheirHouseholdAlone() throws Exception {
        String id = add(REMNANT);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(3000, 2000, BufferedImage.TYPE_INT_RGB), "jpg", bytes);
        for (int i = 0; i < 9; i++) {
            var answer = mvc.perform(multipart("/api/stash/" + id + "/photos")
                            .file(new MockMultipartFile("photo", "a.jpg", "image/jpeg", bytes.toByteArray()))
                            .with(user(user))
                            .with(csrf()))
                    .andReturn()
                    .getResponse();
            assertThat(answer.getStatus()).isEqualTo(i < 8 ? 201 : 422);
        }
        String photo = things(user, "").get(0).path("photo").asText();
        String path = "/api/stash/" + id + "/photos/" + photo;
        assertThat(ImageIO.read(new java.io.ByteArrayInputStream(file(path))).getWidth())
                .isEqualTo(1600);
        HouseholdUser stranger = newHousehold();
        assertThat(mvc.perform(get(path).with(user(stranger)))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
        assertThat(call(user, "DELETE", path, "").body().path("photos")).hasSize(7);
    }

    @Test
    void aStrangerMayNeitherHoldNorBeHeldFor() {
        String id = add(REMNANT);
        String own = project("Own");
        HouseholdUser stranger = newHousehold();
        String other =
                call(stranger, "POST", "/api/projects", "{\"name\":\"Other\"}").text("id");
        assertThat(call(stranger, "PUT", "/api/stash/" + id + "/holds/" + other, "{}")
                        .status())
                .isEqualTo(404);
        assertThat(call(user, "PUT", "/api/stash/" + id + "/holds/" + other, "{}")
                        .status())
                .isEqualTo(404);
        assertThat(call(user, "PUT", "/api/stash/" + id + "/holds/" + own, "{}").status())
                .isEqualTo(200);
        Reply begun = call(
                user,
                "POST",
                "/api/stash/" + add("{\"kind\":\"SOURCE\",\"name\":\"shirt\",\"sourceKind\":\"SHIRT\"}") + "/begin",
                "{}");
        assertThat(begun.status()).isEqualTo(201);
    }
}
