package org.handdown.body;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Measures proposed from the height and the girths that were taken, until a tape says better. Straight lines made up for this program, near
 * what children of 92 to 140 cm measure and, above {@link #GROWN_MM}, near a slim grown person; a girth that was taken moves those that go
 * with it by a share of what it differs (steps of grading, common practice, no source). No published table stands behind them and every
 * proposal says so.
 */
public final class BodyTable {
    /** From this height on the lines of grown people are taken, mm. */
    public static final double GROWN_MM = 1450;

    /** What a measure goes with, and by how much of that one's difference; the first that was taken counts. */
    private record Lead(BodyMeasure measure, double share) {}

    private static final Map<BodyMeasure, List<Lead>> LEADS = leads();

    private static Map<BodyMeasure, List<Lead>> leads() {
        Map<BodyMeasure, List<Lead>> leads = new EnumMap<>(BodyMeasure.class);
        Lead chest = new Lead(BodyMeasure.CHEST, 0.9);
        Lead waist = new Lead(BodyMeasure.WAIST, 0.9);
        Lead hip = new Lead(BodyMeasure.HIP, 0.9);
        leads.put(BodyMeasure.CHEST, List.of(waist, hip));
        leads.put(BodyMeasure.WAIST, List.of(chest, hip));
        leads.put(BodyMeasure.HIP, List.of(waist, chest));
        for (BodyMeasure level : List.of(BodyMeasure.HIGH_WAIST, BodyMeasure.TROUSER_WAIST)) {
            leads.put(level, List.of(new Lead(BodyMeasure.WAIST, 1), chest, hip));
        }
        leads.put(BodyMeasure.UPPER_ARM, around(0.3));
        leads.put(BodyMeasure.NECK_GIRTH, around(0.13));
        leads.put(BodyMeasure.SHOULDER, around(0.04));
        leads.put(BodyMeasure.WRIST, around(0.05));
        leads.put(BodyMeasure.HAND_GIRTH, around(0.05));
        leads.put(BodyMeasure.THIGH, below(0.55));
        leads.put(BodyMeasure.CALF, below(0.2));
        return leads;
    }

    private static List<Lead> around(double share) {
        return List.of(
                new Lead(BodyMeasure.CHEST, share),
                new Lead(BodyMeasure.WAIST, share),
                new Lead(BodyMeasure.HIP, share));
    }

    private static List<Lead> below(double share) {
        return List.of(
                new Lead(BodyMeasure.HIP, share),
                new Lead(BodyMeasure.WAIST, share),
                new Lead(BodyMeasure.CHEST, share));
    }

    private BodyTable() {}

    /**
     * @param taken girths that somebody measured, mm
     * @return mm, to the nearest 5
     */
    public static double proposedMm(BodyMeasure measure, double heightMm, Map<BodyMeasure, Double> taken) {
        double more = leadOf(measure, taken)
                .map(l -> l.share * (taken.getOrDefault(l.measure, 0.0) - proposedMm(l.measure, heightMm)))
                .orElse(0.0);
        double mm = proposedMm(measure, heightMm) + more;
        return Math.rint(Math.max(
                                measure.range().leastMm(),
                                Math.min(measure.range().mostMm(), mm))
                        / 5)
                * 5;
    }

    private static Optional<Lead> leadOf(BodyMeasure measure, Map<BodyMeasure, Double> taken) {
        return LEADS.getOrDefault(measure, List.of()).stream()
                .filter(l -> taken.containsKey(l.measure))
                .findFirst();
    }

    /** The girth that a proposal goes with beside the height; empty where it is the height alone. */
    public static Optional<BodyMeasure> goesWith(BodyMeasure measure, Map<BodyMeasure, Double> taken) {
        return leadOf(measure, taken).map(Lead::measure);
    }

    /** From the height alone. @return mm, to the nearest 5 */
    public static double proposedMm(BodyMeasure measure, double heightMm) {
        double mm = heightMm < GROWN_MM ? child(measure, heightMm) : grown(measure, heightMm);
        double held =
                Math.max(measure.range().leastMm(), Math.min(measure.range().mostMm(), mm));
        return measure == BodyMeasure.HEIGHT ? heightMm : Math.rint(held / 5) * 5;
    }

    private static double child(BodyMeasure measure, double h) {
        return switch (measure) {
            case HEIGHT -> h;
            case CHEST -> 0.25 * h + 300;
            case WAIST, HIGH_WAIST -> 0.16 * h + 364;
            case TROUSER_WAIST -> 0.18 * h + 350;
            case HIP -> 0.30 * h + 270;
            case WAIST_TO_HIP -> 0.09 * h + 26;
            case WAIST_TO_FLOOR -> 0.63 * h - 33;
            case INSIDE_LEG -> 0.52 * h - 92;
            case BACK_WAIST -> 0.19 * h + 51;
            case SHOULDER -> 0.06 * h + 20;
            case ARM_LENGTH -> 0.36 * h - 20;
            case UPPER_ARM -> 0.08 * h + 95;
            case WRIST -> 0.05 * h + 75;
            case HAND_GIRTH -> 0.09 * h + 62;
            case NECK_GIRTH -> 0.09 * h + 170;
            case HEAD_GIRTH -> 0.04 * h + 470;
            case HEAD_HEIGHT -> 0.03 * h + 325;
            case THIGH -> 0.19 * h + 140;
            case CALF -> 0.13 * h + 95;
            case KNEE_TO_ANKLE -> 0.24 * h - 30;
            case HEEL_GIRTH -> 0.13 * h + 87;
            case HAND_WIDTH -> 0.04 * h + 18;
        };
    }

    private static double grown(BodyMeasure measure, double h) {
        return switch (measure) {
            case HEIGHT -> h;
            case CHEST -> 0.52 * h + 20;
            case WAIST -> 0.40 * h + 60;
            case HIGH_WAIST -> 0.42 * h + 60;
            case TROUSER_WAIST -> 0.44 * h + 80;
            case HIP -> 0.54 * h + 50;
            case WAIST_TO_HIP -> 0.12 * h;
            case WAIST_TO_FLOOR -> 0.625 * h;
            case INSIDE_LEG -> 0.47 * h - 10;
            case BACK_WAIST -> 0.235 * h + 10;
            case SHOULDER -> 0.075 * h;
            case ARM_LENGTH -> 0.345 * h + 10;
            case UPPER_ARM -> 0.15 * h + 25;
            case WRIST -> 0.08 * h + 25;
            case HAND_GIRTH -> 0.12 * h + 15;
            case NECK_GIRTH -> 0.19 * h + 45;
            case HEAD_GIRTH -> 0.15 * h + 305;
            case HEAD_HEIGHT -> 0.1 * h + 200;
            case THIGH -> 0.31 * h + 30;
            case CALF -> 0.19 * h + 40;
            case KNEE_TO_ANKLE -> 0.235 * h - 20;
            case HEEL_GIRTH -> 0.18 * h + 15;
            case HAND_WIDTH -> 0.045 * h + 20;
        };
    }
}
