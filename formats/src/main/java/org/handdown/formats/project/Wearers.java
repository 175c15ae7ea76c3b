package org.handdown.formats.project;

import org.handdown.body.Wearer;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;

/** For whom a project is, read off its aim alone. */
public final class Wearers {
    private Wearers() {}

    /** @param aim as it stands in a project file */
    public static Wearer of(String aim) {
        return AimJson.read(JsonField.root(Json.parse(aim))).wearer();
    }
}
