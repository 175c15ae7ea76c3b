package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.OutlineCut;
import org.handdown.geometry.Point;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Layer;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;

/** Skirts with a waistband and a zip in the left side seam: straight with darts, pleated, gathered, or cut as part of a circle. */
final class SkirtAnatomy {
    private static final int IN_THE_SIDE = 1;
    private static final int LINED = 1;
    private static final double HIP_DEEP_MM = 200;
    private static final double FRONT_DART_MM = 95;
    private static final double BACK_DART_MM = 135;
    private static final double LINING_SHORTER_MM = 20;
    private static final List<MeasureSpec> COMMON = List.of(
            MeasureSpec.girth("waist", "waist, along the seam under the band, whole girth", 250, 2000, 680),
            MeasureSpec.length("length", "length at the side under the band", 120, 1300, 600),
            MeasureSpec.depth("waistband", "depth of the waistband", 10, 120, 30),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 200, 40),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 60, 15),
            MeasureSpec.length("zip", "length of the zip, 0 without one", 0, 400, 180));
    static final List<MeasureSpec> STRAIGHT_MEASURES = with(
            MeasureSpec.girth("hip", "hip girth", 300, 2400, 920),
            MeasureSpec.girth("hem", "hem girth", 300, 4000, 940),
            MeasureSpec.count("darts", "darts in front and back together", 0, 12, 4),
            MeasureSpec.depth("dartDepth", "folded depth of one dart at the waist", 0, 60, 12),
            MeasureSpec.choice("zipPlace", "the zip sits", "at the centre back", "in the left side")
                    .since(IN_THE_SIDE),
            MeasureSpec.length("slit", "slit or kick pleat from the hem up, 0 without one", 0, 600, 150)
                    .since(0),
            MeasureSpec.choice("lining", "it is", "not lined", "lined").since(0));
    static final List<MeasureSpec> PLEATED_MEASURES = with(
            MeasureSpec.girth("hem", "hem girth, pleats pulled open", 300, 8000, 1900),
            MeasureSpec.count("pleats", "pleats all round", 1, 60, 16),
            MeasureSpec.depth("pleatDepth", "folded depth of one pleat", 1, 150, 30),
            MeasureSpec.count("darts", "darts in front and back together", 0, 12, 0),
            MeasureSpec.depth("dartDepth", "folded depth of one dart at the waist", 0, 60, 0));
    static final List<MeasureSpec> GATHERED_MEASURES =
            with(MeasureSpec.girth("flat", "width of the panels before they are gathered, all round", 300, 8000, 1500));
    static final List<MeasureSpec> CIRCLE_MEASURES =
            with(MeasureSpec.count("quarters", "quarters of a circle: 4 for a full one", 1, 4, 4)).stream()
                    .map(s -> s.id().equals("hemDepth") ? MeasureSpec.depth("hemDepth", s.words(), 0, 200, 10) : s)
                    .toList();

    private final GarmentMeasures m;
    private final AnatomyBuilder build;

    private SkirtAnatomy(GarmentMeasures m) {
        this.m = m;
        this.build = new AnatomyBuilder(m.mm("allowance"));
    }

    private static List<MeasureSpec> with(MeasureSpec... own) {
        return Stream.concat(
                        COMMON.stream().limit(1),
                        Stream.concat(Stream.of(own), COMMON.stream().skip(1)))
                .toList();
    }

    static Anatomy of(GarmentMeasures m) {
        return new SkirtAnatomy(m).make();
    }

    /** One of two like panels, between its stitch lines, laid out flat with its pleats, gathers or darts undone. */
    private Outline panel(boolean front) {
        double half = m.mm("waist") / 2;
        double length = m.mm("length");
        return switch (m.kind()) {
            case SKIRT -> straight(half + folded("darts", "dartDepth", front));
            case PLEATED_SKIRT ->
                tapered(
                        Math.max(m.mm("hem") / 2, half),
                        half + folded("pleats", "pleatDepth", front) + folded("darts", "dartDepth", front));
            case GATHERED_SKIRT -> tapered(Math.max(m.mm("flat"), m.mm("waist")) / 2, flatHalf());
            default -> {
                // Waist radius of a part of a circle: girth over its share of 2π (handbook of the trade §4).
                double turn = 90.0 * m.count("quarters");
                double radius = m.mm("waist") / Math.toRadians(turn);
                yield Block.sector(radius, radius + length, turn / 2);
            }
        };
    }

    /** Its sides run smoothly from the waist over the hip to the hem. */
    private Outline straight(double waist) {
        double length = m.mm("length");
        double hem = m.mm("hem") / 2;
        double hip = m.mm("hip") / 2;
        double hipY = length - HIP_DEEP_MM;
        if (hipY < 0.2 * length) {
            // Shorter than the hip lies deep: the hem is the widest that was measured.
            return tapered(hem, waist);
        }
        Edge right = Edge.smooth(
                "side-right", List.of(new Point(hem / 2, 0), new Point(hip / 2, hipY), new Point(waist / 2, length)));
        Edge left =
                new Edge("side-left", right.map(p -> p.mirrored()).reversed().segments());
        return new Outline(List.of(
                Edge.line("hem", left.end(), right.start()),
                right,
                Edge.line("waist", right.end(), left.start()),
                left));
    }

    private double flatHalf() {
        return Math.max(m.mm("flat"), m.mm("waist")) / 2;
    }

    private Outline tapered(double hem, double waist) {
        return Block.tapered("hem", hem, "waist", waist, m.mm("length"), "side-left", "side-right");
    }

    /** What the folds of one panel take up along its waist. */
    private double folded(String count, String depth, boolean front) {
        return 2 * share(count, front) * m.mm(depth);
    }

    /** Folds are shared out between front and back; an odd one lies in front. */
    private int share(String count, boolean front) {
        return (m.count(count) + (front ? 1 : 0)) / 2;
    }

    /** Only straight skirts are asked where their zip sits; the others have it in the left side. */
    private boolean zipBehind() {
        return m.kind() == SourceKind.SKIRT && !m.is("zipPlace", IN_THE_SIDE) && m.mm("zip") > 0;
    }

    private double slitMm() {
        return m.kind() == SourceKind.SKIRT ? Math.min(m.mm("slit"), 0.8 * m.mm("length")) : 0;
    }

    private boolean isLined() {
        return m.kind() == SourceKind.SKIRT && m.is("lining", LINED);
    }

    /** The back, in halves where the zip sits in it. */
    private List<String> backs() {
        return zipBehind() ? List.of("back-left", "back-right") : List.of("back");
    }

    private void panels() {
        build.panel("front", panel(true), Map.of());
        if (!zipBehind()) {
            build.panel("back", panel(false), Map.of());
            return;
        }
        OutlineCut cut = OutlineCut.of(panel(false), new Point(0, 0), new Point(0, 10), "centre");
        build.panel("back-left", cut.left(), Map.of()).panel("back-right", cut.right(), Map.of());
    }

    /** The part of the back that is sewn to the front at this side. */
    private String backAt(String side) {
        return zipBehind() ? "back-" + side : "back";
    }

    private Anatomy make() {
        panels();
        build.part("waistband", Block.rectangle(m.mm("waist") + 30, m.mm("waistband")), PartRole.WAISTBAND);
        folds();
        double zip = m.mm("zip");
        if (zip > 0) {
            build.part("zip", Block.rectangle(30, zip), PartRole.ZIP);
        }
        if (zipBehind()) {
            centreBack(zip);
        }
        sides(zip);
        if (zip > 0 && !zipBehind()) {
            build.sew("zip", "zip in the left side", StitchType.TOPSTITCHED)
                    .rows(2)
                    .longMm(zip)
                    .allowance(0)
                    .tacks(2)
                    .with(Join.Trait.TOPSTITCHED)
                    .along("front", "side-right")
                    .along("zip", "left")
                    .then()
                    .closure(new Closure("zip", Closure.Kind.ZIP, "front", "side-right", List.of(), 0, 0));
        }
        List<String> inside = new ArrayList<>(zip > 0 ? List.of("waistband", "zip") : List.of("waistband"));
        if (isLined()) {
            lining(inside);
        }
        Join.Run[] hems = Stream.concat(Stream.of("front"), backs().stream())
                .map(p -> run(p, "hem"))
                .toArray(Join.Run[]::new);
        if (m.kind() == SourceKind.PLEATED_SKIRT) {
            // Pleats are pressed through a finished hem: it was sewn before the band.
            hem(hems);
            bands();
        } else {
            bands();
            hem(hems);
        }
        return build.spread(List.of(List.of("front")), List.of(backs()), inside).build();
    }

    private void hem(Join.Run... hems) {
        boolean circle = m.kind() == SourceKind.CIRCLE_SKIRT;
        // So much of it lies on the bias: a circle is turned narrowly by machine, unless somebody measured a deep hem.
        build.hem(
                "hem",
                "hem",
                circle && m.mm("hemDepth") <= 15 ? StitchType.PLAIN : StitchType.HAND,
                m.mm("hemDepth"),
                hems);
    }

    private void centreBack(double zip) {
        double whole = build.part("back-left").outline().edge("centre").lengthMm();
        build.sew("centre-back", "centre back seam", StitchType.PLAIN)
                .longMm(Math.max(10, whole - zip - slitMm()))
                .tacks(slitMm() > 0 ? 1 : 0)
                .with(Join.Trait.OVERCAST)
                .along("back-left", "centre")
                .along("back-right", "centre")
                .then()
                .sew("zip", "zip at the centre back", StitchType.PLAIN)
                .longMm(2 * zip)
                .tacks(2)
                .along("back-left", "centre")
                .along("back-right", "centre")
                .along("zip", "left")
                .then()
                .closure(new Closure("zip", Closure.Kind.ZIP, "back-left", "centre", List.of(), 0, 0));
        if (slitMm() > 0) {
            build.sew("slit", "edges of the slit", StitchType.HAND)
                    .longMm(2 * slitMm())
                    .allowance(Math.max(m.mm("allowance"), 30))
                    .along("back-left", "centre");
        }
    }

    private void sides(double zip) {
        boolean straight = m.kind() == SourceKind.SKIRT && zipBehind();
        for (String side : List.of("left", "right")) {
            String atFront = side.equals("left") ? "side-right" : "side-left";
            double whole = build.part("front").outline().edge(atFront).lengthMm();
            double closed = side.equals("left") && !zipBehind() ? Math.max(10, whole - zip) : whole;
            build.sew("side-" + side, side + " side seam", straight ? StitchType.PLAIN : StitchType.OVERLOCKED)
                    .rows(straight ? 1 : 2)
                    .longMm(closed)
                    .with(straight ? Set.of(Join.Trait.OVERCAST) : Set.of())
                    .along("front", atFront)
                    .along(backAt(side), "side-" + side);
        }
    }

    private void lining(List<String> inside) {
        for (String part : Stream.concat(Stream.of("front"), backs().stream()).toList()) {
            String id = "lining-" + part;
            inside.add(id);
            build.part(
                            id,
                            "lining of the " + part.replace('-', ' '),
                            build.part(part).outline(),
                            PartRole.PANEL,
                            Layer.LINING,
                            Map.of())
                    .sew(id, "lining of the " + part.replace('-', ' ') + " at the waist", StitchType.PLAIN)
                    .longMm(build.part(part).outline().edge("waist").lengthMm())
                    .along(part, "waist")
                    .along(id, "waist");
        }
        for (String side : List.of("left", "right")) {
            String atFront = side.equals("left") ? "side-right" : "side-left";
            build.sew("lining-side-" + side, side + " side seam of the lining", StitchType.PLAIN)
                    .along("lining-front", atFront)
                    .along("lining-" + backAt(side), "side-" + side);
        }
        build.hem(
                "lining-hem",
                "hem of the lining",
                StitchType.PLAIN,
                LINING_SHORTER_MM,
                Stream.concat(Stream.of("front"), backs().stream())
                        .map(p -> run("lining-" + p, "hem"))
                        .toArray(Join.Run[]::new));
    }

    private void bands() {
        for (String part : Stream.concat(Stream.of("front"), backs().stream()).toList()) {
            build.sew("band-" + part, "waistband to the " + part.replace('-', ' '), StitchType.TOPSTITCHED)
                    .rows(2)
                    .longMm(m.mm("waist") / (part.startsWith("back-") ? 4 : 2))
                    .tacks(1)
                    .with(Join.Trait.TOPSTITCHED)
                    .along(part, "waist")
                    .along("waistband", "lower");
        }
    }

    private void folds() {
        switch (m.kind()) {
            case SKIRT -> darts();
            case PLEATED_SKIRT -> {
                fold(Fold.Kind.PLEAT, "pleats", "pleatDepth", m.mm("length"));
                darts();
            }
            case GATHERED_SKIRT -> {
                double taken = flatHalf() - m.mm("waist") / 2;
                for (String part : List.of("front", "back")) {
                    build.fold("gathers-" + part, Fold.Kind.GATHER, part, "waist", 1, taken / 2, 0);
                }
            }
            default -> {}
        }
    }

    /** Shorter in front than over the seat. */
    private void darts() {
        double depth = m.mm("dartDepth");
        build.fold("darts-front", Fold.Kind.DART, "front", "waist", share("darts", true), depth, FRONT_DART_MM);
        if (!zipBehind()) {
            build.fold("darts-back", Fold.Kind.DART, "back", "waist", share("darts", false), depth, BACK_DART_MM);
            return;
        }
        int left = (share("darts", false) + 1) / 2;
        build.fold("darts-back-left", Fold.Kind.DART, "back-left", "waist", left, depth, BACK_DART_MM)
                .fold(
                        "darts-back-right",
                        Fold.Kind.DART,
                        "back-right",
                        "waist",
                        share("darts", false) - left,
                        depth,
                        BACK_DART_MM);
    }

    private void fold(Fold.Kind kind, String count, String depth, double length) {
        build.fold(count + "-front", kind, "front", "waist", share(count, true), m.mm(depth), length);
        build.fold(count + "-back", kind, "back", "waist", share(count, false), m.mm(depth), length);
    }
}
