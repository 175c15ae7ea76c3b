package org.handdown.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.formats.photo.KnownSheet;
import org.handdown.formats.photo.PhotoTracing;
import org.handdown.formats.photo.SheetFinder;
import org.handdown.formats.photo.SimulatedCamera;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.panel.survey.Baseline;
import org.handdown.panel.survey.TapePoint;

/** How well panels are traced off pictures of the simulated camera. */
public final class PhotoFigures {
    private static final int WIDE = 4000;
    private static final int HIGH = 3000;
    private static final double TOLERANCE_MM = 0.8;

    private PhotoFigures() {}

    static void print(Figures out) {
        int found = 0;
        int traced = 0;
        double worstRms = 0;
        double worst = 0;
        double slowest = 0;
        List<SimulatedCamera.Scene> scenes = PhotoScenes.clear(20, 20, 0.01, 3, KnownSheet.MARKER);
        // Once beforehand, so that the first picture does not pay for the machine's warming up.
        measured(scenes.get(0));
        for (SimulatedCamera.Scene scene : scenes) {
            Measured m = measured(scene);
            found += m.sheetFound ? 1 : 0;
            traced += m.traced ? 1 : 0;
            slowest = Math.max(slowest, m.seconds);
            if (m.traced) {
                worstRms = Math.max(worstRms, m.rmsMm);
                worst = Math.max(worst, m.worstMm);
            }
            out.note(m.told);
        }
        out.atLeast("sheet found without help, of 20", found, "", 18);
        out.atLeast("outlines traced, of 20", traced, "", 18);
        out.atMost("outline against truth, largest RMS", worstRms, "mm", 1.5);
        out.atMost("outline against truth, worst point", worst, "mm", 4);
        out.atMost("sheet and outline of one 12 megapixel picture, slowest", slowest, "s", 3);
        plainPaper(out);
        int confident = 0;
        for (SimulatedCamera.Scene scene : PhotoScenes.hard()) {
            SimulatedCamera.Shot shot = SimulatedCamera.take(scene, WIDE, HIGH);
            Optional<SheetFinder.Found> sheet = SheetFinder.find(shot.photo(), scene.sheet());
            if (sheet.isPresent()) {
                PhotoTracing tracing = PhotoTracing.of(shot.photo(), sheet.get(), KnownSheet.MARKER, TOLERANCE_MM);
                boolean wrong = !tracing.points().isEmpty() && offMm(tracing, sheet.get(), shot)[1] > 4;
                confident += wrong ? 1 : 0;
                out.note(tracing.points().isEmpty() ? "left to a person: " + tracing.why() : "traced, wrong: " + wrong);
            }
        }
        out.atMost("confident wrong outlines of 8 striped or table-coloured cloths", confident, "", 0);
    }

    /** What came of one picture. */
    private record Measured(
            boolean sheetFound, boolean traced, double rmsMm, double worstMm, double seconds, String told) {}

    private static Measured measured(SimulatedCamera.Scene scene) {
        SimulatedCamera.Shot shot = SimulatedCamera.take(scene, WIDE, HIGH);
        long start = System.nanoTime();
        Optional<SheetFinder.Found> sheet = SheetFinder.find(shot.photo(), scene.sheet());
        if (sheet.isEmpty()) {
            return new Measured(false, false, 0, 0, (System.nanoTime() - start) / 1e9, "no sheet found");
        }
        boolean right = cornersOffPx(sheet.get().corners(), shot.corners()) < 3;
        PhotoTracing tracing = PhotoTracing.of(shot.photo(), sheet.get(), scene.sheet(), TOLERANCE_MM);
        double seconds = (System.nanoTime() - start) / 1e9;
        if (tracing.points().isEmpty()) {
            return new Measured(right, false, 0, 0, seconds, "no outline: " + tracing.why());
        }
        double[] off = offMm(tracing, sheet.get(), shot);
        String told = Wording.fill(
                "rms %.2f mm, worst %.2f mm, lens %.4f of %.4f, %d points, %.1f s",
                off[0],
                off[1],
                sheet.get().view().bend(),
                scene.bend(),
                tracing.points().size(),
                seconds);
        return new Measured(right, true, off[0], off[1], seconds, told);
    }

    /** An A4 sheet instead of the marked one: no goal of its own, the figure is told. */
    private static void plainPaper(Figures out) {
        double worst = 0;
        int traced = 0;
        for (SimulatedCamera.Scene scene : PhotoScenes.clear(6, 20, 0.01, 3, KnownSheet.A4)) {
            Measured m = measured(scene);
            out.note("A4: " + m.told);
            traced += m.traced ? 1 : 0;
            worst = Math.max(worst, m.worstMm);
        }
        out.atLeast("with a plain A4 sheet, outlines traced, of 6", traced, "", 4);
        out.atMost("with a plain A4 sheet, worst point", worst, "mm", 8);
    }

    static double cornersOffPx(List<Point> found, List<Point> truth) {
        double worst = 0;
        for (Point t : truth) {
            worst = Math.max(
                    worst, found.stream().mapToDouble(t::distanceMm).min().orElse(1e9));
        }
        return worst;
    }

    /** RMS and greatest distance between traced outline and truth, both ways, after the sheet's own corners are laid on each other. */
    static double[] offMm(PhotoTracing tracing, SheetFinder.Found sheet, SimulatedCamera.Shot shot) {
        Outline drawn = outline(tracing.points());
        // Only a shift and a turn: the scale is the camera's to find.
        List<Point> on = new ArrayList<>();
        List<Point> scene = new ArrayList<>();
        for (Point corner : sheet.corners()) {
            on.add(sheet.view().toTable(corner.x(), corner.y()).plus(tracing.home()));
            int nearest = 0;
            for (int i = 1; i < 4; i++) {
                if (shot.corners().get(i).distanceMm(corner)
                        < shot.corners().get(nearest).distanceMm(corner)) {
                    nearest = i;
                }
            }
            scene.add(shot.sheet().at(nearest));
        }
        List<Point> line = Rigid.best(on, scene, drawn.ring().run(0, 0));
        List<Point> truth = shot.truth().run(0, 0);
        double square = 0;
        double worst = 0;
        int n = 0;
        for (List<List<Point>> pair : List.of(List.of(dense(line), truth), List.of(dense(truth), line))) {
            for (Point p : pair.get(0)) {
                double off = p.distanceMm(pair.get(1));
                square += off * off;
                worst = Math.max(worst, off);
                n++;
            }
        }
        return new double[] {Math.sqrt(square / n), worst};
    }

    public static Outline outline(List<TapePoint> points) {
        return new Baseline(points.stream()
                        .map(p -> new Baseline.Offset(p.at().y(), p.at().x(), p.corner(), p.edge()))
                        .toList())
                .outline();
    }

    private static List<Point> dense(List<Point> line) {
        List<Point> dense = new ArrayList<>();
        for (int i = 0; i + 1 < line.size(); i++) {
            int steps = (int) Math.max(1, Math.ceil(line.get(i).distanceMm(line.get(i + 1)) / 3));
            for (int k = 0; k < steps; k++) {
                dense.add(line.get(i).between(line.get(i + 1), (double) k / steps));
            }
        }
        return dense;
    }
}
