package org.handdown.reuse;

/** What must be done where a keeper is cut through (handbook of the trade §6; common practice, no source). */
final class CutThrough {
    private CutThrough() {}

    static String note(KeeperKind kind) {
        return switch (kind) {
            case HEM -> "Re-tack the hem where its ends are cut.";
            case ZIP -> "Sew a new stop before cutting the zip.";
            case PLACKET -> "Re-tack the cut end, it is strained; no button closer than its own width to the cut.";
            case RIB -> "Catch the loops of the rib before cutting through it.";
            case FRINGE -> "Knot the last strands where it is cut.";
            case BINDING -> "Turn the cut end of the binding in and tack it down.";
            case WAISTBAND -> "Close the cut end of the band; a belt loop may have to move.";
            default -> "Secure the cut end.";
        };
    }
}
