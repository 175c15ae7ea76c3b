package org.handdown.pattern;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A piece that was drawn elsewhere: what its line means is asked, its unit proved by one known distance, its grain turned upright.
 *
 * @param outline as it was found, in mm by the drawing's own unit
 * @param meaning of that line
 * @param allowanceMm outside the stitch line, on every edge
 * @param factor true length over drawn length of the known distance
 * @param turnDeg counter-clockwise, to bring the lengthwise grain upright
 */
public record Brought(
        String id, String name, Outline outline, Meaning meaning, double allowanceMm, double factor, double turnDeg) {
    private static final double LARGEST_MM = 5000;
    private static final double SMALLEST_MM = 5;

    /** What a line on a drawing stands for. */
    public enum Meaning {
        CUT,
        STITCH
    }

    public Brought {
        if (!(factor > 1e-4 && factor < 1e4)) {
            throw new RefusedValueException(
                    "brought.known", "The known distance makes no sense against the drawing; measure it again.");
        }
    }

    /** Cut once from the outer cloth; where the cut line came, the stitch line lies the allowance inside it. */
    public Piece piece() {
        double rad = Math.toRadians(turnDeg);
        double cos = StrictMath.cos(rad) * factor;
        double sin = StrictMath.sin(rad) * factor;
        List<Edge> turned = outline.edges().stream()
                .map(e -> e.map(p -> new Point(p.x() * cos - p.y() * sin, p.x() * sin + p.y() * cos)))
                .toList();
        Outline drawn = new Outline(turned);
        Outline stitch = meaning == Meaning.STITCH || allowanceMm == 0 ? drawn : inside(drawn);
        Ring ring = stitch.ring();
        if (!ring.isSimple() || ring.signedAreaMm2() <= 0) {
            throw new RefusedValueException("brought.outline", Wording.fill("The outline of %s crosses itself.", name));
        }
        double size = Math.max(ring.box().widthMm(), ring.box().heightMm());
        if (size > LARGEST_MM || size < SMALLEST_MM) {
            throw new RefusedValueException(
                    "brought.known",
                    Wording.fill("%s would be %.0f mm long; check the known distance and its unit.", name, size));
        }
        Map<String, Allowance> allowances = new HashMap<>();
        stitch.edges().forEach(e -> allowances.put(e.name(), new Allowance(allowanceMm, "as brought in")));
        return new Piece(
                id, name, stitch, allowances, 1, false, CutGrain.LENGTHWISE, true, Map.of(), List.of(), List.of());
    }

    private Outline inside(Outline drawn) {
        Region room = Region.of(drawn.ring()).grown(-allowanceMm);
        Outline.Flat flat = OffsetOutline.of(drawn, e -> -allowanceMm);
        if (room.isEmpty() || !flat.ring().isSimple() || flat.ring().signedAreaMm2() <= 0) {
            throw new RefusedValueException(
                    "brought.allowance",
                    Wording.fill(
                            "An allowance of %.0f mm is wider than half of %s; nothing would be left inside it.",
                            allowanceMm, name));
        }
        return flat.outline();
    }
}
