package org.handdown.source.anatomy;

import java.util.List;
import org.handdown.source.graph.Anatomy;

/** What a source was before, with what is asked of it by the tape. */
public enum SourceKind {
    TROUSERS("trousers", TrouserMeasures.MEASURES),
    JEANS("jeans", TrouserMeasures.JEANS_MEASURES),
    SHIRT("shirt", TopMeasures.SHIRT_MEASURES),
    T_SHIRT("T-shirt", TopMeasures.KNIT_MEASURES),
    JUMPER("jumper", TopMeasures.JUMPER_MEASURES),
    SWEATSHIRT("sweatshirt", TopMeasures.SWEATSHIRT_MEASURES),
    SKIRT("straight skirt", SkirtMeasures.STRAIGHT_MEASURES),
    PLEATED_SKIRT("pleated skirt", SkirtMeasures.PLEATED_MEASURES),
    GATHERED_SKIRT("gathered skirt", SkirtMeasures.GATHERED_MEASURES),
    CIRCLE_SKIRT("circle skirt", SkirtMeasures.CIRCLE_MEASURES),
    DRESS("dress with a waist seam", DressAnatomy.MEASURES),
    COAT("lined jacket or coat", CoatAnatomy.MEASURES),
    BLANKET("blanket", FlatAnatomy.BLANKET_MEASURES),
    CURTAIN("lined curtain", FlatAnatomy.CURTAIN_MEASURES),
    SCARF("scarf", FlatAnatomy.SCARF_MEASURES);

    private final String words;
    private final List<MeasureSpec> measures;

    SourceKind(String words, List<MeasureSpec> measures) {
        this.words = words;
        this.measures = measures;
    }

    public String words() {
        return words;
    }

    /** In the order one would take them. */
    public List<MeasureSpec> measures() {
        return measures;
    }

    /** The graph of parts and joins that such a source has, drawn from its measures. */
    public Anatomy anatomy(GarmentMeasures measures) {
        return switch (this) {
            case TROUSERS, JEANS -> TrousersAnatomy.of(measures);
            case SHIRT -> ShirtAnatomy.of(measures);
            case T_SHIRT, JUMPER, SWEATSHIRT -> KnitAnatomy.of(measures);
            case SKIRT, PLEATED_SKIRT, GATHERED_SKIRT, CIRCLE_SKIRT -> SkirtAnatomy.of(measures);
            case DRESS -> DressAnatomy.of(measures);
            case COAT -> CoatAnatomy.of(measures);
            case BLANKET, CURTAIN, SCARF -> FlatAnatomy.of(measures);
        };
    }
}
