package org.handdown.server.stash;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.cloth.Cloth;
import org.handdown.fit.FlawZone;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.handdown.reuse.KeeperKind;
import org.handdown.server.project.Say;
import org.handdown.server.stash.StashService.Kept;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Layer;
import org.handdown.stash.FlatCloth;
import org.handdown.stash.Hold;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.Notion;
import org.handdown.stash.Sheet;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashSearch;
import org.handdown.stash.StashThing;
import org.handdown.stash.Stock;
import org.jspecify.annotations.Nullable;

/** Puts things of the stash into words and points. */
final class ThingViews {
    private static final Say SAY = new Say(LengthUnit.CM);
    private static final int MOST_FACTS = 4;
    private static final double LEAST_DEEP_MM = 8;
    private static final double USUAL_BUTTON_MM = 15;
    private static final int MOST_DRAWN = 24;
    private static final int A_ROW = 6;

    private ThingViews() {}

    /**
     * A thing as it lies there.
     *
     * @param facts its key measures, in a line each
     * @param stock how much there is, in words; empty for what is given whole
     * @param drawing outlines of it to scale, mm, grain upright; the first is the whole of a flat cloth
     */
    record ThingView(
            String id,
            String code,
            StashThing.Kind kind,
            String kindWords,
            String name,
            ThingTagView tag,
            @Nullable Cloth cloth,
            List<String> facts,
            String stock,
            String free,
            boolean isFree,
            String descent,
            ThingDrawingView drawing,
            List<ThingHoldView> holds,
            @Nullable String photo,
            @Nullable ThingServedView served) {}

    record ThingTagView(
            String place, boolean washed, String note, String cost, Assessment.Missed missed, String missedWords) {}

    /** @param edges finished ones; {@code flaws} that no part may lie on */
    record ThingDrawingView(List<List<double[]>> outlines, List<List<double[]>> edges, List<List<double[]>> flaws) {}

    /** @param project null for one that is gone */
    record ThingHoldView(@Nullable String project, String name, Hold hold, String words, String amount) {}

    /** @param place where the wanted part lies; {@code on} the sheet it is drawn on, empty for what is no cloth */
    record ThingServedView(String slack, List<double[]> on, List<double[]> place) {}

    /** What the page edits, as it was or would be typed. */
    record ThingFormView(
            long version,
            boolean canUndo,
            @Nullable SourceKind sourceKind,
            @Nullable KeeperKind keeper,
            Notion.@Nullable Sort notion,
            Map<String, String> measures,
            ThingSizeView size) {}

    record ThingSizeView(
            String width, String length, String depth, String stretch, String count, String diameter, String words) {
        static final ThingSizeView NONE = new ThingSizeView("", "", "", "", "", "", "");
    }

    static ThingView view(Kept kept, List<ThingMapper.HoldRow> holds) {
        StashItem item = kept.item();
        StashThing thing = item.thing();
        Stock stock = thing.stock();
        boolean counted = stock.unit() != Stock.Unit.WHOLE;
        return new ThingView(
                kept.row().id().toString(),
                kept.code(),
                thing.kind(),
                words(thing),
                thing.name(),
                new ThingTagView(
                        item.tag().place(),
                        item.tag().washed(),
                        item.tag().note(),
                        item.tag().cost(),
                        item.tag().missed(),
                        item.tag().missed().words()),
                thing.cloth(),
                facts(thing),
                counted ? amount(stock, stock.amount()) : "",
                counted ? amount(stock, kept.free()) : "",
                kept.free() > 0,
                item.descent(),
                drawing(thing),
                holds.stream()
                        .filter(h -> h.thing().equals(kept.row().id()))
                        .map(h -> new ThingHoldView(
                                HoldService.idOf(h),
                                h.name(),
                                Hold.valueOf(h.hold()),
                                Hold.valueOf(h.hold()).words(),
                                counted ? amount(stock, h.amount()) : ""))
                        .toList(),
                kept.row().photo() == null ? null : kept.row().photo().toString(),
                kept.served().map(ThingViews::served).orElse(null));
    }

    private static ThingServedView served(StashSearch.Served served) {
        return new ThingServedView(
                SAY.sentence(served.slack()),
                served.sheet() == null
                        ? List.of()
                        : Say.points(served.sheet().outline().points()),
                served.place() == null ? List.of() : Say.points(served.place().points()));
    }

    private static String words(StashThing thing) {
        if (thing instanceof StashThing.Garment g) {
            return g.source().kind().words();
        }
        if (thing instanceof LooseKeeper k) {
            return k.keeper().words();
        }
        return thing instanceof Notion n ? n.sort().words() : thing.kind().words();
    }

    private static String amount(Stock stock, double of) {
        return stock.unit() == Stock.Unit.MM ? SAY.inward(of) : Wording.fill("%.0f", of);
    }

    private static List<String> facts(StashThing thing) {
        List<String> facts = new ArrayList<>();
        if (thing instanceof StashThing.Garment g) {
            addMeasured(facts, g.source());
        } else if (thing instanceof LooseKeeper k) {
            addKeeper(facts, k);
        } else if (thing instanceof Notion n) {
            facts.add(n.size());
        } else {
            facts.add(flatSize(thing));
            if (thing instanceof FlatCloth flat) {
                flat.leftover().edges().forEach(e -> facts.add(e.kind().word() + " " + SAY.inward(e.lengthMm())));
                flat.leftover().zones().stream().map(FlawZone::named).distinct().forEach(facts::add);
            }
        }
        facts.removeIf(String::isBlank);
        return facts;
    }

    /** What somebody measured first; what nobody did is no fact. */
    private static void addMeasured(List<String> facts, Source source) {
        for (MeasureSpec m : source.kind().measures()) {
            boolean isLength = !m.isCount() && m.options().isEmpty();
            if (isLength
                    && facts.size() < MOST_FACTS
                    && !source.assessment().proposed().contains(m.id())) {
                facts.add(m.words().split(",")[0] + " "
                        + SAY.length(source.measures().mm(m.id())));
            }
        }
        if (facts.isEmpty()) {
            facts.add("not measured yet: drawn as an average one");
        }
    }

    /** Of a remnant the largest rectangle along its grain: its box says little of it. */
    private static String flatSize(StashThing thing) {
        var largest = thing instanceof FlatCloth f ? f.leftover().remnant().largestRectangle() : null;
        Box box = Sheet.of(thing).get(0).box();
        double wide = largest == null ? box.widthMm() : largest.widthMm();
        double high = largest == null ? box.heightMm() : largest.heightMm();
        return SAY.size(wide, high) + (thing instanceof FlatCloth ? " at its largest" : ", across × along the grain");
    }

    private static void addKeeper(List<String> facts, LooseKeeper k) {
        LooseKeeper.Size s = k.size();
        facts.add(s.lengthMm() > 0 ? SAY.inward(s.lengthMm()) + " long" : "");
        facts.add(s.depthMm() > 0 ? SAY.length(s.depthMm()) + " deep" : "");
        facts.add(s.stretch() > 0 ? Wording.fill("gives by %.0f %%", 100 * s.stretch()) : "");
        facts.add(s.count() > 0 ? Wording.fill("%d buttons", s.count()) : "");
        facts.add(s.diameterMm() > 0 ? SAY.thin(s.diameterMm()) + " across" : "");
        facts.add(k.clothName());
        facts.add(
                k.condition() == Assessment.Condition.SOUND ? "" : k.condition().words());
    }

    private static ThingDrawingView drawing(StashThing thing) {
        if (thing instanceof StashThing.Garment g) {
            return new ThingDrawingView(front(g.source().construction().anatomy()), List.of(), List.of());
        }
        List<Sheet> sheets = Sheet.of(thing);
        if (sheets.isEmpty()) {
            return new ThingDrawingView(
                    thing instanceof LooseKeeper k ? keeper(k.size()) : List.of(), List.of(), List.of());
        }
        List<List<double[]>> edges =
                thing instanceof FlatCloth flat && flat.leftover().grainDeg() == 90
                        ? flat.leftover().edges().stream()
                                .map(e -> Say.points(e.points()))
                                .toList()
                        : List.of();
        return new ThingDrawingView(
                List.of(Say.points(sheets.get(0).outline().points())),
                edges,
                sheets.get(0).barred().stream().map(b -> Say.points(b.points())).toList());
    }

    /** A row of buttons, or a strip as long and as deep as the keeper. */
    private static List<List<double[]>> keeper(LooseKeeper.Size size) {
        if (size.count() == 0) {
            double deep = Math.max(LEAST_DEEP_MM, size.depthMm());
            return List.of(
                    Say.points(Ring.rectangle(0, 0, deep, size.lengthMm()).points()));
        }
        double across = size.diameterMm() > 0 ? size.diameterMm() : USUAL_BUTTON_MM;
        List<List<double[]>> all = new ArrayList<>();
        for (int i = 0; i < Math.min(MOST_DRAWN, size.count()); i++) {
            Point at = new Point(1.4 * across * (i % A_ROW), -1.4 * across * (i / A_ROW));
            all.add(Say.points(Ring.regular(at, across / 2, 16).points()));
        }
        return all;
    }

    /** The garment as it lies before one, by its shell's front parts. */
    private static List<List<double[]>> front(Anatomy anatomy) {
        List<List<double[]>> outlines = new ArrayList<>();
        anatomy.views().stream()
                .filter(v -> v.side().equals("front"))
                .filter(v -> anatomy.part(v.part()).layer() == Layer.SHELL)
                .forEach(v -> {
                    Ring ring = anatomy.part(v.part()).outline().ring();
                    outlines.add(Say.points(ring.points().stream()
                            .map(p -> new Point(p.x() + v.dxMm(), p.y() + v.dyMm()))
                            .toList()));
                });
        return outlines;
    }

    static ThingFormView form(Kept kept, boolean canUndo) {
        StashThing thing = kept.item().thing();
        Map<String, String> measures = new HashMap<>();
        if (thing instanceof StashThing.Garment g) {
            for (MeasureSpec m : g.source().kind().measures()) {
                if (!g.source().assessment().proposed().contains(m.id())) {
                    double mm = g.source().measures().mm(m.id());
                    measures.put(m.id(), m.isCount() ? Wording.fill("%.0f", mm) : SAY.field(mm));
                }
            }
        }
        return new ThingFormView(
                kept.row().version(),
                canUndo,
                thing instanceof StashThing.Garment g ? g.source().kind() : null,
                thing instanceof LooseKeeper k ? k.keeper() : null,
                thing instanceof Notion n ? n.sort() : null,
                measures,
                size(thing));
    }

    private static ThingSizeView size(StashThing thing) {
        if (thing instanceof StashThing.ByTheMetre m) {
            return new ThingSizeView(SAY.field(m.widthMm()), SAY.field(m.lengthMm()), "", "", "", "", "");
        }
        if (thing instanceof FlatCloth flat) {
            Box box = flat.leftover().outline().box();
            return new ThingSizeView(SAY.field(box.widthMm()), SAY.field(box.heightMm()), "", "", "", "", "");
        }
        if (thing instanceof LooseKeeper k) {
            LooseKeeper.Size s = k.size();
            return new ThingSizeView(
                    "",
                    s.lengthMm() == 0 ? "" : SAY.field(s.lengthMm()),
                    s.depthMm() == 0 ? "" : SAY.field(s.depthMm()),
                    s.stretch() == 0 ? "" : Wording.fill("%.0f %%", 100 * s.stretch()),
                    s.count() == 0 ? "" : String.valueOf(s.count()),
                    s.diameterMm() == 0 ? "" : SAY.thin(s.diameterMm()),
                    "");
        }
        if (thing instanceof Notion n) {
            boolean long_ = n.sort().unit() == Stock.Unit.MM;
            return new ThingSizeView(
                    "",
                    long_ ? SAY.field(n.amount()) : "",
                    "",
                    "",
                    long_ ? "" : Wording.fill("%.0f", n.amount()),
                    "",
                    n.size());
        }
        return ThingSizeView.NONE;
    }
}
