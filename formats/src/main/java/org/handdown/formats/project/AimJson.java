package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.EnumMap;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.formats.JsonField;
import org.handdown.formats.fit.FitProblemJson;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.pattern.DungareesEase;
import org.handdown.project.Aim;
import org.handdown.project.Garment;

/** What to make and for whom, as JSON. */
final class AimJson {
    private AimJson() {}

    static Aim read(JsonField f) {
        Map<BodyMeasure, Wearer.Taken> measures = new EnumMap<>(BodyMeasure.class);
        JsonField given = f.get("measures").required();
        for (BodyMeasure measure : BodyMeasure.values()) {
            JsonField m = given.get(measure.name().toLowerCase(java.util.Locale.ROOT));
            if (m.isPresent()) {
                measures.put(
                        measure,
                        new Wearer.Taken(
                                Length.ofMm(m.get("mm").number()),
                                m.get("typed").text(""),
                                m.get("origin").word(Origin.class)));
            }
        }
        JsonField ease = f.get("ease").required();
        return f.refusingHere(() -> new Aim(
                f.get("garment").word(Garment.class, Garment.DUNGAREES),
                f.get("what").text("dungarees"),
                new Wearer(f.get("wearer").name(), measures),
                new DungareesEase(
                        ease.get("hipMm").number(),
                        ease.get("aboveFloorMm").number(),
                        ease.get("seamMm").number(),
                        ease.get("hemMm").number()),
                f.get("unit").word(LengthUnit.class)));
    }

    static ObjectNode write(Aim aim) {
        ObjectNode node = FitProblemJson.JSON.createObjectNode();
        node.put("garment", Words.of(aim.garment())).put("what", aim.what());
        node.put("wearer", aim.wearer().name()).put("unit", Words.of(aim.unit()));
        ObjectNode measures = node.putObject("measures");
        for (BodyMeasure measure : BodyMeasure.values()) {
            Wearer.Taken taken =
                    java.util.Objects.requireNonNull(aim.wearer().measures().get(measure));
            measures.putObject(Words.of(measure))
                    .put("mm", taken.length().mm())
                    .put("typed", taken.typed())
                    .put("origin", Words.of(taken.origin()));
        }
        node.putObject("ease")
                .put("hipMm", aim.ease().hipEaseMm())
                .put("aboveFloorMm", aim.ease().aboveFloorMm())
                .put("seamMm", aim.ease().seamMm())
                .put("hemMm", aim.ease().hemMm());
        return node;
    }
}
