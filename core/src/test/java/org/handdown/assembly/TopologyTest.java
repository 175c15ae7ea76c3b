package org.handdown.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.handdown.assembly.Access.Way;
import org.handdown.geometry.Outline;
import org.junit.jupiter.api.Test;

/** Garments whose rings anybody counts on their fingers, and gluings of all kinds against an independent count. */
class TopologyTest {
    private static Component cloth(String id, double wide, double high) {
        return new Component(id, id, Outline.rectangle(wide, high), Layer.SHELL);
    }

    private static Sewing sewing(Component... components) {
        return new Sewing(List.of(components), List.of());
    }

    private static void seam(Sewing sewing, String id, String one, String edge, String other, String otherEdge) {
        sewing.seam(
                id,
                id,
                List.of(sewing.component(one).whole(edge)),
                List.of(sewing.component(other).whole(otherEdge)),
                false);
    }

    private static List<Long> girths(Topology topology) {
        return topology.rings().stream().map(r -> Math.round(r.girthMm())).toList();
    }

    @Test
    void aTubeHasTwoRings() {
        Sewing tube = sewing(cloth("tube", 600, 400));
        seam(tube, "side", "tube", "right", "tube", "left");
        Assembly made = tube.made();
        assertThat(girths(made.topology(Set.of()))).containsExactly(2000L);
        assertThat(made.topology(Set.of()).access("side")).isEqualTo(new Access(Way.CLOSING, 600));
        assertThat(girths(made.whole())).containsExactly(600L, 600L);
        assertThat(made.whole().surfaces()).containsExactly(new Topology.Surface(Set.of("tube"), 0, 2));
    }

    /** A tube of front and back, open at one side for 300, with a sleeve of 600 sewn in there: three rings, 1000, 1000 and the wrist's 600. */
    @Test
    void aTubeWithOneSleeveHasThree() {
        Sewing sewing = sewing(cloth("front", 500, 700), cloth("back", 500, 700), cloth("sleeve", 600, 500));
        seam(sewing, "side", "front", "right", "back", "left");
        sewing.seam(
                "other-side",
                "other side",
                List.of(new Run("front", "left", 300, 700)),
                List.of(new Run("back", "right", 0, 400)),
                false);
        Assembly before = sewing.made();
        // Cut in from above: the side is sewn below, what is open above belongs to the upper rim.
        assertThat(girths(before.whole())).containsExactly(2200L, 1600L, 1000L);
        sewing.seam(
                "armhole",
                "armhole",
                List.of(new Run("front", "left", 0, 300), new Run("back", "right", 400, 700)),
                List.of(sewing.component("sleeve").whole("upper")),
                false);
        seam(sewing, "underarm", "sleeve", "right", "sleeve", "left");
        Assembly made = sewing.made();
        assertThat(girths(made.whole())).containsExactly(1000L, 1000L, 600L);
        assertThat(made.whole().surfaces()).hasSize(1).allMatch(s -> s.rims() == 3 && s.handles() == 0);
    }

    /** Two legs, each front and back, joined at the middle: waist and two hems. */
    @Test
    void trousersHaveAWaistAndTwoHems() {
        Sewing sewing = sewing(trouser("fl"), trouser("fr"), trouser("bl"), trouser("br"));
        seam(sewing, "side-left", "fl", "outer", "bl", "outer");
        seam(sewing, "side-right", "fr", "outer", "br", "outer");
        seam(sewing, "inseam-left", "fl", "inner", "bl", "inner");
        seam(sewing, "inseam-right", "fr", "inner", "br", "inner");
        seam(sewing, "centre-front", "fl", "middle", "fr", "middle");
        seam(sewing, "centre-back", "bl", "middle", "br", "middle");
        Assembly made = sewing.made();
        assertThat(girths(made.whole())).containsExactly(960L, 400L, 400L);
        Topology legs = made.topology(Set.of("side-left", "side-right", "inseam-left", "inseam-right"));
        assertThat(legs.access("centre-front").way()).isEqualTo(Way.FLAT);
        // From the crotch on it shuts a slit of the rim there is already.
        assertThat(legs.with("centre-front").access("centre-back").way()).isEqualTo(Way.FLAT);
        assertThat(made.topology(Set.of("side-left")).access("inseam-left")).isEqualTo(new Access(Way.CLOSING, 400));
    }

    /** Half a leg: waist 240, hem 200, outer side 1000, inner 700, middle 300; a left back and a right front are its mirror image. */
    private static Component trouser(String id) {
        Outline drawn = new Outline(List.of(
                line("hem", 0, 0, 200, 0),
                line("outer", 200, 0, 200, 1000),
                line("waist", 200, 1000, -40, 1000),
                line("middle", -40, 1000, -40, 700),
                line("inner", -40, 700, 0, 0)));
        boolean mirrored = id.equals("fr") || id.equals("bl");
        return new Component(id, id, mirrored ? drawn.mirrored() : drawn, Layer.SHELL);
    }

    private static org.handdown.geometry.Edge line(String name, double x, double y, double toX, double toY) {
        return org.handdown.geometry.Edge.line(
                name, new org.handdown.geometry.Point(x, y), new org.handdown.geometry.Point(toX, toY));
    }

    /**
     * Four pieces as in a window: two upright seams, then one across over both. Under the needle lie six layers where both are turned alike, four
     * where they are opposed or open (common practice, no source). Sewn the other way round, the crossing belongs to the upright one.
     */
    @Test
    void twoSeamsThatCrossAreSixLayersOrFour() {
        Sewing window = sewing(cloth("a", 100, 100), cloth("b", 100, 100), cloth("c", 100, 100), cloth("d", 100, 100));
        seam(window, "upper", "a", "right", "b", "left");
        seam(window, "lower", "c", "right", "d", "left");
        window.seam(
                "across",
                "across",
                List.of(
                        window.component("a").whole("lower"),
                        window.component("b").whole("lower")),
                List.of(
                        window.component("c").whole("upper"),
                        window.component("d").whole("upper")),
                false);
        Topology whole = window.made().whole();
        assertThat(whole.crossings("across"))
                .containsExactly(new Crossing("across", List.of("upper"), List.of("lower"), 0, false));
        Crossing crossing = whole.crossings("across").get(0);
        assertThat(crossing.alikeLayers()).isEqualTo(6);
        assertThat(crossing.opposedLayers()).isEqualTo(4);
        assertThat(crossing.openLayers()).isEqualTo(4);
        assertThat(whole.crossings("upper")).isEmpty();
        // Before the lower pair is joined only one seam ends in it.
        Topology half = window.made().topology(Set.of("upper", "across"));
        assertThat(half.crossings("across"))
                .containsExactly(new Crossing("across", List.of("upper"), List.of(), 0, false));
        assertThat(half.crossings("across").get(0).opposedLayers()).isEqualTo(4);
    }

    /** Outer cloth and lining sewn to each other all round: the last seam needs a gap to turn through. */
    @Test
    void aBagIsTrappedByItsLastSeamOnly() {
        Component lining =
                new Component("lining", "lining", Outline.rectangle(300, 400).mirrored(), Layer.LINING);
        Sewing sewing = sewing(cloth("shell", 300, 400), lining);
        for (String edge : List.of("lower", "right", "upper", "left")) {
            sewing.seam(
                    edge,
                    edge,
                    List.of(sewing.component("shell").whole(edge)),
                    List.of(sewing.component("lining").whole(edge)),
                    true);
        }
        Assembly made = sewing.made();
        assertThat(made.topology(Set.of("lower", "right")).access("upper").way())
                .isEqualTo(Way.FLAT);
        assertThat(made.topology(Set.of("lower", "right", "upper"))
                        .access("left")
                        .way())
                .isEqualTo(Way.TRAPPED);
        // The outer cloth's own rim is still where the bag is looked at from outside.
        assertThat(girths(made.whole())).containsExactly(1400L, 1400L);
    }

    /** Sewn to a ring of half its length a band is measured as its own cloth is; folds shorten the edge they lie in. */
    @Test
    void foldsAndClosuresCountInAGirth() {
        Component skirt = cloth("skirt", 1000, 500);
        Component band = cloth("band", 630, 40);
        Sewing sewing = new Sewing(List.of(skirt, band), List.of(new Fold("pleats", "skirt", "upper", 400)));
        sewing.seam(
                "back",
                "back",
                List.of(new Run("skirt", "right", 0, 300)),
                List.of(new Run("skirt", "left", 200, 500)),
                false);
        sewing.close(new Closure(
                "zip",
                List.of(Meeting.seam(new Run("skirt", "right", 300, 500), new Run("skirt", "left", 0, 200))),
                0));
        sewing.seam("waist", "waist", List.of(skirt.whole("upper")), List.of(new Run("band", "lower", 0, 600)), false);
        sewing.close(new Closure("button", List.of(Meeting.seam(band.whole("right"), band.whole("left"))), 30));
        Assembly made = sewing.made();
        assertThat(made.walks()).hasSize(2).allMatch(Assembly.Walk::agrees);
        Topology open = made.whole();
        // Two sides of the zip, the band all round, what laps.
        assertThat(girths(open)).containsExactly(2L * 200 + 630 + 2 * 40 + 30, 1000L);
        assertThat(girths(open.shut(Set.of("zip", "button")))).containsExactly(1000L, 600L);
    }

    @Test
    void aSeamKeepsToTheEdgesThereAreAndSewsNoneTwice() {
        Component a = cloth("a", 100, 100);
        assertThatThrownBy(() -> new Assembly(
                        List.of(a),
                        List.of(new Join("j", "j", List.of(Meeting.turned(new Run("a", "right", 50, 120))))),
                        List.of(),
                        List.of(),
                        List.of()))
                .hasMessageContaining("past its end");
        Meeting once = Meeting.seam(a.whole("right"), a.whole("left"));
        assertThatThrownBy(() -> new Assembly(
                        List.of(a),
                        List.of(new Join("j", "j", List.of(once)), new Join("k", "k", List.of(once))),
                        List.of(),
                        List.of(),
                        List.of()))
                .hasMessageContaining("sewn twice");
        assertThatThrownBy(() -> sewing(a).made().join("nowhere")).hasMessageContaining("no join");
    }

    private record Half(int component, int side) {}

    /**
     * Squares glued at random. Rims are counted independently: corners are united by the two ends of every seam, and what is sewn to nothing
     * makes a graph over them whose connected parts are the rims. V − E + F = 2 − rims − 2 handles says that both agree on the surface.
     */
    @Property(tries = 1000)
    void randomGluingsAgreeWithAnIndependentCount(
            @ForAll @IntRange(min = 1, max = 12) int count, @ForAll long seed, @ForAll @IntRange(max = 24) int seams) {
        java.util.Random random = new java.util.Random(seed);
        List<String> sides = List.of("lower", "right", "upper", "left");
        List<Component> squares = new ArrayList<>();
        List<Half> halves = new ArrayList<>();
        for (int c = 0; c < count; c++) {
            squares.add(cloth("c" + c, 100, 100));
            for (int s = 0; s < 4; s++) {
                halves.add(new Half(c, s));
            }
        }
        java.util.Collections.shuffle(halves, random);
        List<Join> joins = new ArrayList<>();
        int[] corner = new int[count * 4];
        Arrays.setAll(corner, i -> i);
        Set<Half> free = new HashSet<>(halves);
        for (int i = 0; i + 1 < halves.size() && joins.size() < seams; i += 2) {
            Half a = halves.get(i);
            Half b = halves.get(i + 1);
            joins.add(new Join(
                    "j" + i,
                    "j",
                    List.of(Meeting.seam(
                            squares.get(a.component).whole(sides.get(a.side)),
                            squares.get(b.component).whole(sides.get(b.side))))));
            unite(corner, start(a), end(b));
            unite(corner, end(a), start(b));
            free.removeAll(List.of(a, b));
        }
        Assembly made = new Assembly(squares, joins, List.of(), List.of(), List.of());
        int[] rim = new int[count * 4];
        Arrays.setAll(rim, i -> i);
        free.forEach(h -> unite(rim, find(corner, start(h)), find(corner, end(h))));
        Map<Integer, Integer> edges = new TreeMap<>();
        free.forEach(h -> edges.merge(find(rim, find(corner, start(h))), 1, Integer::sum));

        List<Ring> rings = made.whole().rings();
        assertThat(rings).hasSize(edges.size());
        assertThat(rings.stream().mapToDouble(Ring::girthMm).sum()).isCloseTo(100.0 * free.size(), within(1e-6));
        int vertices = (int) java.util.stream.IntStream.range(0, corner.length)
                .map(i -> find(corner, i))
                .distinct()
                .count();
        int euler = vertices - (joins.size() + free.size()) + count;
        assertThat(made.whole().surfaces().stream()
                        .mapToInt(Topology.Surface::euler)
                        .sum())
                .isEqualTo(euler);
        for (Topology.Surface s : made.whole().surfaces()) {
            assertThat(s.handles()).isNotNegative();
            assertThat(s.euler()).isEqualTo(2 - s.rims() - 2 * s.handles());
        }
    }

    private static int start(Half h) {
        return h.component * 4 + h.side;
    }

    private static int end(Half h) {
        return h.component * 4 + (h.side + 1) % 4;
    }

    private static int find(int[] above, int i) {
        return above[i] == i ? i : find(above, above[i]);
    }

    private static void unite(int[] above, int a, int b) {
        above[find(above, a)] = find(above, b);
    }

    /** However it was sewn so far, one more seam changes the rims as its access says. */
    @Property(tries = 300)
    void accessTellsWhatASeamDoesToTheRims(@ForAll long seed) {
        Sewing sewing = sewing(trouser("fl"), trouser("fr"), trouser("bl"), trouser("br"));
        List<String[]> all = List.of(
                new String[] {"fl", "bl", "outer"}, new String[] {"fr", "br", "outer"},
                new String[] {"fl", "bl", "inner"}, new String[] {"fr", "br", "inner"},
                new String[] {"fl", "fr", "middle"}, new String[] {"bl", "br", "middle"});
        all.forEach(s -> seam(sewing, String.join("-", s), s[0], s[2], s[1], s[2]));
        Assembly made = sewing.made();
        List<String> order = new ArrayList<>(made.joinIds());
        java.util.Collections.shuffle(order, new java.util.Random(seed));
        Topology now = made.topology(Set.of());
        for (String join : order) {
            Access access = now.access(join);
            Topology next = now.with(join);
            int more = next.rings().size() - now.rings().size();
            assertThat(more > 0).isEqualTo(access.way() == Way.CLOSING);
            now = next;
        }
        assertThat(now.rings()).hasSize(3);
    }
}
