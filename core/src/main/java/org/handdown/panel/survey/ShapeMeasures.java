package org.handdown.panel.survey;

import java.util.ArrayList;
import java.util.List;
import org.handdown.panel.survey.ReadyShape.Kind;
import org.handdown.panel.survey.ReadyShape.Measure;

/**
 * Measures that several ready shapes are drawn from, in the order one takes them.
 *
 * @param measures proposed at 0 where every shape proposes its own
 */
record ShapeMeasures(List<Measure> measures) {
    private ShapeMeasures(Measure... measures) {
        this(List.of(measures));
    }

    static final ShapeMeasures LEG = new ShapeMeasures(
            length("hem", "hem", 60, 700, 0),
            length("kneeHeight", "knee level above the hem", 80, 900, 0),
            length("knee", "width at knee level", 60, 700, 0),
            length("thighHeight", "crotch level above the hem", 40, 1100, 0),
            length("thigh", "width at crotch level", 100, 900, 0),
            length("seatHeight", "seat level above the hem", 60, 1250, 0),
            length("seat", "width at seat level", 90, 800, 0),
            length("waistHeight", "top of the side seam above the hem", 100, 1500, 0),
            length("waist", "upper edge", 60, 800, 0),
            length("lift", "how much higher the upper edge lies at the centre seam", 0, 120, 0),
            check("side", "side seam, along its curve", 100, 1600));
    /** One that ends above the knee. */
    static final ShapeMeasures SHORT_LEG = new ShapeMeasures(
            LEG.measures.stream().filter(m -> !m.id().startsWith("knee")).toList());
    /** With its proposals: both fronts of a shirt are alike. */
    static final ShapeMeasures FRONT = new ShapeMeasures(
            length("hem", "hem, from the front edge to the side seam", 100, 600, 280),
            length("side", "side seam, hem to underarm", 100, 900, 450),
            length("width", "from the front edge to the underarm, square", 100, 600, 290),
            length("centreLength", "front edge, neck to hem", 150, 1200, 660),
            length("fullLength", "highest point of the shoulder straight down to the hem", 200, 1300, 740),
            length("neckWidth", "that point's distance from the front edge", 20, 200, 80),
            length("shoulder", "shoulder seam", 30, 300, 150),
            length("across", "end of the shoulder to the front edge, square", 80, 500, 220),
            check("armhole", "underarm to the shoulder's end, straight", 80, 500));

    static final ShapeMeasures TORSO = new ShapeMeasures(
            length("hem", "hem", 150, 1400, 0),
            length("side", "side seam, hem to underarm", 60, 1000, 0),
            length("width", "from underarm to underarm", 150, 1300, 0),
            length("centreLength", "length at the middle, neck to hem", 120, 1300, 0),
            length("fullLength", "highest point of the shoulder straight down to the hem", 150, 1400, 0),
            length("neckWidth", "from one such point to the other", 60, 500, 0),
            length("shoulder", "shoulder seam", 30, 400, 0),
            length("across", "from shoulder's end to shoulder's end", 150, 1100, 0),
            check("armhole", "underarm to the shoulder's end, straight", 60, 500));
    static final ShapeMeasures BODICE = new ShapeMeasures(
            length("waist", "waist with its darts closed", 150, 1000, 0),
            count("darts", "how many waist darts", 0, 8, 2),
            length("dartDepth", "depth of one dart, fold to seam", 3, 60, 0),
            length("side", "side seam, waist to underarm", 60, 500, 0),
            length("width", "from underarm to underarm", 150, 1000, 0),
            length("centreLength", "length at the middle, neck to waist", 100, 700, 0),
            length("fullLength", "highest point of the shoulder straight down to the waist", 150, 800, 0),
            length("neckWidth", "from one such point to the other", 60, 500, 0),
            length("shoulder", "shoulder seam", 30, 300, 0),
            length("across", "from shoulder's end to shoulder's end", 150, 800, 0),
            check("armhole", "underarm to the shoulder's end, straight", 60, 400));

    /** With a proposal for each in turn, but for checks. */
    List<Measure> first(double... values) {
        List<Measure> all = new ArrayList<>();
        int i = 0;
        for (Measure m : measures) {
            all.add(
                    m.kind() == Kind.CHECK
                            ? m
                            : new Measure(m.id(), m.words(), m.kind(), m.least(), m.most(), values[i++]));
        }
        if (i != values.length) {
            throw new IllegalArgumentException("A proposal for each measure, and no more.");
        }
        return List.copyOf(all);
    }

    static Measure length(String id, String words, double least, double most, double first) {
        return new Measure(id, words, Kind.LENGTH, least, most, first);
    }

    static Measure count(String id, String words, double least, double most, double first) {
        return new Measure(id, words, Kind.COUNT, least, most, first);
    }

    static Measure check(String id, String words, double least, double most) {
        return new Measure(id, words, Kind.CHECK, least, most, 0);
    }
}
