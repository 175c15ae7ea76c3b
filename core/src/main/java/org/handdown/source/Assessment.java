package org.handdown.source;

import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.jspecify.annotations.Nullable;

/**
 * What a household thinks of a source: how much it would be missed, by when the new thing is wanted, and how sound its keepers are.
 *
 * @param wantedBy null without a date
 * @param conditions of keepers that are not sound, by keeper id
 * @param measured how its measures were come by, which says how far to trust them
 */
public record Assessment(
        Missed missed,
        @Nullable LocalDate wantedBy,
        Map<String, Condition> conditions,
        Origin measured,
        Set<String> proposed) {
    public Assessment(Missed missed, @Nullable LocalDate wantedBy, Map<String, Condition> conditions, Origin measured) {
        this(missed, wantedBy, conditions, measured, Set.of());
    }

    public static final Assessment NONE = new Assessment(Missed.SOME, null, Map.of(), Origin.TAPE);

    private static final int MOST = 200;

    /** How much it would be missed if the work went wrong. */
    public enum Missed {
        LITTLE("hardly missed"),
        SOME("missed a little"),
        DEARLY("a treasure");

        private final String words;

        Missed(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How sound a finished edge, closure or small part is. */
    public enum Condition {
        SOUND("sound"),
        WORN("worn: good where it shows little"),
        BROKEN("broken: not to be kept");

        private final String words;

        Condition(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Assessment {
        conditions = Map.copyOf(conditions);
        proposed = Set.copyOf(proposed);
        if (conditions.keySet().stream().anyMatch(k -> k.length() > 200 || k.indexOf('\0') >= 0)) {
            throw new RefusedValueException("source.conditions", "names a keeper that no source can have.");
        }
        if (conditions.size() > MOST) {
            throw new RefusedValueException("source.conditions", "200 keepers at most can be judged.");
        }
    }

    /** How far a measure of it may be off, mm: an average one's figures say little of this one. */
    public double toleranceMm(Practice practice) {
        return practice.toleranceMm(proposed.isEmpty() ? measured : Origin.PROPOSED);
    }

    public Assessment proposing(Set<String> others) {
        return new Assessment(missed, wantedBy, conditions, measured, others);
    }

    public Assessment missed(Missed other) {
        return new Assessment(other, wantedBy, conditions, measured, proposed);
    }

    public Condition condition(String keeper) {
        return conditions.getOrDefault(keeper, Condition.SOUND);
    }
}
