package org.handdown.alter.stack;

import java.util.List;
import org.handdown.assembly.Assembly;
import org.handdown.geometry.Point;

/**
 * What an alteration does to a garment.
 *
 * @param opens stitches to unpick
 * @param cuts in the frames of the components before it
 * @param offs what comes off, each hanging together
 * @param sews stitches to sew
 * @param adds what is to be cut from cloth
 * @param says what to know, in sentences, lengths in mm
 * @param asks what nobody can compute: to be tried or looked at before the cut
 */
public record Effect(
        GarmentNow after,
        List<Opened> opens,
        List<CutLine> cuts,
        List<Off> offs,
        List<Sewn> sews,
        List<ToCut> adds,
        List<String> says,
        List<String> asks) {
    public Effect {
        opens = List.copyOf(opens);
        cuts = List.copyOf(cuts);
        offs = List.copyOf(offs);
        sews = List.copyOf(sews);
        adds = List.copyOf(adds);
        says = List.copyOf(says);
        asks = List.copyOf(asks);
    }

    /** @param mm of it that is opened */
    public record Opened(String join, String name, double mm) {}

    /**
     * @param frame the component whose frame the line is drawn in
     * @param folded where nothing is cut: the cloth is folded there
     */
    public record CutLine(String component, String frame, List<Point> line, boolean folded) {
        public CutLine {
            line = List.copyOf(line);
        }

        public double mm() {
            return org.handdown.geometry.Edge.lengthMm(line);
        }
    }

    /** @param whole its components hang together as they did, with their edges */
    public record Off(String id, String name, Assembly whole) {}

    /** @param easeMm by which its second side is longer; negative where it is stretched */
    public record Sewn(String join, String name, double mm, double easeMm) {}
}
