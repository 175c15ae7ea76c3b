package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Closing;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;

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
            f -> new SmockDraft(SmockBody.of(f)).design());
    private static final double COLLAR_MM = 32;
    private static final double COLLAR_SHORTER = 0.03;

    /** A binding is stretched a little round the neck, or it stands off (common practice, no source). */
    static final double BINDING_SHARE = 0.95;

    private final SmockBody body;
    private final Figures f;
    private final double seam;
    private final SmockSewing sewing;

    private SmockDraft(SmockBody body) {
        this.body = body;
        this.f = body.f();
        this.seam = f.of("seam");
        this.sewing = new SmockSewing(body);
    }

    private Design design() {
        List<Piece> pieces = new ArrayList<>();
        pieces.add(body.opensInFront() ? half(body.front(), "front", "front") : full(body.front(), "front", "front"));
        pieces.add(body.opensInFront() ? full(body.back(), "back", "back") : half(body.back(), "back", "back"));
        pieces.add(sleevePiece());
        double neck = body.neckline();
        if (f.is("collar")) {
            pieces.add(collar("collar", "stand collar").copies(2).piece());
            pieces.add(collar("collar-interfacing", "interfacing of the collar")
                    .cloth(PieceCloth.INTERFACING)
                    .piece());
        } else {
            pieces.add(binding(neck));
        }
        if (f.is("pockets")) {
            double wide = Math.rint(0.22 * (body.front().girth() / 2));
            pieces.add(Paper.rectangle("pocket", "patch pocket", wide, 1.1 * wide)
                    .allow("upper", new Allowance(25, "turned twice for the pocket's mouth"))
                    .seams(seam)
                    .copies(2)
                    .optional()
                    .wish("upper", EdgeWish.of(Role.POCKET))
                    .piece());
        }
        Closing ends = Closing.lapping("ends of the binding", "neck-binding", "lower", "upper", 2 * body.beyond());
        return new Design("smock", pieces, sewing.seams(), sewing.sizes(), sewing.notes(neck), sewing.cautions())
                .taking(sewing.supplies())
                .closing(Closing.lapping(
                        "buttons", body.opensInFront() ? "front" : "back", "centre", "centre", 2 * body.beyond()))
                .closing(f.is("collar") ? new Closing[0] : new Closing[] {ends})
                .laying("pocket", "front")
                .laying("collar-interfacing", "collar");
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
        double neck = body.neckline();
        return Sector.between((1 - COLLAR_SHORTER) * neck, neck, COLLAR_MM)
                .paper(id, name)
                .seams(seam)
                .notch("centre", "hem", 0.5);
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
        Paper paper = block.half(id, name, body.beyond())
                .hem("hem", f.of("hem"))
                .allow(
                        "centre",
                        Allowance.turned(Math.min(100, 2 * body.beyond() + seam), "turned under as the placket"))
                .wish("centre", new EdgeWish(Role.CLOSURE, body.beyond(), 0))
                .seams(seam)
                .pairs(1)
                .level("neck end", block.neckCentre().y() - 0.01);
        double hole = f.of("button") + 3;
        for (double down : body.buttonsMm(block)) {
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

    private Piece sleevePiece() {
        return body.sleeve()
                .paper("sleeve", "sleeve")
                .allow("hem", Allowance.casing(f.of("elastic") + 3 + seam, seam, "turned up for the elastic"))
                .wish("hem", EdgeWish.of(Role.CUFF))
                .seams(seam)
                .pairs(1)
                .piece();
    }
}
