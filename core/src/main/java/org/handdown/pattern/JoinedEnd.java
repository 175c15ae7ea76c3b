package org.handdown.pattern;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;

/**
 * Where two edges that are sewn together end, the lines beside them meet: once the seam is sewn they run on into each other, or they turn a
 * corner there, a peak or a dip that no one wants in a neckline, an armhole or a hem.
 *
 * @param one and other: the lines that meet, each as its piece and edge
 * @param kinkDeg both angles inside the pieces less a straight line; above 0 a dip, below 0 a peak
 */
public record JoinedEnd(DesignSeam seam, DesignSeam.Side one, DesignSeam.Side other, double kinkDeg) {
    private record Corner(DesignSeam.Side beside, double insideDeg) {}

    /**
     * Both ends of every seam of one edge onto one edge that neither gathers nor stretches; not where the seam itself ends in a tip or goes on
     * as another seam, nor of a layer that is turned to the inside, whose edges lie on their own.
     */
    public static List<JoinedEnd> of(Design design) {
        List<JoinedEnd> ends = new ArrayList<>();
        for (DesignSeam seam : design.seams()) {
            if (isPlain(seam)
                    && !isLayer(seam)
                    && !isDoubled(design, seam)
                    && seam.copies() != DesignSeam.Copies.ALIKE) {
                of(design, seam).stream()
                        .filter(e -> design.seams().stream().noneMatch(s -> e.isSewnBy(s)))
                        .forEach(ends::add);
            }
        }
        return ends;
    }

    private static boolean isPlain(DesignSeam seam) {
        return seam.one().size() == 1 && seam.other().size() == 1 && seam.leastRatio() == 1 && seam.mostRatio() == 1;
    }

    /** Two layers of one piece, turned along the seam: their lines end in a fold. */
    private static boolean isDoubled(Design design, DesignSeam seam) {
        DesignSeam.Side one = seam.one().get(0);
        return isAt(one, seam.other().get(0)) && !design.piece(one.piece()).pair();
    }

    private static boolean isLayer(DesignSeam seam) {
        return seam.copies() == DesignSeam.Copies.BEHIND
                || seam.other().get(0).piece().matches(".*-(facing|lining|interfacing)");
    }

    /** Are the lines that meet here sewn to each other? */
    private boolean isSewnBy(DesignSeam other) {
        return other.one().stream().anyMatch(s -> isAt(s, one))
                        && other.other().stream().anyMatch(s -> isAt(s, this.other))
                || other.one().stream().anyMatch(s -> isAt(s, this.other))
                        && other.other().stream().anyMatch(s -> isAt(s, one));
    }

    private static boolean isAt(DesignSeam.Side side, DesignSeam.Side line) {
        return side.piece().equals(line.piece()) && side.edge().equals(line.edge());
    }

    private static List<JoinedEnd> of(Design design, DesignSeam seam) {
        DesignSeam.Side one = seam.one().get(0);
        DesignSeam.Side other = seam.other().get(0);
        Corner start = corner(design, one, false);
        Corner end = corner(design, one, true);
        Corner first = corner(design, other, false);
        Corner last = corner(design, other, true);
        // Halves are drawn on one side of the body only: which end meets which shows in how they run on.
        List<JoinedEnd> against = List.of(joined(seam, start, last), joined(seam, end, first));
        List<JoinedEnd> along = List.of(joined(seam, start, first), joined(seam, end, last));
        int better = likes(against) - likes(along);
        return better > 0 || better == 0 && turning(against) <= turning(along) ? against : along;
    }

    /** Ends at which lines of one name meet: a hem meets a hem. */
    private static int likes(List<JoinedEnd> ends) {
        return (int) ends.stream()
                .filter(e -> stem(e.one.edge()).equals(stem(e.other.edge())))
                .count();
    }

    private static String stem(String edge) {
        return edge.replaceAll("[ -]?(left|right|front|back)$", "");
    }

    private static double turning(List<JoinedEnd> ends) {
        return ends.stream().mapToDouble(e -> Math.abs(e.kinkDeg)).sum();
    }

    private static JoinedEnd joined(DesignSeam seam, Corner a, Corner b) {
        return new JoinedEnd(seam, a.beside, b.beside, a.insideDeg + b.insideDeg - 180);
    }

    private static Corner corner(Design design, DesignSeam.Side side, boolean atEnd) {
        Outline line = design.piece(side.piece()).stitchLine();
        List<Edge> edges = line.edges();
        int i = edges.indexOf(line.edge(side.edge()));
        Edge beside = edges.get(Math.floorMod(atEnd ? i + 1 : i - 1, edges.size()));
        Edge before = atEnd ? edges.get(i) : beside;
        Edge after = atEnd ? beside : edges.get(i);
        Point in = before.reversed().segments().get(0).leaving().times(-1);
        Point out = after.segments().get(0).leaving();
        double turn = Math.toDegrees(Math.atan2(in.cross(out), in.dot(out)));
        return new Corner(new DesignSeam.Side(side.piece(), beside.name(), 1), 180 - turn);
    }
}
