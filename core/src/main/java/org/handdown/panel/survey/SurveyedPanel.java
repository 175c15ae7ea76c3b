package org.handdown.panel.survey;

import java.util.List;
import java.util.function.UnaryOperator;
import org.handdown.cloth.Cloth;
import org.handdown.fit.Motif;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;

/** From a survey to its panel: first as measured, then pressed, then turned over where its wrong side lay up. */
final class SurveyedPanel {
    private final Survey survey;
    private final Carried carried;
    private final Outline measured;
    private final double grainDeg;
    private final double along;
    private final double across;

    private SurveyedPanel(Survey survey) {
        this.survey = survey;
        this.carried = survey.lying();
        this.measured = survey.stitchLine();
        Grain grain = carried.grain();
        this.grainDeg = grain == null ? Panel.LENGTHWISE_DEG : grain.deg(measured);
        this.along = factor(Pressing.Direction.ACROSS);
        this.across = factor(Pressing.Direction.ALONG);
    }

    /** All pressings but those in the one direction. */
    private double factor(Pressing.Direction other) {
        return carried.pressings().stream()
                .filter(p -> p.direction() != other)
                .mapToDouble(Pressing::factor)
                .reduce(1, (a, b) -> a * b);
    }

    static Panel of(Survey survey, Cloth cloth) {
        return new SurveyedPanel(survey).panel(cloth);
    }

    private Panel panel(Cloth cloth) {
        Outline.Flat flat = cloth(measured);
        List<Panel.Stripes> stripes =
                carried.repeats().stream().map(r -> stripes(r, flat)).toList();
        Outline line = measured;
        UnaryOperator<Point> move = p -> p;
        if (!carried.pressings().isEmpty()) {
            line = new Outline(
                    line.edges().stream().map(e -> e.map(this::pressed)).toList());
            move = this::pressed;
        }
        double grain = carried.pileDown() ? grainDeg - 180 : grainDeg;
        if (carried.wrongSideUp()) {
            line = line.mirrored();
            UnaryOperator<Point> before = move;
            move = p -> flip(before.apply(p));
            grain = 180 - grain;
        }
        UnaryOperator<Point> all = move;
        boolean moves = carried.wrongSideUp() || !carried.pressings().isEmpty();
        List<Flaw> flaws = moves
                ? carried.flaws().stream()
                        .map(f -> f.moved(all, Math.sqrt(along * across)))
                        .toList()
                : carried.flaws();
        return new Panel(
                survey.id(),
                survey.name(),
                cloth(line),
                line,
                survey.edges().kept(),
                grain,
                cloth.as(carried.alike(), carried.layers()),
                flaws,
                stripes,
                carried.motifs().stream()
                        .map(m -> new Motif(m.name(), all.apply(m.centre())))
                        .toList());
    }

    private Outline.Flat cloth(Outline line) {
        return OffsetOutline.of(line, e -> survey.edges().wonMm(e.name()));
    }

    /** Lines lie square to a direction; turned over, that direction is mirrored and the distance along it stays. */
    private Panel.Stripes stripes(ClothRepeat repeat, Outline.Flat flat) {
        double direction = repeat.directionDeg(grainDeg);
        double factor = repeat.across() ? across : along;
        return new Panel.Stripes(
                repeat.name(),
                carried.wrongSideUp() ? 180 - direction : direction,
                repeat.periodMm() * factor,
                repeat.phaseMm(flat, grainDeg) * factor,
                repeat.matched());
    }

    private Point pressed(Point p) {
        Point up = Point.unit(grainDeg);
        Point right = Point.unit(grainDeg - 90);
        return up.times(along * p.dot(up)).plus(right.times(across * p.dot(right)));
    }

    private static Point flip(Point p) {
        return p.mirrored();
    }
}
