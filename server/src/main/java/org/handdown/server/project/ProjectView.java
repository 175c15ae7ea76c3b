package org.handdown.server.project;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.handdown.body.Wearer;
import org.handdown.cloth.Cloth;
import org.handdown.make.Step;
import org.handdown.measure.LengthUnit;
import org.handdown.panel.EdgeKind;
import org.handdown.panel.Flaw;
import org.handdown.project.StationState;
import org.handdown.unpick.JoinDecision;
import org.jspecify.annotations.Nullable;

/**
 * A project with all that follows from it, ready to be drawn. Lengths come twice: in mm for the drawing, and as text in the household's
 * unit. Points are [x, y] in mm, y up.
 */
public record ProjectView(
        String id,
        long version,
        String name,
        LengthUnit unit,
        @Schema(types = {"string", "null"}) @Nullable String undoWhat,
        @Schema(types = {"string", "null"}) @Nullable String redoWhat,
        List<StationState> stations,
        AimView aim,
        @Nullable SourceView source,
        @Nullable TakeApartView takeApart,
        List<PanelView> panels,
        @Nullable PiecesView pieces,
        @Nullable LayView lay,
        List<StepView> steps,
        List<NoteView> log) {

    /** @param settled false while these are only proposals */
    public record AimView(
            boolean settled,
            String wearer,
            List<MeasureView> measures,
            String hipEase,
            String aboveFloor,
            String seam,
            String hem) {}

    /** @param proposed what the height alone suggests */
    public record MeasureView(
            String id, String words, String landmark, String text, double mm, Wearer.Origin origin, String proposed) {}

    public record SourceView(
            String name,
            String what,
            String condition,
            String care,
            String cost,
            Cloth cloth,
            List<NamedLength> measures,
            List<PartView> parts) {}

    public record NamedLength(String id, String words, String text, double mm) {}

    /** An edge of a part or panel, for drawing and picking. */
    public record EdgeView(String name, List<double[]> points) {}

    public record PartView(
            String id,
            String name,
            boolean main,
            String side,
            double dx,
            double dy,
            List<double[]> outline,
            List<EdgeView> edges) {}

    /** @param rateMinutes minutes a metre of this stitch */
    public record JoinView(
            String id,
            String name,
            String stitch,
            String stitchNumber,
            int rows,
            String length,
            String allowance,
            boolean finishedEdge,
            JoinDecision decision,
            double minutes,
            double wonCm2,
            double lostCm2,
            String won,
            String formula,
            List<RunView> runs) {}

    public record RunView(String part, String edge) {}

    public record TakeApartView(
            List<JoinView> joins,
            double minutes,
            double wonCm2,
            double lostCm2,
            List<String> freeLegs,
            List<String> held) {}

    public record StationMeasure(
            String id,
            String words,
            String height,
            double heightMm,
            String width,
            double widthMm,
            String toSide,
            double toSideMm) {}

    public record FlawView(
            Flaw.Treatment treatment,
            String what,
            String x,
            String y,
            String width,
            String height,
            List<double[]> outline) {}

    public record PanelEdgeView(String name, EdgeKind kind, String length, List<double[]> points) {}

    public record PanelView(
            String id,
            String name,
            boolean sideRight,
            List<double[]> outline,
            List<double[]> stitchLine,
            List<PanelEdgeView> edges,
            double grainDeg,
            boolean oneWay,
            String keptDepth,
            double keptDepthMm,
            String area,
            String centreLift,
            List<StationMeasure> stations,
            List<FlawView> flaws) {}

    public record NotchView(String label, double x, double y) {}

    public record AllowanceView(String edge, String width, String why, double x, double y) {}

    public record PieceView(
            String id,
            String name,
            int quantity,
            boolean pair,
            String grain,
            boolean required,
            List<double[]> cutLine,
            List<double[]> stitchLine,
            List<NotchView> notches,
            List<AllowanceView> allowances,
            List<List<double[]>> covered,
            String size) {}

    public record WalkView(String name, String one, String other, String difference, boolean agrees) {}

    public record SizeView(String what, String finished, String body, String formula, boolean fits) {}

    public record PiecesView(List<PieceView> pieces, List<WalkView> walks, List<SizeView> sizes) {}

    /** A copy as it lies; the ring is in the panel frame, pile points the way its nap runs, in degrees. */
    public record PlacedView(
            String piece,
            String name,
            int copy,
            String variant,
            String panel,
            double x,
            double y,
            double rotation,
            boolean mirrored,
            List<String> variants,
            List<double[]> ring,
            List<double[]> stitchLine,
            @Nullable KeptRun kept) {}

    /** The run of a placed piece that lies on an old finished edge. */
    public record KeptRun(List<double[]> points) {}

    public record UnplacedView(
            String piece, String name, int copy, String reason, String variant, List<double[]> outline) {}

    public record RemnantView(String panel, List<double[]> outline, String size) {}

    public record LayPanelView(
            String id,
            String name,
            List<double[]> outline,
            List<PanelEdgeView> edges,
            List<FlawView> flaws,
            double grainDeg,
            boolean oneWay) {}

    public record LayView(
            List<LayPanelView> panels,
            List<PlacedView> placed,
            List<UnplacedView> unplaced,
            List<RemnantView> remnants,
            String usedArea,
            String clothArea,
            String leftArea,
            double utilisation,
            int keptHems,
            double minutesSaved,
            boolean movedByHand,
            boolean stale) {}

    /** @param done true once checked off; {@code tookMinutes} null where nobody counted */
    public record StepView(
            Step step,
            boolean done,
            @Schema(types = {"number", "null"}) @Nullable Double tookMinutes) {}

    public record NoteView(String at, String text) {}
}
