package org.handdown.formats.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectWriter;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.formats.fit.FitProblemJson;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.measure.TypedWords;
import org.handdown.pattern.change.Change;
import org.handdown.project.Cloths;
import org.handdown.project.KeptLay;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.jspecify.annotations.Nullable;

/**
 * Writes {@code handdown-project/2} and reads it and {@code handdown-project/1}, which knew of one source only. Reading back what was written
 * gives an equal project.
 */
public final class ProjectJson {
    /** Maps have no order of their own. */
    private static final ObjectWriter SORTED = Json.MAPPER
            .copy()
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .writer();

    public static final String FORMAT = "handdown-project/2";

    /** Files of before a project could have several sources. */
    private static final String BEFORE = "handdown-project/1";

    private ProjectJson() {}

    public static Project read(String text) {
        return read(Json.parse(text));
    }

    public static Project read(JsonNode node) {
        return read(node, null, null);
    }

    /**
     * What a project that was just written reads back as. Parts that it has from another one that was read itself are known to read back and
     * taken over; all others are read.
     *
     * @param written what {@code changed} was written as
     * @param proven was read, and then changed
     */
    public static Project readBack(JsonNode written, Project changed, Project proven) {
        return read(written, changed, proven);
    }

    private static Project read(JsonNode node, @Nullable Project changed, @Nullable Project proven) {
        JsonField f = JsonField.root(node);
        if (!f.get("format").isPresent() || !f.get("format").text().equals(BEFORE)) {
            Json.requireFormat(f, FORMAT);
        }
        Parts parts = new Parts(changed, proven);
        return new Project(
                f.get("name").name(),
                parts.read(Project::aim, () -> read(f.get("aim"), AimJson::read)),
                parts.read(Project::source, () -> read(f.get("source"), SourceJson::read)),
                parts.require(Project::opening, () -> PanelsJson.opening(f)),
                parts.read(Project::panels, () -> read(f.get("panels"), PanelsJson::read)),
                parts.read(Project::pieces, () -> read(f.get("pieces"), PieceJson::read)),
                parts.read(Project::lay, () -> read(f.get("lay"), ProjectJson::lay)),
                parts.require(Project::kept, () -> f.get("keptLays").list(ProjectJson::keptLay)),
                parts.require(Project::workings, () -> WorkingsJson.read(f.get("workings"))),
                parts.require(Project::done, () -> done(f.get("done"))),
                parts.require(Project::log, () -> f.get("log").list(ProjectJson::note)),
                parts.require(Project::practice, () -> PracticeJson.read(f.get("practice"))),
                parts.require(Project::typed, () -> typed(f.get("typed"), f.get("unit"))),
                parts.require(Project::cloths, () -> ClothsJson.read(f.get("cloths"))),
                parts.require(Project::alterations, () -> StackJson.read(f.get("alterations"))),
                null);
    }

    /** Parts of a project: those that one has from another as they are, all others read. */
    private record Parts(
            @Nullable Project changed, @Nullable Project proven) {
        <T> @Nullable T read(Function<Project, @Nullable T> part, Supplier<@Nullable T> read) {
            if (changed != null && proven != null) {
                T now = part.apply(changed);
                if (now == part.apply(proven)) {
                    return now;
                }
            }
            return read.get();
        }

        <T> T require(Function<Project, T> part, Supplier<T> read) {
            return changed != null && proven != null && part.apply(changed) == part.apply(proven)
                    ? part.apply(changed)
                    : read.get();
        }
    }

    private static KeptLay keptLay(JsonField k) {
        return k.refusingHere(() -> new KeptLay(
                k.get("name").name(),
                instant(k.get("at")),
                lay(k.get("lay").required()),
                PanelsJson.read(k.get("panels").required()),
                PieceJson.read(k.get("pieces").required())));
    }

    private static Project.Note note(JsonField n) {
        return new Project.Note(instant(n.get("at")), n.get("text").text(), read(n.get("lesson"), ChangeJson::read));
    }

    private static <T> @Nullable T read(JsonField f, Function<JsonField, T> how) {
        return f.isPresent() ? how.apply(f) : null;
    }

    private static Lay lay(JsonField f) {
        JsonField problem = f.get("problem").required();
        JsonField layout = f.get("layout").required();
        return new Lay(
                problem.refusingHere(() -> FitProblemJson.read(problem.node())),
                layout.refusingHere(() -> FitLayoutJson.read(layout.node())),
                f.get("movedByHand").flag(false),
                java.util.Set.copyOf(f.get("pinned").list(JsonField::name)));
    }

    private static ObjectNode write(Lay lay) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        node.set("problem", FitProblemJson.write(lay.problem()));
        node.set("layout", FitLayoutJson.write(lay.layout()));
        node.put("movedByHand", lay.movedByHand());
        if (!lay.pinned().isEmpty()) {
            ArrayNode pinned = node.putArray("pinned");
            lay.pinned().stream().sorted().forEach(pinned::add);
        }
        return node;
    }

    private static TypedWords typed(JsonField f, JsonField unit) {
        Map<Double, String> words = new LinkedHashMap<>();
        f.list(t -> words.put(t.get("mm").number(), t.get("text").text()));
        return f.refusingHere(
                () -> new TypedWords(words, unit.isPresent() ? unit.word(LengthUnit.class) : LengthUnit.CM));
    }

    private static Map<String, Project.Done> done(JsonField f) {
        Map<String, Project.Done> done = new HashMap<>();
        f.names().forEach(step -> {
            JsonField minutes = f.get(step).get("minutes");
            done.put(
                    step,
                    new Project.Done(
                            instant(f.get(step).get("at")), minutes.isPresent() ? (Double) minutes.number() : null));
        });
        return done;
    }

    private static Instant instant(JsonField f) {
        try {
            return Instant.parse(f.text());
        } catch (DateTimeParseException e) {
            throw f.refusal("is no time; write it as 2025-11-03T18:30:00Z.");
        }
    }

    public static ObjectNode write(Project turned) {
        Project project = turned.turnedBack();
        ObjectNode node = Json.MAPPER.createObjectNode().put("format", FORMAT).put("name", project.name());
        var aim = project.aim();
        if (aim != null) {
            node.set("aim", AimJson.write(aim));
        }
        var source = project.source();
        if (source != null) {
            node.set("source", SourceJson.write(source));
        }
        PanelsJson.write(node, project.opening());
        var panels = project.panels();
        if (panels != null) {
            node.set("panels", PanelsJson.write(panels));
        }
        var pieces = project.pieces();
        if (pieces != null) {
            node.set("pieces", PieceJson.write(pieces));
        }
        var lay = project.lay();
        if (lay != null) {
            node.set("lay", write(lay));
        }
        writeKept(node, project);
        if (!project.workings().equals(Project.Workings.NONE)) {
            node.set("workings", WorkingsJson.write(project.workings()));
        }
        if (!project.practice().equals(Practice.SHIPPED)) {
            node.set("practice", PracticeJson.write(project.practice()));
        }
        if (project.typed().bare() != LengthUnit.CM) {
            node.put("unit", Words.of(project.typed().bare()));
        }
        if (!project.typed().byMm().isEmpty()) {
            ArrayNode typed = node.putArray("typed");
            project.typed()
                    .byMm()
                    .forEach((mm, text) -> typed.addObject().put("mm", mm).put("text", text));
        }
        if (!project.cloths().equals(Cloths.OWN_ALONE)) {
            node.set("cloths", ClothsJson.write(project.cloths()));
        }
        if (!project.alterations().isEmpty()) {
            StackJson.write(node.putArray("alterations"), project.alterations());
        }
        writeDone(node, project);
        return node;
    }

    private static void writeDone(ObjectNode node, Project project) {
        ObjectNode done = node.putObject("done");
        new TreeMap<>(project.done())
                .forEach((step, d) ->
                        done.putObject(step).put("at", d.at().toString()).put("minutes", d.minutes()));
        ArrayNode log = node.putArray("log");
        project.log().forEach(n -> {
            ObjectNode note = log.addObject().put("at", n.at().toString()).put("text", n.text());
            Change lesson = n.lesson();
            if (lesson != null) {
                note.set("lesson", ChangeJson.write(lesson));
            }
        });
    }

    private static void writeKept(ObjectNode node, Project project) {
        if (!project.kept().isEmpty()) {
            ArrayNode kept = node.putArray("keptLays");
            project.kept().forEach(k -> {
                ObjectNode one = kept.addObject().put("name", k.name()).put("at", k.at().toString());
                one.set("lay", write(k.lay()));
                one.set("panels", PanelsJson.write(k.panels()));
                one.set("pieces", PieceJson.write(k.pieces()));
            });
        }
    }

    public static String text(Project project) {
        return write(project).toString();
    }

    /** The same of equal projects, whichever instance asks: another one as soon as a figure is another. */
    public static UUID digest(Project project) {
        try {
            String text = SORTED.writeValueAsString(Json.MAPPER.treeToValue(write(project), Object.class));
            return UUID.nameUUIDFromBytes(text.getBytes(StandardCharsets.UTF_8));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Impossible state: what was JSON is none.", e);
        }
    }

    /** A document as it was stored, indented for people, whether or not it can be read as a project. */
    public static String indented(String document) {
        return Json.parse(document).toPrettyString();
    }

    /** Written for people: indented. */
    public static String prettyText(Project project) {
        return write(project).toPrettyString();
    }
}
