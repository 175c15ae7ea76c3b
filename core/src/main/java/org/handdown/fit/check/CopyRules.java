package org.handdown.fit.check;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.handdown.fit.CopyId;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.fit.check.Finding.Rule;

/** Whether just the copies that are asked for are there, each once, and pinned ones where they are pinned. */
record CopyRules(FitProblem problem, Findings found) {
    void checkCopies(FitLayout layout) {
        Set<CopyId> seen = new HashSet<>();
        for (Placed placed : layout.placements()) {
            see(placed.id(), seen);
        }
        for (FitLayout.Unplaced unplaced : layout.unplaced()) {
            see(new CopyId(unplaced.piece(), unplaced.copy()), seen);
        }
        for (FitPiece piece : problem.pieces()) {
            for (int number = 0; number < piece.quantity(); number++) {
                CopyId copy = new CopyId(piece.id(), number);
                if (!seen.contains(copy)) {
                    found.add(
                            Rule.COPIES,
                            List.of(copy),
                            "",
                            copy.name() + " is neither placed nor listed as unplaced.",
                            0);
                }
            }
        }
    }

    private void see(CopyId copy, Set<CopyId> seen) {
        boolean isAskedFor = problem.pieces().stream()
                .anyMatch(p -> p.id().equals(copy.piece()) && copy.number() >= 0 && copy.number() < p.quantity());
        if (!isAskedFor) {
            found.add(Rule.COPIES, List.of(copy), "", copy.name() + " is not asked for.", 0);
        } else if (!seen.add(copy)) {
            found.add(Rule.COPIES, List.of(copy), "", copy.name() + " stands in the layout twice.", 0);
        }
    }

    void checkPinned(List<Placed> placements) {
        for (Placed pin : problem.pinned()) {
            if (!placements.contains(pin)) {
                found.add(
                        Rule.PINNED,
                        List.of(pin.id()),
                        pin.panel(),
                        pin.id().spoken() + " does not lie where it is pinned.",
                        0);
            }
        }
    }
}
