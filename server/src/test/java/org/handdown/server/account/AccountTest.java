package org.handdown.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.handdown.server.HouseholdTest;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;

class AccountTest extends HouseholdTest {
    private static final String OWNER =
            "{\"household\":\"Quay\",\"name\":\"Runa\",\"login\":\"runa\",\"password\":\"%s\"}";

    @Test
    void nothingIsShownWithoutSigningIn() throws Exception {
        mvc.perform(get("/api/projects")).andExpect(status().isUnauthorized());
        mvc.perform(get("/actuator/env")).andExpect(status().is4xxClientError());
        mvc.perform(get("/api/account"))
                .andExpect(status().isOk())
                .andExpect(header().string(
                                "Content-Security-Policy", org.hamcrest.Matchers.containsString("default-src 'self'")));
    }

    @Test
    void aWriteWithoutItsTokenIsRefused() throws Exception {
        mvc.perform(post("/api/sign-in").param("username", "a").param("password", "b"))
                .andExpect(status().isForbidden());
    }

    @Test
    void theFirstVisitorBecomesTheOwnerAndNobodyAfter() throws Exception {
        jdbc.update("truncate app_user cascade");
        mvc.perform(post("/api/account/owner")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(OWNER.formatted("short")))
                .andExpect(status().isUnprocessableEntity());
        mvc.perform(post("/api/account/owner")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(OWNER.formatted("four plain words here")))
                .andExpect(status().isNoContent());
        mvc.perform(post("/api/account/owner")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(OWNER.formatted("four plain words here")))
                .andExpect(status().isUnprocessableEntity());
        String hash = jdbc.queryForObject("select password_hash from app_user where login = 'runa'", String.class);
        assertThat(hash).startsWith("{bcrypt}");
        mvc.perform(post("/api/sign-in")
                        .with(csrf())
                        .param("username", "Runa ")
                        .param("password", "four plain words here"))
                .andExpect(status().isNoContent());
        mvc.perform(post("/api/sign-in").with(csrf()).param("username", "runa").param("password", "wrong"))
                .andExpect(status().isUnauthorized());
    }

    @Test
    void theDemosWayInIsClosedOutsideTheDemo() throws Exception {
        mvc.perform(post("/api/account/demo").with(csrf())).andExpect(status().isNotFound());
    }
}
