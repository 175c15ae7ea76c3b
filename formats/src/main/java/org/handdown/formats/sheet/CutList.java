package org.handdown.formats.sheet;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.geometry.Box;
import org.handdown.measure.LengthText;
import org.handdown.measure.Wording;

/**
 * The cut list as CSV (RFC 4180): every placed copy with its size, then what could not be placed and why. All figures are whole, so that no
 * table program takes a decimal mark for another country's.
 */
public final class CutList {
    private CutList() {}

    public static String csv(FitProblem problem, FitLayout layout) {
        return csv(problem, layout, Map.of(), Map.of());
    }

    /**
     * @param pieces names by their ids, as people gave them
     * @param panels likewise
     */
    public static String csv(
            FitProblem problem, FitLayout layout, Map<String, String> pieces, Map<String, String> panels) {
        StringWriter text = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "piece",
                        "copy",
                        "panel",
                        "cut as",
                        "mirrored",
                        "across grain mm",
                        "along grain mm",
                        "area cm2",
                        "note")
                .get();
        try (CSVPrinter csv = new CSVPrinter(text, format)) {
            for (Placed p : layout.placements()) {
                var variant = problem.piece(p.piece()).variant(p.variant());
                Box box = variant.outline().box();
                csv.printRecord(
                        harmless(LaidPiece.called(p.piece(), pieces)),
                        p.copy() + 1,
                        harmless(LaidPiece.called(p.panel(), panels)),
                        harmless(cutAs(problem.piece(p.piece()), variant)),
                        p.at().mirrored() ? "yes" : "no",
                        outward(box.widthMm()),
                        outward(box.heightMm()),
                        whole(variant.outline().areaMm2() / 100),
                        "");
            }
            for (FitLayout.Unplaced u : layout.unplaced()) {
                csv.printRecord(
                        harmless(LaidPiece.called(u.piece(), pieces)),
                        u.copy() + 1,
                        "",
                        "",
                        "",
                        "",
                        "",
                        "",
                        harmless("not placed: " + LengthText.unmarked(u.reason())));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** What is cut is never told shorter than it is. */
    private static String outward(double mm) {
        return whole(Math.ceil(mm - 1e-6));
    }

    private static String whole(double value) {
        return Wording.fill("%.0f", value);
    }

    /** A piece that nowhere lies on a finished edge has no hem that could be made anew: it is cut as drawn. */
    private static String cutAs(FitPiece piece, FitPiece.Variant variant) {
        return piece.variants().size() == 1 ? "as drawn" : variant.id();
    }

    /** A table program must not take a name for a formula. */
    private static String harmless(String text) {
        return !text.isEmpty() && "=+-@".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
