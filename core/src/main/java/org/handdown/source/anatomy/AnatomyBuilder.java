package org.handdown.source.anatomy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Box;
import org.handdown.geometry.Outline;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.FlatView;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;

/** Gathers the parts and joins of a source, in the order it was sewn, and spreads the parts out to be looked at. */
final class AnatomyBuilder {
    private static final double GAP_MM = 36;
    private static final double VIEW_GAP_MM = 130;

    private final List<Part> parts = new ArrayList<>();
    private final List<Sewn> sewn = new ArrayList<>();
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
        return part(id, Wording.spoken(id), outline, PartRole.PANEL, Layer.SHELL, finishes);
    }

    AnatomyBuilder part(String id, Outline outline, PartRole role) {
        return part(id, Wording.spoken(id), outline, role, Layer.SHELL, Map.of());
    }

    AnatomyBuilder part(
            String id, String name, Outline outline, PartRole role, Layer layer, Map<String, EdgeFinish> finishes) {
        parts.add(new Part(id, name, outline, role, layer, finishes));
        return this;
    }

    /** A join that is sewn next: one row as long as its first edge, with the seam allowance of this source, until it is said otherwise. */
    Sewn sew(String id, String name, StitchType stitch) {
        Sewn join = new Sewn(id, name, stitch);
        sewn.add(join);
        return join;
    }

    /** A join being told of. */
    final class Sewn {
        private final String id;
        private final String name;
        private final StitchType stitch;
        private final List<Join.Run> runs = new ArrayList<>();
        private int rows = 1;
        private double lengthMm = Double.NaN;
        private double allowanceMm = AnatomyBuilder.this.allowanceMm;
        private int tacks;
        private boolean finishedEdge;
        private Set<Join.Trait> traits = Set.of();

        private Sewn(String id, String name, StitchType stitch) {
            this.id = id;
            this.name = name;
            this.stitch = stitch;
        }

        Sewn rows(int many) {
            rows = many;
            return this;
        }

        Sewn longMm(double mm) {
            lengthMm = mm;
            return this;
        }

        Sewn allowance(double mm) {
            allowanceMm = mm;
            return this;
        }

        Sewn tacks(int many) {
            tacks = many;
            return this;
        }

        Sewn with(Join.Trait... these) {
            return with(Set.of(these));
        }

        Sewn with(Set<Join.Trait> these) {
            traits = these;
            return this;
        }

        Sewn along(String part, String edge) {
            return along(run(part, edge));
        }

        Sewn along(Join.Run... these) {
            runs.addAll(List.of(these));
            return this;
        }

        /** Goes on with the source. */
        AnatomyBuilder then() {
            return AnatomyBuilder.this;
        }

        private Join join(int place) {
            Join.Run first = runs.get(0);
            double length = Double.isNaN(lengthMm)
                    ? part(first.part()).outline().edge(first.edge()).lengthMm()
                    : lengthMm;
            return new Join(id, name, runs, stitch, rows, length, allowanceMm, tacks, finishedEdge, place, traits);
        }
    }

    /** A turned hem along edges: leaving it closed keeps a finished edge. A hem of no depth is none. */
    AnatomyBuilder hem(String id, String name, StitchType stitch, double depthMm, Join.Run... runs) {
        if (depthMm > 0) {
            double length = 0;
            for (Join.Run r : runs) {
                length += part(r.part()).outline().edge(r.edge()).lengthMm();
            }
            sew(id, name, stitch).longMm(length).allowance(depthMm).along(runs).finishedEdge = true;
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

    /** Length of an edge of a part that is there already. */
    double edgeMm(String part, String edge) {
        return part(part).outline().edge(edge).lengthMm();
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
        List<Join> joins = new ArrayList<>();
        sewn.forEach(s -> joins.add(s.join(joins.size())));
        return new Anatomy(parts, joins, folds, closures, views);
    }
}
