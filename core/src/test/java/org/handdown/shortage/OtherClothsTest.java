package org.handdown.shortage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.handdown.shortage.Short.blanket;
import static org.handdown.shortage.Short.rectangle;

import java.util.List;
import java.util.Set;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.fit.check.RuleChecker;
import org.handdown.lay.Leftover;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Brought;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.shortage.Remedy.Kind;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A skirt cut 320 × 420 mm from a blanket of 300 × 400: too small in both ways, worked out by hand. */
@Tag("long")
class OtherClothsTest {
    private static final Project SHORT =
            blanket(300, 400, rectangle("skirt", 300, 400, Allowance.seam(10), Allowance.seam(10)));

    private static Brought.FlatSheet sheet(String id, double width, double length, PieceCloth... roles) {
        Cloth cloth = new Cloth(
                "cloth " + id, "", Weave.PLAIN, "#778899", false, false, 0.5, HeatLimit.TWO_DOTS, ClothSheet.UNTESTED);
        return new Brought.FlatSheet(
                id, "", "sheet " + id, cloth, Leftover.sheet(cloth, width, length), true, Set.of(roles));
    }

    private static List<Remedy> remedies(Project project, Kind kind, Brought.FlatSheet... spare) {
        List<Remedy> all = new Remedies(project, "skirt", Short.EFFORT, () -> false, r -> {}).find(List.of(spare));
        List<Remedy> wanted = all.stream().filter(r -> r.kind() == kind).toList();
        for (Remedy remedy : wanted) {
            Lay lay = java.util.Objects.requireNonNull(remedy.after().lay());
            assertThat(lay.problem())
                    .isEqualTo(new Workroom(remedy.after()).problem().orElseThrow());
            assertThat(RuleChecker.check(lay.problem(), lay.layout())).isEmpty();
            assertThat(lay.layout().unplaced()).isEmpty();
        }
        return wanted;
    }

    /** 500 × 600 and 330 × 430 take it, 330 × 400 does not; the smaller of those that do is told first. */
    @Test
    void theStashIsReallyTriedAndTheSmallestThatDoesComesFirst() {
        List<Remedy> found = remedies(
                SHORT,
                Kind.STASH,
                sheet("b", 500, 600),
                sheet("c", 330, 400),
                sheet("d", 330, 430),
                sheet("e", 900, 900));
        assertThat(found)
                .extracting(Remedy::words)
                .containsExactly(
                        "Cut the skirt from the sheet d in the stash.", "Cut the skirt from the sheet b in the stash.");
        assertThat(found.get(0).after().cloths().require("d").roles()).containsExactly(PieceCloth.SHELL);
    }

    @Test
    void whatLiesBesideTheSourceAlreadyIsOfferedForOuterClothToo() {
        Project beside = SHORT.withCloths(SHORT.cloths().with(sheet("b", 330, 430, PieceCloth.LINING)));
        List<Remedy> found = remedies(beside, Kind.OTHER_SOURCE);
        assertThat(found).extracting(Remedy::words).containsExactly("Cut the skirt from the sheet b.");
        assertThat(found.get(0).after().cloths().require("b").roles())
                .containsExactlyInAnyOrder(PieceCloth.LINING, PieceCloth.SHELL);
        Project small = SHORT.withCloths(SHORT.cloths().with(sheet("b", 310, 430, PieceCloth.LINING)));
        assertThat(remedies(small, Kind.OTHER_SOURCE)).isEmpty();
    }
}
