package org.handdown.shortage;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.handdown.geometry.Region;
import org.handdown.measure.Wording;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Brought;
import org.handdown.project.Cloths;
import org.handdown.project.Project;

/**
 * What other cloth would take the piece: first what lies beside the source in the project already, then what the stash has.
 *
 * @param spare cloth that nobody has a claim on, each with a mark that is free in the project
 */
record OtherCloths(Attempts attempts, List<Brought.FlatSheet> spare) {
    /** So many things of the stash are offered; more are more of the same. */
    private static final int MOST_OF_THE_STASH = 2;

    void find() {
        besideTheSource();
        outOfTheStash();
    }

    private void besideTheSource() {
        PieceCloth role = attempts.whole().cloth();
        Project project = attempts.project();
        Cloths cloths = project.cloths();
        if (!role.isServed()) {
            return;
        }
        for (Brought b : cloths.brought()) {
            if (b.cloth() != null && !b.roles().contains(role)) {
                offer(Remedy.Kind.OTHER_SOURCE, b, project.withCloths(cloths.serving(b.id(), and(b.roles(), role))));
            }
        }
        if (project.source() != null && !cloths.own().contains(role)) {
            attempts.offer(
                    Remedy.Kind.OTHER_SOURCE,
                    Wording.fill(
                            "Let the %s be cut from the %s as well.",
                            attempts.whole().name(), project.source().name()),
                    project.withCloths(cloths.serving("", and(cloths.own(), role))),
                    attempts.wanted());
        }
    }

    private void outOfTheStash() {
        PieceCloth role = attempts.whole().cloth();
        if (!role.isServed()) {
            return;
        }
        int offered = 0;
        for (Brought.FlatSheet sheet : spare.stream()
                .sorted(Comparator.comparingDouble(
                        s -> Region.of(s.shape().outline()).areaMm2()))
                .toList()) {
            if (offered < MOST_OF_THE_STASH && !attempts.isCancelled()) {
                Cloths with = attempts.project().cloths().with(sheet.as(Set.of(role)));
                offered += offer(Remedy.Kind.STASH, sheet, attempts.project().withCloths(with)) ? 1 : 0;
            }
        }
    }

    private boolean offer(Remedy.Kind kind, Brought from, Project changed) {
        return attempts.offer(
                kind,
                Wording.fill(
                        "Cut the %s from the %s%s.",
                        attempts.whole().name(), from.name(), kind == Remedy.Kind.STASH ? " in the stash" : ""),
                changed,
                attempts.wanted());
    }

    private static Set<PieceCloth> and(Set<PieceCloth> roles, PieceCloth role) {
        Set<PieceCloth> all = EnumSet.of(role);
        all.addAll(roles);
        return all;
    }
}
