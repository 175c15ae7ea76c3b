package org.handdown.bench;

import java.util.List;
import org.handdown.bench.studio.StudioFigures;

/** The figures of measuring panels: photo, pins, shapes, files, and checks against other libraries. */
public final class PanelFigures {
    private PanelFigures() {}

    /** @param args {@code studio} and perhaps a condition: only the pictures of the second camera */
    public static void main(String[] args) {
        Figures out = new Figures(System.out);
        boolean isStudioOnly = args.length > 0 && args[0].equals("studio");
        if (!isStudioOnly) {
            SurveyFigures.print(out);
            PhotoFigures.print(out);
        }
        studio(out, args.length > 1 ? args[1] : "");
        System.err.println(out.allMet() ? "  all goals met" : "  not every goal is met");
    }

    /** Pictures of a camera that shares nothing with the one that ships. */
    private static void studio(Figures out, String only) {
        List<StudioFigures.Result> all = StudioFigures.results(only);
        StudioFigures.table(all).forEach(out::note);
        List<StudioFigures.Result> plain =
                all.stream().filter(StudioFigures.Result::isPlain).toList();
        List<StudioFigures.Result> offered =
                plain.stream().filter(StudioFigures.Result::isOffered).toList();
        List<StudioFigures.Result> sure =
                all.stream().filter(r -> r.isOffered() && !r.isDoubted()).toList();
        out.told("second camera, pictures", all.size(), "");
        out.atMost(
                "second camera, wrong by more than 10 mm without a doubt",
                all.stream().filter(StudioFigures.Result::isWrong).count(),
                "",
                0);
        out.atLeast(
                "second camera, plain pictures offered", (double) offered.size() / Math.max(1, plain.size()), "", 0.95);
        out.told(
                "second camera, plain pictures offered with a doubt",
                (double) offered.stream()
                                .filter(StudioFigures.Result::isDoubted)
                                .count()
                        / Math.max(1, offered.size()),
                "");
        out.atMost("second camera, RMS, median", StudioFigures.middle(rms(sure)), "mm", 0.6);
        out.atLeast(
                "second camera, what is stated holds",
                (double) sure.stream()
                                .filter(r -> r.worstMm() <= r.toleranceMm())
                                .count()
                        / Math.max(1, sure.size()),
                "",
                0.95);
        out.told(
                "second camera, stated tolerance, median",
                StudioFigures.middle(sure.stream()
                        .mapToDouble(StudioFigures.Result::toleranceMm)
                        .toArray()),
                "mm");
    }

    private static double[] rms(List<StudioFigures.Result> some) {
        return some.stream().mapToDouble(StudioFigures.Result::rmsMm).toArray();
    }
}
