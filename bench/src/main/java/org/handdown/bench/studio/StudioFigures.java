package org.handdown.bench.studio;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.handdown.bench.PhotoFigures;
import org.handdown.bench.Rigid;
import org.handdown.formats.photo.KnownSheet;
import org.handdown.formats.photo.Photo;
import org.handdown.formats.photo.PhotoTracing;
import org.handdown.formats.photo.SheetFinder;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** How well panels are traced off pictures of a camera that shares nothing with the one that ships. */
public final class StudioFigures {
    private static final double LINE_MM = 0.5;
    private static final double WRONG_MM = 10;

    private StudioFigures() {}

    /** @param said what was said about a picture: an outline, a reason why not, or no sheet */
    public record Result(
            Setting setting,
            boolean isOffered,
            boolean isDoubted,
            double rmsMm,
            double worstMm,
            double toleranceMm,
            String said) {
        public boolean isPlain() {
            return setting.isPlain;
        }

        public String name() {
            return setting.name();
        }

        public boolean isWrong() {
            return isOffered && !isDoubted && worstMm > WRONG_MM;
        }
    }

    /** @param only conditions whose name holds this; empty for all */
    public static List<Result> results(String only) {
        List<Setting> all = Conditions.all().stream()
                .filter(s -> s.condition.contains(only))
                .toList();
        return all.parallelStream().map(s -> result(s, new Studio(s))).toList();
    }

    static Result result(Setting s, Studio studio) {
        Photo photo = Photo.read(picture(s, studio));
        KnownSheet known = s.isMarked ? KnownSheet.MARKER : KnownSheet.A4;
        Optional<SheetFinder.Found> sheet;
        try {
            sheet = s.byHandPx > 0
                    ? Optional.of(SheetFinder.byCorners(photo, byHand(s, studio), known))
                    : SheetFinder.find(photo, known);
        } catch (RefusedValueException e) {
            return new Result(s, false, false, 0, 0, 0, "refused: " + e.getMessage());
        }
        if (sheet.isEmpty()) {
            return new Result(s, false, false, 0, 0, 0, "no sheet found");
        }
        PhotoTracing tracing = PhotoTracing.of(photo, sheet.get(), known, LINE_MM);
        if (tracing.points().isEmpty()) {
            return new Result(s, false, false, 0, 0, 0, tracing.why());
        }
        double[] off = offMm(line(tracing), truth(s, studio, sheet.get(), tracing));
        return new Result(
                s,
                true,
                !tracing.doubts().isEmpty(),
                off[0],
                off[1],
                tracing.toleranceMm(),
                String.join(" ", tracing.doubts()));
    }

    /** Taken once and kept where {@code handdown.studio} names a folder: taking them lasts longer than looking at them. */
    private static byte[] picture(Setting s, Studio studio) {
        String folder = System.getProperty("handdown.studio", "");
        if (folder.isEmpty()) {
            return studio.picture();
        }
        Path file = Path.of(folder, s.name() + ".jpg");
        try {
            if (!Files.exists(file)) {
                Files.createDirectories(file.getParent());
                Files.write(file, studio.picture());
            }
            return Files.readAllBytes(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Point> byHand(Setting s, Studio studio) {
        Random chance = new Random(s.seed);
        List<Point> corners = new ArrayList<>();
        double left = (s.paperWide - 168) / 2;
        double low = (s.paperHigh - 240) / 2;
        for (int i = 0; i < 4; i++) {
            double[] c = s.paperCorner(i == 0 || i == 3 ? left : s.paperWide - left, i < 2 ? low : s.paperHigh - low);
            double[] p = studio.toPicture(c[0], c[1], 0);
            corners.add(new Point(
                    p[0] + s.byHandPx * (2 * chance.nextDouble() - 1),
                    p[1] + s.byHandPx * (2 * chance.nextDouble() - 1)));
        }
        return corners;
    }

    /** The true outline, brought near the traced one by where four places of the table show in the picture. */
    private static List<Point> truth(Setting s, Studio studio, SheetFinder.Found sheet, PhotoTracing tracing) {
        List<Point> scene = new ArrayList<>();
        List<Point> found = new ArrayList<>();
        double[] b = s.cloth.box();
        for (int i = 0; i < 4; i++) {
            double x = b[i % 2 * 2];
            double y = b[i / 2 * 2 + 1];
            double[] p = studio.toPicture(x, y, 0);
            scene.add(new Point(x, y));
            found.add(sheet.view().toTable(p[0], p[1]).plus(tracing.home()));
        }
        List<Point> ring =
                s.cloth.ring().stream().map(p -> new Point(p[0], p[1])).toList();
        List<Point> closed = new ArrayList<>(ring);
        closed.add(ring.get(0));
        return Rigid.best(scene, found, closed);
    }

    private static List<Point> line(PhotoTracing tracing) {
        return PhotoFigures.outline(tracing.points()).ring().run(0, 0);
    }

    /** RMS and greatest distance both ways, once the two lie on each other as well as a shift and a turn can bring them. */
    private static double[] offMm(List<Point> drawn, List<Point> from) {
        List<Point> truth = from;
        List<Point> dense = dense(drawn);
        for (int i = 0; i < 25; i++) {
            List<Point> there = dense(truth);
            List<Point> near = new ArrayList<>();
            for (Point p : there) {
                near.add(nearest(p, drawn));
            }
            truth = Rigid.best(there, near, truth);
        }
        double square = 0;
        double worst = 0;
        int n = 0;
        for (List<List<Point>> pair : List.of(List.of(dense, truth), List.of(dense(truth), drawn))) {
            for (Point p : pair.get(0)) {
                double off = p.distanceMm(nearest(p, pair.get(1)));
                square += off * off;
                worst = Math.max(worst, off);
                n++;
            }
        }
        return new double[] {Math.sqrt(square / n), worst};
    }

    private static Point nearest(Point p, List<Point> line) {
        Point best = line.get(0);
        for (int i = 0; i + 1 < line.size(); i++) {
            Point a = line.get(i);
            Point way = line.get(i + 1).minus(a);
            double t = Math.max(0, Math.min(1, p.minus(a).dot(way) / Math.max(1e-12, way.dot(way))));
            Point q = a.plus(way.times(t));
            if (q.distanceMm(p) < best.distanceMm(p)) {
                best = q;
            }
        }
        return best;
    }

    private static List<Point> dense(List<Point> line) {
        List<Point> dense = new ArrayList<>();
        for (int i = 0; i + 1 < line.size(); i++) {
            double far = line.get(i).distanceMm(line.get(i + 1));
            int steps = (int) Math.max(1, Math.ceil(far / 4));
            int at = i;
            IntStream.range(0, steps)
                    .forEach(k -> dense.add(line.get(at).between(line.get(at + 1), (double) k / steps)));
        }
        return dense;
    }

    /** Offered, doubted, wrong, and the figures, condition by condition. */
    public static List<String> table(List<Result> results) {
        Map<String, List<Result>> by = new LinkedHashMap<>();
        results.forEach(r ->
                by.computeIfAbsent(r.setting.condition, c -> new ArrayList<>()).add(r));
        List<String> lines = new ArrayList<>();
        by.forEach((name, some) -> {
            List<Result> offered = some.stream().filter(Result::isOffered).toList();
            lines.add(Wording.fill(
                    "%-32s %s of %d: offered %d, with a doubt %d, wrong %d; rms %.2f, worst %.1f, stated %.1f%s",
                    name,
                    some.get(0).setting.isPlain ? "plain" : "trap ",
                    some.size(),
                    offered.size(),
                    offered.stream().filter(Result::isDoubted).count(),
                    some.stream().filter(Result::isWrong).count(),
                    middle(offered.stream().mapToDouble(Result::rmsMm).toArray()),
                    offered.stream().mapToDouble(Result::worstMm).max().orElse(0),
                    middle(offered.stream().mapToDouble(Result::toleranceMm).toArray()),
                    some.stream()
                            .map(Result::said)
                            .filter(t -> !t.isEmpty())
                            .findFirst()
                            .map(t -> "; " + t)
                            .orElse("")));
        });
        return lines;
    }

    public static double middle(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted.length == 0 ? 0 : sorted[sorted.length / 2];
    }
}
