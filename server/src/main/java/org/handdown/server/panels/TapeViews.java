package org.handdown.server.panels;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.handdown.fit.EdgeKind;
import org.handdown.formats.project.OutlineJson;
import org.handdown.geometry.Point;
import org.handdown.measure.Practice;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.panel.Usable;
import org.handdown.panel.survey.Baseline;
import org.handdown.panel.survey.ClothRepeat;
import org.handdown.panel.survey.Doubled;
import org.handdown.panel.survey.DrawnOutline;
import org.handdown.panel.survey.FourSides;
import org.handdown.panel.survey.OutlineMethod;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.ShapeByMeasures;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.panel.survey.TwoPins;
import org.handdown.panel.survey.WalkedPoints;
import org.handdown.server.panels.PanelView.DoublingView;
import org.handdown.server.panels.PanelView.DrawingView;
import org.handdown.server.panels.PanelView.FigureView;
import org.handdown.server.panels.PanelView.TapeCheckView;
import org.handdown.server.panels.PanelView.TapePointView;
import org.handdown.server.panels.PanelView.TapedView;
import org.handdown.server.project.Say;
import org.handdown.source.graph.EdgeFinish;

/** Taped panels and what panels are good for, as the page wants them. */
final class TapeViews {
    /** Width of the strips that are looked for, until somebody asks for another (a double-fold binding's). */
    static final double STRIP_MM = 40;

    private final Say say;
    private final Practice practice;

    TapeViews(Say say, Practice practice) {
        this.say = say;
        this.practice = practice;
    }

    TapedView view(TapedSurvey survey, Panel panel) {
        List<TapePointView> points = new ArrayList<>();
        List<TapeCheckView> checks = new ArrayList<>();
        Map<String, String> sides = new LinkedHashMap<>();
        String apart = "";
        TapeRequests.Way way = TapeRequests.Way.SIDES;
        Map<String, String> measures = new LinkedHashMap<>();
        ReadyShape shape = null;
        DrawingView drawn = null;
        Doubled doubled = survey.method() instanceof Doubled d ? d : null;
        OutlineMethod method = doubled == null ? survey.method() : doubled.measured();
        if (method instanceof Baseline line) {
            way = TapeRequests.Way.BASELINE;
            line.points()
                    .forEach(p -> points.add(
                            point(survey, exact(p.alongMm()), exact(p.rightMm()), null, p.corner(), p.edge())));
        } else if (method instanceof TwoPins pins) {
            way = TapeRequests.Way.PINS;
            apart = say.field(pins.apartMm());
            pins.points().forEach(p -> points.add(point(survey, "", "", p, p.corner(), p.edge())));
            pins.checks().forEach(c -> checks.add(new TapeCheckView(c.from() + 1, c.to() + 1, exact(c.mm()))));
        } else if (method instanceof FourSides four) {
            sides.put("lower", exact(four.lowerMm()));
            sides.put("right", exact(four.rightMm()));
            sides.put("upper", exact(four.upperMm()));
            sides.put("left", exact(four.leftMm()));
            sides.put("rising", exact(four.risingMm()));
            sides.put("falling", four.fallingMm() == 0 ? "" : exact(four.fallingMm()));
            four.outline().edges().forEach(e -> points.add(point(survey, "", "", null, true, e.name())));
        } else if (method instanceof ShapeByMeasures byMeasures) {
            way = TapeRequests.Way.SHAPE;
            shape = byMeasures.shape();
            for (ReadyShape.Measure m : byMeasures.shape().measures()) {
                Double value = byMeasures.measures().get(m.id());
                boolean isCount = m.kind() == ReadyShape.Kind.COUNT;
                measures.put(m.id(), value == null ? "" : isCount ? Wording.fill("%.0f", value) : exact(value));
            }
            byMeasures.outline().edges().forEach(e -> points.add(point(survey, "", "", null, true, e.name())));
        } else if (method instanceof DrawnOutline d) {
            boolean isPhoto = d.means() == DrawnOutline.Means.PHOTO;
            way = isPhoto ? TapeRequests.Way.PHOTO : TapeRequests.Way.FILE;
            DrawnOutline.Proof proof = d.proof();
            drawn = new DrawingView(
                    d.from(),
                    isPhoto ? exact(d.ownToleranceMm()) : "",
                    OutlineJson.write(d.outline()),
                    proof == null ? "" : exact(proof.tapedMm()));
            if (isPhoto) {
                WalkedPoints.of(d.outline())
                        .forEach(p -> points.add(
                                point(survey, exact(p.at().y()), exact(p.at().x()), null, p.corner(), p.edge())));
            } else {
                d.outline().edges().forEach(e -> points.add(point(survey, "", "", null, true, e.name())));
            }
        }
        return new TapedView(
                way,
                points,
                apart,
                checks,
                sides,
                shape,
                measures,
                drawn,
                say.length(survey.toleranceMm(practice).orElse(0.0)),
                findings(survey),
                doubled == null ? null : fold(doubled, panel));
    }

    /** The crease lies where the panel has it now, pressed and right side up. */
    private static DoublingView fold(Doubled doubled, Panel panel) {
        List<Point> crease = !doubled.opened() || !(Doubled.creaseOf(panel).extent() instanceof Flaw.Strip strip)
                ? List.of()
                : List.of(strip.from(), strip.to());
        return new DoublingView(doubled.fold(), doubled.opened(), doubled.crease(), Say.points(crease));
    }

    private List<String> findings(TapedSurvey survey) {
        List<String> findings = new ArrayList<>(
                survey.method().findings().stream().map(say::sentence).toList());
        survey.carried().repeats().stream()
                .filter(ClothRepeat::isPlaceless)
                .forEach(r -> findings.add(Wording.fill(
                        "The edge that “%s” was measured from is gone: measure its first line again, at Carries.",
                        r.name())));
        return findings;
    }

    /** In the household's unit where that loses nothing, else in millimetres. */
    private String exact(double mm) {
        return mm < 0 ? "−" + say.field(-mm) : say.field(mm);
    }

    private TapePointView point(
            TapedSurvey survey,
            String along,
            String right,
            TwoPins.@org.jspecify.annotations.Nullable Sighting s,
            boolean corner,
            String edge) {
        EdgeFinish finish = survey.finishes().get(edge);
        return new TapePointView(
                along,
                right,
                s == null ? "" : exact(s.fromFirstMm()),
                s == null ? "" : exact(s.fromSecondMm()),
                s == null ? TwoPins.Where.RIGHT : s.where(),
                s == null || s.toNextMm() == 0 ? "" : exact(s.toNextMm()),
                !corner,
                edge,
                finish == null ? EdgeKind.RAW : finish.kind(),
                finish == null ? "" : exact(finish.depthMm()));
    }

    /** Panels that were looked at lately: what lies in one is worked out once, not at each look. */
    private static final Map<Panel, Usable> KNOWN = new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Panel, Usable> eldest) {
            return size() > 400;
        }
    };

    static Usable of(Panel panel) {
        synchronized (KNOWN) {
            Usable known = KNOWN.get(panel);
            if (known != null) {
                return known;
            }
        }
        Usable found = Usable.of(panel, STRIP_MM);
        synchronized (KNOWN) {
            KNOWN.put(panel, found);
        }
        return found;
    }

    List<FigureView> usable(Usable usable) {
        return usable(usable, STRIP_MM);
    }

    /** @param widthMm of the strips that were looked for */
    List<FigureView> usable(Usable usable, double widthMm) {
        return List.of(
                new FigureView("free of flaws", Say.area(usable.areaMm2())),
                new FigureView("across × along the grain", say.size(usable.acrossMm(), usable.alongMm())),
                new FigureView(
                        "largest rectangle on grain",
                        say.size(
                                usable.rectangle().widthMm(), usable.rectangle().heightMm())),
                new FigureView(
                        Wording.fill("longest strip %s wide", say.length(widthMm)), say.length(usable.stripMm())),
                new FigureView(
                        Wording.fill("longest bias strip %s wide", say.length(widthMm)), say.length(usable.biasMm())));
    }
}
