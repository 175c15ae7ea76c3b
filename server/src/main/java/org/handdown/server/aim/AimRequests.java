package org.handdown.server.aim;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Aim;
import org.handdown.project.Garment;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;

/** What the page sends of the aim: raw texts, turned into values here so that a refusal names the field. */
final class AimRequests {
    private AimRequests() {}

    /**
     * @param draft that the pieces come from; empty where they are brought in or entered
     * @param measures texts by measure id; one that is missing stays as it is, an empty one takes what the height proposes
     * @param again second readings, by measure id; likewise
     */
    record AimRequest(
            @Nullable Garment garment,
            @Nullable String draft,
            @Nullable String what,
            @Nullable String wearer,
            @Nullable LengthUnit unit,
            @Nullable Map<String, String> measures,
            @Nullable Map<String, String> again) {
        /**
         * @param before whoever wears it as they are known so far
         * @param today the day of what is newly measured
         */
        Aim toAim(@Nullable Wearer before, Iterable<BodyMeasure> asked, LocalDate today) {
            LengthUnit read = Typed.require("aim.unit", unit);
            Typed typed = new Typed(read);
            Map<String, String> texts = measures == null ? Map.of() : measures;
            Map<String, String> seconds = again == null ? Map.of() : again;
            Map<BodyMeasure, Wearer.Taken> taken = new EnumMap<>(BodyMeasure.class);
            for (BodyMeasure measure : BodyMeasure.values()) {
                Wearer.Taken old = before == null ? null : before.measures().get(measure);
                Wearer.Taken now = taken(measure, texts, seconds, typed, old, today);
                if (now != null) {
                    taken.put(measure, now);
                }
            }
            if (!taken.containsKey(BodyMeasure.HEIGHT)) {
                if (garment == Garment.CUT_OUT && !Typed.text(draft).isEmpty()) {
                    typed.length("aim.measures.HEIGHT", texts.get(BodyMeasure.HEIGHT.name()));
                }
                // A cushion has no height, and what is altered fits somebody: a height is proposed, and stays proposed.
                taken.put(
                        BodyMeasure.HEIGHT,
                        new Wearer.Taken(Length.ofMm(AimViews.FIRST_HEIGHT_MM), "", Origin.PROPOSED));
            }
            Garment made = garment == null ? Garment.CUT_OUT : garment;
            String from = made.isCutOut() ? Typed.text(draft) : "";
            String words = Typed.text(what);
            Wearer now = new Wearer(Typed.text(wearer), taken).proposing(asked);
            return new Aim(
                    made,
                    from,
                    words.isEmpty() && !from.isEmpty() ? Drafts.require(from).words() : words,
                    before == null ? now : now.remeasured(before),
                    read);
        }

        /** What nobody touched is not sent, and stays as it is, bit for bit; an emptied field takes the proposal again. */
        private static Wearer.@Nullable Taken taken(
                BodyMeasure measure,
                Map<String, String> texts,
                Map<String, String> seconds,
                Typed typed,
                Wearer.@Nullable Taken old,
                LocalDate today) {
            String text = texts.get(measure.name());
            String second = seconds.get(measure.name());
            Wearer.Taken known = old == null || old.origin() == Origin.PROPOSED ? null : old;
            if (text == null) {
                return known == null || second == null ? known : again(known, measure, second, typed);
            }
            String plain = Typed.text(text);
            if (plain.isEmpty()) {
                // The height proposes all others, and cannot do without.
                return measure == BodyMeasure.HEIGHT ? known : null;
            }
            Length length = typed.length("aim.measures." + measure.name(), plain);
            boolean same = known != null
                    && known.origin() == Origin.TAPE
                    && known.length().mm() == length.mm();
            Wearer.Taken first = new Wearer.Taken(
                    length,
                    LengthText.withUnit(plain, typed.unit()),
                    Origin.TAPE,
                    known == null ? null : known.again(),
                    // Files without days stay without; a day is noted for what changes.
                    same && known != null ? known.on() : today);
            return second == null ? first : again(first, measure, second, typed);
        }

        private static Wearer.Taken again(Wearer.Taken first, BodyMeasure measure, String second, Typed typed) {
            String plain = Typed.text(second);
            return new Wearer.Taken(
                    first.length(),
                    first.typed(),
                    first.origin(),
                    plain.isEmpty() ? null : typed.length("aim.again." + measure.name(), plain),
                    first.on());
        }
    }
}
