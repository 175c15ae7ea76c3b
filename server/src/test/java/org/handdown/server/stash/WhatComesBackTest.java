package org.handdown.server.stash;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import org.handdown.server.DemoHouseholdTest;
import org.junit.jupiter.api.Test;

/** What lies in the stash once the cloth of a project is cut. */
class WhatComesBackTest extends DemoHouseholdTest {
    private String id() {
        return project.substring(project.lastIndexOf('/') + 1);
    }

    private JsonNode back() {
        return read(user, "/api/stash/from/" + id()).body();
    }

    private Reply tick(boolean done) {
        long version = read(user, project).body().path("version").asLong();
        return call(user, "PUT", project + "/steps/cut?version=" + version, "{\"done\":" + done + ",\"minutes\":null}");
    }

    private Reply step(String way) {
        long version = read(user, project).body().path("version").asLong();
        return call(user, "POST", project + "/" + way + "?version=" + version, "");
    }

    @Test
    void remnantsAndFreedKeepersComeBackByThemselvesAndGoOutAgainByUndo() {
        if (read(user, project).body().path("done").has("cut")) {
            tick(false);
        }
        assertThat(back()).isEmpty();
        int remnants = read(user, project).body().path("lay").path("remnants").size();
        assertThat(tick(true).status()).isEqualTo(200);
        List<String> codes = back().findValuesAsText("code");
        assertThat(codes.stream().filter(c -> c.startsWith("R"))).hasSize(remnants);
        assertThat(codes.stream().filter(c -> c.startsWith("K"))).isNotEmpty();
        // What is put in by hand besides is there already.
        assertThat(call(user, "POST", "/api/stash/remnants/from/" + id(), "{}")
                        .body()
                        .path("kept")
                        .asInt())
                .isZero();
        assertThat(step("undo").status()).isEqualTo(200);
        assertThat(back()).isEmpty();
        assertThat(things(user, "\"kind\":\"REMNANT\"")).isEmpty();
        // Done again the same bags are the same things.
        assertThat(step("redo").status()).isEqualTo(200);
        assertThat(back().findValuesAsText("code")).isEqualTo(codes);
    }

    @Test
    void theirPlaceIsAskedOnceAndTheyKnowWhereTheyCameFrom() {
        tick(false);
        tick(true);
        Reply placed = call(user, "PUT", "/api/stash/from/" + id() + "/place", "{\"place\":\"scrap box\"}");
        assertThat(placed.body().findValuesAsText("place")).containsOnly("scrap box");
        JsonNode remnant = things(user, "\"kind\":\"REMNANT\"").get(0);
        assertThat(remnant.path("tag").path("place").asText()).isEqualTo("scrap box");
        assertThat(remnant.path("descent").asText()).contains("through");
        assertThat(remnant.path("cloth").path("weave").asText()).isEqualTo("CORDUROY");
    }

    /** A pieced seam that no lay minds is three layers wherever the remnant goes next: its bag says so. */
    @Test
    void whatWasOnlyRememberedIsToldOfTheRemnantToo() {
        tick(false);
        JsonNode view = read(user, project).body();
        JsonNode remnant = view.path("lay").path("remnants").get(0);
        String panel = remnant.path("panel").asText();
        StringBuilder corners = new StringBuilder();
        remnant.path("outline")
                .forEach(p -> corners.append(corners.isEmpty() ? "" : ",").append(p));
        Reply marked = call(
                user,
                "PUT",
                project + "/panels/" + panel + "?version="
                        + view.path("version").asLong(),
                "{\"stations\":{},\"flaws\":[{\"treatment\":\"NOTE\",\"kind\":\"SEAM\",\"what\":\"pieced here\",\"extent\":\"AROUND\",\"outline\":["
                        + corners + "]}]}");
        assertThat(marked.status()).as(marked.text("detail")).isEqualTo(200);
        assertThat(tick(true).status()).isEqualTo(200);
        assertThat(things(user, "\"kind\":\"REMNANT\"").findValues("facts"))
                .anyMatch(facts -> facts.toString().contains("pieced here, 3 layers"));
    }

    @Test
    void whatSomebodyWasPromisedMeanwhileStaysAndTheSourceIsUsedUp() {
        tick(false);
        String curtains = call(
                        user,
                        "POST",
                        "/api/stash",
                        "{\"kind\":\"SOURCE\",\"name\":\"old curtain\",\"sourceKind\":\"CURTAIN\"}")
                .text("id");
        call(user, "PUT", "/api/stash/" + curtains + "/holds/" + id(), "{}");
        tick(true);
        assertThat(read(user, "/api/stash/" + curtains)
                        .body()
                        .path("thing")
                        .path("holds")
                        .get(0)
                        .path("hold")
                        .asText())
                .isEqualTo("USED");
        // What is used up is out of the way, unless it is asked for or called by its code.
        String code = read(user, "/api/stash/" + curtains)
                .body()
                .path("thing")
                .path("code")
                .asText();
        assertThat(things(user, "").findValuesAsText("name")).doesNotContain("old curtain");
        assertThat(things(user, "\"used\":true").findValuesAsText("name")).contains("old curtain");
        assertThat(things(user, "\"text\":\"" + code + "\"").findValuesAsText("name"))
                .contains("old curtain");
        String other =
                call(user, "POST", "/api/projects", "{\"name\":\"Pouch\"}").text("id");
        String first = back().get(0).path("id").asText();
        assertThat(call(user, "PUT", "/api/stash/" + first + "/holds/" + other, "{}")
                        .status())
                .isEqualTo(200);
        tick(false);
        assertThat(back().findValuesAsText("id")).containsExactly(first);
        assertThat(read(user, "/api/stash/" + curtains)
                        .body()
                        .path("thing")
                        .path("holds")
                        .get(0)
                        .path("hold")
                        .asText())
                .isEqualTo("AT_WORK");
    }

    /** What a second cloth leaves over knows that it is of that one; loose buttons come back as nothing new. */
    @Test
    void whatWasBroughtBesideTheSourceComesBackAsWhatItIs() {
        tick(false);
        String lining = call(
                        user,
                        "POST",
                        "/api/stash",
                        "{\"kind\":\"LENGTH\",\"cloth\":{\"name\":\"new lining\",\"weave\":\"PLAIN\",\"colour\":\"#333333\",\"heat\":\"ONE_DOT\"},\"size\":{\"width\":\"140\",\"length\":\"90\"}}")
                .text("id");
        String buttons = call(
                        user,
                        "POST",
                        "/api/stash",
                        "{\"kind\":\"KEEPER\",\"name\":\"tin buttons\",\"keeper\":\"BUTTONS\",\"size\":{\"count\":\"6\",\"diameter\":\"15\"}}")
                .text("id");
        for (String thing : List.of(lining, buttons)) {
            long version = read(user, project).body().path("version").asLong();
            Reply brought = call(user, "POST", project + "/cloths?version=" + version, "{\"thing\":\"" + thing + "\"}");
            assertThat(brought.status()).as(brought.body().toString()).isEqualTo(200);
        }
        Reply ticked = tick(true);
        assertThat(ticked.status()).as(ticked.body().toString()).isEqualTo(200);
        assertThat(back().findValuesAsText("name")).noneMatch(n -> n.contains("tin buttons"));
        // The cloth is cut; the buttons are still to be sewn on.
        assertThat(holds(lining)).contains("USED");
        assertThat(holds(buttons)).contains("RESERVED");
        tick(false);
        assertThat(holds(lining)).doesNotContain("USED");
    }

    private String holds(String thing) {
        return read(user, "/api/stash/" + thing)
                .body()
                .path("thing")
                .path("holds")
                .toString();
    }
}
