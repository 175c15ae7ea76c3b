package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Closing;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;
import org.handdown.pattern.Supply;

/**
 * A bodywarmer of thick cloth, lined or not, its fronts meeting edge to edge. Body by {@link TopBlock}; thick cloth goes round the body
 * on the outside of itself, so 2π × thickness is added to the girth (the inner girth is what is worn).
 * Worked check: chest 580 mm, 120 of room and 4 mm cloth make 580 + 120 + 25 = 725 mm.
 */
final class BodywarmerDraft {
    static final Draft DRAFT = new Draft(
            "bodywarmer",
            "bodywarmer",
            Draft.Family.TOPS,
            "No sleeves, open in front, of thick cloth, with or without a lining.",
            List.of(
                    BodyMeasure.HEIGHT,
                    BodyMeasure.CHEST,
                    BodyMeasure.HIP,
                    BodyMeasure.NECK_GIRTH,
                    BodyMeasure.SHOULDER,
                    BodyMeasure.BACK_WAIST),
            List.of(
                    Dimension.length("ease", "Room over the chest", 120, 40, 500),
                    Dimension.length("below", "Length below the waist", w -> 0.1 * w.mm(BodyMeasure.HEIGHT), 0, 700),
                    TopBody.bust(),
                    Dimension.length("thick", "Thickness of the cloth", 3, 0, 10),
                    Dimension.tick("lined", "Lined", true),
                    Dimension.count("loops", "Buttons with loops", 4, 0, 10),
                    Dimension.length("button", "Diameter of a button", 22, 6, 45),
                    Dimension.tick("pockets", "Two patch pockets", true)
                            .hint("not on very thick cloth: put them into the side seams"),
                    Dimension.length("seam", "Seam allowance", 10, 5, 25),
                    Dimension.length("hem", "Hem allowance", 25, 0, 60).hint("none where an old edge is kept")),
            "thick woven or felted; lining smooth",
            List.of("front", "back"),
            "Finished chest = chest + room + 2π × thickness; G/4 a quarter; underarm C/10 + 135 mm + a tenth of the room below the nape; fronts meet at the centre (common practice, no source).",
            f -> new BodywarmerDraft(f).design());

    private static final double NARROW_SHOULDER_MM = 15;
    private static final double NECK_WIDER_MM = 8;
    private static final double THICK_MM = 3.5;
    private static final double LINING_SHORTER_MM = 15;
    private static final double LINING_PLEAT_MM = 20;

    private final Figures f;
    private final double seam;
    private final double turnOfCloth;
    private final TopBlock front;
    private final TopBlock back;

    private BodywarmerDraft(Figures f) {
        this.f = f;
        this.seam = f.of("seam");
        this.turnOfCloth = 2 * Math.PI * f.of("thick");
        double ease = f.of("ease") + turnOfCloth;
        double chest = f.body(BodyMeasure.CHEST) + ease;
        this.back = TopBody.back(
                f,
                new TopWish(
                        TopCut.OVER_OTHERS,
                        ease,
                        f.of("below") < 40 ? chest : Math.max(chest, f.body(BodyMeasure.HIP) + 60 + turnOfCloth),
                        f.of("below"),
                        NECK_WIDER_MM,
                        -NARROW_SHOULDER_MM,
                        0,
                        true));
        this.front = back.front(NeckShape.roundDeepMm(back.neckWide()) + 10).longer(f.of("bust"));
    }

    private Design design() {
        List<Piece> pieces = new ArrayList<>();
        pieces.add(frontPiece());
        pieces.add(backPiece());
        if (f.is("lined")) {
            pieces.add(lining(inside(front).half("front-lining", "front lining", 0))
                    .pairs(1)
                    .piece());
            pieces.add(lining(inside(back).full("back-lining", "back lining", LINING_PLEAT_MM))
                    .piece());
        }
        if (f.is("pockets")) {
            double wide = Math.rint(0.34 * front.girth() / 4 * 2);
            pieces.add(Paper.rectangle("pocket", "patch pocket", wide, 1.05 * wide)
                    .allow("upper", new Allowance(25, "turned twice for the pocket's mouth"))
                    .seams(seam)
                    .copies(2)
                    .optional()
                    .piece());
        }
        return new Design("bodywarmer", pieces, seams(), sizes(), notes(), cautions())
                .taking(supplies())
                .laying("pocket", "front")
                .closing(Closing.lapping("front, with loops", "front", "centre", "centre", 0));
    }

    private Piece frontPiece() {
        return edged(front.half("front", "front", 0)
                        .allow(
                                "centre",
                                new Allowance(f.is("lined") ? seam : 0, f.is("lined") ? "sewn to the lining" : "bound"))
                        .wish("centre", EdgeWish.of(Role.FRONT_EDGE)))
                .pairs(1)
                .piece();
    }

    private Piece backPiece() {
        return edged(back.full("back", "back"))
                .notch("centre", 0, 0)
                .notch("centre", 0, back.neckCentre().y())
                .piece();
    }

    private Paper edged(Paper paper) {
        return paper.hem("hem", f.of("hem")).seams(seam);
    }

    /** Thick cloth lies on the outside of its own turn: what lies within it is so much narrower. */
    private TopBlock inside(TopBlock shell) {
        return shell.narrower(turnOfCloth);
    }

    /** A lining hides no flaw and lies on no old edge. */
    private Paper lining(Paper paper) {
        return paper.allow(
                        "hem",
                        Allowance.turned(
                                Math.max(0, f.of("hem") - LINING_SHORTER_MM), "turned up; ends above the outer hem"))
                .seams(seam)
                .cloth(PieceCloth.LINING);
    }

    private List<DesignSeam> seams() {
        List<DesignSeam> seams = new ArrayList<>(List.of(
                TopBlock.sides(front, "side", "side left"),
                Join.equal("shoulder seams", "front", "shoulder", "back", "shoulder left")));
        if (f.is("lined")) {
            seams.addAll(lined());
        }
        return seams;
    }

    /** The lining's own seams, and all round where it is sewn behind the outer cloth. */
    private List<DesignSeam> lined() {
        TopBlock innerFront = inside(front);
        TopBlock innerBack = inside(back);
        double hem = LINING_PLEAT_MM + (innerFront.hemGirth() - front.hemGirth());
        return List.of(
                TopBlock.sides(innerFront, "side", "side left")
                        .between(
                                "side seams of the lining",
                                List.of(Join.side("back-lining", "side left")),
                                List.of(Join.side("front-lining", "side"))),
                Join.equal("shoulder seams of the lining", "front-lining", "shoulder", "back-lining", "shoulder left"),
                Join.behind("front edge to its lining", "front", "centre", "front-lining", "centre"),
                Join.behind("front neck to its lining", "front", "neck", "front-lining", "neck"),
                behind("back neck to its lining, the pleat laid", "back", "neck", "neck", LINING_PLEAT_MM),
                behind(
                        "armhole to its lining",
                        "front",
                        "armhole",
                        "armhole",
                        innerFront.armhole("").lengthMm() - front.armhole("").lengthMm()),
                behind(
                        "back armhole to its lining",
                        "back",
                        "armhole right",
                        "armhole right",
                        innerBack.armhole("").lengthMm() - back.armhole("").lengthMm()),
                Join.eased(
                                "hem to the lining's, the pleat laid",
                                List.of(Join.side("front", "hem", 2), Join.side("back", "hem")),
                                List.of(Join.side("front-lining", "hem", 2), Join.side("back-lining", "hem")),
                                hem,
                                hem)
                        .with(DesignSeam.Copies.BEHIND));
    }

    private static DesignSeam behind(String name, String piece, String edge, String liningEdge, double longerMm) {
        return Join.eased(
                        name,
                        List.of(Join.side(piece, edge)),
                        List.of(Join.side(piece + "-lining", liningEdge)),
                        longerMm,
                        longerMm)
                .with(DesignSeam.Copies.BEHIND);
    }

    private List<Size> sizes() {
        return List.of(
                Size.girth(
                        "chest",
                        f.body(BodyMeasure.CHEST),
                        f.of("ease") + turnOfCloth,
                        0,
                        new Size.Term("front", "chest", 2),
                        new Size.Term("back", "chest", 1)),
                Size.girth(
                        "hem",
                        f.of("below") < 40 ? 0 : f.body(BodyMeasure.HIP),
                        back.hemGirth() - f.body(BodyMeasure.HIP),
                        0,
                        new Size.Term("front", "hem", 2),
                        new Size.Term("back", "hem", 1)),
                Size.length("front edge", 0, new Size.Term("front", "centre", 1)),
                Size.length("side", 0, new Size.Term("front", "side", 1)));
    }

    private List<String> notes() {
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "%.0f mm of the chest's girth are the turn of the cloth: it lies on the outside of itself.",
                turnOfCloth));
        if (f.is("lined")) {
            notes.add(Wording.fill(
                    "The lining is narrower by that, and has a pleat of %.0f mm at the centre back: it must give where the back bends.",
                    LINING_PLEAT_MM));
            notes.add(Wording.fill(
                    "Bagged out, the lining's hem ends %.0f mm above the outer one and falls over its own fold: that jump lets it move.",
                    LINING_SHORTER_MM));
        }
        notes.addAll(front.bustNotes());
        int n = f.count("loops");
        if (n > 0) {
            double edge = front.neckCentre().y();
            double apart = n == 1 ? 0 : 0.72 * edge / (n - 1);
            notes.add(Wording.fill(
                    "%d buttons every %.0f mm, the first 20 mm below the neck; a loop opens flat to %.0f mm: %.0f mm of cord each, both ends sewn in.",
                    n, apart, f.of("button") + f.of("thick"), loopMm()));
        }
        if (f.of("thick") >= THICK_MM) {
            notes.add(
                    "Thick cloth: clips instead of pins, grade the layers, and keep enough over to cut one front again.");
            if (f.is("pockets")) {
                notes.add("Patch pockets on cloth this thick stand off: rather put them into the side seams.");
            }
        }
        return notes;
    }

    /** Cord for one loop: to the button and back, and both ends sewn in. */
    private double loopMm() {
        return 2 * (f.of("button") / 2 + 10) + 2 * 13;
    }

    private Supply[] supplies() {
        int n = f.count("loops");
        return n == 0
                ? new Supply[0]
                : new Supply[] {
                    Supply.buttons("front", n, f.of("button")), new Supply(Supply.Kind.CORD, "loops", n, loopMm(), 0)
                };
    }

    private List<String> cautions() {
        return f.count("loops") > 0 && f.body(BodyMeasure.HEIGHT) < BodyLimits.UNDER_THREE_MM
                ? List.of(BodyLimits.BUTTONS)
                : List.of();
    }
}
