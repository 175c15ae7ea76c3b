package org.handdown.fit.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.fit.CopyId;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FitTolerance;
import org.handdown.fit.Repeat;
import org.handdown.fit.check.Finding.Rule;
import org.handdown.geometry.Box;
import org.handdown.measure.Wording;

/** What copies do to each other: overlaps, gaps, which way round they lie, patterns that meet. */
record PairRules(FitProblem problem, Findings found) {
    void checkHanded(List<Laid> laid) {
        for (FitPiece piece : problem.pieces()) {
            List<Laid> oneFaced = laid.stream()
                    .filter(l -> l.piece().id().equals(piece.id()) && !l.panel().reversible())
                    .toList();
            List<Laid> mirrored =
                    oneFaced.stream().filter(l -> l.placed().at().mirrored()).toList();
            List<Laid> asDrawn =
                    oneFaced.stream().filter(l -> !l.placed().at().mirrored()).toList();
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
        found.add(
                Rule.HANDED,
                at.stream().map(Laid::copy).toList(),
                at.get(0).panel().id(),
                message,
                0);
    }

    void checkPair(Laid a, Laid b) {
        if (!a.panel().id().equals(b.panel().id())) {
            return;
        }
        var box = a.ring().box();
        double reach = problem.gapMm();
        var near = new Box(box.minX() - reach, box.minY() - reach, box.maxX() + reach, box.maxY() + reach);
        if (!near.meets(b.ring().box())) {
            return;
        }
        double least = reach - FitTolerance.DEPTH_MM - Depth.ROUNDING;
        boolean overlap = Depth.deepIn(a.area(), b.area()) || Depth.deepIn(b.area(), a.area());
        double apart = overlap || least <= 0 ? 0 : a.area().distanceMm(b.area());
        List<CopyId> names = List.of(a.copy(), b.copy());
        if (overlap) {
            double by = Math.max(Depth.depthMm(a.area(), b.area()), Depth.depthMm(b.area(), a.area()));
            String message = Wording.fill("%s and %s overlap by %.1f mm.", a.called(), b.called(), by);
            found.add(Rule.OVERLAP, names, a.panel().id(), message, by);
        } else if (apart < least) {
            String message = Wording.fill("%s and %s lie %.1f mm too close.", a.called(), b.called(), least - apart);
            found.add(Rule.GAP, names, a.panel().id(), message, least - apart);
        }
    }

    void checkMatches(List<Laid> laid) {
        record Matched(Laid laid, Repeat repeat, double phase) {}
        Map<String, List<Matched>> groups = new HashMap<>();
        for (Laid one : laid) {
            for (FitPiece.Match match : one.piece().matches()) {
                one.panel().repeats().stream()
                        .filter(r -> r.id().equals(match.repeat()))
                        .findFirst()
                        .ifPresent(r -> groups.computeIfAbsent(match.group() + "\n" + r.id(), k -> new ArrayList<>())
                                .add(new Matched(
                                        one, r, r.phaseAtMm(one.placed().at().toPanel(match.point())))));
            }
        }
        groups.forEach((key, matched) -> {
            for (int i = 0; i < matched.size(); i++) {
                for (int j = i + 1; j < matched.size(); j++) {
                    Matched a = matched.get(i);
                    Matched b = matched.get(j);
                    double apart = a.repeat().apartMm(a.phase(), b.phase());
                    if (apart > FitTolerance.MATCH_MM + Depth.ROUNDING) {
                        found.add(
                                Rule.MATCH,
                                List.of(a.laid().copy(), b.laid().copy()),
                                a.laid().panel().id(),
                                Wording.fill(
                                        "%s and %s miss each other in the %s by %.1f mm at “%s”.",
                                        a.laid().called(),
                                        b.laid().called(),
                                        a.repeat().id(),
                                        apart,
                                        key.split("\n", 2)[0]),
                                apart - FitTolerance.MATCH_MM);
                    }
                }
            }
        });
    }
}
