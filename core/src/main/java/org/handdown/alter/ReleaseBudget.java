package org.handdown.alter;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.Tube;

/**
 * What a source could give at every level: round each ring at its top, middle and end, from the seams that run through it and the folds
 * that reach it; and in length from its hems.
 */
public final class ReleaseBudget {
    /** Just inside the edge, where the ring is still whole. */
    private static final double INSIDE_MM = 8;

    private final Anatomy anatomy;
    private final double leastAllowanceMm;
    private final double hemFinishMm;

    /**
     * One level.
     *
     * @param parts round the ring
     * @param girthMm now, with its folds closed; 0 for a length
     * @param releases from least to most seen
     */
    public record Level(String id, String name, List<String> parts, double girthMm, List<Release> releases) {
        public Level {
            parts = List.copyOf(parts);
            releases = List.copyOf(releases);
        }

        public double mostMm() {
            return releases.stream().mapToDouble(Release::mostMm).sum();
        }

        /**
         * What each release gives of a wanted gain: what shows least first, seams of one kind alike.
         *
         * @return by release id, mm; less than wanted where there is no more
         */
        public Map<String, Double> spread(double wantedMm) {
            Map<String, Double> given = new LinkedHashMap<>();
            double left = wantedMm;
            for (Release.Kind kind : Release.Kind.values()) {
                List<Release> alike =
                        releases.stream().filter(r -> r.kind() == kind).toList();
                double most = alike.stream().mapToDouble(Release::mostMm).sum();
                double share = most <= 0 ? 0 : Math.min(1, left / most);
                alike.forEach(r -> given.put(r.id(), share * r.mostMm()));
                left = Math.max(0, left - share * most);
            }
            return given;
        }
    }

    /**
     * @param leastAllowanceMm kept in every seam
     * @param hemFinishMm taken up by a new hem
     */
    public ReleaseBudget(Anatomy anatomy, double leastAllowanceMm, double hemFinishMm) {
        this.anatomy = anatomy;
        this.leastAllowanceMm = leastAllowanceMm;
        this.hemFinishMm = hemFinishMm;
    }

    /** Every level once; rings of the same parts are named once, left and right sleeves each for themselves. */
    public List<Level> levels() {
        Map<String, Level> levels = new LinkedHashMap<>();
        for (Part part : anatomy.mainParts()) {
            if (part.layer() == Layer.SHELL) {
                double[] upright = upright(part);
                for (Place place : Place.values()) {
                    double y = place.heightMm(upright[0], upright[1]);
                    Level level = ring(part, place, y);
                    levels.putIfAbsent(level.id(), level);
                }
            }
        }
        Level length = length();
        if (!length.releases().isEmpty()) {
            levels.put(length.id(), length);
        }
        return levels.values().stream().filter(l -> !l.releases().isEmpty()).toList();
    }

    private enum Place {
        TOP("at the top"),
        MIDDLE("half-way"),
        END("at the end");

        private final String words;

        Place(String words) {
            this.words = words;
        }

        double heightMm(double low, double high) {
            return switch (this) {
                case TOP -> high - INSIDE_MM;
                case MIDDLE -> (low + high) / 2;
                case END -> low + INSIDE_MM;
            };
        }
    }

    /** Heights between which all upright edges of a part run; a curved hem or neck lies outside them. */
    private static double[] upright(Part part) {
        Box box = part.outline().box();
        double low = box.minY();
        double high = box.maxY();
        for (Edge edge : part.outline().edges()) {
            double from = Math.min(edge.start().y(), edge.end().y());
            double to = Math.max(edge.start().y(), edge.end().y());
            // An armhole or a crotch begins half-way up; what counts is the edge that comes down to the end.
            if (edge.isUpright() && from < box.minY() + 0.25 * box.heightMm()) {
                low = Math.max(low, from);
            }
            if (edge.isUpright() && to > box.maxY() - 0.25 * box.heightMm()) {
                high = Math.min(high, to);
            }
        }
        return new double[] {low, high};
    }

    private Level ring(Part part, Place place, double y) {
        Tube tube = new Tube(anatomy, part);
        Set<Part> ring = tube.partsAt(y);
        List<String> ids = ring.stream().map(Part::id).sorted().toList();
        List<Release> releases = new ArrayList<>();
        for (Join join : anatomy.joins()) {
            double gives = 2 * (join.allowanceMm() - leastAllowanceMm);
            if (gives > 0 && crosses(join, ids, y)) {
                releases.add(release(join.id(), Release.Kind.ALLOWANCE, join.name(), part.id(), 1, gives));
            }
        }
        double folded = 0;
        for (Fold fold : anatomy.foldsAcross()) {
            double open = ids.contains(fold.part()) ? openShare(fold, y) : 0;
            if (open > 0) {
                // The drawing has every fold open; the garment has it closed.
                folded += open * fold.hiddenMm();
                String words = fold.kind().words() + (fold.count() == 1 ? "" : "s");
                releases.add(release(
                        fold.id(),
                        Release.Kind.valueOf(fold.kind().name()),
                        Wording.spoken(fold.part()) + " " + words,
                        fold.part(),
                        fold.count(),
                        2 * fold.depthMm()));
            }
        }
        String names = ring.stream().map(Part::name).sorted().collect(Collectors.joining(", "));
        return new Level(
                String.join("+", ids) + "/" + place.name().toLowerCase(java.util.Locale.ROOT),
                names + ", " + place.words,
                ids,
                tube.girthMm(y) - folded,
                releases);
    }

    private static Release release(String id, Release.Kind kind, String name, String part, int count, double each) {
        return new Release(id, kind, name, "", "", part, count, each, kind.shows());
    }

    private boolean crosses(Join join, List<String> ring, double y) {
        return !join.finishedEdge()
                && join.runs().size() == 2
                && join.runs().stream().allMatch(r -> ring.contains(r.part()) && runsThrough(r, y));
    }

    private boolean runsThrough(Join.Run run, double y) {
        return anatomy.part(run.part()).outline().edges().stream()
                .filter(e -> e.name().equals(run.edge()))
                .anyMatch(e -> e.isUpright() && e.reaches(y));
    }

    /**
     * Share of its cloth that a fold holds back at a height: a dart runs out to nothing at its point; a tuck is sewn alike all along;
     * pleats and gathers are held at their edge only and fall open beyond it. The edge may lie at either end of its part.
     */
    private double openShare(Fold fold, double y) {
        Part part = anatomy.part(fold.part());
        Box box = part.outline().box();
        List<Point> edge = part.outline().edge(fold.edge()).flattened(1);
        double low = edge.stream().mapToDouble(Point::y).min().orElse(0);
        double high = edge.stream().mapToDouble(Point::y).max().orElse(0);
        boolean below = (low + high) / 2 < (box.minY() + box.maxY()) / 2;
        double in = below ? y - low : high - y;
        return in < 0 ? 0 : fold.heldAt(in, 2 * INSIDE_MM);
    }

    private Level length() {
        List<Release> hems = Release.atHem(anatomy, hemFinishMm);
        return new Level(
                "length",
                "length, at the hems",
                hems.stream().map(Release::part).toList(),
                0,
                hems);
    }
}
