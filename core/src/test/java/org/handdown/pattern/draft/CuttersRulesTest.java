package org.handdown.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.pattern.Design;
import org.handdown.pattern.Mark;
import org.junit.jupiter.api.Test;

/**
 * Drafts beside rules that cutters are taught. All figures are from memory, of textbooks of metric pattern cutting in general; none was looked
 * up, so none names an edition.
 */
class CuttersRulesTest {
    private static final Wearer ADULT = Bodies.tall(
            1680,
            Map.of(
                    BodyMeasure.CHEST, 920.0,
                    BodyMeasure.WAIST, 740.0,
                    BodyMeasure.HIP, 980.0,
                    BodyMeasure.WAIST_TO_HIP, 205.0));

    private static Edge edge(Design design, String piece, String edge) {
        return design.piece(piece).stitchLine().edge(edge);
    }

    /** From memory: front and back fork together are 0.15 to 0.17 of the hips as finished, the back's twice the front's. */
    @Test
    void theForksOfTrousersAreASixthOfTheHips() {
        Design design = Drafts.require("elastic-trousers").draw(ADULT, Map.of("hipEase", 80.0));
        double front = fork(design, "front-leg");
        double back = fork(design, "back-leg");
        assertThat((front + back) / 1060).isBetween(0.15, 0.17);
        assertThat(back / front).isBetween(1.6, 2.2);
    }

    private static double fork(Design design, String leg) {
        double seat =
                design.piece(leg).level("seat").orElseThrow().points().get(0).y();
        double inner =
                design.piece(leg).stitchLine().ring().spansAt(seat).get(0).from();
        return inner - edge(design, leg, "inseam").start().x();
    }

    /** From memory: trousers with an elastic waist lean 15 to 25 mm at the centre back, and rise there by 30 to 45 mm on an adult. */
    @Test
    void theCentreBackOfTrousersLeansAndRises() {
        Design design = Drafts.require("pyjamas").draw(ADULT, Map.of());
        Edge centre = edge(design, "back-leg", "centre");
        Edge side = edge(design, "back-leg", "side");
        Point top = centre.start();
        Point bend = centre.segments().get(0).end();
        assertThat(top.x() - bend.x()).isBetween(15.0, 25.0);
        assertThat(top.y() - side.end().y()).isBetween(30.0, 45.0);
    }

    /** From memory: a size with a chest of 920 has its armhole line about 214 below the nape, with a little ease. */
    @Test
    void theArmholeOfATShirtLiesWhereTablesPutIt() {
        Design design = Drafts.require("t-shirt").draw(ADULT, Map.of());
        double nape = design.piece("back").notches().stream()
                .filter(n -> n.label().equals("centre"))
                .mapToDouble(n -> n.at().y())
                .max()
                .orElseThrow();
        double underarm = design.piece("back")
                .level("chest")
                .orElseThrow()
                .points()
                .get(0)
                .y();
        assertThat(nape - underarm).isCloseTo(214, within(8.0));
    }

    /** From memory: a fitted skirt takes 20 to 25 in at a side seam, its front dart is 90 to 105 long and its back ones 120 to 140. */
    @Test
    void theDartsOfASkirtAreAsLongAsTheyAreTaught() {
        Design design = Drafts.require("a-line-skirt").draw(ADULT, Map.of());
        assertThat(dartLong(design, "front")).isBetween(90.0, 105.0);
        assertThat(dartLong(design, "back")).isBetween(120.0, 140.0);
        Edge side = edge(design, "front", "side right");
        double hip = design.piece("front")
                        .stitchLine()
                        .ring()
                        .widthAtMm(design.piece("front")
                                .level("hip")
                                .orElseThrow()
                                .points()
                                .get(0)
                                .y())
                / 2;
        assertThat(hip - side.end().x()).isBetween(20.0, 27.0);
    }

    private static double dartLong(Design design, String piece) {
        Mark dart = design.piece(piece).marks().stream()
                .filter(m -> m.kind() == Mark.Kind.DART)
                .findFirst()
                .orElseThrow();
        Point middle = dart.points().get(0).between(dart.points().get(2), 0.5);
        return middle.distanceMm(dart.points().get(1));
    }

    /** From memory: the head of a shirt sleeve is about a quarter of its armhole high, of a very loose one a sixth; a set-in one's is a third. */
    @Test
    void theHeadOfASmocksSleeveIsAShirts() {
        Design design = Drafts.require("smock").draw(ADULT, Map.of());
        Box sleeve = design.piece("sleeve").stitchLine().box();
        double high = sleeve.maxY() - edge(design, "sleeve", "right").end().y();
        double hole = List.of("front", "back").stream()
                .mapToDouble(p -> design.piece(p).stitchLine().edges().stream()
                        .filter(e -> e.name().startsWith("armhole"))
                        .findFirst()
                        .orElseThrow()
                        .lengthMm())
                .sum();
        assertThat(high / hole).isBetween(1.0 / 6, 0.26);
    }

    /** From memory: knife pleats that touch each other take three times the waist. */
    @Test
    void pleatsThatTouchTakeThreeTimesTheWaist() {
        Wearer body = Bodies.tall(1680, Map.of(BodyMeasure.WAIST, 720.0));
        Design design = Drafts.require("pleated-skirt")
                .draw(body, Map.of("waistEase", 0.0, "pleats", 24.0, "depth", 30.0, "panels", 2.0));
        assertThat(2 * edge(design, "panel", "lower").lengthMm()).isCloseTo(3 * 720, within(0.5));
    }

    /** From memory: the seam of a pleated panel lies in the middle of what a pleat hides. */
    @Test
    void theSeamsOfAPleatedSkirtLieInAnInnerFold() {
        Design design = Drafts.require("pleated-skirt").draw(ADULT, Map.of("depth", 25.0));
        List<Mark> pleats = design.piece("panel").marks().stream()
                .filter(m -> m.kind() == Mark.Kind.PLEAT)
                .toList();
        Box box = design.piece("panel").stitchLine().box();
        assertThat(pleats.get(0).points().get(0).x()).isCloseTo(box.minX(), within(1e-9));
        assertThat(pleats.get(0).takesUpMm()).isCloseTo(25, within(1e-9));
        Mark last = pleats.get(pleats.size() - 1);
        assertThat(last.points().get(2).x()).isCloseTo(box.maxX(), within(1e-9));
        assertThat(last.takesUpMm()).isCloseTo(25, within(1e-9));
    }

    /** From memory: a crown of quarters that lies flat is a circle, its radius the rim by 2π. */
    @Test
    void theCrownOfACapIsACircle() {
        Design design = Drafts.require("cap").draw(ADULT, Map.of());
        double rim = 4 * edge(design, "crown", "hem").lengthMm();
        double radius = edge(design, "crown", "right").lengthMm();
        assertThat(radius).isCloseTo(rim / (2 * Math.PI), within(1.0));
    }

    /** From memory: a wide band that is worn low is a piece of a ring, narrower at its top; a narrow one, or at the waist, is straight. */
    @Test
    void aWideLowBandIsShaped() {
        Wearer low = Bodies.tall(1680, Map.of(BodyMeasure.TROUSER_WAIST, 860.0));
        Design shaped = Drafts.require("a-line-skirt").draw(low, Map.of("sits", 2.0, "band", 50.0));
        assertThat(edge(shaped, "waistband", "lower").lengthMm()
                        - edge(shaped, "waistband", "upper").lengthMm())
                .isCloseTo(0.6 * 50, within(0.1));
        assertThat(shaped.piece("waistband").quantity()).isEqualTo(2);
        Design straight = Drafts.require("a-line-skirt").draw(low, Map.of("sits", 0.0, "band", 50.0));
        assertThat(edge(straight, "waistband", "lower").lengthMm())
                .isCloseTo(edge(straight, "waistband", "upper").lengthMm(), within(1e-9));
        assertThat(straight.piece("waistband").notches())
                .extracting(n -> n.label())
                .contains("meets the centre front", "meets the side", "meets the centre back");
    }

    /** A bodywarmer's lining lies inside the turn of the cloth and has a pleat at the back. */
    @Test
    void theLiningOfABodywarmerIsNarrowerAndHasAPleat() {
        Design design = Drafts.require("bodywarmer").draw(ADULT, Map.of("thick", 3.0));
        double shell = width(design, "back") + 2 * width(design, "front");
        double lining = width(design, "back-lining") + 2 * width(design, "front-lining");
        assertThat(shell - (lining - 20)).isCloseTo(2 * Math.PI * 3, within(0.1));
        assertThat(design.piece("back-lining").marks()).anyMatch(m -> m.kind() == Mark.Kind.PLEAT);
    }

    private static double width(Design design, String piece) {
        double y =
                design.piece(piece).level("chest").orElseThrow().points().get(0).y();
        return design.piece(piece).stitchLine().ring().widthAtMm(y - 5);
    }
}
