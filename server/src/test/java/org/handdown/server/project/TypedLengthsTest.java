package org.handdown.server.project;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Units show, they never change a value; saving one field leaves every other as it was typed. */
@Tag("long")
class TypedLengthsTest extends HouseholdTest {
    private HouseholdUser user;
    private String at = "";
    private JsonNode view = json();

    private static JsonNode json() {
        return new com.fasterxml.jackson.databind.ObjectMapper().createObjectNode();
    }

    @BeforeEach
    void begin() {
        user = newHousehold();
        at = "/api/projects/"
                + call(user, "POST", "/api/projects", "{\"name\":\"Mine\"}").text("id");
        view = read(user, at).body();
    }

    private Reply put(String path, String body) {
        Reply reply = call(user, "PUT", at + path + "?version=" + view.path("version"), body);
        if (reply.status() == 200) {
            view = reply.body();
        }
        return reply;
    }

    private ObjectNode aim(String unit) {
        return json.createObjectNode()
                .put("garment", "CUT_OUT")
                .put("draft", "t-shirt")
                .put("what", "T-shirt")
                .put("wearer", "Somebody")
                .put("unit", unit);
    }

    private JsonNode measure(String id) {
        for (JsonNode m : view.path("aim").path("measures")) {
            if (m.path("id").asText().equals(id)) {
                return m;
            }
        }
        throw new AssertionError("There is no measure " + id);
    }

    /** Cloth is thin: bare figures are millimetres, and inches for whoever works in them; what was told in one is never shown as another. */
    @Test
    void theThicknessOfClothIsReadAndShownAsItWasTold() {
        ObjectNode inches = aim("INCH");
        inches.putObject("measures").put("HEIGHT", "50");
        put("/aim", inches.toString());
        assertThat(thickness("1/16")).isEqualTo("1/16 in");
        assertThat(view.path("source").path("cloth").path("thicknessMm").asDouble())
                .isEqualTo(1.5875);
        assertThat(thickness("1/16 in")).isEqualTo("1/16 in");
        assertThat(thickness("1.2 mm")).isEqualTo("1.2 mm");
        put("/aim", aim("CM").toString());
        assertThat(thickness("0.8")).isEqualTo("0.8 mm");
        assertThat(thickness("1/16 in")).isEqualTo("1/16 in");
    }

    /** Widths that the source's measures draw are shown round in any unit; one that is taped leaves the others bit for bit. */
    @Test
    void widthsOfALegThatNobodyTapedAreShownRoundAndKept() {
        ObjectNode inches = aim("INCH");
        inches.putObject("measures").put("HEIGHT", "50");
        put("/aim", inches.toString());
        put(
                "/source",
                sourceBody("TROUSERS", "Found", average(user, "TROUSERS")).toString());
        ObjectNode joins = json.createObjectNode();
        view.path("takeApart").path("joins").forEach(j -> joins.put(j.path("id").asText(), "UNPICK"));
        put("/joins", json.createObjectNode().set("joins", joins).toString());
        view = call(user, "POST", at + "/panels/redo?version=" + view.path("version"), "")
                .body();
        JsonNode before = view.path("panels").get(0).path("stations");
        assertThat(before).hasSize(5);
        before.forEach(s -> assertThat(s.path("width").asText()).endsWith(" in"));
        String panel = view.path("panels").get(0).path("id").asText();
        assertThat(put("/panels/" + panel, "{\"stations\":{\"knee\":{\"width\":\"9 5/8\"}}}")
                        .status())
                .isEqualTo(200);
        JsonNode after = view.path("panels").get(0).path("stations");
        for (int i = 0; i < 5; i++) {
            boolean knee = after.get(i).path("id").asText().equals("knee");
            assertThat(after.get(i).path("widthMm").asDouble())
                    .isEqualTo(
                            knee ? 9.625 * 25.4 : before.get(i).path("widthMm").asDouble());
            assertThat(after.get(i).path("heightMm")).isEqualTo(before.get(i).path("heightMm"));
            assertThat(after.get(i).path("toSideMm")).isEqualTo(before.get(i).path("toSideMm"));
        }
        assertThat(after.get(1).path("width").asText()).isEqualTo("9 5/8 in");
    }

    /** Darts of a dress lie left and right alike; a choice is told by its number and kept, and one that is not sent is as it was before. */
    @Test
    void choicesOfASourceAreKeptAndDartsComeInPairs() {
        put("/aim", aim("CM").toString());
        Map<String, String> texts = average(user, "DRESS");
        texts.put("darts", "3");
        Reply odd = put("/source", sourceBody("DRESS", "Found", texts).toString());
        assertThat(odd.status()).isEqualTo(422);
        assertThat(odd.body().path("field").asText()).isEqualTo("source.darts");
        Map<String, String> jeans = average(user, "JEANS");
        jeans.put("backPockets", "2");
        jeans.remove("fly");
        assertThat(put("/source", sourceBody("JEANS", "Found", jeans).toString())
                        .status())
                .isEqualTo(200);
        ObjectNode told = json.createObjectNode();
        view.path("source").path("measures").forEach(m -> told.set(m.path("id").asText(), m));
        assertThat(told.path("backPockets").path("text").asText()).isEqualTo("2");
        assertThat(told.path("backPockets").path("options")).hasSize(3);
        assertThat(told.path("fly").path("text").asText()).isEqualTo("0");
        assertThat(view.path("source").path("parts"))
                .noneMatch(p -> p.path("id").asText().startsWith("back-pocket"));
    }

    private String thickness(String typed) {
        ObjectNode source = sourceBody("T_SHIRT", "Found", average(user, "T_SHIRT"));
        ((ObjectNode) source.path("cloth")).put("thickness", typed);
        assertThat(put("/source", source.toString()).status()).isEqualTo(200);
        return view.path("source").path("clothTexts").path("thickness").asText();
    }

    /** Whoever thinks in inches is refused in inches, with the bounds in inches too. */
    @Test
    void refusalsAreToldInTheProjectsUnit() {
        ObjectNode inches = aim("INCH");
        inches.putObject("measures").put("HEIGHT", "50");
        assertThat(put("/aim", inches.toString()).status()).isEqualTo(200);
        ObjectNode wrong = aim("INCH");
        wrong.putObject("measures").put("CHEST", "570");
        Reply refused = put("/aim", wrong.toString());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text("detail")).contains("570 in is not likely here").doesNotContain(" cm", " mm");
        ObjectNode thick = sourceBody("T_SHIRT", "Found", average(user, "T_SHIRT"));
        ((ObjectNode) thick.path("cloth")).put("thickness", "40");
        Reply own = put("/source", thick.toString());
        assertThat(own.status()).isEqualTo(422);
        assertThat(own.text("detail")).isEqualTo("must be above 0 and at most 1 3/16 in.");
        ObjectNode metric = aim("CM");
        metric.putObject("measures").put("CHEST", "9");
        assertThat(put("/aim", metric.toString()).text("detail"))
                .contains(" cm")
                .doesNotContain(" mm", " in is");
    }

    @Test
    void switchingTheUnitOfAHouseholdRereadsNothing() {
        ObjectNode first = aim("CM");
        first.putObject("measures").put("HEIGHT", "128").put("CHEST", "57");
        put("/aim", first.toString());
        assertThat(measure("CHEST").path("mm").asDouble()).isEqualTo(570);
        assertThat(put("/aim", aim("INCH").toString()).status()).isEqualTo(200);
        assertThat(measure("CHEST").path("mm").asDouble()).isEqualTo(570);
        assertThat(measure("CHEST").path("text").asText()).isEqualTo("57 cm");
        assertThat(measure("CHEST").path("also").asText()).isEqualTo("22 7/16 in");
        // A page that sends the whole form with what it shows changes nothing either.
        ObjectNode whole = aim("INCH");
        ObjectNode shown = whole.putObject("measures");
        view.path("aim").path("measures").forEach(m -> {
            if (m.path("origin").asText().equals("TAPE")) {
                shown.put(m.path("id").asText(), m.path("text").asText());
            }
        });
        put("/aim", whole.toString());
        put("/aim", aim("CM").toString());
        assertThat(measure("CHEST").path("mm").asDouble()).isEqualTo(570);
        assertThat(measure("HEIGHT").path("mm").asDouble()).isEqualTo(1280);
    }

    @Test
    void anEmptiedMeasureTakesItsProposalAndAnUntouchedSecondReadingStays() {
        ObjectNode first = aim("CM");
        first.putObject("measures").put("HEIGHT", "128").put("CHEST", "57");
        first.putObject("again").put("CHEST", "57.5");
        put("/aim", first.toString());
        put("/aim", aim("CM").toString());
        assertThat(measure("CHEST").path("again").asText()).isEqualTo("57.5 cm");
        ObjectNode emptied = aim("CM");
        emptied.putObject("measures").put("CHEST", "");
        put("/aim", emptied.toString());
        assertThat(measure("CHEST").path("origin").asText()).isEqualTo("PROPOSED");
    }

    private Map<String, String> shown() {
        Map<String, String> texts = new TreeMap<>();
        view.path("source")
                .path("measures")
                .forEach(m -> texts.put(m.path("id").asText(), m.path("text").asText()));
        return texts;
    }

    private Map<String, Double> stored() {
        Map<String, Double> mm = new TreeMap<>();
        view.path("source")
                .path("measures")
                .forEach(m -> mm.put(m.path("id").asText(), m.path("mm").asDouble()));
        return mm;
    }

    @Test
    void anySequenceOfSavesOfOtherFieldsLeavesEveryLengthBitForBit() {
        Map<String, String> texts = average(user, "TROUSERS");
        texts.put("allowance", "3/8 in");
        texts.put("waist", "73.37 cm");
        texts.put("seat", "39 5/8 in");
        assertThat(put("/source", sourceBody("TROUSERS", "Mine", texts).toString())
                        .status())
                .isEqualTo(200);
        Map<String, Double> before = stored();
        assertThat(before.get("allowance")).isEqualTo(9.525);
        Random chance = new Random(11);
        for (int save = 0; save < 40; save++) {
            ObjectNode unit = aim(chance.nextBoolean() ? "INCH" : chance.nextBoolean() ? "CM" : "MM");
            unit.putObject("measures").put("HEIGHT", "128 cm");
            if (chance.nextBoolean()) {
                put("/aim", unit.toString());
            } else {
                // The page sends back whatever it shows.
                put("/source", sourceBody("TROUSERS", "Mine " + save, shown()).toString());
            }
            assertThat(stored()).as("after save %d", save).isEqualTo(before);
        }
        assertThat(shown().get("allowance")).isEqualTo("3/8 in");
    }

    /** What an average one measures is shown as round as a tape tells, in any unit, and stays what it was until somebody takes it. */
    @Test
    void proposedFiguresAreShownRoundAndStayWhatTheyWere() {
        ObjectNode cm = aim("CM");
        cm.putObject("measures").put("HEIGHT", "128");
        assertThat(put("/aim", cm.toString()).status()).isEqualTo(200);
        ObjectNode blanket = json.createObjectNode()
                .put("kind", "BLANKET")
                .put("name", "old blanket")
                .put("what", "")
                .put("condition", "")
                .put("care", "")
                .put("cost", "");
        blanket.putObject("cloth")
                .put("name", "wool")
                .put("fibre", "")
                .put("weave", "BLANKET")
                .put("colour", "#777777")
                .put("thickness", "2 mm")
                .put("heat", "ONE_DOT");
        ObjectNode measures = blanket.putObject("measures");
        for (JsonNode kind : read(user, "/api/source-kinds?unit=CM").body()) {
            if (kind.path("kind").asText().equals("BLANKET")) {
                kind.path("measures").forEach(m -> {
                    measures.put(m.path("id").asText(), m.path("text").asText());
                    blanket.withArray("proposed").add(m.path("id").asText());
                });
            }
        }
        assertThat(put("/source", blanket.toString()).status()).isEqualTo(200);
        Map<String, Double> first = sizes();
        put("/aim", aim("INCH").toString());
        measures.removeAll();
        view.path("source").path("measures").forEach(m -> {
            assertThat(m.path("text").asText()).endsWith(" in");
            measures.put(m.path("id").asText(), m.path("text").asText());
        });
        assertThat(put("/source", blanket.toString()).status()).isEqualTo(200);
        assertThat(sizes()).isEqualTo(first);
        String taken = blanket.withArray("proposed").remove(0).asText();
        measures.put(taken, "60 in");
        assertThat(put("/source", blanket.toString()).status()).isEqualTo(200);
        assertThat(sizes().get(taken)).isEqualTo(1524.0);
        assertThat(sizes()).hasSameSizeAs(first);
    }

    private Map<String, Double> sizes() {
        Map<String, Double> sizes = new TreeMap<>();
        view.path("source")
                .path("measures")
                .forEach(m -> sizes.put(m.path("id").asText(), m.path("mm").asDouble()));
        return sizes;
    }

    /** Of the source, its cloth, a flaw, a dimension of the draft and a piece entered by hand: every field shows the words it was given. */
    @Test
    void everyFieldShowsTheWordsThatWereTypedInItWhateverTheUnit() {
        ObjectNode inches = aim("INCH");
        inches.putObject("measures").put("HEIGHT", "4' 2\"");
        put("/aim", inches.toString());
        Map<String, String> sizes = average(user, "BLANKET");
        String size = "length";
        sizes.put(size, "1.6 m");
        ObjectNode blanket = sourceBody("BLANKET", "Found", sizes);
        ((ObjectNode) blanket.path("cloth")).put("thickness", "0.15 cm");
        assertThat(put("/source", blanket.toString()).status()).isEqualTo(200);
        view = call(user, "POST", at + "/panels/redo?version=" + view.path("version"), "")
                .body();
        view = call(user, "POST", at + "/pieces/redo?version=" + view.path("version"), "")
                .body();
        String panel = view.path("panels").get(0).path("id").asText();
        assertThat(put("/panels/" + panel, """
                {"stations":{},"flaws":[{"treatment":"AVOID","kind":"STAIN","what":"stain","extent":"OVAL",
                 "x":"1' 1 1/2\\"","y":"0.25 yd","width":"43 mm","height":"1¾ in"}]}""").status()).isEqualTo(200);
        JsonNode length = json();
        for (JsonNode d : view.path("pieces").path("orders").get(0).path("dimensions")) {
            length = d.path("kind").asText().equals("LENGTH") ? d : length;
        }
        long mm = Math.round(LengthText.parse("usual", length.path("usual").asText(), LengthUnit.INCH)
                .mm());
        String id = length.path("id").asText();
        String choice = mm + ".0 mm";
        assertThat(put("/pattern/drafts/0/choices", "{\"choices\":{\"%s\":\"%s\"}}".formatted(id, choice))
                        .status())
                .isEqualTo(200);
        view = call(user, "POST", at + "/pieces/by-hand?version=" + view.path("version"), """
                {"name":"Bib","quantity":1,"corners":[{"x":"0","y":"0"},{"x":"0.12 m","y":"0"},{"x":"0.12 m","y":"87 mm"}]}""")
                .body();
        for (String unit : new String[] {"INCH", "CM", "MM", "INCH"}) {
            put("/aim", aim(unit).toString());
            assertThat(measure("HEIGHT").path("text").asText()).isEqualTo("4' 2\"");
            assertThat(shown()).containsEntry(size, "1.6 m");
            assertThat(view.path("source").path("clothTexts").path("thickness").asText())
                    .isEqualTo("0.15 cm");
            JsonNode flaw = find(view.path("panels"), panel).path("flaws").get(0);
            assertThat(flaw.path("x").asText()).isEqualTo("1' 1 1/2\"");
            assertThat(flaw.path("y").asText()).isEqualTo("0.25 yd");
            assertThat(flaw.path("width").asText()).isEqualTo("43 mm");
            assertThat(flaw.path("height").asText()).isEqualTo("1¾ in");
            assertThat(find(view.path("pieces").path("orders").get(0).path("dimensions"), id)
                            .path("text")
                            .asText())
                    .isEqualTo(choice);
            assertThat(view.path("pieces").path("pieces").toString()).contains("\"x\":\"0.12 m\"", "\"y\":\"87 mm\"");
        }
        String file = call(user, "GET", at + "/file", "").body().toString();
        assertThat(file).contains("1.6 m", "0.25 yd", "0.12 m");
    }

    private static JsonNode find(JsonNode list, String id) {
        for (JsonNode one : list) {
            if (one.path("id").asText().equals(id)) {
                return one;
            }
        }
        throw new AssertionError("There is no " + id);
    }
}
