package org.handdown.server.project;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import org.handdown.alter.NewLines;
import org.handdown.alter.TakeIn;
import org.handdown.body.Passage;
import org.handdown.cloth.Cloth;
import org.handdown.fit.EdgeKind;
import org.handdown.lay.Enough;
import org.handdown.lay.Sureness;
import org.handdown.make.Prospect;
import org.handdown.make.Step;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.panel.Flaw;
import org.handdown.panel.survey.Pressing;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.TwoPins;
import org.handdown.pattern.Neckline;
import org.handdown.project.Garment;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.reuse.Suitability;
import org.handdown.source.Assessment;
import org.handdown.source.Fault;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.PartRole;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.Technique;
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
        String usableShare,
        @Nullable PatternView pieces,
        @Nullable LetOutView letOut,
        @Nullable TakeInView takeIn,
        WorkingsView workings,
        KeepView keep,
        @Nullable EnoughView enough,
        @Nullable LayView lay,
        List<LayFigures> lays,
        @Nullable SurenessView sureness,
        List<StepView> steps,
        List<NoteView> log,
        List<PracticeView> practice,
        List<TroubleView> troubles) {
    /** What there is to see, where it stands among its states. */
    ProjectView at(StoredProject.Stand stand) {
        return new ProjectView(
                stand.id().toString(),
                stand.version(),
                name,
                unit,
                stand.undoWhat(),
                stand.redoWhat(),
                stations,
                aim,
                source,
                takeApart,
                panels,
                usableShare,
                pieces,
                letOut,
                takeIn,
                workings,
                keep,
                enough,
                lay,
                lays,
                sureness,
                steps,
                log,
                practice,
                troubles);
    }

    /** A figure of common practice that the project goes by, and the household goes by otherwise since. */
    public record PracticeView(String words, String here, String household) {}

    /** Something beside the work that could not be worked out, at the station where it would stand. */
    public record TroubleView(Station station, String sentence) {}

    /**
     * @param settled false while these are only proposals
     * @param measures that are asked for, in order
     */
    public record AimView(
            boolean settled,
            Garment garment,
            boolean cutOut,
            String draft,
            String what,
            String wearer,
            List<MeasureView> measures) {}

    /**
     * @param alone how to take it by oneself; may be empty
     * @param also the same in the household's unit where it was typed in another system
     * @param proposed what the height suggests, and the girths that were taken
     * @param proposedBy what its proposal goes by, in words
     * @param again the second reading as it was written; empty without one
     * @param differs whether both readings differ by more than a tape may
     * @param grows how it changed since earlier readings; empty where nothing is known
     */
    public record MeasureView(
            String id,
            String words,
            String landmark,
            String alone,
            String text,
            String also,
            double mm,
            Origin origin,
            String proposed,
            String proposedBy,
            String again,
            boolean differs,
            String on,
            String tolerance,
            String grows) {}

    public record SourceView(
            String name,
            SourceKind kind,
            String kindWords,
            String what,
            String condition,
            String care,
            String cost,
            Cloth cloth,
            Map<String, String> clothTexts,
            List<String> consequences,
            List<NamedLength> measures,
            List<String> proposed,
            List<PartView> parts,
            List<FoldView> folds,
            List<Fault> faults,
            List<String> adjustments,
            List<JobView> jobs,
            Assessment.Missed missed,
            Origin measured,
            String wantedBy,
            @Nullable ProspectView prospect) {}

    /** Whether to begin, in words. */
    public record ProspectView(Prospect.Advice advice, String words, List<String> sentences) {}

    /**
     * @param also the same in the household's unit where it was typed in another system
     * @param quantity girths are whole, never halves; a count has no unit
     */
    public record NamedLength(
            String id,
            String words,
            String text,
            String also,
            double mm,
            MeasureSpec.Quantity quantity,
            List<String> options) {}

    /** An edge of a part or panel, for drawing and picking. */
    public record EdgeView(String name, EdgeKind kind, List<double[]> points) {}

    public record PartView(
            String id,
            String name,
            boolean main,
            PartRole role,
            String layer,
            String side,
            double dx,
            double dy,
            List<double[]> outline,
            List<EdgeView> edges) {}

    /** Cloth folded away, with what letting all of it out gives. */
    public record FoldView(String id, String part, String edge, String words, String hidden) {}

    public record SlackView(String level, String have, String need, String slack, boolean enough, String formula) {}

    /** Whether the source suits a job, level by level. */
    public record JobView(
            String name, Suitability.Verdict verdict, String verdictWords, String why, List<SlackView> levels) {}

    /**
     * @param stretches where only parts of it are opened; empty for the whole
     * @param idle the lay uses nothing of what unpicking it won
     * @param turnsUp an end that can be turned up
     * @param ends what lies where it begins, and where it ends
     */
    public record JoinView(
            String id,
            String name,
            String stitch,
            String stitchNumber,
            boolean seamless,
            int rows,
            String length,
            double lengthMm,
            String allowance,
            boolean finishedEdge,
            JoinDecision decision,
            List<StretchView> stretches,
            double minutes,
            double wonCm2,
            double lostCm2,
            String won,
            String formula,
            List<String> effects,
            List<String> traits,
            List<String> how,
            List<String> cautions,
            Technique.Risk risk,
            boolean idle,
            boolean turnsUp,
            List<String> ends,
            List<RunView> runs) {}

    public record RunView(String part, String edge) {}

    /**
     * @param flat ids of the parts that lie flat
     * @param held why others do not, in sentences
     * @param destroyed what the plan destroys, to be confirmed
     * @param ownRates rates of the household's own log that replaced the defaults, in words
     */
    public record TakeApartView(
            List<JoinView> joins,
            double minutes,
            double wonCm2,
            double lostCm2,
            List<String> flat,
            int parts,
            List<String> held,
            List<String> destroyed,
            List<String> ownRates) {}

    /** Quick tests of whether there is cloth enough. */
    public record EnoughView(Enough.Verdict verdict, List<String> sentences) {}

    /** @param crossing what to do where a new seam crosses it, empty where any machine sews that */
    public record KeeperView(
            String id,
            String name,
            String kind,
            String part,
            String edge,
            String length,
            String stretched,
            String depth,
            String hold,
            int count,
            int layers,
            String finished,
            String crossing,
            boolean used,
            Assessment.Condition condition) {}

    /** @param refusals why other keepers do not serve, by keeper, the likeliest first */
    public record WantView(
            String id,
            String name,
            String role,
            boolean byHand,
            String length,
            @Nullable UseView use,
            List<String> refusals) {}

    public record UseView(List<String> keepers, double saves, double costs, List<String> notes) {}

    /**
     * @param savedMinutes over all wants served
     * @param finish how new seams that show copy the old ones
     */
    public record KeepView(List<KeeperView> keepers, List<WantView> wants, double savedMinutes, List<String> finish) {}

    public record GivenView(String name, String gives, String most, String each, String shows) {}

    public record SideView(String name, List<GivenView> given, String gain, String missing) {}

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

    /** @param at along the seam or up from the lower end; depth as it was pinned */
    public record PinchView(String at, String depth) {}

    /** @param in distance of the new line from the old, on each layer */
    public record LevelView(String at, String in, String before, String after) {}

    /**
     * A place that is taken in or shortened.
     *
     * @param sentence what the figure means, to be accepted
     */
    public record ReadingView(
            TakeIn.Kind kind,
            String words,
            String where,
            String name,
            String partner,
            boolean partnerToo,
            List<PinchView> pinches,
            List<LevelView> levels,
            String shorter,
            String sentence,
            List<String> notes) {}

    /** A line to chalk, in the frame of its part. */
    public record ChalkView(String part, NewLines.What what, List<double[]> points) {}

    public record TakeInView(List<ReadingView> readings, List<ChalkView> chalk) {}

    /** @param stretch in per cent */
    public record RingLayerView(String what, String length, String stretch) {}

    /** @param helped kept closures that would open it far enough */
    public record PassageView(
            String name,
            Passage.Over over,
            String overWords,
            String girth,
            String opens,
            List<RingLayerView> layers,
            boolean passes,
            String sentence,
            List<String> helped) {}

    public record BandView(String rest, String depth, String stretch) {}

    /** @param chalk points of one side, mm, centre front at x = 0 and the neck points at y = 0, y up */
    public record NecklineView(
            String name,
            Neckline.Shape shape,
            String shapeWords,
            String width,
            String depth,
            String back,
            @Nullable BandView band,
            boolean serves,
            List<String> verdict,
            List<String> order,
            double widthMm,
            double depthMm,
            List<double[]> chalk,
            List<String> chalkTexts,
            double notchBaseMm,
            double bandDepthMm) {}

    public record WorkingsView(List<PassageView> passages, List<NecklineView> necklines) {}

    /** How far the lay may be trusted. */
    public record SurenessView(Sureness.Verdict verdict, String tolerance, List<String> sentences) {}

    /** From and to along a join. */
    public record StretchView(String from, String to) {}

    public record OpeningView(String join, String name, List<String> stretches) {}

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
            @Nullable InsertsView inserts) {}

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

    public record StationMeasure(
            String id,
            String words,
            String height,
            double heightMm,
            String width,
            double widthMm,
            String toSide,
            double toSideMm) {}

    /** How a flaw's extent was told. */
    public enum ExtentKind {
        OVAL,
        STRIP,
        AROUND
    }

    /**
     * @param x and y: middle of an oval, beginning of a strip; {@code toX} and {@code toY} its end
     * @param height of an oval; empty otherwise
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
            List<double[]> shown) {}

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
            List<HangsView> hangs) {}

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
            List<String> findings) {}

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
            boolean pinned,
            List<String> variants,
            List<double[]> ring,
            List<double[]> stitchLine,
            @Nullable KeptRun kept) {}

    /** The run of a placed piece that lies on an old finished edge. */
    public record KeptRun(List<double[]> points) {}

    public record UnplacedView(
            String piece, String name, int copy, String reason, String variant, List<double[]> outline) {}

    /**
     * @param size of its largest rectangle along the grain
     * @param edges finished edges that it keeps, with their lengths
     * @param flaws on it, in words
     * @param straight length of straight strips it would yield, joined
     * @param bias length of bias strips
     */
    public record RemnantView(
            String panel,
            List<double[]> outline,
            String size,
            List<String> edges,
            List<String> flaws,
            String straight,
            String bias) {}

    /**
     * What tells one lay from another.
     *
     * @param name empty for the lay at work
     * @param at when it was kept; empty for the lay at work
     * @param left area that is left
     * @param largest rectangle along the grain that is left in one piece
     * @param wholePanels panels that nothing lies on
     * @param keptEdges copies that lie on an old finished edge
     * @param seamsAdded by piecing
     */
    public record LayFigures(
            String name,
            String at,
            int placed,
            int wanted,
            String used,
            String left,
            String largest,
            int wholePanels,
            int keptEdges,
            double minutesSaved,
            int seamsAdded) {}

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

    /** @param lesson for the pattern in words; empty for a plain note. @param learned whether the pattern already has it */
    public record NoteView(String at, String text, String lesson, boolean learned) {}
}
