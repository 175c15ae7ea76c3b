package org.handdown.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.zaxxer.hikari.HikariDataSource;
import java.sql.SQLException;
import java.util.Objects;
import java.util.Random;
import org.handdown.server.DemoHouseholdTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.transaction.TransactionSystemException;

/** Requests that mean harm, or come from a program that is broken: each is answered with what is wrong, and ends nothing. */
@Tag("long")
class HostileRequestsTest extends DemoHouseholdTest {
    @Test
    void aFarPointInARemnantIsRefusedAndNoProjectIsMade() throws Exception {
        ObjectNode file = (ObjectNode) json.readTree(demoProject());
        ArrayNode remnants = (ArrayNode) file.path("lay").path("layout").path("remnants");
        ((ArrayNode) remnants.get(0).path("outline").get(0))
                .removeAll()
                .add(1e308)
                .add(0);
        Reply refused = call(user, "POST", "/api/projects/import", file.toString());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text("field")).contains("remnants[0].outline[0]");
        assertThat(read(user, "/api/projects").body()).hasSize(1);
    }

    @Test
    void leastWorkForManyPanelsOfASizeIsAnsweredOrRefused() {
        long version = 1;
        for (int i = 0; i < 36; i++) {
            Reply added = call(
                    user,
                    "POST",
                    project + "/source/adjustments?version=" + version,
                    "{\"what\":\"part\",\"name\":\"piece %d\",\"width\":\"30 cm\",\"height\":\"40 cm\"}".formatted(i));
            assertThat(added.status()).as(added.text("detail")).isEqualTo(200);
            version++;
        }
        for (int count : new int[] {1, 18, 36, 40, 41, 1000}) {
            Reply answer = call(
                    user,
                    "POST",
                    project + "/least-opening",
                    "{\"clothWorth\":0,\"cutAway\":false,\"count\":%d,\"width\":\"5 cm\",\"length\":\"5 cm\"}"
                            .formatted(count));
            assertThat(answer.status()).as("%d panels", count).isIn(200, 422);
        }
    }

    @Test
    void aBrokenFormAndAStarForATypeAreNamed() throws Exception {
        int form = mvc.perform(post("/api/tape/file")
                        .with(user(user))
                        .with(csrf())
                        .contentType("multipart/form-data; boundary=x")
                        .content("--x\r\nContent-Disposition: form-data; name=\"drawing\"\r\n\r\ncut off"))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(form).isBetween(400, 499);
        MockHttpServletResponse star = mvc.perform(put(project + "/aim?version=1")
                        .with(user(user))
                        .with(csrf())
                        .header("Content-Type", "*/*")
                        .content("{}"))
                .andReturn()
                .getResponse();
        assertThat(star.getStatus()).isEqualTo(415);
        assertThat(star.getContentAsString()).contains("application/json");
    }

    @Test
    void aRandomPathIsReadOrRefusedInTheTimeThatARequestHas() {
        Random chance = new Random(7);
        for (int drawing = 0; drawing < 3; drawing++) {
            StringBuilder path = new StringBuilder("M0 0");
            while (path.length() < 6_000) {
                path.append(chance.nextBoolean() ? " L" : " C");
                for (int i = 0; i < (path.charAt(path.length() - 1) == 'L' ? 1 : 3); i++) {
                    path.append(' ').append(chance.nextInt(900)).append(' ').append(chance.nextInt(900));
                }
            }
            String svg =
                    "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"900mm\" height=\"900mm\" viewBox=\"0 0 900 900\"><path d=\""
                            + path + "Z\"/></svg>";
            Reply read = upload(user, "/api/tape/file", "drawing", "random.svg", svg.getBytes());
            assertThat(read.status()).as(read.body().toString()).isIn(200, 422, 503);
        }
    }

    @Test
    void anAccountWithACharacterThatCannotBeStoredIsRefused() throws Exception {
        jdbc.update("truncate app_user cascade");
        int status = mvc.perform(
                        post("/api/account/owner")
                                .with(csrf())
                                .contentType(MediaType.APPLICATION_JSON)
                                .content(
                                        "{\"household\":\"a\\u0000b\",\"name\":\"n\",\"login\":\"l\",\"password\":\"four plain words\"}"))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(status).isEqualTo(422);
    }

    @Test
    void aSignInNameOfTheGreatestLengthSignsIn() throws Exception {
        jdbc.update("truncate app_user cascade");
        String login = "n".repeat(120);
        var made = mvc.perform(post("/api/account/owner")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(
                                "{\"household\":\"h\",\"name\":\"n\",\"login\":\"%s\",\"password\":\"four plain words\"}"
                                        .formatted(login)))
                .andReturn()
                .getResponse();
        assertThat(made.getStatus()).isEqualTo(204);
        var in = mvc.perform(post("/api/sign-in")
                        .with(csrf())
                        .param("username", login)
                        .param("password", "four plain words"))
                .andReturn()
                .getResponse();
        assertThat(in.getStatus()).isEqualTo(204);
    }

    @Test
    void aDatabaseThatIsAwayIsSaidSoEvenBeforeTheSessionIsRead() throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        new DatabaseAway()
                .doFilter(new MockHttpServletRequest("GET", "/api/projects"), response, new MockFilterChain() {
                    @Override
                    public void doFilter(
                            jakarta.servlet.ServletRequest request, jakarta.servlet.ServletResponse answer) {
                        throw new CannotGetJdbcConnectionException("no connection");
                    }
                });
        assertThat(response.getStatus()).isEqualTo(503);
        assertThat(response.getHeader("Retry-After")).isEqualTo("5");
        assertThat(response.getContentAsString()).contains("goes on by itself");
    }

    /** The server that ends its connections in the middle of the work: told as away, never as a fault, and well again at once. */
    @Test
    void connectionsThatAreEndedAreAwayAndComeBack() throws SQLException {
        for (int time = 0; time < 5; time++) {
            assertThat(read(user, project).status()).isEqualTo(200);
            endConnections();
            assertThat(read(user, project).status()).isIn(200, 503);
            endConnections();
            long version = 1 + time;
            Reply written = call(user, "PUT", project + "/name?version=" + version, "{\"name\":\"x\"}");
            assertThat(written.status()).isNotEqualTo(500);
            assertThat(read(user, "/api/projects").status()).isIn(200, 503);
        }
        // Whatever test comes next asks the same pool: it is not to be given a connection that this one ended.
        Objects.requireNonNull(jdbc.getDataSource())
                .unwrap(HikariDataSource.class)
                .getHikariPoolMXBean()
                .softEvictConnections();
        assertThat(DatabaseAway.is(new IllegalStateException(new SQLException("ended", "57P01"))))
                .isTrue();
        TransactionSystemException hidden = new TransactionSystemException("JDBC rollback failed");
        hidden.initApplicationException(new IllegalStateException(new SQLException("broken", "08006")));
        assertThat(DatabaseAway.is(hidden)).isTrue();
        assertThat(DatabaseAway.is(new IllegalStateException(new SQLException("twice", "23505"))))
                .isFalse();
    }

    private void endConnections() {
        try {
            jdbc.queryForList(
                    "select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()");
        } catch (org.springframework.dao.DataAccessException e) {
            // The one that asks may itself have been ended the time before.
            jdbc.queryForList("select 1");
        }
    }
}
