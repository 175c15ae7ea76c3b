package org.handdown.server.panels;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.fit.EdgeKind;
import org.handdown.geometry.Edge;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.panel.Panel;
import org.handdown.panel.Usable;
import org.handdown.panel.survey.LegSurvey;
import org.handdown.panel.survey.Survey;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.project.Kept;
import org.handdown.project.MeasuredPanels;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.panels.PanelView.FigureView;
import org.handdown.server.panels.PanelView.HangsView;
import org.handdown.server.panels.PanelView.MotifPlaceView;
import org.handdown.server.panels.PanelView.PanelEdgeView;
import org.handdown.server.panels.PanelView.StationMeasure;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.handdown.source.Source;
import org.handdown.source.anatomy.TrouserLegs;
import org.handdown.source.anatomy.TrouserMeasures;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartId;
import org.handdown.source.shape.LegShape;
import org.handdown.unpick.UnpickPlan;

/** Panels and what they carry, as the page wants them. */
public final class PanelViews {
    private final Project project;
    private final Workroom room;
    private final Say say;
    // Looked at twice, and dear: the largest rectangle and the longest strips of each.
    private final List<Panel> panels;
    private final List<Usable> usable;

    private PanelViews(Shown shown) {
        this.project = shown.project();
        this.room = shown.room();
        this.say = shown.say();
        this.panels = room.panels();
        this.usable = panels.stream()
                .map(p -> room.kept().of(Kept.Result.USABLE, List.of(p), () -> TapeViews.of(p)))
                .toList();
    }

    /** All panels there are. */
    public static List<PanelView> all(Shown shown) {
        Project project = shown.project();
        return shown.kept(
                Kept.Result.VIEW_PANELS,
                Arrays.asList(project.source(), project.opening(), project.practice(), project.panels()),
                told -> new PanelViews(told).all());
    }

    private List<PanelView> all() {
        MeasuredPanels measured = project.panels();
        List<PanelView> views = new ArrayList<>();
        double source = sourceMm2();
        for (int i = 0; i < panels.size() && measured != null; i++) {
            views.add(panel(panels.get(i), usable.get(i), measured.surveys().get(i), source));
        }
        return views;
    }

    /** All cloth of the source's main parts, shell and lining, with what lies hidden in their seams and hems, mm². */
    private double sourceMm2() {
        Source source = project.source();
        return source == null
                ? 0
                : room.kept()
                        .of(Kept.Result.SOURCE_CLOTH, List.of(source.construction()), () -> sourceMm2(room.anatomy()));
    }

    private static double sourceMm2(Optional<Anatomy> anatomy) {
        return anatomy.map(a -> {
                    UnpickPlan all = UnpickPlan.ofAll(a);
                    return a.parts().stream()
                            .filter(Part::isMain)
                            .mapToDouble(p -> OffsetOutline.of(
                                            p.outline(), e -> all.edges(p).wonMm(e.name()))
                                    .ring()
                                    .areaMm2())
                            .sum();
                })
                .orElse(0.0);
    }

    /** What share of the source the panels' usable cloth is, in a sentence; empty before there are any. */
    public static String usableShare(Shown shown) {
        return new PanelViews(shown).usableShare();
    }

    private String usableShare() {
        double source = sourceMm2();
        if (panels.isEmpty() || source == 0) {
            return "";
        }
        double free = usable.stream().mapToDouble(Usable::areaMm2).sum();
        return Wording.fill(
                "%s usable: %.0f %% of the source’s %s.",
                Say.area(free), Math.min(999, 100 * free / source), Say.area(source));
    }

    private PanelView panel(Panel panel, Usable good, Survey survey, double source) {
        List<PanelEdgeView> edges = new ArrayList<>();
        panel.outline().runs().forEach((name, run) -> {
            List<Point> points = panel.outline().ring().run(run.from(), run.to());
            edges.add(new PanelEdgeView(name, panel.kind(name), say.length(Edge.lengthMm(points)), Say.points(points)));
        });
        TapeViews tape = new TapeViews(say, project.practice());
        CarriedViews own = new CarriedViews(say);
        List<FigureView> figures = new ArrayList<>(tape.usable(good));
        if (source > 0) {
            figures.add(new FigureView("share of the source", Wording.fill("%.0f %%", 100 * good.areaMm2() / source)));
        }
        return new PanelView(
                panel.id(),
                panel.name(),
                survey instanceof LegSurvey,
                TrouserLegs.isSideRight(panel.id()),
                Say.points(panel.outline().ring().points()),
                Say.points(panel.stitchLine().ring().points()),
                edges,
                panel.grainDeg(),
                panel.cloth().oneWay(),
                say.length(panel.keptDepthMm()),
                panel.keptDepthMm(),
                Say.area(panel.outline().ring().areaMm2()),
                survey instanceof LegSurvey leg
                        ? say.length(Math.abs(leg.shape().centreLiftMm()))
                        : "",
                survey instanceof LegSurvey leg ? stations(leg) : List.of(),
                own.flaws(panel, survey),
                survey instanceof TapedSurvey taped ? tape.view(taped, panel) : null,
                figures,
                own.carried(survey.carried()),
                CarriedViews.stripes(panel),
                panel.motifs().stream()
                        .map(m -> new MotifPlaceView(
                                m.name(), m.centre().x(), m.centre().y()))
                        .toList(),
                own.likely(panel, survey, project.source()),
                hangs(panel));
    }

    /** Seams left closed to another panel that lies flat too. */
    private List<HangsView> hangs(Panel panel) {
        Map<String, String> names = room.panelNames();
        List<HangsView> hangs = new ArrayList<>();
        room.plan().ifPresent(plan -> {
            for (Join join : plan.anatomy().joinsOf(panel.id())) {
                if (plan.isOpen(join) || join.finishedEdge() || join.runs().size() != 2) {
                    continue;
                }
                boolean first = join.runs().get(0).part().equals(panel.id());
                Join.Run own = join.runs().get(first ? 0 : 1);
                Join.Run far = join.runs().get(first ? 1 : 0);
                String other = names.get(far.part());
                if (other != null && !far.part().equals(panel.id()) && panel.kind(own.edge()) == EdgeKind.SEAM) {
                    hangs.add(new HangsView(own.edge(), far.part(), other, far.edge(), join.name()));
                }
            }
        });
        return hangs;
    }

    private List<StationMeasure> stations(LegSurvey leg) {
        LegShape shape = leg.shape();
        LegShape drawn = drawn(leg);
        return List.of(
                station("hem", "hem", shape.hem(), drawn.hem()),
                station("knee", "knee", shape.knee(), drawn.knee()),
                station("thigh", "thigh, at the crotch", shape.thigh(), drawn.thigh()),
                station("seat", "seat", shape.seat(), drawn.seat()),
                station("waist", "waist, at the side", shape.waist(), drawn.waist()));
    }

    /** As the source's own measures draw it; the leg itself where it is no pair of trousers any more. */
    private LegShape drawn(LegSurvey leg) {
        Source source = project.source();
        return source != null && TrouserLegs.isLeg(source.kind(), leg.id())
                ? TrouserLegs.leg(TrouserMeasures.of(source.measures()), new PartId(leg.id()).isOf("front"))
                : leg.shape();
    }

    private StationMeasure station(String id, String words, LegShape.Station s, LegShape.Station drawn) {
        return new StationMeasure(
                id,
                words,
                width(s.heightMm(), drawn.heightMm()),
                s.heightMm(),
                width(s.widthMm(), drawn.widthMm()),
                s.widthMm(),
                width(s.toSideMm(), drawn.toSideMm()),
                s.toSideMm());
    }

    /** What nobody taped on the panel is no more exact than a tape tells. */
    private String width(double mm, double drawnMm) {
        return mm == drawnMm ? say.length(mm) : say.field(mm);
    }
}
