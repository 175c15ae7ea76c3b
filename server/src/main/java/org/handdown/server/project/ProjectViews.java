package org.handdown.server.project;

import java.util.Arrays;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.ChildTable;
import org.handdown.body.Wearer;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.Origin;
import org.handdown.pattern.Design;
import org.handdown.pattern.DungareesEase;
import org.handdown.pattern.Piece;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectView.AimView;
import org.handdown.server.project.ProjectView.AllowanceView;
import org.handdown.server.project.ProjectView.MeasureView;
import org.handdown.server.project.ProjectView.NotchView;
import org.handdown.server.project.ProjectView.PieceView;
import org.handdown.server.project.ProjectView.PiecesView;
import org.handdown.server.project.ProjectView.SizeView;
import org.handdown.server.project.ProjectView.StepView;
import org.handdown.server.project.ProjectView.WalkView;
import org.handdown.source.Layer;
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
        this.room = stored.room();
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
        WorkingViews workings = new WorkingViews(project, room, say);
        SourceViews sources = new SourceViews(project, room, say);
        PanelViews panels = new PanelViews(project, room, say);
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
                sources.source(),
                sources.takeApart(),
                panels.all(),
                panels.usableShare(),
                room.design().map(this::pieces).orElse(null),
                room.letOut()
                        .map(l -> new LetOutViews(project, room, l, say).view())
                        .orElse(null),
                room.takeIn().map(workings::takeIn).orElse(null),
                workings.workings(),
                new KeepViews(room, project.source(), say).view(),
                room.enough()
                        .map(e -> new ProjectView.EnoughView(
                                e.verdict(),
                                e.sentences().stream().map(say::sentence).toList()))
                        .orElse(null),
                lay == null ? null : new LayViews(lay, room.design().orElse(null), say, stale).view(),
                room.sureness()
                        .map(s -> new ProjectView.SurenessView(
                                s.verdict(),
                                say.length(s.toleranceMm()),
                                s.sentences().stream().map(say::sentence).toList()))
                        .orElse(null),
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
                room.garment(),
                room.garment().isCutOut(),
                aim == null ? "dungarees" : aim.what(),
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
                    Origin.PROPOSED,
                    proposed);
        }
        Wearer.Taken taken =
                java.util.Objects.requireNonNull(aim.wearer().measures().get(measure));
        String text = taken.origin() == Origin.TAPE && !taken.typed().isEmpty()
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
                say.size(cut.box().widthMm(), cut.box().heightMm()),
                project.pieces() instanceof Project.ByHand,
                piece.wishes().entrySet().stream()
                        .map(w -> new ProjectView.WishView(
                                w.getKey(),
                                w.getValue().role(),
                                w.getValue().role().words(),
                                say.length(w.getValue().lapMm()),
                                Say.points(piece.stitchLine().edge(w.getKey()).flattened(0.3))))
                        .sorted(java.util.Comparator.comparing(ProjectView.WishView::edge))
                        .toList(),
                piece.stitchLine().edges().stream().map(e -> corner(e, piece)).toList(),
                piece.layer() == Layer.LINING);
    }

    private static ProjectView.CornerView corner(Edge edge, Piece piece) {
        String mark = piece.notches().stream()
                .filter(n -> n.at().distanceMm(edge.at(0.5)) < 0.5)
                .findFirst()
                .map(Piece.Notch::label)
                .orElse("");
        double bow = edge.bowMm();
        return new ProjectView.CornerView(
                Say.exact(edge.start().x()),
                Say.exact(edge.start().y()),
                edge.name(),
                Math.abs(bow) < 0.005 ? "" : Say.exact(bow),
                mark);
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
