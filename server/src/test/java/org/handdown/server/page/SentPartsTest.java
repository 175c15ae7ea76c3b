package org.handdown.server.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.handdown.server.DemoHouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;

/** Who holds a view is sent what differs from it; with what was held it makes the whole view. */
class SentPartsTest extends DemoHouseholdTest {
    private record Sent(JsonNode body, String mark, int bytes) {}

    private Sent ask(HouseholdUser who, String method, String path, String body, String held) throws Exception {
        MockHttpServletResponse response = mvc.perform(request(HttpMethod.valueOf(method), path)
                        .with(user(who))
                        .with(csrf())
                        .header(ProjectWriter.KNOWN, held)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body))
                .andReturn()
                .getResponse();
        assertThat(response.getStatus()).isEqualTo(200);
        return new Sent(
                json.readTree(response.getContentAsString()),
                String.valueOf(response.getHeader(ProjectWriter.KNOWN)),
                response.getContentAsByteArray().length);
    }

    private static JsonNode whole(JsonNode sent, JsonNode held) {
        ObjectNode whole = sent.deepCopy();
        JsonNode same = whole.remove("same");
        same.forEach(part -> whole.set(part.asText(), held.get(part.asText())));
        return whole;
    }

    @Test
    void aChangeIsAnsweredWithWhatItChanged() throws Exception {
        Sent first = ask(user, "GET", project, "", "");
        assertThat(first.body().has("same")).isFalse();
        Sent noted = ask(user, "POST", project + "/notes?version=1", "{\"text\":\"the hem is uneven\"}", first.mark());
        assertThat(noted.bytes()).isLessThan(first.bytes() / 20);
        assertThat(noted.body().path("log").get(0).path("text").asText()).isEqualTo("the hem is uneven");
        assertThat(whole(noted.body(), first.body()))
                .isEqualTo(read(user, project).body());
        Sent again = ask(user, "GET", project, "", noted.mark());
        assertThat(again.body().path("same")).hasSize(ProjectView.class.getRecordComponents().length - 2);
    }

    /** A tool that is missing changes the steps of a version that somebody holds already. */
    @Test
    void aMarkStandsForOneAnswerNotForAVersion() throws Exception {
        Sent one = ask(user, "GET", project, "", "");
        call(user, "PUT", "/api/tools", "{\"owned\":[]}");
        Sent other = ask(user, "GET", project, "", one.mark());
        assertThat(other.body().has("steps")).isTrue();
        assertThat(whole(other.body(), one.body()))
                .isEqualTo(read(user, project).body());
        Sent late = ask(user, "POST", project + "/notes?version=1", "{\"text\":\"late\"}", one.mark());
        assertThat(whole(late.body(), one.body())).isEqualTo(read(user, project).body());
    }

    @Test
    void aMarkOfAnotherProjectOrNoneIsAnsweredInFull() throws Exception {
        Sent first = ask(user, "GET", project, "", "");
        String other = importDemo(user);
        for (String mark : List.of(first.mark(), "no mark", "")) {
            Sent answer = ask(user, "GET", other, "", mark);
            assertThat(answer.body().has("same")).isFalse();
            assertThat(answer.body().path("panels")).isNotEmpty();
        }
    }
}
