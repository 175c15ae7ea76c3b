package org.handdown.formats.project;

import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.project.Aim;

/** What a project is aimed at and for whom, read without the rest of it. */
public final class Aims {
    private Aims() {}

    /** @param aim as it stands in a project file */
    public static Aim of(String aim) {
        return AimJson.read(JsonField.root(Json.parse(aim)));
    }
}
