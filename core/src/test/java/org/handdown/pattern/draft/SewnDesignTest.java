package org.handdown.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Closure;
import org.handdown.assembly.IndependentCount;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Opening;
import org.handdown.assembly.Ring;
import org.handdown.assembly.Topology;
import org.handdown.body.BodyMeasure;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Piece;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every draft as an assembly: its rings counted on the finished garment, its seams walked again copy by copy. */
class SewnDesignTest {
    private static Design design(String id, Map<String, Double> choices) {
        return Drafts.find(id).orElseThrow().draw(Bodies.tall(1160, Map.of()), choices);
    }

    private static Map<String, Double> choices(String text) {
        Map<String, Double> all = new HashMap<>();
        Stream.of(text.split(" "))
                .filter(c -> c.contains("="))
                .forEach(c -> all.put(c.split("=")[0], Double.valueOf(c.split("=")[1])));
        return all;
    }

    private static Topology shut(Assembly sewn) {
        return sewn.whole().shut(sewn.closures().stream().map(Closure::id).collect(Collectors.toSet()));
    }

    /** Rings of the cloth that hangs together with a piece, of any size that something passes. */
    private static List<Ring> rings(Topology topology, String component) {
        var body = topology.surfaces().stream()
                .map(Topology.Surface::components)
                .filter(c -> c.contains(component))
                .findFirst()
                .orElseThrow();
        return topology.rings().stream()
                .filter(r -> r.girthMm() > 20 && body.containsAll(r.components()))
                .toList();
    }

    /** Counted on the garment: open first, then everything shut. An open front makes neck and hem one ring. */
    @ParameterizedTest
    @CsvSource({
        "dungarees, , front-leg#0, 3, 3",
        "elastic-trousers, , front-leg#0, 3, 3",
        "shorts, , front-leg#0, 3, 3",
        "pyjamas, , front-leg#0, 3, 3",
        "t-shirt, , front#0, 4, 4",
        "tunic, neck=1, front#0, 4, 4",
        "smock, , front#0, 3, 4",
        "smock, opening=1 collar=1, front#0, 3, 4",
        "bodywarmer, , front#0, 3, 4",
        "bodywarmer, lined=0, front#0, 3, 4",
        "jacket, , front#0, 3, 3",
        "jacket, sleeves=1, front#0, 3, 3",
        "wrap-skirt, , front#0, 1, 2",
        "gathered-skirt, , panel#0, 2, 3",
        "gathered-skirt, waist=1, panel#0, 2, 2",
        "stretch-skirt, , front#0, 2, 2",
        "a-line-skirt, , front#0, 2, 3",
        "pleated-skirt, , panel#0, 2, 3",
        "circle-skirt, , panel#0, 2, 3",
        "circle-skirt, panels=1, panel#0, 2, 3",
        "leg-warmers, , leg-warmer#0, 2, 2",
        "beanie, , half#0, 1, 1",
        "cap, , crown#0, 1, 1",
        "peplum, , panel#0, 2, 2",
        "peplum, open=1, panel#0, 1, 1",
        "ruffle, , ruffle#0, 2, 2",
        "cuff, , band#0, 2, 2",
        "strap, , strap#0, 2, 2",
        "seam-pocket, , bag#0, 1, 1",
    })
    void itHasTheRingsOneCounts(String draft, String chosen, String part, int open, int shut) {
        Assembly sewn = design(draft, choices(chosen == null ? "" : chosen)).assembly();
        assertThat(rings(sewn.whole(), part)).hasSize(open);
        // Shut, a zip that stops in the middle of a seam leaves a slit of no girth beside its band: no ring.
        assertThat(rings(shut(sewn), part).stream().filter(r -> r.corners() > 0))
                .hasSizeBetween(Math.min(2, shut - 1), shut);
    }

    /** Waist of the trousers, hem and neck of the T-shirt, band of the skirt: sums of stitch lines, counted by hand. */
    @Test
    void girthsAreTheSumsOfTheirEdges() {
        Design trousers = design("elastic-trousers", Map.of());
        double waist = 2 * mm(trousers, "front-leg", "waist") + 2 * mm(trousers, "back-leg", "waist");
        double leg = mm(trousers, "front-leg", "hem") + mm(trousers, "back-leg", "hem");
        assertThat(girths(trousers)).containsExactly(waist, leg, leg);
        Design shirt = design("t-shirt", Map.of());
        double hem = mm(shirt, "front", "hem") + mm(shirt, "back", "hem");
        assertThat(girths(shirt)).contains(hem, mm(shirt, "neckband", "upper"), mm(shirt, "sleeve", "hem"));
        Design skirt = design("a-line-skirt", Map.of());
        double band = mm(skirt, "waistband", "upper") - skirt.closings().get(0).lapMm();
        assertThat(shut(skirt.assembly())
                        .ringOf("waistband#0", "upper")
                        .orElseThrow()
                        .girthMm())
                .isCloseTo(band, within(0.01));
        // Folds laid, the front's and the back's waist are what the band is long.
        assertThat(skirt.assembly().walks()).allMatch(Assembly.Walk::agrees);
    }

    private static List<Double> girths(Design design) {
        return design.assembly().whole().rings().stream()
                .filter(r -> r.corners() > 0)
                .map(Ring::girthMm)
                .toList();
    }

    private static double mm(Design design, String piece, String edge) {
        return design.piece(piece).stitchLine().edge(edge).lengthMm();
    }

    /** A bib stands on part of the waist: what hips pass is the waist seam, not the rim that goes up over the bib and down again. */
    @Test
    void theNarrowestRingIsFoundBehindTheRim() {
        Design dungarees = design("dungarees", Map.of());
        double waist = 2
                * (mm(dungarees, "front-leg", "waist-side")
                        + mm(dungarees, "front-leg", "waist-bib")
                        + mm(dungarees, "back-leg", "waist-side")
                        + mm(dungarees, "back-leg", "waist-bib"));
        Topology whole = dungarees.assembly().whole();
        Ring rim = whole.ringOf("bib#0", "upper").orElseThrow();
        assertThat(rim.girthMm()).isGreaterThan(waist + 400);
        assertThat(whole.narrowestMm(rim)).isCloseTo(waist, within(2.0));
        // Nothing is narrower behind a hem than the hem; two legs together are no ring.
        Topology legs = design("elastic-trousers", Map.of()).assembly().whole();
        Ring top = legs.ringOf("front-leg#0", "waist").orElseThrow();
        assertThat(legs.narrowestMm(top)).isCloseTo(top.girthMm(), within(0.01));
        Opening first = Opening.of(dungarees.assembly()).get(0);
        assertThat(first.place()).isEqualTo(Opening.Place.WAIST);
        assertThat(first.girthMm()).isCloseTo(waist, within(2.0));
    }

    /** Counted on the garment: a neckband runs over both shoulders, a sleeve over shoulder, side and its own underarm. */
    @Test
    void seamsCrossWhereTheyDoOnTheGarment() {
        Topology shirt = design("t-shirt", Map.of()).assembly().whole();
        assertThat(shirt.crossings("neckband on the neckline"))
                .extracting(c -> c.one() + "/" + c.other())
                .containsExactlyInAnyOrder("[shoulder seams]/[]", "[shoulder seams]/[ends of the neckband]");
        assertThat(shirt.crossings("sleeve head in the armhole"))
                .extracting(c -> c.one() + "/" + c.other())
                .containsExactlyInAnyOrder("[shoulder seams]/[]", "[side seams]/[underarm seam]");
        // Bib on the waist: the centre seam of the trousers ends in it.
        Topology dungarees = design("dungarees", Map.of()).assembly().whole();
        assertThat(dungarees.crossings("bib to front waist"))
                .extracting(c -> c.one() + "/" + c.other())
                .containsExactly("[]/[front centre seam]");
        // A hem folded once over a pressed seam: three layers, double.
        assertThat(dungarees.crossings("hem turned"))
                .extracting(c -> c.one() + " " + c.alikeLayers() + " " + c.openLayers())
                .containsExactlyInAnyOrder("[inseam] 6 4", "[side seam] 6 4");
    }

    static List<Draft> drafts() {
        return Drafts.all();
    }

    private record Drawn(String what, Design design) {}

    /** A draft with every option of every choice. */
    private static List<Drawn> allOf(Draft draft) {
        List<Drawn> all = new ArrayList<>();
        all.add(new Drawn(draft.id(), draft.draw(Bodies.of(7), Map.of())));
        for (Dimension d : draft.dimensions()) {
            for (int i = 0; i < d.options().size(); i++) {
                try {
                    all.add(new Drawn(
                            draft.id() + " " + d.id() + "=" + i, draft.draw(Bodies.of(7), Map.of(d.id(), (double) i))));
                } catch (RefusedValueException e) {
                    // A combination that the draft itself refuses.
                    continue;
                }
            }
        }
        return all;
    }

    /** V − E + F over corners united by themselves, and no garment sewn into a ring through itself. */
    @ParameterizedTest
    @MethodSource("drafts")
    void everyDraftAgreesWithAnIndependentCount(Draft draft) {
        for (Drawn drawn : allOf(draft)) {
            Assembly sewn = drawn.design.assembly();
            List<Topology.Surface> surfaces = sewn.whole().surfaces();
            assertThat(surfaces).as(drawn.what).allMatch(s -> s.handles() == 0 && s.euler() == 2 - s.rims());
            assertThat(surfaces.stream().mapToInt(Topology.Surface::euler).sum())
                    .as(drawn.what)
                    .isEqualTo(IndependentCount.euler(sewn));
        }
    }

    /** What a seam of a design walks, its copies walk in the garment: nothing is lost or sewn twice on the way from one to the other. */
    @ParameterizedTest
    @MethodSource("drafts")
    void everySeamIsSewnOnEveryCopyOnce(Draft draft) {
        for (Drawn drawn : allOf(draft)) {
            Assembly sewn = drawn.design.assembly();
            for (DesignSeam seam : drawn.design.seams()) {
                if (seam.copies() == DesignSeam.Copies.ALIKE) {
                    assertThat(sewn.joins())
                            .as(drawn.what)
                            .noneMatch(j -> j.name().equals(seam.name()));
                    continue;
                }
                Piece first = drawn.design.piece(seam.one().get(0).piece());
                double walked = sewn.joins().stream()
                        .filter(j -> j.name().equals(seam.name()))
                        .flatMap(j -> j.meetings().stream())
                        .flatMap(m -> m.runs().stream())
                        .filter(r -> r.component().startsWith(first.id() + "#"))
                        .mapToDouble(r -> r.flatMm())
                        .sum();
                assertThat(walked).as("%s, %s", drawn.what, seam.name()).isGreaterThan(0);
                assertThat(sewn.joins().stream()
                                .filter(j -> j.name().equals(seam.name()))
                                .flatMap(j -> j.meetings().stream()))
                        .as("%s, %s", drawn.what, seam.name())
                        .allMatch(m -> m.caught() == (seam.copies() == DesignSeam.Copies.BEHIND));
            }
            assertThat(sewn.components())
                    .as(drawn.what)
                    .hasSize(drawn.design.pieces().stream()
                            .mapToInt(Piece::quantity)
                            .sum())
                    .allMatch(c -> c.layer() != Layer.INTERLINING);
        }
    }

    /** Nothing of a garment is left lying: every piece hangs on the others, or the draft is of parts that are sewn to something else. */
    @ParameterizedTest
    @MethodSource("drafts")
    void everyPieceOfAGarmentHangsOnTheOthers(Draft draft) {
        boolean isWhole = draft.family() == Draft.Family.LEGS
                || draft.family() == Draft.Family.TOPS
                || draft.family() == Draft.Family.SKIRTS;
        if (isWhole && !draft.id().equals("trouser-skirt")) {
            for (Drawn drawn : allOf(draft)) {
                assertThat(drawn.design.assembly().whole().together())
                        .as(drawn.what)
                        .hasSize(1);
            }
        }
    }

    /** What an opening tells is what the draft's own finished sizes tell, on bodies of all kinds. */
    @Property(tries = 150)
    void openingsAreAsLargeAsTheDraftSays(@ForAll long seed) {
        var wearer = Bodies.of(seed);
        for (String id : List.of("elastic-trousers", "t-shirt", "stretch-skirt", "gathered-skirt", "beanie")) {
            Design design;
            try {
                design = Drafts.find(id).orElseThrow().draw(wearer, Map.of());
            } catch (RefusedValueException e) {
                continue;
            }
            List<Opening> openings = Opening.of(design.assembly());
            assertThat(openings).as(id).isNotEmpty().allMatch(o -> o.girthMm() > 60 && o.girthMm() < 4000);
            if (id.equals("elastic-trousers")) {
                assertThat(openings.get(0).girthMm()).isGreaterThan(wearer.mm(BodyMeasure.HIP));
            }
        }
    }
}
