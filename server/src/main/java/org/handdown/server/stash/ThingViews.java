package org.handdown.server.stash;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.assembly.Layer;
import org.handdown.cloth.Cloth;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.handdown.project.Kept.Result;
import org.handdown.reuse.KeeperKind;
import org.handdown.server.project.Say;
import org.handdown.server.stash.StashService.Kept;
import org.handdown.source.Assessment;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
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
    private static final double LEAST_DEEP_MM = 8;
    private static final double USUAL_BUTTON_MM = 15;
    private static final int MOST_DRAWN = 24;
    private static final int A_ROW = 6;

    private final Say say;
    private final org.handdown.project.Kept results;

    /**
     * @param say in what the household thinks
     * @param results where drawings are kept
     */
    ThingViews(Say say, org.handdown.project.Kept results) {
        this.say = say;
        this.results = results;
    }

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

    ThingView view(Kept kept, List<ThingMapper.HoldRow> holds) {
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
                new ThingFacts(say).of(thing),
                counted ? amount(stock, stock.amount()) : "",
                counted ? amount(stock, kept.free()) : "",
                kept.free() > 0,
                item.descent(),
                results.of(Result.DRAWN, List.of(thing), () -> drawing(thing)),
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
                kept.served().map(this::served).orElse(null));
    }

    private ThingServedView served(StashSearch.Served served) {
        return new ThingServedView(
                say.sentence(served.slack()),
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

    private String amount(Stock stock, double of) {
        return stock.unit() == Stock.Unit.MM ? say.inward(of) : Wording.fill("%.0f", of);
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
}
