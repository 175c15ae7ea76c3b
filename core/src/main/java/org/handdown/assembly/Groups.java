package org.handdown.assembly;

import java.util.stream.IntStream;

/** Things by number, joined into groups: union and find with halved paths. */
final class Groups {
    private final int[] above;

    Groups(int size) {
        this.above = IntStream.range(0, size).toArray();
    }

    int of(int i) {
        int at = i;
        while (above[at] != at) {
            above[at] = above[above[at]];
            at = above[at];
        }
        return at;
    }

    void join(int a, int b) {
        above[of(a)] = of(b);
    }
}
