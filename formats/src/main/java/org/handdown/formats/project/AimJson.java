package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.measure.LengthUnit;
import org.handdown.project.Aim;
import org.handdown.project.Garment;

/** What to make and for whom, as JSON. */
final class AimJson {
    /** Files written before drafts had names say so in the garment. */
    private static final String ONLY_DRAFT = "dungarees";

    private static final String BY_HAND = "by_hand";

    private AimJson() {}

    static Aim read(JsonField f) {
        String garment = f.get("garment").text(ONLY_DRAFT);
        boolean before = garment.equals(ONLY_DRAFT) || garment.equals(BY_HAND);
        return f.refusingHere(() -> new Aim(
                before ? Garment.CUT_OUT : f.get("garment").word(Garment.class),
                garment.equals(ONLY_DRAFT) ? ONLY_DRAFT : f.get("draft").text(""),
                f.get("what").text(ONLY_DRAFT),
                WearerJson.read(f),
                f.get("unit").word(LengthUnit.class)));
    }

    static ObjectNode write(Aim aim) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        node.put("garment", Words.of(aim.garment()));
        if (!aim.draft().isEmpty()) {
            node.put("draft", aim.draft());
        }
        node.put("what", aim.what()).put("unit", Words.of(aim.unit()));
        WearerJson.write(node, aim.wearer());
        return node;
    }
}
