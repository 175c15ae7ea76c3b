package org.handdown.formats.fit;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.handdown.fit.FitLayout;
import org.handdown.fit.Placed;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthText;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/** Reads and writes {@code handdown-fit-layout/1}. */
public final class FitLayoutJson {
    public static final String FORMAT = "handdown-fit-layout/1";

    private FitLayoutJson() {}

    public static FitLayout read(String text) {
        return read(Json.parse(text));
    }

    public static FitLayout read(JsonNode node) {
        JsonField file = JsonField.root(node);
        Json.requireFormat(file, FORMAT);
        return new FitLayout(
                file.get("placements").required().list(FitLayoutJson::placed),
                file.get("unplaced")
                        .list(u -> new FitLayout.Unplaced(
                                u.get("piece").name(),
                                u.get("copy").whole(),
                                Wording.of(u.get("reason").text("")))),
                measures(file.get("measures").required()),
                file.get("remnants").list(FitLayoutJson::remnant));
    }

    public static FitLayout.Remnant remnant(JsonField f) {
        return new FitLayout.Remnant(
                f.get("panel").name(), f.get("outline").ring(), rectangle(f.get("largestRectangle")));
    }

    static Placed placed(JsonField f) {
        return new Placed(
                f.get("piece").name(),
                f.get("copy").whole(),
                f.get("variant").name(),
                f.get("panel").name(),
                new Placement(
                        f.get("x").number(),
                        f.get("y").number(),
                        f.get("rotation").number(),
                        f.get("mirrored").flag(false)));
    }

    private static FitLayout.Measures measures(JsonField f) {
        JsonField length = f.get("length");
        return new FitLayout.Measures(
                f.get("placedArea").number(),
                f.get("panelArea").number(),
                f.get("utilisation").number(),
                length.isPresent() ? length.number() : null,
                f.get("seconds").number(0),
                f.get("seed").mark(0));
    }

    private static FitLayout.@Nullable GrainRectangle rectangle(JsonField f) {
        return !f.isPresent()
                ? null
                : new FitLayout.GrainRectangle(
                        new Point(f.get("x").number(), f.get("y").number()),
                        f.get("rotation").number(),
                        f.get("width").number(),
                        f.get("height").number());
    }

    static ObjectNode write(Placed p) {
        return Json.MAPPER
                .createObjectNode()
                .put("piece", p.piece())
                .put("copy", p.copy())
                .put("variant", p.variant())
                .put("panel", p.panel())
                .put("x", p.at().x())
                .put("y", p.at().y())
                .put("rotation", p.at().rotation())
                .put("mirrored", p.at().mirrored());
    }

    public static ObjectNode write(FitLayout layout) {
        ObjectNode file = Json.MAPPER.createObjectNode().put("format", FORMAT);
        ArrayNode placements = file.putArray("placements");
        layout.placements().forEach(p -> placements.add(write(p)));
        ArrayNode unplaced = file.putArray("unplaced");
        for (FitLayout.Unplaced u : layout.unplaced()) {
            unplaced.addObject()
                    .put("piece", u.piece())
                    .put("copy", u.copy())
                    .put("reason", LengthText.unmarked(u.reason()));
        }
        FitLayout.Measures m = layout.measures();
        file.putObject("measures")
                .put("placedArea", m.placedAreaM2())
                .put("panelArea", m.panelAreaM2())
                .put("utilisation", m.utilisation())
                .put("length", m.lengthMm())
                .put("seconds", m.seconds())
                .put("seed", m.seed());
        ArrayNode remnants = file.putArray("remnants");
        layout.remnants().forEach(r -> remnants.add(write(r)));
        return file;
    }

    public static ObjectNode write(FitLayout.Remnant remnant) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("panel", remnant.panel());
        node.set("outline", Json.ring(remnant.outline()));
        FitLayout.GrainRectangle r = remnant.largestRectangle();
        if (r != null) {
            node.putObject("largestRectangle")
                    .put("x", r.corner().x())
                    .put("y", r.corner().y())
                    .put("rotation", r.rotationDeg())
                    .put("width", r.widthMm())
                    .put("height", r.heightMm());
        }
        return node;
    }

    public static String text(FitLayout layout) {
        try {
            return Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(write(layout));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A lay can always be written.", e);
        }
    }
}
