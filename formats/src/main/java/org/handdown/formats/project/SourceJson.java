package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.formats.JsonField;
import org.handdown.formats.fit.FitProblemJson;
import org.handdown.project.TrouserSource;
import org.handdown.source.TrouserMeasures;

/** The source and its cloth as JSON. */
final class SourceJson {
    private SourceJson() {}

    static TrouserSource read(JsonField f) {
        return f.refusingHere(() -> new TrouserSource(
                f.get("name").name(),
                f.get("what").text(""),
                f.get("condition").text(""),
                f.get("care").text(""),
                f.get("cost").text(""),
                cloth(f.get("cloth").required()),
                measures(f.get("measures").required())));
    }

    static Cloth cloth(JsonField f) {
        return new Cloth(
                f.get("name").name(),
                f.get("fibre").text(""),
                f.get("weave").word(Weave.class),
                f.get("colour").text(),
                f.get("oneWay").flag(false),
                f.get("reversible").flag(false),
                f.get("thicknessMm").number(),
                f.get("heat").word(HeatLimit.class));
    }

    static TrouserMeasures measures(JsonField f) {
        return new TrouserMeasures(
                f.get("waistMm").number(),
                f.get("seatMm").number(),
                f.get("thighMm").number(),
                f.get("kneeMm").number(),
                f.get("hemMm").number(),
                f.get("insideLegMm").number(),
                f.get("outsideLegMm").number(),
                f.get("waistbandMm").number(),
                f.get("hemDepthMm").number(),
                f.get("allowanceMm").number());
    }

    static ObjectNode write(TrouserSource source) {
        ObjectNode node = FitProblemJson.JSON.createObjectNode();
        node.put("kind", "trousers").put("name", source.name()).put("what", source.what());
        node.put("condition", source.condition()).put("care", source.care()).put("cost", source.cost());
        node.set("cloth", write(source.cloth()));
        node.set("measures", write(source.measures()));
        return node;
    }

    static ObjectNode write(Cloth cloth) {
        return FitProblemJson.JSON
                .createObjectNode()
                .put("name", cloth.name())
                .put("fibre", cloth.fibre())
                .put("weave", Words.of(cloth.weave()))
                .put("colour", cloth.colour())
                .put("oneWay", cloth.oneWay())
                .put("reversible", cloth.reversible())
                .put("thicknessMm", cloth.thicknessMm())
                .put("heat", Words.of(cloth.heat()));
    }

    static ObjectNode write(TrouserMeasures m) {
        return FitProblemJson.JSON
                .createObjectNode()
                .put("waistMm", m.waistMm())
                .put("seatMm", m.seatMm())
                .put("thighMm", m.thighMm())
                .put("kneeMm", m.kneeMm())
                .put("hemMm", m.hemMm())
                .put("insideLegMm", m.insideLegMm())
                .put("outsideLegMm", m.outsideLegMm())
                .put("waistbandMm", m.waistbandMm())
                .put("hemDepthMm", m.hemDepthMm())
                .put("allowanceMm", m.allowanceMm());
    }
}
