package org.handdown.source;

import static org.handdown.source.AnatomyBuilder.run;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.handdown.geometry.Outline;

/** Skirts with a waistband and a zip in the left side seam: straight with darts, pleated, gathered, or cut as part of a circle. */
final class SkirtAnatomy {
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
            MeasureSpec.depth("dartDepth", "folded depth of one dart at the waist", 0, 60, 12));
    static final List<MeasureSpec> PLEATED_MEASURES = with(
            MeasureSpec.girth("hem", "hem girth, pleats pulled open", 300, 8000, 1900),
            MeasureSpec.count("pleats", "pleats all round", 1, 60, 16),
            MeasureSpec.depth("pleatDepth", "folded depth of one pleat", 1, 150, 30),
            MeasureSpec.count("darts", "darts in front and back together", 0, 12, 0),
            MeasureSpec.depth("dartDepth", "folded depth of one dart at the waist", 0, 60, 0));
    static final List<MeasureSpec> GATHERED_MEASURES =
            with(MeasureSpec.girth("flat", "width of the panels before they are gathered, all round", 300, 8000, 1500));
    static final List<MeasureSpec> CIRCLE_MEASURES =
            with(MeasureSpec.count("quarters", "quarters of a circle: 4 for a full one", 1, 4, 4));

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
            case SKIRT -> tapered(m.mm("hem") / 2, half + folded("darts", "dartDepth", front));
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

    private Anatomy make() {
        build.panel("front", panel(true), Map.of()).panel("back", panel(false), Map.of());
        build.part("waistband", Block.rectangle(m.mm("waist") + 30, m.mm("waistband")), PartRole.WAISTBAND);
        folds();
        if (m.mm("zip") > 0) {
            build.part("zip", Block.rectangle(30, m.mm("zip")), PartRole.ZIP);
        }
        build.seam(
                "side-left",
                "left side seam",
                StitchType.OVERLOCKED,
                2,
                run("front", "side-right"),
                run("back", "side-left"));
        build.seam(
                "side-right",
                "right side seam",
                StitchType.OVERLOCKED,
                2,
                run("front", "side-left"),
                run("back", "side-right"));
        if (m.mm("zip") > 0) {
            build.join(
                            "zip",
                            "zip in the left side",
                            StitchType.TOPSTITCHED,
                            2,
                            m.mm("zip"),
                            0,
                            2,
                            Set.of(Join.Trait.TOPSTITCHED),
                            run("front", "side-right"),
                            run("zip", "left"))
                    .closure(new Closure("zip", Closure.Kind.ZIP, "front", "side-right", List.of(), 0, 0));
        }
        for (String part : List.of("front", "back")) {
            build.join(
                    "band-" + part,
                    "waistband to the " + part,
                    StitchType.TOPSTITCHED,
                    2,
                    m.mm("waist") / 2,
                    m.mm("allowance"),
                    1,
                    Set.of(Join.Trait.TOPSTITCHED),
                    run(part, "waist"),
                    run("waistband", "lower"));
        }
        build.hem("hem", "hem", StitchType.HAND, m.mm("hemDepth"), run("front", "hem"), run("back", "hem"));
        List<String> inside = m.mm("zip") > 0 ? List.of("waistband", "zip") : List.of("waistband");
        return build.spread(List.of(List.of("front")), List.of(List.of("back")), inside)
                .build();
    }

    private void folds() {
        switch (m.kind()) {
            case SKIRT -> fold(Fold.Kind.DART, "darts", "dartDepth", 110);
            case PLEATED_SKIRT -> {
                fold(Fold.Kind.PLEAT, "pleats", "pleatDepth", m.mm("length"));
                fold(Fold.Kind.DART, "darts", "dartDepth", 110);
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

    private void fold(Fold.Kind kind, String count, String depth, double length) {
        build.fold(count + "-front", kind, "front", "waist", share(count, true), m.mm(depth), length);
        build.fold(count + "-back", kind, "back", "waist", share(count, false), m.mm(depth), length);
    }
}
