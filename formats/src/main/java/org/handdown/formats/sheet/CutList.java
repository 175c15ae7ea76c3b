package org.handdown.formats.sheet;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.geometry.Box;
import org.handdown.measure.LengthText;
import org.handdown.measure.Wording;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;

/**
 * The cut list as CSV (RFC 4180): every placed copy with its size, then what could not be placed and why. All figures are whole, so that no
 * table program takes a decimal mark for another country's.
 */
public final class CutList {
    private CutList() {}

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
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
                    "note",
                    "cloth")
            .get();

    public static String csv(FitProblem problem, FitLayout layout) {
        return csv(problem, layout, Map.of(), Map.of(), List.of());
    }

    /**
     * Cloth by cloth, in the order in which their panels lie on the table.
     *
     * @param pieces names by their ids, as people gave them
     * @param panels likewise
     * @param bought pieces that are cut from what is bought, and so were never laid
     */
    public static String csv(
            FitProblem problem,
            FitLayout layout,
            Map<String, String> pieces,
            Map<String, String> panels,
            List<Piece> bought) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, FORMAT)) {
            for (String cloth : cloths(problem)) {
                for (Placed p : layout.placements()) {
                    if (problem.panel(p.panel()).cloth().equals(cloth)) {
                        placed(csv, problem, p, pieces, panels);
                    }
                }
            }
            for (FitLayout.Unplaced u : layout.unplaced()) {
                List<String> cloths = problem.pieces().stream()
                        .filter(p -> p.id().equals(u.piece()))
                        .flatMap(p -> p.cloths().stream())
                        .toList();
                csv.printRecord(
                        harmless(LaidPiece.called(u.piece(), pieces)),
                        u.copy() + 1,
                        "",
                        "",
                        "",
                        "",
                        "",
                        "",
                        harmless("not placed: " + LengthText.unmarked(u.reason())),
                        cloths.isEmpty() ? "" : harmless(cloths.get(0)));
            }
            for (Piece piece : bought) {
                bought(csv, piece);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** Each once, as its first panel lies. */
    private static Set<String> cloths(FitProblem problem) {
        return problem.panels().stream().map(FitPanel::cloth).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static void placed(
            CSVPrinter csv, FitProblem problem, Placed p, Map<String, String> pieces, Map<String, String> panels)
            throws IOException {
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
                "",
                harmless(problem.panel(p.panel()).cloth()));
    }

    private static void bought(CSVPrinter csv, Piece piece) throws IOException {
        var ring = (piece.cloth() == PieceCloth.INTERFACING ? piece.interfacingLine() : piece.cutLine()).ring();
        for (int copy = 0; copy < piece.quantity(); copy++) {
            csv.printRecord(
                    harmless(piece.name()),
                    copy + 1,
                    "",
                    "as drawn",
                    piece.pair() && copy >= piece.quantity() / 2 ? "yes" : "no",
                    outward(ring.box().widthMm()),
                    outward(ring.box().heightMm()),
                    whole(ring.areaMm2() / 100),
                    "not on the table: cut from what is bought",
                    harmless(piece.cloth().words()));
        }
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
