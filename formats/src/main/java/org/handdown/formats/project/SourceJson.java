package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.StretchTest;
import org.handdown.cloth.Weave;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.measure.Origin;
import org.handdown.source.Assessment;
import org.handdown.source.Fault;
import org.handdown.source.Source;
import org.jspecify.annotations.Nullable;

/** A source, its cloth and faults as JSON. */
final class SourceJson {
    private SourceJson() {}

    static Source read(JsonField f) {
        return f.refusingHere(() -> new Source(
                f.get("name").name(),
                f.get("what").text(""),
                f.get("condition").text(""),
                f.get("care").text(""),
                f.get("cost").text(""),
                cloth(f.get("cloth").required()),
                ConstructionJson.read(f),
                f.get("faults")
                        .list(z -> z.refusingHere(() -> new Fault(
                                z.get("what").name(),
                                z.get("where").text(""),
                                z.get("remedy").word(Fault.Remedy.class)))),
                assessment(f)));
    }

    private static Assessment assessment(JsonField f) {
        Map<String, Assessment.Condition> conditions = new HashMap<>();
        JsonField given = f.get("conditions");
        given.names().forEach(k -> conditions.put(k, given.get(k).word(Assessment.Condition.class)));
        JsonField by = f.get("wantedBy");
        try {
            return new Assessment(
                    f.get("missed").word(Assessment.Missed.class, Assessment.Missed.SOME),
                    by.isPresent() ? LocalDate.parse(by.text()) : null,
                    conditions,
                    f.get("measured").word(Origin.class, Origin.TAPE),
                    Set.copyOf(f.get("proposed").list(JsonField::name)));
        } catch (DateTimeParseException e) {
            throw by.refusal("is no date; write it as 2026-03-01.");
        }
    }

    static Cloth cloth(JsonField f) {
        return f.refusingHere(() -> new Cloth(
                f.get("name").name(),
                f.get("fibre").text(""),
                f.get("weave").word(Weave.class),
                f.get("colour").text(),
                f.get("oneWay").flag(false),
                f.get("reversible").flag(false),
                f.get("thicknessMm").number(),
                f.get("heat").word(HeatLimit.class),
                f.get("sheet").isPresent() ? sheet(f.get("sheet")) : ClothSheet.UNTESTED));
    }

    static ClothSheet sheet(JsonField f) {
        return new ClothSheet(
                stretch(f.get("across")),
                stretch(f.get("along")),
                f.get("edge").word(ClothSheet.CutEdge.class, ClothSheet.CutEdge.UNTESTED),
                f.get("slippery").flag(false),
                f.get("pinMarks").flag(false),
                f.get("neverFlatten").flag(false),
                f.get("prettyInside").flag(false));
    }

    private static @Nullable StretchTest stretch(JsonField f) {
        return f.isPresent()
                ? f.refusingHere(() -> new StretchTest(
                        f.get("gaugeMm").number(),
                        f.get("stretchedMm").number(),
                        f.get("releasedMm").isPresent()
                                ? (Double) f.get("releasedMm").number()
                                : null))
                : null;
    }

    static ObjectNode write(Source source) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        node.put("name", source.name()).put("what", source.what());
        node.put("condition", source.condition()).put("care", source.care()).put("cost", source.cost());
        node.set("cloth", write(source.cloth()));
        ConstructionJson.write(node, source.construction());
        ArrayNode faults = node.putArray("faults");
        source.faults()
                .forEach(z -> faults.addObject()
                        .put("what", z.what())
                        .put("where", z.where())
                        .put("remedy", Words.of(z.remedy())));
        Assessment assessment = source.assessment();
        node.put("missed", Words.of(assessment.missed()));
        if (assessment.wantedBy() != null) {
            node.put("wantedBy", assessment.wantedBy().toString());
        }
        ObjectNode conditions = node.putObject("conditions");
        new TreeMap<>(assessment.conditions()).forEach((k, c) -> conditions.put(k, Words.of(c)));
        if (assessment.measured() != Origin.TAPE) {
            node.put("measured", Words.of(assessment.measured()));
        }
        if (!assessment.proposed().isEmpty()) {
            ArrayNode proposed = node.putArray("proposed");
            assessment.proposed().stream().sorted().forEach(proposed::add);
        }
        return node;
    }

    static ObjectNode write(Cloth cloth) {
        ObjectNode node = Json.MAPPER
                .createObjectNode()
                .put("name", cloth.name())
                .put("fibre", cloth.fibre())
                .put("weave", Words.of(cloth.weave()))
                .put("colour", cloth.colour())
                .put("oneWay", cloth.oneWay())
                .put("reversible", cloth.reversible())
                .put("thicknessMm", cloth.thicknessMm())
                .put("heat", Words.of(cloth.heat()));
        write(node.putObject("sheet"), cloth.sheet());
        return node;
    }

    static void write(ObjectNode s, ClothSheet sheet) {
        put(s, "across", sheet.across());
        put(s, "along", sheet.along());
        s.put("edge", Words.of(sheet.edge())).put("slippery", sheet.slippery());
        s.put("pinMarks", sheet.pinMarks()).put("neverFlatten", sheet.neverFlatten());
        if (sheet.prettyInside()) {
            s.put("prettyInside", true);
        }
    }

    private static void put(ObjectNode node, String way, @Nullable StretchTest test) {
        if (test != null) {
            ObjectNode one = node.putObject(way).put("gaugeMm", test.gaugeMm()).put("stretchedMm", test.stretchedMm());
            Double released = test.releasedMm();
            if (released != null) {
                one.put("releasedMm", released);
            }
        }
    }
}
