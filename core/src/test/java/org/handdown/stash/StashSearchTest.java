package org.handdown.stash;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.handdown.Demo;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FlawZone;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.lay.Leftover;
import org.handdown.measure.RefusedValueException;
import org.handdown.reuse.KeeperKind;
import org.handdown.source.Assessment;
import org.junit.jupiter.api.Test;

class StashSearchTest {
    private static FlatCloth remnant(Ring outline, double grainDeg, FlawZone... zones) {
        return new FlatCloth(
                "remnant",
                Demo.CORD,
                new Leftover(
                        new FitLayout.Remnant("cloth", outline, null),
                        "rust cord",
                        grainDeg,
                        List.of(),
                        List.of(zones),
                        Leftover.Pattern.PLAIN),
                true);
    }

    private static Optional<StashSearch.Served> look(Sought sought, StashThing thing) {
        StashSearch search = new StashSearch(sought);
        return search.in(thing, thing.stock().amount()).map(search::withSlack);
    }

    private static LooseKeeper keeper(KeeperKind kind, double length, double stretch, int count, double diameter) {
        return new LooseKeeper(
                "k", kind, new LooseKeeper.Size(length, stretch, 0, count, diameter), "", Assessment.Condition.SOUND);
    }

    @Test
    void aSheetFitsExactlyOrNotAtAll() {
        FlatCloth cloth = remnant(Ring.rectangle(0, 0, 600, 800), 90);
        assertThat(look(Sought.sheet(600, 800), cloth)).isPresent();
        assertThat(look(Sought.sheet(600.2, 800), cloth)).isEmpty();
        // Along the grain: the same cloth is no sheet of 800 by 600.
        assertThat(look(Sought.sheet(800, 600), cloth)).isEmpty();
    }

    @Test
    void grainThatLiesAcrossTheOutlineTurnsWhatFits() {
        FlatCloth cloth = remnant(Ring.rectangle(0, 0, 600, 800), 0);
        assertThat(look(Sought.sheet(800, 600), cloth)).isPresent();
        assertThat(look(Sought.sheet(600, 800), cloth)).isEmpty();
    }

    @Test
    void ofATriangleWhatLiesInItIsKnownByItsSlope() {
        // Right angle at the origin, 400 wide and 400 high: a part of w by h lies in it where w + h is 400 at most.
        FlatCloth cloth = remnant(new Ring(List.of(new Point(0, 0), new Point(400, 0), new Point(0, 400))), 90);
        assertThat(look(Sought.sheet(150, 249), cloth)).isPresent();
        assertThat(look(Sought.sheet(150, 252), cloth)).isEmpty();
        Sheet sheet = Sheet.of(cloth).get(0);
        assertThat(sheet.longestMm(100, 50)).isCloseTo(300, within(1.5));
        assertThat(sheet.widestMm(100, 50)).isCloseTo(300, within(1.5));
    }

    @Test
    void aFlawIsKeptClearOfAndWhatIsOfferedReallyLiesThere() {
        Ring stain = Ring.rectangle(250, 350, 100, 100);
        FlatCloth cloth =
                remnant(Ring.rectangle(0, 0, 600, 800), 90, new FlawZone(FlawZone.Kind.AVOID, stain, "stain"));
        assertThat(look(Sought.sheet(300, 800), cloth)).isEmpty();
        assertThat(look(Sought.sheet(600, 400), cloth)).isEmpty();
        StashSearch.Served served = look(Sought.sheet(240, 780), cloth).orElseThrow();
        Region part = Region.of(java.util.Objects.requireNonNull(served.place()));
        assertThat(Region.of(cloth.leftover().outline()).grown(0.1).covers(part))
                .isTrue();
        assertThat(part.intersection(Region.of(stain)).areaMm2()).isLessThan(30);
    }

    @Test
    void aGarmentServesByTheLargestPartThatItComesApartInto() {
        StashThing trousers = new StashThing.Garment(new org.handdown.source.StashedSource(
                new org.handdown.source.Source(
                        "corduroys", "", "", "", "", Demo.CORD, Demo.CONSTRUCTION, List.of(), Assessment.NONE),
                ""));
        StashSearch.Served served = look(Sought.strip(40, 900), trousers).orElseThrow();
        assertThat(served.slack()).contains("leg");
        assertThat(look(Sought.sheet(600, 600), trousers)).isEmpty();
    }

    @Test
    void clothThatRunsOrBearsNoHeatIsLeftOut() {
        FlatCloth cord = remnant(Ring.rectangle(0, 0, 600, 800), 90);
        assertThat(look(Sought.sheet(100, 100).of(new Sought.ClothRules(true, null)), cord))
                .isEmpty();
        assertThat(look(Sought.sheet(100, 100).of(new Sought.ClothRules(false, Demo.CORD.heat())), cord))
                .isPresent();
    }

    @Test
    void ofALengthOnlyWhatIsFreeCounts() {
        StashThing length = new StashThing.ByTheMetre(Demo.CORD, 1400, 2000);
        StashSearch search = new StashSearch(Sought.strip(100, 1500));
        assertThat(search.in(length, 2000)).isPresent();
        assertThat(search.in(length, 1200)).isEmpty();
        assertThat(search.in(length, 0)).isEmpty();
    }

    @Test
    void buttonsAreCountedAndMayBeAMillimetreOff() {
        LooseKeeper six = keeper(KeeperKind.BUTTONS, 0, 0, 6, 15.24);
        assertThat(look(Sought.buttons(6, 15), six)).isPresent();
        assertThat(look(Sought.buttons(7, 15), six)).isEmpty();
        assertThat(look(Sought.buttons(2, 18), six)).isEmpty();
        assertThat(new StashSearch(Sought.buttons(3, 0)).in(six, 2)).isEmpty();
    }

    @Test
    void aRibPassesWhatItWasTestedToPass() {
        assertThat(look(Sought.rib(380), keeper(KeeperKind.RIB, 240, 0.6, 0, 0)))
                .isPresent();
        assertThat(look(Sought.rib(385), keeper(KeeperKind.RIB, 240, 0.6, 0, 0)))
                .isEmpty();
        assertThat(look(Sought.rib(380), keeper(KeeperKind.RIB, 300, 0, 0, 0))).isEmpty();
        assertThat(look(Sought.rib(380), new Notion("e", Notion.Sort.ELASTIC, "6 mm", 400)))
                .isPresent();
    }

    @Test
    void whatHasNoSizeIsNotLookedFor() {
        assertThatThrownBy(() -> Sought.strip(40, 0)).isInstanceOf(RefusedValueException.class);
        assertThatThrownBy(() -> Sought.buttons(0, 15)).hasMessageContaining("how large");
        assertThatThrownBy(() -> keeper(KeeperKind.BUTTONS, 0, 0, 0, 15)).hasMessageContaining("how many");
        assertThatThrownBy(() -> new Notion("thread", Notion.Sort.THREAD, "", 1.5))
                .hasMessageContaining("whole");
    }

    @Test
    void aGarmentTellsItsTagAndATagIsToldToTheGarment() {
        StashThing.Garment trousers = new StashThing.Garment(new org.handdown.source.StashedSource(
                new org.handdown.source.Source(
                        "corduroys", "", "", "", "4", Demo.CORD, Demo.CONSTRUCTION, List.of(), Assessment.NONE),
                "dungarees"));
        StashItem item = StashItem.of(trousers);
        assertThat(item.tag().cost()).isEqualTo("4");
        assertThat(item.tag().note()).isEqualTo("dungarees");
        StashItem dear = item.tagged(new StashItem.Tag("attic", true, "a bag", "5", Assessment.Missed.DEARLY));
        StashThing.Garment told = (StashThing.Garment) dear.thing();
        assertThat(told.source().assessment().missed()).isEqualTo(Assessment.Missed.DEARLY);
        assertThat(told.stashed().idea()).isEqualTo("a bag");
        assertThat(dear.tag().place()).isEqualTo("attic");
    }
}
