package org.handdown.shortage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.handdown.shortage.Short.bare;
import static org.handdown.shortage.Short.blanket;
import static org.handdown.shortage.Short.rectangle;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.fit.check.RuleChecker;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Piece;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.DraftOrder;
import org.handdown.project.Lay;
import org.handdown.project.MeasuredPanels;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.shortage.Remedy.Kind;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Cloth that is short by a known figure, and what is offered: all of it worked out by hand. */
@Tag("long")
class RemediesTest {
    private static List<Remedy> remedies(Project project, String piece) {
        List<Remedy> told = new ArrayList<>();
        List<Remedy> found = new Remedies(project, piece, Short.EFFORT, () -> false, told::add).find();
        assertThat(told).isEqualTo(found);
        return found;
    }

    private static Lay lay(Project project) {
        return java.util.Objects.requireNonNull(project.lay());
    }

    /** Everything offered is laid whole and sound. */
    private static void requireSound(List<Remedy> remedies) {
        for (Remedy remedy : remedies) {
            Project after = remedy.after();
            var problem = new Workroom(after).problem().orElseThrow();
            assertThat(lay(after).problem()).as(remedy.words()).isEqualTo(problem);
            assertThat(RuleChecker.check(problem, lay(after).layout()))
                    .as(remedy.words())
                    .isEmpty();
        }
    }

    @Test
    void eightMillimetresShortInLengthAreMendedByTheHemOrByShortening() {
        // Cut 400 + 40 + 10 = 450 mm of a blanket 442 mm long.
        Project project =
                blanket(320, 442, rectangle("skirt", 300, 400, Allowance.turned(40, "hem"), Allowance.seam(10)));
        assertThat(lay(project).layout().unplaced()).hasSize(1);
        List<Remedy> found = remedies(project, "skirt");
        requireSound(found);
        assertThat(found).extracting(Remedy::kind).containsExactly(Kind.NARROWER, Kind.SHORTER);
        assertThat(found.get(0).words()).isEqualTo(Wording.of("Turn the hem of the skirt only 15 mm."));
        // To the millimetre: 7 would leave it a millimetre too long, and 0.1 mm is all that a lay may be off.
        assertThat(found.get(1).words()).isEqualTo(Wording.of("Make the skirt 8 mm shorter."));
        assertThat(lay(found.get(0).after()).layout().unplaced()).isEmpty();
    }

    @Test
    void narrowerAllowancesLeaveTheFinishedSizeAsItIs() {
        // Drawn 16 mm, sewn 14 on purpose: 2 mm larger on each side, and so it stays.
        Allowance slipped = new Allowance(16, 14, 16, "room", Allowance.Turn.NONE);
        Project project = blanket(324, 700, rectangle("skirt", 300, 400, Allowance.none(), slipped));
        List<Remedy> found = remedies(project, "skirt");
        requireSound(found);
        Remedy first = found.get(0);
        assertThat(first.words()).startsWith(Wording.of("Narrow the allowances of the skirt to 10 mm"));
        Piece after = new Workroom(first.after()).design().orElseThrow().piece("skirt");
        assertThat(after.allowance("left").mm()).isEqualTo(10);
        assertThat(after.allowance("left").slipMm()).isEqualTo(2);
        assertThat(after.allowance("hem").mm()).isZero();
    }

    @Test
    void widerThanTheClothByAHandIsPiecedWithAllowances() {
        // 420 mm of a blanket 300 mm wide and 900 mm long: halves of 210 + 10 mm lie one above the other.
        Project project = blanket(300, 900, rectangle("back", 400, 400, Allowance.seam(10), Allowance.seam(10)));
        List<Remedy> found = remedies(project, "back");
        requireSound(found);
        assertThat(found).extracting(Remedy::kind).containsOnly(Kind.PIECED);
        assertThat(found.get(0).words()).startsWith("Back pieced along the grain");
        assertThat(new Workroom(found.get(0).after()).design().orElseThrow().pieces())
                .allSatisfy(p -> assertThat(p.id()).startsWith("back-"));
    }

    @Test
    void aStainInTheMiddleMayLieInTheAllowance() {
        Piece front = rectangle("front", 240, 360, Allowance.seam(20), Allowance.seam(20));
        Project clean = blanket(300, 420, front);
        Flaw stain = new Flaw(Flaw.Treatment.AVOID, Flaw.Kind.STAIN, "stain", new Flaw.Oval(new Point(0, 10), 12, 12));
        MeasuredPanels panels = java.util.Objects.requireNonNull(clean.panels());
        Project stained = Short.laid(clean.withPanels(panels.with(
                panels.surveys().stream().map(s -> s.withFlaws(List.of(stain))).toList())));
        // 420 mm long and stained 4 to 16 mm from one end: 404 mm are left for a piece of 400.
        Project shorter = stained;
        assertThat(lay(shorter).layout().unplaced()).isEmpty();
        Flaw deeper = new Flaw(Flaw.Treatment.AVOID, Flaw.Kind.STAIN, "stain", new Flaw.Oval(new Point(0, 24), 12, 12));
        Project short14 = Short.laid(clean.withPanels(panels.with(
                panels.surveys().stream().map(s -> s.withFlaws(List.of(deeper))).toList())));
        assertThat(lay(short14).layout().unplaced()).hasSize(1);
        List<Remedy> found = remedies(short14, "front");
        requireSound(found);
        assertThat(found.get(0).kind()).isEqualTo(Kind.HIDE_FLAW);
        assertThat(found.get(0).words()).contains("stain").contains("allowance");
    }

    @Test
    void aFacingMayLieAcrossOrComeFromAnotherClothAndAMainPieceMayNot() {
        // 380 mm along the grain of a blanket 320 mm long but 400 mm wide.
        Project facing = blanket(400, 320, bare("front-facing", 100, 380));
        List<Remedy> found = remedies(facing, "front-facing");
        requireSound(found);
        assertThat(found).extracting(Remedy::kind).contains(Kind.TURN_GRAIN, Kind.OTHER_CLOTH);
        assertThat(found.get(0).words()).isEqualTo("Cut the front-facing across the grain.");
        Project front = blanket(400, 320, bare("front", 100, 380));
        assertThat(remedies(front, "front")).extracting(Remedy::kind).doesNotContain(Kind.TURN_GRAIN, Kind.OTHER_CLOTH);
    }

    @Test
    void anOptionalPocketMakesRoom() {
        Piece pocket = new Piece(
                "pocket",
                "pocket",
                bare("pocket", 150, 300).stitchLine(),
                Map.of(),
                1,
                false,
                org.handdown.pattern.CutGrain.LENGTHWISE,
                false,
                Map.of(),
                List.of(),
                List.of());
        // 300 × 300: two of 145 mm leave 10 mm, and the pocket of 150 mm took the second one's place.
        Project project = blanket(300, 300, pocket);
        PatternPieces pattern = (PatternPieces) java.util.Objects.requireNonNull(project.pieces());
        Project more =
                project.withPieces(pattern.withOwn(List.of(pocket, bare("front", 145, 300), bare("back", 145, 300))));
        Lay first = lay(project);
        // As if the front had been laid beside the pocket by hand.
        var problem = new Workroom(more).problem().orElseThrow();
        var laid = new org.handdown.fit.search.Fitter(
                        problem,
                        new org.handdown.fit.search.Fitter.Budget(Double.POSITIVE_INFINITY, 0, 1, 1),
                        first.layout().placements(),
                        System::nanoTime,
                        () -> false,
                        l -> {})
                .fit();
        Project crowded = more.withLay(new Lay(problem, laid, true));
        String missing = laid.unplaced().get(0).piece();
        List<Remedy> found = remedies(crowded, missing);
        requireSound(found);
        assertThat(found).extracting(Remedy::words).contains("Leave the pocket out.");
    }

    @Test
    void aDraftWithRoomToSpareIsOfferedOneSizeSmaller() {
        var draft = Drafts.require("bodywarmer");
        DraftOrder order = new DraftOrder("bodywarmer", org.handdown.Demo.child(1160), Map.of("lined", 0.0));
        double wide = draft.draw(order.from(), order.choices()).pieces().stream()
                .mapToDouble(p -> p.cutLine().ring().box().widthMm())
                .max()
                .orElseThrow();
        String widest = draft.draw(order.from(), order.choices()).pieces().stream()
                .max(java.util.Comparator.comparingDouble(
                        p -> p.cutLine().ring().box().widthMm()))
                .orElseThrow()
                .id();
        Project cloth = blanket(Math.floor(wide) - 3, 3500, bare("x", 100, 100));
        Project project = Short.laid(cloth.withPieces(PatternPieces.NONE.withOrders(List.of(order))));
        assertThat(lay(project).layout().unplaced()).extracting(u -> u.piece()).contains(widest);
        List<Remedy> found = remedies(project, widest);
        requireSound(found);
        assertThat(found).filteredOn(r -> r.kind() == Kind.SMALLER).isNotEmpty();
    }

    @Test
    void onlyAPieceOfALaidPatternCanBeHelped() {
        Project project = blanket(400, 400, bare("front", 100, 100));
        assertThatThrownBy(() -> remedies(project, "sleeve"))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("no such piece");
        assertThatThrownBy(() -> remedies(Project.named("empty"), "sleeve"))
                .hasMessageContaining("Lay the pieces first");
    }

    @Test
    void stoppedItKeepsWhatItHas() {
        Project project =
                blanket(320, 442, rectangle("skirt", 300, 400, Allowance.turned(40, "hem"), Allowance.seam(10)));
        List<Remedy> told = new ArrayList<>();
        List<Remedy> found = new Remedies(project, "skirt", Short.EFFORT, () -> !told.isEmpty(), told::add).find();
        assertThat(found).hasSize(1);
    }
}
