package org.handdown.pattern.draft;

import java.util.EnumMap;
import java.util.Map;
import java.util.SplittableRandom;
import org.handdown.body.BodyMeasure;
import org.handdown.body.BodyTable;
import org.handdown.body.Wearer;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;

/** Made-up bodies. */
final class Bodies {
    private Bodies() {}

    /** Of any height from two years to very tall, and slim to stout whatever the height; what was not drawn follows as it is proposed. */
    static Wearer of(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double height = 880 + random.nextDouble() * 1060;
        double stout = height < BodyTable.GROWN_MM ? 1.3 : 1.5;
        Map<BodyMeasure, Double> girths = new EnumMap<>(BodyMeasure.class);
        double chest = BodyTable.proposedMm(BodyMeasure.CHEST, height) * between(random, 0.85, stout);
        girths.put(BodyMeasure.CHEST, chest);
        girths.put(BodyMeasure.WAIST, chest * between(random, 0.75, 1.03));
        girths.put(BodyMeasure.HIP, chest * between(random, 0.95, 1.15));
        Map<BodyMeasure, Double> mm = new EnumMap<>(BodyMeasure.class);
        for (BodyMeasure m : BodyMeasure.values()) {
            mm.put(m, BodyTable.proposedMm(m, height, girths) * between(random, 0.92, 1.08));
        }
        mm.putAll(girths);
        mm.put(BodyMeasure.HEIGHT, height);
        // Lengths that contain each other move together.
        double legs = between(random, 0.95, 1.05);
        mm.put(BodyMeasure.INSIDE_LEG, BodyTable.proposedMm(BodyMeasure.INSIDE_LEG, height) * legs);
        mm.put(BodyMeasure.WAIST_TO_FLOOR, BodyTable.proposedMm(BodyMeasure.WAIST_TO_FLOOR, height) * legs);
        mm.put(BodyMeasure.HAND_GIRTH, Math.max(mm(mm, BodyMeasure.HAND_GIRTH), mm(mm, BodyMeasure.WRIST) + 5));
        return with(mm);
    }

    private static double between(SplittableRandom random, double least, double most) {
        return least + random.nextDouble() * (most - least);
    }

    static Wearer with(Map<BodyMeasure, Double> mm) {
        Map<BodyMeasure, Wearer.Taken> taken = new EnumMap<>(BodyMeasure.class);
        mm.forEach((m, value) -> taken.put(
                m,
                new Wearer.Taken(
                        Length.ofMm(
                                Math.max(m.range().leastMm(), Math.min(m.range().mostMm(), value))),
                        "",
                        Origin.TAPE)));
        return new Wearer("somebody", taken);
    }

    /** As proposed for a height, some measures told. */
    static Wearer tall(double heightMm, Map<BodyMeasure, Double> told) {
        Map<BodyMeasure, Double> mm = new EnumMap<>(BodyMeasure.class);
        for (BodyMeasure m : BodyMeasure.values()) {
            mm.put(m, BodyTable.proposedMm(m, heightMm));
        }
        mm.putAll(told);
        return with(mm);
    }

    private static double mm(Map<BodyMeasure, Double> all, BodyMeasure measure) {
        return java.util.Objects.requireNonNull(all.get(measure));
    }
}
