package org.handdown.server.project;

import java.util.List;
import org.handdown.geometry.Ring;
import org.handdown.project.Glance;
import org.handdown.project.Station;
import org.jspecify.annotations.Nullable;

/**
 * A project among others, as it is kept and as the page wants it. Points are [x, y] in whole mm, y up, each sheet in a frame of its own.
 *
 * @param settled how many of the stations that count are settled
 * @param next where to go on; null once everything is made
 * @param sentence what is to be done there, in the project's unit
 */
public record GlanceView(
        Glance.Shows shows,
        List<SheetAtAGlance> panels,
        List<PieceAtAGlance> placed,
        int settled,
        int stations,
        @Nullable Station next,
        String sentence) {
    /** @param colour as {@code #rrggbb}; empty where nothing is known of it */
    public record SheetAtAGlance(String id, List<int[]> outline, String colour) {}

    /** @param panel that it lies on */
    public record PieceAtAGlance(String panel, List<int[]> ring) {}

    static GlanceView of(StoredProject stored) {
        Glance glance = Glance.of(stored.project(), stored.room());
        return new GlanceView(
                glance.shows(),
                glance.sheets().stream()
                        .map(s -> new SheetAtAGlance(s.id(), points(s.outline()), s.colour()))
                        .toList(),
                glance.lying().stream()
                        .map(l -> new PieceAtAGlance(l.sheet(), points(l.outline())))
                        .toList(),
                glance.settled(),
                Station.values().length - 1,
                glance.next().orElse(null),
                Say.to(stored.project()).sentence(glance.sentence()));
    }

    private static List<int[]> points(Ring ring) {
        return ring.points().stream()
                .map(p -> new int[] {(int) Math.rint(p.x()), (int) Math.rint(p.y())})
                .toList();
    }
}
