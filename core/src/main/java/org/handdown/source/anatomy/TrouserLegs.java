package org.handdown.source.anatomy;

import java.util.List;
import org.handdown.geometry.Root;
import org.handdown.source.shape.LegShape;
import org.handdown.source.shape.LegShape.Station;

/**
 * The legs of trousers between their stitch lines. How the girths share out between front and back leg is common practice, no source; the
 * panel's own tape measures replace it. Left and right are the wearer's.
 */
public final class TrouserLegs {
    private TrouserLegs() {}

    public static final List<String> LEGS = List.of("front-left", "front-right", "back-left", "back-right");

    private static final double KNEE_SHARE = 0.53;

    private static final double SEAT_ABOVE_CROTCH = 0.33;

    private static final double BALANCE_MM = 60;

    /** Is it a leg of trousers, measured by its widths? */
    public static boolean isLeg(SourceKind kind, String part) {
        return (kind == SourceKind.TROUSERS || kind == SourceKind.JEANS) && LEGS.contains(part);
    }

    /** Does the side seam lie towards +x when the leg is seen from its right side? */
    public static boolean isSideRight(String leg) {
        return leg.equals("front-left") || leg.equals("back-right");
    }

    /** The leg between its stitch lines, side seam towards +x, its seams as long as those they are sewn to. */
    public static LegShape leg(TrouserMeasures m, boolean front) {
        LegShape shape = leg(m, true, m.insideLegMm(), m.outsideLegMm());
        if (front) {
            return shape;
        }
        double inside = shape.inseam().lengthMm();
        double outside = shape.side().lengthMm();
        double crotch = Root.of(
                m.insideLegMm() - BALANCE_MM,
                m.insideLegMm() + BALANCE_MM,
                y -> leg(m, false, y, m.outsideLegMm()).inseam().lengthMm() - inside);
        double waist = Root.of(
                m.outsideLegMm() - BALANCE_MM,
                m.outsideLegMm() + BALANCE_MM,
                y -> leg(m, false, crotch, y).side().lengthMm() - outside);
        return leg(m, false, crotch, waist);
    }

    private static LegShape leg(TrouserMeasures m, boolean front, double crotch, double top) {
        double share = front ? -1 : 1;
        double rise = m.outsideLegMm() - m.insideLegMm();
        double hem = m.hemMm() / 2 + share * 10;
        double knee = m.kneeMm() / 2 + share * 10;
        double thigh = m.thighMm() / 2 + share * 32;
        double seat = m.seatMm() / 4 + share * 10;
        double darts = front ? 0 : m.backDartMm();
        double waist = m.waistMm() / 4 + share * 6 + darts;
        double side = thigh / 2;
        return new LegShape(
                new Station(0, hem, hem / 2),
                new Station(KNEE_SHARE * m.insideLegMm(), knee, knee / 2),
                new Station(crotch, thigh, side),
                new Station(m.insideLegMm() + SEAT_ABOVE_CROTCH * rise, seat, side - 2),
                new Station(top, waist, front ? side - 25 : side - 26 + 0.6 * darts),
                front ? -15 : 28);
    }
}
