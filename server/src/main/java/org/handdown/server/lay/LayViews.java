package org.handdown.server.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Placed;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.lay.Leftover;
import org.handdown.lay.Marked;
import org.handdown.lay.ThickPlace;
import org.handdown.lay.VariantId;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Role;
import org.handdown.project.Kept;
import org.handdown.project.Lay;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.project.Workroom;
import org.handdown.reuse.Savings;
import org.handdown.server.lay.LayView.EnoughView;
import org.handdown.server.lay.LayView.KeptRun;
import org.handdown.server.lay.LayView.LayPanelView;
import org.handdown.server.lay.LayView.PlacedView;
import org.handdown.server.lay.LayView.RemnantView;
import org.handdown.server.lay.LayView.SurenessView;
import org.handdown.server.lay.LayView.UnplacedView;
import org.handdown.server.panels.PanelView;
import org.handdown.server.panels.PanelView.FlawView;
import org.handdown.server.panels.PanelView.PanelEdgeView;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.jspecify.annotations.Nullable;

/** Makes the view of a lay from the problem it was made for, so that it can be looked at even when it is stale. */
public final class LayViews {
    /** Strips of a remnant are told at this width: a double-fold binding 10 mm wide. */
    private static final double STRIP_MM = 40;

    private final Lay lay;
    private final @Nullable Design design;
    private final Map<String, String> panels;
    private final Say say;
    private final boolean stale;
    private final Kept kept;
    private final Workroom room;

    private LayViews(Shown shown, Lay lay, boolean stale) {
        this.lay = lay;
        this.panels = shown.room().panelNames();
        this.design = shown.room().design().orElse(null);
        this.say = shown.say();
        this.stale = stale;
        this.kept = shown.room().kept();
        this.room = shown.room();
    }

    /** A lay by itself: the best so far of a run, or one that is kept. */
    public static LayView alone(Shown shown, Lay lay) {
        return new LayViews(shown, lay, false).view();
    }

    /** The lay at work; nothing before the first. */
    public static Optional<LayView> atWork(Shown shown, List<StationState> stations) {
        boolean stale =
                stations.stream().anyMatch(s -> s.station() == Station.LAY && s.stand() == StationState.Stand.STALE);
        return Optional.ofNullable(shown.project().lay()).map(lay -> new LayViews(shown, lay, stale).view());
    }

    /** Figures of all lays, the one at work first, then the kept ones. */
    public static List<LayFigures> figures(Shown shown) {
        Project project = shown.project();
        List<LayFigures> lays = new ArrayList<>();
        Lay lay = project.lay();
        if (lay != null) {
            lays.add(new LayViews(shown, lay, false).figures("", "", project.pieces()));
        }
        project.kept()
                .forEach(k ->
                        lays.add(new LayViews(shown, k.lay(), false).figures(k.name(), k.at().toString(), k.pieces())));
        return lays;
    }

    public static Optional<EnoughView> enough(Shown shown) {
        return shown.room()
                .enough()
                .map(e -> new EnoughView(
                        e.verdict(),
                        e.sentences().stream().map(shown.say()::sentence).toList()));
    }

    public static Optional<SurenessView> sureness(Shown shown) {
        Say say = shown.say();
        return shown.room()
                .sureness()
                .map(s -> new SurenessView(
                        s.verdict(),
                        say.length(s.toleranceMm()),
                        s.sentences().stream().map(say::sentence).toList()));
    }

    private LayView view() {
        FitLayout layout = lay.layout();
        double used = layout.measures().placedAreaM2() * 1e6;
        double cloth = layout.measures().panelAreaM2() * 1e6;
        List<PlacedView> placed = layout.placements().stream().map(this::placed).toList();
        double saved =
                layout.placements().stream().mapToDouble(this::minutesSaved).sum();
        List<Marked> marked = room.marked();
        return new LayView(
                lay.problem().panels().stream().map(this::panel).toList(),
                placed,
                layout.unplaced().stream().map(this::unplaced).toList(),
                kept.of(
                        Kept.Result.LEFTOVERS,
                        List.of(lay.problem(), layout, marked, say.unit()),
                        () -> Leftover.of(lay.problem(), layout, marked).stream()
                                .map(this::remnant)
                                .toList()),
                Say.area(used),
                Say.area(cloth),
                Say.area(cloth - used),
                layout.measures().utilisation(),
                (int) placed.stream().filter(p -> p.kept() != null).count(),
                saved,
                thick(),
                lay.movedByHand(),
                stale);
    }

    /** What the finished edge saves that a piece lies on; a hem's rate where the piece is not known any more. */
    private double minutesSaved(Placed p) {
        FitPiece.Variant variant = lay.problem().piece(p.piece()).variant(p.variant());
        FitPiece.Anchor anchor = variant.anchor();
        if (anchor == null) {
            return 0;
        }
        double length = Edge.lengthMm(variant.outline().run(anchor.from(), anchor.to()));
        Role role = design == null
                ? Role.HEM
                : design.pieces().stream()
                        .filter(d -> d.id().equals(p.piece()))
                        .flatMap(d -> d.wishes().entrySet().stream())
                        .filter(w -> VariantId.keeping(w.getKey(), w.getValue())
                                .text()
                                .equals(p.variant()))
                        .map(w -> w.getValue().role())
                        .findFirst()
                        .orElse(Role.HEM);
        return Savings.minutes(role, length, 0);
    }

    private String pieceName(String id) {
        return design == null ? words(id) : design.find(id).map(Piece::name).orElse(words(id));
    }

    private static String words(String id) {
        return Wording.spoken(id);
    }

    private LayPanelView panel(FitPanel panel) {
        List<PanelEdgeView> edges = panel.edges().stream()
                .map(e -> {
                    List<Point> points = panel.outline().run(e.from(), e.to());
                    return new PanelEdgeView(e.id(), e.kind(), say.length(Edge.lengthMm(points)), Say.points(points));
                })
                .toList();
        return new LayPanelView(
                panel.id(),
                panels.getOrDefault(panel.id(), words(panel.id())),
                Say.points(panel.outline().points()),
                edges,
                panel.zones().stream().map(this::zone).toList(),
                panel.grainDeg(),
                panel.oneWay(),
                room.cloth(panel.cloth())
                        .map(c -> new LayView.LookView(c.name(), c.weave(), c.colour()))
                        .orElse(null));
    }

    private FlawView zone(FlawZone zone) {
        var box = zone.outline().box();
        Flaw.Treatment treatment = zone.kind() == FlawZone.Kind.AVOID ? Flaw.Treatment.AVOID : Flaw.Treatment.HIDE;
        String x = say.length((box.minX() + box.maxX()) / 2);
        String y = say.length((box.minY() + box.maxY()) / 2);
        return new FlawView(
                treatment,
                Flaw.Kind.OTHER,
                zone.what(),
                PanelView.ExtentKind.AROUND,
                x,
                y,
                x,
                y,
                say.length(box.widthMm()),
                say.length(box.heightMm()),
                Say.points(zone.outline().points()),
                Say.points(zone.outline().points()),
                Flaw.Kind.OTHER.layers());
    }

    private PlacedView placed(Placed p) {
        FitPiece.Variant variant = lay.problem().piece(p.piece()).variant(p.variant());
        FitPiece.Anchor anchor = variant.anchor();
        Placement at = p.at();
        return new PlacedView(
                p.piece(),
                pieceName(p.piece()),
                p.copy(),
                p.variant(),
                p.panel(),
                at.x(),
                at.y(),
                at.rotation(),
                at.mirrored(),
                lay.pinned().contains(p.name()),
                lay.problem().piece(p.piece()).variants().stream()
                        .map(FitPiece.Variant::id)
                        .toList(),
                Say.points(at.toPanel(variant.outline()).points()),
                stitchLine(p),
                anchor == null
                        ? null
                        : new KeptRun(Say.points(variant.outline().run(anchor.from(), anchor.to()).stream()
                                .map(at::toPanel)
                                .toList())));
    }

    /** Drawn only while the lay is of these very pieces; a stale lay shows its cut lines alone. */
    private List<double[]> stitchLine(Placed p) {
        if (design == null || stale) {
            return List.of();
        }
        return design.pieces().stream()
                .filter(d -> d.id().equals(p.piece()))
                .findFirst()
                .map(Piece::stitchLine)
                .map(line -> Say.points(p.at().toPanel(line.ring()).points()))
                .orElse(List.of());
    }

    /** Like stitch lines known only while the lay is of these very pieces. */
    private List<String> thick() {
        return design == null || stale
                ? List.of()
                : ThickPlace.of(lay.layout(), design, room.marked()).stream()
                        .map(t -> say.sentence(t.sentence()))
                        .distinct()
                        .toList();
    }

    private UnplacedView unplaced(FitLayout.Unplaced u) {
        FitPiece piece = lay.problem().piece(u.piece());
        FitPiece.Variant first = piece.variants().get(0);
        return new UnplacedView(
                u.piece(),
                pieceName(u.piece()),
                u.copy(),
                say.sentence(u.reason()),
                first.id(),
                Say.points(first.outline().points()));
    }

    private RemnantView remnant(Leftover left) {
        var r = left.remnant().largestRectangle();
        String size = r == null ? "" : say.size(r.widthMm(), r.heightMm());
        double straight = left.straightMm(STRIP_MM);
        double bias = left.biasMm(STRIP_MM);
        return new RemnantView(
                left.remnant().panel(),
                Say.points(left.outline().points()),
                size,
                left.edges().stream()
                        .map(e -> e.kind().word() + " " + say.inward(e.lengthMm()))
                        .toList(),
                left.named(),
                straight == 0 ? "" : say.inward(straight),
                bias == 0 ? "" : say.inward(bias));
    }

    /** What is told of this lay beside others. */
    private LayFigures figures(String name, String at, Project.@Nullable Pieces pieces) {
        FitLayout layout = lay.layout();
        double used = layout.measures().placedAreaM2() * 1e6;
        double cloth = layout.measures().panelAreaM2() * 1e6;
        var largest = layout.remnants().stream()
                .map(FitLayout.Remnant::largestRectangle)
                .filter(java.util.Objects::nonNull)
                .findFirst()
                .orElse(null);
        long touched =
                layout.placements().stream().map(Placed::panel).distinct().count();
        int kept = (int) layout.placements().stream()
                .filter(p -> lay.problem().piece(p.piece()).variant(p.variant()).anchor() != null)
                .count();
        return new LayFigures(
                name,
                at,
                layout.placements().size(),
                layout.placements().size() + layout.unplaced().size(),
                Say.area(used),
                Say.area(cloth - used),
                largest == null ? "" : say.size(largest.widthMm(), largest.heightMm()),
                (int) (lay.problem().panels().size() - touched),
                kept,
                layout.placements().stream().mapToDouble(this::minutesSaved).sum(),
                pieces instanceof PatternPieces pattern ? pattern.seamsAdded() : 0);
    }
}
