package org.handdown.assembly;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A ring that a garment is put on through, read off its assembly.
 *
 * @param component that most of its rim is of
 * @param girthMm of the smallest ring on the way in, everything shut, relaxed
 * @param opensMm length of the zip, placket or slit that opens it, one side; 0 where it stays closed
 * @param ring of what is shut
 * @param throughout opened it goes over into another ring: a front that is open from neck to hem
 */
public record Opening(
        Place place, String name, String component, Ring ring, double girthMm, double opensMm, boolean throughout) {
    private static final Set<String> SIDES = Set.of("left", "right");
    private static final Set<String> IN_NECKS = Set.of("neckband", "neck", "collar");

    /** Which ring of the body it lies at. */
    public enum Place {
        NECK,
        /** Of a hat. */
        HEAD,
        WAIST,
        HEM,
        SLEEVE_END,
        LEG_END
    }

    /** Openings of its outer cloth, from the neck down; none where nothing is sewn into a ring. Two that are alike are told once. */
    public static List<Opening> of(Assembly assembly) {
        return new Finder(assembly).found();
    }

    /** Of whatever name the places of a body are told from: by what parts and edges are called. */
    private record Finder(Assembly sewn, Topology open, Topology shut) {
        private static final double SMALLEST_MM = 20;

        Finder(Assembly sewn) {
            this(
                    sewn,
                    sewn.whole(),
                    sewn.whole().shut(sewn.closures().stream().map(Closure::id).collect(Collectors.toSet())));
        }

        List<Opening> found() {
            Set<String> body = body();
            List<Opening> all = new ArrayList<>();
            for (Ring ring : shut.rings()) {
                boolean isSewn = ring.corners() > 0 && ring.girthMm() > SMALLEST_MM;
                if (isSewn && ring.layer() == Layer.SHELL && body.containsAll(ring.components())) {
                    place(ring)
                            .map(p -> opening(p, ring))
                            .filter(o -> !isTold(o, all))
                            .ifPresent(all::add);
                }
            }
            all.sort(Comparator.comparing(Opening::place).thenComparing(Opening::name));
            return all;
        }

        private static boolean isTold(Opening opening, List<Opening> all) {
            return all.stream()
                    .anyMatch(o -> o.place == opening.place
                            && o.name.equals(opening.name)
                            && Math.abs(o.girthMm - opening.girthMm) < 1);
        }

        /** The outer cloth that hangs together, the largest part of it. */
        private Set<String> body() {
            return shut.surfaces().stream()
                    .map(Topology.Surface::components)
                    .max(Comparator.comparingDouble(c -> c.stream()
                            .map(sewn::component)
                            .filter(p -> p.layer() == Layer.SHELL)
                            .mapToDouble(p -> p.outline().ring().areaMm2())
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
                case HEAD -> "edge at the head";
                case WAIST -> "waist";
                case HEM -> "hem";
                case SLEEVE_END -> side + "sleeve end";
                case LEG_END -> side + "leg end";
            };
            return new Opening(place, name, most(ring), ring, shut.narrowestMm(ring), opens, opens > 0 && shares > 1);
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

        private static String most(Ring ring) {
            return ring.runs().stream()
                    .max(Comparator.comparingDouble(Run::flatMm))
                    .orElseThrow()
                    .component();
        }

        private static String side(Ring ring) {
            Set<String> sides = new HashSet<>();
            ring.components()
                    .forEach(c -> SIDES.stream().filter(s -> says(c, s)).forEach(sides::add));
            return sides.size() == 1 ? sides.iterator().next() + " " : "";
        }

        private Optional<Place> place(Ring ring) {
            boolean hasSleeves = sewn.components().stream().anyMatch(c -> says(c.id(), "sleeve"));
            boolean isSleeve = begins(ring, "sleeve")
                    || ring.components().stream().anyMatch(c -> says(c, "sleeve") || hasSleeves && says(c, "cuff"));
            if (isSleeve) {
                return Optional.of(Place.SLEEVE_END);
            }
            if (begins(ring, "neck")
                    || ring.components().stream()
                            .anyMatch(c -> IN_NECKS.stream().anyMatch(n -> says(c, n)))) {
                return Optional.of(Place.NECK);
            }
            if (has("crown")) {
                return Optional.of(Place.HEAD);
            }
            if (begins(ring, "waist")
                    || begins(ring, "upper") && ring.components().stream().anyMatch(c -> says(c, "panel"))
                    || ring.components().stream().anyMatch(c -> says(c, "waistband"))) {
                return Optional.of(Place.WAIST);
            }
            boolean isHem = begins(ring, "hem")
                    || begins(ring, "lower") && ring.components().stream().anyMatch(c -> says(c, "panel"))
                    || ring.components().contains("hem-rib");
            return isHem ? Optional.of(has("inseam") ? Place.LEG_END : Place.HEM) : Optional.empty();
        }

        private static boolean begins(Ring ring, String word) {
            return ring.runs().stream().anyMatch(r -> r.edge().startsWith(word));
        }

        private boolean has(String edge) {
            return sewn.components().stream()
                            .flatMap(c -> c.outline().edges().stream())
                            .anyMatch(e -> e.name().startsWith(edge))
                    || sewn.components().stream().anyMatch(c -> c.id().startsWith(edge));
        }

        private static boolean says(String component, String word) {
            return List.of(component.split("[-#]")).contains(word);
        }
    }
}
