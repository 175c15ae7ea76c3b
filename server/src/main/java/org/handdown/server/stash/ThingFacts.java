package org.handdown.server.stash;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Box;
import org.handdown.measure.Wording;
import org.handdown.server.project.Say;
import org.handdown.server.stash.StashService.Kept;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.stash.FlatCloth;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.Notion;
import org.handdown.stash.Sheet;
import org.handdown.stash.StashThing;
import org.handdown.stash.Stock;

/** The key measures of a thing, a line each, and as they would be typed. */
final class ThingFacts {
    private static final int MOST_FACTS = 4;

    private final Say say;

    /** @param say in what the household thinks */
    ThingFacts(Say say) {
        this.say = say;
    }

    List<String> of(StashThing thing) {
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
                flat.leftover().edges().forEach(e -> facts.add(e.kind().word() + " " + say.inward(e.lengthMm())));
                facts.addAll(flat.leftover().named());
                flat.leftover()
                        .pattern()
                        .repeats()
                        .forEach(r -> facts.add(Wording.fill("%s every ", r.id()) + say.length(r.periodMm())));
                flat.leftover().pattern().motifs().forEach(m -> facts.add(m.name()));
            }
        }
        facts.removeIf(String::isBlank);
        return facts;
    }

    /** What somebody measured first; what nobody did is no fact. */
    private void addMeasured(List<String> facts, Source source) {
        for (MeasureSpec m : source.kind().measures()) {
            boolean isLength = !m.isCount() && m.options().isEmpty();
            if (isLength
                    && facts.size() < MOST_FACTS
                    && !source.assessment().proposed().contains(m.id())) {
                facts.add(m.words().split(",")[0] + " "
                        + say.length(source.measures().mm(m.id())));
            }
        }
        if (facts.isEmpty()) {
            facts.add("not measured yet: drawn as an average one");
        }
    }

    /** Of a remnant the largest rectangle along its grain: its box says little of it. */
    private String flatSize(StashThing thing) {
        var largest = thing instanceof FlatCloth f ? f.leftover().remnant().largestRectangle() : null;
        Box box = Sheet.of(thing).get(0).box();
        double wide = largest == null ? box.widthMm() : largest.widthMm();
        double high = largest == null ? box.heightMm() : largest.heightMm();
        return say.size(wide, high) + (thing instanceof FlatCloth ? " at its largest" : ", across × along the grain");
    }

    private void addKeeper(List<String> facts, LooseKeeper k) {
        LooseKeeper.Size s = k.size();
        facts.add(s.lengthMm() > 0 ? say.inward(s.lengthMm()) + " long" : "");
        facts.add(s.depthMm() > 0 ? say.length(s.depthMm()) + " deep" : "");
        facts.add(s.stretch() > 0 ? Wording.fill("gives by %.0f %%", 100 * s.stretch()) : "");
        facts.add(s.count() > 0 ? Wording.fill("%d buttons", s.count()) : "");
        facts.add(s.diameterMm() > 0 ? say.thin(s.diameterMm()) + " across" : "");
        facts.add(k.clothName());
        facts.add(
                k.condition() == Assessment.Condition.SOUND ? "" : k.condition().words());
    }

    ThingViews.ThingFormView form(Kept kept, boolean canUndo) {
        StashThing thing = kept.item().thing();
        Map<String, String> measures = new HashMap<>();
        if (thing instanceof StashThing.Garment g) {
            for (MeasureSpec m : g.source().kind().measures()) {
                if (!g.source().assessment().proposed().contains(m.id())) {
                    double mm = g.source().measures().mm(m.id());
                    measures.put(m.id(), m.isCount() ? Wording.fill("%.0f", mm) : say.field(mm));
                }
            }
        }
        return new ThingViews.ThingFormView(
                kept.row().version(),
                canUndo,
                thing instanceof StashThing.Garment g ? g.source().kind() : null,
                thing instanceof LooseKeeper k ? k.keeper() : null,
                thing instanceof Notion n ? n.sort() : null,
                measures,
                size(thing));
    }

    private ThingViews.ThingSizeView size(StashThing thing) {
        if (thing instanceof StashThing.ByTheMetre m) {
            return new ThingViews.ThingSizeView(say.field(m.widthMm()), say.field(m.lengthMm()), "", "", "", "", "");
        }
        if (thing instanceof FlatCloth flat) {
            Box box = flat.leftover().outline().box();
            return new ThingViews.ThingSizeView(
                    say.field(box.widthMm()), say.field(box.heightMm()), "", "", "", "", "");
        }
        if (thing instanceof LooseKeeper k) {
            LooseKeeper.Size s = k.size();
            return new ThingViews.ThingSizeView(
                    "",
                    s.lengthMm() == 0 ? "" : say.field(s.lengthMm()),
                    s.depthMm() == 0 ? "" : say.field(s.depthMm()),
                    s.stretch() == 0 ? "" : Wording.fill("%.0f %%", 100 * s.stretch()),
                    s.count() == 0 ? "" : String.valueOf(s.count()),
                    s.diameterMm() == 0 ? "" : say.thin(s.diameterMm()),
                    "");
        }
        if (thing instanceof Notion n) {
            boolean long_ = n.sort().unit() == Stock.Unit.MM;
            return new ThingViews.ThingSizeView(
                    "",
                    long_ ? say.field(n.amount()) : "",
                    "",
                    "",
                    long_ ? "" : Wording.fill("%.0f", n.amount()),
                    "",
                    n.size());
        }
        return ThingViews.ThingSizeView.NONE;
    }
}
