package org.handdown.reuse;

import org.handdown.source.Assessment;
import org.handdown.source.Layer;

/**
 * A finished edge, closure or small part worth keeping as it is.
 *
 * @param part it lies on, or is
 * @param edge of that part; empty where the part itself is the keeper
 * @param layer outer cloth or lining
 * @param lengthMm of the edge it finishes, or its own relaxed
 * @param restMm its own relaxed length; shorter than the edge where a rib draws it in
 * @param stretch how far it may be stretched in wear, as a share of its length; 0 where it was not tested
 * @param depthMm of the hem, band or rib
 * @param bowMm how far the edge bows out between its ends, positive outwards; 0 for a straight one
 * @param hold how far it is off already: three different geometries
 * @param minutesOff to take it off whole; 0 for one that stays on its panel
 * @param count of buttons, 0 for anything else
 * @param diameterMm of a button
 * @param lapMm from the line of buttons to the edge
 * @param side of an edge on which its cloth lies
 * @param crossingMm how thick it is where a new seam crosses it
 * @param oneWay its cloth may not be turned round
 * @param condition a broken one is never used, a worn one only where nothing sound serves
 */
public record Keeper(
        String id,
        String name,
        KeeperKind kind,
        Layer layer,
        String part,
        String edge,
        double lengthMm,
        double restMm,
        double stretch,
        double depthMm,
        double bowMm,
        Hold hold,
        double minutesOff,
        int count,
        double diameterMm,
        double lapMm,
        Side side,
        double crossingMm,
        boolean oneWay,
        Assessment.Condition condition) {
    /** Attached keepers fix where a piece lies; detached ones go anywhere. */
    public enum Hold {
        ATTACHED("stays on its panel"),
        HALF("half off: still held on one side"),
        DETACHED("comes off whole");

        private final String words;

        Hold(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    Keeper judged(Assessment.Condition other) {
        return new Keeper(
                id,
                name,
                kind,
                layer,
                part,
                edge,
                lengthMm,
                restMm,
                stretch,
                depthMm,
                bowMm,
                hold,
                minutesOff,
                count,
                diameterMm,
                lapMm,
                side,
                crossingMm,
                oneWay,
                other);
    }

    /** Longest it can be in wear. */
    public double stretchedMm() {
        return restMm * (1 + stretch);
    }
}
