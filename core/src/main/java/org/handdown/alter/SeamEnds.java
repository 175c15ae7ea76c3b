package org.handdown.alter;

import java.util.List;
import java.util.Optional;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Edge;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartId;

/** Where seams and ends lie: which joins are ends, and what a seam runs from and to. */
public final class SeamEnds {
    private SeamEnds() {}

    /** Is it where a part ends and can be turned up: a hem, or the end of a sleeve or body that only a lining is sewn to? */
    public static boolean isEnd(Anatomy anatomy, Join join) {
        if (join.finishedEdge()) {
            return true;
        }
        List<Join.Run> shell = join.runs().stream()
                .filter(r -> anatomy.part(r.part()).layer() == Layer.SHELL)
                .toList();
        boolean toLining = join.runs().size() == 2
                && shell.size() == 1
                && join.runs().stream().allMatch(r -> r.edge().equals("hem"));
        // Where the shell has a hem of its own, that is what is turned up.
        return toLining
                && anatomy.joins().stream()
                        .noneMatch(j -> j.finishedEdge() && j.runs().contains(shell.get(0)));
    }

    /** What lies where a seam begins and where it ends, as its edge is drawn: the names of the edges there. */
    public static List<String> endsOf(Anatomy anatomy, Join join) {
        List<Edge> edges = anatomy.part(join.runs().get(0).part()).outline().edges();
        for (int i = 0; i < edges.size(); i++) {
            if (edges.get(i).name().equals(join.runs().get(0).edge())) {
                return List.of(
                        TakeIn.words(edges.get((i + edges.size() - 1) % edges.size())),
                        TakeIn.words(edges.get((i + 1) % edges.size())));
            }
        }
        return List.of();
    }

    /** The other side's name for a part or join; empty where it has no side. */
    public static Optional<String> partner(String id) {
        return new PartId(id).partner().map(PartId::text);
    }
}
