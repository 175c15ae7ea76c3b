package org.handdown.source.anatomy;

import java.util.List;
import java.util.stream.Stream;

/** What is measured of shirts, T-shirts, jumpers and sweatshirts. */
final class TopMeasures {
    private TopMeasures() {}

    private static final int LINKED = 0;
    private static final int TUBE = 1;
    private static final int ON_THE_RIGHT = 0;

    private static List<MeasureSpec> common(double sleeve, double sleeveHem) {
        return List.of(
                MeasureSpec.girth("chest", "chest, closed, whole girth under the arms", 300, 2200, 1040),
                MeasureSpec.length("length", "length from the highest shoulder point to the hem", 200, 1200, 700),
                MeasureSpec.length("shoulder", "one shoulder, neck to sleeve", 30, 260, 130),
                MeasureSpec.length("neck", "width of the neck, seam to seam", 60, 320, 170),
                MeasureSpec.depth("neckDepth", "depth of the neck in front", 10, 320, 90),
                MeasureSpec.depth("armhole", "depth of the armhole, straight down", 60, 360, 210),
                MeasureSpec.length("sleeve", "sleeve along its top, without cuff or rib", 40, 800, sleeve),
                MeasureSpec.girth("sleeveTop", "sleeve at the underarm, whole girth", 120, 800, 400),
                MeasureSpec.girth("sleeveHem", "sleeve at its end, whole girth", 80, 600, sleeveHem));
    }

    static final List<MeasureSpec> KNIT_MEASURES = with(
            common(200, 350),
            MeasureSpec.depth("neckband", "depth of the neckband", 5, 80, 20),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 100, 25),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 7),
            MeasureSpec.choice("sides", "its sides", "have a seam each", "have none: it is knitted as a tube")
                    .since(0));
    static final List<MeasureSpec> JUMPER_MEASURES = with(
            common(560, 260),
            MeasureSpec.depth("neckband", "depth of the neck rib", 5, 250, 40),
            MeasureSpec.girth("hemRibGirth", "hem rib at rest, whole girth", 200, 2000, 860),
            MeasureSpec.depth("hemRib", "depth of the hem rib", 5, 250, 70),
            MeasureSpec.girth("cuffRibGirth", "cuff rib at rest, whole girth", 60, 500, 170),
            MeasureSpec.depth("cuffRib", "depth of the cuff ribs", 5, 250, 65),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 7),
            MeasureSpec.choice("seams", "its seams are", "linked or cup-seamed: chain stitch", "overlocked")
                    .since(1));
    static final List<MeasureSpec> SWEATSHIRT_MEASURES = JUMPER_MEASURES.stream()
            .map(m -> m.id().equals("seams") ? m.first(1) : m)
            .toList();
    static final List<MeasureSpec> SHIRT_MEASURES = with(
            common(560, 260),
            MeasureSpec.depth("yoke", "depth of the back yoke at the centre", 40, 300, 90),
            MeasureSpec.depth("placket", "width of the placket", 15, 100, 34),
            MeasureSpec.count("buttons", "buttons down the front", 2, 20, 7),
            MeasureSpec.depth("buttonDiameter", "diameter of a button", 5, 40, 11),
            MeasureSpec.depth("collar", "depth of the collar or neckband", 10, 160, 40),
            MeasureSpec.depth("cuff", "depth of the cuffs", 10, 200, 65),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 100, 10),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 12),
            MeasureSpec.depth("backPleat", "folded depth of the pleat under the yoke, 0 without one", 0, 60, 15)
                    .since(0),
            MeasureSpec.choice("buttonSide", "the buttons sit on the", "right front", "left front")
                    .since(1),
            MeasureSpec.detail());

    private static List<MeasureSpec> with(List<MeasureSpec> common, MeasureSpec... own) {
        return Stream.concat(common.stream(), Stream.of(own)).toList();
    }

    /** Are its seams chain stitch? */
    static boolean isLinked(GarmentMeasures m) {
        return (m.kind() == SourceKind.JUMPER || m.kind() == SourceKind.SWEATSHIRT) && m.is("seams", LINKED);
    }

    static boolean isTube(GarmentMeasures m) {
        return m.kind() == SourceKind.T_SHIRT && m.is("sides", TUBE);
    }

    /** The front that the buttons sit on. */
    static String buttoned(GarmentMeasures m) {
        return m.is("buttonSide", ON_THE_RIGHT) ? "front-right" : "front-left";
    }
}
