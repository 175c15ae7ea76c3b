package org.handdown.server.pieces;

import java.util.List;
import org.handdown.body.Fit;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.InnerEdge;
import org.handdown.pattern.Mark;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;
import org.handdown.pattern.draft.Dimension;

/** Pieces of a project as the page shows them: lengths in mm for drawing, and as text in the household's unit. */
public record PatternView(
        List<PieceView> pieces,
        List<WalkView> walks,
        List<ProposedSeamView> proposed,
        List<SizeView> sizes,
        List<String> notes,
        List<String> cautions,
        List<ClothNeedView> needs,
        List<OrderView> orders,
        List<ChangeView> changes) {

    public record NotchView(String label, double x, double y) {}

    /**
     * One line of an edge's ledger.
     *
     * @param width drawn
     * @param sew distance of the seam from the cut edge, and {@code trim} what is left; empty where as drawn
     * @param slip what every girth gains that crosses this edge, in words; empty for nothing
     */
    public record AllowanceView(
            String edge,
            String length,
            String width,
            String sew,
            String trim,
            String why,
            Allowance.Turn.Kind turn,
            String under,
            boolean trimmedTooFar,
            String slip,
            double x,
            double y,
            List<double[]> points) {}

    /** @param of the edge of the outline whose ledger it follows; empty for a fold or an overlap across the piece */
    public record InnerEdgeView(
            InnerEdge.Kind kind,
            String kindWords,
            String words,
            String of,
            String length,
            String told,
            boolean forced,
            List<double[]> points) {}

    public record PieceMarkView(Mark.Kind kind, String words, String label, String until, List<double[]> points) {}

    public record PieceView(
            String id,
            String name,
            int quantity,
            boolean pair,
            String grain,
            boolean required,
            List<double[]> cutLine,
            List<double[]> stitchLine,
            List<double[]> trimLine,
            List<NotchView> notches,
            List<PieceMarkView> marks,
            List<AllowanceView> allowances,
            List<InnerEdgeView> inner,
            List<List<double[]>> covered,
            String size,
            boolean byHand,
            List<WishView> wishes,
            List<CornerView> corners,
            PieceCloth cloth,
            String clothWords,
            boolean wrongSideOut,
            boolean uneven,
            String symmetry) {}

    /** A corner of the stitch line and the edge that begins there, as texts that read back to the same figures. */
    public record CornerView(String x, String y, String edge, String bow, String mark) {}

    /** An edge that may lie on something finished. */
    public record WishView(String edge, Role role, String words, String lap, List<double[]> points) {}

    public record SeamSideView(String piece, String edge, int times) {}

    public record WalkedStretchView(String from, String to, String one, String other, String difference) {}

    public record WalkView(
            String name,
            String one,
            String other,
            String difference,
            boolean agrees,
            String sentence,
            List<SeamSideView> ones,
            List<SeamSideView> others,
            List<WalkedStretchView> stretches) {}

    /** A seam that nobody told yet: two edges as long as each other and called alike, of which one at least was brought in or entered. */
    public record ProposedSeamView(
            String name, SeamSideView one, SeamSideView other, DesignSeam.Copies copies, String length) {}

    /** @param woven what it would need in cloth that does not stretch; empty for nothing */
    public record SizeView(
            String what,
            Size.Kind kind,
            String finished,
            double finishedMm,
            String tolerance,
            String body,
            double bodyMm,
            String ease,
            String formula,
            boolean fits,
            boolean sure,
            Fit fit,
            String fitWords,
            String wear,
            String woven) {}

    public record ClothNeedView(
            PieceCloth cloth,
            String words,
            int pieces,
            String area,
            String longest,
            String widest,
            String byTheMetre) {}

    public record DimensionView(
            String id,
            String words,
            Dimension.Kind kind,
            String hint,
            String text,
            String usual,
            boolean chosen,
            String range,
            List<String> options) {}

    public record OrderView(
            String draft,
            String words,
            String about,
            String cloth,
            String formula,
            List<String> whole,
            List<DimensionView> dimensions) {}

    public record ChangeView(String name, String words) {}
}
