package org.handdown.source;

import java.util.ArrayList;
import java.util.List;
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
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.FlatView;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.shape.Block;

/** An anatomy being adjusted: its parts, joins and what belongs to them, in lists that take what comes and lose what goes. */
final class AnatomyEdit {
    private final Anatomy before;
    private final List<Part> parts;
    private final List<Join> joins;
    private final List<Fold> folds;
    private final List<Closure> closures;
    private final List<FlatView> views;

    AnatomyEdit(Anatomy before) {
        this.before = before;
        parts = new ArrayList<>(before.parts());
        joins = new ArrayList<>(before.joins());
        folds = new ArrayList<>(before.folds());
        closures = new ArrayList<>(before.closures());
        views = new ArrayList<>(before.views());
    }

    Anatomy done() {
        return new Anatomy(parts, joins, folds, closures, views);
    }

    Part require(String part) {
        return requirePart(before, part);
    }

    Edge requireEdge(String part, String edge) {
        return requireEdge(before, part, edge);
    }

    /** A part more, spread out below everything else. */
    AnatomyEdit beside(Part part) {
        requireNew(before, part.id());
        parts.add(part);
        views.add(besides(before, part));
        return this;
    }

    /** A part more, drawn on another one. */
    AnatomyEdit over(Part part, Part on) {
        requireNew(before, part.id());
        parts.add(part);
        views.add(over(before, part, on));
        return this;
    }

    /** A join more, sewn after all others. @throws RefusedValueException if there is one of its name */
    AnatomyEdit join(Join join) {
        if (joins.stream().anyMatch(j -> j.id().equals(join.id()))) {
            throw new RefusedValueException("id", Wording.fill("There is a join (%s) already.", join.id()));
        }
        joins.add(join.sewnAs(joins.size()));
        return this;
    }

    AnatomyEdit fold(Fold fold) {
        Edge edge = requireEdge(fold.part(), fold.edge());
        if (fold.hiddenMm() >= edge.lengthMm()) {
            throw new RefusedValueException(
                    "fold.depth",
                    Wording.fill(
                            "Folds of %.0f mm in all do not go into an edge of %.0f mm.",
                            fold.hiddenMm(), edge.lengthMm()));
        }
        folds.add(fold);
        // The tape went over the closed garment: the flat part is wider by what the folds take up.
        parts.replaceAll(q -> q.id().equals(fold.part()) ? widened(q, edge, fold) : q);
        return this;
    }

    AnatomyEdit without(String part) {
        requirePart(before, part);
        parts.removeIf(p -> p.id().equals(part));
        joins.replaceAll(j -> without(j, part));
        joins.removeIf(j -> j.runs().size() == 1 && j.runs().get(0).part().isEmpty());
        folds.removeIf(f -> f.part().equals(part));
        closures.removeIf(c -> c.part().equals(part));
        views.removeIf(v -> v.part().equals(part));
        if (parts.stream().noneMatch(Part::isMain)) {
            throw new RefusedValueException("part", "That would leave no part to cut from.");
        }
        return this;
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
        double far =
                part.outline().ring().points().stream().mapToDouble(in).max().orElse(length);
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

    static Outline rectangle(double wide, double high) {
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
                                Wording.spoken(part),
                                edge,
                                String.join(", ", edges.stream().map(Edge::name).toList()))));
    }

    /** Below everything that is spread out so far. */
    private static FlatView besides(Anatomy a, Part part) {
        double lowest = a.views().stream()
                .mapToDouble(v -> v.dyMm() + a.part(v.part()).outline().box().minY())
                .min()
                .orElse(0);
        var box = part.outline().box();
        return new FlatView(part.id(), "inside", -box.minX(), lowest - 60 - box.maxY());
    }

    private static FlatView over(Anatomy a, Part pocket, Part on) {
        FlatView below = a.views().stream()
                .filter(v -> v.part().equals(on.id()))
                .findFirst()
                .orElseThrow();
        var under = on.outline().box();
        var own = pocket.outline().box();
        return new FlatView(
                pocket.id(),
                below.side(),
                below.dxMm() + (under.minX() + under.maxX()) / 2,
                below.dyMm() + (under.minY() + under.maxY()) / 2 - own.heightMm() / 2);
    }
}
