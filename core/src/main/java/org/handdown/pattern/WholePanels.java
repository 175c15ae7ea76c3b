package org.handdown.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.fit.EdgeKind;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.Panel;
import org.jspecify.annotations.Nullable;

/**
 * Panels that are pieces as they are: sleeves that become a skirt, a leg that becomes a bag. Widths, lengths and wedges are read off
 * their old stitch lines; what cloth there is beyond these is the seam allowance. Sewn side to side they make a ring.
 *
 * @param gores in the order in which they are sewn together
 * @param isTurned what was up is down, so that the other end is the waist
 */
public record WholePanels(List<Gore> gores, boolean isTurned) {
    private static final int MOST = 24;
    private static final int LONGEST_MARK = 50;

    /** Narrower than this a seam does not hold, mm (common practice, no source). */
    public static final double LEAST_SEAM_MM = 5;

    private static final double WIDEST_SEAM_MM = 15;
    private static final double STEP_MM = 0.5;
    /** What rounding leaves outside. */
    private static final double HAIR_MM2 = 1;

    /** So much more than the body a waist or hip is to be (common practice, no source). */
    private static final double EASE_MM = 20;

    /**
     * One panel between its two sides.
     *
     * @param upperMm and {@code lowerMm}: from side to side at the ends of the sides, as it is worn
     * @param longMm between these
     * @param isFinished whether one of its sides is a hem, placket or selvedge
     * @param wedgeDeg how far the sides spread downwards; negative where they close
     * @param narrow edges with less cloth beyond the stitch line than a seam takes, with how much there is, mm
     */
    public record Gore(
            Panel panel,
            double upperMm,
            double lowerMm,
            double longMm,
            boolean isFinished,
            double wedgeDeg,
            Map<String, Double> narrow) {
        public Gore {
            narrow = Map.copyOf(narrow);
        }

        /** What its two side seams take because too little cloth is beyond them, mm. */
        double lostMm() {
            return narrow.values().stream()
                    .mapToDouble(there -> LEAST_SEAM_MM - there)
                    .sum();
        }
    }

    public WholePanels {
        gores = List.copyOf(gores);
    }

    /** @throws RefusedValueException where a panel has no two sides */
    public static WholePanels of(List<Panel> panels, boolean isTurned) {
        if (panels.isEmpty() || panels.size() > MOST) {
            throw new RefusedValueException("panels", Wording.fill("Choose from 1 to %d panels.", MOST));
        }
        return new WholePanels(panels.stream().map(p -> gore(p, isTurned)).toList(), isTurned);
    }

    private static Gore gore(Panel panel, boolean isTurned) {
        Outline line = panel.stitchLine();
        Box box = line.box();
        double middle = (box.minX() + box.maxX()) / 2;
        Optional<Edge> left = side(line, e -> middle - meanX(e));
        Optional<Edge> right = side(line, e -> meanX(e) - middle);
        if (left.isEmpty() || right.isEmpty()) {
            throw new RefusedValueException(
                    "panels", Wording.fill("The %s has no two sides that could be sewn to others.", panel.name()));
        }
        double top = Math.min(topY(left.get()), topY(right.get()));
        double bottom = Math.max(bottomY(left.get()), bottomY(right.get()));
        if (!(top - bottom > STEP_MM)) {
            throw new RefusedValueException(
                    "panels", Wording.fill("The sides of the %s are not beside each other.", panel.name()));
        }
        Ring ring = line.ring();
        double atTop = ring.widthAtMm(top - STEP_MM / 2);
        double atBottom = ring.widthAtMm(bottom + STEP_MM / 2);
        double upper = isTurned ? atBottom : atTop;
        double lower = isTurned ? atTop : atBottom;
        Map<String, Double> narrow = new HashMap<>();
        Map<String, Double> beyond = beyond(panel);
        for (Edge side : List.of(left.get(), right.get())) {
            double there = beyond.getOrDefault(side.name(), 0.0);
            if (there < LEAST_SEAM_MM && !isFinished(panel, side)) {
                narrow.put(side.name(), there);
            }
        }
        return new Gore(
                panel,
                upper,
                lower,
                top - bottom,
                isFinished(panel, left.get()) || isFinished(panel, right.get()),
                Math.toDegrees(2 * Math.atan((lower - upper) / 2 / (top - bottom))),
                narrow);
    }

    private static boolean isFinished(Panel panel, Edge edge) {
        return role(panel.kind(edge.name())).isPresent();
    }

    /** What an edge that lives on does for the new garment; nothing where it was cut beside a seam or a fold. */
    private static Optional<Role> role(EdgeKind kind) {
        return switch (kind) {
            case HEM, SELVEDGE, FRINGE, BINDING -> Optional.of(Role.HEM);
            case PLACKET -> Optional.of(Role.FRONT_EDGE);
            case ZIP -> Optional.of(Role.CLOSURE);
            case WAISTBAND -> Optional.of(Role.WAISTBAND);
            case CUFF -> Optional.of(Role.CUFF);
            case RIB, COLLAR -> Optional.of(Role.NECKBAND);
            case FOLD, SEAM, RAW -> Optional.empty();
        };
    }

    /** The longest of the upright edges on one half. */
    private static Optional<Edge> side(Outline line, ToDoubleFunction<Edge> outwards) {
        return line.edges().stream()
                .filter(e -> e.isUpright() && outwards.applyAsDouble(e) > 0)
                .max(Comparator.comparingDouble(Edge::lengthMm));
    }

    private static double meanX(Edge edge) {
        return edge.start().between(edge.end(), 0.5).x();
    }

    private static double topY(Edge edge) {
        return Math.max(edge.start().y(), edge.end().y());
    }

    private static double bottomY(Edge edge) {
        return Math.min(edge.start().y(), edge.end().y());
    }

    /** Cloth beyond each stitch line that the cut may take without leaving the panel, mm; nothing beyond a finished edge. */
    private static Map<String, Double> beyond(Panel panel) {
        Map<String, Double> all = new HashMap<>();
        for (Edge edge : panel.stitchLine().edges()) {
            double wide = panel.finishes().containsKey(edge.name()) ? 0 : WIDEST_SEAM_MM;
            while (wide > 0 && !lies(panel, Map.of(edge.name(), wide))) {
                wide -= STEP_MM;
            }
            all.put(edge.name(), Math.max(0, wide));
        }
        // Corners reach further than edges: all together a little less may fit.
        while (!lies(panel, all) && all.values().stream().anyMatch(mm -> mm > 0)) {
            all.replaceAll((edge, mm) -> Math.max(0, mm - STEP_MM));
        }
        return all;
    }

    private static boolean lies(Panel panel, Map<String, Double> amounts) {
        Ring cut = OffsetOutline.of(panel.stitchLine(), e -> amounts.getOrDefault(e.name(), 0.0))
                .ring();
        return Region.of(cut).minus(Region.of(panel.outline().ring())).areaMm2() <= HAIR_MM2;
    }

    public double upperMm() {
        return ring(Gore::upperMm);
    }

    public double lowerMm() {
        return ring(Gore::lowerMm);
    }

    private double ring(ToDoubleFunction<Gore> width) {
        return gores.stream()
                .mapToDouble(g -> width.applyAsDouble(g) - g.lostMm())
                .sum();
    }

    /** What they make together, and how that goes over a body. */
    public List<String> sentences(@Nullable Wearer wearer) {
        List<String> all = new ArrayList<>();
        double shortest = gores.stream().mapToDouble(Gore::longMm).min().orElse(0);
        double longest = gores.stream().mapToDouble(Gore::longMm).max().orElse(0);
        all.add(Wording.fill(
                "Sewn side to side they make a ring of %.0f mm above and %.0f mm below, %.0f mm long.",
                upperMm(), lowerMm(), shortest));
        if (longest - shortest > LEAST_SEAM_MM) {
            all.add(Wording.fill(
                    "Their sides differ by %.0f mm: pin the upper ends together and true the hem after it has hung.",
                    longest - shortest));
        }
        named(g -> !g.narrow().isEmpty())
                .ifPresent(which -> all.add(Wording.fill(
                        "Too little cloth lies beyond side seams of the %s: sewn %.0f mm inside the cut edge they take %.0f mm off the ring.",
                        which,
                        LEAST_SEAM_MM,
                        gores.stream().mapToDouble(Gore::lostMm).sum())));
        named(Gore::isFinished)
                .ifPresent(which -> all.add(Wording.fill(
                        "A side of the %s is finished: lap it over the next, or leave the ring open there.", which)));
        if (isTurned && gores.stream().anyMatch(g -> g.panel().cloth().oneWay())) {
            all.add("Its pile or print will stand on its head: stroke it before you decide.");
        }
        if (wearer != null) {
            over(wearer, all);
        }
        return all;
    }

    private Optional<String> named(Predicate<Gore> wanted) {
        List<String> names =
                gores.stream().filter(wanted).map(g -> g.panel().name()).toList();
        return names.isEmpty() ? Optional.empty() : Optional.of(String.join(", the ", names));
    }

    private void over(Wearer wearer, List<String> all) {
        Optional<Double> waist = wearer.find(BodyMeasure.WAIST).map(Wearer.Taken::mm);
        Optional<Double> hip = wearer.find(BodyMeasure.HIP).map(Wearer.Taken::mm);
        if (waist.isPresent() && upperMm() < waist.get() + EASE_MM) {
            all.add(Wording.fill(
                    "For the waist of %s, %.0f mm with %.0f mm of ease, %.0f mm are missing: one panel more, or a wedge in each seam.",
                    wearer.name(), waist.get(), EASE_MM, waist.get() + EASE_MM - upperMm()));
            return;
        }
        if (hip.isPresent() && upperMm() < hip.get() + EASE_MM) {
            all.add(Wording.fill(
                    "It does not go on over the hips of %s without an opening: %.0f mm are missing.",
                    wearer.name(), hip.get() + EASE_MM - upperMm()));
        }
        waist.ifPresent(w -> all.add(Wording.fill(
                "At the waist of %s %.0f mm are to be gathered, pleated or drawn in by elastic.",
                wearer.name(), upperMm() - w - EASE_MM)));
    }

    /**
     * Each as a piece: cut where its cloth ends, sewn where it was sewn.
     *
     * @param roleOf what a cloth serves as, by its name
     */
    public List<Piece> pieces(Function<String, PieceCloth> roleOf) {
        List<Piece> all = new ArrayList<>();
        for (Gore gore : gores) {
            Panel panel = gore.panel();
            Map<String, Allowance> allowances = new HashMap<>();
            Map<String, EdgeWish> wishes = new HashMap<>();
            beyond(panel).forEach((edge, mm) -> allowances.put(edge, new Allowance(mm, "cloth beyond the old seam")));
            panel.stitchLine()
                    .edges()
                    .forEach(
                            e -> role(panel.kind(e.name())).ifPresent(role -> wishes.put(e.name(), EdgeWish.of(role))));
            all.add(new Piece(
                    id(panel),
                    panel.name(),
                    panel.stitchLine(),
                    allowances,
                    1,
                    false,
                    CutGrain.LENGTHWISE,
                    true,
                    wishes,
                    List.of(),
                    List.of(),
                    roleOf.apply(panel.cloth().name()),
                    List.of(),
                    Piece.Way.USUAL));
        }
        return all;
    }

    /** The panel's own mark, so that the same one taken again is the same piece. */
    private static String id(Panel panel) {
        String mark = panel.id()
                .toLowerCase(Locale.ROOT)
                .codePoints()
                .mapToObj(c -> c < 128 && Character.isLetterOrDigit(c) ? Character.toString(c) : "-")
                .collect(Collectors.joining());
        return "whole-" + mark.substring(0, Math.min(LONGEST_MARK, mark.length()));
    }
}
