package org.handdown.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.handdown.server.DemoHouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Every route of the interface's description, asked by nobody and by another household: none gives away or changes anything. */
class EveryRouteTest extends DemoHouseholdTest {
    /** They are there for whoever comes to the door. */
    private static final Set<String> DOOR =
            Set.of("/api/account", "/api/account/owner", "/api/account/demo", "/api/openapi");

    private record Route(String method, String path, JsonNode told, boolean ofAProject) {}

    private List<Route> routes() throws IOException {
        JsonNode paths =
                json.readTree(Files.readString(Path.of("../web/openapi.json"))).path("paths");
        List<Route> routes = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path : paths.properties()) {
            for (Map.Entry<String, JsonNode> operation : path.getValue().properties()) {
                boolean ofAProject = path.getKey().startsWith("/api/projects/{id}")
                        || path.getKey().contains("{project}");
                routes.add(new Route(
                        operation.getKey().toUpperCase(Locale.ROOT), path.getKey(), operation.getValue(), ofAProject));
            }
        }
        assertThat(routes).hasSizeGreaterThan(120);
        return routes;
    }

    /** Something of each kind that a route can name, all of it there in the household that is not asking. */
    private String filled(Route route, String stashed) {
        String id = project.substring("/api/projects/".length());
        return route.path
                .replace("{project}", id)
                .replace("{id}", route.path.startsWith("/api/projects") ? id : stashed)
                .replace("{other}", stashed)
                .replace("{panel}", "front-leg-left")
                .replace("{piece}", "bib")
                .replace("{kind}", "svg")
                .replace("{photo}", id)
                .replaceAll("\\{\\w+\\}", "0");
    }

    private int status(Route route, String stashed, @Nullable HouseholdUser who) throws Exception {
        return answer(route, stashed, who).getStatus();
    }

    private MockHttpServletResponse answer(Route route, String stashed, @Nullable HouseholdUser who) throws Exception {
        JsonNode body = route.told.path("requestBody").path("content");
        MockHttpServletRequestBuilder request;
        if (body.has("multipart/form-data")) {
            var form = multipart(HttpMethod.valueOf(route.method), filled(route, stashed));
            form.file(new MockMultipartFile("photo", "a.jpg", null, new byte[] {1}));
            form.file(new MockMultipartFile("drawing", "a.svg", null, "<svg/>".getBytes()));
            request = form;
        } else {
            request = request(HttpMethod.valueOf(route.method), filled(route, stashed))
                    .contentType("application/json")
                    .content(body.toString().contains("\"array\"") ? "[]" : "{}");
        }
        request.with(csrf()).param("version", "1");
        for (JsonNode parameter : route.told.path("parameters")) {
            if (parameter.path("in").asText().equals("query")
                    && !parameter.path("name").asText().equals("version")) {
                JsonNode schema = parameter.path("schema");
                request.param(
                        parameter.path("name").asText(),
                        schema.has("enum") ? schema.path("enum").get(0).asText() : "10");
            }
        }
        return mvc.perform(who == null ? request : request.with(user(who)))
                .andReturn()
                .getResponse();
    }

    @Test
    void nobodyIsToldAnything() throws Exception {
        for (Route route : routes()) {
            if (!DOOR.contains(route.path)) {
                assertThat(status(route, project.substring("/api/projects/".length()), null))
                        .as(route.method + " " + route.path)
                        .isEqualTo(401);
            }
        }
    }

    @Test
    void anotherHouseholdFindsNothingAndChangesNothing() throws Exception {
        String curtains = Files.readString(Path.of("../demo/2-door-curtains.source.json"));
        String stashed = call(user, "POST", "/api/stash/import", curtains).text("id");
        String name = read(user, project).text("name");
        String before = read(user, project).body().toString();
        String stash = things(user, "").toString();
        HouseholdUser stranger = newHousehold();
        for (Route route : routes()) {
            if (DOOR.contains(route.path)) {
                continue;
            }
            MockHttpServletResponse answer = answer(route, stashed, stranger);
            String asked = route.method + " " + route.path;
            if (route.ofAProject) {
                // What the request lacks may be told before anything is looked up, and that nothing is at work.
                boolean isEmpty = answer.getContentAsString().equals("{\"running\":false}");
                assertThat(isEmpty ? 404 : answer.getStatus()).as(asked).isIn(400, 404, 422);
            } else {
                assertThat(answer.getStatus()).as(asked).isLessThan(500);
            }
            assertThat(answer.getContentAsString())
                    .as(asked)
                    .doesNotContain(name)
                    .doesNotContain("Net-loft door curtains");
        }
        assertThat(read(user, project).body().toString()).isEqualTo(before);
        assertThat(things(user, "").toString()).isEqualTo(stash);
    }
}
