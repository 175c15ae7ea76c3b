package org.handdown.reuse;

import org.handdown.source.Assessment;
import org.handdown.source.graph.Layer;

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
 * @param thing what it is: an edge with a rib on it and the rib taken off are one thing, and can live on as one of them only
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
        Assessment.Condition condition,
        String thing) {
    /** A thing of its own. */
    public Keeper(
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
        this(
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
                condition,
                id);
    }

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
        return with(lengthMm, restMm, other, thing);
    }

    /** The same edge as long as it was measured on its panel, cloth won beside it counted. */
    public Keeper measured(double mm) {
        return with(mm, restMm == lengthMm ? mm : restMm, condition, thing);
    }

    Keeper of(String other) {
        return with(lengthMm, restMm, condition, other);
    }

    private Keeper with(double length, double rest, Assessment.Condition judged, String what) {
        return new Keeper(
                id,
                name,
                kind,
                layer,
                part,
                edge,
                length,
                rest,
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
                judged,
                what);
    }

    /** Longest it can be in wear. */
    public double stretchedMm() {
        return restMm * (1 + stretch);
    }
}
