package org.handdown.source.anatomy;

import org.handdown.measure.Length;
import org.handdown.measure.Range;

/**
 * A pair of trousers by the tape, closed and lying flat; girths are whole, not halves. All in mm.
 *
 * @param insideLegMm along the inseam, hem to crotch
 * @param outsideLegMm along the side, hem to the waistband's lower edge
 * @param backDartMm what the darts of one back take up of its waist
 */
public record TrouserMeasures(
        double waistMm,
        double seatMm,
        double thighMm,
        double kneeMm,
        double hemMm,
        double insideLegMm,
        double outsideLegMm,
        double waistbandMm,
        double hemDepthMm,
        double allowanceMm,
        double backDartMm) {
    private static final double DEEPEST_HEM_MM = 120;

    public TrouserMeasures {
        require("source.waist", waistMm, 300, 2000);
        require("source.seat", seatMm, 400, 2400);
        require("source.thigh", thighMm, 200, 1300);
        require("source.knee", kneeMm, 150, 1000);
        require("source.hem", hemMm, 120, 1000);
        require("source.insideLeg", insideLegMm, 150, 1100);
        require("source.outsideLeg", outsideLegMm, insideLegMm + 80, insideLegMm + 500);
        require("source.waistband", waistbandMm, 10, 120);
        require("source.hemDepth", hemDepthMm, 0, DEEPEST_HEM_MM);
        require("source.allowance", allowanceMm, 0, 40);
    }

    public static TrouserMeasures of(GarmentMeasures m) {
        return new TrouserMeasures(
                m.mm("waist"),
                m.mm("seat"),
                m.mm("thigh"),
                m.mm("knee"),
                m.mm("hem"),
                m.mm("insideLeg"),
                m.mm("outsideLeg"),
                m.mm("waistband"),
                m.mm("hemDepth"),
                m.mm("allowance"),
                m.kind() == SourceKind.JEANS ? 0 : 2 * (m.count("backDarts") / 2) * m.mm("dartDepth"));
    }

    /** Without darts. */
    public TrouserMeasures(
            double waistMm,
            double seatMm,
            double thighMm,
            double kneeMm,
            double hemMm,
            double insideLegMm,
            double outsideLegMm,
            double waistbandMm,
            double hemDepthMm,
            double allowanceMm) {
        this(
                waistMm,
                seatMm,
                thighMm,
                kneeMm,
                hemMm,
                insideLegMm,
                outsideLegMm,
                waistbandMm,
                hemDepthMm,
                allowanceMm,
                0);
    }

    private static void require(String field, double mm, double least, double most) {
        new Range(least, most).require(field, Length.ofMm(mm));
    }
}
