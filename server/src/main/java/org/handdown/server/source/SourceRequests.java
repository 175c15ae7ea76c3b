package org.handdown.server.source;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.assembly.Layer;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.StretchTest;
import org.handdown.cloth.Weave;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.server.project.Typed;
import org.handdown.source.Adjustment;
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Fault;
import org.handdown.source.Source;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.jspecify.annotations.Nullable;

/** What the page sends of a source: raw texts, turned into values here so that a refusal names the field. */
final class SourceRequests {
    private SourceRequests() {}

    /** Readings of one direction; empty texts mean that it was not tested. */
    record StretchRequest(
            @Nullable String gauge,
            @Nullable String stretched,
            @Nullable String released) {
        @Nullable
        StretchTest toTest(String field, Typed typed) {
            if ((Typed.text(gauge) + Typed.text(stretched) + Typed.text(released)).isEmpty()) {
                return null;
            }
            double rest = typed.mm(field + ".gauge", gauge);
            double pulled = typed.mm(field + ".stretched", stretched);
            Double let = Typed.text(released).isEmpty() ? null : (Double) typed.mm(field + ".released", released);
            return new StretchTest(rest, pulled, let);
        }
    }

    record ClothRequest(
            @Nullable String name,
            @Nullable String fibre,
            @Nullable Weave weave,
            @Nullable String colour,
            boolean oneWay,
            boolean reversible,
            @Nullable String thickness,
            @Nullable HeatLimit heat,
            @Nullable StretchRequest across,
            @Nullable StretchRequest along,
            ClothSheet.@Nullable CutEdge edge,
            boolean slippery,
            boolean pinMarks,
            boolean neverFlatten,
            boolean prettyInside) {
        Cloth toCloth(Typed typed) {
            ClothSheet sheet = new ClothSheet(
                    across == null ? null : across.toTest("source.cloth.across", typed),
                    along == null ? null : along.toTest("source.cloth.along", typed),
                    edge == null ? ClothSheet.CutEdge.UNTESTED : edge,
                    slippery,
                    pinMarks,
                    neverFlatten,
                    prettyInside);
            return new Cloth(
                    Typed.text(name),
                    Typed.text(fibre),
                    Typed.require("source.cloth.weave", weave),
                    Typed.text(colour),
                    oneWay,
                    reversible,
                    typed.thin("source.cloth.thickness", thickness),
                    Typed.require("source.cloth.heat", heat),
                    sheet);
        }
    }

    record FaultRequest(@Nullable String what, @Nullable String where, Fault.@Nullable Remedy remedy) {
        Fault toFault() {
            return new Fault(Typed.text(what), Typed.text(where), Typed.require("source.faults.remedy", remedy));
        }
    }

    record SourceRequest(
            @Nullable SourceKind kind,
            @Nullable String name,
            @Nullable String what,
            @Nullable String condition,
            @Nullable String care,
            @Nullable String cost,
            @Nullable ClothRequest cloth,
            @Nullable Map<String, String> measures,
            @Nullable List<FaultRequest> faults,
            @Nullable List<String> proposed) {
        private static final int LONGEST = 2_000;

        /** @param before adjustments stay while the kind stays */
        Source toSource(LengthUnit unit, @Nullable Source before) {
            Typed typed = new Typed(unit);
            SourceKind made = kind == null ? SourceKind.TROUSERS : kind;
            Map<String, String> texts = measures == null ? Map.of() : measures;
            Map<String, Double> values = new HashMap<>();
            for (MeasureSpec spec : made.measures()) {
                values.put(spec.id(), value(spec, texts.get(spec.id()), typed));
            }
            requirePairs(made, values, before);
            // What is proposed still was only shown, as round as a tape tells; it stays what it was.
            if (before != null && before.kind() == made) {
                before.assessment().proposed().stream()
                        .filter(proposed(made, before)::contains)
                        .forEach(id -> values.put(id, before.measures().mm(id)));
            }
            Construction construction = new Construction(
                    new GarmentMeasures(made, values),
                    before != null && before.kind() == made
                            ? before.construction().adjustments()
                            : List.of());
            construction.anatomy();
            return new Source(
                    bounded("source.name", name),
                    bounded("source.what", what),
                    bounded("source.condition", condition),
                    bounded("source.care", care),
                    bounded("source.cost", cost),
                    Typed.require("source.cloth", cloth).toCloth(typed),
                    construction,
                    faults == null
                            ? before == null ? List.of() : before.faults()
                            : faults.stream().map(FaultRequest::toFault).toList(),
                    (before == null ? Assessment.NONE : before.assessment()).proposing(proposed(made, before)));
        }

        /** Measures that nobody took yet; a page that does not say leaves it as it was, while the kind stays. */
        private Set<String> proposed(SourceKind made, @Nullable Source before) {
            Collection<String> told = proposed != null
                    ? proposed
                    : before != null && before.kind() == made
                            ? before.assessment().proposed()
                            : Set.of();
            return made.measures().stream()
                    .map(MeasureSpec::id)
                    .filter(told::contains)
                    .collect(Collectors.toSet());
        }

        /** Darts of a dress lie left and right alike; an odd number that was stored before stays. */
        private static void requirePairs(SourceKind made, Map<String, Double> values, @Nullable Source before) {
            Double darts = made == SourceKind.DRESS ? values.get("darts") : null;
            boolean stays = darts != null
                    && before != null
                    && before.kind() == made
                    && before.measures().mm("darts") == darts;
            if (darts != null && darts % 2 != 0 && !stays) {
                throw new RefusedValueException("source.darts", "come in pairs, left and right: an even number.");
            }
        }

        private static double value(MeasureSpec spec, @Nullable String text, Typed typed) {
            String field = "source." + spec.id();
            if (text == null && spec.isLater()) {
                return spec.older();
            }
            if (!spec.isCount()) {
                return typed.mm(field, text);
            }
            return Typed.count(field, text);
        }

        private static String bounded(String field, @Nullable String text) {
            String plain = Typed.text(text);
            if (plain.length() > LONGEST) {
                throw new RefusedValueException(field, "is too long; 2000 characters are the most.");
            }
            return plain;
        }
    }

    /** One way in which this source differs; which fields are read depends on {@code what}. */
    record AdjustmentRequest(
            @Nullable String what,
            @Nullable String name,
            @Nullable String part,
            @Nullable String edge,
            @Nullable String otherPart,
            @Nullable String otherEdge,
            Fold.@Nullable Kind fold,
            @Nullable StitchType stitch,
            @Nullable PartRole role,
            @Nullable String width,
            @Nullable String height,
            @Nullable String length,
            @Nullable String allowance,
            @Nullable String count) {
        Adjustment toAdjustment(LengthUnit unit, int index) {
            Typed typed = new Typed(unit);
            String on = Typed.text(part);
            return switch (Typed.text(what)) {
                case "part" ->
                    new Adjustment.AddPart(
                            Typed.id("adjustment.name", name),
                            Typed.text(name),
                            typed.mm("adjustment.width", width),
                            typed.mm("adjustment.height", height),
                            role == null ? PartRole.PANEL : role,
                            Layer.SHELL);
                case "join" ->
                    new Adjustment.AddJoin(
                            Typed.id("adjustment.name", name),
                            Typed.text(name),
                            List.of(
                                    new Join.Run(on, Typed.text(edge)),
                                    new Join.Run(Typed.text(otherPart), Typed.text(otherEdge))),
                            stitch == null ? StitchType.PLAIN : stitch,
                            1,
                            typed.mm("adjustment.length", length),
                            Typed.text(allowance).isEmpty() ? 10 : typed.mm("adjustment.allowance", allowance));
                case "fold" ->
                    new Adjustment.AddFold(new Fold(
                            "fold-" + index + "-" + on,
                            Typed.require("adjustment.fold", fold),
                            on,
                            Typed.text(edge),
                            (int) Typed.count("adjustment.count", count),
                            typed.mm("adjustment.width", width),
                            Typed.text(length).isEmpty() ? 0 : typed.mm("adjustment.length", length)));
                case "pocket" ->
                    new Adjustment.AddPocket(
                            on, typed.mm("adjustment.width", width), typed.mm("adjustment.height", height));
                case "lining" -> new Adjustment.AddLining(on, Typed.text(edge));
                case "take-out" -> new Adjustment.TakeOut(on);
                default ->
                    throw new RefusedValueException(
                            "adjustment.what", "must be one of part, join, fold, pocket, lining, take-out.");
            };
        }
    }
}
