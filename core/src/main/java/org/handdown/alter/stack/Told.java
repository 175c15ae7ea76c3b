package org.handdown.alter.stack;

import java.util.List;
import java.util.stream.Stream;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** The answers to what an alteration asks, each checked against what can be answered on this garment. */
final class Told {
    private final GarmentNow garment;
    private final Alteration alteration;
    private final List<Ask> asks;

    Told(GarmentNow garment, Alteration alteration) {
        this.garment = garment;
        this.alteration = alteration;
        this.asks = alteration.kind().asks();
    }

    String id() {
        return alteration.id();
    }

    private Ask ask(String id) {
        return asks.stream().filter(a -> a.id().equals(id)).findFirst().orElseThrow();
    }

    /** What was picked; of a choice the proposed one where nothing was. */
    String pick(String id) {
        Ask ask = ask(id);
        List<Ask.Option> options = alteration.kind().options(ask, garment);
        String picked = alteration.picks().get(id);
        if (picked == null) {
            if (ask.type() == Ask.Type.CHOICE) {
                return options.get(0).value();
            }
            throw new RefusedValueException(
                    "picks." + id, Wording.fill("Not told yet: %s.", ask.words().toLowerCase(java.util.Locale.ROOT)));
        }
        if (options.stream().noneMatch(o -> o.value().equals(picked))) {
            throw new RefusedValueException(
                    "picks." + id,
                    Wording.fill(
                            "There is no %s any more at this place in the list; pick another, or move this change up.",
                            Wording.spoken(picked)));
        }
        return picked;
    }

    boolean is(String id, String value) {
        return pick(id).equals(value);
    }

    double mm(String id) {
        Ask ask = ask(id);
        double mm = alteration.figures().getOrDefault(id, ask.firstMm());
        new Range(ask.leastMm(), ask.mostMm()).require("figures." + id, Length.ofMm(mm));
        return mm;
    }

    boolean has(String id) {
        return alteration.figures().containsKey(id);
    }

    List<Pin> pins() {
        return alteration.pins();
    }

    End end(String id) {
        return garment.end(pick(id));
    }

    /** The end that was picked, and its like on the other side of the body where both are told to be alike. */
    List<End> ends(String id) {
        End end = end(id);
        return end.partnerId().equals(end.id()) || !is("sides", "both")
                ? List.of(end)
                : Stream.concat(Stream.of(end), garment.findEnd(end.partnerId()).stream())
                        .toList();
    }
}
