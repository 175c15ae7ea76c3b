package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.handdown.body.Passage;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.pattern.Neckline;
import org.handdown.project.Project;

/** Sums kept with a project, as JSON: rings that must pass the body, and necklines. */
final class WorkingsJson {
    private WorkingsJson() {}

    static Project.Workings read(JsonField f) {
        return f.isPresent()
                ? f.refusingHere(() -> new Project.Workings(
                        f.get("passages").list(p -> p.refusingHere(() -> passage(p))),
                        f.get("necklines").list(n -> n.refusingHere(() -> neckline(n)))))
                : Project.Workings.NONE;
    }

    private static Passage passage(JsonField f) {
        return new Passage(
                f.get("name").name(),
                f.get("over").word(Passage.Over.class),
                f.get("girthMm").number(),
                f.get("layers")
                        .required()
                        .list(l -> l.refusingHere(() -> new Passage.Layered(
                                l.get("what").name(),
                                l.get("lengthMm").number(),
                                l.get("stretch").number(0)))),
                f.get("opensMm").number(0));
    }

    private static Neckline neckline(JsonField f) {
        JsonField band = f.get("band");
        return new Neckline(
                f.get("name").name(),
                f.get("shape").word(Neckline.Shape.class),
                f.get("widthMm").number(),
                f.get("depthMm").number(),
                f.get("backMm").number(),
                band.isPresent()
                        ? band.refusingHere(() -> new Neckline.Band(
                                band.get("restMm").number(),
                                band.get("depthMm").number(),
                                band.get("stretch").number(0)))
                        : null);
    }

    static ObjectNode write(Project.Workings workings) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        ArrayNode passages = node.putArray("passages");
        workings.passages().forEach(p -> {
            ObjectNode ring = passages.addObject()
                    .put("name", p.name())
                    .put("over", Words.of(p.over()))
                    .put("girthMm", p.girthMm())
                    .put("opensMm", p.opensMm());
            ArrayNode layers = ring.putArray("layers");
            p.layers()
                    .forEach(l -> layers.addObject()
                            .put("what", l.what())
                            .put("lengthMm", l.lengthMm())
                            .put("stretch", l.stretch()));
        });
        ArrayNode necklines = node.putArray("necklines");
        workings.necklines().forEach(n -> write(necklines.addObject(), n));
        return node;
    }

    private static void write(ObjectNode node, Neckline neckline) {
        node.put("name", neckline.name()).put("shape", Words.of(neckline.shape()));
        node.put("widthMm", neckline.widthMm())
                .put("depthMm", neckline.depthMm())
                .put("backMm", neckline.backMm());
        Neckline.Band band = neckline.band();
        if (band != null) {
            node.putObject("band")
                    .put("restMm", band.restMm())
                    .put("depthMm", band.depthMm())
                    .put("stretch", band.stretch());
        }
    }
}
