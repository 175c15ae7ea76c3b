package org.handdown.source.graph;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Closure;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Ring;
import org.handdown.assembly.Run;
import org.handdown.assembly.Topology;

/**
 * A ring that a garment is put on through, read off its assembly.
 *
 * @param girthMm along the stitch line, everything shut, relaxed
 * @param opensMm length of the zip, placket or slit that opens it, one side; 0 where it stays closed
 * @param throughout opened it goes over into another ring: a front that is open from neck to hem
 */
public record Opening(Place place, String name, double girthMm, double opensMm, boolean throughout) {
    /** Which ring of the body it lies at. */
    public enum Place {
        NECK,
        WAIST,
        HEM,
        SLEEVE_END,
        LEG_END
    }

    /** Openings of its outer cloth, from the neck down; none where nothing is sewn into a ring. */
    public static List<Opening> of(Anatomy anatomy) {
        return new Finder(anatomy).found();
    }

    private record Finder(Anatomy anatomy, Assembly sewn, Topology open, Topology shut) {
        Finder(Anatomy anatomy) {
            this(anatomy, anatomy.assembly());
        }

        private Finder(Anatomy anatomy, Assembly sewn) {
            this(
                    anatomy,
                    sewn,
                    sewn.whole(),
                    sewn.whole().shut(sewn.closures().stream().map(Closure::id).collect(Collectors.toSet())));
        }

        List<Opening> found() {
            Set<String> body = body();
            List<Opening> all = new ArrayList<>();
            for (Ring ring : shut.rings()) {
                boolean isSewn = ring.corners() > 0;
                if (isSewn && ring.layer() == Layer.SHELL && body.containsAll(ring.components())) {
                    place(ring).ifPresent(p -> all.add(opening(p, ring)));
                }
            }
            all.sort(Comparator.comparing(Opening::place).thenComparing(Opening::name));
            return all;
        }

        /** The outer cloth that hangs together, the largest part of it. */
        private Set<String> body() {
            return shut.surfaces().stream()
                    .map(Topology.Surface::components)
                    .max(Comparator.comparingDouble(c -> c.stream()
                            .map(anatomy::part)
                            .filter(p -> p.layer() == Layer.SHELL)
                            .mapToDouble(Part::areaCm2)
                            .sum()))
                    .orElse(Set.of());
        }

        private Opening opening(Place place, Ring ring) {
            Ring wide = open.rings().stream()
                    .filter(r -> r.runs().stream().anyMatch(run -> ring.runs().contains(run)))
                    .findFirst()
                    .orElse(ring);
            long shares = shut.rings().stream()
                    .filter(r -> r.runs().stream().anyMatch(run -> wide.runs().contains(run)))
                    .count();
            double opens = openedMm(ring, wide);
            String side = side(ring);
            String name = switch (place) {
                case NECK -> "neck";
                case WAIST -> "waist";
                case HEM -> "hem";
                case SLEEVE_END -> side + "sleeve end";
                case LEG_END -> side + "leg end";
            };
            return new Opening(place, name, ring.girthMm(), opens, opens > 0 && shares > 1);
        }

        /** Closures whose stretches the wide ring walks through and the shut one does not. */
        private double openedMm(Ring ring, Ring wide) {
            if (wide.girthMm() - ring.girthMm() < 1) {
                return 0;
            }
            return sewn.closures().stream()
                    .flatMap(c -> c.meetings().stream())
                    .filter(m ->
                            m.runs().stream().allMatch(r -> wide.runs().stream().anyMatch(w -> covers(w, r))))
                    .mapToDouble(m -> m.one().flatMm())
                    .sum();
        }

        private static boolean covers(Run wide, Run run) {
            double middle = (run.fromMm() + run.toMm()) / 2;
            return wide.component().equals(run.component())
                    && wide.edge().equals(run.edge())
                    && wide.fromMm() < middle
                    && middle < wide.toMm();
        }

        private static String side(Ring ring) {
            Set<PartId.BodySide> sides = new HashSet<>();
            ring.components().forEach(c -> new PartId(c).side().ifPresent(sides::add));
            return sides.size() == 1 ? sides.iterator().next().words() + " " : "";
        }

        private Optional<Place> place(Ring ring) {
            boolean isSleeve =
                    ring.components().stream().map(PartId::new).anyMatch(p -> p.says("sleeve") || p.says("cuff"));
            if (isSleeve) {
                return Optional.of(Place.SLEEVE_END);
            }
            boolean isNeck = ring.runs().stream().anyMatch(r -> r.edge().startsWith("neck"))
                    || ring.components().contains("neckband");
            if (isNeck) {
                return Optional.of(Place.NECK);
            }
            boolean isWaist = ring.runs().stream().anyMatch(r -> r.edge().startsWith("waist"))
                    || ring.components().contains("waistband");
            if (isWaist) {
                return Optional.of(Place.WAIST);
            }
            boolean isHem = ring.runs().stream().anyMatch(r -> r.edge().startsWith("hem"))
                    || ring.components().contains("hem-rib");
            boolean isLeg = anatomy.parts().stream()
                    .anyMatch(p -> p.outline().find("inseam").isPresent());
            return isHem ? Optional.of(isLeg ? Place.LEG_END : Place.HEM) : Optional.empty();
        }
    }
}
