package org.handdown.project;

import java.util.List;
import java.util.Optional;
import org.handdown.assembly.Opening;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Passage;
import org.handdown.body.Passage.Over;
import org.handdown.body.Wearer;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.Weave;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * How a garment that stays whole is put on: each of its openings against the part of the body that goes through it.
 *
 * @param over null where no measure of the body tells, as at the hem of a top
 * @param bodyMm girth of the body there; 0 where nobody measured it
 * @param stretch share by which the ring can be pulled longer, by what springs back in the cloth's own test; 0 before
 * @param tested whether the cloth was pulled at all
 */
public record PutOn(
        Opening opening, @Nullable Over over, double bodyMm, double stretch, boolean tested, boolean isKnit) {
    /** What is known of an opening. */
    public enum Verdict {
        GOES_ON,
        PULL_FIRST,
        TOO_SMALL,
        UNKNOWN
    }

    static List<PutOn> of(List<Opening> openings, Cloth cloth, @Nullable Wearer wearer) {
        return openings.stream().map(o -> of(o, cloth, wearer)).toList();
    }

    /** @param cloth of the ring; null where it is not known yet */
    static PutOn of(Opening opening, @Nullable Cloth cloth, @Nullable Wearer wearer) {
        Over over = switch (opening.place()) {
            case NECK, HEAD -> Over.HEAD;
            case WAIST -> Over.HIPS;
            case SLEEVE_END -> Over.HAND;
            case LEG_END -> Over.HEEL;
            case HEM -> null;
        };
        double body = over == null || wearer == null ? 0 : bodyMm(over, wearer);
        return new PutOn(
                opening,
                over,
                body,
                cloth == null ? 0 : cloth.sheet().lastingAcross(),
                cloth != null && cloth.sheet().across() != null,
                cloth == null || cloth.weave() == Weave.KNIT);
    }

    private static double bodyMm(Over over, Wearer wearer) {
        BodyMeasure measure = switch (over) {
            case HEAD -> BodyMeasure.HEAD_GIRTH;
            case HIPS -> BodyMeasure.HIP;
            case HAND -> BodyMeasure.HAND_GIRTH;
            case HEEL -> BodyMeasure.HEEL_GIRTH;
            case SHOULDERS -> null;
        };
        return measure == null
                ? 0
                : Optional.ofNullable(wearer.measures().get(measure))
                        .map(Wearer.Taken::mm)
                        .orElse(0.0);
    }

    /** The same sum as any ring's that is entered by hand. */
    public Optional<Passage> passage() {
        return over == null || bodyMm <= 0
                ? Optional.empty()
                : Optional.of(new Passage(
                        opening.name(),
                        over,
                        bodyMm,
                        List.of(new Passage.Layered("its cloth", opening.girthMm(), stretch)),
                        opening.opensMm()));
    }

    public Verdict verdict() {
        return passage()
                .map(p -> opening.throughout() || p.passes()
                        ? Verdict.GOES_ON
                        : isKnit && !tested ? Verdict.PULL_FIRST : Verdict.TOO_SMALL)
                .orElse(Verdict.UNKNOWN);
    }

    /** In a sentence, lengths in mm. */
    public String sentence() {
        Passage passage = passage().orElse(null);
        if (opening.throughout()) {
            return Wording.fill("%.0f mm round; it opens all the way.", opening.girthMm());
        }
        if (passage == null) {
            return opening.opensMm() > 0
                    ? Wording.fill("%.0f mm round, opening 2 × %.0f mm.", opening.girthMm(), opening.opensMm())
                    : Wording.fill("%.0f mm round.", opening.girthMm());
        }
        return verdict() == Verdict.PULL_FIRST
                ? Wording.fill(
                        "%.0f mm round, %.0f mm over %s: it must stretch by %.0f %%. Pull it and see, and tell it at Cloth.",
                        opening.girthMm(), bodyMm, passage.over().words(), 100 * passage.stretchNeeded())
                : passage.sentence();
    }
}
