package org.handdown.pattern;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Attachment;
import org.handdown.assembly.Component;
import org.handdown.assembly.Fold;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Ring;
import org.handdown.assembly.Run;
import org.handdown.assembly.Sewing;
import org.handdown.fit.CopyId;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;

/**
 * A design as an assembly: every copy of every piece sewn as its seams tell. A component has the id of its copy; those with an odd number
 * of a pair are mirrored. What is turned on itself is told by the allowances.
 */
final class SewnDesign {
    /** A fold cannot take more of an edge than this. */
    private static final double MOST_SHARE = 0.95;

    private static final double ON_EDGE_MM = 1;

    private final Design design;
    private final BodySides sides;
    private final Sewing sewing;
    private final Set<Closing> opened = new HashSet<>();
    private final Map<String, Integer> named = new HashMap<>();

    private SewnDesign(Design design) {
        this.design = design;
        this.sides = new BodySides(design);
        List<Component> components = new ArrayList<>();
        List<Fold> folds = new ArrayList<>();
        for (Piece piece : design.pieces()) {
            for (int i = 0; i < piece.quantity(); i++) {
                components.add(component(piece, i));
                addFolds(piece, i, folds);
            }
        }
        sewing = new Sewing(components, folds);
    }

    static Assembly of(Design design) {
        SewnDesign sewn = new SewnDesign(design);
        design.seams().forEach(sewn::sew);
        design.closings().forEach(sewn::close);
        design.laid().forEach(sewn::lay);
        sewn.turn();
        return sewn.sewing.made();
    }

    private static Component component(Piece piece, int number) {
        boolean isMirrored = piece.pair() && number % 2 == 1;
        Outline line = isMirrored ? piece.stitchLine().mirrored() : piece.stitchLine();
        return new Component(id(piece, number), piece.name(), line, layer(piece.cloth()));
    }

    private static String id(Piece piece, int number) {
        return new CopyId(piece.id(), number).name();
    }

    private static Layer layer(PieceCloth cloth) {
        return switch (cloth) {
            case LINING, POCKETING -> Layer.LINING;
            case INTERFACING -> Layer.INTERFACING;
            default -> Layer.SHELL;
        };
    }

    /** Darts and pleats take up the edge that both their legs stand on. */
    private static void addFolds(Piece piece, int number, List<Fold> folds) {
        for (Edge edge : piece.stitchLine().edges()) {
            List<org.handdown.geometry.Point> line = edge.flattened(0.05);
            double takes = piece.marks().stream()
                    .filter(m -> m.takesUpMm() > 0
                            && m.points().get(0).distanceMm(line) < ON_EDGE_MM
                            && m.points().get(2).distanceMm(line) < ON_EDGE_MM)
                    .mapToDouble(Mark::takesUpMm)
                    .sum();
            if (takes > 0) {
                String id = id(piece, number);
                folds.add(new Fold(
                        id + "-" + edge.name(), id, edge.name(), Math.min(takes, MOST_SHARE * edge.lengthMm())));
            }
        }
    }

    private void sew(DesignSeam seam) {
        List<SeamCopies.Sewn> all = SeamCopies.of(design, sides, seam);
        for (int i = 0; i < all.size(); i++) {
            List<Run> one = runs(all.get(i).one(), seam);
            List<Run> other = runs(all.get(i).other(), seam);
            Closing closing = i > 0 ? null : opening(seam);
            if (closing != null && isShorter(closing, one.get(0), other.get(0))) {
                opened.add(closing);
                List<Run> open =
                        List.of(upper(one.get(0), closing.lengthMm()), upper(other.get(0), closing.lengthMm()));
                one = List.of(lower(one.get(0), closing.lengthMm()));
                other = List.of(lower(other.get(0), closing.lengthMm()));
                close(closing, open);
            }
            boolean isSewn = seam.copies() != DesignSeam.Copies.BEHIND;
            sewing.seam(fresh(seam.name()), seam.name(), one, other, !isSewn);
        }
    }

    private @org.jspecify.annotations.Nullable Closing opening(DesignSeam seam) {
        return design.closings().stream()
                .filter(c -> c.isIn(seam) && !opened.contains(c))
                .findFirst()
                .orElse(null);
    }

    private static boolean isShorter(Closing closing, Run one, Run other) {
        return closing.lengthMm() < Math.min(one.flatMm(), other.flatMm()) - 1;
    }

    private Run upper(Run run, double mm) {
        return isUpperFirst(run)
                ? new Run(run.component(), run.edge(), run.fromMm(), run.fromMm() + mm)
                : new Run(run.component(), run.edge(), run.toMm() - mm, run.toMm());
    }

    private Run lower(Run run, double mm) {
        return isUpperFirst(run)
                ? new Run(run.component(), run.edge(), run.fromMm() + mm, run.toMm())
                : new Run(run.component(), run.edge(), run.fromMm(), run.toMm() - mm);
    }

    /** Does an edge begin at the waist? It ends at the hem, which is turned; where neither is, height tells. */
    private boolean isUpperFirst(Run run) {
        List<Edge> edges = sewing.component(run.component()).outline().edges();
        Piece piece = design.ofComponent(run.component()).orElseThrow();
        Edge edge = sewing.component(run.component()).outline().edge(run.edge());
        int at = edges.indexOf(edge);
        boolean hemBefore = piece.allowance(
                        edges.get(Math.floorMod(at - 1, edges.size())).name())
                .turned();
        boolean hemAfter =
                piece.allowance(edges.get((at + 1) % edges.size()).name()).turned();
        return hemBefore == hemAfter ? edge.start().y() > edge.end().y() : hemAfter;
    }

    /** An id of its own, from the name: it stays while the seam does. */
    private String fresh(String name) {
        int number = named.merge(name, 1, Integer::sum);
        return number == 1 ? name : name + " " + number;
    }

    private List<Run> runs(List<SeamCopies.CopyEdge> edges, DesignSeam seam) {
        return edges.stream().map(e -> run(e, seam)).toList();
    }

    private Run run(SeamCopies.CopyEdge edge, DesignSeam seam) {
        Run whole = sewing.component(edge.copy().name()).whole(edge.edge());
        String piece = edge.copy().piece();
        // What laps itself is sewn to the band all along.
        boolean othersLap = Stream.concat(seam.one().stream(), seam.other().stream())
                .anyMatch(s -> !s.piece().equals(piece) && lap(s.piece()).isPresent());
        return lap(piece).filter(c -> !othersLap).map(c -> lessLap(whole, c)).orElse(whole);
    }

    private Optional<Closing> lap(String piece) {
        return design.closings().stream()
                .filter(c -> c.lapMm() > 0 && c.one().piece().equals(piece))
                .findFirst();
    }

    /** Of a band that laps, what lies beyond its closing line is sewn to nothing. */
    private Run lessLap(Run whole, Closing closing) {
        boolean isBand = !closing.one().edge().equals(closing.other().edge())
                && closing.one().piece().equals(closing.other().piece());
        Outline outline = sewing.component(whole.component()).outline();
        Edge edge = outline.edge(whole.edge());
        double near = edge.end().distanceMm(outline.edge(closing.one().edge()).start());
        double rest = whole.flatMm() - closing.lapMm();
        return isBand && near < ON_EDGE_MM && rest > closing.lapMm()
                ? new Run(whole.component(), whole.edge(), 0, rest)
                : whole;
    }

    private void close(Closing closing) {
        if (closing.lengthMm() == 0) {
            boolean isBand = closing.one().piece().equals(closing.other().piece())
                    && !closing.one().edge().equals(closing.other().edge());
            DesignSeam shut = new DesignSeam(closing.name(), List.of(closing.one()), List.of(closing.other()), 0, 0)
                    .with(isBand ? DesignSeam.Copies.ITSELF : DesignSeam.Copies.EACH_SIDE);
            SeamCopies.of(design, sides, shut).stream()
                    .limit(1)
                    .forEach(s -> close(
                            closing,
                            Stream.concat(s.one().stream(), s.other().stream())
                                    .map(e -> sewing.component(e.copy().name()).whole(e.edge()))
                                    .toList()));
        }
    }

    private void close(Closing closing, List<Run> both) {
        if (both.size() == 2 && both.stream().noneMatch(sewing::isHeld)) {
            sewing.close(new org.handdown.assembly.Closure(
                    fresh(closing.name()), List.of(Meeting.seam(both.get(0), both.get(1))), closing.lapMm()));
        }
    }

    /** Each copy lies on the copy of the same number, or on the only one. */
    private void lay(Laid laid) {
        Piece piece = design.piece(laid.piece());
        Piece onto = design.piece(laid.onto());
        for (int i = 0; i < piece.quantity(); i++) {
            sewing.attach(new Attachment(
                    fresh(laid.piece() + " on " + laid.onto()),
                    id(piece, i),
                    id(onto, Math.min(i, onto.quantity() - 1))));
        }
    }

    /** Hems and casings that follow each other round one rim are turned in one go. */
    private void turn() {
        List<Ring> rims = sewing.made().whole().rings();
        Map<String, Set<Run>> together = new LinkedHashMap<>();
        for (Piece piece : design.pieces()) {
            for (Edge edge : piece.stitchLine().edges()) {
                if (piece.allowance(edge.name()).turned()) {
                    for (int i = 0; i < piece.quantity(); i++) {
                        Run whole = sewing.component(id(piece, i)).whole(edge.name());
                        if (!sewing.isHeld(whole)) {
                            together.computeIfAbsent(rim(rims, whole) + stem(edge.name()), k -> new LinkedHashSet<>())
                                    .add(whole);
                        }
                    }
                }
            }
        }
        together.values().forEach(runs -> {
            String name = stem(runs.iterator().next().edge());
            sewing.turn(fresh(name + " turned"), name, List.copyOf(runs));
        });
    }

    private static int rim(List<Ring> rims, Run run) {
        for (int i = 0; i < rims.size(); i++) {
            if (rims.get(i).holds(run.component(), run.edge())) {
                return i;
            }
        }
        return -1;
    }

    private static String stem(String edge) {
        return edge.replaceAll("[ -](left|right)$", "");
    }
}
