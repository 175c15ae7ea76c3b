package org.handdown.server.workings;

import java.util.List;
import org.handdown.alter.NewLines;
import org.handdown.alter.TakeIn;

public record TakeInView(List<ReadingView> readings, List<ChalkView> chalk) {
    /**
     * A place that is taken in or shortened.
     *
     * @param sentence what the figure means, to be accepted
     */
    public record ReadingView(
            TakeIn.Kind kind,
            String words,
            String where,
            String name,
            String partner,
            boolean partnerToo,
            List<PinchView> pinches,
            List<LevelView> levels,
            String shorter,
            String sentence,
            List<String> notes) {}

    /** @param at along the seam or up from the lower end; depth as it was pinned */
    public record PinchView(String at, String depth) {}

    /** @param in distance of the new line from the old, on each layer */
    public record LevelView(String at, String in, String before, String after) {}

    /** A line to chalk, in the frame of its part. */
    public record ChalkView(String part, NewLines.What what, List<double[]> points) {}
}
