package org.handdown.assembly;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;

/** Where a join runs over seams that end in it, walked arc by arc along both of its sides. */
final class Crossings {
    private final Assembly assembly;
    private final Gluing gluing;
    private final int join;
    private final int[] partner;

    /** @param join its number */
    Crossings(Assembly assembly, Gluing gluing, int join, IntPredicate sewn) {
        this.assembly = assembly;
        this.gluing = gluing;
        this.join = join;
        this.partner = gluing.partners(i -> i != join && sewn.test(i), false);
    }

    private record Met(int one, int other) {}

    List<Crossing> found() {
        Join line = assembly.joins().get(join);
        if (line.isTurned()) {
            return turned(line);
        }
        List<Met> along = new ArrayList<>();
        for (Meeting m : line.meetings()) {
            List<Integer> one = gluing.on(m.one());
            List<Integer> other = gluing.on(m.other());
            for (int i = 0; i < Math.min(one.size(), other.size()); i++) {
                along.add(new Met(one.get(i), other.get(other.size() - 1 - i)));
            }
        }
        List<Crossing> all = new ArrayList<>();
        for (int i = 0; i < along.size(); i++) {
            Met here = along.get(i);
            Met next = along.get((i + 1) % along.size());
            List<String> one = new ArrayList<>();
            List<String> other = new ArrayList<>();
            boolean oneGoesOn = passed(here.one, next.one, one);
            boolean otherGoesOn = passed(next.other, here.other, other);
            // What is in two pieces still on one side has no seam there.
            boolean goesOn = along.size() > 1 && (oneGoesOn || otherGoesOn);
            if (goesOn && !(one.isEmpty() && other.isEmpty())) {
                all.add(new Crossing(line.name(), one, other, caught(here), false));
            }
        }
        return all;
    }

    /** A hem goes over every seam between two of its own stretches, in whatever order they are told. */
    private List<Crossing> turned(Join line) {
        Set<Integer> own = new HashSet<>();
        line.meetings().forEach(m -> own.addAll(gluing.on(m.one())));
        List<Crossing> all = new ArrayList<>();
        for (int a : own) {
            List<String> seams = new ArrayList<>();
            int at = gluing.next(a);
            while (!own.contains(at)
                    && partner[at] >= 0
                    && seams.size() <= assembly.joins().size()) {
                seams.add(gluing.nameOf(at, partner[at]));
                at = gluing.next(partner[at]);
            }
            if (own.contains(at) && !seams.isEmpty()) {
                all.add(new Crossing(line.name(), seams, List.of(), 0, true));
            }
        }
        return all;
    }

    /** Seams between the end of one arc and the start of another, if the one leads to the other. */
    private boolean passed(int from, int to, List<String> seams) {
        int at = gluing.next(from);
        while (at != to) {
            if (partner[at] < 0 || seams.size() > assembly.joins().size()) {
                seams.clear();
                return false;
            }
            seams.add(gluing.nameOf(at, partner[at]));
            at = gluing.next(partner[at]);
        }
        return true;
    }

    private int caught(Met met) {
        return gluing.caughtOn(met.one) + gluing.caughtOn(met.other);
    }
}
