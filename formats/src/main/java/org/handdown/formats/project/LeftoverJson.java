package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FlawZone;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.formats.fit.FitProblemJson;
import org.handdown.lay.Leftover;

/** A remnant as the stash keeps it: outline and rectangle as in a layout, with its cloth, grain, finished edges and flaws. */
public final class LeftoverJson {
    private LeftoverJson() {}

    public static Leftover read(String text) {
        return read(JsonField.root(Json.parse(text)));
    }

    static Leftover read(JsonField f) {
        return new Leftover(
                FitLayoutJson.remnant(f),
                f.get("cloth").text(""),
                f.get("grain").number(90),
                f.get("edges")
                        .list(e -> new Leftover.Finished(
                                e.get("kind").word(EdgeKind.class),
                                e.get("points").list(OutlineJson::point))),
                f.get("zones")
                        .list(z -> new FlawZone(
                                z.get("kind").word(FlawZone.Kind.class),
                                z.get("outline").ring(),
                                z.get("what").text(""))),
                f.get("noted").list(CarriedJson::flaw),
                new Leftover.Pattern(
                        f.get("oneWay").flag(false),
                        f.get("reversible").flag(false),
                        FitProblemJson.repeats(f),
                        FitProblemJson.motifs(f)));
    }

    public static String text(Leftover left) {
        return write(left).toString();
    }

    static ObjectNode write(Leftover left) {
        ObjectNode node = FitLayoutJson.write(left.remnant());
        node.put("cloth", left.cloth()).put("grain", left.grainDeg());
        ArrayNode edges = node.putArray("edges");
        left.edges().forEach(e -> {
            ArrayNode points = edges.addObject()
                    .put("kind", e.kind().name().toLowerCase(Locale.ROOT))
                    .putArray("points");
            e.points().forEach(p -> points.add(OutlineJson.write(p)));
        });
        ArrayNode zones = node.putArray("zones");
        left.zones().forEach(z -> {
            ObjectNode zone = zones.addObject().put("kind", z.kind().name().toLowerCase(Locale.ROOT));
            zone.put("what", z.what());
            zone.set("outline", Json.ring(z.outline()));
        });
        if (!left.noted().isEmpty()) {
            ArrayNode noted = node.putArray("noted");
            left.noted().forEach(flaw -> CarriedJson.write(noted.addObject(), flaw));
        }
        Leftover.Pattern pattern = left.pattern();
        node.put("oneWay", pattern.oneWay()).put("reversible", pattern.reversible());
        FitProblemJson.writeRepeats(node, pattern.repeats());
        FitProblemJson.writeMotifs(node, pattern.motifs());
        return node;
    }
}
