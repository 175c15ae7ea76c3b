package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.reuse.KeeperKind;
import org.handdown.source.Assessment;
import org.handdown.source.StashedSource;
import org.handdown.stash.FlatCloth;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.Notion;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashThing;

/** Reads and writes {@code handdown-thing/1}: anything that lies in a stash (docs/formats/thing.md). */
public final class StashItemJson {
    public static final String FORMAT = "handdown-thing/1";

    private StashItemJson() {}

    /** A thing, or a source file of its own, as it was written before there were things. */
    public static StashItem read(String text) {
        JsonField f = JsonField.root(Json.parse(text));
        if (f.get("format").isPresent() && f.get("format").text().equals(StashedSourceJson.FORMAT)) {
            return StashItem.of(new StashThing.Garment(StashedSourceJson.read(text)));
        }
        Json.requireFormat(f, FORMAT);
        return read(f);
    }

    static StashItem read(JsonField f) {
        return f.refusingHere(() -> new StashItem(
                thing(f.get("kind").word(StashThing.Kind.class), f),
                new StashItem.Tag(
                        f.get("place").text(""),
                        f.get("washed").flag(false),
                        f.get("note").text(""),
                        f.get("cost").text(""),
                        f.get("missed").word(Assessment.Missed.class, Assessment.Missed.SOME)),
                f.get("descent").text("")));
    }

    private static StashThing thing(StashThing.Kind kind, JsonField f) {
        return switch (kind) {
            case SOURCE -> {
                JsonField source = f.get("source").required();
                yield new StashThing.Garment(new StashedSource(
                        SourceJson.read(source), source.get("idea").text("")));
            }
            case LENGTH ->
                new StashThing.ByTheMetre(
                        SourceJson.cloth(f.get("cloth").required()),
                        f.get("widthMm").number(),
                        f.get("lengthMm").number());
            case PANEL, REMNANT ->
                new FlatCloth(
                        f.get("name").name(),
                        SourceJson.cloth(f.get("cloth").required()),
                        LeftoverJson.read(f.get("flat").required()),
                        kind == StashThing.Kind.REMNANT);
            case KEEPER ->
                new LooseKeeper(
                        f.get("name").name(),
                        f.get("keeper").word(KeeperKind.class),
                        new LooseKeeper.Size(
                                f.get("lengthMm").number(0),
                                f.get("stretch").number(0),
                                f.get("depthMm").number(0),
                                f.get("count").whole(0),
                                f.get("diameterMm").number(0)),
                        f.get("clothName").text(""),
                        f.get("condition").word(Assessment.Condition.class, Assessment.Condition.SOUND));
            case NOTION ->
                new Notion(
                        f.get("name").name(),
                        f.get("sort").word(Notion.Sort.class),
                        f.get("size").text(""),
                        f.get("amount").number());
        };
    }

    public static String text(StashItem item) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("format", FORMAT);
        node.setAll(write(item));
        return node.toString();
    }

    static ObjectNode write(StashItem item) {
        StashThing thing = item.thing();
        ObjectNode node = Json.MAPPER.createObjectNode().put("kind", Words.of(thing.kind()));
        node.put("name", thing.name());
        if (thing instanceof StashThing.Garment g) {
            ObjectNode source = SourceJson.write(g.source());
            source.put("idea", g.stashed().idea());
            node.set("source", source);
        } else if (thing instanceof StashThing.ByTheMetre m) {
            node.set("cloth", SourceJson.write(m.cloth()));
            node.put("widthMm", m.widthMm()).put("lengthMm", m.lengthMm());
        } else if (thing instanceof FlatCloth flat) {
            node.set("cloth", SourceJson.write(flat.cloth()));
            node.set("flat", LeftoverJson.write(flat.leftover()));
        } else if (thing instanceof LooseKeeper k) {
            LooseKeeper.Size s = k.size();
            node.put("keeper", Words.of(k.keeper()))
                    .put("lengthMm", s.lengthMm())
                    .put("stretch", s.stretch());
            node.put("depthMm", s.depthMm()).put("count", s.count()).put("diameterMm", s.diameterMm());
            node.put("clothName", k.clothName()).put("condition", Words.of(k.condition()));
        } else if (thing instanceof Notion n) {
            node.put("sort", Words.of(n.sort())).put("size", n.size()).put("amount", n.amount());
        }
        StashItem.Tag tag = item.tag();
        node.put("place", tag.place()).put("washed", tag.washed());
        if (!(thing instanceof StashThing.Garment)) {
            node.put("note", tag.note()).put("cost", tag.cost()).put("missed", Words.of(tag.missed()));
        }
        return node.put("descent", item.descent());
    }
}
