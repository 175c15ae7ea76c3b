package org.handdown.panel.survey;

import static org.handdown.panel.survey.ShapeMeasures.BODICE;
import static org.handdown.panel.survey.ShapeMeasures.FRONT;
import static org.handdown.panel.survey.ShapeMeasures.LEG;
import static org.handdown.panel.survey.ShapeMeasures.SHORT_LEG;
import static org.handdown.panel.survey.ShapeMeasures.TORSO;
import static org.handdown.panel.survey.ShapeMeasures.check;
import static org.handdown.panel.survey.ShapeMeasures.count;
import static org.handdown.panel.survey.ShapeMeasures.length;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Panels of common sources that a few measures draw. The measures stand in the order one takes them, the first ones proposed are those of
 * average garments (common practice, no source); {@link ShapeDrawing} draws them.
 */
public enum ReadyShape {
    TROUSER_FRONT("trousers, front leg", LEG.first(245, 540, 315, 740, 370, 800, 290, 960, 230, 10)),
    TROUSER_BACK("trousers, back leg", LEG.first(265, 540, 340, 740, 420, 800, 330, 960, 250, 40)),
    SHORTS_LEG("shorts, one leg", SHORT_LEG.first(300, 200, 350, 260, 300, 420, 240, 20)),
    SET_IN_SLEEVE(
            "sleeve with a head",
            List.of(
                    length("length", "length, top of the head to the hem", 120, 900, 600),
                    length("head", "height of the head above its widest level", 15, 260, 130),
                    length("width", "width at the widest level", 120, 900, 360),
                    length("hem", "hem", 80, 900, 240),
                    check("underarm", "sleeve seam, one side", 40, 900))),
    FLAT_SLEEVE(
            "sleeve without a head",
            List.of(
                    length("length", "length along the middle", 80, 900, 480),
                    length("upper", "upper edge", 120, 1000, 420),
                    length("hem", "hem", 80, 900, 260),
                    check("underarm", "sleeve seam, one side", 60, 950))),
    SHIRT_FRONT_LEFT("shirt, left front with its placket", FRONT.measures()),
    SHIRT_FRONT_RIGHT("shirt, right front with its placket", FRONT.measures()),
    SHIRT_BACK_BELOW_YOKE(
            "shirt, back below the yoke",
            List.of(
                    length("hem", "hem, straight across", 200, 1000, 540),
                    length("side", "side seam, hem to underarm", 100, 900, 450),
                    length("width", "width from underarm to underarm", 200, 1000, 550),
                    length("yoke", "seam of the yoke", 150, 800, 440),
                    length("length", "length at the middle, yoke to hem", 200, 1200, 620),
                    check("armhole", "underarm to the yoke's end, straight", 60, 500))),
    SHIRT_BACK("shirt, back without a yoke", TORSO.first(540, 490, 550, 740, 760, 160, 148, 430)),
    TEE_BODY("T-shirt, front or back", TORSO.first(520, 440, 520, 620, 700, 180, 130, 420)),
    JUMPER_BODY("jumper, front or back", TORSO.first(480, 390, 540, 560, 640, 200, 130, 440)),
    SKIRT_GORE(
            "skirt, one gore",
            List.of(
                    length("length", "length at the middle", 150, 1300, 650),
                    length("upper", "upper edge", 30, 1200, 130),
                    length("hipDepth", "hip level below the upper edge", 40, 400, 200),
                    length("hip", "width at hip level", 40, 1300, 180),
                    length("hem", "hem", 50, 2000, 300),
                    check("side", "side seam, along its curve", 150, 1500))),
    SKIRT_FLARED(
            "skirt, flared panel",
            List.of(
                    length("upper", "upper edge, straight from corner to corner", 60, 1500, 380),
                    length("dip", "how far the upper edge hangs below that line", 0, 300, 30),
                    length("length", "length at the middle", 150, 1300, 600),
                    length("side", "side seam", 150, 1400, 600),
                    length("hem", "hem, straight from corner to corner", 80, 2500, 700),
                    check("diagonal", "upper corner to the far hem corner", 150, 2900))),
    SKIRT_PLEATED(
            "skirt, pleated panel",
            List.of(
                    length("upper", "upper edge with its pleats laid", 80, 1500, 400),
                    count("pleats", "how many pleats", 1, 60, 8),
                    length("pleatDepth", "depth of one pleat, fold to fold", 3, 150, 25),
                    length("hem", "hem with its pleats opened flat", 100, 6000, 900),
                    length("length", "length at the middle", 150, 1300, 550),
                    check("diagonal", "upper corner to the far hem corner, opened flat", 150, 6200))),
    BODICE_FRONT("dress, bodice front with darts", BODICE.first(360, 2, 15, 210, 460, 330, 420, 160, 100, 340)),
    BODICE_BACK("dress, bodice back with darts", BODICE.first(340, 2, 15, 210, 440, 390, 410, 160, 100, 340)),
    CIRCLE_PART(
            "part of a circle",
            List.of(
                    length("side", "straight side, waist to hem", 80, 1500, 550),
                    length("waist", "waist edge, along its curve", 60, 1500, 350),
                    length("hem", "hem, along its curve", 120, 9000, 1200),
                    check("chord", "hem corner to hem corner, straight", 100, 4000)));

    /** What a tape shows, a number of things, or a second value that only checks the others. */
    public enum Kind {
        LENGTH,
        COUNT,
        CHECK
    }

    /**
     * @param id its name in files and fields
     * @param least smallest that makes sense, mm or a count
     * @param first proposed, 0 for a check
     */
    public record Measure(String id, String words, Kind kind, double least, double most, double first) {}

    private final String words;
    private final List<Measure> measures;

    ReadyShape(String words, List<Measure> measures) {
        this.words = words;
        this.measures = measures;
    }

    public String words() {
        return words;
    }

    /** In the order one takes them; a check comes last. */
    public List<Measure> measures() {
        return measures;
    }

    /** An average one: every measure but the check as it is first proposed. */
    public Map<String, Double> usual() {
        Map<String, Double> usual = new LinkedHashMap<>();
        measures.stream().filter(m -> m.kind() != Kind.CHECK).forEach(m -> usual.put(m.id(), m.first()));
        return usual;
    }
}
