package org.handdown.formats.sheet;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.Notion;
import org.handdown.stash.Sheet;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashThing;
import org.handdown.stash.Stock;

/** Labels for the bags of a stash: code, name, place and key measures, four to a row of cutting. */
public final class StashLabels {
    private static final double HIGH_MM = 38;
    private static final double CODE_MM = 8;
    private static final double NAME_MM = 4;
    private static final double TEXT_MM = 3.2;

    private final List<Labelled> labels;
    private final LengthUnit unit;
    private final Paper paper;

    /** @param code that it is found by */
    public record Labelled(String code, StashItem item) {}

    public StashLabels(List<Labelled> labels, LengthUnit unit, Paper paper) {
        this.labels = List.copyOf(labels);
        this.unit = unit;
        this.paper = paper;
    }

    public byte[] pdf() {
        return new LabelSheet("Hand Down – labels for the stash", paper, HIGH_MM, "Nothing lies in the stash yet.")
                .pdf(labels, this::label);
    }

    private void label(Page page, Labelled label, double x, double y, double wide) {
        page.text(x + 4, y + HIGH_MM - 11, CODE_MM, true, label.code());
        double at = y + HIGH_MM - 18;
        for (String line : page.wrapped(NAME_MM, true, label.item().thing().name(), wide - 8)) {
            page.text(x + 4, at, NAME_MM, true, line);
            at -= 1.3 * NAME_MM;
        }
        for (String line : facts(label.item())) {
            if (at > y + 2) {
                page.text(
                        x + 4,
                        at,
                        TEXT_MM,
                        false,
                        page.wrapped(TEXT_MM, false, line, wide - 8).get(0));
                at -= 1.35 * TEXT_MM;
            }
        }
    }

    private String length(double mm) {
        return LengthText.format(Length.ofMm(mm), unit);
    }

    private List<String> facts(StashItem item) {
        StashThing thing = item.thing();
        List<String> facts = new ArrayList<>();
        if (thing instanceof StashThing.Garment g) {
            facts.add(String.join(
                    ", ",
                    g.source().kind().measures().stream()
                            .filter(m -> !m.isCount() && m.options().isEmpty())
                            .limit(3)
                            .map(m -> m.words().split(",")[0] + " "
                                    + length(g.source().measures().mm(m.id())))
                            .toList()));
        } else if (thing instanceof LooseKeeper k) {
            facts.add(
                    k.size().count() > 0
                            ? k.size().count() + " buttons"
                                    + (k.size().diameterMm() > 0
                                            ? ", " + length(k.size().diameterMm()) + " across"
                                            : "")
                            : length(k.size().lengthMm()) + " long"
                                    + (k.size().depthMm() > 0
                                            ? ", " + length(k.size().depthMm()) + " deep"
                                            : ""));
        } else if (thing instanceof Notion n) {
            String amount = n.sort().unit() == Stock.Unit.MM
                    ? length(n.amount())
                    : org.handdown.measure.Wording.fill("%.0f", n.amount());
            facts.add(amount + (n.size().isEmpty() ? "" : ", " + n.size()));
        } else {
            Box box = Sheet.of(thing).get(0).box();
            facts.add(length(box.widthMm()) + " across × " + length(box.heightMm()) + " along the grain");
        }
        if (thing.cloth() != null && !thing.cloth().name().equals(thing.name())) {
            facts.add(thing.cloth().name());
        }
        facts.add((item.tag().place().isEmpty() ? "" : item.tag().place() + " · ")
                + (item.tag().washed() ? "washed" : "not washed yet"));
        return facts;
    }
}
