package org.handdown.source.graph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.Demo;
import org.handdown.assembly.Access;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.IndependentCount;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Ring;
import org.handdown.assembly.Topology;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Every kind of source as an assembly, its rings counted by hand. */
class SewnSourceTest {
    private static Assembly of(SourceKind kind) {
        return Demo.average(kind, Map.of()).anatomy().assembly();
    }

    private static Topology shut(Assembly assembly) {
        return assembly.whole()
                .shut(assembly.closures().stream().map(c -> c.id()).collect(Collectors.toSet()));
    }

    /** Rings of the outer cloth that hangs together: an opening of the garment each. */
    private static List<Ring> openings(Topology topology, String part) {
        Set<String> body = topology.surfaces().stream()
                .map(Topology.Surface::components)
                .filter(c -> c.contains(part))
                .findFirst()
                .orElseThrow();
        return topology.rings().stream()
                .filter(r -> body.containsAll(r.components()))
                .toList();
    }

    /** Counted on the garment: neck or waist, hem, both sleeves or legs; a front that is open makes neck and hem one. */
    @ParameterizedTest
    @CsvSource({
        "TROUSERS, front-left, 3, 3",
        "JEANS, front-left, 3, 3",
        "SHIRT, back, 3, 4",
        "T_SHIRT, front, 4, 4",
        "JUMPER, front, 4, 4",
        "SWEATSHIRT, front, 4, 4",
        "SKIRT, front, 2, 2",
        "PLEATED_SKIRT, front, 2, 2",
        "GATHERED_SKIRT, front, 2, 2",
        "CIRCLE_SKIRT, front, 2, 2",
        "DRESS, bodice-front, 4, 4",
        "COAT, back, 3, 4",
        "BLANKET, blanket, 1, 1",
        "CURTAIN, curtain-1, 1, 1",
        "SCARF, scarf, 1, 1"
    })
    void itHasTheOpeningsOneCounts(SourceKind kind, String part, int open, int shut) {
        Assembly sewn = of(kind);
        assertThat(openings(sewn.whole(), part)).hasSize(open);
        assertThat(openings(shut(sewn), part)).hasSize(shut);
    }

    private static double girthAt(Topology topology, String part, String edge) {
        return topology.ringOf(part, edge).orElseThrow().girthMm();
    }

    /** By the garment's own measures, added up by hand. */
    @Test
    void girthsAreTheSumsOfTheirEdges() {
        Assembly shirt = of(SourceKind.T_SHIRT);
        Anatomy a = Demo.average(SourceKind.T_SHIRT, Map.of()).anatomy();
        assertThat(girthAt(shirt.whole(), "front", "hem"))
                .isCloseTo(edge(a, "front", "hem") + edge(a, "back", "hem"), within(0.01));
        assertThat(girthAt(shirt.whole(), "neckband", "upper")).isCloseTo(edge(a, "neckband", "upper"), within(0.01));
        assertThat(girthAt(shirt.whole(), "sleeve-left", "hem")).isCloseTo(edge(a, "sleeve-left", "hem"), within(0.01));
        // Waistband of 710 that laps by 30: 680 when shut; open the zip's two sides of 180 come in.
        Assembly skirt = of(SourceKind.SKIRT);
        assertThat(girthAt(shut(skirt), "waistband", "upper")).isCloseTo(680, within(0.5));
        assertThat(girthAt(skirt.whole(), "waistband", "upper")).isCloseTo(710 + 2 * 30 + 30 + 2 * 180, within(0.5));
        // Its slit of 150 on either side belongs to the hem.
        assertThat(girthAt(skirt.whole(), "front", "hem")).isCloseTo(940 + 2 * 150, within(0.5));
        // Fly of 170; the band's four seams closed; open all of the band, both of its ends, what laps.
        Assembly trousers = of(SourceKind.TROUSERS);
        double waist = seams(SourceKind.TROUSERS, "waistband-(front|back)-.*");
        assertThat(girthAt(shut(trousers), "waistband", "upper")).isCloseTo(waist, within(0.5));
        assertThat(girthAt(trousers.whole(), "waistband", "upper"))
                .isCloseTo(880 + 2 * 38 + (880 - waist) + 2 * 170, within(0.5));
        // Buttoned up a shirt's neck is its neck seam, whatever stands on it.
        assertThat(girthAt(shut(of(SourceKind.SHIRT)), "front-left", "neck"))
                .isCloseTo(seams(SourceKind.SHIRT, "collar"), within(0.5));
    }

    private static double seams(SourceKind kind, String ids) {
        return Demo.average(kind, Map.of()).anatomy().joins().stream()
                .filter(j -> j.id().matches(ids))
                .mapToDouble(Join::lengthMm)
                .sum();
    }

    private static double edge(Anatomy anatomy, String part, String edge) {
        return anatomy.part(part).outline().edge(edge).lengthMm();
    }

    /** Independent of the walk round the rims: V − E + F over united corners. */
    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void everyKindAgreesWithAnIndependentCount(SourceKind kind) {
        Assembly sewn = of(kind);
        Topology whole = sewn.whole();
        for (Topology.Surface s : whole.surfaces()) {
            // No garment of these has a handle: nothing is sewn into a ring through itself.
            assertThat(s.handles()).as("%s: %s", kind, s.components()).isZero();
            assertThat(s.euler()).isEqualTo(2 - s.rims());
        }
        assertThat(whole.surfaces().stream().mapToInt(Topology.Surface::euler).sum())
                .isEqualTo(IndependentCount.euler(sewn));
    }

    /** Sewn flat a sleeve is set before its side is closed; else it goes round in the ring. Every order closes the same rings. */
    @Test
    void howASeamIsReachedDependsOnWhatIsSewn() {
        Assembly shirt = of(SourceKind.T_SHIRT);
        Topology shoulders = shirt.topology(Set.of("shoulder-left", "shoulder-right"));
        assertThat(shoulders.access("armhole-left").way()).isEqualTo(Access.Way.FLAT);
        assertThat(shirt.topology(Set.of("shoulder-left")).access("neck").way()).isEqualTo(Access.Way.FLAT);
        assertThat(shoulders.with("armhole-left").access("side-left").way()).isNotEqualTo(Access.Way.TRAPPED);
        Topology closed = shoulders.with("side-left").with("side-right").with("underarm-left");
        Access set = closed.access("armhole-left");
        assertThat(set.way()).isEqualTo(Access.Way.IN_THE_ROUND);
        assertThat(set.girthMm()).isCloseTo(480, within(1.0));
    }

    /** Joins keep their ids, so that ticks and notes stay with their seam. */
    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void everyJoinIsThereUnderItsId(SourceKind kind) {
        Anatomy anatomy = Demo.average(kind, Map.of()).anatomy();
        Assembly sewn = anatomy.assembly();
        Set<String> told = new HashSet<>(sewn.joinIds());
        sewn.attachments().forEach(a -> told.add(a.id()));
        List<String> missing = new ArrayList<>();
        for (Join join : anatomy.joins()) {
            boolean zipped =
                    join.runs().stream().anyMatch(r -> anatomy.part(r.part()).role() == PartRole.ZIP);
            if (!told.contains(join.id()) && !zipped) {
                missing.add(join.id());
            }
        }
        assertThat(missing).isEmpty();
        assertThat(sewn.components()).allMatch(c -> c.layer() != Layer.INTERLINING);
    }
}
