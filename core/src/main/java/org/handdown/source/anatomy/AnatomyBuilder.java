package org.handdown.source.anatomy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.geometry.Box;
import org.handdown.geometry.Outline;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.FlatView;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Layer;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;

/** Gathers the parts and joins of a source, in the order it was sewn, and spreads the parts out to be looked at. */
final class AnatomyBuilder {
    private static final double GAP_MM = 36;
    private static final double VIEW_GAP_MM = 130;

    private final List<Part> parts = new ArrayList<>();
    private final List<Join> joins = new ArrayList<>();
    private final List<Fold> folds = new ArrayList<>();
    private final List<Closure> closures = new ArrayList<>();
    private final List<FlatView> views = new ArrayList<>();
    private final double allowanceMm;

    /** @param allowanceMm seam allowance inside, where a join names none */
    AnatomyBuilder(double allowanceMm) {
        this.allowanceMm = allowanceMm;
    }

    /** The edge of a part that a join lies along. */
    static Join.Run run(String part, String edge) {
        return new Join.Run(part, edge);
    }

    AnatomyBuilder panel(String id, Outline outline, Map<String, EdgeFinish> finishes) {
        return part(id, id.replace('-', ' '), outline, PartRole.PANEL, Layer.SHELL, finishes);
    }

    AnatomyBuilder part(String id, Outline outline, PartRole role) {
        return part(id, id.replace('-', ' '), outline, role, Layer.SHELL, Map.of());
    }

    AnatomyBuilder part(
            String id, String name, Outline outline, PartRole role, Layer layer, Map<String, EdgeFinish> finishes) {
        parts.add(new Part(id, name, outline, role, layer, finishes));
        return this;
    }

    AnatomyBuilder seam(String id, String name, StitchType stitch, int rows, Join.Run... runs) {
        return seam(id, name, stitch, rows, Set.of(), runs);
    }

    /** A seam as long as its first edge. */
    AnatomyBuilder seam(String id, String name, StitchType stitch, int rows, Set<Join.Trait> traits, Join.Run... runs) {
        Join.Run first = runs[0];
        double length = part(first.part()).outline().edge(first.edge()).lengthMm();
        return join(id, name, stitch, rows, length, allowanceMm, 0, traits, runs);
    }

    AnatomyBuilder join(
            String id,
            String name,
            StitchType stitch,
            int rows,
            double lengthMm,
            double allowanceMm,
            int tacks,
            Set<Join.Trait> traits,
            Join.Run... runs) {
        joins.add(new Join(
                id, name, List.of(runs), stitch, rows, lengthMm, allowanceMm, tacks, false, joins.size(), traits));
        return this;
    }

    /** A turned hem along edges: leaving it closed keeps a finished edge. A hem of no depth is none. */
    AnatomyBuilder hem(String id, String name, StitchType stitch, double depthMm, Join.Run... runs) {
        if (depthMm > 0) {
            double length = 0;
            for (Join.Run r : runs) {
                length += part(r.part()).outline().edge(r.edge()).lengthMm();
            }
            joins.add(new Join(id, name, List.of(runs), stitch, 1, length, depthMm, 0, true, joins.size(), Set.of()));
        }
        return this;
    }

    AnatomyBuilder fold(
            String id, Fold.Kind kind, String part, String edge, int count, double depthMm, double lengthMm) {
        if (count > 0 && depthMm > 0) {
            folds.add(new Fold(id, kind, part, edge, count, depthMm, lengthMm));
        }
        return this;
    }

    AnatomyBuilder closure(Closure closure) {
        closures.add(closure);
        return this;
    }

    /** Evenly spread places along an edge, with the same margin at both ends. */
    static List<Double> evenly(int count, double fromMm, double toMm) {
        List<Double> at = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            at.add(count == 1 ? (fromMm + toMm) / 2 : fromMm + i * (toMm - fromMm) / (count - 1));
        }
        return at;
    }

    Part part(String id) {
        return parts.stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
    }

    private Box box(String part) {
        return part(part).outline().box();
    }

    /** A part drawn on another, its middle at a point of that one's frame; call after {@link #spread}. */
    AnatomyBuilder on(String part, String under, double x, double y) {
        FlatView below =
                views.stream().filter(v -> v.part().equals(under)).findFirst().orElseThrow();
        Box own = box(part);
        views.add(new FlatView(
                part,
                below.side(),
                below.dxMm() + x - (own.minX() + own.maxX()) / 2,
                below.dyMm() + y - (own.minY() + own.maxY()) / 2));
        return this;
    }

    /** Rows of parts, top to bottom, for the front and the back beside it; what is inside flows below both. */
    AnatomyBuilder spread(List<List<String>> front, List<List<String>> back, List<String> inside) {
        double x = 0;
        for (var view : List.of(Map.entry("front", front), Map.entry("back", back))) {
            double wide =
                    view.getValue().stream().mapToDouble(this::rowWidth).max().orElse(0);
            double y = 0;
            for (int i = view.getValue().size() - 1; i >= 0; i--) {
                y = row(view.getKey(), view.getValue().get(i), x + wide / 2, y) + GAP_MM;
            }
            x += wide == 0 ? 0 : wide + VIEW_GAP_MM;
        }
        flow(inside, Math.max(1.25 * x, 900));
        return this;
    }

    private double rowWidth(List<String> row) {
        return row.stream().mapToDouble(p -> box(p).widthMm()).sum() + GAP_MM * (row.size() - 1);
    }

    /** Places a row whose lowest point is at y, tops level, and returns its top. */
    private double row(String side, List<String> row, double middle, double y) {
        double high = row.stream().mapToDouble(p -> box(p).heightMm()).max().orElse(0);
        double x = middle - rowWidth(row) / 2;
        for (String id : row) {
            Box box = box(id);
            views.add(new FlatView(id, side, x - box.minX(), y + high - box.maxY()));
            x += box.widthMm() + GAP_MM;
        }
        return y + high;
    }

    private void flow(List<String> inside, double width) {
        double x = 0;
        // The larger the source, the more room its drawing leaves for the words between the views.
        double tallest =
                parts.stream().mapToDouble(p -> box(p.id()).heightMm()).max().orElse(0);
        double top = -Math.max(VIEW_GAP_MM, 0.16 * tallest);
        double high = 0;
        for (String id : inside) {
            Box box = box(id);
            if (x > 0 && x + box.widthMm() > width) {
                x = 0;
                top -= high + GAP_MM;
                high = 0;
            }
            views.add(new FlatView(id, "inside", x - box.minX(), top - box.maxY()));
            x += box.widthMm() + GAP_MM;
            high = Math.max(high, box.heightMm());
        }
    }

    Anatomy build() {
        return new Anatomy(parts, joins, folds, closures, views);
    }
}
