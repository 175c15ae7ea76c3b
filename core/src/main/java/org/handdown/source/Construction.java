package org.handdown.source;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.FlatView;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Layer;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;

/** How this source is built: the ready anatomy of its kind by its measures, and where it differs. */
public record Construction(GarmentMeasures measures, List<Adjustment> adjustments) {
    private static final int MOST = 40;

    public Construction {
        adjustments = List.copyOf(adjustments);
        if (adjustments.size() > MOST) {
            throw new RefusedValueException("source.adjustments", "A source takes 40 adjustments at most.");
        }
    }

    /** @throws RefusedValueException where an adjustment names what is not there, or has no length */
    public Anatomy anatomy() {
        Anatomy anatomy = measures.kind().anatomy(measures);
        for (int i = 0; i < adjustments.size(); i++) {
            try {
                anatomy = adjusted(anatomy, adjustments.get(i));
            } catch (RefusedValueException e) {
                throw e.within("source.adjustments[" + i + "]");
            }
        }
        for (Part part : anatomy.parts()) {
            if (!part.outline().flattened().ring().isSimple()) {
                throw new RefusedValueException(
                        "measures",
                        Wording.fill(
                                "These measures draw a %s that crosses itself; compare them with each other.",
                                part.name()));
            }
        }
        return anatomy;
    }

    private static Anatomy adjusted(Anatomy a, Adjustment adjustment) {
        List<Part> parts = new ArrayList<>(a.parts());
        List<Join> joins = new ArrayList<>(a.joins());
        List<Fold> folds = new ArrayList<>(a.folds());
        List<Closure> closures = new ArrayList<>(a.closures());
        List<FlatView> views = new ArrayList<>(a.views());
        if (adjustment instanceof Adjustment.AddPart add) {
            requireNew(a, add.id());
            Part part = new Part(
                    add.id(), add.name(), rectangle(add.widthMm(), add.heightMm()), add.role(), add.layer(), Map.of());
            parts.add(part);
            views.add(besides(a, part));
        } else if (adjustment instanceof Adjustment.AddJoin add) {
            if (joins.stream().anyMatch(j -> j.id().equals(add.id()))) {
                throw new RefusedValueException("id", Wording.fill("There is a join (%s) already.", add.id()));
            }
            add.runs().forEach(r -> requireEdge(a, r.part(), r.edge()));
            joins.add(new Join(
                    add.id(),
                    add.name(),
                    add.runs(),
                    add.stitch(),
                    add.rows(),
                    add.lengthMm(),
                    add.allowanceMm(),
                    0,
                    false,
                    joins.size(),
                    Set.of()));
        } else if (adjustment instanceof Adjustment.AddFold add) {
            Edge edge = requireEdge(a, add.fold().part(), add.fold().edge());
            if (add.fold().hiddenMm() >= edge.lengthMm()) {
                throw new RefusedValueException(
                        "fold.depth",
                        Wording.fill(
                                "Folds of %.0f mm in all do not go into an edge of %.0f mm.",
                                add.fold().hiddenMm(), edge.lengthMm()));
            }
            folds.add(add.fold());
            // The tape went over the closed garment: the flat part is wider by what the folds take up.
            parts.replaceAll(q -> q.id().equals(add.fold().part()) ? widened(q, edge, add.fold()) : q);
        } else if (adjustment instanceof Adjustment.AddPocket add) {
            Part on = requirePart(a, add.part());
            String id = add.part() + "-pocket";
            requireNew(a, id);
            Part pocket = new Part(
                    id,
                    on.name() + " pocket",
                    rectangle(add.widthMm(), add.heightMm()),
                    PartRole.POCKET,
                    Layer.SHELL,
                    Map.of());
            parts.add(pocket);
            views.add(over(a, pocket, on));
            joins.add(new Join(
                    id,
                    pocket.name(),
                    List.of(new Join.Run(on.id(), "pocket"), new Join.Run(id, "lower")),
                    StitchType.TOPSTITCHED,
                    2,
                    add.widthMm() + 2 * add.heightMm(),
                    0,
                    2,
                    false,
                    joins.size(),
                    Set.of(Join.Trait.TOPSTITCHED)));
        } else if (adjustment instanceof Adjustment.AddLining add) {
            Part shell = requirePart(a, add.part());
            double length = requireEdge(a, add.part(), add.edge()).lengthMm();
            String id = "lining-" + add.part();
            requireNew(a, id);
            Part lining = new Part(
                    id, "lining of the " + shell.name(), shell.outline(), shell.role(), Layer.LINING, Map.of());
            parts.add(lining);
            views.add(besides(a, lining));
            joins.add(new Join(
                    id,
                    lining.name() + ", " + add.edge(),
                    List.of(new Join.Run(add.part(), add.edge()), new Join.Run(id, add.edge())),
                    StitchType.PLAIN,
                    1,
                    length,
                    10,
                    0,
                    false,
                    joins.size(),
                    Set.of()));
        } else if (adjustment instanceof Adjustment.TakeOut take) {
            requirePart(a, take.part());
            parts.removeIf(p -> p.id().equals(take.part()));
            joins.replaceAll(j -> without(j, take.part()));
            joins.removeIf(j -> j.runs().size() == 1 && j.runs().get(0).part().isEmpty());
            folds.removeIf(f -> f.part().equals(take.part()));
            closures.removeIf(c -> c.part().equals(take.part()));
            views.removeIf(v -> v.part().equals(take.part()));
            if (parts.stream().noneMatch(Part::isMain)) {
                throw new RefusedValueException("part", "That would leave no part to cut from.");
            }
        }
        return new Anatomy(parts, joins, folds, closures, views);
    }

    /**
     * The part with room for its folds: as much wider along their edge as they take up, running out to nothing at a dart's point, and at
     * the far end of the part for a fold that falls open.
     */
    private static Part widened(Part part, Edge edge, Fold fold) {
        Point chord = edge.end().minus(edge.start());
        double length = chord.lengthMm();
        Point along = chord.times(1 / length);
        ToDoubleFunction<Point> in = p -> Math.abs(along.cross(p.minus(edge.start())));
        double far = part.outline().flattened().ring().points().stream()
                .mapToDouble(in)
                .max()
                .orElse(length);
        double reach = fold.kind() == Fold.Kind.DART && fold.lengthMm() > 0 ? Math.min(fold.lengthMm(), far) : far;
        UnaryOperator<Point> wider = p -> {
            double share = Math.max(0, 1 - in.applyAsDouble(p) / reach);
            double fromMiddle = along.dot(p.minus(edge.start())) - length / 2;
            return p.plus(along.times(fromMiddle * share * fold.hiddenMm() / length));
        };
        ToDoubleFunction<Point> past = p -> in.applyAsDouble(p) - reach;
        Outline wide = new Outline(part.outline().edges().stream()
                .map(e -> new Edge(
                        e.name(),
                        e.segments().stream()
                                .flatMap(g -> splitWhere(g, past))
                                .map(g -> g.map(wider))
                                .toList()))
                .toList());
        return new Part(part.id(), part.name(), wide, part.role(), part.layer(), part.finishes());
    }

    /** A straight line in two where a function of its points changes sign, so that only one half of it is moved. */
    private static Stream<Segment> splitWhere(Segment segment, ToDoubleFunction<Point> sign) {
        double from = sign.applyAsDouble(segment.start());
        double to = sign.applyAsDouble(segment.end());
        if (!(segment instanceof Segment.Line) || from * to >= 0) {
            return Stream.of(segment);
        }
        Point between =
                segment.start().plus(segment.end().minus(segment.start()).times(from / (from - to)));
        return Stream.of(new Segment.Line(segment.start(), between), new Segment.Line(between, segment.end()));
    }

    private static final Join.Run NOWHERE = new Join.Run("", "");

    /** The join without its runs on a part; one that held nothing else lies nowhere. */
    private static Join without(Join j, String part) {
        List<Join.Run> rest =
                j.runs().stream().filter(r -> !r.part().equals(part)).toList();
        boolean gone = rest.isEmpty() || rest.size() == 1 && j.runs().size() > 1;
        return new Join(
                j.id(),
                j.name(),
                gone ? List.of(NOWHERE) : rest,
                j.stitch(),
                j.rows(),
                j.lengthMm(),
                j.allowanceMm(),
                j.barTacks(),
                j.finishedEdge(),
                j.sewn(),
                j.traits());
    }

    private static Outline rectangle(double wide, double high) {
        new Range(5, 5000).require("width", Length.ofMm(wide));
        new Range(5, 5000).require("height", Length.ofMm(high));
        return Block.rectangle(wide, high);
    }

    private static Part requirePart(Anatomy a, String id) {
        return a.findPart(id)
                .orElseThrow(
                        () -> new RefusedValueException("part", Wording.fill("This source has no part “%s”.", id)));
    }

    private static void requireNew(Anatomy a, String id) {
        if (!id.matches("[a-z0-9][a-z0-9-]{0,60}")) {
            throw new RefusedValueException("id", "A short name is written in small letters, digits and hyphens.");
        }
        if (a.findPart(id).isPresent()) {
            throw new RefusedValueException("id", Wording.fill("There is a part “%s” already.", id));
        }
    }

    private static Edge requireEdge(Anatomy a, String part, String edge) {
        List<Edge> edges = requirePart(a, part).outline().edges();
        return edges.stream()
                .filter(e -> e.name().equals(edge))
                .findFirst()
                .orElseThrow(() -> new RefusedValueException(
                        "edge",
                        Wording.fill(
                                "The %s has no edge “%s”; it has %s.",
                                part.replace('-', ' '),
                                edge,
                                String.join(", ", edges.stream().map(Edge::name).toList()))));
    }

    /** Below everything that is spread out so far. */
    private static FlatView besides(Anatomy a, Part part) {
        double lowest = a.views().stream()
                .mapToDouble(v -> v.dyMm()
                        + a.part(v.part()).outline().flattened().ring().box().minY())
                .min()
                .orElse(0);
        var box = part.outline().flattened().ring().box();
        return new FlatView(part.id(), "inside", -box.minX(), lowest - 60 - box.maxY());
    }

    private static FlatView over(Anatomy a, Part pocket, Part on) {
        FlatView below = a.views().stream()
                .filter(v -> v.part().equals(on.id()))
                .findFirst()
                .orElseThrow();
        var under = on.outline().flattened().ring().box();
        var own = pocket.outline().flattened().ring().box();
        return new FlatView(
                pocket.id(),
                below.side(),
                below.dxMm() + (under.minX() + under.maxX()) / 2,
                below.dyMm() + (under.minY() + under.maxY()) / 2 - own.heightMm() / 2);
    }
}
