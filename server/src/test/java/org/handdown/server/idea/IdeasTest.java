package org.handdown.server.idea;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.handdown.measure.LengthUnit;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What the stash could become: asked from a garment, from a wish, of everybody; worked on in the background, kept, begun with. */
class IdeasTest extends HouseholdTest {
    private static final String CURTAIN =
            "{\"kind\":\"SOURCE\",\"name\":\"door curtain\",\"sourceKind\":\"CURTAIN\",\"cloth\":{\"name\":\"sailcloth\"},\"measures\":{\"width\":\"140\",\"length\":\"220\"}}";
    private static final String SHIRT =
            "{\"kind\":\"SOURCE\",\"name\":\"grey shirt\",\"sourceKind\":\"SHIRT\",\"cloth\":{\"name\":\"shirting\"},\"measures\":{\"chest\":\"50\"}}";
    private static final String LENGTH =
            "{\"kind\":\"LENGTH\",\"cloth\":{\"name\":\"%s\",\"weave\":\"PLAIN\",\"heat\":\"TWO_DOTS\"},\"size\":{\"width\":\"%s\",\"length\":\"%s\"}}";

    @Autowired
    private IdeaMapper ideas;

    @Autowired
    private IdeaWork work;

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

    private static String length(String name, String width, String length) {
        return LENGTH.formatted(name, width, length);
    }

    private Reply ask(String source, String draft, String wearer, String height) {
        return call(user, "POST", "/api/ideas/search", body(source, draft, wearer, height));
    }

    private static String body(String source, String draft, String wearer, String height) {
        return "{" + (source.isEmpty() ? "" : "\"source\":\"" + source + "\",") + "\"draft\":\"" + draft
                + "\",\"wearer\":\"" + wearer + "\",\"height\":\"" + height + "\"}";
    }

    private JsonNode found() {
        await().atMost(Duration.ofSeconds(100))
                .until(() ->
                        !read(user, "/api/ideas/search").body().path("working").asBoolean());
        return read(user, "/api/ideas/search").body();
    }

    private String enter(String name) {
        return call(user, "POST", "/api/wearers", "{\"name\":\"" + name + "\"}").text("id");
    }

    private void measure(String wearer, String on, String height) {
        Reply taken = call(
                user,
                "POST",
                "/api/wearers/" + wearer + "/readings",
                "{\"on\":\"" + on + "\",\"by\":\"Oda\",\"measures\":{\"HEIGHT\":\"" + height + "\"}}");
        assertThat(taken.status()).as(taken.body().toString()).isLessThan(300);
    }

    @Test
    void aGarmentIsTriedOnEveryDraftLaidAndBegunWith() {
        String curtain = add(CURTAIN);
        assertThat(ask(curtain, "", "Pim", "104").status()).isEqualTo(200);
        JsonNode found = found();
        assertThat(found.path("tries").asInt()).isGreaterThan(15);
        assertThat(found.path("open").asInt()).isZero();
        assertThat(found.path("whole").asInt()).isGreaterThan(10);
        List<Double> worth = found.path("best").findValues("worth").stream()
                .map(JsonNode::asDouble)
                .toList();
        assertThat(worth).isSortedAccordingTo((a, b) -> Double.compare(b, a)).hasSizeBetween(10, 20);
        // The others are refused with their figure.
        assertThat(found.path("refused").findValuesAsText("sentence")).allMatch(s -> !s.isBlank());

        JsonNode card = found.path("best").get(0);
        Reply laid = read(user, "/api/ideas/found/" + card.path("id").asText());
        assertThat(laid.body().path("whole").asBoolean()).isTrue();
        assertThat(laid.body().path("sentences").get(0).asText()).startsWith("All ");
        assertThat(laid.body().path("lay").path("placed")).isNotEmpty();

        String begun = begin(card).text("id");
        JsonNode project = read(user, "/api/projects/" + begun).body();
        assertThat(project.path("lay").path("placed"))
                .hasSameSizeAs(laid.body().path("lay").path("placed"));
        assertThat(project.path("source").path("name").asText()).isEqualTo("door curtain");
        assertThat(project.path("aim").path("wearer").asText()).isEqualTo("Pim");
        assertThat(read(user, "/api/stash/" + curtain)
                        .body()
                        .path("thing")
                        .path("holds")
                        .toString())
                .contains("RESERVED");

        // Begun once, it is nobody else's; and whom a project knows is asked for no height again.
        Reply again = begin(card);
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.body().toString()).contains("reserved for");
        assertThat(read(user, "/api/wearers").body().findValuesAsText("name")).containsExactly("Pim");
        assertThat(ask(curtain, "dungarees", "pim", "").status()).isEqualTo(200);
    }

    private Reply begin(JsonNode card) {
        return call(user, "POST", "/api/ideas/found/" + card.path("id").asText() + "/begin", "");
    }

    @Test
    void aWishIsTriedOnEverythingThatIsFree() {
        add(CURTAIN);
        add(SHIRT);
        add(length("calico", "150", "3 m"));
        ask("", "dungarees", "Pim", "41 in");
        JsonNode found = found();
        assertThat(found.path("best").findValuesAsText("from")).contains("door curtain", "calico");
        assertThat(found.path("refused").findValuesAsText("from")).containsExactly("grey shirt");
    }

    /** A smock takes two ends of elastic: the spool in the box gives them, and the rest of it stays free. */
    @Test
    void whatTheBoxHasIsReservedWithIt() {
        add(length("calico", "150", "3 m"));
        String elastic = add(
                "{\"kind\":\"NOTION\",\"name\":\"soft elastic\",\"notion\":\"ELASTIC\",\"size\":{\"length\":\"3 m\",\"words\":\"10 mm\"}}");
        ask("", "smock", "Pim", "104");
        JsonNode card = found().path("best").get(0);
        JsonNode laid =
                read(user, "/api/ideas/found/" + card.path("id").asText()).body();
        assertThat(laid.path("sentences").toString()).contains("In the stash for it: soft elastic (N");
        String begun = begin(card).text("id");
        JsonNode held = read(user, "/api/stash/held/" + begun).body();
        assertThat(held.findValuesAsText("name")).contains("calico", "soft elastic");
        JsonNode thing = read(user, "/api/stash/" + elastic).body().path("thing");
        assertThat(thing.path("free").toString()).isNotEqualTo("3 m");
        // What it was promised is at hand for it, and for nobody else.
        assertThat(read(user, "/api/projects/" + begun + "/shopping").body().toString())
                .contains("soft elastic");
    }

    /** Neither length is long enough for both widths of a gathered skirt: together they are. */
    @Test
    void twoThingsAreTriedTogetherWhereNoneDoes() {
        add(length("grey", "75", "55"));
        add(length("blue", "75", "55"));
        ask("", "gathered-skirt", "Pim", "104");
        JsonNode found = found();
        JsonNode card = found.path("best").get(0);
        assertThat(card.path("from").asText()).contains(" and ");
        assertThat(card.path("whole").asBoolean()).isTrue();
        String begun = begin(card).text("id");
        assertThat(read(user, "/api/stash/held/" + begun).body()).hasSize(2);
        assertThat(read(user, "/api/projects/" + begun).body().path("lay").path("unplaced"))
                .isEmpty();
    }

    /** Two people, one curtain; then one grows: hers alone is tried anew, and an older card says so. */
    @Test
    void whatWasFoundIsKeptUntilAFigureChanges() {
        add(CURTAIN);
        String ada = enter("Ada");
        measure(ada, "2026-03-01", "104");
        measure(enter("Bo"), "2026-03-01", "120");
        ask("", "dungarees", "", "");
        JsonNode before = found();
        assertThat(before.path("best").findValuesAsText("wearer")).containsExactlyInAnyOrder("Ada", "Bo");
        UUID household = user.householdId();
        ask("", "dungarees", "", "");
        // Nothing is waiting: all of it was found before.
        assertThat(found().path("best").findValuesAsText("id"))
                .isEqualTo(before.path("best").findValuesAsText("id"));
        assertThat(attempts(household)).containsOnly(0);

        measure(ada, "2026-06-01", "110");
        JsonNode hers = before.path("best").get(0).path("wearer").asText().equals("Ada")
                ? before.path("best").get(0)
                : before.path("best").get(1);
        Reply stale = read(user, "/api/ideas/found/" + hers.path("id").asText());
        assertThat(stale.status()).isEqualTo(404);
        assertThat(stale.body().toString()).contains("Try it again");
        ask("", "dungarees", "", "");
        assertThat(found().path("whole").asInt()).isEqualTo(2);
        assertThat(read(user, "/api/ideas/found/" + hers.path("id").asText()).status())
                .isEqualTo(200);
    }

    private List<Integer> attempts(UUID household) {
        return jdbc.queryForList("select attempts from idea where household_id = ?", Integer.class, household);
    }

    /** Stopped, nothing more is tried; asked again, it goes on. One that was broken off is nobody's after a minute. */
    @Test
    void aQuestionCanBeStoppedAndGoesOn() {
        add(CURTAIN);
        UUID household = user.householdId();
        int number = ideas.ask(household, new Question("", "", "Pim", "104", LengthUnit.CM).text());
        assertThat(work.work(household, () -> true)).isEqualTo(IdeaWork.Left.MORE);
        assertThat(number).isEqualTo(1);
        call(user, "POST", "/api/ideas/search/stop", "");
        assertThat(work.work(household, () -> false)).isEqualTo(IdeaWork.Left.NOTHING);
        JsonNode stopped = read(user, "/api/ideas/search").body();
        assertThat(stopped.path("stopped").asBoolean()).isTrue();
        ask("", "t-shirt", "Pim", "104");
        assertThat(found().path("tries").asInt()).isEqualTo(1);
        jdbc.update(
                "update idea set state = 'WAITING', attempts = 4, leased_until = now() - interval '1 second' where household_id = ?",
                household);
        jdbc.update("update idea_search set state = 'WORKING' where household_id = ?", household);
        // It brought its instance down again and again: it is given up, and told.
        assertThat(work.work(household, () -> false)).isEqualTo(IdeaWork.Left.NOTHING);
        assertThat(found().path("refused").toString()).contains("fault of the program");
    }

    @Test
    void badInputSaysWhatIsWrong() {
        assertThat(ask("", "", "Pim", "104").body().path("field").asText()).isEqualTo("source");
        String curtain = add(CURTAIN);
        assertThat(ask(curtain, "", "", "").body().path("field").asText()).isEqualTo("wearer");
        assertThat(ask(curtain, "", "Pim", "").body().path("field").asText()).isEqualTo("height");
        assertThat(ask(curtain, "", "Pim", "tall").body().path("field").asText())
                .isEqualTo("height");
        assertThat(ask(curtain, "no-such", "Pim", "104").status()).isEqualTo(422);
        String nobody = "/api/ideas/found/11111111-1111-1111-1111-111111111111";
        assertThat(read(user, nobody).status()).isEqualTo(404);
        assertThat(call(user, "POST", nobody + "/begin", "").status()).isEqualTo(404);
        assertThat(ask("11111111-1111-1111-1111-111111111111", "", "Pim", "104").status())
                .isEqualTo(404);
        // Nothing was asked by any of it.
        assertThat(read(user, "/api/ideas/search").body().path("asked").isNull())
                .isTrue();
    }
}
