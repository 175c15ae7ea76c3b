package org.handdown.alter;

import java.util.ArrayList;
import java.util.List;
import org.handdown.assembly.Layer;
import org.handdown.geometry.EdgeName;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartId;
import org.handdown.source.graph.PartRole;

/**
 * Cloth hidden in a source that lets it grow.
 *
 * @param group what it is let out with, so that both sides of a seam gain alike: the seam's level, for example {@code waist}
 * @param side which side of that seam it lies on, for example bodice or skirt
 * @param count folds, or edges that can give
 * @param eachMm what one of them gives when let out wholly
 * @param shows what will be seen afterwards
 */
public record Release(
        String id,
        Kind kind,
        String name,
        String group,
        String side,
        String part,
        int count,
        double eachMm,
        String shows) {
    /** From least to most seen; cloth comes from the first that has some. */
    public enum Kind {
        PLEAT("old creases, until they are pressed out"),
        GATHER("old creases, until they are pressed out"),
        TUCK("old creases, until they are pressed out"),
        DART("the shape it gave; its old line shows where the cloth faded"),
        ALLOWANCE("the old stitch line, beside the new seam"),
        HEM("the old fold, often faded: try steam, or hide it under a band");

        private final String shows;

        Kind(String shows) {
            this.shows = shows;
        }

        /** What will be seen afterwards. */
        public String shows() {
            return shows;
        }
    }

    /** Least allowance that still holds: overlocked knit, woven (handbook of the trade §3; common practice, no source). */
    public static final double LEAST_ALLOWANCE_KNIT_MM = 6;

    public static final double LEAST_ALLOWANCE_WOVEN_MM = 10;

    /** All that it can give, mm. */
    public double mostMm() {
        return count * eachMm;
    }

    /** Sleeves, necks, yokes and linings have folds of their own, which give nothing round the waist. */
    private static boolean isAtWaist(Anatomy anatomy, Fold fold) {
        return anatomy.part(fold.part()).layer() == Layer.SHELL
                && !new PartId(fold.part()).isOf("sleeve")
                && !fold.edge().matches("neck|upper");
    }

    /**
     * What could be let out round the waist seam of a skirt or dress: pleats, gathers and darts that end there give twice their depth
     * each; each side seam gives twice what its allowance is more than the least.
     *
     * @param leastAllowanceMm kept in every seam
     */
    public static List<Release> atWaist(Anatomy anatomy, double leastAllowanceMm) {
        List<Release> releases = new ArrayList<>();
        for (Fold fold : anatomy.foldsAcross()) {
            String part = fold.part();
            if (!isAtWaist(anatomy, fold)) {
                continue;
            }
            releases.add(new Release(
                    fold.id(),
                    Kind.valueOf(fold.kind().name()),
                    Wording.fill(
                            "%s %s",
                            Wording.spoken(part),
                            fold.count() == 1
                                    ? fold.kind().words()
                                    : fold.kind().words() + "s"),
                    "waist",
                    side(part),
                    part,
                    fold.count(),
                    2 * fold.depthMm(),
                    Kind.valueOf(fold.kind().name()).shows()));
        }
        for (Join join : anatomy.joins()) {
            boolean sideSeam = join.runs().size() == 2
                    && !join.finishedEdge()
                    && join.runs().stream().allMatch(r -> new EdgeName(r.edge()).isSide())
                    && join.runs().stream().allMatch(r -> anatomy.part(r.part()).role() == PartRole.PANEL);
            double gives = 2 * (join.allowanceMm() - leastAllowanceMm);
            if (sideSeam && gives > 0) {
                releases.add(new Release(
                        join.id(),
                        Kind.ALLOWANCE,
                        join.name(),
                        "waist",
                        side(join.runs().get(0).part()),
                        join.runs().get(0).part(),
                        1,
                        gives,
                        Kind.ALLOWANCE.shows()));
            }
        }
        return releases;
    }

    /**
     * What the hem gives in length: its depth less the new finish.
     *
     * @param finishMm what the new hem takes up; a faced edge takes a seam's width
     */
    public static List<Release> atHem(Anatomy anatomy, double finishMm) {
        List<Release> releases = new ArrayList<>();
        for (Join join : anatomy.joins()) {
            double gives = join.allowanceMm() - finishMm;
            if (join.finishedEdge() && gives > 0) {
                String part = join.runs().get(0).part();
                releases.add(new Release(
                        join.id(), Kind.HEM, join.name(), "length", "skirt", part, 1, gives, Kind.HEM.shows()));
            }
        }
        return releases;
    }

    private static String side(String part) {
        return new PartId(part).isOf("bodice") ? "bodice" : "skirt";
    }
}
