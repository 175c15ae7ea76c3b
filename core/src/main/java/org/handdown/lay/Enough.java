package org.handdown.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.PieceGrain;
import org.handdown.geometry.Box;
import org.handdown.geometry.Placement;
import org.handdown.measure.Wording;

/**
 * Whether there is cloth enough, before anything is laid: quick tests that cloth must pass to be enough, never a promise that it is. The
 * longest piece against the longest panel, the widest against the widest, then area; the first that fails binds.
 *
 * @param sentences the binding piece and by how much it is short, or how near it is
 */
public record Enough(Verdict verdict, List<String> sentences) {
    /** Irregular panels are hardly ever covered more than this (common practice, no source). */
    private static final double TIGHT_SHARE = 0.75;

    /** Not short is all that these tests can say. */
    public enum Verdict {
        LIKELY,
        TIGHT,
        SHORT
    }

    public Enough {
        sentences = List.copyOf(sentences);
    }

    private record Need(FitPiece piece, double along, double across) {}

    /** Cloth by cloth, or several together where one serves as well as another: what is short is told of each. */
    public static Enough of(FitProblem problem) {
        List<String> sentences = new ArrayList<>();
        Verdict worst = Verdict.LIKELY;
        // Pieces that may lie on the same cloths are asked of all of them together.
        List<List<String>> cloths = problem.pieces().stream()
                .map(FitPiece::cloths)
                .filter(of -> !of.isEmpty())
                .distinct()
                .toList();
        List<String> likely = new ArrayList<>();
        for (List<String> of : cloths) {
            List<String> told = new ArrayList<>();
            Verdict verdict = of(problem, of, cloths.size() > 1, told);
            (verdict == Verdict.LIKELY ? likely : sentences).addAll(told);
            worst = verdict.ordinal() > worst.ordinal() ? verdict : worst;
        }
        return new Enough(worst, sentences.isEmpty() ? likely : sentences);
    }

    private static Verdict of(FitProblem problem, List<String> cloths, boolean isNamed, List<String> sentences) {
        double longest = 0;
        double widest = 0;
        double area = 0;
        for (FitPanel panel : problem.panels()) {
            if (cloths.contains(panel.cloth())) {
                Box box = alongGrain(panel);
                longest = Math.max(longest, box.heightMm());
                widest = Math.max(widest, box.widthMm());
                area += panel.outline().areaMm2();
            }
        }
        List<FitPiece> pieces =
                problem.pieces().stream().filter(p -> p.cloths().equals(cloths)).toList();
        String of = isNamed ? " of " + String.join(" or ", cloths) : "";
        boolean isShort = false;
        List<Need> needs = pieces.stream().map(Enough::least).toList();
        for (Need need : needs.stream()
                .sorted(Comparator.comparingDouble(Need::along).reversed())
                .toList()) {
            isShort |= tell(sentences, need.piece(), "long", need.along(), "longest", longest, of);
            isShort |= tell(sentences, need.piece(), "wide", need.across(), "widest", widest, of);
        }
        double wanted =
                pieces.stream().mapToDouble(p -> p.quantity() * areaMm2(p)).sum();
        if (wanted > area) {
            sentences.add(Wording.fill(
                    "The pieces cover %.0f dm², the panels%s only %.0f dm².", wanted / 10_000, of, area / 10_000));
            isShort = true;
        }
        if (isShort) {
            return Verdict.SHORT;
        }
        if (wanted > TIGHT_SHARE * area) {
            sentences.add(Wording.fill(
                    "Tight: the pieces cover %.0f %% of the panels%s; of odd shapes rarely more than 75 %% can be used.",
                    100 * wanted / area, of));
            return Verdict.TIGHT;
        }
        FitPiece largest =
                pieces.stream().max(Comparator.comparingDouble(Enough::areaMm2)).orElseThrow();
        if (wanted + areaMm2(largest) > TIGHT_SHARE * area) {
            sentences.add(Wording.fill(
                    "Just enough%s: nothing would be left over to cut the %s once more.",
                    of, Wording.spoken(largest.id())));
            return Verdict.TIGHT;
        }
        double room = longest;
        double covered = area == 0 ? 0 : 100 * wanted / area;
        needs.stream()
                .max(Comparator.comparingDouble(Need::along))
                .ifPresent(n -> sentences.add(Wording.fill(
                        "The longest, the %s, takes %.0f mm of %.0f mm along the grain; the pieces cover %.0f %% of their cloth.",
                        Wording.spoken(n.piece().id()), n.along(), room, covered)));
        return Verdict.LIKELY;
    }

    private static double areaMm2(FitPiece piece) {
        return piece.variants().stream()
                .mapToDouble(v -> v.outline().areaMm2())
                .min()
                .orElse(0);
    }

    private static boolean tell(
            List<String> sentences, FitPiece piece, String how, double need, String which, double most, String of) {
        if (need <= most) {
            return false;
        }
        sentences.add(Wording.fill(
                "The %s is %.0f mm %s, the %s panel%s %.0f mm: %.0f mm are missing.",
                Wording.spoken(piece.id()), need, how, which, of, most, need - most));
        return true;
    }

    /** What the smallest of its variants asks for; a piece that may be turned a quarter asks for its shorter way both ways. */
    private static Need least(FitPiece piece) {
        double along = Double.MAX_VALUE;
        double across = Double.MAX_VALUE;
        for (FitPiece.Variant variant : piece.variants()) {
            Box box = variant.outline().box();
            boolean turns = piece.grain() != PieceGrain.LENGTHWISE;
            along = Math.min(along, turns ? Math.min(box.widthMm(), box.heightMm()) : box.heightMm());
            across = Math.min(across, turns ? Math.min(box.widthMm(), box.heightMm()) : box.widthMm());
        }
        return new Need(piece, along, across);
    }

    private static Box alongGrain(FitPanel panel) {
        // Turned so that the grain runs up.
        Placement turn = new Placement(0, 0, 90 - panel.grainDeg(), false);
        return turn.toPanel(panel.outline()).box();
    }
}
