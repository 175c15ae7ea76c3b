package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;
import org.handdown.assembly.Layer;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.measure.Wording;
import org.handdown.source.Adjustment;
import org.handdown.source.Construction;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;

/** How a source is built, as JSON: its kind, measures and adjustments. */
final class ConstructionJson {
    private ConstructionJson() {}

    /** Name of a measure in files: lengths say their unit, counts do not. */
    private static String field(MeasureSpec spec) {
        return spec.isCount() ? spec.id() : spec.id() + "Mm";
    }

    static Construction read(JsonField f) {
        SourceKind kind = f.get("kind").word(SourceKind.class);
        Map<String, Double> values = new LinkedHashMap<>();
        JsonField given = f.get("measures").required();
        for (MeasureSpec spec : kind.measures()) {
            JsonField value = given.get(field(spec));
            values.put(spec.id(), spec.isLater() ? value.number(spec.older()) : value.number());
        }
        Construction construction = f.refusingHere(() -> new Construction(
                new GarmentMeasures(kind, values),
                f.get("adjustments").list(a -> a.refusingHere(() -> adjustment(a)))));
        f.refusingHere(construction::anatomy);
        return construction;
    }

    static void write(ObjectNode node, Construction construction) {
        GarmentMeasures measures = construction.measures();
        node.put("kind", Words.of(measures.kind()));
        ObjectNode values = node.putObject("measures");
        measures.kind().measures().forEach(s -> values.put(field(s), measures.mm(s.id())));
        ArrayNode adjustments = node.putArray("adjustments");
        construction.adjustments().forEach(a -> a.read(new Writer(adjustments.addObject())));
    }

    private static Adjustment adjustment(JsonField f) {
        String what = f.get("what").name();
        return switch (what) {
            case "part" ->
                new Adjustment.AddPart(
                        f.get("id").name(),
                        f.get("name").name(),
                        f.get("widthMm").number(),
                        f.get("heightMm").number(),
                        f.get("role").word(PartRole.class, PartRole.PANEL),
                        f.get("layer").word(Layer.class, Layer.SHELL));
            case "join" ->
                new Adjustment.AddJoin(
                        f.get("id").name(),
                        f.get("name").name(),
                        f.get("runs")
                                .list(r -> new Join.Run(
                                        r.get("part").name(), r.get("edge").name())),
                        f.get("stitch").word(StitchType.class),
                        f.get("rows").whole(1),
                        f.get("lengthMm").number(),
                        f.get("allowanceMm").number(0));
            case "fold" ->
                new Adjustment.AddFold(new Fold(
                        f.get("id").name(),
                        f.get("kind").word(Fold.Kind.class),
                        f.get("part").name(),
                        f.get("edge").name(),
                        f.get("count").whole(1),
                        f.get("depthMm").number(),
                        f.get("lengthMm").number(0)));
            case "pocket" ->
                new Adjustment.AddPocket(
                        f.get("part").name(),
                        f.get("widthMm").number(),
                        f.get("heightMm").number());
            case "lining" ->
                new Adjustment.AddLining(f.get("part").name(), f.get("edge").name());
            case "take-out" -> new Adjustment.TakeOut(f.get("part").name());
            default ->
                throw f.get("what")
                        .refusal(Wording.fill(
                                "is “%s”; it must be one of part, join, fold, pocket, lining, take-out.", what));
        };
    }

    /** Every kind as it is written. */
    private record Writer(ObjectNode node) implements Adjustment.Reader<ObjectNode> {
        @Override
        public ObjectNode part(Adjustment.AddPart a) {
            node.put("what", "part").put("id", a.id()).put("name", a.name());
            node.put("widthMm", a.widthMm()).put("heightMm", a.heightMm());
            node.put("role", Words.of(a.role())).put("layer", Words.of(a.layer()));
            return node;
        }

        @Override
        public ObjectNode join(Adjustment.AddJoin a) {
            node.put("what", "join").put("id", a.id()).put("name", a.name());
            ArrayNode runs = node.putArray("runs");
            a.runs().forEach(r -> runs.addObject().put("part", r.part()).put("edge", r.edge()));
            node.put("stitch", Words.of(a.stitch())).put("rows", a.rows());
            node.put("lengthMm", a.lengthMm()).put("allowanceMm", a.allowanceMm());
            return node;
        }

        @Override
        public ObjectNode fold(Adjustment.AddFold a) {
            Fold fold = a.fold();
            node.put("what", "fold").put("id", fold.id()).put("kind", Words.of(fold.kind()));
            node.put("part", fold.part()).put("edge", fold.edge()).put("count", fold.count());
            node.put("depthMm", fold.depthMm()).put("lengthMm", fold.lengthMm());
            return node;
        }

        @Override
        public ObjectNode pocket(Adjustment.AddPocket a) {
            node.put("what", "pocket").put("part", a.part());
            node.put("widthMm", a.widthMm()).put("heightMm", a.heightMm());
            return node;
        }

        @Override
        public ObjectNode lining(Adjustment.AddLining a) {
            node.put("what", "lining").put("part", a.part()).put("edge", a.edge());
            return node;
        }

        @Override
        public ObjectNode takeOut(Adjustment.TakeOut a) {
            node.put("what", "take-out").put("part", a.part());
            return node;
        }
    }

    static ObjectNode write(Construction construction) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        write(node, construction);
        return node;
    }
}
