package org.handdown.server.lay;

import java.util.Locale;

/** What a run in the background is for. */
enum RunKind {
    LAY,
    REMEDIES,
    LARGEST,
    LENGTH;

    String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
