package org.handdown.server.pieces;

import java.util.List;
import org.handdown.source.Assessment;
import org.jspecify.annotations.Nullable;

/**
 * @param savedMinutes over all wants served
 * @param finish how new seams that show copy the old ones
 */
public record KeepView(List<KeeperView> keepers, List<WantView> wants, double savedMinutes, List<String> finish) {
    /** @param crossing what to do where a new seam crosses it, empty where any machine sews that */
    public record KeeperView(
            String id,
            String name,
            String kind,
            String part,
            String edge,
            String length,
            String stretched,
            String depth,
            String hold,
            int count,
            int layers,
            String finished,
            String crossing,
            boolean used,
            Assessment.Condition condition) {}

    /** @param refusals why other keepers do not serve, by keeper, the likeliest first */
    public record WantView(
            String id,
            String name,
            String role,
            boolean byHand,
            String length,
            @Nullable UseView use,
            List<String> refusals) {}

    public record UseView(List<String> keepers, double saves, double costs, List<String> notes) {}
}
