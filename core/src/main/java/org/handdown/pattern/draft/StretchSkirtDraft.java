package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Fit;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;
import org.handdown.pattern.Supply;

/** A skirt of stretch cloth, narrower than the body by what the cloth may give. */
final class StretchSkirtDraft {
    private StretchSkirtDraft() {}

    static final Draft STRETCH = new Draft(
            "stretch-skirt",
            "straight stretch skirt",
            Draft.Family.SKIRTS,
            "Close-fitting, straight, pulled on; elastic in the waist.",
            FittedSkirtDraft.measures(),
            List.of(
                    SkirtLength.dimension(),
                    FittedSkirtDraft.length(),
                    WaistLevel.dimension(),
                    WaistLevel.rise(),
                    Dimension.share("tight", "Smaller than the body, by", 0.05, 0, 0.6),
                    Dimension.share("stretch", "Stretch of the cloth across", 0.3, 0, 2)
                            .ofTheCloth()
                            .hint(Wording.of("measured over at least 100 mm")),
                    Dimension.length("elastic", "Width of the elastic", 30, 5, 80),
                    Dimension.length("seam", "Seam allowance", 8, 3, 20),
                    Dimension.length("hem", "Hem allowance", 20, 0, 60).hint("none where an old hem is kept")),
            "knit that springs back; greater stretch round the body",
            List.of("front", "back"),
            "Finished girth = body × (1 − share); stretched in wear by body/finished − 1, comfortable to 60 % of the measured stretch; the waist × (1 + stretch) passes the hips (handbook of the trade §4).",
            StretchSkirtDraft::stretch);

    static Design stretch(Figures f) {
        double keep = 1 - f.of("tight");
        double hip = f.body(BodyMeasure.HIP) * keep;
        double waist = f.waist() * keep;
        double stretch = f.of("stretch");
        // The waist before its elastic is as wide as getting in asks for.
        double entry = Math.max(waist, f.body(BodyMeasure.HIP) / (1 + stretch));
        SkirtBlock.Pair blocks = SkirtBlock.plain(new SkirtBlock.Wish(
                Math.min(entry, Math.max(hip, waist)), hip, hip, FittedSkirtDraft.hipDeep(f), SkirtLength.mm(f)));
        double casing = f.of("elastic") + 3 + f.of("seam");
        Piece front = stretchPiece(f, blocks.front().full("front", "front"), casing);
        Piece back = stretchPiece(f, blocks.back().full("back", "back"), casing);
        List<Size> sizes = List.of(
                Size.girth(
                        "hip",
                        f.body(BodyMeasure.HIP),
                        hip - f.body(BodyMeasure.HIP),
                        stretch,
                        FittedSkirtDraft.term("front", "hip", 1),
                        FittedSkirtDraft.term("back", "hip", 1)),
                Size.opening(
                        "waist before the elastic, which must pass the hips",
                        f.body(BodyMeasure.HIP),
                        stretch,
                        FittedSkirtDraft.term("front", "waist", 1),
                        FittedSkirtDraft.term("back", "waist", 1)),
                Size.length("side, waist to hem", SkirtLength.mm(f), FittedSkirtDraft.term("front", "side right", 1)));
        List<String> notes = new ArrayList<>();
        notes.add("Over the hips: " + Fit.sentence(hip, f.body(BodyMeasure.HIP), f.usable(stretch)) + ".");
        notes.add(Wording.fill(
                "Elastic: %s; sew every seam that is stretched with a stitch that gives.",
                f.practice().elastic(f.waist())));
        notes.addAll(FittedSkirtDraft.walking(f, blocks.front(), f.usable(stretch)));
        return new Design(
                        "straight stretch skirt",
                        List.of(front, back),
                        List.of(Join.equal("side seams", "front", "side right", "back", "side left")),
                        sizes,
                        notes,
                        List.of())
                .taking(Supply.elastic("waist", 1, f.practice().elasticMm(f.waist()), f.of("elastic")));
    }

    static Piece stretchPiece(Figures f, Paper paper, double casing) {
        return FittedSkirtDraft.finished(
                        f,
                        paper.allow(
                                "waist",
                                Allowance.casing(Math.min(100, casing), f.of("seam"), "turned down for the elastic")))
                .piece();
    }
}
