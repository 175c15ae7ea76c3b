package org.handdown.panel.survey;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Panels of common sources that a few measures draw. The measures stand in the order one takes them, the first ones proposed are those of
 * average garments (common practice, no source); {@link ShapeDrawing} draws them.
 */
public enum ReadyShape {
    TROUSER_FRONT("trousers, front leg", leg(960, 245, 540, 315, 740, 370, 800, 290, 230, 10, true)),
    TROUSER_BACK("trousers, back leg", leg(960, 265, 540, 340, 740, 420, 800, 330, 250, 40, true)),
    SHORTS_LEG("shorts, one leg", leg(420, 300, 0, 0, 200, 350, 260, 300, 240, 20, false)),
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
    SHIRT_FRONT_LEFT("shirt, left front with its placket", front()),
    SHIRT_FRONT_RIGHT("shirt, right front with its placket", front()),
    SHIRT_BACK_BELOW_YOKE(
            "shirt, back below the yoke",
            List.of(
                    length("hem", "hem, straight across", 200, 1000, 540),
                    length("side", "side seam, hem to underarm", 100, 900, 450),
                    length("width", "width from underarm to underarm", 200, 1000, 550),
                    length("yoke", "seam of the yoke", 150, 800, 440),
                    length("length", "length at the middle, yoke to hem", 200, 1200, 620),
                    check("armhole", "underarm to the yoke's end, straight", 60, 500))),
    SHIRT_BACK("shirt, back without a yoke", torso(760, 740, 148, 160, 430, 550, 540, 490)),
    TEE_BODY("T-shirt, front or back", torso(700, 620, 130, 180, 420, 520, 520, 440)),
    JUMPER_BODY("jumper, front or back", torso(640, 560, 130, 200, 440, 540, 480, 390)),
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
    BODICE_FRONT("dress, bodice front with darts", bodice(420, 330, 100, 160, 340, 460, 360, 210)),
    BODICE_BACK("dress, bodice back with darts", bodice(410, 390, 100, 160, 340, 440, 340, 210)),
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

    private static Measure length(String id, String words, double least, double most, double first) {
        return new Measure(id, words, Kind.LENGTH, least, most, first);
    }

    private static Measure count(String id, String words, double least, double most, double first) {
        return new Measure(id, words, Kind.COUNT, least, most, first);
    }

    private static Measure check(String id, String words, double least, double most) {
        return new Measure(id, words, Kind.CHECK, least, most, 0);
    }

    private static List<Measure> leg(
            double top,
            double hem,
            double kneeHeight,
            double knee,
            double crotch,
            double thigh,
            double seatHeight,
            double seat,
            double waist,
            double lift,
            boolean hasKnee) {
        Stream<Measure> low = Stream.of(length("hem", "hem", 60, 700, hem));
        Stream<Measure> middle = hasKnee
                ? Stream.of(
                        length("kneeHeight", "knee level above the hem", 80, 900, kneeHeight),
                        length("knee", "width at knee level", 60, 700, knee))
                : Stream.of();
        Stream<Measure> high = Stream.of(
                length("thighHeight", "crotch level above the hem", 40, 1100, crotch),
                length("thigh", "width at crotch level", 100, 900, thigh),
                length("seatHeight", "seat level above the hem", 60, 1250, seatHeight),
                length("seat", "width at seat level", 90, 800, seat),
                length("waistHeight", "top of the side seam above the hem", 100, 1500, top),
                length("waist", "upper edge", 60, 800, waist),
                length("lift", "how much higher the upper edge lies at the centre seam", 0, 120, lift),
                check("side", "side seam, along its curve", 100, 1600));
        return Stream.of(low, middle, high).flatMap(s -> s).toList();
    }

    private static List<Measure> front() {
        return List.of(
                length("hem", "hem, from the front edge to the side seam", 100, 600, 280),
                length("side", "side seam, hem to underarm", 100, 900, 450),
                length("width", "from the front edge to the underarm, square", 100, 600, 290),
                length("centreLength", "front edge, neck to hem", 150, 1200, 660),
                length("fullLength", "highest point of the shoulder straight down to the hem", 200, 1300, 740),
                length("neckWidth", "that point's distance from the front edge", 20, 200, 80),
                length("shoulder", "shoulder seam", 30, 300, 150),
                length("across", "end of the shoulder to the front edge, square", 80, 500, 220),
                check("armhole", "underarm to the shoulder's end, straight", 80, 500));
    }

    private static List<Measure> torso(
            double full,
            double centre,
            double shoulder,
            double neck,
            double across,
            double width,
            double hem,
            double side) {
        return List.of(
                length("hem", "hem", 150, 1400, hem),
                length("side", "side seam, hem to underarm", 60, 1000, side),
                length("width", "from underarm to underarm", 150, 1300, width),
                length("centreLength", "length at the middle, neck to hem", 120, 1300, centre),
                length("fullLength", "highest point of the shoulder straight down to the hem", 150, 1400, full),
                length("neckWidth", "from one such point to the other", 60, 500, neck),
                length("shoulder", "shoulder seam", 30, 400, shoulder),
                length("across", "from shoulder's end to shoulder's end", 150, 1100, across),
                check("armhole", "underarm to the shoulder's end, straight", 60, 500));
    }

    private static List<Measure> bodice(
            double full,
            double centre,
            double shoulder,
            double neck,
            double across,
            double width,
            double waist,
            double side) {
        return List.of(
                length("waist", "waist with its darts closed", 150, 1000, waist),
                count("darts", "how many waist darts", 0, 8, 2),
                length("dartDepth", "depth of one dart, fold to seam", 3, 60, 15),
                length("side", "side seam, waist to underarm", 60, 500, side),
                length("width", "from underarm to underarm", 150, 1000, width),
                length("centreLength", "length at the middle, neck to waist", 100, 700, centre),
                length("fullLength", "highest point of the shoulder straight down to the waist", 150, 800, full),
                length("neckWidth", "from one such point to the other", 60, 500, neck),
                length("shoulder", "shoulder seam", 30, 300, shoulder),
                length("across", "from shoulder's end to shoulder's end", 150, 800, across),
                check("armhole", "underarm to the shoulder's end, straight", 60, 400));
    }
}
