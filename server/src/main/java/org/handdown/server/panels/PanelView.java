package org.handdown.server.panels;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import org.handdown.fit.EdgeKind;
import org.handdown.panel.Flaw;
import org.handdown.panel.survey.Pressing;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.TwoPins;
import org.jspecify.annotations.Nullable;

public record PanelView(
        String id,
        String name,
        boolean leg,
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
        List<FlawView> flaws,
        @Nullable TapedView taped,
        List<FigureView> usable,
        CarriedView carried,
        List<StripeView> stripes,
        List<MotifPlaceView> motifs,
        List<FlawView> likely,
        List<HangsView> hangs) {
    public record StationMeasure(
            String id,
            String words,
            String height,
            double heightMm,
            String width,
            double widthMm,
            String toSide,
            double toSideMm) {}

    /**
     * @param x and y: middle of an oval, beginning of a strip; {@code toX} and {@code toY} its end
     * @param height of an oval; empty otherwise
     * @param layers of cloth there
     * @param outline as it was measured; {@code shown} on the panel as it is now, pressed and right side up
     */
    public record FlawView(
            Flaw.Treatment treatment,
            Flaw.Kind kind,
            String what,
            ExtentKind extent,
            String x,
            String y,
            String toX,
            String toY,
            String width,
            String height,
            List<double[]> outline,
            List<double[]> shown,
            int layers) {}

    /** How a flaw's extent was told. */
    public enum ExtentKind {
        OVAL,
        STRIP,
        AROUND
    }

    /** How the grain was found. */
    public enum GrainBy {
        UP,
        EDGE,
        POINTS
    }

    public record RepeatView(String name, boolean across, String period, String edge, String first, boolean matched) {}

    public record MotifView(String name, String x, String y) {}

    public record PressingView(String what, Pressing.Direction direction, String before, String after) {}

    /** @param alike null for what the cloth as a whole says */
    public record CarriedView(
            GrainBy grain,
            String grainEdge,
            String fromX,
            String fromY,
            String toX,
            String toY,
            boolean pileDown,
            @Nullable Boolean alike,
            boolean wrongSideUp,
            int layers,
            List<RepeatView> repeats,
            List<MotifView> motifs,
            List<PressingView> pressings) {}

    /** Lines of a panel's stripes inside its outline, for drawing. */
    public record StripeView(String name, List<List<double[]>> lines) {}

    public record MotifPlaceView(String name, double x, double y) {}

    public record PanelEdgeView(String name, EdgeKind kind, String length, List<double[]> points) {}

    /** Another panel that still hangs on one at a seam that was left closed: both may be laid flat as one. */
    public record HangsView(String edge, String other, String otherName, String otherEdge, String seam) {}

    /** What a panel is good for, in words and figures. */
    public record FigureView(String what, String value) {}

    public record TapePointView(
            String along,
            String right,
            String fromFirst,
            String fromSecond,
            TwoPins.Where side,
            String toNext,
            boolean curve,
            String edge,
            EdgeKind finish,
            String depth) {}

    public record TapeCheckView(int from, int to, String mm) {}

    /** An outline that came as a drawing. @param proof what the tape showed, empty where nobody held one against it */
    public record DrawingView(String from, String within, JsonNode outline, String proof) {}

    /** The fold that a panel was measured double on. @param crease of cloth that lies open, {@code line} where it lies, panel frame, mm */
    public record DoublingView(String edge, boolean opened, Flaw.Treatment crease, List<double[]> line) {}

    /** A panel as it was taped: texts that read back to the same figures. */
    public record TapedView(
            TapeRequests.Way way,
            List<TapePointView> points,
            String apart,
            List<TapeCheckView> checks,
            Map<String, String> sides,
            @Nullable ReadyShape shape,
            Map<String, String> measures,
            @Nullable DrawingView drawn,
            String tolerance,
            List<String> findings,
            @Nullable DoublingView fold) {}
}
