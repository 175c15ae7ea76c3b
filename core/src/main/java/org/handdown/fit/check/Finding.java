package org.handdown.fit.check;

import java.util.List;

/**
 * A broken rule: which, by which copies, where, by how much, in words a person at the table understands.
 *
 * @param copies the copies at fault, as {@code piece#copy}
 * @param byMm how far past the rule, mm (degrees for grain); 0 where no figure applies
 */
public record Finding(Rule rule, List<String> copies, String panel, String message, double byMm) {
    /** The rules of docs/formats/fit-format.md, and those of its optional fields (docs/formats/project.md). */
    public enum Rule {
        KNOWN,
        COPIES,
        CLOTH,
        GRAIN,
        HANDED,
        PANEL,
        MARGIN,
        HOLE,
        AVOID,
        HIDE,
        ANCHOR,
        OVERLAP,
        GAP,
        MATCH,
        MOTIF,
        PINNED
    }
}
