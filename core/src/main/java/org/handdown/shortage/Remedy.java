package org.handdown.shortage;

import org.handdown.project.Project;

/**
 * A change that lets a piece lie which had no place; tried, not guessed.
 *
 * @param words what is changed, lengths in mm
 * @param after the project with the change made and everything laid
 */
public record Remedy(Kind kind, String words, Project after) {
    /** In the order of how little the garment changes. */
    public enum Kind {
        REARRANGE("nothing changes"),
        HIDE_FLAW("the flaw comes to lie where nobody sees it"),
        TURN_GRAIN("inside the garment, so it does not show"),
        OTHER_CLOTH("inside the garment; match weight and wash"),
        OTHER_SOURCE("seen from outside: match weight, wash and colour"),
        STASH("brought out of the stash: match weight, wash and colour"),
        NARROWER("less to let out later"),
        SHORTER("the garment changes its length"),
        LEAVE_OUT("the garment loses it"),
        SMALLER("less room in wear"),
        PIECED("one seam more, allowances included");

        private final String cost;

        Kind(String cost) {
            this.cost = cost;
        }

        /** What it costs. */
        public String cost() {
            return cost;
        }
    }
}
