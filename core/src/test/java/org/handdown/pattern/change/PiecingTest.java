package org.handdown.pattern.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;
import org.handdown.pattern.draft.Drafts;
import org.junit.jupiter.api.Test;

/** One piece made out of several. */
class PiecingTest {
    private static final Design DUNGAREES = Drafts.require("dungarees").draw(Demo.child(1100), Map.of());

    /** A skirt panel of 400 × 300 mm, alike about its centre, with its hem below. */
    private static Design skirt(Mark... marks) {
        Outline line = new Outline(List.of(
                Edge.line("hem", new Point(0, 0), new Point(400, 0)),
                Edge.line("right side", new Point(400, 0), new Point(400, 300)),
                Edge.line("waist", new Point(400, 300), new Point(0, 300)),
                Edge.line("left side", new Point(0, 300), new Point(0, 0))));
        Map<String, Allowance> ledger = Map.of(
                "hem", Allowance.turned(30, "hem"),
                "right side", Allowance.seam(10),
                "waist", Allowance.seam(10),
                "left side", Allowance.seam(10));
        Piece panel = new Piece(
                        "skirt",
                        "skirt",
                        line,
                        ledger,
                        2,
                        false,
                        CutGrain.LENGTHWISE,
                        true,
                        Map.of(),
                        List.of(),
                        List.of(new Piece.Notch("side", new Point(400, 150))))
                .withMarks(List.of(marks));
        DesignSeam sides = new DesignSeam(
                "sides",
                List.of(new DesignSeam.Side("skirt", "right side", 1)),
                List.of(new DesignSeam.Side("skirt", "left side", 1)),
                0,
                0);
        Size hem = Size.girth("hem", 0, 0, 0, new Size.Term("skirt", "hem", 2));
        return new Design("skirt", List.of(panel), List.of(sides), List.of(hem), List.of(), List.of());
    }

    private static double finishedMm(Design design) {
        return design.sizes().get(0).finishedMm();
    }

    @Test
    void acrossTheGrainBothPartsGetAnAllowanceAndTwoNotches() {
        Design after = Piecing.across("shorter cloth", "skirt", 120, 12).on(skirt());
        assertThat(after.pieces()).extracting(Piece::id).containsExactly("skirt-lower", "skirt-upper");
        Piece lower = after.piece("skirt-lower");
        Piece upper = after.piece("skirt-upper");
        // 400 × 120 and 400 × 180; with allowances 420 wide, 30 + 120 + 12 and 12 + 180 + 10 high.
        assertThat(lower.cutLine().ring().box().heightMm()).isCloseTo(162, within(1e-6));
        assertThat(upper.cutLine().ring().box().heightMm()).isCloseTo(202, within(1e-6));
        assertThat(upper.allowance("piecing")).isEqualTo(new Allowance(12, "piecing seam"));
        assertThat(lower.quantity()).isEqualTo(2);
        assertThat(after.walks()).hasSize(2).allMatch(DesignSeam.Walk::agrees);
        DesignSeam.Walk piecing = after.walks().get(1);
        assertThat(piecing.oneMm()).isCloseTo(400, within(1e-6));
        assertThat(piecing.stretches())
                .as("both sides carry the same notches at the same places")
                .hasSize(3)
                .allSatisfy(s -> assertThat(s.oneMm()).isCloseTo(s.otherMm(), within(1e-6)));
        // The old notch went with the part that it lies on.
        assertThat(upper.notches()).extracting(Piece.Notch::label).contains("side");
        assertThat(lower.notches()).extracting(Piece.Notch::label).doesNotContain("side");
    }

    @Test
    void alongTheGrainTheOtherSideIsCutAlike() {
        Design after = Piecing.along("narrow cloth", "skirt", 320, 10).on(skirt());
        assertThat(after.pieces()).extracting(Piece::id).containsExactly("skirt-left", "skirt-middle", "skirt-right");
        assertThat(after.piece("skirt-left").stitchLine().edge("hem").lengthMm())
                .isCloseTo(80, within(1e-6));
        assertThat(after.piece("skirt-middle").stitchLine().edge("hem").lengthMm())
                .isCloseTo(240, within(1e-6));
        assertThat(after.walks()).hasSize(3).allMatch(DesignSeam.Walk::agrees);
        assertThat(finishedMm(after)).isCloseTo(finishedMm(skirt()), within(1e-6));
    }

    @Test
    void throughTheCentreTwoHalvesAreMade() {
        Design after = Piecing.along("centre seam", "skirt", 200, 10).on(skirt());
        assertThat(after.pieces()).extracting(Piece::id).containsExactly("skirt-left", "skirt-right");
    }

    @Test
    void neverThroughADartNorNearAMark() {
        Mark dart = new Mark(
                Mark.Kind.DART, "back dart", List.of(new Point(110, 300), new Point(120, 210), new Point(130, 300)));
        Mark hole = new Mark(Mark.Kind.BUTTONHOLE, "first", List.of(new Point(40, 100), new Point(60, 100)));
        Mark level = Mark.level("hip", new Point(0, 100), new Point(400, 100));
        Design marked = skirt(dart, hole, level);
        assertThatThrownBy(() -> Piecing.across("x", "skirt", 250, 10).on(marked))
                .hasMessage(Wording.of("The line comes too near the dart “back dart”: keep 30 mm off it."));
        assertThatThrownBy(() -> Piecing.across("x", "skirt", 190, 10).on(marked))
                .hasMessageContaining(Wording.of("30 mm"));
        assertThatThrownBy(() -> Piecing.along("x", "skirt", 55, 10).on(marked)).hasMessageContaining("buttonhole");
        // A level is a line of the body, not a spot: it may be cut, and each part keeps its stretch.
        Design after = Piecing.along("y", "skirt", 200, 10).on(marked);
        assertThat(after.piece("skirt-left")
                        .level("hip")
                        .orElseThrow()
                        .points()
                        .get(1)
                        .x())
                .isCloseTo(200, within(1e-6));
        assertThat(after.piece("skirt-right").marks()).extracting(Mark::label).containsExactly("hip");
    }

    @Test
    void noPartIsNarrowerThanFortyMillimetres() {
        assertThatThrownBy(() -> Piecing.across("x", "skirt", 35, 10).on(skirt()))
                .hasMessageContaining(Wording.of("nothing narrower than 40 mm"));
        assertThatThrownBy(() -> Piecing.along("x", "skirt", 450, 10).on(skirt()))
                .hasMessageContaining("misses");
        assertThatThrownBy(() -> Piecing.across("x", "skirt", 100, 1))
                .hasMessageContaining(Wording.of("from 3 to 40 mm"));
    }

    @Test
    void aFlawThatWasCoveredStaysCoveredOnItsPart() {
        Piece patched =
                skirt().piece("skirt").withCovered(List.of(org.handdown.geometry.Ring.rectangle(100, 100, 100, 100)));
        Design after = Piecing.across("x", "skirt", 150, 10).on(skirt().with("skirt", p -> patched));
        for (String part : List.of("skirt-lower", "skirt-upper")) {
            assertThat(Region.of(after.piece(part).covered()).areaMm2()).isCloseTo(5000, within(1.0));
        }
    }

    /** Every piece of a draft, at every line that is not refused: nothing is lost and all seams still agree. */
    @Test
    void everyPieceOfTheDungareesIsPiecedWhole() {
        int pieced = 0;
        for (Piece whole : DUNGAREES.pieces()) {
            var box = whole.stitchLine().box();
            for (double share : new double[] {0.2, 0.35, 0.5, 0.65, 0.8}) {
                List<Piecing> lines = new ArrayList<>();
                lines.add(Piecing.across("x", whole.id(), box.minY() + share * box.heightMm(), 10));
                lines.add(Piecing.along("x", whole.id(), box.minX() + share * box.widthMm(), 10));
                for (Piecing line : lines) {
                    Design after;
                    try {
                        after = line.on(DUNGAREES);
                    } catch (org.handdown.measure.RefusedValueException refused) {
                        continue;
                    }
                    pieced++;
                    double parts = after.pieces().stream()
                            .filter(p -> p.name().startsWith(whole.name() + ", "))
                            .mapToDouble(p -> p.stitchLine().ring().areaMm2())
                            .sum();
                    assertThat(parts).isCloseTo(whole.stitchLine().ring().areaMm2(), within(20.0));
                    for (DesignSeam.Walk walk : after.walks()) {
                        boolean before = DUNGAREES.walks().stream()
                                .filter(w -> w.seam().name().equals(walk.seam().name()))
                                .allMatch(DesignSeam.Walk::agrees);
                        assertThat(walk.agrees())
                                .as(line.words() + ": " + walk.seam().name())
                                .isEqualTo(before);
                    }
                }
            }
        }
        assertThat(pieced).isGreaterThan(15);
    }

    @Test
    void aFacingTurnedOffItsGrainMayLieAcross() {
        Design after = new TurnGrain("save cloth", "skirt", CutGrain.EITHER).on(skirt());
        assertThat(after.piece("skirt").grain()).isEqualTo(CutGrain.EITHER);
        assertThat(new TurnGrain("save cloth", "skirt", CutGrain.EITHER).words())
                .contains("along or across");
        assertThatThrownBy(() -> new TurnGrain("x", "ghost", CutGrain.BIAS).on(skirt()))
                .hasMessageContaining("ghost");
    }

    /** A strap or a casing is narrower than anything worth a seam lengthwise, and is pieced across all the same. */
    @Test
    void aStripNarrowerThanAnyPartIsPiecedAcrossAndNotAlong() {
        Design strap = Drafts.require("strap").draw(Demo.child(1100), Map.of());
        Piece strip = strap.pieces().get(0);
        var box = strip.stitchLine().box();
        assertThat(Math.min(box.widthMm(), box.heightMm())).isLessThan(120);
        boolean upright = box.heightMm() > box.widthMm();
        Piecing across = upright
                ? Piecing.across("halves", strip.id(), (box.minY() + box.maxY()) / 2, 10)
                : Piecing.along("halves", strip.id(), (box.minX() + box.maxX()) / 2, 10);
        assertThat(across.on(strap).pieces()).hasSizeGreaterThan(strap.pieces().size());
    }
}
