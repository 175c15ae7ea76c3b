package org.handdown.server.stash;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.StretchTest;
import org.handdown.cloth.Weave;
import org.handdown.fit.FitLayout;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.lay.Leftover;
import org.handdown.measure.Length;
import org.handdown.measure.QuantityKind;
import org.handdown.measure.RefusedValueException;
import org.handdown.reuse.KeeperKind;
import org.handdown.server.project.Typed;
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.source.StashedSource;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.stash.FlatCloth;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.Notion;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashThing;
import org.handdown.stash.Stock;
import org.jspecify.annotations.Nullable;

/** What the page sends of a thing: raw texts, turned into values here so that a refusal names the field. */
public final class ThingRequests {
    private ThingRequests() {}

    private static final int LONGEST = 500;

    public record ThingTagRequest(
            @Nullable String place,
            boolean washed,
            @Nullable String note,
            @Nullable String cost,
            Assessment.@Nullable Missed missed) {
        StashItem.Tag toTag() {
            return new StashItem.Tag(
                    Typed.text(place),
                    washed,
                    bounded("thing.note", note),
                    bounded("thing.cost", cost),
                    missed == null ? Assessment.Missed.SOME : missed);
        }
    }

    public record ThingClothRequest(
            @Nullable String name,
            @Nullable Weave weave,
            @Nullable String colour,
            @Nullable HeatLimit heat,
            @Nullable String thickness,
            @Nullable String stretched) {
        private static final double GAUGE_MM = 100;

        /** @param before what was told of it otherwise stays */
        Cloth toCloth(Typed typed, String thing, @Nullable Cloth before) {
            double thick = Typed.text(thickness).isEmpty()
                    ? before == null ? 1 : before.thicknessMm()
                    : typed.thin("cloth.thickness", thickness);
            return new Cloth(
                    Typed.text(name).isEmpty() ? thing : Typed.text(name),
                    before == null ? "" : before.fibre(),
                    weave == null ? Weave.PLAIN : weave,
                    Typed.text(colour).isEmpty() ? "#9a8f7c" : Typed.text(colour),
                    before != null && before.oneWay(),
                    before != null && before.reversible(),
                    thick,
                    heat == null ? HeatLimit.ONE_DOT : heat,
                    pulled(typed, before == null ? ClothSheet.UNTESTED : before.sheet()));
        }

        /** Ten centimetres across, pulled: one reading in the hand says how much it gives, not whether it springs back. */
        private ClothSheet pulled(Typed typed, ClothSheet told) {
            if (Typed.text(stretched).isEmpty()) {
                return told;
            }
            StretchTest across = new StretchTest(GAUGE_MM, typed.mm("cloth.stretched", stretched), null);
            return new ClothSheet(
                    across,
                    told.along(),
                    told.edge(),
                    told.slippery(),
                    told.pinMarks(),
                    told.neverFlatten(),
                    told.prettyInside());
        }
    }

    /**
     * How large it is, as it was typed.
     *
     * @param width across the grain, of cloth that lies flat
     * @param length along it, or of a keeper or notion
     */
    public record ThingSizeRequest(
            @Nullable String width,
            @Nullable String length,
            @Nullable String depth,
            @Nullable String stretch,
            @Nullable String count,
            @Nullable String diameter,
            @Nullable String words) {
        private static double mm(Typed typed, String field, @Nullable String text) {
            return Typed.text(text).isEmpty() ? 0 : typed.mm(field, text);
        }

        private static double small(Typed typed, String field, @Nullable String text) {
            return Typed.text(text).isEmpty() ? 0 : typed.thin(field, text);
        }

        LooseKeeper.Size ofKeeper(Typed typed) {
            return new LooseKeeper.Size(
                    mm(typed, "thing.length", length),
                    Typed.percent("thing.stretch", stretch),
                    mm(typed, "thing.depth", depth),
                    Typed.text(count).isEmpty() ? 0 : (int) Typed.count("thing.count", count),
                    small(typed, "thing.diameter", diameter));
        }

        double amount(Typed typed, Stock.Unit unit) {
            return unit == Stock.Unit.MM ? typed.mm("thing.length", length) : Typed.count("thing.count", count);
        }
    }

    /**
     * A thing as a whole.
     *
     * @param sourceKind and measures: of a garment; what is not measured is taken from an average one of its size
     * @param flat ids of girths that were read across the garment lying flat: they are doubled
     * @param keeper or notion: what sort it is
     */
    public record ThingRequest(
            StashThing.@Nullable Kind kind,
            @Nullable String name,
            @Nullable ThingTagRequest tag,
            @Nullable ThingClothRequest cloth,
            @Nullable ThingSizeRequest size,
            @Nullable SourceKind sourceKind,
            @Nullable Map<String, String> measures,
            @Nullable List<String> flat,
            @Nullable KeeperKind keeper,
            Notion.@Nullable Sort notion) {
        /** @param before the thing as it was; what the page does not know of it stays */
        StashItem toItem(Typed typed, @Nullable StashItem before) {
            StashItem.Tag tagged = tag == null ? StashItem.Tag.NONE : tag.toTag();
            StashThing made = thing(typed, before == null ? null : before.thing());
            return new StashItem(made, tagged, before == null ? "" : before.descent()).tagged(tagged);
        }

        /** The garment that it describes. */
        Source toSource(Typed typed) {
            StashThing made = thing(typed, null);
            if (made instanceof StashThing.Garment g) {
                return g.source();
            }
            throw new RefusedValueException("thing.kind", "Only a garment, blanket or curtain can be asked about.");
        }

        private StashThing thing(Typed typed, @Nullable StashThing before) {
            ThingSizeRequest sized =
                    size == null ? new ThingSizeRequest(null, null, null, null, null, null, null) : size;
            String called = Typed.text(name);
            return switch (Typed.require("thing.kind", kind)) {
                case SOURCE -> garment(typed, called, before instanceof StashThing.Garment g ? g.source() : null);
                case LENGTH ->
                    new StashThing.ByTheMetre(
                            clothOf(typed, called, before),
                            typed.mm("thing.width", sized.width),
                            typed.mm("thing.length", sized.length));
                case PANEL, REMNANT -> flat(typed, called, sized, before instanceof FlatCloth f ? f : null);
                case KEEPER ->
                    new LooseKeeper(
                            called,
                            Typed.require("thing.keeper", keeper),
                            sized.ofKeeper(typed),
                            cloth == null ? "" : Typed.text(cloth.name),
                            before instanceof LooseKeeper k ? k.condition() : Assessment.Condition.SOUND);
                case NOTION -> {
                    Notion.Sort sort = Typed.require("thing.notion", notion);
                    yield new Notion(called, sort, Typed.text(sized.words), sized.amount(typed, sort.unit()));
                }
            };
        }

        private Cloth clothOf(Typed typed, String called, @Nullable StashThing before) {
            ThingClothRequest told = cloth == null ? new ThingClothRequest(null, null, null, null, null, null) : cloth;
            return told.toCloth(typed, called, before == null ? null : before.cloth());
        }

        /** A rectangle by its two sides; one that came from a lay keeps its outline. */
        private FlatCloth flat(Typed typed, String called, ThingSizeRequest sized, @Nullable FlatCloth before) {
            Cloth made = clothOf(typed, called, before);
            boolean isRemnant = kind == StashThing.Kind.REMNANT;
            if (before != null) {
                return new FlatCloth(called, made, before.leftover(), isRemnant);
            }
            double wide = typed.mm("thing.width", sized.width);
            double high = typed.mm("thing.length", sized.length);
            if (!(wide >= 10 && high >= 10 && wide <= 5_000 && high <= 20_000)) {
                throw new RefusedValueException(
                        "thing.width", "A flat piece of cloth is from 1 cm to 5 m wide and to 20 m long.");
            }
            Ring ring = Ring.rectangle(0, 0, wide, high);
            FitLayout.Remnant remnant =
                    new FitLayout.Remnant("cloth", ring, new FitLayout.GrainRectangle(new Point(0, 0), 0, wide, high));
            return new FlatCloth(
                    called,
                    made,
                    new Leftover(
                            remnant,
                            made.name(),
                            90,
                            List.of(),
                            List.of(),
                            new Leftover.Pattern(made.oneWay(), made.reversible(), List.of(), List.of())),
                    isRemnant);
        }

        private StashThing garment(Typed typed, String called, @Nullable Source before) {
            SourceKind made = Typed.require("thing.sourceKind", sourceKind);
            boolean same = before != null && before.kind() == made;
            GarmentMeasures measured = same && before != null ? before.measures() : GarmentMeasures.first(made);
            Set<String> proposed = new HashSet<>(
                    same && before != null
                            ? before.assessment().proposed()
                            : made.measures().stream().map(MeasureSpec::id).toList());
            Map<String, Double> told = measured(typed, made);
            proposed.removeAll(told.keySet());
            Map<String, Double> values = AverageGarment.like(measured, told, proposed);
            Construction construction = new Construction(
                    new GarmentMeasures(made, values),
                    same && before != null ? before.construction().adjustments() : List.of());
            construction.anatomy();
            Source source = new Source(
                    called,
                    before == null ? "" : before.what(),
                    before == null ? "" : before.condition(),
                    before == null ? "" : before.care(),
                    "",
                    clothOf(
                            typed,
                            called,
                            before == null ? null : new StashThing.Garment(new StashedSource(before, ""))),
                    construction,
                    before == null ? List.of() : before.faults(),
                    (before == null ? Assessment.NONE : before.assessment()).proposing(proposed));
            return new StashThing.Garment(new StashedSource(source, ""));
        }

        private Map<String, Double> measured(Typed typed, SourceKind made) {
            Map<String, Double> told = new HashMap<>();
            Map<String, String> texts = measures == null ? Map.of() : measures;
            for (MeasureSpec spec : made.measures()) {
                String text = Typed.text(texts.get(spec.id()));
                if (!text.isEmpty()) {
                    String field = "thing." + spec.id();
                    told.put(spec.id(), spec.isCount() ? Typed.count(field, text) : girth(spec, typed.mm(field, text)));
                }
            }
            return told;
        }

        private double girth(MeasureSpec spec, double mm) {
            boolean isHalf = flat != null && flat.contains(spec.id()) && spec.quantity() == MeasureSpec.Quantity.GIRTH;
            return isHalf ? QuantityKind.FLAT_HALF.meaning(Length.ofMm(mm)).mm() : mm;
        }
    }

    private static String bounded(String field, @Nullable String text) {
        String plain = Typed.text(text);
        if (plain.length() > LONGEST) {
            throw new RefusedValueException(field, "is too long; 500 characters are the most.");
        }
        return plain;
    }
}
