package org.handdown.server.workings;

import java.util.ArrayList;
import java.util.List;
import org.handdown.alter.TakeIn;
import org.handdown.body.Passage;
import org.handdown.cloth.ClothSheet;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.Neckline;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;

/** What the page sends of taking in, rings and necklines: raw texts, turned into values here so that a refusal names the field. */
final class WorkingRequests {
    private WorkingRequests() {}

    /** @param at empty where the kind needs no place */
    record PinchRequest(@Nullable String at, @Nullable String depth) {}

    record ReadingRequest(
            TakeIn.@Nullable Kind kind,
            @Nullable String where,
            @Nullable List<PinchRequest> pinches,
            boolean partnerToo) {
        TakeIn.Reading toReading(LengthUnit unit) {
            Typed typed = new Typed(unit);
            List<TakeIn.Pinch> read = new ArrayList<>();
            for (PinchRequest pinch : pinches == null ? List.<PinchRequest>of() : pinches) {
                read.add(new TakeIn.Pinch(
                        Typed.text(pinch.at).isEmpty() ? 0 : typed.mm("takeIn.at", pinch.at),
                        typed.mm("takeIn.pinch", pinch.depth)));
            }
            return new TakeIn.Reading(Typed.require("takeIn.kind", kind), Typed.text(where), read, partnerToo);
        }
    }

    private static double stretch(String field, @Nullable String text, ClothSheet sheet) {
        return Typed.text(text).isEmpty() ? sheet.lastingAcross() : Typed.percent(field, text);
    }

    record RingLayerRequest(
            @Nullable String what,
            @Nullable String length,
            @Nullable String stretch) {}

    record PassageRequest(
            @Nullable String name,
            Passage.@Nullable Over over,
            @Nullable String girth,
            @Nullable String opens,
            @Nullable List<RingLayerRequest> layers) {
        /** @param sheet of the cloth: what nobody typed of its stretch, its own test tells */
        Passage toPassage(LengthUnit unit, ClothSheet sheet) {
            Typed typed = new Typed(unit);
            List<Passage.Layered> read = new ArrayList<>();
            for (RingLayerRequest layer : layers == null ? List.<RingLayerRequest>of() : layers) {
                read.add(new Passage.Layered(
                        Typed.text(layer.what),
                        typed.mm("passage.layers.length", layer.length),
                        stretch("passage.layers.stretch", layer.stretch, sheet)));
            }
            return new Passage(
                    Typed.text(name),
                    Typed.require("passage.over", over),
                    typed.mm("passage.girth", girth),
                    read,
                    Typed.text(opens).isEmpty() ? 0 : typed.mm("passage.opens", opens));
        }
    }

    record NecklineRequest(
            @Nullable String name,
            Neckline.@Nullable Shape shape,
            @Nullable String width,
            @Nullable String depth,
            @Nullable String back,
            @Nullable String bandRest,
            @Nullable String bandDepth,
            @Nullable String bandStretch) {
        /** @param sheet of the cloth: what nobody typed of its stretch, its own test tells */
        Neckline toNeckline(LengthUnit unit, ClothSheet sheet) {
            Typed typed = new Typed(unit);
            boolean banded = !Typed.text(bandRest).isEmpty();
            return new Neckline(
                    Typed.text(name),
                    Typed.require("neckline.shape", shape),
                    typed.mm("neckline.width", width),
                    typed.mm("neckline.depth", depth),
                    typed.mm("neckline.back", back),
                    banded
                            ? new Neckline.Band(
                                    typed.mm("neckline.band.rest", bandRest),
                                    typed.mm("neckline.band.depth", bandDepth),
                                    stretch("neckline.band.stretch", bandStretch, sheet))
                            : null);
        }
    }
}
