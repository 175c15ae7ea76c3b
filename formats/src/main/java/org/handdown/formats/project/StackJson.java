package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.handdown.alter.stack.Alteration;
import org.handdown.alter.stack.AlterationKind;
import org.handdown.alter.stack.Pin;
import org.handdown.formats.JsonField;

/** Alterations of a garment that stays sewn, in order, as JSON. */
final class StackJson {
    private StackJson() {}

    static List<Alteration> read(JsonField f) {
        return f.list(StackJson::alteration);
    }

    private static Alteration alteration(JsonField f) {
        return f.refusingHere(() -> new Alteration(
                f.get("id").name(),
                f.get("kind").word(AlterationKind.class),
                picks(f.get("picks")),
                figures(f.get("figures")),
                f.get("pins")
                        .list(p -> p.refusingHere(() ->
                                new Pin(p.get("atMm").number(), p.get("mm").number())))));
    }

    private static Map<String, String> picks(JsonField f) {
        Map<String, String> picks = new HashMap<>();
        f.names().forEach(id -> picks.put(id, f.get(id).text()));
        return picks;
    }

    private static Map<String, Double> figures(JsonField f) {
        Map<String, Double> figures = new HashMap<>();
        f.names().forEach(id -> figures.put(id, f.get(id).number()));
        return figures;
    }

    static void write(ArrayNode all, List<Alteration> alterations) {
        for (Alteration a : alterations) {
            ObjectNode node = all.addObject().put("id", a.id()).put("kind", Words.of(a.kind()));
            ObjectNode picks = node.putObject("picks");
            new TreeMap<>(a.picks()).forEach(picks::put);
            ObjectNode figures = node.putObject("figures");
            new TreeMap<>(a.figures()).forEach(figures::put);
            if (!a.pins().isEmpty()) {
                ArrayNode pins = node.putArray("pins");
                a.pins().forEach(p -> pins.addObject().put("atMm", p.atMm()).put("mm", p.mm()));
            }
        }
    }
}
