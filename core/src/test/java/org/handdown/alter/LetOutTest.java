package org.handdown.alter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.handdown.Demo;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.junit.jupiter.api.Test;

class LetOutTest {
    private static final double INCH = 25.4;

    private static LetOut.Wish wish(double waist, double length, boolean darts) {
        return new LetOut.Wish(waist, length, 10, 10, darts);
    }

    private static Anatomy skirt(int pleats, double depth) {
        return Demo.average(
                        SourceKind.PLEATED_SKIRT,
                        Map.of(
                                "waist",
                                620.0,
                                "hem",
                                4000.0,
                                "pleats",
                                (double) pleats,
                                "pleatDepth",
                                depth,
                                "hemDepth",
                                60.0))
                .anatomy();
    }

    /** The back is two halves: its darts lie on both, and both are let out alike. */
    @Test
    void theBackDartsOfADressLieOnBothHalvesAndGoTogether() {
        Anatomy dress = Demo.average(
                        SourceKind.DRESS, Map.of("darts", 4.0, "dartDepth", 12.0, "pleats", 0.0, "allowance", 10.0))
                .anatomy();
        LetOut letOut = new LetOut(dress, wish(96, 0, true));
        LetOut.Side bodice = letOut.sides().stream()
                .filter(s -> s.name().equals("bodice"))
                .findFirst()
                .orElseThrow();
        assertThat(bodice.given())
                .extracting(g -> g.release().part(), g -> g.release().count(), LetOut.Given::perEachMm)
                .containsExactlyInAnyOrder(
                        tuple("bodice-front", 2, 24.0),
                        tuple("bodice-back-left", 1, 24.0),
                        tuple("bodice-back-right", 1, 24.0));
        assertThat(bodice.missingMm()).isZero();
        // Each half of the back is drawn with the dart that it has.
        assertThat(dress.part("bodice-back-left").outline().edge("hem").lengthMm())
                .isCloseTo(740.0 / 4 + 24, within(0.5));
    }

    /** Darts from the side to the bust take up length; letting them out gives nothing round the waist, nor do folds of sleeves and linings. */
    @Test
    void foldsElsewhereGiveNothingRoundTheWaist() {
        Anatomy dress = Demo.average(SourceKind.DRESS, Map.of("bustDarts", 2.0, "bustDartDepth", 12.0))
                .anatomy();
        assertThat(dress.folds()).anyMatch(f -> f.id().equals("bust-darts-left"));
        assertThat(Release.atWaist(dress, 10)).noneMatch(r -> r.id().startsWith("bust"));
        assertThat(Release.atWaist(Demo.average(SourceKind.COAT, Map.of()).anatomy(), 10))
                .noneMatch(r -> r.kind() == Release.Kind.PLEAT);
        assertThat(Release.atWaist(Demo.average(SourceKind.SHIRT, Map.of()).anatomy(), 10))
                .noneMatch(r -> r.kind() == Release.Kind.PLEAT);
    }

    /** An inch asked of a hem that hides 25 mm: what is lacking is finer than any tape, and nobody is told to put in inserts for it. */
    @Test
    void whatNoTapeShowsIsNotMissing() {
        Anatomy trousers =
                Demo.average(SourceKind.TROUSERS, Map.of("hemDepth", 35.0)).anatomy();
        LetOut.Side inch = new LetOut(trousers, wish(0, INCH, false)).hem();
        assertThat(inch.gainMm()).isEqualTo(25);
        assertThat(inch.shortMm()).isZero();
        assertThat(new LetOut(trousers, wish(0, 26, false)).hem().shortMm()).isCloseTo(1, within(1e-9));
    }

    /** Handbook §3, worked check: two darts of ½ in let out fully = 2 in; the skirt's two pleats take up the same 2 in. */
    @Test
    void twoHalfInchDartsGiveTwoInchesAndThePleatsBelowTheSame() {
        Anatomy dress = Demo.average(
                        SourceKind.DRESS,
                        Map.of("darts", 2.0, "dartDepth", INCH / 2, "pleats", 2.0, "pleatDepth", 40.0))
                .anatomy();
        LetOut letOut = new LetOut(dress, new LetOut.Wish(2 * INCH, 0, 15, 10, true));
        assertThat(letOut.sides()).hasSize(2).allSatisfy(s -> {
            assertThat(s.gainMm()).isCloseTo(2 * INCH, within(1e-9));
            assertThat(s.missingMm()).isZero();
        });
        LetOut.Side bodice = letOut.sides().stream()
                .filter(s -> s.name().equals("bodice"))
                .findFirst()
                .orElseThrow();
        // Both darts wholly: 1 in each.
        assertThat(bodice.given()).allSatisfy(g -> assertThat(g.perEachMm()).isCloseTo(INCH, within(1e-9)));
        assertThat(bodice.given().stream().mapToInt(g -> g.release().count()).sum())
                .isEqualTo(2);
        // Each pleat gets ½ in shallower.
        assertThat(letOut.refolds())
                .filteredOn(r -> r.fold().part().startsWith("skirt"))
                .allSatisfy(r -> assertThat(r.newDepthMm()).isCloseTo(40 - INCH / 2, within(1e-9)));
    }

    @Test
    void shapingDartsStayUnlessTheyMayGo() {
        Anatomy dress = Demo.average(SourceKind.DRESS, Map.of()).anatomy();
        LetOut kept = new LetOut(dress, new LetOut.Wish(60, 0, 15, 10, false));
        assertThat(kept.sides().stream()
                        .flatMap(s -> s.given().stream())
                        .map(g -> g.release().kind()))
                .doesNotContain(Release.Kind.DART);
        LetOut.Side bodice = kept.sides().stream()
                .filter(s -> s.name().equals("bodice"))
                .findFirst()
                .orElseThrow();
        // Nothing but the darts hides cloth in this bodice: its seams keep 15 of 15 mm.
        assertThat(bodice.missingMm()).isEqualTo(60);
        // The skirt could gain, but both sides of a seam gain alike: the poorer one sets the pace.
        assertThat(kept.gainMm()).isZero();
    }

    /** The demo's skirt: 60 mm wider at the waist, 16 pleats of 25 mm: each gives 60/16 = 3.75 mm and is 1.875 mm shallower. */
    @Test
    void theHeatherSkirtGrowsBySixtyMillimetres() {
        LetOut letOut = new LetOut(skirt(16, 25), wish(60, 40, false));
        assertThat(letOut.gainMm()).isCloseTo(60, within(1e-9));
        double folded =
                letOut.refolds().stream().mapToDouble(LetOut.Refold::foldedMm).sum();
        assertThat(folded).isCloseTo(620 + 60, within(1e-6));
        assertThat(letOut.refolds()).allSatisfy(r -> assertThat(r.newDepthMm()).isCloseTo(23.125, within(1e-9)));
        assertThat(letOut.hem().gainMm()).isEqualTo(40);
        assertThat(letOut.bands()).containsEntry("waistband", 60.0);
        assertThat(letOut.openings()).containsOnlyKeys("band-front", "band-back", "hem");
    }

    /** Handbook §3: a hem gives its depth less the new finish; what is not there is missing, in figures. */
    @Test
    void aHemGivesItsDepthLessTheNewFinish() {
        LetOut letOut = new LetOut(skirt(16, 25), wish(0, 80, false));
        assertThat(letOut.hem().gainMm()).isEqualTo(50);
        assertThat(letOut.hem().missingMm()).isEqualTo(30);
    }

    /** Handbook §3: total T over k openings is T/k each; 3 in, two side inserts: 1½ in each. */
    @Test
    void insertsShareWhatIsMissing() {
        assertThat(LetOut.insertMm(3 * INCH, 2)).isCloseTo(1.5 * INCH, within(1e-9));
        assertThatThrownBy(() -> LetOut.insertMm(50, 0)).hasMessageContaining("seam to go into");
    }

    @Test
    void fewDartsOpenOnlyTheirOwnStretchOfTheBand() {
        Anatomy straight =
                Demo.average(SourceKind.SKIRT, Map.of("allowance", 10.0)).anatomy();
        LetOut letOut = new LetOut(straight, wish(20, 0, true));
        assertThat(letOut.openings().get("band-front"))
                .hasValueSatisfying(s -> assertThat(s.parts()).hasSize(2));
        assertThat(letOut.openings()).doesNotContainKey("side-left");
    }

    @Test
    void aSourceWithNothingHiddenSaysSo() {
        Anatomy scarf = Demo.average(SourceKind.SCARF, Map.of()).anatomy();
        assertThatThrownBy(() -> new LetOut(scarf, wish(20, 0, true))).hasMessageContaining("no pleat");
    }

    /** A release never exceeds what is there; both sides of the seam agree; pleats refold to the exact width. */
    @Property(tries = 300)
    void releasesStayWithinWhatIsThereAndPleatsRefoldExactly(
            @ForAll @IntRange(min = 1, max = 40) int pleats,
            @ForAll @DoubleRange(min = 1, max = 40) double depth,
            @ForAll @DoubleRange(min = 0, max = 700) double wanted) {
        Anatomy anatomy = skirt(pleats, depth);
        LetOut letOut = new LetOut(anatomy, wish(wanted, 0, true));
        LetOut.Side side = letOut.sides().get(0);
        side.given()
                .forEach(g -> assertThat(g.mm()).isLessThanOrEqualTo(g.release().mostMm() + 1e-9));
        assertThat(side.gainMm() + side.missingMm()).isCloseTo(wanted, within(1e-6));
        double fromPleats = side.given().stream()
                .filter(g -> g.release().kind() == Release.Kind.PLEAT)
                .mapToDouble(LetOut.Given::mm)
                .sum();
        double before = letOut.refolds().stream()
                .mapToDouble(LetOut.Refold::oldFoldedMm)
                .sum();
        double after =
                letOut.refolds().stream().mapToDouble(LetOut.Refold::foldedMm).sum();
        assertThat(after - before).isCloseTo(fromPleats, within(1e-6));
        letOut.refolds().forEach(r -> assertThat(r.newDepthMm()).isBetween(0.0, r.oldDepthMm()));
    }
}
