package org.handdown.reuse;

import org.handdown.assembly.Layer;
import org.handdown.source.Assessment;

/**
 * A finished edge, closure or small part worth keeping as it is.
 *
 * @param hold how far it is off already: three different geometries
 * @param minutesOff to take it off whole; 0 for one that stays on its panel
 * @param oneWay its cloth may not be turned round
 * @param condition a broken one is never used, a worn one only where nothing sound serves
 * @param thing what it is: an edge with a rib on it and the rib taken off are one thing, and can live on as one of them only
 */
public record Keeper(
        String id,
        String name,
        KeeperKind kind,
        Place place,
        Extent extent,
        Buttons buttons,
        Hold hold,
        double minutesOff,
        boolean oneWay,
        Assessment.Condition condition,
        String thing) {
    /**
     * Where it is.
     *
     * @param layer outer cloth or lining
     * @param part it lies on, or is
     * @param edge of that part; empty where the part itself is the keeper
     * @param side of an edge on which its cloth lies
     */
    public record Place(Layer layer, String part, String edge, Side side) {}

    /**
     * How large it is.
     *
     * @param lengthMm of the edge it finishes, or its own relaxed
     * @param restMm its own relaxed length; shorter than the edge where a rib draws it in
     * @param stretch how far it may be stretched in wear, as a share of its length; 0 where it was not tested
     * @param depthMm of the hem, band or rib
     * @param bowMm how far the edge bows out between its ends, positive outwards; 0 for a straight one
     * @param crossingMm how thick it is where a new seam crosses it
     */
    public record Extent(
            double lengthMm, double restMm, double stretch, double depthMm, double bowMm, double crossingMm) {
        private Extent longMm(double length, double rest) {
            return new Extent(length, rest, stretch, depthMm, bowMm, crossingMm);
        }
    }

    /**
     * The buttons of a row.
     *
     * @param lapMm from the line of buttons to the edge
     */
    public record Buttons(int count, double diameterMm, double lapMm) {
        static final Buttons NONE = new Buttons(0, 0, 0);
    }

    /** A sound one, straight and at rest as long as it lies, that stays on its panel; a thing of its own. */
    public static Keeper of(String id, String name, KeeperKind kind, double lengthMm, double depthMm) {
        return new Keeper(
                id,
                name,
                kind,
                new Place(Layer.SHELL, "", "", Side.NONE),
                new Extent(lengthMm, lengthMm, 0, depthMm, 0, 0),
                Buttons.NONE,
                Hold.ATTACHED,
                0,
                false,
                Assessment.Condition.SOUND,
                id);
    }

    /**
     * The same, of a garment beside the first.
     *
     * @param prefix begins the ids of what comes of that garment
     */
    public Keeper from(String prefix, String garment) {
        return new Keeper(
                prefix + id,
                name + ", " + garment,
                kind,
                new Place(place.layer, place.part.isEmpty() ? "" : prefix + place.part, place.edge, place.side),
                extent,
                buttons,
                hold,
                minutesOff,
                oneWay,
                condition,
                prefix + thing);
    }

    public Keeper at(Layer layer, String part, String edge) {
        return placed(new Place(layer, part, edge, place.side));
    }

    public Keeper clothOn(Side side) {
        return placed(new Place(place.layer, place.part, place.edge, side));
    }

    private Keeper placed(Place other) {
        return new Keeper(id, name, kind, other, extent, buttons, hold, minutesOff, oneWay, condition, thing);
    }

    /** A rib or elastic: its length at rest, and how far it gives. */
    public Keeper restingAt(double restMm, double stretch) {
        return sized(new Extent(extent.lengthMm, restMm, stretch, extent.depthMm, extent.bowMm, extent.crossingMm));
    }

    public Keeper bowedOut(double bowMm) {
        return sized(
                new Extent(extent.lengthMm, extent.restMm, extent.stretch, extent.depthMm, bowMm, extent.crossingMm));
    }

    /** @param crossingMm how thick it is where a new seam crosses it */
    public Keeper thick(double crossingMm) {
        return sized(
                new Extent(extent.lengthMm, extent.restMm, extent.stretch, extent.depthMm, extent.bowMm, crossingMm));
    }

    private Keeper sized(Extent other) {
        return new Keeper(id, name, kind, place, other, buttons, hold, minutesOff, oneWay, condition, thing);
    }

    public Keeper with(Buttons other) {
        return new Keeper(id, name, kind, place, extent, other, hold, minutesOff, oneWay, condition, thing);
    }

    /** @param minutes to take it off whole; 0 for one that stays on its panel */
    public Keeper held(Hold by, double minutes) {
        return new Keeper(id, name, kind, place, extent, buttons, by, minutes, oneWay, condition, thing);
    }

    public Keeper oneWay(boolean only) {
        return new Keeper(id, name, kind, place, extent, buttons, hold, minutesOff, only, condition, thing);
    }

    public Keeper judged(Assessment.Condition other) {
        return new Keeper(id, name, kind, place, extent, buttons, hold, minutesOff, oneWay, other, thing);
    }

    /** Another way in which the same thing can live on. */
    public Keeper of(String other) {
        return new Keeper(id, name, kind, place, extent, buttons, hold, minutesOff, oneWay, condition, other);
    }

    /** The same edge as long as it was measured on its panel, cloth won beside it counted. */
    public Keeper measured(double mm) {
        return sized(extent.longMm(mm, extent.restMm == extent.lengthMm ? mm : extent.restMm));
    }

    public Layer layer() {
        return place.layer;
    }

    public String part() {
        return place.part;
    }

    public String edge() {
        return place.edge;
    }

    public Side side() {
        return place.side;
    }

    public double lengthMm() {
        return extent.lengthMm;
    }

    public double restMm() {
        return extent.restMm;
    }

    public double stretch() {
        return extent.stretch;
    }

    public double depthMm() {
        return extent.depthMm;
    }

    public double bowMm() {
        return extent.bowMm;
    }

    public double crossingMm() {
        return extent.crossingMm;
    }

    public int count() {
        return buttons.count;
    }

    public double diameterMm() {
        return buttons.diameterMm;
    }

    public double lapMm() {
        return buttons.lapMm;
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

    /** Longest it can be in wear. */
    public double stretchedMm() {
        return extent.restMm * (1 + extent.stretch);
    }
}
