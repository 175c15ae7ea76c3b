package org.handdown.server.project;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.handdown.body.BodyMeasure;
import org.handdown.body.ChildTable;
import org.handdown.body.Wearer;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.panel.EdgeKind;
import org.handdown.panel.Flaw;
import org.handdown.panel.LegSurvey;
import org.handdown.panel.Panel;
import org.handdown.pattern.Design;
import org.handdown.pattern.DungareesEase;
import org.handdown.pattern.Piece;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.project.TrouserSource;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectView.AimView;
import org.handdown.server.project.ProjectView.AllowanceView;
import org.handdown.server.project.ProjectView.EdgeView;
import org.handdown.server.project.ProjectView.FlawView;
import org.handdown.server.project.ProjectView.JoinView;
import org.handdown.server.project.ProjectView.MeasureView;
import org.handdown.server.project.ProjectView.NamedLength;
import org.handdown.server.project.ProjectView.NotchView;
import org.handdown.server.project.ProjectView.PanelEdgeView;
import org.handdown.server.project.ProjectView.PanelView;
import org.handdown.server.project.ProjectView.PartView;
import org.handdown.server.project.ProjectView.PieceView;
import org.handdown.server.project.ProjectView.PiecesView;
import org.handdown.server.project.ProjectView.RunView;
import org.handdown.server.project.ProjectView.SizeView;
import org.handdown.server.project.ProjectView.SourceView;
import org.handdown.server.project.ProjectView.StationMeasure;
import org.handdown.server.project.ProjectView.StepView;
import org.handdown.server.project.ProjectView.TakeApartView;
import org.handdown.server.project.ProjectView.WalkView;
import org.handdown.source.Anatomy;
import org.handdown.source.FlatView;
import org.handdown.source.Join;
import org.handdown.source.LegShape;
import org.handdown.source.Part;
import org.handdown.source.TrousersAnatomy;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;

/** Makes the view of a project: asks the workroom and puts its answers into words and points. */
public final class ProjectViews {
    /** A child of this height is proposed until somebody says otherwise, mm. */
    private static final double FIRST_HEIGHT_MM = 1100;

    static final DungareesEase FIRST_EASE = new DungareesEase(80, 25, 10, 30);

    private final StoredProject stored;
    private final Project project;
    private final Workroom room;
    private final Say say;

    private ProjectViews(StoredProject stored) {
        this.stored = stored;
        this.project = stored.project();
        this.room = new Workroom(project);
        this.say = Say.to(project);
    }

    public static ProjectView of(StoredProject stored) {
        return new ProjectViews(stored).view();
    }

    /** A lay alone: the best so far of a run. */
    public static ProjectView.LayView lay(Project project, Project.Lay lay) {
        return new LayViews(lay, null, Say.to(project), false).view();
    }

    private ProjectView view() {
        List<StationState> stations = room.stations();
        Project.Lay lay = project.lay();
        boolean stale =
                stations.stream().anyMatch(s -> s.station() == Station.LAY && s.stand() == StationState.Stand.STALE);
        return new ProjectView(
                stored.id().toString(),
                stored.version(),
                project.name(),
                say.unit(),
                stored.undoWhat(),
                stored.redoWhat(),
                stations,
                aim(),
                source(),
                room.plan().map(this::takeApart).orElse(null),
                panels(),
                room.design().map(this::pieces).orElse(null),
                lay == null ? null : new LayViews(lay, room.design().orElse(null), say, stale).view(),
                steps(),
                project.log().stream()
                        .map(n -> new ProjectView.NoteView(n.at().toString(), n.text()))
                        .toList());
    }

    // Aim

    private AimView aim() {
        Aim aim = project.aim();
        DungareesEase ease = aim == null ? FIRST_EASE : aim.ease();
        double height = aim == null ? FIRST_HEIGHT_MM : aim.wearer().mm(BodyMeasure.HEIGHT);
        return new AimView(
                aim != null,
                aim == null ? "" : aim.wearer().name(),
                Arrays.stream(BodyMeasure.values())
                        .map(m -> measure(m, aim, height))
                        .toList(),
                say.length(ease.hipEaseMm()),
                say.length(ease.aboveFloorMm()),
                say.length(ease.seamMm()),
                say.length(ease.hemMm()));
    }

    private MeasureView measure(BodyMeasure measure, @Nullable Aim aim, double height) {
        String proposed = say.length(ChildTable.proposedMm(measure, height));
        if (aim == null) {
            return new MeasureView(
                    measure.name(),
                    measure.words(),
                    measure.landmark(),
                    proposed,
                    ChildTable.proposedMm(measure, height),
                    Wearer.Origin.PROPOSED,
                    proposed);
        }
        Wearer.Taken taken =
                java.util.Objects.requireNonNull(aim.wearer().measures().get(measure));
        String text = taken.origin() == Wearer.Origin.TAPE && !taken.typed().isEmpty()
                ? taken.typed()
                : say.length(taken.length().mm());
        return new MeasureView(
                measure.name(),
                measure.words(),
                measure.landmark(),
                text,
                taken.length().mm(),
                taken.origin(),
                proposed);
    }

    // Source and taking apart

    private @Nullable SourceView source() {
        TrouserSource source = project.source();
        return source == null
                ? null
                : new SourceView(
                        source.name(),
                        source.what(),
                        source.condition(),
                        source.care(),
                        source.cost(),
                        source.cloth(),
                        SourceMeasures.of(source.measures()).stream()
                                .map(m -> new NamedLength(m.id(), m.words(), say.length(m.mm()), m.mm()))
                                .toList(),
                        parts(room.anatomy().orElseThrow()));
    }

    private static List<PartView> parts(Anatomy anatomy) {
        return FlatView.ofTrousers(anatomy).stream()
                .map(v -> part(anatomy.part(v.part()), v))
                .toList();
    }

    private static PartView part(Part part, FlatView view) {
        Outline outline = part.outline();
        return new PartView(
                part.id(),
                part.name(),
                part.isMain(),
                view.side(),
                view.dxMm(),
                view.dyMm(),
                Say.points(outline.flattened().ring().points()),
                outline.edges().stream()
                        .map(e -> new EdgeView(e.name(), Say.points(e.flattened(0.3))))
                        .toList());
    }

    private TakeApartView takeApart(UnpickPlan plan) {
        List<String> free = room.freeLegs();
        List<String> held = TrousersAnatomy.LEGS.stream()
                .filter(leg -> !free.contains(leg))
                .map(leg -> "The %s leg still hangs on by: %s."
                        .formatted(leg.replace('-', ' '), String.join(", ", plan.holding(leg))))
                .toList();
        double lost = plan.outcomes().stream()
                .mapToDouble(UnpickPlan.Outcome::lostCm2)
                .sum();
        return new TakeApartView(
                plan.outcomes().stream().map(this::join).toList(), plan.minutes(), plan.wonCm2(), lost, free, held);
    }

    private JoinView join(UnpickPlan.Outcome o) {
        Join join = o.join();
        String formula = String.format(
                Locale.ROOT,
                "%d row%s × %s × %s min/m%s",
                join.rows(),
                join.rows() == 1 ? "" : "s",
                say.length(join.lengthMm()),
                join.stitch().minutesPerMetre(),
                join.barTacks() == 0 ? "" : " + " + join.barTacks() + " bar tacks × 1 min");
        return new JoinView(
                join.id(),
                join.name(),
                join.stitch().words(),
                join.stitch().number(),
                join.rows(),
                say.length(join.lengthMm()),
                say.length(join.allowanceMm()),
                join.finishedEdge(),
                o.decision(),
                o.minutes(),
                o.wonCm2(),
                o.lostCm2(),
                say.length(o.wonMm()),
                formula,
                join.runs().stream().map(r -> new RunView(r.part(), r.edge())).toList());
    }

    // Panels

    private List<PanelView> panels() {
        Project.MeasuredPanels measured = project.panels();
        List<PanelView> views = new ArrayList<>();
        List<Panel> panels = room.panels();
        for (int i = 0; i < panels.size() && measured != null; i++) {
            views.add(panel(panels.get(i), measured.surveys().get(i)));
        }
        return views;
    }

    private PanelView panel(Panel panel, LegSurvey survey) {
        LegShape shape = survey.shape();
        List<PanelEdgeView> edges = new ArrayList<>();
        panel.outline().runs().forEach((name, run) -> {
            List<Point> points = panel.outline().ring().run(run.from(), run.to());
            edges.add(new PanelEdgeView(
                    name,
                    panel.edgeKinds().getOrDefault(name, EdgeKind.RAW),
                    say.length(Edge.lengthMm(points)),
                    Say.points(points)));
        });
        return new PanelView(
                panel.id(),
                panel.name(),
                TrousersAnatomy.isSideRight(panel.id()),
                Say.points(panel.outline().ring().points()),
                Say.points(panel.stitchLine().flattened().ring().points()),
                edges,
                panel.grainDeg(),
                panel.cloth().oneWay(),
                say.length(panel.keptDepthMm()),
                panel.keptDepthMm(),
                Say.area(panel.outline().ring().areaMm2()),
                say.length(Math.abs(shape.centreLiftMm())),
                List.of(
                        station("hem", "hem", shape.hem()),
                        station("knee", "knee", shape.knee()),
                        station("thigh", "thigh, at the crotch", shape.thigh()),
                        station("seat", "seat", shape.seat()),
                        station("waist", "waist, at the side", shape.waist())),
                panel.flaws().stream().map(f -> flaw(f, say)).toList());
    }

    private StationMeasure station(String id, String words, LegShape.Station s) {
        return new StationMeasure(
                id,
                words,
                say.length(s.heightMm()),
                s.heightMm(),
                say.length(s.widthMm()),
                s.widthMm(),
                say.length(s.toSideMm()),
                s.toSideMm());
    }

    static FlawView flaw(Flaw flaw, Say say) {
        return new FlawView(
                flaw.treatment(),
                flaw.what(),
                say.length(flaw.centre().x()),
                say.length(flaw.centre().y()),
                say.length(flaw.widthMm()),
                say.length(flaw.heightMm()),
                Say.points(flaw.outline().points()));
    }

    // Pieces

    private PiecesView pieces(Design design) {
        return new PiecesView(
                design.pieces().stream().map(this::piece).toList(),
                design.walks().stream()
                        .map(w -> new WalkView(
                                w.seam().name(),
                                say.length(w.oneMm()),
                                say.length(w.otherMm()),
                                say.difference(w.differenceMm()),
                                w.agrees()))
                        .toList(),
                design.sizes().stream()
                        .map(s -> new SizeView(
                                s.what(),
                                say.length(s.finishedMm()),
                                say.length(s.bodyMm()),
                                s.formula() + " mm",
                                s.fits()))
                        .toList());
    }

    private PieceView piece(Piece piece) {
        var cut = piece.cutLine().ring();
        return new PieceView(
                piece.id(),
                piece.name(),
                piece.quantity(),
                piece.pair(),
                switch (piece.grain()) {
                    case LENGTHWISE -> "lengthwise, pile up";
                    case EITHER -> "lengthwise or crosswise";
                },
                piece.required(),
                Say.points(cut.points()),
                Say.points(piece.stitchLine().flattened().ring().points()),
                piece.notches().stream()
                        .map(n -> new NotchView(n.label(), n.at().x(), n.at().y()))
                        .toList(),
                piece.stitchLine().edges().stream()
                        .map(e -> allowance(piece, e))
                        .toList(),
                piece.covered().stream().map(r -> Say.points(r.points())).toList(),
                say.size(cut.box().widthMm(), cut.box().heightMm()));
    }

    private AllowanceView allowance(Piece piece, Edge edge) {
        var allowance = piece.allowance(edge.name());
        List<Point> points = edge.flattened(1);
        Point a = points.get((points.size() - 1) / 2);
        Point b = points.get(points.size() / 2);
        Point middle = a.toward(b.equals(a) ? points.get(points.size() - 1) : b, 0.5);
        return new AllowanceView(edge.name(), say.length(allowance.mm()), allowance.why(), middle.x(), middle.y());
    }

    // Make

    private List<StepView> steps() {
        return room.steps().stream()
                .map(s -> {
                    Project.Done done = project.done().get(s.id());
                    return new StepView(s, done != null, done == null ? null : done.minutes());
                })
                .toList();
    }
}
