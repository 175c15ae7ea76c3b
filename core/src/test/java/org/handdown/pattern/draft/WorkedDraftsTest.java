package org.handdown.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Movement;
import org.handdown.body.Wearer;
import org.handdown.fit.Fit;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.room.FitsAlone;
import org.handdown.geometry.Box;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.Practice;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Size;
import org.junit.jupiter.api.Test;

/** Drafts against figures worked by hand; the source of a formula stands beside its check. */
class WorkedDraftsTest {
    private static final double INCH = 25.4;

    private static Wearer body(BodyMeasure measure, double mm) {
        return Bodies.tall(1650, Map.of(measure, mm));
    }

    private static Design draw(String id, Wearer body, Map<String, Double> choices) {
        return Drafts.require(id).draw(body, choices);
    }

    private static double finished(Design design, String what) {
        return design.sizes().stream()
                .filter(s -> s.what().equals(what))
                .findFirst()
                .orElseThrow()
                .finishedMm();
    }

    private static double edge(Design design, String piece, String edge) {
        return design.piece(piece).stitchLine().edge(edge).lengthMm();
    }

    /** Handbook of the trade §4: a full circle from waist 700 mm has r = 111.4 mm. */
    @Test
    void aFullCircleFromSeventyCentimetresHasARadiusOfEleven() {
        assertThat(CircleSkirtDraft.radiusMm(700, 1)).isCloseTo(111.4, within(0.05));
    }

    /** Worked examples of the trade: 70 + 3 cm make 11.618 cm with 2π, 11.624 with the divisor 6.28. */
    @Test
    void aWaistOfSeventyThreeGivesTheRadiusWithTwoPi() {
        assertThat(CircleSkirtDraft.radiusMm(730, 1)).isCloseTo(116.18, within(0.005));
        assertThat(730 / 6.28).isCloseTo(116.24, within(0.005));
    }

    /** Worked example of the trade: that arc cut and sewn 15 mm further in is 94 mm too large; cut at 101.2 mm it is right. */
    @Test
    void theWaistIsCutItsAllowanceInsideTheStitchLine() {
        double r = CircleSkirtDraft.radiusMm(730, 1);
        assertThat(2 * Math.PI * (r + 15) - 730).isCloseTo(94.2, within(0.1));
        Wearer body = body(BodyMeasure.WAIST, 705);
        Design design = draw("circle-skirt", body, Map.of("ease", 25.0, "seam", 15.0, "length", 500.0));
        assertThat(finished(design, "waist")).isCloseTo(730, within(0.05));
        Piece panel = design.piece("panel");
        Box cut = panel.cutLine().ring().box();
        // Half a ring: the cut waist lies 15 mm above the stitched one, on the axis.
        assertThat(cut.maxY()).isGreaterThanOrEqualTo(panel.stitchLine().box().maxY());
        assertThat(design.notes().get(0)).contains(Wording.of("waist seam 116.2 mm, cut 15.0 mm further in"));
    }

    /**
     * Worked example of the trade: waist 70 cm with one seam of two 15 mm is drawn at 73/6.28 = 11.6 cm; of a square of 150 cm it is 63.4 cm
     * long to the raw edge, which is 471.2 cm round and 468.2 cm once the seam is sewn.
     */
    @Test
    void aFullCircleInOneDiscLosesItsOneSeamOnly() {
        Wearer body = body(BodyMeasure.WAIST, 700);
        double r = Disc.radiusMm(700, 15);
        assertThat(r).isCloseTo(116.2, within(0.1));
        double length = 750 - r;
        assertThat(length).isCloseTo(634, within(0.5));
        Design design = draw(
                "circle-skirt",
                body,
                Map.of("ease", 0.0, "seam", 15.0, "length", length, "panels", 1.0, "hem", 0.0, "overlap", 0.0));
        assertThat(finished(design, "waist")).isCloseTo(700, within(0.05));
        assertThat(edge(design, "panel", "hem")).isCloseTo(4682, within(1.0));
        Piece disc = design.piece("panel");
        assertThat(disc.quantity()).isEqualTo(1);
        Box cut = disc.cutLine().ring().box();
        assertThat(cut.widthMm()).isCloseTo(1500, within(0.5));
        assertThat(cut.heightMm()).isCloseTo(1500, within(0.5));
        // The cloth of a full ring but for the hair of the one cut: cut 15 mm inside the waist's stitch line.
        double ring = Math.PI * (750 * 750 - (r - 15) * (r - 15));
        assertThat(Region.of(disc.cutLine().ring()).areaMm2()).isCloseTo(ring, within(0.5 * 650 + 0.1 * 4712));
        assertThat(disc.cutLine().ring().isSimple()).isTrue();
        assertThat(design.walks()).allMatch(w -> w.agrees());
        // It really lies on cloth as wide both ways as it is, and on none narrower.
        FitPiece piece = Fit.piece("disc", disc.cutLine().ring(), 1);
        assertThat(lies(piece, 1502, 1502)).isTrue();
        assertThat(lies(piece, 1480, 2000)).isFalse();
    }

    private static boolean lies(FitPiece piece, double wideMm, double highMm) {
        FitPanel cloth = Fit.panel("p", Ring.rectangle(0, 0, wideMm, highMm));
        return FitsAlone.on(Fit.fill(List.of(cloth), piece), piece);
    }

    @Test
    void threeQuartersInOnePieceHaveOneSeam() {
        Design design = draw(
                "circle-skirt",
                body(BodyMeasure.WAIST, 700),
                Map.of("circle", 1.0, "length", 500.0, "panels", 1.0, "overlap", 0.0));
        assertThat(design.piece("panel").quantity()).isEqualTo(1);
        assertThat(design.piece("panel").cutLine().ring().isSimple()).isTrue();
        assertThat(finished(design, "waist")).isCloseTo(710, within(0.05));
        assertThat(design.notes()).anyMatch(n -> n.startsWith("In one piece it takes cloth of"));
    }

    /** Worked example of the trade: 150 cm square folded in quarters, waist cut at 10.12, sewn at 11.62: 63.4 cm long, hem 471.2 cm. */
    @Test
    void theLongestCircleOfASquare() {
        double r = CircleSkirtDraft.radiusMm(730, 1);
        assertThat(CircleSkirtDraft.longestMm(1500, r, 0)).isCloseTo(633.8, within(0.1));
        assertThat(2 * Math.PI * 750).isCloseTo(4712, within(1.0));
        Design design = draw("circle-skirt", body(BodyMeasure.WAIST, 720), Map.of("length", 750 - r));
        assertThat(finished(design, "hem, all round")).isCloseTo(4712.4, within(0.5));
    }

    @Test
    void partsOfACircleHaveTheirShareOfTheHem() {
        for (double circle = 0; circle <= 3; circle++) {
            Design design = draw(
                    "circle-skirt",
                    body(BodyMeasure.WAIST, 690),
                    Map.of("circle", circle, "length", 600.0, "panels", 3.0));
            double share = 1 - circle / 4;
            double r = 700 / (2 * Math.PI * share);
            assertThat(finished(design, "hem, all round")).isCloseTo(2 * Math.PI * share * (r + 600), within(0.1));
        }
    }

    /** Handbook of the trade §4: gathers 2 usual. Waist 600 mm with a ratio of 2 takes 1200 mm. */
    @Test
    void gathersTakeTheirRatio() {
        Design design = draw(
                "gathered-skirt",
                body(BodyMeasure.WAIST, 590),
                Map.of("waistEase", 10.0, "overlap", 0.0, "ratio", 2.0, "panels", 2.0));
        assertThat(2 * edge(design, "panel", "upper")).isCloseTo(1200, within(1e-6));
        DesignSeam.Walk walk = design.walks().get(1);
        assertThat(walk.sentence()).isEqualTo("gathered 2.00 to 1");
    }

    /** Handbook of the trade §3: a knife pleat of depth d takes up 2d. Twelve of 25 mm on 600 mm are 1200 mm. */
    @Test
    void pleatsTakeUpTwiceTheirDepth() {
        Design design = draw(
                "pleated-skirt",
                body(BodyMeasure.WAIST, 590),
                Map.of("waistEase", 10.0, "pleats", 12.0, "depth", 25.0, "panels", 2.0));
        assertThat(2 * edge(design, "panel", "upper")).isCloseTo(1200, within(1e-6));
        assertThat(finished(design, "waist, pleats laid")).isCloseTo(600, within(1e-6));
    }

    /** Worked example of the trade: T 105, A 45, k 3 cm give 73.5 cm; the cut-off of 31.5 cm is the wedge with its allowances. */
    @Test
    void theLongestSkirtWithAWedgeFromOneLeg() {
        double longest = TrouserSkirtDraft.longest(1050, 450, 30);
        assertThat(longest).isCloseTo(735, within(1e-9));
        assertThat(1050 - longest).isCloseTo(longest - 450 + 30, within(1e-9));
    }

    @Test
    void aWedgeIsAsLongAlongItsSideAsTheSplit() {
        Design design = draw(
                "trouser-skirt",
                Bodies.tall(1650, Map.of()),
                Map.of("trousers", 1050.0, "apex", 450.0, "length", 735.0, "gap", 220.0));
        assertThat(edge(design, "front-wedge", "right")).isCloseTo(285, within(1e-6));
        // An arc of the side's radius whose chord is the gap.
        assertThat(edge(design, "front-wedge", "hem")).isCloseTo(2 * 285 * Math.asin(110.0 / 285), within(0.05));
        assertThatThrownBy(() ->
                        draw("trouser-skirt", Bodies.tall(1650, Map.of()), Map.of("apex", 700.0, "length", 720.0)))
                .hasMessageContaining("needs no wedge");
    }

    /** Worked example of the trade: edge 36 in on four panels, ½ in seams: cut 10 in wide at the top. */
    @Test
    void aPeplumPanelIsAQuarterOfItsEdge() {
        Design design = draw(
                "peplum",
                body(BodyMeasure.WAIST, 700),
                Map.of("edge", 36 * INCH, "panels", 4.0, "seam", INCH / 2, "flare", 0.0));
        assertThat(edge(design, "panel", "upper") + 2 * INCH / 2).isCloseTo(10 * INCH, within(0.01));
    }

    /** Worked example of the trade: a sleeve of 50 to 30 cm over 50 cm is a wedge of 0.4 rad = 22.9°; four of them 91.7°. */
    @Test
    void aWedgeFromASleeve() {
        Sector wedge = Sector.between(300, 500, 500);
        assertThat(wedge.angleRad()).isCloseTo(0.4, within(1e-12));
        assertThat(Math.toDegrees(wedge.angleRad())).isCloseTo(22.9, within(0.05));
        assertThat(4 * Math.toDegrees(wedge.angleRad())).isCloseTo(91.7, within(0.05));
        // A quarter turn each of the half circle would need 45°: 393 mm more at the wide end.
        assertThat(500 * Math.PI / 4).isCloseTo(392.7, within(0.1));
    }

    /** Worked example of the trade: hem 44 in stretched takes 88 in of strip; quarter marks 22 and 11 in apart. */
    @Test
    void aRuffleOnAStretchedHem() {
        Design design = draw(
                "ruffle",
                Bodies.tall(1650, Map.of()),
                Map.of("edge", 40 * INCH, "pulled", 0.1, "ratio", 2.0, "panel", 1500.0));
        assertThat(finished(design, "all strips, gathered edge")).isCloseTo(88 * INCH, within(1e-6));
        assertThat(finished(design, "all strips, gathered edge") / 4).isCloseTo(22 * INCH, within(1e-6));
        assertThat(design.piece("ruffle").quantity()).isEqualTo(2);
    }

    /** Handbook of the trade §3: 3 in over two side inserts is 1½ in each, ¾ in per half; ½ in at the top. */
    @Test
    void sideInsertsShareWhatIsMissing() {
        Design design = draw(
                "side-insert",
                Bodies.tall(1650, Map.of()),
                Map.of("top", INCH, "bottom", 3 * INCH, "seams", 2.0, "length", 400.0));
        assertThat(edge(design, "side-insert", "hem")).isCloseTo(1.5 * INCH, within(1e-3));
        assertThat(edge(design, "side-insert", "upper")).isCloseTo(0.5 * INCH, within(1e-3));
        // The gusset's base is the insert's upper end.
        assertThat(edge(design, "gusset", "base")).isCloseTo(0.5 * INCH, within(1e-3));
        // Drawn ½ where ¼ stays.
        assertThat(design.piece("side-insert").allowance("right").mm()).isCloseTo(0.5 * INCH, within(1e-9));
        assertThat(design.piece("side-insert").allowance("right").trimMm()).isCloseTo(0.25 * INCH, within(1e-9));
    }

    /** Handbook of the trade §4: elastic 0.9 × waist + 20 mm. */
    @Test
    void elasticIsNineTenthsOfTheWaist() {
        assertThat(Practice.SHIPPED.elasticMm(560)).isCloseTo(524, within(1e-9));
        assertThat(draw("elastic-trousers", body(BodyMeasure.TROUSER_WAIST, 700), Map.of())
                        .notes()
                        .get(0))
                .contains(Wording.of("0.9 × 700 mm + 20 mm to overlap = 650 mm"));
    }

    /** Handbook of the trade §4: a band of 0.85 on 400 mm is 340 mm, stretched by 17.6 % while it is sewn. */
    @Test
    void aBandIsAShareOfItsEdge() {
        Design design = draw("cuff", Bodies.tall(1650, Map.of()), Map.of("edge", 400.0, "ratio", 0.85));
        assertThat(edge(design, "band", "lower")).isCloseTo(340, within(1e-9));
        assertThat(design.notes().get(0)).contains("17.6 %");
        Design stiff = draw("cuff", Bodies.tall(1650, Map.of()), Map.of("edge", 400.0, "ratio", 0.6, "stretch", 0.2));
        assertThat(stiff.notes().get(1)).contains(Wording.of("at least 333 mm"));
        assertThat(stiff.sizes().get(0).fits()).isFalse();
    }

    /** Worked example of the trade: hip 950 mm on 900 finished is stretched 5.6 % in wear. */
    @Test
    void aStretchSkirtIsPulledOverTheHips() {
        Wearer body = Bodies.tall(1650, Map.of(BodyMeasure.HIP, 950.0, BodyMeasure.WAIST, 674.0));
        Design design = draw("stretch-skirt", body, Map.of("tight", 50.0 / 950, "stretch", 0.3));
        assertThat(finished(design, "hip")).isCloseTo(900, within(0.01));
        assertThat(design.notes().get(0)).contains("stretched 5.6 % in wear, comfortable to 18.0 %");
        // The waist as sewn is as wide as entry asks for: 950/1.3.
        assertThat(finished(design, "waist before the elastic, which must pass the hips"))
                .isCloseTo(950 / 1.3, within(0.01));
    }

    /** Stretch cloth that is asked for more than is comfortable is told, not drawn in silence. */
    @Test
    void clothAskedToStretchTooFarInWearIsTold() {
        Wearer body = body(BodyMeasure.HIP, 950);
        Design design = draw("stretch-skirt", body, Map.of("tight", 0.6, "stretch", 0.5));
        Size.Finished hip = design.sizes().get(0);
        assertThat(hip.fits()).isFalse();
        assertThat(hip.fit().words()).isEqualTo("too tight");
        assertThatThrownBy(() -> draw("stretch-skirt", body, Map.of("tight", 2.0)))
                .hasMessageContaining("from 0 to 60 %");
    }

    /** Handbook of the trade §4: brim 2 and interfacing, side 2 + 2 lining, crown 4 + 4, band 1. */
    @Test
    void aCapHasItsPieces() {
        Design design = draw("cap", body(BodyMeasure.HEAD_GIRTH, 560), Map.of());
        assertThat(design.pieces().stream()
                        .map(p -> p.id() + " " + p.quantity())
                        .toList())
                .containsExactly(
                        "crown 4",
                        "crown-lining 4",
                        "side 2",
                        "side-lining 2",
                        "band 1",
                        "brim 2",
                        "brim-interfacing 1");
        assertThat(design.piece("brim-interfacing").cloth()).isEqualTo(PieceCloth.INTERFACING);
        // Interfacing is cut short of the allowance.
        assertThat(design.needs().stream()
                        .filter(n -> n.cloth() == PieceCloth.INTERFACING)
                        .findFirst()
                        .orElseThrow()
                        .areaMm2())
                .isLessThan(org.handdown.geometry.Region.of(
                                design.piece("brim").cutLine().ring())
                        .areaMm2());
    }

    /** Handbook of the trade §4: n buttons over span S sit S/(n − 1) apart. */
    @Test
    void buttonsAreSpacedEvenly() {
        Design design = draw("smock", Bodies.tall(1100, Map.of()), Map.of("buttons", 5.0, "opening", 1.0));
        List<Double> heights = design.piece("front").marks().stream()
                .filter(m -> m.kind() == org.handdown.pattern.Mark.Kind.BUTTONHOLE)
                .map(m -> m.points().get(0).y())
                .toList();
        assertThat(heights).hasSize(5);
        double apart = heights.get(0) - heights.get(1);
        for (int i = 1; i < 5; i++) {
            assertThat(heights.get(i - 1) - heights.get(i)).isCloseTo(apart, within(1e-9));
        }
        // Half a button and 6 mm past the centre line (handbook of the trade §4), and 15 mm at least (common practice,
        // no source).
        assertThat(design.piece("front").stitchLine().box().minX()).isCloseTo(-15, within(1e-6));
        Design large = draw("smock", Bodies.tall(1100, Map.of()), Map.of("button", 30.0, "opening", 1.0));
        assertThat(large.piece("front").stitchLine().box().minX()).isCloseTo(-(30.0 / 2 + 6), within(1e-6));
    }

    @Test
    void cautionsForSmallChildrenAreShownWithTheAlternative() {
        Wearer small = Bodies.tall(900, Map.of());
        Wearer big = Bodies.tall(1700, Map.of());
        assertThat(draw("smock", small, Map.of()).cautions()).anyMatch(c -> c.contains("swallowed"));
        assertThat(draw("smock", big, Map.of()).cautions()).isEmpty();
        assertThat(draw("pyjamas", small, Map.of()).cautions()).anyMatch(c -> c.contains("flammability"));
        assertThat(draw("pyjamas", big, Map.of()).cautions()).isEmpty();
        assertThat(draw("drawcord", small, Map.of()).cautions()).anyMatch(c -> c.contains(Wording.of("75 mm")));
        assertThat(draw("wrap-skirt", small, Map.of()).cautions()).anyMatch(c -> c.contains("local rules"));
    }

    @Test
    void aThickBodywarmerAllowsForTheTurnOfTheCloth() {
        Wearer body = Bodies.tall(1100, Map.of(BodyMeasure.CHEST, 580.0));
        Design design = draw("bodywarmer", body, Map.of("thick", 4.0, "ease", 120.0));
        assertThat(finished(design, "chest")).isCloseTo(580 + 120 + 2 * Math.PI * 4, within(0.5));
        assertThat(design.pieces()).anyMatch(p -> p.cloth() == PieceCloth.LINING);
        assertThat(draw("bodywarmer", body, Map.of("lined", 0.0)).pieces())
                .noneMatch(p -> p.cloth() == PieceCloth.LINING);
    }

    @Test
    void aHipSmallerThanTheWaistStillMakesASkirt() {
        Wearer body = Bodies.tall(1650, Map.of(BodyMeasure.HIP, 700.0, BodyMeasure.WAIST, 900.0));
        Design design = draw("a-line-skirt", body, Map.of());
        assertThat(design.walks()).allMatch(DesignSeam.Walk::agrees);
        assertThat(finished(design, "waist")).isCloseTo(910, within(0.5));
    }

    /** A welt's gap = its height and the turn of the cloth; 20 mm between its lines in blanket cloth (handbook of the trade §5). */
    @Test
    void weltLinesLieFartherApartInThickCloth() {
        assertThat(PocketDrafts.gapMm(false, 12, 1)).isCloseTo(14.5, within(1e-9));
        assertThat(PocketDrafts.gapMm(true, 12, 1)).isCloseTo(26.5, within(1e-9));
        assertThat(PocketDrafts.gapMm(false, 8, 4)).isCloseTo(20, within(1e-9));
    }

    @Test
    void stripsAreCountedWithTheirJoins() {
        // 1200 mm from strips of 500: 480 each after two 10 mm allowances: three.
        assertThat(StripDraft.strips(1200, 500, 10)).isEqualTo(3);
        assertThat(StripDraft.strips(480, 500, 10)).isEqualTo(1);
    }

    /** Trousers are worn below the natural waist: the elastic goes by that girth, the rise by that height. */
    @Test
    void theTrouserWaistIsNotTheNaturalOne() {
        Wearer body = Bodies.tall(1650, Map.of(BodyMeasure.WAIST, 650.0, BodyMeasure.TROUSER_WAIST, 760.0));
        Design low = draw("elastic-trousers", body, Map.of("below", 60.0));
        Design high = draw("elastic-trousers", body, Map.of("below", 0.0));
        assertThat(low.notes().get(0)).contains(Wording.of("0.9 × 760 mm"));
        assertThat(edge(high, "front-leg", "centre") - edge(low, "front-leg", "centre"))
                .isCloseTo(60, within(0.5));
    }

    @Test
    void roomToSitAndToReachIsTold() {
        // Hip 600: 24 mm asked, 20 + 10 drawn. Hip 1000: 40 mm asked.
        assertThat(Movement.sitting(600, 30)).endsWith("enough.");
        assertThat(Movement.sitting(1000, 30)).contains(Wording.of("10 mm will show"));
        // Chest 900: 40.5 mm asked; 60 of ease are 30 across the back, and a tenth of stretch 48 more.
        assertThat(Movement.reaching(900, 60, 0)).contains("too little");
        assertThat(Movement.reaching(900, 60, 0.1)).endsWith("enough.");
    }
}
