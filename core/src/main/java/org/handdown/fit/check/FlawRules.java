package org.handdown.fit.check;

import java.util.List;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FitTolerance;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Motif;
import org.handdown.fit.check.Finding.Rule;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;

/** Holes, flaws, what is to be hidden, and motifs that are to be seen. */
record FlawRules(FitProblem problem, Findings found) {
    void checkHoles(Laid one) {
        for (Ring hole : one.panel().holes()) {
            checkKeptClear(one, hole, Rule.HOLE, "a hole");
        }
        for (FlawZone zone : one.panel().zones()) {
            if (zone.kind() == FlawZone.Kind.AVOID) {
                checkKeptClear(one, zone.outline(), Rule.AVOID, "the " + zone.named());
            }
        }
    }

    void checkKeptClear(Laid one, Ring ring, Rule rule, String what) {
        Region zone = Region.of(ring);
        double least = problem.marginMm() - FitTolerance.DEPTH_MM - Depth.ROUNDING;
        if (least > 0) {
            double by = least - one.area().distanceMm(zone);
            if (by > 0) {
                found.add(one, rule, Wording.fill("is %.1f mm too near %s.", by, what), by);
            }
        } else if (Depth.deepIn(one.area(), zone) || Depth.deepIn(zone, one.area())) {
            double by = Depth.depthMm(one.area(), zone);
            found.add(one, rule, Wording.fill("lies %.1f mm over %s.", by, what), by);
        }
    }

    void checkHide(Laid one) {
        List<FlawZone> hide = one.panel().zones().stream()
                .filter(z -> z.kind() == FlawZone.Kind.HIDE)
                .toList();
        if (hide.isEmpty()) {
            return;
        }
        Region hidden = Region.of(
                one.variant().hidden().stream().map(one.placed().at()::toPanel).toList());
        Region seen = one.area().minus(hidden);
        for (FlawZone zone : hide) {
            Region flaw = Region.of(zone.outline());
            if (Depth.deepIn(seen, flaw) || Depth.deepIn(flaw, seen)) {
                double by = Depth.depthMm(seen, flaw);
                found.add(
                        one,
                        Rule.HIDE,
                        Wording.fill("would show the %s: %.1f mm of it lie where the piece is seen.", zone.named(), by),
                        by);
            }
        }
    }

    /** The nearest motif of the wanted name is near enough to the spot of the piece. */
    void checkMotif(Laid one) {
        FitPiece.MotifWish wish = one.piece().motif();
        if (wish == null) {
            return;
        }
        boolean mirrored = one.placed().at().mirrored();
        String name = mirrored ? wish.partner() : wish.name();
        Point spot = one.placed().at().toPanel(wish.point());
        double apart = Double.POSITIVE_INFINITY;
        for (Motif motif : one.panel().motifs()) {
            apart = motif.name().equals(name) ? Math.min(apart, motif.centre().distanceMm(spot)) : apart;
        }
        double by = apart - wish.withinMm() - FitTolerance.DEPTH_MM - Depth.ROUNDING;
        if (by > 0) {
            String what = apart == Double.POSITIVE_INFINITY
                    ? Wording.fill("has no “%s” on this panel.", name)
                    : Wording.fill(
                            "has the “%s” %.1f mm off its spot; %.1f mm are allowed.", name, apart, wish.withinMm());
            found.add(one, Rule.MOTIF, what, apart == Double.POSITIVE_INFINITY ? 0 : by);
        }
    }
}
