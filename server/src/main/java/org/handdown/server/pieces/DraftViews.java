package org.handdown.server.pieces;

import org.handdown.measure.Wording;
import org.handdown.pattern.draft.Dimension;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.DraftOrder;
import org.handdown.server.project.Say;

/** Puts the drafts of a project and what may be chosen of them into words. */
record DraftViews(Say say) {
    PatternView.OrderView order(DraftOrder order) {
        Draft draft = Drafts.require(order.draft());
        return new PatternView.OrderView(
                draft.id(),
                draft.words(),
                draft.about(),
                draft.cloth(),
                say.sentence(draft.formula()),
                draft.whole(),
                draft.dimensions().stream().map(d -> dimension(d, order)).toList());
    }

    private PatternView.DimensionView dimension(Dimension d, DraftOrder order) {
        Double chosen = order.choices().get(d.id());
        double usual = order.usual(d);
        return new PatternView.DimensionView(
                d.id(),
                d.words(),
                d.kind(),
                order.told().containsKey(d.id())
                        ? "as the cloth was tested, what springs back of it"
                        : say.sentence(d.hint()),
                text(d, chosen == null ? usual : chosen),
                text(d, usual),
                chosen != null,
                d.kind() == Dimension.Kind.CHOICE || d.kind() == Dimension.Kind.TICK
                        ? ""
                        : text(d, d.least()) + " to " + text(d, d.most()),
                d.options());
    }

    private String text(Dimension d, double value) {
        return switch (d.kind()) {
            case LENGTH -> value < 0 ? "−" + say.field(-value) : say.field(value);
            case SHARE ->
                d.most() > 1.5 && d.least() >= 1
                        ? Wording.fill("%.2f", value).replaceAll("\\.?0+$", "")
                        : Wording.fill("%.1f %%", 100 * value).replace(".0 %", " %");
            default -> Wording.fill("%.0f", value);
        };
    }
}
