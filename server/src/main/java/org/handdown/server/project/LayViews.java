package org.handdown.server.project;

import java.util.List;
import java.util.Map;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Placed;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.lay.DesignLay;
import org.handdown.lay.Leftover;
import org.handdown.panel.Flaw;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Role;
import org.handdown.project.Kept;
import org.handdown.project.Project;
import org.handdown.reuse.Savings;
import org.handdown.server.project.ProjectView.FlawView;
import org.handdown.server.project.ProjectView.KeptRun;
import org.handdown.server.project.ProjectView.LayFigures;
import org.handdown.server.project.ProjectView.LayPanelView;
import org.handdown.server.project.ProjectView.LayView;
import org.handdown.server.project.ProjectView.PanelEdgeView;
import org.handdown.server.project.ProjectView.PlacedView;
import org.handdown.server.project.ProjectView.RemnantView;
import org.handdown.server.project.ProjectView.UnplacedView;
import org.jspecify.annotations.Nullable;

/** Makes the view of a lay from the problem it was made for, so that it can be looked at even when it is stale. */
final class LayViews {
    /** Strips of a remnant are told at this width: a double-fold binding 10 mm wide. */
    private static final double STRIP_MM = 40;

    private final Project.Lay lay;
    private final @Nullable Design design;
    private final Map<String, String> panels;
    private final Say say;
    private final boolean stale;
    private final Kept kept;

    /** @param panels names of panels by their ids, as people gave them */
    LayViews(Project.Lay lay, @Nullable Design design, Map<String, String> panels, Say say, boolean stale, Kept kept) {
        this.lay = lay;
        this.panels = panels;
        this.design = design;
        this.say = say;
        this.stale = stale;
        this.kept = kept;
    }

    LayView view() {
        FitLayout layout = lay.layout();
        double used = layout.measures().placedAreaM2() * 1e6;
        double cloth = layout.measures().panelAreaM2() * 1e6;
        List<PlacedView> placed = layout.placements().stream().map(this::placed).toList();
        double saved =
                layout.placements().stream().mapToDouble(this::minutesSaved).sum();
        return new LayView(
                lay.problem().panels().stream().map(this::panel).toList(),
                placed,
                layout.unplaced().stream().map(this::unplaced).toList(),
                kept.of(
                        Kept.Result.LEFTOVERS,
                        List.of(lay.problem(), layout, say.unit()),
                        () -> Leftover.of(lay.problem(), layout).stream()
                                .map(this::remnant)
                                .toList()),
                Say.area(used),
                Say.area(cloth),
                Say.area(cloth - used),
                layout.measures().utilisation(),
                (int) placed.stream().filter(p -> p.kept() != null).count(),
                saved,
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
                        .filter(w -> DesignLay.keeping(w.getKey(), w.getValue()).equals(p.variant()))
                        .map(w -> w.getValue().role())
                        .findFirst()
                        .orElse(Role.HEM);
        return Savings.minutes(role, length, 0);
    }

    private String pieceName(String id) {
        return design == null ? words(id) : design.find(id).map(Piece::name).orElse(words(id));
    }

    private static String words(String id) {
        return id.replace('-', ' ');
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
                panel.oneWay());
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
                ProjectView.ExtentKind.AROUND,
                x,
                y,
                x,
                y,
                say.length(box.widthMm()),
                say.length(box.heightMm()),
                Say.points(zone.outline().points()),
                Say.points(zone.outline().points()));
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
                .map(line -> Say.points(p.at().toPanel(line.flattened().ring()).points()))
                .orElse(List.of());
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
                left.zones().stream().map(FlawZone::named).distinct().toList(),
                straight == 0 ? "" : say.inward(straight),
                bias == 0 ? "" : say.inward(bias));
    }

    /** What is told of this lay beside others. */
    LayFigures figures(String name, String at, Project.@Nullable Pieces pieces) {
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
                pieces instanceof Project.Pattern pattern ? pattern.seamsAdded() : 0);
    }
}
