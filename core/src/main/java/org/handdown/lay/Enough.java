package org.handdown.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
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

    public static Enough of(FitProblem problem) {
        List<String> sentences = new ArrayList<>();
        double longest = 0;
        double widest = 0;
        double area = 0;
        for (FitPanel panel : problem.panels()) {
            boolean serves = problem.pieces().stream().anyMatch(p -> p.cloths().contains(panel.cloth()));
            if (serves) {
                Box box = alongGrain(panel);
                longest = Math.max(longest, box.heightMm());
                widest = Math.max(widest, box.widthMm());
                area += panel.outline().areaMm2();
            }
        }
        List<Need> needs = problem.pieces().stream().map(Enough::least).toList();
        boolean isShort = false;
        for (Need need : needs.stream()
                .sorted(Comparator.comparingDouble(Need::along).reversed())
                .toList()) {
            isShort |= tell(sentences, need.piece(), "long", need.along(), "longest", longest);
            isShort |= tell(sentences, need.piece(), "wide", need.across(), "widest", widest);
        }
        double wanted = problem.pieces().stream()
                .mapToDouble(p -> p.quantity()
                        * p.variants().stream()
                                .mapToDouble(v -> v.outline().areaMm2())
                                .min()
                                .orElse(0))
                .sum();
        if (wanted > area) {
            sentences.add(Wording.fill(
                    "The pieces cover %.0f dm², the panels only %.0f dm².", wanted / 10_000, area / 10_000));
            isShort = true;
        }
        if (isShort) {
            return new Enough(Verdict.SHORT, sentences);
        }
        if (wanted > TIGHT_SHARE * area) {
            sentences.add(Wording.fill(
                    "Tight: the pieces cover %.0f %% of the panels; of odd shapes rarely more than 75 %% can be used.",
                    100 * wanted / area));
            return new Enough(Verdict.TIGHT, sentences);
        }
        double room = longest;
        double covered = area == 0 ? 0 : 100 * wanted / area;
        needs.stream()
                .max(Comparator.comparingDouble(Need::along))
                .ifPresent(n -> sentences.add(Wording.fill(
                        "The longest, the %s, takes %.0f mm of %.0f mm along the grain; the pieces cover %.0f %% of their cloth.",
                        n.piece().id().replace('-', ' '), n.along(), room, covered)));
        return new Enough(Verdict.LIKELY, sentences);
    }

    private static boolean tell(
            List<String> sentences, FitPiece piece, String how, double need, String which, double most) {
        if (need <= most) {
            return false;
        }
        sentences.add(Wording.fill(
                "The %s is %.0f mm %s, the %s panel %.0f mm: %.0f mm are missing.",
                piece.id().replace('-', ' '), need, how, which, most, need - most));
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
