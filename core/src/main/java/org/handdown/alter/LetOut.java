package org.handdown.alter;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartRole;
import org.handdown.unpick.Stretch;
import org.handdown.unpick.Stretches;

/**
 * Letting a source out: how much each fold, allowance and hem gives, what is folded again and where, which stretches of which joins have
 * to be opened, and what is missing.
 */
public final class LetOut {
    private final Anatomy anatomy;
    private final Wish wish;

    /**
     * What is wanted.
     *
     * @param waistMm more girth at the waist seam
     * @param lengthMm more length
     * @param leastAllowanceMm to be kept in every seam
     * @param hemFinishMm taken up by the new hem
     * @param dartsToo shaping darts may go as well
     * @param levels more girth at other levels, by their ids in the {@link ReleaseBudget}
     */
    public record Wish(
            double waistMm,
            double lengthMm,
            double leastAllowanceMm,
            double hemFinishMm,
            boolean dartsToo,
            Map<String, Double> levels) {
        private static final int MOST_LEVELS = 40;

        /** At the waist and in length only. */
        public Wish(double waistMm, double lengthMm, double leastAllowanceMm, double hemFinishMm, boolean dartsToo) {
            this(waistMm, lengthMm, leastAllowanceMm, hemFinishMm, dartsToo, Map.of());
        }

        public Wish {
            levels = Map.copyOf(levels);
            if (levels.size() > MOST_LEVELS) {
                throw new RefusedValueException("letOut.levels", "40 levels at most.");
            }
            levels.forEach((id, mm) -> new Range(0, 800).require("letOut.levels", Length.ofMm(mm)));
            new Range(0, 800).require("letOut.waist", Length.ofMm(waistMm));
            new Range(0, 500).require("letOut.length", Length.ofMm(lengthMm));
            new Range(3, 30).require("letOut.leastAllowance", Length.ofMm(leastAllowanceMm));
            new Range(3, 100).require("letOut.hemFinish", Length.ofMm(hemFinishMm));
        }
    }

    /** What one release gives; {@code perEachMm} of each of its folds or edges. */
    public record Given(Release release, double mm) {
        public double perEachMm() {
            return mm / release.count();
        }
    }

    /**
     * One side of the seam that grows.
     *
     * @param missingMm what even all its releases do not give
     */
    public record Side(String name, List<Given> given, double gainMm, double missingMm) {
        /** Half of a tape's finest mark. */
        private static final double LEAST_SHOWN_MM = 0.5;

        /** What is missing as far as a tape shows it: nobody puts in inserts for less. */
        public double shortMm() {
            return missingMm < LEAST_SHOWN_MM ? 0 : missingMm;
        }
    }

    /**
     * Folds of an edge, folded again shallower about their old middles.
     *
     * @param flatMm length of the edge with every fold open
     * @param middlesMm along the open edge, from its start
     * @param oldDepthMm and newDepthMm: folded depth of each; a new depth of 0 is let out wholly
     */
    public record Refold(Fold fold, double flatMm, List<Double> middlesMm, double oldDepthMm, double newDepthMm) {
        /** Length of the edge when folded. */
        public double foldedMm() {
            return flatMm - 2 * middlesMm.size() * newDepthMm;
        }

        public double oldFoldedMm() {
            return flatMm - 2 * middlesMm.size() * oldDepthMm;
        }
    }

    public LetOut(Anatomy anatomy, Wish wish) {
        this.anatomy = anatomy;
        this.wish = wish;
        if (wish.waistMm() > 0 && Release.atWaist(anatomy, 0).isEmpty()) {
            throw new RefusedValueException(
                    "letOut.waist", "This source has no pleat, dart, gather or side seam at a waist to let out.");
        }
    }

    /** Both sides of the waist seam, each gaining the same; a skirt has one. */
    public List<Side> sides() {
        Map<String, List<Release>> bySide = new LinkedHashMap<>();
        Release.atWaist(anatomy, wish.leastAllowanceMm())
                .forEach(r ->
                        bySide.computeIfAbsent(r.side(), k -> new ArrayList<>()).add(r));
        List<Side> sides = new ArrayList<>();
        bySide.forEach((name, releases) -> sides.add(side(name, releases, wish.waistMm())));
        return sides;
    }

    /** Length gained at the hem. */
    public Side hem() {
        List<Release> hems = Release.atHem(anatomy, wish.hemFinishMm());
        // Every hem of the source goes down by the same amount; the shallowest sets how far.
        double most = hems.stream().mapToDouble(Release::mostMm).min().orElse(0);
        double gain = Math.min(most, wish.lengthMm());
        List<Given> given = hems.stream().map(r -> new Given(r, gain)).toList();
        return new Side("length", given, gain, wish.lengthMm() - gain);
    }

    /** Takes from what shows least first; like folds in front and back share alike, so that left and right stay even. */
    private Side side(String name, List<Release> releases, double wanted) {
        Map<Release.Kind, List<Release>> kinds = new LinkedHashMap<>();
        releases.stream()
                .filter(r -> wish.dartsToo() || r.kind() != Release.Kind.DART)
                .sorted(Comparator.comparing(Release::kind))
                .forEach(r ->
                        kinds.computeIfAbsent(r.kind(), k -> new ArrayList<>()).add(r));
        List<Given> given = new ArrayList<>();
        double left = wanted;
        for (List<Release> alike : kinds.values()) {
            double most = alike.stream().mapToDouble(Release::mostMm).sum();
            double share = most <= 0 ? 0 : Math.min(1, left / most);
            for (Release release : alike) {
                if (share > 0) {
                    given.add(new Given(release, share * release.mostMm()));
                }
            }
            left -= share * most;
        }
        double missing = Math.max(0, left);
        return new Side(name, given, wanted - missing, missing);
    }

    public ReleaseBudget budget() {
        return new ReleaseBudget(anatomy, wish.leastAllowanceMm(), wish.hemFinishMm());
    }

    /** Other levels that are to grow, each with what its own seams and folds give, and what is missing. */
    public List<Side> levels() {
        List<ReleaseBudget.Level> known = budget().levels();
        List<Side> sides = new ArrayList<>();
        new java.util.TreeMap<>(wish.levels()).forEach((id, wanted) -> {
            ReleaseBudget.Level level = known.stream()
                    .filter(l -> l.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> new RefusedValueException(
                            "letOut.levels", Wording.fill("There is nothing to let out at “%s”.", id)));
            if (wanted > 0) {
                List<Release> open = level.releases().stream()
                        .filter(r -> wish.dartsToo() || r.kind() != Release.Kind.DART)
                        .toList();
                sides.add(side(level.name(), open, wanted));
            }
        });
        return sides;
    }

    /** What each side of the waist seam gains at most: the part that gains least sets the pace. */
    public double gainMm() {
        return sides().stream().mapToDouble(Side::gainMm).min().orElse(0);
    }

    /**
     * Folds that stay, each shallower than it was by half of what it gives.
     */
    public List<Refold> refolds() {
        Map<String, Double> perFold = new LinkedHashMap<>();
        for (Side side : sides()) {
            side.given().forEach(g -> perFold.put(g.release().id(), g.perEachMm()));
        }
        List<Refold> refolds = new ArrayList<>();
        for (Fold fold : anatomy.folds()) {
            double gives = perFold.getOrDefault(fold.id(), 0.0);
            double flat = anatomy.part(fold.part()).outline().edge(fold.edge()).lengthMm();
            refolds.add(new Refold(
                    fold, flat, middles(fold, flat), fold.depthMm(), Math.max(0, fold.depthMm() - gives / 2)));
        }
        return refolds;
    }

    /** Folds sit evenly along their edge. */
    private static List<Double> middles(Fold fold, double flat) {
        List<Double> middles = new ArrayList<>();
        for (int i = 0; i < fold.count(); i++) {
            middles.add((i + 0.5) * flat / fold.count());
        }
        return middles;
    }

    /** Joins to open, with the stretches where not all of the join is needed; a whole join has none. */
    public Map<String, Optional<Stretches>> openings() {
        Map<String, Optional<Stretches>> open = new LinkedHashMap<>();
        List<Given> all = new ArrayList<>();
        sides().forEach(s -> all.addAll(s.given()));
        levels().forEach(s -> all.addAll(s.given()));
        for (Given g : all) {
            if (g.mm() <= 0 || g.release().kind() == Release.Kind.HEM) {
                continue;
            }
            if (g.release().kind() == Release.Kind.ALLOWANCE) {
                open.put(g.release().id(), Optional.empty());
                continue;
            }
            Fold fold = anatomy.folds().stream()
                    .filter(f -> f.id().equals(g.release().id()))
                    .findFirst()
                    .orElseThrow();
            for (Join join : anatomy.joins()) {
                if (join.runs().contains(new Join.Run(fold.part(), fold.edge()))) {
                    // Folds spread all along need the whole seam; a few darts only their own stretch.
                    boolean everywhere = fold.count() > 3 || fold.kind() == Fold.Kind.GATHER;
                    open.merge(
                            join.id(),
                            everywhere ? Optional.empty() : Optional.of(stretches(fold, join)),
                            (a, b) -> a.isEmpty() || b.isEmpty()
                                    ? Optional.empty()
                                    : Optional.of(a.get().and(b.get())));
                }
            }
        }
        if (hem().gainMm() > 0) {
            hem().given().forEach(g -> open.put(g.release().id(), Optional.empty()));
        }
        return open;
    }

    /** Along the folded seam, round the middle of each fold. */
    private Stretches stretches(Fold fold, Join join) {
        double flat = anatomy.part(fold.part()).outline().edge(fold.edge()).lengthMm();
        List<Stretch> stretches = new ArrayList<>();
        for (double middle : middles(fold, flat)) {
            double at = Math.min(middle * join.lengthMm() / flat, join.lengthMm());
            stretches.add(
                    new Stretch(Math.max(0, at - fold.depthMm()), Math.min(join.lengthMm(), at + fold.depthMm())));
        }
        return new Stretches(stretches);
    }

    /**
     * Bands that must grow with the seam, and by how much: nothing is let out of them, so they get an insert or are cut anew.
     */
    public Map<String, Double> bands() {
        Map<String, Double> bands = new LinkedHashMap<>();
        for (Part part : anatomy.parts()) {
            if (part.role() == PartRole.WAISTBAND && gainMm() > 0) {
                bands.put(part.id(), gainMm());
            }
        }
        return bands;
    }

    /**
     * Inserts that would make up for what is missing: total over the openings each, half of that to either side of an insert's centre
     * line (handbook of the trade §3).
     *
     * @param openings seams that take one, at least one
     * @return width of one insert, without allowances, mm
     */
    public static double insertMm(double totalMm, int openings) {
        if (openings < 1) {
            throw new RefusedValueException("openings", "An insert needs a seam to go into.");
        }
        return totalMm / openings;
    }
}
