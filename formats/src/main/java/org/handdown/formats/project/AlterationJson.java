package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import org.handdown.alter.LetOut;
import org.handdown.alter.TakeIn;
import org.handdown.formats.JsonField;
import org.handdown.pattern.InsertDraft;
import org.jspecify.annotations.Nullable;

/** What is let out of a source, or taken in, as JSON. */
final class AlterationJson {
    private AlterationJson() {}

    static LetOut.Wish letOut(JsonField f) {
        return f.refusingHere(() -> new LetOut.Wish(
                f.get("waistMm").number(),
                f.get("lengthMm").number(),
                f.get("leastAllowanceMm").number(),
                f.get("hemFinishMm").number(),
                f.get("dartsToo").flag(false),
                levels(f.get("levels"))));
    }

    private static Map<String, Double> levels(JsonField f) {
        Map<String, Double> levels = new HashMap<>();
        f.names().forEach(id -> levels.put(id, f.get(id).number()));
        return levels;
    }

    static InsertDraft.@Nullable Wish inserts(JsonField f) {
        return f.isPresent()
                ? f.refusingHere(() -> new InsertDraft.Wish(
                        f.get("levels")
                                .required()
                                .list(l -> l.refusingHere(() -> new InsertDraft.Level(
                                        l.get("downMm").number(),
                                        l.get("gainMm").number()))),
                        f.get("seams").whole(2),
                        f.get("seamMm").number(),
                        f.get("allowanceMm").number(),
                        f.get("sleeveSeamMm").number(0),
                        f.get("lined").flag(false),
                        f.get("piped").flag(false)))
                : null;
    }

    static void write(ObjectNode node, InsertDraft.Wish wish) {
        ObjectNode inserts = node.putObject("inserts")
                .put("seams", wish.seams())
                .put("seamMm", wish.seamMm())
                .put("allowanceMm", wish.allowanceMm())
                .put("sleeveSeamMm", wish.sleeveSeamMm())
                .put("lined", wish.lined())
                .put("piped", wish.piped());
        ArrayNode levels = inserts.putArray("levels");
        wish.levels().forEach(l -> levels.addObject().put("downMm", l.downMm()).put("gainMm", l.gainMm()));
    }

    static void write(ObjectNode node, LetOut.Wish wish) {
        ObjectNode letOut = node.putObject("letOut")
                .put("waistMm", wish.waistMm())
                .put("lengthMm", wish.lengthMm())
                .put("leastAllowanceMm", wish.leastAllowanceMm())
                .put("hemFinishMm", wish.hemFinishMm())
                .put("dartsToo", wish.dartsToo());
        if (!wish.levels().isEmpty()) {
            ObjectNode levels = letOut.putObject("levels");
            new TreeMap<>(wish.levels()).forEach(levels::put);
        }
    }

    static TakeIn.Wish takeIn(JsonField f) {
        return f.refusingHere(() ->
                new TakeIn.Wish(f.get("readings").required().list(r -> r.refusingHere(() -> reading(r)))));
    }

    private static TakeIn.Reading reading(JsonField f) {
        return new TakeIn.Reading(
                f.get("kind").word(TakeIn.Kind.class),
                f.get("where").name(),
                f.get("pinches")
                        .required()
                        .list(p -> p.refusingHere(() -> new TakeIn.Pinch(
                                p.get("atMm").number(0), p.get("mm").number()))),
                f.get("partnerToo").flag(true));
    }

    static void write(ObjectNode node, TakeIn.Wish wish) {
        ArrayNode readings = node.putObject("takeIn").putArray("readings");
        for (TakeIn.Reading reading : wish.readings()) {
            ObjectNode r = readings.addObject()
                    .put("kind", Words.of(reading.kind()))
                    .put("where", reading.where())
                    .put("partnerToo", reading.partnerToo());
            ArrayNode pinches = r.putArray("pinches");
            reading.pinches()
                    .forEach(p -> pinches.addObject().put("atMm", p.atMm()).put("mm", p.mm()));
        }
    }
}
