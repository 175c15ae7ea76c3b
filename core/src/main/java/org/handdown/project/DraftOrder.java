package org.handdown.project;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.cloth.ClothSheet;
import org.handdown.measure.Practice;
import org.handdown.pattern.Design;
import org.handdown.pattern.draft.Dimension;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.jspecify.annotations.Nullable;

/**
 * A draft as it was ordered.
 *
 * @param from the wearer with the measures it was drafted from
 * @param choices of its free dimensions, by id; the rest are told by the cloth's own tests, or are the usual ones
 * @param cloth whose tests it was drafted with; null before anybody asked the cloth
 * @param practice always the project's
 */
public record DraftOrder(
        String draft,
        Wearer from,
        Map<String, Double> choices,
        @Nullable ClothSheet cloth,
        Practice practice) {
    public DraftOrder(String draft, Wearer from, Map<String, Double> choices, @Nullable ClothSheet cloth) {
        this(draft, from, choices, cloth, Practice.SHIPPED);
    }

    public DraftOrder(String draft, Wearer from, Map<String, Double> choices) {
        this(draft, from, choices, null);
    }

    public DraftOrder {
        choices = Map.copyOf(choices);
        Drafts.require(draft);
    }

    public DraftOrder withChoices(Map<String, Double> others) {
        return new DraftOrder(draft, from, others, cloth, practice);
    }

    /** What a dimension is without anybody having chosen. */
    public double usual(Dimension dimension) {
        Double told = told().get(dimension.id());
        return told == null ? dimension.usualFor(from) : told;
    }

    /** What the cloth's tests tell of its dimensions. */
    public Map<String, Double> told() {
        return cloth == null ? Map.of() : Drafts.require(draft).told(cloth);
    }

    /** Measures of the body that it is drafted from. */
    public List<BodyMeasure> measures() {
        return Drafts.require(draft).measures(choices);
    }

    /** Values of its dimensions: chosen, told by the cloth, or the usual ones. */
    public Map<String, Double> values() {
        return Drafts.require(draft).figures(from, settled()).values();
    }

    private Map<String, Double> settled() {
        Map<String, Double> all = new HashMap<>(told());
        all.putAll(choices);
        return all;
    }

    public Design design() {
        Draft drawn = Drafts.require(draft);
        Design design = drawn.draw(from, settled(), practice);
        for (String lacking : cloth == null ? List.<String>of() : drawn.lacking(cloth)) {
            design = design.cautioning(lacking);
        }
        return design;
    }

    /** Is it a size that the draft leaves free: a length, a share or a count? */
    public boolean isFree(String dimension) {
        return Drafts.require(draft).dimensions().stream().anyMatch(d -> d.id().equals(dimension) && d.isSize());
    }
}
