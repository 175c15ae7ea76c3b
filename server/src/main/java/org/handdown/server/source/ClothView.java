package org.handdown.server.source;

import java.util.List;
import org.handdown.pattern.PieceCloth;

/**
 * Something that the project is cut from or made with.
 *
 * @param mark its letter in the project; empty for the project's own source
 * @param cloth what its cloth is called; empty for what is none
 * @param colour as {@code #rrggbb}; empty for what is no cloth
 * @param roles what its cloth serves as
 * @param thing of the stash that it is, by its id there; empty for none
 * @param sentence how it stands
 * @param outline of flat cloth, [x, y] in mm, y up; empty for all else
 * @param stripes of flat cloth
 */
public record ClothView(
        String mark,
        Kind kind,
        String name,
        String cloth,
        String colour,
        List<PieceCloth> roles,
        String thing,
        String sentence,
        List<double[]> outline,
        List<SheetStripeView> stripes) {
    /** Stripes of flat cloth, as they were told. @param first from its left or lower end */
    public record SheetStripeView(boolean across, String period, String first, boolean matched) {}

    /** What sort of thing it is. */
    public enum Kind {
        SOURCE,
        SHEET,
        KEEPER
    }

    /** Two cloths that meet in seams, and what to heed there. */
    public record MeetingView(String one, String other, List<String> seams, List<String> sentences) {}

    /** A role that a cloth can serve, in words. */
    public record RoleView(PieceCloth role, String words, int pieces) {}
}
