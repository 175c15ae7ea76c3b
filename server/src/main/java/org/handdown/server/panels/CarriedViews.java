package org.handdown.server.panels;

import java.util.ArrayList;
import java.util.List;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.panel.Flaw;
import org.handdown.panel.LikelyFlaws;
import org.handdown.panel.Panel;
import org.handdown.panel.survey.Carried;
import org.handdown.panel.survey.Grain;
import org.handdown.panel.survey.Survey;
import org.handdown.server.panels.PanelView.CarriedView;
import org.handdown.server.panels.PanelView.ExtentKind;
import org.handdown.server.panels.PanelView.FlawView;
import org.handdown.server.panels.PanelView.GrainBy;
import org.handdown.server.panels.PanelView.MotifView;
import org.handdown.server.panels.PanelView.PressingView;
import org.handdown.server.panels.PanelView.RepeatView;
import org.handdown.server.panels.PanelView.StripeView;
import org.handdown.server.project.Say;
import org.handdown.source.Source;
import org.jspecify.annotations.Nullable;

/** What a panel carries, as the page wants it. */
final class CarriedViews {
    private final Say say;

    CarriedViews(Say say) {
        this.say = say;
    }

    List<FlawView> likely(Panel panel, Survey survey, @Nullable Source source) {
        return source == null || survey.layer() != Layer.SHELL
                ? List.of()
                : LikelyFlaws.of(source.kind(), panel).stream()
                        .map(f -> flaw(f, f, say))
                        .toList();
    }

    /** As they were told, each drawn where it lies now. */
    List<FlawView> flaws(Panel panel, Survey survey) {
        List<FlawView> views = new ArrayList<>();
        for (int i = 0; i < survey.flaws().size(); i++) {
            views.add(flaw(survey.flaws().get(i), panel.flaws().get(i), say));
        }
        return views;
    }

    private static FlawView flaw(Flaw flaw, Flaw shown, Say say) {
        ExtentKind kind = ExtentKind.AROUND;
        Point at = flaw.centre();
        Point to = at;
        String width = "";
        String height = "";
        if (flaw.extent() instanceof Flaw.Oval oval) {
            kind = ExtentKind.OVAL;
            width = say.field(oval.widthMm());
            height = say.field(oval.heightMm());
        } else if (flaw.extent() instanceof Flaw.Strip strip) {
            kind = ExtentKind.STRIP;
            at = strip.from();
            to = strip.to();
            width = say.field(strip.widthMm());
        }
        return new FlawView(
                flaw.treatment(),
                flaw.kind(),
                flaw.what(),
                kind,
                say.field(at.x()),
                say.field(at.y()),
                say.field(to.x()),
                say.field(to.y()),
                width,
                height,
                Say.points(flaw.outline().points()),
                Say.points(shown.outline().points()),
                flaw.layers());
    }

    CarriedView carried(Carried c) {
        Grain grain = c.grain();
        Point from = new Point(0, 0);
        Point to = from;
        if (grain instanceof Grain.TwoPoints two) {
            from = two.from();
            to = two.to();
        } else if (grain instanceof Grain.Directed way) {
            from = way.from();
            to = way.to();
        }
        return new CarriedView(
                grain == null ? GrainBy.UP : grain instanceof Grain.AlongEdge ? GrainBy.EDGE : GrainBy.POINTS,
                grain instanceof Grain.AlongEdge along ? along.edge() : "",
                say.field(from.x()),
                say.field(from.y()),
                say.field(to.x()),
                say.field(to.y()),
                c.pileDown(),
                c.alike(),
                c.wrongSideUp(),
                c.layers(),
                c.repeats().stream()
                        .map(r -> new RepeatView(
                                r.name(),
                                r.across(),
                                say.field(r.periodMm()),
                                r.edge(),
                                say.field(r.firstMm()),
                                r.matched()))
                        .toList(),
                c.motifs().stream()
                        .map(m -> new MotifView(
                                m.name(),
                                say.field(m.centre().x()),
                                say.field(m.centre().y())))
                        .toList(),
                c.pressings().stream()
                        .map(p -> new PressingView(
                                p.what(), p.direction(), say.length(p.beforeMm()), say.length(p.afterMm())))
                        .toList());
    }

    /** Each line of the pattern where it lies on the cloth; none where they would lie closer than the eye parts them. */
    static List<StripeView> stripes(Panel panel) {
        List<StripeView> views = new ArrayList<>();
        Region cloth = Region.of(panel.outline().ring());
        for (Panel.Stripes s : panel.stripes()) {
            // Turned so that the lines are level.
            double turn = 90 - s.directionDeg();
            Region up = cloth.turned(turn);
            Box box = up.box();
            List<List<double[]>> lines = new ArrayList<>();
            double first = s.phaseMm() + Math.ceil((box.minY() - s.phaseMm()) / s.periodMm()) * s.periodMm();
            double step = s.periodMm() * Math.max(1, Math.ceil((box.heightMm() / s.periodMm()) / 150));
            for (double y = first; y <= box.maxY(); y += step) {
                for (var ring : up.outerRings()) {
                    for (var span : ring.spansAt(y)) {
                        lines.add(Say.points(List.of(
                                turned(new Point(span.from(), y), -turn), turned(new Point(span.to(), y), -turn))));
                    }
                }
            }
            views.add(new StripeView(s.name(), lines));
        }
        return views;
    }

    private static Point turned(Point p, double deg) {
        Point x = Point.unit(deg);
        return new Point(x.x() * p.x() - x.y() * p.y(), x.y() * p.x() + x.x() * p.y());
    }
}
