package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Movement;
import org.handdown.geometry.Point;
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
 * A loose smock for woven cloth, buttoned down the front or the back, long sleeves with elastic, neck bound on the bias. Body by {@link
 * TopBlock}. The button line is the centre line; each side runs on past it by half a button and 6 mm, and as much again is turned under
 * (handbook of the trade §4). n buttons over a span S sit S/(n − 1) apart. Worked check: five buttons over 440 mm sit 110 mm apart.
 */
final class SmockDraft {
    static final Draft DRAFT = new Draft(
            "smock",
            "smock",
            Draft.Family.TOPS,
            "Loose and long, sleeves gathered on elastic, buttoned in front or at the back.",
            List.of(
                    BodyMeasure.HEIGHT,
                    BodyMeasure.CHEST,
                    BodyMeasure.HIP,
                    BodyMeasure.NECK_GIRTH,
                    BodyMeasure.SHOULDER,
                    BodyMeasure.BACK_WAIST,
                    BodyMeasure.UPPER_ARM,
                    BodyMeasure.ARM_LENGTH,
                    BodyMeasure.HAND_GIRTH,
                    BodyMeasure.WRIST),
            List.of(
                    Dimension.choice("opening", "Buttoned", "at the back", "in front"),
                    Dimension.length("ease", "Room over the chest", 160, 60, 600),
                    Dimension.length("below", "Length below the waist", w -> 0.2 * w.mm(BodyMeasure.HEIGHT), 40, 900),
                    Dimension.length(
                            "flare", "Wider at the hem, all round", w -> 0.083 * w.mm(BodyMeasure.HEIGHT), 0, 900),
                    TopBody.bust(),
                    TopBody.tails(),
                    Dimension.choice("collar", "Neck", "bound", "stand collar"),
                    SleeveBlock.Length.dimension(),
                    Dimension.count("buttons", "Buttons", 5, 2, 12),
                    Dimension.length("button", "Diameter of a button", 15.24, 6, 40)
                            .hint(Wording.of("24 ligne is 15.24 mm")),
                    Dimension.length("elastic", "Width of the sleeves’ elastic", 10, 4, 30),
                    Dimension.tick("pockets", "Two patch pockets", true),
                    Dimension.length("seam", "Seam allowance", 10, 5, 25),
                    Dimension.length("hem", "Hem allowance", 30, 0, 60).hint("none where an old hem is kept")),
            "woven, shirt weight",
            List.of("front", "back"),
            Wording.of(
                    "Finished chest = chest + room; G/4 a quarter; underarm C/10 + 125 mm + a tenth of the room below the nape; sleeve head 0.235 of the armhole high; overlap half a button + 6 mm past the centre, 15 mm at least; buttons S/(n − 1) apart; sleeve elastic = its usual share of the wrist + 20 mm (handbook of the trade §4; common practice, no source)."),
            f -> new SmockDraft(f).design());

    private static final double BEYOND_HALF_MM = 6;
    /** Less than this holds no buttonhole, however small its button (common practice, no source). */
    private static final double LEAST_BEYOND_MM = 15;

    /** A binding is stretched a little round the neck, or it stands off (common practice, no source). */
    private static final double BINDING_SHARE = 0.95;

    private static final double SHORT_SLEEVE = 0.4;
    private static final double COLLAR_MM = 32;
    private static final double COLLAR_SHORTER = 0.03;
    private static final double FIRST_BUTTON_MM = 12;
    private static final double HEAD_EASE_MM = 12;
    /** Height of the head by the armhole: low, for arms that lift at work (common practice, no source). */
    private static final double HEAD_SHARE = 0.235;

    private static final double ARM_ROOM_MM = 70;
    private static final double NECK_WIDER_MM = 4;

    private final Figures f;
    private final double seam;
    private final double beyond;
    private final TopBlock front;
    private final TopBlock back;
    private final SleeveBlock sleeve;

    private SmockDraft(Figures f) {
        this.f = f;
        this.seam = f.of("seam");
        this.beyond = Math.max(LEAST_BEYOND_MM, f.of("button") / 2 + BEYOND_HALF_MM);
        double leastSleeve = f.body(BodyMeasure.UPPER_ARM) + ARM_ROOM_MM;
        this.back = TopBody.back(
                f,
                new TopWish(
                                TopCut.WOVEN,
                                f.of("ease"),
                                Math.max(
                                        f.body(BodyMeasure.CHEST) + f.of("ease") + f.of("flare"),
                                        f.body(BodyMeasure.HIP) + 60),
                                f.of("below"),
                                NECK_WIDER_MM,
                                0,
                                0,
                                true)
                        .withTails(TopBody.tailsMm(f)),
                leastSleeve);
        this.front = back.front(NeckShape.roundDeepMm(back.neckWide())).longer(f.of("bust"));
        SleeveBlock.Hole hole = SleeveBlock.Hole.of(front, back, HEAD_EASE_MM);
        this.sleeve = SleeveBlock.of(
                hole, new SleeveBlock.Wish(HEAD_SHARE, leastSleeve, sleeveMm(hole), (wide, under) -> end(wide)));
    }

    /** Gathered on elastic at the wrist, where a whole sleeve blouses by 25; a shorter one is gathered on the arm. */
    private double sleeveMm(SleeveBlock.Hole hole) {
        double arm = f.body(BodyMeasure.ARM_LENGTH);
        SleeveBlock.Length named = SleeveBlock.Length.of(f);
        double blouse = named == SleeveBlock.Length.GIVEN ? 25 : 0;
        return named.mm(arm, 1, SHORT_SLEEVE, back.beyondShoulder(f) - blouse, hole);
    }

    private double end(double wide) {
        double whole = Math.max(f.body(BodyMeasure.HAND_GIRTH) + 40, f.body(BodyMeasure.UPPER_ARM) + 20);
        return switch (SleeveBlock.Length.of(f)) {
            case SHORT, CAP -> Math.max(whole, 0.92 * wide);
            default -> whole;
        };
    }

    private boolean isGathered() {
        return switch (SleeveBlock.Length.of(f)) {
            case GIVEN, LONG -> true;
            default -> false;
        };
    }

    private boolean opensInFront() {
        return f.of("opening") == 1;
    }

    private Design design() {
        List<Piece> pieces = new ArrayList<>();
        pieces.add(opensInFront() ? half(front, "front", "front") : full(front, "front", "front"));
        pieces.add(opensInFront() ? full(back, "back", "back") : half(back, "back", "back"));
        pieces.add(sleevePiece());
        double neck = neckline();
        if (f.is("collar")) {
            pieces.add(collar("collar", "stand collar").copies(2).piece());
            pieces.add(collar("collar-interfacing", "interfacing of the collar")
                    .cloth(PieceCloth.INTERFACING)
                    .piece());
        } else {
            pieces.add(binding(neck));
        }
        if (f.is("pockets")) {
            double wide = Math.rint(0.22 * (front.girth() / 2));
            pieces.add(Paper.rectangle("pocket", "patch pocket", wide, 1.1 * wide)
                    .allow("upper", new Allowance(25, "turned twice for the pocket's mouth"))
                    .seams(seam)
                    .copies(2)
                    .optional()
                    .wish("upper", EdgeWish.of(Role.POCKET))
                    .piece());
        }
        return new Design("smock", pieces, seams(), sizes(), notes(neck), cautions());
    }

    private Piece binding(double neck) {
        return Paper.rectangle("neck-binding", "neck binding", 4 * 6, BINDING_SHARE * neck)
                .allow("lower", Allowance.seam(seam))
                .allow("upper", Allowance.seam(seam))
                .bare("left", "double-fold binding, cut 4 × its finished width")
                .bare("right", "double-fold binding, cut 4 × its finished width")
                .grain(CutGrain.BIAS)
                .cloth(PieceCloth.BINDING)
                .piece();
    }

    /** Its neck edge bends up to the front ends, so that its upper edge comes in to the throat. */
    private Paper collar(String id, String name) {
        double neck = neckline();
        return Sector.between((1 - COLLAR_SHORTER) * neck, neck, COLLAR_MM)
                .paper(id, name)
                .seams(seam)
                .notch("centre", "hem", 0.5);
    }

    private double neckline() {
        return 2 * (front.neck("").lengthMm() + back.neck("").lengthMm()) + 2 * beyond;
    }

    private Piece full(TopBlock block, String id, String name) {
        return block.full(id, name)
                .hem("hem", f.of("hem"))
                .seams(seam)
                .notch("centre", 0, 0)
                .notch("centre", 0, block.neckCentre().y())
                .piece();
    }

    /** The buttoned half: its edge past the button line, its turn under, buttonholes from the neck down. */
    private Piece half(TopBlock block, String id, String name) {
        Paper paper = block.half(id, name, beyond)
                .hem("hem", f.of("hem"))
                .allow("centre", Allowance.turned(Math.min(100, 2 * beyond + seam), "turned under as the placket"))
                .wish("centre", new EdgeWish(Role.CLOSURE, beyond, 0))
                .seams(seam)
                .pairs(1)
                .level("neck end", block.neckCentre().y() - 0.01);
        double hole = f.of("button") + 3;
        for (double down : buttonsMm(block)) {
            double y = block.neckCentre().y() - down;
            paper.mark(
                    Mark.Kind.BUTTONHOLE,
                    "buttonhole, button on the partner",
                    new Point(-3, y),
                    new Point(hole - 3, y));
        }
        return paper.mark(
                        Mark.Kind.OVERLAP,
                        "button line, the centre",
                        new Point(0, 0),
                        new Point(0, block.neckCentre().y()))
                .piece();
    }

    private double spanMm(TopBlock block) {
        return block.neckCentre().y() - FIRST_BUTTON_MM - Math.max(80, 0.18 * block.length());
    }

    /** From the neck's edge down. */
    private List<Double> buttonsMm(TopBlock block) {
        int n = f.count("buttons");
        double apart = spanMm(block) / (n - 1);
        List<Double> down = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            down.add(FIRST_BUTTON_MM + i * apart);
        }
        return down;
    }

    private Piece sleevePiece() {
        return sleeve.paper("sleeve", "sleeve")
                .allow("hem", Allowance.casing(f.of("elastic") + 3 + seam, seam, "turned up for the elastic"))
                .wish("hem", EdgeWish.of(Role.CUFF))
                .seams(seam)
                .pairs(1)
                .piece();
    }

    private List<DesignSeam> seams() {
        String frontSide = opensInFront() ? "side" : "side right";
        String backSide = opensInFront() ? "side left" : "side";
        String frontHole = opensInFront() ? "armhole" : "armhole right";
        String backHole = opensInFront() ? "armhole left" : "armhole";
        String frontShoulder = opensInFront() ? "shoulder" : "shoulder right";
        String backShoulder = opensInFront() ? "shoulder left" : "shoulder";
        return List.of(
                TopBlock.sides(front, frontSide, backSide),
                Join.equal("shoulder seams", "front", frontShoulder, "back", backShoulder),
                Join.eased(
                        "sleeve head in the armhole",
                        List.of(Join.side("front", frontHole), Join.side("back", backHole)),
                        List.of(Join.side("sleeve", "head")),
                        10,
                        40),
                Join.equal("underarm seam", "sleeve", "right", "sleeve", "left"),
                neckSeam());
    }

    private DesignSeam neckSeam() {
        List<DesignSeam.Side> neck = List.of(
                Join.side("front", "neck", opensInFront() ? 2 : 1), Join.side("back", "neck", opensInFront() ? 1 : 2));
        return f.is("collar")
                ? Join.equal("collar on the neck", neck, List.of(Join.side("collar", "hem")))
                : Join.ratio("binding on the neck", neck, List.of(Join.side("neck-binding", "left")), BINDING_SHARE);
    }

    private List<Size> sizes() {
        int fronts = opensInFront() ? 2 : 1;
        Size chest = Size.girth(
                        "chest",
                        f.body(BodyMeasure.CHEST),
                        f.of("ease"),
                        0,
                        new Size.Term("front", "chest", fronts),
                        new Size.Term("back", "chest", 3 - fronts))
                .plus(-2 * beyond, "overlap");
        return List.of(
                chest,
                Size.opening(
                        "sleeve end before the elastic, which must pass the hand",
                        f.body(BodyMeasure.HAND_GIRTH),
                        0,
                        new Size.Term("sleeve", "hem", 1)),
                Size.opening("upper arm", f.body(BodyMeasure.UPPER_ARM), 0, new Size.Term("sleeve", "upper arm", 1)),
                Size.length("side", 0, new Size.Term("front", opensInFront() ? "side" : "side right", 1)));
    }

    private List<String> notes(double neck) {
        TopBlock opened = opensInFront() ? front : back;
        double apart = spanMm(opened) / (f.count("buttons") - 1);
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "%d buttons, the first %.0f mm below the neck, then every %.0f mm; the centre lines lie on each other, each side runs on %.0f mm.",
                f.count("buttons"), FIRST_BUTTON_MM, apart, beyond));
        notes.add(
                isGathered()
                        ? Wording.fill(
                                "Elastic for each sleeve: %s.", f.practice().elastic(f.body(BodyMeasure.WRIST)))
                        : Wording.fill(
                                "Elastic for each sleeve as long as the arm where it ends and 20 mm: the upper arm measures %.0f mm.",
                                f.body(BodyMeasure.UPPER_ARM)));
        notes.add(
                f.is("collar")
                        ? "Two collars and one interfacing: the inner one is turned in and felled over the seam by hand."
                        : Wording.fill(
                                "Bias strip for the neck: 24 mm wide, %.0f mm long and the ends turned in; stretch it a little round the curve.",
                                BINDING_SHARE * neck));
        notes.addAll(front.bustNotes());
        notes.add(Movement.reaching(f.body(BodyMeasure.CHEST), f.of("ease"), 0));
        notes.add("A kept placket goes with its line of buttons on the centre line, not with its edge.");
        return notes;
    }

    private List<String> cautions() {
        return f.body(BodyMeasure.HEIGHT) < BodyLimits.UNDER_THREE_MM ? List.of(BodyLimits.BUTTONS) : List.of();
    }
}
