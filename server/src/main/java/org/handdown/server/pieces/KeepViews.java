package org.handdown.server.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.handdown.cloth.Cloth;
import org.handdown.measure.Wording;
import org.handdown.project.Workroom;
import org.handdown.reuse.Keeper;
import org.handdown.reuse.Use;
import org.handdown.reuse.Want;
import org.handdown.server.pieces.KeepView.KeeperView;
import org.handdown.server.pieces.KeepView.UseView;
import org.handdown.server.pieces.KeepView.WantView;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.handdown.source.graph.Join;

/** Keepers, wants and what serves what, as the page wants them. */
public final class KeepViews {
    private static final int MOST_REFUSALS = 6;

    /** What a household machine lifts its foot over (common practice, no source). */
    private static final double MACHINE_MM = 8;

    private final Workroom room;
    private final Say say;
    private final double clothMm;

    public KeepViews(Shown shown) {
        this.room = shown.room();
        this.say = shown.say();
        this.clothMm = room.ground().map(Cloth::thicknessMm).orElse(0.0);
    }

    public KeepView view() {
        List<Keeper> keepers = room.keepers();
        List<Want> wants = room.wants();
        List<Use> uses = room.uses();
        Set<String> used = new HashSet<>();
        uses.forEach(u -> u.keepers().forEach(k -> used.add(k.id())));
        return new KeepView(
                keepers.stream()
                        .filter(k -> isShown(k, keepers, used))
                        .map(k -> keeper(k, used.contains(k.id())))
                        .toList(),
                wants.stream().map(w -> want(w, keepers, uses)).toList(),
                uses.stream().mapToDouble(Use::valueMinutes).sum(),
                finish());
    }

    /** A rib still sewn on is one thing, however many edges it finishes: the part is listed, or the edges that live on with it. */
    private static boolean isShown(Keeper k, List<Keeper> all, Set<String> used) {
        List<Keeper> same =
                all.stream().filter(o -> o.thing().equals(k.thing())).toList();
        boolean onEdges = same.stream().anyMatch(o -> !o.edge().isEmpty() && used.contains(o.id()));
        boolean isPart = k.id().equals(k.thing());
        return same.stream().noneMatch(o -> o.id().equals(o.thing())) || (onEdges ? used.contains(k.id()) : isPart);
    }

    private KeeperView keeper(Keeper k, boolean used) {
        return new KeeperView(
                k.id(),
                k.name(),
                k.kind().words(),
                k.part(),
                k.edge(),
                k.lengthMm() == 0 ? "" : say.length(k.restMm()),
                k.stretch() == 0 ? "" : say.length(k.stretchedMm()),
                k.depthMm() == 0 ? "" : say.length(k.depthMm()),
                k.hold().words(),
                k.count(),
                k.kind().layers(),
                k.kind().finished(),
                crossing(k),
                used,
                k.condition());
    }

    private String crossing(Keeper k) {
        double mm = k.kind().crossingMm(clothMm);
        return mm <= MACHINE_MM
                ? ""
                : Wording.fill(
                        "A seam across it is %s thick: let seams miss it, or sew there by hand.",
                        say.thin(Math.rint(mm)));
    }

    private WantView want(Want want, List<Keeper> keepers, List<Use> uses) {
        UseView use = uses.stream()
                .filter(u -> u.want().equals(want))
                .findFirst()
                .map(u -> new UseView(
                        u.keepers().stream().map(Keeper::name).toList(),
                        u.savedMinutes(),
                        u.costMinutes(),
                        u.notes().stream().map(say::sentence).toList()))
                .orElse(null);
        List<String> refusals = new ArrayList<>();
        keepers.stream()
                .filter(k -> k.kind().serves(want.role()))
                .filter(k -> !want.isEdge()
                        || !k.edge().isEmpty()
                        || keepers.stream().noneMatch(o -> isEdgeOf(o, k)))
                .map(k -> Use.of(want, k))
                .filter(u -> !u.serves())
                .sorted(Comparator.comparingDouble(u -> -u.keepers().get(0).lengthMm()))
                .limit(MOST_REFUSALS)
                .forEach(u -> refusals.add(u.keepers().get(0).name() + ": " + say.sentence(u.refusal())));
        return new WantView(
                want.id(),
                want.name(),
                want.role().words(),
                !want.isEdge(),
                say.length(want.lengthMm()),
                use,
                refusals);
    }

    private static boolean isEdgeOf(Keeper edge, Keeper part) {
        return !edge.edge().isEmpty() && edge.thing().equals(part.thing());
    }

    /** New seams that show copy the old topstitching: distance from the edge and stitch length are common practice, no source. */
    private List<String> finish() {
        return room.anatomy().stream()
                .flatMap(a -> a.joins().stream())
                .filter(j -> j.traits().contains(Join.Trait.TOPSTITCHED))
                .map(j -> Wording.fill(
                        "As on the %s: %d row%s of %s, the first %s from the edge%s, stitches of %s on the machine’s dial, thread of"
                                + " the old colour.",
                        j.name(),
                        j.rows(),
                        j.rows() == 1 ? "" : "s",
                        j.stitch().words(),
                        say.thin(2),
                        j.rows() == 1 ? "" : ", the next " + say.thin(6) + " further in",
                        "3 mm"))
                .limit(2)
                .toList();
    }
}
