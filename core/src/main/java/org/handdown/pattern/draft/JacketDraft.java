package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Movement;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;

/**
 * An open, straight jacket: its sleeves cut on in one with the body, or set on flat to a dropped shoulder. Body by {@link TopBlock}. A
 * cut-on sleeve runs on along the shoulder line; under the arm it turns in a curve into the side seam (common practice, no source).
 * Worked check: chest 920 mm and 200 of room make fronts and back of 280 mm a quarter.
 */
final class JacketDraft {
    static final Draft DRAFT = new Draft(
            "jacket",
            "open straight jacket",
            Draft.Family.TOPS,
            "Straight, open in front, sleeves cut on or set on flat.",
            List.of(
                    BodyMeasure.CHEST,
                    BodyMeasure.HIP,
                    BodyMeasure.NECK_GIRTH,
                    BodyMeasure.SHOULDER,
                    BodyMeasure.BACK_WAIST,
                    BodyMeasure.UPPER_ARM,
                    BodyMeasure.ARM_LENGTH,
                    BodyMeasure.HAND_GIRTH,
                    BodyMeasure.HEIGHT),
            List.of(
                    Dimension.choice("sleeves", "Sleeves", "set on flat", "cut on"),
                    Dimension.length("ease", "Room over the chest", w -> 0.22 * w.mm(BodyMeasure.CHEST), 80, 600),
                    Dimension.length("below", "Length below the waist", w -> 0.16 * w.mm(BodyMeasure.HEIGHT), 0, 900),
                    TopBody.bust(),
                    Dimension.share("sleeve", "Sleeve, share of the arm", 0.95, 0.3, 1.15),
                    Dimension.length("drop", "Shoulder dropped beyond its tip", 40, 0, 160),
                    Dimension.length("band", "Front band, finished width", 40, 15, 120),
                    Dimension.length("seam", "Seam allowance", 10, 5, 25),
                    Dimension.length("hem", "Hem allowance", 30, 0, 60).hint("none where an old hem is kept")),
            "woven or stable knit with some drape",
            List.of("front", "back"),
            Wording.of(
                    "Finished chest = chest + room; G/4 a quarter; underarm C/10 + 135 mm + a tenth of the room below the nape; sleeve head 0.21 of the armhole high and as long as it; the neck runs into the front edge at the underarm; front band = both fronts and the back neck (common practice, no source)."),
            f -> new JacketDraft(f).design());

    private static final double CURVE_MM = 60;
    private static final double NECK_WIDER_MM = 8;
    /** Height of the head by the armhole: low, as the shoulder is dropped (common practice, no source). */
    private static final double HEAD_SHARE = 0.21;

    private final Figures f;
    private final double seam;
    private final TopBlock front;
    private final TopBlock back;
    private final double leastSleeve;

    private JacketDraft(Figures f) {
        this.f = f;
        this.seam = f.of("seam");
        double chest = f.body(BodyMeasure.CHEST) + f.of("ease");
        this.leastSleeve = f.body(BodyMeasure.UPPER_ARM) + 0.35 * f.of("ease");
        this.back = TopBody.back(
                f,
                new TopWish(
                        f.of("sleeves") == 1 ? TopCut.CUT_ON : TopCut.OVER_OTHERS,
                        f.of("ease"),
                        f.of("below") < 40 ? chest : Math.max(chest, f.body(BodyMeasure.HIP) + 80),
                        f.of("below"),
                        NECK_WIDER_MM,
                        f.of("sleeves") == 1 ? 0 : f.of("drop"),
                        0,
                        true),
                leastSleeve);
        // The neck runs down into the front edge, so that one straight band lies along both.
        this.front = back.front(back.neckToUnderarm(), NeckShape.INTO_THE_EDGE)
                .longer(f.of("sleeves") == 1 ? 0 : f.of("bust"));
    }

    private Design design() {
        return f.of("sleeves") == 1 ? cutOn() : setOn();
    }

    private double sleeveMm() {
        return f.of("sleeve") * f.body(BodyMeasure.ARM_LENGTH);
    }

    private double cuffMm() {
        return Math.max(f.body(BodyMeasure.HAND_GIRTH) + 40, f.body(BodyMeasure.UPPER_ARM) * 0.95);
    }

    private Design setOn() {
        SleeveBlock sleeve = SleeveBlock.of(
                SleeveBlock.Hole.of(front, back, 0),
                new SleeveBlock.Wish(
                        HEAD_SHARE, leastSleeve, sleeveMm() - back.beyondShoulder(f), (wide, under) -> cuffMm()));
        Piece fronts = finished(front.half("front", "front", 0)).pairs(1).piece();
        Piece backs = finished(back.full("back", "back"))
                .notch("centre", 0, 0)
                .notch("centre", 0, back.neckCentre().y())
                .piece();
        Piece sleeves = sleeve.paper("sleeve", "sleeve")
                .hem("hem", f.of("hem"))
                .wish("hem", EdgeWish.of(Role.CUFF))
                .seams(seam)
                .pairs(1)
                .piece();
        List<DesignSeam> seams = new ArrayList<>(List.of(
                TopBlock.sides(front, "side", "side left"),
                Join.equal("shoulder seams", "front", "shoulder", "back", "shoulder left"),
                Join.eased(
                        "sleeve head on the armhole",
                        List.of(Join.side("front", "armhole"), Join.side("back", "armhole left")),
                        List.of(Join.side("sleeve", "head")),
                        0,
                        0),
                Join.itself("underarm seam", "sleeve", "right", "left"),
                bandSeam()));
        List<Size> sizes = sizes();
        sizes.add(Size.opening("upper arm", f.body(BodyMeasure.UPPER_ARM), 0, new Size.Term("sleeve", "upper arm", 1)));
        sizes.add(Size.opening(
                "sleeve end, which must pass the hand",
                f.body(BodyMeasure.HAND_GIRTH),
                0,
                new Size.Term("sleeve", "hem", 1)));
        return new Design("jacket", List.of(fronts, backs, sleeves, band()), seams, sizes, notes(), List.of());
    }

    private DesignSeam bandSeam() {
        return Join.equal(
                "band on fronts and neck",
                List.of(Join.side("front", "centre", 2), Join.side("front", "neck", 2), Join.side("back", "neck")),
                List.of(Join.side("front-band", "right")));
    }

    private Piece band() {
        double length = 2 * (frontEdge() + front.neck("").lengthMm())
                + 2 * back.neck("").lengthMm();
        return Paper.rectangle("front-band", "front band", 2 * f.of("band"), length)
                .seams(seam)
                .notch("centre back", "right", 0.5)
                .mark(org.handdown.pattern.Mark.Kind.FOLD, "folded lengthwise", new Point(0, 0), new Point(0, length))
                .piece();
    }

    private double frontEdge() {
        return front.neckCentre().y();
    }

    private Paper finished(Paper paper) {
        return paper.hem("hem", f.of("hem")).seams(seam);
    }

    // Cut on

    private Design cutOn() {
        Piece fronts = half(front, "front", "front").pairs(1).piece();
        Piece backs = half(back, "back", "back")
                .allow("centre", Allowance.seam(seam))
                .pairs(1)
                .piece();
        List<DesignSeam> seams = List.of(
                Join.equal("side and underarm seams", "front", "side", "back", "side"),
                Join.equal("shoulder and over the arm", "front", "shoulder", "back", "shoulder"),
                Join.centre("centre back", "back", "centre"),
                Join.equal(
                        "band on fronts and neck",
                        List.of(
                                Join.side("front", "centre", 2),
                                Join.side("front", "neck", 2),
                                Join.side("back", "neck", 2)),
                        List.of(Join.side("front-band", "right"))));
        List<Size> sizes = new ArrayList<>();
        sizes.add(Size.girth(
                "chest",
                f.body(BodyMeasure.CHEST),
                f.of("ease"),
                0,
                new Size.Term("front", "chest", 2),
                new Size.Term("back", "chest", 2)));
        sizes.add(Size.opening(
                "sleeve end, which must pass the hand",
                f.body(BodyMeasure.HAND_GIRTH),
                0,
                new Size.Term("front", "sleeve end", 1),
                new Size.Term("back", "sleeve end", 1)));
        sizes.add(Size.length("front edge", 0, new Size.Term("front", "centre", 1)));
        List<String> notes = new ArrayList<>(notes());
        notes.add("Clip the curve under the arm before turning, and tape it: it takes all the strain.");
        notes.add(
                "The back is cut in halves: in one piece its sleeves would ask for cloth as wide as both arms spread.");
        notes.add(
                "Arms go up only as far as the cut lets them: where that is too little, let a gusset into the curve.");
        return new Design("jacket", List.of(fronts, backs, band()), seams, sizes, notes, List.of());
    }

    /** Edges: hem, side (up and out along the underarm), sleeve end, shoulder (in along the arm), neck, centre. */
    private Paper half(TopBlock block, String id, String name) {
        Point neck = block.neckPoint();
        Point way = block.shoulderTip().minus(neck).times(1 / block.shoulder());
        Point wristTop = neck.plus(way.times(block.shoulder() + sleeveMm()));
        Point square = way.right();
        Point wristLow = wristTop.plus(square.times(cuffMm() / 2));
        // The underarm line must stay an upper arm's half girth below the shoulder line.
        double under = Math.max(
                block.armholeDeep(),
                (f.body(BodyMeasure.UPPER_ARM) + 0.35 * f.of("ease")) / 2 + 0.3 * block.girth() / 4);
        double chestY = Math.min(block.length() - under, block.underarmY()) - CURVE_MM;
        Point low = new Point(block.girth() / 4, chestY);
        Point corner = new Point(block.girth() / 4, chestY + CURVE_MM);
        Point out = corner.between(wristLow, Math.min(0.4, CURVE_MM / Math.max(1, corner.distanceMm(wristLow))));
        Edge side = Edge.joined(
                "side",
                Edge.joined(
                        "side",
                        Edge.line("side", new Point(block.hemGirth() / 4, 0), low),
                        Edge.curve("side", low, low.between(corner, 0.6), out.between(corner, 0.6), out)),
                Edge.line("side", out, wristLow));
        return new Paper(id, name, 0, 0)
                .line("hem", block.hemGirth() / 4, 0)
                .edge(side)
                .line("sleeve end", wristTop)
                .line("shoulder", neck)
                .edge(block.neck("neck"))
                .line("centre", 0, 0)
                .level("chest", chestY - 0.01)
                .allow("sleeve end", Allowance.turned(f.of("hem"), "turned up"))
                .hem("hem", f.of("hem"))
                .seams(seam);
    }

    private List<Size> sizes() {
        List<Size> sizes = new ArrayList<>();
        sizes.add(Size.girth(
                "chest",
                f.body(BodyMeasure.CHEST),
                f.of("ease"),
                0,
                new Size.Term("front", "chest", 2),
                new Size.Term("back", "chest", 1)));
        sizes.add(Size.length("front edge", 0, new Size.Term("front", "centre", 1)));
        return sizes;
    }

    private List<String> notes() {
        List<String> notes = new ArrayList<>(List.of(
                Movement.reaching(f.body(BodyMeasure.CHEST), f.of("ease"), 0),
                "The band is cut in one length or pieced at the centre back; stay-stitch the neck before it goes on.",
                "Fold the front under on the body before it is cut shorter: it can be cut again, not longer."));
        notes.addAll(front.bustNotes());
        return notes;
    }
}
