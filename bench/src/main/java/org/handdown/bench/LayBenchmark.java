package org.handdown.bench;

import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.handdown.assembly.Access;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Join;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Topology;
import org.handdown.fit.FitLayout;
import org.handdown.fit.Placed;
import org.handdown.fit.check.Finding;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.room.AllowedSpots;
import org.handdown.fit.room.FitsAlone;
import org.handdown.fit.room.HandLay;
import org.handdown.fit.search.Fitter;
import org.handdown.formats.project.ProjectJson;
import org.handdown.geometry.NoFitPolygon;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.lay.Leftover;
import org.handdown.project.Lay;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** On the demo's own panels and pieces. The reference is one overlap of two legs by java.awt.geom.Area, a library everybody has. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 4, time = 1)
@Fork(1)
public class LayBenchmark {
    private final Lay lay = demo();
    private final Ring front =
            lay.problem().piece("front-leg").variants().get(0).outline();
    private final Ring back = lay.problem().piece("back-leg").variants().get(0).outline();
    private final Ring panel = lay.problem().panels().get(2).outline();

    private final Assembly sixty = chain(60);
    private final Crowd forty = Crowd.of(41);
    private final HandLay crowd = forty.hand();
    private final Placed moved = forty.moved();

    private static Assembly chain(int count) {
        List<Component> all = IntStream.range(0, count)
                .mapToObj(i -> new Component("c" + i, "c" + i, Outline.rectangle(200, 300), Layer.SHELL))
                .toList();
        List<Join> joins = IntStream.range(0, count)
                .mapToObj(i -> new Join(
                        String.valueOf(i),
                        "seam " + i,
                        List.of(Meeting.seam(
                                all.get(i).whole("right"),
                                all.get((i + 1) % count).whole("left")))))
                .toList();
        return new Assembly(all, joins, List.of(), List.of(), List.of());
    }

    private static Lay demo() {
        try {
            return Objects.requireNonNull(ProjectJson.read(Files.readString(Path.of("demo/1-dungarees.project.json")))
                    .lay());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Benchmark
    public Area referenceAreaOverlap() {
        Area area = area(front);
        area.intersect(area(back));
        return area;
    }

    private static Area area(Ring ring) {
        Path2D path = new Path2D.Double();
        path.moveTo(ring.at(0).x(), ring.at(0).y());
        ring.points().forEach(p -> path.lineTo(p.x(), p.y()));
        path.closePath();
        return new Area(path);
    }

    @Benchmark
    public Region noFitPolygonOfTwoLegs() {
        return NoFitPolygon.of(front, back);
    }

    @Benchmark
    public Region innerFitOfALegInItsPanel() {
        return NoFitPolygon.within(panel, back);
    }

    @Benchmark
    public List<Finding> checkTheWholeLay() {
        return RuleChecker.check(lay.problem(), lay.layout());
    }

    /** Sixty components sewn into one ring: its rims, its surface, what hangs together. */
    @Benchmark
    public List<Object> ringsOfSixtyComponents() {
        Topology whole = sixty.whole();
        return List.of(whole.rings(), whole.surfaces(), whole.together());
    }

    @Benchmark
    public Access accessOfASeamAmongSixty() {
        return sixty.topology(Set.of("0", "1", "2")).access("30");
    }

    @Benchmark
    public AllowedSpots everySpotAmongFortyPieces() {
        return crowd.allowed(moved);
    }

    @Benchmark
    public List<Leftover> leftoversOfTheLay() {
        return Leftover.of(lay.problem(), lay.layout(), List.of());
    }

    @Benchmark
    public boolean aLegAloneOnThePanels() {
        return FitsAlone.on(lay.problem(), lay.problem().piece("front-leg"));
    }

    @Benchmark
    public FitLayout fitFromNothingToAFirstLay() {
        return Fitter.fit(lay.problem(), new Fitter.Budget(Double.POSITIVE_INFINITY, 0, 1, 1));
    }
}
