package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.handdown.assembly.Layer;
import org.handdown.geometry.OutlineCut;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartId;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;

/** Skirts with a waistband and a zip in the left side seam: straight with darts, pleated, gathered, or cut as part of a circle. */
final class SkirtAnatomy {
    private static final double FRONT_DART_MM = 95;
    private static final double BACK_DART_MM = 135;
    private static final double LINING_SHORTER_MM = 20;

    private final SkirtMeasures m;
    private final AnatomyBuilder build;

    private SkirtAnatomy(GarmentMeasures m) {
        this.m = new SkirtMeasures(m);
        this.build = new AnatomyBuilder(m.mm("allowance"));
    }

    static Anatomy of(GarmentMeasures m) {
        return new SkirtAnatomy(m).make();
    }

    /** The back, in halves where the zip sits in it. */
    private List<String> backs() {
        return m.zipBehind() ? List.of("back-left", "back-right") : List.of("back");
    }

    private void panels() {
        build.panel("front", new SkirtPanel(m).of(true), Map.of());
        if (!m.zipBehind()) {
            build.panel("back", new SkirtPanel(m).of(false), Map.of());
            return;
        }
        OutlineCut cut = OutlineCut.of(new SkirtPanel(m).of(false), new Point(0, 0), new Point(0, 10), "centre");
        build.panel("back-left", cut.left(), Map.of()).panel("back-right", cut.right(), Map.of());
    }

    /** The part of the back that is sewn to the front at this side. */
    private String backAt(String side) {
        return m.zipBehind() ? "back-" + side : "back";
    }

    private Anatomy make() {
        panels();
        build.part("waistband", Block.rectangle(m.mm("waist") + 30, m.mm("waistband")), PartRole.WAISTBAND);
        folds();
        double zip = m.mm("zip");
        if (zip > 0) {
            build.part("zip", Block.rectangle(30, zip), PartRole.ZIP);
        }
        if (m.zipBehind()) {
            centreBack(zip);
        }
        sides(zip);
        if (zip > 0 && !m.zipBehind()) {
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
        if (m.isLined()) {
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
                .longMm(Math.max(10, whole - zip - m.slitMm()))
                .tacks(m.slitMm() > 0 ? 1 : 0)
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
        if (m.slitMm() > 0) {
            build.sew("slit", "edges of the slit", StitchType.HAND)
                    .longMm(2 * m.slitMm())
                    .allowance(Math.max(m.mm("allowance"), 30))
                    .along("back-left", "centre");
        }
    }

    private void sides(double zip) {
        boolean straight = m.kind() == SourceKind.SKIRT && m.zipBehind();
        for (String side : List.of("left", "right")) {
            String atFront = side.equals("left") ? "side-right" : "side-left";
            double whole = build.part("front").outline().edge(atFront).lengthMm();
            double closed = side.equals("left") && !m.zipBehind() ? Math.max(10, whole - zip) : whole;
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
                            "lining of the " + Wording.spoken(part),
                            build.part(part).outline(),
                            PartRole.PANEL,
                            Layer.LINING,
                            Map.of())
                    .sew(id, "lining of the " + Wording.spoken(part) + " at the waist", StitchType.PLAIN)
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
            build.sew("band-" + part, "waistband to the " + Wording.spoken(part), StitchType.TOPSTITCHED)
                    .rows(2)
                    .longMm(m.mm("waist") / (new PartId(part).side().isPresent() ? 4 : 2))
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
                double taken = m.flatHalf() - m.mm("waist") / 2;
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
        build.fold("darts-front", Fold.Kind.DART, "front", "waist", m.share("darts", true), depth, FRONT_DART_MM);
        if (!m.zipBehind()) {
            build.fold("darts-back", Fold.Kind.DART, "back", "waist", m.share("darts", false), depth, BACK_DART_MM);
            return;
        }
        int left = (m.share("darts", false) + 1) / 2;
        build.fold("darts-back-left", Fold.Kind.DART, "back-left", "waist", left, depth, BACK_DART_MM)
                .fold(
                        "darts-back-right",
                        Fold.Kind.DART,
                        "back-right",
                        "waist",
                        m.share("darts", false) - left,
                        depth,
                        BACK_DART_MM);
    }

    private void fold(Fold.Kind kind, String count, String depth, double length) {
        build.fold(count + "-front", kind, "front", "waist", m.share(count, true), m.mm(depth), length);
        build.fold(count + "-back", kind, "back", "waist", m.share(count, false), m.mm(depth), length);
    }
}
