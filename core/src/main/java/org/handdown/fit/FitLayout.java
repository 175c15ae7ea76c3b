package org.handdown.fit;

import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.jspecify.annotations.Nullable;

/** Where every copy lies, or why it lies nowhere, and what is left of the cloth. */
public record FitLayout(List<Placed> placements, List<Unplaced> unplaced, Measures measures, List<Remnant> remnants) {
    public FitLayout {
        placements = List.copyOf(placements);
        unplaced = List.copyOf(unplaced);
        remnants = List.copyOf(remnants);
    }

    /** A copy that lies nowhere, with the reason in words and figures. */
    public record Unplaced(String piece, int copy, String reason) {}

    /**
     * @param panelAreaM2 net of holes and avoid zones
     * @param lengthMm used length for the objective “shortest”, else null
     */
    public record Measures(
            double placedAreaM2,
            double panelAreaM2,
            double utilisation,
            @Nullable Double lengthMm,
            double seconds,
            long seed) {}

    /** Cloth left over, as a simple polygon in the panel frame. */
    public record Remnant(
            String panel, Ring outline, @Nullable GrainRectangle largestRectangle) {}

    /**
     * An empty rectangle along the grain: corner, turned about it by {@code rotationDeg}; width along its own x, height along its own
     * y and along the grain.
     */
    public record GrainRectangle(Point corner, double rotationDeg, double widthMm, double heightMm) {
        public double areaMm2() {
            return widthMm * heightMm;
        }
    }
}
