package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Brought;
import org.handdown.project.Cloths;
import org.handdown.project.MeasuredPanels;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.StashItem;

/** What a project is cut from beside its own source, as JSON. */
final class ClothsJson {
    private ClothsJson() {}

    /** A file without them is of its own source alone. */
    static Cloths read(JsonField f) {
        if (!f.isPresent()) {
            return Cloths.OWN_ALONE;
        }
        return f.refusingHere(() -> new Cloths(
                f.get("own").isPresent() ? roles(f.get("own")) : Cloths.OWN_ALONE.own(),
                f.get("brought").list(b -> b.refusingHere(() -> brought(b)))));
    }

    private static Set<PieceCloth> roles(JsonField f) {
        return Set.copyOf(f.list(r -> r.word(PieceCloth.class)));
    }

    private static Brought brought(JsonField f) {
        String id = f.get("id").name();
        String thing = f.get("thing").text("");
        if (f.get("source").isPresent()) {
            MeasuredPanels panels = f.get("panels").isPresent() ? PanelsJson.read(f.get("panels")) : null;
            return new Brought.OtherSource(
                    id, thing, SourceJson.read(f.get("source")), PanelsJson.opening(f), panels, roles(f.get("roles")));
        }
        if (f.get("flat").isPresent()) {
            return new Brought.FlatSheet(
                    id,
                    thing,
                    f.get("name").name(),
                    SourceJson.cloth(f.get("cloth").required()),
                    LeftoverJson.read(f.get("flat")),
                    f.get("washed").flag(false),
                    roles(f.get("roles")),
                    f.get("matched").flag(false));
        }
        JsonField keeper = f.get("keeper").required();
        if (StashItemJson.read(keeper).thing() instanceof LooseKeeper loose) {
            return new Brought.Loose(id, thing, loose);
        }
        throw keeper.refusal("is no keeper.");
    }

    static ObjectNode write(Cloths cloths) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        put(node.putArray("own"), cloths.own());
        ArrayNode brought = node.putArray("brought");
        cloths.brought().forEach(b -> brought.add(write(b)));
        return node;
    }

    private static void put(ArrayNode array, Set<PieceCloth> roles) {
        roles.stream().sorted().map(Words::of).collect(Collectors.toList()).forEach(array::add);
    }

    private static ObjectNode write(Brought b) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("id", b.id());
        if (!b.thing().isEmpty()) {
            node.put("thing", b.thing());
        }
        if (b.cloth() != null) {
            put(node.putArray("roles"), b.roles());
        }
        if (b instanceof Brought.OtherSource s) {
            node.set("source", SourceJson.write(s.source()));
            PanelsJson.write(node, s.opening());
            MeasuredPanels panels = s.panels();
            if (panels != null) {
                node.set("panels", PanelsJson.write(panels));
            }
        } else if (b instanceof Brought.FlatSheet s) {
            node.put("name", s.name()).put("washed", s.washed());
            node.set("cloth", SourceJson.write(s.cloth()));
            node.set("flat", LeftoverJson.write(s.shape()));
            if (s.matched()) {
                node.put("matched", true);
            }
        } else if (b instanceof Brought.Loose k) {
            node.set("keeper", StashItemJson.write(StashItem.of(k.keeper())));
        }
        return node;
    }
}
