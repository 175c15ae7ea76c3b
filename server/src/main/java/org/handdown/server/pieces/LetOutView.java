package org.handdown.server.pieces;

import java.util.List;
import org.jspecify.annotations.Nullable;

public record LetOutView(
        String waist,
        String length,
        String leastAllowance,
        String hemFinish,
        boolean dartsToo,
        List<SideView> sides,
        SideView hem,
        List<RefoldView> refolds,
        List<OpeningView> openings,
        List<String> bands,
        String gain,
        List<BudgetView> budget,
        List<SideView> levels,
        @Nullable InsertsView inserts) {
    public record SideView(String name, List<GivenView> given, String gain, String missing) {}

    public record GivenView(String name, String gives, String most, String each, String shows) {}

    /** Folds of an edge before and after, mm along the edge with all folds open. */
    public record RefoldView(
            String name,
            String part,
            double flatMm,
            List<Double> middlesMm,
            double oldDepthMm,
            double newDepthMm,
            String oldDepth,
            String newDepth,
            String oldFolded,
            String folded) {}

    public record OpeningView(String join, String name, List<String> stretches) {}

    /**
     * What one level could give.
     *
     * @param wanted empty where nothing is asked of it
     */
    public record BudgetView(String id, String name, String girth, String gives, String wanted, List<String> from) {}

    public record InsertLevelView(String down, String gain, String width) {}

    public record InsertsView(
            List<InsertLevelView> levels,
            int seams,
            String seam,
            String allowance,
            String sleeveSeam,
            boolean lined,
            boolean piped,
            List<String> notes) {}
}
