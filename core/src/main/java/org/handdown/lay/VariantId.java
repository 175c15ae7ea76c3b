package org.handdown.lay;

import org.handdown.measure.Wording;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Role;

/**
 * The name of a way to cut a piece: plain, or with an edge that lies on something finished.
 *
 * @param text as a lay tells it
 */
public record VariantId(String text) {
    private static final String KEPT = " kept";
    private static final String ON_OLD = " on an old edge";

    /** The way whose edge lies on something finished. */
    public static VariantId keeping(String edge, EdgeWish wish) {
        return new VariantId(wish.role() == Role.HEM ? "old " + edge + KEPT : Wording.spoken(edge) + ON_OLD);
    }

    /** Does an edge lie on something finished? */
    public boolean isKeeping() {
        return text.endsWith(KEPT) || text.endsWith(ON_OLD);
    }
}
