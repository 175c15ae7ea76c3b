package org.handdown.reuse;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.panel.EdgeKind;
import org.handdown.panel.Panel;

/** A finished edge of a panel worth keeping as it is. */
public record Keeper(String panel, String edge, EdgeKind kind, double lengthMm, double depthMm) {
    /** Pressing, turning twice and topstitching a new hem, minutes a metre (common practice, no source). */
    private static final double NEW_HEM_MINUTES_PER_METRE = 12;
    /** What a saved minute is worth beside cloth when lays are compared, m². */
    private static final double WORTH_M2_PER_MINUTE = 0.001;

    public static List<Keeper> of(List<Panel> panels) {
        List<Keeper> keepers = new ArrayList<>();
        for (Panel panel : panels) {
            panel.edgeKinds().forEach((edge, kind) -> {
                var run = panel.outline().runs().get(edge);
                if (kind != EdgeKind.RAW && run != null) {
                    double length = Edge.lengthMm(panel.outline().ring().run(run.from(), run.to()));
                    keepers.add(new Keeper(panel.id(), edge, kind, length, panel.keptDepthMm()));
                }
            });
        }
        return keepers;
    }

    /** Minutes of hemming that an edge of this length saves when it lies on an old hem. */
    public static double minutesSaved(double lengthMm) {
        return lengthMm / 1000 * NEW_HEM_MINUTES_PER_METRE;
    }

    /** Bonus in the lay for an edge that lies on an old hem, m². */
    public static double bonusM2(double lengthMm) {
        return minutesSaved(lengthMm) * WORTH_M2_PER_MINUTE;
    }
}
