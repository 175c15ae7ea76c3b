package org.handdown.shortage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.handdown.geometry.Box;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.change.LeaveOut;
import org.handdown.pattern.change.Lengthen;
import org.handdown.pattern.change.Piecing;
import org.handdown.pattern.draft.Dimension;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.DraftOrder;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.jspecify.annotations.Nullable;

/** What the pattern allows: a shorter piece, another left out, one size less, a piece made out of two. */
record PatternRemedies(Attempts attempts) {
    /** No garment is shortened by more of a piece's length than this without being another garment (common practice, no source). */
    private static final double MOST_SHORTER = 0.15;

    private static final double MOST_SHORTER_MM = 120;
    /** From one size to the next girths grow by 4 cm (EN 13402-3, from memory). */
    private static final double SIZE_STEP_MM = 40;
    /** Piecing lines that are tried, the shortest seam first. */
    private static final int MOST_LINES = 12;

    void find() {
        shorter();
        leaveOut();
        smaller();
        pieced();
    }

    /** The piece and all that is sewn to it along an upright edge, so that the seams still agree. */
    private List<String> together() {
        Set<String> pieces = new java.util.LinkedHashSet<>(List.of(attempts.piece()));
        for (DesignSeam seam : attempts.design().seams()) {
            List<DesignSeam.Side> sides = new ArrayList<>(seam.one());
            sides.addAll(seam.other());
            boolean upright = sides.stream()
                    .allMatch(s -> attempts.design()
                            .find(s.piece())
                            .map(p -> p.stitchLine().edge(s.edge()).isUpright())
                            .orElse(false));
            if (upright && sides.stream().anyMatch(s -> s.piece().equals(attempts.piece()))) {
                sides.forEach(s -> pieces.add(s.piece()));
            }
        }
        return List.copyOf(pieces);
    }

    private void shorter() {
        Box box = attempts.whole().stitchLine().box();
        double most = Math.min(MOST_SHORTER_MM, Math.floor(MOST_SHORTER * box.heightMm()));
        List<String> pieces = together();
        @Nullable Project best = null;
        double low = 0;
        double high = most;
        // From the most that is thinkable down to the least that helps, to 1 mm.
        for (double by = most;
                high - low >= 1 && by >= 1 && !attempts.isCancelled();
                by = Math.floor((low + high) / 2)) {
            Project shorter = shortened(pieces, by);
            Project laid = shorter == null ? null : attempts.laid(shorter).orElse(null);
            if (laid == null) {
                if (by == most) {
                    return;
                }
                low = by;
            } else {
                best = laid;
                high = by;
            }
            if (high - low <= 1) {
                break;
            }
        }
        if (best != null) {
            Remedy remedy = new Remedy(
                    Remedy.Kind.SHORTER,
                    Wording.fill(
                            "Make the %s %.0f mm shorter.", Wording.spoken(String.join(" and the ", pieces)), high),
                    best);
            attempts.offer(remedy);
        }
    }

    /** Folded away wherever no corner of any of the pieces stands in the way; null where there is no such place. */
    private @Nullable Project shortened(List<String> pieces, double by) {
        Box box = attempts.whole().stitchLine().box();
        for (double share : new double[] {0.15, 0.25, 0.4, 0.55, 0.7, 0.05, 0.85}) {
            double at = share * box.heightMm();
            Project shorter = attempts.changed(List.of(new Lengthen("shorter, cloth is short", pieces, at, -by)));
            try {
                new Workroom(shorter).design();
                return shorter;
            } catch (RefusedValueException cornerInTheWay) {
                // The next height.
            }
        }
        return null;
    }

    private void leaveOut() {
        attempts.design().pieces().stream()
                .filter(p -> !p.required() && attempts.lying().containsKey(p.id()) && !p.id().equals(attempts.piece()))
                .sorted(Comparator.comparingDouble(p -> p.stitchLine().ring().areaMm2()))
                .forEach(p -> {
                    HashMap<String, Integer> wanted = attempts.wanted();
                    wanted.remove(p.id());
                    attempts.offer(
                            Remedy.Kind.LEAVE_OUT,
                            Wording.fill("Leave the %s out.", p.name()),
                            attempts.changed(List.of(new LeaveOut("without the " + p.name(), p.id()))),
                            wanted);
                });
    }

    /** The draft with the least room that it allows, where room is one of its free dimensions. */
    private void smaller() {
        List<DraftOrder> orders = attempts.pattern().orders();
        for (int i = 0; i < orders.size(); i++) {
            DraftOrder order = orders.get(i);
            for (Dimension d : Drafts.require(order.draft()).dimensions()) {
                boolean room = d.kind() == Dimension.Kind.LENGTH
                        && d.id().toLowerCase(Locale.ROOT).endsWith("ease");
                double now = order.choices().getOrDefault(d.id(), order.usual(d));
                double less = Math.max(d.least(), now - SIZE_STEP_MM);
                if (!room || less >= now - 1) {
                    continue;
                }
                HashMap<String, Double> choices = new HashMap<>(order.choices());
                choices.put(d.id(), less);
                List<DraftOrder> others = new ArrayList<>(orders);
                others.set(i, order.withChoices(choices));
                attempts.offer(
                        Remedy.Kind.SMALLER,
                        Wording.fill(
                                "One size smaller: %s %.0f mm instead of %.0f mm.",
                                d.words().toLowerCase(Locale.ROOT), less, now),
                        attempts.project().withPieces(attempts.pattern().withOrders(others)),
                        attempts.wanted());
            }
        }
    }

    private void pieced() {
        boolean kept = attempts.pattern().orders().stream()
                .anyMatch(o -> Drafts.require(o.draft()).whole().contains(attempts.piece()));
        if (kept) {
            return;
        }
        int offers = 0;
        List<Piecing> lines = PiecingLines.of(attempts.whole());
        for (Piecing line : lines.subList(0, Math.min(MOST_LINES, lines.size()))) {
            Design split;
            try {
                split = line.on(attempts.design());
            } catch (RefusedValueException tooNear) {
                continue;
            }
            HashMap<String, Integer> wanted = attempts.lying();
            wanted.remove(attempts.piece());
            split.pieces().stream()
                    .filter(p -> attempts.design().find(p.id()).isEmpty())
                    .forEach(p -> wanted.put(p.id(), p.quantity()));
            if (attempts.offer(Remedy.Kind.PIECED, capital(line.words()) + ".", attempts.changed(List.of(line)), wanted)
                    && ++offers == 2) {
                return;
            }
        }
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
