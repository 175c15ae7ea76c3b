package org.handdown.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.handdown.server.account.HouseholdUser;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMultipartHttpServletRequestBuilder;

/** Tests through the HTTP interface, on a real PostgreSQL, as the user of a household of their own. */
@SpringBootTest
@AutoConfigureMockMvc
public abstract class HouseholdTest {
    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) {
        TestDatabase.register(registry);
        registry.add("handdown.trial-seconds", () -> "0.5");
    }

    @Autowired
    protected MockMvc mvc;

    @Autowired
    protected ObjectMapper json;

    @Autowired
    protected JdbcTemplate jdbc;

    /** What came back. */
    public record Reply(int status, JsonNode body) {
        public String text(String field) {
            return body.path(field).asText();
        }
    }

    protected HouseholdUser newHousehold() {
        UUID household = UUID.randomUUID();
        jdbc.update("insert into household (id, name) values (?, 'Test household')", household);
        HouseholdUser user = new HouseholdUser(UUID.randomUUID(), household, "u" + household, "Tester", "x");
        jdbc.update(
                "insert into app_user (id, household_id, login, name, password_hash) values (?, ?, ?, ?, ?)",
                user.id(),
                household,
                user.login(),
                user.name(),
                user.passwordHash());
        return user;
    }

    /** Stands in the core's sentences between figure and unit; what is shown or refused has it no more. */
    private static final String LENGTH_MARK = "\u202f";

    protected Reply call(HouseholdUser who, String method, String path, String body) {
        try {
            MockHttpServletResponse response = mvc.perform(request(HttpMethod.valueOf(method), path)
                            .with(user(who))
                            .with(csrf())
                            .contentType(MediaType.APPLICATION_JSON)
                            .content(body))
                    .andReturn()
                    .getResponse();
            String text = response.getContentAsString();
            assertThat(text)
                    .as("a length that nobody told in the project's unit")
                    .doesNotContain(LENGTH_MARK);
            boolean isJson = text.startsWith("{") || text.startsWith("[");
            return new Reply(response.getStatus(), isJson ? json.readTree(text) : json.createObjectNode());
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    /** Things of a stash. @param asked fields of the search, without their braces */
    protected JsonNode things(HouseholdUser who, String asked) {
        return call(who, "POST", "/api/stash/search", "{" + asked + "}").body().path("things");
    }

    protected Reply read(HouseholdUser who, String path) {
        return call(who, "GET", path, "");
    }

    /** What an address hands out, as bytes. */
    protected byte[] raw(HouseholdUser who, String path) {
        try {
            return mvc.perform(request(HttpMethod.GET, path).with(user(who)))
                    .andReturn()
                    .getResponse()
                    .getContentAsByteArray();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    /** A file sent as a form sends it; {@code fields} are name and value in turn. */
    protected Reply upload(HouseholdUser who, String path, String part, String name, byte[] content, String... fields) {
        try {
            MockMultipartHttpServletRequestBuilder sent =
                    multipart(path).file(new MockMultipartFile(part, name, null, content));
            for (int i = 0; i + 1 < fields.length; i += 2) {
                sent.param(fields[i], fields[i + 1]);
            }
            MockHttpServletResponse response =
                    mvc.perform(sent.with(user(who)).with(csrf())).andReturn().getResponse();
            return new Reply(response.getStatus(), json.readTree(response.getContentAsString()));
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    /** A source as the page sends it, its cloth not tested. */
    protected ObjectNode sourceBody(String kind, String name, Map<String, String> measures) {
        ObjectNode body = json.createObjectNode().put("kind", kind).put("name", name);
        List.of("what", "condition", "care", "cost").forEach(field -> body.put(field, ""));
        ObjectNode texts = body.putObject("measures");
        measures.forEach(texts::put);
        body.putObject("cloth")
                .put("name", "its cloth")
                .put("fibre", "")
                .put("colour", "#7a6a55")
                .put("thickness", "1 mm")
                .put("weave", "TWILL")
                .put("heat", "ONE_DOT")
                .put("edge", "UNTESTED");
        body.putArray("faults");
        return body;
    }

    /** What an average one measures, as the page proposes it. */
    protected Map<String, String> average(HouseholdUser who, String kind) {
        Map<String, String> texts = new TreeMap<>();
        for (JsonNode k : read(who, "/api/source-kinds?unit=CM").body()) {
            if (k.path("kind").asText().equals(kind)) {
                k.path("measures")
                        .forEach(m ->
                                texts.put(m.path("id").asText(), m.path("text").asText()));
            }
        }
        return texts;
    }

    protected static String demoProject() {
        try {
            return Files.readString(Path.of("../demo/1-dungarees.project.json"));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Imports the demo project and returns its address. */
    protected String importDemo(HouseholdUser who) {
        Reply made = call(who, "POST", "/api/projects/import", demoProject());
        assertThat(made.status()).isEqualTo(201);
        return "/api/projects/" + made.text("id");
    }
}
