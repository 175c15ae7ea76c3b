package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.geometry.Segment;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Symmetry;

/** Trims both halves of a piece to the smaller one. Each bit of the new line keeps the name of the edge it lies nearest to. */
public record TrueUp(String name, String piece) implements Change {
    public TrueUp {
        Change.requireName(name);
    }

    @Override
    public String words() {
        return Wording.fill("both halves of the %s trimmed to the smaller", Wording.spoken(piece));
    }

    @Override
    public Design on(Design design) {
        Piece old = Change.piece(design, piece);
        Symmetry symmetry = Symmetry.of(old);
        return symmetry.isAlike() ? design : design.with(piece, p -> Change.whole(trued(p, symmetry.common())));
    }

    private static Piece trued(Piece old, Ring ring) {
        int n = ring.size();
        List<String> names = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            names.add(nearest(
                    old, ring.at(i).between(ring.at(i + 1), 0.5), ring.at(i + 1).minus(ring.at(i))));
        }
        int start = 0;
        while (start < n && names.get(Math.floorMod(start - 1, n)).equals(names.get(start))) {
            start++;
        }
        Map<String, Integer> used = new HashMap<>();
        List<Edge> edges = new ArrayList<>();
        Map<String, Allowance> allowances = new LinkedHashMap<>();
        int i = 0;
        while (i < n) {
            String name = names.get((start + i) % n);
            List<Segment> run = new ArrayList<>();
            while (i < n && names.get((start + i) % n).equals(name)) {
                run.add(new Segment.Line(ring.at(start + i), ring.at(start + i + 1)));
                i++;
            }
            int count = used.merge(name, 1, Integer::sum);
            String own = count == 1 ? name : name + " " + count;
            edges.add(new Edge(own, run));
            allowances.put(own, old.allowance(name));
        }
        return old.withLine(new Outline(edges)).withAllowances(allowances);
    }

    /** The edge that runs nearest to a place, and runs the same way. */
    private static String nearest(Piece piece, Point at, Point way) {
        String best = piece.stitchLine().edges().get(0).name();
        double least = Double.POSITIVE_INFINITY;
        for (Edge edge : piece.stitchLine().edges()) {
            double off = at.distanceMm(edge.flattened(0.2));
            Point chord = edge.end().minus(edge.start());
            double across = chord.lengthMm() * way.lengthMm() < 1e-9
                    ? 0
                    : 1 - chord.dot(way) / (chord.lengthMm() * way.lengthMm());
            double cost = off + 4 * across;
            if (cost < least) {
                least = cost;
                best = edge.name();
            }
        }
        return best;
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.trueUp(this);
    }
}
