package org.handdown.pattern.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Consequences;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Size;
import org.handdown.pattern.Symmetry;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Named changes on an untouched pattern. */
class ChangesTest {
    private static final double INCH = 25.4;
    private static final Design DUNGAREES = Drafts.require("dungarees").draw(Demo.child(1100), Map.of());

    private static Piece piece(String id, double... xy) {
        Point[] points = new Point[xy.length / 2];
        for (int i = 0; i < points.length; i++) {
            points[i] = new Point(xy[2 * i], xy[2 * i + 1]);
        }
        List<Edge> edges = new java.util.ArrayList<>();
        for (int i = 0; i < points.length; i++) {
            edges.add(Edge.line("e" + i, points[i], points[(i + 1) % points.length]));
        }
        Map<String, Allowance> allowances = new java.util.HashMap<>();
        edges.forEach(e -> allowances.put(e.name(), Allowance.seam(10)));
        return new Piece(
                id,
                id,
                new Outline(edges),
                allowances,
                1,
                false,
                CutGrain.LENGTHWISE,
                true,
                Map.of(),
                List.of(),
                List.of());
    }

    private static Piece rectangle(String id, double wide, double high) {
        return piece(id, 0, 0, wide, 0, wide, high, 0, high);
    }

    @Test
    void lengtheningPartnersTogetherKeepsTheirSeam() {
        Lengthen longer = new Lengthen("growth", List.of("front-leg", "back-leg"), 150, 30);
        Design after = longer.on(DUNGAREES);
        assertThat(after.walks()).allMatch(DesignSeam.Walk::agrees);
        double before = DUNGAREES.piece("front-leg").stitchLine().edge("side").lengthMm();
        assertThat(after.piece("front-leg").stitchLine().edge("side").lengthMm())
                .isCloseTo(before + 30, within(0.5));
        // The original is untouched.
        assertThat(DUNGAREES.piece("front-leg").stitchLine().edge("side").lengthMm())
                .isEqualTo(before);
        assertThat(Consequences.between(DUNGAREES, after))
                .anyMatch(s -> s.startsWith("Inside leg: ") && s.contains("instead of"))
                .anyMatch(s -> s.contains("more of outer cloth"));
    }

    @Test
    void lengtheningOneSideOnlyNamesTheSeamThatNoLongerAgrees() {
        Design after = new Lengthen("slip", List.of("front-leg"), 150, 30).on(DUNGAREES);
        assertThat(after.walks().stream()
                        .filter(w -> !w.agrees())
                        .map(w -> w.seam().name()))
                .containsExactly("inseam", "side seam");
        assertThat(Consequences.between(DUNGAREES, after))
                .anyMatch(s -> s.startsWith(Wording.of("Side seam: the side of the back leg is 30 mm too short")));
    }

    @Test
    void shorteningFoldsAwayAndRefusesAFoldWithACorner() {
        Piece tall = rectangle("panel", 200, 400);
        Design design = Design.of("d", List.of(tall));
        Design shorter = new Lengthen("shorter", List.of("panel"), 100, -60).on(design);
        assertThat(shorter.piece("panel").stitchLine().box().heightMm()).isCloseTo(340, within(1e-9));
        assertThatThrownBy(() -> new Lengthen("too low", List.of("front-leg"), 430, -60).on(DUNGAREES))
                .hasMessageContaining("corner");
        assertThatThrownBy(() -> new Lengthen("off", List.of("panel"), 500, 10).on(design))
                .hasMessageContaining(Wording.of("400 mm high"));
    }

    @Test
    void wideningAboutTheMiddleKeepsThePieceSymmetrical() {
        Design after = new Widen("roomier", "bib", 0, 20, true).on(DUNGAREES);
        assertThat(after.piece("bib").stitchLine().edge("upper").lengthMm()).isCloseTo(175, within(1e-6));
        assertThat(Symmetry.of(after.piece("bib")).isAlike()).isTrue();
        assertThatThrownBy(() -> new Widen("gone", "strap", 10, -70, false).on(DUNGAREES))
                .hasMessageContaining("leave something of it");
    }

    /** Worked example of the trade: ⅝ in drawn, ⅜ in sewn is ½ in per seam: a ring of six +3 in, of four +2, of two +1. */
    @Test
    void aSlipAddsUpOverTheSeamsOfARing() {
        Allowance slip =
                new Allowance(INCH * 5 / 8, INCH * 3 / 8, INCH * 3 / 8, "sewn too near the edge", Allowance.Turn.NONE);
        for (int panels : List.of(6, 4, 2)) {
            Piece gore = rectangle("gore", 100, 300)
                    .cut(panels, false)
                    .withMarks(List.of(Mark.level("waist", new Point(0, 200), new Point(100, 200))));
            Design ring = new Design(
                    "ring",
                    List.of(gore),
                    List.of(),
                    List.of(Size.girth("waist", 500, 0, 0, new Size.Term("gore", "waist", panels))),
                    List.of(),
                    List.of());
            Design sewn =
                    new EdgeLedger("slip", "gore", "e1", slip).on(new EdgeLedger("slip", "gore", "e3", slip).on(ring));
            double more = sewn.sizes().get(0).finishedMm() - ring.sizes().get(0).finishedMm();
            assertThat(more).isCloseTo(panels * INCH / 2, within(1e-9));
            assertThat(sewn.sizes().get(0).formula()).contains("by seams sewn otherwise than drawn");
        }
    }

    @Test
    void anAllowanceWiderThanThePieceIsRefused() {
        Design design = Design.of("d", List.of(rectangle("tab", 40, 90)));
        assertThatThrownBy(() -> new EdgeLedger("wide", "tab", "e1", Allowance.seam(80)).on(design))
                .hasMessageContaining(Wording.of("wider than the tab itself (40 mm)"));
        assertThatThrownBy(() -> new Allowance(10, 10, 20, "", Allowance.Turn.NONE))
                .hasMessageContaining("cannot be left");
        assertThat(new Allowance(10, 10, 2, "", Allowance.Turn.NONE).isTrimmedTooFar())
                .isTrue();
        assertThat(Allowance.none().isTrimmedTooFar()).isFalse();
    }

    @Test
    void oneLedgerForAllSeamsLeavesHemsAndFoldsAlone() {
        Design after = new EdgeLedger("finer", "", "", Allowance.seam(6)).on(DUNGAREES);
        assertThat(after.piece("front-leg").allowance("side").mm()).isEqualTo(6);
        assertThat(after.piece("front-leg").allowance("hem").mm()).isEqualTo(30);
    }

    @Test
    void aFacingFollowsItsEdge() {
        Design after = new FacingFrom("neck", "bib", "upper", 45).on(DUNGAREES);
        Piece facing = after.piece("bib-upper-facing");
        assertThat(facing.stitchLine().edge("upper").lengthMm())
                .isCloseTo(after.piece("bib").stitchLine().edge("upper").lengthMm(), within(1e-9));
        assertThat(facing.stitchLine().box().heightMm()).isCloseTo(45, within(1.0));
        // It lies wholly on its piece.
        assertThat(Region.of(DUNGAREES.piece("bib").stitchLine().ring())
                        .grown(0.2)
                        .covers(Region.of(facing.stitchLine().ring())))
                .isTrue();
        // And it is made anew when the edge is altered before it.
        Design wider = Change.all(
                DUNGAREES, List.of(new Widen("w", "bib", 0, 20, true), new FacingFrom("neck", "bib", "upper", 45)));
        assertThat(wider.piece("bib-upper-facing").stitchLine().edge("upper").lengthMm())
                .isCloseTo(175, within(1e-6));
        assertThat(wider.walks())
                .filteredOn(w -> w.seam().name().startsWith("facing"))
                .allMatch(DesignSeam.Walk::agrees);
    }

    @Test
    void aCurvedFacingKeepsItsDepth() {
        Design shirt = Drafts.require("t-shirt").draw(Demo.child(1100), Map.of());
        Design after = new FacingFrom("neck", "front", "neck", 40).on(shirt);
        Piece facing = after.pieces().get(after.pieces().size() - 1);
        List<Point> neck = facing.stitchLine().edge("neck").flattened(0.1);
        for (Point p : facing.stitchLine().edge("inner").flattened(1)) {
            assertThat(p.distanceMm(neck)).isBetween(36.0, 42.0);
        }
    }

    /** Whatever neck is chosen: as long as its edge, on its piece, one depth, and front and back meet at the shoulder. */
    @ParameterizedTest
    @CsvSource({"0, 1100", "0, 1800", "1, 1100", "1, 1800", "2, 1100", "2, 1800", "3, 1100", "3, 1800"})
    void facingsFollowEveryNeck(int neck, double heightMm) {
        Draft draft = Drafts.require("t-shirt");
        Design shirt = draft.draw(Demo.child(heightMm), Map.of("neck", (double) neck));
        Design faced = Change.all(
                shirt, List.of(new FacingFrom("f", "front", "neck", 40), new FacingFrom("b", "back", "neck", 40)));
        assertThat(faced.walks())
                .filteredOn(w -> w.seam().name().startsWith("facing"))
                .hasSize(2)
                .allMatch(DesignSeam.Walk::agrees);
        double[] ends = new double[4];
        for (int i = 0; i < 2; i++) {
            Piece from = faced.piece(i == 0 ? "front" : "back");
            Outline facing = faced.piece(from.id() + "-neck-facing").stitchLine();
            assertThat(facing.ring().isSimple()).isTrue();
            assertThat(Region.of(from.stitchLine().ring()).grown(0.2).covers(Region.of(facing.ring())))
                    .isTrue();
            List<Point> line = facing.edge("neck").flattened(0.1);
            for (Point p : facing.edge("inner").flattened(1)) {
                // Beside a corner the line runs round it, never nearer.
                assertThat(p.distanceMm(line)).isBetween(36.0, 44.0);
            }
            ends[2 * i] = facing.edge("end left").lengthMm();
            ends[2 * i + 1] = facing.edge("end right").lengthMm();
        }
        for (double end : ends) {
            assertThat(end).isCloseTo(ends[0], within(1.0));
        }
    }

    @Test
    void twoPiecesBecomeOneWithoutTheirSeam() {
        Design design = Design.of("d", List.of(rectangle("yoke", 200, 100), rectangle("body", 200, 300)));
        Design after = new MergeAlong("one", "body", "e2", "yoke", "e0").on(design);
        assertThat(after.pieces()).hasSize(1);
        Piece one = after.piece("body");
        assertThat(one.stitchLine().ring().areaMm2()).isCloseTo(200 * 400, within(1e-6));
        assertThat(one.stitchLine().edges()).hasSize(6);
        assertThatThrownBy(() -> new MergeAlong("no", "body", "e1", "yoke", "e0").on(design))
                .hasMessageContaining("make them alike first");
        assertThatThrownBy(() -> new MergeAlong("no", "body", "e1", "body", "e0"))
                .hasMessageContaining("itself");
    }

    @Test
    void halvesThatDifferAreTrimmedToTheSmaller() {
        // The right half runs 12 mm farther out than the left one.
        Piece crooked = piece("front", -100, 0, 112, 0, 100, 300, -100, 300);
        Symmetry symmetry = Symmetry.of(crooked.withNotches(List.of(new Piece.Notch("centre", new Point(0, 0)))));
        assertThat(symmetry.deviationMm()).isCloseTo(12, within(0.1));
        assertThat(symmetry.lostMm()).isCloseTo(24, within(0.2));
        assertThat(symmetry.sentence()).contains(Wording.of("differ by up to 12 mm"));
        Design design =
                Design.of("d", List.of(crooked.withNotches(List.of(new Piece.Notch("centre", new Point(0, 0))))));
        Piece trued = new TrueUp("true", "front").on(design).piece("front");
        assertThat(Symmetry.of(trued).isAlike()).isTrue();
        assertThat(trued.stitchLine().ring().areaMm2()).isCloseTo(200 * 300, within(1.0));
        assertThat(trued.stitchLine().edges().stream().map(Edge::name))
                .containsExactlyInAnyOrder("e0", "e1", "e2", "e3");
    }

    @Test
    void aTrialIsCutFromLiningBeforeTheRealPiece() {
        Design after = new MockUp("trial", "front-leg", true).on(DUNGAREES);
        assertThat(after.piece("front-leg-trial").cloth()).isEqualTo(PieceCloth.LINING);
        assertThat(after.notes())
                .anyMatch(n -> n.contains("write every dart and edge back to the outer cloth and the lining"));
    }

    @Test
    void aTrialFromTheRemnantsKeepsNoHemAndIsNeverNeeded() {
        Design after = new MockUp("trial", "front-leg", false).on(DUNGAREES);
        assertThat(after.piece("front-leg-trial").cloth()).isEqualTo(PieceCloth.REMNANT);
        assertThat(after.piece("front-leg-trial").wishes()).isEmpty();
        assertThat(after.piece("front-leg")).isEqualTo(DUNGAREES.piece("front-leg"));
    }

    @Test
    void aSampleIsKeptBackWithItsLayers() {
        Design after = Change.all(
                DUNGAREES, List.of(new Sample("Buttonhole, 4 layers", 120, 60, 4), new Sample("Welt", 150, 150, 1)));
        Piece sample = after.piece("sample-buttonhole-4-layers");
        assertThat(sample.quantity()).isEqualTo(4);
        assertThat(sample.required()).isFalse();
        assertThat(sample.cutLine().ring().areaMm2()).isCloseTo(120 * 60, within(1e-6));
        assertThat(after.notes()).anyMatch(n -> n.startsWith("Welt: try it on the sample first"));
        assertThatThrownBy(() -> new Sample("x", 10, 60, 1)).hasMessageContaining(Wording.of("30 to 500 mm"));
        assertThatThrownBy(() -> new Sample("x", 100, 60, 12)).hasMessageContaining("1 to 8 layers");
    }

    @Test
    void piecesAreLeftOutAndCutOtherwise() {
        Design after = Change.all(
                DUNGAREES,
                List.of(
                        new LeaveOut("plain", "bib-pocket"),
                        new Recut("inside out", "knee-patch", 4, true, PieceCloth.LINING, true, false)));
        assertThat(after.find("bib-pocket")).isEmpty();
        assertThat(after.piece("knee-patch").way().wrongSideOut()).isTrue();
        assertThat(after.piece("knee-patch").quantity()).isEqualTo(4);
        assertThatThrownBy(() -> Change.all(
                        DUNGAREES, List.of(new LeaveOut("plain", "bib"), new Widen("wider", "bib", 0, 10, true))))
                .hasMessageContaining("“wider” cannot be done any more");
    }

    @Test
    void aSeamThatIsToldIsWalkedFromMarkToMark() {
        Piece one = rectangle("one", 200, 300)
                .withNotches(
                        List.of(new Piece.Notch("a", new Point(200, 100)), new Piece.Notch("b", new Point(200, 180))));
        Piece two = rectangle("two", 200, 300)
                .withNotches(
                        List.of(new Piece.Notch("a", new Point(200, 100)), new Piece.Notch("b", new Point(200, 190))));
        Design design = new SewTogether(
                        "side",
                        new DesignSeam(
                                "side",
                                List.of(new DesignSeam.Side("one", "e1", 1)),
                                List.of(new DesignSeam.Side("two", "e1", 1)),
                                0,
                                0))
                .on(Design.of("d", List.of(one, two)));
        DesignSeam.Walk walk = design.walks().get(0);
        assertThat(walk.agrees()).isTrue();
        assertThat(walk.stretches()).hasSize(3);
        assertThat(walk.stretches().get(1).oneMm()).isCloseTo(80, within(1e-6));
        assertThat(walk.stretches().get(1).otherMm()).isCloseTo(90, within(1e-6));
        assertThat(walk.stretches().get(2).otherMm()).isCloseTo(110, within(1e-6));
    }

    @Test
    void edgesThatRunTheOtherWayAreWalkedFromTheirMarksToo() {
        Piece one = rectangle("one", 200, 300).withNotches(List.of(new Piece.Notch("a", new Point(200, 100))));
        Piece two = rectangle("two", 200, 300).withNotches(List.of(new Piece.Notch("a", new Point(0, 100))));
        DesignSeam seam = new DesignSeam(
                "side",
                List.of(new DesignSeam.Side("one", "e1", 1)),
                List.of(new DesignSeam.Side("two", "e3", 1)),
                0,
                0);
        assertThat(seam.walk(Design.of("d", List.of(one, two))).stretches())
                .allSatisfy(s -> assertThat(s.oneMm()).isCloseTo(s.otherMm(), within(1e-6)));
    }
}
