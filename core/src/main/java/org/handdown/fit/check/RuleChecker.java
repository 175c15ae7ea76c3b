package org.handdown.fit.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FitTolerance;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Motif;
import org.handdown.fit.PanelRun;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.fit.Repeat;
import org.handdown.fit.check.Finding.Rule;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * Judges a layout against every rule of docs/formats/fit-format.md. Works on the exact outlines by overlay and distance, never by
 * no-fit polygons, so that it cannot share a mistake with the fitter. An empty list of findings means the lay is sound.
 */
public final class RuleChecker {
    /** Rounding only. */
    private static final double ROUNDING = 1e-6;

    private final FitProblem problem;
    private final Map<String, FitPanel> panels = new HashMap<>();
    private final Map<String, FitPiece> pieces = new HashMap<>();
    private final List<Finding> findings = new ArrayList<>();

    private RuleChecker(FitProblem problem) {
        this.problem = problem;
        problem.panels().forEach(p -> panels.put(p.id(), p));
        problem.pieces().forEach(p -> pieces.put(p.id(), p));
    }

    /** A placed copy with its outline in the panel frame. */
    private record Laid(
            Placed placed, FitPiece piece, FitPiece.Variant variant, FitPanel panel, Ring ring, Region area) {
        String name() {
            return placed.piece() + "#" + placed.copy();
        }

        /** As a person would call it. */
        String called() {
            String words = placed.piece().replace('-', ' ');
            return piece.quantity() == 1 ? words : words + " " + (placed.copy() + 1);
        }
    }

    /** Judges a whole layout, the list of unplaced copies included. */
    public static List<Finding> check(FitProblem problem, FitLayout layout) {
        RuleChecker checker = new RuleChecker(problem);
        checker.checkCopies(layout);
        checker.checkPlacements(layout.placements());
        checker.checkPinned(layout.placements());
        return List.copyOf(checker.findings);
    }

    /** Judges placements alone, whatever else is still unplaced: for a piece that a hand is moving. */
    public static List<Finding> check(FitProblem problem, List<Placed> placements) {
        RuleChecker checker = new RuleChecker(problem);
        checker.checkPlacements(placements);
        return List.copyOf(checker.findings);
    }

    private void checkPlacements(List<Placed> placements) {
        List<Laid> laid = new ArrayList<>();
        for (Placed placed : placements) {
            Laid known = resolve(placed);
            if (known != null) {
                laid.add(known);
            }
        }
        for (Laid one : laid) {
            checkCloth(one);
            checkGrain(one);
            checkEdges(one);
            checkHoles(one);
            checkHide(one);
            checkMotif(one);
        }
        checkHanded(laid);
        for (int i = 0; i < laid.size(); i++) {
            for (int j = i + 1; j < laid.size(); j++) {
                checkPair(laid.get(i), laid.get(j));
            }
        }
        checkMatches(laid);
    }

    private @Nullable Laid resolve(Placed placed) {
        FitPiece piece = pieces.get(placed.piece());
        FitPanel panel = panels.get(placed.panel());
        var variant = piece == null
                ? null
                : piece.variants().stream()
                        .filter(v -> v.id().equals(placed.variant()))
                        .findFirst()
                        .orElse(null);
        if (piece == null || panel == null || variant == null) {
            String what = piece == null
                    ? "piece " + placed.piece()
                    : panel == null ? "panel " + placed.panel() : "variant " + placed.variant();
            add(
                    Rule.KNOWN,
                    List.of(placed.piece() + "#" + placed.copy()),
                    placed.panel(),
                    "There is no " + what + ".",
                    0);
            return null;
        }
        Ring ring = placed.at().toPanel(variant.outline());
        return new Laid(placed, piece, variant, panel, ring, Region.of(ring));
    }

    private void checkCopies(FitLayout layout) {
        Set<String> seen = new HashSet<>();
        for (Placed placed : layout.placements()) {
            seeCopy(placed.piece(), placed.copy(), seen);
        }
        for (FitLayout.Unplaced unplaced : layout.unplaced()) {
            seeCopy(unplaced.piece(), unplaced.copy(), seen);
        }
        for (FitPiece piece : problem.pieces()) {
            for (int copy = 0; copy < piece.quantity(); copy++) {
                if (!seen.contains(piece.id() + "#" + copy)) {
                    String name = piece.id() + "#" + copy;
                    add(Rule.COPIES, List.of(name), "", name + " is neither placed nor listed as unplaced.", 0);
                }
            }
        }
    }

    private void seeCopy(String id, int copy, Set<String> seen) {
        FitPiece piece = pieces.get(id);
        String name = id + "#" + copy;
        if (piece == null || copy < 0 || copy >= piece.quantity()) {
            add(Rule.COPIES, List.of(name), "", name + " is not asked for.", 0);
        } else if (!seen.add(name)) {
            add(Rule.COPIES, List.of(name), "", name + " stands in the layout twice.", 0);
        }
    }

    private void checkCloth(Laid one) {
        if (!one.piece.cloths().isEmpty() && !one.piece.cloths().contains(one.panel.cloth())) {
            add(
                    Rule.CLOTH,
                    one,
                    Wording.fill(
                            "may be cut from %s only; this panel is %s.",
                            String.join(" or ", one.piece.cloths()), one.panel.cloth()),
                    0);
        }
    }

    private void checkGrain(Laid one) {
        // Angle from the cloth's lengthwise grain to the piece's own, which is drawn along +y.
        double off = Placement.turnBetweenDeg(
                one.panel.grainDeg(), 90 + one.placed.at().rotation());
        double straight = Math.abs(off);
        double round = 180 - straight;
        double across = Math.abs(90 - straight);
        double bias = Math.abs(45 - straight);
        double biasRound = Math.abs(135 - straight);
        boolean oneWay = one.panel.oneWay();
        double lengthwise = oneWay ? straight : Math.min(straight, round);
        double error = switch (one.piece.grain()) {
            case LENGTHWISE -> lengthwise;
            case CROSSWISE -> across;
            case EITHER -> Math.min(lengthwise, across);
            case BIAS -> oneWay ? bias : Math.min(bias, biasRound);
            case ANY -> 0;
        };
        double over = error - one.piece.grainToleranceDeg();
        if (over > ROUNDING) {
            boolean pile =
                    oneWay && one.piece.grain() == PieceGrain.LENGTHWISE && round <= one.piece.grainToleranceDeg();
            add(
                    Rule.GRAIN,
                    one,
                    pile
                            ? "lies the other way up: the pile forbids it."
                            : Wording.fill(
                                    "is %.1f° off its grain; %.1f° are allowed.", error, one.piece.grainToleranceDeg()),
                    over);
        }
    }

    /** Inside the panel, margin kept, and the anchor on its finished edge. */
    private void checkEdges(Laid one) {
        Ring outline = one.panel.outline();
        Region panel = Region.of(outline);
        if (!panel.covers(one.area)
                && !panel.grown(FitTolerance.DEPTH_MM + ROUNDING).covers(one.area)) {
            double by = outsideByMm(one.area, panel);
            add(Rule.PANEL, one, Wording.fill("reaches %.1f mm past the edge of the cloth.", by), by);
        }
        var anchor = one.variant.anchor();
        if (anchor == null) {
            List<Point> closed = new ArrayList<>(outline.points());
            closed.add(outline.at(0));
            checkMargin(one, closed);
            return;
        }
        List<Point> run = anchoredRun(one, anchor);
        List<PanelRun> kinds = one.panel.edges().stream()
                .filter(e -> anchor.takes(one.panel.id(), e))
                .toList();
        List<PanelRun> onIt = kinds.stream()
                .filter(e -> Region.along(outline.run(e.from(), e.to()), FitTolerance.ANCHOR_MM + 0.003)
                        .coversLine(run))
                .toList();
        if (onIt.isEmpty()) {
            add(
                    Rule.ANCHOR,
                    one,
                    Wording.fill(
                            "must lie with that edge on a %s, within 1 mm all along.",
                            anchor.on().stream()
                                    .map(EdgeKind::word)
                                    .sorted()
                                    .reduce((a, b) -> a + " or " + b)
                                    .orElse("")),
                    0);
            return;
        }
        if (onIt.stream().noneMatch(e -> marginShortMm(one, outline.run(e.to(), e.from())) <= 0)) {
            checkMargin(one, outline.run(onIt.get(0).to(), onIt.get(0).from()));
        }
    }

    private static List<Point> anchoredRun(Laid one, FitPiece.Anchor anchor) {
        return one.variant.outline().run(anchor.from(), anchor.to()).stream()
                .map(one.placed.at()::toPanel)
                .toList();
    }

    private double marginShortMm(Laid one, List<Point> line) {
        double least = problem.marginMm() - FitTolerance.DEPTH_MM - ROUNDING;
        return least <= 0 ? 0 : Math.max(0, least - one.area.distanceToLineMm(line));
    }

    private void checkMargin(Laid one, List<Point> line) {
        double by = marginShortMm(one, line);
        if (by > 0) {
            add(Rule.MARGIN, one, Wording.fill("is %.1f mm too near the edge of the cloth.", by), by);
        }
    }

    private void checkHoles(Laid one) {
        for (Ring hole : one.panel.holes()) {
            checkKeptClear(one, hole, Rule.HOLE, "a hole");
        }
        for (FlawZone zone : one.panel.zones()) {
            if (zone.kind() == FlawZone.Kind.AVOID) {
                checkKeptClear(one, zone.outline(), Rule.AVOID, "the " + zone.named());
            }
        }
    }

    private void checkKeptClear(Laid one, Ring ring, Rule rule, String what) {
        Region zone = Region.of(ring);
        double least = problem.marginMm() - FitTolerance.DEPTH_MM - ROUNDING;
        if (least > 0) {
            double by = least - one.area.distanceMm(zone);
            if (by > 0) {
                add(rule, one, Wording.fill("is %.1f mm too near %s.", by, what), by);
            }
        } else if (deepIn(one.area, zone) || deepIn(zone, one.area)) {
            double by = depthMm(one.area, zone);
            add(rule, one, Wording.fill("lies %.1f mm over %s.", by, what), by);
        }
    }

    private void checkHide(Laid one) {
        List<FlawZone> hide = one.panel.zones().stream()
                .filter(z -> z.kind() == FlawZone.Kind.HIDE)
                .toList();
        if (hide.isEmpty()) {
            return;
        }
        Region hidden = Region.of(
                one.variant.hidden().stream().map(one.placed.at()::toPanel).toList());
        Region seen = one.area.minus(hidden);
        for (FlawZone zone : hide) {
            Region flaw = Region.of(zone.outline());
            if (deepIn(seen, flaw) || deepIn(flaw, seen)) {
                double by = depthMm(seen, flaw);
                add(
                        Rule.HIDE,
                        one,
                        Wording.fill("would show the %s: %.1f mm of it lie where the piece is seen.", zone.named(), by),
                        by);
            }
        }
    }

    /** The nearest motif of the wanted name is near enough to the spot of the piece. */
    private void checkMotif(Laid one) {
        FitPiece.MotifWish wish = one.piece.motif();
        if (wish == null) {
            return;
        }
        boolean mirrored = one.placed.at().mirrored();
        String name = mirrored ? wish.partner() : wish.name();
        Point spot = one.placed.at().toPanel(wish.point());
        double apart = Double.POSITIVE_INFINITY;
        for (Motif motif : one.panel.motifs()) {
            apart = motif.name().equals(name) ? Math.min(apart, motif.centre().distanceMm(spot)) : apart;
        }
        double by = apart - wish.withinMm() - FitTolerance.DEPTH_MM - ROUNDING;
        if (by > 0) {
            String what = apart == Double.POSITIVE_INFINITY
                    ? Wording.fill("has no “%s” on this panel.", name)
                    : Wording.fill(
                            "has the “%s” %.1f mm off its spot; %.1f mm are allowed.", name, apart, wish.withinMm());
            add(Rule.MOTIF, one, what, apart == Double.POSITIVE_INFINITY ? 0 : by);
        }
    }

    private void checkPinned(List<Placed> placements) {
        for (Placed pin : problem.pinned()) {
            if (!placements.contains(pin)) {
                String words = pin.piece().replace('-', ' ') + " " + (pin.copy() + 1);
                add(
                        Rule.PINNED,
                        List.of(pin.piece() + "#" + pin.copy()),
                        pin.panel(),
                        words + " does not lie where it is pinned.",
                        0);
            }
        }
    }

    private void checkHanded(List<Laid> laid) {
        for (FitPiece piece : problem.pieces()) {
            List<Laid> oneFaced = laid.stream()
                    .filter(l -> l.piece.id().equals(piece.id()) && !l.panel.reversible())
                    .toList();
            List<Laid> mirrored =
                    oneFaced.stream().filter(l -> l.placed.at().mirrored()).toList();
            List<Laid> asDrawn =
                    oneFaced.stream().filter(l -> !l.placed.at().mirrored()).toList();
            int mostMirrored = piece.mostMirrored();
            int mostAsDrawn = piece.mostAsDrawn();
            if (mirrored.size() > mostMirrored) {
                addAll(
                        mirrored,
                        Wording.fill(
                                "%s: %d lie mirrored; of %d at most %d may.",
                                piece.id(), mirrored.size(), piece.quantity(), mostMirrored));
            }
            if (asDrawn.size() > mostAsDrawn) {
                addAll(
                        asDrawn,
                        Wording.fill(
                                "%s: %d lie as drawn; of %d at most %d may, the others are their mirror images.",
                                piece.id(), asDrawn.size(), piece.quantity(), mostAsDrawn));
            }
        }
    }

    private void addAll(List<Laid> at, String message) {
        add(Rule.HANDED, at.stream().map(Laid::name).toList(), at.get(0).panel.id(), message, 0);
    }

    private void checkPair(Laid a, Laid b) {
        if (!a.panel.id().equals(b.panel.id())) {
            return;
        }
        var box = a.ring.box();
        double reach = problem.gapMm();
        var near = new org.handdown.geometry.Box(
                box.minX() - reach, box.minY() - reach, box.maxX() + reach, box.maxY() + reach);
        if (!near.meets(b.ring.box())) {
            return;
        }
        double least = reach - FitTolerance.DEPTH_MM - ROUNDING;
        boolean overlap = deepIn(a.area, b.area) || deepIn(b.area, a.area);
        double apart = overlap || least <= 0 ? 0 : a.area.distanceMm(b.area);
        List<String> names = List.of(a.name(), b.name());
        if (overlap) {
            double by = Math.max(depthMm(a.area, b.area), depthMm(b.area, a.area));
            String message = Wording.fill("%s and %s overlap by %.1f mm.", a.called(), b.called(), by);
            add(Rule.OVERLAP, names, a.panel.id(), message, by);
        } else if (apart < least) {
            String message = Wording.fill("%s and %s lie %.1f mm too close.", a.called(), b.called(), least - apart);
            add(Rule.GAP, names, a.panel.id(), message, least - apart);
        }
    }

    private void checkMatches(List<Laid> laid) {
        record Matched(Laid laid, Repeat repeat, double phase) {}
        Map<String, List<Matched>> groups = new HashMap<>();
        for (Laid one : laid) {
            for (FitPiece.Match match : one.piece.matches()) {
                one.panel.repeats().stream()
                        .filter(r -> r.id().equals(match.repeat()))
                        .findFirst()
                        .ifPresent(r -> groups.computeIfAbsent(match.group() + "\n" + r.id(), k -> new ArrayList<>())
                                .add(new Matched(
                                        one, r, r.phaseAtMm(one.placed.at().toPanel(match.point())))));
            }
        }
        groups.forEach((key, matched) -> {
            for (int i = 0; i < matched.size(); i++) {
                for (int j = i + 1; j < matched.size(); j++) {
                    Matched a = matched.get(i);
                    Matched b = matched.get(j);
                    double apart = a.repeat.apartMm(a.phase, b.phase);
                    if (apart > FitTolerance.MATCH_MM + ROUNDING) {
                        add(
                                Rule.MATCH,
                                List.of(a.laid.name(), b.laid.name()),
                                a.laid.panel.id(),
                                Wording.fill(
                                        "%s and %s miss each other in the %s by %.1f mm at “%s”.",
                                        a.laid.called(), b.laid.called(), a.repeat.id(), apart, key.split("\n", 2)[0]),
                                apart - FitTolerance.MATCH_MM);
                    }
                }
            }
        });
    }

    /** Does any point of {@code a} lie deeper inside {@code b} than the tolerance? */
    private static boolean deepIn(Region a, Region b) {
        return a.box().meets(b.box())
                && a.intersection(b.grown(-FitTolerance.DEPTH_MM - ROUNDING)).areaMm2() > 1e-7;
    }

    /** Greatest distance of a point of {@code a} inside {@code b} to the outline of {@code b}, by bisection, to 0.01 mm. */
    private static double depthMm(Region a, Region b) {
        return bisect(
                Math.max(b.box().widthMm(), b.box().heightMm()) / 2,
                d -> !a.intersection(b.grown(-d)).isEmpty());
    }

    private static double outsideByMm(Region a, Region panel) {
        return bisect(
                Math.max(a.box().widthMm(), a.box().heightMm()) + panel.distanceMm(a),
                d -> !panel.grown(d).covers(a));
    }

    private static double bisect(double high, java.util.function.DoublePredicate more) {
        double low = 0;
        while (high - low > 0.01) {
            double middle = (low + high) / 2;
            if (more.test(middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    private void add(Rule rule, Laid one, String what, double by) {
        add(rule, List.of(one.name()), one.panel.id(), one.called() + " " + what, by);
    }

    private void add(Rule rule, List<String> copies, String panel, String message, double by) {
        findings.add(new Finding(rule, List.copyOf(copies), panel, message, by));
    }
}
