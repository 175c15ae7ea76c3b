package org.handdown.shopping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.handdown.Demo;
import org.handdown.body.BodyMeasure;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.fit.search.Fitter;
import org.handdown.lay.Leftover;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Aim;
import org.handdown.project.Brought;
import org.handdown.project.Cloths;
import org.handdown.project.Garment;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.reuse.KeeperKind;
import org.handdown.source.Assessment;
import org.handdown.stash.FlatCloth;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.Notion;
import org.handdown.stash.StashThing;
import org.handdown.stash.Stock;
import org.junit.jupiter.api.Test;

/** Amounts worked out by hand from the drafts' own formulas, against what lies in a stash. */
class ShoppingTest {
    private static Cloth cloth(String name, Weave weave) {
        return new Cloth(name, "", weave, "#99aa88", false, false, 0.6, HeatLimit.THREE_DOTS, ClothSheet.UNTESTED);
    }

    private static Project project(String draft, double wide, double high) {
        Cloth linen = cloth("linen", Weave.PLAIN);
        Brought sheet = new Brought.FlatSheet(
                "b", "", "linen", linen, Leftover.sheet(linen, wide, high), true, Set.of(PieceCloth.SHELL));
        return new Workroom(Project.named("of linen")
                        .withAim(new Aim(Garment.CUT_OUT, draft, "it", Demo.child(1100), LengthUnit.CM))
                        .withCloths(Cloths.OWN_ALONE.with(sheet)))
                .redoPieces();
    }

    private static Item item(Item.Sort sort, Project project, AtHand.Stocked... stock) {
        return Shopping.of(new Workroom(project), project.lay(), List.of(stock)).items().stream()
                .filter(i -> i.sort() == sort)
                .findFirst()
                .orElseThrow();
    }

    private static AtHand.Stocked notion(String name, Notion.Sort sort, String size, double amount) {
        return new AtHand.Stocked("N-1", new Notion(name, sort, size, amount), amount);
    }

    private static AtHand.Stocked buttons(int count, double diameter) {
        return new AtHand.Stocked(
                "K-1",
                new LooseKeeper(
                        "horn buttons",
                        KeeperKind.BUTTONS,
                        new LooseKeeper.Size(0, 0, 0, count, diameter),
                        "",
                        Assessment.Condition.SOUND),
                count);
    }

    /** Elastic = 0.9 × waist + 20 mm, 25 mm wide as the draft is usually drawn (handbook of the trade §4). */
    @Test
    void elasticIsAsLongAsTheDraftReckonsIt() {
        Project trousers = project("elastic-trousers", 1400, 2000);
        double waist = Demo.child(1100).mm(BodyMeasure.TROUSER_WAIST);
        Item elastic = item(Item.Sort.ELASTIC, trousers);
        assertThat(elastic.needs()).isEqualTo(Math.ceil(0.9 * waist + 20 - 1e-9));
        assertThat(elastic.size()).contains("25");
        assertThat(elastic.isThere()).isFalse();
    }

    @Test
    void onlyElasticOfTheRightWidthAndInOnePieceCounts() {
        Project trousers = project("elastic-trousers", 1400, 2000);
        assertThat(item(Item.Sort.ELASTIC, trousers, notion("white", Notion.Sort.ELASTIC, "25 mm, white", 900))
                        .isThere())
                .isTrue();
        assertThat(item(Item.Sort.ELASTIC, trousers, notion("white", Notion.Sort.ELASTIC, "1 in", 900))
                        .isThere())
                .isTrue();
        assertThat(item(Item.Sort.ELASTIC, trousers, notion("cord elastic", Notion.Sort.ELASTIC, "6 mm", 900))
                        .atHand())
                .isEmpty();
        Item unsaid = item(Item.Sort.ELASTIC, trousers, notion("black", Notion.Sort.ELASTIC, "black", 900));
        assertThat(unsaid.isThere()).isFalse();
        assertThat(unsaid.atHand().get(0).name()).contains("width is not told");
        assertThat(item(Item.Sort.ELASTIC, trousers, notion("short end", Notion.Sort.ELASTIC, "25 mm", 200))
                        .atHand())
                .isEmpty();
    }

    /** A set of five 15 mm buttons closes a smock; four do not, nor do five of 22 mm. */
    @Test
    void buttonsAreOfOneSet() {
        Project smock = project("smock", 1400, 2000);
        Item none = item(Item.Sort.BUTTONS, smock);
        assertThat(none.needs()).isEqualTo(5);
        assertThat(none.unit()).isEqualTo(Stock.Unit.PIECES);
        assertThat(item(Item.Sort.BUTTONS, smock, buttons(6, 15)).isThere()).isTrue();
        assertThat(item(Item.Sort.BUTTONS, smock, buttons(4, 15)).missing()).isEqualTo(5);
        assertThat(item(Item.Sort.BUTTONS, smock, buttons(5, 22)).atHand()).isEmpty();
    }

    /** What closed the old trousers closes the new skirt; cloth by the metre brings none, and one out of the box must be long enough. */
    @Test
    void aZipOfTheSourceOrOutOfTheBoxClosesTheNewSkirt() {
        Project begun = Demo.project(1100)
                .withAim(new Aim(Garment.CUT_OUT, "a-line-skirt", "a skirt", Demo.child(1100), LengthUnit.CM));
        Item old = item(Item.Sort.CLOSURE, new Workroom(begun).redoPieces());
        assertThat(old.isThere()).isTrue();
        assertThat(old.atHand().get(0).where()).isEmpty();
        Project skirt = project("a-line-skirt", 1400, 2000);
        Item zip = item(Item.Sort.CLOSURE, skirt);
        LooseKeeper loose = new LooseKeeper(
                "metal zip", KeeperKind.ZIP, new LooseKeeper.Size(300, 0, 20, 0, 0), "", Assessment.Condition.SOUND);
        assertThat(zip.missing()).isEqualTo(1);
        Project with = skirt.withCloths(skirt.cloths().with(new Brought.Loose("c", "", loose)));
        assertThat(item(Item.Sort.CLOSURE, with).atHand())
                .extracting(AtHand::name)
                .containsExactly("metal zip");
        assertThat(item(Item.Sort.CLOSURE, skirt, new AtHand.Stocked("K-2", loose, 1))
                        .isThere())
                .isTrue();
    }

    /** A metre square of woven cloth that frays: four edges of half a lockstitched seam and a zigzag each, and 15 % (handbook of the trade §8). */
    @Test
    void threadIsReckonedByTheMetreOfSeam() {
        Design square = Design.of("square", List.of(square(PieceCloth.SHELL)));
        assertThat(Thread.of(square, r -> Optional.of(cloth("linen", Weave.PLAIN)))
                        .metres())
                .isCloseTo(4 * (2.5 / 2 + 7) * 1.15, within(1e-9));
        assertThat(Thread.of(square, r -> Optional.of(cloth("jersey", Weave.KNIT)))
                        .metres())
                .isCloseTo(4 * 7.0 / 2 * 1.15, within(1e-9));
        assertThat(Thread.of(Design.of("inside", List.of(square(PieceCloth.INTERFACING))), r -> Optional.empty())
                        .metres())
                .isZero();
    }

    private static Piece square(PieceCloth of) {
        Design drawn = Drafts.require("gathered-skirt").draw(Demo.child(1100), Map.of());
        Piece piece = drawn.piece("panel");
        var edges = List.of(
                org.handdown.geometry.Edge.line("a", p(0, 0), p(1000, 0)),
                org.handdown.geometry.Edge.line("b", p(1000, 0), p(1000, 1000)),
                org.handdown.geometry.Edge.line("c", p(1000, 1000), p(0, 1000)),
                org.handdown.geometry.Edge.line("d", p(0, 1000), p(0, 0)));
        Map<String, org.handdown.pattern.Allowance> seams = new HashMap<>();
        edges.forEach(e -> seams.put(e.name(), org.handdown.pattern.Allowance.seam(10)));
        return piece.withNotches(List.of())
                .withMarks(List.of())
                .withWishes(Map.of())
                .withAllowances(Map.of())
                .withLine(new org.handdown.geometry.Outline(edges))
                .withAllowances(seams)
                .withCloth(of)
                .cut(1, false);
    }

    private static org.handdown.geometry.Point p(double x, double y) {
        return new org.handdown.geometry.Point(x, y);
    }

    /** What has no place is on the list with its cloth, and a sheet that takes its longest piece is named. */
    @Test
    void clothThatIsShortIsOnTheList() {
        Project small = project("elastic-trousers", 500, 900);
        var problem = new Workroom(small).problem().orElseThrow();
        Project laid = small.withLay(
                new Lay(problem, Fitter.fit(problem, new Fitter.Budget(Double.POSITIVE_INFINITY, 3, 1, 1)), false));
        assertThat(java.util.Objects.requireNonNull(laid.lay()).layout().unplaced())
                .isNotEmpty();
        Cloth blue = cloth("blue linen", Weave.PLAIN);
        StashThing large = new FlatCloth("large end", blue, Leftover.sheet(blue, 1400, 1500), true);
        StashThing tiny = new FlatCloth("tiny end", blue, Leftover.sheet(blue, 200, 150), true);
        Item cloth =
                item(Item.Sort.CLOTH, laid, new AtHand.Stocked("R-1", large, 1), new AtHand.Stocked("R-2", tiny, 1));
        assertThat(cloth.use()).contains("has no place").contains("leg");
        assertThat(cloth.atHand()).extracting(AtHand::where).containsExactly("R-1");
        // It may serve; whether all pieces lie on it only a lay tells.
        assertThat(cloth.isThere()).isFalse();
    }

    @Test
    void everyDraftHasAList() {
        for (var draft : Drafts.all()) {
            Project project = project(draft.id(), 1400, 3000);
            List<Item> items =
                    Shopping.of(new Workroom(project), null, List.of()).items();
            assertThat(items).as(draft.id()).isNotEmpty().allMatch(i -> i.needs() > 0);
            assertThat(items).as(draft.id()).anyMatch(i -> i.sort() == Item.Sort.THREAD);
        }
    }
}
