package org.handdown.server.aim;

import java.util.List;
import org.handdown.measure.Origin;
import org.handdown.project.Garment;

/**
 * @param settled false while these are only proposals
 * @param measures that are asked for, in order
 */
public record AimView(
        boolean settled,
        Garment garment,
        boolean cutOut,
        String draft,
        String what,
        String wearer,
        List<MeasureView> measures) {
    /**
     * @param alone how to take it by oneself; may be empty
     * @param also the same in the household's unit where it was typed in another system
     * @param proposed what the height suggests, and the girths that were taken
     * @param proposedBy what its proposal goes by, in words
     * @param again the second reading as it was written; empty without one
     * @param differs whether both readings differ by more than a tape may
     * @param grows how it changed since earlier readings; empty where nothing is known
     */
    public record MeasureView(
            String id,
            String words,
            String landmark,
            String alone,
            String text,
            String also,
            double mm,
            Origin origin,
            String proposed,
            String proposedBy,
            String again,
            boolean differs,
            String on,
            String tolerance,
            String grows) {}
}
