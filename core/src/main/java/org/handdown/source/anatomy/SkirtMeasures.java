package org.handdown.source.anatomy;

import java.util.List;
import java.util.stream.Stream;

/** What is measured of a skirt, and what follows from it at once. */
record SkirtMeasures(GarmentMeasures m) {
    private static final int IN_THE_SIDE = 1;
    private static final int LINED = 1;

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

    private static List<MeasureSpec> with(MeasureSpec... own) {
        return Stream.concat(
                        COMMON.stream().limit(1),
                        Stream.concat(Stream.of(own), COMMON.stream().skip(1)))
                .toList();
    }

    double mm(String id) {
        return m.mm(id);
    }

    SourceKind kind() {
        return m.kind();
    }

    /** Only straight skirts are asked where their zip sits; the others have it in the left side. */
    boolean zipBehind() {
        return m.kind() == SourceKind.SKIRT && !m.is("zipPlace", IN_THE_SIDE) && m.mm("zip") > 0;
    }

    double slitMm() {
        return m.kind() == SourceKind.SKIRT ? Math.min(m.mm("slit"), 0.8 * m.mm("length")) : 0;
    }

    boolean isLined() {
        return m.kind() == SourceKind.SKIRT && m.is("lining", LINED);
    }
    /** Folds are shared out between front and back; an odd one lies in front. */
    int share(String count, boolean front) {
        return (m.count(count) + (front ? 1 : 0)) / 2;
    }

    /** Half of what is gathered, laid flat. */
    double flatHalf() {
        return Math.max(m.mm("flat"), m.mm("waist")) / 2;
    }

    /** What the folds of one panel take up along its waist. */
    double folded(String count, String depth, boolean front) {
        return 2 * share(count, front) * m.mm(depth);
    }
}
