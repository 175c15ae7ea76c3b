package org.handdown.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.geometry.Box;
import org.handdown.measure.Wording;

/** What a change of a pattern brings with it elsewhere: sizes, seams, cloth. Lengths in mm in the sentences. */
public final class Consequences {
    private static final double TOLD_MM = 0.5;

    private Consequences() {}

    /** One after the other: pieces, sizes, seams, cloth; empty where nothing but names changed. */
    public static List<String> between(Design before, Design after) {
        List<String> all = new ArrayList<>();
        pieces(before, after, all);
        sizes(before, after, all);
        seams(before, after, all);
        cloth(before, after, all);
        return all;
    }

    private static void pieces(Design before, Design after, List<String> all) {
        for (Piece now : after.pieces()) {
            var old = before.find(now.id());
            if (old.isEmpty()) {
                all.add(Wording.fill("There is one more piece, the %s, cut %d.", now.name(), now.quantity()));
                continue;
            }
            Box was = old.get().cutLine().ring().box();
            Box is = now.cutLine().ring().box();
            if (Math.abs(was.widthMm() - is.widthMm()) > TOLD_MM
                    || Math.abs(was.heightMm() - is.heightMm()) > TOLD_MM) {
                all.add(Wording.fill(
                        "The %s is cut %.0f mm × %.0f mm instead of %.0f mm × %.0f mm.",
                        now.name(), is.widthMm(), is.heightMm(), was.widthMm(), was.heightMm()));
            }
        }
        before.pieces().stream()
                .filter(p -> after.find(p.id()).isEmpty())
                .forEach(p -> all.add(Wording.fill("The %s falls away.", p.name())));
    }

    private static void sizes(Design before, Design after, List<String> all) {
        List<Size.Finished> old = before.sizes();
        for (Size.Finished now : after.sizes()) {
            // Two drafts may have a size of one name each: the same one is that of the same pieces.
            old.stream()
                    .filter(o -> o.what().equals(now.what()))
                    .max(Comparator.comparingLong(o -> shared(o, now)))
                    .filter(o -> isAlone(old, now) || shared(o, now) > 0)
                    .filter(o -> Math.abs(o.finishedMm() - now.finishedMm()) > TOLD_MM)
                    .ifPresent(o -> all.add(Wording.fill(
                            "%s: %.0f mm instead of %.0f mm%s.",
                            capital(now.what()),
                            now.finishedMm(),
                            o.finishedMm(),
                            now.fits() ? "" : ", which no longer fits")));
        }
    }

    private static boolean isAlone(List<Size.Finished> all, Size.Finished one) {
        return all.stream().filter(o -> o.what().equals(one.what())).count() == 1;
    }

    /** How many pieces two sizes have in common. */
    private static long shared(Size.Finished one, Size.Finished other) {
        Set<String> pieces = one.size().terms().stream().map(Size.Term::piece).collect(Collectors.toSet());
        return other.size().terms().stream()
                .map(Size.Term::piece)
                .distinct()
                .filter(pieces::contains)
                .count();
    }

    private static void seams(Design before, Design after, List<String> all) {
        List<DesignSeam.Walk> old = before.walks();
        for (DesignSeam.Walk now : after.walks()) {
            // So do seams: the same one first, by name alone only where no other is called so.
            var alike = old.stream()
                    .filter(o -> o.seam().name().equals(now.seam().name()))
                    .toList();
            var was = alike.size() == 1
                    ? alike.stream().findFirst()
                    : alike.stream()
                            .filter(o -> o.seam().one().equals(now.seam().one())
                                    && o.seam().other().equals(now.seam().other()))
                            .findFirst();
            boolean told = was.isEmpty()
                    || was.get().agrees() != now.agrees()
                    || Math.abs(was.get().differenceMm() - now.differenceMm()) > TOLD_MM;
            if (told) {
                all.add(Wording.fill("%s: %s.", capital(now.seam().name()), now.sentence()));
            }
        }
        old.stream()
                .filter(o -> after.seams().stream()
                        .noneMatch(s -> s.name().equals(o.seam().name())))
                .forEach(o -> all.add(
                        Wording.fill("%s is no longer sewn.", capital(o.seam().name()))));
    }

    private static void cloth(Design before, Design after, List<String> all) {
        for (Design.Need now : after.needs()) {
            double was = before.needs().stream()
                    .filter(n -> n.cloth() == now.cloth())
                    .mapToDouble(Design.Need::areaMm2)
                    .sum();
            double more = (now.areaMm2() - was) / 100;
            if (Math.abs(more) >= 1) {
                all.add(Wording.fill(
                        "%s cm² %s of %s.",
                        Math.round(Math.abs(more)),
                        more > 0 ? "more" : "less",
                        now.cloth().words()));
            }
        }
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
