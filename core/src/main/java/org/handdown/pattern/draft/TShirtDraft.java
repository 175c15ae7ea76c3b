package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.BodyTable;
import org.handdown.body.Movement;
import org.handdown.body.Wearer;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;

/**
 * T-shirt and tunic for knits: body with flat sleeves and a neckband. Body by {@link TopBlock}, sleeve by {@link SleeveBlock} with its
 * head as long as the armhole (±5 mm, handbook of the trade §4). The neck is drawn wide enough for the stretched band to pass the
 * head. Worked check: neckline 400 mm and a band of 0.85 make 340 mm of band, which must stretch by 17.6 % to lie along the neckline.
 */
final class TShirtDraft {
    static final Draft T_SHIRT =
            draft("t-shirt", "T-shirt", "Knit body with flat short sleeves and a neckband.", false);
    static final Draft TUNIC =
            draft("tunic", "tunic", "Long knit body that widens to the hem, long flat sleeves and a neckband.", true);

    private static final double SLEEVE_EASE_MM = 0;
    /** Height of the head by the armhole: it hangs, and the arm lifts (common practice, no source). */
    private static final double HEAD_SHARE = 0.3;

    private static final double MOST_ARM_ROOM_MM = 40;
    private static final double HIP_ROOM_MM = 20;

    private TShirtDraft() {}

    private static Draft draft(String id, String words, String about, boolean isTunic) {
        return new Draft(
                id,
                words,
                Draft.Family.TOPS,
                about,
                List.of(
                        BodyMeasure.HEIGHT,
                        BodyMeasure.CHEST,
                        BodyMeasure.HIP,
                        BodyMeasure.NECK_GIRTH,
                        BodyMeasure.HEAD_GIRTH,
                        BodyMeasure.SHOULDER,
                        BodyMeasure.BACK_WAIST,
                        BodyMeasure.UPPER_ARM,
                        BodyMeasure.ARM_LENGTH,
                        BodyMeasure.HAND_GIRTH),
                List.of(
                        Dimension.length("ease", "Room over the chest", isTunic ? 100 : 80, -200, 500)
                                .hint("below zero for close-fitting knit"),
                        Dimension.length(
                                "below",
                                "Length below the waist",
                                w -> (isTunic ? 0.24 : 0.12) * w.mm(BodyMeasure.HEIGHT),
                                0,
                                900),
                        Dimension.length(
                                "flare",
                                "Wider at the hem, all round",
                                w -> isTunic ? 0.095 * w.mm(BodyMeasure.HEIGHT) : 0,
                                0,
                                900),
                        TopBody.bust(),
                        NeckShape.dimension(),
                        TopBody.tails(),
                        SleeveBlock.Length.dimension(),
                        Dimension.share(
                                "sleeve", "Sleeve, share of the arm", w -> isTunic ? 0.95 : shortSleeve(w), 0.1, 1.1),
                        Dimension.share("stretch", "Stretch of the cloth across", 0.25, 0, 1.5)
                                .ofTheCloth()
                                .hint(Wording.of("measured over at least 100 mm")),
                        Dimension.share("bandStretch", "Stretch of the neckband", 0.5, 0.1, 2)
                                .ofTheCloth(),
                        Dimension.share("band", "Neckband, share of the neckline", 0.85, 0.6, 1),
                        Dimension.length("bandWide", "Finished width of the neckband", 18, 8, 80),
                        Dimension.length("seam", "Seam allowance", 8, 3, 20),
                        Dimension.length("hem", "Hem allowance", 20, 0, 60).hint("none where an old hem is kept")),
                "knit; the cloth’s greater stretch round the body",
                List.of("front", "back"),
                Wording.of(
                        "Finished chest = chest + room; G/4 a quarter; underarm C/10 + 115 mm + a tenth of the room below the nape; sleeve head 0.3 of the armhole high and as long as it; band = share × neckline, and band × (1 + stretch) passes the head (common practice, no source)."),
                f -> draw(f, words));
    }

    /** A third of a grown arm; the smaller the child, the more of its arm the armhole's depth takes up (common practice, no source). */
    private static double shortSleeve(Wearer wearer) {
        double small = (BodyTable.GROWN_MM - wearer.mm(BodyMeasure.HEIGHT)) / (BodyTable.GROWN_MM - 880);
        return Math.rint(100 * (0.34 + 0.12 * Math.max(0, Math.min(1, small)))) / 100;
    }

    private static Design draw(Figures f, String words) {
        double hem = Math.max(f.body(BodyMeasure.CHEST) + f.of("ease") + f.of("flare"), hemToPassHips(f));
        double arm = f.body(BodyMeasure.UPPER_ARM);
        NeckShape neck = NeckShape.of(f);
        double leastSleeve = Math.max(0.9 * arm, arm + Math.min(MOST_ARM_ROOM_MM, f.of("ease") / 2));
        TopBlock back = TopBody.back(
                f,
                new TopWish(TopCut.KNIT, f.of("ease"), hem, f.of("below"), neck.widerMm(), 0, 0, true)
                        .withTails(TopBody.tailsMm(f)),
                leastSleeve);
        back = back.neckWide(wideEnough(f, back, neck));
        TopBlock front = front(back, neck).longer(f.of("bust"));
        double seam = f.of("seam");
        Piece backPiece = body(f, back, "back", "back");
        Piece frontPiece = body(f, front, "front", "front");
        SleeveBlock.Hole hole = SleeveBlock.Hole.of(front, back, SLEEVE_EASE_MM);
        SleeveBlock sleeve = sleeve(f, back, hole, leastSleeve);
        Piece sleevePiece = sleeve.paper("sleeve", "sleeve")
                .hem("hem", f.of("hem"))
                .wish("hem", EdgeWish.of(Role.CUFF))
                .seams(seam)
                .pairs(1)
                .piece();
        double neckline = neckline(back, neck);
        Piece band = band("neckband", "neckband", f.of("band") * neckline, f.of("bandWide"), seam)
                .wish("lower", new EdgeWish(Role.NECKBAND, 0, neckline))
                .piece();
        List<String> notes = notes(f, neckline, front, neck);
        return new Design(
                words,
                List.of(frontPiece, backPiece, sleevePiece, band),
                seams(front, f.of("band")),
                sizes(f, back.hemGirth()),
                notes,
                List.of());
    }

    private static List<String> notes(Figures f, double neckline, TopBlock front, NeckShape neck) {
        List<String> notes = new ArrayList<>(List.of(
                Wording.fill(
                        "Neckband %.0f mm long on a neckline of %.0f mm: stretched by %.0f %% while it is sewn; its seam at the centre back, quarters marked on both.",
                        f.of("band") * neckline, neckline, 100 * (1 / f.of("band") - 1)),
                Movement.reaching(f.body(BodyMeasure.CHEST), f.of("ease"), f.usable(f.of("stretch"))),
                "Shoulders first, with tape or elastic in the seam; then the sleeves flat, then underarm and side in one.",
                "A straight stitch pops where the seam stretches: overlock or a narrow zigzag."));
        notes.addAll(front.bustNotes());
        if (neck.hasCorners()) {
            notes.add(
                    "The band is mitred at each corner of the neck: sew it to the corner, needle down, clip the neck to the stitch, turn, sew on; then stitch the fold of the mitre across the band.");
        }
        return notes;
    }

    private static SleeveBlock sleeve(Figures f, TopBlock back, SleeveBlock.Hole hole, double leastSleeve) {
        double arm = f.body(BodyMeasure.UPPER_ARM);
        double long_ = SleeveBlock.Length.of(f)
                .mm(
                        f.body(BodyMeasure.ARM_LENGTH),
                        f.of("sleeve"),
                        shortSleeve(f.wearer()),
                        back.beyondShoulder(f),
                        hole);
        SleeveBlock sleeve = SleeveBlock.of(
                hole,
                new SleeveBlock.Wish(
                        HEAD_SHARE,
                        leastSleeve,
                        long_,
                        SleeveBlock.cutOff(
                                Math.max(f.body(BodyMeasure.HAND_GIRTH) + 10, 0.75 * arm),
                                f.body(BodyMeasure.ARM_LENGTH),
                                long_,
                                f.body(BodyMeasure.HAND_GIRTH) + 10)));
        return sleeve;
    }

    /** A hem below the waist lies on the hips: it must pass them, pulled as far as is comfortable. */
    private static double hemToPassHips(Figures f) {
        return f.of("below") < 40
                ? 0
                : (f.body(BodyMeasure.HIP) + (f.of("ease") > 0 ? HIP_ROOM_MM : 0))
                        / (1 + (f.of("ease") > 0 ? 0 : f.usable(f.of("stretch"))));
    }

    private static TopBlock front(TopBlock back, NeckShape neck) {
        return back.front(neck.frontDeepMm(back.neckWide()), neck);
    }

    private static double neckline(TopBlock back, NeckShape neck) {
        return 2 * (back.neck("").lengthMm() + front(back, neck).neck("").lengthMm());
    }

    /** Half the neck's width at which both the shell's neckline and the band on it pass the head, stretched. */
    private static double wideEnough(Figures f, TopBlock back, NeckShape neck) {
        double gives = Math.min(1 + f.of("stretch"), (1 + f.of("bandStretch")) * f.of("band"));
        double needed = f.body(BodyMeasure.HEAD_GIRTH) / gives;
        double least = back.neckWide();
        if (neckline(back, neck) >= needed) {
            return least;
        }
        return Root.of(least, 4 * least, w -> neckline(back.neckWide(w), neck) - needed) + 0.01;
    }

    private static Piece body(Figures f, TopBlock block, String id, String name) {
        return block.full(id, name)
                .hem("hem", f.of("hem"))
                .seams(f.of("seam"))
                .notch("centre", 0, 0)
                .notch("centre", block.neckCentre().x(), block.neckCentre().y())
                .level("hem level", 0)
                .piece();
    }

    /** A band folded lengthwise, cut from rib: its long edges are sewn on together, its short ends to a ring. */
    static Paper band(String id, String name, double long_, double finishedWide, double seam) {
        return Paper.rectangle(id, name, long_, 2 * finishedWide)
                .seams(seam)
                .cloth(PieceCloth.RIB)
                .grain(CutGrain.EITHER)
                .quarters("lower")
                .mark(
                        Mark.Kind.FOLD,
                        "folded lengthwise",
                        new Point(-long_ / 2, finishedWide),
                        new Point(long_ / 2, finishedWide))
                .allow("upper", Allowance.seam(seam));
    }

    private static List<DesignSeam> seams(TopBlock front, double ratio) {
        return List.of(
                TopBlock.sides(front, "side right", "side left"),
                Join.equal("shoulder seams", "front", "shoulder right", "back", "shoulder left"),
                Join.eased(
                        "sleeve head in the armhole",
                        List.of(Join.side("front", "armhole right"), Join.side("back", "armhole left")),
                        List.of(Join.side("sleeve", "head")),
                        0,
                        5),
                Join.itself("underarm seam", "sleeve", "right", "left"),
                Join.itself("ends of the neckband", "neckband", "right", "left"),
                Join.ratio(
                        "neckband on the neckline",
                        List.of(Join.side("front", "neck"), Join.side("back", "neck")),
                        List.of(Join.side("neckband", "lower")),
                        ratio));
    }

    private static List<Size> sizes(Figures f, double hem) {
        double stretch = f.of("stretch");
        return List.of(
                Size.girth(
                        "chest",
                        f.body(BodyMeasure.CHEST),
                        f.of("ease"),
                        stretch,
                        new Size.Term("front", "chest", 1),
                        new Size.Term("back", "chest", 1)),
                Size.girth(
                        "hem",
                        f.of("below") < 40 ? 0 : f.body(BodyMeasure.HIP),
                        hem - f.body(BodyMeasure.HIP),
                        stretch,
                        new Size.Term("front", "hem", 1),
                        new Size.Term("back", "hem", 1)),
                Size.opening(
                        "neckband, which must pass the head",
                        f.body(BodyMeasure.HEAD_GIRTH),
                        f.of("bandStretch"),
                        new Size.Term("neckband", "lower", 1)),
                Size.opening(
                        "neckline, which must pass the head",
                        f.body(BodyMeasure.HEAD_GIRTH),
                        stretch,
                        new Size.Term("front", "neck", 1),
                        new Size.Term("back", "neck", 1)),
                Size.opening(
                        "sleeve end, which must pass the hand",
                        f.body(BodyMeasure.HAND_GIRTH),
                        stretch,
                        new Size.Term("sleeve", "hem", 1)),
                Size.opening(
                        "upper arm", f.body(BodyMeasure.UPPER_ARM), stretch, new Size.Term("sleeve", "upper arm", 1)));
    }
}
