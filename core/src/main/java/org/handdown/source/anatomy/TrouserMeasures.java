package org.handdown.source.anatomy;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.Length;
import org.handdown.measure.Range;

/**
 * A pair of trousers or jeans by the tape, closed and lying flat; girths are whole, not halves. All in mm.
 *
 * @param given what was measured and chosen
 */
public record TrouserMeasures(GarmentMeasures given) {

    private static final double FLY_MM = 170;

    static final int RIVETS = 0;

    static final int JETTED = 0;

    static final int PATCH = 1;

    static final int RIGHT_OVER = 1;

    static final int NONE = 2;

    private static List<MeasureSpec> common(double hem, MeasureSpec... own) {
        List<MeasureSpec> all = new ArrayList<>(List.of(
                MeasureSpec.girth("waist", "waist, along the seam under the band", 300, 2000, 840),
                MeasureSpec.girth("seat", "seat girth", 400, 2400, 1040),
                MeasureSpec.girth("thigh", "thigh girth, at the crotch", 200, 1300, 670),
                MeasureSpec.girth("knee", "knee girth", 150, 1000, 460),
                MeasureSpec.girth("hem", "hem girth", 120, 1000, 420),
                MeasureSpec.length("insideLeg", "inside leg", 150, 1100, 780),
                MeasureSpec.length("outsideLeg", "outside leg, without the band", 230, 1600, 1030),
                MeasureSpec.depth("waistband", "depth of the waistband", 10, 120, 38),
                MeasureSpec.depth("hemDepth", "depth of the hem", 0, 120, hem),
                MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 12)));
        all.addAll(List.of(own));
        return List.copyOf(all);
    }

    private static MeasureSpec pocketChoice() {
        return MeasureSpec.choice("backPockets", "back pockets", "jetted", "patch", "none")
                .since(PATCH);
    }

    private static MeasureSpec flyChoice() {
        return MeasureSpec.choice("fly", "the fly closes", "left over right", "right over left")
                .since(0);
    }

    static final List<MeasureSpec> MEASURES = common(
            35,
            MeasureSpec.count("backDarts", "darts in both backs together", 0, 4, 2)
                    .since(0),
            MeasureSpec.depth("dartDepth", "folded depth of one dart", 0, 40, 10)
                    .since(0),
            pocketChoice(),
            flyChoice(),
            MeasureSpec.detail());

    static final List<MeasureSpec> JEANS_MEASURES = common(
            12,
            MeasureSpec.depth("yoke", "depth of the back yoke at the seat seam, 0 without one", 0, 160, 75)
                    .since(0),
            pocketChoice().first(PATCH),
            flyChoice(),
            MeasureSpec.choice("rivets", "its front pockets have", "rivets", "no rivets")
                    .since(1),
            MeasureSpec.detail());

    public TrouserMeasures {
        new Range(given.mm("insideLeg") + 80, given.mm("insideLeg") + 500)
                .require("source.outsideLeg", Length.ofMm(given.mm("outsideLeg")));
    }

    public static TrouserMeasures of(GarmentMeasures given) {
        return new TrouserMeasures(given);
    }

    boolean isJeans() {
        return given.kind() == SourceKind.JEANS;
    }

    /** Drawn with every part, not the main ones alone? */
    boolean isWhole() {
        return MeasureSpec.isWhole(given);
    }

    public double waistMm() {
        return given.mm("waist");
    }

    public double seatMm() {
        return given.mm("seat");
    }

    double thighMm() {
        return given.mm("thigh");
    }

    double kneeMm() {
        return given.mm("knee");
    }

    double hemMm() {
        return given.mm("hem");
    }

    /** Along the inseam, hem to crotch. */
    public double insideLegMm() {
        return given.mm("insideLeg");
    }

    /** Along the side, hem to the waistband's lower edge. */
    public double outsideLegMm() {
        return given.mm("outsideLeg");
    }

    double waistbandMm() {
        return given.mm("waistband");
    }

    /** The band, with what one end laps under the other. */
    double bandMm() {
        return waistMm() + 40;
    }

    double hemDepthMm() {
        return given.mm("hemDepth");
    }

    double allowanceMm() {
        return given.mm("allowance");
    }

    /** What the darts of one back take up of its waist. */
    double backDartMm() {
        return isJeans() ? 0 : 2 * (given.count("backDarts") / 2) * given.mm("dartDepth");
    }

    /** At the seat seam. */
    double yokeMm() {
        return isJeans() ? given.mm("yoke") : 0;
    }

    int pockets() {
        return given.count("backPockets");
    }

    /** The front that laps over at the fly. */
    String over() {
        return given.is("fly", RIGHT_OVER) ? "right" : "left";
    }

    String under() {
        return given.is("fly", RIGHT_OVER) ? "left" : "right";
    }

    /** Small garments have small pockets. */
    double scaled(double mm) {
        return mm * Math.min(1, seatMm() / 1000);
    }

    double flyMm() {
        return scaled(FLY_MM);
    }

    int loops() {
        return isJeans() ? 5 : 7;
    }
}
