package org.handdown.panel;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.measure.Practice;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.FlatView;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeptPocketTest {
    private static final Anatomy SHIRT =
            Demo.average(SourceKind.SHIRT, Map.of()).anatomy();
    private static final Part FRONT = SHIRT.part("front-left");

    private static UnpickPlan plan(boolean pocketOff) {
        Map<String, JoinDecision> decisions = new HashMap<>();
        for (Join join : SHIRT.joins()) {
            boolean pocket = join.id().equals("pocket");
            decisions.put(join.id(), pocket && !pocketOff ? JoinDecision.LEAVE : JoinDecision.UNPICK);
        }
        return new UnpickPlan(SHIRT, decisions, Map.of(), Map.of(), Practice.SHIPPED);
    }

    @Test
    void aPocketLeftOnIsMarkedWhereItLies() {
        List<Flaw> flaws = KeptPocket.flaws(plan(false), FRONT, List.of());
        assertThat(flaws).singleElement().satisfies(f -> {
            assertThat(f.treatment()).isEqualTo(Flaw.Treatment.AVOID);
            assertThat(f.what()).isEqualTo("breast pocket stays on");
            Box front = FRONT.outline().box();
            assertThat(f.centre().x()).isBetween(front.minX(), front.maxX());
            assertThat(f.centre().y()).isBetween(front.minY(), front.maxY());
            // The mark covers all of the pocket, corners and room for the presser foot included.
            Box mark = f.outline().box();
            Box pocket = SHIRT.part("pocket").outline().box();
            assertThat(mark.widthMm()).isGreaterThan(pocket.widthMm());
            assertThat(mark.heightMm()).isGreaterThan(pocket.heightMm());
        });
    }

    /** The bag of a jetted pocket hangs folded behind its welts: half as high as its cloth, from the slit down. */
    @ParameterizedTest
    @CsvSource({"TROUSERS, back-left, back-welts-left", "COAT, front-left, welts-left"})
    void aJettedPocketLeftOnKeepsItsSlitAndTheClothBeforeItsBag(SourceKind kind, String on, String welts) {
        Anatomy anatomy = Demo.average(kind, kind == SourceKind.COAT ? Map.of("pockets", 1.0) : Map.of())
                .anatomy();
        UnpickPlan closed = new UnpickPlan(anatomy, Map.of(), Map.of(), Map.of(), Practice.SHIPPED);
        List<Flaw> flaws = KeptPocket.flaws(closed, anatomy.part(on), List.of());
        assertThat(flaws).singleElement().satisfies(f -> {
            Box mark = f.outline().box();
            FlatView over = view(anatomy, welts);
            FlatView under = view(anatomy, on);
            double slit = over.dyMm() - under.dyMm() + 25;
            assertThat(mark.maxY()).isGreaterThan(slit);
            assertThat(mark.minY()).isLessThan(slit - 100);
            assertThat(mark.heightMm()).isLessThan(220);
        });
    }

    private static FlatView view(Anatomy anatomy, String part) {
        return anatomy.views().stream()
                .filter(v -> v.part().equals(part))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void itsMarkGoesWhenItIsTakenOffAndOtherMarksStay() {
        Flaw stain = new Flaw(Flaw.Treatment.HIDE, "stain", new Point(50, 50), 20, 20);
        List<Flaw> before = KeptPocket.flaws(plan(false), FRONT, List.of(stain));
        assertThat(before).hasSize(2);
        assertThat(KeptPocket.flaws(plan(true), FRONT, before)).containsExactly(stain);
        assertThat(KeptPocket.flaws(plan(false), FRONT, before)).isEqualTo(before);
    }

    /** A person who lets a piece carry the pocket is not overruled when the panels are drawn anew. */
    @Test
    void aChangedMarkStaysAsItIs() {
        Flaw carried = new Flaw(Flaw.Treatment.NOTE, "breast pocket stays on", new Point(60, 400), 150, 170);
        assertThat(KeptPocket.flaws(plan(false), FRONT, List.of(carried))).containsExactly(carried);
    }

    @Test
    void otherPartsHaveNone() {
        assertThat(KeptPocket.flaws(plan(false), SHIRT.part("back"), List.of())).isEmpty();
    }
}
