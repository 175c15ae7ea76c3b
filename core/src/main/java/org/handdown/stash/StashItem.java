package org.handdown.stash;

import org.handdown.measure.RefusedValueException;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.source.StashedSource;

/**
 * A thing in a stash with what the household knows of it.
 *
 * @param descent from which source and through which project it came; empty for what was brought in
 */
public record StashItem(StashThing thing, Tag tag, String descent) {
    private static final int LONGEST_DESCENT = 300;

    /**
     * @param place where it lies: box, shelf, bag
     * @param washed washed and dried since it came
     * @param note what it may become, and whatever else
     * @param missed how much it would be missed if the work went wrong
     */
    public record Tag(String place, boolean washed, String note, String cost, Assessment.Missed missed) {
        public static final Tag NONE = new Tag("", false, "", "", Assessment.Missed.SOME);
        private static final int LONGEST_PLACE = 80;

        public Tag {
            if (place.length() > LONGEST_PLACE) {
                throw new RefusedValueException("thing.place", "takes 80 characters at most.");
            }
        }
    }

    /** A garment tells its own cost, its idea and how it would be missed; the tag repeats them. */
    public StashItem {
        if (descent.length() > LONGEST_DESCENT) {
            descent = descent.substring(0, LONGEST_DESCENT);
        }
        if (thing instanceof StashThing.Garment g) {
            Source s = g.source();
            tag = new Tag(
                    tag.place,
                    tag.washed,
                    g.stashed().idea(),
                    s.cost(),
                    s.assessment().missed());
        }
    }

    /** With another tag; of a garment, what the tag says goes into the garment. */
    public StashItem tagged(Tag other) {
        if (thing instanceof StashThing.Garment g) {
            Source s = g.source();
            Source told = new Source(
                    s.name(),
                    s.what(),
                    s.condition(),
                    s.care(),
                    other.cost,
                    s.cloth(),
                    s.construction(),
                    s.faults(),
                    s.assessment().missed(other.missed));
            return new StashItem(new StashThing.Garment(new StashedSource(told, other.note)), other, descent);
        }
        return new StashItem(thing, other, descent);
    }

    public static StashItem of(StashThing thing) {
        return new StashItem(thing, Tag.NONE, "");
    }
}
