package org.handdown.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.handdown.body.BodyMeasure;
import org.handdown.body.BodyTable;
import org.handdown.body.Wearer;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.pattern.Design;
import org.handdown.pattern.JoinedEnd;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PiecedStrips;
import org.handdown.pattern.Size;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;

/**
 * The figures of drafting: how long a redraw takes with everything that is shown of it, how true girths and seams come out over many
 * bodies, and how much bias odd scraps give against area over width.
 */
public final class PieceFigures {
    private static final int BODIES = 300;
    private static final int WARM = 20;
    private static final double MOST_KINK_DEG = 5;

    private PieceFigures() {}

    public static void main(String[] args) {
        Figures out = new Figures(System.out);
        truth(out);
        speed(out);
        bias(out);
        System.err.println(out.allMet() ? "  all goals met" : "  not every goal is met");
    }

    private static Wearer body(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double height = 900 + 1000 * random.nextDouble();
        Map<BodyMeasure, Wearer.Taken> taken = new java.util.EnumMap<>(BodyMeasure.class);
        for (BodyMeasure m : BodyMeasure.values()) {
            double mm = BodyTable.proposedMm(m, height);
            boolean girth = m == BodyMeasure.CHEST || m == BodyMeasure.WAIST || m == BodyMeasure.HIP;
            taken.put(
                    m,
                    new Wearer.Taken(
                            Length.ofMm(girth ? mm * (0.92 + 0.16 * random.nextDouble()) : mm), "", Origin.TAPE));
        }
        return new Wearer("somebody", taken);
    }

    private static void truth(Figures out) {
        double girth = 0;
        double seam = 0;
        int whole = 0;
        int all = 0;
        int smooth = 0;
        double kink = 0;
        String kinked = "";
        for (Draft draft : Drafts.all()) {
            double worst = 0;
            for (int i = 0; i < BODIES; i++) {
                Design design = draft.draw(body(i), Map.of());
                worst = Math.max(worst, kinkDeg(draft, design));
                all++;
                boolean isWhole = design.pieces().stream()
                        .allMatch(p -> p.cutLine().ring().isSimple()
                                && p.cutLine().ring().signedAreaMm2() > 0);
                whole += isWhole ? 1 : 0;
                for (Size.Finished s : design.sizes()) {
                    if (s.size().kind() == Size.Kind.GIRTH && s.bodyMm() > 0) {
                        girth = Math.max(
                                girth,
                                Math.abs(s.finishedMm() - s.bodyMm() - s.size().easeMm()));
                    }
                }
                for (var walk : design.walks()) {
                    double least = walk.oneMm() * walk.seam().leastRatio()
                            + walk.seam().leastEaseMm();
                    double most =
                            walk.oneMm() * walk.seam().mostRatio() + walk.seam().mostEaseMm();
                    seam = Math.max(seam, Math.max(least - walk.otherMm(), walk.otherMm() - most));
                }
            }
            smooth += worst <= MOST_KINK_DEG ? 1 : 0;
            if (worst > kink) {
                kink = worst;
                kinked = draft.words();
            }
        }
        out.atLeast("drafts drawn whole, of " + all, whole, "", all);
        out.atMost("worst finished girth against body and ease", girth, "mm", 1);
        out.atMost("worst seam beyond its stated ease", seam, "mm", 0.5);
        out.atLeast(
                "drafts whose sewn lines run on within 5 degrees, of "
                        + Drafts.all().size(),
                smooth,
                "",
                Drafts.all().size());
        out.atMost("worst corner where sewn lines meet (" + kinked + ")", kink, "degrees", MOST_KINK_DEG);
        heads(out);
    }

    /** But for corners that the draft names. */
    private static double kinkDeg(Draft draft, Design design) {
        return JoinedEnd.of(design).stream()
                .filter(e -> !draft.corners().containsKey(e.seam().name()))
                .mapToDouble(e -> Math.abs(e.kinkDeg()))
                .max()
                .orElse(0);
    }

    /** Height of a sleeve's head by its armhole, over all sleeves. */
    private static void heads(Figures out) {
        double least = 1;
        double most = 0;
        for (String id : List.of("t-shirt", "tunic", "smock", "jacket")) {
            for (int i = 0; i < BODIES; i++) {
                Design design = Drafts.require(id).draw(body(i), Map.of());
                var line = design.piece("sleeve").stitchLine();
                double high = line.box().maxY() - line.edge("right").end().y();
                double hole = design.seams().stream()
                        .filter(s -> s.name().startsWith("sleeve head"))
                        .flatMap(s -> s.one().stream())
                        .mapToDouble(s -> design.piece(s.piece())
                                .stitchLine()
                                .edge(s.edge())
                                .lengthMm())
                        .sum();
                least = Math.min(least, high / hole);
                most = Math.max(most, high / hole);
            }
        }
        out.atLeast("lowest head of a sleeve, share of its armhole", least, "", 0.18);
        out.atMost("highest head of a sleeve, share of its armhole", most, "", 0.34);
    }

    /** Everything that follows from a figure typed: pieces, cut lines, sizes, walks. */
    private static long redraw(Draft draft, Wearer wearer) {
        long start = System.nanoTime();
        Design design = draft.draw(wearer, Map.of());
        double sum = 0;
        for (Piece piece : design.pieces()) {
            sum += piece.cutLine().ring().areaMm2();
        }
        sum += design.sizes().size() + design.walks().size();
        return sum > 0 ? System.nanoTime() - start : 0;
    }

    private static void speed(Figures out) {
        double slowest = 0;
        String which = "";
        List<Double> medians = new ArrayList<>();
        for (Draft draft : Drafts.all()) {
            List<Long> times = new ArrayList<>();
            for (int i = 0; i < WARM + 60; i++) {
                long took = redraw(draft, body(i));
                if (i >= WARM) {
                    times.add(took);
                }
            }
            times.sort(null);
            double median = times.get(times.size() / 2) / 1e6;
            medians.add(median);
            if (median > slowest) {
                slowest = median;
                which = draft.words();
            }
        }
        out.atMost("slowest redraw, median (" + which + ")", slowest, "ms", 5);
        // The reference in the same run: one round offset of the same leg by JTS.
        Piece leg = Drafts.require("dungarees").draw(body(1), Map.of()).piece("front-leg");
        double ours =
                median(() -> OffsetOutline.of(leg.stitchLine(), e -> 10).ring().areaMm2());
        double theirs =
                median(() -> Region.of(leg.stitchLine().ring()).grown(10).areaMm2());
        out.atMost("cut line of a leg against a buffer by JTS, time ratio", ours / theirs, "", 5);
    }

    private static double median(java.util.function.DoubleSupplier work) {
        List<Long> times = new ArrayList<>();
        double sum = 0;
        for (int i = 0; i < 300; i++) {
            long start = System.nanoTime();
            sum += work.getAsDouble();
            times.add(System.nanoTime() - start);
        }
        times.sort(null);
        return sum > 0 ? times.get(times.size() / 2) : 1;
    }

    private static void bias(Figures out) {
        double share = 0;
        int n = 60;
        for (int i = 0; i < n; i++) {
            SplittableRandom random = new SplittableRandom(i);
            double[] xy = new double[2 * 9];
            for (int k = 0; k < 9; k++) {
                double r = 120 + 160 * random.nextDouble();
                xy[2 * k] = r * Math.cos(2 * Math.PI * k / 9);
                xy[2 * k + 1] = r * Math.sin(2 * Math.PI * k / 9);
            }
            Ring scrap = Ring.of(xy);
            PiecedStrips strips = PiecedStrips.of(List.of(scrap), List.of(90.0), 32, 32);
            share += strips.strips().stream()
                            .mapToDouble(PiecedStrips.Strip::lengthMm)
                            .sum()
                    * 32
                    / scrap.areaMm2()
                    / n;
        }
        out.atLeast("bias strips of 32 mm really in odd scraps, share of area over width", share, "", 0.6);
    }
}
