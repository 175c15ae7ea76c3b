package org.handdown.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.handdown.Demo;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Cutting;
import org.handdown.assembly.IndependentCount;
import org.handdown.assembly.Join;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Run;
import org.handdown.assembly.Topology;
import org.handdown.geometry.Box;
import org.handdown.geometry.OutlineCut;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Test;

/** Garments cut across while they stay sewn: what is cut and sewn again is what it was. */
class CuttingTest {
    private static Cutting.Line level(String component, double y) {
        // What lies above stays.
        return new Cutting.Line(component, new Point(0, y), new Point(100, y));
    }

    /** Trousers cut off at the knee: the waist stays, two rings at the knee, and two tubes with their hems come off. */
    @Test
    void legsComeOffWithTheirHems() {
        Assembly trousers = Drafts.find("elastic-trousers")
                .orElseThrow()
                .draw(Bodies.tall(1160, Map.of()), Map.of())
                .assembly();
        List<Cutting.Line> lines =
                trousers.components().stream().map(c -> level(c.id(), 200)).toList();
        Assembly cut = Cutting.of(trousers, lines, "end");
        List<Topology.Surface> surfaces = cut.whole().surfaces();
        assertThat(surfaces).extracting(Topology.Surface::rims).containsExactlyInAnyOrder(3, 2, 2);
        assertThat(cut.whole().together()).hasSize(3);
        double knee =
                cut.whole().ringOf("front-leg#0", Cutting.EDGE).orElseThrow().girthMm();
        double wide = trousers.component("front-leg#0")
                        .outline()
                        .ring()
                        .spansAt(200)
                        .get(0)
                        .widthMm()
                + trousers.component("back-leg#0")
                        .outline()
                        .ring()
                        .spansAt(200)
                        .get(0)
                        .widthMm();
        assertThat(knee).isCloseTo(wide, within(0.5));
        assertThat(cut.whole().ringOf("front-leg#0-end", "hem").orElseThrow().girthMm())
                .isCloseTo(
                        trousers.whole()
                                .ringOf("front-leg#0", "hem")
                                .orElseThrow()
                                .girthMm(),
                        within(0.01));
        // Both side seams are on either part: 200 below.
        assertThat(seamMm(cut)).isCloseTo(seamMm(trousers), within(0.1));
    }

    private static double seamMm(Assembly sewn) {
        return sewn.joins().stream()
                .flatMap(j -> j.meetings().stream())
                .mapToDouble(m -> m.one().flatMm())
                .sum();
    }

    private static double areaMm2(Assembly sewn) {
        return sewn.components().stream()
                .mapToDouble(c -> c.outline().ring().areaMm2())
                .sum();
    }

    private static List<Assembly> garments(long seed) {
        List<Assembly> all = new ArrayList<>();
        SourceKind[] kinds = SourceKind.values();
        all.add(Demo.average(kinds[(int) Math.floorMod(seed, kinds.length)], Map.of())
                .anatomy()
                .assembly());
        Draft draft =
                Drafts.all().get((int) Math.floorMod(seed / 31, Drafts.all().size()));
        try {
            all.add(draft.draw(Bodies.of(seed), Map.of()).assembly());
        } catch (RefusedValueException e) {
            // A body that this draft is not for.
            return all;
        }
        return all;
    }

    /** Some components, each along a line anyhow; those that such a line crosses more than twice stay whole. */
    private static List<Cutting.Line> lines(Assembly garment, SplittableRandom random) {
        List<Cutting.Line> lines = new ArrayList<>();
        for (Component c : garment.components()) {
            Box box = c.outline().box();
            Point middle = new Point(
                    box.minX() + random.nextDouble(0.3, 0.7) * box.widthMm(),
                    box.minY() + random.nextDouble(0.2, 0.8) * box.heightMm());
            Point to = middle.plus(Point.unit(random.nextDouble(-20, 20)).times(100));
            if (random.nextInt(3) > 0 && isCut(c, middle, to)) {
                lines.add(new Cutting.Line(c.id(), middle, to));
            }
        }
        return lines;
    }

    /** The independent count sees tenths of a millimetre: a line that leaves less of an edge is none to compare by. */
    private static boolean isCut(Component c, Point from, Point to) {
        try {
            OutlineCut cut = OutlineCut.of(c.outline(), from, to, "cut");
            return Stream.of(cut.left(), cut.right())
                    .flatMap(o -> o.edges().stream())
                    .allMatch(e -> e.lengthMm() > 0.3);
        } catch (RefusedValueException e) {
            return false;
        }
    }

    /** Cloth and stitches are neither won nor lost; sewn again along every cut it has the rings it had, whatever was cut anyhow. */
    @Property(tries = 200)
    void whatIsCutAndSewnAgainIsWhatItWas(@ForAll long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        for (Assembly garment : garments(seed)) {
            List<Cutting.Line> lines = lines(garment, random);
            Assembly cut = Cutting.of(garment, lines, "off");
            assertThat(areaMm2(cut)).isCloseTo(areaMm2(garment), within(1e-3 * areaMm2(garment)));
            assertThat(seamMm(cut))
                    .isCloseTo(seamMm(garment), within(0.05 * (1 + seams(garment)) + 0.6 * lines.size()));
            assertThat(cut.whole().surfaces().stream()
                            .mapToInt(Topology.Surface::euler)
                            .sum())
                    .isEqualTo(IndependentCount.euler(cut));
            List<Join> joins = new ArrayList<>(cut.joins());
            for (Cutting.Line line : lines) {
                Run mine = cut.component(line.component()).whole(Cutting.EDGE);
                Run theirs =
                        cut.component(Cutting.offId(line.component(), "off")).whole(Cutting.EDGE);
                joins.add(new Join("again " + line.component(), "again", List.of(Meeting.seam(mine, theirs))));
            }
            Assembly again = new Assembly(cut.components(), joins, cut.folds(), cut.attachments(), cut.closures());
            assertThat(rims(again)).isEqualTo(rims(garment));
            assertThat(girths(again)).isEqualTo(girths(garment));
        }
    }

    private static long seams(Assembly garment) {
        return garment.joins().stream().mapToLong(j -> j.meetings().size()).sum();
    }

    private static List<String> rims(Assembly garment) {
        return garment.whole().surfaces().stream()
                .map(s -> s.euler() + " " + s.rims())
                .sorted()
                .toList();
    }

    private static List<Long> girths(Assembly garment) {
        return garment.whole().rings().stream()
                .map(r -> Math.round(r.girthMm() / 2))
                .sorted()
                .toList();
    }
}
