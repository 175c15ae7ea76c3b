package org.handdown.formats.sheet;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitProblem;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;

/** The lay as SVG at true size: one user unit is one millimetre, panels side by side, y turned down as SVG wants it. */
public final class LaySvg {
    private static final double BETWEEN_MM = 40;

    private LaySvg() {}

    public static String of(String title, FitProblem problem, FitLayout layout) {
        return of(title, problem, layout, Map.of(), Map.of());
    }

    /**
     * @param pieces names by their ids, as people gave them
     * @param panels likewise
     */
    public static String of(
            String title,
            FitProblem problem,
            FitLayout layout,
            Map<String, String> pieces,
            Map<String, String> panels) {
        StringBuilder body = new StringBuilder();
        double x = BETWEEN_MM;
        double high = 0;
        for (FitPanel panel : problem.panels()) {
            Box box = panel.outline().box();
            high = Math.max(high, box.heightMm());
            List<LaidPiece> laid = LaidPiece.on(problem, layout.placements(), panel.id(), pieces);
            body.append(
                    group(panel, LaidPiece.called(panel.id(), panels), laid, x - box.minX(), box.maxY() + BETWEEN_MM));
            x += box.widthMm() + BETWEEN_MM;
        }
        double height = high + 2 * BETWEEN_MM;
        return Wording.fill(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.2fmm\" height=\"%.2fmm\" viewBox=\"0 0 %.2f %.2f\">%n"
                        + "<title>%s</title>%n%s</svg>%n",
                x, height, x, height, escaped(title), body);
    }

    private static String group(FitPanel panel, String called, List<LaidPiece> laid, double dx, double dy) {
        StringBuilder g = new StringBuilder();
        g.append(Wording.fill("<g id=\"%s\" transform=\"translate(%.3f %.3f)\">%n", escaped(panel.id()), dx, dy));
        g.append("<title>").append(escaped(called)).append("</title>\n");
        g.append(path(panel.outline(), "cloth", "fill=\"none\" stroke=\"#777\" stroke-width=\"0.5\""));
        panel.holes().forEach(h -> g.append(path(h, "hole", "fill=\"#ddd\" stroke=\"#777\" stroke-width=\"0.3\"")));
        panel.zones()
                .forEach(z -> g.append(path(
                        z.outline(),
                        z.named(),
                        "fill=\"#eee\" stroke=\"#777\" stroke-width=\"0.3\" stroke-dasharray=\"3 2\"")));
        for (LaidPiece piece : laid) {
            g.append(path(piece.ring(), piece.label(), "fill=\"none\" stroke=\"#000\" stroke-width=\"0.5\""));
            Point at = java.util.Objects.requireNonNullElse(
                    org.handdown.geometry.Region.of(piece.ring()).innerPoint(),
                    piece.ring().at(0));
            g.append(Wording.fill(
                    "<text x=\"%.2f\" y=\"%.2f\" font-size=\"10\" text-anchor=\"middle\">%s</text>%n",
                    at.x(), -at.y(), escaped(piece.label())));
        }
        return g.append("</g>\n").toString();
    }

    private static String path(Ring ring, String title, String look) {
        String points = ring.points().stream()
                .map(p -> Wording.fill("%.3f %.3f", p.x(), -p.y()))
                .collect(Collectors.joining(" L "));
        return "<path d=\"M " + points + " Z\" " + look + "><title>" + escaped(title) + "</title></path>\n";
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
