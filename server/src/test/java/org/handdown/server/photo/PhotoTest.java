package org.handdown.server.photo;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import org.handdown.server.DemoHouseholdTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** From a picture of the simulated camera to a stored panel, over HTTP. */
@Tag("long")
class PhotoTest extends DemoHouseholdTest {
    private JsonNode shot(boolean striped) {
        Reply taken = call(
                user,
                "POST",
                project + "/photos/simulated",
                "{\"panel\":\"front-left\",\"sheet\":\"MARKER\",\"tilt\":14,\"table\":\"#d9cbb2\",\"striped\":%s}"
                        .formatted(striped));
        assertThat(taken.status()).as(taken.text("detail")).isEqualTo(201);
        return taken.body();
    }

    private Reply trace(JsonNode photo, JsonNode corners) {
        ObjectNode body = json.createObjectNode().put("sheet", "MARKER").put("tolerance", "1 mm");
        body.set("corners", corners);
        return call(user, "POST", project + "/photos/" + photo.path("id").asText() + "/trace", body.toString());
    }

    private double areaOf(String panel) {
        for (JsonNode p : read(user, project).body().path("panels")) {
            if (p.path("id").asText().equals(panel)) {
                JsonNode line = p.path("stitchLine");
                double twice = 0;
                for (int i = 0; i < line.size(); i++) {
                    JsonNode a = line.get(i);
                    JsonNode b = line.get((i + 1) % line.size());
                    twice += a.get(0).asDouble() * b.get(1).asDouble()
                            - b.get(0).asDouble() * a.get(1).asDouble();
                }
                return Math.abs(twice) / 2;
            }
        }
        throw new AssertionError("There is no panel " + panel);
    }

    @Test
    void aSimulatedPhotoBecomesThePanelItShows() {
        JsonNode photo = shot(false);
        assertThat(photo.path("corners")).hasSize(4);
        JsonNode traced = trace(photo, photo.path("corners")).body();
        assertThat(traced.path("why").asText()).isEmpty();
        assertThat(traced.path("points").size()).isBetween(5, 40);
        ObjectNode body = json.createObjectNode().put("way", "PHOTO").put("name", "from a photo");
        ArrayNode points = body.putArray("points");
        traced.path("points")
                .forEach(p -> points.addObject()
                        .put("right", p.path("x").asText() + " mm")
                        .put("along", p.path("y").asText() + " mm")
                        .put("curve", p.path("curve").asBoolean()));
        body.putObject("drawn").put("from", photo.path("id").asText());
        long version = read(user, project).body().path("version").asLong();
        Reply stored = call(user, "PUT", project + "/panels/from-a-photo/taped?version=" + version, body.toString());
        assertThat(stored.status()).as(stored.text("detail")).isEqualTo(200);
        // The camera saw what lies between the stitch lines of the left front leg: the same area, to a per cent.
        assertThat(areaOf("from-a-photo") / areaOf("front-left")).isBetween(0.99, 1.01);
        String at = project + "/photos/" + photo.path("id").asText();
        for (String picture : new String[] {"/picture.jpg", "/picture.jpg?full=true", "/flat.jpg"}) {
            byte[] jpeg = raw(user, at + picture);
            assertThat(jpeg.length).as(picture).isGreaterThan(20_000);
            assertThat(jpeg[0] & 0xff).isEqualTo(0xff);
        }
        assertThat(read(newHousehold(), at).status()).isEqualTo(404);
    }

    @Test
    void stripesOfTheTablesColourAreLeftToAPerson() {
        JsonNode photo = shot(true);
        JsonNode traced = trace(photo, photo.path("corners")).body();
        assertThat(traced.path("points")).isEmpty();
        assertThat(traced.path("why").asText()).contains("Set the points yourself");
    }

    /** As large as a bed: the drawn table stays within the memory. */
    @Test
    void aBlanketFitsInThePictureToo() throws java.io.IOException {
        project = "/api/projects/"
                + call(
                                user,
                                "POST",
                                "/api/projects/import",
                                java.nio.file.Files.readString(
                                        java.nio.file.Path.of("../demo/3-bodywarmer.project.json")))
                        .text("id");
        Reply taken = call(
                user, "POST", project + "/photos/simulated", "{\"panel\":\"blanket\",\"tilt\":5,\"sheet\":\"OWN\"}");
        assertThat(taken.status()).isEqualTo(201);
        assertThat(taken.body().path("width").asInt()).isEqualTo(2800);
    }

    @Test
    void cornersThatMakeNoSheetAreRefused() throws Exception {
        JsonNode photo = shot(false);
        for (String corners : new String[] {
            "[[1,1],[2,2],[3,3],[4,4]]",
            "[[1,1],[900,1],[900,900]]",
            "[[1,1],[99000,1],[900,900],[1,900]]",
            "[[1],[2],[3],[4]]"
        }) {
            Reply reply = trace(photo, json.readTree(corners));
            assertThat(reply.status()).as(corners).isEqualTo(422);
            assertThat(reply.text("field")).isEqualTo("corners");
        }
    }

    @Test
    void whatIsNoPictureIsRefused() {
        byte[] text = "I am a text".getBytes(StandardCharsets.UTF_8);
        Reply reply = upload(user, project + "/photos", "photo", "panel.jpg", text, "sheet", "A4");
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text("detail")).contains("no JPEG or PNG");
        assertThat(upload(
                                user,
                                project + "/photos",
                                "photo",
                                "a.jpg",
                                text,
                                "sheet",
                                "OWN",
                                "width",
                                "3 mm",
                                "height",
                                "1 m")
                        .status())
                .isEqualTo(422);
        assertThat(call(user, "POST", project + "/photos/simulated", "{\"panel\":\"moon\",\"tilt\":5}")
                        .status())
                .isEqualTo(404);
        assertThat(call(user, "POST", project + "/photos/simulated", "{\"panel\":\"front-left\",\"tilt\":80}")
                        .text("field"))
                .isEqualTo("camera.tilt");
    }
}
